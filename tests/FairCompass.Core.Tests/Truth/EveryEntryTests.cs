using FairCompass.Core.Briefing;
using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.Explaining;
using FairCompass.Core.Quantities;
using FairCompass.Core.Tests.Briefing;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Truth;

/// <summary>Nothing on a paper for several entries is worked out from the first of them.</summary>
public class EveryEntryTests
{
    private const string Intervals =
        "8:00 for time\n  every 2:00, unfinished carries over\n    first\n      15/11 cal rowing machine\n        Meadow: 10/8 cal\n"
        + "    then\n      60 double-under\n";

    [Fact]
    public void A_call_has_no_number_that_is_not_everybodys()
    {
        var trial = Trial.Both(Intervals + Trial.ForTime);
        Assert.Contains("Interval 2: rowing machine, then double-under", trial.Paper(Audience.Caller), StringComparison.Ordinal);
        Assert.Contains("Interval 2: rowing machine, then", trial.Paper(Audience.Athlete, "Meadow"), StringComparison.Ordinal);
        var same = Trial.Both(
            Intervals.Replace("15/11", "10", StringComparison.Ordinal).Replace("10/8", "10", StringComparison.Ordinal) + Trial.ForTime
        );
        Assert.Contains("Interval 2: 10 cal rowing machine", same.Paper(Audience.Caller), StringComparison.Ordinal);
    }

    [Fact]
    public void There_is_a_card_for_each_entry_with_its_own_work()
    {
        var trial = Trial.Of(
            "Draft\n  for Ferry Pairs, Crew of Four\n\n9:00 for time\n  24 synchronised burpee\n    Crew of Four: 24 burpee\n"
                + Trial.ForTime
        );
        var cards = new BriefBuilder(trial.Read, null, new(2026, 6, 6)).Build(Audience.LaneCard);
        string Of(string entry) => BriefText.Of(cards with { Sections = [.. cards.Sections.Where(s => s.Entry == entry)] });
        Assert.Equal(trial.Read.Courses.Select(c => c.Address.ToString()), cards.Sections.Select(s => s.Entry!).Distinct());
        Assert.Contains("synchronised burpee", Of(trial.Read.Courses[0].Address.ToString()), StringComparison.OrdinalIgnoreCase);
        Assert.DoesNotContain("synchronised", Of(trial.Read.Courses[1].Address.ToString()), StringComparison.OrdinalIgnoreCase);
    }

    /// <summary>The order in which divisions stand in a draft changes the order of columns and names, and nothing that is said.</summary>
    [Fact]
    public void The_order_of_divisions_changes_nothing_that_is_said()
    {
        foreach (var name in DraftTexts.DemoNames.Where(n => n.StartsWith("demo/", StringComparison.Ordinal)))
        {
            var text = DraftTexts.Read(name);
            var line = text.Split('\n')
                .FirstOrDefault(l => l.StartsWith("  for ", StringComparison.Ordinal) && l.Contains(", ", StringComparison.Ordinal));
            if (line is null || line.Contains("levels", StringComparison.Ordinal))
            {
                continue;
            }

            var turned = "  for " + string.Join(", ", line[6..].Split(", ").Reverse());
            var (a, b) = (Demo.Understand(text), Demo.Understand(text.Replace(line, turned, StringComparison.Ordinal)));
            foreach (var audience in (Audience[])[Audience.Caller, Audience.ScoreDesk, Audience.Judge, Audience.Athlete])
            {
                Assert.Equal(Calls(a, audience), Calls(b, audience));
            }
        }
    }

    /// <summary>The order of divisions in the competition, and of duties in a division, moves columns and names, and nothing else: what
    /// is said is the same, line by line.</summary>
    [Theory]
    [MemberData(nameof(DraftTexts.Demos), MemberType = typeof(DraftTexts))]
    public void The_order_of_the_competition_changes_nothing_that_is_said(string name)
    {
        var turned = Demo.Competition with
        {
            Divisions = Demo
                .Competition.Divisions.Reverse()
                .Select(d => d.IsTeam ? d : d with { Duties = d.Duties.Reverse().ToEq() })
                .ToEq(),
        };
        var text = DraftTexts.Read(name);
        var (a, b) = (Understanding.Of(Demo.Competition, text), Understanding.Of(turned, text));
        foreach (var audience in Enum.GetValues<Audience>().Where(x => x < Audience.Holder))
        {
            Assert.Equal(Said(a, audience), Said(b, audience));
        }

        Assert.Equal(
            Explainer.Explain(a).Scores.SelectMany(s => s.Sentences).Select(Sorted).Order(),
            Explainer.Explain(b).Scores.SelectMany(s => s.Sentences).Select(Sorted).Order()
        );
    }

    /// <summary>Every line and cell with its words in a fixed order, each once: who is named beside whom does not matter.</summary>
    private static List<string> Said(Understanding u, Audience audience) =>
        BriefText
            .Lines(new BriefBuilder(u, null, new(2026, 6, 6)).Build(audience))
            .Select(Sorted)
            .Distinct()
            .Order(StringComparer.Ordinal)
            .ToList();

    private static string Sorted(string line) =>
        string.Join(
            ' ',
            line.Split([' ', ',', ':', '\u00a0', '(', ')'], StringSplitOptions.RemoveEmptyEntries).Order(StringComparer.Ordinal)
        );

    /// <summary>A ledger’s pieces and columns are a true product: each pair stands in one ledger only.</summary>
    [Theory]
    [MemberData(nameof(DraftTexts.Demos), MemberType = typeof(DraftTexts))]
    public void No_ledger_speaks_for_a_column_that_another_has(string name) => IsProduct(Demo.Understand(DraftTexts.Read(name)));

    [Fact]
    public void A_pair_of_one_duty_beside_a_mixed_one_has_its_own_ledger()
    {
        var competition = Demo.Competition with
        {
            Divisions = [.. Demo.Competition.Divisions, new("Deck Pairs", DivisionKind.Pair, ["man"], null)],
        };
        var u = Understanding.Of(
            competition,
            "T\n  for Ferry Pairs, Deck Pairs\n  a/b is man/woman\n\nrota for points, 1:00 each\n  station Bike\n"
                + "    max cal air bike, counts 0, +6 at 14/11\n  station Mat\n    max sit-up\n\nscore: points\n  tie: shared\n"
        );
        Assert.Empty(u.Parsed.Problems);
        IsProduct(u);
    }

    private static void IsProduct(Understanding u)
    {
        var views = Explainer.Explain(u).Ledgers;
        Assert.All(
            views
                .SelectMany((v, i) => v.Pieces.SelectMany(p => v.For.Select(c => (Pair: (p, c), View: i))))
                .GroupBy(x => x.Pair)
                .Where(g => u.Courses.Select(c => c.Piece(g.Key.p)).OfType<CoursePiece>().All(p => p.Strands.Count <= 1)),
            g =>
                Assert.True(
                    g.Select(x => x.View).Distinct().Count() == 1,
                    $"{g.Key} in {string.Join(" and ", g.Select(x => views[x.View].Name))}"
                )
        );
        Assert.NotEmpty(views);
    }

    /// <summary>The cells of the clock, each once and in order, without who is named beside.</summary>
    private static List<string> Calls(Understanding u, Audience audience) =>
        new BriefBuilder(u, null, new(2026, 6, 6))
            .Build(audience)
            .Sections.Where(s => s.Id is "calls" or "clock")
            .SelectMany(s => s.Blocks)
            .OfType<BriefBlock.Table>()
            .SelectMany(t => t.Rows)
            .SelectMany(r => r.Cells)
            .Distinct()
            .Order()
            .ToList();
}
