using FairCompass.Access;
using FairCompass.Outcomes.Desk;
using FairCompass.Outcomes.Tables;
using FairCompass.Planning;
using FairCompass.Store.Day;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Standings;

/// <summary>Results as files: a table for a spreadsheet, a page that needs nothing of ours, and everything they were computed
/// from.</summary>
public static class ResultFiles
{
    /// <summary>Maps the addresses.</summary>
    public static void MapResultFiles(this WebApplication app)
    {
        var tag = app.MapGroup("/api/competitions/{id:guid}/results").WithTags("Results");
        tag.MapGet("/table", Table).Needs(Right.ReadPublished).WithSummary("Every line of every table as comma-separated values.");
        tag.MapGet("/page", Page)
            .Needs(Right.ReadPublished)
            .WithSummary("The results as one page of HTML that needs no other file and no program.");
        tag.MapGet("/final/{code}", Final)
            .Needs(Right.ReadPublished)
            .WithSummary("Results as they were made final under a code, as one page of HTML, whatever has become of them since.");
        tag.MapGet("/facts", Facts)
            .Needs(Right.Look, "took results with their facts along")
            .WithSummary("The results with every fact that they were computed from.");
    }

    private static async Task<Download<CsvFile>> Table(Guid id, ResultBook book, CancellationToken cancel) =>
        new(ResultSheet.Write(await book.Of(id, cancel)), "results.csv");

    private static async Task<Download<HtmlFile>> Page(Guid id, ResultBook book, TimeProvider clock, CancellationToken cancel) =>
        new(StaticPage.Write(await book.Of(id, cancel), clock.GetUtcNow()), "results.html");

    private static async Task<Results<Download<HtmlFile>, NotThere>> Final(
        Guid id,
        string code,
        ResultBook book,
        TimeProvider clock,
        CancellationToken cancel
    )
    {
        var snapshot = await book.Snapshot(id, cancel);
        if (snapshot.Facts.Finals.FirstOrDefault(f => string.Equals(f.Code, code, StringComparison.OrdinalIgnoreCase)) is not { } final)
        {
            return NotThere.Gone("final result");
        }

        var results = book.Of(snapshot);
        var standing = new Standing(final.Division, StandingState.Final, [], null, final.Code, final.By, final.At, false);
        var kept = new WorkoutResults(
            final.Workout,
            snapshot.Field.Workout(final.Workout)?.Title ?? "",
            [.. final.Tables],
            [.. final.Tables.Select(t => standing with { Division = t.Division }).Distinct()],
            0
        );
        return new Download<HtmlFile>(
            StaticPage.Write(results with { Workouts = [kept], Overall = [], Clubs = [] }, clock.GetUtcNow()),
            $"results-{final.Code}.html"
        );
    }

    private static async Task<Download<JsonFile>> Facts(Guid id, ResultBook book, ScoreStore scores, CancellationToken cancel)
    {
        var snapshot = await book.Snapshot(id, cancel);
        var runs = snapshot.Runs.SelectMany(w =>
            w.Runs.Where(r => r.Run is not null)
                .Select(r => new ExportedRun(w.Workout, r.Entry.Id, r.Version, r.Under.Courses[r.Index].Address.ToString(), r.Run!))
        );
        return new(
            PlanJson.Write(
                new ExportedResults(
                    book.Of(snapshot),
                    snapshot.Cards,
                    snapshot.Typed,
                    [.. runs],
                    snapshot.Facts.Incidents,
                    snapshot.Facts.Rescored
                )
            ),
            "results.json"
        );
    }
}

/// <summary>What was scored of a card: its numbers with what was decided put to them.</summary>
/// <param name="Workout">The workout.</param>
/// <param name="Entry">The entry.</param>
/// <param name="Version">The number of the version it was scored under.</param>
/// <param name="Address">The way of the workout that the entry runs.</param>
/// <param name="Run">What was scored.</param>
public sealed record ExportedRun(Guid Workout, Guid Entry, int Version, string Address, Core.Scoring.RunObservation Run);

/// <summary>The results with every fact that they were computed from.</summary>
/// <param name="Results">The results.</param>
/// <param name="Cards">The cards.</param>
/// <param name="Facts">What was typed, in order.</param>
/// <param name="Runs">What was scored.</param>
/// <param name="Incidents">Incidents.</param>
/// <param name="Rescored">Under which versions cards are scored.</param>
public sealed record ExportedResults(
    ResultsOf Results,
    IReadOnlyList<Planning.Days.Card> Cards,
    IReadOnlyList<ScoreFact> Facts,
    IReadOnlyList<ExportedRun> Runs,
    IReadOnlyList<Outcomes.Incidents.Incident> Incidents,
    IReadOnlyList<RescoreFact> Rescored
);
