using FairCompass.Access;
using FairCompass.Core.Briefing;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Languages;
using FairCompass.Core.Publishing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Outcomes.Desk;
using FairCompass.Planning.Days;
using FairCompass.Store;
using FairCompass.Store.Day;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using FairCompass.Web.Opening;
using Microsoft.AspNetCore.Http.HttpResults;
using NodaTime;

namespace FairCompass.Web.Day;

/// <summary>Prints the cards of heats.</summary>
/// <param name="Heats">The heats; of each run that has no card one is made.</param>
public sealed record PrintCards(Eq<Guid> Heats);

/// <summary>Says where a card is.</summary>
/// <param name="State">Where; that another stands for it is said by replacing it.</param>
/// <param name="Who">Who has it; at most 80 characters, may be empty.</param>
/// <param name="Reason">Why; at most 200 characters, may be empty.</param>
public sealed record SayCard(CardState State, string Who, string Reason);

/// <summary>Puts a new card in the place of one.</summary>
/// <param name="Reason">Why, 1 to 200 characters.</param>
public sealed record ReplaceCard(string Reason);

/// <summary>Every card, and those that are to be chased.</summary>
/// <param name="Cards">By version and number.</param>
/// <param name="Chase">Runs that are over and whose card is not back.</param>
public sealed record CardsOf(IReadOnlyList<Card> Cards, Eq<Chased> Chase);

/// <summary>Cards of runs: printed, out, back.</summary>
public static class CardEndpoints
{
    private const int LongestReason = 200;
    private const int LongestName = 80;

    /// <summary>Maps the addresses.</summary>
    public static void MapCards(this WebApplication app)
    {
        var tag = app.MapGroup("/api/competitions/{id:guid}/cards").WithTags("Cards");
        tag.MapGet("/", All).Needs(Right.SeeField).WithSummary("Where each card is, and which are to be chased.");
        tag.MapPost("/", Print)
            .Needs(Right.PlanDay, "printed cards")
            .WithSummary(
                "Gives each run of some heats a card, under the version in force for its heat; refused while it is not published."
            );
        tag.MapGet("/papers", Papers).Needs(Right.SeeField).WithSummary("The cards of a heat as they are printed.");
        tag.MapPut("/{card:guid}", Say).Needs(Right.TrackCards, "said where a card is").WithSummary("Says where a card is.");
        tag.MapPost("/{card:guid}/replace", Replace)
            .Needs(Right.TrackCards, "replaced a card")
            .WithSummary("Prints another card for a run; the old one counts no more.");
    }

    private static async Task<Ok<CardsOf>> All(Guid id, CardStore cards, PlanStore plans, TimeProvider clock, CancellationToken cancel) =>
        TypedResults.Ok(await Of(id, cards, plans, clock, cancel));

    private static async Task<CardsOf> Of(Guid id, CardStore cards, PlanStore plans, TimeProvider clock, CancellationToken cancel)
    {
        var all = await cards.Of(id, cancel);
        var plan = (await plans.Find(id, cancel))?.Value ?? Plan.Empty;
        return new(all, ChaseList.Of(plan, all, Instant.FromDateTimeOffset(clock.GetUtcNow())));
    }

    private static async Task<Results<Ok<CardsOf>, FieldsRefused>> Print(
        Guid id,
        PrintCards print,
        CardStore cards,
        PlanStore plans,
        PublishedStore published,
        WorkoutStore workouts,
        Fields fields,
        OpenDrafts drafts,
        TimeProvider clock,
        CancellationToken cancel
    )
    {
        var plan = (await plans.Find(id, cancel))?.Value ?? Plan.Empty;
        var field = await fields.Of(id, cancel);
        var runs = new List<RunWithoutCard>();
        foreach (var heat in plan.Heats.Where(h => print.Heats.Contains(h.Id)))
        {
            var workout = plan.SessionOf(heat).Workout;
            var versions = await published.Of(workout, cancel);
            if (
                versions.FirstOrDefault(v => v.Number == HoldsFrom.InForce(versions.Select(v => (v.Number, v.HoldsFrom)), heat.Number))
                is not { } version
            )
            {
                var title = (await workouts.Find(workout, cancel))?.Draft.Value.Split('\n')[0] ?? "This workout";
                return new FieldsRefused(
                    "heats",
                    $"{title} is not published, so there is no version to judge heat {heat.Number} under. Publish it first."
                );
            }

            if (WithoutLevel(await drafts.OpenPublished(version.Id, cancel), heat, field) is { } objection)
            {
                return new FieldsRefused("heats", objection);
            }

            runs.AddRange(heat.Lanes.Select(l => new RunWithoutCard(workout, version.Id, l.Entry, heat.Id)));
        }

        if (runs.Count == 0)
        {
            return new FieldsRefused("heats", "Nobody stands in these heats.");
        }

        await cards.Print(id, runs, cancel);
        return TypedResults.Ok(await Of(id, cards, plans, clock, cancel));
    }

