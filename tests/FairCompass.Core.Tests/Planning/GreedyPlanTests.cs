using System.Globalization;
using FairCompass.Core.Quantities;
using FairCompass.Planning;
using FairCompass.Planning.Days;
using FairCompass.Planning.People;
using Xunit.Abstractions;

namespace FairCompass.Core.Tests.Planning;

public class GreedyPlanTests(ITestOutputHelper output)
{
    private static bool IsLong => Environment.GetEnvironmentVariable("LONG") is not null;

    [Fact]
    public void A_plan_keeps_every_hard_rule_as_plain_loops_see_it()
    {
        var first = Environment.TickCount & 0xFFFF;
        output.WriteLine(string.Create(CultureInfo.InvariantCulture, $"seeds from {first}"));
        for (var seed = first; seed < first + (IsLong ? 200 : 20); seed++)
        {
            var (plan, field) = MadeUp.Of(seed, 20 + (seed % (IsLong ? 380 : 40)));
            var made = MadeUp.Made(plan, field);
            Assert.True(PlainCheck.Of(made, field) is [], $"seed {seed}: {string.Join(", ", PlainCheck.Of(made, field).Distinct())}");
        }
    }

    /// <summary>The product’s own check finds what a person breaks by hand; the plain loops find the same.</summary>
    [Fact]
    public void What_the_plain_loops_find_wrong_the_check_finds_too()
    {
        var random = new Random(7);
        var found = 0;
        for (var seed = 0; seed < 60; seed++)
        {
            var (plan, field) = MadeUp.Of(seed, 24);
            var made = MadeUp.Made(plan, field);
            var heats = made.Heats.Where(h => h.Session == plan.Sessions[seed % 3].Id).ToList();
            if (heats.Count < 2)
            {
                continue;
            }

            var (a, b) = (heats[0], heats[^1]);
            PlanEdit edit = (seed % 4) switch
            {
                0 => new PlanEdit.Swap(a.Id, a.Lanes[0].Lane, b.Id, b.Lanes[^1].Lane),
                1 => new PlanEdit.Start(b.Id, a.Starts.PlusMinutes(random.Next(1, 9))),
                2 => new PlanEdit.SetJudge(b.Id, b.Lanes[0].Lane, 1, field.Judges[random.Next(field.Judges.Count)].Id),
                _ => new PlanEdit.TakeOut(a.Id, a.Lanes[0].Lane),
            };
            var broken = PlanEdits.Apply(made, field, edit).Value!;
            var plain = PlainCheck.Of(broken, field);
            found += plain.Count > 0 ? 1 : 0;
            Assert.True(
                plain.Count == 0 || PlanCheck.Of(broken, field).Count > PlanCheck.Of(made, field).Count(b => b.Kind == BreachKind.NoJudge),
                $"seed {seed}, {edit}: {string.Join(", ", plain)}"
            );
        }

        Assert.True(found > 15, $"only {found} were broken at all");
    }

    [Fact]
    public void One_number_gives_one_plan_and_another_number_another()
    {
        var (plan, field) = MadeUp.Of(3, 40);
        Assert.Equal(PlanJson.Write(MadeUp.Made(plan, field)), PlanJson.Write(MadeUp.Made(plan, field)));
        Assert.NotEqual(PlanJson.Write(MadeUp.Made(plan, field)), PlanJson.Write(MadeUp.Made(plan with { Draw = 4 }, field)));
    }

    [Fact]
    public void A_plan_is_read_back_as_it_was_written()
    {
        var (plan, field) = MadeUp.Of(5, 30);
        var made = MadeUp.Made(plan, field);
        Assert.Equal(made, PlanJson.Read(PlanJson.Write(made)));
    }

