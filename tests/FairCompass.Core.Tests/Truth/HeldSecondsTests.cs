using FairCompass.Core.Briefing;
using FairCompass.Core.Pacing;
using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Play;

namespace FairCompass.Core.Tests.Truth;

/// <summary>A position that is held, in seconds.</summary>
public class HeldSecondsTests
{
    private const string Two = "2 cycles, rest 1:00 between\n  2:00 for reps\n    max s dead hang\n\n";

    private static Trial Twice(string score) => Trial.Tideline(Two + $"score: {score}\n  tie: shared\n");

    private static PieceObservation[] Held(params long[] seconds) =>
        [.. seconds.Select((t, i) => new PieceObservation($"{i}") { Counted = t })];

    [Theory]
    [InlineData("seconds", "141 seconds")]
    [InlineData("best cycle by seconds", "88 seconds")]
    [InlineData("lowest cycle by seconds", "53 seconds")]
    public void Seconds_are_added_or_chosen_from(string score, string text)
    {
        var trial = Twice(score);
        Assert.Empty(trial.Read.Findings());
        Assert.Equal(text, Trial.Score(trial.First, Held(88, 53)).Text);
    }

    [Fact]
    public void Who_lets_go_has_ended_unless_it_may_be_broken()
    {
        var once = new Player(Twice("seconds").Read, 0, PaceTable.Usual).Play(3, 0);
        // One second after the other, and none after the grip was lost.
        var times = once.Events.Where(e => e.What is Happened.Done { Piece: "0" }).Select(e => e.At.Ms).ToList();
        Assert.All(times.Zip(times.Skip(1)), t => Assert.Equal(1000, t.Second - t.First));
        var work = "5:00 for reps\n  max s dead hang, may be broken\n\nscore: seconds\n  tie: shared\n";
        var often = new Player(Trial.Tideline(work).Read, 0, PaceTable.Usual).Play(3, 0);
        var broken = often.Events.Where(e => e.What is Happened.Done).Select(e => e.At.Ms).ToList();
        Assert.Contains(broken.Zip(broken.Skip(1)), t => t.Second - t.First > 1000);
    }

    [Fact]
    public void The_card_has_a_place_for_on_and_off()
    {
        var card = BriefMarkdown.Write(new BriefBuilder(Twice("seconds").Read, null, new(2026, 6, 6)).Build(Audience.LaneCard));
        Assert.Contains("| Position | Time | On at | Off at |", card, StringComparison.Ordinal);
        Assert.Contains("| Cycle 2 | Dead hang, s |  |", card, StringComparison.Ordinal);
    }

    [Fact]
    public void Seconds_up_to_an_amount_have_a_time()
    {
        var trial = Trial.Tideline("9:00 for time\n  60 s front plank\n  20 burpee\n" + Trial.ForTime);
        var finding = Assert.Single(trial.Read.Findings());
        Assert.Equal("60 s count as many reps here.", finding.Sentence);
        Assert.Equal("3:00", Trial.Score(trial.First, new PieceObservation("0") { Finish = Duration.Seconds(180) }).Text);
    }

    [Fact]
    public void Work_without_seconds_has_none_to_score() =>
        Assert.Contains(
            Trial.Tideline("9:00 for reps\n  max sit-up\n\nscore: seconds\n  tie: shared\n").Read.Findings(),
            f => f.Sentence == "No task of this work is in seconds."
        );
}
