using FairCompass.Core.Briefing;
using FairCompass.Core.Observing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Truth;

namespace FairCompass.Core.Tests.Scoring;

/// <summary>Every gate keeps its time, whatever breaks ties; the last one passed is the one that ties look at.</summary>
public class GateTimesTests
{
    private const string Work =
        "4:00 for reps\n  40 sit-up\n  gate, adds 2:00\n  30 burpee\n  gate, adds 1:00\n  max sit-up\n\nscore: reps\n";

    private static readonly Trial AtGates = Trial.Tideline(Work + "  tie: time at the last gate passed\n\ngate on the second: misses\n");

    private static PieceObservation At(long count, params string?[] gates) =>
        Trial.Counted(count) with
        {
            Gates = gates.Select(g => g is null ? (Duration?)null : Duration.TryParse(g)).ToEq(),
        };

    [Fact]
    public void Each_of_several_gates_has_a_field_and_the_last_time_follows()
    {
        var fields = Card.Fields(AtGates.First.Course, AtGates.First.Sheet);
        Assert.Equal(
            [(1, "clock at the gate after 40", "4:00"), (2, "clock at the gate after 70", "6:00")],
            fields.Where(f => f.Field == CardFieldKind.Gates).Select(f => (f.Number!.Value, f.Label, f.Limit!.Value.ToString()))
        );
        Assert.True(Assert.Single(fields, f => f.Field == CardFieldKind.TieTime).Spare);
        Assert.Equal("last gate at 5:40", AtGates.Score(At(75, "3:50", "5:40")).TieText);
        Assert.Equal("last gate at 3:50", AtGates.Score(At(60, "3:50", null)).TieText);
        // Who was first at the last gate wins, whether its time came alone or with the others.
        var (alone, all) = (
            AtGates.Score(Trial.Counted(75) with { TieTime = Duration.TryParse("5:40") }),
            AtGates.Score(At(75, "3:50", "5:40"))
        );
        Assert.Equal(0, Ranking.Compare(alone, all));
    }

    [Fact]
    public void A_tie_at_a_round_and_a_gate_have_a_field_each()
    {
        var (course, sheet) = Trial
            .Tideline(
                "6:00 for reps\n  3 rounds\n    10 sit-up\n    5 burpee\n  gate, adds 2:00\n  max sit-up\n"
                    + "\nscore: reps\n  tie: time at round 2\n"
            )
            .First;
        Assert.Equal(
            [(CardFieldKind.TieTime, false), (CardFieldKind.Gates, false)],
            Card.Fields(course, sheet).Where(f => f.Field is CardFieldKind.TieTime or CardFieldKind.Gates).Select(f => (f.Field, f.Spare))
        );
    }

    /// <summary>One moment is one field and one place on the card.</summary>
    [Fact]
    public void A_gate_that_ends_the_round_of_the_tie_is_written_down_once()
    {
        var trial = Trial.Tideline(
            "6:00 for reps\n  3 rounds\n    10 sit-up\n    gate, round 2 only, adds 2:00\n  max burpee\n"
                + "\nscore: reps\n  tie: time at round 2\n"
        );
        var fields = Card.Fields(trial.First.Course, trial.First.Sheet);
        Assert.DoesNotContain(fields, f => f.Field == CardFieldKind.Gates);
        Assert.False(Assert.Single(fields, f => f.Field == CardFieldKind.TieTime).Spare);
        var card = trial.Paper(Audience.LaneCard);
        Assert.Contains("Gate passed at", card, StringComparison.Ordinal);
        Assert.DoesNotContain("Clock at the end of the round", card, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("This gate closed at 4:00.", "gates[0]", 75, "4:01", "5:00")]
    [InlineData("The gate closes at 6:00, and on the second it is missed.", "gates[1]", 75, "3:50", "6:00")]
    [InlineData("This gate was passed after 3:50.", "gates[1]", 75, "3:50", "3:40")]
    [InlineData("60 have not passed the gate after 70.", "gates[1]", 60, "3:50", "5:00")]
    [InlineData("There are 2 gates.", "gates", 75, "3:50", "5:00", "6:10")]
    public void A_time_that_cannot_have_been_read_is_refused(string sentence, string field, int count, params string[] gates) =>
        Assert.Equal(
            [("pieces[0]." + field, sentence)],
            Trial.Objections(AtGates.First, At(count, gates)).Select(e => (e.Path, e.Message))
        );

    [Fact]
    public void Two_times_for_the_last_gate_are_refused() =>
        Assert.Equal(
            "The last gate passed was at 5:40; give one of the two.",
            Assert.Single(Trial.Objections(AtGates.First, At(75, "3:50", "5:40") with { TieTime = Duration.TryParse("5:30") })).Message
        );

    /// <summary>A time that the judge read is kept where no tie asks for it, too.</summary>
    [Theory]
    [InlineData("  tie: shared\n")]
    [InlineData("  tie: time at the last gate passed\n")]
    public void Facts_carry_the_time_of_each_gate(string tie)
    {
        var (course, sheet) = Trial.Tideline(Work + tie).First;
        Fact[] facts =
        [
            new Fact.Timed("0", new Mark.Gate(1), [Duration.Seconds(230)]),
            new Fact.Timed("0", new Mark.Gate(2), [Duration.Seconds(340)]),
            new Fact.Counted("0", "", 75),
        ];
        var seen = facts.Select((f, i) => new Observed(new(i + 1, 0, 0, new byte[8]), "Mo", DateTimeOffset.UnixEpoch, "desk", i + 1, f));
        var run = Folding.Of(seen, course, sheet).Run;
        Assert.Equal([Duration.Seconds(230), Duration.Seconds(340)], run.Of("0").Gates.Select(g => g!.Value));
        Assert.Empty(Card.Validate(run, course, sheet));
    }
}
