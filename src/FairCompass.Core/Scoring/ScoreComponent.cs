using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <summary>What a component measures, compiled.</summary>
public enum Measured
{
    /// <summary>Time, with a rule for the cap.</summary>
    Time,

    /// <summary>Credit, calories, metres, or points added up.</summary>
    Units,

    /// <summary>Counted units, shown as full rounds and reps.</summary>
    RoundsAndUnits,

    /// <summary>The heaviest good lift.</summary>
    Load,

    /// <summary>The sum of each lifter's heaviest good lift.</summary>
    SumOfLoads,

    /// <summary>Intervals that were finished, and what was done of the next where that one ends the work.</summary>
    Intervals,

    /// <summary>The last height that was made of those that rise.</summary>
    Height,
}

/// <summary>A tie-break, compiled.</summary>
public abstract record Tiebreak
{
    private Tiebreak() { }

    /// <summary>Ties share the place.</summary>
    public sealed record Shared : Tiebreak;

    /// <summary>The earlier time at the end of a round.</summary>
    /// <param name="Piece">The piece whose rounds are meant.</param>
    /// <param name="Round">The round; null for the last full one.</param>
    public sealed record TimeAtRound(string Piece, int? Round) : Tiebreak;

    /// <summary>The earlier time at the last gate passed.</summary>
    public sealed record TimeAtGate(string Piece) : Tiebreak;

    /// <summary>The earlier time at a named mark; who did not pass it is behind.</summary>
    public sealed record TimeAtMark(string Piece, NamedMark Mark) : Tiebreak;

    /// <summary>The better value of another component.</summary>
    /// <param name="Label">The component's name.</param>
    public sealed record Other(string Label) : Tiebreak;

    /// <summary>More of something in some pieces.</summary>
    /// <param name="Tally">What is added up.</param>
    /// <param name="Pieces">Where.</param>
    /// <param name="Measure">What is compared: reps, calories, metres, or points.</param>
    /// <param name="Of">The parts as the score line names them.</param>
    public sealed record MoreOf(Tally Tally, Eq<string> Pieces, Measure Measure, Eq<string> Of) : Tiebreak
    {
        /// <summary>Keys of the counters that are compared; empty for all.</summary>
        public Eq<string> Counters { get; init; }

        /// <summary>In words: <c>reps of Bar</c>.</summary>
        public string WordIn(Tongue tongue)
        {
            var what = Measure switch
            {
                Measure.Calories => Term.Calorie,
                Measure.Metres => Term.Metre,
                Measure.Seconds => Term.Second,
                Measure.Kilograms => Term.Kilogram,
                Measure.Pounds => Term.Pound,
                Measure.Points => Term.Point,
                _ => Term.Rep,
            };
            return tongue.Say(what.Many) + tongue.Say(" of ", " de ") + tongue.Join(Of.Select(tongue.Name));
        }
    }

    /// <summary>The better count of the member who has least.</summary>
    /// <param name="Pieces">Pieces that belong to one member each.</param>
    public sealed record LowestMember(Eq<string> Pieces) : Tiebreak;
}

