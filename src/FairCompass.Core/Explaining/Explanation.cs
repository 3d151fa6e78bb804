using System.Text.Json.Serialization;
using FairCompass.Core.Checks;
using FairCompass.Core.Courses;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Explaining;

/// <summary>Everything the drafting table shows of a draft.</summary>
/// <param name="Title">The first line.</param>
/// <param name="Text">The draft; for JSON input, the text it stands for.</param>
/// <param name="Tokens">Pieces to colour, in the order of the text.</param>
/// <param name="Findings">What is missing or contradictory, in the order of the text.</param>
/// <param name="Timeline">The hall clock, or null when it cannot be laid out.</param>
/// <param name="Pieces">The pieces of work.</param>
/// <param name="Ledgers">Every rep with running totals. Columns of equal counting share one.</param>
/// <param name="Grid">The prescription table.</param>
/// <param name="Scores">The scoring rules in sentences.</param>
/// <param name="Rulings">The bell and other rulings in sentences.</param>
/// <param name="Movements">The movements in the order of the text.</param>
/// <param name="Entries">Who runs as one entry: for cards and scores.</param>
/// <param name="Fingerprint">The printed code of this definition.</param>
public sealed record Explanation(
    string Title,
    string Text,
    Eq<Token> Tokens,
    Eq<Finding> Findings,
    Timeline? Timeline,
    Eq<PieceSummary> Pieces,
    Eq<LedgerView> Ledgers,
    Grid Grid,
    Eq<ScoreView> Scores,
    Eq<string> Rulings,
    Eq<MovementUse> Movements,
    Eq<GridColumn> Entries,
    string Fingerprint
)
{
    /// <summary>The card of each entry, for programs that fill one in; left out where nobody asked for it.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public IReadOnlyList<EntryCard>? Cards { get; init; }

    /// <summary>Lines of the clock and of the work as sentences, in the order of the text.</summary>
    public Eq<LineInWords> InWords { get; init; } = [];
}

/// <summary>A line of a draft as a sentence.</summary>
/// <param name="Line">From 1.</param>
/// <param name="Sentence">What it means.</param>
public sealed record LineInWords(int Line, string Sentence);

/// <summary>A piece of work.</summary>
/// <param name="Key">Its key in spans, ledgers, and cards.</param>
/// <param name="Label">Its name, or null.</param>
/// <param name="Goal">What for.</param>
/// <param name="InTimeLeft">True when it gets what the piece before leaves.</param>
/// <param name="Heaviest">True when the load, or a height that rises, is the result.</param>
/// <param name="Summary">The work in a few words.</param>
/// <param name="Line">The line that opens it.</param>
public sealed record PieceSummary(string Key, string? Label, Goal Goal, bool InTimeLeft, bool Heaviest, string Summary, int Line);

/// <summary>The ledger of one counter for all pieces and addresses that count alike.</summary>
/// <param name="Piece">The key of the first piece.</param>
/// <param name="Pieces">The keys of all pieces that it holds for.</param>
/// <param name="Name">The pieces and the counter in words; empty for the only one.</param>
/// <param name="For">Indices of grid columns.</param>
/// <param name="Tasks">The tasks, by index.</param>
/// <param name="Tables">The tables.</param>
/// <param name="Units">All units, or null without end.</param>
/// <param name="Credit">All credit, where it differs from the units; null otherwise.</param>
/// <param name="Reason">Why there are no tables; null when there are.</param>
public sealed record LedgerView(
    string Piece,
    Eq<string> Pieces,
    string Name,
    Eq<int> For,
    Eq<LedgerTask> Tasks,
    Eq<LedgerTable> Tables,
    long? Units,
    long? Credit,
    string? Reason
);

/// <summary>A task of a ledger.</summary>
/// <param name="Name">The movement.</param>
/// <param name="Unit">What one unit is: <c>rep</c>, <c>cal</c>, <c>m</c>, <c>ft</c>.</param>
/// <param name="Line">The line of the text.</param>
/// <param name="Worth">What the units are worth, in words; null where each counts one.</param>
public sealed record LedgerTask(string Name, string Unit, int Line, string? Worth);

/// <summary>The prescription table.</summary>
/// <param name="Columns">Division × duty.</param>
/// <param name="Rows">One for each value of each task.</param>
public sealed record Grid(Eq<GridColumn> Columns, Eq<GridRow> Rows);

/// <summary>A column of the prescription table, or an entry.</summary>
/// <param name="Division">The division.</param>
/// <param name="Duty">The duty, the place in the team, or the whole team; with the level where there are any.</param>
public sealed record GridColumn(string Division, string Duty);

/// <summary>A row of the prescription table.</summary>
/// <param name="Piece">The piece's key.</param>
/// <param name="Task">The task's index in the piece.</param>
/// <param name="Line">The task's line.</param>
/// <param name="Name">The movement as the task names it.</param>
/// <param name="Aspect"><c>amount</c>, <c>load</c>, <c>height</c>, or <c>movement</c>.</param>
/// <param name="Unit">The unit of the figures, or null when cells carry their own.</param>
/// <param name="Cells">One for each column.</param>
public sealed record GridRow(string Piece, int Task, int Line, string Name, string Aspect, string? Unit, Eq<GridCell> Cells);

/// <summary>A cell of the prescription table.</summary>
/// <param name="Text">What is printed; empty for nothing.</param>
/// <param name="Own">True when the value is written for this division.</param>
/// <param name="From">The division it comes from; null when it stands on the task.</param>
/// <param name="Line">Where it is written; 0 for a computed value.</param>
public sealed record GridCell(string Text, bool Own, string? From, int Line);

/// <summary>A scoring rule.</summary>
/// <param name="Label">Its name, or null.</param>
/// <param name="Line">The line of the text.</param>
/// <param name="Sentences">The rule in sentences: what holds for all once, what only some have with their names.</param>
public sealed record ScoreView(string? Label, int Line, Eq<string> Sentences);

/// <summary>A movement that is used.</summary>
/// <param name="Name">As the text writes it.</param>
/// <param name="Id">The id of its standard, or null when it has none.</param>
/// <param name="Line">Where it first stands.</param>
public sealed record MovementUse(string Name, string? Id, int Line);
