using FairCompass.Core.Quantities;
using Riok.Mapperly.Abstractions;

namespace FairCompass.Core.Frozen;

/// <summary>Writes the model down as the newest frozen records. Every key of a record must be filled, or this does not compile.</summary>
[Mapper(EnumMappingStrategy = EnumMappingStrategy.ByName, RequiredMappingStrategy = RequiredMappingStrategy.Target)]
internal static partial class IntoFrozen
{
    public static partial V2.Workout Of(Workouts.Workout workout);

    public static partial V2.Competition Of(Competitions.Competition competition);

    public static partial V2.Movement Of(Standards.Movement movement);

    [MapDerivedType<Workouts.Amount.Counted, V2.Amount.Counted>]
    [MapDerivedType<Workouts.Amount.OfScheme, V2.Amount.OfScheme>]
    [MapDerivedType<Workouts.Amount.Held, V2.Amount.Held>]
    [MapDerivedType<Workouts.Amount.Max, V2.Amount.Max>]
    [MapDerivedType<Workouts.Amount.Heaviest, V2.Amount.Heaviest>]
    [MapDerivedType<Workouts.Amount.Highest, V2.Amount.Highest>]
    private static partial V2.Amount One(Workouts.Amount one);

    [MapDerivedType<Workouts.Detail.Load, V2.Detail.Load>]
    [MapDerivedType<Workouts.Detail.Lengths, V2.Detail.Lengths>]
    [MapDerivedType<Workouts.Detail.Height, V2.Detail.Height>]
    [MapDerivedType<Workouts.Detail.Marks, V2.Detail.Marks>]
    [MapDerivedType<Workouts.Detail.Chunks, V2.Detail.Chunks>]
    [MapDerivedType<Workouts.Detail.Counts, V2.Detail.Counts>]
    [MapDerivedType<Workouts.Detail.EveryCount, V2.Detail.EveryCount>]
    [MapDerivedType<Workouts.Detail.Credited, V2.Detail.Credited>]
    [MapDerivedType<Workouts.Detail.Uncounted, V2.Detail.Uncounted>]
    [MapDerivedType<Workouts.Detail.Bonus, V2.Detail.Bonus>]
    [MapDerivedType<Workouts.Detail.Only, V2.Detail.Only>]
    [MapDerivedType<Workouts.Detail.EveryNth, V2.Detail.EveryNth>]
    [MapDerivedType<Workouts.Detail.Flag, V2.Detail.Flag>]
    [MapDerivedType<Workouts.Detail.From, V2.Detail.From>]
    [MapDerivedType<Workouts.Detail.OnBar, V2.Detail.OnBar>]
    [MapDerivedType<Workouts.Detail.Figure, V2.Detail.Figure>]
    [MapDerivedType<Workouts.Detail.InRounds, V2.Detail.InRounds>]
    [MapDerivedType<Workouts.Detail.OwnBest, V2.Detail.OwnBest>]
    [MapDerivedType<Workouts.Detail.Rising, V2.Detail.Rising>]
    [MapDerivedType<Workouts.Detail.Misses, V2.Detail.Misses>]
    [MapDerivedType<Workouts.Detail.LiftAttempts, V2.Detail.LiftAttempts>]
    private static partial V2.Detail One(Workouts.Detail one);

    [MapDerivedType<Competitions.PointsRule.ByTable, V2.PointsRule.ByTable>]
    [MapDerivedType<Competitions.PointsRule.Linear, V2.PointsRule.Linear>]
    [MapDerivedType<Competitions.PointsRule.SumOfPlaces, V2.PointsRule.SumOfPlaces>]
    private static partial V2.PointsRule One(Competitions.PointsRule one);

    [MapDerivedType<Workouts.Rule.Share, V2.Rule.Share>]
    [MapDerivedType<Workouts.Rule.Hold, V2.Rule.Hold>]
    [MapDerivedType<Workouts.Rule.ReRig, V2.Rule.ReRig>]
    [MapDerivedType<Workouts.Rule.Help, V2.Rule.Help>]
    [MapDerivedType<Workouts.Rule.Touch, V2.Rule.Touch>]
    [MapDerivedType<Workouts.Rule.Remark, V2.Rule.Remark>]
    [MapDerivedType<Workouts.Rule.ClauseHere, V2.Rule.ClauseHere>]
    private static partial V2.Rule One(Workouts.Rule one);

