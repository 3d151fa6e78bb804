using MathNet.Numerics.Distributions;

namespace FairCompass.Comparability.Training;

/// <summary>
/// How well no-reps are told from good reps, and which of the two is called rather: d′ = z(H) − z(F) and the criterion
/// c = −(z(H) + z(F)) / 2 of N. A. Macmillan and C. D. Creelman, Detection Theory, 2nd edition, 2005; rates are corrected by the log-linear
/// rule of M. J. Hautus, “Corrections for extreme proportions”, Behavior Research Methods 27 (1995), 46–51; the variance of d′ is that of
/// V. Gourevitch and E. Galanter, Psychometrika 32 (1967), 25–33.
/// </summary>
/// <param name="Hits">No-reps that were called no-reps.</param>
/// <param name="NoReps">No-reps that were shown.</param>
/// <param name="FalseAlarms">Good reps that were called no-reps.</param>
/// <param name="Good">Good reps that were shown.</param>
public sealed record Detection(int Hits, int NoReps, int FalseAlarms, int Good)
{
    /// <summary>Reps of either kind below which nothing is said. An assumption of ours.</summary>
    public const int Fewest = 8;

    private const double TwoSided = 1.959964;

    private double HitRate => (Hits + 0.5) / (NoReps + 1);

    private double AlarmRate => (FalseAlarms + 0.5) / (Good + 1);

    /// <summary>True where enough of both kinds were shown.</summary>
    public bool IsEnough => NoReps >= Fewest && Good >= Fewest;

    /// <summary>How well the two are told apart: 0 is guessing, 1 is fair, 3 is nearly always right.</summary>
    public double Sharpness => Z(HitRate) - Z(AlarmRate);

    /// <summary>Which is called rather: below 0 a no-rep, which is strict; above 0 a good rep, which is lenient.</summary>
    public double Criterion => -(Z(HitRate) + Z(AlarmRate)) / 2;

    /// <summary>Half of the interval of <see cref="Sharpness"/> that holds it 95 times in 100.</summary>
    public double SharpnessWithin => TwoSided * Error;

    /// <summary>Half of the interval of <see cref="Criterion"/>: its error is half of that of the difference.</summary>
    public double CriterionWithin => TwoSided * Error / 2;

    private double Error => Math.Sqrt(Part(HitRate, NoReps) + Part(AlarmRate, Good));

    private static double Part(double rate, int of) => rate * (1 - rate) / (Math.Max(1, of) * Math.Pow(Normal.PDF(0, 1, Z(rate)), 2));

    private static double Z(double rate) => Normal.InvCDF(0, 1, rate);
}
