using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A checkpoint that is none: at the start, at the end, in no round, or twice under one name.</summary>
public sealed class CheckpointMisfit : ICheck
{
    /// <inheritdoc/>
    public string Id => "checkpoint-misfit";

    /// <inheritdoc/>
    public string Title => "A checkpoint that nobody can read";

    /// <inheritdoc/>
    public string Why => "A time that is asked for and cannot be told apart from another breaks no tie fairly.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var seen = new HashSet<SourceRange>();
        foreach (var piece in context.Courses.SelectMany(c => c.Pieces))
        {
            var points = WorkTree.Walk(piece.Piece.Items).OfType<Work.Checkpoint>().ToList();
            if (points.Count == 0 || piece.Piece.IsHeaviest)
            {
                continue;
            }

            var marks = piece.Running?.Counter.Marks<Work.Checkpoint>(NamedMark.Most) ?? [];
            foreach (var point in points)
            {
                if (
                    Wrong(point, points, [.. marks.Where(m => ReferenceEquals(m.Line, point)).Select(m => m.Units)], piece) is { } sentence
                    && seen.Add(point.At)
                )
                {
                    yield return new Report(point.At, sentence);
                }
            }
        }
    }

    private static string? Wrong(Work.Checkpoint point, List<Work.Checkpoint> all, List<long> units, CoursePiece piece) =>
        piece.Running?.Counter is not { } strand
            ? piece.Strands.Count > 1 || piece.Tasks.Count > 1
                ? "This work has several counters; a checkpoint needs work in one order."
                : null
            : all.TakeWhile(p => !ReferenceEquals(p, point)).Any(p => p.Name == point.Name)
                ? $"There is a checkpoint called {point.Name} already; each has a name of its own."
                : units.Count == 0
                    ? $"There is no round {point.OnlyRound} here, so nobody passes {point.Name}."
                    : units.Count > 1
                        ? $"{point.Name} stands in each round; say in which: checkpoint {point.Name}, round 2 only."
                        : units[0] == 0
                            ? $"Nothing is done before {point.Name}, so everybody passes it at 0:00."
                            : units[0] >= strand.Units
                                ? $"{point.Name} stands after the last rep: that is the finish."
                                : null;
}
