using FairCompass.Core.Quantities;
using Riok.Mapperly.Abstractions;

namespace FairCompass.Core.Workouts;

/// <summary>
/// What every line of a workout has besides its own meaning. Two nodes are equal when they mean the same: where they stand and
/// which line they are is left out here, and nowhere else, so that a workout equals the same workout written with other spacing.
/// </summary>
public abstract record Node
{
    /// <summary>Which line it is; 0 in a text that stands alone. Not part of the meaning.</summary>
    [MapperIgnore]
    public NodeId Id { get; init; }

    /// <summary>Where the line stands in the draft. Not part of the meaning.</summary>
    [MapperIgnore]
    public SourceRange At { get; init; }

    /// <summary>Where the movement’s name stands, of a line that has one. Not part of the meaning.</summary>
    [MapperIgnore]
    public SourceRange NameAt { get; init; }

    /// <summary>The text in brackets at the end of the line, printed with it; null when there is none.</summary>
    public string? Note { get; init; }

    /// <summary>True when both mean the same, wherever they stand.</summary>
    public virtual bool Equals(Node? other) => other is not null && EqualityContract == other.EqualityContract && Note == other.Note;

    /// <inheritdoc/>
    public override int GetHashCode() => HashCode.Combine(EqualityContract, Note);
}
