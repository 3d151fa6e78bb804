using FairCompass.Core.Checks;
using FairCompass.Core.Drafts;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Commands;

/// <summary>Lets the findings of a check stand, with the reason, by a line of the draft; or takes that back.</summary>
/// <param name="Rule">The check’s id.</param>
/// <param name="Reason">Why, 1 to 240 characters on one line; null to take it back.</param>
public sealed record WaiveRule(string Rule, string? Reason) : Command
{
    private const int LongestReason = 240;

    /// <inheritdoc/>
    public override Answer<DraftEdits> Against(DraftToEdit draft)
    {
        var body = draft.Read.Text;
        var standing = draft
            .Read.Workout.Policies.OfType<Policy.Waived>()
            .FirstOrDefault(p => string.Equals(p.Rule, Rule, StringComparison.OrdinalIgnoreCase));
        if (Reason is null)
        {
            return standing is null
                ? new FieldError("rule", $"{Rule} is not let stand here.")
                : DraftEdits.Between(body, Without(body, standing.At.Line));
        }

        var check = CheckList.All.FirstOrDefault(c => c.Id == Rule);
        if (check is null && !BetweenWorkouts.Rules.Contains(Rule))
        {
            return new FieldError("rule", $"There is no check called {Rule}.");
        }

        if (check is { Severity: Severity.MustFix })
        {
            return new FieldError("rule", "What cannot be run or judged as it stands cannot be let stand.");
        }

        var reason = Reason.Trim();
        if (reason.Length is < 1 or > LongestReason || reason.Any(char.IsControl))
        {
            return new FieldError("reason", $"Say why, in 1 to {LongestReason} characters on one line.");
        }

        var line = $"waive: {Rule}, {reason}";
        if (standing is not null)
        {
            var at = standing.At;
            Eq<Edit> edits = [Edits.At(body, new TextEdit(at.Line, at.Column, at.Length, line))!];
            return Says(draft, Edits.Apply(body, edits)) ? DraftEdits.In(body, edits) : Unsayable;
        }

        var after = DraftText.Append(body, line);
        return DraftText.NoRoom(body, line) is { } full ? new FieldError("reason", full)
            : Says(draft, after) ? DraftEdits.Between(body, after)
            : Unsayable;
    }

    private static FieldError Unsayable =>
        new("reason", "A draft cannot say this: brackets at the end are a note, and “//” begins a remark. Write it without.");

    /// <summary>True when the reason is read as it was given.</summary>
    private bool Says(DraftToEdit draft, string after) =>
        ReadDraft
            .Of(draft.Read.Competition, after)
            .Workout.Policies.OfType<Policy.Waived>()
            .Any(p => string.Equals(p.Rule, Rule, StringComparison.OrdinalIgnoreCase) && p.Note is null && p.Reason == Reason!.Trim());

    private static string Without(string body, int line)
    {
        var lines = body.Split('\n').ToList();
        lines.RemoveAt(line - 1);
        return string.Join('\n', lines);
    }
}
