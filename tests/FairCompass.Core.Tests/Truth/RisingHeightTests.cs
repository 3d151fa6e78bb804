using CsCheck;
using FairCompass.Core.Briefing;
using FairCompass.Core.Explaining;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Playing;

namespace FairCompass.Core.Tests.Truth;

/// <summary>Heights that rise until they are missed.</summary>
public class RisingHeightTests
{
    private const string Work =
        "8:00 for height\n  max cm box jump, from 80/65 cm up by 5, 3 misses in a row\n    Meadow: from 70/55 cm up by 5, 2 "
        + "misses in all\n";

    private const string Scores = "\nscore: height\n  tie: shared\n";
    private static readonly Trial Jumps = Trial.Both(Work + Scores);

    /// <summary>O made, X missed, as a card of a high jump is written: one word for each height from the first.</summary>
    private static PieceObservation Card(decimal first, params string[] heights) =>
        new("0", Tries: [.. heights.SelectMany((h, i) => h.Where(t => t != '-').Select(t => new Try(first + (5 * i), t == 'O')))]);

    private static ComponentResult Of(string division, string duty, decimal first, params string[] heights) =>
        Trial.Score(Jumps.Entry(division, duty), Card(first, heights));

    /// <summary>
    /// Four athletes who all clear 95 and miss 100: who needed fewer tries at 95 is ahead, then who missed less below it; B and C have
    /// as many misses at 95 and C more before it; D and B are equal and share the place (World Athletics, Technical Rules, rule 26.8,
    /// from memory; the marks are our own).
    /// </summary>
    [Fact]
    public void Equal_heights_are_told_apart_by_misses()
    {
        ComponentResult[] results =
        [
            Of("Tideline", "man", 80, "O", "XO", "XXO", "O", "XXX"),
            Of("Tideline", "man", 80, "O", "O", "O", "XO", "XXX"),
            Of("Tideline", "man", 80, "O", "XO", "-", "XO", "XXX"),
            Of("Tideline", "man", 80, "-", "O", "-", "XO", "XXX"),
            Of("Tideline", "man", 80, "O", "O", "O", "XXX"),
        ];
        Assert.Equal([1, 2, 4, 2, 5], Ranking.Places(results));
        Assert.Equal("95 cm", results[0].Text);
        Assert.Equal("0 misses at it, 3 in all", results[0].TieText);
        Assert.Equal("1 miss at it, 1 in all", results[1].TieText);
    }

    [Theory]
    [InlineData("Tideline", 80, "XX|XO", "void: over after 3 misses in a row", false)]
    [InlineData("Tideline", 80, "XXO|XXO", "over after", true)]
    [InlineData("Meadow", 70, "XO|XO|O", "void: over after 2 misses in all", false)]
    [InlineData("Tideline", 80, "O|O|O|XXXO", "void: over after 3 misses in a row", false)]
    public void Who_has_missed_too_often_is_out(string division, int first, string heights, string sentence, bool goesOn)
    {
        var result = Of(division, "man", first, heights.Split('|'));
        Assert.Equal(!goesOn, result.Reasons[0].Contains(sentence, StringComparison.Ordinal));
    }

    /// <summary>In a relay each jumps alone, and a line for a place holds there.</summary>
    [Fact]
    public void A_member_of_a_relay_has_the_own_misses()
    {
        var relay = Trial.Pairs(
            "relay for height, 3:00 each, change 0:30\n  max cm box jump, from 80/65 cm up by 5, 3 misses in a row\n"
                + "    2nd: 1 miss in all\n\nscore One: height of 1st\n  tie: shared\nscore Two: height of 2nd\n  tie: shared\n"
        );
        Assert.DoesNotContain(relay.Read.Findings(), f => f.Rule is "lift-misfit" or "rising-misfit");
        Assert.Equal([3, 1], relay.First.Course.Pieces.Select(p => LiftRules.Of(relay.First.Course, p, null)!.Misses!.N));
    }

    [Theory]
    [InlineData(82, "The heights are 80, 85, 90 cm and so on.")]
    [InlineData(75, "The heights are 80, 85, 90 cm and so on.")]
    public void A_height_that_is_none_of_the_row_is_refused(int height, string sentence) =>
        Assert.Equal(
            sentence,
            Assert.Single(Trial.Objections(Jumps.Entry("Tideline", "man"), new PieceObservation("0", Tries: [new(height, true)]))).Message
        );

    [Fact]
    public void A_lower_height_and_one_made_already_do_not_count()
    {
        var result = Trial.Score(
            Jumps.Entry("Tideline", "woman"),
            new PieceObservation("0", Tries: [new(70, true), new(65, true), new(70, true), new(75, false)])
        );
        Assert.Equal("70 cm", result.Text);
        Assert.Contains("65 cm made (void: lower than 70 before)", result.Reasons[0], StringComparison.Ordinal);
        Assert.Contains("70 cm made (void: 70 was made already)", result.Reasons[0], StringComparison.Ordinal);
    }

