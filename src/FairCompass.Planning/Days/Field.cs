using FairCompass.Core.Quantities;
using FairCompass.Planning.People;
using NodaTime;

namespace FairCompass.Planning.Days;

/// <summary>Somebody who judges.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Name">As it is printed.</param>
/// <param name="Gym">Their gym, whose entries they do not judge; empty where they have none.</param>
/// <param name="Days">The days they are there; empty for all.</param>
/// <param name="NotEntries">Entries they may not judge: relatives, own athletes.</param>
/// <param name="Experience">0 for the first time, 1 for some, 2 for much.</param>
public sealed record Judge(Guid Id, string Name, string Gym, Eq<LocalDate> Days, Eq<Guid> NotEntries, int Experience)
{
    /// <summary>The breaks they asked for, local times of every day they are there.</summary>
    public Eq<Break> Breaks { get; init; }

    /// <summary>Workouts whose newest version they have confirmed as a judge.</summary>
    public Eq<Guid> Briefed { get; init; }

    /// <summary>Workouts for which what the head judge asks of their eyes is not shown yet.</summary>
    public Eq<Guid> Untrained { get; init; }

    /// <summary>True where they know a workout as well as the rules of a plan ask, and have shown what is asked of their eyes.</summary>
    /// <param name="rules">The rules.</param>
    /// <param name="workout">The workout.</param>
    public bool Knows(PlanRules rules, Guid workout) => (!rules.BriefedOnly || Briefed.Contains(workout)) && !Untrained.Contains(workout);

    /// <summary>True where they may judge an entry.</summary>
    /// <param name="entry">The entry.</param>
    public bool MayJudge(Entry entry) =>
        !NotEntries.Contains(entry.Id)
        && (Gym.Length == 0 || !entry.Members.Any(m => Core.Publishing.NameList.Key(m.Gym) == Core.Publishing.NameList.Key(Gym)));

    /// <summary>True where they are there and have no break during a heat.</summary>
    /// <param name="heat">The heat.</param>
    public bool IsThere(Heat heat) =>
        (Days.Count == 0 || Days.Contains(heat.Starts.Date))
        && !Breaks.Any(b => heat.Starts.TimeOfDay < b.Until && b.From < heat.Ends.TimeOfDay);
}

/// <summary>A break of a judge.</summary>
/// <param name="From">Local time.</param>
/// <param name="Until">Local time, later.</param>
public sealed record Break(LocalTime From, LocalTime Until);

/// <summary>A group of entries that run a workout alike: a division, or its men or women.</summary>
/// <param name="Division">The division.</param>
/// <param name="Duty"><c>man</c> or <c>woman</c>; null for teams.</param>
/// <param name="Seconds">How long its clock runs, lead-in and all.</param>
/// <param name="Judges">How many judges a lane needs at its busiest.</param>
/// <param name="Lanes">How many lanes the shared kit serves at once; null where it serves all.</param>
/// <param name="Clock">Groups with one number hear the same calls and can run in one heat.</param>
public sealed record RunGroup(string Division, string? Duty, int Seconds, int Judges, int? Lanes, int Clock)
{
    /// <summary>How it is called: <c>Tideline women</c>.</summary>
    public string Name => Duty is null ? Division : $"{Division} {(Duty == "man" ? "men" : "women")}";

    /// <summary>True for the entries of the group.</summary>
    /// <param name="entry">An entry.</param>
    public bool Has(Entry entry) => entry.Division == Division && (Duty is null || entry.Members is [{ } only] && only.Duty == Duty);
}

/// <summary>A workout as the plan needs it.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Title">Its name.</param>
/// <param name="Groups">Who runs it, in the order its text names them.</param>
/// <param name="Plates">Plates of one lane that are handled between a heat of one group and a heat of another: a row for the group that
/// ran, a column for the one that comes.</param>
public sealed record PlannedWorkout(Guid Id, string Title, Eq<RunGroup> Groups, Eq<Eq<int>> Plates)
{
    /// <summary>The group of an entry; null where the workout is not for it.</summary>
    /// <param name="entry">The entry.</param>
    public RunGroup? GroupOf(Entry entry) => Groups.FirstOrDefault(g => g.Has(entry));

    /// <summary>The groups that stand in a heat of it, each once.</summary>
    /// <param name="heat">The heat.</param>
    /// <param name="field">Everybody.</param>
    public IReadOnlyList<RunGroup> GroupsIn(Heat heat, Field field) =>
        [.. heat.Lanes.Select(l => field.Entry(l.Entry)).OfType<Entry>().Select(GroupOf).OfType<RunGroup>().Distinct()];

    /// <summary>Plates of one lane between two groups.</summary>
    public int PlatesBetween(RunGroup from, RunGroup to) => Plates[IndexOf(from)][IndexOf(to)];

    /// <summary>Divisions whose athletes are measured for it before they run; empty where nobody is.</summary>
    public Eq<string> Measures { get; init; }

    private int IndexOf(RunGroup group)
    {
        for (var i = 0; i < Groups.Count; i++)
        {
            if (Groups[i] == group)
            {
                return i;
            }
        }

        throw new ArgumentException("This group is none of the workout.", nameof(group));
    }
}

/// <summary>Everything that a plan is made from beside itself.</summary>
/// <param name="Workouts">The workouts.</param>
/// <param name="Entries">Everybody who is in the field, those withdrawn included.</param>
/// <param name="Judges">Everybody who judges.</param>
public sealed record Field(Eq<PlannedWorkout> Workouts, Eq<Entry> Entries, Eq<Judge> Judges)
{
    // Made when they are first asked for, and not taken over by a changed copy, whose lists are others.
    private Dictionary<Guid, Entry>? entries;
    private Dictionary<Guid, PlannedWorkout>? workouts;
    private Dictionary<Guid, Judge>? judges;

    private Field(Field of) => (Workouts, Entries, Judges, Standing) = (of.Workouts, of.Entries, of.Judges, of.Standing);

    /// <summary>The place of an entry in the standing so far, from 1; empty before there are results.</summary>
    public IReadOnlyDictionary<Guid, int> Standing { get; init; } = new Dictionary<Guid, int>();

    /// <summary>An entry by its id; null where it is gone.</summary>
    public Entry? Entry(Guid id) => (entries ??= Entries.ToDictionary(e => e.Id)).GetValueOrDefault(id);

    /// <summary>A workout by its id; null where it is gone.</summary>
    public PlannedWorkout? Workout(Guid id) => (workouts ??= Workouts.ToDictionary(w => w.Id)).GetValueOrDefault(id);

    /// <summary>A judge by its id; null where they are gone.</summary>
    public Judge? Judge(Guid id) => (judges ??= Judges.ToDictionary(j => j.Id)).GetValueOrDefault(id);
}
