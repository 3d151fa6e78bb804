using FairCompass.Core.Quantities;
using Riok.Mapperly.Abstractions;

namespace FairCompass.Core.Frozen;

/// <summary>Makes the model of frozen records. Every key of a record must be used and every member of the model filled, or this does not
/// compile.</summary>
[Mapper(EnumMappingStrategy = EnumMappingStrategy.ByName, RequiredMappingStrategy = RequiredMappingStrategy.Both)]
internal static partial class OutOfFrozen
{
    [MapperIgnoreSource(nameof(V2.Workout.Divisions))]
    public static partial Workouts.Workout Of(V2.Workout workout);

    public static partial Competitions.Competition Of(V2.Competition competition);

    public static partial Standards.Movement Of(V2.Movement movement);

    [MapDerivedType<V2.Amount.Counted, Workouts.Amount.Counted>]
    [MapDerivedType<V2.Amount.OfScheme, Workouts.Amount.OfScheme>]
    [MapDerivedType<V2.Amount.Held, Workouts.Amount.Held>]
    [MapDerivedType<V2.Amount.Max, Workouts.Amount.Max>]
    [MapDerivedType<V2.Amount.Heaviest, Workouts.Amount.Heaviest>]
    [MapDerivedType<V2.Amount.Highest, Workouts.Amount.Highest>]
    private static partial Workouts.Amount One(V2.Amount one);

    [MapDerivedType<V2.Detail.Load, Workouts.Detail.Load>]
    [MapDerivedType<V2.Detail.Lengths, Workouts.Detail.Lengths>]
    [MapDerivedType<V2.Detail.Height, Workouts.Detail.Height>]
    [MapDerivedType<V2.Detail.Marks, Workouts.Detail.Marks>]
    [MapDerivedType<V2.Detail.Chunks, Workouts.Detail.Chunks>]
    [MapDerivedType<V2.Detail.Counts, Workouts.Detail.Counts>]
    [MapDerivedType<V2.Detail.EveryCount, Workouts.Detail.EveryCount>]
    [MapDerivedType<V2.Detail.Credited, Workouts.Detail.Credited>]
    [MapDerivedType<V2.Detail.Uncounted, Workouts.Detail.Uncounted>]
    [MapDerivedType<V2.Detail.Bonus, Workouts.Detail.Bonus>]
    [MapDerivedType<V2.Detail.Only, Workouts.Detail.Only>]
    [MapDerivedType<V2.Detail.EveryNth, Workouts.Detail.EveryNth>]
    [MapDerivedType<V2.Detail.Flag, Workouts.Detail.Flag>]
    [MapDerivedType<V2.Detail.From, Workouts.Detail.From>]
    [MapDerivedType<V2.Detail.OnBar, Workouts.Detail.OnBar>]
    [MapDerivedType<V2.Detail.Figure, Workouts.Detail.Figure>]
    [MapDerivedType<V2.Detail.InRounds, Workouts.Detail.InRounds>]
    [MapDerivedType<V2.Detail.OwnBest, Workouts.Detail.OwnBest>]
    [MapDerivedType<V2.Detail.Rising, Workouts.Detail.Rising>]
    [MapDerivedType<V2.Detail.Misses, Workouts.Detail.Misses>]
    [MapDerivedType<V2.Detail.LiftAttempts, Workouts.Detail.LiftAttempts>]
    private static partial Workouts.Detail One(V2.Detail one);

    [MapDerivedType<V2.PointsRule.ByTable, Competitions.PointsRule.ByTable>]
    [MapDerivedType<V2.PointsRule.Linear, Competitions.PointsRule.Linear>]
    [MapDerivedType<V2.PointsRule.SumOfPlaces, Competitions.PointsRule.SumOfPlaces>]
    private static partial Competitions.PointsRule One(V2.PointsRule one);

    [MapDerivedType<V2.Rule.Share, Workouts.Rule.Share>]
    [MapDerivedType<V2.Rule.Hold, Workouts.Rule.Hold>]
    [MapDerivedType<V2.Rule.ReRig, Workouts.Rule.ReRig>]
    [MapDerivedType<V2.Rule.Help, Workouts.Rule.Help>]
    [MapDerivedType<V2.Rule.Touch, Workouts.Rule.Touch>]
    [MapDerivedType<V2.Rule.Remark, Workouts.Rule.Remark>]
    [MapDerivedType<V2.Rule.ClauseHere, Workouts.Rule.ClauseHere>]
    private static partial Workouts.Rule One(V2.Rule one);

