namespace FairCompass.Core.Scoring;

/// <summary>Gives places: 1, 2, 2, 4. A place is one more than the number of results that are strictly better.</summary>
public static class Ranking
{
    private const int Small = 16;

    /// <summary>The place of each result, in the order given; 0 for a result that is shown without a place.</summary>
    public static int[] Places(IReadOnlyList<ComponentResult> results)
    {
        var keys = new ulong[results.Count];
        var ties = results.Count == 0 ? 0 : results.Max(r => r.Ties.Count);
        var columns = new long[ties][];
        for (var t = 0; t < ties; t++)
        {
            columns[t] = new long[results.Count];
        }

        for (var i = 0; i < keys.Length; i++)
        {
            keys[i] = Key(results[i].Class, results[i].Value);
            for (var t = 0; t < ties; t++)
            {
                columns[t][i] = t < results[i].Ties.Count ? results[i].Ties[t] : long.MaxValue;
            }
        }

        return Places(keys, columns);
    }

    /// <summary>Where a class stands among all, from 0, the best. <see cref="ResultClass.NotScored"/> came later and has the last
    /// number, and stands before who withdrew.</summary>
    public static int Order(ResultClass cls) =>
        cls switch
        {
            ResultClass.NotScored => (int)ResultClass.Withdrew,
            >= ResultClass.Withdrew => (int)cls + 1,
            _ => (int)cls,
        };

    /// <summary>One number for class and value, so that a sort compares primitive keys; smaller is better.</summary>
    /// <param name="cls">The class.</param>
    /// <param name="value">At most 2⁵⁸ in size: times in milliseconds, units, loads in thousandths are far below.</param>
    public static ulong Key(ResultClass cls, long value)
    {
        const long Most = 1L << 58;
        return ((ulong)Order(cls) << 60) | (ulong)(Math.Clamp(value, -Most, Most) + Most);
    }

    /// <summary>
    /// Places by packed keys: one sort of primitive keys, then further sorts only inside runs of equal keys. O(n log n).
    /// </summary>
    /// <param name="keys">From <see cref="Key"/>; the array is left as it is.</param>
    /// <param name="ties">Tie values, a column for each tie-break, smaller is better.</param>
    /// <returns>The place of each key, in the order given; 0 for class <see cref="ResultClass.Unranked"/>.</returns>
    public static int[] Places(ulong[] keys, params long[][] ties)
    {
        var sorted = (ulong[])keys.Clone();
        var order = new int[keys.Length];
        for (var i = 0; i < order.Length; i++)
        {
            order[i] = i;
        }

        Array.Sort(sorted, order);
        var places = new int[keys.Length];
        for (var from = 0; from < order.Length; )
        {
            var to = from + 1;
            while (to < order.Length && sorted[to] == sorted[from])
            {
                to++;
            }

            if (sorted[from] >> 60 != (ulong)Order(ResultClass.Unranked))
            {
                Run(order, from, to, ties, 0, places);
            }

            from = to;
        }

        return places;
    }

    /// <summary>Less than zero when the first is better: by class, then value, then each tie-break in order.</summary>
    public static int Compare(ComponentResult a, ComponentResult b)
    {
        var c = Order(a.Class).CompareTo(Order(b.Class));
        c = c != 0 ? c : a.Value.CompareTo(b.Value);
        for (var i = 0; c == 0 && i < Math.Min(a.Ties.Count, b.Ties.Count); i++)
        {
            c = a.Ties[i].CompareTo(b.Ties[i]);
        }

        return c;
    }

    /// <summary>Gives places to a run that is equal so far, split by the next tie-break.</summary>
    private static void Run(int[] order, int from, int to, long[][] ties, int tie, int[] places)
    {
        if (to - from == 1 || tie == ties.Length)
        {
            for (var i = from; i < to; i++)
            {
                places[order[i]] = from + 1;
            }

            return;
        }

        var column = ties[tie];
        var run = order.AsSpan(from, to - from);
        if (run.Length <= Small)
        {
            // Most runs are two or three results; sorting them in place costs no memory.
            for (var i = 1; i < run.Length; i++)
            {
                var moving = run[i];
                var j = i - 1;
                for (; j >= 0 && column[run[j]] > column[moving]; j--)
                {
                    run[j + 1] = run[j];
                }

                run[j + 1] = moving;
            }
        }
        else
        {
            var values = new long[run.Length];
            for (var i = 0; i < values.Length; i++)
            {
                values[i] = column[run[i]];
            }

            values.AsSpan().Sort(run);
        }

        for (var start = 0; start < run.Length; )
        {
            var end = start + 1;
            while (end < run.Length && column[run[end]] == column[run[start]])
            {
                end++;
            }

            Run(order, from + start, from + end, ties, tie + 1, places);
            start = end;
        }
    }
}
