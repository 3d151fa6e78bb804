using MathNet.Numerics.LinearAlgebra;
using MathNet.Numerics.Optimization;

namespace FairCompass.Comparability;

/// <summary>An effect on the rate of no-reps, on the scale of natural logarithms: 0.69 is twice as many.</summary>
/// <param name="Value">The estimate, drawn towards 0 the more the less was watched.</param>
/// <param name="Error">Its standard error, given the spreads.</param>
public readonly record struct Effect(double Value, double Error);

/// <summary>
/// No-reps by units watched as a Poisson model with normal effects of athlete, judge, lane and heat on the logarithm of the rate, and a
/// level of its own for each cell. Spreads are those of greatest likelihood by Laplace’s approximation, effects the most likely ones given
/// them.
/// </summary>
/// <remarks>Breslow, N. E. and Clayton, D. G.: Approximate inference in generalized linear mixed models, Journal of the American
/// Statistical Association 88 (1993), 9–25; Bates, D. et al.: Fitting linear mixed-effects models using lme4, Journal of Statistical
/// Software 67 (2015).</remarks>
public sealed class TallyModel
{
    /// <summary>A spread of this is none: with it the standardised effect of a judge is the score of a test that there is none.</summary>
    public const double NoSpread = 0.02;

    /// <summary>A spread of this says nothing beforehand: a factor of seven either way is as likely as not.</summary>
    public const double FreeSpread = 3;

    /// <summary>The level of a cell is held within some orders of magnitude of the mean of all, so that a cell without a no-rep has
    /// one.</summary>
    private const double LevelSpread = 3;

    private const int MostSteps = 60;
    private const double Settled = 1e-6;
    private const double Near = 1e-3;

    /// <summary>A row with its cell, judge, lane and heat (where it is known) among the small effects, and where each is among those that
    /// its athlete touches.</summary>
    private sealed record Row(int Athlete, int[] Small, int[] At, double LogUnits, double NoReps);

    private readonly Row[] rows;
    private readonly int[][] touched;
    private readonly int athletes;
    private readonly int cells;
    private readonly int judges;
    private readonly int lanes;
    private readonly int heats;
    private readonly double level;
    private Solved start;

    /// <summary>The model of what was watched. It remembers where it was last, so it is for one thread.</summary>
    /// <param name="watched">At least one row with a unit.</param>
    public TallyModel(IReadOnlyList<Watched> watched)
    {
        var athlete = Numbered(watched.Select(w => w.Athlete));
        var cell = Numbered(watched.Select(w => w.Cell));
        JudgeNumbers = Numbered(watched.Select(w => w.Judge));
        LaneNumbers = Numbered(watched.Select(w => w.Lane));
        HeatNumbers = Numbered(watched.Select(w => w.Heat).OfType<string>());
        (athletes, cells) = (athlete.Count, cell.Count);
        (judges, lanes, heats) = (JudgeNumbers.Count, LaneNumbers.Count, HeatNumbers.Count);
        int[] Of(Watched w)
        {
            int[] known = [cell[w.Cell], cells + JudgeNumbers[w.Judge], cells + judges + LaneNumbers[w.Lane]];
            return w.Heat is { } heat ? [.. known, cells + judges + lanes + HeatNumbers[heat]] : known;
        }

        var sets = Enumerable.Range(0, athletes).Select(_ => new SortedSet<int>()).ToArray();
        foreach (var w in watched)
        {
            sets[athlete[w.Athlete]].UnionWith(Of(w));
        }

        touched = Array.ConvertAll(sets, s => s.ToArray());
        rows = [.. watched.Select(w => RowOf(w, athlete[w.Athlete], Of(w)))];
        level = Math.Log((watched.Sum(w => w.NoReps) + 0.5) / watched.Sum(w => w.Units));
        start = new(
            new double[athletes],
            [.. Enumerable.Repeat(level, cells), .. new double[judges + lanes + heats]],
            [],
            Matrix<double>.Build.Dense(1, 1)
        );
    }

