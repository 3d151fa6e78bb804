using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.InForce;
using FairCompass.Core.Kit;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.LayingOut;

/// <summary>
/// What stands on the bars that a task needs in a lane. A team has one lane, so the bars of its duties share the plates of that lane;
/// they are planned together. Where the plates do not reach for all of them at once, each is planned alone, and a check says so.
/// </summary>
public sealed class LaneBars
{
    private static readonly ConditionalWeakTable<IReadOnlyList<PrescribedTask>, LaneBars> Known = [];

    private readonly ILookup<(int Line, Address Lane, int? Option), PrescribedTask> lanes;
    private readonly ConcurrentDictionary<PrescribedTask, (Eq<PlateChange>? Changes, bool Shared)> changes = new(
        ReferenceEqualityComparer.Instance
    );
    private readonly LaneKit kit;
    private readonly StandardsBook book;
    private readonly bool mayPlan;

    // Whose work has a jump over a bar: which of their bars it is, is not always written, so all of them lie high where they can.
    private readonly HashSet<(Division, string?)> jumping;

    /// <summary>Tasks of teams on bars beyond which each bar is planned alone: more than any workout has.</summary>
    private const int MostShared = 40;
    private readonly MassUnit unit;

    private readonly BarChains chains;

    // The tasks of each lane on one bar that is loaded anew on the way, by its first line, as far as they can be planned in one.
    private readonly Dictionary<(Address Lane, int First), List<PrescribedTask>> ways;

    private readonly IReadOnlyList<Course> courses;

    private LaneBars(IEnumerable<PrescribedTask> prescribed, Competition competition, Workout workout, IReadOnlyList<Course> courses)
    {
        (kit, unit, book, this.courses) = (competition.Kit, competition.Unit, StandardsBook.Of(competition), courses);
        jumping =
        [
            .. prescribed
                .Where(p => book.Find(p.Prescription.Movement.Value) is { Kit: MovementKit.BarToClear })
                .Select(p => (p.Address.Division, p.Address.Level)),
        ];
        lanes = prescribed.Where(p => p.At == default && LoadsOf(p, unit) is not null).ToLookup(Key);
        chains = new(lanes.SelectMany(g => g).Where(IsOnBar).Select(p => Key(p).Line), workout);
        ways = lanes
            .Where(g => g.Key.Option is null && chains.LengthOf(g.Key.Line) > 1)
            .SelectMany(g => g)
            .Where(IsOnBar)
            .GroupBy(p => (Key(p).Lane, chains.FirstOf(Key(p).Line)))
            .Where(g => g.DistinctBy(p => Key(p).Line).Sum(p => LoadsOf(p, unit)!.Value.Count) <= MostOnTheWay)
            .ToDictionary(g => g.Key, g => g.OrderBy(p => Key(p).Line).ToList());
        mayPlan = lanes.Count(g => g.First().Address.Division.IsTeam) <= MostShared;
    }

    /// <summary>The bars of a draft.</summary>
    /// <param name="prescribed">Every task for every column.</param>
    /// <param name="competition">The competition whose kit stands in the lanes.</param>
    /// <param name="workout">The draft’s model, which says whether a bar is loaded anew on the way.</param>
    /// <param name="courses">The workout as each entry does it, which says who works at one time.</param>
    public static LaneBars Of(
        IReadOnlyList<PrescribedTask> prescribed,
        Competition competition,
        Workout workout,
        IReadOnlyList<Course> courses
    ) => Known.GetValue(prescribed, p => new(p, competition, workout, courses));

    /// <summary>The changes from the bare bar through the loads of a task; null where it has no load in the competition’s unit, or where
    /// the kit cannot make one.</summary>
    /// <param name="task">A task on a bar, as one column has it.</param>
    public Eq<PlateChange>? Changes(PrescribedTask task) => changes.GetOrAdd(task, Planned).Changes;

    /// <summary>True where the stacks of a task are others than those of the same loads alone: another bar takes plates, or its own is
    /// loaded anew on the way.</summary>
    /// <param name="task">A task on a bar, as one column has it.</param>
    public bool IsShared(PrescribedTask task) => changes.GetOrAdd(task, Planned).Shared;

