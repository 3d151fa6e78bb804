using FairCompass.Core.InForce;
using FairCompass.Core.Kit;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Drafts;

/// <summary>
/// What the papers of a workout print of the lane’s kit: the plates on each side for the loads of its bars, and where the plates of a
/// heaviest lift end. It is part of a definition’s code, for two papers that differ must not have one code; the rest of the kit is not.
/// </summary>
public static class PrintedKit
{
    /// <summary>Rungs of a ladder that papers print.</summary>
    private const int MostRungs = 30;

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
                var loads = Loads(load.Values);
                facts[$"{string.Join('-', loads.Select(Number.Normal))} on {Number.Normal(bar)}"] = LaneStacks.Of(loads, bar, kit)
                    is { } plan
                    ? string.Join(" / ", plan.Select(c => string.Join('+', c.Side.Select(Number.Normal))))
                    : "none";
            }
        }

        return facts;
    }

    /// <summary>The loads of a ladder as papers print them, each rung once.</summary>
    internal static IReadOnlyList<decimal> Loads(Series values) =>
        values.IsConstant && values.At(0) is { } only
            ? [only]
            : Enumerable
                .Range(0, (int)Math.Min(values.Length ?? MostRungs, MostRungs))
                .Select(i => values.At(i))
                .TakeWhile(l => l is not null)
                .Select(l => l!.Value)
                .ToList();
}
