using FairCompass.Core.Quantities;
using FairCompass.Planning.Days;
using NodaTime;

namespace FairCompass.Core.Tests.Planning;

/// <summary>Measuring posts, broken lanes, who is briefed, the clock of the chase list: over made-up fields, checked by plain
/// loops.</summary>
public class DayChangesTests
{
    private static (Plan Plan, Field Field) Measuring(int seed, params MeasuringPost[] posts)
    {
        var (plan, field) = MadeUp.Of(seed, 30);
        field = new(
            [field.Workouts[0], field.Workouts[1] with { Measures = ["Upper", "Lower"] }, field.Workouts[2]],
            field.Entries,
            field.Judges
        );
        return (MadeUp.Made(plan with { Measuring = [.. posts] }, field), field);
    }

    [Fact]
    public void Everybody_is_measured_once_at_a_post_with_room_and_never_while_they_run()
    {
        for (var seed = 0; seed < 25; seed++)
        {
            var post = new MeasuringPost(MadeUp.Id(900), MadeUp.Morning.PlusMinutes(-30), "Boathouse", 3, 1 + (seed % 3));
            var (plan, field) = Measuring(seed, post);
            var all = MeasuringTimes.Of(plan, field);
            var second = plan.Heats.Where(h => plan.SessionOf(h).Workout == MadeUp.Id(2)).ToList();
            var expected = second
                .SelectMany(h => h.Lanes)
                .SelectMany(l => field.Entry(l.Entry)!.Members)
                .Select(m => m.Id)
                .Distinct()
                .ToHashSet();
            Assert.Equal(expected, all.Select(m => m.Person.Id).ToHashSet());
            Assert.Equal(expected.Count, all.Count);
            foreach (var one in all)
            {
                Assert.True(one.Starts >= post.Starts, $"seed {seed}");
                Assert.True(all.Count(o => o.Starts < one.Ends && one.Starts < o.Ends) <= post.AtOnce, $"seed {seed}");
                Assert.DoesNotContain(
                    plan.Heats.Where(h => h.Lanes.Any(l => field.Entry(l.Entry)!.Members.Any(m => m.Id == one.Person.Id))),
                    h => h.Starts.PlusSeconds(-h.CallUp) < one.Ends && one.Starts < h.Ends
                );
            }

            var late = all.Count(m => m.Ends > m.Before.Starts.PlusSeconds(-m.Before.CallUp));
            Assert.Equal(late, PlanCheck.Of(plan, field).Count(b => b.Kind == BreachKind.Measuring));
        }
    }

    [Fact]
    public void Nobody_s_time_to_be_measured_changes_because_others_have_run()
    {
        var (plan, field) = Measuring(5, new MeasuringPost(MadeUp.Id(900), MadeUp.Morning.PlusMinutes(-30), "Boathouse", 3, 1));
        var begun = plan with { Heats = [.. plan.Heats.Select((h, i) => i < plan.Heats.Count / 2 ? h with { State = HeatState.Run } : h)] };
        static IEnumerable<(Guid, LocalDateTime?)> Times(Plan p, Field f) => MeasuringTimes.Of(p, f).Select(m => (m.Person.Id, m.Starts));
        Assert.Equal(Times(plan, field), Times(begun, field));
    }

    [Fact]
    public void Without_a_post_each_who_is_to_be_measured_is_named()
    {
        var (plan, field) = Measuring(3);
        var breaches = PlanCheck.Of(plan, field).Where(b => b.Kind == BreachKind.Measuring).ToList();
        Assert.NotEmpty(breaches);
        Assert.All(breaches, b => Assert.EndsWith("and no post is planned.", b.Sentence, StringComparison.Ordinal));
        // A post of a day that is over before them is none.
        var (yesterday, same) = Measuring(3, new MeasuringPost(MadeUp.Id(900), MadeUp.Morning.PlusHours(30), "Late", 3, 1));
        Assert.All(MeasuringTimes.Of(yesterday, same), m => Assert.Null(m.Starts));
    }

