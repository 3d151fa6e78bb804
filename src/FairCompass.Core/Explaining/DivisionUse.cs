using FairCompass.Core.Courses;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Explaining;

/// <summary>Which names a draft relies on.</summary>
public static class DivisionUse
{
    /// <summary>Every name after <c>for</c> and before the colon of a line for some, with repetitions.</summary>
    public static IEnumerable<string> Names(Workout workout) =>
        workout.Headers.OfType<Header.For>().SelectMany(f => f.Names)
            .Concat(PieceOfWork.Of(workout).SelectMany(p => p.Items).SelectMany(Overrides).SelectMany(o => o.For))
            .SelectMany(w => w.Names);

    private static IEnumerable<TaskLine.Override> Overrides(Work work) => work switch
    {
        Work.Task t => t.Lines.OfType<TaskLine.Override>(),
        Work.Rounds r => r.Items.SelectMany(Overrides),
        Work.Scheme s => s.Items.SelectMany(Overrides),
        Work.AnyOrder a => a.Items.SelectMany(Overrides),
        Work.GroupOf g => g.Items.SelectMany(Overrides),
        Work.Every e => e.First.Concat(e.Then).SelectMany(Overrides),
        Work.Complex c => c.Lifts.SelectMany(l => l.Lines.OfType<TaskLine.Override>()),
        _ => [],
    };
}
