using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Publishing;

/// <summary>
/// What a published version holds: everything its papers are made from. The standards that are used are kept with it, so
/// that a later edition of the library does not change what was published.
/// </summary>
/// <param name="Competition">The competition as it was, with the standards that the workout uses as its own movements.</param>
/// <param name="Text">The text.</param>
public sealed record PublishedDocument(Competition Competition, string Text)
{
    /// <summary>The closure of a draft.</summary>
    public static PublishedDocument Of(Understanding u)
    {
        var book = StandardsBook.Of(u.Competition);
        var used = WorkoutWords.Movements(u.Workout).Select(m => book.Find(m.Name)).OfType<Movement>().DistinctBy(m => m.Id).ToEq();
        return new(u.Competition with { OwnMovements = used }, u.Text);
    }

    /// <summary>The document understood anew.</summary>
    public Understanding Understand() => Understanding.Of(Competition, Text);
}
