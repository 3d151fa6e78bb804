using FairCompass.Core.Quantities;
using NodaTime;

namespace FairCompass.Planning.Days;

/// <summary>Holds a plan against everything it should keep to, whoever made it.</summary>
public sealed class PlanCheck
{
    private readonly Plan plan;
    private readonly Field field;
    private readonly List<Breach> found = [];

    private PlanCheck(Plan plan, Field field) => (this.plan, this.field) = (plan, field);

    /// <summary>Every breach, in the order of time.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="field">Everybody.</param>
    public static Eq<Breach> Of(Plan plan, Field field)
    {
        var check = new PlanCheck(plan, field);
        foreach (var session in plan.Sessions)
        {
            check.OfSession(session);
        }

        foreach (var heat in plan.Heats)
        {
            check.OfHeat(heat);
        }

        check.OfFloors();
        check.OfPeople();
        check.OfJudges();
        check.OfMeasuring();
        var order = plan.Heats.Select((h, i) => (h.Id, i)).ToDictionary(x => x.Id, x => x.i);
        return [.. check.found.OrderBy(b => b.Heat is { } h ? order[h] : -1).ThenBy(b => b.Lane ?? 0)];
    }

    private string Name(Heat heat) =>
        $"{field.Workout(plan.SessionOf(heat).Workout)?.Title ?? "A workout that is gone"}, heat {heat.Number}";

    private void Say(BreachKind kind, Heat heat, int? lane, string sentence) =>
        found.Add(new(kind, heat.Session, heat.Id, lane, $"{Name(heat)}: {sentence}"));

    private void OfSession(Session session)
    {
        if (field.Workout(session.Workout) is not { } workout)
        {
            found.Add(new(BreachKind.Gone, session.Id, null, null, "The workout of this session is gone."));
            return;
        }

        var there = plan.Heats.Where(h => h.Session == session.Id).SelectMany(h => h.Lanes.Select(l => l.Entry)).ToHashSet();
        foreach (var group in HeatMaking.Groups(session, workout))
        {
            var all = field.Entries.Where(e => e.Starts && group.Has(e)).ToList();
            if (all.Count == 0)
            {
                found.Add(new(BreachKind.Missing, session.Id, null, null, $"{workout.Title}: nobody is in {group.Name}."));
            }

            foreach (var entry in all.Where(e => !there.Contains(e.Id)))
            {
                found.Add(new(BreachKind.Missing, session.Id, null, null, $"{workout.Title}: {entry.Name} stands in no heat."));
            }
        }
    }

    private void OfHeat(Heat heat)
    {
        var session = plan.SessionOf(heat);
        if (heat.Starts < session.Starts)
        {
            Say(BreachKind.Day, heat, null, $"it starts at {At(heat.Starts)}, before its session at {At(session.Starts)}.");
        }

        if (heat.Ends.Date != session.Starts.Date)
        {
            Say(BreachKind.Day, heat, null, "it runs beyond the end of its day.");
        }
        else if (plan.Rules.Until is { } until && heat.Ends.TimeOfDay > until)
        {
            Say(BreachKind.Day, heat, null, $"it ends at {At(heat.Ends)}; the day is to be over by {At(heat.Ends.Date + until)}.");
        }

        foreach (var twice in heat.Lanes.GroupBy(l => l.Lane).Where(g => g.Count() > 1 || g.Key < 1 || g.Key > session.Lanes))
        {
            Say(
                BreachKind.Lane,
                heat,
                twice.Key,
                twice.Count() > 1 ? $"lane {twice.Key} has two entries." : $"there is no lane {twice.Key}: the session has {session.Lanes}."
            );
        }

        foreach (var lane in heat.Lanes.Where(l => session.Closed.Contains(l.Lane) && heat.State == HeatState.Planned))
        {
            Say(BreachKind.Lane, heat, lane.Lane, $"lane {lane.Lane} is out of use.");
        }

        foreach (var lane in heat.Lanes)
        {
            if (field.Entry(lane.Entry) is not { } entry || !entry.Starts)
            {
                Say(
                    BreachKind.Gone,
                    heat,
                    lane.Lane,
                    $"{field.Entry(lane.Entry)?.Name ?? "who stood in lane " + lane.Lane} does not start."
                );
            }

            if (plan.Heats.Any(h => h.Session == heat.Session && h.Number < heat.Number && h.Lanes.Any(l => l.Entry == lane.Entry)))
            {
                Say(
                    BreachKind.Lane,
                    heat,
                    lane.Lane,
                    $"{field.Entry(lane.Entry)?.Name} stands in an earlier heat of this workout as well."
                );
            }
        }

        Together(heat, session);
    }