    [Fact]
    public void The_strongest_run_last_and_the_fuller_heats_come_last()
    {
        var (plan, field) = MadeUp.Of(11, 60);
        plan = plan with { Sessions = [plan.Sessions[0] with { Order = HeatOrder.Seeded, Mixes = false, Lanes = 5 }] };
        var made = MadeUp.Made(plan, field);
        foreach (var group in field.Workouts[0].Groups)
        {
            var heats = made
                .Heats.Select(h => h.Lanes.Select(l => field.Entry(l.Entry)!).Where(group.Has).ToList())
                .Where(h => h.Count > 0)
                .ToList();
            for (var i = 1; i < heats.Count; i++)
            {
                Assert.True(heats[i].Count >= heats[i - 1].Count);
                Assert.True(heats[i].Max(e => e.Seed ?? int.MaxValue) <= heats[i - 1].Min(e => e.Seed ?? int.MaxValue));
            }
        }
    }

    /// <summary>As few heats as plain counting finds: each group by itself, less one for each pair of neighbours whose remainders fit into
    /// one heat.</summary>
    [Fact]
    public void What_is_left_over_of_two_groups_saves_a_heat_and_never_costs_one()
    {
        var saved = 0;
        for (var seed = 0; seed < 60; seed++)
        {
            var (plan, field) = MadeUp.Of(seed, 20 + seed);
            int Heats(bool mixes) => MadeUp.Made(plan with { Sessions = [plan.Sessions[0] with { Mixes = mixes }] }, field).Heats.Count;
            var lanes = plan.Sessions[0].Lanes;
            var groups = field
                .Workouts[0]
                .Groups.Select(g => (g.Clock, Count: field.Entries.Count(e => e.Starts && g.Has(e))))
                .Where(g => g.Count > 0)
                .ToList();
            var (apart, together, free) = (groups.Sum(g => (g.Count + lanes - 1) / lanes), 0, true);
            for (var i = 1; i < groups.Count; i++)
            {
                var (a, b) = (groups[i - 1].Count % lanes, groups[i].Count % lanes);
                var fits = free && a > 0 && b > 0 && a + b <= lanes && groups[i - 1].Clock == groups[i].Clock;
                together += fits ? 1 : 0;
                // Who has given away what was left over has nothing left for the next.
                free = !fits;
            }

            Assert.Equal((apart, apart - together), (Heats(false), Heats(true)));
            saved += together;
        }

        Assert.True(saved > 10, $"only {saved} were saved at all");
    }

    /// <summary>The same people read anew have other ids, and stand in the same heats.</summary>
    [Fact]
    public void A_draw_comes_out_the_same_for_the_same_people_under_other_ids()
    {
        var (plan, field) = MadeUp.Of(8, 40);
        Guid Other(Guid id) => new([.. id.ToByteArray().Select((b, i) => i == 9 ? (byte)(b ^ 0x5A) : b)]);
        var again = new Field(
            field.Workouts,
            [.. field.Entries.Select(e => e with { Id = Other(e.Id) })],
            [.. field.Judges.Select(j => j with { Id = Other(j.Id) })]
        );
        var (one, two) = (MadeUp.Made(plan, field), MadeUp.Made(plan, again));
        Assert.Equal(
            one.Heats.SelectMany(h =>
                h.Lanes.Select(l => (h.Starts, l.Lane, Other(l.Entry), l.Judges.Select(j => j is { } id ? Other(id) : j).ToEq()))
            ),
            two.Heats.SelectMany(h => h.Lanes.Select(l => (h.Starts, l.Lane, l.Entry, l.Judges)))
        );
    }

    [Fact]
    public void A_lane_is_kept_or_changed_as_the_session_says()
    {
        var (plan, field) = MadeUp.Of(2, 30);
        Plan Turning(bool rotates) =>
            MadeUp.Made(
                plan with
                {
                    Sessions =
                    [
                        .. plan
                            .Sessions.Take(2)
                            .Select(s => s with { Rotates = rotates, Lanes = 5, Order = HeatOrder.Seeded, Mixes = false }),
                    ],
                },
                field
            );
        static int Same(Plan p) =>
            p
                .Heats.SelectMany(h => h.Lanes.Select(l => (l.Entry, l.Lane)))
                .GroupBy(x => x.Entry)
                .Count(g => g.Count() > 1 && g.Select(x => x.Lane).Distinct().Count() == 1);
        Assert.True(
            Same(Turning(false)) > 3 * Same(Turning(true)),
            $"{Same(Turning(false))} keep theirs, {Same(Turning(true))} where lanes turn"
        );
    }

