using FairCompass.Core.Courses;
using FairCompass.Core.Observing;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Playing;

/// <summary>Where a piece stands.</summary>
public enum PiecePhase
{
    /// <summary>Its window has not opened, or what comes before it on the same clock is not done.</summary>
    Waiting,

    /// <summary>It is worked at.</summary>
    Open,

    /// <summary>A rest of one’s own runs.</summary>
    Resting,

    /// <summary>All of it is done.</summary>
    Finished,

    /// <summary>Its time is over and something of it is not done.</summary>
    Over,

    /// <summary>Its time is over and it was never begun: the piece before took all of the clock.</summary>
    NotReached,
}

/// <summary>The time of a mark that was passed.</summary>
/// <param name="At">The mark.</param>
/// <param name="Time">The hall clock.</param>
/// <param name="Before">The mark passed before it; null for the first.</param>
public sealed record MarkTime(Mark At, Duration Time, MarkTime? Before);

/// <summary>A lift with its time.</summary>
/// <param name="Lift">The lift.</param>
/// <param name="At">The hall clock.</param>
/// <param name="Before">The lift before it; null for the first.</param>
public sealed record LiftTime(Happened.Lifted Lift, Duration At, LiftTime? Before);

/// <summary>A bar on which another load is due.</summary>
/// <param name="Task">The task that is done with it, from 0.</param>
/// <param name="From">The load so far; null before the first.</param>
/// <param name="To">The load that is due.</param>
public sealed record DueLoad(int Task, decimal? From, decimal To);

/// <summary>One piece of the work while it is played.</summary>
public sealed record PlayedPiece
{
    internal PlayedPiece(PieceSetting setting)
    {
        Setting = setting;
        Cap = setting.Cap;
        Strands = setting.IsPlayable ? setting.Piece.Strands.Select(PlayedStrand.Start).ToEq() : [];
        Loads = new decimal?[setting.Piece.Tasks.Count].ToEq();
    }

    /// <summary>The piece.</summary>
    public CoursePiece Piece => Setting.Piece;

    /// <summary>Who does it; the entry itself for an individual.</summary>
    public IReadOnlyList<Address> Members => Setting.Members;

    /// <summary>Where it stands.</summary>
    public PiecePhase Phase { get; internal init; }

    /// <summary>When it was opened for this entry; null before.</summary>
    public Duration? Opened { get; internal init; }

    /// <summary>The hall clock at which it ends for this entry, later with every gate passed; null while nobody has said.</summary>
    public Duration? Cap { get; internal init; }

    /// <summary>How many gates were passed.</summary>
    public int Gates { get; internal init; }

    /// <summary>When all of it was done; null before.</summary>
    public Duration? Finished { get; internal init; }

    /// <summary>When the rest of one’s own ends; null while none runs.</summary>
    public Duration? RestUntil { get; internal init; }

    /// <summary>Its counters; none for lifts.</summary>
    public Eq<PlayedStrand> Strands { get; internal init; }

    /// <summary>Who works; null for an individual, before the first unit, and where all do each together.</summary>
    public int? Worker { get; internal init; }

    /// <summary>Units of the turn so far.</summary>
    public long Turn { get; internal init; }

    /// <summary>Units of the turn that somebody goes on with; 0 for who begins one.</summary>
    /// <param name="seat">The place in the team; null where nobody says who.</param>
    public long TurnOf(int? seat) => seat == Worker || Worker is null ? Turn : 0;

    /// <summary>What each member did of the tasks that are counted by member.</summary>
    public Eq<MemberUnits> By { get; internal init; }

    /// <summary>The same when the set in hand of each task began.</summary>
    internal Eq<MemberUnits> BySet { get; init; }

    /// <summary>What each member did without the set in hand of a task.</summary>
    internal Eq<MemberUnits> ByWithoutSet(int task) => By.Where(b => b.Task != task).Concat(BySet.Where(b => b.Task == task)).ToEq();

    /// <summary>A set of a task begins here.</summary>
    internal PlayedPiece SetBegins(int task) =>
        By.Count == 0 ? this : this with { BySet = BySet.Where(b => b.Task != task).Concat(By.Where(b => b.Task == task)).ToEq() };

    /// <summary>Whose turn comes next where the order of turns is fixed; null where it is not.</summary>
    /// <param name="strand">A counter of the piece.</param>
    public int? NextInOrder(PlayedStrand strand)
    {
        if (strand.Next is not { } next || SharingOf(next.Task) is not { Order.Count: > 0 } sharing)
        {
            return null;
        }

        var places = Members.Select((m, i) => m.Seat ?? i + 1).ToList();
        return sharing.After(Worker, s => places.Contains(s) && !Holding.Contains(s) && Allowed(strand, next, s) > 0);
    }

    /// <summary>How many units a turn has that is begun and not done, where its length is fixed; null where another may take over, and
    /// where it is open which of several counters goes on.</summary>
    public int? UnfinishedTurn =>
        Worker is not { } now || Strands.Count > 1
            ? null
            : Strands
                .Where(s => s.Next is { } next && Turn < SharingOf(next.Task).TurnOf && Allowed(s, next, now) > 0)
                .Select(s => SharingOf(s.Next!.Task).TurnOf)
                .FirstOrDefault();

    /// <summary>How many units of a task a member may do before others would lack theirs; the largest number without a limit.</summary>
    /// <param name="strand">A counter of the piece.</param>
    /// <param name="next">The next unit of it.</param>
    /// <param name="seat">The member.</param>
    public long Allowed(PlayedStrand strand, Place next, int seat)
    {
        foreach (var share in Setting.Shares)
        {
            if (share.Task == next.Task)
            {
                return share.Allowed(seat, DoneOf(next.Task), By);
            }
        }

        return long.MaxValue;
    }

