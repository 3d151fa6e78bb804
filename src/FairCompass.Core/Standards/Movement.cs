using System.Text.Json.Serialization;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards.Figures;
using Riok.Mapperly.Abstractions;

namespace FairCompass.Core.Standards;

/// <summary>When in a rep a clause holds.</summary>
public enum Phase
{
    /// <summary>Before the clock: kit, line, height.</summary>
    SetUp,

    /// <summary>Legal ways into the first rep.</summary>
    Entry,

    /// <summary>Where a rep begins.</summary>
    Start,

    /// <summary>What must happen on the way.</summary>
    Through,

    /// <summary>What ends a rep.</summary>
    Finish,

    /// <summary>Between two reps.</summary>
    Between,
}

/// <summary>What kind of rule a clause is.</summary>
public enum ClauseKind
{
    /// <summary>Must happen.</summary>
    Required,

    /// <summary>May happen.</summary>
    Allowed,

    /// <summary>Must not happen.</summary>
    Forbidden,

    /// <summary>Is measured beforehand.</summary>
    Measured,

    /// <summary>Advice, not a rule: never in a judge's brief.</summary>
    Tip,
}

/// <summary>How a judge perceives something.</summary>
public enum Perceived
{
    /// <summary>Seen from the athlete's side.</summary>
    SeenFromTheSide,

    /// <summary>Seen from the front.</summary>
    SeenFromTheFront,

    /// <summary>Heard.</summary>
    Heard,

    /// <summary>Read from a monitor or a mark.</summary>
    Read,
}

/// <summary>What follows a no-rep. The clock keeps running in every case.</summary>
public enum Consequence
{
    /// <summary>The rep is not counted; nothing has to be made good before the next.</summary>
    NotCounted,

    /// <summary>The rep is repeated.</summary>
    RepeatTheRep,

    /// <summary>Only the last phase is repeated.</summary>
    RepeatTheLastPhase,

    /// <summary>The rep is begun again from the floor.</summary>
    FromTheFloor,

    /// <summary>Work goes on from the last mark passed.</summary>
    FromTheLastMark,

    /// <summary>Work begins again behind the line.</summary>
    FromTheLine,

    /// <summary>The set is lost.</summary>
    SetLost,

    /// <summary>The attempt is lost.</summary>
    AttemptLost,

    /// <summary>Wait until the kit has settled.</summary>
    WaitForKit,
}

/// <summary>One rule of a standard.</summary>
/// <param name="Id">Unique within the movement and stable across editions.</param>
/// <param name="Phase">When it holds.</param>
/// <param name="Kind">Required, allowed, forbidden, measured, or a tip.</param>
/// <param name="Text">The rule in a sentence short enough to be said aloud.</param>
public sealed record Clause(string Id, Phase Phase, ClauseKind Kind, Said Text)
{
    /// <summary>Its parts as data: what is compared with what, how far, how often; null when the sentence has none.</summary>
    public ClauseParameters? Of { get; init; }

    /// <summary>What can be decided on a drawn pose; null when no pose shows it. It follows from the phrase, so files do not carry
    /// it.</summary>
    [JsonIgnore]
    [MapperIgnore]
    public Predicate? Holds { get; init; }

    /// <summary>Where the wording comes from; the library’s own where a file does not say, which reads as null here.</summary>
    public Provenance From
    {
        get;
        init => field = value ?? Provenance.Library;
    } = Provenance.Library;
}

/// <summary>A no-rep criterion.</summary>
/// <param name="Id">Unique within the movement and stable across editions.</param>
/// <param name="Breaks">The clause that it breaks.</param>
/// <param name="Sign">What the judge sees, hears, or reads.</param>
/// <param name="By">How it is perceived.</param>
/// <param name="Call">What the judge says.</param>
/// <param name="Then">What follows.</param>
/// <param name="Athlete">What the athlete must do next, in words.</param>
public sealed record Fault(string Id, string Breaks, Said Sign, Perceived By, Said Call, Consequence Then, Said Athlete)
{
    /// <summary>Where the wording comes from; the library’s own where a file does not say, which reads as null here.</summary>
    public Provenance From
    {
        get;
        init => field = value ?? Provenance.Library;
    } = Provenance.Library;
}