    [Fact]
    public void A_gym_that_every_judge_is_of_has_no_judge_and_the_check_says_so()
    {
        var (plan, field) = MadeUp.Of(9, 20);
        field = field with { Judges = [.. field.Judges.Select(j => j with { Gym = "Kelp Street" })] };
        var made = MadeUp.Made(plan, field);
        var own = made
            .Heats.SelectMany(h => h.Lanes.Select(l => (l, Entry: field.Entry(l.Entry)!)))
            .Where(x => x.Entry.Members.Any(m => m.Gym == "Kelp Street"))
            .ToList();
        Assert.NotEmpty(own);
        Assert.All(own, x => Assert.All(x.l.Judges, Assert.Null));
        Assert.Equal(
            made.Heats.Sum(h => h.Lanes.Sum(l => l.Judges.Count(j => j is null))),
            PlanCheck.Of(made, field).Count(b => b.Kind == BreachKind.NoJudge)
        );
    }

    /// <summary>Links counted over all pairs and heats, without the growing table of the product.</summary>
    [Fact]
    public void Links_are_those_that_plain_counting_finds()
    {
        for (var seed = 0; seed < 12; seed++)
        {
            var (plan, field) = MadeUp.Of(seed, 30);
            var made = MadeUp.Made(plan, field);
            var judges = made.Heats.SelectMany(h => h.Lanes.SelectMany(l => l.Judges)).OfType<Guid>().Distinct().ToList();
            var linked = 0;
            foreach (var a in judges)
            {
                foreach (var b in judges.Where(b => a.CompareTo(b) < 0))
                {
                    var together = made.Heats.Any(h => h.Lanes.Any(l => l.Judges.Contains(a)) && h.Lanes.Any(l => l.Judges.Contains(b)));
                    bool Judged(Guid judge, Guid entry, Guid session) =>
                        made.Heats.Any(h => h.Session == session && h.Lanes.Any(l => l.Entry == entry && l.Judges.Contains(judge)));
                    var common = field.Entries.Any(e =>
                        plan.Sessions.Any(s =>
                            plan.Sessions.Any(o => s.Workout != o.Workout && Judged(a, e.Id, s.Id) && Judged(b, e.Id, o.Id))
                        )
                    );
                    linked += together || common ? 1 : 0;
                }
            }

            var said = Linking.Of(made);
            Assert.Equal((judges.Count, judges.Count * (judges.Count - 1) / 2, linked), (said.Judges, said.Pairs, said.Linked));
        }
    }

    [Fact]
    public void After_a_delay_nobody_runs_earlier_what_was_called_stays_and_every_rule_still_holds()
    {
        for (var seed = 0; seed < 20; seed++)
        {
            var (plan, field) = MadeUp.Of(seed, 40);
            var made = MadeUp.Made(plan, field);
            made = made with
            {
                Heats = [.. made.Heats.Select((h, i) => i < 2 ? h with { State = i == 0 ? HeatState.Run : HeatState.Called } : h)],
            };
            var late = made.Heats[2 + (seed % 3)];
            var now = PlanEdits.Apply(made, field, new PlanEdit.Delay(late.Id, 12)).Value!;
            Assert.DoesNotContain(PlainCheck.Of(now, field), w => w != "early");
            foreach (var heat in now.Heats)
            {
                var was = made.Heats.Single(h => h.Id == heat.Id);
                Assert.Equal(was.Lanes.Select(l => (l.Lane, l.Entry)), heat.Lanes.Select(l => (l.Lane, l.Entry)));
                Assert.True(heat.Starts >= was.Starts);
                Assert.True(was.State == HeatState.Planned || heat.Starts == was.Starts);
            }

            Assert.Equal(late.Starts.PlusMinutes(12), now.Heats.Single(h => h.Id == late.Id).Starts);
            Assert.Contains(Replan.Between(made, now, field).Words, w => w.Contains("not", StringComparison.Ordinal));
        }
    }

