using FairCompass.Core.Languages;
using FairCompass.Planning.Days;
using Google.OrTools.Sat;

namespace FairCompass.Planning.Solving;

/// <summary>
/// Why some lanes have no judge: the few rules that cannot be kept together. What can be left out while the rest still cannot be kept is
/// left out; where nobody knows within the limit, it stays.
/// </summary>
internal sealed class JudgeConflicts
{
    /// <summary>Conflicts said at most; who has solved these asks again.</summary>
    private const int Most = 4;

    /// <summary>Heats of a day that are looked at together; for more than these an answer takes minutes.</summary>
    private const int LongestDay = 40;

    private readonly CpModel model = new();
    private readonly Plan plan;
    private readonly Field field;
    private readonly Dictionary<string, BoolVar> rules = [];
    private readonly Dictionary<int, BoolVar> staffed = [];
    private readonly Dictionary<(int Judge, int Heat), List<BoolVar>> stands = [];

    private JudgeConflicts(Plan plan, Field field, IEnumerable<int> heats)
    {
        (this.plan, this.field) = (plan, field);
        foreach (var h in heats)
        {
            Heat(h);
        }

        Places();
        Rows();
    }

    /// <summary>The conflicts of a plan with its times, each sought where a lane has no judge: among the heats of that time, then those
    /// before it, then the whole day. Nothing where every lane can have its judges, or nobody knows within the limit.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="limit">How long to seek for each answer.</param>
    /// <param name="cancel">Ends it with what was found.</param>
    public static IEnumerable<PlanConflict> Of(Plan plan, Field field, SearchLimit limit, CancellationToken cancel)
    {
        var order = Enumerable
            .Range(0, plan.Heats.Count)
            .Where(h => plan.Heats[h].State != HeatState.Run)
            .OrderBy(h => plan.Heats[h].Starts)
            .ToList();
        var said = new HashSet<int>();
        var found = 0;
        foreach (var h in order.Where(h => plan.Heats[h].Lanes.Any(l => l.Judges.Contains(null))))
        {
            if (found == Most || said.Contains(h))
            {
                continue;
            }

            foreach (var near in Windows(plan, order, h))
            {
                if (new JudgeConflicts(plan, field, near).Core(near, limit, cancel) is { } core)
                {
                    found++;
                    said.UnionWith(core.Heats);
                    yield return core.Said;
                    break;
                }
            }
        }
    }

    private static IEnumerable<List<int>> Windows(Plan plan, List<int> order, int h)
    {
        var heat = plan.Heats[h];
        var together = order.Where(o => plan.Heats[o].Starts < heat.Ends && heat.Starts < plan.Heats[o].Ends).ToList();
        yield return together;
        var before = order.Take(order.IndexOf(h)).TakeLast(2 * (plan.Rules.JudgeInARow + 1)).Union(together).ToList();
        yield return before;
        var day = order.Where(o => plan.Heats[o].Starts.Date == heat.Starts.Date).ToList();
        if (day.Count > before.Count && day.Count <= LongestDay)
        {
            yield return day;
        }
    }

    /// <summary>The rule’s own literal; while it is not assumed, the rule need not hold.</summary>
    private BoolVar Rule(string words) => rules.TryGetValue(words, out var v) ? v : rules[words] = model.NewBoolVar(words);

    private void Heat(int h)
    {
        var heat = plan.Heats[h];
        staffed[h] = model.NewBoolVar("staffed");
        foreach (var lane in heat.Lanes)
        {
            var could = new List<BoolVar>();
            for (var j = 0; j < field.Judges.Count; j++)
            {
                var judge = field.Judges[j];
                var x = model.NewBoolVar("stands");
                could.Add(x);
                (stands.TryGetValue((j, h), out var mine) ? mine : stands[(j, h)] = []).Add(x);
                if (field.Entry(lane.Entry) is { } entry && !judge.MayJudge(entry))
                {
                    model.AddImplication(
                        x,
                        Rule(
                                judge.NotEntries.Contains(entry.Id)
                                    ? $"{judge.Name} does not judge {entry.Name}"
                                    : $"nobody of {judge.Gym} judges their own"
                            )
                            .Not()
                    );
                }

                if (!judge.IsThere(heat))
                {
                    model.AddImplication(x, Rule($"{judge.Name} is not there or has a break").Not());
                }

                if (judge.Untrained.Contains(plan.SessionOf(heat).Workout))
                {
                    model.AddImplication(x, Rule("only judges whom the head judge has cleared judge it").Not());
                }
                else if (!judge.Knows(plan.Rules, plan.SessionOf(heat).Workout))
                {
                    model.AddImplication(x, Rule("only judges who have confirmed the workout judge it").Not());
                }

                if (lane.Fixed && !lane.Judges.Contains(judge.Id))
                {
                    model.AddImplication(x, Rule($"lane {lane.Lane} of {Name(h)} is fixed").Not());
                }
            }

            model.Add(LinearExpr.Sum(could) >= lane.Judges.Count).OnlyEnforceIf(staffed[h]);
        }
    }

