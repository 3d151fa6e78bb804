using FairCompass.Core.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Notation;

/// <summary>The first page of the notation: ten lines, and the workouts that need no other.</summary>
public class TenLinesTests
{
    private static string Page
    {
        get
        {
            var all = File.ReadAllText(Path.Combine(Docs.Root(), "docs", "notation.md"));
            var from = all.IndexOf("## The ten lines you need", StringComparison.Ordinal);
            return all[from..all.IndexOf("## The clock", StringComparison.Ordinal)];
        }
    }

    /// <summary>The rows of the page that a workout is written with; 0 for a line that stands in none.</summary>
    private static HashSet<int> Rows(Workout w) =>
        [
            .. WorkTree.Stages(w.Stages).Select(Of),
            .. WorkTree.All(w).Select(Of),
            .. WorkTree.Tasks(w).SelectMany(t => t.Lines).Select(Of),
            .. w
                .Scores.SelectMany(s => s.Lines)
                .Select(l => l is ScoreLine.FaultCosts or ScoreLine.Partial or ScoreLine.NoGoodLift ? 0 : 10),
            .. w.Policies.Select(p => p is Policy.Bell or Policy.Attempts or Policy.Club ? 10 : 0),
            .. w.Headers.Select(h => h is Header.For or Header.Order or Header.Levels or Header.Video ? 4 : 0),
        ];

    private static int Of(Stage stage) =>
        stage switch
        {
            Stage.Window => 1,
            Stage.Clock => 2,
            Stage.Gap or Stage.Cycles or Stage.Relay => 3,
            _ => 0,
        };

    private static int Of(Work work) =>
        work switch
        {
            Work.Task { Amount: Amount.Max or Amount.Heaviest } => 7,
            Work.Task => 4,
            Work.Rounds or Work.Scheme => 5,
            Work.Every => 6,
            Work.RuleLine { Rule: Rule.Share } => 9,
            _ => 0,
        };

    private static int Of(TaskLine line) =>
        line switch
        {
            TaskLine.Override => 8,
            TaskLine.RuleOf { Rule: Rule.Share } => 9,
            _ => 0,
        };

    [Fact]
    public void Twelve_of_the_demo_workouts_are_written_with_them_alone()
    {
        var alone = DraftTexts
            .DemoNames.Concat(["demo/18-ferry-bell-with-mistakes", "demo/19-cockle-row-with-mistakes"])
            .Select(n => Parser.Parse(DraftTexts.Read(n)).Workout!)
            .Where(w => !Rows(w).Contains(0))
            .Select(w => w.Title)
            .ToList();
        Assert.True(12 == alone.Count, string.Join(", ", alone));
        // The page names them; those with mistakes together.
        Assert.All(
            alone.Where(t => !t.Contains("mistakes", StringComparison.Ordinal)),
            t => Assert.Contains(t, Page, StringComparison.Ordinal)
        );
        Assert.Equal(2, alone.Count(t => t.Contains("mistakes", StringComparison.Ordinal)));
    }

    /// <summary>Ten rows, and each of their examples is a line that is understood and belongs to its row.</summary>
    [Fact]
    public void The_page_has_ten_rows_of_lines_that_are_understood()
    {
        var rows = Page.Split('\n').Where(l => l.StartsWith("| ", StringComparison.Ordinal) && char.IsDigit(l[2])).ToList();
        Assert.Equal(
            Enumerable.Range(1, 10),
            rows.Select(r => int.Parse(r.Split('|')[1], System.Globalization.CultureInfo.InvariantCulture))
        );
        const string Whole =
            "T\n  for Ferry Pairs\n  a/b is man/woman\n\nA: 3:00 for reps\n  16-12-8 of\n    burpee\nrest 2:00\n4 cycles\n  9:00 for time\n"
            + "    5 rounds\n      21 wall-ball shot, 9/6 kg, target 3.00/2.75 m\n        Meadow: 45/35 kg\nchange 0:40\n"
            + "relay for reps, 3:30 each\n"
            + "  rounds without end\n    max sit-up\n      choose: 5 wall walk\n11:00 clock\n  A: for time\n    every 1:00, "
            + "unfinished is skipped, what is done counts\n"
            + "      21 burpee\n        share: one at a time, any split\n  B: for load, in the time left\n    heaviest power "
            + "clean\n9:00 for reps\n  9 burpee\n\n"
            + "score: time\n  unfinished: cap line by reps\n  tie: shared\nbell: a rep counts when finished\n";
        var read = Parser.Parse(Whole);
        Assert.Empty(read.Problems);
        var examples = rows.SelectMany(r => r.Split('`').Where((_, i) => i % 2 == 1)).Where(e => e != "a/b").ToList();
        Assert.All(examples, e => Assert.Contains($"{e}\n", Whole, StringComparison.Ordinal));
        Assert.Equal(Enumerable.Range(1, 10), Rows(read.Workout!).Order());
    }
}
