using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.LayingOut;
using FairCompass.Core.Notation;
using FairCompass.Core.Pacing;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Everything that was computed of a draft; checks only read it.</summary>
/// <param name="Competition">The competition.</param>
/// <param name="Workout">The model.</param>
/// <param name="Resolver">Resolves prescriptions.</param>
/// <param name="Prescribed">Every task for every column of the prescription table, with options and the rounds that a line names.</param>
/// <param name="Courses">One for each address.</param>
/// <param name="Sheets">The compiled scores, in the order of the courses.</param>
/// <param name="Lines">The lines of the draft, without line breaks.</param>
public sealed record CheckContext(
    Competition Competition,
    Workout Workout,
    Resolver Resolver,
    IReadOnlyList<PrescribedTask> Prescribed,
    IReadOnlyList<Course> Courses,
    IReadOnlyList<ScoreSheet> Sheets,
    IReadOnlyList<string> Lines
)
{
    /// <summary>What stands on the bars of each lane.</summary>
    public LaneBars Bars => LaneBars.Of(Prescribed, Competition, Workout, Courses);

    /// <summary>Where a value is marked <c>unset</c>, as the notation reads it; not in titles, notes and comments.</summary>
    public IReadOnlyList<SourceRange> Unset { get; init; } = [];

    /// <summary>The mend that empties a line; the lines behind it keep their numbers.</summary>
    /// <param name="line">From 1.</param>
    public Mend RemoveLine(int line) => new("Remove the line", new TextEdit(line, 1, Lines[line - 1].Length, ""));

    /// <summary>The mend that writes something else at a place.</summary>
    /// <param name="at">What is replaced.</param>
    /// <param name="text">What stands there then.</param>
    /// <param name="label">What the mend does; that it writes the text where it is null.</param>
    public static Mend Write(SourceRange at, string text, string? label = null) =>
        new(label ?? $"Write {text}", new TextEdit(at.Line, at.Column, at.Length, text));

    /// <summary>The mend that replaces a piece of a line; none where the line does not have it.</summary>
    /// <param name="line">From 1.</param>
    /// <param name="old">The piece, as it is written; its first place is meant.</param>
    /// <param name="text">What stands there then.</param>
    /// <param name="label">What the mend does.</param>
    public Mend[] Instead(int line, string old, string text, string label)
    {
        var at = Lines[line - 1].IndexOf(old, StringComparison.Ordinal);
        return at < 0 ? [] : [new(label, new TextEdit(line, at + 1, old.Length, text))];
    }

    /// <summary>The mend that takes a phrase with the comma before it away.</summary>
    /// <param name="at">The phrase.</param>
    public Mend[] WithoutPhrase(SourceRange at)
    {
        var phrase = LineText(at).Trim();
        return phrase.Length == 0 ? [] : Instead(at.Line, ", " + phrase, "", $"Remove “{phrase}”");
    }

    /// <summary>The mend that writes something at the end of a line, before a note in brackets.</summary>
    /// <param name="line">From 1.</param>
    /// <param name="text">With its comma.</param>
    /// <param name="label">What the mend does.</param>
    public Mend Added(int line, string text, string label)
    {
        var written = Lines[line - 1];
        var note = written.IndexOf(" (", StringComparison.Ordinal);
        return new(label, new TextEdit(line, (note < 0 ? written.TrimEnd().Length : note) + 1, 0, text));
    }

    /// <summary>The mend that writes lines behind a line.</summary>
    /// <param name="line">From 1.</param>
    /// <param name="text">The lines, with their indentation.</param>
    /// <param name="label">What the mend does.</param>
    public Mend Followed(int line, string text, string label) => new(label, new TextEdit(line, Lines[line - 1].Length + 1, 0, "\n" + text));

    /// <summary>The spaces before a line.</summary>
    /// <param name="line">From 1.</param>
    public string Indent(int line) => Lines[line - 1][..^Lines[line - 1].TrimStart().Length];

    /// <summary>Lines that were not understood: work may stand there, so nobody says that there is none.</summary>
    public IReadOnlyList<int> Holes { get; init; } = [];

    /// <summary>True where a line that was not understood stands under another.</summary>
    /// <param name="at">The line above.</param>
    public bool HasHoleUnder(SourceRange at) =>
        Holes.Any(hole =>
            hole > at.Line
            && hole <= Lines.Count
            && Enumerable.Range(at.Line, hole - at.Line).All(n => Deeper(Lines[n], Lines[at.Line - 1]))
        );

    /// <summary>True where a line that was not understood stands at the left edge: it may be a window, or a score.</summary>
    public bool HasHoleAtTheEdge => Holes.Any(hole => hole >= 1 && hole <= Lines.Count && !Lines[hole - 1].StartsWith(' '));

    private static bool Deeper(string line, string than) =>
        line.Trim().Length == 0 || line.Length - line.TrimStart().Length > than.Length - than.TrimStart().Length;

    /// <summary>Why nothing was worked out of the draft; null when it was.</summary>
    public string? TooLarge { get; init; }

    /// <summary>The written text of a place; empty when the place is not in the draft.</summary>
    public string LineText(SourceRange at) =>
        at.Line >= 1 && at.Line <= Lines.Count && at.Column - 1 + at.Length <= Lines[at.Line - 1].Length
            ? Lines[at.Line - 1].Substring(at.Column - 1, at.Length)
            : "";

    /// <summary>The paces that are expected: our estimates, and the competition’s own in their place.</summary>
    internal PaceTable Paces => paces ??= Competition.Paces.Count == 0 ? PaceTable.Usual : new(Competition.Paces);

    private PaceTable? paces;

    /// <summary>The pieces of work, whatever the division.</summary>
    public IReadOnlyList<PieceOfWork> Pieces { get; } = PieceOfWork.Of(Workout);

    /// <summary>Every task line of the text once.</summary>
    public IEnumerable<Work.Task> TaskLines => WorkTree.Tasks(Workout);

    /// <summary>The load that is written at a place, in a task or in a line of what differs; null where it cannot be rewritten in the
    /// competition’s unit: it is in another one, or one of two published figures.</summary>
    /// <param name="at">Where the detail stands.</param>
    public Detail.Load? LoadAt(SourceRange at) =>
        TaskLines
            .SelectMany(t => t.Details.Concat(t.Lines.OfType<TaskLine.Override>().SelectMany(o => o.Details)))
            .OfType<Detail.Load>()
            .FirstOrDefault(d => d.At.Line == at.Line && d.At.Column == at.Column)
            is { AlsoOf: null } load
        && load.Unit == Competition.Unit
            ? load
            : null;

    /// <summary>Every line of work once, outermost first.</summary>
    public IEnumerable<Work> AllWork => WorkTree.All(Workout);
}
