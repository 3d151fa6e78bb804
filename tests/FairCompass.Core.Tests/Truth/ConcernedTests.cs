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

    private static string Text(Understanding u) =>
        string.Join('\n', Papers.Select(a => BriefText.Of(new BriefBuilder(u, null, new(2026, 6, 6)).Build(a))));

    private static void Agree(Understanding before, Understanding after, string what)
    {
        var papers = Text(before) == Text(after);
        var code = Fingerprint.Of(before) == Fingerprint.Of(after);
        var changes = Differences.Between(before, after).Changes;
        Assert.True(papers == code, $"{what}: papers {(papers ? "alike" : "differ")}, code {(code ? "the same" : "another")}");
        Assert.True(code == (changes.Count == 0), $"{what}: code {(code ? "the same" : "another")}, {changes.Count} changes");
    }

    /// <summary>For each answer of the interview and each demo workout: papers are equal exactly where the code is, and where nothing is
    /// listed as changed. A topic takes one school here, the next in turn.</summary>
    [Fact]
    public void An_answer_touches_only_what_prints_it()
    {
        var turn = 0;
        foreach (var name in DraftTexts.DemoNames.Where((_, i) => i % 3 == 0))
        {
            var text = DraftTexts.Read(name);
            var before = Understanding.Of(Plain, text);
            foreach (var topic in Topics.All)
            {
                var school = topic.Schools[turn++ % topic.Schools.Count];
                var after = Understanding.Of(Plain with { Policies = [new(topic.Name, school.Name, null)] }, text);
                Agree(before, after, $"{name}, {topic.Name}: {school.Name}");
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
}
