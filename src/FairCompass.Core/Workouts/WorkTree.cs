namespace FairCompass.Core.Workouts;

/// <summary>Walks the lines of work of a workout, wherever they stand.</summary>
public static class WorkTree
{
    /// <summary>Every line of work once, outermost first, in the order of the text.</summary>
    public static IEnumerable<Work> All(Workout workout) => Blocks(workout).SelectMany(b => Walk(b));

    /// <summary>Every task line once, lifts of a complex included.</summary>
    public static IEnumerable<Work.Task> Tasks(Workout workout) => All(workout).OfType<Work.Task>();

    /// <summary>The blocks of work that stages, parts and stations open.</summary>
    public static IEnumerable<Quantities.Eq<Work>> Blocks(Workout workout) => workout.Stages.SelectMany(Blocks);

    /// <summary>Every stage once, outermost first.</summary>
    public static IEnumerable<Stage> Stages(IEnumerable<Stage> stages) => stages.SelectMany(s => s is Stage.Cycles c ? Stages(c.Stages).Prepend(s) : [s]);

    /// <summary>The lines of some work and everything under them.</summary>
    public static IEnumerable<Work> Walk(IEnumerable<Work> items) => items.SelectMany(w => Walk(Children(w)).Prepend(w));

    private static IEnumerable<Quantities.Eq<Work>> Blocks(Stage stage) => stage switch
    {
        Stage.Window w => [w.Items],
        Stage.Clock c => c.Pieces.Select(p => p.Items),
        Stage.Relay r => [r.Items],
        Stage.Rota r => r.Stations.Select(s => s.Items),
        Stage.Waves w => w.Stations.Select(s => s.Items).Prepend(w.Rules),
        Stage.SwapStations s => s.Items.Select(i => i.Items),
        Stage.Cycles c => c.Stages.SelectMany(Blocks),
        _ => [],
    };

    private static IEnumerable<Work> Children(Work work) => work switch
    {
        Work.Rounds r => r.Items,
        Work.Scheme s => s.Items,
        Work.AnyOrder a => a.Items,
        Work.GroupOf g => g.Items,
        Work.Every e => e.First.Concat(e.Then),
        Work.Complex c => c.Lifts,
        _ => [],
    };
}
