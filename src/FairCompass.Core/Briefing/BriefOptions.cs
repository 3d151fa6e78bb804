using FairCompass.Core.Drafts;
using FairCompass.Core.Languages;
using FairCompass.Core.Measuring;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Briefing;

/// <summary>What a reader may choose about a paper. None of it changes what is said.</summary>
public sealed record BriefOptions
{
    /// <summary>English, without figures, one card.</summary>
    public static BriefOptions Usual { get; } = new();

    /// <summary>The language of every built-in word.</summary>
    public Language Language { get; init; }

    /// <summary>Whether figures stand beside the standards.</summary>
    public bool Figures { get; init; }

    /// <summary>Whether the paper carries where each of its numbers comes from.</summary>
    public bool Trace { get; init; }

    /// <summary>The fingerprint of the published version that is printed; null works out that of a draft.</summary>
    public Fingerprint? Published { get; init; }

    /// <summary>How many cards are printed of each entry on a lane card, 1 to <see cref="CardCode.Most"/>; each has a number of its
    /// own, and none is printed beyond <see cref="CardCode.Highest"/>.</summary>
    public int Cards { get; init; } = 1;

    /// <summary>The number of the first card, from 1.</summary>
    public int FirstCard { get; init; } = 1;

    /// <summary>The post of a lane whose judge reads the paper, from 1; null for all of them. One that the workout does not have is
    /// as none.</summary>
    public int? Post { get; init; }

    /// <summary>True for the head judge’s own copy of a judge brief: it ends with the notes of the checks that are open or that somebody
    /// lets stand. No other paper has them.</summary>
    public bool HeadJudge { get; init; }

    /// <summary>Whose card is printed; null leaves a blank for all that is known only on the day.</summary>
    public CardRun? Run { get; init; }

    /// <summary>Marks that were read, for the measurement sheet; empty leaves its rows blank.</summary>
    public Eq<Reading> Readings { get; init; }
}
