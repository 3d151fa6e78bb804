using FairCompass.Core.Explaining;
using FairCompass.Core.Notation;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Explaining;

public class ExplanationTests
{
    private static GridCell Cell(Explanation x, string name, string aspect, string division, string duty)
    {
        var column = x.Grid.Columns.ToList().FindIndex(c => c.Division == division && c.Duty == duty);
        return x.Grid.Rows.First(r => r.Name == name && r.Aspect == aspect).Cells[column];
    }

    [Fact]
    public void The_table_says_what_is_own_and_where_the_rest_comes_from()
    {
        var x = Demo.Explain(DraftTexts.Demo("03"));
        Assert.Equal(("70", true, null), Parts(Cell(x, "power clean", "load", "Tideline", "man")));
        Assert.Equal(("40", true, "Estuary"), Parts(Cell(x, "power clean", "load", "Estuary", "woman")));
        Assert.Equal(("40", false, "Estuary"), Parts(Cell(x, "power clean", "load", "Anchor 45+", "woman")));
        Assert.Equal(("9", false, null), Parts(Cell(x, "wall-ball shot", "load", "Meadow", "man")));
        Assert.Equal(("hanging knee raise", true, "Meadow"), Parts(Cell(x, "toes-to-bar", "movement", "Meadow", "man")));
        Assert.Equal(9, Cell(x, "power clean", "load", "Estuary", "woman").Line);

        static (string, bool, string?) Parts(GridCell c) => (c.Text, c.Own, c.From);
    }

    [Fact]
    public void A_heaviest_set_shows_what_the_lane_can_make()
    {
        var x = Demo.Explain(DraftTexts.Demo("01"));
        // What the lane can make at most is a note, not a prescription.
        Assert.DoesNotContain(x.Grid.Rows, r => r.Aspect == "load" && r.Name == "front squat");
        Assert.Contains(
            x.Ledgers,
            l =>
                l.Reason?.EndsWith(
                    "The plates of a lane end at 255 kg on the bar of 20 kg and 250 kg on the bar of 15 kg.",
                    StringComparison.Ordinal
                ) == true
        );
    }

    [Fact]
    public void Columns_that_count_alike_share_a_ledger()
    {
        var ledgers = Demo.Explain(DraftTexts.Demo("01")).Ledgers.Where(l => l.Piece == "0").ToList();
        Assert.Equal([114L, 102L, 93L], ledgers.Select(l => l.Units!.Value));
        Assert.Equal(Enumerable.Range(0, 8), ledgers.SelectMany(l => l.For).Order());
    }

    [Fact]
    public void Running_totals_of_the_first_demo_workout()
    {
        var table = Assert.Single(Demo.Explain(DraftTexts.Demo("01")).Ledgers.First(l => l.Piece == "0").Tables);
        Assert.True(table.InRounds);
        Assert.Equal(
            [
                [16L, 32, 46],
                [58, 70, 84],
                [92, 100, 114],
            ],
            table.Rows.Select(r => r.Cells.Select(c => c.Total!.Value).ToArray())
        );
    }

    /// <summary>Every token stands inside its line, and a movement's token is the movement.</summary>
    [Theory]
    [MemberData(nameof(DraftTexts.Demos), MemberType = typeof(DraftTexts))]
    public void Tokens_cover_what_they_name(string name)
    {
        var text = DraftTexts.Read(name);
        var lines = text.Split('\n');
        var x = Demo.Explain(text);
        Assert.All(x.Tokens, t => Assert.InRange(t.Column - 1 + t.Length, 1, lines[t.Line - 1].Length));
        foreach (var movement in x.Movements)
        {
            Assert.Contains(
                x.Tokens,
                t =>
                    t.Line == movement.Line
                    && t.Kind == TokenKind.Movement
                    && lines[t.Line - 1].Substring(t.Column - 1, t.Length) == movement.Name
            );
        }
    }

    /// <summary>Every part of every text is counted, or its load is the result.</summary>
    [Theory]
    [MemberData(nameof(DraftTexts.Demos), MemberType = typeof(DraftTexts))]
    public void Every_part_is_counted_or_lifted(string name) =>
        Assert.All(
            Demo.Explain(DraftTexts.Read(name)).Ledgers,
            l => Assert.True(l.Reason is null || l.Reason.Contains(" is the result.", StringComparison.Ordinal), l.Reason)
        );

    [Fact]
    public void Scoring_is_said_in_sentences()
    {
        var scores = Demo.Explain(DraftTexts.Demo("01")).Scores;
        Assert.Contains("Who does not finish inside 11:00 ranks after every finisher, by reps done.", scores[0].Sentences);
        Assert.Contains("Who does not finish A never reached this part and ranks after all who did.", scores[1].Sentences);
        Assert.Contains("A tie is decided by the better score A; who is still equal shares the place.", scores[1].Sentences);
        Assert.Contains(
            "Who does not finish gets 8:00 plus 0:01 for each missing rep.",
            Demo.Explain(DraftTexts.Demo("04")).Scores[0].Sentences
        );
        Assert.Contains(
            "A tie is decided by the earlier time at the end of the last full round; who is still equal shares the place.",
            Demo.Explain(DraftTexts.Demo("02")).Scores[0].Sentences
        );
        Assert.Equal(
            ["At the bell a lift counts when it is finished and steady before the bell."],
            Demo.Explain(DraftTexts.Demo("01")).Rulings
        );
    }

    [Fact]
    public void Ledger_rows_are_made_on_demand()
    {
        Assert.Equal(24, Demo.Explain(DraftTexts.Demo("02")).Ledgers[0].Tables[0].Rows.Count);
        var wide = Explainer.Explain(Demo.Competition, DraftTexts.Demo("02"), 500).Ledgers[0].Tables[0];
        Assert.Equal(500, wide.Rows.Count);
        Assert.True(wide.More);
        // 2 · n(n + 1) after n rounds of 2-4-6-… twice.
        Assert.Equal(2L * 500 * 501, wide.Rows[^1].Cells[^1].Total);
    }

    [Fact]
    public void A_competition_without_divisions_is_explained()
    {
        var x = Explainer.Explain(Demo.Competition with { Divisions = [] }, DraftTexts.Demo("01"));
        Assert.Empty(x.Grid.Columns);
        Assert.Contains(x.Findings, f => f.Sentence.StartsWith("The competition has no divisions yet", StringComparison.Ordinal));
    }
}