    /// <summary>A card names the loads of its entry, so its level has to be known; null where it is.</summary>
    private static string? WithoutLevel(Understanding u, Heat heat, Field field)
    {
        var without = heat
            .Lanes.Select(l => field.Entry(l.Entry))
            .OfType<Planning.People.Entry>()
            .Where(e => EntryCourse.LevelOf(u, e) is "")
            .Select(e => e.Name)
            .ToList();
        if (without.Count == 0)
        {
            return null;
        }

        var more = without.Count > 3 ? $" and {Words.Count(without.Count - 3, "other")}" : "";
        var who = without.Count > 3 ? string.Join(", ", without.Take(3)) + more : Words.Join(without);
        return $"{u.Workout.Title} has the levels {Words.Join(u.Resolver.Levels)}, and nobody says which one {who} will do. "
            + "Read the list of athletes again with a column “Level”.";
    }

    private static async Task<Results<Ok<IReadOnlyList<Brief>>, NotThere>> Papers(
        Guid id,
        Guid heat,
        Guid? card,
        Language? language,
        CardStore cards,
        PlanStore plans,
        Fields fields,
        PublishedStore published,
        OpenDrafts drafts,
        CancellationToken cancel
    )
    {
        var plan = (await plans.Find(id, cancel))?.Value ?? Plan.Empty;
        if (plan.Heats.FirstOrDefault(h => h.Id == heat) is not { } found)
        {
            return NotThere.Gone("heat");
        }

        var field = await fields.Of(id, cancel);
        var versions = (await published.Of(plan.SessionOf(found).Workout, cancel)).ToDictionary(v => v.Id);
        var briefs = new List<Brief>();
        foreach (
            var one in (await cards.Of(id, cancel)).Where(c =>
                c.Heat == heat && c.State != CardState.Replaced && (card is null || c.Id == card)
            )
        )
        {
            if (field.Entry(one.Entry) is not { } entry || found.Lanes.FirstOrDefault(l => l.Entry == one.Entry) is not { } lane)
            {
                continue;
            }

            var version = versions[one.Version];
            var u = await drafts.OpenPublished(version.Id, cancel);
            var way = EntryCourse.IndexOf(u, entry);
            var run = RunCards.Of(found, lane, entry, field, way < 0 ? "" : u.Courses[way].Address.Within);
            briefs.Add(
                new BriefBuilder(
                    u,
                    entry.Division,
                    DateOnly.FromDateTime(found.Starts.ToDateTimeUnspecified()),
                    new()
                    {
                        Language = language ?? default,
                        Published = new(version.Sha256, version.Code),
                        FirstCard = one.Number,
                        Run = run,
                    }
                ).Build(Audience.LaneCard) with
                {
                    Version = version.Number,
                }
            );
        }

        return TypedResults.Ok<IReadOnlyList<Brief>>(briefs);
    }

    private static async Task<Results<Ok<CardsOf>, NotThere, FieldsRefused>> Say(
        Guid id,
        Guid card,
        SayCard say,
        CardStore cards,
        PlanStore plans,
        TimeProvider clock,
        CancellationToken cancel
    )
    {
        if (say.State == CardState.Replaced)
        {
            return new FieldsRefused("state", "A card is replaced by printing another.");
        }

        if (say.State is CardState.Entered or CardState.Checked)
        {
            return new FieldsRefused("state", "That a card is entered or checked follows from what the desk has typed.");
        }

        return Objection(say.Who, say.Reason, needed: false) is { } wrong ? wrong
            : await cards.Say(id, card, say.State, say.Who.Trim(), say.Reason.Trim(), cancel)
                ? TypedResults.Ok(await Of(id, cards, plans, clock, cancel))
            : NotThere.Gone("card");
    }

    private static async Task<Results<Ok<CardsOf>, NotThere, FieldsRefused>> Replace(
        Guid id,
        Guid card,
        ReplaceCard replace,
        CardStore cards,
        PlanStore plans,
        TimeProvider clock,
        CancellationToken cancel
    ) =>
        Objection("", replace.Reason, needed: true) is { } wrong ? wrong
        : await cards.Replace(id, card, replace.Reason.Trim(), cancel) ? TypedResults.Ok(await Of(id, cards, plans, clock, cancel))
        : NotThere.Gone("card");

    private static FieldsRefused? Objection(string who, string reason, bool needed) =>
        CompetitionRules.NameError(who, LongestName, required: false) is { } badName ? new FieldsRefused("who", badName)
        : needed && reason.Trim().Length == 0 ? new FieldsRefused("reason", "Say why.")
        : CompetitionRules.NameError(reason, LongestReason, required: false) is { } badReason ? new FieldsRefused("reason", badReason)
        : null;
}
