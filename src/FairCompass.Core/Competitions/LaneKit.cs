using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Competitions;

/// <summary>What one lane has to work with. All masses are in the competition's unit; a plate stamped in the other says so.</summary>
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
    /// <summary>The length for plates on a sleeve of the men’s bar, in millimetres; null where nobody has measured it.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public decimal? MenSleeve { get; init; }

    /// <summary>The same of the women’s bar.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public decimal? WomenSleeve { get; init; }

    /// <summary>Bars beside the men’s and the women’s, which a draft names: <c>on the axle</c>.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<NamedBar> Bars { get; init; }

    /// <summary>Boxes, machines, rigs, ropes and all else, with how many there are; of what is not listed nobody has said.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public Eq<ThingStock> Things { get; init; }

    /// <summary>How many lanes the floor has, from 1 to 100; null where nobody has said.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public int? Lanes { get; init; }

    /// <summary>The bar of a duty; the men’s for a whole team.</summary>
    /// <param name="duty">Whose bar.</param>
    /// <param name="name">The name of another bar that the draft asks for; one that the kit has not is passed over.</param>
    public LaneBar Bar(Duty? duty, string? name = null) =>
        name is not null && FindBar(name) is { } named ? new(named.Mass, named.Sleeve)
        : duty == Duty.Woman ? new(WomenBar, WomenSleeve)
        : new(MenBar, MenSleeve);

    /// <summary>What stands on the plates that are reckoned as a mass.</summary>
    /// <param name="mass">In the competition’s unit.</param>
    /// <param name="unit">That unit.</param>
    public string PlateName(decimal mass, MassUnit unit) =>
        Plates.FirstOrDefault(p => p.Mass == mass) is { } plate ? plate.Name(unit) : Number.Normal(mass);

    /// <summary>The stock of a thing, its name compared without case; null where nobody has said.</summary>
    public ThingStock? FindThing(string name) =>
        Things.FirstOrDefault(t => string.Equals(t.Name, name, StringComparison.OrdinalIgnoreCase));

    /// <summary>A bar of this name, compared without case, or of the mass that a name says: the men’s, the women’s, or another; null for
    /// none.</summary>
    public NamedBar? FindBar(string name) =>
        Bars.FirstOrDefault(b => string.Equals(b.Name, name, StringComparison.OrdinalIgnoreCase))
        ?? (
            BarByMass.Of(name) is not { Value: var mass } ? null
            : mass == MenBar ? new(name, MenBar) { Sleeve = MenSleeve }
            : mass == WomenBar ? new(name, WomenBar) { Sleeve = WomenSleeve }
            : Bars.FirstOrDefault(b => b.Mass == mass)
        );

    /// <summary>The implements that movements with such kit are done with; empty for kit that has no masses of its own.</summary>
    public Eq<ImplementStock> Implements(MovementKit kit) =>
        kit switch
        {
            MovementKit.Dumbbell => Dumbbells,
            MovementKit.Kettlebell => Kettlebells,
            MovementKit.SandbagAndBox or MovementKit.Sandbag => Sandbags,
            MovementKit.BallAndTarget or MovementKit.Ball => Balls,
            _ => [],
        };

    /// <summary>True for kit whose implements a lane has by their mass.</summary>
    public static bool HasMasses(MovementKit kit) =>
        kit
            is MovementKit.Dumbbell
                or MovementKit.Kettlebell
                or MovementKit.SandbagAndBox
                or MovementKit.Sandbag
                or MovementKit.BallAndTarget
                or MovementKit.Ball;

    /// <summary>How many of a mass the lane has; where nobody has said, a pair of dumbbells and one of everything else.</summary>
    /// <param name="kit">The kind of kit.</param>
    /// <param name="mass">In the competition’s unit.</param>
    public int NumberOf(MovementKit kit, decimal mass) =>
        Implements(kit).FirstOrDefault(i => i.Mass == mass) is { } stock ? stock.Count ?? (kit == MovementKit.Dumbbell ? 2 : 1) : 0;

    /// <summary>The kit with an implement that it had not, or had too few of.</summary>
    /// <param name="added">What is there from now on; a larger number that is there already stays.</param>
    public LaneKit With(KitAddition added)
    {
        if (added.Thing is { } thing)
        {
            return (FindThing(thing)?.Count ?? -1) >= added.Count
                ? this
                : this with
                {
                    Things = Things
                        .Where(t => !string.Equals(t.Name, thing, StringComparison.OrdinalIgnoreCase))
                        .Append(new(thing, added.Count, added.Shared))
                        .ToEq(),
                };
        }

        if (added.Plates)
        {
            return this with
            {
                Plates = Plates.Select(p => p.Mass == added.Mass && p.Count < added.Count ? p with { Count = added.Count } : p).ToEq(),
            };
        }

        if (NumberOf(added.Kit, added.Mass) >= added.Count)
        {
            return this;
        }

        var now = Implements(added.Kit).Where(i => i.Mass != added.Mass).Append(new(added.Mass, added.Count)).OrderBy(i => i.Mass).ToEq();
        return added.Kit switch
        {
            MovementKit.Dumbbell => this with { Dumbbells = now },
            MovementKit.Kettlebell => this with { Kettlebells = now },
            MovementKit.SandbagAndBox or MovementKit.Sandbag => this with { Sandbags = now },
            MovementKit.BallAndTarget or MovementKit.Ball => this with { Balls = now },
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
[method: JsonConstructor]
public sealed record KitAddition(MovementKit Kit, decimal Mass, int Count)
{
    /// <summary>So many of a thing without a mass.</summary>
    /// <param name="count">How many, from 1.</param>
    /// <param name="thing">Its name.</param>
    /// <param name="shared">True where they are for the whole floor.</param>
    public KitAddition(int count, string thing, bool shared)
        : this(MovementKit.None, 0, count) => (Thing, Shared) = (thing, shared);

    /// <summary>The name of a thing without a mass; null for an implement.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)]
    public string? Thing { get; init; }

    /// <summary>True for single plates of a mass, of which a lane has <see cref="Count"/> in all from now on.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public bool Plates { get; init; }

    /// <summary>With a thing: true where they are for the whole floor.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public bool Shared { get; init; }
}

/// <summary>How many single plates of one mass a lane has.</summary>
/// <param name="Mass">Mass of one plate in the competition's unit.</param>
/// <param name="Count">Single plates; two make a pair.</param>
/// <param name="FullDiameter">True for a plate of 45 cm, which sets the height of the bar on the floor.</param>
public sealed record PlateStock(decimal Mass, int Count, bool FullDiameter)
{
    /// <summary>In millimetres on the sleeve; null where nobody has measured it, and then no sleeve is too short for it.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public decimal? Thickness { get; init; }

    /// <summary>
    /// What stands on it in the unit that is not the competition’s: a plate of 45 lb that is reckoned as 20 kg. Null where the mass stands
    /// on it. Loads are made of <see cref="Mass"/>; this is what a loader looks for.
    /// </summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public decimal? Stamped { get; init; }

    /// <summary>The furthest that the mass may be from what is stamped, as a share of it: 25 lb reckoned as 10 kg are 12 % off.</summary>
    public const decimal MostOff = 0.15m;

    /// <summary>What stands on it as it is read: the mass, or <c>45 lb</c>.</summary>
    /// <param name="unit">The competition’s unit.</param>
    public string Name(MassUnit unit) => Stamped is { } other ? $"{Number.Normal(other)} {unit.Other().Symbol()}" : Number.Normal(Mass);
}

/// <summary>A bar as plates are planned for it.</summary>
/// <param name="Mass">Of the empty bar, in the competition’s unit.</param>
/// <param name="Sleeve">Millimetres for plates on each side; null where nobody has measured it.</param>
public readonly record struct LaneBar(decimal Mass, decimal? Sleeve = null)
{
    /// <summary>A bar whose sleeve nobody has measured.</summary>
    public static implicit operator LaneBar(decimal mass) => new(mass);

    /// <summary>True where a plate of full diameter is to be on it: it is pulled from the floor.</summary>
    public bool NeedsFull { get; init; }
}

/// <summary>A bar that is neither the men’s nor the women’s.</summary>
/// <param name="Name">As drafts write it, in small letters: <c>axle</c>, <c>trap bar</c>; at most 30 characters.</param>
/// <param name="Mass">Of the empty bar, in the competition’s unit.</param>
/// <param name="Count">How many a lane has, from 1 to 20.</param>
public sealed record NamedBar(string Name, decimal Mass, int Count = 1)
{
    /// <summary>Millimetres for plates on each side; null where nobody has measured it.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingDefault)]
    public decimal? Sleeve { get; init; }
}

/// <summary>How many there are of a thing that has no mass of its own on the list.</summary>
/// <param name="Name">In the singular, as the floor crew’s sheet says it: <c>rowing machine</c>, <c>box</c>.</param>
/// <param name="Count">From 0 to 1000; 0 says that there is none.</param>
/// <param name="Shared">False: in each lane. True: on the whole floor, for all lanes together.</param>
public sealed record ThingStock(string Name, int Count, bool Shared = false)
{
    /// <summary>How many one lane can have while the others have as many.</summary>
    /// <param name="lanes">How many lanes there are; null where nobody has said, which is one.</param>
    public int For(int? lanes) => Shared ? Count / (lanes ?? 1) : Count;

    /// <summary>How many there would have to be for a number in each lane.</summary>
    /// <param name="inALane">How many one lane uses.</param>
    /// <param name="lanes">How many lanes there are; null where nobody has said, which is one.</param>
    public int Needed(int inALane, int? lanes) => Shared ? inALane * (lanes ?? 1) : inALane;
}
