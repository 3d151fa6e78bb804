using FairCompass.Core.Briefing;
using FairCompass.Core.Languages;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Briefing;

/// <summary>The briefing that is spoken says what the papers say, good first, and knows how long it takes.</summary>
public sealed class TalkTests
{
    private static readonly DateOnly Day = new(2027, 6, 12);

    private static BriefBuilder Builder(string name, string? division = null, Language language = Language.English) =>
        new(Demo.Understand(DraftTexts.Read(name)), division, Day, BriefOptions.Usual with { Language = language });

    public static TheoryData<string> Drafts => [.. DraftTexts.DemoNames];

    [Theory]
    [MemberData(nameof(Drafts))]
    public void Every_no_rep_of_the_brief_is_spoken_behind_its_good_rep(string name)
    {
        foreach (var audience in new[] { Audience.Judge, Audience.Athlete })
        {
            var talk = Builder(name).Speak(audience);
            var standards = Builder(name)
                .Build(Audience.Athlete)
                .Sections.SelectMany(s => s.Blocks)
                .OfType<BriefBlock.StandardOf>()
                .ToList();
            var spoken = talk.Parts.SelectMany(p => p.Say).ToHashSet();
            Assert.All(standards.SelectMany(s => s.Faults), f => Assert.Contains(f.Cells[0], spoken));
            foreach (var movement in standards.Where(s => s.Faults.Count > 0).Select(s => s.Name))
            {
                var parts = talk.Parts.Where(p => p.Heading.StartsWith(movement + ": ", StringComparison.Ordinal)).ToList();
                Assert.NotNull(parts[0].Demonstrate);
                Assert.DoesNotContain("“No rep", string.Join(' ', parts[0].Say), StringComparison.Ordinal);
            }
        }
    }

    /// <summary>A slide is read from the back of a hall: few lines, and none without words; every sentence ends.</summary>
    [Theory]
    [MemberData(nameof(Drafts))]
    public void A_part_is_short_and_whole(string name)
    {
        foreach (var language in Enum.GetValues<Language>())
        {
            var talk = Builder(name, language: language).Speak(Audience.Judge);
            Assert.All(
                talk.Parts,
                p =>
                {
                    Assert.InRange(p.Show.Count, 1, 9);
                    Assert.All(p.Show.Concat(p.Say).Append(p.Heading), Assert.NotEmpty);
                    Assert.All(p.Say, s => Assert.Matches(@"[.?!»”]$", s));
                }
            );
        }
    }

    [Fact]
    public void The_length_is_of_what_is_said()
    {
        var talk = new Talk(
            Audience.Judge,
            "",
            "",
            "",
            Language.English,
            "",
            0,
            [new("H", ["not counted"], ["One two – three.", "Four."])]
        );
        Assert.Equal((4, 1), (talk.Words, talk.Minutes));
        var long_ = talk with { Parts = [new("H", [], [string.Join(' ', Enumerable.Repeat("word", Talk.WordsInAMinute + 1))])] };
        Assert.Equal(2, long_.Minutes);
        Assert.Equal(0, (talk with { Parts = [] }).Minutes);
    }

    [Fact]
    public void Nobody_else_is_spoken_to() =>
        Assert.Throws<ArgumentOutOfRangeException>(() => Builder("demo/01-ferry-bell").Speak(Audience.Caller));

    [Fact]
    public void A_division_hears_its_own_work_only()
    {
        var talk = Builder("demo/03-breakwater", "Meadow").Speak(Audience.Athlete);
        var all = string.Join(' ', talk.Parts.SelectMany(p => p.Say));
        Assert.Contains("24 power cleans, 45/35 kg.", all, StringComparison.Ordinal);
        Assert.DoesNotContain("Toes-to-bar", all, StringComparison.OrdinalIgnoreCase);
        Assert.Equal("Meadow", talk.For);
    }
}