    private (Eq<PlateChange>? Changes, bool Shared) Planned(PrescribedTask task)
    {
        if (LoadsOf(task, unit) is not { } loads)
        {
            return (null, false);
        }

        var alone = LaneStacks.Of(loads.ToList(), BarOf(task), kit);
        // Another way to do a task has loads of its own, and what is no bar has no part in the plan of one.
        var way = task.Option is null && IsOnBar(task) ? ways.GetValueOrDefault((Key(task).Lane, chains.FirstOf(Key(task).Line))) : null;
        if (!task.Address.Division.IsTeam)
        {
            return way is not null && OnTheWay(task, way) is { } part && part != alone ? (part, true) : (alone, false);
        }

        if (way is not null && TogetherOnTheWay(task, way) is { } stretch)
        {
            return stretch != alone ? (stretch, true) : (alone, false);
        }

        var bars = Beside(task);
        var at = bars.ToList().FindIndex(b => b.Bar == BarOf(task) && b.Loads == loads);
        return bars.Sum(b => b.Times) > 1 && at >= 0 && LaneStacks.Together(bars, kit, mayPlan) is { } plans && plans[at] != alone
            ? (plans[at], true)
            : (alone, false);
    }

    /// <summary>The change between two heats: from the last load of one task to the first of another on the same bar.</summary>
    /// <param name="last">A task whose loads can be made.</param>
    /// <param name="next">Another one, or the same.</param>
    public PlateChange Between(PrescribedTask last, PrescribedTask next) =>
        PlateChange.From(Changes(last)!.Value[^1].Side, Changes(next)!.Value[0].Side, Changes(next)!.Value[0].Load);

    /// <summary>The changes for one task of a bar that is loaded anew on the way: all its loads are one plan, from the first line to the
    /// last. Null where it has the bar for itself, or where there is no such plan.</summary>
    private Eq<PlateChange>? OnTheWay(PrescribedTask task, List<PrescribedTask> way)
    {
        var bar = BarOf(task);
        var line = way.Where(p => p.Prescription.Bar?.Value == task.Prescription.Bar?.Value && BarOf(p).Mass == bar.Mass)
            // The lifts of a complex are done with one bar, and change it once.
            .DistinctBy(p => Key(p).Line)
            .ToList();
        var at = line.FindIndex(p => Key(p).Line == Key(task).Line);
        var loads = line.SelectMany(p => LoadsOf(p, unit)!.Value).ToList();
        if (at < 0 || line.Count < 2)
        {
            return null;
        }

        var whole = LaneStacks.Of(loads, bar with { NeedsFull = line.Exists(p => BarOf(p).NeedsFull) }, kit);
        var before = line.Take(at).Sum(p => LoadsOf(p, unit)!.Value.Count);
        return whole?.Skip(before).Take(LoadsOf(task, unit)!.Value.Count).ToEq();
    }

    /// <summary>
    /// The changes for one task of a team whose bars are loaded anew on the way: all bars of the lane are planned over all lines at once. A
    /// bar that a line does not need stays as it is. Null where there is one line only, where two members have one bar with other loads
    /// and take turns, and where there is no such plan.
    /// </summary>
    private Eq<PlateChange>? TogetherOnTheWay(PrescribedTask task, List<PrescribedTask> way)
    {
        var each = way.GroupBy(p => Key(p).Line).ToList();
        var hands = WhoLifts([.. way.DistinctBy(p => p.Source.At.Line)]);
        if (each.Count < 2 || hands is null)
        {
            return null;
        }

        var lines = each.ConvertAll(g =>
            hands.SelectMany(h => g.Where(h.Does).Select(p => new BarOnTheWay(OneOf(p), h, LoadsOf(p, unit)!.Value))).Distinct().ToList()
        );
        if (lines.Exists(l => l.Count == 0 || l.DistinctBy(b => b.Which).Count() < l.Count))
        {
            return null;
        }

        var lengths = lines.ConvertAll(l => l.Max(b => b.Loads.Count));
        var bars = lines.SelectMany(l => l.Select(b => b.Which)).Distinct().OrderByDescending(b => b.Bar.Bar.Mass).ToList();
        if (bars.Count > MostShared)
        {
            return null;
        }

        // A bar that is pulled in one of the lines is to have a full plate in all of them.
        LaneBar Whole((string? Name, LaneBar Bar) bar) =>
            bar.Bar with
            {
                NeedsFull = way.Exists(p => OneOf(p) == bar && BarOf(p).NeedsFull),
            };
        var plans = LaneStacks.Together(
            [.. bars.Select(b => new StandingBars(Whole(b.Bar), Throughout(b, lines, lengths), b.Whose.Times))],
            kit,
            mayPlan
        );
        var before = lengths.Take(each.FindIndex(g => g.Key == Key(task).Line)).Sum();
        var mine = bars.FindIndex(b => b.Bar == OneOf(task) && b.Whose.Does(task));
        return mine < 0 ? null : plans?[mine].Skip(before).Take(LoadsOf(task, unit)!.Value.Count).ToEq();
    }

