using FairCompass.Access;
using FairCompass.Core.Competitions;
using FairCompass.Core.Scoring;
using FairCompass.Web.Access;
using FairCompass.Web.Drafting;
using FairCompass.Web.Hosting;
using FairCompass.Web.Opening;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Scoring;

/// <summary>Asks for the card and the samples of a draft, and perhaps for the score of one run.</summary>
/// <param name="Body">The draft.</param>
/// <param name="Division">The division.</param>
/// <param name="Duty">The duty.</param>
/// <param name="Run">What the card says; null to ask for the card only.</param>
public sealed record TryRequest(string Body, string Division, string Duty, RunObservation? Run);

/// <summary>The card, the samples, and the tried result.</summary>
/// <param name="Components">The names of the scores.</param>
/// <param name="Rules">Each score's rule in sentences.</param>
/// <param name="Fields">What the card asks for.</param>
/// <param name="Tasks">For each counted piece its tasks, to name a place in the ledger.</param>
/// <param name="Samples">Sample results; their places count the tried result when there is one.</param>
/// <param name="WhatIf">Other rules on the same runs: who moves, and why.</param>
/// <param name="Tried">The tried result, or null.</param>
public sealed record TryAnswer(
    IReadOnlyList<string> Components,
    IReadOnlyList<IReadOnlyList<string>> Rules,
    IReadOnlyList<CardField> Fields,
    IReadOnlyList<PieceTasks> Tasks,
    IReadOnlyList<SampleResult> Samples,
    IReadOnlyList<WhatIf> WhatIf,
    Tried? Tried
);

/// <summary>The tasks of a counted piece.</summary>
/// <param name="Piece">The piece's key.</param>
/// <param name="Tasks">The tasks in order.</param>
public sealed record PieceTasks(string Piece, IReadOnlyList<CardTask> Tasks);

/// <summary>A tried result.</summary>
/// <param name="Results">One for each score.</param>
/// <param name="Places">The places among the samples.</param>
/// <param name="Of">How many results there are with this one.</param>
/// <param name="Other">The scores under the other school for the cap, with places; empty when there is no cap.</param>
/// <param name="OtherWords">The difference between the schools in a sentence, or null.</param>
public sealed record Tried(
    IReadOnlyList<ComponentResult> Results,
    IReadOnlyList<int> Places,
    int Of,
    IReadOnlyList<OtherResult> Other,
    string? OtherWords
);

/// <summary>A score under the other school.</summary>
public sealed record OtherResult(string Component, string Text, int Place);

/// <summary>Trying results.</summary>
public static class ScoringEndpoints
{
    /// <summary>Maps <c>POST /api/competitions/{id}/try</c>.</summary>
    public static void MapScoring(this WebApplication app) =>
        app.MapPost("/api/competitions/{id:guid}/try", Try)
            .WithTags("Scoring")
            .Needs(Right.Look)
            .WithSummary("The card of a draft, sample results, and the score and place of a tried one.");

    private static async Task<Results<Ok<TryAnswer>, NotThere, FieldsRefused>> Try(
        Guid id,
        TryRequest request,
        OpenDrafts drafts,
        CancellationToken cancel
    )
    {
        if (DraftInput.Objections(request.Body, "body") is { } refused)
        {
            return refused;
        }

        if (await drafts.Read(id, request.Body, cancel) is not { } u)
        {
            return NotThere.Gone("competition");
        }

        var competition = u.Competition;
        var index = u.IndexOf(request.Division, request.Duty);
        if (index < 0)
        {
            return new FieldsRefused("division", $"This workout is not for {request.Division} {request.Duty}.");
        }

        var (course, sheet) = (u.Courses[index], u.Sheets[index]);
        var samples = SampleRuns.Of(course, sheet, competition);
        Tried? tried = null;
        if (request.Run is { } seen)
        {
            var run = Card.Resolve(seen, course);
            if (Card.Validate(run, course, sheet) is { Count: > 0 } errors)
            {
                return new FieldsRefused(errors.Select(e => e with { Path = "run." + e.Path }).ToList());
            }

            (tried, samples) = Place(run, course, sheet, samples, competition);
        }

        return TypedResults.Ok(
            new TryAnswer(
                sheet.Components.Select(c => c.Name).ToList(),
                sheet.Components.Select(c => (IReadOnlyList<string>)ScoreSentences.Of(c, sheet, course).ToList()).ToList(),
                Card.Fields(course, sheet).ToList(),
                course.Pieces.Select(p => new PieceTasks(p.Piece.Key, Card.Tasks(p).ToList())).Where(p => p.Tasks.Count > 0).ToList(),
                samples.ToList(),
                WhatIf.Of(sheet, course, Runs(samples, request.Run is { } mine ? Card.Resolve(mine, course) : null), competition).ToList(),
                tried
            )
        );
    }

    private static List<(string, RunObservation)> Runs(Core.Quantities.Eq<SampleResult> samples, RunObservation? tried) =>
        samples.Select(s => (s.Label, s.Run)).Concat(tried is null ? [] : [("the tried result", tried)]).ToList();

    private static (Tried, Core.Quantities.Eq<SampleResult>) Place(
        RunObservation run,
        Core.Courses.Course course,
        ScoreSheet sheet,
        Core.Quantities.Eq<SampleResult> samples,
        Competition competition
    )
    {
        var result = Scorer.Score(run, course, sheet, competition.Unit);
        var places = SampleRuns.Places(samples.Select(s => s.Results).Append(result).ToList(), sheet.Components.Count);
        var others = new List<OtherResult>();
        if (OtherSchool.Of(sheet) is { } other)
        {
            var all = samples.Select(s => s.Run).Append(run).Select(r => Scorer.Score(r, course, other, competition.Unit)).ToList();
            var otherPlaces = SampleRuns.Places(all, other.Components.Count);
            others.AddRange(
                other
                    .Components.Select((c, i) => (c, i))
                    .Where(x => x.c.Cap is not null)
                    .Select(x => new OtherResult(x.c.Name, all[^1][x.i].Text, otherPlaces[^1][x.i]))
            );
        }

        var words = sheet.Components.FirstOrDefault(c => c.Cap is CapRule.CapLine or CapRule.Penalty) is { } capped
            ? OtherSchool.Sentence(capped.Cap)
            : null;
        var moved = Core.Quantities.Eq.From<SampleResult>(samples.Select((s, i) => s with { Places = places[i] }).ToArray());
        return (new Tried(result.ToList(), places[^1].ToList(), samples.Count + 1, others, words), moved);
    }
}
