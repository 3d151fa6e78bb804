using FairCompass.Planning.Days;
using Google.OrTools.Sat;

namespace FairCompass.Planning.Solving;

internal sealed partial class OrderModel
{
    /// <summary>Each person’s runs lie as far apart as their rest.</summary>
    private void Rests()
    {
        var rest = plan.Rules.RestMinutes * 60L;
        foreach (var (a, b) in Pairs())
        {
            Apart(a.Starts, Up(a.Seconds + rest), b.Starts, Up(b.Seconds + rest));
        }

        foreach (var heat in plan.Heats.Where(h => h.Stays))
        {
            var people = heat.Lanes.SelectMany(l => field.Entry(l.Entry)?.Members ?? []).Select(m => m.Id).ToHashSet();
            foreach (var node in nodes.Where(n => People(n).Any(people.Contains)))
            {
                Clear(node, heat, rest, rest);
            }
        }
    }

    /// <summary>The floor around a heat that stays.</summary>
    private void Around(Heat heat)
    {
        foreach (var node in nodes.Where(n => n.Row.Session.Floor == plan.SessionOf(heat).Floor))
        {
            var reset =
                heat.Session == node.Row.Session.Id
                    ? PlateMinutes.Reset(
                        node.Row.Session,
                        node.Row.Workout,
                        node.Row.Workout.GroupsIn(heat, field),
                        node.Row.Groups(node.Entries)
                    )
                    : node.Row.Session.Between.Reset ?? 0;
            Clear(node, heat, heat.Before, node.Row.Session.Between.CallUp + reset);
        }
    }

    /// <summary>A heat that is to be placed runs before one that stays, or after it.</summary>
    private void Clear(Node node, Heat heat, long secondsBefore, long secondsAfter)
    {
        var isBefore = model.NewBoolVar("before");
        var latest = (Seconds(heat.Starts) - secondsBefore - node.Seconds) / 60;
        model.Add(node.Starts <= latest).OnlyEnforceIf(isBefore);
        model.Add(node.Starts >= Up(Seconds(heat.Ends) + secondsAfter)).OnlyEnforceIf(isBefore.Not());
    }

    private void Apart(IntVar a, long afterA, IntVar b, long afterB)
    {
        var isFirst = model.NewBoolVar("a first");
        model.Add(b >= a + afterA).OnlyEnforceIf(isFirst);
        model.Add(a >= b + afterB).OnlyEnforceIf(isFirst.Not());
    }

    private static IEnumerable<Guid> People(Node node) => node.Entries.SelectMany(e => e.Members.Select(m => m.Id));

    private IEnumerable<(Node, Node)> Pairs()
    {
        var at = nodes.SelectMany((n, i) => People(n).Distinct().Select(p => (Person: p, Node: i))).GroupBy(x => x.Person, x => x.Node);
        return at.SelectMany(g => g.SelectMany(a => g.Where(b => a < b).Select(b => (a, b))))
            .Distinct()
            .OrderBy(p => p)
            .Select(p => (nodes[p.a], nodes[p.b]));
    }
}
