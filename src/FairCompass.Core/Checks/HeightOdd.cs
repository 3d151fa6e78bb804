using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A target below the shoulder.</summary>
public sealed class HeightOdd : ICheck
{
    /// <inheritdoc/>
    public string Id => "height-odd";

    /// <inheritdoc/>
    public string Title => "A target below the shoulder";

    /// <inheritdoc/>
    public string Why => "A ball is thrown up to a target.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        context
            .Prescribed.SelectMany(p => p.Prescription.Heights)
            .Where(h =>
                h.Value is { On: HeightKind.Target, From: null }
                && h.Value.Values.At(0) is { } v
                && new Length(v, h.Value.Unit).InMillimetres < 1500
            )
            .DistinctBy(h => h.From.At.Line)
            .Select(h => new Report(
                h.From.At,
                $"{Number.Normal(h.Value.Values.At(0)!.Value)} {h.Value.Unit.Symbol()} is below a standing athlete’s shoulder.",
                // The heights that are usual for a ball that is thrown (common practice).
                CheckContext.Write(h.From.At, "target 3.00/2.75 m")
            ))
            .Concat(BelowTheWrists(context));

    /// <summary>A line below the wrists that stands near the floor: most often centimetres were written for millimetres.</summary>
    private static IEnumerable<Report> BelowTheWrists(CheckContext context) =>
        context
            .Prescribed.SelectMany(p => p.Prescription.Heights)
            .Where(h =>
                h.Value.From?.Contains("wrists", StringComparison.Ordinal) == true
                && h.Value.Values.At(0) is { } v
                && new Length(v, h.Value.Unit).InMillimetres > 300
            )
            .DistinctBy(h => h.From.At.Line)
            .Select(h => new Report(
                h.From.At,
                $"{Number.Normal(h.Value.Values.At(0)!.Value)} {h.Value.Unit.Symbol()} below the wrists is near the floor. Millimetres?",
                h.Value.Unit == LengthUnit.Centimetre
                    ? context.Instead(
                        h.From.At.Line,
                        context.LineText(h.From.At),
                        context.LineText(h.From.At).Replace(" cm", " mm", StringComparison.Ordinal),
                        "Write mm"
                    )
                    : []
            ));
}
