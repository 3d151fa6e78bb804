using FairCompass.Access;
using FairCompass.Core.InForce;
using FairCompass.Core.Quantities;
using FairCompass.Outcomes.Tables;
using FairCompass.Planning.Days;
using FairCompass.Store;
using FairCompass.Store.Day;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Standings;

/// <summary>Making results final, opening them again, and what other rules would do to them.</summary>
public static class FinalEndpoints
{
    private const int LongestReason = 200;
    private const string Stale = "Something has changed since you looked at these results.";

    /// <summary>Maps the addresses.</summary>
    public static void MapFinals(this WebApplication app)
    {
        var tag = app.MapGroup("/api/competitions/{id:guid}/results").WithTags("Results");
        tag.MapPost("/final", Finish)
            .Needs(Right.DecideResults, "made results final")
            .WithSummary("Makes the results of a division final as they stand; refused with what is in the way.");
        tag.MapPost("/again", Again)
            .Needs(Right.DecideResults, "opened final results again")
            .WithSummary("Opens final results again, with the reason.");
        tag.MapPut("/rules", Settle)
            .Needs(Right.DecideResults, "said what makes results final")
            .WithSummary("Says what has to be before results are final, and how clubs are ranked.");
        tag.MapPost("/under/preview", Preview)
            .Needs(Right.DecideResults)
            .WithSummary("What another version would do to the cards that are typed: who moves, and why.");
        tag.MapPost("/under", Under)
            .Needs(Right.DecideResults, "scored cards under another version")
            .WithSummary("Scores the cards of a workout under another version, with the reason.");
    }

    private static async Task<Results<Ok<ResultsOf>, NotThere, Conflicting, FieldsRefused>> Finish(
        Guid id,
        MakeFinal make,
        ResultBook book,
        ResultStore store,
        CancellationToken cancel
    )
    {
        var snapshot = await book.Snapshot(id, cancel);
        var results = book.Of(snapshot);
        if (
            results.Workouts.FirstOrDefault(w => w.Workout == make.Workout) is not { } workout
            || workout.Standings.FirstOrDefault(s => s.Division == make.Division) is not { } standing
        )
        {
            return NotThere.Gone("result");
        }

        if (standing.State == StandingState.Final)
        {
            return TypedResults.Ok(results);
        }

        if (standing.Open.Count > 0)
        {
            return new FieldsRefused("division", string.Join(" ", standing.Open));
        }

        if (standing.State == StandingState.ProtestTime)
        {
            return new FieldsRefused("division", "The time to protest is not over.");
        }

        var fact = FinalDocument.Of(snapshot, results, id, make.Workout, make.Division);
        return await store.Finish(id, make.SaveId, make.Seq == snapshot.Seq ? snapshot.Seq : -1, fact, cancel)
            ? TypedResults.Ok(await book.Of(id, cancel))
            : new Conflicting(Stale, detail: "Nothing was made final; look at them as they are now.");
    }

    private static async Task<Results<Ok<ResultsOf>, NotThere, Conflicting, FieldsRefused>> Again(
        Guid id,
        OpenAgain open,
        ResultBook book,
        ResultStore store,
        CancellationToken cancel
    )
    {
        if (ReasonError(open.Reason) is { } wrong)
        {
            return new FieldsRefused(wrong);
        }

        var snapshot = await book.Snapshot(id, cancel);
        if (ResultBook.LastFinal(snapshot, open.Workout, open.Division) is not { Code.Length: > 0 })
        {
            return NotThere.Gone("final result");
        }

        var fact = new FinalFact(0, open.Workout, open.Division, "", [], open.Reason.Trim(), null, default);
        return await store.Finish(id, open.SaveId, open.Seq == snapshot.Seq ? snapshot.Seq : -1, fact, cancel)
            ? TypedResults.Ok(await book.Of(id, cancel))
            : new Conflicting(Stale, detail: "They are final as they were; look at them as they are now.");
    }

    private static async Task<Results<Ok<ResultsOf>, FieldsRefused>> Settle(
        Guid id,
        ResultRules rules,
        ResultBook book,
        ResultStore store,
        CancellationToken cancel
    )
    {
        if (rules.Objections().ToList() is { Count: > 0 } errors)
        {
            return new FieldsRefused(errors);
        }

        await store.Settle(id, rules, cancel);
        return TypedResults.Ok(await book.Of(id, cancel));
    }

    private static async Task<Results<Ok<WouldMove>, NotThere, FieldsRefused>> Preview(
        Guid id,
        ScoreUnder under,
        ResultBook book,
        CardRuns runs,
        PublishedStore published,
        CancellationToken cancel
    )
    {
        var snapshot = await book.Snapshot(id, cancel);
        if (Cards(snapshot, under.Workout) is not { Count: > 0 } cards)
        {
            return NotThere.Gone("result");
        }

        var versions = await published.Of(under.Workout, cancel);
        var version = versions.FirstOrDefault(v => v.Number == under.Version);
        if (under.Version != 0 && version is null)
        {
            return new FieldsRefused("version", "There is no such version.");
        }

        var now = snapshot.Tables[snapshot.Runs.ToList().FindIndex(r => r.Workout == under.Workout)];
        var then = await runs.Under(snapshot.Typed, cards, snapshot.Field, snapshot.Facts.Incidents, version?.Id, cancel);
        return TypedResults.Ok(
            new WouldMove(
                TableMoves.Of(now, ResultTable.Of(then.Runs)),
                [
                    .. then.CannotTake.Select(c =>
                        $"Card {c.Printed} of {snapshot.Field.Entry(c.Entry)?.PublicName} says what version {under.Version} does not ask."
                    ),
                ],
                [.. versions.Select(v => v.Number).Order()]
            )
        );
    }

    private static async Task<Results<Ok<ResultsOf>, NotThere, FieldsRefused>> Under(
        Guid id,
        ScoreUnder under,
        ResultBook book,
        ResultStore store,
        PublishedStore published,
        CancellationToken cancel
    )
    {
        if (ReasonError(under.Reason) is { } wrong)
        {
            return new FieldsRefused(wrong);
        }

        var snapshot = await book.Snapshot(id, cancel);
        if (Cards(snapshot, under.Workout).Count == 0)
        {
            return NotThere.Gone("result");
        }

        var version = (await published.Of(under.Workout, cancel)).FirstOrDefault(v => v.Number == under.Version);
        if (under.Version != 0 && version is null)
        {
            return new FieldsRefused("version", "There is no such version.");
        }

        await store.Rescore(id, under.SaveId, under.Workout, version?.Id, under.Reason.Trim(), cancel);
        return TypedResults.Ok(await book.Of(id, cancel));
    }

    private static List<Card> Cards(ResultSnapshot s, Guid workout) =>
        [.. s.Cards.Where(c => c.Workout == workout && c.State != CardState.Replaced)];

    private static FieldError? ReasonError(string reason) =>
        reason.Trim().Length == 0 ? new("reason", "Say why.")
        : CompetitionRules.NameError(reason, LongestReason, required: true) is { } wrong ? new("reason", wrong)
        : null;
}
