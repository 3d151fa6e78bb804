using System.Text.Json;
using FairCompass.Access;
using FairCompass.Core.Checks;
using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Text;
using FairCompass.Web.Access;
using FairCompass.Web.Drafting;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Calculators;

/// <summary>Stateless calculators for other programs: score and rank.</summary>
public static class CalculatorEndpoints
{
    private const int MostRuns = 2000;
    private const int MostEntries = 5000;
    private const int MostScores = 20;
    private const int MostBoardName = 60;

    /// <summary>Maps <c>POST /api/score</c> and <c>POST /api/rank</c>.</summary>
    public static void MapCalculators(this WebApplication app)
    {
        var tag = app.MapGroup("/api").WithTags("Calculators");
        tag.MapPost("/score", Score)
            .Needs(Right.Calculate)
            .WithSummary("Scores observations of one or many entries under a definition; nothing is stored.");
        tag.MapPost("/rank", Rank)
            .Needs(Right.Calculate)
            .WithSummary("Places, points and the overall table of results; nothing is stored.");
    }

    private static Results<Ok<ScoreAnswer>, FieldsRefused> Score(ScoreRequest request)
    {
        if (CompetitionRules.Validate(request.Competition) is { Count: > 0 } wrong)
        {
            return new FieldsRefused(wrong.Select(e => e with { Path = "competition." + e.Path }).ToList());
        }

        if (DraftInput.Read(request.Text, request.Workout, out var text) is { } refused)
        {
            return refused;
        }

        if (request.Runs.Count is < 1 or > MostRuns)
        {
            return new FieldsRefused("runs", $"From 1 to {MostRuns} entries; these are {request.Runs.Count}.");
        }

        var u = Understanding.Of(request.Competition, text);
        if (Chosen(u, request, "entry", out var index) is { } nobody)
        {
            return nobody;
        }

        var (course, sheet) = (u.Courses[index], u.Sheets[index]);
        if (sheet.Components.Count == 0)
        {
            return new FieldsRefused([
                new(
                    request.Text is null ? "workout" : "text",
                    "No score of this definition can be computed; ask /api/explain for its findings."
                ),
            ]);
        }

        var runs = request.Runs.Select(r => r with { Attempts = r.Attempts.Select(a => Card.Resolve(a, course)).ToList() }).ToList();
        var errors = Objections(runs, course, sheet);
        if (errors.Count > 0)
        {
            return new FieldsRefused(errors);
        }

        var results = runs.Select(r => Scorer.Score(r.Attempts, course, sheet, request.Competition.Unit)).ToList();
        var places = Enumerable.Range(0, sheet.Components.Count).Select(c => Ranking.Places(results.Select(r => r[c]).ToList())).ToList();
        if (MovesOf(request, runs, results, sheet, out var moves) is { } unlike)
        {
            return unlike;
        }

        return TypedResults.Ok(Answer(u, course, sheet, runs, results, places, moves));
    }

    private static ScoreAnswer Answer(
        Understanding u,
        Course course,
        ScoreSheet sheet,
        List<ScoredRun> runs,
        List<Core.Quantities.Eq<ComponentResult>> results,
        List<int[]> places,
        IReadOnlyList<IReadOnlyList<Move>> moves
    ) =>
        new ScoreAnswer(
            sheet.Components.Select(c => c.Name).ToList(),
            sheet.Components.Select(c => c.Weight).ToList(),
            sheet.Components.Select(c => (IReadOnlyList<string>)ScoreSentences.Of(c, sheet, course).ToList()).ToList(),
            runs.Select(
                    (r, i) =>
                        new ScoredEntry(
                            r.Name,
                            results[i].ToList(),
                            places.Select(p => p[i]).ToList(),
                            results[i].Select((x, c) => StatusOf(x, sheet.Components[c], sheet, r.Attempts)).ToList()
                        )
                )
                .ToList(),
            moves,
            sheet.Components.Select(c => c.Label ?? "").ToList(),
            u.Findings().Where(f => f.Severity == Severity.MustFix).ToList()
        );

