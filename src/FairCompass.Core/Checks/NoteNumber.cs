using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A note or words in brackets name a number of reps, rounds or minutes that the work above them does not have.</summary>
public sealed class NoteNumber : ICheck
{
    /// <inheritdoc/>
    public string Id => "note-number";

    /// <inheritdoc/>
    public string Title => "A number in a note that is not the line’s";

    /// <inheritdoc/>
    public string Why => "Whoever reads the note does another number than whoever reads the line.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from note in WrittenNotes.Of(context)
        from said in NumbersInWords.Of(note.Text)
        let line = Against(note, said, context)
        where line is not null
        select new Report(
            note.At,
            $"The {(note.IsLine ? "note says" : "brackets say")} {said.Written}{(said.IsTime ? " minutes" : "")}, "
                + $"the {line.Of} {(line.Of == "cap" ? "is" : "says")} {line.Said}.",
            [
                .. InTheNote(context, note, said, said.Like(line.Value)),
                .. note.IsLine ? [] : context.Instead(note.At.Line, $" ({note.Text})", "", "Remove the brackets"),
                .. line.Of == "cap"
                    ? []
                    : context.Instead(line.At.Line, line.Said, Number.Normal(said.Value), $"Write {Number.Normal(said.Value)} in the line"),
            ]
        );

    /// <summary>Another number in its place among the words of the note, which may stand in the line before it too.</summary>
    private static Mend[] InTheNote(CheckContext context, WrittenNote note, NumberInWords said, string text)
    {
        var words = context.Lines[note.At.Line - 1].LastIndexOf(note.Text, StringComparison.Ordinal);
        return words < 0
            ? []
            :
            [
                new(
                    $"Write {text} in the {(note.IsLine ? "note" : "brackets")}",
                    new TextEdit(note.At.Line, words + said.At + 1, said.Written.Length, text)
                ),
            ];
    }

    private sealed record Other(string Of, string Said, decimal Value, SourceRange At);

    /// <summary>What the work says otherwise; null where it says the same, or nothing of the kind.</summary>
    private static Other? Against(WrittenNote note, NumberInWords said, CheckContext context) =>
        said.IsTime ? Time(note, said)
        : said.What is "round" ? Rounds(note, said)
        : Reps(note, said, context);

    private static Other? Time(WrittenNote note, NumberInWords said) =>
        said.IsCap && note.Window?.Time is { } cap && cap.Ms != said.Value * 60_000
            ? new("cap", cap.ToString(), cap.Ms / 60_000m, note.Window.At)
            : null;

    private static Other? Rounds(WrittenNote note, NumberInWords said)
    {
        var rounds = note.Of.OfType<Work.Rounds>().Where(r => r is { Times: not null, Others.Count: 0 }).ToList();
        return rounds.Count == 1 && rounds[0].Times != said.Value
            ? new("line", $"{rounds[0].Times}", rounds[0].Times!.Value, rounds[0].At)
            : null;
    }

    /// <summary>A number before the name of a movement: all numbers that its lines have, and their totals over the rounds, may stand
    /// there.</summary>
    private static Other? Reps(WrittenNote note, NumberInWords said, CheckContext context)
    {
        var book = StandardsBook.Of(context.Competition);
        if (said.What is not { Length: > 2 } word || book.Find(word) is not { } movement)
        {
            return null;
        }

        var tasks = note.Of.OfType<Work.Task>().Where(t => book.Find(t.Movement)?.Id == movement.Id).ToList();
        var numbers = tasks.SelectMany(t =>
            Numbers(t.Amount).Concat(t.Lines.OfType<TaskLine.Override>().SelectMany(o => Numbers(o.Amount)))
        );
        var loops = context.AllWork.OfType<Work.Rounds>().Select(r => r.Times).OfType<int>().ToList();
        return
            tasks is [{ Amount: Amount.Counted { Of.First: { IsConstant: true } own } }]
            && own.At(0) is { } value
            && !numbers.Any(n => n == said.Value || loops.Exists(k => n * k == said.Value))
            ? new("line", Number.Normal(value), value, tasks[0].At)
            : null;
    }

    private static IEnumerable<decimal> Numbers(Amount? amount) =>
        amount is Amount.Counted { Of: var of }
            ? new[] { of.First, of.Second }.OfType<Series>().SelectMany(s => s.Terms).Select(t => t.Value).OfType<decimal>()
            : [];
}
