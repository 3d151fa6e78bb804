using FairCompass.Core.Briefing;
using FairCompass.Core.Drafts;
using FairCompass.Core.Languages;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Notation;
using FairCompass.Core.Tests.Truth;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Briefing;

/// <summary>Every rule that can void or stop something is named to the judge and has its mark on the card, and a card has what its kind
/// of work needs.</summary>
public class CardMarksTests
{
    private const string Cap = "9:00 for time\n  ";

    private static Brief Card(Understanding u, bool spanish = false) =>
        new BriefBuilder(u, null, new(2026, 6, 6), new() { Language = spanish ? Language.Spanish : Language.English }).Build(
            Audience.LaneCard
        );

    private static BriefBlock.Table? Marks(Understanding u) =>
        Card(u).Sections.FirstOrDefault(s => s.Id == "rules")?.Blocks.OfType<BriefBlock.Table>().Single();

    public static TheoryData<string, string, string> Phrases =>
        new()
        {
            { "one at a time", "Two worked at once", "" },
            { "together at the touch", "Not together at the touch", "" },
            { "one at a time, in rotation", "Out of turn", "" },
            { "one at a time, in fixed order", "Out of turn", "" },
            { "one at a time, taking turns by the round", "Out of turn", "" },
            { "one at a time, any split, at least 9 each", "9 done by each", "1st □ 2nd □" },
            { "one at a time, at least 2 a turn", "Fewer than 2: a turn", "" },
            { "one at a time, any split, at most 8 in a row", "More than 8 in a row", "" },
            { "one at a time, any split, at most 3 tries in a row", "More than 3 tries in a row", "" },
            { "one at a time, an attempt is a turn", "Went on after a missed attempt", "" },
            { "one at a time, hand over after the round", "Handed over before the end of the round", "" },
            { "one at a time, hand over after 5 reps", "Not after just 5 reps handed over", "" },
            { "one at a time, in fixed order 2nd, 1st", "Out of turn, 2nd, 1st", "" },
            { "one at a time, hand over at Deck", "Handed over elsewhere than at Deck", "" },
            { "one at a time, hand tag", "No hand tag", "" },
        };

    [Theory]
    [MemberData(nameof(Phrases))]
    public void A_phrase_of_sharing_is_named_and_marked(string phrase, string seen, string mark)
    {
        var trial = Trial.Pairs(Cap + $"44 sit-up\n    share: {phrase}\n" + Trial.ForTime);
        // The rule stands in the work as a sentence, never as it is typed.
        var paper = trial.Paper(Audience.Judge);
        Assert.DoesNotContain("share:", paper, StringComparison.Ordinal);
        Assert.Contains(
            phrase.StartsWith("together", StringComparison.Ordinal) ? "All together" : "One works at a time",
            paper,
            StringComparison.Ordinal
        );
        var row = Assert.Single(Marks(trial.Read)!.Rows, r => r.Cells[0] == seen);
        Assert.Equal(["sit-up", mark], row.Cells.Skip(1));
    }

    /// <summary>Every phrase of the grammar has its line, or is known to need none: one that is added is not forgotten.</summary>
    [Fact]
    public void No_phrase_is_forgotten()
    {
        ShareKind[] unbreakable =
        [
            ShareKind.AnyNumber,
            ShareKind.AnySplit,
            ShareKind.ByMembers,
            ShareKind.NoHandTag,
            ShareKind.CountByMember,
            ShareKind.Short,
        ];
        var tried = Phrases
            .Select(p => Trial.Pairs(Cap + $"44 sit-up\n    share: {(string)p[0]}\n" + Trial.ForTime).Read.Workout)
            .SelectMany(WorkTree.All)
            .OfType<Work.Task>()
            .SelectMany(t => t.Lines.OfType<TaskLine.RuleOf>())
            .Select(r => r.Rule)
            .OfType<Rule.Share>()
            .SelectMany(s => s.Phrases)
            .Select(p => p.Is)
            .ToHashSet();
        Assert.Equal(Enum.GetValues<ShareKind>().ToHashSet(), tried.Concat(unbreakable).ToHashSet());
    }

