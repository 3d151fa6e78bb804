using DiffPlex;

namespace FairCompass.Core.Text;

/// <summary>A run of lines that differs.</summary>
/// <param name="Line">Where it begins in the older text, from 1.</param>
/// <param name="Was">The older lines; empty when lines were added.</param>
/// <param name="Now">The newer lines; empty when lines were removed.</param>
public sealed record LineChange(int Line, IReadOnlyList<string> Was, IReadOnlyList<string> Now);

/// <summary>Compares and merges texts line by line.</summary>
public static class LineChanges
{
    /// <summary>The runs of lines that differ, in order.</summary>
    public static IReadOnlyList<LineChange> Between(string older, string newer)
    {
        var (a, b) = (older.Split('\n'), newer.Split('\n'));
        var changes = new List<LineChange>();
        var (i, j) = (0, 0);
        foreach (var (x, y) in Common(a, b).Append((a.Length, b.Length)))
        {
            if (x > i || y > j)
            {
                changes.Add(new(i + 1, a[i..x], b[j..y]));
            }

            (i, j) = (x + 1, y + 1);
        }

        return changes;
    }

    /// <summary>
    /// Both changes of one base in one text; null when they touch the same or neighbouring lines, because then a person has to choose.
    /// </summary>
    public static string? Merge(string @base, string mine, string theirs)
    {
        var lines = @base.Split('\n').ToList();
        var all = Between(@base, mine).Concat(Between(@base, theirs)).Distinct(ByContent.Instance).OrderBy(c => c.Line).ToList();
        for (var i = 1; i < all.Count; i++)
        {
            if (all[i].Line <= all[i - 1].Line + all[i - 1].Was.Count)
            {
                return null;
            }
        }

        foreach (var change in Enumerable.Reverse(all))
        {
            lines.RemoveRange(change.Line - 1, change.Was.Count);
            lines.InsertRange(change.Line - 1, change.Now);
        }

        return string.Join('\n', lines);
    }

    /// <summary>The lines that both have, in the order of both: index in the older, index in the newer.</summary>
    internal static IEnumerable<(int Older, int Newer)> Common(IReadOnlyList<string> older, IReadOnlyList<string> newer)
    {
        var (i, j) = (0, 0);
        var blocks = Differ.Instance.CreateDiffs(Marked(older), Marked(newer), false, false, Lines.Instance).DiffBlocks;
        foreach (var block in blocks)
        {
            while (i < block.DeleteStartA - 1)
            {
                yield return (i++, j++);
            }

            (i, j) = (i + block.DeleteCountA, j + block.InsertCountB);
        }

        while (i < older.Count && j < newer.Count)
        {
            yield return (i++, j++);
        }
    }

    /// <summary>The text behind a line that both have: a text of one empty line would otherwise be taken for one of no lines.</summary>
    private static string Marked(IReadOnlyList<string> lines) => string.Join('\n', lines.Prepend("\u0001"));

    private sealed class Lines : IChunker
    {
        public static Lines Instance { get; } = new();

        public IReadOnlyList<string> Chunk(string text) => text.Split('\n');
    }

    private sealed class ByContent : IEqualityComparer<LineChange>
    {
        public static ByContent Instance { get; } = new();

        public bool Equals(LineChange? x, LineChange? y) => x!.Line == y!.Line && x.Was.SequenceEqual(y.Was) && x.Now.SequenceEqual(y.Now);

        public int GetHashCode(LineChange c) => HashCode.Combine(c.Line, c.Was.Count, c.Now.Count);
    }
}
