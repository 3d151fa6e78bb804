using System.Globalization;
using System.Text.RegularExpressions;
using FairCompass.Core.Briefing;
using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.Languages;
using FairCompass.Core.Policies;
using FairCompass.Core.Standards;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Briefing;

/// <summary>Every paper of the day, for every demo workout.</summary>
public partial class SheetTests
{
    private static readonly DateOnly Day = new(2027, 6, 12);

    private static IEnumerable<Brief> Papers(Understanding u) =>
        PaperNames.All.SelectMany(a =>
            u.Courses.Select(c => (string?)c.Address.Division.Name)
                .Distinct()
                .Prepend(null)
                .Select(d => new BriefBuilder(u, d, Day).Build(a))
        );

    private static string All(Brief brief) => BriefMarkdown.Write(brief).Replace("\\", "", StringComparison.Ordinal);

    [Theory]
    [MemberData(nameof(Depth.DemoRows), 2, 1, MemberType = typeof(Depth))]
    public void Every_paper_says_something_in_words(string name)
    {
        var u = Understanding.Of(Demo.Competition, DraftTexts.Read(name));
        Assert.All(
            Papers(u),
            p =>
            {
                Assert.NotEmpty(p.Sections);
                Assert.Equal(u.Workout.Title, p.Title);
                // A record printed by itself has braces; no sentence has.
                Assert.DoesNotContain(" { ", All(p), StringComparison.Ordinal);
                Assert.DoesNotContain("FairCompass.Core", All(p), StringComparison.Ordinal);
            }
        );
    }

    [Theory]
    [MemberData(nameof(DraftTexts.Demos), MemberType = typeof(DraftTexts))]
    public void The_plates_on_both_sides_and_the_bar_make_the_load(string name)
    {
        var text = All(new BriefBuilder(Understanding.Of(Demo.Competition, DraftTexts.Read(name)), null, Day).Build(Audience.FloorCrew));
        foreach (Match m in Plates().Matches(text))
        {
            var side = m.Groups["side"].Value.Split(" + ").Sum(p => decimal.Parse(p, CultureInfo.InvariantCulture));
            Assert.Equal(
                decimal.Parse(m.Groups["load"].Value, CultureInfo.InvariantCulture),
                decimal.Parse(m.Groups["bar"].Value, CultureInfo.InvariantCulture) + (2 * side)
            );
        }
    }

    [Theory]
    [MemberData(nameof(DraftTexts.Demos), MemberType = typeof(DraftTexts))]
    public void The_caller_has_every_call_of_the_clock_and_every_fork(string name)
    {
        var u = Understanding.Of(Demo.Competition, DraftTexts.Read(name));
        if (Core.Prescriptions.OwnTimes.Differ(u.Workout))
        {
            // Each division has a sheet of its own there: the truth tests look at them.
            return;
        }

        var clock = Timeline.Of(u.Courses[0])!;
        var tables = new BriefBuilder(u, null, Day)
            .Build(Audience.Caller)
            .Sections.SelectMany(s => s.Blocks)
            .OfType<BriefBlock.Table>()
            .ToList();
        Assert.Equal(clock.Calls.Select(c => c.At.ToString()), tables[0].Rows.Select(r => r.Cells[0]));
        Assert.Equal(
            clock.Forks.Select(f => (f.At.ToString(), f.Until.ToString())),
            tables.Skip(1).SelectMany(t => t.Rows).Select(r => (r.Cells[0], r.Cells[2]))
        );
    }

    [Theory]
    [MemberData(nameof(Depth.DemoRows), 2, 0, MemberType = typeof(Depth))]
    public void A_clause_that_is_left_out_is_on_no_paper(string name)
    {
        var text = DraftTexts.Read(name);
        var movement = WorkoutWords
            .Movements(Understanding.Of(Demo.Competition, text).Workout)
            .Select(m => MovementLibrary.Find(m.Name)!)
            .First();
        var clause = movement.Clauses.First(c => c.Kind == ClauseKind.Required && c.Phase == Phase.Finish);
        var fault = movement.Faults.First(f => f.Breaks == clause.Id);
        // Where another movement of the workout has the same phrase it stays there.
        var without = Understanding.Of(
            Demo.Competition with
            {
                HouseRules =
                [
                    .. MovementLibrary
                        .All.Where(m => m.Clauses.Any(c => c.Id == clause.Id))
                        .Select(m => new ClauseChange(m.Id, clause.Id) { DoesNotApply = true }),
                ],
            },
            text
        );
        Assert.Contains(
            Papers(Understanding.Of(Demo.Competition, text)),
            p => All(p).Contains(clause.Text.English, StringComparison.Ordinal)
        );
        Assert.All(
            Papers(without),
            p =>
            {
                Assert.DoesNotContain(clause.Text.English, All(p), StringComparison.Ordinal);
                Assert.DoesNotContain(fault.Sign.English, All(p), StringComparison.Ordinal);
            }
        );
    }

    public static TheoryData<string> Looked => Depth.IsLong ? ["01", "08", "13"] : ["08"];