    [Theory]
    [InlineData(
        "60 sit-up\n    hold: 1 crew-mate in dead hang, for every whole rep",
        "1 crew-mate in dead hang: on and off",
        "broken □ □ □ □ □ □ □ □"
    )]
    [InlineData("18 double-under, in 6s", "A part of 6 was broken", "")]
    [InlineData("12 toes-to-bar, in one go", "The set was broken", "")]
    [InlineData("12 pull-up\n    help: lift up by the partner, the rep does not count", "Somebody helped", "")]
    [InlineData("12 box jump-over, box 60/50 cm\n    touch: the box with a hand", "Touch: the box with a hand", "")]
    public void A_rule_of_the_work_has_its_mark(string work, string seen, string mark)
    {
        var trial = Trial.Pairs(Cap + work + "\n" + Trial.ForTime);
        Assert.Empty(trial.Read.Parsed.Problems);
        var row = Assert.Single(Marks(trial.Read)!.Rows, r => r.Cells[0] == seen);
        Assert.Equal(mark, row.Cells[2]);
    }

    [Fact]
    public void What_is_cut_into_parts_has_a_box_for_each_and_a_section_one_for_each_mark()
    {
        var trial = Trial.Tideline(Cap + "18 double-under, in 6s\n  24 m walking lunge, marks every 4 m\n" + Trial.ForTime);
        var boxes = Card(trial.Read).Sections.First(s => s.Id == "count").Blocks.OfType<BriefBlock.Boxes>().Single();
        Assert.Equal(["18 double-unders", "6", "12", "", "", "", "18"], boxes.Rows[0].Cells);
        Assert.Equal(["24 m walking lunges: 6 sections of 4 m", "19", "20", "21", "22", "23", "24"], boxes.Rows[1].Cells);
    }

    /// <summary>A judge sees before “go” what has to stand there: loads with plates, heights, what is measured on the athlete.</summary>
    [Fact]
    public void The_card_says_what_stands_in_the_lane()
    {
        var work =
            Cap + "10 deadlift, 80/60 kg\n  10 box jump-over, box 60/50 cm\n  5 strict handstand push-up, line 70 mm below the wrists\n";
        var pairs = Card(Trial.Pairs(work + Trial.ForTime).Read)
            .Sections.Single(s => s.Id == "lane")
            .Blocks.OfType<BriefBlock.Table>()
            .Single();
        Assert.Equal(
            [
                ["Deadlift", "man", "80 kg: bar 20, each side 25 + 5", ""],
                ["Deadlift", "woman", "60 kg: bar 15, each side 20 + 2.5", ""],
                ["Box jump-over", "man", "", "box 60 cm"],
                ["Box jump-over", "woman", "", "box 50 cm"],
                ["Strict handstand push-up", "all", "", "line 70 mm below the wrists = ____"],
            ],
            pairs.Rows.Select(r => r.Cells.ToArray())
        );
        var woman = Card(Trial.Tideline(work + Trial.ForTime).Read)
            .Sections.Single(s => s.Id == "lane" && s.Entry == "Tideline woman")
            .Blocks.OfType<BriefBlock.Table>()
            .Single();
        Assert.All(woman.Rows, r => Assert.Equal(3, r.Cells.Count));
        Assert.Equal("60 kg: bar 15, each side 20 + 2.5", woman.Rows[0].Cells[1]);
    }

    /// <summary>A gate has its place for the time wherever it stands: in a list, or in a round.</summary>
    [Theory]
    [InlineData("3 rounds\n    10 sit-up\n    gate, round 2 only, adds 2:00", "Gate passed at||__:__|")]
    [InlineData("10 sit-up\n  gate, adds 2:00\n  10 burpee", "Gate, adds 2:00: passed □ at ____|")]
    public void A_gate_has_its_place(string work, string row)
    {
        var card = Card(Trial.Tideline("4:00 for reps\n  " + work + "\n" + Trial.ForReps).Read);
        var boxes = card.Sections.First(s => s.Id == "count").Blocks.OfType<BriefBlock.Boxes>().Single();
        Assert.Contains(row, boxes.Rows.Select(r => string.Join('|', r.Cells)));
    }

    /// <summary>The time that breaks a tie stands in the column of its round, and nowhere else.</summary>
    [Fact]
    public void The_time_of_a_tie_stands_at_its_round()
    {
        var trial = Trial.Tideline(
            Cap + "3 rounds\n    10 sit-up\n    5 burpee\n\nscore: time\n  unfinished: cap line by reps\n  tie: time at round 2\n"
        );
        var card = Card(trial.Read);
        var boxes = card.Sections.First(s => s.Id == "count").Blocks.OfType<BriefBlock.Boxes>().Single();
        Assert.Equal(["Clock at the end of the round", "", BriefBuilder.ClockBlank, ""], boxes.Rows[^1].Cells);
        Assert.DoesNotContain("round 2 ended", BriefText.Of(card), StringComparison.Ordinal);
    }

