using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Frozen.V2;

// Rules about the line above.

[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Share), "share")]
[JsonDerivedType(typeof(Hold), "hold")]
[JsonDerivedType(typeof(ReRig), "reRig")]
[JsonDerivedType(typeof(Help), "help")]
[JsonDerivedType(typeof(Touch), "touch")]
[JsonDerivedType(typeof(Remark), "note")]
[JsonDerivedType(typeof(ClauseHere), "standard")]
internal abstract record Rule
{
    internal sealed record Share(Eq<SharePhrase> Phrases) : Rule;

    internal sealed record Hold(int Holders, string Position, bool WholeTurn, bool AnotherEachCycle) : Rule
    {
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public Detail.Load? Load { get; init; }

        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public bool MayPause { get; init; }

        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public bool OthersTakeOver { get; init; }

        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public BrokenHold? Broken { get; init; }
    }

    internal sealed record ReRig(Detail.Load? To, string By, int? Window, bool InChange) : Rule
    {
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public Detail.Load? Added { get; init; }
    }

    internal sealed record Help(HelpAct Act, string By, VoidedUnit? Voids) : Rule;

    internal sealed record Touch(string Text) : Rule;

    internal sealed record Remark(string Text) : Rule;

    internal sealed record ClauseHere(string Clause, string Text) : Rule;
}

internal enum HelpAct
{
    LoadPlates,
    Spot,
    LiftUp,
    MoveKit,
}

internal enum VoidedUnit
{
    Rep,
    Lift,
}

internal sealed record SharePhrase(ShareKind Is, int? N = null, string? Text = null)
{
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public ShortShare? Short { get; init; }

    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<int> Order { get; init; }
}

internal enum ShortShare
{
    Owed,
    NotCounted,
    NoResult,
}

internal enum ShareKind
{
    OneAtATime,
    AnyNumber,
    TogetherAt,
    AnySplit,
    InRotation,
    InFixedOrder,
    TurnsByRound,
    ByMembers,
    AtLeast,
    AtMost,
    AtMostTries,
    AttemptIsTurn,
    HandOverAfter,
    HandTag,
    NoHandTag,
    CountByMember,
    Short,
    HandOverAt,
}

internal sealed record BrokenHold(LostWork? Lost, int? Work = null, string? Movement = null);

internal enum LostWork
{
    Rep,
    Set,
}
