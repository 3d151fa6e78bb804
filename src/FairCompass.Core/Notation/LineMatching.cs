using FairCompass.Core.Text;

namespace FairCompass.Core.Notation;

/// <summary>Which line of a text is which line of the text before it.</summary>
internal static class LineMatching
{
    /// <summary>For each newer line the index of the older line that it is; -1 for none.</summary>
    public static int[] Of(List<SaidLine> was, List<SaidLine> now)
    {
        var from = SameWords(was, now);
        Replaced(was, now, from);
        return from;
    }

    private static int[] SameWords(List<SaidLine> was, List<SaidLine> now)
    {
        var from = Enumerable.Repeat(-1, now.Count).ToArray();
        foreach (var (i, j) in LineChanges.Common(was.Select(l => l.Words).ToList(), now.Select(l => l.Words).ToList()))
        {
            from[j] = i;
        }

        // What is left went elsewhere: the nearest in order first.
        var free = Enumerable.Range(0, was.Count).Except(from).GroupBy(i => was[i].Words).ToDictionary(g => g.Key, g => g.ToList());
        var moves = Enumerable
            .Range(0, now.Count)
            .Where(j => from[j] < 0 && free.ContainsKey(now[j].Words))
            .SelectMany(j => free[now[j].Words].Select(i => (i, j)))
            .OrderBy(m => Math.Abs(m.i - m.j))
            .ThenBy(m => m.j)
            .ToList();
        var taken = from.Where(i => i >= 0).ToHashSet();
        foreach (var (i, j) in moves)
        {
            if (from[j] < 0 && taken.Add(i))
            {
                from[j] = i;
            }
        }

        return from;
    }

    /// <summary>
    /// Finds for each newer line that is still new the older one that it replaced: under the same line and of the same kind. First
    /// those in the same gap between lines that stayed, the most alike before others; then those elsewhere that share a word.
    /// </summary>
    private static void Replaced(List<SaidLine> was, List<SaidLine> now, int[] from)
    {
        var to = Enumerable.Repeat(-1, was.Count).ToArray();
        for (var j = 0; j < now.Count; j++)
        {
            if (from[j] >= 0)
            {
                to[from[j]] = j;
            }
        }

        // Lines stand after the line they stand under, so a parent is settled before its children are asked about.
        var open = Enumerable.Range(0, now.Count).Where(j => from[j] < 0).ToList();
        foreach (var parents in open.GroupBy(j => now[j].Parent).OrderBy(g => g.Key))
        {
            var parent = parents.Key < 0 ? -1 : from[parents.Key];
            if (parents.Key >= 0 && parent < 0)
            {
                continue;
            }

            var older = Enumerable.Range(0, was.Count).Where(i => to[i] < 0 && was[i].Parent == parent).ToList();
            var (gapWas, gapNow) = (
                older.ToDictionary(i => i, i => Before(was, i, to)),
                parents.ToDictionary(j => j, j => NewBefore(now, j, from))
            );
            var wordsWas = older.ToDictionary(i => i, i => Similarity.Words(was[i].Words));
            var wordsNow = parents.ToDictionary(j => j, j => Similarity.Words(now[j].Words));
            var pairs = parents
                .SelectMany(j => older.Select(i => (i, j)))
                .Where(p => Alike(was[p.i].Kind, now[p.j].Kind))
                .Select(p => (p.i, p.j, InGap: gapWas[p.i] == gapNow[p.j], Likeness: Similarity.Of(wordsWas[p.i], wordsNow[p.j])))
                .Where(p => p.InGap || p.Likeness > 0)
                .OrderByDescending(p => p.InGap)
                .ThenByDescending(p => p.Likeness)
                .ThenBy(p => p.j)
                .ThenBy(p => p.i)
                .ToList();
            foreach (var (i, j, _, _) in pairs)
            {
                if (to[i] < 0 && from[j] < 0)
                {
                    (to[i], from[j]) = (j, i);
                }
            }
        }
    }

    /// <summary>A line that is half typed is of any kind.</summary>
    private static bool Alike(Type? a, Type? b) => a is null || b is null || a == b;

    /// <summary>The last older line before one, under the same line, that is still there; -1 for none.</summary>
    private static int Before(List<SaidLine> was, int i, int[] to)
    {
        for (var k = i - 1; k >= 0; k--)
        {
            if (was[k].Parent == was[i].Parent && to[k] >= 0)
            {
                return k;
            }
        }

        return -1;
    }

    /// <summary>The older form of the last line before one, under the same line, that was there before; -1 for none.</summary>
    private static int NewBefore(List<SaidLine> now, int j, int[] from)
    {
        for (var k = j - 1; k >= 0; k--)
        {
            if (now[k].Parent == now[j].Parent && from[k] >= 0)
            {
                return from[k];
            }
        }

        return -1;
    }
}
