using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.Languages;
using FairCompass.Core.LayingOut;
using FairCompass.Planning.Days;

namespace FairCompass.Web.Day;

/// <summary>What stands in the lanes of a heat, for those who really stand in it.</summary>
public static class HeatKit
{
    /// <summary>Each thing, with the lanes that have it.</summary>
    /// <param name="u">The definition.</param>
    /// <param name="heat">The heat.</param>
    /// <param name="field">Everybody.</param>
    public static IReadOnlyList<HeatThing> Of(Understanding u, Heat heat, Field field)
    {
        var things = new List<(string Name, int Count, int Lane)>();
        foreach (var lane in heat.Lanes)
        {
            var entry = field.Entry(lane.Entry);
            var course = u.Courses.FirstOrDefault(c =>
                c.Address.Division.Name == entry?.Division
                && (c.Address.Division.IsTeam || c.Address.Duty?.Word() == entry.Members.Select(m => m.Duty).FirstOrDefault())
            );
            if (course is not null)
            {
                things.AddRange(
                    LayOut
                        .Of(u.Competition, [course], Tongue.English)
                        .Select(t => ($"{t.Name.English}{(t.Size.Length > 0 ? " " + t.Size : "")}", t.Count, lane.Lane))
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