    [MapDerivedType<V2.ScoreLine.Penalty, Workouts.ScoreLine.Penalty>]
    [MapDerivedType<V2.ScoreLine.CapLine, Workouts.ScoreLine.CapLine>]
    [MapDerivedType<V2.ScoreLine.Cascade, Workouts.ScoreLine.Cascade>]
    [MapDerivedType<V2.ScoreLine.TieShared, Workouts.ScoreLine.TieShared>]
    [MapDerivedType<V2.ScoreLine.TieScore, Workouts.ScoreLine.TieScore>]
    [MapDerivedType<V2.ScoreLine.TieMeasure, Workouts.ScoreLine.TieMeasure>]
    [MapDerivedType<V2.ScoreLine.TieTime, Workouts.ScoreLine.TieTime>]
    [MapDerivedType<V2.ScoreLine.TieLowestMember, Workouts.ScoreLine.TieLowestMember>]
    [MapDerivedType<V2.ScoreLine.FaultCosts, Workouts.ScoreLine.FaultCosts>]
    [MapDerivedType<V2.ScoreLine.NoGoodLift, Workouts.ScoreLine.NoGoodLift>]
    [MapDerivedType<V2.ScoreLine.Partial, Workouts.ScoreLine.Partial>]
    [MapDerivedType<V2.ScoreLine.Weight, Workouts.ScoreLine.Weight>]
    private static partial Workouts.ScoreLine One(V2.ScoreLine one);

    [MapDerivedType<V2.Policy.Bell, Workouts.Policy.Bell>]
    [MapDerivedType<V2.Policy.GateOnSecond, Workouts.Policy.GateOnSecond>]
    [MapDerivedType<V2.Policy.Attempts, Workouts.Policy.Attempts>]
    [MapDerivedType<V2.Policy.Clips, Workouts.Policy.Clips>]
    [MapDerivedType<V2.Policy.Club, Workouts.Policy.Club>]
    [MapDerivedType<V2.Policy.Timing, Workouts.Policy.Timing>]
    [MapDerivedType<V2.Policy.Answered, Workouts.Policy.Answered>]
    [MapDerivedType<V2.Policy.ClauseOf, Workouts.Policy.ClauseOf>]
    [MapDerivedType<V2.Policy.Waived, Workouts.Policy.Waived>]
    private static partial Workouts.Policy One(V2.Policy one);

    [MapDerivedType<V2.Stage.Window, Workouts.Stage.Window>]
    [MapDerivedType<V2.Stage.Clock, Workouts.Stage.Clock>]
    [MapDerivedType<V2.Stage.Gap, Workouts.Stage.Gap>]
    [MapDerivedType<V2.Stage.Cycles, Workouts.Stage.Cycles>]
    [MapDerivedType<V2.Stage.Relay, Workouts.Stage.Relay>]
    [MapDerivedType<V2.Stage.Rota, Workouts.Stage.Rota>]
    [MapDerivedType<V2.Stage.Waves, Workouts.Stage.Waves>]
    [MapDerivedType<V2.Stage.SwapStations, Workouts.Stage.SwapStations>]
    private static partial Workouts.Stage One(V2.Stage one);

    [MapDerivedType<V2.Work.Task, Workouts.Work.Task>]
    [MapDerivedType<V2.Work.Rounds, Workouts.Work.Rounds>]
    [MapDerivedType<V2.Work.Scheme, Workouts.Work.Scheme>]
    [MapDerivedType<V2.Work.Every, Workouts.Work.Every>]
    [MapDerivedType<V2.Work.Complex, Workouts.Work.Complex>]
    [MapDerivedType<V2.Work.AnyOrder, Workouts.Work.AnyOrder>]
    [MapDerivedType<V2.Work.GroupOf, Workouts.Work.GroupOf>]
    [MapDerivedType<V2.Work.OwnRest, Workouts.Work.OwnRest>]
    [MapDerivedType<V2.Work.Gate, Workouts.Work.Gate>]
    [MapDerivedType<V2.Work.Checkpoint, Workouts.Work.Checkpoint>]
    [MapDerivedType<V2.Work.RuleLine, Workouts.Work.RuleLine>]
    private static partial Workouts.Work One(V2.Work one);