    /// <summary>What became of a score. Under a penalty who did not finish has a time as well, so the finish on the card that counts
    /// decides: of several any, or the last by the workout’s rule.</summary>
    private static string StatusOf(
        ComponentResult result,
        ScoreComponent component,
        ScoreSheet sheet,
        IReadOnlyList<RunObservation> attempts
    )
    {
        if (result.Class != ResultClass.Scored || component.Measured != Measured.Time)
        {
            return JsonNamingPolicy.CamelCase.ConvertName(result.Class.ToString());
        }

        var counting = attempts.Take(sheet.Attempts?.N ?? attempts.Count);
        bool Finished(RunObservation a, string piece) => a.Of(piece) is { Finish: not null } or { Watches.Count: > 0 };
        return (sheet.Attempts is { Best: false } ? counting.TakeLast(1) : counting).Any(a =>
            component.Selection is { Lowest: false } ? component.Pieces.Any(p => Finished(a, p)) : component.Pieces.All(p => Finished(a, p))
        )
            ? "finished"
            : "atTheCap";
    }

    private static List<FieldError> Objections(List<ScoredRun> runs, Course course, ScoreSheet sheet)
    {
        var errors = new List<FieldError>();
        for (var i = 0; i < runs.Count && errors.Count < 100; i++)
        {
            var most = sheet.Attempts?.N ?? (sheet.Attempts is null ? 1 : 20);
            if (runs[i].Attempts.Count < 1 || runs[i].Attempts.Count > most)
            {
                errors.Add(new($"runs[{i}].attempts", $"From 1 to {most} observations; these are {runs[i].Attempts.Count}."));
            }

            for (var a = 0; a < runs[i].Attempts.Count; a++)
            {
                errors.AddRange(
                    Card.Validate(runs[i].Attempts[a], course, sheet).Select(e => e with { Path = $"runs[{i}].attempts[{a}].{e.Path}" })
                );
            }
        }

        return errors;
    }

    /// <summary>The same observations under the rules before: who moves, and why.</summary>
    private static FieldsRefused? MovesOf(
        ScoreRequest request,
        List<ScoredRun> runs,
        List<Core.Quantities.Eq<ComponentResult>> results,
        ScoreSheet sheet,
        out IReadOnlyList<IReadOnlyList<Move>> moves
    )
    {
        moves = [];
        if (request.Before is null)
        {
            return null;
        }

        if (DraftInput.Objections(request.Before, "before") is { } refused)
        {
            return refused;
        }

        var u = Understanding.Of(request.Competition, request.Before);
        if (Chosen(u, request, "before", out var index) is { } nobody)
        {
            return nobody;
        }

        var (course, old) = (u.Courses[index], u.Sheets[index]);
        runs = runs.Select(r => r with { Attempts = r.Attempts.Select(a => Card.AsAsked(a, course, old)).ToList() }).ToList();
        if (
            old.Components.Count != sheet.Components.Count
            || runs.Exists(r => r.Attempts.Any(a => Card.Validate(a, course, old).Count > 0))
        )
        {
            return new FieldsRefused([
                new("before", "These rules need other observations or have other scores, so places cannot be compared."),
            ]);
        }

        var before = runs.Select(r => Scorer.Score(r.Attempts, course, old, request.Competition.Unit)).ToList();
        var names = runs.Select(r => r.Name).ToList();
        moves = Enumerable
            .Range(0, sheet.Components.Count)
            .Select(c =>
                (IReadOnlyList<Move>)Moves.Between(names, before.Select(b => b[c]).ToList(), results.Select(r => r[c]).ToList()).ToList()
            )
            .ToList();
        return null;
    }

    private static FieldsRefused? Chosen(Understanding u, ScoreRequest request, string path, out int index)
    {
        index = u.IndexOf(request.Division, request.Entry);
        return index >= 0
            ? null
            : new FieldsRefused([
                new(
                    path,
                    u.Courses.Count == 0
                        ? "This workout is for nobody in this competition."
                        : $"This workout is for {Words.Join(u.Courses.Select(c => $"{c.Address.Division.Name} {c.Address.Within}"))}."
                ),
            ]);
    }

