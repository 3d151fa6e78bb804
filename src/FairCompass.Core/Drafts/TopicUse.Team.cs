using FairCompass.Core.Competitions;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Drafts;

/// <content>What raises the topics of a team and of the bar, with the places that their examples speak of.</content>
internal sealed partial class TopicUse
{
    /// <summary>A height that is another one for the other duty of a team.</summary>
    /// <param name="Line">The task’s line, from 1.</param>
    /// <param name="Division">Whose it is.</param>
    /// <param name="Task">The task.</param>
    /// <param name="One">The height of the first duty.</param>
    /// <param name="Other">The height of the second.</param>
    internal sealed record TwoHeights(int Line, Division Division, Work.Task Task, DutyHeight One, DutyHeight Other);

    /// <summary>Loads that climb through rounds without end and come to a last one.</summary>
    /// <param name="Line">The line with the loads, from 1.</param>
    /// <param name="Rounds">The rounds around it.</param>
    /// <param name="Loads">The loads.</param>
    internal sealed record Ladder(int Line, Work.Rounds Rounds, Detail.Load Loads);

    private static Dictionary<string, Func<TopicUse, int?>> OfTeams() =>
        new()
        {
            ["hand tag"] = use =>
                !use.team || use.Phrases(p => p.Is is ShareKind.HandTag or ShareKind.NoHandTag).Any()
                    ? null
                    : First(
                        use.Phrases(p =>
                            p.Is
                                is ShareKind.OneAtATime
                                    or ShareKind.InRotation
                                    or ShareKind.InFixedOrder
                                    or ShareKind.TurnsByRound
                                    or ShareKind.HandOverAfter
                                    or ShareKind.HandOverAt
                        )
                    ),
            ["team order"] = use =>
                !use.team
                || use.Phrases(p =>
                        p.Is
                            is ShareKind.InRotation
                                or ShareKind.InFixedOrder
                                or ShareKind.TurnsByRound
                                or ShareKind.AnySplit
                                or ShareKind.TogetherAt
                    )
                    .Any()
                || !use.u.Workout.Stages.Any(s => s is Stage.Window or Stage.Clock or Stage.Cycles)
                    ? null
                    : First(use.movements.Select(m => m.Line)),
            ["mixed heights"] = use => use.HeightsDiffer()?.Line,
            ["hold comes down"] = use =>
                First(use.rules.Where(r => r.Rule is Rule.Hold { WholeTurn: false, MayPause: false }).Select(r => r.Line)),
            ["hold taken over"] = use => First(use.rules.Where(r => r.Rule is Rule.Hold { OthersTakeOver: false }).Select(r => r.Line)),
            ["hold changes"] = use => First(use.rules.Where(r => r.Rule is Rule.Hold { AnotherEachCycle: false }).Select(r => r.Line)),
        };

    private static Dictionary<string, Func<TopicUse, int?>> OfHelp() =>
        new()
        {
            ["short of the least"] = use =>
                First(
                    use.rules.Where(r =>
                            r.Rule is Rule.Share s
                            && s.Phrases.Any(p => p.Is == ShareKind.AtLeast)
                            && !s.Phrases.Any(p => p.Is is ShareKind.CountByMember or ShareKind.Short)
                        )
                        .Select(r => r.Line)
                ),
            ["lift up"] = use =>
                use.rules.Any(r => r.Rule is Rule.Help { Act: HelpAct.LiftUp })
                    ? null
                    : First(
                        use.movements.Where(m => m.Movement.Kit is MovementKit.HangingBar or MovementKit.Rings or MovementKit.ClimbingRope)
                            .Select(m => m.Line)
                    ),
            ["moving kit"] = use =>
                !use.team || use.rules.Any(r => r.Rule is Rule.Help { Act: HelpAct.MoveKit })
                    ? null
                    : First(
                        use.movements.Where(m => m.Movement.Kit is MovementKit.TeamBag or MovementKit.Sandbag or MovementKit.SandbagAndBox)
                            .Select(m => m.Line)
                    ),
            ["box turned by"] = use =>
                use.HeightsDiffer() is { One.On: HeightKind.Box } box
                && use.Phrases(p => p.Is is ShareKind.OneAtATime or ShareKind.InRotation or ShareKind.InFixedOrder).Any()
                    ? box.Line
                    : null,
        };