    /// <summary>“Round 2” of a tie is of the first loop: the second has no place for it.</summary>
    [Fact]
    public void A_tie_is_asked_at_one_round_of_two_loops()
    {
        var trial = Trial.Tideline(
            Cap
                + "3 rounds\n    10 sit-up\n  3 rounds\n    5 burpee\n\n"
                + "score: time\n  unfinished: cap line by reps\n  tie: time at round 2\n"
        );
        var man = Card(trial.Read)
            .Sections.Single(s => s.Id == "count" && s.Entry == "Tideline man")
            .Blocks.OfType<BriefBlock.Boxes>()
            .ToList();
        Assert.Equal([1, 0], man.Select(b => b.Rows.Count(r => r.Cells.Contains(BriefBuilder.ClockBlank))));
    }

    /// <summary>What has an end has all its boxes, however short the time is; only the rounds without end are cut.</summary>
    [Fact]
    public void Rounds_before_those_without_end_are_all_there()
    {
        var trial = Trial.Tideline("2:00 for reps\n  12 rounds\n    10 sit-up\n  rounds without end\n    5 burpee\n" + Trial.ForReps);
        var boxes = Card(trial.Read).Sections.First(s => s.Id == "count").Blocks.OfType<BriefBlock.Boxes>().ToList();
        Assert.Equal([10, 2, 2], boxes.Select(b => b.Head.Count - 1));
        Assert.Equal("120", boxes[1].Rows[0].Cells[^1]);
    }

    /// <summary>A mark for clips only where a lift without them does not count.</summary>
    [Theory]
    [InlineData("clips: a lift without them does not count\n", true)]
    [InlineData("clips: a lift without them counts\n", false)]
    public void Clips_are_marked_where_they_decide(string rule, bool marked)
    {
        var u = Trial.Tideline("6:00 for load\n  heaviest power clean\n" + Trial.ForLoad + "\n" + rule).Read;
        Assert.Empty(u.Parsed.Problems);
        Assert.Equal(marked, Marks(u) is not null);
    }

    /// <summary>Where the duties of a team cut a task into other parts there is no box that is right for both.</summary>
    [Fact]
    public void Parts_that_differ_have_no_boxes()
    {
        var u = Trial.Pairs(Cap + "18 double-under, in 6/9s\n    share: one at a time, any split\n" + Trial.ForTime).Read;
        var boxes = Card(u).Sections.First(s => s.Id == "count").Blocks.OfType<BriefBlock.Boxes>().Single();
        Assert.Equal(["18 double-unders", "18"], boxes.Rows[0].Cells);
        Assert.Contains("A part of 6/9 was broken", Marks(u)!.Rows.Select(r => r.Cells[0]));
    }

    /// <summary>As many boxes as the fastest paces known need, and one more: three minutes need no twenty rounds.</summary>
    [Theory]
    [InlineData("3:00 for reps\n  rounds without end\n    10 burpee\n    15 sit-up\n", 5, 9)]
    [InlineData("12:00 for reps\n  rounds without end\n    400 m shuttle run, marks every 100 m\n    15 sit-up\n", 4, 14)]
    public void Rounds_without_end_have_boxes_as_far_as_anybody_gets(string work, int least, int most)
    {
        var card = Card(Trial.Tideline(work + Trial.ForReps).Read);
        var rounds = card.Sections.First(s => s.Id == "count").Blocks.OfType<BriefBlock.Boxes>().Sum(b => b.Head.Count - 1);
        Assert.InRange(rounds, least, most);
    }

    [Fact]
    public void A_team_is_named_by_its_places_and_a_second_judge_has_a_line()
    {
        var work = Cap + "60 sit-up\n    share: one at a time, any split\n    hold: 1 crew-mate in dead hang, for every whole rep\n";
        var blanks = Card(Trial.Pairs(work + Trial.ForTime).Read).Sections[0].Blocks.OfType<BriefBlock.Blanks>().Single().Labels;
        Assert.Equal(["Team", "1st (man)", "2nd (woman)", "Gym", "Heat", "Lane", "Judge", "Judge 2"], blanks.Take(8));
    }

