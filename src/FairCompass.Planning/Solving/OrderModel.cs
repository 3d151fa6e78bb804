using FairCompass.Planning.Days;
using FairCompass.Planning.People;
using Google.OrTools.Sat;
using NodaTime;

namespace FairCompass.Planning.Solving;

/// <summary>
/// In which order the heats run so that the days are short: start minutes under the rules of the greedy plan, with the minutes of plates
/// between two heats taken from which follows which. Who runs together is given.
/// </summary>
internal sealed partial class OrderModel
{
    /// <summary>Heats of one session at most: what follows what grows with their square, and a minute finds
    /// nothing beyond this.</summary>
    public const int MostHeats = 150;

    private readonly CpModel model = new();
    private readonly Plan plan;
    private readonly Field field;
    private readonly OrderRules rules;
    private readonly LocalDateTime origin;
    private readonly List<Node> nodes = [];
    private readonly Dictionary<LocalDate, IntVar> ends = [];
    private readonly List<IntVar> sessionEnds = [];

    /// <summary>A heat that is to be placed.</summary>
    /// <param name="Row">Its session.</param>
    /// <param name="Entries">Who runs.</param>
    /// <param name="Seconds">How long.</param>
    /// <param name="Starts">Its start, minutes from the origin.</param>
    public sealed record Node(HeatRow Row, IReadOnlyList<Entry> Entries, int Seconds, IntVar Starts);

    /// <summary>The question for a plan.</summary>
    /// <param name="plan">The sessions, the rules, heats that stay.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="greedy">A plan to be no longer than, from which the search begins.</param>
    /// <param name="rules">Which rules hold.</param>
    public OrderModel(Plan plan, Field field, Plan greedy, OrderRules rules)
    {
        (this.plan, this.field, this.rules) = (plan, field, rules);
        origin = plan.Sessions.Min(s => s.Starts.Date).AtMidnight();
        foreach (var day in plan.Sessions.Select(s => s.Starts.Date).Distinct())
        {
            ends[day] = model.NewIntVar(0, Latest(greedy, day), $"end {day}");
        }

        var rows = HeatRow.Of(plan, field).Where(r => r.Heats.Count > 0).ToList();
        var begins = greedy
            .Heats.Where(h => !h.Stays)
            .SelectMany(h => h.Lanes.Select(l => (h.Session, l.Entry, h.Starts)))
            .ToDictionary(x => (x.Session, x.Entry), x => Minute(x.Starts));
        var free = new Dictionary<string, IntVar>();
        foreach (var row in rows)
        {
            free[row.Session.Floor] = Session(row, free.GetValueOrDefault(row.Session.Floor), begins);
        }

        foreach (var heat in plan.Heats.Where(h => h.Stays))
        {
            model.Add(ends[plan.SessionOf(heat).Starts.Date] >= Up(Seconds(heat.Ends)));
            Around(heat);
        }

        if (rules.Rest)
        {
            Rests();
        }
    }

    /// <summary>The heats in the order of an answer.</summary>
    /// <param name="value">The value of a variable in it.</param>
    public IEnumerable<Node> InOrder(Func<IntVar, long> value) => nodes.OrderBy(n => value(n.Starts));

    /// <summary>Asks for the shortest days, then for sessions that are over early within them.</summary>
    /// <param name="limit">How long to seek.</param>
    /// <param name="better">Hears of each better answer.</param>
    /// <param name="cancel">Ends it with what was found.</param>
    /// <returns>Minutes that the days take at least, whoever plans them; null where nothing was found.</returns>
    public long? Seek(SearchLimit limit, Action<Func<IntVar, long>> better, CancellationToken cancel)
    {
        if (nodes.Count == 0)
        {
            return null;
        }

        model.Minimize(LinearExpr.Sum(ends.Values));
        var (solver, status) = Solver.Ask(model, limit with { Work = limit.Work * 0.8 }, c => better(v => c.Value(v)), cancel);
        if (!status.IsAnswer())
        {
            return null;
        }

        better(solver.Value);
        var bound = (long)Math.Ceiling(solver.BestObjectiveBound - 1e-6) - Opening;
        foreach (var end in ends.Values)
        {
            model.Add(end <= solver.Value(end));
        }

        model.ClearHints();
        foreach (var node in nodes)
        {
            model.AddHint(node.Starts, solver.Value(node.Starts));
        }

        model.Minimize(LinearExpr.Sum(sessionEnds));
        var (again, then) = Solver.Ask(model, limit with { Work = limit.Work * 0.2 }, null, cancel);
        if (then.IsAnswer())
        {
            better(again.Value);
        }

        return bound;
    }

    /// <summary>Minutes from midnight at which a day is over at the earliest; null where nobody knows within the limit.</summary>
    /// <param name="day">The day.</param>
    /// <param name="limit">How long to seek.</param>
    /// <param name="cancel">Ends it.</param>
    public long? Earliest(LocalDate day, SearchLimit limit, CancellationToken cancel)
    {
        model.Minimize(ends[day]);
        var (solver, status) = Solver.Ask(model, limit, null, cancel);
        return status.IsAnswer() ? (long)Math.Ceiling(solver.BestObjectiveBound - 1e-6) - Minute(day.AtMidnight()) : null;
    }

