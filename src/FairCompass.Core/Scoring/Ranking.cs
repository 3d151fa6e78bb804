using FairCompass.Core.Quantities;

namespace FairCompass.Core.Scoring;

/// <summary>Gives places: 1, 2, 2, 4. A place is one more than the number of results that are strictly better.</summary>
public static class Ranking
{
    /// <summary>The place of each result, in the order given.</summary>
    public static IReadOnlyList<int> Places(IReadOnlyList<ComponentResult> results)
    {
        var order = Enumerable.Range(0, results.Count).ToArray();
        Array.Sort(order, (a, b) => Compare(results[a], results[b]));
        var places = new int[results.Count];
        for (var i = 0; i < order.Length; i++)
        {
            places[order[i]] = i > 0 && Compare(results[order[i - 1]], results[order[i]]) == 0 ? places[order[i - 1]] : i + 1;
        }

        return places;
    }

    /// <summary>Less than zero when the first is better: by class, then value, then each tie-break in order.</summary>
    public static int Compare(ComponentResult a, ComponentResult b)
    {
        var c = a.Class.CompareTo(b.Class);
        c = c != 0 ? c : a.Value.CompareTo(b.Value);
        for (var i = 0; c == 0 && i < Math.Min(a.Ties.Count, b.Ties.Count); i++)
        {
            c = a.Ties[i].CompareTo(b.Ties[i]);
        }

        return c;
    }
}