    private Row RowOf(Watched w, int athlete, int[] of) =>
        new(athlete, of, Array.ConvertAll(of, k => Array.BinarySearch(touched[athlete], k)), Math.Log(w.Units), w.NoReps);

    /// <summary>The number of each judge, from 0.</summary>
    public IReadOnlyDictionary<Guid, int> JudgeNumbers { get; }

    /// <summary>The number of each lane, from 0.</summary>
    public IReadOnlyDictionary<string, int> LaneNumbers { get; }

    /// <summary>The number of each heat, from 0.</summary>
    public IReadOnlyDictionary<string, int> HeatNumbers { get; }

    /// <summary>The spreads of greatest likelihood; where heats are not known, they do not differ.</summary>
    public Spreads Fit()
    {
        Spreads Of(Vector<double> v) => Spreads.Of(v[0], v[1], v[2], heats > 0 ? v[3] : double.NegativeInfinity);
        var best = (Likelihood: double.NegativeInfinity, Spreads: Of(Vector<double>.Build.Dense(4)));
        double Minus(Vector<double> v)
        {
            var at = Of(v);
            var likelihood = Likelihood(at);
            best = likelihood > best.Likelihood ? (likelihood, at) : best;
            return -likelihood;
        }

        try
        {
            _ = NelderMeadSimplex.Minimum(
                ObjectiveFunction.Value(Minus),
                Vector<double>.Build.Dense(heats > 0 ? [-0.9, -1.6, -1.6, -1.6] : [-0.9, -1.6, -1.6]),
                convergenceTolerance: 1e-4,
                maximumIterations: 500
            );
        }
        catch (MaximumIterationsException)
        {
            // A likelihood as flat as that tells the spreads no better; what was best of five hundred holds.
        }

        return best.Spreads;
    }

    /// <summary>The effects of judges, lanes and heats that are most likely at some spreads.</summary>
    /// <param name="spreads">The spreads.</param>
    public TallyEffects At(Spreads spreads)
    {
        var s = Solve(spreads);
        var inverse = s.Schur.Cholesky().Solve(Matrix<double>.Build.DenseIdentity(s.Schur.RowCount));
        Effect Small(int k) => new(s.Small[k], Math.Sqrt(inverse[k, k]));
        return new(
            [.. Enumerable.Range(0, judges).Select(j => Small(cells + j))],
            [.. Enumerable.Range(0, lanes).Select(l => Small(cells + judges + l))],
            [.. Enumerable.Range(0, heats).Select(h => Small(cells + judges + lanes + h))],
            [.. rows.Select(r => Math.Exp(Rate(r, s)))]
        );
    }

    /// <summary>One effect with a spread of its own: with <see cref="NoSpread"/> what is left of it is the score of a test that there is
    /// none, with <see cref="FreeSpread"/> nothing is known of it but what was watched.</summary>
    /// <param name="spreads">The spreads of the others.</param>
    /// <param name="index">The number of a judge, of a lane behind all judges, or of a heat behind all lanes.</param>
    /// <param name="spread">Its own.</param>
    public Effect Alone(Spreads spreads, int index, double spread)
    {
        var s = Solve(spreads, (index, spread));
        var unit = Vector<double>.Build.Dense(s.Small.Length, k => k == cells + index ? 1 : 0);
        return new(s.Small[cells + index], Math.Sqrt(s.Schur.Cholesky().Solve(unit)[cells + index]));
    }

    /// <summary>The logarithm of the likelihood of some spreads, by Laplace’s approximation.</summary>
    /// <param name="spreads">The spreads.</param>
    public double Likelihood(Spreads spreads)
    {
        var s = Solve(spreads);
        var likelihood = rows.Sum(r => (r.NoReps * Rate(r, s)) - Math.Exp(Rate(r, s)) - LogFactorial(r.NoReps));
        likelihood -= s.Athletes.Sum(u => u * u) / (2 * spreads.Athlete * spreads.Athlete);
        var others = judges + lanes + heats;
        likelihood -= Enumerable.Range(cells, others).Sum(k => Square(s.Small[k] / SpreadOf(k, spreads, null))) / 2;
        var random = s.Schur.SubMatrix(cells, others, cells, others);
        return likelihood
            - (athletes * Math.Log(spreads.Athlete))
            - (judges * Math.Log(spreads.Judge))
            - (lanes * Math.Log(spreads.Lane))
            - (heats * Math.Log(spreads.Heat))
            - (0.5 * (s.Diagonal.Sum(Math.Log) + random.Cholesky().DeterminantLn));
    }

