using FairCompass.Access;
using FairCompass.Outcomes.Desk;
using FairCompass.Outcomes.Incidents;
using FairCompass.Planning.Days;
using FairCompass.Planning.People;
using FairCompass.Store.Day;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Day;

/// <summary>Everything that is kept about somebody who competes.</summary>
/// <param name="Person">Who.</param>
/// <param name="Contact">How they are reached; null where nothing is kept.</param>
/// <param name="Entries">Where they stand.</param>
/// <param name="History">What became of these entries.</param>
/// <param name="Readings">What was measured on somebody of their name.</param>
/// <param name="Times">Their times.</param>
/// <param name="Cards">Their cards.</param>
/// <param name="Typed">What was typed of them.</param>
/// <param name="Incidents">Incidents that name one of their entries.</param>
/// <param name="Photos">Photographs of their cards.</param>
public sealed record KeptOf(
    Person Person,
    string? Contact,
    IReadOnlyList<Planning.People.Entry> Entries,
    IReadOnlyList<EntryChange> History,
    IReadOnlyList<KeptReading> Readings,
    IReadOnlyList<OwnTime> Times,
    IReadOnlyList<Card> Cards,
    IReadOnlyList<ScoreFact> Typed,
    IReadOnlyList<Incident> Incidents,
    IReadOnlyList<CardPhoto> Photos
);

/// <summary>What is kept about those who compete: theirs to have.</summary>
public static class KeptEndpoints
{
    /// <summary>Maps the addresses.</summary>
    public static void MapKept(this WebApplication app)
    {
        var tag = app.MapGroup("/api/competitions/{id:guid}/entries").WithTags("Entries");
        tag.MapGet("/people/{person:guid}/kept", Kept)
            .Needs(Right.SeeContacts)
            .WithSummary("Everything that is kept about somebody who competes, for them to have.");
        tag.MapGet("/{entry:guid}/readings", Readings)
            .Needs(Right.SeeMeasured)
            .WithSummary("What was measured on those of an entry, by their names.");
    }

    private static async Task<Results<Ok<IReadOnlyList<KeptReading>>, NotThere>> Readings(
        Guid id,
        Guid entry,
        EntryStore entries,
        KeptStore kept,
        CancellationToken cancel
    ) =>
        (await entries.Of(id, cancel)).FirstOrDefault(e => e.Entry.Id == entry) is { } found
            ? TypedResults.Ok(await kept.Readings(id, found.Entry.Members.Select(m => m.Name), cancel))
            : NotThere.Gone("entry");

    private static async Task<Results<Ok<KeptOf>, NotThere>> Kept(
        Guid id,
        Guid person,
        EntryStore entries,
        CardStore cards,
        PlanStore plans,
        Fields fields,
        KeptStore kept,
        ScoreStore scores,
        ResultStore results,
        PhotoStore photos,
        CancellationToken cancel
    )
    {
        var mine = (await entries.Of(id, cancel)).Select(e => e.Entry).Where(e => e.Members.Any(m => m.Id == person)).ToList();
        if (mine.SelectMany(e => e.Members).FirstOrDefault(m => m.Id == person) is not { } who)
        {
            return NotThere.Gone("person");
        }

        var (plan, field) = ((await plans.Find(id, cancel))?.Value ?? Plan.Empty, await fields.Of(id, cancel));
        var history = new List<EntryChange>();
        foreach (var entry in mine)
        {
            history.AddRange(await entries.History(id, entry.Id, cancel));
        }

        var ids = mine.Select(e => e.Id).ToHashSet();
        var own = (await cards.Of(id, cancel)).Where(c => ids.Contains(c.Entry)).ToList();
        var numbers = own.Select(c => c.Id).ToHashSet();
        var pictures = new List<CardPhoto>();
        foreach (var card in own)
        {
            pictures.AddRange(await photos.Of(card.Id, cancel));
        }

        return TypedResults.Ok(
            new KeptOf(
                who,
                (await entries.Contacts(id, cancel)).GetValueOrDefault(person),
                mine,
                history,
                await kept.Readings(id, [who.Name], cancel),
                [.. mine.SelectMany(e => OwnTimes.OfEntry(plan, field, e.Id))],
                own,
                [.. (await scores.Of(id, cancel)).Where(f => numbers.Contains(f.Card))],
                [.. (await results.Of(id, cancel)).Incidents.Where(i => i.Report.Entries.Any(ids.Contains))],
                pictures
            )
        );
    }
}
