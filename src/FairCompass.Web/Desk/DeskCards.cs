using FairCompass.Core.Briefing;
using FairCompass.Core.Publishing;
using FairCompass.Outcomes.Desk;
using FairCompass.Planning.Days;
using FairCompass.Store;
using FairCompass.Store.Day;
using FairCompass.Web.Opening;
using FairCompass.Web.Scoring;
using FairCompass.Web.Standings;
using Card = FairCompass.Planning.Days.Card;

namespace FairCompass.Web.Desk;

/// <summary>Cards with all that the desk and the results need of them, out of the plan, the field and the versions.</summary>
/// <param name="cards">Where cards are kept.</param>
/// <param name="scores">What was typed.</param>
/// <param name="photos">Photographs of cards.</param>
/// <param name="bases">The plan, and everybody.</param>
/// <param name="published">The versions.</param>
/// <param name="drafts">Opens them.</param>
public sealed class DeskCards(
    CardStore cards,
    ScoreStore scores,
    PhotoStore photos,
    DayBases bases,
    PublishedStore published,
    OpenDrafts drafts
)
{
    private const int MostFound = 12;

    /// <summary>The cards that a word finds: what a scanner reads of a card or a person types of it, a number worn, a name.</summary>
    /// <param name="competition">The competition.</param>
    /// <param name="words">What was typed or scanned.</param>
    /// <param name="cancel">Cancels.</param>
    public async Task<IReadOnlyList<DeskLine>> Find(Guid competition, string words, CancellationToken cancel)
    {
        var key = NameList.Key(words);
        var scanned = CardCode.Read(words);
        return
        [
            .. (await Lines(competition, cancel))
                .Where(l =>
                    l.Card.State != CardState.Replaced
                    && (
                        scanned == (l.Card.Code, l.Card.Number)
                        || string.Equals(l.Bib, words.Trim(), StringComparison.OrdinalIgnoreCase)
                        || (key.Length > 2 && NameList.Key(l.Name).Contains(key, StringComparison.Ordinal))
                    )
                )
                .OrderBy(l => l.Card.State is CardState.Checked)
                .ThenBy(l => l.Card.State is CardState.Entered)
                .Take(MostFound),
        ];
    }

    /// <summary>What stands behind a card; null where there is none, or nobody of that number competes.</summary>
    public async Task<CardBasis?> Basis(Guid competition, Guid card, CancellationToken cancel)
    {
        var day = await bases.Of(competition, cancel);
        if (
            await cards.One(competition, card, cancel) is not { } found
            || day.Field.Entry(found.Entry) is not { } entry
            || await drafts.OpenPublished(found.Version, cancel) is not { } u
        )
        {
            return null;
        }

        return new(
            day,
            found,
            entry,
            u,
            await published.NumberOf(found.Version, cancel),
            await scores.OfCard(card, cancel),
            await photos.Of(card, cancel)
        );
    }

    /// <summary>A card to be typed; null where its workout is not for its entry.</summary>
    /// <param name="basis">What stands behind it.</param>
    /// <param name="level">The level whose fields are wanted; null for the one that holds.</param>
    public DeskCard? Shown(CardBasis basis, string? level)
    {
        var (u, numbers) = (basis.Under, CardNumbers.Of(basis.Facts));
        var (index, holding) = (basis.Way(level ?? numbers.Level), basis.Way(numbers.Level));
        if (index < 0)
        {
            return null;
        }

        var (course, sheet) = (u.Courses[index], u.Sheets[index]);
        var says = new SaidOfCard(numbers, u.Courses[holding], u.Sheets[holding]);
        var lane = basis
            .Day.Plan.Heats.FirstOrDefault(h => h.Id == basis.Card.Heat)
            ?.Lanes.FirstOrDefault(l => l.Entry == basis.Card.Entry);
        return new(
            Line(basis.Card, basis.Day.Plan, basis.Day.Field),
            basis.Entry,
            [.. (lane?.Judges ?? []).Select(j => j is { } id ? basis.Day.Field.Judge(id)?.Name ?? "" : "").Where(n => n.Length > 0)],
            basis.Version,
            CardReader.Fields(course, sheet),
            [.. course.Pieces.Select(p => new PieceTasks(p.Piece.Key, Core.Scoring.Card.Tasks(p).ToList())).Where(p => p.Tasks.Count > 0)],
            CardReader.Movements(course),
            u.Competition.Unit,
            basis.Facts,
            numbers,
            says.Scores(u.Competition.Unit),
            [.. sheet.Components.Select(c => c.Name)],
            CardOptions.Of(course),
            says.Holds,
            says.Other(u, basis.Entry),
            says.Typed,
            [.. u.Resolver.Levels],
            EntryCourse.LevelOf(u, basis.Entry, level ?? numbers.Level) ?? "",
            basis.Photos
        );
    }

    private async Task<IEnumerable<DeskLine>> Lines(Guid competition, CancellationToken cancel)
    {
        var day = await bases.Of(competition, cancel);
        return (await cards.Of(competition, cancel)).Select(c => Line(c, day.Plan, day.Field));
    }

    private static DeskLine Line(Card card, Plan plan, Field field)
    {
        var heat = plan.Heats.FirstOrDefault(h => h.Id == card.Heat);
        var entry = field.Entry(card.Entry);
        return new(
            card,
            entry?.Bib ?? "",
            entry?.Name ?? "",
            field.Workout(card.Workout)?.Title ?? "",
            heat?.Number ?? 0,
            heat?.Lanes.FirstOrDefault(l => l.Entry == card.Entry)?.Lane ?? 0
        );
    }
}
