using System.Text.Json.Serialization;
using FairCompass.Core.Kit;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards.Figures;

namespace FairCompass.Core.Briefing;

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
    Audience Audience,
    string Competition,
    string Title,
    string For,
    DateOnly Date,
    string Fingerprint,
    int Open,
    Eq<BriefSection> Sections
)
{
    /// <summary>The published version; null for a draft.</summary>
    public int? Version { get; init; }

    /// <summary>The language of every built-in word on it.</summary>
    public Language Language { get; init; }

    /// <summary>Whose Spanish it is, where it is Spanish.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public SpanishOf Spanish { get; init; }

    private Tongue Speaks => Tongue.Of(Language) with { Form = Spanish };

    /// <summary>The codes of the cards that are printed from it, one for each; empty for every other paper.</summary>
    public Eq<CardCode> Cards { get; init; }

    /// <summary>The posts that judges of one lane have, for a judge brief; empty where no line says so.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<int> Posts { get; init; }

    /// <summary>The post whose judge it is for; null for all.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public int? Post { get; init; }

    /// <summary>Every number of the sections with the id of the value in the model that it is printed from; empty unless
    /// <see cref="BriefOptions.Trace"/> asks for it.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<PrintedNumber> Numbers { get; init; }

    /// <summary>What the paper is called: <c>Judge brief</c>.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.Never)]
    public string Paper => Speaks.Say(PaperNames.Of(Audience));

    /// <summary>What it is a paper of: <c>Version 2</c>, or <c>Not published: a draft</c>.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.Never)]
    public string Status
    {
        get
        {
            var tongue = Speaks;
            var open =
                Open == 0
                    ? ""
                    : tongue.Say(
                        $" · {Open} {(Open == 1 ? "question" : "questions")} open",
                        $" · {Open} {(Open == 1 ? "pregunta abierta" : "preguntas abiertas")}"
                    );
            return (
                    Version is { } n
                        ? tongue.Say($"Version {n}", $"Versión {n}")
                        : tongue.Say("Not published: a draft", "No publicado: un borrador")
                ) + open;
        }
    }
}

/// <summary>A number on a paper and where it comes from.</summary>
/// <param name="From">
/// The id of the value: <c>stage/0</c>, <c>cell/7/load/Meadow woman</c>, <c>call/2</c>, <c>round/A/Meadow woman/3</c>,
/// <c>clause/pull-up/chin</c>, <c>score/A</c>, and so on; <c>form/…</c> for the row numbers of a blank form.
/// </param>
/// <param name="Text">As it is printed: <c>62.5</c>, <c>4:30</c>.</param>
public sealed record PrintedNumber(string From, string Text);

/// <summary>A section of a brief.</summary>
/// <param name="Id">Stable name of the section.</param>
/// <param name="Heading">Its heading.</param>
/// <param name="Blocks">Its contents.</param>
public sealed record BriefSection(string Id, string Heading, Eq<BriefBlock> Blocks)
{
    /// <summary>On a paper that has a part of its own for each entry, whose part it is; null where it is everybody’s.</summary>
    public string? Entry { get; init; }

    /// <summary>True for what stands behind page one, for who wants to read more; the first page stands alone.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public bool Behind { get; init; }
}

/// <summary>A row of a table.</summary>
public sealed record BriefRow(Eq<string> Cells);

/// <summary>A line with its indentation.</summary>
/// <param name="Level">From 0.</param>
/// <param name="Text">The words.</param>
public sealed record BriefLine(int Level, string Text);

/// <summary>A figure beside a standard.</summary>
/// <param name="Title">What is shown: a position, or the sign of a fault.</param>
/// <param name="Mark">For a fault and the good pose beside it the word that marks it, <c>no rep</c> or <c>good</c>; null for a
/// position.</param>
/// <param name="Good">False for a fault.</param>
/// <param name="Drawing">The drawing.</param>
public sealed record BriefFigure(string Title, string? Mark, bool Good, Drawing Drawing);

/// <summary>A block of a section.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Paragraph), "paragraph")]
[JsonDerivedType(typeof(Lines), "lines")]
[JsonDerivedType(typeof(Points), "points")]
[JsonDerivedType(typeof(Table), "table")]
[JsonDerivedType(typeof(StandardOf), "standard")]
[JsonDerivedType(typeof(Blanks), "blanks")]
[JsonDerivedType(typeof(Boxes), "boxes")]
[JsonDerivedType(typeof(Bars), "bars")]
public abstract record BriefBlock
{
    private BriefBlock() { }

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
    /// <param name="Who">For whom, in words, when not for all: <c>only Meadow</c>; else null.</param>
    /// <param name="Duty">For judges: where to stand and when to call, each with its heading; empty for others.</param>
    /// <param name="Rules">The clauses, with their phases.</param>
    /// <param name="FaultHead">Column headings of the faults.</param>
    /// <param name="Faults">What is seen, what is called, what the athlete must do.</param>
    public sealed record StandardOf(
        string Name,
        string? Who,
        Eq<BriefRow> Duty,
        Eq<BriefRow> Rules,
        Eq<string> FaultHead,
        Eq<BriefRow> Faults
    ) : BriefBlock
    {
        /// <summary>The drawn positions and, for judges, the typical faults, each after its good pose; empty where none were asked for or
        /// the movement has none.</summary>
        public Eq<BriefFigure> Figures { get; init; }
    }

    /// <summary>Bars drawn from the side, to scale, one after the other.</summary>
    public sealed record Bars(Eq<BarAt> Items) : BriefBlock;

    /// <summary>Rows of small boxes to cross off, one row a task, one box a round or a running total.</summary>
    /// <param name="Caption">Its title, or null.</param>
    /// <param name="Head">Column headings; the first is empty.</param>
    /// <param name="Rows">A task and its running totals; an empty cell has no box.</param>
    public sealed record Boxes(string? Caption, Eq<string> Head, Eq<BriefRow> Rows) : BriefBlock;
}
