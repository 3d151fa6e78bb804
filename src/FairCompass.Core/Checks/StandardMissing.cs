using FairCompass.Core.InForce;
using FairCompass.Core.Natural;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A movement without a standard.</summary>
public sealed class StandardMissing : ICheck
{
    /// <inheritdoc/>
    public string Id => "standard-missing";

    /// <inheritdoc/>
    public string Title => "A movement without a standard";

    /// <inheritdoc/>
    public string Why => "Without written no-rep criteria each judge applies an own standard.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var book = StandardsBook.Of(context.Competition);
        foreach (var task in context.TaskLines)
        {
            var names = task
                .Lines.OfType<TaskLine.Override>()
                .Where(o => o.Movement is not null)
                .Select(o => (o.Movement!, o.NameAt))
                .Prepend((task.Movement, task.NameAt))
                .Concat(
                    task.Lines.Select(l =>
                            l switch
                            {
                                TaskLine.Between b => (b.Movement, l.At),
                                TaskLine.Attempt a => (a.Movement, l.At),
                                TaskLine.Then t => (t.Movement, l.At),
                                _ => ("", l.At),
                            }
                        )
                        .Where(x => x.Item1.Length > 0)
                );
            foreach (var (name, at) in names)
            {
                if (book.Find(name) is not null)
                {
                    continue;
                }

                if (book.Find("any-style " + name) is { } style)
                {
                    var forms = TypedLines.MovementsOf(context.Competition, name).Prepend(style.Name.English).Distinct().ToList();
                    yield return new Report(
                        at,
                        $"Which {name}? In any style, or in one: {Text.Words.Join(forms.Skip(1), "or")}.",
                        [.. forms.Select(m => Write(m, at))]
                    );
                }
                else if (TypedLines.MovementsOf(context.Competition, name) is { Count: > 0 } meant)
                {
                    yield return new Report(
                        at,
                        $"“{name}” {(meant.Count == 1 ? "is called" : "may be")} {Text.Words.Join(meant, "or")} in the book.",
                        [.. meant.Select(m => Write(m, at))]
                    );
                }
                else
                {
                    var near = book.Nearest(name);
                    yield return new Report(
                        at,
                        $"“{name}” has no standard in the book.{(near is null ? "" : $" Did you mean “{near}”?")}",
                        near is null ? [] : [Write(near, at)]
                    );
                }
            }
        }
    }

    private static Mend Write(string name, SourceRange at) => new($"Write {name}", new TextEdit(at.Line, at.Column, at.Length, name));
}