    private void Together(Heat heat, Session session)
    {
        if (field.Workout(session.Workout) is not { } workout)
        {
            return;
        }

        var groups = workout.GroupsIn(heat, field);
        if (groups.Select(g => g.Clock).Distinct().Count() > 1)
        {
            Say(
                BreachKind.Calls,
                heat,
                null,
                $"{string.Join(" and ", groups.Select(g => g.Name))} hear other calls and cannot run together."
            );
        }

        if (groups.Select(g => g.Lanes).Min() is { } most && heat.Lanes.Count > most)
        {
            Say(BreachKind.Kit, heat, null, $"the shared kit serves {most} lanes, and {heat.Lanes.Count} run.");
        }
    }

    /// <summary>Everybody is measured before their first heat that needs it.</summary>
    private void OfMeasuring()
    {
        foreach (
            var head in MeasuringTimes
                .Of(plan, field)
                .Where(m => m.Before.State == HeatState.Planned)
                .Where(m => m.Starts is null || m.Ends > m.Before.Starts.PlusSeconds(-m.Before.CallUp))
        )
        {
            Say(
                BreachKind.Measuring,
                head.Before,
                head.Before.Lanes.FirstOrDefault(l => l.Entry == head.Entry)?.Lane,
                head.Starts is { } starts
                    ? $"{head.Person.Name} is measured at {At(starts)}, too late for it."
                    : $"{head.Person.Name} is to be measured before it, and no post is planned."
            );
        }
    }

    private void OfFloors()
    {
        foreach (var floor in plan.Heats.GroupBy(h => plan.SessionOf(h).Floor))
        {
            var row = floor.OrderBy(h => h.Starts).ToList();
            for (var i = 1; i < row.Count; i++)
            {
                if (row[i].Starts < row[i - 1].Ends)
                {
                    Say(BreachKind.Floor, row[i], null, $"it starts while {Name(row[i - 1])} still runs there.");
                }
                else if (row[i].Starts < row[i - 1].Ends.PlusSeconds(row[i].Before))
                {
                    Say(BreachKind.Floor, row[i], null, $"the floor needs {Minutes(row[i].Before)} after {Name(row[i - 1])}.");
                }
            }
        }
    }

    private void OfPeople()
    {
        var runs = plan
            .Heats.SelectMany(h => h.Lanes.Select(l => (Heat: h, l.Lane, Entry: field.Entry(l.Entry))))
            .Where(r => r.Entry is not null)
            .SelectMany(r => r.Entry!.Members.Select(m => (r.Heat, r.Lane, Person: m)));
        foreach (var person in runs.GroupBy(r => r.Person.Id))
        {
            var row = person.OrderBy(r => r.Heat.Starts).ToList();
            for (var i = 1; i < row.Count; i++)
            {
                if (row[i].Heat.Id == row[i - 1].Heat.Id || row[i].Heat.Starts < row[i - 1].Heat.Ends)
                {
                    Say(BreachKind.Rest, row[i].Heat, row[i].Lane, $"{row[i].Person.Name} also runs in {Name(row[i - 1].Heat)} then.");
                }
                else if (row[i].Heat.Starts < row[i - 1].Heat.Ends.PlusMinutes(plan.Rules.RestMinutes))
                {
                    var rest = Period.Between(row[i - 1].Heat.Ends, row[i].Heat.Starts, PeriodUnits.Minutes).Minutes;
                    Say(
                        BreachKind.Rest,
                        row[i].Heat,
                        row[i].Lane,
                        $"{row[i].Person.Name} has {rest} min of rest after {Name(row[i - 1].Heat)}; "
                            + $"at least {plan.Rules.RestMinutes} are asked."
                    );
                }
            }
        }
    }

