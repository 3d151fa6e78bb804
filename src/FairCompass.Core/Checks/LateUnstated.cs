using FairCompass.Core.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>An interval whose unfinished beginning nobody has ruled on.</summary>
public sealed class LateUnstated : ICheck
{
    /// <inheritdoc/>
    public string Id => "late-unstated";

    /// <inheritdoc/>
    public string Title => "An interval whose unfinished beginning nobody has ruled on";

    /// <inheritdoc/>
    public string Why => "When the next interval begins and the first part is not done, every lane would go on differently.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        context
            .AllWork.OfType<Work.Every>()
            .Where(e => e.CarriesOver is null)
            .Select(e => new Report(
                e.At,
                "What happens when the first part is not done and the next interval begins?",
                new Mend(
                    "It carries over",
                    new TextEdit(e.At.Line, e.At.Column, e.At.Length, context.LineText(e.At) + ", unfinished carries over")
                ),
                new Mend(
                    "It is skipped",
                    new TextEdit(e.At.Line, e.At.Column, e.At.Length, context.LineText(e.At) + ", unfinished is skipped")
                )
            ));
}
