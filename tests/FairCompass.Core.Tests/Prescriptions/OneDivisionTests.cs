using CsCheck;
using FairCompass.Core.Briefing;
using FairCompass.Core.Drafts;
using FairCompass.Core.Notation;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Prescriptions;

/// <summary>A division’s own brief says what its athletes do, and nothing of the others.</summary>
public class OneDivisionTests
{
    [Fact]
    public void Its_own_load_stands_on_the_task()
    {
        Assert.Equal(["24 power clean, 45/35 kg"], Lines("24 power clean, 70/47.5 kg\n  Estuary: 60/40 kg\n  Meadow: 45/35 kg"));
        Assert.Equal(["24 power clean, 60/40 kg"], Lines("24 power clean, 70/47.5 kg\n  Estuary: 60/40 kg"));
        Assert.Equal(["24 power clean, 70/47.5 kg"], Lines("24 power clean, 70/47.5 kg\n  Anchor 45+: 60/40 kg"));
    }

    [Fact]
    public void Another_movement_cuts_what_belonged_to_the_first() =>
        Assert.Equal(["24 sit-up"], Lines("24 power clean, 70/47.5 kg\n  Estuary: 60/40 kg\n  Meadow: sit-up"));

    [Fact]
    public void What_narrows_further_stays_without_the_name() =>
        Assert.Equal(
            ["20 deadlift, 65/45 kg", "  woman: 16"],
            Lines("24 deadlift, 100/70 kg\n  Meadow: 20, 65/45 kg\n  Meadow and woman: 16")
        );

    [Fact]
    public void A_farther_line_that_narrows_loses_to_a_nearer_one_that_does_not() =>
        Assert.Equal(["20 deadlift, 100/70 kg"], Lines("24 deadlift, 100/70 kg\n  Tideline and woman: 12\n  Meadow: 20"));

    [Fact]
    public void Where_folding_would_change_a_value_the_lines_stay_as_they_are() =>
        Assert.Equal(
            ["24 deadlift, 100/70 kg", "  Estuary and woman: 12, 60/60 kg", "  Meadow: 20"],
            Lines("24 deadlift, 100/70 kg\n  Estuary and woman: 12, 60/60 kg\n  Meadow: 20")
        );

    [Fact]
    public void Work_of_others_is_left_out()
    {
        Assert.Equal(["10 sit-up"], Lines("10 sit-up\n12 pull-up, Anchor 45+ only"));
        Assert.Equal(["10 sit-up"], Lines("10 sit-up\n3 rounds\n  12 pull-up, Anchor 45+ only"));
        Assert.Equal(["10 sit-up", "12 pull-up"], Lines("10 sit-up\n12 pull-up, Meadow only"));
    }

    [Fact]
    public void A_choice_of_others_is_left_out() =>
        Assert.Equal(
            ["2 rope climb", "  choose: 5 wall walk"],
            Lines("2 rope climb\n  Meadow, choose: 5 wall walk\n  Anchor 45+, choose: 7 wall walk")
        );

    [Fact]
    public void The_bar_of_a_complex_is_the_divisions_own()
    {
        var u = Demo.Understand(DraftTexts.Demo("06"));
        var text = string.Join('\n', Stages(u, "Meadow"));
        Assert.Contains("40-40-42.5-42.5-45-45-47.5-47.5-50-50 / 35 kg", text, StringComparison.Ordinal);
        Assert.DoesNotContain("85", text, StringComparison.Ordinal);
        Assert.DoesNotContain("Estuary", text, StringComparison.Ordinal);
    }

    public static TheoryData<string> Workouts => [.. DraftTexts.DemoNames];

    /// <summary>Read again as a workout of this division alone, the view prescribes what the whole prescribes.</summary>
    [Theory]
    [MemberData(nameof(Workouts))]
    public void Every_demo_workout_prescribes_the_same(string name)
    {
        var u = Demo.Understand(DraftTexts.Read(name));
        foreach (var division in u.Courses.Select(c => c.Address.Division).Distinct())
        {
            var text = string.Join('\n', Stages(u, division.Name));
            foreach (var other in u.Competition.Divisions.Where(d => d.Name != division.Name))
            {
                Assert.DoesNotContain(other.Name + ":", text, StringComparison.Ordinal);
            }

            Prescribes(u, division.Name);
        }
    }

