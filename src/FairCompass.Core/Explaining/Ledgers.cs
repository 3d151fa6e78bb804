using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Explaining;

/// <summary>Lays out the ledgers of a draft; pieces and columns that count alike share one.</summary>
internal static class Ledgers
{
    public static Eq<LedgerView> Of(Understanding u, int rows, CancellationToken cancel = default)
    {
        var views = new List<LedgerView>();
        var groups = u
            .Courses.SelectMany(
                (c, i) => c.Pieces.SelectMany(p => Counters(p).Select(s => (Piece: p, Strand: s, Course: i, Signature: Signature(p, s))))
            )
            .GroupBy(x => x.Signature, StringComparer.Ordinal)
            .SelectMany(g =>
                // Every piece of a ledger has every column of it: pieces that some columns do not have stand apart.
                g.GroupBy(x => x.Piece.Piece.Key)
                    .GroupBy(x => string.Join(',', x.SelectMany(y => ColumnsOf(u, u.Courses[y.Course], y.Piece)).Distinct().Order()))
                    .Select(same => same.SelectMany(x => x).ToList())
            );
        foreach (var group in groups)
        {
            cancel.ThrowIfCancellationRequested();
            var (piece, strand, _, _) = group[0];
            var pieces = group.Select(x => x.Piece.Piece).DistinctBy(p => p.Key).ToList();
            var mine = strand is null ? piece.Tasks : piece.Tasks.Where(t => strand.Counter.DepthOf(t.Index) is not null).ToEq();
            var option =
                strand is not null
                && mine.Count == 1
                && mine[0].Options.Count > 0
                && int.TryParse(strand.Key, out var n)
                && n < mine[0].Options.Count
                    ? mine[0].Options[n]
                    : null;
            var tasks = piece
                .Tasks.Select(t => new LedgerTask(
                    option?.Prescription.Movement.Value ?? t.Prescription.Movement.Value,
                    t.Counted.Word,
                    t.Source.At.Line,
                    Said(Worth(option?.Unit ?? t.Counted, t.Count, option is null ? t.Options : []), t)
                ))
                .ToEq();
            var countable = strand is { Counter.TooLarge: false };
            var units = strand?.Counter.Units;
            var credit = strand?.Counter.Total(Tally.Credit);
            views.Add(
                new(
                    pieces[0].Key,
                    pieces.Select(p => p.Key).ToEq(),
                    Name(pieces, strand),
                    group.SelectMany(x => ColumnsOf(u, u.Courses[x.Course], x.Piece)).Distinct().Order().ToEq(),
                    tasks,
                    countable ? Ledger.Of(strand!.Counter, piece.Tasks, rows) : [],
                    units,
                    credit == units ? null : credit,
                    Reason(u, piece, strand)
                )
            );
        }

        return views.OrderBy(v => int.Parse(v.Piece, System.Globalization.CultureInfo.InvariantCulture)).ToEq();
    }

    /// <summary>Adds the forced move of a chunked task, which has no units of its own.</summary>
    private static string? Said(string? worth, CourseTask task)
    {
        var chunk = task.Prescription.Counting.OfType<Detail.Chunks>().FirstOrDefault();
        var move = task.Source.Lines.OfType<TaskLine.Between>().FirstOrDefault();
        var forced = chunk is null
            ? null
            : $"in {chunk.Size}s"
                + (
                    move is null
                        ? ""
                        : $", {(move.AfterLast ? "after each" : "between")} {Notation.Printer.Amount(move.Amount)} {move.Movement}"
                );
        return worth is null ? forced
            : forced is null ? worth
            : $"{worth}; {forced}";
    }

    /// <summary>What units are worth, in words; null where each counts one.</summary>
    public static string? Worth(CountedUnit unit, Series? count, Eq<TaskOption> options)
    {
        var own = CreditWords.Of(unit, count, Tongue.English);
        var choice =
            options.Count > 1
                ? "or "
                    + Text.Words.Join(
                        options
                            .Skip(1)
                            .Select(o =>
                                o.Name + (o.Unit.Credit.IsPlain ? "" : $" ({CreditWords.Always(o.Unit, o.Count, Tongue.English)})")
                            ),
                        "or"
                    )
                : null;
        return own is null ? choice
            : choice is null ? own
            : $"{own}; {choice}";
    }

