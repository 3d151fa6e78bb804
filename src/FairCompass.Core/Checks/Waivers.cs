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

    /// <summary>The findings within a workout, each with the reason where a line lets it stand, and what is wrong with such lines. What is
    /// found between workouts cannot be told here, so a line about that is not found idle.</summary>
    internal static IEnumerable<Finding> Applied(IReadOnlyList<Finding> findings, CheckContext context)
    {
        var lines = context.Workout.Policies.OfType<Policy.Waived>().ToList();
        return [.. Standing(findings, lines), .. lines.SelectMany((l, i) => Objection(l, Wrong(l, i, lines, findings), context.Lines))];
    }

    /// <summary>The findings between workouts that stand at one of them, each with the reason where that one lets it stand, and its lines
    /// that let nothing stand.</summary>
    /// <param name="findings">What was found at this workout.</param>
    /// <param name="workout">The workout.</param>
    /// <param name="text">The lines of its draft.</param>
    internal static IEnumerable<Finding> Applied(IReadOnlyList<Finding> findings, Workout workout, IReadOnlyList<string> text)
    {
        var lines = workout
            .Policies.OfType<Policy.Waived>()
            .Where(l => BetweenWorkouts.Rules.Contains(l.Rule, StringComparer.OrdinalIgnoreCase))
            .ToList();
        return
        [
            .. Standing(findings, lines),
            .. lines.Where(l => !findings.Any(f => Same(f.Rule, l))).SelectMany(l => Objection(l, Idle(l.Rule), text)),
        ];
    }

    private static IEnumerable<Finding> Standing(IReadOnlyList<Finding> findings, List<Policy.Waived> lines) =>
        findings.Select(f =>
            f.Severity != Severity.MustFix && lines.Find(l => Same(f.Rule, l)) is { } line ? f with { Waived = line.Reason } : f
        );

    private static bool Same(string rule, Policy.Waived line) => string.Equals(rule, line.Rule, StringComparison.OrdinalIgnoreCase);

    private static string Idle(string rule) => $"{rule} finds nothing here, so there is nothing to let stand.";

    private static string? Wrong(Policy.Waived line, int index, List<Policy.Waived> lines, IReadOnlyList<Finding> findings)
    {
        var known = CheckList.All.Select(c => c.Id).Append(CheckList.NotUnderstood).Concat(BetweenWorkouts.Rules).ToList();
        var found = findings.Where(f => Same(f.Rule, line)).ToList();
        return !known.Exists(k => Same(k, line))
                ? $"There is no check called {line.Rule}{(Words.Nearest(line.Rule, known) is { } near ? $"; did you mean {near}" : "")}."
            : lines.FindIndex(l => Same(l.Rule, line)) < index ? $"{line.Rule} is let stand twice; the first reason holds."
            : BetweenWorkouts.Rules.Any(r => Same(r, line)) ? null
            : found.Count == 0 ? Idle(line.Rule)
            : found.TrueForAll(f => f.Severity == Severity.MustFix)
                ? $"What {line.Rule} finds cannot be run or judged as it stands, so it cannot be let stand."
            : null;
    }

    private static IEnumerable<Finding> Objection(Policy.Waived line, string? sentence, IReadOnlyList<string> text)
    {
        if (sentence is not null)
        {
            yield return new(
                Misfit,
                Severity.ShouldFix,
                line.At,
                sentence,
                Why,
                [new Mend("Take the line out", new TextEdit(line.At.Line, 1, text[line.At.Line - 1].Length, ""))],
                CheckList.Key(Misfit, text, line.At, sentence)
            );
        }
    }
}
