namespace FairCompass.Core.Text;

/// <summary>How alike two sentences are, by the words they share.</summary>
public static class Similarity
{
    private static readonly HashSet<string> Small = new(
        [
            "the",
            "a",
            "an",
            "is",
            "are",
            "of",
            "to",
            "and",
            "or",
            "in",
            "on",
            "if",
            "it",
            "for",
            "at",
            "be",
            "can",
            "may",
            "i",
            "we",
            "my",
            "do",
            "does",
            "what",
            "when",
        ],
        StringComparer.Ordinal
    );

    /// <summary>Shared words over all words (Jaccard), from 0 to 1; words that say little are left out, and a plural counts as its
    /// singular.</summary>
    /// <returns>1 when both have no word that says something.</returns>
    public static decimal Of(string a, string b) => Of(Words(a), Words(b));

    /// <summary>The same for words that were taken apart before.</summary>
    internal static decimal Of(HashSet<string> a, HashSet<string> b)
    {
        var shared = a.Count(b.Contains);
        var all = a.Count + b.Count - shared;
        return all == 0 ? 1 : (decimal)shared / all;
    }

    /// <summary>The words of a text that say something.</summary>
    internal static HashSet<string> Words(string text) =>
        text.ToLowerInvariant()
            .Split([' ', ',', '.', ';', ':', '?', '!', '(', ')', '“', '”', '"', '/', '-', '–', '\n'], StringSplitOptions.RemoveEmptyEntries)
            .Where(w => !Small.Contains(w))
            .Select(w => w.Length > 3 && w.EndsWith('s') ? w[..^1] : w)
            .ToHashSet(StringComparer.Ordinal);
}
