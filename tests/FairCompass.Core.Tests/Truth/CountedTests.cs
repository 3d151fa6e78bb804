using CsCheck;
using FairCompass.Core.Briefing;
using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Truth;

/// <summary>A place in the work has one number on every paper, the one in the box of the card, and that number can be entered.</summary>
public class CountedTests
{
    private static readonly Trial Credited = Trial.Tideline(
        "10:00 for time\n  4 rounds\n    6 burpee\n    250 m rowing machine, credited 10\n" + Trial.ForTime
    );

    private static readonly Trial Gated = Trial.Both(
        "4:00 for reps\n  40 double-under\n    Meadow: 90 single-under, every 3 count 1\n  20 sit-up\n  gate, adds 2:00\n  max burpee\n\n"
            + "score: reps\n  tie: time at the last gate passed\n\ngate on the second: counts\n"
    );

    private static readonly Trial Loops = Trial.Both(
        "9:00 for reps\n  rounds without end\n    12 sit-up\n    40 double-under\n      Meadow: 80 single-under, every 2 count 1\n\n"
            + "score: rounds and reps\n  tie: shared\n"
    );

    [Fact]
    public void The_number_of_the_box_is_scored_as_it_stands()
    {
        var result = Credited.Score(Trial.Counted(48));
        Assert.Equal("48 of 64 at the cap", result.Text);
        Assert.Contains("round 3, rowing machine 250 of 250", result.Reasons[0], StringComparison.Ordinal);
        var card = Credited.Paper(Audience.LaneCard);
        Assert.Contains("Running totals, 64 in all", card, StringComparison.Ordinal);
        Assert.Contains("(0 to 63; only when not finished)", card, StringComparison.Ordinal);
        Assert.DoesNotContain("1024", card, StringComparison.Ordinal);
    }

    [Fact]
    public void A_number_that_can_be_either_is_refused_with_both()
    {
        var error = Assert.Single(Trial.Objections(Credited.First, new("0") { Units = 48 }));
        Assert.Equal("pieces[0].units", error.Path);
        Assert.Equal(
            "48 can be the number in the box (round 3, rowing machine 250 of 250), or 48 units performed (round 1, rowing machine 42 of "
                + "250), which count 7. Send it as counted or as performed.",
            error.Message
        );
        Assert.Equal("7 of 64 at the cap", Credited.Score(new("0", Performed: 48)).Text);
        // Where both are the same number it is taken.
        Assert.Equal("5 of 64 at the cap", Credited.Score(new("0") { Units = 5 }).Text);
    }

    [Fact]
    public void Uncounted_first_work_leaves_the_number_of_the_box()
    {
        var trial = Trial.Tideline("6:00 for reps\n  20 cal air bike, counts 0\n  max sit-up\n" + Trial.ForReps);
        Assert.Equal("18 reps", trial.Score(Trial.Counted(18)).Text);
        Assert.Equal("0", trial.Score(Trial.Counted(0)).Text);
    }

    [Fact]
    public void A_gate_has_one_number_for_each_who_passes_it()
    {
        foreach (var audience in (Audience[])[Audience.Judge, Audience.Athlete])
        {
            var meadow = Gated.Paper(audience, "Meadow");
            Assert.Contains("Gate: 50 done, go on until 6:00", meadow, StringComparison.Ordinal);
            Assert.DoesNotContain("110", meadow, StringComparison.Ordinal);
            Assert.Contains("Gate: 60 done, go on until 6:00", Gated.Paper(audience, "Tideline"), StringComparison.Ordinal);
        }

        var called = Gated.Paper(Audience.Caller);
        Assert.Contains("Gate: who has passed it, go on until 6:00; the others, time", called, StringComparison.Ordinal);
        Assert.Contains("60 (Tideline) or 50 (Meadow)", called, StringComparison.Ordinal);
        Assert.DoesNotContain("Gate: 60 done", called, StringComparison.Ordinal);
    }

    [Fact]
    public void Beyond_the_gate_the_card_is_scored_as_it_stands()
    {
        var meadow = Gated.Entry("Meadow", "man");
        Assert.Equal("57 reps", Trial.Score(meadow, Trial.Counted(57) with { TieTime = Duration.TryParse("3:50") }).Text);
        var error = Assert.Single(Trial.Objections(meadow, Trial.Counted(47) with { TieTime = Duration.TryParse("3:50") }));
        Assert.Equal("The first gate stands after 50; 47 have not passed it.", error.Message);
    }

    /// <summary>Counts of no place, such as 1 of two climbs that are credited 5 together, are refused with their neighbours.</summary>
    [Fact]
    public void A_number_that_stands_in_no_box_is_refused_with_its_neighbours()
    {
        var trial = Trial.Tideline("6:00 for reps\n  3 rounds\n    2 rope climb, credited 5\n    10 sit-up\n" + Trial.ForReps);
        var error = Assert.Single(Trial.Objections(trial.First, Trial.Counted(1)));
        Assert.Equal(("pieces[0].counted", "No place of the work counts 1; the nearest are 0 and 2."), (error.Path, error.Message));
        Assert.Equal("2 reps", trial.Score(Trial.Counted(2)).Text);
    }

