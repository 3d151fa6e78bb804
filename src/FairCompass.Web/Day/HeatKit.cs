using FairCompass.Core.Drafts;
using FairCompass.Core.Languages;
using FairCompass.Core.LayingOut;
using FairCompass.Outcomes.Desk;
using FairCompass.Planning.Days;

namespace FairCompass.Web.Day;

/// <summary>What stands in the lanes of a heat, for those who really stand in it.</summary>
public static class HeatKit
{
    /// <summary>Each thing, with the lanes that have it.</summary>
    /// <param name="u">The definition.</param>
    /// <param name="heat">The heat.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="tongue">The language of the names.</param>
    public static IReadOnlyList<HeatThing> Of(Understanding u, Heat heat, Field field, Tongue tongue)
    {
        var things = new List<(string Name, int Count, int Lane)>();
        foreach (var lane in heat.Lanes)
        {
            var entry = field.Entry(lane.Entry);
            if (entry is not null && EntryCourse.IndexOf(u, entry) is >= 0 and var index)
            {
                var course = u.Courses[index];
                things.AddRange(
                    LayOut
                        .Of(u.Competition, [course], tongue)
                        .Select(t => ($"{tongue.Say(t.Name)}{(t.Size.Length > 0 ? ": " + t.Size : "")}", t.Count, lane.Lane))
                );
            }
        }

        return
        [
            .. things
                .GroupBy(t => t.Name)
                .Select(g => new HeatThing(g.Key, g.Max(t => t.Count), [.. g.Select(t => t.Lane)], g.Sum(t => t.Count))),
        ];
    }
}
