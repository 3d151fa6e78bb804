using FairCompass.Planning.Days;
using Google.OrTools.Sat;

namespace FairCompass.Planning.Solving;

/// <summary>
/// Who judges where: every post filled under the rules, then as many pairs of judges linked as can be, then the work shared evenly over
/// judges, and each judge over lanes and divisions.
/// </summary>
internal sealed partial class JudgeModel
{
    /// <summary>Pairs of judges times heats at most: what is asked of each is a variable, and the memory for more is not there.</summary>
    private const long MostMeetings = 300_000;

    // Each outweighs all that can be gained by what stands below it.
    private const int OfPost = 1_000_000;
    private const int OfLink = 1_000;

    private readonly CpModel model = new();
    private readonly Plan plan;
    private readonly Field field;
    private readonly Dictionary<Guid, Streaks.Placed> placed;
    private readonly Dictionary<(int Heat, int Lane), List<(int Judge, BoolVar Stands)>> posts = [];

    // What is given is 0 or 1; what is sought is a variable.
    private readonly Dictionary<(int Judge, int Heat), LinearExpr> inHeat = [];
    private readonly LinearExprBuilder goal = LinearExpr.NewBuilder();

    /// <summary>The question for a plan.</summary>
    /// <param name="plan">A plan with its times; judges of fixed lanes and of heats that were called or run stay.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="greedy">The same heats with judges, from which the search begins.</param>
    public JudgeModel(Plan plan, Field field, Plan greedy)
    {
        (this.plan, this.field) = (plan, field);
        placed = Streaks.Of(plan);
        for (var h = 0; h < plan.Heats.Count; h++)
        {
            Heat(h, greedy.Heats[h]);
        }

        Overlaps();
        Rows();
        Links();
        Spread();
    }

    /// <summary>True where a plan is too large to be asked about.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="field">Everybody.</param>
    public static bool IsTooLarge(Plan plan, Field field) =>
        (long)field.Judges.Count * field.Judges.Count / 2 * plan.Heats.Count > MostMeetings;

    /// <summary>Asks for the best judges.</summary>
    /// <param name="limit">How long to seek.</param>
    /// <param name="better">Hears of each better plan.</param>
    /// <param name="cancel">Ends it with what was found.</param>
    public void Seek(SearchLimit limit, Action<Plan> better, CancellationToken cancel)
    {
        model.Minimize(goal);
        var (solver, status) = Solver.Ask(model, limit, c => better(With(b => c.BooleanValue(b))), cancel);
        if (status.IsAnswer())
        {
            better(With(solver.BooleanValue));
        }
    }

    private Plan With(Func<BoolVar, bool> stands) =>
        plan with
        {
            Heats =
            [
                .. plan.Heats.Select(
                    (heat, h) =>
                        heat with
                        {
                            Lanes =
                            [
                                .. heat.Lanes.Select(
                                    (lane, l) =>
                                        posts.TryGetValue((h, l), out var could)
                                            ? lane with
                                            {
                                                Judges =
                                                [
                                                    .. could
                                                        .Where(c => stands(c.Stands))
                                                        .Select(c => (Guid?)field.Judges[c.Judge].Id)
                                                        .Concat(Enumerable.Repeat((Guid?)null, lane.Judges.Count))
                                                        .Take(lane.Judges.Count),
                                                ],
                                            }
                                            : lane
                                ),
                            ],
                        }
                ),
            ],
        };

    private static bool IsGiven(Heat heat, LanePost lane) => lane.Fixed || heat.State != HeatState.Planned;