    /// <summary>Nobody stands in two places at once, whatever is left out.</summary>
    private void Places()
    {
        foreach (var mine in stands.Values)
        {
            model.AddAtMostOne(mine);
        }

        foreach (
            var (a, b) in Pairs().Where(p => plan.Heats[p.A].Starts < plan.Heats[p.B].Ends && plan.Heats[p.B].Starts < plan.Heats[p.A].Ends)
        )
        {
            for (var j = 0; j < field.Judges.Count; j++)
            {
                model.AddAtMostOne(stands[(j, a)].Concat(stands[(j, b)]));
            }
        }
    }

    private void Rows()
    {
        var placed = Streaks.Of(plan);
        var (n, off) = (plan.Rules.JudgeInARow, plan.Rules.JudgeBreak);
        var rule = Rule($"no more than {n} heats in a row");
        var row = new Dictionary<(int, int), IntVar>();
        IntVar Row(int j, int h) => row.TryGetValue((j, h), out var v) ? v : row[(j, h)] = model.NewIntVar(1, n, "row");
        foreach (var (a, b) in Pairs().Where(p => Streaks.Follows(placed[plan.Heats[p.A].Id], placed[plan.Heats[p.B].Id], off)))
        {
            for (var j = 0; j < field.Judges.Count; j++)
            {
                var both = LinearExpr.Sum(stands[(j, a)]) + LinearExpr.Sum(stands[(j, b)]);
                model.Add(Row(j, b) >= Row(j, a) + 1 - ((2 - both) * n)).OnlyEnforceIf(rule);
            }
        }
    }

    /// <summary>Two heats each, the earlier first.</summary>
    private IEnumerable<(int A, int B)> Pairs()
    {
        var order = staffed.Keys.OrderBy(h => plan.Heats[h].Starts).ToList();
        return order.SelectMany((a, i) => order.Skip(i + 1).Select(b => (a, b)));
    }

    /// <summary>The fewest of these heats and rules that cannot be kept together; null where all can, or nobody knows.</summary>
    private (IReadOnlyList<int> Heats, PlanConflict Said)? Core(List<int> all, SearchLimit limit, CancellationToken cancel)
    {
        if (Refuted(all, [.. rules.Keys], limit, cancel) is not { } core)
        {
            return null;
        }

        var (heats, kept) = core;
        // What can be left out while it still cannot be done is not needed.
        foreach (var rule in kept.ToList())
        {
            if (kept.Contains(rule) && Refuted(heats, [.. kept.Where(r => r != rule)], limit, cancel) is { } less)
            {
                (heats, kept) = less;
            }
        }

        foreach (var heat in heats.ToList())
        {
            if (heats.Contains(heat) && Refuted([.. heats.Where(h => h != heat)], kept, limit, cancel) is { } less)
            {
                (heats, kept) = less;
            }
        }

        return (heats, Said(heats, kept));
    }

    private (List<int> Heats, List<string> Rules)? Refuted(List<int> heats, List<string> kept, SearchLimit limit, CancellationToken cancel)
    {
        model.ClearAssumptions();
        model.AddAssumptions(heats.Select(h => staffed[h]).Concat(kept.Select(r => rules[r])));
        var (solver, status) = Solver.Ask(model, limit, null, cancel);
        if (status != CpSolverStatus.Infeasible)
        {
            return null;
        }

        var needed = solver.SufficientAssumptionsForInfeasibility().ToHashSet();
        return needed.Count == 0
            ? (heats, kept)
            : ([.. heats.Where(h => needed.Contains(staffed[h].GetIndex()))], [.. kept.Where(r => needed.Contains(rules[r].GetIndex()))]);
    }

    private PlanConflict Said(List<int> heats, List<string> kept) =>
        new(
            (heats.Count == 0 ? "The lanes" : Tongue.English.Join(heats.Select(Name)))
                + (heats.Count > 1 ? " cannot all have their judges" : " cannot have a judge in every lane")
                + (kept.Count == 0 ? $": there are {field.Judges.Count} judges." : " while all of this holds:"),
            [.. kept.Select(k => char.ToUpperInvariant(k[0]) + k[1..] + ".")]
        );

    private string Name(int h) => $"{field.Workout(plan.SessionOf(plan.Heats[h]).Workout)?.Title}, heat {plan.Heats[h].Number}";
}