    private long Opening => ends.Keys.Sum(d => Minute(plan.Sessions.Where(s => s.Starts.Date == d).Min(s => s.Starts)));

    private long Minute(LocalDateTime time) => Seconds(time) / 60;

    private long Seconds(LocalDateTime time) => Period.Between(origin, time, PeriodUnits.Seconds).Seconds;

    private static long Up(long seconds) => (seconds + 59) / 60;

    private long Latest(Plan greedy, LocalDate day) =>
        greedy.Heats.Where(h => plan.SessionOf(h).Starts.Date == day).Select(h => Up(Seconds(h.Ends))).DefaultIfEmpty(0).Max();

    /// <summary>A session on its floor: its heats follow one another, with the minutes that their plates take.</summary>
    /// <returns>When its last heat is over.</returns>
    private IntVar Session(HeatRow row, IntVar? floorFree, Dictionary<(Guid, Guid), long> begins)
    {
        var (session, latest) = (row.Session, ends[row.Session.Starts.Date].Domain.Max());
        var opens = Up(Seconds(session.Starts));
        var first = model.NewIntVar(opens, latest, "first");
        var end = model.NewIntVar(opens, latest, "end");
        var turn = Up(session.Between.CallUp + (session.Between.Reset ?? 0));
        var here = new List<Node>();
        foreach (var heat in row.Heats)
        {
            var node = new Node(row, heat, row.Seconds(heat), model.NewIntVar(opens, latest, "start"));
            here.Add(node);
            model.Add(node.Starts >= first);
            model.Add(end >= node.Starts + Up(node.Seconds));
            if (begins.TryGetValue((session.Id, heat[0].Id), out var was))
            {
                model.AddHint(node.Starts, was);
            }
        }

        if (floorFree is not null)
        {
            model.Add(first >= floorFree + turn);
        }

        model.Add(ends[session.Starts.Date] >= end);
        nodes.AddRange(here);
        sessionEnds.Add(end);
        Row(row, here, first, end);
        return end;
    }

    /// <summary>Which heat of a session follows which.</summary>
    private void Row(HeatRow row, List<Node> here, IntVar first, IntVar end)
    {
        var order = Order(row, here);
        var circuit = model.AddCircuit();
        var taken = new List<LinearExpr>();
        var next = here.ConvertAll(_ => new List<(ILiteral On, long Minutes)>());
        bool IsBetween(int i, int j) => Enumerable.Range(0, here.Count).Any(k => order[i, k] && order[k, j]);
        for (var i = 0; i < here.Count; i++)
        {
            if (!Enumerable.Range(0, here.Count).Any(k => order[k, i]))
            {
                circuit.AddArc(0, i + 1, model.NewBoolVar("first"));
            }

            if (!Enumerable.Range(0, here.Count).Any(k => order[i, k]))
            {
                Arc(i, -1, Up(here[i].Seconds));
            }

            for (var j = 0; j < here.Count; j++)
            {
                if (order[i, j])
                {
                    model.Add(here[j].Starts >= here[i].Starts + Up(here[i].Seconds + row.Session.Between.CallUp));
                }

                // What must run between two keeps them from following one another.
                if (i != j && !order[j, i] && !IsBetween(i, j))
                {
                    var gap = Gap(row, here[i], here[j]);
                    model.Add(here[j].Starts >= here[i].Starts + gap).OnlyEnforceIf(Arc(i, j, gap));
                }
            }

            model.AddExactlyOne(next[i].Select(n => n.On));
        }

        // Said once for the whole row, the sums give the solver the bound that single steps do not.
        model.Add(end >= first + LinearExpr.Sum(taken));
        model.Add(end >= first + AtLeast([.. next.Select(n => n.Select(x => x.Minutes).Min())], here.Min(n => Up(n.Seconds))));

        BoolVar Arc(int from, int to, long minutes)
        {
            var on = model.NewBoolVar("follows");
            circuit.AddArc(from + 1, to + 1, on);
            taken.Add(on * minutes);
            next[from].Add((on, minutes));
            return on;
        }
    }

    /// <summary>Minutes that a row takes whatever its order: one heat is the last, and every other takes its shortest step.</summary>
    private static long AtLeast(IReadOnlyCollection<long> steps, long last) => steps.Sum() - steps.Max() + Math.Min(last, steps.Max());

    /// <summary>Which heat of a row must run before which.</summary>
    private bool[,] Order(HeatRow row, List<Node> here)
    {
        var order = new bool[here.Count, here.Count];
        for (var i = 0; i < here.Count; i++)
        {
            for (var j = i + 1; j < here.Count; j++)
            {
                order[i, j] = rules.Order && row.GoesBefore(here[i].Entries, here[j].Entries);
            }
        }

        return order;
    }

    /// <summary>Minutes from start to start.</summary>
    private static long Gap(HeatRow row, Node from, Node to) =>
        Up(
            from.Seconds
                + row.Session.Between.CallUp
                + PlateMinutes.Reset(row.Session, row.Workout, row.Groups(from.Entries), row.Groups(to.Entries))
        );
}
