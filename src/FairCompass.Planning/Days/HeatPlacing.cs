using FairCompass.Core.Quantities;
using FairCompass.Planning.People;
using NodaTime;

namespace FairCompass.Planning.Days;

/// <summary>
/// Gives heats their times, on whole minutes: after the session’s start and what runs before on the floor, when the floor is set, between
/// heats that stay, and when each of its people has had their rest.
/// </summary>
internal sealed class HeatPlacing
{
    private readonly Plan plan;
    private readonly Field field;
    private readonly Func<Guid> id;
    private readonly Dictionary<Guid, List<int>> lanes = [];

    // What is planned and not fixed gives its ids back, so that a heat that is made anew is still the same heat.
    private readonly Dictionary<Guid, Queue<Guid>> known;

    // When each person runs, by the clock.
    private readonly Dictionary<Guid, List<(LocalDateTime Starts, LocalDateTime Ends)>> runs = [];

    // What was placed last on each floor: a floor is not set for one workout in the midst of another.
    private readonly Dictionary<string, LocalDateTime> last = [];

    /// <summary>Begins with the heats that stay.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="id">Gives the id of a new heat.</param>
    public HeatPlacing(Plan plan, Field field, Func<Guid> id)
    {
        (this.plan, this.field, this.id) = (plan, field, id);
        known = plan
            .Heats.Where(h => !h.Stays)
            .GroupBy(h => h.Session)
            .ToDictionary(g => g.Key, g => new Queue<Guid>(g.OrderBy(h => h.Number).Select(h => h.Id)));
        foreach (var heat in plan.Heats.Where(h => h.Stays).OrderBy(h => h.Starts))
        {
            Keep(
                heat with
                {
                    Lanes = [.. heat.Lanes.Where(l => field.Entry(l.Entry) is { } e && (e.Starts || heat.State == HeatState.Run))],
                }
            );
        }
    }

    /// <summary>What was placed, and what stays.</summary>
    public List<Heat> Heats { get; } = [];

    /// <summary>When a heat can start.</summary>
    /// <param name="Starts">When.</param>
    /// <param name="Reset">Seconds to set the floor before it.</param>
    /// <param name="IsFirst">True where none runs before it on its floor.</param>
    /// <param name="Waits">True where the floor waits for somebody’s rest.</param>
    public readonly record struct Slot(LocalDateTime Starts, int Reset, bool IsFirst, bool Waits);

    /// <summary>Places a heat.</summary>
    /// <param name="row">Its session.</param>
    /// <param name="entries">Who runs.</param>
    /// <param name="time">When.</param>
    public void Place(HeatRow row, IReadOnlyList<Entry> entries, Slot time)
    {
        var session = row.Session;
        var most = row.Groups(entries).Min(g => HeatMaking.Lanes(session, g));
        last[session.Floor] = time.Starts;
        Keep(
            new(
                known.TryGetValue(session.Id, out var ids) && ids.TryDequeue(out var old) ? old : id(),
                session.Id,
                Heats.Count + 1,
                time.Starts,
                row.Seconds(entries),
                time.IsFirst ? 0 : session.Between.CallUp,
                time.Reset,
                [
                    .. LaneGiving
                        .Of(entries, session.InUse.Take(most), session.Rotates, lanes)
                        .Select(l => new LanePost(l.Lane, l.Entry.Id, Nobody(row.Workout.GroupOf(l.Entry)!), false)),
                ],
                false,
                HeatState.Planned
            )
        );
    }

    /// <summary>When a heat can start at the earliest.</summary>
    /// <param name="row">Its session.</param>
    /// <param name="entries">Who runs.</param>
    public Slot Earliest(HeatRow row, IReadOnlyList<Entry> entries)
    {
        var (session, seconds, groups) = (row.Session, row.Seconds(entries), row.Groups(entries));
        var at = last.TryGetValue(session.Floor, out var before) && before > session.Starts ? before : session.Starts;
        var people = entries.SelectMany(e => e.Members.Select(m => m.Id)).ToList();
        var waits = false;
        while (true)
        {
            var earlier = OnFloor(session).Where(h => h.Starts <= at).MaxBy(h => h.Starts);
            var reset = earlier is null ? 0 : Reset(row, earlier, groups);
            var free = WholeMinutes.From(earlier?.Ends.PlusSeconds(session.Between.CallUp + reset) ?? at);
            var starts = free > at ? free : at;
            if (InTheWay(starts, seconds, people) is { } rested && rested > starts)
            {
                (at, waits) = (WholeMinutes.From(rested), true);
                continue;
            }

            if (
                OnFloor(session).FirstOrDefault(h => h.Starts > at && h.Starts.PlusSeconds(-h.Before) < starts.PlusSeconds(seconds)) is
                { } stays
            )
            {
                at = stays.Starts;
                continue;
            }

            if (starts > at)
            {
                at = starts;
                continue;
            }

            return new(starts, reset, earlier is null, waits);
        }
    }

    private static Eq<Guid?> Nobody(RunGroup group) => [.. Enumerable.Repeat((Guid?)null, group.Judges)];

    private int Reset(HeatRow row, Heat before, IReadOnlyList<RunGroup> groups) =>
        before.Session == row.Session.Id
            ? PlateMinutes.Reset(row.Session, row.Workout, row.Workout.GroupsIn(before, field), groups)
            : row.Session.Between.Reset ?? 0;

    private IEnumerable<Heat> OnFloor(Session session) =>
        Heats.Where(h => plan.Sessions.FirstOrDefault(s => s.Id == h.Session)?.Floor == session.Floor).OrderBy(h => h.Starts);

    /// <summary>When the last of these people would be free, where one of them is not rested or runs too soon after.</summary>
    private LocalDateTime? InTheWay(LocalDateTime starts, int seconds, List<Guid> people)
    {
        LocalDateTime? until = null;
        foreach (var run in people.SelectMany(p => runs.GetValueOrDefault(p) ?? []))
        {
            var rested = run.Ends.PlusMinutes(plan.Rules.RestMinutes);
            if (
                starts < rested
                && run.Starts < starts.PlusSeconds(seconds).PlusMinutes(plan.Rules.RestMinutes)
                && (until is null || rested > until)
            )
            {
                until = rested;
            }
        }

        return until;
    }

    private void Keep(Heat heat)
    {
        Heats.Add(heat);
        foreach (var (lane, entry) in heat.Lanes.Select(l => (l.Lane, field.Entry(l.Entry))))
        {
            if (entry is null)
            {
                continue;
            }

            (lanes.TryGetValue(entry.Id, out var had) ? had : lanes[entry.Id] = []).Add(lane);
            foreach (var person in entry.Members)
            {
                (runs.TryGetValue(person.Id, out var mine) ? mine : runs[person.Id] = []).Add((heat.Starts, heat.Ends));
            }
        }
    }
}