    [MapDerivedType<Workouts.ScoreLine.Penalty, V2.ScoreLine.Penalty>]
    [MapDerivedType<Workouts.ScoreLine.CapLine, V2.ScoreLine.CapLine>]
    [MapDerivedType<Workouts.ScoreLine.Cascade, V2.ScoreLine.Cascade>]
    [MapDerivedType<Workouts.ScoreLine.TieShared, V2.ScoreLine.TieShared>]
    [MapDerivedType<Workouts.ScoreLine.TieScore, V2.ScoreLine.TieScore>]
    [MapDerivedType<Workouts.ScoreLine.TieMeasure, V2.ScoreLine.TieMeasure>]
    [MapDerivedType<Workouts.ScoreLine.TieTime, V2.ScoreLine.TieTime>]
    [MapDerivedType<Workouts.ScoreLine.TieLowestMember, V2.ScoreLine.TieLowestMember>]
    [MapDerivedType<Workouts.ScoreLine.FaultCosts, V2.ScoreLine.FaultCosts>]
    [MapDerivedType<Workouts.ScoreLine.NoGoodLift, V2.ScoreLine.NoGoodLift>]
    [MapDerivedType<Workouts.ScoreLine.Partial, V2.ScoreLine.Partial>]
    [MapDerivedType<Workouts.ScoreLine.Weight, V2.ScoreLine.Weight>]
    private static partial V2.ScoreLine One(Workouts.ScoreLine one);

    [MapDerivedType<Workouts.Policy.Bell, V2.Policy.Bell>]
    [MapDerivedType<Workouts.Policy.GateOnSecond, V2.Policy.GateOnSecond>]
    [MapDerivedType<Workouts.Policy.Attempts, V2.Policy.Attempts>]
    [MapDerivedType<Workouts.Policy.Clips, V2.Policy.Clips>]
    [MapDerivedType<Workouts.Policy.Club, V2.Policy.Club>]
    [MapDerivedType<Workouts.Policy.Timing, V2.Policy.Timing>]
    [MapDerivedType<Workouts.Policy.Answered, V2.Policy.Answered>]
    [MapDerivedType<Workouts.Policy.ClauseOf, V2.Policy.ClauseOf>]
    [MapDerivedType<Workouts.Policy.Waived, V2.Policy.Waived>]
    private static partial V2.Policy One(Workouts.Policy one);

    [MapDerivedType<Workouts.Stage.Window, V2.Stage.Window>]
    [MapDerivedType<Workouts.Stage.Clock, V2.Stage.Clock>]
    [MapDerivedType<Workouts.Stage.Gap, V2.Stage.Gap>]
    [MapDerivedType<Workouts.Stage.Cycles, V2.Stage.Cycles>]
    [MapDerivedType<Workouts.Stage.Relay, V2.Stage.Relay>]
    [MapDerivedType<Workouts.Stage.Rota, V2.Stage.Rota>]
    [MapDerivedType<Workouts.Stage.Waves, V2.Stage.Waves>]
    [MapDerivedType<Workouts.Stage.SwapStations, V2.Stage.SwapStations>]
    private static partial V2.Stage One(Workouts.Stage one);

    [MapDerivedType<Workouts.Work.Task, V2.Work.Task>]
    [MapDerivedType<Workouts.Work.Rounds, V2.Work.Rounds>]
    [MapDerivedType<Workouts.Work.Scheme, V2.Work.Scheme>]
    [MapDerivedType<Workouts.Work.Every, V2.Work.Every>]
    [MapDerivedType<Workouts.Work.Complex, V2.Work.Complex>]
    [MapDerivedType<Workouts.Work.AnyOrder, V2.Work.AnyOrder>]
    [MapDerivedType<Workouts.Work.GroupOf, V2.Work.GroupOf>]
    [MapDerivedType<Workouts.Work.OwnRest, V2.Work.OwnRest>]
    [MapDerivedType<Workouts.Work.Gate, V2.Work.Gate>]
    [MapDerivedType<Workouts.Work.Checkpoint, V2.Work.Checkpoint>]
    [MapDerivedType<Workouts.Work.RuleLine, V2.Work.RuleLine>]
    private static partial V2.Work One(Workouts.Work one);

