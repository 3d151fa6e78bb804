using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    /// <summary>A row of a division, with what it does under each head: a thing, or a movement.</summary>
    private void RowOfDivision(Row row, Row head)
    {
        var whom = new Scope(row.Cell(0)[0].Divisions.ToEq());
        TakeAll(row.Cell(0));
        for (var c = 1; c < row.Cells.Count; c++)
        {
            var (top, cell) = (head.Cell(c).FindLast(p => KitOf(p) is not null || p.Movement is not null), row.Cell(c));
            foreach (var p in cell)
            {
                if (p.Movement is { } does && top?.Movement is { } replaced)
                {
                    replacing.Add((whom, does.Value, null, replaced.Value, p.At));
                }
                else if (p.Figure is { } f && top is not null)
                {
                    var mass =
                        f.Unit.Length == 0 && KitOf(top) is not ("box" or "target")
                            ? f with
                            {
                                Unit = competition.Unit == MassUnit.Kilogram ? "kg" : "lb",
                            }
                            : f;
                    kitValues.Add(
                        (
                            KitOf(top) ?? "barbell",
                            new(
                                whom,
                                mass.IsMass ? Aspect.Load : Aspect.Height,
                                mass,
                                KitOf(top) == "target" ? "target"
                                    : mass.IsMass ? ""
                                    : "box",
                                p.At
                            )
                        )
                    );
                }
                else if (p.Movement is null && !IsLight(p))
                {
                    continue;
                }

                p.Taken = true;
            }

            s = cell;
            Leftovers();
        }
    }

    /// <summary>What a column of a list of stations holds; empty for what is not known.</summary>
    private static string ColumnOf(List<Piece> cell) =>
        cell.Find(p => !IsLight(p)) is not { } p ? ""
        : p.Is("time") ? "time"
        : p.Is("points") ? "points"
        : p.Is("stations") ? "station"
        : p.Is("workHead", "movementHead") || p.Word is "work" or "task" ? "task"
        : p.Is("reps") || p.Unit == "rep" ? "reps"
        : p.Is("loads") ? "load"
        : p.Is("note") ? "note"
        : "";

    /// <summary>A station with its time, its task and its points; a row without a task is a change.</summary>
    private void RowOfStation(Row row, List<string> columns)
    {
        List<Piece> Of(string column) => columns.IndexOf(column) is >= 0 and var c ? row.Cell(c) : [];
        var (time, work, points) = (Of("time").Find(p => p.Sort == Sort.Time), Of("task"), Of("points"));
        if (time is null)
        {
            PlainRow(row);
            return;
        }

        if (work.Count == 0)
        {
            gapBefore = $"{(row.Cells.Exists(c => c.Exists(p => p.Is("rest"))) ? "rest" : "change")} {Times.Written(time.Ms)}";
            TakeAll(row.Cells.SelectMany(c => c));
            return;
        }

        if (Part.Work.Tasks.Any() || Part.Length is not null)
        {
            NextPart(forced: true);
        }

        Part.Lasts(time.Ms, time.At);
        (Part.Before, Part.Goal) = (gapBefore, points.Count > 0 ? "points" : null);
        Part.Label = ((char)('A' + parts.Count - 1)).ToString();
        Part.Lines.Add(row.Line);
        gapBefore = null;
        TakeAll(Of("station"));
        TakeAll(Of("time"));
        Sentence(work);
        GivePoints(points);
        onlyOneScore = true;
    }

    private string? gapBefore;

    /// <summary>True where parts have letters, and one score counts them all.</summary>
    private bool onlyOneScore;

    /// <summary><c>2 a rep</c>, <c>2 a toes-to-bar, 1 a knee raise</c>.</summary>
    private void GivePoints(List<Piece> points)
    {
        if (task is null)
        {
            return;
        }

        var menu = AllTasks.LastOrDefault(t => t.Choices.Contains(task)) ?? task;
        for (var i = 0; i < points.Count; i++)
        {
            if (CountOf(points[i]) is not { } n)
            {
                continue;
            }

            var named = points.Skip(i + 1).TakeWhile(p => p.Figure is null).FirstOrDefault(p => p.Movement is not null)?.Movement?.Value;
            var of = named is null ? menu : menu.Choices.Find(c => c.Movement == named) ?? menu;
            if (n != 1 || of != menu || menu.Choices.Count > 0)
            {
                of.Details.Add($"counts {n}");
            }
        }

        TakeAll(points);
    }

    /// <summary>A row without a head: its first cell may say what it is about, the others are sentences of one line.</summary>
    private void PlainRow(Row row)
    {
        var cells = row.Cells.Where(c => c.Count > 0).ToList();
        if (cells.Count == 0)
        {
            return;
        }

        if (title is null && cells.TrueForAll(c => !c.Exists(p => p.Sort == Sort.Time)))
        {
            title = TitleOf(lines[row.Line - 1], row.Cells.SelectMany(c => c).ToList(), out var alone);
            if (alone)
            {
                TakeAll(row.Cells.SelectMany(c => c));
                return;
            }
        }

        var number = cells.Count > 1 && cells[0] is [{ } lead] ? RowNumber(lead) : null;
        if (number is not null)
        {
            worked.AddRange(cells[0].Select(p => p.At));
            TakeAll(cells[0]);
            cells.RemoveAt(0);
        }
        else if (
            cells.Count > 1
            && cells[0]
                .TrueForAll(p =>
                    p.Is("score", "tie", "unfinished", "cap", "note", "standards", "amrap", "forTime", "rft")
                    || IsLight(p)
                    || p.Sort == Sort.Word
                )
        )
        {
            if (cells[0].TrueForAll(p => p.Sort == Sort.Word || IsLight(p)))
            {
                TakeAll(cells[0]);
            }

            cells =
            [
                [.. cells[0], .. cells[1]],
                .. cells.Skip(2),
            ];
        }

        foreach (var cell in cells)
        {
            foreach (var sentence in Sentences(cell))
            {
                Sentence(sentence);
            }

            if (number is { } at && task is not null)
            {
                numbered.TryAdd(at, task);
            }
        }
    }
}