    private static IEnumerable<CourseStrand?> Counters(CoursePiece piece) =>
        piece.Strands.Count == 0 ? new CourseStrand?[] { null }
        // Intervals of one list stand in one table.
        : piece.Strands[0].Role == StrandRole.Interval
            ? [piece.Strands[0] with { Key = "", Name = "", Counter = piece.Strands[0].Counter.Whole }]
        : piece.Strands;

    private static string Name(List<PieceOfWork> pieces, CourseStrand? strand)
    {
        // Many turns at one station read as the station's name.
        var names = pieces
            .Where(p => p.IsNamed)
            .Select(p => pieces.Count > 1 ? p.Label ?? p.Station ?? p.Name : p.Name)
            .Distinct()
            .ToList();
        var name = Text.Words.Join(names);
        return strand is null or { Name.Length: 0 } ? name
            : name.Length == 0 ? Text.Words.Capital(strand.Name)
            : $"{name}: {strand.Name}";
    }

    private static string OneLift(CoursePiece piece) => piece.Piece.SetOf > 1 ? $"set of {piece.Piece.SetOf}" : "lift";

    /// <summary>Where the plates of a lane end on the bars that a lift is done with; empty for other implements.</summary>
    private static string Ceiling(Understanding u, CoursePiece piece)
    {
        if (
            u.Competition.Kit.Plates.Count == 0
            || piece.Tasks is not [var task, ..]
            || InForce.StandardsBook.Of(u.Competition).Find(task.Source.Movement) is not { Kit: Standards.MovementKit.Barbell }
        )
        {
            return "";
        }

        var bars = u
            .Courses.SelectMany(c => c.Piece(piece.Piece.Key) is { } own ? c.MembersOf(own.Piece) : [])
            .Select(m => u.Competition.Kit.Bar(m.Duty, task.Prescription.Bar?.Value))
            .Distinct()
            .Select(b => $"{In(Kit.BarLoads.All(b, u.Competition.Kit)[^1])} on the bar of {In(b.Mass)}")
            .ToList();
        return $" The plates of a lane end at {Text.Words.Join(bars)}.";

        Mass In(decimal mass) => new(mass, u.Competition.Unit);
    }

    private static string? Reason(Understanding u, CoursePiece piece, CourseStrand? strand) =>
        strand is not null ? null
        : piece.Piece.IsRising ? "The last height made: the height is the result."
        : piece.Piece.IsHeaviest ? $"Best good {LiftWords.Complex(piece) ?? OneLift(piece)}: the load is the result.{Ceiling(u, piece)}"
        : piece.Tasks.Count == 0 ? "There is no work here yet."
        : "Not counted: a finding stands beside a line of this part.";

    /// <summary>The columns of the prescription table that do a piece of an entry: of a turn that one member works, that
    /// member’s.</summary>
    private static List<int> ColumnsOf(Understanding u, Course course, CoursePiece piece)
    {
        var (all, entry) = (u.Resolver.Columns, course.Address);
        var columns = Enumerable.Range(0, all.Count).Where(i => all[i].IsOf(entry)).ToList();
        var members = course.MembersOf(piece.Piece);
        var mine = columns
            .Where(i =>
                members.Any(m =>
                    (all[i].Seat is null || m.Seat is null || all[i].Seat == m.Seat)
                    && (all[i].Duty is null || m.Duty is null || all[i].Duty == m.Duty)
                )
            )
            .ToList();
        return mine.Count > 0 ? mine : columns;
    }

    /// <summary>Equal for pieces and addresses that count alike: constant loads are not part of it.</summary>
    private static string Signature(CoursePiece piece, CourseStrand? strand) =>
        string.Join(
            '|',
            piece.Tasks.Select(t =>
                $"{t.Prescription.Movement.Value};{t.Count};{t.Counted};"
                + $"{(t.Prescription.Load is { } l && !l.Value.Values.IsConstant ? l.Value.ToString() : "")};"
                + $"{string.Join(',', t.Options.Select(o => o.Name + o.Unit))}"
            )
        )
        + $"/{strand?.Key}/{strand?.Counter.Units}/{strand?.Counter.Rounds}/{piece.Piece.Label}/{piece.Piece.Station}/"
        + $"{piece.Piece.At.Line}/{piece.Piece.Seat is null}";
}
