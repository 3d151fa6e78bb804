using CsCheck;
using FairCompass.Core.Briefing;
using FairCompass.Core.Courses;
using FairCompass.Core.Explaining;
using FairCompass.Core.Observing;
using FairCompass.Core.Pacing;
using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Play;

namespace FairCompass.Core.Tests.Truth;

/// <summary>A list that begins anew in each interval, with nothing beside it.</summary>
public class IntervalListTests
{
    private const string List = "\n    12 sit-up\n    6 burpee\n";

    private static Trial Of(string late, string score = "reps", string list = List, string window = "5:00") =>
        Trial.Tideline($"{window} for reps\n  every 1:00, {late}{list}\nscore: {score}\n  tie: shared\n");

    private static ComponentResult Score(Trial trial, params long[] counted) =>
        Trial.Score(trial.First, new PieceObservation("0") { Counts = Counts(counted) });

    private static Eq<StrandCount> Counts(long[] counted) => counted.Select((n, i) => new StrandCount($"{i + 1}") { Counted = n }).ToEq();

    [Theory]
    [InlineData("unfinished is lost", "66 reps")]
    [InlineData("unfinished is skipped, what is done counts", "66 reps")]
    [InlineData("unfinished is skipped, nothing of it counts", "54 reps")]
    public void What_an_interval_keeps(string late, string text)
    {
        var trial = Of(late);
        Assert.DoesNotContain(trial.Read.Findings(), f => f.Severity == Core.Checks.Severity.MustFix);
        Assert.Equal(text, Score(trial, 18, 12, 18, 0, 18).Text);
    }

    [Fact]
    public void What_carries_over_is_one_count()
    {
        var trial = Of("unfinished carries over");
        var strand = trial.First.Course.Pieces[0].Strand!;
        Assert.Equal((90, 5), (strand.Units, strand.Rounds));
        Assert.Equal("66 reps", trial.Score(new PieceObservation("0") { Counted = 66 }).Text);
    }

    [Theory]
    [InlineData("unfinished is lost", new long[] { 18, 12, 18, 0, 18 }, "3 full intervals")]
    [InlineData("until unfinished", new long[] { 18, 18, 12 }, "2 full intervals + 12")]
    [InlineData("unfinished ends the work", new long[] { 18 }, "1 full interval")]
    public void Full_intervals(string late, long[] counted, string text) =>
        Assert.Equal(text, Score(Of(late, "full intervals"), counted).Text);

    /// <summary>6, 7, 8 …: each interval has its own number, printed and counted.</summary>
    [Fact]
    public void Work_that_grows_until_an_interval_is_not_done()
    {
        var trial = Of("until unfinished", "full intervals", "\n    6-7-8-... burpee\n", "20:00");
        var strands = trial.First.Course.Pieces[0].Strands;
        Assert.Equal(Enumerable.Range(6, 20).Select(n => (long?)n), strands.Select(s => s.Counter.Units));
        Assert.Equal("2 full intervals + 5", Score(trial, 6, 7, 5).Text);
        Assert.Equal(
            [("pieces[0].counts", "Interval 2 was not finished, and that ends the work; nothing was done in interval 3.")],
            Trial.Objections(trial.First, new PieceObservation("0") { Counts = Counts([6, 4, 8]) }).Select(e => (e.Path, e.Message))
        );
        var card = trial.Paper(Audience.LaneCard);
        Assert.Contains("____ of 25", card, StringComparison.Ordinal);
        Assert.Contains(
            "\n  every 1:00, unfinished ends the work\n",
            Core.Notation.Printer.Print(trial.Read.Workout),
            StringComparison.Ordinal
        );
    }

