using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <summary>A score of load moved: the sum of load times reps.</summary>
internal static class LoadMoved
{
    /// <summary>Why work has no such sum; null where it has.</summary>
    /// <param name="measure">Kilograms or pounds.</param>
    /// <param name="tasks">The tasks that are counted.</param>
    public static string? Misfit(Measure measure, IReadOnlyList<CourseTask> tasks)
    {
        var unit = measure == Measure.Kilograms ? MassUnit.Kilogram : MassUnit.Pound;
        var loaded = tasks.Where(t => t.Prescription.Load is not null || t.Options.Any(o => o.Prescription.Load is not null)).ToList();
        return loaded.Count == 0 ? "No task of this work has a load to be added up."
            : loaded.Find(t => t.Unit != AmountUnit.Rep) is { } carried
                ? $"{carried.Prescription.Movement.Value} is counted by distance; a sum of loads needs reps."
            : loaded.Find(t => t.Options.Count == 0 && t.Lifted is null) is { } differs
                ? $"The members lift different loads at {differs.Prescription.Movement.Value}, and nobody notes who did how many of it."
            : Loads(loaded).FirstOrDefault(l => l != unit) is var other && Loads(loaded).Any(l => l != unit)
                ? $"A load of this work is in {other.Symbol()}; a sum in {unit.Symbol()} would be a conversion."
            : null;
    }

    private static IEnumerable<MassUnit> Loads(IEnumerable<CourseTask> tasks) =>
        tasks
            .SelectMany(t => t.Options.Select(o => o.Prescription.Load).Append(t.Prescription.Load))
            .Where(l => l is not null)
            .Select(l => l!.Value.Unit);
}
