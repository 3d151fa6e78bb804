using FairCompass.Core.Competitions;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Kit;

/// <summary>Plates of one mass that a lane has.</summary>
/// <param name="Mass">Of one plate, over 0, in the unit of the loads.</param>
/// <param name="Pairs">How many pairs, from 0: a bar is loaded the same on both sides.</param>
/// <param name="Full">True for a plate of full diameter, 450 mm, that sets the height of the bar.</param>
/// <param name="Thickness">In millimetres on the sleeve; null where nobody has measured it.</param>
public sealed record PlatePairs(decimal Mass, int Pairs, bool Full = false, decimal? Thickness = null);

/// <summary>A bar and what it has to weigh, moment by moment.</summary>
/// <param name="Name">Names it.</param>
/// <param name="Mass">Of the empty bar, over 0.</param>
/// <param name="Loads">With bar and clips, for each moment; null where nobody needs the bar and it may stand as it is.</param>
public sealed record PlannedBar(string Name, decimal Mass, Eq<decimal?> Loads)
{
    /// <summary>What is on each side before the first moment, inside first; empty for the bare bar.</summary>
    public Eq<decimal> Stands { get; init; }

    /// <summary>True where a full plate must be on it whenever it is loaded: pulled from the floor, or jumped over.</summary>
    public bool NeedsFull { get; init; }

    /// <summary>The length of its sleeve for plates, in millimetres; null where it is not measured.</summary>
    public decimal? Sleeve { get; init; }

    /// <summary>How many such bars there are, from 1; each has the same plates on it at the same moment.</summary>
    public int Times { get; init; } = 1;
}

/// <summary>What is done at one moment with one bar.</summary>
/// <param name="Load">With bar and clips; null where nobody needs the bar.</param>
/// <param name="Off">Taken off each side, outside first.</param>
/// <param name="On">Put on each side, inside first.</param>
/// <param name="Side">What is then on each side, inside first.</param>
public sealed record PlateChange(decimal? Load, Eq<decimal> Off, Eq<decimal> On, Eq<decimal> Side)
{
    /// <summary>From one stack to another: what lies inside both stays on.</summary>
    /// <param name="was">The masses on one side, inside first.</param>
    /// <param name="side">What is to be on it.</param>
    /// <param name="load">What the bar then weighs.</param>
    public static PlateChange From(Eq<decimal> was, Eq<decimal> side, decimal? load)
    {
        var same = was.Zip(side).TakeWhile(x => x.First == x.Second).Count();
        return new(load, was.Skip(same).Reverse().ToEq(), side.Skip(same).ToEq(), side);
    }

    /// <summary>What goes off and on each side: <c>off 10, on 20 + 5</c>.</summary>
    /// <param name="tongue">The language.</param>
    /// <param name="competition">Its kit says what stands on the plates.</param>
    public string In(Tongue tongue, Competition competition)
    {
        var parts = new List<string>();
        if (Off.Count > 0)
        {
            parts.Add(tongue.Say("off ", "quitar ") + string.Join(" + ", Off.Select(competition.PlateName)));
        }

        if (On.Count > 0)
        {
            parts.Add(tongue.Say("on ", "poner ") + string.Join(" + ", On.Select(competition.PlateName)));
        }

        return parts.Count == 0 ? tongue.Say("nothing", "nada") : string.Join(", ", parts);
    }

    /// <summary>Plates handled on both sides together.</summary>
    public int Handled => 2 * (Off.Count + On.Count);

    /// <summary>Mass handled on both sides together.</summary>
    public decimal HandledMass => 2 * (Off.Sum() + On.Sum());
}

/// <summary>The changes of one bar.</summary>
/// <param name="Name">The bar.</param>
/// <param name="Changes">One for each moment.</param>
public sealed record BarPlan(string Name, Eq<PlateChange> Changes);

/// <summary>A load that cannot be made.</summary>
/// <param name="Bar">The bar.</param>
/// <param name="Moment">Which moment, from 0.</param>
/// <param name="Load">The load.</param>
/// <param name="Sentence">Why not.</param>
/// <param name="Below">The nearest lighter load that the whole stock makes on it; null for none.</param>
/// <param name="Above">The nearest heavier one; null for none.</param>
public sealed record NotMade(string Bar, int Moment, decimal Load, string Sentence, decimal? Below, decimal? Above);

/// <summary>The changes of all bars that share the plates of a lane.</summary>
/// <param name="Bars">In the order in which they were asked for; empty where something cannot be made.</param>
/// <param name="Problems">What cannot be made; empty where everything can.</param>
public sealed record PlatePlan(Eq<BarPlan> Bars, Eq<NotMade> Problems)
{
    /// <summary>True where the search ended before it was sure: a plan may exist.</summary>
    public bool GaveUp { get; init; }

    /// <summary>Plates handled by all, both sides.</summary>
    public int Handled => Bars.Sum(b => b.Changes.Sum(c => c.Handled));

    /// <summary>Plates that are taken off again by all, both sides.</summary>
    public int TakenOff => Bars.Sum(b => b.Changes.Sum(c => 2 * c.Off.Count));

    /// <summary>Mass handled by all, both sides.</summary>
    public decimal HandledMass => Bars.Sum(b => b.Changes.Sum(c => c.HandledMass));
}
