using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Frozen.V2;

// A competition: who competes, with what kit, under which rules.

internal sealed record Competition(
    string Name,
    DateOnly Starts,
    DateOnly Ends,
    string Place,
    MassUnit Unit,
    Eq<Division> Divisions,
    LaneKit Kit,
    OverallRule? Overall = null
)
{
    public Eq<PolicyChoice> Policies { get; init; }
    public Eq<ClauseChange> HouseRules { get; init; }
    public Eq<Movement> OwnMovements { get; init; }

    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public SpanishOf Spanish { get; init; }

    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<Pace> Paces { get; init; }
}

internal enum SpanishOf
{
    Americas,
    Spain,
}

internal enum DivisionKind
{
    Individual,
    Pair,
    TeamOf3,
    TeamOf4,
    TeamOf6,
    TeamOf5,
    TeamOf7,
    TeamOf8,
}

internal sealed record Division(string Name, DivisionKind Kind, Eq<string> Duties, string? InheritsFrom)
{
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<string> Seats { get; init; }

    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public int? Smallest { get; init; }

    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<string> Entries { get; init; }

    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public bool? RankedApart { get; init; }
}

internal sealed record LaneKit(
    decimal MenBar,
    decimal WomenBar,
    decimal ClipPair,
    Eq<PlateStock> Plates,
    Eq<decimal> Dumbbells,
    Eq<decimal> Kettlebells,
    Eq<decimal> Sandbags,
    Eq<decimal> Balls
)
{
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<ImplementCount> Counts { get; init; }

    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public decimal? MenSleeve { get; init; }

    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public decimal? WomenSleeve { get; init; }

    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<NamedBar> Bars { get; init; }

    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<ThingStock> Things { get; init; }

    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public int? Lanes { get; init; }
}

internal sealed record NamedBar(string Name, decimal Mass, int Count)
{
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public decimal? Sleeve { get; init; }
}

internal sealed record ThingStock(string Name, int Count, bool Shared);

internal enum ImplementKind
{
    Dumbbell,
    Kettlebell,
    Sandbag,
    Ball,
}

internal sealed record ImplementCount(ImplementKind Kind, decimal Mass, int Count);

internal sealed record PlateStock(decimal Mass, int Count, bool FullDiameter)
{
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public decimal? Thickness { get; init; }

    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public decimal? Stamped { get; init; }
}

internal sealed record PolicyChoice(string Topic, string Answer, string? Division = null);

internal sealed record ClauseChange(string Movement, string Clause, string? Division = null)
{
    public Said? Text { get; init; }
    public bool DoesNotApply { get; init; }
    public Phase? Phase { get; init; }
    public ClauseKind? Kind { get; init; }
    public Said? Sign { get; init; }
    public Perceived? By { get; init; }
    public Said? Call { get; init; }
    public Consequence? Then { get; init; }
    public Said? Athlete { get; init; }
    public string? Origin { get; init; }
}

internal sealed record Pace(string Movement, AmountUnit Unit, Duration Usual, Duration Fastest)
{
    public string? Division { get; init; }
    public decimal? Load { get; init; }
    public decimal? Best { get; init; }
}
