using System.Text.RegularExpressions;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Checks;

/// <summary>A line calls a no-rep what two things do at the same moment.</summary>
public sealed partial class GoodCaseCalled : ICheck
{
    /// <inheritdoc/>
    public string Id => "even-is-fault";

    /// <inheritdoc/>
    public string Title => "A no-rep of what is done at one moment";

    /// <inheritdoc/>
    public string Why => "Elsewhere the fault is that one is late; a word turned round makes the good rep a no-rep.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        WrittenRule
            .Of(context)
            .Where(r => r.Sense is { Says: Polarity.Forbids, Together: true } && !r.Movement.Clauses.Any(c => c.Of?.SameMoment == false))
            .Select(r => new Report(
                r.At,
                "This calls a no-rep what happens at one moment; as a rule one late is the fault. Is the word turned round?",
                AtOneMoment().Match(r.Text) is { Success: true } said
                    ? r.Reworded(context, "Write “one late” in its place", said.Value, "one late")
                    : []
            ));

    [GeneratedRegex(@"together|at the same (time|moment)|at once", RegexOptions.IgnoreCase)]
    private static partial Regex AtOneMoment();
}
