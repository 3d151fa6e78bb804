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
    /// <summary>The key of the number of lanes; it is there where that is known.</summary>
    public const string Lanes = "lanes";

    /// <summary>What a key says of the load, without the bar and the team.</summary>
    public static string LoadOf(string key) => key.Split(" on ")[0];

    /// <summary>By load and bar, in a fixed order, what is on each side, or where the plates end.</summary>
    public static IReadOnlyDictionary<string, string> Of(Understanding u)
    {
        var (book, kit) = (StandardsBook.Of(u.Competition), u.Competition.Kit);
        var bars = u.Bars;
        var facts = new SortedDictionary<string, string>(StringComparer.Ordinal);
        if (kit.Lanes is { } lanes && u.Prescribed.Count > 0)
        {
            facts[Lanes] = Number.Normal(lanes);
        }

        foreach (
            var task in u.Prescribed.Where(p => p.At == default && book.Find(p.Prescription.Movement.Value) is { Kit: MovementKit.Barbell })
        )
        {
            var bar = bars.BarOf(task);
            var on = Number.Normal(bar.Mass) + (task.Prescription.Bar is { } named ? $" ({named.Value})" : "");
            if (task.IsHeaviest)
            {
                facts[$"heaviest on {on}"] = Number.Normal(BarLoads.All(bar, kit)[^1]);
                facts["loose plates"] = string.Join(", ", kit.Plates.Select(p => $"{p.Count} of {p.Name(u.Competition.Unit)}"));
            }
            else if (task.Prescription.Load?.Value is { Values.HasUnset: false } load && load.Unit == u.Competition.Unit)
            {
                var loads = LaneStacks.Rungs(load.Values);
                // A team's bars share its plates, so its stacks may be others than those of one athlete with the same load.
                var whose = bars.IsShared(task) ? $" of {task.Address.Division.Name}" : "";
                var key = $"{string.Join('-', loads.Select(Number.Normal))} on {on}{whose}";
                var sides = bars.Changes(task) is { } plan
                    ? string.Join(" / ", plan.Select(c => string.Join('+', c.Side.Select(u.Competition.PlateName))))
                    : "none";
                // A bar that comes back to a load may have it from other plates.
                facts[key] = facts.TryGetValue(key, out var other) && other != sides ? $"{other}, then {sides}" : sides;
            }
        }

        return facts;
    }
}