    /// <summary>One task without end has no boxes: the judge writes how many were done, whatever they are worth.</summary>
    [Theory]
    [InlineData("max cal air bike, counts 0, +6 at 14", 13, "0")]
    [InlineData("max cal air bike, counts 0, +6 at 14", 14, "6 reps")]
    [InlineData("max kettlebell swing, 24/16 kg, counts 3", 20, "60 reps")]
    public void What_has_no_box_is_written_as_it_was_counted(string task, long counted, string text) =>
        Assert.Equal(text, Trial.Tideline($"3:00 for reps\n  {task}\n" + Trial.ForReps).Score(Trial.Counted(counted)).Text);

    [Theory]
    [InlineData("Tideline", 172, "3 + 16")]
    [InlineData("Meadow", 172, "3 + 16")]
    [InlineData("Meadow", 52, "1 + 0")]
    [InlineData("Meadow", 51, "0 + 51")]
    public void A_round_is_worth_the_same_in_both_divisions(string division, long counted, string text) =>
        Assert.Equal(text, Trial.Score(Loops.Entry(division, "man"), Trial.Counted(counted)).Text);

    [Fact]
    public void The_desk_sees_the_whole_of_the_card_and_the_distance_beside()
    {
        var desk = Credited.Paper(Audience.ScoreDesk);
        Assert.Contains("64; 1000 m performed", desk, StringComparison.Ordinal);
        Assert.DoesNotContain("1024", desk, StringComparison.Ordinal);
    }

    [Fact]
    public void An_own_rest_begins_after_the_number_of_the_box()
    {
        var rest = Demo.Text("08");
        Assert.Contains(
            "95 (round 5 done)",
            FairCompass.Core.Tests.Briefing.BriefText.Of(new BriefBuilder(rest, "Tideline", new(2026, 6, 6)).Build(Audience.LaneCard)),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public void One_less_is_exactly_one_less_or_not_shown()
    {
        foreach (var u in DraftTexts.DemoNames.Select(n => Demo.Understand(DraftTexts.Read(n))))
        {
            for (var i = 0; i < u.Courses.Count; i++)
            {
                var samples = SampleRuns.Of(u.Courses[i], u.Sheets[i], Demo.Competition).ToList();
                if (samples.FindIndex(s => s.Label == "one rep less") is > 0 and var at)
                {
                    Assert.All(
                        u.Sheets[i].Components.Select((c, n) => (c, n)).Where(x => x.c.Measured == Measured.Units),
                        x => Assert.Equal(samples[at - 1].Results[x.n].Value + 1, samples[at].Results[x.n].Value)
                    );
                }
            }
        }
    }

    /// <summary>Every number that a ledger prints comes back: as the count of the card it scores what the same place scores when it is
    /// named by round, task and unit.</summary>
    [Fact]
    public void Every_number_in_a_box_comes_back_as_its_place() =>
        WorkoutGen.Any.Sample(
            w =>
            {
                var u = Demo.Understand(FairCompass.Core.Notation.Printer.Print(w));
                for (var i = 0; i < u.Courses.Count; i++)
                {
                    foreach (var piece in u.Courses[i].Pieces.Where(p => p.Strand is { TooLarge: false }))
                    {
                        Comes(u.Courses[i], u.Sheets[i], piece);
                    }
                }
            },
            iter: 60
        );

    [Fact]
    public void Of_every_demo_workout_too()
    {
        foreach (var u in DraftTexts.DemoNames.Select(n => Demo.Understand(DraftTexts.Read(n))))
        {
            for (var i = 0; i < u.Courses.Count; i++)
            {
                foreach (var piece in u.Courses[i].Pieces.Where(p => p.Strand is { TooLarge: false }))
                {
                    Comes(u.Courses[i], u.Sheets[i], piece);
                }
            }
        }
    }

    private static void Comes(Course course, ScoreSheet sheet, CoursePiece piece)
    {
        var strand = piece.Strand!;
        foreach (
            var cell in Ledger
                .Of(strand, piece.Tasks, 12)
                .SelectMany(t => t.Rows)
                .SelectMany(r => r.Cells)
                .Where(c => c.Total is not null && c.Total <= (strand.Units ?? long.MaxValue))
        )
        {
            var (performed, box) = (cell.Total!.Value, cell.Credit ?? cell.Total.Value);
            Assert.Equal(box, strand.Counted(performed));
            var read = Card.Resolve(new(EntryStatus.Ran, [new(piece.Piece.Key) { Counted = box }]), course).Of(piece.Piece.Key).Performed;
            Assert.NotNull(read);
            Assert.Equal(strand.Sum(performed, Tally.Credit), strand.Sum(read.Value, Tally.Credit));
            foreach (var component in sheet.Components.Where(c => c.Pieces.Contains(piece.Piece.Key) && c.Tally.Of == TallyOf.Credit))
            {
                var (a, b) = (Value(performed), Value(read.Value));
                Assert.Equal(a, b);
            }
        }

        IReadOnlyList<long> Value(long units) =>
            Scorer
                .Score(new RunObservation(EntryStatus.Ran, [new(piece.Piece.Key, Performed: units)]), course, sheet, MassUnit.Kilogram)
                .Where((_, n) => sheet.Components[n].Tally.Of == TallyOf.Credit)
                .Select(r => r.Value)
                .ToList();
    }
}
