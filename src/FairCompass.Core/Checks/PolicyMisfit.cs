using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Policies;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A policy or a changed clause that speaks of nothing there is, or says two things at once.</summary>
public sealed class PolicyMisfit : ICheck
{
    /// <inheritdoc/>
    public string Id => "policy-misfit";

    /// <inheritdoc/>
    public string Title => "A policy or clause that fits nothing";

    /// <inheritdoc/>
    public string Why => "Judges read only what is in force; a line that changes nothing is believed to change something.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) => [.. Answers(context), .. Clauses(context), .. ClausesHere(context)];

    private static IEnumerable<Report> Answers(CheckContext context)
    {
        var lines = context.Workout.Policies.OfType<Policy.Answered>().ToList();
        foreach (var line in lines)
        {
            if (Topics.Find(line.Topic) is not { } topic)
            {
                var near = Topics.Nearest(line.Topic);
                yield return new(
                    line.At,
                    $"There is no topic “{line.Topic}”.",
                    near is null ? [] : [Replace(context, line, line.Topic, near)]
                );
            }
            else if (StandardRules.Answer(topic, line.Answer) is { } objection)
            {
                yield return new(line.At, objection, [.. topic.Schools.Select(s => Replace(context, line, line.Answer, s.Name))])
                {
                    Matters = topic.IsRetired(line.Answer) ? Severity.ShouldFix : null,
                };
            }

            foreach (var name in line.For.Where(w => context.Competition.Find(w.ToString()) is null))
            {
                yield return new(line.At, $"There is no division “{name}”.");
            }
        }

        foreach (
            var twice in lines
                .SelectMany(l => l.For.Select(w => w.ToString()).DefaultIfEmpty("").Select(d => (l, d)))
                .GroupBy(x => (x.l.Topic.ToUpperInvariant(), x.d.ToUpperInvariant()))
                .Where(g => g.Select(x => x.l.Answer.ToUpperInvariant()).Distinct().Skip(1).Any())
        )
        {
            yield return new(
                twice.Last().l.At,
                $"Another line answers “{twice.Last().l.Topic}” differently"
                    + $"{(twice.Last().d is { Length: > 0 } d ? $" for {d}" : "")}; only one can hold."
            );
        }
    }

    private static IEnumerable<Report> Clauses(CheckContext context)
    {
        var book = StandardsBook.Of(context.Competition);
        foreach (var line in context.Workout.Policies.OfType<Policy.ClauseOf>())
        {
            if (book.Find(line.Movement) is not { } movement)
            {
                yield return new(line.At, $"“{line.Movement}” has no standard in the book.");
            }
            else if (
                string.Equals(line.Text, StandardsBook.DoesNotApply, StringComparison.OrdinalIgnoreCase)
                && movement.Clauses.All(c => c.Id != line.Clause)
                && !NoRepLine.IsNoRep(movement, line.Clause)
            )
            {
                yield return new(
                    line.At,
                    $"The {movement.Name.English} has no clause “{line.Clause}”; it has "
                        + $"{string.Join(", ", movement.Clauses.Select(c => c.Id))}."
                );
            }
        }
    }

    private static IEnumerable<Report> ClausesHere(CheckContext context)
    {
        var book = StandardsBook.Of(context.Competition);
        foreach (var task in context.TaskLines)
        {
            foreach (var line in task.Lines.OfType<TaskLine.RuleOf>())
            {
                if (
                    line.Rule is Rule.ClauseHere { } here
                    && string.Equals(here.Text, StandardsBook.DoesNotApply, StringComparison.OrdinalIgnoreCase)
                    && book.Find(task.Movement) is { } movement
                    && movement.Clauses.All(c => c.Id != here.Clause)
                    && !NoRepLine.IsNoRep(movement, here.Clause)
                )
                {
                    yield return new(
                        line.At,
                        $"The {movement.Name.English} has no clause “{here.Clause}”; it has "
                            + $"{string.Join(", ", movement.Clauses.Select(c => c.Id))}."
                    );
                }
            }
        }
    }

    private static Mend Replace(CheckContext context, Policy.Answered line, string old, string text)
    {
        var written = context.Lines[line.At.Line - 1];
        var at = written.LastIndexOf(old, StringComparison.Ordinal);
        return new($"Write {text}", new TextEdit(line.At.Line, Math.Max(0, at) + 1, at < 0 ? 0 : old.Length, text));
    }
}
