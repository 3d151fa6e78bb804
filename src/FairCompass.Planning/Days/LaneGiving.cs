using FairCompass.Planning.People;

namespace FairCompass.Planning.Days;

/// <summary>Which lane an entry of a heat stands in.</summary>
internal static class LaneGiving
{
    /// <summary>The lanes of a heat, the first that may be used.</summary>
    /// <param name="entries">Who runs.</param>
    /// <param name="lanes">The lanes that may be used, the first first.</param>
    /// <param name="rotates">True where nobody is to stand where they stood before.</param>
    /// <param name="before">The lanes each has stood in, the newest last; filled further.</param>
    public static List<(int Lane, Entry Entry)> Of(
        IReadOnlyList<Entry> entries,
        IEnumerable<int> lanes,
        bool rotates,
        IReadOnlyDictionary<Guid, List<int>> before
    )
    {
        // Lanes in use lie side by side, so that the floor crew sets out no lane that nobody runs in.
        var free = lanes.Take(entries.Count).ToList();
        var given = new List<(int, Entry)>();
        foreach (
            var entry in entries.OrderBy(e =>
                rotates ? 0
                : before.TryGetValue(e.Id, out var had) && had.Count > 0 ? 0
                : 1
            )
        )
        {
            var had = before.GetValueOrDefault(entry.Id) ?? [];
            var lane =
                rotates
                    ? free.OrderBy(l => had.Count(h => h == l))
                        .ThenBy(l => Math.Abs(l - (had.Count > 0 ? had[^1] : 0)) == 1 ? 1 : 0)
                        .First()
                : had.Count > 0 && free.Contains(had[^1]) ? had[^1]
                : free[0];
            free.Remove(lane);
            given.Add((lane, entry));
        }

        return [.. given.OrderBy(g => g.Item1)];
    }
}
