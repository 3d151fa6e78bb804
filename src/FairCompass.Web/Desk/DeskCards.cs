using System.Globalization;
using FairCompass.Core.Briefing;
using FairCompass.Core.Drafts;
using FairCompass.Core.Publishing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
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
public sealed class DeskCards(CardStore cards, ScoreStore scores, PhotoStore photos, DayBases bases, PublishedStore published, OpenDrafts drafts)
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

    /// <summary>A card to be typed; null where there is none, or its workout is not for its entry.</summary>
    /// <param name="competition">The competition.</param>
    /// <param name="card">The card.</param>
    /// <param name="level">The level whose fields are wanted; null for the one that holds.</param>
    /// <param name="cancel">Cancels.</param>
    public async Task<(DeskCard Card, Understanding Under, int Index)?> One(
        Guid competition,
        Guid card,
        string? level,
        CancellationToken cancel
    )
    {
        var day = await bases.Of(competition, cancel);
        var (plan, field) = (day.Plan, day.Field);
        if (
            await cards.One(competition, card, cancel) is not { } found
            || field.Entry(found.Entry) is not { } entry
            || await drafts.OpenPublished(found.Version, cancel) is not { } u
        )
        {
            return null;
        }

        var facts = await scores.OfCard(card, cancel);
        var numbers = CardNumbers.Of(facts);
        var (index, holding) = (EntryCourse.IndexOf(u, entry, level ?? numbers.Level), EntryCourse.IndexOf(u, entry, numbers.Level));
        if (index < 0)
        {
            return null;
        }

        var (course, sheet) = (u.Courses[index], u.Sheets[index]);
        var says = new SaidOfCard(numbers, u.Courses[holding], u.Sheets[holding]);
        var lane = plan.Heats.FirstOrDefault(h => h.Id == found.Heat)?.Lanes.FirstOrDefault(l => l.Entry == found.Entry);
        return (
            new(
                Line(found, plan, field),
                entry,
                [.. (lane?.Judges ?? []).Select(j => j is { } id ? field.Judge(id)?.Name ?? "" : "").Where(n => n.Length > 0)],
                await published.NumberOf(found.Version, cancel),
                CardReader.Fields(course, sheet),
                [
                    .. course
                        .Pieces.Select(p => new PieceTasks(p.Piece.Key, Core.Scoring.Card.Tasks(p).ToList()))
                        .Where(p => p.Tasks.Count > 0),
                ],
                CardReader.Movements(course),
                u.Competition.Unit,
                facts,
                numbers,
                says.Scores(u.Competition.Unit),
                [.. sheet.Components.Select(c => c.Name)],
                CardOptions.Of(course),
                says.Holds,
                says.Other(u, entry),
                says.Typed,
                [.. u.Resolver.Levels],
                EntryCourse.LevelOf(u, entry, level ?? numbers.Level) ?? "",
                await photos.Of(card, cancel)
            ),
            u,
            index
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
