using System.Globalization;
using Google.OrTools.Sat;

namespace FairCompass.Planning.Solving;

/// <summary>One way to ask the solver: one worker, a seed, counted work, and whoever waits may end it.</summary>
internal static class Solver
{
    // One worker that takes turns between ways to search finds the same on every machine; the bound needs the relaxation in full.
    private const string OneWorker = "num_workers:1, interleave_search:true, linearization_level:2";

    /// <summary>Seeks the best answer to a model.</summary>
    /// <param name="model">The model.</param>
    /// <param name="limit">How long.</param>
    /// <param name="better">Hears of each better answer; null for none.</param>
    /// <param name="cancel">Ends the search with what was found.</param>
    public static (CpSolver Solver, CpSolverStatus Status) Ask(
        CpModel model,
        SearchLimit limit,
        Action<CpSolverSolutionCallback>? better,
        CancellationToken cancel
    )
    {
        var solver = new CpSolver
        {
            StringParameters = string.Create(
                CultureInfo.InvariantCulture,
                $"{OneWorker}, random_seed:{limit.Seed & 0xFFFF}, max_deterministic_time:{limit.Work:0.###}"
            ),
        };
        using var told = new Told(better, cancel);
        using var stop = cancel.Register(solver.StopSearch);
        return cancel.IsCancellationRequested ? (solver, CpSolverStatus.Unknown) : (solver, solver.Solve(model, told));
    }

    /// <summary>True where there is an answer to read.</summary>
    public static bool IsAnswer(this CpSolverStatus status) => status is CpSolverStatus.Optimal or CpSolverStatus.Feasible;

    private sealed class Told(Action<CpSolverSolutionCallback>? better, CancellationToken cancel) : CpSolverSolutionCallback
    {
        public override void OnSolutionCallback()
        {
            better?.Invoke(this);
            if (cancel.IsCancellationRequested)
            {
                StopSearch();
            }
        }
    }
}