    [MapDerivedType<V2.TaskLine.Override, Workouts.TaskLine.Override>]
    [MapDerivedType<V2.TaskLine.Between, Workouts.TaskLine.Between>]
    [MapDerivedType<V2.TaskLine.Attempt, Workouts.TaskLine.Attempt>]
    [MapDerivedType<V2.TaskLine.Then, Workouts.TaskLine.Then>]
    [MapDerivedType<V2.TaskLine.RuleOf, Workouts.TaskLine.RuleOf>]
    private static partial Workouts.TaskLine One(V2.TaskLine one);

    [MapDerivedType<V2.Header.For, Workouts.Header.For>]
    [MapDerivedType<V2.Header.Order, Workouts.Header.Order>]
    [MapDerivedType<V2.Header.Levels, Workouts.Header.Levels>]
    [MapDerivedType<V2.Header.Groups, Workouts.Header.Groups>]
    [MapDerivedType<V2.Header.Video, Workouts.Header.Video>]
    [MapDerivedType<V2.Header.LeadIn, Workouts.Header.LeadIn>]
    [MapDerivedType<V2.Header.Judges, Workouts.Header.Judges>]
    [MapDerivedType<V2.Header.Seats, Workouts.Header.Seats>]
    [MapDerivedType<V2.Header.Entries, Workouts.Header.Entries>]
    private static partial Workouts.Header One(V2.Header one);

    private static partial Standards.Clause One(V2.Clause one);

    private static Eq<Standards.Clause> All(Eq<V2.Clause> all) => all.Select(One).ToEq();

    private static partial Standards.ClauseChange One(V2.ClauseChange one);

    private static Eq<Standards.ClauseChange> All(Eq<V2.ClauseChange> all) => all.Select(One).ToEq();

    private static Eq<Workouts.Detail> All(Eq<V2.Detail> all) => all.Select(One).ToEq();

    private static partial Competitions.Division One(V2.Division one);

    private static Eq<Competitions.Division> All(Eq<V2.Division> all) => all.Select(One).ToEq();

    private static partial Standards.Fault One(V2.Fault one);

    private static Eq<Standards.Fault> All(Eq<V2.Fault> all) => all.Select(One).ToEq();

    private static partial Workouts.Group One(V2.Group one);

    private static partial Workouts.Watch One(V2.Watch one);

    private static Eq<Workouts.Watch> All(Eq<V2.Watch> all) => all.Select(One).ToEq();

    private static Eq<Workouts.Group> All(Eq<V2.Group> all) => all.Select(One).ToEq();

    private static Eq<Workouts.Header> All(Eq<V2.Header> all) => all.Select(One).ToEq();

    private static partial Standards.Figures.JointAngle One(V2.JointAngle one);

    private static Eq<Standards.Figures.JointAngle> All(Eq<V2.JointAngle> all) => all.Select(One).ToEq();

    private static Eq<Standards.Movement> All(Eq<V2.Movement> all) => all.Select(Of).ToEq();

    private static partial Standards.Figures.OwnPose One(V2.OwnPose one);

    private static Eq<Standards.Figures.OwnPose> All(Eq<V2.OwnPose> all) => all.Select(One).ToEq();

    private static partial Workouts.Piece One(V2.Piece one);

    private static Eq<Workouts.Piece> All(Eq<V2.Piece> all) => all.Select(One).ToEq();

    private static Competitions.LaneKit One(V2.LaneKit one) =>
        new(
            one.MenBar,
            one.WomenBar,
            one.ClipPair,
            All(one.Plates),
            Stock(one, V2.ImplementKind.Dumbbell, one.Dumbbells),
            Stock(one, V2.ImplementKind.Kettlebell, one.Kettlebells),
            Stock(one, V2.ImplementKind.Sandbag, one.Sandbags),
            Stock(one, V2.ImplementKind.Ball, one.Balls)
        )
        {
            MenSleeve = one.MenSleeve,
            WomenSleeve = one.WomenSleeve,
            Bars = one.Bars.Select(One).ToEq(),
            Things = one.Things.Select(One).ToEq(),
            Lanes = one.Lanes,
        };