    /// <summary>Going on after any card: one more height made never ranks lower, one more miss never ranks higher.</summary>
    [Fact]
    public void More_made_never_ranks_lower() =>
        Gen.Int[0, 2]
            .Array[1, 8]
            .Sample(misses =>
            {
                var entry = Jumps.Entry("Tideline", "man");
                var heights = misses.Select(m => new string('X', m) + "O").ToArray();
                var before = Trial.Score(entry, Card(80, heights));
                var next = 80 + (5 * heights.Length);
                Assert.True(Ranking.Compare(Trial.Score(entry, Card(80, [.. heights, "O"])), before) < 0);
                Assert.True(Ranking.Compare(Trial.Score(entry, Card(80, [.. heights, "XXX"])), before) == 0);
                var harder = heights.ToArray();
                harder[^1] = harder[^1].Length < 3 ? "X" + harder[^1] : harder[^1];
                Assert.True(Ranking.Compare(Trial.Score(entry, Card(80, harder)), before) >= 0);
                Assert.Equal(80 + (5 * (heights.Length - 1)), -before.Value / 1000m);
                Assert.True(next > 80);
            });

    [Fact]
    public void Nothing_tried_and_nothing_made_are_two_kinds_of_nothing()
    {
        Assert.Equal(ResultClass.Zero, Of("Tideline", "man", 80).Class);
        Assert.Equal(ResultClass.NoGoodLift, Of("Tideline", "man", 80, "XXX").Class);
        Assert.Equal("no height made", Of("Tideline", "man", 80, "XXX").Text);
    }

    [Fact]
    public void The_card_has_a_row_for_each_height_and_papers_say_the_own_row()
    {
        Assert.Empty(Jumps.Read.Findings());
        var card = Jumps.Paper(Audience.LaneCard, "Meadow");
        Assert.Contains("every height", card, StringComparison.Ordinal);
        Assert.Contains("Over with 2 misses in all.", card, StringComparison.Ordinal);
        Assert.DoesNotContain("Try 3", card, StringComparison.Ordinal);
        Assert.Contains("Misses up to it in all", card, StringComparison.Ordinal);
        var judge = Jumps.Paper(Audience.Judge, "Meadow");
        Assert.Contains(
            "The highest box jump, from 70/55 cm, each next height 5 cm more, over with 2 misses in all",
            judge,
            StringComparison.Ordinal
        );
        Assert.Contains("of equal heights fewer misses at it, then fewer in all", judge, StringComparison.Ordinal);
        Assert.DoesNotContain("lift", card, StringComparison.OrdinalIgnoreCase);
        Assert.Contains("from 70 cm up by 5", Jumps.Paper(Audience.FloorCrew, "Meadow"), StringComparison.Ordinal);
        var cells = Explainer.Explain(Jumps.Read).Grid.Rows.First(r => r.Aspect == "height").Cells.Select(c => c.Text);
        Assert.Equal(["from 80 cm up by 5", "from 65 cm up by 5", "from 70 cm up by 5", "from 55 cm up by 5"], cells);
        Assert.Empty(CardAgainstRun.Faults(Jumps.Read, 30));
    }

    [Theory]
    [InlineData("max cm box jump, from 60 cm up by 5, 3 misses", "max cm box jump, from 60 cm up by 5, 3 misses in a row")]
    [InlineData("max cm box jump, from 80/65 cm up by 2.5 cm, 1 miss in all", "max cm box jump, from 80/65 cm up by 2.5, 1 miss in all")]
    public void Lines_are_printed_in_one_way(string written, string printed)
    {
        var read = Parser.Parse($"T\n  for Tideline\n  a/b is man/woman\n\n8:00 for height\n  {written}\n{Scores}");
        Assert.Empty(read.Problems);
        Assert.Contains($"\n  {printed}\n", Printer.Print(read.Workout), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("max cm box jump, from 60", "From which height?")]
    [InlineData("max cm box jump, from 60 cm", "By how much is the next height higher?")]
    public void What_is_missing_is_asked(string line, string sentence) =>
        Assert.Equal(sentence, Assert.Single(Parser.Parse($"T\n\n8:00 for height\n  {line}\n{Scores}").Problems).Sentence);

    [Fact]
    public void Where_nobody_has_said_from_where_and_until_when_both_are_asked()
    {
        var findings = Trial.Tideline("8:00 for height\n  max cm box jump\n" + Scores).Read.Findings();
        Assert.Equal(
            ["From which height does it go up, and by how much?", "With which miss are the tries over?"],
            findings.Where(f => f.Rule == "rising-misfit").Select(f => f.Sentence)
        );
        Assert.All(findings.Where(f => f.Rule == "rising-misfit"), f => Assert.Equal(2, f.Mends.Count));
    }

    [Theory]
    [InlineData("8:00 for load\n  heaviest power clean\n\nscore: height\n", "has no height that rises")]
    [InlineData(
        "8:00 for height\n  max cm box jump, from 60 cm up by 5, 3 misses\n\nscore: best load\n",
        "has a height that rises; score height."
    )]
    [InlineData("8:00 for height\n  max cm box jump, from 60 cm up by 5, 3 misses\n\nscore: reps\n", "No score counts the height of")]
    public void A_score_that_does_not_fit_is_refused(string work, string sentence) =>
        Assert.Contains(
            Trial.Tideline(work + "  tie: shared\n").Read.Findings(),
            p => p.Sentence.Contains(sentence, StringComparison.Ordinal)
        );
}
