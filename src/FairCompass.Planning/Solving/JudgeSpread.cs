using FairCompass.Planning.Days;

namespace FairCompass.Planning.Solving;

/// <summary>How evenly judges are spread: over heats, so that nobody tires before others, and each over lanes and divisions, so that a
/// judge, a lane and a division can be told apart afterwards.</summary>
/// <param name="Least">Heats of the judge who has fewest.</param>
/// <param name="Most">Heats of the judge who has most.</param>
/// <param name="InOneLane">Times at most that one judge stands in one lane.</param>
/// <param name="Uneven">What the search makes small: 20 for each heat between the least and the most, and one for each time that a judge
/// stands in a lane, or before a division, beyond a fair share.</param>
public sealed record JudgeSpread(int Least, int Most, int InOneLane, int Uneven)
{
    /// <summary>What one heat between the least and the most counts.</summary>
    internal const int OfLoad = 20;

    /// <summary>The spread of a plan.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="field">Everybody.</param>
    public static JudgeSpread Of(Plan plan, Field field)
    {
        if (field.Judges.Count == 0)
        {
            return new(0, 0, 0, 0);
        }

        var posts = plan.Heats.SelectMany(h => h.Lanes.SelectMany(l => l.Judges.OfType<Guid>().Select(j => (Judge: j, Lane: l)))).ToList();
        var heats = posts.ToLookup(p => p.Judge);
        var load = field.Judges.Select(j => heats[j.Id].Count()).ToList();
        var lanes = posts.CountBy(p => (p.Judge, p.Lane.Lane)).ToList();
        var divisions = posts.CountBy(p => (p.Judge, Division: field.Entry(p.Lane.Entry)?.Division ?? "")).ToList();
        var all = plan.Heats.Sum(h => h.Lanes.Sum(l => l.Judges.Count));
        return new(
            load.Min(),
            load.Max(),
            lanes.Select(l => l.Value).DefaultIfEmpty(0).Max(),
            (OfLoad * (load.Max() - load.Min()))
                + lanes.Sum(l => Math.Max(0, l.Value - Fair(all, field, lanes.DistinctBy(x => x.Key.Lane).Count())))
                + divisions.Sum(d => Math.Max(0, d.Value - Fair(all, field, divisions.DistinctBy(x => x.Key.Division).Count())))
        );
    }

    /// <summary>How often a judge may stand before one of a kind without counting as uneven.</summary>
    /// <param name="posts">Posts in all.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="kinds">How many kinds there are.</param>
    internal static int Fair(int posts, Field field, int kinds) =>
        ((posts / Math.Max(1, field.Judges.Count)) + Math.Max(1, kinds) - 1) / Math.Max(1, kinds);
}
