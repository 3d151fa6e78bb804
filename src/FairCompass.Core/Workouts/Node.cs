using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Workouts;

/// <summary>What every line of a workout has besides its own meaning.</summary>
public abstract record Node
{
    /// <summary>Where the line stands in the draft; not part of the value.</summary>
    [JsonIgnore]
    public SourceRange At { get; init; }

    /// <summary>The text in brackets at the end of the line, printed with it; null when there is none.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Note { get; init; }
}