    /// <summary>Effects with the curvature around them: of athletes one by one, and of the rest once athletes are eliminated.</summary>
    private sealed record Solved(double[] Athletes, double[] Small, double[] Diagonal, Matrix<double> Schur);

    /// <summary>Newton’s steps to the most likely effects. Athletes appear in rows of their own, so they are eliminated first, one by one,
    /// and what remains is as small as cells, judges, lanes and heats are.</summary>
    private Solved Solve(Spreads spreads, (int Index, double Spread)? own = null)
    {
        var now = start;
        var worth = Penalised(now, spreads, own);
        for (var step = 0; step < MostSteps; step++)
        {
            var around = new Curvature(this, now, spreads, own);
            var (moves, move) = around.Step();
            now = now with { Diagonal = around.Diagonal, Schur = around.Schur };
            var far = (move.Sum(Math.Abs) + moves.Sum(Math.Abs)) / (move.Count + athletes);
            if (far < Settled)
            {
                break;
            }

            // A step that makes it worse is halved.
            for (var part = 1.0; part > 1e-6; part /= 2)
            {
                var next = now with
                {
                    Athletes = [.. now.Athletes.Select((u, a) => u + (part * moves[a]))],
                    Small = [.. now.Small.Select((u, k) => u + (part * move[k]))],
                };
                if (Penalised(next, spreads, own) is var better && better >= worth)
                {
                    (now, worth) = (next, better);
                    break;
                }
            }

            // A step of Newton’s leaves the square of what it found: one effect by itself is not asked for more.
            if (own is not null && far < Near)
            {
                break;
            }
        }

        // The next spreads are near these, and so are their effects.
        return start = now;
    }

    /// <summary>Slope and curvature at some effects.</summary>
    private sealed class Curvature
    {
        private readonly TallyModel model;
        private readonly double[] slopes;
        private readonly double[] smallSlopes;
        private readonly double[][] cross;

        /// <summary>What <see cref="Schur"/> holds, line by line.</summary>
        private readonly double[] flat;

        public Curvature(TallyModel model, Solved at, Spreads spreads, (int Index, double Spread)? own)
        {
            this.model = model;
            var count = at.Small.Length;
            Diagonal = Enumerable.Repeat(1 / Square(spreads.Athlete), model.athletes).ToArray();
            cross = Array.ConvertAll(model.touched, t => new double[t.Length]);
            slopes = Array.ConvertAll(at.Athletes, u => -u / Square(spreads.Athlete));
            smallSlopes = new double[count];
            Schur = Matrix<double>.Build.Dense(count, count, flat = new double[count * count]);
            for (var k = 0; k < count; k++)
            {
                var spread = model.SpreadOf(k, spreads, own);
                flat[(k * count) + k] = 1 / Square(spread);
                smallSlopes[k] = -(at.Small[k] - (k < model.cells ? model.level : 0)) / Square(spread);
            }

            foreach (var row in model.rows)
            {
                var mean = Math.Exp(Rate(row, at));
                var off = row.NoReps - mean;
                Diagonal[row.Athlete] += mean;
                slopes[row.Athlete] += off;
                for (var i = 0; i < row.Small.Length; i++)
                {
                    Add(row, i, mean, off);
                }
            }
        }

        public double[] Diagonal { get; }

        /// <summary>Of the rest; once <see cref="Step"/> is made, with athletes eliminated.</summary>
        public Matrix<double> Schur { get; }

        private void Add(Row row, int i, double mean, double off)
        {
            smallSlopes[row.Small[i]] += off;
            cross[row.Athlete][row.At[i]] += mean;
            var line = row.Small[i] * smallSlopes.Length;
            foreach (var k in row.Small)
            {
                flat[line + k] += mean;
            }
        }

