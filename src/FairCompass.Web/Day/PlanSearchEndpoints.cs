using FairCompass.Access;
using FairCompass.Planning.Days;
using FairCompass.Planning.Solving;
using FairCompass.Store.Day;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using FairCompass.Web.Standings;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Day;

/// <summary>Begins a search for a better plan.</summary>
/// <param name="BaseRevision">The revision that was read.</param>
public sealed record BeginSearch(int BaseRevision);

/// <summary>A search for a better plan, as far as it is.</summary>
/// <param name="BaseRevision">The revision it began from, 0 where none was sought; a plan that has changed since is not
/// replaced by what it finds.</param>
/// <param name="Seconds">How long it has been going on, or since when it is over.</param>
/// <param name="IsRunning">True while it goes on.</param>
/// <param name="IsBroken">True where it was broken off, by a restart say.</param>
/// <param name="First">How good the plan at once is.</param>
/// <param name="Best">How good the best plan yet is.</param>
/// <param name="AtLeast">Minutes that the days take at least with these heats, whoever plans them; null while nobody knows.</param>
/// <param name="Conflicts">What no plan can keep to, and why; null while nobody knows.</param>
/// <param name="Difference">What taking the best plan would change.</param>
public sealed record SearchShown(
    int BaseRevision,
    int Seconds,
    bool IsRunning,
    bool IsBroken,
    PlanWorth? First,
    PlanWorth? Best,
    long? AtLeast,
    IReadOnlyList<PlanConflict>? Conflicts,
    PlanDifference? Difference
);

/// <summary>Better plans than the one made at once.</summary>
public static class PlanSearchEndpoints
{
    /// <summary>Maps the addresses.</summary>
    public static void MapPlanSearch(this WebApplication app)
    {
        var tag = app.MapGroup("/api/competitions/{id:guid}/plan/search").WithTags("Plan");
        tag.MapGet("/", Read).Needs(Right.PlanDay).WithSummary("The newest search for a better plan, as far as it is.");
        tag.MapPost("/", Begin).Needs(Right.PlanDay, "sought a better plan").WithSummary("Seeks a better plan for about a minute.");
        tag.MapPost("/stop", Stop).Needs(Right.PlanDay).WithSummary("Ends the search with what it has found.");
    }

    private static async Task<Ok<SearchShown>> Read(
        Guid id,
        PlanSearchStore searches,
        PlanStore plans,
        Fields fields,
        TimeProvider clock,
        CancellationToken cancel
    )
    {
        if (await searches.Newest(id, cancel) is not { } search)
        {
            return TypedResults.Ok(new SearchShown(0, 0, false, false, null, null, null, null, null));
        }

        var (f, plan) = (search.Findings, await plans.Find(id, cancel));
        return TypedResults.Ok(
            new SearchShown(
                search.BaseRevision,
                (int)Math.Max(0, (clock.GetUtcNow().UtcDateTime - search.StartedAt).TotalSeconds),
                search.IsRunning,
                search.IsBroken,
                f?.First,
                f?.Worth,
                f?.AtLeast,
                f?.Conflicts?.ToArray(),
                f is null || plan is null || search.IsRunning ? null : Replan.Between(plan.Value, f.Best, await fields.Of(id, cancel))
            )
        );
    }

    private static async Task<Results<Accepted, Conflicting>> Begin(
        Guid id,
        BeginSearch begin,
        PlanSearchStore searches,
        PlanSearches running,
        PlanStore plans,
        Fields fields,
        ResultBook book,
        CancellationToken cancel
    )
    {
        if (await plans.Find(id, cancel) is not { } plan || plan.Revision != begin.BaseRevision)
        {
            return PlanEndpoints.Outdated;
        }

        var search = Guid.CreateVersion7();
        if (!await searches.Begin(id, search, plan.Revision, cancel))
        {
            return new Conflicting("A better plan is being sought already.", detail: "Wait for it, or end it.");
        }

        var field = await book.WithStanding(id, await fields.Of(id, cancel), plan.Value, cancel);
        running.Begin(search, plan.Value, field, SearchLimit.Usual with { Seed = plan.Value.Draw });
        return TypedResults.Accepted((string?)null);
    }

    private static async Task<Ok> Stop(Guid id, PlanSearchStore searches, CancellationToken cancel)
    {
        await searches.Stop(id, cancel);
        return TypedResults.Ok();
    }
}
