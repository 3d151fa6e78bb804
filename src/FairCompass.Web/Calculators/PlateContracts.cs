using System.Text.Json.Serialization;
using FairCompass.Core.Kit;

namespace FairCompass.Web.Calculators;

/// <summary>Plans the plates of the bars of one lane; nothing is stored. All masses are in one unit.</summary>
/// <param name="Plates">The lane’s plates, 1 to 12 masses.</param>
/// <param name="Bars">The bars that share them, 1 to 12, all with as many moments.</param>
/// <param name="ClipPair">Mass of a pair of clips, put on whenever plates are; from 0.</param>
/// <param name="SecondsPerPlate">Seconds that one person needs for one plate on or off; our estimate where it is left out.</param>
/// <param name="Lanes">Lanes that have the same stock, 1 to 100, for the list of what is lacking.</param>
/// <param name="Within">Given where the loads are wishes: how far from each a load may lie, 0 to 50. Then those with the fewest plates
/// handled are chosen for each bar; all bars together have at most 60 wishes.</param>
public sealed record PlatesRequest(
    IReadOnlyList<StockedPlate> Plates,
    IReadOnlyList<LoadedBar> Bars,
    decimal ClipPair = 0,
    decimal SecondsPerPlate = PlatesRequest.UsualSeconds,
    int Lanes = 1,
    decimal? Within = null
)
{
    /// <summary>Seconds for one plate, as dry runs have them too.</summary>
    public const decimal UsualSeconds = PlatePlanner.UsualMsPerPlate / 1000m;
}

/// <summary>Plates of one mass.</summary>
/// <param name="Mass">Of one plate, over 0 and up to 100.</param>
/// <param name="Count">Single plates, 0 to 62; two make a pair.</param>
/// <param name="FullDiameter">True for a plate of full diameter, 450 mm.</param>
/// <param name="Thickness">In millimetres on the sleeve; left out where it is not known, and then no sleeve is too short for it.</param>
public sealed record StockedPlate(decimal Mass, int Count, bool FullDiameter = false, decimal? Thickness = null);

/// <summary>A bar and what it has to weigh.</summary>
/// <param name="Name">Names it in the answer; each name once.</param>
/// <param name="Mass">Of the empty bar.</param>
/// <param name="Loads">With bar and clips, for each of 1 to 60 moments; null where nobody needs the bar.</param>
/// <param name="FromFloor">True where it is pulled from the floor or jumped over, so that a full plate must be on it.</param>
/// <param name="Sleeve">The length of its sleeve for plates, in millimetres; left out where it is not measured.</param>
/// <param name="Stands">What is on each side before the first moment, inside first.</param>
/// <param name="Given">Seconds that the clock gives for each change; null where it does not matter.</param>
public sealed record LoadedBar(
    string Name,
    decimal Mass,
    IReadOnlyList<decimal?> Loads,
    bool FromFloor = false,
    decimal? Sleeve = null,
    IReadOnlyList<decimal>? Stands = null,
    IReadOnlyList<int?>? Given = null
);

/// <summary>The plan.</summary>
/// <param name="Bars">The changes of each bar; empty where something cannot be made.</param>
/// <param name="Problems">What cannot be made, with the nearest loads that can.</param>
/// <param name="Handled">Plates handled by all, both sides.</param>
/// <param name="HandledMass">Mass handled by all, both sides.</param>
/// <param name="Lacking">Single plates that all lanes together lack for these loads; empty where nothing does.</param>
public sealed record PlatesAnswer(
    IReadOnlyList<PlannedChanges> Bars,
    IReadOnlyList<NotMade> Problems,
    int Handled,
    decimal HandledMass,
    IReadOnlyList<LackingPlates> Lacking
);

/// <summary>The changes of one bar.</summary>
/// <param name="Name">The bar.</param>
/// <param name="Changes">One for each moment.</param>
public sealed record PlannedChanges(string Name, IReadOnlyList<PlannedChange> Changes);

/// <summary>One change: the inner plates stay on.</summary>
/// <param name="Load">With bar and clips; null where nobody needs the bar.</param>
/// <param name="Off">Taken off each side, outside first.</param>
/// <param name="On">Put on each side, inside first.</param>
/// <param name="Side">What is then on each side, inside first.</param>
/// <param name="Handled">Plates handled, both sides.</param>
/// <param name="HandledMass">Mass handled, both sides.</param>
/// <param name="Seconds">What one person needs for it.</param>
/// <param name="Given">What the clock gives; null where it was not said.</param>
/// <param name="Enough">False where it needs more than is given; null where that was not said.</param>
/// <param name="Wish">The load that was asked for, where loads are wishes; left out otherwise.</param>
public sealed record PlannedChange(
    decimal? Load,
    IReadOnlyList<decimal> Off,
    IReadOnlyList<decimal> On,
    IReadOnlyList<decimal> Side,
    int Handled,
    decimal HandledMass,
    decimal Seconds,
    int? Given,
    bool? Enough,
    [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] decimal? Wish = null
);

/// <summary>Plates that are not there.</summary>
/// <param name="Mass">Of one plate.</param>
/// <param name="Count">Single plates, of all lanes together.</param>
public sealed record LackingPlates(decimal Mass, int Count);