    private void Heat(int h, Heat greedy)
    {
        var heat = plan.Heats[h];
        var stands = new Dictionary<int, List<BoolVar>>();
        var given = heat.Lanes.Where(l => IsGiven(heat, l)).SelectMany(l => l.Judges).OfType<Guid>().ToHashSet();
        for (var l = 0; l < heat.Lanes.Count; l++)
        {
            var lane = heat.Lanes[l];
            if (IsGiven(heat, lane))
            {
                continue;
            }

            var could = new List<(int, BoolVar)>();
            for (var j = 0; j < field.Judges.Count; j++)
            {
                var judge = field.Judges[j];
                if (
                    given.Contains(judge.Id)
                    || !judge.IsThere(heat)
                    || !judge.Knows(plan.Rules, plan.SessionOf(heat).Workout)
                    || field.Entry(lane.Entry) is not { } entry
                    || !judge.MayJudge(entry)
                )
                {
                    continue;
                }

                var x = model.NewBoolVar("stands");
                model.AddHint(x, greedy.Lanes[l].Judges.Contains(judge.Id));
                could.Add((j, x));
                (stands.TryGetValue(j, out var mine) ? mine : stands[j] = []).Add(x);
            }

            posts[(h, l)] = could;
            var open = model.NewIntVar(0, lane.Judges.Count, "open");
            model.Add(LinearExpr.Sum(could.Select(c => c.Item2)) + open == lane.Judges.Count);
            goal.AddTerm(open, OfPost);
        }

        for (var j = 0; j < field.Judges.Count; j++)
        {
            if (given.Contains(field.Judges[j].Id))
            {
                inHeat[(j, h)] = LinearExpr.Constant(1);
            }
            else if (stands.TryGetValue(j, out var mine))
            {
                var y = model.NewBoolVar("in heat");
                model.Add(LinearExpr.Sum(mine) == y);
                inHeat[(j, h)] = y;
            }
        }
    }

    /// <summary>Nobody stands on two floors at once.</summary>
    private void Overlaps()
    {
        for (var a = 0; a < plan.Heats.Count; a++)
        {
            for (var b = a + 1; b < plan.Heats.Count; b++)
            {
                if (plan.Heats[a].Starts < plan.Heats[b].Ends && plan.Heats[b].Starts < plan.Heats[a].Ends)
                {
                    foreach (var j in Common(a, b).Where(j => inHeat[(j, a)] is IntVar || inHeat[(j, b)] is IntVar))
                    {
                        model.Add(inHeat[(j, a)] + inHeat[(j, b)] <= 1);
                    }
                }
            }
        }
    }

    /// <summary>Nobody too long in a row: a heat that follows another without a break counts one more than it.</summary>
    private void Rows()
    {
        var row = new Dictionary<(int, int), IntVar>();
        var order = Enumerable.Range(0, plan.Heats.Count).OrderBy(h => plan.Heats[h].Starts).ToList();
        for (var i = 0; i < order.Count; i++)
        {
            var h = order[i];
            for (var k = i - 1; k >= 0; k--)
            {
                var p = order[k];
                if (!Streaks.Follows(placed[plan.Heats[p].Id], placed[plan.Heats[h].Id], plan.Rules.JudgeBreak))
                {
                    continue;
                }

                foreach (var j in Common(p, h))
                {
                    // Holds only where both are judged; what a row counts elsewhere is free.
                    var off = (2 - inHeat[(j, h)] - inHeat[(j, p)]) * plan.Heats.Count;
                    model.Add(Row(row, j, h) >= Row(row, j, p) + 1 - off);
                }
            }
        }
    }

    /// <summary>How many in a row up to a heat: what is given may be too many already, and is not undone.</summary>
    private IntVar Row(Dictionary<(int, int), IntVar> row, int judge, int heat) =>
        row.TryGetValue((judge, heat), out var v)
            ? v
            : row[(judge, heat)] = model.NewIntVar(1, inHeat[(judge, heat)] is IntVar ? plan.Rules.JudgeInARow : plan.Heats.Count, "row");

    /// <summary>The judges who may stand in both of two heats.</summary>
    private IEnumerable<int> Common(int a, int b) =>
        Enumerable.Range(0, field.Judges.Count).Where(j => inHeat.ContainsKey((j, a)) && inHeat.ContainsKey((j, b)));
}
