using System.Globalization;
using FairCompass.Core.Kit;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Briefing;

/// <content>Bars, plates, and heights.</content>
internal sealed partial class ModelNumbers
{
    /// <summary>The load of a rung, its bar, and the plates of one side, when they make the load.</summary>
    private HashSet<string> Rung(int line, string entry, int rung)
    {
        var bar = entry.Contains("woman", StringComparison.Ordinal) ? u.Competition.Kit.WomenBar : u.Competition.Kit.MenBar;
        var values = u.Prescribed.First(p => p.Address.ToString() == entry && p.Source.At.Line == line).Prescription.Load!.Value.Values;
        var load = values.At(rung - 1)!.Value;
        return
        [
            rung.ToString(CultureInfo.InvariantCulture),
            Number.Normal(load),
            Number.Normal(bar),
            .. Stacked(values, bar) is { } plan && bar + (2 * plan[rung - 1].Side.Sum()) + u.Competition.Kit.ClipPair == load
                ? plan[rung - 1].Side.Concat(plan[rung - 1].Off).Select(Number.Normal)
                : [],
        ];
    }

    /// <summary>The load, its bar, its plates: they make the load together.</summary>
    private HashSet<string> Kit(int line, string entry)
    {
        var kit = u.Competition.Kit;
        var bar = entry.Contains("woman", StringComparison.Ordinal) ? kit.WomenBar : kit.MenBar;
        var tasks = u.Prescribed.Where(p => p.Address.ToString() == entry && p.Source.At.Line == line).ToList();
        var ladders = tasks.Select(p => p.Prescription.Load?.Value.Values).OfType<Series>().Where(s => s.At(0) is not null);
        return
        [
            .. InAll(tasks.Select(p => p.Prescription.Load?.Value.ToString() ?? "")),
            .. InAll(tasks.SelectMany(p => p.Prescription.Heights.Select(h => h.Value.ToString()))),
            Number.Normal(bar),
            .. In(entry),
            .. ladders.SelectMany(l =>
                Stacked(l, bar) is [var first, ..] && (first.Side.Count == 0 ? bar : bar + (2 * first.Side.Sum()) + kit.ClipPair) == l.At(0)
                    ? first.Side.Select(Number.Normal)
                    : []
            ),
        ];
    }

    /// <summary>The changes of a ladder as the planner has them, whose plans are held against exhaustive search elsewhere.</summary>
    private Eq<PlateChange>? Stacked(Series values, decimal bar) =>
        LaneStacks.Of(
            [
                .. Enumerable
                    .Range(0, (int)Math.Min(values.IsConstant ? 1 : values.Length ?? 30, 30))
                    .Select(i => values.At(i))
                    .TakeWhile(l => l is not null)
                    .Select(l => l!.Value),
            ],
            bar,
            u.Competition.Kit
        );
}
