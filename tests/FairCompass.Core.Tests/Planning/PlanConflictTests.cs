using FairCompass.Core.Quantities;
using FairCompass.Planning.Days;
using FairCompass.Planning.People;
using FairCompass.Planning.Solving;
using NodaTime;

namespace FairCompass.Core.Tests.Planning;

/// <summary>Days that cannot be, each small enough to see why by hand.</summary>
public class PlanConflictTests
{
    private static readonly RunGroup Group = new("D", null, 600, 1, null, 0);

    private static Plan Planned(int entries, int lanes, PlanRules rules, IEnumerable<Judge> judges, out Field field, params string[] gyms)
    {
        field = new(
            [
                new(
                    MadeUp.Id(1),
                    "Quay",
                    [Group],
                    [
                        [0],
                    ]
                ),
            ],
            [
                .. Enumerable
                    .Range(0, entries)
                    .Select(i => new Entry(
                        MadeUp.Id(100 + i),
                        "D",
                        "",
                        $"{i}",
                        null,
                        EntryState.In,
                        [new(MadeUp.Id(200 + i), $"P{i}", i < gyms.Length ? gyms[i] : "", "man")]
                    )),
            ],
            [.. judges]
        );
        var session = new Session(
            MadeUp.Id(50),
            MadeUp.Id(1),
            MadeUp.Morning,
            "floor",
            lanes,
            HeatOrder.Drawn,
            false,
            false,
            new(60, null, 1),
            []
        );
        return MadeUp.Made(new("UTC", rules, 1, [session], []), field);
    }

    private static Judge Judge(int i, string gym = "") => new(MadeUp.Id(300 + i), $"J{i}", gym, [], [], 0);

    private static string[] Said(Plan plan, Field field) =>
        [.. PlanConflicts.Of(plan, field, 1).Select(c => string.Join(" ", c.Rules.Prepend(c.Sentence)))];

    [Fact]
    public void What_can_be_kept_is_no_conflict() =>
        Assert.Empty(Said(Planned(4, 2, new(0, 4, 1), [Judge(1), Judge(2), Judge(3)], out var field), field));

    [Fact]
    public void Too_few_judges_are_too_few_whatever_is_left_out() =>
        Assert.Equal(
            ["Quay, heat 1 cannot have a judge in every lane: there are 2 judges."],
            Said(Planned(3, 3, new(0, 4, 1), [Judge(1), Judge(2)], out var field), field)
        );

    [Fact]
    public void A_gym_whose_judges_are_all_there_are_is_named_and_no_other_rule() =>
        Assert.Equal(
            ["Quay, heat 1 cannot have a judge in every lane while all of this holds: Nobody of Kelp judges their own."],
            Said(Planned(2, 2, new(0, 1, 1), [Judge(1, "Kelp"), Judge(2, "Kelp")], out var field, "Kelp", "Heron"), field)
        );

    [Fact]
    public void A_row_without_a_break_is_the_heats_that_make_it() =>
        Assert.Equal(
            [
                "Quay, heat 1, Quay, heat 2 and Quay, heat 3 cannot all have their judges while all of this holds:"
                    + " No more than 2 heats in a row.",
            ],
            Said(Planned(3, 1, new(0, 2, 1), [Judge(1)], out var field), field)
        );

    [Fact]
    public void A_break_is_named_with_whose_it_is() =>
        Assert.Equal(
            ["Quay, heat 1 cannot have a judge in every lane while all of this holds: J1 is not there or has a break."],
            Said(
                Planned(1, 1, new(0, 2, 1), [Judge(1) with { Breaks = [new(new LocalTime(7, 0), new LocalTime(9, 0))] }], out var field),
                field
            )
        );

    /// <summary>Three heats of ten minutes with a minute between take 32 minutes, whoever plans them.</summary>
    [Fact]
    public void A_day_that_its_heats_fill_says_until_when() =>
        Assert.Equal(
            ["Saturday 12 June cannot be over by 08:30: these heats take until 08:32 at least, the floor alone until 08:32."],
            Said(Planned(3, 1, new PlanRules(0, 4, 1) { Until = new(8, 30) }, [Judge(1), Judge(2)], out var field), field)
        );

    [Fact]
    public void A_heat_that_is_fixed_too_late_is_named()
    {
        var plan = Planned(2, 1, new PlanRules(45, 4, 1) { Until = new(9, 0) }, [Judge(1)], out var field);
        var late = PlanEdits.Apply(plan, field, new PlanEdit.Start(plan.Heats[1].Id, MadeUp.Morning.PlusMinutes(55))).Value!;
        Assert.Equal(
            [
                "Saturday 12 June cannot be over by 09:00: these heats take until 09:05 at least while all of this"
                    + " holds: Quay, heat 2 is fixed at 08:55.",
            ],
            Said(late, field)
        );
    }

    [Fact]
    public void Rest_that_a_day_has_no_time_for_is_named()
    {
        var plan = Planned(1, 1, new PlanRules(60, 4, 1) { Until = new(9, 0) }, [Judge(1)], out var field);
        var twice = plan with { Sessions = [plan.Sessions[0], plan.Sessions[0] with { Id = MadeUp.Id(51) }], Heats = [] };
        Assert.Equal(
            [
                "Saturday 12 June cannot be over by 09:00: these heats take until 09:20 at least while all of this"
                    + " holds: 60 min of rest between two runs of one athlete.",
            ],
            Said(MadeUp.Made(twice, field), field)
        );
    }
}
