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
            .Select(e =>
                e.IsPlain
                    ? new Report(
                        e.At,
                        "What happens when an interval is not finished and the next begins?",
                        With(context, e, "It is lost, and what is done counts", "unfinished is skipped, what is done counts"),
                        With(context, e, "Nothing of it counts", "unfinished is skipped, nothing of it counts"),
                        With(context, e, "It carries over", "unfinished carries over"),
                        With(context, e, "The work ends", "unfinished ends the work")
                    )
                    : new Report(
                        e.At,
                        "What happens when the first part is not done and the next interval begins?",
                        With(context, e, "It carries over", "unfinished carries over"),
                        With(context, e, "It is skipped", "unfinished is skipped")
                    )
            )
            .Concat(
                context
                    .AllWork.OfType<Work.Every>()
                    .Where(e => e is { IsPlain: true, CarriesOver: false, EndsWork: false, Counts: null })
                    .Select(e => new Report(
                        e.At,
                        "What counts of an interval that is not finished?",
                        With(context, e, "What is done counts", "what is done counts"),
                        With(context, e, "Nothing of it counts", "nothing of it counts")
                    ))
            );

    private static Mend With(CheckContext context, Work.Every every, string label, string words) =>
        new(label, new TextEdit(every.At.Line, every.At.Column, every.At.Length, $"{context.LineText(every.At)}, {words}"));
}
