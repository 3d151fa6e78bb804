using System.Globalization;
using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Tests.Briefing;

/// <content>What may stand in the fields of a card and in the sentences of a score.</content>
internal sealed partial class ModelNumbers
{
    /// <summary>What the card may hold of a piece: nothing to its total, its rounds, its caps.</summary>
    private HashSet<string> Field(string piece) =>
        [
            .. shown.Select(i => u.Courses[i].Piece(piece)).OfType<CoursePiece>().SelectMany(p => Bounds(p)),
            .. shown.SelectMany(i =>
                u.Courses[i]
                    .Pieces.Where(p => p.Piece.Station is not null)
                    .GroupBy(p => p.Piece.Station)
                    .Select(g => g.Count().ToString(CultureInfo.InvariantCulture))
            ),
            .. shown.SelectMany(i =>
                u.Courses[i].Pieces.GroupBy(p => p.Piece.Label).Select(g => g.Count().ToString(CultureInfo.InvariantCulture))
            ),
            .. shown
                .SelectMany(i =>
                    u.Courses[i].Piece(piece) is { Strand: { } s, Limit: { } l } ? l.Gates.Select(g => s.Counted(g.Units)) : []
                )
                .Select(n => n.ToString(CultureInfo.InvariantCulture)),
            "0",
            "1",
            "00",
            .. Names,
            .. Ordinals,
            .. shown.Select(i => u.Courses[i].Piece(piece)).OfType<CoursePiece>().SelectMany(Ways),
            .. u.Workout.Scores.SelectMany(Lines),
        ];

    /// <summary>The lines of tasks that may be done in other ways: a way is named as it is written.</summary>
    private IEnumerable<string> Ways(CoursePiece p) =>
        p
            .Tasks.Where(t => t.Options.Count > 0)
            .SelectMany(t => In(Line(t.Source.At.Line)).Concat(InAll(t.Source.Lines.Select(l => Line(l.At.Line)))));

    /// <summary>The lines of tasks whose units are worth something else than one.</summary>
    private IEnumerable<string> Worth(CoursePiece p) =>
        Ways(p)
            .Concat(
                p.Tasks.Where(t => t.Prescription.Counting.Count > 0)
                    .SelectMany(t => In(Line(t.Source.At.Line)).Concat(InAll(t.Source.Lines.Select(l => Line(l.At.Line)))))
            );

    private static IEnumerable<string> Bounds(CoursePiece p)
    {
        foreach (var s in p.Strands)
        {
            foreach (
                var n in new[] { Credit(s.Counter, 0), Credit(s.Counter, 1), s.Counter.Rounds, s.Counter.Rounds - 1 }
                    .OfType<long>()
                    .Concat(p.Tasks.Select(t => t.Count?.At(0) is { } c ? (long)c : 0))
            )
            {
                yield return n.ToString(CultureInfo.InvariantCulture);
            }
        }

        foreach (var n in p.Strands.Select(s => s.Interval).OfType<int>())
        {
            yield return n.ToString(CultureInfo.InvariantCulture);
        }

        if (p is { Piece.Starts: { } starts, Limit.Base: var window })
        {
            yield return (starts + window).ToString();
        }

        foreach (var at in p.Limit is { } limit ? limit.Gates.Select(g => limit.For(g.Units)).Prepend(limit.Base) : [])
        {
            yield return at.ToString();
        }
    }

    /// <summary>The credit of all units but so many of the last; of the units themselves where nothing is credited.</summary>
    private static long? Credit(Strand strand, long less) =>
        strand.Units is not { } all ? null
        : strand.Sum(all, Tally.Credit) == 0 ? all - less
        : strand.Sum(Math.Max(0, all - less), Tally.Credit);

    /// <summary>Caps, gates, penalties, rounds of a tie-break, worth, and the example of shared places.</summary>
    private HashSet<string> Score(string label)
    {
        // Of divisions with other times each has its own.
        var component = u.Sheets[shown[0]].Components.First(c => (c.Label ?? "") == label);
        var fed = shown.SelectMany(i => component.Pieces.Select(k => u.Courses[i].Piece(k))).OfType<CoursePiece>().ToList();
        return
        [
            .. fed.SelectMany(p =>
                Bounds(p)
                    .Concat(p.Limit?.Gates.Select(g => p.Strand!.Sum(g.Units, Tally.Credit).ToString(CultureInfo.InvariantCulture)) ?? [])
            ),
            .. Names,
            .. Ordinals,
            .. Lines(component.Source),
            .. fed.SelectMany(Worth),
            "1",
            "2",
            "4",
            Number.Normal(component.Weight),
        ];
    }

    /// <summary>A list that begins anew in an interval: what each unit of it adds up to, counted one by one, and when it begins.</summary>
    private HashSet<string> OneInterval(string piece, int interval, string entry)
    {
        var of = u.Courses.First(c => c.Address.ToString() == entry).Piece(piece)!;
        var list = of.Strands.First(s => s.Interval == interval).Counter;
        var from = new Duration((of.Plain!.Each!.Value.Ms * (interval - 1)) + (of.Piece.Starts?.Ms ?? 0));
        return
        [
            interval.ToString(CultureInfo.InvariantCulture),
            .. In(from.ToString()),
            .. of.Tasks.SelectMany(t => In($"{t.Prescription.Load?.Value.Values.At(interval - 1)}")),
            .. Enumerable.Range(1, (int)list.Units!.Value).SelectMany(n => In(list.Counted(n).ToString(CultureInfo.InvariantCulture))),
        ];
    }
}
