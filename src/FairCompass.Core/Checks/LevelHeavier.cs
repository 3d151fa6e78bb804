using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A lower level that carries more.</summary>
public sealed class LevelHeavier : ICheck
{
    /// <inheritdoc/>
    public string Id => "level-heavier";

    /// <inheritdoc/>
    public string Title => "A lower level that carries more";

    /// <inheritdoc/>
    public string Why => "The order of the levels is the order of what is carried.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var levels = context.Workout.Headers.OfType<Header.Levels>().SelectMany(h => h.Names).Select(n => n.ToString()).ToList();
        var told = new HashSet<int>();
        foreach (
            var task in context
                .Prescribed.Where(p => p.At == default && p.Option is null && p.Address.Level is not null)
                .GroupBy(p => (p.Source.At.Line, p.Address.Division.Name, p.Address.Duty))
        )
        {
            var loads = task.Where(p => p.Prescription.Load is not null)
                .Select(p => (Level: levels.IndexOf(p.Address.Level!), p.Address, Load: p.Prescription.Load!))
                .OrderBy(x => x.Level)
                .ToList();
            for (var i = 1; i < loads.Count; i++)
            {
                if (
                    loads[i].Load.Value.Values.At(0) * loads[i].Load.Value.Implements
                        > loads[i - 1].Load.Value.Values.At(0) * loads[i - 1].Load.Value.Implements
                    && loads[i].Load.Value.Unit == loads[i - 1].Load.Value.Unit
                    && told.Add(task.Key.Line)
                )
                {
                    yield return new Report(
                        loads[i].Load.From.At,
                        $"{loads[i].Address.Level} carries more than {loads[i - 1].Address.Level}.",
                        Exchanged.Of(context, loads[i - 1].Load.From.At, loads[i].Load.From.At)
                    );
                }
            }
        }
    }
}
