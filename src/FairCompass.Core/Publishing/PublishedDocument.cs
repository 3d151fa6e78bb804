using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Publishing;

/// <summary>
/// What a published version holds: everything its papers are made from. The standards that are used are kept with it as they
/// stood, so that a later edition of the library does not change what was published.
/// </summary>
/// <param name="Competition">The competition as it was, with the standards that the workout uses as its own movements.</param>
/// <param name="Text">The text.</param>
public sealed record PublishedDocument(Competition Competition, string Text)
{
    /// <summary>
    /// What the text meant when it was published, in no language; null in documents of before. Where a later reading differs, this
    /// holds.
    /// </summary>
    public Workout? Definition { get; init; }

    /// <summary>The standards as they stood for each division, with their texts; empty in documents of before.</summary>
    public Eq<StandingStandard> Standards { get; init; }

    /// <summary>The ids of the lines of the text, as the draft has them; empty in documents of before.</summary>
    public Eq<NodeId> Lines { get; init; }

    /// <summary>The closure of a draft. Its store adds the ids of the lines, when it holds the draft.</summary>
    public static PublishedDocument Of(Understanding u)
    {
        var book = StandardsBook.Of(u.Competition);
        var used = WorkoutWords
            .Movements(u.Workout)
            .Select(m => book.Find(m.Name))
            .OfType<Movement>()
            .Concat(book.Rules(u.Workout))
            .DistinctBy(m => m.Id)
            .ToEq();
        var divisions = u.Courses.Select(c => c.Address.Division.Name).Distinct().Prepend(null).ToList();
        return new(u.Competition with { OwnMovements = used }, u.Text)
        {
            Definition = u.Parsed.Workout,
            Standards = used.SelectMany(m => divisions.Select(d => new StandingStandard(d, book.Standing(m, d, u.Workout)))).ToEq(),
        };
    }

    /// <summary>The document understood anew, with the meaning and the standards that it was published with.</summary>
    public Understanding Understand()
    {
        // A copy, because the standards of this document stand for this instance alone.
        var competition = Competition with
        { };
        if (Standards.Count > 0)
        {
            StandardsBook.Fix(competition, Standards);
        }

        return Definition is null || Parser.Parse(Text).Workout == Definition
            ? Understanding.Of(ReadDraft.Of(competition, Text, LineIds.Given(Text, Lines.Select(l => l.Value).ToEq()).Value))
            : Understanding.Of(competition, Printer.Print(Definition));
    }
}
