using System.Text.Json.Serialization;
using FairCompass.Core.Pacing;
using FairCompass.Core.Policies;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;

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

    /// <summary>Paces that are expected in place of our estimates. They say what usually happens, never what holds, so no code covers
    /// them.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<Pace> Paces { get; init; }

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
            DivisionKind.TeamOf6 => 6,
            _ => 1,
        };

    /// <summary>True for pairs and teams.</summary>
    public bool IsTeam => Size > 1;

    /// <summary>
    /// The duty of a place in the team: the duties take turns in their declared order, so a crew of man/woman is man, woman,
    /// man, woman. A card says who really stands where.
    /// </summary>
    /// <param name="seat">From 1 to <see cref="Size"/>.</param>
    public Duty? DutyOf(int seat) => Duties.Count == 0 ? null : Competitions.Duties.Find(Duties[(seat - 1) % Duties.Count]);

    /// <summary>The duties in their declared order; a word that is none is left out.</summary>
    public IEnumerable<Duty> EachDuty => Duties.Select(Competitions.Duties.Find).OfType<Duty>();
}

/// <summary>What one lane has to work with. All masses are in the competition's unit, as they are stamped on the kit.</summary>
/// <param name="MenBar">Mass of the men's bar.</param>
/// <param name="WomenBar">Mass of the women's bar.</param>
/// <param name="ClipPair">Mass of a pair of clips, usually 0.</param>
/// <param name="Plates">Single plates.</param>
/// <param name="Dumbbells">Each mass once, with how many there are.</param>
/// <param name="Kettlebells">Each mass once, with how many there are.</param>
/// <param name="Sandbags">Each mass once, with how many there are.</param>
/// <param name="Balls">Each mass once, with how many there are.</param>
public sealed record LaneKit(
    decimal MenBar,
    decimal WomenBar,
    decimal ClipPair,
    Eq<PlateStock> Plates,
    Eq<ImplementStock> Dumbbells,
    Eq<ImplementStock> Kettlebells,
    Eq<ImplementStock> Sandbags,
    Eq<ImplementStock> Balls
)
{
    /// <summary>The bar of a duty; the men’s for a whole team.</summary>
    public decimal Bar(Duty? duty) => duty == Duty.Woman ? WomenBar : MenBar;

    /// <summary>The implements that movements with such kit are done with; empty for kit that has no masses of its own.</summary>
    public Eq<ImplementStock> Implements(MovementKit kit) =>
        kit switch
        {
            MovementKit.Dumbbell => Dumbbells,
            MovementKit.Kettlebell => Kettlebells,
            MovementKit.SandbagAndBox => Sandbags,
            MovementKit.BallAndTarget => Balls,
            _ => [],
        };

    /// <summary>True for kit whose implements a lane has by their mass.</summary>
    public static bool HasMasses(MovementKit kit) =>
        kit is MovementKit.Dumbbell or MovementKit.Kettlebell or MovementKit.SandbagAndBox or MovementKit.BallAndTarget;

    /// <summary>How many of a mass the lane has; where nobody has said, a pair of dumbbells and one of everything else.</summary>
    /// <param name="kit">The kind of kit.</param>
    /// <param name="mass">In the competition’s unit.</param>
    public int NumberOf(MovementKit kit, decimal mass) =>
        Implements(kit).FirstOrDefault(i => i.Mass == mass) is { } stock ? stock.Count ?? (kit == MovementKit.Dumbbell ? 2 : 1) : 0;

    /// <summary>The kit with an implement that it had not, or had too few of.</summary>
    /// <param name="added">What is there from now on; a larger number that is there already stays.</param>
    public LaneKit With(KitAddition added)
    {
        if (NumberOf(added.Kit, added.Mass) >= added.Count)
        {
            return this;
        }

        var now = Implements(added.Kit).Where(i => i.Mass != added.Mass).Append(new(added.Mass, added.Count)).OrderBy(i => i.Mass).ToEq();
        return added.Kit switch
        {
            MovementKit.Dumbbell => this with { Dumbbells = now },
            MovementKit.Kettlebell => this with { Kettlebells = now },
            MovementKit.SandbagAndBox => this with { Sandbags = now },
            MovementKit.BallAndTarget => this with { Balls = now },
            _ => this,
        };
    }
}

/// <summary>Implements of one mass that a lane has.</summary>
/// <param name="Mass">Of one, in the competition’s unit.</param>
/// <param name="Count">How many, from 1 to 100; null where nobody has said.</param>
public sealed record ImplementStock(decimal Mass, int? Count = null)
{
    /// <summary>A mass of which nobody has said how many there are.</summary>
    public static implicit operator ImplementStock(decimal mass) => new(mass);

    /// <summary>A list of bare masses, as kits were written before they had numbers: a mass that stands there twice means two.</summary>
    public static IEnumerable<ImplementStock> OfMasses(IEnumerable<decimal> masses) =>
        masses.GroupBy(m => m).Select(g => new ImplementStock(g.Key, g.Skip(1).Any() ? g.Count() : null));
}

/// <summary>Implements that a lane should have.</summary>
/// <param name="Kit">Their kind; one that has masses of its own.</param>
/// <param name="Mass">Of one, in the competition’s unit.</param>
/// <param name="Count">How many, from 1.</param>
public sealed record KitAddition(MovementKit Kit, decimal Mass, int Count);

/// <summary>How many single plates of one mass a lane has.</summary>
/// <param name="Mass">Mass of one plate in the competition's unit.</param>
/// <param name="Count">Single plates; two make a pair.</param>
/// <param name="FullDiameter">True for a plate of 45 cm, which sets the height of the bar on the floor.</param>
public sealed record PlateStock(decimal Mass, int Count, bool FullDiameter);
