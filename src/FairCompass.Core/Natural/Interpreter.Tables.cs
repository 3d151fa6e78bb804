using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    /// <summary>A row of a table: the pieces of each cell.</summary>
    private sealed record Row(int Line, List<List<Piece>> Cells)
    {
        public List<Piece> Cell(int c) => c < Cells.Count ? Cells[c] : [];
    }

    /// <summary>Tasks by the number that stands before them in a list or table.</summary>
    private readonly Dictionary<int, TaskItem> numbered = [];

    /// <summary>Reads a table that begins at a line; gives the line behind it, or the same where none begins.</summary>
    private int Table(int from)
    {
        var to = from;
        while (to < lines.Length && IsRow(lines[to]))
        {
            to++;
        }

        if (to - from < 2)
        {
            return from;
        }

        var rows = Enumerable.Range(from, to - from).Where(i => !IsRuler(lines[i])).Select(RowAt).ToList();
        (scope, section, rowsCounted) = (Scope.All, Section.Work, 0);
        var head = rows.FindIndex(r => r.Cells.Count(c => WhomOf(c) is not null) >= 2);
        var columns = head >= 0 ? rows[head].Cells.Select(WhomOf).ToList() : [];
        var kits = head < 0 ? rows.FindIndex(IsKitHead) : -1;
        var stations = head < 0 && kits < 0 ? rows.FindIndex(r => r.Cells.Count(c => ColumnOf(c).Length > 0) >= 3) : -1;
        for (var r = 0; r < rows.Count; r++)
        {
            if (r == Math.Max(head, Math.Max(kits, stations)))
            {
                TakeAll(rows[r].Cells.SelectMany(c => c));
            }
            else if (head >= 0 && r > head)
            {
                RowOf(rows[r], columns);
            }
            else if (kits >= 0 && r > kits && rows[r].Cell(0) is [{ Sort: Sort.Division }, ..])
            {
                RowOfDivision(rows[r], rows[kits]);
            }
            else if (stations >= 0 && r > stations)
            {
                RowOfStation(rows[r], rows[stations].Cells.Select(ColumnOf).ToList());
            }
            else
            {
                PlainRow(rows[r]);
            }
        }

        title ??= "Workout";
        return to;
    }

    private static bool IsRow(string line) => line.Length <= MostInLine && IsRowOfCells(line);

    private static bool IsRowOfCells(string line) =>
        line.Contains('\t', StringComparison.Ordinal)
            && line.Trim().Length > 0
            && !(line.TrimStart() is ['•' or '*' or '-', '\t', ..] && line.Count(c => c == '\t') == 1)
        || line.TrimStart().StartsWith('|') && line.Count(c => c == '|') > 2;

    private static bool IsRuler(string line) => line.All(c => c is '|' or '-' or ':' or ' ' or '=');

    private Row RowAt(int index)
    {
        var line = lines[index];
        var edge = line.TrimStart().StartsWith('|');
        var cells = new List<List<Piece>> { new() };
        foreach (var p in lexer.Read(edge ? line.Replace('|', '\t') : line, index + 1))
        {
            if (p.IsMark("\t"))
            {
                p.Taken = true;
                cells.Add([]);
            }
            else
            {
                cells[^1].Add(p);
            }
        }

        return new(index + 1, edge ? cells.Skip(1).ToList() : cells);
    }

    /// <summary>For whom a column is: a division, a duty, or both.</summary>
    private static Scope? WhomOf(List<Piece> cell)
    {
        var said = cell.Where(p => !IsLight(p)).ToList();
        return said switch
        {
            [{ Sort: Sort.Division } d] => new(d.Divisions.ToEq()),
            [{ Sort: Sort.Division } d, var sex] when SexOf(sex) is { } woman => new(d.Divisions.ToEq(), woman),
            [var sex] when SexOf(sex) is { } woman => new([], woman),
            _ => null,
        };
    }

    private bool IsKitHead(Row row) =>
        row.Cells.Count(c => c is [.., { } p] && (KitOf(p) is not null || p.Movement is not null) && c.TrueForAll(x => x.Figure is null))
            >= 2
        || row.Cell(0) is [var first, ..] && first.Is("divisionsHead") && row.Cells.Count > 1;

    /// <summary>Whether all columns of a row say the same.</summary>
    private static bool AllSame(IEnumerable<List<Piece>> cells) =>
        cells.Select(c => string.Join(' ', c.Select(p => p.Word))).Where(t => t.Length > 0).Distinct().Count() <= 1;

    /// <summary>A row under a head of divisions: its label, and a value for each.</summary>
    private void RowOf(Row row, List<Scope?> columns)
    {
        var label = Enumerable
            .Range(0, row.Cells.Count)
            .TakeWhile(c => c >= columns.Count || columns[c] is null)
            .SelectMany(c => row.Cells[c])
            .ToList();
        var behind = Enumerable
            .Range(0, row.Cells.Count)
            .SkipWhile(c => c >= columns.Count || columns[c] is null)
            .SkipWhile(c => c < columns.Count && columns[c] is not null)
            .SelectMany(c => row.Cells[c])
            .ToList();
        var values = Enumerable
            .Range(0, Math.Min(columns.Count, row.Cells.Count))
            .Where(c => columns[c] is not null && row.Cells[c].Count > 0)
            .Select(c => (For: columns[c]!, Cell: row.Cells[c]))
            .ToList();
        StripBullet(label);
        if (values.Count == 0)
        {
            if (section == Section.Work && label is [{ } p, ..] && SectionOf(p) is { } heads && label.Count == 1)
            {
                section = heads;
                TakeAll(label);
                return;
            }

            Sentence([.. label, .. behind]);
            return;
        }

        var number = label is [{ } lead] ? RowNumber(lead) : null;
        if (number is not null)
        {
            worked.AddRange(label.Select(p => p.At));
            TakeAll(label);
            label.Clear();
        }

        if (!LabelledRow(label, values))
        {
            UnlabelledRow(label, values);
        }

        Behind(behind, number);
    }

    /// <summary>The number of a row, where rows are counted from 1; any other number says something.</summary>
    private int? RowNumber(Piece p) => p.Figure?.Count is { } n && n == rowsCounted + 1 ? ++rowsCounted : null;

    private int rowsCounted;

    private void UnlabelledRow(List<Piece> label, List<(Scope For, List<Piece> Cell)> values)
    {
        if (AllSame(values.Select(v => v.Cell)) && !label.Exists(p => p.Movement is not null || p.Unit is not null || p.Is("movementHead")))
        {
            var first = values[0].Cell;
            values.Skip(1).ToList().ForEach(v => TakeAll(v.Cell));
            // A label that no list knows says what the row is about: Type, Work.
            if (label.TrueForAll(p => p.Sort is Sort.Word || p.IsFiller || p.Is("workHead")))
            {
                TakeAll(label);
            }

            Sentence([.. label, .. first]);
        }
        else
        {
            TakeAll(label.Where(p => p.Is("movementHead") || p.Sort == Sort.Word));
            TasksByColumn(values);
        }
    }

    private void Behind(List<Piece> behind, int? number)
    {
        if (number is { } n && task is not null)
        {
            numbered[n] = task;
        }

        if (behind.Count > 0)
        {
            Sentence(behind);
        }
    }

    private void Sentence(List<Piece> pieces)
    {
        scope = Scope.All;
        s = pieces;
        if (s.Count > 0)
        {
            ReadSentence(true);
        }
    }

    /// <summary>A row whose label names a movement or a unit, with a figure for each division.</summary>
    private bool LabelledRow(List<Piece> label, List<(Scope For, List<Piece> Cell)> values)
    {
        var movement = label.Find(p => p.Movement is not null && p.Unit is null) ?? label.Find(p => p.Movement is not null);
        var unit =
            label.Find(p => p.Unit is "kg" or "lb" or "cal" or "m" or "rep" or "cm" && p != movement)?.Unit
            ?? (
                label.Exists(p => p.Is("loads")) ? "kg"
                : label.Exists(p => p.Is("reps")) ? "rep"
                : null
            );
        if (
            (movement is null && unit is null)
            || values.Exists(v => v.Cell.Find(p => p.Figure is not null) is null || v.Cell.Exists(p => p.Movement is not null))
            || (movement is null && task is null)
        )
        {
            return false;
        }

        if (movement is not null)
        {
            s = label;
            NewTask(label.IndexOf(movement), movement.Movement!);
            if (label.Find(p => p.Figure is { IsMass: false, IsHeight: false } && p.Sort == Sort.Figure) is { } amount)
            {
                (task!.Amount, task.AmountAt) = (amount.Figure! with { Unit = "" }, amount.At);
                task.Unit = amount.Figure!.Unit is "cal" or "m" ? amount.Figure.Unit : "";
                unit = unit == "rep" && book.Find(movement.Movement!.Value) is { NeedsLoad: true } ? competition.Unit.Symbol() : unit;
            }
        }

        foreach (var (whom, cell) in values)
        {
            var p = cell.First(x => x.Figure is not null);
            var f = p.Figure! with { Unit = p.Figure!.Unit.Length > 0 ? p.Figure.Unit : unit ?? "" };
            var aspect =
                f.IsMass ? Aspect.Load
                : f.IsHeight ? Aspect.Height
                : Aspect.Amount;
            if (aspect == Aspect.Amount)
            {
                task!.Unit = f.Unit is "cal" or "m" ? f.Unit : task.Unit;
                task.Amount ??= f with { Unit = "" };
            }

            task!.Values.Add(
                new(whom, aspect, aspect == Aspect.Amount ? f with { Unit = "" } : f, aspect == Aspect.Height ? HeightWord(task) : "", p.At)
            );
            TakeAll(cell);
        }

        task!.Lines.Add(values[0].Cell[0].Line);
        TakeAll(label);
        return true;
    }

    /// <summary>Whole tasks in the columns: those of the first are the tasks, the others say what differs.</summary>
    private void TasksByColumn(List<(Scope For, List<Piece> Cell)> values)
    {
        var here = Here;
        var before = here.Items.Count;
        Sentence(CellAsTask(values[0].Cell));
        var made = here.Items.Skip(before).OfType<TaskItem>().ToList();
        foreach (var (whom, cell) in values.Skip(1))
        {
            var (was, count) = (task, here.Items.Count);
            Sentence(CellAsTask(cell));
            // A cell that arranges the work anew says no more than it says.
            if (Here != here || here.Items.Count < count)
            {
                continue;
            }

            var others = here.Items.Skip(count).OfType<TaskItem>().ToList();
            here.Items.RemoveRange(count, here.Items.Count - count);
            foreach (var (mine, other) in made.Zip(others))
            {
                Depart(mine, other, whom);
            }

            task = was;
        }
    }

    /// <summary>A cell with a movement only is a task whose amount stands elsewhere.</summary>
    private List<Piece> CellAsTask(List<Piece> cell)
    {
        if (cell.Find(p => p.Movement is not null) is { } p && !cell.Exists(x => x.Figure is not null))
        {
            s = cell;
            NewTask(cell.IndexOf(p), p.Movement!);
            TakeAll(cell);
        }

        return cell;
    }

    private static void Depart(TaskItem mine, TaskItem other, Scope whom)
    {
        mine.Lines.UnionWith(other.Lines);
        var moved = other.Movement != mine.Movement;
        if (moved)
        {
            mine.Values.Add(new(whom, Aspect.Movement, null, other.Movement, other.At));
        }

        if (other.Amount is { } amount && amount != mine.Amount)
        {
            mine.Values.Add(new(whom, Aspect.Amount, amount, "", other.AmountAt));
        }

        foreach (
            var v in other.Values.Where(v =>
                moved || !mine.Values.Exists(x => x.Aspect == v.Aspect && x.Figure == v.Figure && x.For == v.For)
            )
        )
        {
            mine.Values.Add(v with { For = whom with { Woman = v.For.Woman } });
        }
    }
}
