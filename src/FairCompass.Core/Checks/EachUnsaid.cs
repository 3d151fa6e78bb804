using FairCompass.Core.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>An amount of a team of which nobody has said whether each does it.</summary>
public sealed class EachUnsaid : ICheck
{
    /// <inheritdoc/>
    public string Id => "each-unsaid";

    /// <inheritdoc/>
    public string Title => "Each, or all together";

    /// <inheritdoc/>
    public string Why => "Both are workouts: of a pair, 40 each are twice as much as 40 together.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        if (!context.Courses.Any(c => c.Address.Division.IsTeam))
        {
            yield break;
        }

        foreach (var task in context.TaskLines)
        {
            if (task.Details.FirstOrDefault(d => d is Detail.Flag { Is: FlagKind.EachUnsaid }) is not { At: var at })
            {
                continue;
            }

            var amount = task.Amount is { } a ? Printer.Amount(a) : "The amount";
            // With the phrase goes the comma before it.
            var comma = context.Lines[at.Line - 1].LastIndexOf(',', at.Column - 1);
            yield return new Report(
                at,
                $"{amount}: does each member do it, or all together?",
                new Mend("Each does it: write each", new TextEdit(at.Line, at.Column, at.Length, "each")),
                new Mend("All together", new TextEdit(at.Line, comma + 1, at.Column + at.Length - 1 - comma, ""))
            );
        }
    }
}