    [MapDerivedType<Workouts.TaskLine.Override, V2.TaskLine.Override>]
    [MapDerivedType<Workouts.TaskLine.Between, V2.TaskLine.Between>]
    [MapDerivedType<Workouts.TaskLine.Attempt, V2.TaskLine.Attempt>]
    [MapDerivedType<Workouts.TaskLine.Then, V2.TaskLine.Then>]
    [MapDerivedType<Workouts.TaskLine.RuleOf, V2.TaskLine.RuleOf>]
    private static partial V2.TaskLine One(Workouts.TaskLine one);

    [MapDerivedType<Workouts.Header.For, V2.Header.For>]
    [MapDerivedType<Workouts.Header.Order, V2.Header.Order>]
    [MapDerivedType<Workouts.Header.Levels, V2.Header.Levels>]
    [MapDerivedType<Workouts.Header.Groups, V2.Header.Groups>]
    [MapDerivedType<Workouts.Header.Video, V2.Header.Video>]
    [MapDerivedType<Workouts.Header.LeadIn, V2.Header.LeadIn>]
    [MapDerivedType<Workouts.Header.Judges, V2.Header.Judges>]
    [MapDerivedType<Workouts.Header.Seats, V2.Header.Seats>]
    [MapDerivedType<Workouts.Header.Entries, V2.Header.Entries>]
    private static partial V2.Header One(Workouts.Header one);

    private static partial V2.Clause One(Standards.Clause one);

    private static Eq<V2.Clause> All(Eq<Standards.Clause> all) => all.Select(One).ToEq();

    private static partial V2.ClauseChange One(Standards.ClauseChange one);

    private static Eq<V2.ClauseChange> All(Eq<Standards.ClauseChange> all) => all.Select(One).ToEq();

    private static Eq<V2.Detail> All(Eq<Workouts.Detail> all) => all.Select(One).ToEq();

    private static partial V2.Division One(Competitions.Division one);

    private static Eq<V2.Division> All(Eq<Competitions.Division> all) => all.Select(One).ToEq();

    private static partial V2.Fault One(Standards.Fault one);

    private static Eq<V2.Fault> All(Eq<Standards.Fault> all) => all.Select(One).ToEq();

    private static partial V2.Group One(Workouts.Group one);

    private static partial V2.Watch One(Workouts.Watch one);

    private static Eq<V2.Watch> All(Eq<Workouts.Watch> all) => all.Select(One).ToEq();

    private static Eq<V2.Group> All(Eq<Workouts.Group> all) => all.Select(One).ToEq();

    private static Eq<V2.Header> All(Eq<Workouts.Header> all) => all.Select(One).ToEq();

    private static partial V2.JointAngle One(Standards.Figures.JointAngle one);

    private static Eq<V2.JointAngle> All(Eq<Standards.Figures.JointAngle> all) => all.Select(One).ToEq();

    private static Eq<V2.Movement> All(Eq<Standards.Movement> all) => all.Select(Of).ToEq();

    private static partial V2.OwnPose One(Standards.Figures.OwnPose one);

    private static Eq<V2.OwnPose> All(Eq<Standards.Figures.OwnPose> all) => all.Select(One).ToEq();

    private static partial V2.Piece One(Workouts.Piece one);

    private static Eq<V2.Piece> All(Eq<Workouts.Piece> all) => all.Select(One).ToEq();

    private static V2.LaneKit One(Competitions.LaneKit one) =>
        new(
            one.MenBar,
            one.WomenBar,
            one.ClipPair,
            All(one.Plates),
            Masses(one.Dumbbells),
            Masses(one.Kettlebells),
            Masses(one.Sandbags),
            Masses(one.Balls)
        )
        {
            Counts = Counted(V2.ImplementKind.Dumbbell, one.Dumbbells)
                .Concat(Counted(V2.ImplementKind.Kettlebell, one.Kettlebells))
                .Concat(Counted(V2.ImplementKind.Sandbag, one.Sandbags))
                .Concat(Counted(V2.ImplementKind.Ball, one.Balls))
                .ToEq(),
            MenSleeve = one.MenSleeve,
            WomenSleeve = one.WomenSleeve,
            Bars = one.Bars.Select(One).ToEq(),
            Things = one.Things.Select(One).ToEq(),
            Lanes = one.Lanes,
        };

