using CsCheck;
using FairCompass.Core.Briefing;
using FairCompass.Core.Notation;
using FairCompass.Core.Observing;
using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Playing;

namespace FairCompass.Core.Tests.Truth;

/// <summary>A fault that is no part of a rep costs time or reps, so much each and no more than a limit.</summary>
public class FaultCostTests
{
    private const string Timed = "9:00 for time\n  30 deadlift, 80/55 kg\n\nscore: time\n  unfinished: cap line by reps\n  tie: shared\n";
    private const string Counted = "9:00 for reps\n  max deadlift, 80/55 kg\n\nscore: reps\n  tie: shared\n";
    private static readonly Trial ByTime = Trial.Tideline(Timed + "  penalty: 0:05 for each dropped bar, at most 0:30\n");
    private static readonly Trial ByReps = Trial.Tideline(Counted + "  penalty: -2 reps for each dropped bar, at most 10 reps\n");

    private static PieceObservation Seen(int? finish, long? counted, long faults) =>
        new("0", finish is { } s ? Duration.Seconds(s) : null) { Counted = counted, Faults = [new("dropped bar", faults)] };

    [Theory]
    [InlineData(0, "5:00")]
    [InlineData(3, "5:15")]
    [InlineData(9, "5:30")]
    public void Time_is_added_up_to_the_limit(long faults, string text) => Assert.Equal(text, ByTime.Score(Seen(300, null, faults)).Text);

    [Theory]
    [InlineData(20, 3, "14 reps")]
    [InlineData(20, 9, "10 reps")]
    [InlineData(4, 3, "0 reps")]
    [InlineData(7, 3, "1 rep")]
    public void Reps_are_taken_off_and_never_below_zero(long reps, long faults, string text) =>
        Assert.Equal(text, ByReps.Score(Seen(null, reps, faults)).Text);

    /// <summary>Who is stopped by the cap has no time to add it to, and stays behind who finished with every fault.</summary>
    [Fact]
    public void The_cap_line_is_untouched()
    {
        var stopped = ByTime.Score(Seen(null, 29, 6));
        Assert.Equal("29 of 30 at the cap", stopped.Text);
        Assert.Equal([2, 1], Ranking.Places([stopped, ByTime.Score(Seen(539, null, 6))]));
    }

    /// <summary>Where missing reps are turned into time, who does not finish has a time, and the paper says that it grows too.</summary>
    [Fact]
    public void Where_missing_reps_are_time_it_is_added_to_that()
    {
        var trial = Trial.Tideline(
            Timed.Replace("cap line by reps", "+0:01 for each missing rep", StringComparison.Ordinal)
                + "  penalty: 0:05 for each dropped bar\n"
        );
        Assert.StartsWith("9:11", trial.Score(Seen(null, 29, 2)).Text, StringComparison.Ordinal);
        var judge = trial.Paper(Audience.Judge);
        Assert.Contains("Who does not finish has it added too.", judge, StringComparison.Ordinal);
        Assert.DoesNotContain("has no time to add it to", judge, StringComparison.Ordinal);
    }

    /// <summary>With the same faults more reps, or an earlier finish, never rank lower; a fault more never ranks higher.</summary>
    [Fact]
    public void More_work_never_ranks_lower_and_a_fault_never_higher() =>
        Gen.Select(Gen.Int[0, 30], Gen.Int[0, 9], Gen.Int[1, 5], Gen.Int[60, 530])
            .Sample(
                (reps, faults, more, finish) =>
                {
                    var (few, many) = (ByReps.Score(Seen(null, reps, faults)), ByReps.Score(Seen(null, reps + more, faults)));
                    Assert.True(Ranking.Compare(many, few) <= 0);
                    Assert.True(Ranking.Compare(ByReps.Score(Seen(null, reps, faults + 1)), few) >= 0);
                    var late = ByTime.Score(Seen(finish + more, null, faults));
                    Assert.True(Ranking.Compare(ByTime.Score(Seen(finish, null, faults)), late) <= 0);
                    Assert.True(Ranking.Compare(ByTime.Score(Seen(finish + more, null, faults + 1)), late) >= 0);
                },
                iter: 300
            );

    [Fact]
    public void The_card_has_a_row_for_strokes_and_a_field_for_their_number()
    {
        Assert.Empty(ByTime.Read.Findings());
        var card = ByTime.Paper(Audience.LaneCard);
        Assert.Contains("Faults that cost", card, StringComparison.Ordinal);
        Assert.Contains("+0:05", card, StringComparison.Ordinal);
        Assert.Contains("Faults called: dropped bar", card, StringComparison.Ordinal);
        Assert.Contains("the judge calls “dropped bar, 0:05” and makes a stroke", ByTime.Paper(Audience.Judge), StringComparison.Ordinal);
        Assert.Single(
            Card.Fields(ByTime.First.Course, ByTime.First.Sheet),
            f => f is { Field: CardFieldKind.Faults, Fault: "dropped bar" }
        );
        Assert.Empty(CardAgainstRun.Faults(ByTime.Read, 5));
    }