    /// <summary>Units of a task that were done, over every counter that has it.</summary>
    private long DoneOf(int task)
    {
        var sum = 0L;
        foreach (var strand in Strands)
        {
            if (strand.Of.Counter.DepthOf(task) is not null)
            {
                sum += strand.Of.Counter.UnitsOf(task, strand.Units);
            }
        }

        return sum;
    }

    /// <summary>The same with units that a member did, where its task is counted by member.</summary>
    internal PlayedPiece Counting(int task, int seat, long units)
    {
        foreach (var share in Setting.Shares)
        {
            if (share.Task == task)
            {
                return this with
                {
                    By = By.Where(b => (b.Task, b.Seat) != (task, seat)).Append(new(seat, share.UnitsOf(seat, By) + units, task)).ToEq(),
                };
            }
        }

        return this;
    }

    /// <summary>Seats that hold a position others need.</summary>
    public Eq<int> Holding { get; internal init; }

    /// <summary>The interval of an interval clock, from 1; 0 where there are none.</summary>
    public int Interval { get; internal init; }

    /// <summary>True while a move between two chunks is due.</summary>
    public bool MoveDue { get; internal init; }

    /// <summary>A load that must be on the bar before the next unit; null while none is due.</summary>
    public DueLoad? LoadDue { get; internal init; }

    /// <summary>The strokes so far: how often each fault with a cost was called.</summary>
    public Eq<FaultSeen> Faults { get; internal init; }

    /// <summary>The last mark passed; null for none.</summary>
    public MarkTime? Marks { get; internal init; }

    /// <summary>The last lift; null for none.</summary>
    public LiftTime? Lifts { get; internal init; }

    /// <summary>Why a lift may not be tried now; null where no rule forbids it.</summary>
    /// <param name="load">Bar included.</param>
    /// <param name="seat">The lifter; null for an individual.</param>
    public string? Breach(decimal load, int? seat)
    {
        if (Setting.Lifting is not { } rules)
        {
            return null;
        }

        var tries = new List<Try>();
        for (var lift = Lifts; lift is not null; lift = lift.Before)
        {
            tries.Insert(0, new(lift.Lift.Load, lift.Lift.Made, lift.Lift.Seat));
        }

        return rules.Breach(tries, new(load, true, seat));
    }

    /// <summary>What a lift is bound by; null where nothing is lifted for the heaviest load.</summary>
    public LiftRules? Lifting => Setting.Lifting;

    /// <summary>The load on the bar of each task; null for what has no bar or was not begun.</summary>
    public Eq<decimal?> Loads { get; internal init; }

    /// <summary>Units of what comes first in each interval when the interval began.</summary>
    internal long FirstBefore { get; init; }

    internal PieceSetting Setting { get; private init; }

    /// <summary>True while units can be done.</summary>
    public bool IsOpen => Phase == PiecePhase.Open;

    /// <summary>Who may do the next unit of a task.</summary>
    /// <param name="task">From 0.</param>
    public Sharing SharingOf(int task) => Setting.SharingOf(task);

    /// <summary>Units of a counter that can be done before something else is due: 0 for none, the largest number without end.</summary>
    /// <param name="strand">A counter of the piece.</param>
    public long Ahead(PlayedStrand strand) => Steps.Open(this, strand);

    /// <summary>The counter with a key; null for none.</summary>
    public PlayedStrand? Strand(string key)
    {
        foreach (var strand in Strands)
        {
            if (strand.Of.Key == key)
            {
                return strand;
            }
        }

        return null;
    }

    /// <summary>Units of what comes first in each interval that must be done before the rest of the present one; 0 for none.</summary>
    public long FirstOwed
    {
        get
        {
            if (Interval == 0 || Strands[0] is not { Of.Role: StrandRole.First } first)
            {
                return 0;
            }

            var until = first.Of.Counter.UnitsAfterRound(Interval) ?? 0;
            return Piece.Every!.CarriesOver == true
                ? Math.Max(0, until - first.Units)
                : Math.Max(0, until - (first.Of.Counter.UnitsAfterRound(Interval - 1) ?? 0) - (first.Units - FirstBefore));
        }
    }

    /// <summary>The task as it is done at a place: in the option that was taken, where it leaves a choice.</summary>
    /// <param name="strand">A counter of the piece.</param>
    /// <param name="at">A place of it.</param>
    public CourseTask TaskAt(PlayedStrand strand, Place at) => Setting.TaskAt(strand.Of, at);

    /// <summary>The load that the next unit of a counter needs; null for what has none in figures.</summary>
    /// <param name="strand">A counter of the piece.</param>
    public decimal? LoadAt(PlayedStrand strand) =>
        strand.Next is { } next && TaskAt(strand, next).Prescription.Load?.Value.Values is { HasUnset: false } values
            ? values.At((next.Rounds.Count > 0 ? next.Rounds[^1] : 1) - 1)
            : null;

    /// <summary>What is lifted for the heaviest load; null where nothing is.</summary>
    public CourseTask? Lifted => Setting.Lifted;

    /// <summary>False for work that nobody has said completely: it is not played.</summary>
    public bool IsPlayable => Setting.IsPlayable;

    /// <summary>The same piece after an option was taken, which changes only what lies ahead.</summary>
    internal PlayedPiece Under(PieceSetting setting) =>
        this with
        {
            Setting = setting,
            Strands = Strands.Select((s, i) => s.In(setting.Piece.Strands[i])).ToEq(),
        };

    /// <inheritdoc/>
    public bool Equals(PlayedPiece? other) => ReferenceEquals(this, other);

    /// <inheritdoc/>
    public override int GetHashCode() => System.Runtime.CompilerServices.RuntimeHelpers.GetHashCode(this);
}
