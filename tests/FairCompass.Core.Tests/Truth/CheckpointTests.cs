using CsCheck;
using FairCompass.Core.Briefing;
using FairCompass.Core.Observing;
using FairCompass.Core.Pacing;
using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Play;

namespace FairCompass.Core.Tests.Truth;

/// <summary>Named marks: checkpoints, the nth rep of a movement, half of the work.</summary>
public class CheckpointTests
{
    private const string Work = "14:00 for time\n  60 sit-up\n  checkpoint Deck\n  40 burpee\n";

    private static Trial Of(string tie, string work = Work) =>
        Trial.Tideline(work + $"\nscore: time\n  unfinished: cap line by reps\n  tie: time at {tie}\n");

    private static PieceObservation Seen(long? done, params (string Mark, int Seconds)[] marks) =>
        new("0", done is null ? Duration.Seconds(600) : null, done)
        {
            Marks = marks.Select(m => new MarkRead(m.Mark, Duration.Seconds(m.Seconds))).ToEq(),
        };

    [Theory]
    [InlineData("Deck", "Deck", 60)]
    [InlineData("rep 10 of burpee", "rep 10 of burpee", 70)]
    [InlineData("half of the work", "half of the work", 50)]
    public void The_earlier_time_breaks_the_tie(string tie, string mark, long units)
    {
        var trial = Of(tie);
        Assert.Equal(units, NamedMark.Of(trial.First.Course.Pieces[0], trial.First.Sheet).Single(m => m.Name == mark).Units);
        var (early, late, none) = (trial.Score(Seen(null, (mark, 420))), trial.Score(Seen(null, (mark, 421))), trial.Score(Seen(null)));
        Assert.Equal([1, 2, 3], Ranking.Places([early, late, none]));
        Assert.Equal($"{mark} at 7:00", early.TieText);
        var asked = Card.Fields(trial.First.Course, trial.First.Sheet).Single(f => f.Mark == mark);
        Assert.Equal((CardFieldKind.Marks, $"clock at {mark}"), (asked.Field, asked.Label));
        Assert.Contains($"earlier time at {mark}", trial.Paper(Audience.Judge), StringComparison.Ordinal);
    }

    /// <summary>A checkpoint is on everybody’s card whether a tie asks for it or not.</summary>
    [Fact]
    public void A_checkpoint_stands_on_card_brief_and_ledger()
    {
        var trial = Trial.Tideline(Work + Trial.ForTime);
        Assert.Contains("Deck", trial.Paper(Audience.LaneCard), StringComparison.Ordinal);
        Assert.Contains("Checkpoint Deck", trial.Paper(Audience.Athlete), StringComparison.Ordinal);
        Assert.Equal("10:00", trial.Score(Seen(null, ("Deck", 300))).Text);
    }

    [Theory]
    [InlineData("Dock", 300, null, "mark", "There is no such mark; there is Deck.")]
    [InlineData("Deck", 601, null, "time", "This time lies after 0:00 and not after 10:00.")]
    [InlineData("Deck", 300, 59L, "time", "Deck stands after 60; 59 have not reached it.")]
    public void What_cannot_have_been_read_is_refused(string mark, int seconds, long? done, string key, string sentence) =>
        Assert.Equal(
            [($"pieces[0].marks[0].{key}", sentence)],
            Trial.Objections(Of("Deck").First, Seen(done, (mark, seconds))).Select(e => (e.Path, e.Message))
        );

    [Theory]
    [InlineData("Dock", "There is no checkpoint called Dock; there is Deck.")]
    [InlineData("rep 41 of burpee", "There is no rep 41 of burpee in the work.")]
    public void A_mark_that_is_not_there_is_named(string tie, string sentence) =>
        Assert.Contains(Of(tie).First.Sheet.Problems, p => p.Sentence == sentence);

