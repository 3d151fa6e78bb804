using FairCompass.Core.Quantities;

namespace FairCompass.Core.Workouts;

/// <summary>What a score measures.</summary>
public enum Measure
{
    /// <summary>Time from the start of the named piece.</summary>
    Time,

    /// <summary>Time on the hall clock.</summary>
    HallClock,

    /// <summary>Counted reps.</summary>
    Reps,

    /// <summary>The same order, shown as full rounds and reps.</summary>
    RoundsAndReps,

    /// <summary>Calories.</summary>
    Calories,

    /// <summary>Metres.</summary>
    Metres,

    /// <summary>Points.</summary>
    Points,

    /// <summary>The heaviest good lift.</summary>
    BestLoad,

    /// <summary>The sum of every lifter's heaviest good lift.</summary>
    SumOfBestLoads,

    /// <summary>Intervals that were finished.</summary>
    FullIntervals,

    /// <summary>Seconds of a held position.</summary>
    Seconds,

    /// <summary>Load moved: each rep moves its load once, in kilograms.</summary>
    Kilograms,

    /// <summary>The same in pounds.</summary>
    Pounds,

    /// <summary>The last height that was made of one that rises; of equal heights fewer misses are better.</summary>
    Height,
}

/// <summary>What is counted of an unfinished part.</summary>
public enum CountedAs
{
    /// <summary>Reps.</summary>
    Reps,

    /// <summary>Calories.</summary>
    Calories,

    /// <summary>Metres.</summary>
    Metres,
}

/// <summary>A score of the run.</summary>
/// <param name="Label">Its name, or null when there is only one.</param>
/// <param name="Measure">What it measures.</param>
/// <param name="Of">Which pieces, stations, groups, or windows; empty for all.</param>
/// <param name="Lines">The lines under it.</param>
public sealed record Score(string? Label, Measure Measure, Eq<Who> Of, Eq<ScoreLine> Lines) : Node
{
    /// <summary><c>lowest cycle</c>, <c>sum of the best 3 cycles</c>: which of several results counts; null for all together.</summary>
    public Selection? Selection { get; init; }
}

/// <summary>A line under a score.</summary>
public abstract record ScoreLine : Node
{
    private ScoreLine() { }

    /// <summary><c>unfinished: +0:01 for each missing rep</c>.</summary>
    /// <param name="Each">Added to the cap for each.</param>
    /// <param name="Of">What is counted.</param>
    /// <param name="Missing">
    /// True for what is missing. False is the tempting <c>for each rep done</c>, which ranks more work lower: it is
    /// understood so that it can be refused with an example.
    /// </param>
    /// <param name="FromOwnCap">
    /// True for <c>from the own cap</c>: with a gate it lets who misses the gate beat who passes it. It is understood so that
    /// it can be refused with an example; otherwise the penalty counts from the longest cap.
    /// </param>
    public sealed record Penalty(Duration? Each, CountedAs Of, bool Missing = true, bool FromOwnCap = false) : ScoreLine;

    /// <summary><c>unfinished: cap line by reps</c>: finishers first, then by what was done.</summary>
    public sealed record CapLine(CountedAs By) : ScoreLine;

    /// <summary><c>A unfinished: not reached</c>: what an unfinished part does to this score.</summary>
    /// <param name="Part">The unfinished part.</param>
    /// <param name="NotReached">True for <c>not reached</c>, false for <c>zero</c>.</param>
    public sealed record Cascade(string Part, bool NotReached) : ScoreLine;

    /// <summary><c>tie: shared</c>.</summary>
    public sealed record TieShared : ScoreLine;

    /// <summary><c>tie: score B</c>.</summary>
    public sealed record TieScore(string Label) : ScoreLine;

    /// <summary><c>tie: reps of Bar</c>.</summary>
    public sealed record TieMeasure(Measure Measure, Eq<Who> Of) : ScoreLine;

    /// <summary><c>tie: time at round 2</c>, <c>the last full round</c>, <c>the last gate passed</c>.</summary>
    /// <param name="Mark">Which mark.</param>
    /// <param name="Round">The round, for <see cref="TieMark.Round"/>; the rep, for <see cref="TieMark.Rep"/>.</param>
    public sealed record TieTime(TieMark Mark, int? Round) : ScoreLine
    {
        /// <summary>The checkpoint, or the movement whose rep is meant; null for other marks.</summary>
        public string? Name { get; init; }
    }

    /// <summary><c>tie: lowest member</c>.</summary>
    public sealed record TieLowestMember : ScoreLine;

    /// <summary><c>no good lift: zero</c>: what a lifter without a good lift does to the sum of all.</summary>
    public sealed record NoGoodLift(LifterWithout Is) : ScoreLine;

    /// <summary><c>partial: whole sections</c>: what counts of a distance that the clock cuts off.</summary>
    public sealed record Partial(PartialDistance Is) : ScoreLine;

