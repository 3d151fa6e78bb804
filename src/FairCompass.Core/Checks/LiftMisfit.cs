using FairCompass.Core.Binding;
using FairCompass.Core.Courses;
using FairCompass.Core.InForce;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A start, attempts or a direction where nothing is lifted for the heaviest load, or more attempts than the time
/// allows.</summary>
public sealed class LiftMisfit : ICheck
{
    // Estimate: walking up, lifting and stepping back take no less, with the plates already on.
    private const int LeastSeconds = 10;

    /// <inheritdoc/>
    public string Id => "lift-misfit";

    /// <inheritdoc/>
    public string Title => "A rule of attempts that nothing can follow";

    /// <inheritdoc/>
    public string Why => "A rule that cannot be kept is kept by some lanes and not by others.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        foreach (var task in context.AllWork.OfType<Work.Task>().Where(t => t.Amount is not Amount.Heaviest))
        {
            foreach (var detail in task.Details.Concat(task.Lines.OfType<TaskLine.Override>().SelectMany(o => o.Details)))
            {
                if (Word(detail) is { } word)
                {
                    yield return new Report(detail.At, $"{word} belongs to a heaviest lift; this line has an amount.");
                }
            }
        }

        foreach (var task in context.AllWork.OfType<Work.Task>().Where(t => t.Lines.Any(l => l is TaskLine.Then)))
        {
            if (Follows(task, StandardsBook.Of(context.Competition)) is { } wrong)
            {
                yield return wrong;
            }
        }

        foreach (var report in ForNobody(context))
        {
            yield return report;
        }

        var seen = new HashSet<SourceRange>();
        foreach (var course in context.Courses)
        {
            foreach (var piece in course.Pieces.Where(p => p.Piece.IsHeaviest))
            {
                if (
                    LiftRules.Of(course, piece, null)?.AttemptsSaid is { } said
                    && Wrong(said.N, course.MembersOf(piece.Piece).Count, piece.Piece.Window) is { } sentence
                    && seen.Add(said.At)
                )
                {
                    yield return new Report(said.At, sentence);
                }
            }
        }
    }

    /// <summary>Rules of a lift are of who does the part: said for some members of a team, or for a round, they would hold for
    /// nobody.</summary>
    private static IEnumerable<Report> ForNobody(CheckContext context)
    {
        foreach (var task in context.AllWork.OfType<Work.Task>().Where(t => t.Amount is Amount.Heaviest or Amount.Highest))
        {
            var pieces = context
                .Courses.SelectMany(c => c.Pieces.Where(p => p.Tasks.Any(t => t.Source.At == task.At)).Select(p => (Course: c, p.Piece)))
                .ToList();
            foreach (var line in task.Lines.OfType<TaskLine.Override>())
            {
                bool Holds((Course Course, PieceOfWork Piece) of) => of.Course.Nearest([(line.For, line)], of.Piece) is not null;
                var some = pieces.Any(p => !Holds(p) && line.For.Any(w => p.Course.Touches(w, p.Piece)));
                var rounds = line.For.SelectMany(context.Resolver.Names.Of).Any(n => n is Selector.AtRound or Selector.AtCycle);
                foreach (var detail in some || (rounds && !pieces.Exists(Holds)) ? line.Details : [])
                {
                    // A start is a load, which each member of a team may have of the own.
                    var rule =
                        detail is Detail.Misses ? "A number of misses"
                        : detail is Detail.Load ? null
                        : Word(detail);
                    if (rule is not null)
                    {
                        yield return new Report(
                            detail.At,
                            $"{rule} holds for a whole entry; say it on the line of the lift, or for a division or a level."
                        );
                    }
                }
            }
        }
    }

    /// <summary>What is wrong with lifts that follow another one.</summary>
    private static Report? Follows(Work.Task task, StandardsBook book)
    {
        var next = task.Lines.OfType<TaskLine.Then>().ToList();
        return task.Amount is not Amount.Heaviest ? new(next[0].At, "Only a heaviest lift goes on with another; write this one as a task.")
            : next.Find(t => t.Reps is < 1 or > 50) is { } none ? new(none.At, $"{none.Reps} reps of {none.Movement} are no lift.")
            : next.Find(t => book.Find(t.Movement) is { Kit: not MovementKit.Barbell }) is { } other
            && book.Find(task.Movement) is { Kit: MovementKit.Barbell }
                ? new(other.At, $"A complex is lifted with one bar; {other.Movement} is not.")
            : null;
    }

    private static string? Wrong(int tries, int lifters, Duration? window) =>
        tries < 1 ? "0 attempts are no lift."
        : window is { } time && (long)tries * lifters * LeastSeconds * 1000 > time.Ms
            ? $"{Words.Count((long)tries * lifters, "attempt")} in {time} leave less than {LeastSeconds} seconds for each."
        : null;

    private static string? Word(Detail detail) =>
        detail switch
        {
            Detail.Load { Start: true } => "A start",
            Detail.LiftAttempts => "A number of attempts",
            Detail.Flag { Is: FlagKind.NeverDown } => "Never down",
            _ => null,
        };
}
