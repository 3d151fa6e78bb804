using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Policies;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;
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
                var near = Words.Nearest(name.ToString(), context.Competition.Divisions.Select(d => d.Name));
                yield return new(
                    line.At,
                    $"There is no division “{name}”.",
                    near is null ? [TakeOut(context, line.At)] : [Replace(context, line, name.ToString(), near), TakeOut(context, line.At)]
                );
            }
        }

        foreach (
            var twice in lines
                .SelectMany(l => l.For.Select(w => w.ToString()).DefaultIfEmpty("").Select(d => (l, d)))
                .GroupBy(x => (x.l.Topic.ToUpperInvariant(), x.d.ToUpperInvariant()))
                .Where(g => g.Select(x => x.l.Answer.ToUpperInvariant()).Distinct().Skip(1).Any())
        )
        {
            var (first, last) = (twice.First(x => x.l.Answer != twice.Last().l.Answer).l, twice.Last().l);
            yield return new(
                last.At,
                $"Another line answers “{last.Topic}” differently"
                    + $"{(twice.Last().d is { Length: > 0 } d ? $" for {d}" : "")}; only one can hold.",
                [
                    .. last.For.Count < 2 ? [TakeOut(context, last.At) with { Label = $"Keep “{first.Answer}”" }] : Nothing,
                    .. first.For.Count < 2 ? [TakeOut(context, first.At) with { Label = $"Keep “{last.Answer}”" }] : Nothing,
                ]
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
                var near = Words.Nearest(line.Movement, book.All.Select(m => m.Name.English));
                yield return new(
                    line.At,
                    $"“{line.Movement}” has no standard in the book.",
                    near is null ? [TakeOut(context, line.At)] : [Replace(context, line.At, line.Movement, near), TakeOut(context, line.At)]
                );
            }
            else if (
                string.Equals(line.Text, StandardsBook.DoesNotApply, StringComparison.OrdinalIgnoreCase)
                && movement.Clauses.All(c => c.Id != line.Clause)
                && !NoRepLine.IsNoRep(movement, line.Clause)
            )
            {
                yield return NoClause(context, line.At, movement, line.Clause);
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
                    yield return NoClause(context, line.At, movement, here.Clause);
                }
            }
        }
    }

    private static readonly Mend[] Nothing = [];

    private static Report NoClause(CheckContext context, SourceRange at, Movement movement, string clause)
    {
        var near = Words.Nearest(clause, movement.Clauses.Select(c => c.Id));
        return new(
            at,
            $"The {movement.Name.English} has no clause “{clause}”; it has {string.Join(", ", movement.Clauses.Select(c => c.Id))}.",
            near is null ? [TakeOut(context, at)] : [Replace(context, at, clause, near), TakeOut(context, at)]
        );
    }

    private static Mend TakeOut(CheckContext context, SourceRange at) => context.RemoveLine(at.Line) with { Label = "Take the line out" };

    private static Mend Replace(CheckContext context, Policy.Answered line, string old, string text) =>
        Replace(context, line.At, old, text);

    private static Mend Replace(CheckContext context, SourceRange where, string old, string text)
    {
        var at = context.Lines[where.Line - 1].LastIndexOf(old, StringComparison.Ordinal);
        return new($"Write {text}", new TextEdit(where.Line, Math.Max(0, at) + 1, at < 0 ? 0 : old.Length, text));
    }
}