        /// <summary>One step, of athletes and of the rest.</summary>
        public (double[] Athletes, Vector<double> Others) Step()
        {
            for (var a = 0; a < model.athletes; a++)
            {
                var (of, values) = (model.touched[a], cross[a]);
                for (var i = 0; i < of.Length; i++)
                {
                    var share = values[i] / Diagonal[a];
                    smallSlopes[of[i]] -= share * slopes[a];
                    var line = of[i] * smallSlopes.Length;
                    for (var j = 0; j < of.Length; j++)
                    {
                        flat[line + of[j]] -= share * values[j];
                    }
                }
            }

            var others = Schur.Cholesky().Solve(Vector<double>.Build.Dense(smallSlopes));
            var moves = new double[model.athletes];
            for (var a = 0; a < moves.Length; a++)
            {
                var sum = slopes[a];
                for (var i = 0; i < cross[a].Length; i++)
                {
                    sum -= cross[a][i] * others[model.touched[a][i]];
                }

                moves[a] = sum / Diagonal[a];
            }

            return (moves, others);
        }
    }

    private double Penalised(Solved at, Spreads spreads, (int Index, double Spread)? own)
    {
        var sum = 0.0;
        foreach (var row in rows)
        {
            var rate = Rate(row, at);
            sum += (row.NoReps * rate) - Math.Exp(rate);
        }

        sum -= at.Athletes.Sum(Square) / (2 * Square(spreads.Athlete));
        for (var k = 0; k < at.Small.Length; k++)
        {
            sum -= Square(at.Small[k] - (k < cells ? level : 0)) / (2 * Square(SpreadOf(k, spreads, own)));
        }

        return sum;
    }

    private double SpreadOf(int k, Spreads spreads, (int Index, double Spread)? own) =>
        k < cells ? LevelSpread
        : k - cells == own?.Index ? own.Value.Spread
        : k < cells + judges ? spreads.Judge
        : k < cells + judges + lanes ? spreads.Lane
        : spreads.Heat;

    private static double Rate(Row r, Solved s)
    {
        var rate = r.LogUnits + s.Athletes[r.Athlete];
        foreach (var k in r.Small)
        {
            rate += s.Small[k];
        }

        return rate;
    }

    private static double Square(double x) => x * x;

    private static double LogFactorial(double n) => MathNet.Numerics.SpecialFunctions.GammaLn(n + 1);

    private static Dictionary<T, int> Numbered<T>(IEnumerable<T> all)
        where T : notnull => all.Distinct().Select((x, i) => (x, i)).ToDictionary(p => p.x, p => p.i);
}

/// <summary>How much rates of no-reps differ between athletes, judges, lanes and heats: standard deviations of their logarithm.</summary>
/// <param name="Athlete">Between athletes, over 0.</param>
/// <param name="Judge">Between judges, over 0.</param>
/// <param name="Lane">Between lanes, over 0.</param>
/// <param name="Heat">Between heats of a workout, over 0.</param>
public sealed record Spreads(double Athlete, double Judge, double Lane, double Heat)
{
    /// <summary>Spreads by their logarithms, within what a day can show: a fiftieth to some five-fold.</summary>
    public static Spreads Of(double athlete, double judge, double lane, double heat)
    {
        static double Within(double log) => Math.Exp(Math.Clamp(log, Math.Log(TallyModel.NoSpread), 1.6));
        return new(Within(athlete), Within(judge), Within(lane), Within(heat));
    }
}

/// <summary>Effects at some spreads.</summary>
/// <param name="Judges">By the number of the judge.</param>
/// <param name="Lanes">By the number of the lane.</param>
/// <param name="Heats">By the number of the heat.</param>
/// <param name="Expected">No-reps that each row was to be expected to have, its judge, lane and heat included.</param>
public sealed record TallyEffects(
    IReadOnlyList<Effect> Judges,
    IReadOnlyList<Effect> Lanes,
    IReadOnlyList<Effect> Heats,
    IReadOnlyList<double> Expected
);
