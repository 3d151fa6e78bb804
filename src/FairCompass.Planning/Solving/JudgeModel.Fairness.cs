using Google.OrTools.Sat;

namespace FairCompass.Planning.Solving;

internal sealed partial class JudgeModel
{
    /// <summary>Links by a common entry are as many as pairs times entries times workouts; above this the heats alone must link, and what
    /// entries link besides is a gift.</summary>
    private const int MostEntryLinks = 60_000;

    /// <summary>A pair is linked that stands in one heat, or judges one entry in two workouts.</summary>
    private void Links()
    {
        var count = field.Judges.Count;
        var entries = WhoMayJudge();
        var perPair = entries.Sum(e => e.Count * (e.Count - 1));
        var withEntries = (long)perPair * count * (count - 1) / 2 <= MostEntryLinks;
        for (var a = 0; a < count; a++)
        {
            for (var b = a + 1; b < count; b++)
            {
                var ways = new List<ILiteral>();
                for (var h = 0; h < plan.Heats.Count; h++)
                {
                    if (inHeat.TryGetValue((a, h), out var x) && inHeat.TryGetValue((b, h), out var y))
                    {
                        ways.Add(Both(x, y));
                    }
                }

                if (withEntries)
                {
                    ways.AddRange(entries.SelectMany(e => ByEntry(e, a, b)));
                }

                var apart = model.NewBoolVar("apart");
                model.AddBoolOr(ways.Append(apart));
                goal.AddTerm(apart, OfLink);
            }
        }
    }

    private BoolVar Both(LinearExpr x, LinearExpr y)
    {
        var both = model.NewBoolVar("both");
        model.Add(both <= x);
        model.Add(both <= y);
        return both;
    }

    private IEnumerable<BoolVar> ByEntry(List<(Guid Workout, Dictionary<int, LinearExpr> Judges)> entry, int a, int b) =>
        from one in entry
        from other in entry
        where one.Workout != other.Workout && one.Judges.ContainsKey(a) && other.Judges.ContainsKey(b)
        select Both(one.Judges[a], other.Judges[b]);

    /// <summary>Who may judge each entry, by workout.</summary>
    private List<List<(Guid Workout, Dictionary<int, LinearExpr> Judges)>> WhoMayJudge() =>
        [
            .. plan
                .Heats.SelectMany((heat, h) => heat.Lanes.Select((lane, l) => (heat, lane, h, l)))
                .GroupBy(x => x.lane.Entry)
                .Select(g =>
                    g.Select(x =>
                            (
                                plan.SessionOf(x.heat).Workout,
                                posts.TryGetValue((x.h, x.l), out var could)
                                    ? could.ToDictionary(c => c.Judge, c => (LinearExpr)c.Stands)
                                    : x
                                        .lane.Judges.OfType<Guid>()
                                        .Select(NumberOf)
                                        .Where(j => j >= 0)
                                        .Distinct()
                                        .ToDictionary(j => j, _ => LinearExpr.Constant(1))
                            )
                        )
                        .ToList()
                ),
        ];

    private int NumberOf(Guid judge)
    {
        for (var j = 0; j < field.Judges.Count; j++)
        {
            if (field.Judges[j].Id == judge)
            {
                return j;
            }
        }

        return -1;
    }

    /// <summary>The work even between judges, and each judge in many lanes and before many divisions.</summary>
    private void Spread()
    {
        var heats = plan.Heats.Count;
        var (least, most) = (model.NewIntVar(0, heats, "least"), model.NewIntVar(0, heats, "most"));
        var used = plan.Heats.Sum(h => h.Lanes.Sum(l => l.Judges.Count));
        for (var j = 0; j < field.Judges.Count; j++)
        {
            var load = LinearExpr.Sum(Enumerable.Range(0, heats).Where(h => inHeat.ContainsKey((j, h))).Select(h => inHeat[(j, h)]));
            model.Add(least <= load);
            model.Add(most >= load);
        }

        goal.AddTerm(most, JudgeSpread.OfLoad);
        goal.AddTerm(least, -JudgeSpread.OfLoad);
        Even(used, (h, l) => plan.Heats[h].Lanes[l].Lane);
        Even(used, (h, l) => field.Entry(plan.Heats[h].Lanes[l].Entry)?.Division ?? "");
    }

    /// <summary>No judge much more often before one of a kind than before another.</summary>
    private void Even<T>(int used, Func<int, int, T> kind)
        where T : notnull
    {
        var kinds = posts.Keys.Select(p => kind(p.Heat, p.Lane)).Distinct().Count();
        if (kinds < 2)
        {
            return;
        }

        var fair = JudgeSpread.Fair(used, field, kinds);
        foreach (
            var mine in posts
                .SelectMany(p => p.Value.Select(c => (c.Judge, Kind: kind(p.Key.Heat, p.Key.Lane), c.Stands)))
                .GroupBy(x => (x.Judge, x.Kind), x => x.Stands)
        )
        {
            var over = model.NewIntVar(0, plan.Heats.Count, "over");
            model.Add(over >= LinearExpr.Sum(mine) - fair);
            goal.AddTerm(over, 1);
        }
    }
}
