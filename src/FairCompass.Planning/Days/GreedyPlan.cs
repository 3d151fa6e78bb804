using FairCompass.Core.Quantities;
using FairCompass.Planning.People;
using NodaTime;

namespace FairCompass.Planning.Days;

/// <summary>
/// A plan at once: each session’s heats in their order, on whole minutes, as soon as the floor is set and everybody in them has had their
/// rest. A heat for whose people the floor would have to wait lets the next go first that need not.
/// </summary>
public static class GreedyPlan
{
    /// <summary>Makes the heats of a plan anew; those that stay where they are are kept.</summary>
    /// <param name="plan">The sessions, the rules, and heats that stay.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="id">Gives the id of a new heat.</param>
    public static Plan Make(Plan plan, Field field, Func<Guid> id)
    {
        var work = new Working(plan, field);
        foreach (var session in plan.Sessions.OrderBy(s => s.Starts).ThenBy(s => s.Floor, StringComparer.Ordinal))
        {
            if (field.Workout(session.Workout) is { } workout)
            {
                work.Run(session, workout, id);
            }
        }

        return JudgePlan.Fill(plan with { Heats = Numbered(work.Heats) }, field);
    }

    /// <summary>Heats in the order of time, each with its number in its session.</summary>
    /// <param name="heats">Heats in any order.</param>
    public static Eq<Heat> Numbered(IEnumerable<Heat> heats)
    {
        var numbers = new Dictionary<Guid, int>();
        var ordered = new List<Heat>();
        foreach (var heat in heats.OrderBy(h => h.Starts).ThenBy(h => h.Number))
        {
            var number = numbers[heat.Session] = numbers.GetValueOrDefault(heat.Session) + 1;
            ordered.Add(heat with { Number = number });
        }

        return [.. ordered];
    }

    private sealed class Working
    {
        private readonly Plan plan;
        private readonly Field field;
        private readonly Dictionary<Guid, List<int>> lanes = [];

        // When each person runs, by the clock.
        private readonly Dictionary<Guid, List<(LocalDateTime Starts, LocalDateTime Ends)>> runs = [];

        public Working(Plan plan, Field field)
        {
            (this.plan, this.field) = (plan, field);
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

        public List<Heat> Heats { get; } = [];

        public void Run(Session session, PlannedWorkout workout, Func<Guid> id)
        {
            var taken = Heats.Where(h => h.Session == session.Id).SelectMany(h => h.Lanes.Select(l => l.Entry)).ToHashSet();
            // What is planned and not fixed gives its ids back, so that a heat that is made anew is still the same heat.
            var ids = new Queue<Guid>(plan.Heats.Where(h => h.Session == session.Id && !h.Stays).OrderBy(h => h.Number).Select(h => h.Id));
            var left = HeatMaking.Of(session, workout, field, plan.Draw, taken);
            while (left.Count > 0)
            {
                var times = left.ConvertAll(h => (Entries: h, Time: Earliest(session, workout, h)));
                var (next, time) = times.Find(x => !x.Time.Waits) is { Entries: not null } ready ? ready : times.MinBy(x => x.Time.Starts);
                left.Remove(next);
                var groups = next.Select(e => workout.GroupOf(e)!).ToList();
                var most = groups.Min(g => HeatMaking.Lanes(session, g));
                Keep(
                    new(
                        ids.TryDequeue(out var known) ? known : id(),
                        session.Id,
                        Heats.Count + 1,
                        time.Starts,
                        groups.Max(g => g.Seconds),
                        time.IsFirst ? 0 : session.Between.CallUp,
                        time.Reset,
                        [
                            .. LaneGiving
                                .Of(next, most, session.Rotates, lanes)
                                .Select(l => new LanePost(l.Lane, l.Entry.Id, Nobody(workout.GroupOf(l.Entry)!), false)),
                        ],
                        false,
                        HeatState.Planned
                    )
                );
            }
        }

        /// <summary>When a heat can start.</summary>
        /// <param name="Starts">When.</param>
        /// <param name="Reset">Seconds to set the floor before it.</param>
        /// <param name="IsFirst">True where none runs before it on its floor.</param>
        /// <param name="Waits">True where the floor waits for somebody’s rest.</param>
        private readonly record struct Slot(LocalDateTime Starts, int Reset, bool IsFirst, bool Waits);

        private static Eq<Guid?> Nobody(RunGroup group) => [.. Enumerable.Repeat((Guid?)null, group.Judges)];

        /// <summary>When a heat can start: after the session’s start, when the floor is set, between heats that stay, and when each of its
        /// people has had their rest.</summary>
        private Slot Earliest(Session session, PlannedWorkout workout, List<Entry> entries)
        {
            var groups = entries.Select(e => workout.GroupOf(e)!).Distinct().ToList();
            var seconds = groups.Max(g => g.Seconds);
            var at = session.Starts;
            var people = entries.SelectMany(e => e.Members.Select(m => m.Id)).ToList();
            var waits = false;
            while (true)
            {
                var before = OnFloor(session).Where(h => h.Starts <= at).MaxBy(h => h.Starts);
                var reset = before is null ? 0 : Minutes(session, workout, before, groups);
                var free = WholeMinutes.From(before?.Ends.PlusSeconds(session.Between.CallUp + reset) ?? at);
                var starts = free > at ? free : at;
                if (InTheWay(starts, seconds, people) is { } rested && rested > starts)
                {
                    (at, waits) = (WholeMinutes.From(rested), true);
                    continue;
                }

                if (OnFloor(session).FirstOrDefault(h => h.Starts > at && h.Starts < starts.PlusSeconds(seconds)) is { } stays)
                {
                    at = stays.Starts;
                    continue;
                }

                if (starts > at)
                {
                    at = starts;
                    continue;
                }

                return new(starts, reset, before is null, waits);
            }
        }

        private int Minutes(Session session, PlannedWorkout workout, Heat before, List<RunGroup> groups) =>
            before.Session == session.Id
                ? PlateMinutes.Reset(session, workout, GroupsOf(before, workout), groups)
                : session.Between.Reset ?? 0;

        private IEnumerable<RunGroup> GroupsOf(Heat heat, PlannedWorkout workout) =>
            heat.Lanes.Select(l => field.Entry(l.Entry)).OfType<Entry>().Select(workout.GroupOf).OfType<RunGroup>().Distinct();

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
}