    private static partial V2.NamedBar One(Competitions.NamedBar one);

    private static partial V2.ThingStock One(Competitions.ThingStock one);

    private static Eq<decimal> Masses(Eq<Competitions.ImplementStock> all) => all.Select(i => i.Mass).ToEq();

    private static IEnumerable<V2.ImplementCount> Counted(V2.ImplementKind kind, Eq<Competitions.ImplementStock> all) =>
        all.Where(i => i.Count is not null).Select(i => new V2.ImplementCount(kind, i.Mass, i.Count!.Value));

    private static partial V2.PlateStock One(Competitions.PlateStock one);

    private static Eq<V2.PlateStock> All(Eq<Competitions.PlateStock> all) => all.Select(One).ToEq();

    private static Eq<V2.Policy> All(Eq<Workouts.Policy> all) => all.Select(One).ToEq();

    private static partial V2.PolicyChoice One(Policies.PolicyChoice one);

    private static partial V2.Pace One(Pacing.Pace one);

    private static Eq<V2.Pace> All(Eq<Pacing.Pace> all) => all.Select(One).ToEq();

    private static Eq<V2.PolicyChoice> All(Eq<Policies.PolicyChoice> all) => all.Select(One).ToEq();

    private static partial V2.Said One(Languages.Said one);

    private static Eq<V2.Said> All(Eq<Languages.Said> all) => all.Select(One).ToEq();

    private static partial V2.Score One(Workouts.Score one);

    private static Eq<V2.Score> All(Eq<Workouts.Score> all) => all.Select(One).ToEq();

    private static Eq<V2.ScoreLine> All(Eq<Workouts.ScoreLine> all) => all.Select(One).ToEq();

    private static partial V2.SharePhrase One(Workouts.SharePhrase one);

    private static Eq<V2.SharePhrase> All(Eq<Workouts.SharePhrase> all) => all.Select(One).ToEq();

    private static Eq<V2.Stage> All(Eq<Workouts.Stage> all) => all.Select(One).ToEq();

    private static partial V2.Station One(Workouts.Station one);

    private static partial V2.TimeFor One(Workouts.TimeFor one);

    private static partial V2.RoundsFor One(Workouts.RoundsFor one);

    private static Eq<V2.RoundsFor> All(Eq<Workouts.RoundsFor> all) => all.Select(One).ToEq();

    private static Eq<V2.TimeFor> All(Eq<Workouts.TimeFor> all) => all.Select(One).ToEq();

    private static Eq<V2.Station> All(Eq<Workouts.Station> all) => all.Select(One).ToEq();

    private static Eq<V2.TaskLine> All(Eq<Workouts.TaskLine> all) => all.Select(One).ToEq();

    private static partial V2.Who One(Workouts.Who one);

    private static Eq<V2.Who> All(Eq<Workouts.Who> all) => all.Select(One).ToEq();

    private static Eq<V2.Work> All(Eq<Workouts.Work> all) => all.Select(One).ToEq();

    private static partial V2.Work.Task One(Workouts.Work.Task one);

    private static Eq<V2.Work.Task> All(Eq<Workouts.Work.Task> all) => all.Select(One).ToEq();

    private static V2.Amount.Highest One(Workouts.Amount.Highest _) => new();

    private static V2.Detail.Uncounted One(Workouts.Detail.Uncounted _) => new();

    private static V2.PointsRule.SumOfPlaces One(Competitions.PointsRule.SumOfPlaces _) => new();

    private static Eq<string> Same(Eq<string> all) => all;

    private static Eq<int> Same(Eq<int> all) => all;

    private static Eq<decimal> Same(Eq<decimal> all) => all;

    private static Eq<Number> Same(Eq<Number> all) => all;

    private static Eq<Duration?> Same(Eq<Duration?> all) => all;

    private static Number Same(Number one) => one;

    private static Duration Same(Duration one) => one;
}