    private static Results<Ok<RankAnswer>, FieldsRefused> Rank(RankRequest request)
    {
        var scores = request.Entries.Count == 0 ? 0 : request.Entries[0].Results.Count;
        var rule = request.Overall ?? OverallRule.Usual;
        var errors = Objections(request, scores, rule);
        if (errors.Count > 0)
        {
            return new FieldsRefused(errors);
        }

        var weights = request.Weights ?? Enumerable.Repeat(1m, scores).ToList();
        var ranked = new RankedEntry[request.Entries.Count];
        // Who is ranked apart is ranked as if the others were not there.
        foreach (var board in request.Entries.Select((e, i) => (Entry: e, Index: i)).GroupBy(e => e.Entry.Board))
        {
            foreach (var (index, entry) in Board([.. board], scores, weights, rule))
            {
                ranked[index] = entry;
            }
        }

        var clubs = request.Club is { } club
            ? ClubTable.Of(request.Entries.Select((e, i) => (e.Club, ranked[i].Total)), club.Rule, club.Best)
            : [];
        return TypedResults.Ok(new RankAnswer(ranked, rule.Points.Sentence, clubs.ToList()));
    }

    private static IEnumerable<(int Index, RankedEntry Entry)> Board(
        IReadOnlyList<(RankEntry Entry, int Index)> entries,
        int scores,
        IReadOnlyList<decimal> weights,
        OverallRule rule
    )
    {
        var places = Enumerable
            .Range(0, scores)
            .Select(s => Ranking.Places(entries.Select(e => e.Entry.Results[s].ToComponent()).ToList()))
            .ToList();
        var absent = Enumerable
            .Range(0, scores)
            .Select(s => entries.Select(e => e.Entry.Results[s].Class is ResultClass.Withdrew or ResultClass.DidNotStart).ToArray())
            .ToList();
        var lines = Overall.Of(places, absent, weights, rule).Lines();
        return entries.Select(
            (e, i) =>
                (
                    e.Index,
                    new RankedEntry(
                        e.Entry.Name,
                        places.Select(p => p[i]).ToList(),
                        lines[i].Each.ToList(),
                        lines[i].Points,
                        lines[i].Place,
                        lines[i].TieText
                    )
                    {
                        Board = e.Entry.Board,
                    }
                )
        );
    }

    private static List<FieldError> Objections(RankRequest request, int scores, OverallRule rule)
    {
        var errors = new List<FieldError>();
        if (request.Entries.Count is < 1 or > MostEntries)
        {
            errors.Add(new("entries", $"From 1 to {MostEntries} entries; these are {request.Entries.Count}."));
        }
        else if (scores is < 1 or > MostScores)
        {
            errors.Add(new("entries[0].results", $"From 1 to {MostScores} results; these are {scores}."));
        }

        for (var i = 0; i < request.Entries.Count && errors.Count < 100; i++)
        {
            if (request.Entries[i].Results.Count != scores)
            {
                errors.Add(
                    new(
                        $"entries[{i}].results",
                        $"{Words.Count(scores, "result")} like the first entry; these are {request.Entries[i].Results.Count}."
                    )
                );
            }

            if (request.Entries[i].Board is { Length: 0 or > MostBoardName })
            {
                errors.Add(new($"entries[{i}].board", $"From 1 to {MostBoardName} characters, or none at all."));
            }

            for (var r = 0; r < request.Entries[i].Results.Count; r++)
            {
                if (request.Entries[i].Results[r].Ties.Count > 10)
                {
                    errors.Add(new($"entries[{i}].results[{r}].ties", "At most 10 tie values."));
                }
            }
        }

        if (request.Weights is { } given && (given.Count != scores || given.Any(w => w is < 0 or > 1000 || decimal.Round(w, 4) != w)))
        {
            errors.Add(
                new(
                    "weights",
                    given.Count != scores
                        ? $"{Words.Count(scores, "weight")}, one for each score; these are {given.Count}."
                        : "Weights from 0 to 1,000, with at most four decimals."
                )
            );
        }

        if (request.Club is { Best: < 1 or > 100 })
        {
            errors.Add(new("club.best", "From 1 to 100 members."));
        }

        errors.AddRange(rule.Validate(request.Entries.Count).Select(e => e with { Path = "overall." + e.Path }));
        return errors;
    }
}
