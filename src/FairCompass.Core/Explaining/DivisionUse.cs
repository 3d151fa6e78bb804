using FairCompass.Core.Workouts;

namespace FairCompass.Core.Explaining;

/// <summary>Which names a draft relies on.</summary>
public static class DivisionUse
{
    /// <summary>Every name after <c>for</c> and before the colon of a line for some, with repetitions.</summary>
    public static IEnumerable<string> Names(Workout workout) =>
        workout
            .Headers.OfType<Header.For>()
            .SelectMany(f => f.Names)
            .Concat(
                WorkTree
                    .All(workout)
                    .SelectMany(w =>
                        w is Work.Task t ? t.Lines
                        : w is Work.Complex c ? c.Lines
                        : []
                    )
                    .OfType<TaskLine.Override>()
                    .SelectMany(o => o.For)
            )
            .SelectMany(w => w.Names);
}
