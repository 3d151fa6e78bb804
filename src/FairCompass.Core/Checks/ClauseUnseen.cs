using FairCompass.Core.InForce;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A clause that nobody can see, hear, or read.</summary>
public sealed class ClauseUnseen : ICheck
{
    /// <inheritdoc/>
    public string Id => "clause-unseen";

    /// <inheritdoc/>
    public string Title => "A clause that nobody can perceive";

    /// <inheritdoc/>
    public string Why => "What cannot be seen, heard, or read in half a second is called by some judges and not by others.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var c = context.Competition;
        // The library’s own clauses are checked by its tests; only what somebody wrote is looked at here.
        if (
            c.HouseRules.Count == 0
            && c.OwnMovements.Count == 0
            && !context.Workout.Policies.OfType<Policy.ClauseOf>().Any()
            && !context.TaskLines.Any(t => t.Lines.OfType<TaskLine.RuleOf>().Any(l => l.Rule is Rule.ClauseHere))
        )
        {
            yield break;
        }

        var book = StandardsBook.Of(c);
        var divisions = context.Courses.Select(x => x.Address.Division.Name).Distinct().Prepend(null).ToList();
        foreach (var task in context.TaskLines.Where(t => book.Find(t.Movement) is not null).GroupBy(t => book.Find(t.Movement)!))
        {
            var own = c.OwnMovements.Any(m => m.Id == task.Key.Id);
            foreach (
                var unseen in divisions
                    .SelectMany(d => task.SelectMany(t => Unseen(book.InForce(task.Key, d, context.Workout, t), own)))
                    .Distinct()
            )
            {
                var line = LineOf(context, task, unseen);
                yield return new(
                    line ?? task.First().NameAt,
                    $"{FairCompass.Core.Text.Words.Capital(task.Key.Name.English)}, {unseen.Clause}: {unseen.Sentence}",
                    line is { } at ? [context.RemoveLine(at.Line) with { Label = "Remove the rule" }] : []
                );
            }
        }
    }

    private static IEnumerable<Unseen> Unseen(Movement standard, bool own) =>
        standard
            .Clauses.Where(x => own || x.From.By is not (Source.Library or Source.Policy))
            .SelectMany(x => Perceivable.Of(x, standard.Faults.Where(f => f.Breaks == x.Id).ToList()));

    /// <summary>The line that words the clause; null when the competition’s book does.</summary>
    private static SourceRange? LineOf(CheckContext context, IEnumerable<Work.Task> places, Unseen unseen) =>
        places
            .SelectMany(t => t.Lines.OfType<TaskLine.RuleOf>())
            .Where(l => l.Rule is Rule.ClauseHere h && h.Clause == unseen.Clause)
            .Select(l => (SourceRange?)l.At)
            .FirstOrDefault()
        ?? context
            .Workout.Policies.OfType<Policy.ClauseOf>()
            .Where(p => p.Clause == unseen.Clause)
            .Select(p => (SourceRange?)p.At)
            .FirstOrDefault();
}
