using System.Text.Json.Serialization;
using FairCompass.Core.Languages;
using FairCompass.Core.Pacing;
using FairCompass.Core.Policies;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using Riok.Mapperly.Abstractions;

namespace FairCompass.Core.Competitions;

/// <summary>A competition: who competes, with what kit, in which unit.</summary>
/// <param name="Name">1 to 120 visible characters.</param>
/// <param name="Starts">First day.</param>
/// <param name="Ends">Last day, not before the first.</param>
/// <param name="Place">Where; may be empty.</param>
/// <param name="Unit">The unit loads are published in.</param>
/// <param name="Divisions">In the order they are listed everywhere.</param>
/// <param name="Kit">What one lane has.</param>
/// <param name="Overall">How the scores make the overall table; null when nobody has said.</param>
public sealed record Competition(
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
    /// <summary>What is said for all workouts on topics where the trade disagrees; a workout may depart.</summary>
    public Eq<PolicyChoice> Policies { get; init; }

    /// <summary>Clauses that this competition says differently.</summary>
    public Eq<ClauseChange> HouseRules { get; init; }

    /// <summary>Movements that are not in the library.</summary>
    public Eq<Movement> OwnMovements { get; init; }

    /// <summary>Whose Spanish the Spanish papers speak. It changes words, never what holds, so no code covers it.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public SpanishOf Spanish { get; init; }

    /// <summary>Paces that are expected in place of our estimates. They say what usually happens, never what holds, so no code covers
    /// them.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<Pace> Paces { get; init; }

    /// <summary>What stands on the plates that are reckoned as a mass: the mass, or <c>45 lb</c> in a competition of kilograms.</summary>
    public string PlateName(decimal mass) => Kit.PlateName(mass, Unit);

    /// <summary>The division with a short name, compared without case; null when there is none.</summary>
    public Division? Find(string name) => Divisions.FirstOrDefault(d => string.Equals(d.Name, name, StringComparison.OrdinalIgnoreCase));

    /// <summary>
    /// A division followed by the ones it inherits from, nearest first. A parent that is missing or comes round again
    /// ends the chain.
    /// </summary>
    public IReadOnlyList<Division> Chain(Division division)
    {
        var chain = new List<Division>();
        for (var d = division; d is not null && !chain.Contains(d); d = d.InheritsFrom is { } parent ? Find(parent) : null)
        {
            chain.Add(d);
        }

        return chain;
    }
}

/// <summary>How many stand on the floor as one entry.</summary>
public enum DivisionKind
{
    /// <summary>One athlete.</summary>
    Individual,

    /// <summary>Two athletes.</summary>
    Pair,

    /// <summary>Three athletes.</summary>
    TeamOf3,

    /// <summary>Four athletes.</summary>
    TeamOf4,

    /// <summary>Six athletes.</summary>
    TeamOf6,

    /// <summary>Five athletes. It came later than the others, whose numbers stay.</summary>
    TeamOf5,

    /// <summary>Seven athletes.</summary>
    TeamOf7,

    /// <summary>Eight athletes.</summary>
    TeamOf8,
}

/// <summary>A division of a competition.</summary>
/// <param name="Name">Short name, as drafts write it: begins with a capital or digit, at most 40 characters.</param>
/// <param name="Kind">Individuals, pairs, or teams.</param>
/// <param name="Duties">The one or two duties in the order in which <c>a/b</c> lists their values.</param>
/// <param name="InheritsFrom">The name of the division whose values hold where this one has none; null for none.</param>
public sealed record Division(string Name, DivisionKind Kind, Eq<string> Duties, string? InheritsFrom)
{
    /// <summary>How many stand on the floor as one entry, from 1.</summary>
    public int Size =>
        Kind switch
        {
            DivisionKind.Pair => 2,
            DivisionKind.TeamOf3 => 3,
            DivisionKind.TeamOf4 => 4,
            DivisionKind.TeamOf5 => 5,
            DivisionKind.TeamOf6 => 6,
            DivisionKind.TeamOf7 => 7,
            DivisionKind.TeamOf8 => 8,
            _ => 1,
        };

    /// <summary>True for pairs and teams.</summary>
    public bool IsTeam => Size > 1;

    /// <summary>The duty of each place in the team, from the first; empty where the duties take turns.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<string> Seats { get; init; }

    /// <summary>The fewest members of an entry, from 2 and under <see cref="Size"/>, where entries differ in size; null where
    /// all are of one size.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public int? Smallest { get; init; }

    /// <summary>How entries may be made up, where there is a choice: some of <c>man</c>, <c>woman</c>, <c>mixed</c>; empty
    /// where every entry has the duties of its places.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<string> Entries { get; init; }

    /// <summary>True where entries that are made up differently have a board each, false where they are ranked together; null while nobody
    /// has said.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public bool? RankedApart { get; init; }

    /// <summary>How the entry that is meant is made up; null where all entries of the division are, which is never written down.</summary>
    [JsonIgnore]
    [MapperIgnore]
    public LineUp? LineUp { get; init; }

    /// <summary>
    /// The duty of a place in the team: as its places are declared, else the duties take turns in their declared order, so a crew of
    /// man/woman is man, woman, man, woman. A card says who really stands where.
    /// </summary>
    /// <param name="seat">From 1 to <see cref="Size"/>.</param>
    public Duty? DutyOf(int seat) =>
        Seats.Count > 0
            ? seat >= 1 && seat <= Seats.Count
                ? Competitions.Duties.Find(Seats[seat - 1])
                : null
            : Duties.Count == 0
                ? null
                : Competitions.Duties.Find(Duties[(seat - 1) % Duties.Count]);

    /// <summary>The duties in their declared order, of one line-up those that it has; a word that is none is left out.</summary>
    public IEnumerable<Duty> EachDuty =>
        Duties.Where(d => LineUp is null || Seats.Contains(d)).Select(Competitions.Duties.Find).OfType<Duty>();
}
