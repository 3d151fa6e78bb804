using FairCompass.Access;
using FairCompass.Outcomes.Incidents;
using FairCompass.Store.Day;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Standings;

/// <summary>Incidents: written down, decided, and what their decisions touch.</summary>
public static class IncidentEndpoints
{
    /// <summary>Maps the addresses.</summary>
    public static void MapIncidents(this WebApplication app)
    {
        var tag = app.MapGroup("/api/competitions/{id:guid}/incidents").WithTags("Incidents");
        tag.MapGet("/", All).Needs(Right.EnterScores).WithSummary("Every incident with its decision, and whom versions of the day touch.");
        tag.MapPost("/", Report)
            .Needs(Right.EnterScores, "wrote an incident down")
            .WithSummary("Writes an incident down and gives it a number.");
        tag.MapPost("/{number}/decision", Decide)
            .Needs(Right.DecideResults, "decided an incident")
            .WithSummary("Decides an incident with the reason; decided anew, the last decision holds.");
    }

    private static async Task<Ok<IncidentsOf>> All(Guid id, IncidentPages pages, CancellationToken cancel) =>
        TypedResults.Ok(await pages.Of(id, cancel));

    private static async Task<Results<Ok<IncidentsOf>, FieldsRefused>> Report(
        Guid id,
        ReportIncident report,
        ResultBook book,
        ResultStore store,
        IncidentPages pages,
        TimeProvider clock,
        CancellationToken cancel
    )
    {
        var snapshot = await book.Snapshot(id, cancel);
        var (entries, errors) = IncidentInput.Check(report, snapshot);
        if (errors.Count > 0)
        {
            return new FieldsRefused(errors);
        }

        var by = clock.GetUtcNow().UtcDateTime.AddMinutes(snapshot.Facts.Rules.DecideMinutes);
        await store.Report(
            id,
            report.SaveId,
            new(report.Kind, report.Workout, report.Heat, entries, report.What.Trim(), report.RaisedBy.Trim(), by),
            cancel
        );
        return TypedResults.Ok(await pages.Of(id, cancel));
    }

    private static async Task<Results<Ok<IncidentsOf>, NotThere, Conflicting, FieldsRefused>> Decide(
        Guid id,
        int number,
        DecideIncident decide,
        ResultBook book,
        ResultStore store,
        IncidentPages pages,
        CancellationToken cancel
    )
    {
        var snapshot = await book.Snapshot(id, cancel);
        if (snapshot.Facts.Incidents.FirstOrDefault(i => i.Number == number) is not { } incident)
        {
            return NotThere.Gone("incident");
        }

        var (decision, errors) = IncidentInput.Check(decide, incident, snapshot);
        if (errors.Count > 0)
        {
            return new FieldsRefused(errors);
        }

        var rerun = decision.Outcome == IncidentOutcome.RunsAgain ? incident.Report : null;
        if (!await store.Decide(id, number, decide.SaveId, decide.Seen, decision, rerun, cancel))
        {
            return new Conflicting(
                "Somebody has decided this incident meanwhile.",
                detail: "Nothing was stored; look at what was decided."
            );
        }

        return TypedResults.Ok(await pages.Of(id, cancel));
    }
}
