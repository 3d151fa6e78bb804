using FairCompass.Core.Briefing;
using FairCompass.Core.Languages;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Briefing;

/// <summary>Every number on a paper comes from the model by its id.</summary>
public class NumbersTests
{
    private static readonly DateOnly Day = new(2027, 6, 12);

    [Theory]
    [MemberData(nameof(SpanishPapersTests.Papers), MemberType = typeof(SpanishPapersTests))]
    public void Every_printed_number_is_that_of_the_model(string number, Audience audience)
    {
        var u = Demo.Understand(DraftTexts.Demo(number));
        foreach (
            var (division, language) in new (string?, Language)[]
            {
                (null, Language.English),
                (null, Language.Spanish),
                (u.Courses[^1].Address.Division.Name, Language.English),
            }
        )
        {
            var brief = new BriefBuilder(u, division, Day, new() { Language = language, Trace = true }).Build(audience);
            var model = new ModelNumbers(u, division);
            var strange = brief.Numbers.Distinct().Where(n => !model.Of(n.From).Contains(n.Text)).ToList();
            Assert.True(strange.Count == 0, string.Join('\n', strange));

            // Nothing is printed without saying where it comes from.
            var names = u
                .Competition.Divisions.Select(d => d.Name)
                .Concat(u.Courses.SelectMany(c => c.Pieces).SelectMany(p => new[] { p.Piece.Station, p.Piece.Label }).OfType<string>())
                .Where(n => n.Any(char.IsAsciiDigit))
                .Distinct()
                .ToList();
            var printed = brief
                .Sections.SelectMany(s => s.Blocks.SelectMany(BriefText.Lines).Prepend(s.Heading))
                .Select(l => names.Aggregate(l, (t, n) => t.Replace(n, "", StringComparison.Ordinal)))
                .SelectMany(l => ModelNumbers.Figures.Matches(l).Select(m => (m.Value, Line: l)))
                .ToList();
            var cited = brief.Numbers.GroupBy(n => n.Text).ToDictionary(g => g.Key, g => g.Count());
            var uncited = printed
                .GroupBy(p => p.Value)
                .Where(g => g.Count() > cited.GetValueOrDefault(g.Key))
                .Select(g =>
                    $"{g.Key}: {g.Count()} printed, {cited.GetValueOrDefault(g.Key)} cited: "
                    + $"{string.Join(" | ", g.Select(x => x.Line).Distinct().Take(6))}"
                )
                .ToList();
            Assert.True(uncited.Count == 0, string.Join('\n', uncited));
        }
    }

    [Fact]
    public void A_paper_carries_its_ids_only_when_asked() =>
        Assert.Empty(new BriefBuilder(Demo.Understand(DraftTexts.Demo("01")), null, Day).Build(Audience.Judge).Numbers);
}
