using FairCompass.Planning.People;

namespace FairCompass.Planning.Days;

/// <summary>The heats of a session before anybody has said when: who runs together, and what must run before what.</summary>
/// <param name="Session">The session.</param>
/// <param name="Workout">Its workout.</param>
/// <param name="Heats">Who runs together, in the order that they are meant to run.</param>
internal sealed record HeatRow(Session Session, PlannedWorkout Workout, IReadOnlyList<IReadOnlyList<Entry>> Heats)
{
    /// <summary>The sessions of a plan in the order that they have their floors, with the heats that are to be made.</summary>
    /// <param name="plan">The plan; entries in heats that stay are not in a heat again.</param>
    /// <param name="field">Everybody.</param>
    public static IReadOnlyList<HeatRow> Of(Plan plan, Field field)
    {
        var taken = plan
            .Heats.Where(h => h.Stays)
            .SelectMany(h =>
                h.Lanes.Where(l => field.Entry(l.Entry) is { } e && (e.Starts || h.State == HeatState.Run))
                    .Select(l => (h.Session, l.Entry))
            )
            .ToLookup(x => x.Session, x => x.Entry);
        return
        [
            .. plan
                .Sessions.OrderBy(s => s.Starts)
                .ThenBy(s => s.Floor, StringComparer.Ordinal)
                .Where(s => field.Workout(s.Workout) is not null)
                .Select(s =>
                {
                    var workout = field.Workout(s.Workout)!;
                    return new HeatRow(s, workout, HeatMaking.Of(s, workout, field, plan.Draw, taken[s.Id].ToHashSet()));
                }),
        ];
    }

    /// <summary>The groups that run in a heat.</summary>
    /// <param name="heat">One of these heats.</param>
    public IReadOnlyList<RunGroup> Groups(IReadOnlyList<Entry> heat) => [.. heat.Select(e => Workout.GroupOf(e)!).Distinct()];

    /// <summary>How long the clock of a heat runs.</summary>
    /// <param name="heat">One of these heats.</param>
    public int Seconds(IReadOnlyList<Entry> heat) => Groups(heat).Max(g => g.Seconds);

    /// <summary>True where an earlier heat of the row must run before a later one: of one group the best run last, and divisions run in the
    /// order that the session names.</summary>
    /// <param name="earlier">The one that stands earlier in the row.</param>
    /// <param name="later">The one that stands later.</param>
    public bool GoesBefore(IReadOnlyList<Entry> earlier, IReadOnlyList<Entry> later) =>
        Groups(earlier).Intersect(Groups(later)).Any() ? Session.Order != HeatOrder.Drawn : Session.Divisions.Count > 0;
}
