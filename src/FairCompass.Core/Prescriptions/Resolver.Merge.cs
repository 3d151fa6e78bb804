using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Prescriptions;

/// <content>From the lines that hold for an address to the one value of each field.</content>
public sealed partial class Resolver
{
    private sealed record Candidate(Amount? Amount, string? Movement, Eq<Detail> Details, Origin From, bool IsBar = false);

    private Prescription Merge(List<Candidate> candidates, Address address)
    {
        var duty = Position(address);
        Resolved<string>? movement = null;
        Resolved<Amount>? amount = null;
        Resolved<DutyLoad>? load = null;
        Resolved<ShareOfBest>? best = null;
        List<Resolved<DutyHeight>>? heights = null;
        Resolved<FromPlace>? from = null;
        Resolved<string>? bar = null;
        Resolved<RisingHeights>? rising = null;
        var counting = new List<Detail>();
        var cut = false;
        foreach (var c in candidates)
        {
            if (c.Amount is not null)
            {
                amount ??= new(c.Amount, c.From);
            }

            // Once a nearer line has named another movement, the rest belongs to the movement it replaced; once a nearer
            // line has named the same movement again, what farther lines say of another one does not concern it.
            var another = c.Movement is not null && !string.Equals(c.Movement, candidates[^1].Movement, StringComparison.OrdinalIgnoreCase);
            if (!cut && !(another && movement is not null))
            {
                if (load is null && best is null)
                {
                    (load, best) = (LoadOf(c, duty), BestOf(c, duty));
                }

                bar ??= BarOf(c);
                rising ??= RisingOf(c, duty);
                heights ??= HeightsOf(c, duty);
                from ??= FromOf(c);
                // Read whole before any is added: what one line says of a part stands together, and takes the place of all farther ones.
                counting.AddRange(
                    c.Details.Where(d => CountingPart(d) is { } part && !counting.Exists(o => CountingPart(o) == part)).ToList()
                );
                if (c.Movement is not null)
                {
                    movement ??= new(c.Movement, c.From);
                    cut = another;
                }
            }
            else if (c.IsBar)
            {
                // Another lift at the same bar of a complex keeps the bar.
                load ??= LoadOf(c, duty);
                bar ??= BarOf(c);
            }
        }

        return new Prescription(movement!, amount, load, (heights ?? []).ToEq(), from, counting.ToEq())
        {
            Bar = bar,
            Rising = rising,
            OfBest = load is null ? best : null,
        };
    }

    private List<Candidate> Candidates(Work.Task task, Address address, Iteration at, Work.Complex? around)
    {
        var own = address.Division.InheritsFrom is null;
        var list = Ordered(task.Lines, address, at);
        list.Add(new(task.Amount, null, task.Details, new Origin(null, own, task.At)));
        if (around is not null)
        {
            // The bar of a complex is the load of its lifts; only a lift with a load of its own has another.
            list.AddRange(Ordered(around.Lines, address, at).Select(c => c with { IsBar = true }));
            list.Add(new(null, null, around.Details, new Origin(null, own, around.At), IsBar: true));
        }

        list.Add(new(null, task.Movement, [], new Origin(null, own, task.At)));
        return list;
    }

    private List<Candidate> Ordered(Eq<TaskLine> lines, Address address, Iteration at) =>
        Ranked(lines, address, at)
            .OrderBy(r => r.Rank)
            .Select(r => new Candidate(
                r.Line.Amount,
                r.Line.Movement,
                r.Line.Details,
                new Origin(r.Division, string.Equals(r.Division, address.Division.Name, StringComparison.OrdinalIgnoreCase), r.Line.At)
            ))
            .ToList();

    private static Resolved<string>? BarOf(Candidate c) =>
        c.Details.OfType<Detail.OnBar>().Select(b => new Resolved<string>(b.Name, c.From with { At = b.At })).FirstOrDefault();

    private static Resolved<FromPlace>? FromOf(Candidate c) =>
        c.Details.OfType<Detail.From>().Select(f => new Resolved<FromPlace>(f.Place, c.From with { At = f.At })).FirstOrDefault();

    private static Resolved<ShareOfBest>? BestOf(Candidate c, int duty) =>
        c
            .Details.OfType<Detail.OwnBest>()
            .Select(b => new Resolved<ShareOfBest>(new(b.Percent.For(duty), b.Of), c.From with { At = b.At }))
            .FirstOrDefault();

    private static Resolved<RisingHeights>? RisingOf(Candidate c, int duty) =>
        c
            .Details.OfType<Detail.Rising>()
            .Select(r => new Resolved<RisingHeights>(new(r.First.For(duty).At(0), r.By.Value), c.From with { At = r.At }))
            .FirstOrDefault();

    private static Resolved<DutyLoad>? LoadOf(Candidate c, int duty) =>
        c
            .Details.OfType<Detail.Load>()
            .Select(l => new Resolved<DutyLoad>(
                new DutyLoad(l.Implements ?? 1, l.Of.For(duty), l.Unit, l.AlsoOf?.For(duty), l.AlsoUnit) { Left = l.Left?.For(duty) },
                c.From with
                {
                    At = l.At,
                }
            ))
            .FirstOrDefault();

    private static List<Resolved<DutyHeight>>? HeightsOf(Candidate c, int duty)
    {
        var all = c
            .Details.OfType<Detail.Height>()
            .Select(h => new Resolved<DutyHeight>(
                new DutyHeight(
                    h.On,
                    h.Of.For(duty),
                    h.Unit,
                    h.Reference is null ? null
                        : h.IsAt ? "at " + h.Reference
                        : (h.Above == true ? "above " : "below ") + h.Reference
                )
                {
                    Name = h.Name,
                    By = h.By?.For(duty),
                },
                c.From with
                {
                    At = h.At,
                }
            ))
            .ToList();
        return all.Count == 0 ? null : all;
    }

    /// <summary>Which part of the counting a phrase says; a nearer phrase replaces a farther one of the same part.</summary>
    private static int? CountingPart(Detail detail) =>
        detail switch
        {
            Detail.Lengths => 0,
            Detail.Marks => 1,
            Detail.Chunks => 2,
            Detail.Counts or Detail.EveryCount or Detail.Credited or Detail.Uncounted => 3,
            Detail.Bonus => 4,
            _ => null,
        };
}
