using System.Globalization;
using FairCompass.Core.Kit;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Tests.Briefing;

/// <content>Bars, plates, and heights.</content>
internal sealed partial class ModelNumbers
{
    /// <summary>The load of a rung, its bar, and the plates of one side, when they make the load.</summary>
    private HashSet<string> Rung(int line, string entry, int rung)
    {
        var bar = entry.Contains("woman", StringComparison.Ordinal) ? u.Competition.Kit.WomenBar : u.Competition.Kit.MenBar;
        var task = u.Prescribed.First(p => p.Address.ToString() == entry && p.Source.At.Line == line);
        var values = task.Prescription.Load!.Value.Values;
        var load = values.At(rung - 1)!.Value;
        return
        [
            rung.ToString(CultureInfo.InvariantCulture),
            Number.Normal(load),
            Number.Normal(bar),
            .. Stacked(task) is { } plan && bar + (2 * plan[rung - 1].Side.Sum()) + u.Competition.Kit.ClipPair == load
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
        var ladders = tasks.Where(p => p.Prescription.Load?.Value.Values.At(0) is not null);
        return
        [
            .. InAll(tasks.Select(p => p.Prescription.Load?.Value.ToString() ?? "")),
            .. InAll(tasks.SelectMany(p => p.Prescription.Heights.Select(h => h.Value.ToString()))),
            Number.Normal(bar),
            .. In(entry),
            .. ladders.SelectMany(l =>
                Stacked(l) is [var first, ..]
                && (first.Side.Count == 0 ? bar : bar + (2 * first.Side.Sum()) + kit.ClipPair) == l.Prescription.Load!.Value.Values.At(0)
                    ? first.Side.Select(Number.Normal)
                    : []
            ),
        ];
    }

    /// <summary>The changes of a ladder as the planner has them, whose plans are held against exhaustive search elsewhere.</summary>
    private Eq<PlateChange>? Stacked(PrescribedTask task) => LaneBars.Of(u.Prescribed, u.Competition).Changes(task);
}
