using FairCompass.Core.Binding;
using FairCompass.Core.Notation;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A name that is neither a division nor anything else that is declared.</summary>
public sealed class UnknownName : ICheck
{
    /// <inheritdoc/>
    public string Id => "unknown-name";

    /// <inheritdoc/>
    public string Title => "A name nobody has declared";

    /// <inheritdoc/>
    public string Why => "The values on this line reach nobody.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var w = context.Workout;
        var divisions = context.Competition.Divisions.Select(d => d.Name).ToList();
        var lines = w
            .Headers.OfType<Header.For>()
            .Select(f => (f.Names, f.At))
            .Concat(
                context
                    .AllWork.SelectMany(w =>
                        w is Work.Task t ? t.Lines
                        : w is Work.Complex c ? c.Lines
                        : []
                    )
                    .OfType<TaskLine.Override>()
                    .Select(o => (o.For, o.At))
            );
        foreach (var (names, at) in lines)
        {
            foreach (
                var (name, near) in names.SelectMany(context.Resolver.Names.Of).OfType<Selector.Unknown>().Select(u => (u.Name, u.Nearest))
            )
            {
                yield return new Report(
                    at,
                    $"There is no division called {name} in this competition."
                        + $"{(near is null ? " There is " + Words.Join(divisions) + "." : $" Did you mean {near}?")}",
                    near is null
                        ? []
                        :
                        [
                            new Mend(
                                $"Write {near}",
                                new TextEdit(
                                    at.Line,
                                    at.Column,
                                    at.Length,
                                    context.LineText(at).Replace(name, near, StringComparison.Ordinal)
                                )
                            ),
                        ]
                );
            }
        }

        if (context.Courses.Count == 0 && w.Title.Length > 0)
        {
            yield return new Report(
                w.At,
                divisions.Count == 0
                    ? "The competition has no divisions yet, so this workout is for nobody."
                    : "This workout is for nobody: none of its divisions is in the competition."
            );
        }
    }
}
