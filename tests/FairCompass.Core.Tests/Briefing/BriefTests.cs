using System.Text.RegularExpressions;
using FairCompass.Core.Briefing;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Briefing;

public class BriefTests
{
    /// <summary>A judge sees the bar of each rung beside its running totals, each duty its own, and the gate in its round.</summary>
    [Fact]
    public void The_step_table_and_the_gates_are_printed()
    {
        string Rows(string number, string? division = null) =>
            string.Join(
                '\n',
                new BriefBuilder(Demo.Understand(DraftTexts.Demo(number)), division, new DateOnly(2027, 6, 12))
                    .Build(Audience.Judge)
                    .Sections.SelectMany(s => s.Blocks)
                    .OfType<BriefBlock.Table>()
                    .SelectMany(t => t.Rows)
                    .Select(r => r.Cells[0])
            );
        var mast = Rows("06", "Tideline") + Rows("06", "Meadow");
        Assert.Contains("Round 3, 50 kg", mast, StringComparison.Ordinal);
        Assert.Contains("Round 3, 40 kg", mast, StringComparison.Ordinal);
        Assert.Contains("Round 12, 85 kg", mast, StringComparison.Ordinal);
        Assert.Contains("Round 3 (gate, round 3 only, adds 2:00)", Rows("10"), StringComparison.Ordinal);
    }

    private static readonly DateOnly Day = new(2027, 6, 1);

    private static Brief Of(string text, Audience audience, string? division = null) =>
        new BriefBuilder(Demo.Understand(text), division, Day).Build(audience);

    private static string Words(Brief brief) => BriefText.Of(brief);

    private static string Section(Brief brief, string id) => BriefText.Of(brief, id);

    [Theory]
    [InlineData("01")]
    [InlineData("02")]
    [InlineData("03")]
    [InlineData("04")]
    public void A_judge_brief_has_every_part(string number)
    {
        var text = DraftTexts.Demo(number) + "policy doubtful rep: credit\n";
        // A gate is called by the judge of the lane; every other call is the caller’s.
        var brief = Of(text, Audience.Judge);
        Assert.Equal(
            ["check", "work", "likely", "writing", "in-force", "not-yours"],
            brief.Sections.Where(s => !s.Behind).Select(s => s.Id)
        );
        Assert.Subset(
            brief.Sections.Where(s => s.Behind).Select(s => s.Id).ToHashSet(),
            new HashSet<string>(["standards", "scoring", "cautions"])
        );
        Assert.Equal(0, brief.Open);
        Assert.Equal(Demo.Explain(text).Fingerprint, brief.Fingerprint);
    }

    [Fact]
    public void Running_totals_are_those_of_the_model()
    {
        var text = DraftTexts.Demo("01");
        var strand = Demo.Understand(text).Courses[0].Pieces[0].Strand!;
        var writing = Section(Of(text, Audience.Judge, "Tideline"), "totals");
        foreach (var total in new long[] { 16, 32, 46, 58, 70, 84, 92, 100, 114 })
        {
            Assert.Contains(total.ToString(System.Globalization.CultureInfo.InvariantCulture), writing, StringComparison.Ordinal);
            Assert.Equal(strand.At(total).Of, strand.At(total).Unit);
        }
    }

    /// <summary>Every number of the load table and the clock stands in the model; an edited number changes with it.</summary>
    [Fact]
    public void Numbers_come_from_the_model_and_go_with_it()
    {
        var text = DraftTexts.Demo("03");
        Assert.Contains("47.5", Section(Of(text, Audience.Athlete), "loads"), StringComparison.Ordinal);
        var changed = text.Replace("70/47.5", "72.5/50", StringComparison.Ordinal).Replace("13:00", "20:00", StringComparison.Ordinal);
        var brief = Words(Of(changed, Audience.Athlete));
        Assert.DoesNotMatch(new Regex(@"(?<![\d.])47\.5(?![\d.])"), brief);
        Assert.DoesNotContain("13:00", Section(Of(changed, Audience.Athlete), "clock"), StringComparison.Ordinal);
        Assert.Contains("72.5", brief, StringComparison.Ordinal);
    }