/// <summary>The kit a movement needs; it decides which cautions and load checks apply.</summary>
public enum MovementKit
{
    /// <summary>Nothing.</summary>
    None,

    /// <summary>A barbell.</summary>
    Barbell,

    /// <summary>Dumbbells.</summary>
    Dumbbell,

    /// <summary>A sandbag and a box.</summary>
    SandbagAndBox,

    /// <summary>A box.</summary>
    Box,

    /// <summary>A ball and a target.</summary>
    BallAndTarget,

    /// <summary>A bar to hang from.</summary>
    HangingBar,

    /// <summary>A wall.</summary>
    Wall,

    /// <summary>A machine with a monitor.</summary>
    Machine,

    /// <summary>A barbell that is jumped over.</summary>
    BarToClear,

    /// <summary>A kettlebell.</summary>
    Kettlebell,

    /// <summary>Rings on straps.</summary>
    Rings,

    /// <summary>A climbing rope.</summary>
    ClimbingRope,

    /// <summary>A bag that several carry.</summary>
    TeamBag,

    /// <summary>A sandbag or a stone.</summary>
    Sandbag,

    /// <summary>A sled.</summary>
    Sled,

    /// <summary>A plate in the hands.</summary>
    Plate,

    /// <summary>A ball without a target.</summary>
    Ball,

    /// <summary>Two parallel bars.</summary>
    DipBars,

    /// <summary>A bench on which the hips hang free.</summary>
    HipBench,
}

/// <summary>Where the judge of a movement stands, and when the call is made.</summary>
/// <param name="Place">Where.</param>
/// <param name="Call">When and what.</param>
public sealed record JudgeDuty(Said Place, Said Call);

/// <summary>A movement with its standard.</summary>
/// <param name="Id">Lower case with hyphens, stable.</param>
/// <param name="Name">As drafts write it.</param>
/// <param name="Synonyms">Other names that drafts may use.</param>
/// <param name="Family">The group it is listed with.</param>
/// <param name="Kit">What it is done with.</param>
/// <param name="Clauses">The rules by phase.</param>
/// <param name="Faults">The no-rep criteria.</param>
/// <param name="Judge">The judge's place and call.</param>
/// <param name="Cautions">Safety reminders of this movement.</param>
public sealed record Movement(
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
    /// <summary>What several reps of it are called: <c>wall walks</c>, <c>cleans and jerks</c>. It follows from the name.</summary>
    [JsonIgnore]
    [MapperIgnore]
    public Said Plural => Plurals.Of(Name);

    /// <summary>What is measured for each athlete or lane beforehand, and with what.</summary>
    public Eq<Said> Measures { get; init; }

    /// <summary>What other tiers usually do instead.</summary>
    public Eq<Said> Relaxations { get; init; }

    /// <summary>Which motion its figures are drawn from; null when it has none.</summary>
    public string? Motion { get; init; }

    /// <summary>Positions that its author posed; they lie over those of the motion. A file from before there were any has none.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<OwnPose> Poses { get; init; }

    /// <summary>True when a rep is meaningless without a stated load.</summary>
    public bool NeedsLoad =>
        Kit
            is MovementKit.Barbell
                or MovementKit.Dumbbell
                or MovementKit.SandbagAndBox
                or MovementKit.BallAndTarget
                or MovementKit.Ball
                or MovementKit.Sandbag
                or MovementKit.Sled
                or MovementKit.Plate
                or MovementKit.Kettlebell;

    /// <summary>True when each rep begins with a bar on the floor, so that the plates on it set the height of the start.</summary>
    public bool PullsFromFloor => Kit == MovementKit.Barbell && Clauses.Any(c => c.Id == Phrases.Entry.Floor.Id);

    /// <summary>The clauses of one phase.</summary>
    public IEnumerable<Clause> In(Phase phase) => Clauses.Where(c => c.Phase == phase);
}
