using MathNet.Numerics.Distributions;

namespace FairCompass.Comparability.Training;

/// <summary>A call on a rep whose truth is known.</summary>
/// <param name="Margin">How far inside the limit the rep was, in steps of its unit; negative is outside.</param>
/// <param name="NoRep">True where it was called a no-rep.</param>
public readonly record struct LineCall(double Margin, bool NoRep);

/// <summary>Where a judge’s line is, and how sharp it is.</summary>
/// <param name="Line">The margin at which half the reps are called no-reps, in steps: above 0 strict, below 0 lenient.</param>
/// <param name="LineLow">The lower end of the interval that holds it 95 times in 100.</param>
/// <param name="LineHigh">The upper end.</param>
/// <param name="Spread">How far from the line reps are still called either way: the standard deviation of what is seen, in steps.</param>
/// <param name="SpreadLow">The lower end of its interval.</param>
/// <param name="SpreadHigh">The upper end.</param>
/// <param name="Calls">Calls that it rests on.</param>
public sealed record JudgesLine(double Line, double LineLow, double LineHigh, double Spread, double SpreadLow, double SpreadHigh, int Calls)
{
    /// <summary>True where the interval leaves out the line of the standard: strict or lenient.</summary>
    public bool IsOff => LineLow > 0 || LineHigh < 0;
}

/// <summary>
/// What a judge’s calls say of the line that the judge sees. A rep with margin m is called a no-rep with the probability
/// λ/2 + (1 − λ) Φ((t − m) / σ): t is the line, σ how sharp it is, λ how often a call has nothing to do with the rep. All three are kept
/// as a grid of probabilities, which the calls sharpen by Bayes’ rule. The next rep is the one that is expected to sharpen them most:
/// L. L. Kontsevich and C. W. Tyler, “Bayesian adaptive estimation of psychometric slope and threshold”, Vision Research 39 (1999),
/// 2729–2737.
/// </summary>
public sealed class LineModel
{
    /// <summary>Calls below which nothing is said. An assumption of ours: with fewer the interval is that of the prior.</summary>
    public const int Fewest = 8;

    private const int Lines = 81;
    private const double Farthest = 8;

    // What is thought of a judge before the first call, in steps: a line some three steps off at most, a spread around one.
    private const double LinePrior = 2.5;
    private const double SpreadPrior = 0.8;
    private static readonly double[] Spreads = [.. Enumerable.Range(0, 15).Select(i => 0.15 * Math.Pow(1.33, i))];
    private static readonly (double Rate, double Weight)[] Lapses = [(0.01, 0.5), (0.04, 0.3), (0.1, 0.2)];
    private static readonly Cell[] Cells = [.. Grid()];
    private static readonly double[] Prior = Start();

    private readonly double[] now = (double[])Prior.Clone();
    private int calls;

    // Cells of one line and spread stand beside each other, one for each lapse: the normal law is asked once for them.
    private static readonly (double Line, double Spread)[] Shapes = [.. Cells.Chunk(Lapses.Length).Select(c => (c[0].Line, c[0].Spread))];

    private readonly record struct Cell(double Line, double Spread, double Lapse, double Weight);

    /// <summary>The model after calls, in any order.</summary>
    /// <param name="said">The calls.</param>
    public static LineModel After(IEnumerable<LineCall> said)
    {
        var model = new LineModel();
        foreach (var call in said)
        {
            model.Take(call);
        }

        return model;
    }

    /// <summary>What is known by now; null where there are fewer than <see cref="Fewest"/> calls.</summary>
    public JudgesLine? Found()
    {
        if (calls < Fewest)
        {
            return null;
        }

        var (line, low, high) = Interval(c => c.Line);
        var (spread, narrow, wide) = Interval(c => c.Spread);
        return new(line, low, high, spread, narrow, wide, calls);
    }

    /// <summary>The margin of those that can be shown that tells most.</summary>
    /// <param name="candidates">At least one, in steps.</param>
    public double Next(IReadOnlyList<double> candidates) => candidates.MinBy(Uncertainty);