    [Fact]
    public void Removing_the_barbell_removes_its_caution()
    {
        var text = DraftTexts.Demo("03");
        Assert.Contains("Barbell:", Section(Of(text, Audience.Judge), "cautions"), StringComparison.Ordinal);
        var without = string.Join(
            '\n',
            text.Split('\n')
                .Where(l =>
                    !l.Contains("power clean", StringComparison.Ordinal)
                    && !l.Contains("60/40 kg", StringComparison.Ordinal)
                    && !l.Contains("45/35 kg", StringComparison.Ordinal)
                )
        );
        var cautions = Section(Of(without, Audience.Athlete), "cautions");
        Assert.DoesNotContain("Barbell:", cautions, StringComparison.Ordinal);
        Assert.Contains("Boxes:", cautions, StringComparison.Ordinal);
        Assert.Contains(Cautions.Always.English, cautions, StringComparison.Ordinal);
        // What the crew checks before the heat is none of a judge’s.
        var judged = Section(Of(text, Audience.Judge), "cautions");
        Assert.DoesNotContain("Boxes:", judged, StringComparison.Ordinal);
        Assert.Contains("Hanging and swinging:", judged, StringComparison.Ordinal);
        Assert.Contains(Cautions.Always.English, judged, StringComparison.Ordinal);
    }

    [Fact]
    public void A_division_reads_only_its_own()
    {
        var meadow = Of(DraftTexts.Demo("03"), Audience.Athlete, "Meadow");
        Assert.Equal("Meadow", meadow.For);
        Assert.Contains("Hanging knee raise", Section(meadow, "standards"), StringComparison.Ordinal);
        Assert.DoesNotContain("Toes-to-bar", Section(meadow, "standards"), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("Tideline", "70/47.5 kg")]
    [InlineData("Estuary", "60/40 kg")]
    [InlineData("Meadow", "45/35 kg")]
    [InlineData("Anchor 45+", "60/40 kg")]
    public void The_brief_of_one_division_has_its_own_figures_only(string division, string load)
    {
        var work = Section(Of(DraftTexts.Demo("03"), Audience.Athlete, division), "work");
        Assert.Contains("24 power cleans, " + load, work, StringComparison.Ordinal);
        foreach (var other in (string[])["70/47.5 kg", "60/40 kg", "45/35 kg"])
        {
            Assert.Equal(other == load, work.Contains(other, StringComparison.Ordinal));
        }

        var all = Section(Of(DraftTexts.Demo("03"), Audience.Athlete, null), "work");
        Assert.Contains("24 power cleans, 70/47.5 kg", all, StringComparison.Ordinal);
        Assert.Contains("Meadow: 45/35 kg", all, StringComparison.Ordinal);
    }

    [Fact]
    public void Worked_examples_are_scored_by_the_rule_itself()
    {
        var u = Demo.Understand(DraftTexts.Demo("04"));
        var scoring = Section(new BriefBuilder(u, null, Day).Build(Audience.Judge), "examples");
        foreach (var sample in SampleRuns.Of(u.Courses[0], u.Sheets[0], Demo.Competition).Where(s => s.Printed))
        {
            Assert.Contains(sample.Results[0].Text, scoring, StringComparison.Ordinal);
        }
    }

    [Fact]
    public void A_draft_with_holes_is_briefed_and_says_so()
    {
        var brief = Of("T\n  for Tideline\n\n9:00 for time\n  10 moon hop\n", Audience.Judge);
        Assert.True(brief.Open > 0);
        Assert.Contains("no standard is written yet", Words(brief), StringComparison.Ordinal);
        Assert.NotEmpty(Of("", Audience.Athlete).Sections);
    }
}
