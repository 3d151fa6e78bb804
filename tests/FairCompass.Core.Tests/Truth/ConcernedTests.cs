using System.Runtime.CompilerServices;
using FairCompass.Core.Briefing;
using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.Policies;
using FairCompass.Core.Publishing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Tests.Briefing;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Truth;

/// <summary>The code of a definition and the list of what changed speak of what its papers print, and of nothing else.</summary>
public class ConcernedTests
{
    private static readonly Competition Plain = Demo.Competition;

    private static readonly Audience[] Papers =
    [
        Audience.Athlete,
        Audience.Judge,
        Audience.FloorCrew,
        Audience.ScoreDesk,
        Audience.LaneCard,
        Audience.Measurement,
    ];

    // One draft is compared with many: its papers are written once.
    private static readonly ConditionalWeakTable<Understanding, string> Written = [];

    private static string Text(Understanding u) =>
        Written.GetValue(u, u => string.Join('\n', Papers.Select(a => BriefText.Of(new BriefBuilder(u, null, new(2026, 6, 6)).Build(a)))));

    private static void Agree(Understanding before, Understanding after, string what)
    {
        var papers = Text(before) == Text(after);
        var code = Fingerprint.Of(before) == Fingerprint.Of(after);
        var changes = Differences.Between(before, after).Changes;
        Assert.True(papers == code, $"{what}: papers {(papers ? "alike" : "differ")}, code {(code ? "the same" : "another")}");
        Assert.True(code == (changes.Count == 0), $"{what}: code {(code ? "the same" : "another")}, {changes.Count} changes");
    }

    /// <summary>For each answer of the interview and some demo workouts, in the long run all of them: papers are equal exactly where the
    /// code is, and where nothing is listed as changed. A topic takes one school here, the next in turn.</summary>
    [Fact]
    public void An_answer_touches_only_what_prints_it()
    {
        var turn = 0;
        var every = Depth.Times(12, 1);
        foreach (var name in DraftTexts.DemoNames.Where((_, i) => i % every == 0))
        {
            var text = DraftTexts.Read(name);
            var before = Understanding.Of(Plain, text);
            foreach (var topic in Topics.All)
            {
                var answer = topic.Schools.Count == 0 ? "Sunday 7 June" : topic.Schools[turn++ % topic.Schools.Count].Name;
                var after = Understanding.Of(Plain with { Policies = [new(topic.Name, answer, null)] }, text);
                Agree(before, after, $"{name}, {topic.Name}: {answer}");
            }
        }
    }

    [Fact]
    public void What_does_not_arise_changes_nothing()
    {
        var text = "Ladder\n  for Tideline\n\n9:00 for time\n  21-15-9 of\n    sit-up\n    burpee\n" + Trial.ForTime;
        var before = Understanding.Of(Plain, text);
        Eq<PolicyChoice> answers =
        [
            new("hand tag", "no", null),
            new("score weights", "equal", null),
            new("mixed heights", "own", null),
            new("chin", "through", null),
        ];
        var after = Understanding.Of(Plain with { Policies = answers }, text);
        Assert.Equal(Fingerprint.Of(before), Fingerprint.Of(after));
        Assert.Empty(Differences.Between(before, after).Changes);
        Assert.Equal(Text(before), Text(after));
    }

    [Theory]
    [InlineData("8:00 for load\n  heaviest power clean\n" + Trial.ForLoad)]
    [InlineData("8:00 for time\n  20 power clean, 70/45 kg\n" + Trial.ForTime)]
    [InlineData("8:00 for time\n  20 sit-up\n" + Trial.ForTime)]
    [InlineData("8:00 for time\n  5 rounds\n    3 deadlift, 60-70-80-90-100/40-50-60-70-80 kg\n" + Trial.ForTime)]
    public void What_a_paper_prints_of_the_kit_is_part_of_its_code(string work)
    {
        var text = "Draft\n  for Tideline\n  a/b is man/woman\n\n" + work;
        var before = Understanding.Of(Plain, text);
        foreach (var plate in Plain.Kit.Plates)
        {
            var without = Plain with { Kit = Plain.Kit with { Plates = [.. Plain.Kit.Plates.Where(p => p != plate)] } };
            Agree(before, Understanding.Of(without, text), $"without plates of {plate.Mass}");
        }
    }

    /// <summary>Each further part of the kit: where papers change the code does, where they do not it stays.</summary>
    [Theory]
    [InlineData("8:00 for load\n  heaviest power clean, on the axle\n" + Trial.ForLoad)]
    [InlineData("8:00 for time\n  20 power clean, 70/45 kg, on the axle\n" + Trial.ForTime)]
    [InlineData("8:00 for time\n  20 power clean, 70/45 kg\n  10 deadlift, 70/45 kg, on the axle\n" + Trial.ForTime)]
    [InlineData("8:00 for time\n  20 sit-up\n" + Trial.ForTime)]
    public void The_rest_of_the_kit_is_part_of_the_code_where_it_is_printed(string work)
    {
        var plates = Plain.Kit.Plates.Select(p => p with { Thickness = 40 }).ToEq();
        var kit = Plain.Kit with { Bars = [new("axle", 20) { Sleeve = 400 }], Plates = plates, MenSleeve = 400, Lanes = 6 };
        var competition = Plain with { Kit = kit };
        var text = "Draft\n  for Tideline\n  a/b is man/woman\n\n" + work;
        var before = Understanding.Of(competition, text);
        LaneKit[] others =
        [
            kit with
            {
                Lanes = 8,
            },
            kit with
            {
                Lanes = null,
            },
            kit with
            {
                MenSleeve = 100,
            },
            kit with
            {
                WomenSleeve = 60,
            },
            kit with
            {
                Bars = [new("axle", 20) { Sleeve = 60 }],
            },
            kit with
            {
                Bars = [new("axle", 25) { Sleeve = 400 }],
            },
            kit with
            {
                Bars = [new("axle", 20, 3) { Sleeve = 400 }],
            },
            kit with
            {
                Things = [new("box", 4)],
            },
        ];
        Assert.All(others.Index(), o => Agree(before, Understanding.Of(competition with { Kit = o.Item }, text), $"kit {o.Index}"));
    }
}
