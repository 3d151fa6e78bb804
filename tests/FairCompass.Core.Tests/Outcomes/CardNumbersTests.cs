using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Outcomes.Desk;

namespace FairCompass.Core.Tests.Outcomes;

public class CardNumbersTests
{
    private static readonly Guid Card = Guid.NewGuid();

    private static ScoreFact Fact(long id, ScoreFactKind kind, long ms, long noReps = 0) =>
        new(
            id,
            Card,
            kind,
            new(EntryStatus.Ran, [new PieceObservation("0", new Duration(ms))]),
            noReps == 0 ? [] : [new("pull-up", noReps)],
            "",
            "somebody",
            default
        );

    private static CardNumbers Of(params ScoreFact[] facts) => CardNumbers.Of(facts);

    [Fact]
    public void Nothing_typed_is_nothing_and_not_zero() => Assert.Null(Of().Run);

    [Fact]
    public void The_same_from_two_hands_is_checked()
    {
        var now = Of(Fact(1, ScoreFactKind.Entered, 1000), Fact(2, ScoreFactKind.Again, 1000));
        Assert.Equal((true, true), (now.Checked, now.Differs is null));
    }

    [Theory]
    [InlineData(2000, 0)]
    [InlineData(1000, 3)]
    public void What_differs_stands_beside_and_holds_nothing_up(long ms, long noReps)
    {
        var now = Of(Fact(1, ScoreFactKind.Entered, 1000), Fact(2, ScoreFactKind.Again, ms, noReps));
        Assert.Equal((false, 2L), (now.Checked, now.Differs!.Id));
        Assert.Equal(1000, now.Run!.Pieces[0].Finish!.Value.Ms);
    }

    [Fact]
    public void A_correction_settles_what_differed_and_alone_is_not_checked()
    {
        var settled = Of(Fact(1, ScoreFactKind.Entered, 1000), Fact(2, ScoreFactKind.Again, 2000), Fact(3, ScoreFactKind.Corrected, 2000));
        Assert.Equal((true, 2000L), (settled.Checked, settled.Run!.Pieces[0].Finish!.Value.Ms));
        var alone = Of(Fact(1, ScoreFactKind.Entered, 1000), Fact(2, ScoreFactKind.Corrected, 2000));
        Assert.False(alone.Checked);
        Assert.True(
            Of(Fact(1, ScoreFactKind.Entered, 1000), Fact(2, ScoreFactKind.Corrected, 2000), Fact(3, ScoreFactKind.Again, 2000)).Checked
        );
    }

    /// <summary>What neither of two had typed, and what two had typed alike, is one hand’s word again after a correction.</summary>
    [Theory]
    [InlineData(2000, 3000)]
    [InlineData(1000, 2000)]
    public void A_correction_to_what_nobody_had_typed_wants_another_entry(long again, long corrected)
    {
        ScoreFact[] facts =
        [
            Fact(1, ScoreFactKind.Entered, 1000),
            Fact(2, ScoreFactKind.Again, again),
            Fact(3, ScoreFactKind.Corrected, corrected),
        ];
        Assert.False(Of(facts).Checked);
        Assert.True(Of([.. facts, Fact(4, ScoreFactKind.Again, corrected)]).Checked);
    }
}
