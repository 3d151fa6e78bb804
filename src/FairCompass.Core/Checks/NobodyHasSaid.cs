using FairCompass.Core.Notation;

namespace FairCompass.Core.Checks;

/// <summary>A value written as <c>unset</c>.</summary>
public sealed class NobodyHasSaid : ICheck
{
    /// <inheritdoc/>
    public string Id => "nobody-has-said";

    /// <inheritdoc/>
    public string Title => "A value that nobody has said";

    /// <inheritdoc/>
    public string Why => "It is marked unset on purpose; it has to be decided before the workout is published.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        context.Unset.Select(at => new Report(at, UnsetWords.Of(context.Lines[at.Line - 1], at.Column - 1)));
}
