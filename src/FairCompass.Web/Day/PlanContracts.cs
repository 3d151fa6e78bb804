using FairCompass.Core.Quantities;
using FairCompass.Planning.Days;

namespace FairCompass.Web.Day;

/// <summary>The plan with what stands around it.</summary>
/// <param name="Revision">Its revision; 0 where none was made.</param>
/// <param name="Plan">The plan.</param>
/// <param name="Workouts">The workouts of the competition, as the plan needs them.</param>
/// <param name="Breaches">What it does not keep to.</param>
/// <param name="Linking">How far judges can be compared afterwards.</param>
/// <param name="Measured">Who is measured when.</param>
/// <param name="Difference">What the last step has changed; null where none was taken.</param>
public sealed record PlanShown(
    int Revision,
    Plan Plan,
    Eq<PlannedWorkout> Workouts,
    Eq<Breach> Breaches,
    Linking Linking,
    IReadOnlyList<Measured> Measured,
    PlanDifference? Difference = null
);

/// <summary>What a plan is asked for.</summary>
/// <param name="BaseRevision">The revision that was read; 0 for the first.</param>
/// <param name="SaveId">Chosen by the client, so that a retry finds its own save.</param>
/// <param name="Zone">The IANA name of the time zone.</param>
/// <param name="Rules">What it keeps to.</param>
/// <param name="Draw">The number of the draw.</param>
/// <param name="Sessions">The workouts on their days.</param>
public sealed record SetPlan(int BaseRevision, Guid SaveId, string Zone, PlanRules Rules, int Draw, Eq<Session> Sessions)
{
    /// <summary>Where athletes are measured.</summary>
    public Eq<MeasuringPost> Measuring { get; init; }
}

/// <summary>What is to be made anew.</summary>
public enum MakeWhat
{
    /// <summary>The heats that are not fixed, called or run, with their judges.</summary>
    Heats,

    /// <summary>The judges of lanes that are not fixed.</summary>
    Judges,

    /// <summary>As little as can be, for the field as it is now.</summary>
    Gaps,

    /// <summary>The best plan of the newest search, where nobody has changed the plan since it began.</summary>
    Found,
}

/// <summary>Makes the plan, or a part of it.</summary>
/// <param name="BaseRevision">The revision that was read.</param>
/// <param name="SaveId">Chosen by the client.</param>
/// <param name="What">What is made anew.</param>
public sealed record MakePlan(int BaseRevision, Guid SaveId, MakeWhat What);

/// <summary>Changes the plan by hand.</summary>
/// <param name="BaseRevision">The revision that was read.</param>
/// <param name="SaveId">Chosen by the client.</param>
/// <param name="Edit">What a person wants.</param>
public sealed record EditPlan(int BaseRevision, Guid SaveId, PlanEdit Edit);

/// <summary>Somebody’s own times.</summary>
/// <param name="Name">Whose.</param>
/// <param name="Zone">The zone of the times.</param>
/// <param name="Times">The times, in order.</param>
public sealed record TimesOf(string Name, string Zone, Eq<OwnTime> Times);

/// <summary>Whose times stand on one sheet.</summary>
public enum TimesBy
{
    /// <summary>A sheet a gym.</summary>
    Gym,

    /// <summary>A sheet a judge.</summary>
    Judge,

    /// <summary>A sheet a floor, for its crew.</summary>
    Floor,
}

/// <summary>An entry as everybody may know it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">Its name.</param>
/// <param name="Gym">Its gym; may be empty.</param>
/// <param name="Division">Its division.</param>
public sealed record Named(Guid Id, string Name, string Gym, string Division);

/// <summary>Whose times a phone wants to follow; one of these.</summary>
/// <param name="Entry">An entry.</param>
/// <param name="Judge">A judge.</param>
/// <param name="Gym">A gym, at most 80 characters.</param>
/// <param name="Floor">A floor, for its crew.</param>
public sealed record FeedFor(Guid? Entry, Guid? Judge, string? Gym, string? Floor = null);

/// <summary>The address that a phone follows.</summary>
/// <param name="Address">With the host that this application is reached at.</param>
public sealed record FeedOf(string Address);

/// <summary>A thing that stands in lanes of a heat.</summary>
/// <param name="Name">What: <c>rowing machine</c>, <c>plate 20 kg</c>.</param>
/// <param name="InALane">How many in one lane; of lanes that differ the most.</param>
/// <param name="Lanes">In which lanes.</param>
/// <param name="Together">How many in all of them.</param>
public sealed record HeatThing(string Name, int InALane, Eq<int> Lanes, int Together);
