namespace FairCompass.Core.Checks;

/// <summary>A score line that refers to what is not there, or does not fit its part.</summary>
public sealed class ScoreMisfit : ICheck
{
    /// <inheritdoc/>
    public string Id => "score-misfit";

    /// <inheritdoc/>
    public string Title => "A score that does not fit the work";

    /// <inheritdoc/>
    public string Why => "The score desk could not compute it.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        context
            .Sheets.SelectMany(s => s.Problems)
            .Select(p => (p.At.Line, p.At.Column, p.At.Length, p.Sentence))
            .Distinct()
            .Select(p => new Report(new(p.Line, p.Column, p.Length), p.Sentence));
}
