using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Prescriptions;

/// <summary>
/// The times of a workout as one entry has them, and how many rounds: caps, gates, intervals and own rests that are another for its
/// division, duty or level stand in place of the common ones, and nothing else is touched. What follows from a time, clock, cards,
/// scores, is then worked out as for everybody.
/// </summary>
public static class OwnTimes
{
    /// <summary>True where some line has another time for some.</summary>
    public static bool Differ(Workout workout) =>
        WorkTree.Stages(workout.Stages).Any(s => Of(s).Count > 0)
        || WorkTree.All(workout).Any(w => Of(w).Count > 0 || w is Work.Rounds { Others.Count: > 0 });

    /// <summary>Every line with another time for some, in the order of the text.</summary>
    public static IEnumerable<(Node Line, Eq<TimeFor> Others)> All(Workout workout) =>
        WorkTree
            .Stages(workout.Stages)
            .Select(s => ((Node)s, Of(s)))
            .Concat(WorkTree.All(workout).Select(w => ((Node)w, Of(w))))
            .Where(x => x.Item2.Count > 0);

    /// <summary>The workout as an entry has it; the same where no time of it is another.</summary>
    public static Workout Of(Workout workout, Resolver resolver, Address entry) =>
        Differ(workout) ? workout with { Stages = workout.Stages.Select(s => Of(s, resolver, entry)).ToEq() } : workout;

    /// <summary>A stage as an entry has it.</summary>
    public static Stage Of(Stage stage, Resolver resolver, Address entry)
    {
        Eq<Duration?>? Own(Eq<TimeFor> others) => resolver.Nearest(others.Select(o => (o.For, o.Times)), entry);
        var timed = stage switch
        {
            Stage.Cycles c => c with { Stages = c.Stages.Select(s => Of(s, resolver, entry)).ToEq() },
            Stage.Window w => w with { Time = Own(w.Others) is [var own, ..] ? own : w.Time, Others = [] },
            Stage.Clock c => c with { Time = Own(c.Others) is [var own, ..] ? own : c.Time, Others = [] },
            _ => stage,
        };
        return timed is Stage.Cycles
            ? timed
            : WorkTree.Replace(
                timed,
                w =>
                    w switch
                    {
                        Work.Every e => e with { Each = Own(e.Others) is [var own, ..] ? own : e.Each, Others = [] },
                        Work.OwnRest r => r with { Time = Own(r.Others) is [var own, ..] ? own : r.Time, Others = [] },
                        Work.Rounds { Others.Count: > 0 } r => resolver.Nearest(
                            r.Others.Select(o => (o.For, new Eq<int?>([o.Times]))),
                            entry
                        )
                            is [var rounds]
                            ? r with
                            {
                                Times = rounds,
                                Unsaid = rounds is null,
                                Others = [],
                            }
                            : r with
                            {
                                Others = [],
                            },
                        Work.Gate g => g with { Adds = Own(g.Others) is { Count: > 0 } adds ? adds : g.Adds, Others = [] },
                        _ => w,
                    }
            );
    }

    private static Eq<TimeFor> Of(Stage stage) =>
        stage switch
        {
            Stage.Window w => w.Others,
            Stage.Clock c => c.Others,
            _ => [],
        };

    private static Eq<TimeFor> Of(Work work) =>
        work switch
        {
            Work.Every e => e.Others,
            Work.OwnRest r => r.Others,
            Work.Gate g => g.Others,
            _ => [],
        };
}
