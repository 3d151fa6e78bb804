using System.Text.Json;
using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Frozen.V2;

// Phrases after a movement.

internal enum HeightKind
{
    Box,
    Target,
    Bar,
    Line,
    Wall,
    Named,
}

internal enum FromPlace
{
    Floor,
    Rack,
    Hang,
}

[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Figure), "figure")]
[JsonDerivedType(typeof(OwnBest), "ownBest")]
[JsonDerivedType(typeof(Load), "load")]
[JsonDerivedType(typeof(Lengths), "lengths")]
[JsonDerivedType(typeof(Height), "height")]
[JsonDerivedType(typeof(Marks), "marks")]
[JsonDerivedType(typeof(Chunks), "chunks")]
[JsonDerivedType(typeof(Counts), "counts")]
[JsonDerivedType(typeof(EveryCount), "everyCount")]
[JsonDerivedType(typeof(Credited), "credited")]
[JsonDerivedType(typeof(Uncounted), "uncounted")]
[JsonDerivedType(typeof(Bonus), "bonus")]
[JsonDerivedType(typeof(Only), "only")]
[JsonDerivedType(typeof(EveryNth), "everyNth")]
[JsonDerivedType(typeof(InRounds), "inRounds")]
[JsonDerivedType(typeof(Flag), "flag")]
[JsonDerivedType(typeof(From), "from")]
[JsonDerivedType(typeof(OnBar), "onBar")]
[JsonDerivedType(typeof(LiftAttempts), "attempts")]
[JsonDerivedType(typeof(Rising), "rising")]
[JsonDerivedType(typeof(Misses), "misses")]
internal abstract record Detail
{
    internal sealed record LiftAttempts(int N) : Detail;

    internal sealed record Rising(Pair First, Number By) : Detail;

    internal sealed record Misses(int N, bool InARow) : Detail;

    internal sealed record Figure(int? Implements, Pair Of) : Detail;

    internal sealed record OwnBest(Pair Percent, string? Of) : Detail;

    internal sealed record Load(int? Implements, Pair Of, MassUnit Unit, Pair? AlsoOf = null, MassUnit? AlsoUnit = null)
        : Detail,
            IJsonOnDeserialized
    {
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public bool Start { get; init; }

        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public Pair? Left { get; init; }

        void IJsonOnDeserialized.OnDeserialized()
        {
            if (AlsoOf is null != AlsoUnit is null)
            {
                throw new JsonException("A second figure and its unit belong together: give both alsoOf and alsoUnit, or neither.");
            }
        }
    }

    internal sealed record Lengths(int Count, Number Of, LengthUnit Unit) : Detail;

    internal sealed record Height(HeightKind On, Pair Of, LengthUnit Unit, bool? Above = null, string? Reference = null) : Detail
    {
        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public string? Name { get; init; }

        [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
        public Pair? By { get; init; }
    }

    internal sealed record Marks(Number Every, LengthUnit Unit) : Detail;

    internal sealed record Chunks(Pair Size) : Detail;

    internal sealed record Counts(int Credit) : Detail;

    internal sealed record EveryCount(int Units, int Credit) : Detail;

    internal sealed record Credited(int Credit, bool WhenDone) : Detail;

    internal sealed record Uncounted : Detail;

    internal sealed record Bonus(int Credit, Pair? AtAmount) : Detail;

    internal sealed record Only(Who For) : Detail;

    internal sealed record EveryNth(int N) : Detail;

    internal sealed record InRounds(Series Which) : Detail;

    internal sealed record Flag(FlagKind Is) : Detail;

    internal sealed record From(FromPlace Place) : Detail;

    internal sealed record OnBar(string Name) : Detail;
}

internal enum FlagKind
{
    InOneGo,
    MayBeBroken,
    MayBeJoined,
    Each,
    ByEach,
    EachUnsaid,
    LastBarRepeats,
    NeighboursMayBeJoined,
    NeverDown,
}
