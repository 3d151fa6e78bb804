using FairCompass.Core.Quantities;

namespace FairCompass.Web.Hosting;

/// <summary>Choices that stand in an address by name. The framework takes numbers for names too; no number is one here.</summary>
public static class EnumInput
{
    /// <summary>Why a value is none of its choices; null when it is one, or missing.</summary>
    /// <typeparam name="T">The choices.</typeparam>
    public static FieldError? Objection<T>(string field, T? value)
        where T : struct, Enum =>
        value is { } given && !Enum.IsDefined(given) ? new(field, $"One of: {string.Join(", ", Enum.GetNames<T>())}.") : null;
}
