using FairCompass.Core.Languages;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>What one counted unit of a task is.</summary>
/// <param name="Word">In the singular: <c>rep</c>, <c>cal</c>, <c>m</c>, <c>ft</c>, <c>section of 3 m</c>, <c>hold</c>.</param>
/// <param name="Credit">What the units are worth.</param>
/// <param name="Parts">How many movements make one unit: two lengths of a shuttle run, the reps of a set; 1 otherwise.</param>
public sealed record CountedUnit(string Word, Credit Credit, int Parts = 1);

/// <summary>One way to do a task that leaves the athlete a choice.</summary>
/// <param name="Prescription">What it is.</param>
/// <param name="Count">How many units over the rounds; null without end.</param>
/// <param name="Unit">What one unit is.</param>
public sealed record TaskOption(Prescription Prescription, Series? Count, CountedUnit Unit)
{
    /// <summary>The option in words: <c>22 front-rack lunge, 30 kg</c>.</summary>
    public string Name => NameIn(Tongue.English);

    /// <summary>The option in words of a language.</summary>
    public string NameIn(Tongue tongue) =>
        (Count is null ? "" : Count + " ")
        + tongue.Movement(Prescription.Movement.Value)
        + (Prescription.Load is { } load ? ", " + load.Value.In(tongue) : "");

    internal Counting? Counting { get; init; }
}

/// <summary>A task of a course: what this entry does.</summary>
/// <param name="Index">From 0 in the order of the text within its piece.</param>
/// <param name="Source">The line it comes from.</param>
/// <param name="Prescription">Its resolved values.</param>
/// <param name="Count">How many over the rounds, in the unit of the text; null when it has no end, is held, or nobody has said.</param>
/// <param name="Unit">The unit of the text.</param>
/// <param name="Counted">What one counted unit is.</param>
/// <param name="Options">The ways to do it, when there is a choice; empty otherwise.</param>
public sealed record CourseTask(
    int Index,
    Work.Task Source,
    Prescription Prescription,
    Series? Count,
    AmountUnit Unit,
    CountedUnit Counted,
    Eq<TaskOption> Options
)
{
    /// <summary>What every member who may do it lifts; null where nothing is lifted, nobody has said, or members lift different
    /// loads.</summary>
    public DutyLoad? Lifted { get; init; }

    /// <summary>The complex this is a lift of, or null.</summary>
    public Work.Complex? Complex { get; init; }
}

/// <summary>A counter of a piece.</summary>
/// <param name="Key">Names it in observations: <c>first</c>, <c>then</c>, a station, an option; empty for the only one.</param>
/// <param name="Role">What it counts of the piece.</param>
/// <param name="Name">In words; empty for the only one.</param>
/// <param name="Counter">The counter.</param>
public sealed record CourseStrand(string Key, StrandRole Role, string Name, Strand Counter)
{
    /// <summary>Which interval it counts, from 1; null for a counter that is not of one interval.</summary>
    public int? Interval { get; init; }

    /// <summary>The counter's name in a language; stations stay as their author wrote them.</summary>
    /// <param name="piece">The piece it belongs to.</param>
    /// <param name="tongue">The language.</param>
    public string NameIn(CoursePiece piece, Tongue tongue)
    {
        if (!tongue.IsSpanish || piece.Piece.Swaps.Count > 0)
        {
            return Name;
        }

        var every = piece.Every;
        return Role switch
        {
            StrandRole.First => "primero en cada intervalo" + Only(every!.First, tongue),
            StrandRole.Then => "en el resto de los intervalos" + Only(every!.Then, tongue),
            StrandRole.Interval => $"intervalo {Interval}",
            StrandRole.Option => piece.Tasks[0].Options[piece.Strands.TakeWhile(s => !ReferenceEquals(s, this)).Count()].NameIn(tongue),
            _ => tongue.Movement(Name),
        };
    }

    private static string Only(Eq<Work> items, Tongue tongue) =>
        items.OfType<Work.Task>().ToList() is [var only] ? $" ({tongue.Movement(only.Movement)})" : "";
}