    /// <summary>Every clause of every movement of a workout, of three in the long run, one after the other: what is left out is nowhere,
    /// with its sign.</summary>
    [Theory]
    [MemberData(nameof(Looked))]
    public void Whichever_clause_is_left_out_is_on_no_paper(string number)
    {
        var text = DraftTexts.Demo(number);
        var movements = WorkoutWords
            .Movements(Understanding.Of(Demo.Competition, text).Workout)
            .Select(m => MovementLibrary.Find(m.Name)!)
            .DistinctBy(m => m.Id)
            .ToList();
        foreach (var clause in movements.SelectMany(m => m.Clauses).Where(c => c.Kind != ClauseKind.Tip).DistinctBy(c => (c.Id, c.Text)))
        {
            var without = Understanding.Of(
                Demo.Competition with
                {
                    HouseRules =
                    [
                        .. movements
                            .Where(m => m.Clauses.Any(c => c.Id == clause.Id))
                            .Select(m => new ClauseChange(m.Id, clause.Id) { DoesNotApply = true }),
                    ],
                },
                text
            );
            var signs = movements
                .SelectMany(m => m.Faults)
                .Where(f => f.Breaks == clause.Id)
                .Select(f => f.Sign)
                .Except(movements.SelectMany(m => m.Faults).Where(f => f.Breaks != clause.Id).Select(f => f.Sign))
                .ToList();
            foreach (var (audience, language) in PaperNames.All.SelectMany(a => new[] { (a, Language.English), (a, Language.Spanish) }))
            {
                var paper = BriefText.Of(new BriefBuilder(without, null, Day, new() { Language = language }).Build(audience));
                Assert.DoesNotContain(clause.Text.In(language), paper, StringComparison.Ordinal);
                Assert.All(signs, s => Assert.DoesNotContain(s.In(language), paper, StringComparison.Ordinal));
            }
        }
    }

    [Fact]
    public void The_floor_crew_has_the_plates_of_every_rung_and_the_judge_each_minute_of_writing()
    {
        // Signal Mast, Tideline man: 40, 45 … 85 on a bar of 20; worked out by hand with the demo's plates.
        var ladder = new BriefBuilder(Demo.Understand(DraftTexts.Demo("06")), "Tideline", Day)
            .Build(Audience.FloorCrew)
            .Sections.Single(s => s.Id == "rungs")
            .Blocks.OfType<BriefBlock.Table>()
            .First();
        Assert.Equal(["1", "40 kg", "on 10", "10"], ladder.Rows[0].Cells);
        Assert.Equal(["10", "85 kg"], ladder.Rows[9].Cells.Take(2));
        Assert.Equal(10, ladder.Rows.Count);
        var kit = new BriefBuilder(Demo.Understand(DraftTexts.Demo("06")), "Tideline", Day)
            .Build(Audience.FloorCrew)
            .Sections.Single(s => s.Id == "kit")
            .Blocks.OfType<BriefBlock.Table>()
            .Single();
        Assert.Equal(
            ["Deadlift, hang power snatch and overhead squat", "Deadlift, hang power snatch and overhead squat"],
            kit.Rows.Select(r => r.Cells[0])
        );
        Assert.All(
            ladder.Rows,
            r =>
                Assert.Equal(
                    decimal.Parse(r.Cells[1].Split(' ')[0], CultureInfo.InvariantCulture),
                    20 + (2 * r.Cells[3].Split(" + ").Sum(p => decimal.Parse(p, CultureInfo.InvariantCulture)))
                )
        );
        var minutes = new BriefBuilder(Demo.Understand(DraftTexts.Demo("05")), null, Day)
            .Build(Audience.Judge)
            .Sections.Single(s => s.Id == "totals")
            .Blocks.OfType<BriefBlock.Table>()
            .Single(t => t.Caption == "Minute by minute");
        Assert.Equal(
            ["4:30", "7:30", "10:00"],
            minutes.Rows.Select(r => r.Cells[0]).Where(c => c is "4:30" or "7:30" or "10:00").Distinct()
        );
        Assert.Contains(minutes.Rows, r => r.Cells[1].Contains("has 40 done?", StringComparison.Ordinal));
    }

    [Fact]
    public void A_ruling_a_division_and_one_place_are_named_on_the_brief()
    {
        var u = Understanding.Of(
            Demo.Competition,
            DraftTexts.Demo("03")
                + "standard toes-to-bar, ruling-1: A foot on the upright is no rep. (ruling 1, 2027-06-12)\nstandard "
                + "toes-to-bar, between-hands, for Meadow: The feet may touch anywhere.\n"
        );
        var judge = All(new BriefBuilder(u, null, Day).Build(Audience.Judge));
        Assert.Contains("A foot on the upright is no rep. (ruling 1, 2027-06-12)", judge, StringComparison.Ordinal);
        Assert.Contains("**Meadow** The feet may touch anywhere.", judge, StringComparison.Ordinal);
        Assert.DoesNotContain("**Meadow**", All(new BriefBuilder(u, "Estuary", Day).Build(Audience.Judge)), StringComparison.Ordinal);
    }