    /// <summary>A list for odd minutes and one for even ones, however it is written; papers and counters have each its own.</summary>
    [Theory]
    [InlineData("odd", "even")]
    [InlineData("1st, 3rd, ...", "2nd, 4th, ...")]
    [InlineData("1st, 3rd, 5th", "2nd,4th")]
    public void Lists_for_some_intervals(string odd, string even)
    {
        var trial = Of("unfinished is lost", list: $"\n    {odd}:\n      12 sit-up\n      2 burpee\n    {even}:\n      6 wall walk\n");
        Assert.Empty(trial.Read.Parsed.Problems);
        var strands = trial.First.Course.Pieces[0].Strands;
        Assert.Equal([14, 6, 14, 6, 14], strands.Select(s => s.Counter.Units));
        Assert.Equal("40 reps", Score(trial, 14, 6, 14, 6).Text);
        var card = trial.Paper(Audience.LaneCard);
        Assert.Contains("____ of 14", card, StringComparison.Ordinal);
        Assert.Contains("____ of 6", card, StringComparison.Ordinal);
        var printed = Core.Notation.Printer.Print(trial.Read.Workout);
        Assert.Contains("12 sit-up, rounds 1-3-", printed, StringComparison.Ordinal);
        Assert.Equal(trial.Read.Workout, Trial.Of(printed).Read.Workout);
        // In one count through all intervals the places follow the lists.
        var whole = Of("unfinished carries over", list: $"\n    {odd}:\n      14 sit-up\n    {even}:\n      6 wall walk\n").First.Course;
        Assert.Equal([14L, 20, 34, 40, 54], Enumerable.Range(1, 5).Select(n => whole.Pieces[0].Strand!.UnitsAfterRound(n)!.Value));
    }

    [Theory]
    [InlineData("1st, 2nd, 4th", "12 sit-up", "These intervals are not in equal steps.")]
    [InlineData("3rd, ...", "12 sit-up", "These intervals are not in equal steps.")]
    [InlineData("0th", "12 sit-up", "These intervals are not in equal steps.")]
    [InlineData("odd", "own rest 0:10", "In a list for some intervals stand tasks.")]
    public void Lists_that_nobody_can_read_are_refused(string which, string work, string sentence) =>
        Assert.Contains(
            Of("unfinished is lost", list: $"\n    {which}:\n      {work}\n    6 burpee\n").Read.Parsed.Problems,
            p => p.Sentence == sentence
        );

    /// <summary>Which iterations a task has, summed one by one, against the closed form; with turns by the round too.</summary>
    [Fact]
    public void Some_rounds_add_up() =>
        Gen.Select(Gen.Int[1, 6], Gen.Int[1, 4], Gen.Int[1, 5], Gen.Bool, Gen.Int[2, 30])
            .Sample(
                (first, step, terms, endless, rounds) =>
                {
                    var numbers = Enumerable.Range(0, endless ? Math.Max(2, terms) : terms).Select(i => first + (i * step)).ToList();
                    var which = string.Join('-', numbers) + (endless ? "-..." : "");
                    var text =
                        $"{rounds} rounds\n    7-9-... sit-up, rounds {which} only\n    1 burpee\n    share: taking turns by the round\n";
                    var strand = Trial.Pairs($"30:00 for reps\n  {text}{Trial.ForReps}").First.Course.Pieces[0].Strand!;
                    var (units, second) = (0L, 0L);
                    for (var n = 1; n <= rounds; n++)
                    {
                        var here = numbers.Contains(n) || (endless && n > numbers[^1] && (n - first) % step == 0);
                        var done = 1 + (here ? 7 + (2 * (n - 1)) : 0);
                        units += done;
                        second += n % 2 == 0 ? done : 0;
                        Assert.Equal(units, strand.UnitsAfterRound(n));
                    }

                    Assert.Equal(second, strand.Sum(strand.Units!.Value, new Tally(TallyOf.Seat, 2)));
                },
                iter: 150
            );

