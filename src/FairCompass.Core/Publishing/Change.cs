using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Publishing;

/// <summary>What a change touches.</summary>
public enum Touches
{
    /// <summary>How many, how far, how high, which movement.</summary>
    Reps,

    /// <summary>A load.</summary>
    Loads,

    /// <summary>The clock.</summary>
    Clock,

    /// <summary>A standard or a policy.</summary>
    Standard,

    /// <summary>The scoring.</summary>
    Scoring,

    /// <summary>Words only.</summary>
    Words,
}

/// <summary>A difference in plain words.</summary>
/// <param name="Touches">What it touches.</param>
/// <param name="For">For whom: a division with its duty; null for all.</param>
/// <param name="What">What it is about: the movement, the score, the line.</param>
/// <param name="Before">What it was; empty when it is new.</param>
/// <param name="Now">What it is; empty when it is gone.</param>
public sealed record Change(Touches Touches, string? For, string What, string Before, string Now)
{
    /// <summary>The difference as a sentence: <c>Meadow, man: deadlift 65 → 60 kg</c>.</summary>
    public Said Sentence =>
        (
            $"{(For is null ? "" : For + ": ")}{What} "
                + $"{(Before.Length == 0 ? "new: " + Now : Now.Length == 0 ? "no longer: " + Before : $"{Before} → {Now}")}",
            $"{(For is null ? "" : For + ": ")}{What} "
                + $"{(Before.Length == 0 ? "nuevo: " + Now : Now.Length == 0 ? "ya no: " + Before : $"{Before} → {Now}")}"
        );
}

/// <summary>Everything that differs between two versions.</summary>
/// <param name="From">The code of the older one.</param>
/// <param name="To">The code of the newer one.</param>
/// <param name="Changes">The differences.</param>
/// <param name="Divisions">The divisions that a change names; empty when all are affected or nothing is.</param>
public sealed record Difference(string From, string To, Eq<Change> Changes, Eq<string> Divisions);
