using FairCompass.Core.Drafts;
using FairCompass.Core.Tests.Notation;
using FairCompass.Store.Demo;

namespace FairCompass.Core.Tests.Playing;

/// <summary>
/// A run is played rep by rep, a judge who works nothing out fills in the card that is printed, a desk types it in: the score must be
/// the one of what was seen.
/// </summary>
public class CardsAgainstRunsTests
{
    public static TheoryData<string> Texts => DraftTexts.Demos;

    [Theory]
    [MemberData(nameof(Texts))]
    public void The_card_scores_what_was_seen(string demo)
    {
        var wrong = CardAgainstRun.Faults(Understanding.Of(SaltmarshFerryGames.Competition, DraftTexts.Read(demo)), 12);
        Assert.True(wrong.Count == 0, $"{wrong.Count}:\n" + string.Join('\n', wrong.Take(12)));
    }
}