    /// <summary>The probability that a judge calls a rep a no-rep.</summary>
    /// <param name="margin">Of the rep, in steps.</param>
    /// <param name="line">The judge’s line, in steps.</param>
    /// <param name="spread">Over 0, in steps.</param>
    /// <param name="lapse">From 0 to 1.</param>
    public static double NoRep(double margin, double line, double spread, double lapse) =>
        (lapse / 2) + ((1 - lapse) * Normal.CDF(0, 1, (line - margin) / spread));

    private static IEnumerable<Cell> Grid()
    {
        for (var i = 0; i < Lines; i++)
        {
            var line = -Farthest + (i * 2 * Farthest / (Lines - 1));
            foreach (var spread in Spreads)
            {
                foreach (var (rate, weight) in Lapses)
                {
                    var far = line / LinePrior;
                    var wide = Math.Log(spread) / SpreadPrior;
                    yield return new(line, spread, rate, weight * Math.Exp(-((far * far) + (wide * wide)) / 2));
                }
            }
        }
    }

    private static double[] Start()
    {
        var all = Cells.Sum(c => c.Weight);
        return [.. Cells.Select(c => c.Weight / all)];
    }

    private void Take(LineCall call)
    {
        calls++;
        var all = 0.0;
        Each(
            call.Margin,
            (i, noRep) =>
            {
                now[i] *= call.NoRep ? noRep : 1 - noRep;
                all += now[i];
            }
        );

        for (var i = 0; i < now.Length; i++)
        {
            now[i] /= all;
        }
    }

    /// <summary>The entropy that is expected after one more call on a rep.</summary>
    private double Uncertainty(double margin)
    {
        var (noRep, stays) = (0.0, 0.0);
        var (sumNo, sumYes) = (0.0, 0.0);
        Each(
            margin,
            (i, p) =>
            {
                var (a, b) = (now[i] * p, now[i] * (1 - p));
                noRep += a;
                stays += b;
                sumNo += a > 0 ? a * Math.Log(a) : 0;
                sumYes += b > 0 ? b * Math.Log(b) : 0;
            }
        );

        // Σ a log (a / A) = Σ a log a − A log A, for both answers.
        return (noRep * Math.Log(noRep)) - sumNo + (stays * Math.Log(stays)) - sumYes;
    }

    /// <summary>Each cell with its probability of a no-rep.</summary>
    private static void Each(double margin, Action<int, double> of)
    {
        for (var shape = 0; shape < Shapes.Length; shape++)
        {
            var seen = NoRep(margin, Shapes[shape].Line, Shapes[shape].Spread, 0);
            for (var k = 0; k < Lapses.Length; k++)
            {
                of((shape * Lapses.Length) + k, (Lapses[k].Rate / 2) + ((1 - Lapses[k].Rate) * seen));
            }
        }
    }

    private (double Middle, double Low, double High) Interval(Func<Cell, double> of)
    {
        var shares = Cells
            .Select((c, i) => (Value: of(c), Share: now[i]))
            .GroupBy(x => x.Value)
            .Select(g => (Value: g.Key, Share: g.Sum(x => x.Share)))
            .OrderBy(x => x.Value)
            .ToList();
        double At(double share)
        {
            var sum = 0.0;
            for (var i = 0; i < shares.Count; i++)
            {
                if (sum + shares[i].Share >= share)
                {
                    // Within a cell the probability is spread evenly between its neighbours’ middles.
                    var left = i > 0 ? (shares[i - 1].Value + shares[i].Value) / 2 : shares[i].Value;
                    var right = i + 1 < shares.Count ? (shares[i].Value + shares[i + 1].Value) / 2 : shares[i].Value;
                    return left + ((right - left) * (share - sum) / shares[i].Share);
                }

                sum += shares[i].Share;
            }

            return shares[^1].Value;
        }

        return (At(0.5), At(0.025), At(0.975));
    }
}
