using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Frozen.V2;

// Scores and rulings.

internal enum Measure
{
    Time,
    HallClock,
    Reps,
    RoundsAndReps,
    Calories,
    Metres,
    Points,
    BestLoad,
    SumOfBestLoads,
    FullIntervals,
    Seconds,
    Kilograms,
    Pounds,
    Height,
}

internal enum CountedAs
{
    Reps,
    Calories,
    Metres,
}

internal sealed record Score(string? Label, Measure Measure, Eq<Who> Of, Eq<ScoreLine> Lines) : Node
{
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Selection? Selection { get; init; }
}

internal sealed record Selection(bool Lowest, int N, SelectionOf Of);

internal enum SelectionOf
{
    Cycle,
    Member,
    Load,
}

[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Penalty), "penalty")]
[JsonDerivedType(typeof(CapLine), "capLine")]
[JsonDerivedType(typeof(Cascade), "cascade")]
[JsonDerivedType(typeof(TieShared), "tieShared")]
[JsonDerivedType(typeof(TieScore), "tieScore")]
[JsonDerivedType(typeof(TieMeasure), "tieMeasure")]
[JsonDerivedType(typeof(TieTime), "tieTime")]
[JsonDerivedType(typeof(TieLowestMember), "tieLowestMember")]
[JsonDerivedType(typeof(FaultCosts), "faultCosts")]
[JsonDerivedType(typeof(NoGoodLift), "noGoodLift")]
[JsonDerivedType(typeof(Partial), "partial")]
[JsonDerivedType(typeof(Weight), "weight")]
internal abstract record ScoreLine : Node
{
    internal sealed record Penalty(Duration? Each, CountedAs Of, bool Missing = true, bool FromOwnCap = false) : ScoreLine;

    internal sealed record CapLine(CountedAs By) : ScoreLine;

    internal sealed record Cascade(string Part, bool NotReached) : ScoreLine;

    internal sealed record TieShared : ScoreLine;

    internal sealed record TieScore(string Label) : ScoreLine;

    internal sealed record TieMeasure(Measure Measure, Eq<Who> Of) : ScoreLine;

    internal sealed record TieTime(TieMark Mark, int? Round) : ScoreLine
    {
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public string? Name { get; init; }
    }

    internal sealed record TieLowestMember : ScoreLine;

    internal sealed record FaultCosts(Duration? Time, int? Units, string Fault) : ScoreLine
    {
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public Duration? MostTime { get; init; }

        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public int? MostUnits { get; init; }
    }

    internal sealed record NoGoodLift(LifterWithout Is) : ScoreLine;

    internal sealed record Partial(PartialDistance Is) : ScoreLine;

    internal sealed record Weight(Number Of) : ScoreLine;
}

internal enum LifterWithout
{
    Zero,
    NotScored,
    OthersStand,
}

internal enum TieMark
{
    Round,
    LastFullRound,
    LastGate,
    Checkpoint,
    Rep,
    Half,
}

[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Bell), "bell")]
[JsonDerivedType(typeof(GateOnSecond), "gateOnSecond")]
[JsonDerivedType(typeof(Attempts), "attempts")]
[JsonDerivedType(typeof(Clips), "clips")]
[JsonDerivedType(typeof(Club), "club")]
[JsonDerivedType(typeof(Timing), "timing")]
[JsonDerivedType(typeof(Answered), "policy")]
[JsonDerivedType(typeof(ClauseOf), "standard")]
[JsonDerivedType(typeof(Waived), "waived")]
internal abstract record Policy : Node
{
    internal sealed record Bell(VoidedUnit Of, BellWhen When) : Policy;

    internal sealed record GateOnSecond(bool Counts) : Policy;

    internal sealed record Attempts(bool Best, int? N) : Policy;

    internal sealed record Clips(bool WithoutCounts) : Policy;

    internal sealed record Club(int Best) : Policy;

    internal sealed record Timing(TimeResolution Resolution) : Policy;

    internal sealed record Answered(string Topic, Eq<Who> For, string Answer) : Policy;

    internal sealed record ClauseOf(string Movement, string Clause, Eq<Who> For, string Text) : Policy;

    internal sealed record Waived(string Rule, string Reason) : Policy;
}

internal enum TimeResolution
{
    WholeSeconds,
    TenthsByHand,
    Hundredths,
}

internal enum BellWhen
{
    Begun,
    Finished,
    FinishedAndSteady,
}

internal enum PartialDistance
{
    WholeSections,
    WholeMetres,
    MarkPassed,
}
