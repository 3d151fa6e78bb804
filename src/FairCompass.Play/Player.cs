using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Kit;
using FairCompass.Core.LayingOut;
using FairCompass.Core.Pacing;
using FairCompass.Core.Playing;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Standards;

namespace FairCompass.Play;

/// <summary>
/// Makes up believable runs: paces by movement and load, fatigue, breaks, tries that do not count, hand-overs by the sharing rule, time
/// for plates, lifts with a chance. Arithmetic is in whole numbers and decimals, so the same seed gives the same run everywhere.
/// A run is no athlete, and the paces are estimates.
/// </summary>
public sealed partial class Player
{
    /// <summary>More than happens in any heat; a pace beyond all bounds ends here.</summary>
    public const int MostEvents = 20_000;

    /// <summary>How many of a thousand tries go with a fault that costs something: an estimate.</summary>
    private const int FaultsIn1000 = 6;

    private readonly Course plain;
    private readonly ScoreSheet sheet;
    private readonly Competition competition;
    private readonly PaceTable paces;
    private readonly LaneBars bars;
    private readonly Dictionary<string, Movement?> movements = new(StringComparer.Ordinal);
    private readonly Dictionary<(string, int, string, decimal?, bool), (long Usual, long Fastest)> times = [];

    /// <summary>A player of a workout for one entry; it can play any number of runs, one at a time.</summary>
    /// <param name="u">The workout, understood.</param>
    /// <param name="entry">Which of its courses.</param>
    /// <param name="paces">What can be expected.</param>
    public Player(Understanding u, int entry, PaceTable paces)
    {
        (plain, sheet, competition, this.paces) = (u.Courses[entry], u.Sheets[entry], u.Competition, paces);
        bars = u.Bars;
    }

    /// <summary>The entry before the clock starts, where nothing was chosen: the same for every run.</summary>
    private PlayedCourse AtTheLine => atTheLine ??= PlayedCourse.Start(plain, sheet);

    private PlayedCourse? atTheLine;

    /// <summary>Plays a run from go to the last bell.</summary>
    /// <param name="seed">Which run.</param>
    /// <param name="lane">Which of the runs of this seed: lanes do not disturb each other.</param>
    /// <param name="cancel">Ends the work between two events.</param>
    public PlayedRun Play(ulong seed, ulong lane = 0, CancellationToken cancel = default) =>
        new One(this, new Pcg32(seed, lane), cancel).Play(seed);

    private readonly Dictionary<string, Eq<string>> faults = new(StringComparer.Ordinal);

    /// <summary>The faults with a cost that can be called in a piece.</summary>
    private Eq<string> Faults(string piece) =>
        faults.TryGetValue(piece, out var named) ? named : faults[piece] = FaultCost.Named(piece, sheet);

    private Movement? MovementOf(string name)
    {
        if (!movements.TryGetValue(name, out var movement))
        {
            movements[name] = movement = StandardsBook.Of(competition).Find(name);
        }

        return movement;
    }

    /// <summary>Usual and fastest time of one counted unit.</summary>
    /// <param name="piece">The key of the piece.</param>
    /// <param name="task">The task as it is done.</param>
    /// <param name="load">Its load; null for none.</param>
    /// <param name="woman">True for a woman.</param>
    private (long Usual, long Fastest) TimeOf(string piece, CourseTask task, decimal? load, bool woman)
    {
        var key = (piece, task.Index, task.Prescription.Movement.Value, load, woman);
        if (times.TryGetValue(key, out var known))
        {
            return known;
        }

        return times[key] = UnitTimes.Of(paces, task, load, plain.Address.Division.Name, woman);
    }

    private IReadOnlyList<decimal> LoadsOf(bool woman, Prescription lift) =>
        BarLoads.All(competition.Kit.Bar(woman ? Duty.Woman : Duty.Man, lift.Bar?.Value), competition.Kit);
}
