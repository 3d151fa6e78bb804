using FairCompass.Core.Notation;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>
/// Findings that somebody lets stand, with the reason, by a line of the draft. What cannot be run or judged as it stands cannot be let
/// stand, and a line that lets nothing stand is said, so that none outlives its reason.
/// </summary>
public static class Waivers
{
    /// <summary>The rule id of a line that lets nothing stand.</summary>
    public const string Misfit = "waiver-misfit";

    private const string Why = "A note that is let stand without need hides the next one of its kind.";

    /// <summary>The findings, each with the reason where one lets it stand, and what is wrong with such lines.</summary>
    internal static IEnumerable<Finding> Applied(IReadOnlyList<Finding> findings, CheckContext context)
    {
        var lines = context.Workout.Policies.OfType<Policy.Waived>().ToList();
        if (lines.Count == 0)
        {
            return findings;
        }

        var reasons = lines
            .GroupBy(l => l.Rule, StringComparer.OrdinalIgnoreCase)
            .ToDictionary(g => g.Key, g => g.First().Reason, StringComparer.OrdinalIgnoreCase);
        return findings
            .Select(f => f.Severity != Severity.MustFix && reasons.TryGetValue(f.Rule, out var reason) ? f with { Waived = reason } : f)
            .Concat(lines.SelectMany((l, i) => Objection(l, i, lines, findings, context)));
    }

    private static IEnumerable<Finding> Objection(
        Policy.Waived line,
        int index,
        List<Policy.Waived> lines,
        IReadOnlyList<Finding> findings,
        CheckContext context
    )
    {
        bool Same(string rule) => string.Equals(rule, line.Rule, StringComparison.OrdinalIgnoreCase);
        var known = CheckList.All.Select(c => c.Id).Append(CheckList.NotUnderstood).ToList();
        var found = findings.Where(f => Same(f.Rule)).ToList();
        var sentence =
            !known.Exists(k => Same(k))
                ? $"There is no check called {line.Rule}{(Words.Nearest(line.Rule, known) is { } near ? $"; did you mean {near}" : "")}."
            : lines.FindIndex(l => Same(l.Rule)) < index ? $"{line.Rule} is let stand twice; the first reason holds."
            : found.Count == 0 ? $"{line.Rule} finds nothing here, so there is nothing to let stand."
            : found.TrueForAll(f => f.Severity == Severity.MustFix)
                ? $"What {line.Rule} finds cannot be run or judged as it stands, so it cannot be let stand."
            : null;
        if (sentence is not null)
        {
            yield return new(
                Misfit,
                Severity.ShouldFix,
                line.At,
                sentence,
                Why,
                [new Mend("Take the line out", new TextEdit(line.At.Line, 1, context.Lines[line.At.Line - 1].Length, ""))],
                CheckList.Key(Misfit, context, line.At, sentence)
            );
        }
    }
}
