using System.Text.RegularExpressions;
using FairCompass.Core.Languages;
using FairCompass.Core.Standards;

namespace FairCompass.Core.InForce;

/// <summary>
/// A line of a draft that speaks of the no-rep of a rule: <c>standard sit-up, no-elbows: “No rep, elbows”: An elbow is outside the
/// knees.</c> The id is that of the rule with <c>no-</c> before it, as the papers and the book name no-reps. What stands in quotation
/// marks before a colon is the call; <c>does not apply</c> takes the no-rep away and leaves the rule.
/// </summary>
public static partial class NoRepLine
{
    private const string Prefix = "no-";

    /// <summary>The rule whose no-rep an id may name; null for an id without the prefix. A rule’s own id may have it too.</summary>
    /// <param name="id">As it is written.</param>
    public static string? Of(string id) =>
        id.Length > Prefix.Length && id.StartsWith(Prefix, StringComparison.Ordinal) ? id[Prefix.Length..] : null;

    /// <summary>True when an id names the no-rep of a rule and not a rule.</summary>
    /// <param name="movement">The standard.</param>
    /// <param name="id">As it is written.</param>
    public static bool IsNoRep(Movement movement, string id) =>
        Of(id) is { } rule && movement.Clauses.All(c => c.Id != id) && movement.Clauses.Any(c => c.Id == rule);

    /// <summary>The change that such a line makes.</summary>
    /// <param name="movement">The standard so far.</param>
    /// <param name="id">An id of <see cref="IsNoRep"/>.</param>
    /// <param name="text">Call and sign; a sign alone keeps the call in force, <c>No rep</c> where there is none.</param>
    public static ClauseChange Change(Movement movement, string id, string text)
    {
        var (call, sign) = Called().Match(text) is { Success: true } match ? (match.Groups[1].Value, match.Groups[2].Value) : (null, text);
        var rule = Of(id)!;
        var was = movement.Faults.FirstOrDefault(f => f.Breaks == rule);
        return new(movement.Id, rule)
        {
            Call = call is null ? null : new Said(call),
            Sign = new Said(sign),
            Then = was?.Then ?? Consequence.NotCounted,
            Athlete = was is not null
                ? null
                : ("Not counted; the next good rep takes its number.", "No cuenta; la siguiente buena toma su número."),
        };
    }

    [GeneratedRegex("""^[“"]([^”"]+)[”"]\s*:\s*(.+)$""")]
    private static partial Regex Called();
}