    [Fact]
    public void Work_without_end_has_no_half() =>
        Assert.Contains(
            Trial
                .Tideline("9:00 for reps\n  rounds without end\n    9 sit-up\n\nscore: reps\n  tie: time at half of the work\n")
                .First.Sheet.Problems,
            p => p.Sentence == "Work without end has no half."
        );

    [Theory]
    [InlineData("9:00 for time\n  checkpoint Deck\n  9 burpee\n", "Nothing is done before Deck, so everybody passes it at 0:00.")]
    [InlineData(
        "9:00 for time\n  3 rounds\n    9 burpee\n    checkpoint Deck\n",
        "Deck stands in each round; say in which: checkpoint Deck, round 2 only."
    )]
    [InlineData(
        "9:00 for time\n  3 rounds\n    9 burpee\n    checkpoint Deck, round 5 only\n",
        "There is no round 5 here, so nobody passes Deck."
    )]
    [InlineData(
        "9:00 for time\n  9 burpee\n  checkpoint Deck\n  9 sit-up\n  checkpoint Deck\n  9 burpee\n",
        "There is a checkpoint called Deck already; each has a name of its own."
    )]
    [InlineData(
        "9:00 for reps\n  in any order\n    9 burpee\n    checkpoint Deck\n    9 sit-up\n",
        "This work has several counters; a checkpoint needs work in one order."
    )]
    public void A_checkpoint_that_is_none_is_named(string work, string sentence) =>
        Assert.Contains(Trial.Tideline(work + Trial.ForTime).Read.Findings(), f => f.Rule == "checkpoint-misfit" && f.Sentence == sentence);

    /// <summary>In one round of several, and as it is played: facts, card and desk say the same time.</summary>
    [Fact]
    public void A_run_passes_its_marks_once()
    {
        var u = Of("Deck", "14:00 for time\n  3 rounds\n    9 sit-up\n    checkpoint Deck, round 2 only\n    6 burpee\n").Read;
        Assert.Equal(24, NamedMark.Of(u.Courses[0].Pieces[0], u.Sheets[0]).Single().Units);
        var player = new Player(u, 0, PaceTable.Usual);
        for (var seed = 1UL; seed <= 30; seed++)
        {
            var run = player.Play(seed);
            var units = 0L;
            var passed = run.Events.First(e => e.What is Happened.Done d && (units += d.Units) >= 24).At;
            var read = Folding.Of(PlayedFacts.Of(run.End, run.Events, DateTimeOffset.UnixEpoch), u.Courses[0], u.Sheets[0]).Run;
            Assert.Equal([new MarkRead("Deck", Timing.Round(passed, u.Sheets[0].Resolution))], read.Of("0").Marks);
            Assert.Equal(read.Of("0").Marks, PlayedFacts.Observation(run.End).Of("0").Marks);
            Assert.Empty(Card.Validate(read, u.Courses[0], u.Sheets[0]));
        }
    }

    /// <summary>The nth rep of a movement against counting through the work.</summary>
    [Fact]
    public void The_nth_rep_agrees_with_counting() =>
        Gen.Select(Gen.Int[1, 5], Gen.Int[1, 5], Gen.Int[1, 6], Gen.Int[1, 60])
            .Sample(
                (a, b, rounds, n) =>
                {
                    var trial = Trial.Tideline(
                        $"20:00 for time\n  {rounds} rounds\n    {a} burpee\n    {b} sit-up\n    2-3-... burpee\n{Trial.ForTime}"
                    );
                    var piece = trial.First.Course.Pieces[0];
                    long? expected = null;
                    for (long unit = 1, seen = 0; unit <= piece.Strand!.Units && expected is null; unit++)
                    {
                        seen += piece.Tasks[piece.Strand.At(unit).Task].Prescription.Movement.Value == "burpee" ? 1 : 0;
                        expected = seen == n ? unit : null;
                    }

                    Assert.Equal(expected, NamedMark.RepOf(piece, "burpee", n)?.Units);
                },
                iter: 100
            );
}
