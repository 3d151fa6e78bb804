using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Briefing;

/// <summary>Who reads a brief.</summary>
public enum Audience
{
    /// <summary>Athletes, teams, coaches.</summary>
    Athlete,

    /// <summary>Lane judges.</summary>
    Judge,

    /// <summary>The caller: every call with its time, every fork.</summary>
    Caller,

    /// <summary>The floor crew: kit and plates for each lane.</summary>
    FloorCrew,

    /// <summary>The score desk: how the card becomes scores, with check sums.</summary>
    ScoreDesk,

    /// <summary>The card of a lane, blank where a person or lane is filled in.</summary>
    LaneCard,

    /// <summary>What is measured for each athlete.</summary>
    Measurement,

    /// <summary>What a video must show.</summary>
    Video,

    /// <summary>The workout large, for the wall.</summary>
    Poster,
}

/// <summary>A brief as it is printed.</summary>
/// <param name="Audience">For whom.</param>
/// <param name="Competition">The competition's name.</param>
/// <param name="Title">The workout's name.</param>
/// <param name="For">The divisions it is for, in words.</param>
/// <param name="Date">The day it was made.</param>
/// <param name="Fingerprint">The printed code of the definition.</param>
/// <param name="Open">How many findings must still be settled; 0 when none.</param>
/// <param name="Sections">The sections in order.</param>
public sealed record Brief(
    Audience Audience, string Competition, string Title, string For, DateOnly Date, string Fingerprint, int Open, Eq<BriefSection> Sections)
{
    /// <summary>The published version; null for a draft.</summary>
    public int? Version { get; init; }
}

/// <summary>A section of a brief.</summary>
/// <param name="Id">Stable name of the section.</param>
/// <param name="Heading">Its heading.</param>
/// <param name="Blocks">Its contents.</param>
public sealed record BriefSection(string Id, string Heading, Eq<BriefBlock> Blocks);

/// <summary>A row of a table.</summary>
public sealed record BriefRow(Eq<string> Cells);

/// <summary>A line with its indentation.</summary>
/// <param name="Level">From 0.</param>
/// <param name="Text">The words.</param>
public sealed record BriefLine(int Level, string Text);

/// <summary>A block of a section.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Paragraph), "paragraph")]
[JsonDerivedType(typeof(Lines), "lines")]
[JsonDerivedType(typeof(Points), "points")]
[JsonDerivedType(typeof(Table), "table")]
[JsonDerivedType(typeof(StandardOf), "standard")]
[JsonDerivedType(typeof(Blanks), "blanks")]
public abstract record BriefBlock
{
    private BriefBlock()
    {
    }

    /// <summary>Running text.</summary>
    public sealed record Paragraph(string Text) : BriefBlock;

    /// <summary>The workout line by line.</summary>
    public sealed record Lines(Eq<BriefLine> Items) : BriefBlock;

    /// <summary>A list of sentences.</summary>
    public sealed record Points(Eq<string> Items) : BriefBlock;

    /// <summary>Lines to fill in by hand.</summary>
    /// <param name="Labels">What each line is for.</param>
    public sealed record Blanks(Eq<string> Labels) : BriefBlock;

    /// <summary>A table; the first column is a heading.</summary>
    /// <param name="Caption">Its title, or null.</param>
    /// <param name="Head">Column headings.</param>
    /// <param name="Rows">The rows.</param>
    public sealed record Table(string? Caption, Eq<string> Head, Eq<BriefRow> Rows) : BriefBlock;

    /// <summary>The standard of a movement as this audience needs it.</summary>
    /// <param name="Name">The movement.</param>
    /// <param name="Who">The divisions that do it, or null when all do.</param>
    /// <param name="Place">For judges: where to stand; else null.</param>
    /// <param name="Call">For judges: when to call; else null.</param>
    /// <param name="Rules">The clauses, with their phases.</param>
    /// <param name="Faults">What is seen, what is called, what the athlete must do.</param>
    public sealed record StandardOf(string Name, string? Who, string? Place, string? Call, Eq<BriefRow> Rules, Eq<BriefRow> Faults) : BriefBlock;
}
