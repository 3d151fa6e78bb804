using FairCompass.Core.Drafts;
using FairCompass.Outcomes.Desk;
using FairCompass.Planning.People;
using FairCompass.Store.Day;
using FairCompass.Web.Standings;
using Card = FairCompass.Planning.Days.Card;
using CardState = FairCompass.Planning.Days.CardState;

namespace FairCompass.Web.Desk;

/// <summary>What stands behind a card at the desk: read once, for what is asked before it is stored and for what is shown after.</summary>
/// <param name="Day">The plan, and everybody.</param>
/// <param name="Card">The card.</param>
/// <param name="Entry">Whose it is.</param>
/// <param name="Under">The definition it was printed from.</param>
/// <param name="Version">The number of that version.</param>
/// <param name="Facts">What was typed, in order.</param>
/// <param name="Photos">Photographs of it.</param>
public sealed record CardBasis(
    DayBasis Day,
    Card Card,
    Entry Entry,
    Understanding Under,
    int Version,
    IReadOnlyList<ScoreFact> Facts,
    IReadOnlyList<CardPhoto> Photos
)
{
    /// <summary>The index of its way of the workout at a level; -1 where that is not for its entry.</summary>
    /// <param name="level">The level; empty for the one of the entry.</param>
    public int Way(string level) => EntryCourse.IndexOf(Under, Entry, level);

    /// <summary>The same after a fact was added.</summary>
    /// <param name="added">What came of it.</param>
    public CardBasis After(ScoreAdded added) =>
        this with
        {
            Facts = added.Facts,
            Card = Card with { State = Enum.Parse<CardState>(added.State, ignoreCase: true) },
        };
}
