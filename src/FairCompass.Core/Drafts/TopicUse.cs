using FairCompass.Core.Courses;
using FairCompass.Core.InForce;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Drafts;

/// <summary>Where a workout raises a topic, and where its text already answers it in other words.</summary>
internal sealed partial class TopicUse
{
    private readonly Understanding u;
    private readonly List<Work> work;
    private readonly List<(Rule Rule, int Line)> rules;
    private readonly List<(Movement Movement, int Line)> movements;
    private readonly bool team;

    public TopicUse(Understanding u)
    {
        this.u = u;
        work = WorkTree.All(u.Workout).ToList();
        rules = WorkTree.Rules(u.Workout).Select(r => (r.Rule, r.At.Line)).ToList();
        var book = StandardsBook.Of(u.Competition);
        movements = WorkoutWords
            .Movements(u.Workout)
            .Select(m => (Movement: book.Find(m.Name), m.Line))
            .Where(m => m.Movement is not null)
            .Select(m => (m.Movement!, m.Line))
            .ToList();
        team = u.Courses.Any(c => c.Address.Division.IsTeam);
    }

    /// <summary>The line that raises a topic; null when it does not arise, or when the text says it in other words.</summary>
    public int? Line(string topic) => Raises.GetValueOrDefault(topic)?.Invoke(this);

    /// <summary>What raises each topic.</summary>
    private static readonly Dictionary<string, Func<TopicUse, int?>> Raises = OnTheFloor()
        .Concat(OfTheClock())
        .Concat(OfTeams())
        .Concat(OfHelp())
        .Concat(OfBars())
        .ToDictionary(r => r.Key, r => r.Value);

    private static Dictionary<string, Func<TopicUse, int?>> OnTheFloor() =>
        new()
        {
            ["doubtful rep"] = use => use.u.Workout.Headers.OfType<Header.Video>().Any() ? null : First(use.movements.Select(m => m.Line)),
            ["plates"] = use =>
                use.rules.Any(r => r.Rule is Rule.ReRig or Rule.Help { Act: HelpAct.LoadPlates })
                    ? null
                    : First(use.movements.Where(m => m.Movement.Kit == MovementKit.Barbell).Select(m => m.Line)),
            ["tape and grips"] = use => First(use.movements.Where(m => m.Movement.Kit == MovementKit.HangingBar).Select(m => m.Line)),
            ["bar weight"] = use => First(use.movements.Where(m => m.Movement.Kit == MovementKit.Barbell).Select(m => m.Line)),
            ["spotting"] = use =>
                use.rules.Any(r => r.Rule is Rule.Help { Act: HelpAct.Spot })
                    ? null
                    : First(use.movements.Where(m => m.Movement.Id is "bench-press" or "back-squat").Select(m => m.Line)),
            ["counting"] = use =>
                First(
                    WorkTree
                        .Tasks(use.u.Workout)
                        .Where(t =>
                            t.Amount.UnitOf() is AmountUnit.Calorie or AmountUnit.Metre or AmountUnit.Foot
                            || t.Details.Any(d => d is Detail.Marks)
                        )
                        .Select(t => t.At.Line)
                ),
            ["partial distance"] = use =>
                use.u.Workout.Scores.Any(s => s.Lines.Any(l => l is ScoreLine.Partial))
                    ? null
                    : First(
                        WorkTree
                            .Tasks(use.u.Workout)
                            .Where(t => t.Amount.UnitOf() is AmountUnit.Metre or AmountUnit.Foot)
                            .Select(t => t.At.Line)
                    ),
            ["own rest"] = use => use.RestOnTheClock()?.At.Line,
            ["uncounted moves"] = use =>
                First(
                    WorkTree
                        .Tasks(use.u.Workout)
                        .Where(t => t.Details.Any(d => d is Detail.Uncounted) || t.Lines.Any(l => l is TaskLine.Between))
                        .Select(t => t.At.Line)
                ),
            ["score weights"] = use =>
                use.u.Workout.Scores.Count < 2 || use.u.Workout.Scores.Any(s => s.Lines.Any(l => l is ScoreLine.Weight))
                    ? null
                    : use.u.Workout.Scores[1].At.Line,
            ["measuring"] = use =>
                First(use.movements.Where(m => m.Movement.Clauses.Any(c => c.Kind == ClauseKind.Measured)).Select(m => m.Line)),
        };

