using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Workouts;

/// <summary>A rule about the line above it.</summary>
public abstract record Rule
{
    private Rule() { }

    /// <summary><c>share: one at a time, any split</c>.</summary>
    public sealed record Share(Eq<SharePhrase> Phrases) : Rule;

    /// <summary><c>hold: 1 crew-mate in front plank, for every whole rep</c>.</summary>
    /// <param name="Holders">How many hold.</param>
    /// <param name="Position">What they hold.</param>
    /// <param name="WholeTurn">True for the whole turn, false for every whole rep.</param>
    /// <param name="AnotherEachCycle">True when the holder changes with each cycle.</param>
    public sealed record Hold(int Holders, string Position, bool WholeTurn, bool AnotherEachCycle) : Rule
    {
        /// <summary>What is held with, such as <c>24/16 kg</c>; null for nothing.</summary>
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public Detail.Load? Load { get; init; }

        /// <summary>True where the hold may be left between reps: <c>may pause between reps</c>.</summary>
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public bool MayPause { get; init; }

        /// <summary>True where another member may take the position over: <c>another may take over</c>.</summary>
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public bool OthersTakeOver { get; init; }

        /// <summary>What it costs when the hold breaks; null where nobody has said more than that nothing counts meanwhile.</summary>
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public BrokenHold? Broken { get; init; }
    }

    /// <summary><c>re-rig: 60/40 kg by the athlete</c>.</summary>
    /// <param name="To">The load afterwards; null for the load of the next line.</param>
    /// <param name="By">Who changes it.</param>
    /// <param name="Window">In which window of a rota or waves, or null.</param>
    /// <param name="InChange">True when it is done in the change.</param>
    public sealed record ReRig(Detail.Load? To, string By, int? Window, bool InChange) : Rule
    {
        /// <summary>What goes on each side, <c>+ 10 kg a side</c>; null where it is not said. What the bar weighs then is the load of the
        /// next line or round, and a check compares the two.</summary>
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public Detail.Load? Added { get; init; }
    }

    /// <summary><c>help: spot by two crew, the rep does not count</c>.</summary>
    /// <param name="Act">What is permitted.</param>
    /// <param name="By">To whom.</param>
    /// <param name="Voids">What does not count after such help; null when it does no harm.</param>
    public sealed record Help(HelpAct Act, string By, VoidedUnit? Voids) : Rule;

    /// <summary><c>touch: ...</c>, free words.</summary>
    public sealed record Touch(string Text) : Rule;

    /// <summary><c>note: ...</c>, free words printed in the briefs.</summary>
    public sealed record Remark(string Text) : Rule;

    /// <summary><c>standard between-hands: does not apply</c>: a clause changed or added at this place only.</summary>
    /// <param name="Clause">The clause’s id; a new one adds a clause.</param>
    /// <param name="Text">The wording, or <c>does not apply</c>.</param>
    public sealed record ClauseHere(string Clause, string Text) : Rule;
}

/// <summary>What somebody may help with.</summary>
public enum HelpAct
{
    /// <summary>Change plates.</summary>
    LoadPlates,

    /// <summary>Spot a lift.</summary>
    Spot,

    /// <summary>Lift a team mate up to the bar.</summary>
    LiftUp,

    /// <summary>Move kit.</summary>
    MoveKit,
}

/// <summary>What help voids.</summary>
public enum VoidedUnit
{
    /// <summary>The rep.</summary>
    Rep,

    /// <summary>The lift.</summary>
    Lift,
}

/// <summary>One independent phrase of a sharing rule.</summary>
/// <param name="Is">Which phrase.</param>
/// <param name="N">Its number, where it has one.</param>
/// <param name="Text">Its name or tail, where it has one: the position of <c>together at</c>, <c>each</c> or <c>a turn</c> with what
/// follows.</param>
public sealed record SharePhrase(ShareKind Is, int? N = null, string? Text = null)
{
    /// <summary>What <see cref="ShareKind.Short"/> costs; null for other phrases.</summary>
    public ShortShare? Short { get; init; }

    /// <summary>The places in the order of <see cref="ShareKind.InFixedOrder"/>; empty where a team keeps the order in which it
    /// began.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<int> Order { get; init; }
}

/// <summary>The phrases of a sharing rule.</summary>
public enum ShareKind
{
    /// <summary><c>one at a time</c>.</summary>
    OneAtATime,

    /// <summary><c>any number at a time</c>.</summary>
    AnyNumber,

    /// <summary><c>together at NAME</c>.</summary>
    TogetherAt,

    /// <summary><c>any split</c>.</summary>
    AnySplit,

    /// <summary><c>in rotation</c>.</summary>
    InRotation,

    /// <summary><c>in fixed order</c>.</summary>
    InFixedOrder,

    /// <summary><c>taking turns by the round</c>.</summary>
    TurnsByRound,

    /// <summary><c>by N members</c>.</summary>
    ByMembers,

    /// <summary><c>at least N each</c> or <c>a turn</c>, with an optional tail.</summary>
    AtLeast,

    /// <summary><c>at most N in a row</c>.</summary>
    AtMost,

    /// <summary><c>at most N tries in a row</c>.</summary>
    AtMostTries,

    /// <summary><c>an attempt is a turn</c>.</summary>
    AttemptIsTurn,

    /// <summary><c>hand over after NAME</c>, or <c>after N reps</c>: then each turn has just so many.</summary>
    HandOverAfter,

    /// <summary><c>hand tag</c>.</summary>
    HandTag,

    /// <summary><c>no hand tag</c>.</summary>
    NoHandTag,

    /// <summary><c>count by member</c>.</summary>
    CountByMember,

    /// <summary><c>short is owed</c>, <c>not counted</c>, or <c>no result</c>: what fewer than the least costs.</summary>
    Short,

    /// <summary><c>hand over at NAME</c>: at that checkpoint, and nowhere else.</summary>
    HandOverAt,
}

/// <summary>What a broken hold costs, beside that nothing counts while nobody holds.</summary>
/// <param name="Lost">What is done anew: the rep or the set in which it broke; null for nothing.</param>
/// <param name="Work">How many of another movement the team does; null for none.</param>
/// <param name="Movement">That movement; null for none.</param>
public sealed record BrokenHold(LostWork? Lost, int? Work = null, string? Movement = null);

/// <summary>What is done anew after a broken hold.</summary>
public enum LostWork
{
    /// <summary><c>rep lost</c>.</summary>
    Rep,

    /// <summary><c>set lost</c>.</summary>
    Set,
}

/// <summary>What it costs when a member did fewer than the least.</summary>
public enum ShortShare
{
    /// <summary><c>owed</c>: it is done before the work is finished.</summary>
    Owed,

    /// <summary><c>not counted</c>: what others did in its place does not count.</summary>
    NotCounted,

    /// <summary><c>no result</c>: the team is not scored.</summary>
    NoResult,
}