    [Fact]
    public void A_withdrawal_and_a_judge_gone_home_move_nobody_else()
    {
        var (plan, field) = MadeUp.Of(21, 40);
        var made = MadeUp.Made(plan, field);
        var out_ = made.Heats[1].Lanes[0].Entry;
        var gone = made.Heats[2].Lanes[0].Judges[0]!.Value;
        var less = new Field(
            field.Workouts,
            [.. field.Entries.Select(e => e.Id == out_ ? e with { State = EntryState.Withdrawn } : e)],
            [.. field.Judges.Where(j => j.Id != gone)]
        );
        var now = Replan.Of(made, less);
        Assert.Empty(PlainCheck.Of(now, less));
        var difference = Replan.Between(made, now, less);
        Assert.Equal(1, difference.Entries);
        Assert.DoesNotContain(now.Heats, h => h.Lanes.Any(l => l.Entry == out_ || l.Judges.Contains(gone)));
        foreach (var (heat, lane) in now.Heats.SelectMany(h => h.Lanes.Select(l => (h, l))))
        {
            var was = made.Heats.Single(h => h.Id == heat.Id).Lanes.Single(l => l.Entry == lane.Entry);
            Assert.Equal(was.Lane, lane.Lane);
            Assert.All(was.Judges.Zip(lane.Judges), j => Assert.True(j.First == gone || j.First == j.Second));
        }
    }

    [Fact]
    public void What_is_fixed_stays_when_the_plan_is_made_anew()
    {
        var (plan, field) = MadeUp.Of(13, 40);
        var made = MadeUp.Made(plan, field);
        var heat = made.Heats[3];
        var kept = PlanEdits.Apply(made, field, new PlanEdit.Start(heat.Id, heat.Starts.PlusMinutes(5))).Value!;
        var again = GreedyPlan.Make(kept with { Draw = 99 }, field, MadeUp.Ids());
        var now = again.Heats.Single(h => h.Id == heat.Id);
        Assert.Equal((heat.Starts.PlusMinutes(5), true), (now.Starts, now.Fixed));
        Assert.Equal(heat.Lanes.Select(l => l.Entry), now.Lanes.Select(l => l.Entry));
        Assert.Empty(PlainCheck.Of(again, field));
    }

    [Fact]
    public void What_cannot_be_done_by_hand_is_said_at_its_field()
    {
        var (plan, field) = MadeUp.Of(17, 30);
        var made = MadeUp.Made(plan, field);
        var (run, other) = (made.Heats[0], made.Heats[1]);
        made = made with { Heats = [.. made.Heats.Select(h => h.Id == run.Id ? h with { State = HeatState.Run } : h)] };
        string? Refused(PlanEdit edit) => PlanEdits.Apply(made, field, edit).Refused?.Path;
        Assert.Equal("heat", Refused(new PlanEdit.Delay(run.Id, 5)));
        Assert.Equal("minutes", Refused(new PlanEdit.Delay(other.Id, 0)));
        Assert.Equal("heat", Refused(new PlanEdit.Fix(Guid.NewGuid(), true)));
        Assert.Equal("lane", Refused(new PlanEdit.Swap(other.Id, 99, other.Id, other.Lanes[0].Lane)));
        Assert.Equal("lane", Refused(new PlanEdit.MoveTo(other.Lanes[0].Entry, other.Id, 99)));
        Assert.Equal("post", Refused(new PlanEdit.SetJudge(other.Id, other.Lanes[0].Lane, 9, null)));
        Assert.Equal(
            "entry",
            Refused(
                new PlanEdit.MoveTo(
                    field.Entries.First(e => e.Division == "Pairs").Id,
                    made.Heats.First(h => h.Session == plan.Sessions[0].Id && h.State == HeatState.Planned).Id,
                    1 + made.Heats.First(h => h.Session == plan.Sessions[0].Id && h.State == HeatState.Planned).Lanes.Count
                )
            )
        );
    }
}