    /// <summary>Members who have the same in every line of a way, each at a bar of their own.</summary>
    private sealed record Whose(HashSet<PrescribedTask>? Theirs, int Times)
    {
        public bool Does(PrescribedTask task) => Theirs?.Contains(task) != false;
    }

    /// <summary>A bar in one line of a way.</summary>
    private sealed record BarOnTheWay((string? Name, LaneBar Bar) Bar, Whose Whose, Eq<decimal> Loads)
    {
        /// <summary>Which bar it is, whatever lies on it.</summary>
        public ((string? Name, LaneBar Bar) Bar, Whose Whose) Which => (Bar, Whose);
    }

    /// <summary>Who lifts in some lines: all at the same bars where they take turns, each at an own one where they lift at one time. Null
    /// where it is one in some of the lines and the other in others.</summary>
    private List<Whose>? WhoLifts(IReadOnlyList<PrescribedTask> lines)
    {
        var hands = lines.Select(p => Hands.Of(p, courses)).ToList();
        return hands.TrueForAll(h => h.AtOnce == 1) ? [new(null, 1)]
            : hands.Exists(h => h.AtOnce == 1) ? null
            : hands[0]
                .Members.Select(m => lines.Select(p => Find(p.Source.At.Line, m)).ToEq())
                .GroupBy(tasks => tasks)
                .Select(g => new Whose([.. g.Key.OfType<PrescribedTask>()], Math.Min(hands.Max(h => h.AtOnce), g.Count())))
                .ToList();
    }

    /// <summary>The loads of a bar through all lines: in a line that does not need it, it keeps the load it has, or stands ready with its
    /// first.</summary>
    private static Eq<decimal> Throughout(
        ((string? Name, LaneBar Bar) Bar, Whose Whose) bar,
        List<List<BarOnTheWay>> lines,
        List<int> lengths
    )
    {
        var loads = new List<decimal>();
        var stands = lines.SelectMany(l => l).First(b => b.Which == bar).Loads[0];
        for (var i = 0; i < lines.Count; i++)
        {
            var mine = lines[i].Where(b => b.Which == bar).Select(b => (Eq<decimal>?)b.Loads).FirstOrDefault();
            for (var moment = 0; moment < lengths[i]; moment++)
            {
                stands = mine is { } its && moment < its.Count ? its[moment] : stands;
                loads.Add(stands);
            }
        }

        return loads.ToEq();
    }

    /// <summary>Which bar it is, whatever is lifted with it.</summary>
    private (string? Name, LaneBar Bar) OneOf(PrescribedTask task) =>
        (task.Prescription.Bar?.Value, kit.Bar(task.Address.Duty, task.Prescription.Bar?.Value));

    /// <summary>The first line of the bar that a task is done on: its own, or an earlier one from which the bar is loaded anew.</summary>
    /// <param name="task">A task on a bar, as one column has it.</param>
    public int FirstLine(PrescribedTask task) => chains.FirstOf(Key(task).Line);

    /// <summary>Loads of one bar that are planned in one.</summary>
    private const int MostOnTheWay = 60;

    private bool IsOnBar(PrescribedTask task) => book.Find(task.Prescription.Movement.Value) is { Kit: MovementKit.Barbell };

    /// <summary>The change that leads to a rung; null where there is none.</summary>
    /// <param name="task">A task on a bar, as one column has it.</param>
    /// <param name="rung">From 0.</param>
    public PlateChange? Change(PrescribedTask task, int rung) =>
        Changes(task) is { } plan && rung >= 0 && rung < plan.Count ? plan[rung] : null;