    /// <summary>Whatever a score takes has its place on the card of its entry, finishes and lifts one each, in both languages.</summary>
    [Theory]
    [MemberData(nameof(DraftTexts.Demos), MemberType = typeof(DraftTexts))]
    public void Every_field_has_its_place(string name)
    {
        var u = Demo.Understand(DraftTexts.Read(name));
        var card = Card(u);
        Assert.Equal(Shape(card), Shape(Card(u, spanish: true)));
        for (var i = 0; i < u.Courses.Count; i++)
        {
            var (course, sheet) = (u.Courses[i], u.Sheets[i]);
            var whose = u.Courses.Count == 1 ? null : course.Address.ToString();
            var blocks = card.Sections.Where(s => s.Entry == whose).SelectMany(s => s.Blocks).ToList();
            foreach (var field in Core.Scoring.Card.Fields(course, sheet).GroupBy(f => f.Field))
            {
                var places = Places(blocks, field.Key);
                var right = field.Key is CardFieldKind.Finish or CardFieldKind.Tries or CardFieldKind.Gates
                    ? places == field.Count()
                    : places > 0;
                Assert.True(right, $"{name}, {course.Address}: {places} places for {field.Count()} × {field.Key}");
            }
        }
    }

    private static int Places(List<BriefBlock> blocks, CardFieldKind field)
    {
        var rows = blocks.OfType<BriefBlock.Boxes>().SelectMany(b => b.Rows).ToList();
        var tables = blocks.OfType<BriefBlock.Table>().ToList();
        int Blanks(params string[] words) =>
            blocks
                .OfType<BriefBlock.Blanks>()
                .SelectMany(b => b.Labels)
                .Count(l => Array.Exists(words, w => l.Contains(w, StringComparison.Ordinal)));
        return field switch
        {
            CardFieldKind.Finish => Blanks("inished at"),
            CardFieldKind.Tries => tables.Count(t => t.Head[0] is "Try" or "Height, cm"),
            CardFieldKind.Gates => rows.Count(r => r.Cells[0].Contains("passed □ at ____", StringComparison.Ordinal))
                + rows.Where(r => r.Cells[0] == "Gate passed at").Sum(r => r.Cells.Count(c => c == BriefBuilder.ClockBlank)),
            CardFieldKind.TieTime => rows.Count(r => r.Cells.Contains(BriefBuilder.ClockBlank))
                + rows.Count(r => r.Cells[0].Contains("passed □ at ____", StringComparison.Ordinal))
                + Blanks("lock when"),
            CardFieldKind.Counted or CardFieldKind.Count => Blanks("at the cap", "counted", "how many")
                + tables.Where(t => t.Head[0] == "Interval").Sum(t => t.Rows.Count)
                + tables.Where(t => t.Head[0] == "Window").Sum(t => t.Rows.Count),
            // A place in the work is given in place of a count, and asked for where the ways decide.
            CardFieldKind.Stood => Blanks("tood", "at the cap", "counted") + tables.Count(t => t.Head[0] == "Window"),
            CardFieldKind.Unverified => Blanks("not verified"),
            CardFieldKind.Faults => Blanks("aults called"),
            CardFieldKind.By => tables.Count(t => t.Head.Contains("The fewest reached")),
            // In its row or column of the boxes, else a blank of its own.
            CardFieldKind.Marks => rows.Count(r => r.Cells.Contains(BriefBuilder.ClockBlank)) + Blanks("lock at"),
            _ => throw new InvalidOperationException($"A field that no test looks for: {field}."),
        };
    }

    private static string Shape(Brief card) =>
        string.Join(
            '\n',
            card.Sections.Select(s =>
                $"{s.Id}: "
                + string.Join(
                    ", ",
                    s.Blocks.Select(b =>
                        b switch
                        {
                            BriefBlock.Boxes x => string.Join('/', x.Rows.Select(r => string.Join(' ', r.Cells.Skip(1))))
                                .Replace("sin fin", "no end", StringComparison.Ordinal),
                            BriefBlock.Table t => $"table {t.Head.Count} × {t.Rows.Count}",
                            BriefBlock.Blanks l => $"{l.Labels.Count} blanks",
                            _ => b.GetType().Name,
                        }
                    )
                )
            )
        );
}
