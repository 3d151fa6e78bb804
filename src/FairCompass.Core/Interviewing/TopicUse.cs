using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Interviewing;

/// <summary>Where a workout raises a topic, and where its text already answers it in other words.</summary>
internal sealed class TopicUse
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
        rules = work.SelectMany(w =>
                w switch
                {
                    Work.RuleLine r => [(r.Rule, r.At.Line)],
                    Work.Task t => t.Lines.OfType<TaskLine.RuleOf>().Select(l => (l.Rule, l.At.Line)),
                    Work.Complex c => c.Lines.OfType<TaskLine.RuleOf>().Select(l => (l.Rule, l.At.Line)),
                    _ => Enumerable.Empty<(Rule, int)>(),
                }
            )
            .ToList();
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
    public int? Line(string topic) =>
        topic switch
        {
            "bell" => u.Workout.Policies.OfType<Policy.Bell>().Any() || u.Workout.Stages.Count == 0 || work.Count == 0
                ? null
                : u.Workout.Stages[0].At.Line,
            "doubtful rep" => u.Workout.Headers.OfType<Header.Video>().Any() ? null : First(movements.Select(m => m.Line)),
            "plates" => rules.Any(r => r.Rule is Rule.ReRig or Rule.Help { Act: HelpAct.LoadPlates })
                ? null
                : First(movements.Where(m => m.Movement.Kit == MovementKit.Barbell).Select(m => m.Line)),
            "tape and grips" => First(movements.Where(m => m.Movement.Kit == MovementKit.HangingBar).Select(m => m.Line)),
            "bar weight" => First(movements.Where(m => m.Movement.Kit == MovementKit.Barbell).Select(m => m.Line)),
            "spotting" => rules.Any(r => r.Rule is Rule.Help { Act: HelpAct.Spot })
                ? null
                : First(movements.Where(m => m.Movement.Id is "bench-press" or "back-squat").Select(m => m.Line)),
            "counting" => First(
                WorkTree
                    .Tasks(u.Workout)
                    .Where(t =>
                        t.Amount
                            is Amount.Counted { Unit: AmountUnit.Calorie or AmountUnit.Metre or AmountUnit.Foot }
                                or Amount.Max { Unit: AmountUnit.Calorie or AmountUnit.Metre or AmountUnit.Foot }
                        || t.Details.Any(d => d is Detail.Marks)
                    )
                    .Select(t => t.At.Line)
            ),
            "own rest" => First(work.OfType<Work.OwnRest>().Select(r => r.At.Line)),
            "hand tag" => !team || Phrases(p => p.Is is ShareKind.HandTag or ShareKind.NoHandTag).Any()
                ? null
                : First(
                    Phrases(p =>
                        p.Is
                            is ShareKind.OneAtATime
                                or ShareKind.InRotation
                                or ShareKind.InFixedOrder
                                or ShareKind.TurnsByRound
                                or ShareKind.HandOverAfter
                    )
                ),
            "team order" => !team
            || Phrases(p =>
                    p.Is
                        is ShareKind.InRotation
                            or ShareKind.InFixedOrder
                            or ShareKind.TurnsByRound
                            or ShareKind.AnySplit
                            or ShareKind.TogetherAt
                )
                .Any()
            || !u.Workout.Stages.Any(s => s is Stage.Window or Stage.Clock or Stage.Cycles)
                ? null
                : First(movements.Select(m => m.Line)),
            "mixed heights" => u.Courses.Any(c => c.Address.Division is { IsTeam: true, Duties.Count: 2 })
                ? First(
                    WorkTree
                        .Tasks(u.Workout)
                        .Where(t => t.Details.Any(d => d is Detail.Height { Of.Second: not null } or Detail.Height { Above: not null }))
                        .Select(t => t.At.Line)
                )
                : null,
            "uncounted moves" => First(
                WorkTree
                    .Tasks(u.Workout)
                    .Where(t => t.Details.Any(d => d is Detail.Uncounted) || t.Lines.Any(l => l is TaskLine.Between))
                    .Select(t => t.At.Line)
            ),
            "score weights" => u.Workout.Scores.Count < 2 || u.Workout.Scores.Any(s => s.Lines.Any(l => l is ScoreLine.Weight))
                ? null
                : u.Workout.Scores[1].At.Line,
            "measuring" => First(movements.Where(m => m.Movement.Clauses.Any(c => c.Kind == ClauseKind.Measured)).Select(m => m.Line)),
            "judges" => u.Courses.Count > 0 && Timeline.Of(u.Courses[0]) is { Judges: > 1 } ? u.Workout.Stages[0].At.Line : null,
            "other documents" => First(
                rules.Where(r => r.Rule is Rule.Remark n && Refers(n.Text) || r.Rule is Rule.Touch t && Refers(t.Text)).Select(r => r.Line)
            ) ?? (work.Count > 0 ? u.Workout.Stages[0].At.Line : null),
            "last rung" => First(
                work.OfType<Work.Complex>()
                    .Where(c => !c.Details.Any(d => d is Detail.Flag { Is: FlagKind.LastBarRepeats }))
                    .Select(c => c.At.Line)
            ),
            "video" => First(u.Workout.Headers.OfType<Header.Video>().Select(h => h.At.Line))
                ?? First(u.Workout.Policies.OfType<Policy.Attempts>().Select(a => a.At.Line)),
            _ => null,
        };

    private IEnumerable<int> Phrases(Func<SharePhrase, bool> which) =>
        rules.Where(r => r.Rule is Rule.Share s && s.Phrases.Any(which)).Select(r => r.Line);

    private static bool Refers(string text) =>
        text.Contains("rule book", StringComparison.OrdinalIgnoreCase)
        || text.Contains("see ", StringComparison.OrdinalIgnoreCase)
        || text.Contains("as in ", StringComparison.OrdinalIgnoreCase);

    private static int? First(IEnumerable<int> lines) => lines.Select(l => (int?)l).FirstOrDefault();
}
