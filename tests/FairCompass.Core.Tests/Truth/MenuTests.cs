using FairCompass.Core.Briefing;
using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Tests.Truth;

/// <summary>Where an athlete may choose, the card has a place for every way, and no number that holds for one of them only.</summary>
public class MenuTests
{
    private static List<BriefSection> CardOf(Trial trial) =>
        [
            .. new BriefBuilder(trial.Read, null, new(2026, 6, 6))
                .Build(Audience.LaneCard)
                .Sections.Where(s => s.Entry == trial.First.Course.Address.ToString()),
        ];

    private static BriefBlock.Boxes Boxes(Trial trial, string section) =>
        CardOf(trial).Single(s => s.Id == section).Blocks.OfType<BriefBlock.Boxes>().First();

    [Fact]
    public void The_demo_menu_has_a_box_for_each_way_in_each_round()
    {
        var trial = Trial.Of(Notation.DraftTexts.Demo("07"));
        Assert.Equal(
            [
                "A 12 front-rack lunge, 50 kg; B 16 front-rack lunge, 40 kg; C 22 front-rack lunge, 30 kg",
                "A 2 rope climb; B 5 wall walk",
                "A 40 double-under; B 80 single-under",
            ],
            CardOf(trial).Single(s => s.Id == "menu").Blocks.OfType<BriefBlock.Points>().Single().Items
        );
        var menu = Boxes(trial, "menu");
        Assert.Equal(["Front-rack lunge", "Rope climb or wall walk", "Double-under or single-under"], menu.Rows.Select(r => r.Cells[0]));
        Assert.Equal(["A B C", "A B", "A B"], menu.Rows.Select(r => r.Cells[10]));
        // The rows of the totals name no amount, for each way has its own.
        Assert.Equal(menu.Rows.Select(r => r.Cells[0]), Boxes(trial, "count").Rows.Select(r => r.Cells[0]));
    }

    /// <summary>Blocks that are worth the same whichever way have their totals; others have boxes without a number.</summary>
    [Theory]
    [InlineData("    4 sit-up, credited 4\n      choose: 6 burpee, credited 4\n    2 pull-up\n", true)]
    [InlineData("    4 sit-up\n      choose: 4 burpee\n    2 pull-up\n", true)]
    [InlineData("    4 sit-up\n      choose: 6 burpee\n    2 pull-up\n", false)]
    [InlineData("    4 sit-up\n      choose: 4 burpee, counts 2\n    2 pull-up\n", false)]
    public void A_total_is_printed_where_it_holds_for_every_way(string work, bool printed)
    {
        foreach (var rounds in (string[])["rounds without end", "5 rounds"])
        {
            var trial = Trial.Tideline($"9:00 for reps\n  {rounds}\n{work}" + Trial.ForReps);
            Assert.Equal(printed, trial.Paper(Audience.Judge).Contains("running totals", StringComparison.OrdinalIgnoreCase));
            var totals = Boxes(trial, "count").Rows.SelectMany(r => r.Cells.Skip(1)).ToList();
            Assert.NotEmpty(totals);
            Assert.All(totals, t => Assert.Equal(printed, t != "\u00a0"));
            var written = CardOf(trial).Single(s => s.Id == "write").Blocks.OfType<BriefBlock.Blanks>().SelectMany(b => b.Labels).ToList();
            Assert.Contains(
                written,
                l => l.Contains("where the athlete stood", StringComparison.Ordinal) && l.Contains("way taken", StringComparison.Ordinal)
            );
            Assert.Equal(printed, written.Exists(l => l.StartsWith("Reps counted", StringComparison.Ordinal)));
        }
    }

    /// <summary>A way that is taken once is crossed once; a task that is not in a round has no box there.</summary>
    [Fact]
    public void Boxes_stand_where_a_way_can_be_taken()
    {
        var once = Boxes(
            Trial.Tideline("9:00 for reps\n  3 rounds\n    4 sit-up\n      choose, once: 4 burpee\n    2 pull-up\n" + Trial.ForReps),
            "menu"
        );
        Assert.Equal(["A B", "", ""], once.Rows[0].Cells.Skip(1));
        var second = Boxes(
            Trial.Tideline(
                "9:00 for reps\n  4 rounds\n    4 sit-up, every 2nd round\n      choose: 4 burpee\n    2 pull-up\n" + Trial.ForReps
            ),
            "menu"
        );
        Assert.Equal(["", "A B", "", "A B"], second.Rows[0].Cells.Skip(1));
        var list = Boxes(Trial.Tideline("9:00 for reps\n  30 sit-up\n    choose: 30 burpee\n  20 pull-up\n" + Trial.ForReps), "menu");
        Assert.Equal(["", "taken"], list.Head);
    }

    /// <summary>What the card asks for is what the score takes: round, task, way, and its own reps.</summary>
    [Fact]
    public void Where_the_athlete_stood_is_scored_by_the_way_taken()
    {
        var trial = Trial.Of(Notation.DraftTexts.Demo("07"));
        var (course, sheet) = trial.First;
        ComponentResult Stood(int? way, long reps)
        {
            var run = Card.Resolve(new(EntryStatus.Ran, [new("0") { Stood = new(2, 0, reps, way) }]), course);
            Assert.Empty(Card.Validate(run, course, sheet));
            return Scorer.Score(run, course, sheet, MassUnit.Kilogram)[0];
        }

        // A whole block of any way is worth 12 after a first round of 57.
        Assert.Equal(["69 reps", "69 reps", "69 reps"], new[] { Stood(0, 12), Stood(1, 16), Stood(2, 22) }.Select(r => r.Text));
    }
}
