using FairCompass.Core.Quantities;

namespace FairCompass.Core.Workouts;

/// <summary>Walks the lines of work of a workout, wherever they stand.</summary>
public static class WorkTree
{
    /// <summary>Every line of work once, outermost first, in the order of the text.</summary>
    public static IEnumerable<Work> All(Workout workout) => Blocks(workout).SelectMany(b => Walk(b));

    /// <summary>Every task line once, lifts of a complex included.</summary>
    public static IEnumerable<Work.Task> Tasks(Workout workout) => All(workout).OfType<Work.Task>();

    /// <summary>The blocks of work that stages, parts and stations open.</summary>
    public static IEnumerable<Eq<Work>> Blocks(Workout workout) => workout.Stages.SelectMany(Blocks);

    /// <summary>Every stage once, outermost first.</summary>
    public static IEnumerable<Stage> Stages(IEnumerable<Stage> stages) =>
        stages.SelectMany(s => s is Stage.Cycles c ? Stages(c.Stages).Prepend(s) : [s]);

    /// <summary>The lines of some work and everything under them.</summary>
    public static IEnumerable<Work> Walk(IEnumerable<Work> items) => items.SelectMany(w => Walk(Children(w)).Prepend(w));

    /// <summary>A stage with each line of work replaced, innermost first; what holds nothing any more is left out with its last
    /// line.</summary>
    /// <param name="stage">The stage.</param>
    /// <param name="replace">What stands in place of a line, whose own lines are replaced already; null to leave it out.</param>
    public static Stage Replace(Stage stage, Func<Work, Work?> replace) =>
        stage switch
        {
            Stage.Window w => w with { Items = Replace(w.Items, replace) },
            Stage.Clock c => c with { Pieces = c.Pieces.Select(p => p with { Items = Replace(p.Items, replace) }).ToEq() },
            Stage.Relay r => r with { Items = Replace(r.Items, replace) },
            Stage.Rota r => r with { Stations = Replace(r.Stations, replace) },
            Stage.Waves w => w with { Rules = Replace(w.Rules, replace), Stations = Replace(w.Stations, replace) },
            Stage.SwapStations s => s with { Items = Replace(s.Items, replace) },
            Stage.Cycles c => c with { Stages = c.Stages.Select(s => Replace(s, replace)).ToEq() },
            _ => stage,
        };

    private static Eq<Station> Replace(Eq<Station> stations, Func<Work, Work?> replace) =>
        stations.Select(s => s with { Items = Replace(s.Items, replace) }).ToEq();

    private static Eq<Work> Replace(Eq<Work> items, Func<Work, Work?> replace) =>
        items.Select(w => Replace(w, replace)).OfType<Work>().ToEq();

    private static Work? Replace(Work work, Func<Work, Work?> replace)
    {
        var inside = work switch
        {
            Work.Rounds r => r with { Items = Replace(r.Items, replace) },
            Work.Scheme s => s with { Items = Replace(s.Items, replace) },
            Work.AnyOrder a => a with { Items = Replace(a.Items, replace) },
            Work.GroupOf g => g with { Items = Replace(g.Items, replace) },
            Work.Every e => e with { First = Replace(e.First, replace), Then = Replace(e.Then, replace) },
            Work.Complex c => c with { Lifts = c.Lifts.Select(l => replace(l)).OfType<Work.Task>().ToEq() },
            _ => work,
        };
        return Children(work).Any() && !Children(inside).Any() ? null : replace(inside);
    }

    private static IEnumerable<Eq<Work>> Blocks(Stage stage) =>
        stage switch
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

    private static IEnumerable<Work> Children(Work work) =>
        work switch
        {
            Work.Rounds r => r.Items,
            Work.Scheme s => s.Items,
            Work.AnyOrder a => a.Items,
            Work.GroupOf g => g.Items,
            Work.Every e => e.First.Concat(e.Then),
            Work.Complex c => c.Lifts,
            _ => [],
        };

    /// <summary>Every change of a load that the draft writes down.</summary>
    public static IEnumerable<Rule.ReRig> ReRigs(Workout workout) => ReRigsAt(workout).Select(r => r.Rule);

    /// <summary>The lines at which a load is changed, from 1.</summary>
    public static IEnumerable<int> ReRigLines(Workout workout) => ReRigsAt(workout).Select(r => r.At.Line);

    /// <summary>Every change of a load with its place.</summary>
    public static IEnumerable<(Rule.ReRig Rule, SourceRange At)> ReRigsAt(Workout workout) =>
        Rules(workout).Where(r => r.Rule is Rule.ReRig).Select(r => ((Rule.ReRig)r.Rule, r.At));

    /// <summary>Every rule line once, in the order of the text: of the work around it, of a task, of a complex.</summary>
    public static IEnumerable<(Rule Rule, SourceRange At)> Rules(Workout workout) =>
        All(workout)
            .SelectMany(w =>
                w switch
                {
                    Work.RuleLine line => [(line.Rule, line.At)],
                    Work.Task task => RulesOf(task.Lines),
                    Work.Complex complex => RulesOf(complex.Lines),
                    _ => Enumerable.Empty<(Rule, SourceRange)>(),
                }
            );

    private static IEnumerable<(Rule, SourceRange)> RulesOf(Eq<TaskLine> lines) =>
        lines.OfType<TaskLine.RuleOf>().Select(l => (l.Rule, l.At));
}
