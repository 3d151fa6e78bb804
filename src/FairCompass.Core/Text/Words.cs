namespace FairCompass.Core.Text;

/// <summary>Plain sentences out of values, and guesses at what was meant.</summary>
public static class Words
{
    /// <summary>Joins words as a sentence does: <c>a</c>, <c>a and b</c>, <c>a, b and c</c>.</summary>
    public static string Join(IEnumerable<string> words, string last = "and")
    {
        var all = words.ToList();
        return all.Count switch
        {
            0 => "",
            1 => all[0],
            _ => string.Join(", ", all.Take(all.Count - 1)) + $" {last} " + all[^1],
        };
    }

    /// <summary>The word with its plural ending when there is not exactly one: <c>1 rep</c>, <c>2 reps</c>.</summary>
    public static string Count(long n, string one, string? many = null) =>
        string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{n} {(n == 1 ? one : many ?? one + "s")}");

    /// <summary>A name with its article, by its first letter: <c>a burpee</c>, <c>an air squat</c>.</summary>
    public static string A(string name) => (name is ['a' or 'e' or 'i' or 'o' or 'u', ..] ? "an " : "a ") + name;

    /// <summary>The first letter in lower case.</summary>
    public static string Lower(string text) => text.Length == 0 ? text : char.ToLowerInvariant(text[0]) + text[1..];

    /// <summary>The first letter in upper case.</summary>
    public static string Capital(string text) => text.Length == 0 ? text : char.ToUpperInvariant(text[0]) + text[1..];

    /// <summary><c>1st</c>, <c>2nd</c>, <c>3rd</c>, <c>4th</c>, <c>11th</c>.</summary>
    public static string Ordinal(long n) =>
        n
        + (
            (n % 100) is >= 11 and <= 13
                ? "th"
                : (n % 10) switch
                {
                    1 => "st",
                    2 => "nd",
                    3 => "rd",
                    _ => "th",
                }
        );

    /// <summary>The known word nearest to what was typed, or null when none is near.</summary>
    /// <param name="typed">What was typed.</param>
    /// <param name="known">The words to choose from.</param>
    /// <returns>A word at most a third of its length away, counted in letters added, dropped, changed, or swapped.</returns>
    public static string? Nearest(string typed, IEnumerable<string> known)
    {
        string? best = null;
        var bestDistance = int.MaxValue;
        foreach (var word in known)
        {
            if (Math.Abs(word.Length - typed.Length) > 1 + (word.Length / 3))
            {
                continue;
            }

            var distance = Distance(typed.ToLowerInvariant(), word.ToLowerInvariant());
            if (distance < bestDistance && distance <= Math.Max(1, word.Length / 3))
            {
                (best, bestDistance) = (word, distance);
            }
        }

        return best;
    }

    /// <summary>Optimal string alignment distance: insertions, deletions, substitutions, and swaps of neighbours.</summary>
    private static int Distance(string a, string b)
    {
        var d = new int[a.Length + 1, b.Length + 1];
        for (var i = 0; i <= a.Length; i++)
        {
            d[i, 0] = i;
        }

        for (var j = 0; j <= b.Length; j++)
        {
            d[0, j] = j;
        }

        for (var i = 1; i <= a.Length; i++)
        {
            for (var j = 1; j <= b.Length; j++)
            {
                var cost = a[i - 1] == b[j - 1] ? 0 : 1;
                d[i, j] = Math.Min(Math.Min(d[i - 1, j] + 1, d[i, j - 1] + 1), d[i - 1, j - 1] + cost);
                if (i > 1 && j > 1 && a[i - 1] == b[j - 2] && a[i - 2] == b[j - 1])
                {
                    d[i, j] = Math.Min(d[i, j], d[i - 2, j - 2] + 1);
                }
            }
        }

        return d[a.Length, b.Length];
    }
}