/// <summary>A score of the run, compiled for one course.</summary>
/// <param name="Label">Its name, or null.</param>
/// <param name="Measured">What it measures.</param>
/// <param name="Tally">What is added up; for a time, what a result at the cap is ordered by.</param>
/// <param name="Pieces">Keys of the pieces that feed it.</param>
/// <param name="Cap">For a time: the rule for the cap; null when nobody has said.</param>
/// <param name="Before">The piece that must be finished before this one is reached; null when there is none.</param>
/// <param name="NotReachedIsZero">What an unfinished part before does: true zero, false not reached, null when nobody has said.</param>
/// <param name="Ties">In order; empty when nobody has said.</param>
/// <param name="Source">The lines it comes from.</param>
public sealed record ScoreComponent(
    string? Label,
    Measured Measured,
    Tally Tally,
    Eq<string> Pieces,
    CapRule? Cap,
    string? Before,
    bool? NotReachedIsZero,
    Eq<Tiebreak> Ties,
    Score Source
)
{
    /// <summary>Keys of the counters that feed it, where it names some of a piece’s; empty for all that the goal is on.</summary>
    public Eq<string> Counters { get; init; }

    /// <summary>Which of several results counts; null for all together.</summary>
    public Selection? Selection => Source.Selection;

    /// <summary>What a lifter without a good lift does to the sum; null when nobody has said, or for other scores.</summary>
    public LifterWithout? NoGoodLift => Source.Lines.OfType<ScoreLine.NoGoodLift>().FirstOrDefault()?.Is;

    /// <summary>True for a counter that feeds it. What comes first in each interval is work that must be done, not work towards the goal
    /// of a time.</summary>
    public bool Takes(CourseStrand strand) =>
        Counters.Count > 0 ? Counters.Contains(strand.Key) : Measured != Measured.Time || strand.Role != StrandRole.First;

    /// <summary>The component's name in sentences.</summary>
    public string Name => NameIn(Tongue.English);

    /// <summary>The component's name in a language.</summary>
    public string NameIn(Tongue tongue) =>
        Label is null ? tongue.Say("the score", "la puntuación") : tongue.Say("score ", "puntuación ") + Label;

    /// <summary>Its weight in the overall table; 1 where nothing is said.</summary>
    public decimal Weight => Source.Lines.OfType<ScoreLine.Weight>().FirstOrDefault()?.Of.Value ?? 1;

    /// <summary>True when the time is read off the hall clock from 0:00, not from the start of the piece.</summary>
    public bool ByHallClock => Source.Measure == Measure.HallClock;

    /// <summary>What one unit of the value is called.</summary>
    public string Word =>
        Source.Measure switch
        {
            Measure.Points => "point",
            _ => Tally.Of switch
            {
                TallyOf.Calories => "calorie",
                TallyOf.Millimetres => "m",
                TallyOf.Seconds => "second",
                TallyOf.Load => Source.Measure == Measure.Pounds ? "pound" : "kilogram",
                _ => "rep",
            },
        };

    /// <summary>What several units of the value are called.</summary>
    public string Words => Word == "m" ? "metres" : Word + "s";
}

/// <summary>Why a score line could not be compiled.</summary>
/// <param name="At">The line.</param>
/// <param name="Sentence">The reason.</param>
public sealed record ScoreProblem(SourceRange At, string Sentence);

/// <summary>The scores of a workout, compiled for one course.</summary>
/// <param name="Components">In the order of the text.</param>
/// <param name="Problems">What could not be compiled.</param>
public sealed record ScoreSheet(Eq<ScoreComponent> Components, Eq<ScoreProblem> Problems)
{
    /// <summary>How times are read.</summary>
    public TimeResolution Resolution { get; init; }

    /// <summary>Which of several submissions counts; null when there is one.</summary>
    public Policy.Attempts? Attempts { get; init; }

    /// <summary>Whether a rep that a reviewer cannot verify is no rep (true) or leaves the score open (false); null when there is no
    /// video.</summary>
    public bool? UnverifiedIsNoRep { get; init; }

    /// <summary>Whether a lift without clips counts; null when nobody has said.</summary>
    public bool? WithoutClipsCounts { get; init; }

    /// <summary>When a lift around the final bell counts; null when nobody has said.</summary>
    public BellWhen? LiftAtTheBell { get; init; }

    /// <summary>Whether a gate reached exactly on its second is passed; null when nobody has said.</summary>
    public bool? GateOnSecondCounts { get; init; }

    /// <summary>The position of the component with a name; -1 when it could not be compiled.</summary>
    public int IndexOf(string label)
    {
        for (var i = 0; i < Components.Count; i++)
        {
            if (Components[i].Label == label)
            {
                return i;
            }
        }

        return -1;
    }

    /// <summary>Compiles the score lines of a workout.</summary>
    public static ScoreSheet Of(Workout workout, Course course) => new ScoreCompiler(workout, course).Compile();
}
