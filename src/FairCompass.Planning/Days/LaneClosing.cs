using FairCompass.Core.Quantities;

namespace FairCompass.Planning.Days;

/// <summary>A lane that goes out of use: who stands in it goes to another lane of the same heat, else to the next heat of the group with
/// room, else to a heat of their own behind it. Nobody else moves, and nobody is called before the time they were told.</summary>
internal static class LaneClosing
{
    /// <summary>The plan without a lane.</summary>
    /// <param name="plan">The plan; the session has the lane closed already.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="session">The session.</param>
    /// <param name="lane">The lane.</param>
    public static Plan Moved(Plan plan, Field field, Session session, int lane)
    {
        foreach (var from in plan.Heats.Where(h => h.Session == session.Id && h.State == HeatState.Planned).ToList())
        {
            if (from.Lanes.FirstOrDefault(l => l.Lane == lane) is { } post)
            {
                plan = Placed(Without(plan, from.Id, lane), field, session, from.Id, post);
            }
        }

        return Replan.Of(plan, field);
    }

    private static Plan Without(Plan plan, Guid heat, int lane) =>
        Changed(plan, heat, h => h with { Lanes = [.. h.Lanes.Where(l => l.Lane != lane)] });

    private static Plan Changed(Plan plan, Guid heat, Func<Heat, Heat> change) =>
        plan with
        {
            Heats = [.. plan.Heats.Select(h => h.Id == heat ? change(h) : h)],
        };

    private static Plan Placed(Plan plan, Field field, Session session, Guid from, LanePost post)
    {
        var heat = plan.Heats.First(h => h.Id == from);
        if (
            field.Workout(session.Workout) is not { } workout
            || field.Entry(post.Entry) is not { } entry
            || workout.GroupOf(entry) is not { } group
        )
        {
            return plan;
        }

        // The own heat first, then the nearest behind it.
        var could = plan
            .Heats.Where(h =>
                h.Session == session.Id
                && h.State == HeatState.Planned
                && (h.Id == from || h.Starts > heat.Starts)
                && Free(h, field, session, workout, group) is not null
            )
            .MinBy(h => h.Starts);
        if (could is not null)
        {
            var to = Free(could, field, session, workout, group)!.Value;
            // A judge goes with their lane within a heat, and stays where they are when their athlete goes to another.
            var moved = could.Id == from ? post with { Lane = to } : new LanePost(to, post.Entry, Nobody(group), false);
            return Changed(plan, could.Id, h => h with { Lanes = [.. h.Lanes.Append(moved).OrderBy(l => l.Lane)] });
        }

        var own = new Heat(
            Guid.CreateVersion7(),
            session.Id,
            heat.Number + 1,
            heat.Ends.PlusSeconds(session.Between.CallUp + heat.Reset),
            group.Seconds,
            session.Between.CallUp,
            heat.Reset,
            [new(session.InUse.First(), post.Entry, Nobody(group), false)],
            false,
            HeatState.Planned
        );
        return plan with { Heats = GreedyPlan.Numbered(plan.Heats.Append(own)) };
    }

    private static Eq<Guid?> Nobody(RunGroup group) => [.. Enumerable.Repeat((Guid?)null, group.Judges)];

    /// <summary>A lane of a heat that somebody of a group can have; null where there is none.</summary>
    private static int? Free(Heat heat, Field field, Session session, PlannedWorkout workout, RunGroup group)
    {
        if (
            workout.GroupsIn(heat, field).Any(g => g != group && !(session.Mixes && g.Clock == group.Clock))
            || heat.Lanes.Count >= HeatMaking.Lanes(session, group)
        )
        {
            return null;
        }

        return session.InUse.Except(heat.Lanes.Select(l => l.Lane)).Select(l => (int?)l).FirstOrDefault();
    }
}
