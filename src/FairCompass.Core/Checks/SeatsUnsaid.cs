using FairCompass.Core.Competitions;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Members work one after another with loads of their own, and nobody says who stands at which place.</summary>
public sealed class SeatsUnsaid : ICheck
{
    /// <inheritdoc/>
    public string Id => "seat-of-sex";

    /// <inheritdoc/>
    public string Title => "Who stands at which place";

    /// <inheritdoc/>
    public string Why => "The places have other loads, and a team that is made up in another order has another workout.";

    /// <inheritdoc/>
    public Severity Severity => Severity.WorthALook;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from stage in context.Workout.Stages
        where stage is Stage.Relay && !context.Workout.Headers.OfType<Header.Seats>().Any()
        where context.Courses.Any(c => c.Address.Division is { IsTeam: true, Seats.Count: 0 } d && d.EachDuty.Distinct().Count() > 1)
        // Whoever gives each place its own line has said what each does.
        where
            !context.TaskLines.Any(t =>
                t.Lines.OfType<TaskLine.Override>().Any(o => o.For.Any(w => w.ToString() is [>= '1' and <= '9', ..]))
            )
        from task in context.Prescribed.Where(p => p.At == default && p.Option is null).GroupBy(p => p.Source.At.Line)
        where
            task.Where(p => p.Address.Division.IsTeam)
                .Select(p => p.Prescription.Load?.Value.Values.At(0))
                .OfType<decimal>()
                .Distinct()
                .Count() > 1
        let first = task.First(p => p.Address.Division.IsTeam).Address.Division
        let duties = first.EachDuty.Distinct().ToList()
        let seats = Enumerable.Range(0, first.Size).Select(i => duties[i % duties.Count].Word()).ToList()
        select new Report(
            stage.At,
            $"The places take turns as {Words.Join(seats)}, each with the own load: is every team made up so?",
            context.Followed(After(context), $"  seats {string.Join(", ", seats)}", $"Say it: seats {string.Join(", ", seats)}"),
            context.Followed(After(context), "  seats free, told at check-in", "Free: each team tells its order at check-in")
        );

    private static int After(CheckContext context) =>
        context.Workout.Headers.Select(h => h.At.Line).DefaultIfEmpty(context.Workout.At.Line).Max();
}
