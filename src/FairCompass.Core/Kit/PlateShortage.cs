using FairCompass.Core.Competitions;

namespace FairCompass.Core.Kit;

/// <summary>What a lane lacks for loads that its plates do not make.</summary>
public static class PlateShortage
{
    /// <summary>Pairs of one kind beyond which nobody is told to buy.</summary>
    private const int MostPairs = 31;

    /// <summary>Spans that are looked at for a sentence, which is asked for at each keystroke: a tenth of a second.</summary>
    private const int MostSpans = 20_000;

    /// <summary>
    /// Single plates of the masses that the lane knows which are missing at the moment when most are; empty where nothing is, and where
    /// no number of them makes the loads.
    /// </summary>
    /// <param name="stock">Plates of a lane.</param>
    /// <param name="clips">Mass of a pair of clips.</param>
    /// <param name="bars">The bars of the lane.</param>
    public static IReadOnlyList<PlatesLacking> Of(IReadOnlyList<PlatePairs> stock, decimal clips, IReadOnlyList<PlannedBar> bars) =>
        Of(stock, clips, bars, PlatePlanner.MostSpans);

    private static IReadOnlyList<PlatesLacking> Of(
        IReadOnlyList<PlatePairs> stock,
        decimal clips,
        IReadOnlyList<PlannedBar> bars,
        int mostSpans
    )
    {
        var endless = stock.Select(p => p with { Pairs = MostPairs }).ToList();
        var plan = endless.Count is 0 or > PlatePlanner.MostKinds ? null : PlatePlanner.Plan(endless, clips, bars, mostSpans);
        return plan is null || plan.Bars.Count == 0
            ? []
            : stock
                .GroupBy(p => p.Mass)
                .Select(g => new PlatesLacking(
                    g.Key,
                    2
                        * (
                            Enumerable
                                .Range(0, bars[0].Loads.Count)
                                .Max(i => plan.Bars.Select((b, at) => bars[at].Times * b.Changes[i].Side.Count(m => m == g.Key)).Sum())
                            - g.Sum(p => p.Pairs)
                        )
                ))
                .Where(x => x.Count > 0)
                .ToList();
    }

    /// <summary>The plates that a lane would have with those of one mass that it lacks; null where nothing is lacking, or several masses
    /// are, which no single change settles.</summary>
    /// <param name="bars">The bars of the lane.</param>
    /// <param name="competition">The plates of its lanes.</param>
    public static PlateStock? Filled(IReadOnlyList<PlannedBar> bars, Competition competition) =>
        Of(LaneStacks.Stock(competition.Kit), competition.Kit.ClipPair, bars, MostSpans) is [var only]
        && competition.Kit.Plates.Where(p => p.Mass == only.Mass).ToList() is [var stock]
            ? stock with
            {
                Count = stock.Count + only.Count,
            }
            : null;

    /// <summary>The same as a sentence after another one: <c> Each lane lacks 2 plates of 5; 8 lanes lack 16.</c> Empty where nothing is
    /// lacking.</summary>
    /// <param name="bars">The bars of the lane.</param>
    /// <param name="competition">The plates of its lanes, with what stands on them.</param>
    public static string Words(IReadOnlyList<PlannedBar> bars, Competition competition)
    {
        var (kit, lanes) = (competition.Kit, competition.Kit.Lanes);
        var lacking = Of(LaneStacks.Stock(kit), kit.ClipPair, bars, MostSpans);
        string Said(int times) => Text.Words.Join(lacking.Select(l => $"{l.Count * times} plates of {competition.PlateName(l.Mass)}"));
        return lacking.Count == 0 ? ""
            : lanes is > 1 and var n ? $" Each lane lacks {Said(1)}; {n} lanes lack {Said(n)}."
            : $" The lane lacks {Said(1)}.";
    }
}

/// <summary>Plates that are not there.</summary>
/// <param name="Mass">Of one plate.</param>
/// <param name="Count">Single plates of one lane, from 2.</param>
public sealed record PlatesLacking(decimal Mass, int Count);