    [Fact]
    public void A_lane_that_breaks_down_keeps_every_rule_and_moves_only_who_stood_in_it()
    {
        var moved = 0;
        for (var seed = 0; seed < 12; seed++)
        {
            var (plan, field) = MadeUp.Of(seed, 40);
            var made = MadeUp.Made(plan, field);
            made = made with { Heats = [.. made.Heats.Select((h, i) => i < 3 ? h with { State = HeatState.Run } : h)] };
            var session = made.Sessions[seed % 3];
            var now = PlanEdits.Apply(made, field, new PlanEdit.CloseLane(session.Id, 2, true)).Value!;
            Assert.True(PlainCheck.Of(now, field) is [], $"seed {seed}: {string.Join(", ", PlainCheck.Of(now, field).Distinct())}");
            Assert.DoesNotContain(
                now.Heats.Where(h => h.Session == session.Id && h.State == HeatState.Planned),
                h => h.Lanes.Any(l => l.Lane == 2)
            );
            foreach (var heat in made.Heats)
            {
                foreach (var lane in heat.Lanes.Where(l => l.Lane != 2 || heat.Session != session.Id || heat.State == HeatState.Run))
                {
                    Assert.Contains(now.Heats.Single(h => h.Id == heat.Id).Lanes, l => l.Entry == lane.Entry && l.Lane == lane.Lane);
                }
            }

            // Nobody is called before the time they were told.
            foreach (var (heat, lane) in now.Heats.Where(h => h.Session == session.Id).SelectMany(h => h.Lanes.Select(l => (h, l))))
            {
                var was = made.Heats.Single(h => h.Session == session.Id && h.Lanes.Any(l => l.Entry == lane.Entry));
                Assert.True(heat.Starts >= was.Starts, $"seed {seed}");
            }

            moved += Replan.Between(made, now, field).Entries;
            var again = GreedyPlan.Make(now, field, Guid.NewGuid);
            Assert.Empty(PlainCheck.Of(again, field));
            Assert.DoesNotContain(
                again.Heats.Where(h => h.Session == session.Id && h.State == HeatState.Planned),
                h => h.Lanes.Any(l => l.Lane == 2)
            );
        }

        Assert.True(moved > 12, $"only {moved} moved at all");
    }

    [Fact]
    public void The_last_lane_in_use_cannot_break_down()
    {
        var (plan, field) = MadeUp.Of(1, 20);
        var one = MadeUp.Made(plan with { Sessions = [plan.Sessions[0] with { Lanes = 1 }] }, field);
        Assert.Equal("lane", PlanEdits.Apply(one, field, new PlanEdit.CloseLane(one.Sessions[0].Id, 1, true)).Refused?.Path);
        Assert.Equal("lane", PlanEdits.Apply(one, field, new PlanEdit.CloseLane(one.Sessions[0].Id, 2, true)).Refused?.Path);
        Assert.Equal("session", PlanEdits.Apply(one, field, new PlanEdit.CloseLane(Guid.NewGuid(), 1, true)).Refused?.Path);
    }

    [Fact]
    public void Only_who_has_confirmed_a_workout_judges_it_where_that_is_asked()
    {
        var (plan, field) = MadeUp.Of(5, 24);
        field = field with { Judges = [.. field.Judges.Select((j, i) => j with { Briefed = i % 2 == 0 ? [MadeUp.Id(1)] : [] })] };
        Assert.Equal(
            MadeUp.Made(plan, field).Heats.Count,
            MadeUp.Made(plan with { Rules = plan.Rules with { BriefedOnly = false } }, field).Heats.Count
        );
        var made = MadeUp.Made(plan with { Rules = plan.Rules with { BriefedOnly = true } }, field);
        foreach (var (heat, judge) in made.Heats.SelectMany(h => h.Lanes.SelectMany(l => l.Judges.OfType<Guid>().Select(j => (h, j)))))
        {
            Assert.Equal(MadeUp.Id(1), made.SessionOf(heat).Workout);
            Assert.NotEmpty(field.Judge(judge)!.Briefed);
        }

        Assert.Contains(made.Heats, h => h.Lanes.Any(l => l.Judges.Any(j => j is not null)));
    }

    [Theory]
    [InlineData(HeatState.Planned, 600, 0)]
    [InlineData(HeatState.Called, -1, 0)]
    [InlineData(HeatState.Called, 0, 1)]
    [InlineData(HeatState.Run, -600, 1)]
    public void A_heat_that_was_called_is_over_when_its_clock_has_stopped(HeatState state, int seconds, int chased)
    {
        var (plan, field) = MadeUp.Of(2, 20);
        var made = MadeUp.Made(plan, field);
        var heat = made.Heats[0] with { State = state };
        made = made with { Heats = [heat] };
        // Summer time in London: the hall’s clock is an hour before UTC.
        var now = heat.Ends.PlusSeconds(seconds).PlusHours(-1).InUtc().ToInstant();
        Assert.Equal(chased * heat.Lanes.Count, ChaseList.Of(made, [], now).Count);
    }
}
