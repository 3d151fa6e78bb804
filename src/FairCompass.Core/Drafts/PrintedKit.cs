using FairCompass.Core.InForce;
using FairCompass.Core.Kit;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Drafts;

/// <summary>
/// What the papers of a workout print of the lane’s kit: the plates on each side for the loads of its bars, and where the plates of a
/// heaviest lift end. It is part of a definition’s code, for two papers that differ must not have one code; the rest of the kit is not.
/// </summary>
public static class PrintedKit
{
    /// <summary>By load and bar, in a fixed order, what is on each side, or where the plates end.</summary>
    public static IReadOnlyDictionary<string, string> Of(Understanding u)
    {
        var (book, kit) = (StandardsBook.Of(u.Competition), u.Competition.Kit);
        var facts = new SortedDictionary<string, string>(StringComparer.Ordinal);
        foreach (
            var task in u.Prescribed.Where(p => p.At == default && book.Find(p.Prescription.Movement.Value) is { Kit: MovementKit.Barbell })
        )
        {
            var bar = kit.Bar(task.Address.Duty);
            if (task.IsHeaviest)
            {
                facts[$"heaviest on {Number.Normal(bar)}"] = Number.Normal(BarLoads.All(bar, kit)[^1]);
                facts["loose plates"] = string.Join(", ", kit.Plates.Select(p => $"{p.Count} of {Number.Normal(p.Mass)}"));
            }
            else if (task.Prescription.Load?.Value is { Values.HasUnset: false } load && load.Unit == u.Competition.Unit)
            {
                var loads = LaneStacks.Rungs(load.Values);
                facts[$"{string.Join('-', loads.Select(Number.Normal))} on {Number.Normal(bar)}"] = LaneStacks.Of(loads, bar, kit)
                    is { } plan
                    ? string.Join(" / ", plan.Select(c => string.Join('+', c.Side.Select(Number.Normal))))
                    : "none";
            }
        }

        return facts;
    }
}
