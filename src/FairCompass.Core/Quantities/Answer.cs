namespace FairCompass.Core.Quantities;

/// <summary>What was asked for, or the field that is in its way.</summary>
/// <typeparam name="T">What was asked for.</typeparam>
public readonly struct Answer<T>
    where T : class
{
    private Answer(T? value, FieldError? refused) => (Value, Refused) = (value, refused);

    /// <summary>What was asked for; null when it was refused.</summary>
    public T? Value { get; }

    /// <summary>Why not; null when it was given.</summary>
    public FieldError? Refused { get; }

    /// <summary>Given.</summary>
    public static implicit operator Answer<T>(T value) => new(value, null);

    /// <summary>Refused.</summary>
    public static implicit operator Answer<T>(FieldError refused) => new(null, refused);
}