    private void OfJudges()
    {
        var placed = Streaks.Of(plan);
        var posts = plan.Heats.SelectMany(h => h.Lanes.SelectMany(l => l.Judges.Select(j => (Heat: h, Lane: l, Judge: j)))).ToList();
        foreach (var (heat, lane, _) in posts.Where(p => p.Judge is null && p.Heat.State != HeatState.Run))
        {
            Say(BreachKind.NoJudge, heat, lane.Lane, $"lane {lane.Lane} has no judge.");
        }

        foreach (var mine in posts.Where(p => p.Judge is not null).GroupBy(p => p.Judge!.Value))
        {
            if (field.Judge(mine.Key) is not { } judge)
            {
                foreach (var (heat, lane, _) in mine)
                {
                    Say(BreachKind.Judge, heat, lane.Lane, $"the judge of lane {lane.Lane} is gone.");
                }

                continue;
            }

            OfJudge(judge, [.. mine.Select(p => (p.Heat, p.Lane)).OrderBy(p => p.Heat.Starts)], placed);
        }
    }

    private void OfJudge(Judge judge, List<(Heat Heat, LanePost Lane)> row, Dictionary<Guid, Streaks.Placed> placed)
    {
        var said = 0;
        for (var i = 0; i < row.Count; i++)
        {
            var (heat, lane) = row[i];
            if (!judge.IsThere(heat))
            {
                Say(BreachKind.Judge, heat, lane.Lane, $"{judge.Name} is not there at {At(heat.Starts)}.");
            }

            if (plan.Rules.BriefedOnly && !judge.Briefed.Contains(plan.SessionOf(heat).Workout))
            {
                Say(BreachKind.Judge, heat, lane.Lane, $"{judge.Name} has not confirmed the newest version of this workout.");
            }
            else if (!judge.Knows(plan.Rules, plan.SessionOf(heat).Workout))
            {
                // Whoever sees the field reads this: what is missing of their eyes is said to the judge and the head judge alone.
                Say(BreachKind.Judge, heat, lane.Lane, $"{judge.Name} is not cleared by the head judge for this workout.");
            }

            if (field.Entry(lane.Entry) is { } entry && !judge.MayJudge(entry))
            {
                Say(BreachKind.OwnGym, heat, lane.Lane, $"{judge.Name} may not judge {entry.Name}.");
            }

            if (i > 0 && heat.Starts < row[i - 1].Heat.Ends)
            {
                Say(BreachKind.Judge, heat, lane.Lane, $"{judge.Name} also stands in {Name(row[i - 1].Heat)} then.");
            }

            said = i > 0 && Streaks.Follows(placed[row[i - 1].Heat.Id], placed[heat.Id], plan.Rules.JudgeBreak) ? said + 1 : 1;
            if (said == plan.Rules.JudgeInARow + 1)
            {
                Say(BreachKind.InARow, heat, lane.Lane, $"{judge.Name} judges more than {plan.Rules.JudgeInARow} heats in a row.");
            }
        }
    }

    private static string At(LocalDateTime time) => NodaTime.Text.LocalDateTimePattern.CreateWithInvariantCulture("HH:mm").Format(time);

    private static string Minutes(int seconds) => $"{seconds / 60}:{seconds % 60:00}";
}