    private static Dictionary<string, Func<TopicUse, int?>> OfBars() =>
        new()
        {
            ["first load"] = use =>
                First(
                    use.work.OfType<Work.Task>()
                        .Where(t =>
                            t.Amount is Amount.Heaviest && !t.Details.Any(d => d is Detail.Load { Start: true } or Detail.LiftAttempts)
                        )
                        .Select(t => t.At.Line)
                ),
            ["going down"] = use =>
                First(use.work.OfType<Work.Task>().Where(t => t.Amount is Amount.Heaviest && !SaysNeverDown(t)).Select(t => t.At.Line)),
            ["change of load"] = use => First(use.ChangesInRounds().Select(c => c.Line)),
        };

    private static bool SaysNeverDown(Work.Task task) =>
        task
            .Details.Concat(task.Lines.OfType<TaskLine.Override>().SelectMany(o => o.Details))
            .Any(d => d is Detail.Flag { Is: FlagKind.NeverDown });

    /// <summary>The first height of a team that differs by duty; null where all are alike, or each is measured from the own body.</summary>
    internal TwoHeights? HeightsDiffer() => AllHeightsThatDiffer().FirstOrDefault();

    /// <summary>Every height of a team that differs by duty, in the order of the text.</summary>
    internal IEnumerable<TwoHeights> AllHeightsThatDiffer() =>
        u
            .Prescribed.Where(p => p.Address.Division is { IsTeam: true, Duties.Count: 2 } && p.At == default && p.Option is null)
            .GroupBy(p => (p.Source.At.Line, p.Address.Division))
            .OrderBy(g => g.Key.Line)
            .SelectMany(g =>
                g.SelectMany(p => p.Prescription.Heights.Select(h => (Height: h.Value, p.Address.Duty, p.Source)))
                    .Where(h => !h.Height.IsFromTheBody && h.Duty is not null)
                    .GroupBy(h => (h.Height.On, h.Height.Name))
                    .Select(h => h.DistinctBy(x => x.Height.Values.At(0)).ToList())
                    .Where(h => h.Count == 2)
                    .Select(h => new TwoHeights(g.Key.Line, g.Key.Division, h[0].Source, h[0].Height, h[1].Height))
            );

    /// <summary>The first loads that climb in rounds without end and come to a last one, where nobody says what follows.</summary>
    internal Ladder? EndlessLadder() =>
        work.OfType<Work.Rounds>()
            .Where(r => r.HasNoEnd)
            .SelectMany(r => r.Items.SelectMany(w => Climbing(w).Select(l => new Ladder(w.At.Line, r, l))))
            .FirstOrDefault();

    private static IEnumerable<Detail.Load> Climbing(Work work) =>
        work switch
        {
            Work.Complex c when !LastRepeats(c.Details) => c.Details.OfType<Detail.Load>().Where(Ends),
            Work.Task t when !LastRepeats(t.Details) => t.Details.OfType<Detail.Load>().Where(Ends),
            _ => [],
        };

    private static bool Ends(Detail.Load load) => !load.Of.First.IsConstant && load.Of.First.Length is not null;

    private static bool LastRepeats(Eq<Detail> details) => details.Any(d => d is Detail.Flag { Is: FlagKind.LastBarRepeats });

    /// <summary>The changes of a load that come round by round, where no rest stands with them: the first line of each rounds.</summary>
    internal IEnumerable<(int Line, Work.Rounds Rounds)> ChangesInRounds() =>
        work.OfType<Work.Rounds>()
            .Where(r => !WorkTree.Walk(r.Items).Any(w => w is Work.OwnRest))
            .Where(r => r.Items.Any(w => w is Work.RuleLine { Rule: Rule.ReRig } || Climbs(w)))
            .Select(r => (r.At.Line, r));

    private static bool Climbs(Work work) =>
        work is Work.Task t && t.Details.OfType<Detail.Load>().Any(l => !l.Start && !l.Of.First.IsConstant)
        || work is Work.Complex c && c.Details.OfType<Detail.Load>().Any(l => !l.Of.First.IsConstant);
}