    /// <summary>A bar a minute, out when missed: each interval has its rung, on the card and on the bar.</summary>
    [Fact]
    public void A_ladder_of_bars()
    {
        var trial = Of("until unfinished", "full intervals", "\n    1 power clean, 60-65-70-.../40-42.5-45-... kg\n", "8:00");
        Assert.DoesNotContain(trial.Read.Findings(), f => f.Severity == Core.Checks.Severity.MustFix);
        var card = trial.Paper(Audience.LaneCard);
        Assert.Contains("□ 1 (60 kg)", card, StringComparison.Ordinal);
        Assert.Contains("□ 1 (95 kg)", card, StringComparison.Ordinal);
        Assert.Equal("3 full intervals", Score(trial, 1, 1, 1).Text);
        var run = new Player(trial.Read, 0, PaceTable.Usual).Play(1);
        Assert.Contains(run.Events, e => e.What is Happened.ReRigged);
    }

    [Fact]
    public void The_card_has_a_row_for_each_interval_and_the_ledger_one_table()
    {
        var trial = Of("unfinished is lost");
        var table = new BriefBuilder(trial.Read, null, new(2026, 6, 6))
            .Build(Audience.LaneCard)
            .Sections.First(s => s.Id == "count")
            .Blocks.OfType<BriefBlock.Table>()
            .First();
        Assert.Equal(["1", "0:00", "□ 12", "□ 18", "□", "____ of 18", "□"], table.Rows[0].Cells);
        Assert.Equal(["3", "2:00", "□ 12", "□ 18", "□", "____ of 18", "□"], table.Rows[2].Cells);
        Assert.Equal(5, table.Rows.Count);
        Assert.Equal(90, Assert.Single(Explainer.Explain(trial.Read).Ledgers).Units);
        Assert.Contains(
            "What is not finished is left; the next interval begins anew. What was done of it counts.",
            trial.Paper(Audience.Judge),
            StringComparison.Ordinal
        );
    }

    [Theory]
    [InlineData("every 1:00" + List, "What happens when an interval is not finished and the next begins?", 4)]
    [InlineData("every 1:00, unfinished is skipped" + List, "What counts of an interval that is not finished?", 2)]
    public void Nobody_has_said_what_happens(string line, string sentence, int answers)
    {
        var trial = Trial.Tideline($"5:00 for reps\n  {line}{Trial.ForReps}");
        var finding = Assert.Single(trial.Read.Findings(), f => f.Rule == "late-unstated");
        Assert.Equal((sentence, answers), (finding.Sentence, finding.Mends.Count));
    }

    [Theory]
    [InlineData("unfinished is lost", "time", "Intervals that begin anew have no finishing time. Score reps or full intervals.")]
    public void A_time_of_intervals_is_refused(string late, string score, string sentence) =>
        Assert.Contains(
            Trial
                .Tideline($"5:00 for time\n  every 1:00, {late}{List}\nscore: {score}\n  unfinished: cap line by reps\n")
                .First.Sheet.Problems,
            p => p.Sentence == sentence
        );

    [Fact]
    public void Full_intervals_need_a_list() =>
        Assert.Contains(
            Trial.Tideline("5:00 for reps\n  max sit-up\n\nscore: full intervals\n").First.Sheet.Problems,
            p => p.Sentence.StartsWith("Full intervals need one part", StringComparison.Ordinal)
        );

    /// <summary>Places, sums and their inverses of one interval against those of all of them.</summary>
    [Fact]
    public void A_counter_of_one_interval_is_a_part_of_the_whole() =>
        Gen.Select(Gen.Int[1, 9], Gen.Int[1, 9], Gen.Int[1, 5])
            .Sample(
                (a, b, worth) =>
                {
                    var trial = Of(
                        "unfinished is lost",
                        list: $"\n    {a}-{a + 1}-... sit-up, counts {worth}\n    {b} burpee, every 2nd round\n",
                        window: "6:00"
                    );
                    var before = 0L;
                    foreach (var strand in trial.First.Course.Pieces[0].Strands)
                    {
                        var (part, whole) = (strand.Counter, strand.Counter.Whole);
                        for (var n = 1L; n <= part.Units; n++)
                        {
                            Assert.Equal(whole.At(before + n), part.At(n));
                            Assert.Equal(n, part.UnitsAt(part.At(n)));
                            Assert.Equal(whole.Counted(before + n) - whole.Counted(before), part.Counted(n));
                            Assert.True(part.Performed(part.Counted(n)) <= n);
                            Assert.Equal([strand.Interval!.Value], part.At(n).Rounds.Select(r => (int)r));
                            Assert.Equal(part.UnitsOf(0, n) + part.UnitsOf(1, n), n);
                        }

                        if (before > 0)
                        {
                            Assert.Null(part.UnitsAt(whole.At(before)));
                        }

                        before += part.Units!.Value;
                    }

                    Assert.Equal(trial.First.Course.Pieces[0].Strands[0].Counter.Whole.Units, before);
                },
                iter: 60
            );