    /// <summary><c>penalty: 0:05 for each dropped bar, at most 0:30</c>, <c>penalty: -1 rep for each dropped bar</c>: what a fault costs
    /// that is no part of a rep.</summary>
    /// <param name="Time">Added to a time; null where reps are taken off.</param>
    /// <param name="Units">Taken off a count; null where time is added.</param>
    /// <param name="Fault">What the judge sees.</param>
    public sealed record FaultCosts(Duration? Time, int? Units, string Fault) : ScoreLine
    {
        /// <summary>The most time that all of them add; null without such a limit.</summary>
        public Duration? MostTime { get; init; }

        /// <summary>The most that all of them take off; null without such a limit.</summary>
        public int? MostUnits { get; init; }
    }

    /// <summary><c>weight 0.5</c> in the overall table.</summary>
    public sealed record Weight(Number Of) : ScoreLine;
}

/// <summary>What counts of a distance that is not finished.</summary>
public enum PartialDistance
{
    /// <summary><c>whole sections</c>: between two marks.</summary>
    WholeSections,

    /// <summary><c>whole metres</c>.</summary>
    WholeMetres,

    /// <summary><c>the mark passed</c>: the last one, which says the same as whole sections.</summary>
    MarkPassed,
}

/// <summary>What the sum of several lifters is when one of them has no good lift.</summary>
public enum LifterWithout
{
    /// <summary><c>zero</c>: nothing for all of them.</summary>
    Zero,

    /// <summary><c>not scored</c>: the sum does not exist, behind everybody who ran.</summary>
    NotScored,

    /// <summary><c>the others stand</c>: what the others lifted is the sum.</summary>
    OthersStand,
}

/// <summary>Where a tie-break time is taken.</summary>
public enum TieMark
{
    /// <summary>The end of a given round.</summary>
    Round,

    /// <summary>The end of the last full round.</summary>
    LastFullRound,

    /// <summary>The last gate passed.</summary>
    LastGate,

    /// <summary>A checkpoint.</summary>
    Checkpoint,

    /// <summary>A rep of a movement, counted through the work.</summary>
    Rep,

    /// <summary>Half of what is counted.</summary>
    Half,
}

/// <summary>A ruling for the whole workout.</summary>
public abstract record Policy : Node
{
    private Policy() { }

    /// <summary><c>bell: a rep counts when finished</c>.</summary>
    public sealed record Bell(VoidedUnit Of, BellWhen When) : Policy;

    /// <summary><c>gate on the second: counts</c>.</summary>
    public sealed record GateOnSecond(bool Counts) : Policy;

    /// <summary><c>attempts: best of 2</c>.</summary>
    /// <param name="Best">True for the best, false for the last.</param>
    /// <param name="N">How many; null for all.</param>
    public sealed record Attempts(bool Best, int? N) : Policy;

    /// <summary><c>clips: a lift without them counts</c>.</summary>
    public sealed record Clips(bool WithoutCounts) : Policy;

    /// <summary><c>club: best 4 members</c>.</summary>
    public sealed record Club(int Best) : Policy;

    /// <summary><c>timing: whole seconds</c>, <c>tenths by hand</c>, <c>hundredths</c>.</summary>
    public sealed record Timing(TimeResolution Resolution) : Policy;

    /// <summary><c>waive: series-misfit, the last round is meant to be short</c>: a note of a check that somebody has looked at and lets
    /// stand. It prints nothing and changes no code.</summary>
    /// <param name="Rule">The check’s id.</param>
    /// <param name="Reason">Why.</param>
    public sealed record Waived(string Rule, string Reason) : Policy;

    /// <summary><c>policy dropping, for Meadow: not from overhead</c>: an answer on a topic where the trade disagrees.</summary>
    /// <param name="Topic">The topic’s name.</param>
    /// <param name="For">The divisions it holds for; empty for all.</param>
    /// <param name="Answer">One of the topic’s schools, or words where it takes words.</param>
    public sealed record Answered(string Topic, Eq<Who> For, string Answer) : Policy;

    /// <summary><c>standard toes-to-bar, between-hands: does not apply</c>: a clause changed or added for the whole workout.</summary>
    /// <param name="Movement">The movement’s name.</param>
    /// <param name="Clause">The clause’s id; a new one adds a clause.</param>
    /// <param name="For">The divisions it holds for; empty for all.</param>
    /// <param name="Text">The wording, or <c>does not apply</c>.</param>
    public sealed record ClauseOf(string Movement, string Clause, Eq<Who> For, string Text) : Policy;
}

/// <summary>How finely times are read.</summary>
public enum TimeResolution
{
    /// <summary>Whole seconds off the shared clock (common practice): the second that has begun.</summary>
    WholeSeconds,

    /// <summary>By hand watch, up to the next tenth of a second.</summary>
    TenthsByHand,

    /// <summary>By an electronic clock, up to the next hundredth of a second.</summary>
    Hundredths,
}

/// <summary>When a rep or lift around the final bell counts.</summary>
public enum BellWhen
{
    /// <summary>Begun before the bell.</summary>
    Begun,

    /// <summary>Finished before the bell.</summary>
    Finished,

    /// <summary>Finished and steady before the bell.</summary>
    FinishedAndSteady,
}
