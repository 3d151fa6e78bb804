using FairCompass.Planning.People;
using NodaTime;

namespace FairCompass.Planning.Days;

/// <summary>When somebody is measured.</summary>
/// <param name="Person">Who.</param>
/// <param name="Entry">The entry they run in first.</param>
/// <param name="Before">The heat before which it has to be.</param>
/// <param name="Post">The post; null where there is none.</param>
/// <param name="Starts">When, local time; null where there is no post.</param>
public sealed record Measured(Person Person, Guid Entry, Heat Before, MeasuringPost? Post, LocalDateTime? Starts)
{
    /// <summary>When they are done.</summary>
    public LocalDateTime? Ends => Starts?.PlusMinutes(Post!.Minutes);
}

/// <summary>
/// Who is measured when: everybody once, before their first heat that needs it, at the post that is open soonest; who runs first comes
/// first, and nobody while they run or stand ready.
/// </summary>
public static class MeasuringTimes
{
    /// <summary>The times, in order; those without a post last.</summary>
    /// <param name="plan">The plan with its heats.</param>
    /// <param name="field">Everybody.</param>
    public static IReadOnlyList<Measured> Of(Plan plan, Field field)
    {
        var heads = Heads(plan, field);
        var given = new List<Measured>();
        var busy = plan
            .Heats.SelectMany(h => h.Lanes.SelectMany(l => field.Entry(l.Entry)?.Members ?? []).Select(m => (m.Id, Heat: h)))
            .ToLookup(x => x.Id, x => (From: x.Heat.Starts.PlusSeconds(-x.Heat.CallUp), Until: x.Heat.Ends));
        var free = plan
            .Measuring.SelectMany(p => Enumerable.Repeat(p, Math.Max(1, p.AtOnce)))
            .Select(p => (Post: p, At: p.Starts))
            .ToList();
        while (heads.Count > 0 && free.Count > 0)
        {
            // The place that is free first takes whoever must be measured soonest of those who are not running then.
            var place = free.Select((f, i) => (f.At, i)).Min().i;
            var (post, at) = free[place];
            var until = at.PlusMinutes(post.Minutes);
            var next = heads.FindIndex(h => h.Before.Starts.Date >= at.Date && !busy[h.Person.Id].Any(b => b.From < until && at < b.Until));
            if (next >= 0)
            {
                given.Add(heads[next] with { Post = post, Starts = at });
                heads.RemoveAt(next);
            }
            else if (heads.TrueForAll(h => h.Before.Starts.Date < at.Date))
            {
                break;
            }

            free[place] = (post, until);
        }

        return [.. given.OrderBy(g => g.Starts).ThenBy(g => g.Person.Name, StringComparer.Ordinal), .. heads];
    }

    private static List<Measured> Heads(Plan plan, Field field) =>
        [
            .. plan
                // Those of heats that were run as well: nobody’s time changes because others have been.
                .Heats.OrderBy(h => h.Starts)
                .SelectMany(h => h.Lanes.Select(l => (Heat: h, Entry: field.Entry(l.Entry))))
                .Where(x =>
                    x.Entry is { Starts: true } e && field.Workout(plan.SessionOf(x.Heat).Workout)?.Measures.Contains(e.Division) == true
                )
                .SelectMany(x => x.Entry!.Members.Select(m => new Measured(m, x.Entry.Id, x.Heat, null, null)))
                .DistinctBy(m => m.Person.Id),
        ];
}