    private static Dictionary<string, Func<TopicUse, int?>> OfTheClock() =>
        new()
        {
            ["bell"] = use =>
                use.Says("bell") || !WorkTree.Tasks(use.u.Workout).Any(t => t.Amount is not (Amount.Heaviest or Amount.Highest))
                    ? null
                    : use.u.Workout.Stages[0].At.Line,
            ["bell for lifts"] = use =>
                use.Says("bell for lifts")
                    ? null
                    : First(WorkTree.Tasks(use.u.Workout).Where(t => t.Amount is Amount.Heaviest).Select(t => t.At.Line)),
            ["gate on the second"] = use =>
                use.Says("gate on the second") ? null : First(use.work.OfType<Work.Gate>().Select(g => g.At.Line)),
            ["what breaks"] = use => use.work.Count > 0 ? use.u.Workout.Stages[0].At.Line : null,
            ["false start"] = use => use.work.Count > 0 ? use.u.Workout.Stages[0].At.Line : null,
            ["before go"] = use => use.work.Count > 0 ? use.u.Workout.Stages[0].At.Line : null,
            ["judges"] = use =>
                !use.u.Workout.Headers.OfType<Header.Judges>().Any()
                && use.u.Courses.Count > 0
                && Timeline.Of(use.u.Courses[0]) is { Judges: > 1 }
                    ? use.u.Workout.Stages[0].At.Line
                    : null,
            ["other documents"] = use =>
                First(
                    use.rules.Where(r => r.Rule is Rule.Remark n && Refers(n.Text) || r.Rule is Rule.Touch t && Refers(t.Text))
                        .Select(r => r.Line)
                ) ?? (use.work.Count > 0 ? use.u.Workout.Stages[0].At.Line : null),
            ["last rung"] = use => use.EndlessLadder()?.Line,
            ["video"] = TakesVideos,
            ["video attempts"] = use => use.u.Workout.Policies.OfType<Policy.Attempts>().Any() ? null : TakesVideos(use),
            ["video cuts"] = TakesVideos,
            ["video monitor"] = TakesVideos,
            ["video deadline"] = TakesVideos,
        };

    /// <summary>The first rest of the athlete’s own whose time no gate before it gives back.</summary>
    internal Work.OwnRest? RestOnTheClock() =>
        work.OfType<Work.OwnRest>().FirstOrDefault(r => work.Where(w => w.At.Line < r.At.Line).MaxBy(w => w.At.Line) is not Work.Gate);

    private static int? TakesVideos(TopicUse use) =>
        First(use.u.Workout.Headers.OfType<Header.Video>().Select(h => h.At.Line))
        ?? First(use.u.Workout.Policies.OfType<Policy.Attempts>().Select(a => a.At.Line));

    /// <summary>True where a line of the text answers a topic in the notation’s own words.</summary>
    private bool Says(string topic) => OwnLine.Of(topic) is { } own && u.Workout.Policies.Any(own.Is);

    private IEnumerable<int> Phrases(Func<SharePhrase, bool> which) =>
        rules.Where(r => r.Rule is Rule.Share s && s.Phrases.Any(which)).Select(r => r.Line);

    private static bool Refers(string text) =>
        text.Contains("rule book", StringComparison.OrdinalIgnoreCase)
        || text.Contains("see ", StringComparison.OrdinalIgnoreCase)
        || text.Contains("as in ", StringComparison.OrdinalIgnoreCase);

    private static int? First(IEnumerable<int> lines) => lines.Select(l => (int?)l).FirstOrDefault();
}
