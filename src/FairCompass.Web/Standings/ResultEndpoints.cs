using FairCompass.Access;
using FairCompass.Outcomes.Desk;
using FairCompass.Outcomes.Tables;
using FairCompass.Planning.Days;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Standings;

/// <summary>Results as everybody may read them, and why a place is what it is.</summary>
public static class ResultEndpoints
{
    /// <summary>Maps the addresses.</summary>
    public static void MapResults(this WebApplication app)
    {
        var tag = app.MapGroup("/api/competitions/{id:guid}/results").WithTags("Results");
        tag.MapGet("/", All)
            .Needs(Right.ReadPublished)
            .WithSummary("The results as they stand: by workout, division and score, overall, clubs; and how far each is.");
        tag.MapGet("/why", Why)
            .Needs(Right.ReadPublished)
            .WithSummary("Why an entry has its place: from its card, by every rule that moved it.");
    }

    private static async Task<Ok<ResultsOf>> All(Guid id, ResultBook book, CancellationToken cancel) =>
        TypedResults.Ok(await book.Of(id, cancel));

    private static async Task<Results<Ok<WhyOf>, NotThere>> Why(
        Guid id,
        Guid workout,
        Guid entry,
        ResultBook book,
        CancellationToken cancel
    )
    {
        var snapshot = await book.Snapshot(id, cancel);
        var results = book.Of(snapshot);
        var at = snapshot.Runs.ToList().FindIndex(r => r.Workout == workout);
        if (at < 0 || snapshot.Runs[at].Runs.FirstOrDefault(r => r.Entry.Id == entry) is not { } run)
        {
            return NotThere.Gone("result");
        }

        var division = run.Board;
        var names = results.Names.ToDictionary(n => n.Entry, n => n.Name);
        string Name(Guid e) => names.GetValueOrDefault(e, "somebody");
        var shown = results.Workouts[at];
        var tables = shown.Tables.Where(t => t.Division == division).ToList();
        // A table that was kept as it stood does not hold what it was ranked by: the one of the cards says it, while both are the same.
        var ranked = tables.ConvertAll(t =>
            t.Lines.All(l => l.Class is null || l.Result is not null)
                ? t
                : snapshot.Tables[at].FirstOrDefault(o => (o.Division, o.Score) == (t.Division, t.Score) && Standing.IsSame([o], [t])) ?? t
        );
        var steps = new List<WhyStep> { CardStep(snapshot, workout, run) };
        foreach (var table in ranked)
        {
            var line = table.Lines.FirstOrDefault(l => l.Entry == entry);
            if (line is { Reasons.Count: > 0 })
            {
                steps.Add(new(Head("The score", table.Score), line.Reasons));
            }

            steps.Add(new(Head("The place", table.Score), WhyPlace.Of(table, entry, Name)));
        }

        steps.Add(new("The rules of the score", [.. ranked.SelectMany(t => t.Rule).Distinct()]));
        if (results.Overall.FirstOrDefault(o => o.Rows.Any(r => r.Entry == entry)) is { } overall)
        {
            steps.Add(new("Overall", [.. WhyPlace.Of(overall, entry, Name), .. overall.Rule]));
        }

        return TypedResults.Ok(new WhyOf(ResultBook.Name(run.Entry), shown.Title, division, [.. steps.Where(s => s.Sentences.Count > 0)]));
    }

    /// <summary>The only score of a workout needs no name.</summary>
    private static string Head(string what, string score) => score == "the score" ? what : $"{what}: {score}";

    /// <summary>The card, field by field; who typed it and who judged is nobody’s business here.</summary>
    private static WhyStep CardStep(ResultSnapshot s, Guid workout, EntryRun run)
    {
        var card = s.Cards.First(c => c.Workout == workout && c.Entry == run.Entry.Id && c.State != CardState.Replaced);
        var heat = s.Plan.Heats.FirstOrDefault(h => h.Id == card.Heat);
        var lane = heat?.Lanes.FirstOrDefault(l => l.Entry == run.Entry.Id)?.Lane;
        var where = $"Card {card.Printed}, version {run.Version}{(heat is null ? "" : $", heat {heat.Number}")}";
        var first = where + (lane is { } l ? $", lane {l}." : ".");
        if (run.Run is not { } says || run.Index is not (>= 0 and var i))
        {
            return new("The card", [first, "Nothing was entered of it yet."]);
        }

        return new(
            "The card",
            [
                first,
                .. CardTexts.Said(says, [], run.Under.Courses[i], run.Under.Sheets[i]).Select(t => $"{t.Label}: {t.Text}"),
                run.Checked ? "Two have typed the same." : "Typed once.",
            ]
        );
    }
}
