using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using FairCompass.Core.Competitions;
using FairCompass.Core.Kit;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Prescriptions;

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
    private readonly bool mayPlan;

    /// <summary>Tasks of teams on bars beyond which each bar is planned alone: more than any workout has.</summary>
    private const int MostShared = 40;
    private readonly MassUnit unit;

    private LaneBars(IEnumerable<PrescribedTask> prescribed, Competition competition)
    {
        (kit, unit) = (competition.Kit, competition.Unit);
        lanes = prescribed.Where(p => p.At == default && LoadsOf(p, unit) is not null).ToLookup(Key);
        mayPlan = lanes.Count(g => g.First().Address.Division.IsTeam) <= MostShared;
    }

    /// <summary>The bars of a draft.</summary>
    /// <param name="prescribed">Every task for every column.</param>
    /// <param name="competition">The competition whose kit stands in the lanes.</param>
    public static LaneBars Of(IReadOnlyList<PrescribedTask> prescribed, Competition competition) =>
        Known.GetValue(prescribed, p => new(p, competition));

    /// <summary>The changes from the bare bar through the loads of a task; null where it has no load in the competition’s unit, or where
    /// the kit cannot make one.</summary>
    /// <param name="task">A task on a bar, as one column has it.</param>
    public Eq<PlateChange>? Changes(PrescribedTask task) => changes.GetOrAdd(task, Planned).Changes;

    /// <summary>True where the stacks of a task are others than those of the same loads alone, because another bar takes plates.</summary>
    /// <param name="task">A task on a bar, as one column has it.</param>
    public bool IsShared(PrescribedTask task) => changes.GetOrAdd(task, Planned).Shared;

    private (Eq<PlateChange>? Changes, bool Shared) Planned(PrescribedTask task)
    {
        if (LoadsOf(task, unit) is not { } loads)
        {
            return (null, false);
        }

        var (alone, bars) = (LaneStacks.Of(loads.ToList(), BarOf(task), kit), task.Address.Division.IsTeam ? Beside(task) : []);
        var at = bars.ToList().IndexOf((BarOf(task), loads));
        return bars.Count > 1 && at >= 0 && LaneStacks.Together(bars, kit, mayPlan) is { } plans && plans[at] != alone
            ? (plans[at], true)
            : (alone, false);
    }

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
    /// The bars that stand loaded in one lane for a task: its own, and one of each other kind, with the loads that the same phrase gives
    /// where there is such. Members with the same bar and other loads have it changed in between.
    /// </summary>
    /// <param name="task">A task on a bar.</param>
    public Eq<(LaneBar Bar, Eq<decimal> Loads)> Beside(PrescribedTask task) =>
        lanes[Key(task)]
            .OrderByDescending(p => p.Prescription.Load!.From.At == task.Prescription.Load?.From.At)
            .Prepend(task)
            .DistinctBy(BarOf)
            .Select(p => (Bar: BarOf(p), Loads: LoadsOf(p, unit)!.Value))
            .OrderByDescending(b => b.Bar.Mass)
            .ToEq();

    /// <summary>True where the plates reach for all these bars at once; also where a draft is too large to look.</summary>
    /// <param name="bars">The bars, each with its loads.</param>
    public bool Reach(Eq<(LaneBar Bar, Eq<decimal> Loads)> bars) => !mayPlan || LaneStacks.Together(bars, kit) is not null;

    /// <summary>The bar of a task.</summary>
    /// <param name="task">A task on a bar.</param>
    public LaneBar BarOf(PrescribedTask task) => kit.Bar(task.Address.Duty, task.Prescription.Bar?.Value);

    private static Eq<decimal>? LoadsOf(PrescribedTask task, MassUnit unit) =>
        task.Prescription.Load?.Value is { Values.HasUnset: false } load && load.Unit == unit && load.Values.At(0) is not null
            ? LaneStacks.Rungs(load.Values).ToEq()
            : null;

    /// <summary>Whose lane it is: a team’s, or that of one athlete.</summary>
    private static (int, Address, int?) Key(PrescribedTask p) =>
        (
            p.Around?.At.Line ?? p.Source.At.Line,
            new(p.Address.Division, p.Address.Division.IsTeam ? null : p.Address.Duty, Level: p.Address.Level),
            p.Option?.At.Line
        );
}