    private static partial Competitions.NamedBar One(V2.NamedBar one);

    private static partial Competitions.ThingStock One(V2.ThingStock one);

    private static Eq<Competitions.ImplementStock> Stock(V2.LaneKit kit, V2.ImplementKind kind, Eq<decimal> masses) =>
        Competitions
            .ImplementStock.OfMasses(masses)
            .Select(i => kit.Counts.FirstOrDefault(c => c.Kind == kind && c.Mass == i.Mass) is { } c ? i with { Count = c.Count } : i)
            .ToEq();

    private static partial Competitions.PlateStock One(V2.PlateStock one);

    private static Eq<Competitions.PlateStock> All(Eq<V2.PlateStock> all) => all.Select(One).ToEq();

    private static Eq<Workouts.Policy> All(Eq<V2.Policy> all) => all.Select(One).ToEq();

    private static partial Policies.PolicyChoice One(V2.PolicyChoice one);

    private static partial Pacing.Pace One(V2.Pace one);

    private static Eq<Pacing.Pace> All(Eq<V2.Pace> all) => all.Select(One).ToEq();

    private static Eq<Policies.PolicyChoice> All(Eq<V2.PolicyChoice> all) => all.Select(One).ToEq();

    private static partial Languages.Said One(V2.Said one);

    private static Eq<Languages.Said> All(Eq<V2.Said> all) => all.Select(One).ToEq();

    private static partial Workouts.Score One(V2.Score one);

    private static Eq<Workouts.Score> All(Eq<V2.Score> all) => all.Select(One).ToEq();

    private static Eq<Workouts.ScoreLine> All(Eq<V2.ScoreLine> all) => all.Select(One).ToEq();

    private static partial Workouts.SharePhrase One(V2.SharePhrase one);

    private static Eq<Workouts.SharePhrase> All(Eq<V2.SharePhrase> all) => all.Select(One).ToEq();

    private static Eq<Workouts.Stage> All(Eq<V2.Stage> all) => all.Select(One).ToEq();

    private static partial Workouts.Station One(V2.Station one);

    private static partial Workouts.TimeFor One(V2.TimeFor one);

    private static partial Workouts.RoundsFor One(V2.RoundsFor one);

    private static Eq<Workouts.RoundsFor> All(Eq<V2.RoundsFor> all) => all.Select(One).ToEq();

    private static Eq<Workouts.TimeFor> All(Eq<V2.TimeFor> all) => all.Select(One).ToEq();

    private static Eq<Workouts.Station> All(Eq<V2.Station> all) => all.Select(One).ToEq();

    private static Eq<Workouts.TaskLine> All(Eq<V2.TaskLine> all) => all.Select(One).ToEq();

    private static partial Workouts.Who One(V2.Who one);

    private static Eq<Workouts.Who> All(Eq<V2.Who> all) => all.Select(One).ToEq();

    private static Eq<Workouts.Work> All(Eq<V2.Work> all) => all.Select(One).ToEq();

    private static partial Workouts.Work.Task One(V2.Work.Task one);

    private static Eq<Workouts.Work.Task> All(Eq<V2.Work.Task> all) => all.Select(One).ToEq();

    private static Workouts.Amount.Highest One(V2.Amount.Highest _) => new();

    private static Workouts.Detail.Uncounted One(V2.Detail.Uncounted _) => new();

    private static Competitions.PointsRule.SumOfPlaces One(V2.PointsRule.SumOfPlaces _) => new();

    private static Eq<string> Same(Eq<string> all) => all;

    private static Eq<int> Same(Eq<int> all) => all;

    private static Eq<decimal> Same(Eq<decimal> all) => all;

    private static Eq<Number> Same(Eq<Number> all) => all;

    private static Eq<Duration?> Same(Eq<Duration?> all) => all;

    private static Number Same(Number one) => one;

    private static Duration Same(Duration one) => one;
}