    /// <summary>What is called at the lane stands on the card and among the facts, and costs what the line says.</summary>
    [Fact]
    public void A_run_in_which_it_is_called_is_scored_with_it()
    {
        var state = PlayedCourse.Start(ByTime.First.Course, ByTime.First.Sheet);
        Happening At(int seconds, Happened what) => new(Duration.Seconds(seconds), what);
        Happening[] run =
        [
            At(20, new Happened.Done("0", "", 10)),
            At(22, new Happened.FaultCalled("0", "dropped bar")),
            At(40, new Happened.FaultCalled("0", "dropped bar")),
            At(90, new Happened.Done("0", "", 20)),
        ];
        state = run.Aggregate(state, (s, h) => s.After(h));
        Assert.Equal([new FaultSeen("dropped bar", 2)], state.Pieces[0].Faults);
        var facts = PlayedFacts.Of(state, run);
        Assert.Single(facts, f => f.Fact == new Fact.Faulted("0", "dropped bar", 2));
        var read = Folding.Of(facts, ByTime.First.Course, ByTime.First.Sheet);
        Assert.Empty(read.Troubles);
        Assert.Equal("1:40", Scorer.Score(read.Run, ByTime.First.Course, ByTime.First.Sheet, MassUnit.Kilogram)[0].Text);
        Assert.Equal(
            "Nobody has said what this fault costs here.",
            Assert
                .IsType<Outcome.Refused>(
                    PlayedCourse.Start(ByTime.First.Course, ByTime.First.Sheet).Apply(At(5, new Happened.FaultCalled("0", "spilt chalk")))
                )
                .Sentence
        );
    }

    /// <summary>Two who counted other strokes: neither holds until somebody decides.</summary>
    [Fact]
    public void Strokes_that_differ_are_disputed()
    {
        Observed Seen(int n, long times) =>
            new(new Guid(n, 0, 0, new byte[8]), $"judge {n}", default, $"d{n}", 1, new Fact.Faulted("0", "dropped bar", times));
        var read = Folding.Of([Seen(1, 2), Seen(2, 3)], ByTime.First.Course, ByTime.First.Sheet);
        Assert.Equal("how often dropped bar was called in part 0", Assert.Single(read.Disputes).About);
        Assert.Equal(
            "fault",
            Assert
                .Single(
                    Folding
                        .Of([Seen(1, 2) with { Fact = new Fact.Faulted("0", "spilt chalk", 1) }], ByTime.First.Course, ByTime.First.Sheet)
                        .Troubles
                )
                .Field
        );
    }

    [Theory]
    [InlineData("penalty: 0:05 for each dropped bar, at most 0:30")]
    [InlineData("penalty: -1 rep for each bar on the line")]
    [InlineData("penalty: -2 reps for each dropped bar, at most 10 reps")]
    public void Lines_are_printed_as_they_were_written(string line)
    {
        var trial = Trial.Tideline((line.Contains("rep", StringComparison.Ordinal) ? Counted : Timed) + $"  {line}\n");
        Assert.Empty(trial.Read.Parsed.Problems);
        Assert.Contains($"\n  {line}\n", Printer.Print(trial.Read.Workout), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(Timed, "-1 rep for each dropped bar", "Reps are taken off a count of reps")]
    [InlineData(Counted, "0:05 for each dropped bar", "Time is added to a time")]
    [InlineData(Timed, "0:00 for each dropped bar", "A fault that costs nothing")]
    [InlineData(Timed, "0:30 for each dropped bar, at most 0:05", "At most cannot be less")]
    public void What_cannot_be_applied_is_said(string work, string line, string sentence) =>
        Assert.Contains(
            Trial.Tideline($"{work}  penalty: {line}\n").First.Sheet.Problems,
            p => p.Sentence.StartsWith(sentence, StringComparison.Ordinal)
        );

    [Theory]
    [InlineData("spilt chalk", 1, "No fault called spilt chalk has a cost here.")]
    [InlineData("dropped bar", -1, "From 0 to 1000.")]
    public void A_card_with_what_nobody_asks_for_is_refused(string fault, long times, string sentence) =>
        Assert.Equal(
            sentence,
            Assert
                .Single(Trial.Objections(ByTime.First, new PieceObservation("0", Duration.Seconds(300)) { Faults = [new(fault, times)] }))
                .Message
        );
}
