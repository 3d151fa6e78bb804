using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Outcomes.Incidents;

namespace FairCompass.Web.Standings;

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
            var score = IncidentPages.ScoresOf(s, incident.Report.Workout).FirstOrDefault(c => c.Name == decide.Score);
            var (time, timeWrong) = Signed(decide.Time, t => Outcomes.Desk.TypedNumbers.Time(t)?.Ms);
            var (units, unitsWrong) = Signed(decide.Units, Outcomes.Desk.TypedNumbers.Whole);
            if (score is null)
            {
                errors.Add(new("score", "Say which score is changed."));
            }
            else if (score.Measured is Measured.Load or Measured.SumOfLoads or Measured.Height)
            {
                errors.Add(new("score", "Nothing is added to a load or a height; correct the card, where a lift does not count."));
            }
            else if (score.Measured != Measured.Time && time is not null)
            {
                errors.Add(new("time", "This score is a count; say how many."));
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