    [Fact]
    public void What_a_division_leaves_out_or_redoes_differently_stands_on_the_brief_for_all()
    {
        var c = Demo.Competition with { Policies = [new("failed jump", "whole rep", "Tideline")] };
        var u = Understanding.Of(c, DraftTexts.Demo("04") + "standard burpee over the bar, two-feet, for Meadow: does not apply\n");
        var judge = All(new BriefBuilder(u, null, Day).Build(Audience.Judge));
        Assert.Contains("**Meadow** Does not apply: Both feet take off and land together.", judge, StringComparison.Ordinal);
        Assert.Matches("\\*\\*Tideline\\*\\* .*repeat the whole rep", judge);
        Assert.DoesNotContain(
            "Both feet take off and land together.",
            All(new BriefBuilder(u, "Meadow", Day).Build(Audience.Judge)),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void What_the_interview_decided_is_on_the_briefs_and_follows_the_answer()
    {
        string Judge(params PolicyChoice[] choices) =>
            All(
                new BriefBuilder(
                    Understanding.Of(Demo.Competition with { Policies = [.. choices] }, DraftTexts.Demo("03")),
                    null,
                    Day
                ).Build(Audience.Judge)
            );
        Assert.Contains("Doubtful rep: credited.", Judge(new PolicyChoice("doubtful rep", "credit")), StringComparison.Ordinal);
        Assert.Contains(
            "Meadow: Doubtful rep: no rep.",
            Judge(new("doubtful rep", "credit"), new("doubtful rep", "no rep", "Meadow")),
            StringComparison.Ordinal
        );
        Assert.Contains(
            "Other documents: the blue sheet at the desk.",
            Judge(new PolicyChoice("other documents", "the blue sheet at the desk")),
            StringComparison.Ordinal
        );
        Assert.DoesNotContain("Doubtful rep", Judge(), StringComparison.Ordinal);
        // What this workout does not raise is not printed.
        Assert.DoesNotContain("Spotting", Judge(new PolicyChoice("spotting", "nobody")), StringComparison.Ordinal);
    }

    [Fact]
    public void A_measured_clause_that_is_left_out_leaves_the_measurement_sheet()
    {
        string Sheet(params ClauseChange[] rules) =>
            All(
                new BriefBuilder(
                    Understanding.Of(Demo.Competition with { HouseRules = [.. rules] }, DraftTexts.Demo("08")),
                    null,
                    Day
                ).Build(Audience.Measurement)
            );
        Assert.Contains("marked at the wrists", Sheet(), StringComparison.Ordinal);
        Assert.DoesNotContain(
            "marked at the wrists",
            Sheet(new ClauseChange("strict-handstand-push-up", "setup-line") { DoesNotApply = true }),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void Advice_is_on_no_paper_of_a_judge_and_markup_in_a_name_stays_text()
    {
        var u = Understanding.Of(Demo.Competition, DraftTexts.Demo("03"));
        Assert.All(
            u.Courses,
            c =>
                Assert.DoesNotContain(
                    "Break sets early",
                    All(new BriefBuilder(u, c.Address.Division.Name, Day).Build(Audience.Judge)),
                    StringComparison.Ordinal
                )
        );
        var md = BriefMarkdown.Write(
            new BriefBuilder(
                Understanding.Of(Demo.Competition with { Name = "<b>*x*</b> | [y](z)" }, DraftTexts.Demo("01")),
                null,
                Day
            ).Build(Audience.Caller)
        );
        Assert.Contains(@"\<b\>\*x\*\</b\> \| \[y\]\(z\)", md, StringComparison.Ordinal);
    }

    [GeneratedRegex(
        @"(?<![\d.-]|up to )(?<load>[\d.]+)(/[\d.]+)? kg: bar (?<bar>[\d.]+), each side (?<side>[\d.]+( \+ [\d.]+)*)(?! to begin)"
    )]
    private static partial Regex Plates();

    /// <summary>Who works and who rests is a sentence; who is at a station is a heading.</summary>
    [Fact]
    public void Who_is_where_is_said_as_people_say_it()
    {
        var relay = Demo.Understand(
            "T\n  for Crew of Four\n\nrelay for reps, 2:00 each, change 0:30\n  max sit-up\n\nscore: reps\n  tie: shared\n"
        );
        Assert.True(relay.Parsed.Problems.Count == 0, string.Join("; ", relay.Parsed.Problems.Select(p => p.Sentence)));
        string Of(Language language) =>
            BriefText.Of(new BriefBuilder(relay, null, Day, new() { Language = language }).Build(Audience.FloorCrew), "minutes");
        Assert.Contains("1st works; 2nd, 3rd and 4th rest", Of(Language.English), StringComparison.Ordinal);
        Assert.Contains("descansan", Of(Language.Spanish), StringComparison.Ordinal);
        Assert.DoesNotContain(": works", Of(Language.English), StringComparison.Ordinal);
    }
}
