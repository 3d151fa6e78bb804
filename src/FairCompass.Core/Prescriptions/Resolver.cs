using FairCompass.Core.Competitions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Prescriptions;

/// <summary>
/// Resolves the values of a task for an address. The nearest division of the address's own chain of parents wins; among
/// lines of the same division the one that names the duty wins; the task itself comes last. Another movement cuts the
/// load and heights that would be inherited from farther away: a sit-up must not inherit a bar.
/// </summary>
/// <param name="competition">Names the divisions and their parents.</param>
/// <param name="workout">Declares the order of duties.</param>
public sealed class Resolver(Competition competition, Workout workout)
{
    /// <summary>The addresses of this workout in the order of the competition's divisions; all of them when the text names none.</summary>
    public IReadOnlyList<Address> Addresses { get; } = AddressesOf(competition, workout);

    /// <summary>The names that may stand before a colon and are resolved here.</summary>
    public static bool IsDuty(string name) => name is "man" or "woman";

    /// <summary>0 or 1: which value of <c>a/b</c> belongs to a duty.</summary>
    public int Position(Address address)
    {
        var order = workout.Order switch
        {
            DutyOrder.ManWoman => 0,
            DutyOrder.WomanMan => 1,
            _ => address.Division.Duties.Count == 2 ? address.Division.Duties[0] == "man" ? 0 : 1 : 0,
        };
        return address.Duty == "man" ? order : 1 - order;
    }

    /// <summary>What a task is for an address.</summary>
    public Prescription Resolve(Work.Task task, Address address)
    {
        var candidates = Candidates(task, address);
        var duty = Position(address);
        Resolved<string>? movement = null;
        Resolved<Amount>? amount = null;
        Resolved<DutyLoad>? load = null;
        List<Resolved<DutyHeight>>? heights = null;
        Resolved<FromPlace>? from = null;
        foreach (var c in candidates)
        {
            if (c.Amount is not null)
            {
                amount ??= new(c.Amount, c.From);
            }

            // Once a nearer line has named another movement, the rest belongs to the movement it replaced.
            if (movement is null)
            {
                load ??= LoadOf(c, duty);
                heights ??= HeightsOf(c, duty);
                from ??= c.Details.OfType<Detail.From>().Select(f => new Resolved<FromPlace>(f.Place, c.From with { At = f.At })).FirstOrDefault();
                if (c.Movement is not null)
                {
                    movement = new(c.Movement, c.From);
                }
            }
        }

        return new Prescription(movement!, amount, load, (heights ?? []).ToEq(), from);
    }

    /// <summary>Pairs of lines of one task that say the same thing twice for an address, with the field's name.</summary>
    public IEnumerable<(TaskLine.Override First, TaskLine.Override Second, string Field)> Contradictions(Work.Task task, Address address)
    {
        var ranked = Ranked(task, address).ToList();
        for (var i = 0; i < ranked.Count; i++)
        {
            for (var j = i + 1; j < ranked.Count; j++)
            {
                var (a, b) = (ranked[i], ranked[j]);
                if (a.Rank != b.Rank)
                {
                    continue;
                }

                var field = a.Line.Amount is not null && b.Line.Amount is not null ? "amount"
                    : a.Line.Movement is not null && b.Line.Movement is not null ? "movement"
                    : a.Line.Details.OfType<Detail.Load>().Any() && b.Line.Details.OfType<Detail.Load>().Any() ? "load"
                    : a.Line.Details.OfType<Detail.Height>().Any() && b.Line.Details.OfType<Detail.Height>().Any() ? "height" : null;
                if (field is not null)
                {
                    yield return (a.Line, b.Line, field);
                }
            }
        }
    }

    private static List<Address> AddressesOf(Competition competition, Workout workout)
    {
        var named = workout.Divisions.ToList();
        return competition.Divisions
            .Where(d => named.Count == 0 || named.Any(n => string.Equals(n, d.Name, StringComparison.OrdinalIgnoreCase)))
            .SelectMany(d => d.Duties.Select(duty => new Address(d, duty)))
            .ToList();
    }

    private sealed record Candidate(Amount? Amount, string? Movement, Eq<Detail> Details, Origin From);

    private List<Candidate> Candidates(Work.Task task, Address address)
    {
        var list = Ranked(task, address)
            .OrderBy(r => r.Rank)
            .Select(r => new Candidate(r.Line.Amount, r.Line.Movement, r.Line.Details,
                new Origin(r.Division, string.Equals(r.Division, address.Division.Name, StringComparison.OrdinalIgnoreCase), r.Line.At)))
            .ToList();
        list.Add(new(task.Amount, task.Movement, task.Details, new Origin(null, address.Division.InheritsFrom is null, task.At)));
        return list;
    }

    private IEnumerable<(int Rank, TaskLine.Override Line, string? Division)> Ranked(Work.Task task, Address address)
    {
        var chain = competition.Chain(address.Division);
        foreach (var line in task.Lines.OfType<TaskLine.Override>().Where(o => !o.Choose))
        {
            (int Rank, string? Division)? best = null;
            foreach (var who in line.For)
            {
                if (Match(who, address, chain) is { } match && (best is null || match.Rank < best.Value.Rank))
                {
                    best = match;
                }
            }

            if (best is { } found)
            {
                yield return (found.Rank, line, found.Division);
            }
        }
    }

    /// <summary>How near a name is to an address: twice the distance in the chain, plus one when the duty is not named.</summary>
    private (int Rank, string? Division)? Match(Who who, Address address, IReadOnlyList<Division> chain)
    {
        var distance = chain.Count;
        string? division = null;
        var namesDuty = false;
        foreach (var name in who.Names)
        {
            if (IsDuty(name))
            {
                if (name != address.Duty)
                {
                    return null;
                }

                namesDuty = true;
            }
            else if (competition.Find(name) is { } found)
            {
                var at = chain.ToList().IndexOf(found);
                if (at < 0)
                {
                    return null;
                }

                (distance, division) = (Math.Min(distance, at), found.Name);
            }
            else
            {
                return null;
            }
        }

        return ((distance * 2) + (namesDuty ? 0 : 1), division);
    }

    private static Resolved<DutyLoad>? LoadOf(Candidate c, int duty) =>
        c.Details.OfType<Detail.Load>().Select(l => new Resolved<DutyLoad>(
            new DutyLoad(l.Implements ?? 1, l.Of.For(duty), l.Unit, l.AlsoOf?.For(duty), l.AlsoUnit), c.From with { At = l.At })).FirstOrDefault();

    private static List<Resolved<DutyHeight>>? HeightsOf(Candidate c, int duty)
    {
        var all = c.Details.OfType<Detail.Height>().Select(h => new Resolved<DutyHeight>(
            new DutyHeight(h.On, h.Of.For(duty), h.Unit, h.Reference is null ? null : (h.Above == true ? "above " : "below ") + h.Reference),
            c.From with { At = h.At })).ToList();
        return all.Count == 0 ? null : all;
    }
}
