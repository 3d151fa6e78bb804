using System.Text.RegularExpressions;
using FairCompass.Core.Briefing;
using FairCompass.Core.Drafts;
using FairCompass.Core.Languages;
using FairCompass.Core.Tests.Briefing;
using FairCompass.Core.Tests.Notation;
using FairCompass.Store.Demo;

namespace FairCompass.Core.Tests.Playing;

/// <summary>
/// A paper says the same numbers in both languages, section by section: what is held against runs in one holds in the other.
/// </summary>
public partial class BothLanguagesTests
{
    [Theory]
    [MemberData(nameof(Depth.DemoRows), 2, 1, MemberType = typeof(Depth))]
    public void Of_the_demo(string demo) => Hold(DraftTexts.Read(demo), demo);

    [Fact]
    public void Of_made_up_workouts()
    {
        var first = Environment.TickCount & 0xFFFFF;
        for (var seed = first; seed < first + 30; seed++)
        {
            Hold(PlausibleDrafts.Of(seed), $"seed {seed}\n{PlausibleDrafts.Of(seed)}");
        }
    }

    private static void Hold(string text, string which)
    {
        var u = Understanding.Of(SaltmarshFerryGames.Competition, text);
        foreach (var audience in Enum.GetValues<Audience>().Where(a => a < Audience.Holder))
        {
            var (english, spanish) = (Numbers(u, audience, Language.English), Numbers(u, audience, Language.Spanish));
            Assert.Equal(english.Select(s => s.Id), spanish.Select(s => s.Id));
            foreach (var (one, other) in english.Zip(spanish))
            {
                Assert.True(
                    one.Numbers.SequenceEqual(other.Numbers),
                    $"{audience}, {one.Id}: {string.Join(' ', one.Numbers)} | {string.Join(' ', other.Numbers)}: {which}"
                );
            }
        }
    }

    private static List<(string Id, List<string> Numbers)> Numbers(Understanding u, Audience audience, Language language) =>
        new BriefBuilder(u, null, new(2026, 6, 6), new() { Language = language })
            .Build(audience)
            .Sections.Select(s =>
                (
                    s.Id,
                    s.Blocks.SelectMany(BriefText.Lines)
                        .SelectMany(l => Figures().Matches(l).Select(m => m.Value))
                        .Order(StringComparer.Ordinal)
                        .ToList()
                )
            )
            .ToList();

    [GeneratedRegex(@"\d+(?:[.:]\d+)*", RegexOptions.None, matchTimeoutMilliseconds: 1000)]
    private static partial Regex Figures();
}
