using FairCompass.Core.Quantities;
using Riok.Mapperly.Abstractions;

namespace FairCompass.Core.Workouts;

/// <summary>What every line of a workout has besides its own meaning.</summary>
public abstract record Node
{
    /// <summary>Where the line stands in the draft; not part of the value.</summary>
    [MapperIgnore]
    public SourceRange At { get; init; }

    /// <summary>The text in brackets at the end of the line, printed with it; null when there is none.</summary>
    public string? Note { get; init; }
}
