using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

/// <summary>What an entry of the lexicon is.</summary>
internal enum EntryKind
{
    /// <summary>A movement of the book, or one of one’s own.</summary>
    Movement,

    /// <summary>A unit.</summary>
    Unit,

    /// <summary>A number in words.</summary>
    Number,

    /// <summary>A word of the trade with a meaning that a rule knows.</summary>
    Key,

    /// <summary>A word that says nothing of a workout: <c>please</c>, <c>the</c>.</summary>
    Filler,
}

/// <summary>A word or phrase with its meaning.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Value">The movement as drafts write it, the unit, the number, or the meaning’s name.</param>
internal sealed record Entry(EntryKind Kind, string Value)
{
    /// <summary>What it can mean where the word alone does not decide; empty where it does.</summary>
    public Eq<string> Options { get; init; } = [];
}
