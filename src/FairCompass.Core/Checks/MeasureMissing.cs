using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Tasks whose standard measures something that their line does not say.</summary>
internal static class MeasureMissing
{
    /// <summary>One report for each line.</summary>
    /// <param name="context">The draft.</param>
    /// <param name="clause">The clause of the set-up that measures it.</param>
    /// <param name="said">True where the line says it.</param>
    /// <param name="sentence">What is missing.</param>
    /// <param name="example">What could be added to the line.</param>
    public static IEnumerable<Report> Of(CheckContext context, string clause, Func<Work.Task, bool> said, string sentence, string example)
    {
        var book = StandardsBook.Of(context.Competition);
        foreach (var task in context.TaskLines.Where(t => !said(t) && !t.Lines.OfType<TaskLine.Override>().Any(o => o.Details.Count > 0)))
        {
            if (
                book.Find(task.Movement) is { } movement
                && book.InForce(movement, null, context.Workout, task)
                    .Clauses.Any(c => c.Id == clause && c.From.By == Standards.Source.Library)
            )
            {
                var line = context.Lines[task.At.Line - 1];
                yield return new Report(
                    task.At,
                    sentence,
                    line.Contains('(', StringComparison.Ordinal)
                        ? []
                        : [new Mend($"Add {example[2..]}", new TextEdit(task.At.Line, line.TrimEnd().Length + 1, 0, example))]
                );
            }
        }
    }
}
