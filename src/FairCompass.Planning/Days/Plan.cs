using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;
using NodaTime;

namespace FairCompass.Planning.Days;

/// <summary>In which order the heats of a group run, and who stands in them.</summary>
public enum HeatOrder
{
    /// <summary>By the place that is expected, the best last; who has none comes first, drawn.</summary>
    Seeded,

    /// <summary>Drawn by the number of the plan, so that the same draw comes out again.</summary>
    Drawn,

    /// <summary>By standing so far, the best last.</summary>
    Standing,
}

/// <summary>Where a heat is on its way.</summary>
public enum HeatState
{
    /// <summary>It may still be moved.</summary>
    Planned,

    /// <summary>Its athletes stand ready; it does not move any more.</summary>
    Called,

    /// <summary>It was run.</summary>
    Run,
}

/// <summary>The minutes between two heats of a session.</summary>
/// <param name="CallUp">Seconds to lead athletes on and off, 0 to 3600.</param>
/// <param name="Reset">Seconds to set the floor anew, 0 to 3600; null works it out from the plates that are handled.</param>
/// <param name="Crew">How many of the crew change plates in one lane, 1 to 8.</param>
public sealed record BetweenHeats(int CallUp, int? Reset, int Crew);

/// <summary>A workout on a day.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Workout">The workout.</param>
/// <param name="Starts">When its first heat may start, local time.</param>
/// <param name="Floor">Where; two floors run beside each other.</param>
/// <param name="Lanes">How many lanes it uses, 1 to 100.</param>
/// <param name="Order">In which order heats run.</param>
/// <param name="Rotates">True where an entry changes lanes from workout to workout, false where it keeps its own.</param>
/// <param name="Mixes">True where what is left over of two groups may run in one heat.</param>
/// <param name="Between">The minutes between two heats.</param>
/// <param name="Divisions">Which divisions, in the order they run; empty for all of the workout.</param>
public sealed record Session(
    Guid Id,
    Guid Workout,
    LocalDateTime Starts,
    string Floor,
    int Lanes,
    HeatOrder Order,
    bool Rotates,
    bool Mixes,
    BetweenHeats Between,
    Eq<string> Divisions
)
{
    /// <summary>Lanes that are out of use, because of a broken machine say.</summary>
    public Eq<int> Closed { get; init; }

    /// <summary>The lanes in use, from the first.</summary>
    [JsonIgnore]
    public IEnumerable<int> InUse => Enumerable.Range(1, Lanes).Except(Closed);
}

/// <summary>A post where athletes are measured before their first workout that needs it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Starts">When it opens, local time.</param>
/// <param name="Place">Where, at most 40 characters.</param>
/// <param name="Minutes">Minutes a head, 1 to 60.</param>
/// <param name="AtOnce">How many are measured at once, 1 to 20.</param>
public sealed record MeasuringPost(Guid Id, LocalDateTime Starts, string Place, int Minutes, int AtOnce);

/// <summary>What a plan keeps to.</summary>
/// <param name="RestMinutes">Minutes at least between two runs of one athlete, from finish to start, 0 to 600.</param>
/// <param name="JudgeInARow">Heats at most that a judge judges one after the other, 1 to 50.</param>
/// <param name="JudgeBreak">Heats at least that a judge then has off, 1 to 10.</param>
public sealed record PlanRules(int RestMinutes, int JudgeInARow, int JudgeBreak)
{
    /// <summary>When each day is to be over, local time; null for midnight.</summary>
    public LocalTime? Until { get; init; }

    /// <summary>True where a judge judges only workouts whose newest version they have confirmed, with its questions answered.</summary>
    public bool BriefedOnly { get; init; }

    /// <summary>What is usual: common practice.</summary>
    public static PlanRules Usual { get; } = new(45, 4, 1);
}

/// <summary>Who stands in a lane, and before whom.</summary>
/// <param name="Lane">From 1.</param>
/// <param name="Entry">The entry.</param>
/// <param name="Judges">A judge for each post of the lane; null where nobody is found.</param>
/// <param name="Fixed">True where a person put it there, so that no plan moves it.</param>
public sealed record LanePost(int Lane, Guid Entry, Eq<Guid?> Judges, bool Fixed);

/// <summary>A heat.</summary>
/// <param name="Id">Its id, which it keeps through every plan.</param>
/// <param name="Session">Its session.</param>
/// <param name="Number">From 1 within its session, in the order of time.</param>
/// <param name="Starts">When its clock starts, local time.</param>
/// <param name="Seconds">How long its clock runs.</param>
/// <param name="CallUp">Seconds before it in which athletes are led off and on.</param>
/// <param name="Reset">Seconds before it in which the floor is set anew; 0 for the first.</param>
/// <param name="Lanes">Who stands in it, by lane.</param>
/// <param name="Fixed">True where a person has set its time, so that no plan moves it.</param>
/// <param name="State">Where it is on its way.</param>
public sealed record Heat(
    Guid Id,
    Guid Session,
    int Number,
    LocalDateTime Starts,
    int Seconds,
    int CallUp,
    int Reset,
    Eq<LanePost> Lanes,
    bool Fixed,
    HeatState State
)
{
    /// <summary>When its clock stops, local time.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.Never)]
    public LocalDateTime Ends => Starts.PlusSeconds(Seconds);

    /// <summary>Seconds that the floor needs before it.</summary>
    public int Before => CallUp + Reset;

    /// <summary>True where no plan may move it.</summary>
    public bool Stays => Fixed || State != HeatState.Planned;
}

/// <summary>The plan of a competition.</summary>
/// <param name="Zone">The IANA name of its time zone: <c>Europe/Madrid</c>.</param>
/// <param name="Rules">What it keeps to.</param>
/// <param name="Draw">The number that decides a draw, so that the same draw comes out again.</param>
/// <param name="Sessions">The workouts on their days.</param>
/// <param name="Heats">The heats, in the order of time.</param>
public sealed record Plan(string Zone, PlanRules Rules, int Draw, Eq<Session> Sessions, Eq<Heat> Heats)
{
    /// <summary>Where athletes are measured.</summary>
    public Eq<MeasuringPost> Measuring { get; init; }

    /// <summary>A plan of nothing.</summary>
    public static Plan Empty { get; } = new("UTC", PlanRules.Usual, 1, [], []);

    /// <summary>The session of a heat.</summary>
    /// <param name="heat">A heat of this plan.</param>
    public Session SessionOf(Heat heat) => Sessions.First(s => s.Id == heat.Session);
}