    /// <summary>One more rep never ranks lower, whatever an unfinished interval keeps.</summary>
    [Fact]
    public void More_work_never_ranks_lower() =>
        Gen.Select(Gen.Int[0, 18].Array[5], Gen.Int[0, 4], Gen.Int[0, 2])
            .Sample(
                (counts, more, rule) =>
                {
                    var trial = Of(
                        rule == 0 ? "unfinished is lost"
                            : rule == 1 ? "unfinished is skipped, nothing of it counts"
                            : "unfinished ends the work",
                        more % 2 == 0 ? "reps" : "full intervals"
                    );
                    long[] now = [.. counts.Select(c => (long)c)];
                    if (rule == 2)
                    {
                        var broken = Array.FindIndex(now, n => n < 18);
                        for (var i = broken + 1; broken >= 0 && i < now.Length; i++)
                        {
                            now[i] = 0;
                        }

                        more = broken < 0 ? 0 : broken;
                    }

                    if (now[more] == 18)
                    {
                        return;
                    }

                    var before = Score(trial, now);
                    now[more]++;
                    Assert.True(Ranking.Compare(Score(trial, now), before) <= 0);
                },
                iter: 300
            );

    /// <summary>What is played keeps to its interval; card, facts and desk say the same.</summary>
    [Theory]
    [InlineData("unfinished is lost")]
    [InlineData("unfinished is skipped, nothing of it counts")]
    [InlineData("unfinished ends the work")]
    [InlineData("unfinished carries over")]
    public void A_run_keeps_to_its_intervals(string late)
    {
        var u = Of(late, list: "\n    9 thruster, 40/30 kg\n    9 burpee\n").Read;
        var (player, course) = (new Player(u, 0, PaceTable.Usual), u.Courses[0]);
        for (var seed = 1UL; seed <= 40; seed++)
        {
            var run = player.Play(seed);
            foreach (var (at, what) in run.Events)
            {
                if (what is Happened.Done d && d.Strand.Length > 0)
                {
                    Assert.Equal(d.Strand, $"{((at.Ms - 1) / 60_000) + 1}");
                }
            }

            var strands = run.End.Pieces[0].Strands;
            var broken = strands.ToList().FindIndex(s => s.Next is not null);
            Assert.True(!late.Contains("ends", StringComparison.Ordinal) || broken < 0 || strands.Skip(broken + 1).All(s => s.Units == 0));
            var read = Folding.Of(PlayedFacts.Of(run.End, run.Events, DateTimeOffset.UnixEpoch), course, u.Sheets[0]).Run;
            Assert.Empty(Card.Validate(read, course, u.Sheets[0]));
            var judge = new MechanicalJudge(
                new BriefBuilder(u, course.Address.Division.Name, default).Build(Audience.LaneCard),
                course.Address.ToString(),
                PlayedCourse.Start(course, u.Sheets[0])
            );
            var typed = Card.Resolve(MechanicalDesk.Type(judge.Watch(run.Events), course, u.Sheets[0]), course);
            Assert.True(judge.HasAllBoxes);
            Assert.Equal(
                Scorer.Score(read, course, u.Sheets[0], MassUnit.Kilogram)[0].Text,
                Scorer.Score(typed, course, u.Sheets[0], MassUnit.Kilogram)[0].Text
            );
        }
    }
}