    [Fact]
    public void Any_generated_workout_prescribes_the_same() =>
        WorkoutGen.Any.Sample(
            w =>
            {
                var u = Demo.Understand(Printer.Print(w));
                foreach (var division in u.Courses.Select(c => c.Address.Division.Name).Distinct().Take(2))
                {
                    Prescribes(u, division);
                }
            },
            iter: 300,
            print: Printer.Print
        );

    [Fact]
    public void The_brief_shows_the_view()
    {
        var u = Demo.Understand(DraftTexts.Demo("03"));
        foreach (var language in Enum.GetValues<Core.Languages.Language>())
        {
            var brief = new BriefBuilder(u, "Meadow", new(2027, 6, 12), new BriefOptions { Language = language }).Build(Audience.Athlete);
            var lines = brief
                .Sections.Single(s => s.Id == "work")
                .Blocks.OfType<BriefBlock.Lines>()
                .Single()
                .Items.Select(l => l.Text)
                .ToList();
            Assert.Contains(lines, l => l.Contains("45/35 kg", StringComparison.Ordinal));
            Assert.DoesNotContain(
                lines,
                l =>
                    l.Contains("70/47.5", StringComparison.Ordinal)
                    || l.Contains("60/40", StringComparison.Ordinal)
                    || l.Contains("Estuary", StringComparison.Ordinal)
                    || l.Contains("Meadow", StringComparison.Ordinal)
            );
        }
    }

    private static void Prescribes(Understanding u, string division)
    {
        var name = u.Competition.Find(division)!;
        var view = new OneDivision(u.Competition, u.Workout, u.Resolver, name);
        var own = u.Workout with { Stages = u.Workout.Stages.Select(view.Of).ToEq() };
        var before = PrescriptionTable
            .Of(u.Workout, u.Resolver)
            .Where(p => p.Address.Division.Name == division)
            .Select(Said)
            .Distinct()
            .Order(StringComparer.Ordinal);
        var after = PrescriptionTable
            .Of(own, u.Resolver)
            .Where(p => p.Address.Division.Name == division)
            .Select(Said)
            .Distinct()
            .Order(StringComparer.Ordinal);

        // A round that only others’ lines name is the general case for this division.
        Assert.Empty(after.Except(before));
        Assert.Empty(before.Where(b => b.EndsWith("@default", StringComparison.Ordinal)).Except(after));
    }

    private static string Said(PrescribedTask p)
    {
        var i = p.Prescription;
        return $"{p.Source.At.Line} {p.Address} {i.Movement.Value} {i.Amount?.Value} {i.Load?.Value} "
            + $"{string.Join(',', i.Heights.Select(h => h.Value))} {i.From?.Value} "
            + $"{string.Join(',', i.Counting.Select(c => c.ToString()).Order(StringComparer.Ordinal))} {p.Option is not null}@"
            + $"{(p.At == default ? "default" : p.At.ToString())}";
    }

    private static List<string> Lines(string work) =>
        [
            .. Stages(
                    Demo.Understand(
                        Demo.Window("9:00 for reps", work)
                            .Replace("for Tideline", "for Tideline, Estuary, Meadow, Anchor 45+", StringComparison.Ordinal)
                    ),
                    "Meadow"
                )
                .Skip(1)
                .Select(l => l[2..]),
        ];

    private static IEnumerable<string> Stages(Understanding u, string division)
    {
        var view = new OneDivision(u.Competition, u.Workout, u.Resolver, u.Competition.Find(division)!);
        return Printer
            .Print(
                u.Workout with
                {
                    Title = "x",
                    Note = null,
                    Headers = [],
                    Stages = u.Workout.Stages.Select(view.Of).ToEq(),
                    Scores = [],
                    Policies = [],
                }
            )
            .Split('\n')
            .Skip(2)
            .Where(l => l.Length > 0);
    }
}
