using FairCompass.Planning.People;

namespace FairCompass.Planning.Days;

/// <summary>Who runs together: the entries of a session put into heats, before anybody has said when.</summary>
internal static class HeatMaking
{
    /// <summary>The heats of a session in the order they are meant to run, each with its entries, the strongest last.</summary>
    /// <param name="session">The session.</param>
    /// <param name="workout">Its workout.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="draw">The number of the draw.</param>
    /// <param name="taken">Entries that stand in a heat of this session already.</param>
    public static List<List<Entry>> Of(Session session, PlannedWorkout workout, Field field, int draw, IReadOnlySet<Guid> taken)
    {
        var groups = Groups(session, workout)
            .Select(g =>
                (Group: g, Entries: Ordered(session, field, draw, field.Entries.Where(e => e.Starts && g.Has(e) && !taken.Contains(e.Id))))
            )
            .Where(g => g.Entries.Count > 0)
            .ToList();
        var heats = new List<List<Entry>>();
        for (var i = 0; i < groups.Count; i++)
        {
            var (group, entries) = groups[i];
            if (i + 1 < groups.Count && session.Mixes && Leftover(session, groups[i], groups[i + 1]) is var (over, next))
            {
                // The weakest of both run together and first, so that the best of each group still run last of theirs.
                heats.Add([.. entries[..over], .. groups[i + 1].Entries[..next]]);
                entries = entries[over..];
                groups[i + 1] = (groups[i + 1].Group, groups[i + 1].Entries[next..]);
            }

            heats.AddRange(Balanced(entries, Lanes(session, group)));
        }

        return heats;
    }

    /// <summary>The groups of a session in the order they run.</summary>
    public static IEnumerable<RunGroup> Groups(Session session, PlannedWorkout workout) =>
        session.Divisions.Count == 0
            ? workout.Groups
            : session.Divisions.SelectMany(d =>
                workout.Groups.Where(g => string.Equals(g.Division, d, StringComparison.OrdinalIgnoreCase))
            );

    /// <summary>How many lanes a heat of a group has: those of the session, or as many as the shared kit serves.</summary>
    public static int Lanes(Session session, RunGroup group) => Math.Max(1, Math.Min(session.InUse.Count(), group.Lanes ?? session.Lanes));

    /// <summary>How many of two groups are left over and fit into one heat; null where they do not, or may not run together.</summary>
    private static (int Over, int Next)? Leftover(
        Session session,
        (RunGroup Group, List<Entry> Entries) a,
        (RunGroup Group, List<Entry> Entries) b
    )
    {
        var lanes = Lanes(session, a.Group);
        var (over, next) = (a.Entries.Count % lanes, b.Entries.Count % lanes);
        return a.Group.Clock == b.Group.Clock && Lanes(session, b.Group) == lanes && over > 0 && next > 0 && over + next <= lanes
            ? (over, next)
            : null;
    }

    /// <summary>As few heats as there can be, all but equally full; the fuller ones come last, where the strongest run.</summary>
    private static IEnumerable<List<Entry>> Balanced(List<Entry> entries, int lanes)
    {
        var count = (entries.Count + lanes - 1) / lanes;
        var at = 0;
        for (var i = 0; i < count; i++)
        {
            var size = (entries.Count / count) + (i >= count - (entries.Count % count) ? 1 : 0);
            yield return entries.GetRange(at, size);
            at += size;
        }
    }

    private static List<Entry> Ordered(Session session, Field field, int draw, IEnumerable<Entry> entries) =>
        [
            .. entries
                .OrderByDescending(e =>
                    session.Order switch
                    {
                        HeatOrder.Drawn => 0,
                        HeatOrder.Standing when field.Standing.Count > 0 => field.Standing.GetValueOrDefault(e.Id, int.MaxValue),
                        _ => e.Seed ?? int.MaxValue,
                    }
                )
                .ThenBy(e => Draw.Of(draw, e.Division + "\n" + e.Bib)),
        ];
}