/// <summary>A piece compiled for an entry.</summary>
/// <param name="Piece">The piece.</param>
/// <param name="Tasks">Its tasks in order.</param>
/// <param name="Strands">Its counters; none for a heaviest set, and when something in the piece cannot be counted.</param>
public sealed record CoursePiece(PieceOfWork Piece, Eq<CourseTask> Tasks, Eq<CourseStrand> Strands)
{
    /// <summary>The counter when there is only one; null when there are none or several.</summary>
    public Strand? Strand => Strands is [{ Role: StrandRole.Only } only] ? only.Counter : null;

    /// <summary>The counter of work in one order, where marks stand and members take turns: the only one, or what fills the rest of the
    /// intervals; null where nothing is in one order.</summary>
    public CourseStrand? Running =>
        Strands is [{ Role: StrandRole.Only } only] ? only
        : Strands is [{ Role: StrandRole.First }, { Role: StrandRole.Then } then] ? then
        : null;

    /// <summary>The counters in which units of a task can be told by member: the running one, its own among tasks in any order, or one
    /// for each interval; none for what begins anew beside other work, for ways to choose and for stations.</summary>
    /// <param name="task">The task, by its index in the piece.</param>
    public IEnumerable<CourseStrand> SharedOf(int task) =>
        Strands.Where(s =>
            s.Role is StrandRole.Only or StrandRole.Then or StrandRole.Task or StrandRole.Interval && s.Counter.DepthOf(task) is not null
        );

    /// <summary>The tasks that a counter counts, in the order of the text.</summary>
    public IEnumerable<CourseTask> TasksOf(CourseStrand strand) => Tasks.Where(t => strand.Counter.DepthOf(t.Index) is not null);

    /// <summary>True when something of the piece is counted.</summary>
    public bool IsCounted => Strands.Count > 0;

    /// <summary>The whole of a tally over all counters; null when one of them has no end.</summary>
    public long? Total(Tally tally) =>
        Strands.Count == 0 || Strands.Any(s => s.Counter.Units is null && s.Role != StrandRole.First)
            ? null
            : Strands.Where(s => s.Role != StrandRole.First).Sum(s => s.Counter.Total(tally) ?? 0);

    /// <summary>The every-interval work of the piece, or null.</summary>
    public Work.Every? Every => Strands.Any(s => s.Role == StrandRole.First) ? Piece.Items.OfType<Work.Every>().FirstOrDefault() : null;

    /// <summary>The plain interval clock of the piece, whose list begins anew in each interval; null for other work.</summary>
    public Work.Every? Plain
    {
        get
        {
            foreach (var item in Strands.Count > 0 ? Piece.Items : [])
            {
                if (item is Work.Every { IsPlain: true } every)
                {
                    return every;
                }
            }

            return null;
        }
    }

    /// <summary>The time the piece may take, with its gates in counted units.</summary>
    public Limit? Limit =>
        Piece.Window is { } window
            ? new(window, Strand is null ? [] : Strand.Gates().Select(g => new GateAt(g.Units, g.Adds ?? Duration.Zero)).ToEq())
            : null;
}

/// <summary>
/// A workout compiled for one entry, an individual's duty or a whole team: the one kernel of ledger, ribbon, cards, and
/// scores.
/// </summary>
/// <param name="Address">For whom.</param>
/// <param name="Pieces">In the order of the clock.</param>
public sealed record Course(Address Address, Eq<CoursePiece> Pieces)
{
    private Resolver? resolver;

    private Clockwork? clock;

    /// <summary>Compiles a workout for every entry it is for.</summary>
    /// <param name="resolver">Knows the entries.</param>
    /// <param name="clocks">From <see cref="Clockwork.OfEach"/>.</param>
    /// <param name="cancel">Ends the work between two entries.</param>
    public static IReadOnlyList<Course> CompileAll(
        Resolver resolver,
        IReadOnlyDictionary<Address, Clockwork> clocks,
        CancellationToken cancel = default
    ) =>
        resolver
            .Entries.Select(entry =>
            {
                cancel.ThrowIfCancellationRequested();
                return Compile(clocks[entry], resolver, entry, []);
            })
            .ToList();

