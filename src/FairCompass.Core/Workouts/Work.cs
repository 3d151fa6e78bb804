using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Workouts;

/// <summary>What athletes do, apart from the clock.</summary>
public abstract record Work : Node
{
    private Work() { }

    /// <summary>An amount of one movement.</summary>
    /// <param name="Amount">Null inside a scheme when the scheme's own numbers hold.</param>
    /// <param name="Movement">The name as written.</param>
    /// <param name="Details">The phrases after it.</param>
    /// <param name="Lines">The lines under it.</param>
    public sealed record Task(Amount? Amount, string Movement, Eq<Detail> Details, Eq<TaskLine> Lines) : Work;

    /// <summary><c>5 rounds</c>, <c>rounds without end</c>.</summary>
    /// <param name="Times">Null without end.</param>
    /// <param name="Items">What one round is.</param>
    public sealed record Rounds(int? Times, Eq<Work> Items) : Work
    {
        /// <summary>True for <c>unset rounds</c>: nobody has said how many there are, and <see cref="Times"/> is null.</summary>
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public bool Unsaid { get; init; }

        /// <summary>Another number for some: <c>Meadow: 4 rounds</c>.</summary>
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public Eq<RoundsFor> Others { get; init; }

        /// <summary>True for <c>rounds without end</c>.</summary>
        internal bool HasNoEnd => Times is null && !Unsaid;
    }

    /// <summary><c>16-12-8 of</c>: as many rounds as the series has terms.</summary>
    public sealed record Scheme(Pair Of, Eq<Work> Items) : Work;

    /// <summary><c>every 1:30</c>: the first work anew in each interval, then the rest of the interval; or a plain list that begins anew in
    /// each.</summary>
    /// <param name="Each">The interval; null when <c>unset</c>.</param>
    /// <param name="CarriesOver">What happens to an unfinished first: true carries over, false is skipped, null nobody has said.</param>
    /// <param name="First">Work that begins anew.</param>
    /// <param name="Then">Work that goes on across intervals; empty for a plain list.</param>
    public sealed record Every(Duration? Each, bool? CarriesOver, Eq<Work> First, Eq<Work> Then) : Work
    {
        /// <summary>True for <c>unfinished ends the work</c>: who does not finish an interval has no further one.</summary>
        public bool EndsWork { get; init; }

        /// <summary>What is kept of an interval that was not finished: true for <c>what is done counts</c>, false for <c>nothing of it
        /// counts</c>; null when nobody has said.</summary>
        public bool? Counts { get; init; }

        /// <summary>Other intervals for some.</summary>
        public Eq<TimeFor> Others { get; init; }

        /// <summary>True for a list that begins anew in each interval, with nothing beside it.</summary>
        public bool IsPlain => Then.Count == 0;
    }

    /// <summary>Several lifts in order at one bar.</summary>
    /// <param name="Details">The bar's loads over the rounds, and how the lifts follow each other.</param>
    /// <param name="Lifts">The lifts.</param>
    /// <param name="Lines">Other loads for some, and rules.</param>
    public sealed record Complex(Eq<Detail> Details, Eq<Task> Lifts, Eq<TaskLine> Lines = default) : Work;

    /// <summary><c>in any order</c>: one counter for each task.</summary>
    public sealed record AnyOrder(Eq<Work> Items) : Work;

    /// <summary><c>group One</c>: part of a team that works and finishes apart.</summary>
    public sealed record GroupOf(string Name, Eq<Work> Items) : Work
    {
        /// <summary>Other groups that do the same beside it, each with a time of its own: <c>groups One, Two each</c>.</summary>
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public Eq<string> Others { get; init; }

        /// <summary>Every group that does it.</summary>
        internal IEnumerable<string> Names => Others.Prepend(Name);
    }

    /// <summary><c>own rest 0:50</c>: starts when this athlete gets there.</summary>
    public sealed record OwnRest(Duration? Time) : Work
    {
        /// <summary>Other rests for some.</summary>
        public Eq<TimeFor> Others { get; init; }
    }

    /// <summary><c>gate, adds 3:00</c>: stands where the segment ends.</summary>
    /// <param name="OnlyRound">The one round it stands in, or null for each.</param>
    /// <param name="Adds">Time added by each gate in turn; null for <c>unset</c>.</param>
    public sealed record Gate(int? OnlyRound, Eq<Duration?> Adds) : Work
    {
        /// <summary>Other times for some.</summary>
        public Eq<TimeFor> Others { get; init; }
    }

    /// <summary><c>checkpoint Deck</c>: a point of the work whose time is read.</summary>
    /// <param name="Name">As the draft names it.</param>
    /// <param name="OnlyRound">The one round it stands in; null outside rounds.</param>
    public sealed record Checkpoint(string Name, int? OnlyRound) : Work;

    /// <summary>A rule about the work around it.</summary>
    public sealed record RuleLine(Rule Rule) : Work;
}

/// <summary>A line under a task.</summary>
public abstract record TaskLine : Node
{
    private TaskLine() { }

    /// <summary><c>Meadow: 2 x 10/7.5 kg</c>, <c>choose: 5 wall walk</c>: other values for some.</summary>
    /// <param name="For">For whom; empty for a plain <c>choose</c>.</param>
    /// <param name="Choose">True when it is the athlete's choice.</param>
    /// <param name="When">When the choice is made; null when not written.</param>
    /// <param name="Amount">The other amount, or null to keep it.</param>
    /// <param name="Movement">The other movement, or null to keep it. Another movement cuts the inherited load and heights.</param>
    /// <param name="Details">Other phrases.</param>
    public sealed record Override(Eq<Who> For, bool Choose, ChoiceTime? When, Amount? Amount, string? Movement, Eq<Detail> Details)
        : TaskLine;

    /// <summary><c>after each: 6 m team-bag carry</c>: a forced move of chunked work.</summary>
    /// <param name="AfterLast">True for <c>after each</c>, false for <c>between</c>.</param>
    /// <param name="Amount">How much.</param>
    /// <param name="Movement">Of what.</param>
    /// <param name="Details">Its phrases.</param>
    public sealed record Between(bool AfterLast, Amount Amount, string Movement, Eq<Detail> Details) : TaskLine;

    /// <summary><c>attempt: jump to support on the rings</c>: what a legal try is.</summary>
    public sealed record Attempt(string Movement) : TaskLine;

    /// <summary><c>then: 2 front squat</c>: a heaviest lift goes on with it before the bar is put down, and all
    /// of it is one lift.</summary>
    /// <param name="Reps">How many, from 1.</param>
    /// <param name="Movement">What is lifted.</param>
    public sealed record Then(int Reps, string Movement) : TaskLine;

    /// <summary>A rule about this task.</summary>
    public sealed record RuleOf(Rule Rule) : TaskLine;
}

/// <summary>When an athlete's choice binds.</summary>
public enum ChoiceTime
{
    /// <summary>For the whole workout.</summary>
    Once,

    /// <summary>Anew in each round.</summary>
    EachRound,

    /// <summary>Anew at each rep.</summary>
    RepByRep,
}
