using FairCompass.Access;
using FairCompass.Core.Quantities;
using FairCompass.Outcomes.Incidents;
using FairCompass.Planning.Days;
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
        CardStore cards,
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

        if (!await store.Decide(id, number, decide.SaveId, decide.Seen, decision, cancel))
        {
            return new Conflicting(
                "Somebody has decided this incident meanwhile.",
                detail: "Nothing was stored; look at what was decided."
            );
        }

        if (decision.Outcome == IncidentOutcome.RunsAgain)
        {
            foreach (
                var card in snapshot.Cards.Where(c =>
                    c.Workout == incident.Report.Workout
                    && incident.Report.Entries.Contains(c.Entry)
                    && c.State is not (CardState.Replaced or CardState.Printed)
                )
            )
            {
                await cards.Replace(id, card.Id, $"runs again, incident {number}", cancel);
            }
        }

        return TypedResults.Ok(await pages.Of(id, cancel));
    }
}

/// <summary>What is typed of an incident, read and objected to.</summary>
internal static class IncidentInput
{
    private const int LongestText = 1000;
    private const int LongestRule = 200;
    private const int LongestName = 80;
    private const int MostEntries = 40;
    private const long MostUnits = 100_000;

    /// <summary>Who is touched by a report, and what cannot be.</summary>
    public static (Eq<Guid> Entries, List<FieldError> Errors) Check(ReportIncident report, ResultSnapshot s)
    {
        var errors = new List<FieldError>();
        Text(errors, "what", report.What, LongestText, "Say what has happened.");
        Text(errors, "raisedBy", report.RaisedBy, LongestName, null);
        if (s.Field.Workout(report.Workout) is null)
        {
            errors.Add(new("workout", "There is no such workout."));
        }

        var heat = report.Heat is { } h ? s.Plan.Heats.FirstOrDefault(x => x.Id == h) : null;
        if (report.Heat is not null && (heat is null || s.Plan.SessionOf(heat).Workout != report.Workout))
        {
            errors.Add(new("heat", "This workout has no such heat."));
        }

        var bibs = report.Entries.Select(b => b.Trim()).Where(b => b.Length > 0).Distinct(StringComparer.OrdinalIgnoreCase).ToList();
        var found = new List<Guid>();
        foreach (var bib in bibs.Take(MostEntries))
        {
            if (s.Field.Entries.FirstOrDefault(e => string.Equals(e.Bib, bib, StringComparison.OrdinalIgnoreCase)) is { } entry)
            {
                found.Add(entry.Id);
            }
            else
            {
                errors.Add(new("entries", $"Nobody wears the number {bib}."));
            }
        }

        if (bibs.Count is 0 or > MostEntries)
        {
            errors.Add(
                new("entries", bibs.Count == 0 ? "Say who is touched, by the numbers they wear." : $"At most {MostEntries} at once.")
            );
        }

        return ([.. found], errors);
    }

    /// <summary>A decision, and what cannot be.</summary>
    public static (IncidentDecision Decision, List<FieldError> Errors) Check(DecideIncident decide, Incident incident, ResultSnapshot s)
    {
        var errors = new List<FieldError>();
        Text(errors, "reason", decide.Reason, LongestText, "Say why.");
        Text(errors, "rule", decide.Rule, LongestRule, decide.Outcome == IncidentOutcome.Adjusted ? "Name the rule it rests on." : null);
        Eq<ScoreChange> changes = [];
        if (decide.Outcome == IncidentOutcome.Adjusted)
        {
            var scores = IncidentPages.ScoresOf(s, incident.Report.Workout);
            var (time, timeWrong) = Signed(decide.Time, t => Outcomes.Desk.TypedNumbers.Time(t)?.Ms);
            var (units, unitsWrong) = Signed(decide.Units, Outcomes.Desk.TypedNumbers.Whole);
            if (!scores.Contains(decide.Score, StringComparer.Ordinal))
            {
                errors.Add(new("score", "Say which score is changed."));
            }

            if (timeWrong)
            {
                errors.Add(new("time", "A time such as 0:10, or -0:05 to take away."));
            }

            if (unitsWrong || units is < -MostUnits or > MostUnits)
            {
                errors.Add(new("units", "A whole number such as -10."));
            }

            if (errors.Count == 0 && (time ?? 0) == 0 && (units ?? 0) == 0)
            {
                errors.Add(new("time", "Say how much: a time, or reps."));
            }

            changes = [new(decide.Score, time is { } ms ? new Duration(ms) : null, units)];
        }

        return (new(decide.Outcome, decide.Reason.Trim(), decide.Rule.Trim(), errors.Count == 0 ? changes : []), errors);
    }

    private static (long? Value, bool Wrong) Signed(string text, Func<string, long?> read)
    {
        var trimmed = text.Trim();
        if (trimmed.Length == 0)
        {
            return (null, false);
        }

        var minus = trimmed[0] is '-' or '−';
        var value = read(trimmed.TrimStart('-', '−', '+'));
        return (minus ? -value : value, value is null);
    }

    private static void Text(List<FieldError> errors, string path, string text, int longest, string? needed)
    {
        if (needed is not null && text.Trim().Length == 0)
        {
            errors.Add(new(path, needed));
        }
        else if (text.Length > longest)
        {
            errors.Add(new(path, $"At most {longest} characters."));
        }
        else if (text.Any(c => char.IsControl(c) && c is not ('\n' or '\r' or '\t')))
        {
            errors.Add(new(path, "No control characters."));
        }
    }
}
