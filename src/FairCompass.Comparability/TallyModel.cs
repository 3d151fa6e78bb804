using MathNet.Numerics.LinearAlgebra;
using MathNet.Numerics.Optimization;

namespace FairCompass.Comparability;

/// <summary>An effect on the rate of no-reps, on the scale of natural logarithms: 0.69 is twice as many.</summary>
/// <param name="Value">The estimate, drawn towards 0 the more the less was watched.</param>
/// <param name="Error">Its standard error, given the spreads.</param>
public readonly record struct Effect(double Value, double Error);

/// <summary>
/// No-reps by units watched as a Poisson model with normal effects of athlete, judge and lane on the logarithm of the rate, and a level of
/// its own for each cell. Spreads are those of greatest likelihood by Laplace’s approximation, effects the most likely ones given them.
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

    /// <summary>A row with its place among the small effects, and where among those that its athlete touches.</summary>
    private readonly record struct Row(
        int Athlete,
        int Cell,
        int Judge,
        int Lane,
        int CellAt,
        int JudgeAt,
        int LaneAt,
        double LogUnits,
        double NoReps
    );

    private readonly Row[] rows;
    private readonly int[][] touched;
    private readonly int athletes;
    private readonly int cells;
    private readonly int judges;
    private readonly int lanes;
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
        (athletes, cells, judges, lanes) = (athlete.Count, cell.Count, JudgeNumbers.Count, LaneNumbers.Count);
        (int Cell, int Judge, int Lane) Of(Watched w) =>
            (cell[w.Cell], cells + JudgeNumbers[w.Judge], cells + judges + LaneNumbers[w.Lane]);
        var sets = Enumerable.Range(0, athletes).Select(_ => new SortedSet<int>()).ToArray();
        foreach (var w in watched)
        {
            var (c, j, l) = Of(w);
            sets[athlete[w.Athlete]].UnionWith([c, j, l]);
        }

        touched = Array.ConvertAll(sets, s => s.ToArray());
        rows = [.. watched.Select(w => RowOf(w, athlete[w.Athlete], Of(w)))];
        level = Math.Log((watched.Sum(w => w.NoReps) + 0.5) / watched.Sum(w => w.Units));
        start = new(
            new double[athletes],
            [.. Enumerable.Repeat(level, cells), .. new double[judges + lanes]],
            [],
            Matrix<double>.Build.Dense(1, 1)
        );
    }

    private Row RowOf(Watched w, int athlete, (int Cell, int Judge, int Lane) of)
    {
        int At(int k) => Array.BinarySearch(touched[athlete], k);
        return new(athlete, of.Cell, of.Judge, of.Lane, At(of.Cell), At(of.Judge), At(of.Lane), Math.Log(w.Units), w.NoReps);
    }

    /// <summary>The number of each judge, from 0.</summary>
    public IReadOnlyDictionary<Guid, int> JudgeNumbers { get; }

    /// <summary>The number of each lane, from 0.</summary>
    public IReadOnlyDictionary<string, int> LaneNumbers { get; }

    /// <summary>The spreads of greatest likelihood.</summary>
    public Spreads Fit()
    {
        double Minus(Vector<double> v) => -Likelihood(Spreads.Of(v[0], v[1], v[2]));
        var found = NelderMeadSimplex.Minimum(
            ObjectiveFunction.Value(Minus),
            Vector<double>.Build.Dense([-0.9, -1.6, -1.6]),
            convergenceTolerance: 1e-4,
            maximumIterations: 500
        );
        var at = found.MinimizingPoint;
        return Spreads.Of(at[0], at[1], at[2]);
    }

    /// <summary>The effects of athletes, judges and lanes that are most likely at some spreads.</summary>
    /// <param name="spreads">The spreads.</param>
    /// <param name="own">The number of a judge, or of a lane behind all judges, that has a spread of its own, and that: with
    /// <see cref="NoSpread"/> what is left of its effect is the score of a test that it has none, with <see cref="FreeSpread"/> nothing is
    /// known of it but what was watched. Null for none.</param>
    public TallyEffects At(Spreads spreads, (int Index, double Spread)? own = null)
    {
        var s = Solve(spreads, own);
        var inverse = s.Schur.Cholesky().Solve(Matrix<double>.Build.DenseIdentity(s.Schur.RowCount));
        Effect Small(int k) => new(s.Small[k], Math.Sqrt(inverse[k, k]));
        return new(
            [.. Enumerable.Range(0, judges).Select(j => Small(cells + j))],
            [.. Enumerable.Range(0, lanes).Select(l => Small(cells + judges + l))],
            [.. rows.Select(r => Math.Exp(Rate(r, s)))]
        );
    }

    /// <summary>The logarithm of the likelihood of some spreads, by Laplace’s approximation.</summary>
    /// <param name="spreads">The spreads.</param>
    public double Likelihood(Spreads spreads)
    {
        var s = Solve(spreads);
        var likelihood = rows.Sum(r => (r.NoReps * Rate(r, s)) - Math.Exp(Rate(r, s)) - LogFactorial(r.NoReps));
        likelihood -= s.Athletes.Sum(u => u * u) / (2 * spreads.Athlete * spreads.Athlete);
        likelihood -= Enumerable.Range(0, judges).Sum(j => Square(s.Small[cells + j])) / (2 * Square(spreads.Judge));
        likelihood -= Enumerable.Range(0, lanes).Sum(l => Square(s.Small[cells + judges + l])) / (2 * Square(spreads.Lane));
        var random = s.Schur.SubMatrix(cells, judges + lanes, cells, judges + lanes);
        return likelihood
            - (athletes * Math.Log(spreads.Athlete))
            - (judges * Math.Log(spreads.Judge))
            - (lanes * Math.Log(spreads.Lane))
            - (0.5 * (s.Diagonal.Sum(Math.Log) + random.Cholesky().DeterminantLn));
    }

    /// <summary>Effects with the curvature around them: of athletes one by one, and of the rest once athletes are eliminated.</summary>
    private sealed record Solved(double[] Athletes, double[] Small, double[] Diagonal, Matrix<double> Schur);

    /// <summary>Newton’s steps to the most likely effects. Athletes appear in rows of their own, so they are eliminated first, one by one,
    /// and what remains is as small as cells, judges and lanes are.</summary>
    private Solved Solve(Spreads spreads, (int Index, double Spread)? own = null)
    {
        var now = start;
        var worth = Penalised(now, spreads, own);
        for (var step = 0; step < MostSteps; step++)
        {
            var around = new Curvature(this, now, spreads, own);
            var (moves, move) = around.Step();
            now = now with { Diagonal = around.Diagonal, Schur = around.Schur };
            if (move.Sum(Math.Abs) + moves.Sum(Math.Abs) < 1e-6 * (move.Count + athletes))
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
                Add(row, row.Cell, row.CellAt, mean, off);
                Add(row, row.Judge, row.JudgeAt, mean, off);
                Add(row, row.Lane, row.LaneAt, mean, off);
            }
        }

        public double[] Diagonal { get; }

        /// <summary>Of the rest; once <see cref="Step"/> is made, with athletes eliminated.</summary>
        public Matrix<double> Schur { get; }

        private void Add(in Row row, int k, int at, double mean, double off)
        {
            smallSlopes[k] += off;
            cross[row.Athlete][at] += mean;
            var line = k * smallSlopes.Length;
            flat[line + row.Cell] += mean;
            flat[line + row.Judge] += mean;
            flat[line + row.Lane] += mean;
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
        : spreads.Lane;

    private static double Rate(in Row r, Solved s) =>
        r.LogUnits + s.Athletes[r.Athlete] + s.Small[r.Cell] + s.Small[r.Judge] + s.Small[r.Lane];

    private static double Square(double x) => x * x;

    private static double LogFactorial(double n) => MathNet.Numerics.SpecialFunctions.GammaLn(n + 1);

    private static Dictionary<T, int> Numbered<T>(IEnumerable<T> all)
        where T : notnull => all.Distinct().Select((x, i) => (x, i)).ToDictionary(p => p.x, p => p.i);
}

/// <summary>How much rates of no-reps differ between athletes, judges and lanes: standard deviations of their logarithm.</summary>
/// <param name="Athlete">Between athletes, over 0.</param>
/// <param name="Judge">Between judges, over 0.</param>
/// <param name="Lane">Between lanes, over 0.</param>
public sealed record Spreads(double Athlete, double Judge, double Lane)
{
    /// <summary>Spreads by their logarithms, within what a day can show: a fiftieth to some five-fold.</summary>
    public static Spreads Of(double athlete, double judge, double lane)
    {
        static double Within(double log) => Math.Exp(Math.Clamp(log, Math.Log(TallyModel.NoSpread), 1.6));
        return new(Within(athlete), Within(judge), Within(lane));
    }
}

/// <summary>Effects at some spreads.</summary>
/// <param name="Judges">By the number of the judge.</param>
/// <param name="Lanes">By the number of the lane.</param>
/// <param name="Expected">No-reps that each row was to be expected to have, its judge and lane included.</param>
public sealed record TallyEffects(IReadOnlyList<Effect> Judges, IReadOnlyList<Effect> Lanes, IReadOnlyList<double> Expected);