    /// <summary>The hall clock for this entry.</summary>
    public Clockwork Clock => clock ?? throw new InvalidOperationException("Only a compiled course has a clock.");

    /// <summary>The competition it was compiled in; null for a course of no competition.</summary>
    internal Competitions.Competition? Competition => resolver?.Competition;

    /// <summary>The workout it is compiled from; null for a course of no competition.</summary>
    internal Workout? Workout => resolver?.Workout;

    /// <summary>Who of the entry does a piece: the entry itself for an individual.</summary>
    /// <param name="piece">One of its pieces.</param>
    public IReadOnlyList<Address> MembersOf(PieceOfWork piece) =>
        resolver?.Members(Address, piece.Seat, piece.Group) is { Count: > 0 } members ? members : [Address];

    /// <summary>What a task is for one member of the entry.</summary>
    /// <param name="task">A task of the piece.</param>
    /// <param name="piece">The piece.</param>
    /// <param name="member">One of <see cref="MembersOf"/>.</param>
    public Prescription Prescribed(CourseTask task, CoursePiece piece, Address member) =>
        resolver?.Resolve(task.Source, member, new(piece.Piece.Cycle, null), task.Complex) ?? task.Prescription;

    /// <summary>The value that is nearest to who does a piece: the only member, or the entry as a whole; the default where none
    /// holds.</summary>
    /// <param name="said">For whom each is.</param>
    /// <param name="piece">One of its pieces.</param>
    internal T? Nearest<T>(IEnumerable<(Eq<Who> For, T Value)> said, PieceOfWork piece) =>
        resolver is null ? default : resolver.Nearest(said, MembersOf(piece) is [var only] ? only : Address);

    /// <summary>True where a name holds for one of those who do a piece.</summary>
    /// <param name="who">The name.</param>
    /// <param name="piece">One of its pieces.</param>
    internal bool Touches(Who who, PieceOfWork piece) => resolver is not null && MembersOf(piece).Any(m => resolver.Holds(who, m, default));

    /// <summary>The unit of loads in the competition; kilograms for a course of no competition.</summary>
    public MassUnit Unit => Competition?.Unit ?? MassUnit.Kilogram;

    /// <summary>A piece by its key; null when there is none.</summary>
    public CoursePiece? Piece(string key)
    {
        foreach (var piece in Pieces)
        {
            if (piece.Piece.Key == key)
            {
                return piece;
            }
        }

        return null;
    }

    /// <summary>The same workout when an athlete has taken options; without any it is this course.</summary>
    public Course With(Eq<Chosen> choices) => choices.Count == 0 || resolver is null ? this : Compile(Clock, resolver, Address, choices);

    /// <summary>True when every value of a series is a whole number that is known and not negative.</summary>
    public static bool Countable(Series series) =>
        !series.HasUnset
        && series.Terms.All(t => t.IsWhole)
        && (
            !series.Continues || (series.HasEqualSteps && (series.Last is { IsWhole: true } ? series.Length is not null : series.Step >= 0))
        );

    private static Course Compile(Clockwork clock, Resolver resolver, Address entry, Eq<Chosen> choices) =>
        new(entry, clock.Pieces.Select(p => PieceCompiler.Compile(p, resolver, entry, choices)).ToEq())
        {
            resolver = resolver,
            clock = clock,
        };

    /// <inheritdoc/>
    public bool Equals(Course? other) => other is not null && Address == other.Address && Pieces == other.Pieces;

    /// <inheritdoc/>
    public override int GetHashCode() => HashCode.Combine(Address, Pieces);
}

/// <summary>An option that was taken.</summary>
/// <param name="Piece">The piece's key.</param>
/// <param name="Task">Which task of the piece, from 0.</param>
/// <param name="Option">Which of its options, from 0.</param>
/// <param name="Round">In which round of the nearest loop, from 1; null in all.</param>
public sealed record Chosen(string Piece, int Task, int Option, long? Round);
