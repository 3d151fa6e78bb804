using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Commands;

/// <summary>Sets many cells of the prescription table at once, as a spreadsheet gives them; a cell that has its value already changes
/// nothing.</summary>
/// <param name="Cells">The cells, by the lines of the draft as it stands; at most <see cref="DraftWeight.MostCells"/>.</param>
public sealed record FillTable(Eq<SetCell> Cells) : Command
{
    private const int MostErrors = 50;

    /// <inheritdoc/>
    public override Answer<DraftEdits> Against(DraftToEdit draft)
    {
        var (text, errors) = Fill(draft.Read);
        return text is null ? errors[0] : DraftEdits.Between(draft.Read.Text, text);
    }

    /// <summary>The draft with every cell set, or every objection: <c>cells[3]</c>.</summary>
    public (string? Text, IReadOnlyList<FieldError> Errors) Fill(ReadDraft draft)
    {
        if (Cells.Count > DraftWeight.MostCells)
        {
            return (null, [new("cells", $"At most {DraftWeight.MostCells} cells at once; these are {Cells.Count}.")]);
        }

        var lines = WorkTree
            .Tasks(draft.Workout)
            .Select((t, i) => (t.At.Line, i))
            .DistinctBy(x => x.Line)
            .ToDictionary(x => x.Line, x => x.i);
        var errors = new List<FieldError>();
        for (var i = 0; i < Cells.Count; i++)
        {
            if (!lines.ContainsKey(Cells[i].Line))
            {
                Refuse(errors, i, "This cell is not in the draft any more.");
            }
        }

        // A value that is set for one division is inherited by others, whose cells may ask for another: as long as the chain of
        // divisions is, cells are looked at again.
        for (var pass = 0; pass == 0 || (pass <= draft.Competition.Divisions.Count && errors.Count == 0); pass++)
        {
            var before = draft;
            draft = Pass(draft, lines, errors);
            if (ReferenceEquals(before, draft))
            {
                break;
            }
        }

        return errors.Count > 0 ? (null, errors) : (draft.Text, []);
    }

    /// <summary>
    /// Sets every cell once. Lines move as lines are added above them, so tasks are found again by their position; cells of different
    /// tasks touch different lines, so each turn sets one cell of every task and reads the draft once.
    /// </summary>
    private ReadDraft Pass(ReadDraft draft, Dictionary<int, int> lines, List<FieldError> errors)
    {
        var waiting = Enumerable
            .Range(0, Cells.Count)
            .Where(i => lines.ContainsKey(Cells[i].Line))
            .GroupBy(i => lines[Cells[i].Line])
            .ToDictionary(g => g.Key, g => new Queue<int>(g));
        while (waiting.Count > 0 && errors.Count < MostErrors)
        {
            draft = Turn(draft, waiting, errors);
        }

        return draft;
    }

    private ReadDraft Turn(ReadDraft draft, Dictionary<int, Queue<int>> waiting, List<FieldError> errors)
    {
        var tasks = WorkTree.Tasks(draft.Workout).ToList();
        var edits = new List<Edit>();
        foreach (var (task, queue) in waiting.ToList())
        {
            var i = queue.Dequeue();
            if (queue.Count == 0)
            {
                waiting.Remove(task);
            }

            var cell = Cells[i] with { Line = tasks[task].At.Line };
            if (cell.Holds(draft))
            {
                continue;
            }

            var (edit, refusal) = cell.Change(draft);
            if (edit is null)
            {
                Refuse(errors, i, refusal!);
            }
            else
            {
                edits.Add(Edits.At(draft.Text, edit)!);
            }
        }

        return edits.Count == 0 ? draft : ReadDraft.Of(draft.Competition, Edits.Apply(draft.Text, [.. edits.OrderBy(e => e.From)]));
    }

    private static void Refuse(List<FieldError> errors, int cell, string sentence) => errors.Add(new($"cells[{cell}]", sentence));
}
