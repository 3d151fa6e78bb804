using FairCompass.Core.Quantities;
using NodaTime;

namespace FairCompass.Planning.People;

/// <summary>What somebody helps with.</summary>
public enum OfficialKind
{
    /// <summary>Judges lanes.</summary>
    Judge,

    /// <summary>Calls heats and the clock.</summary>
    Caller,

    /// <summary>Sets out and resets the floor.</summary>
    Crew,

    /// <summary>Takes cards and enters scores.</summary>
    Desk,
}

/// <summary>Somebody who helps.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Kind">With what.</param>
/// <param name="Name">As it is printed, 1 to 80 characters.</param>
/// <param name="Gym">Their gym; empty where they have none.</param>
/// <param name="Days">The days they are there; empty for all.</param>
/// <param name="NotEntries">Entries a judge may not judge: relatives, own athletes.</param>
/// <param name="Breaks">Breaks they asked for, local times.</param>
/// <param name="Experience">0 for the first time, 1 for some, 2 for much.</param>
public sealed record Official(
    Guid Id,
    OfficialKind Kind,
    string Name,
    string Gym,
    Eq<LocalDate> Days,
    Eq<Guid> NotEntries,
    Eq<Days.Break> Breaks,
    int Experience
)
{
    /// <summary>Workouts whose newest version they have confirmed as a judge; found by their name, not stored.</summary>
    public Eq<Guid> Briefed { get; init; }

    /// <summary>A judge as a plan needs one.</summary>
    public Days.Judge AsJudge => new(Id, Name, Gym, Days, NotEntries, Experience) { Breaks = Breaks, Briefed = Briefed };
}
