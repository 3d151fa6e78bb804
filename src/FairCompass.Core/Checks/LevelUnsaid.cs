using System.Text.RegularExpressions;

namespace FairCompass.Core.Checks;

/// <summary>A line compares a part of the body with a height and does not say on which side it is.</summary>
public sealed partial class LevelUnsaid : ICheck
{
    /// <inheritdoc/>
    public string Id => "polarity";

    /// <inheritdoc/>
    public string Title => "A level that is read both ways";

    /// <inheritdoc/>
    public string Why => "“At” the knee is above it to one judge and below it to the next.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        WrittenRule
            .Of(context)
            .Select(r => (Rule: r, At: AtALevel().Match(r.Text)))
            .Where(x => x.At.Success && !Sided().IsMatch(x.Rule.Text) && x.Rule.Sense.Parts.Overlaps(Levels))
            .Select(x => new Report(
                x.Rule.At,
                $"Lower or higher? “{x.At.Value.Trim()}” is read both ways on the floor.",
                [
                    .. x.Rule.Reworded(context, "Write lower than", x.At.Value, "is lower than "),
                    .. x.Rule.Reworded(context, "Write not lower than", x.At.Value, "is not lower than "),
                ]
            ));

    /// <summary>Parts whose height is judged.</summary>
    private static readonly HashSet<string> Levels = new(StringComparer.Ordinal) { "hip", "knee", "elbow", "chin", "head", "shoulder" };

    [GeneratedRegex(@"\bis (at|level with|even with|by) ", RegexOptions.IgnoreCase)]
    private static partial Regex AtALevel();

    [GeneratedRegex(@"\b(below|above|lower|higher|under|over|at least|or lower|or higher)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Sided();
}
