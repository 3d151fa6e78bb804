using FairCompass.Comparability.Agreement;
using FairCompass.Store.Day;

namespace FairCompass.Web.Training;

/// <summary>Agreement beyond chance in a calibration: Krippendorff’s α of those who saw a rep.</summary>
/// <param name="Before">Before the ruling; null where it cannot be said.</param>
/// <param name="After">After it.</param>
public sealed record TogetherAgreement(double? Before, double? After)
{
    /// <summary>The agreement of a calibration so far, to hundredths.</summary>
    /// <param name="together">The calibration.</param>
    /// <param name="reps">What was called of each rep that was shown.</param>
    public static TogetherAgreement Of(Together together, IReadOnlyList<TogetherTally> reps)
    {
        double? Agreement(Func<TogetherTally, bool> of) =>
            AgreementMeasures.Krippendorff(reps.Where(of).Select(r => new[] { r.Good, r.NoRep })) is { } a ? Math.Round(a, 2) : null;
        return new(Agreement(r => r.Number <= together.First), Agreement(r => r.Number > together.First));
    }
}