    /// <summary>The task of a line as a member of an entry has it; null where that member does not do it.</summary>
    /// <param name="line">The line of the task.</param>
    /// <param name="member">The entry, or a duty or place in its team.</param>
    public PrescribedTask? Find(int line, Address member) =>
        lanes
            .Where(g => g.Key.Lane.Level == member.Level && g.Key.Option is null)
            .SelectMany(g => g)
            .FirstOrDefault(p =>
                p.Address.Division == member.Division
                && p.Source.At.Line == line
                && (p.Address.Seat is null || member.Seat is null || p.Address.Seat == member.Seat)
                && (p.Address.Duty is null || member.Duty is null || p.Address.Duty == member.Duty)
            );

    /// <summary>
    /// The bars that stand loaded in one lane for a task. Who lift at one time have a bar each. Of those who take turns it is the task’s
    /// own, and one of each other kind, with the loads that the same phrase gives where there is such: members with the same bar and other
    /// loads have it changed in between.
    /// </summary>
    /// <param name="task">A task on a bar.</param>
    public Eq<StandingBars> Beside(PrescribedTask task)
    {
        var hands = Hands.Of(task, courses);
        var bars =
            hands.AtOnce > 1 && task.Option is null
                ? hands
                    .Members.Select(m => Find(task.Source.At.Line, m))
                    .OfType<PrescribedTask>()
                    .Where(p => LoadsOf(p, unit) is not null)
                    .CountBy(p => (Bar: BarOf(p), Loads: LoadsOf(p, unit)!.Value))
                    .Select(b => new StandingBars(b.Key.Bar, b.Key.Loads, Math.Min(hands.AtOnce, b.Value)))
                : lanes[Key(task)]
                    .OrderByDescending(p => p.Prescription.Load!.From.At == task.Prescription.Load?.From.At)
                    .Prepend(task)
                    .DistinctBy(BarOf)
                    .Select(p => new StandingBars(BarOf(p), LoadsOf(p, unit)!.Value));
        return bars.OrderByDescending(b => b.Bar.Mass).ToEq();
    }

    /// <summary>True where the plates reach for all these bars at once; also where a draft is too large to look.</summary>
    /// <param name="bars">The bars, each with its loads.</param>
    public bool Reach(Eq<StandingBars> bars) => !mayPlan || LaneStacks.Reach(bars, kit);

    /// <summary>The bar of a task with its loads; null where it has none in the competition’s unit.</summary>
    /// <param name="task">A task on a bar.</param>
    public (LaneBar Bar, Eq<decimal> Loads)? Own(PrescribedTask task) => LoadsOf(task, unit) is { } loads ? (BarOf(task), loads) : null;

    /// <summary>The bar of a task.</summary>
    /// <param name="task">A task on a bar.</param>
    public LaneBar BarOf(PrescribedTask task) =>
        kit.Bar(task.Address.Duty, task.Prescription.Bar?.Value) with
        {
            NeedsFull = IsPulled(task) || IsPulledInOne(task) || jumping.Contains((task.Address.Division, task.Address.Level)),
        };

    /// <summary>True where the bar is pulled in another lift of the same complex: all of them are done on one bar.</summary>
    private bool IsPulledInOne(PrescribedTask task) =>
        task.Around is not null
        && lanes[Key(task)].Any(p => ReferenceEquals(p.Around, task.Around) && p.Address == task.Address && IsPulled(p));

    /// <summary>True where the bar of a task is pulled from the floor in each rep.</summary>
    /// <param name="task">A task as one column has it.</param>
    public bool IsPulled(PrescribedTask task) =>
        task.Prescription.From?.Value switch
        {
            FromPlace.Rack or FromPlace.Hang => false,
            FromPlace.Floor => IsOnBar(task),
            _ => book.Find(task.Prescription.Movement.Value) is { PullsFromFloor: true },
        };

    private static Eq<decimal>? LoadsOf(PrescribedTask task, MassUnit unit) =>
        task.Prescription.Load?.Value is { Values.HasUnset: false } load && load.Unit == unit && load.Values.At(0) is not null
            ? LaneStacks.Rungs(load.Values).ToEq()
            : null;

    /// <summary>Whose lane it is: a team’s, or that of one athlete.</summary>
    private static (int Line, Address Lane, int? Option) Key(PrescribedTask p) =>
        (
            p.Around?.At.Line ?? p.Source.At.Line,
            new(p.Address.Division, p.Address.Division.IsTeam ? null : p.Address.Duty, Level: p.Address.Level),
            p.Option?.At.Line
        );
}
