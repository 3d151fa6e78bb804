using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Frozen.V2;

// A movement with its standard.

internal enum Phase
{
    SetUp,
    Entry,
    Start,
    Through,
    Finish,
    Between,
}

internal enum ClauseKind
{
    Required,
    Allowed,
    Forbidden,
    Measured,
    Tip,
}

internal enum Perceived
{
    SeenFromTheSide,
    SeenFromTheFront,
    Heard,
    Read,
}

internal enum Consequence
{
    NotCounted,
    RepeatTheRep,
    RepeatTheLastPhase,
    FromTheFloor,
    FromTheLastMark,
    FromTheLine,
    SetLost,
    AttemptLost,
    WaitForKit,
}

internal sealed record Clause(string Id, Phase Phase, ClauseKind Kind, Said Text)
{
    public ClauseParameters? Of { get; init; }
    public Provenance From
    {
        get;
        init => field = value ?? Provenance.Library;
    } = Provenance.Library;
}

internal sealed record Fault(string Id, string Breaks, Said Sign, Perceived By, Said Call, Consequence Then, Said Athlete)
{
    public Provenance From
    {
        get;
        init => field = value ?? Provenance.Library;
    } = Provenance.Library;
}

internal enum MovementKit
{
    None,
    Barbell,
    Dumbbell,
    SandbagAndBox,
    Box,
    BallAndTarget,
    HangingBar,
    Wall,
    Machine,
    BarToClear,
    Kettlebell,
    Rings,
    ClimbingRope,
    TeamBag,
    Sandbag,
    Sled,
    Plate,
    Ball,
    DipBars,
    HipBench,
}

internal sealed record JudgeDuty(Said Place, Said Call);

internal sealed record Movement(
    string Id,
    Said Name,
    Eq<string> Synonyms,
    Said Family,
    MovementKit Kit,
    Eq<Clause> Clauses,
    Eq<Fault> Faults,
    JudgeDuty Judge,
    Eq<Said> Cautions
)
{
    public Eq<Said> Measures { get; init; }
    public Eq<Said> Relaxations { get; init; }
    public string? Motion { get; init; }

    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<OwnPose> Poses { get; init; }
}

internal enum Source
{
    Library,
    Policy,
    HouseRule,
    Workout,
    Place,
    Ruling,
}

internal sealed record Provenance(Source By, string? Detail)
{
    public static Provenance Library { get; } = new(Source.Library, null);
}

internal enum OnTheLine
{
    In,
    Out,
}

internal sealed record ClauseParameters
{
    public string? BodyPart { get; init; }
    public string? ImplementPart { get; init; }
    public string? Reference { get; init; }
    public string? Zone { get; init; }
    public OnTheLine? OnTheLine { get; init; }
    public decimal? AngleDegrees { get; init; }
    public decimal? HeightMillimetres { get; init; }
    public int? Count { get; init; }
    public long? HoldMilliseconds { get; init; }
    public bool? SameMoment { get; init; }
    public Eq<string> Grips { get; init; }
}
