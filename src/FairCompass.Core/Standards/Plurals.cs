using FairCompass.Core.Languages;

namespace FairCompass.Core.Standards;

/// <summary>What several reps of a movement are called. The words are common practice of the trade.</summary>
public static class Plurals
{
    /// <summary>Names that are the same for one and for several: positions of the body and places named by a way, not by a thing.</summary>
    private static readonly string[] Unchanged = ["toes-to-bar", "overhead", "running", "rowing machine", "bike", "ski machine"];

    /// <summary>Words behind which a name says only where, over what, or with what: the plural stands before them.</summary>
    private static readonly string[] Behind = [" to ", " over ", " on ", " with ", " and "];

    /// <summary>The plural of a name in both languages; of a Spanish name that nobody has written there is none.</summary>
    public static Said Of(Said name) => new(English(name.English), name.Spanish is { } spanish ? Spanish(spanish) : null);

    /// <summary>Spanish words that begin what a name is done with, over, or from; what stands in brackets explains it.</summary>
    private static readonly string[] BehindInSpanish =
    [
        " (",
        " con ",
        " de ",
        " del ",
        " en ",
        " a ",
        " al ",
        " por ",
        " sobre ",
        " sin ",
        " arriba",
    ];

    /// <summary>Spanish adjectives of the book, which agree with the word before.</summary>
    private static readonly string[] Adjectives =
    [
        "estricto",
        "invertido",
        "sincronizado",
        "sostenido",
        "sostenida",
        "mantenido",
        "mantenida",
    ];

    /// <summary>The plural as the floor says it in Spanish, where most names are English words: <c>deadlifts (peso muerto)</c>,
    /// <c>saltos por encima del cajón</c>, <c>toes to bar</c>.</summary>
    /// <param name="name">A movement in the singular.</param>
    public static string Spanish(string name)
    {
        var ends = BehindInSpanish
            .Select(word => name.IndexOf(word, StringComparison.Ordinal))
            .Where(at => at > 0)
            .DefaultIfEmpty(name.Length)
            .Min();
        var (head, rest) = (name[..ends], name[ends..]);
        if (head.EndsWith(" to bar", StringComparison.Ordinal) || head.EndsWith(" to overhead", StringComparison.Ordinal))
        {
            return name;
        }

        if (head.Contains(" and ", StringComparison.Ordinal))
        {
            return English(head) + rest;
        }

        var words = head.Split(' ');
        var nouns = Adjectives.Contains(words[^1]) ? 2 : 1;
        return string.Join(' ', words.Select((word, i) => i < words.Length - nouns ? word : SpanishWord(word))) + rest;
    }

    private static string SpanishWord(string word) =>
        word.EndsWith("ión", StringComparison.Ordinal) ? word[..^2] + "ones"
        : word.EndsWith("al", StringComparison.Ordinal) ? word + "es"
        : Word(word);

    /// <summary>The English plural: <c>burpees over the bar</c>, <c>presses</c>, <c>cleans and jerks</c>, <c>toes-to-bar</c>.</summary>
    /// <param name="name">A movement in the singular.</param>
    public static string English(string name)
    {
        if (name == "any way overhead")
        {
            return "reps overhead any way";
        }

        if (name.Length == 0 || Unchanged.Any(word => name.EndsWith(word, StringComparison.Ordinal)))
        {
            return name;
        }

        foreach (var word in Behind)
        {
            var at = name.IndexOf(word, StringComparison.Ordinal);
            if (at > 0)
            {
                var rest = word == " and " ? English(name[(at + word.Length)..]) : name[(at + word.Length)..];
                return English(name[..at]) + word + rest;
            }
        }

        var inside = name.IndexOf("-and-", StringComparison.Ordinal);
        return inside > 0 ? Word(name[..inside]) + name[inside..] : Word(name);
    }

    /// <summary>Ways to travel, which are not counted: <c>20 m of handstand walk</c>, but <c>30 m of walking lunges</c>.</summary>
    private static readonly string[] Travels = [" walk", " carry", " crawl", " run", "running", " push", " pull"];

    /// <summary>True where a distance is of the movement itself and not of several reps of it.</summary>
    /// <param name="name">A movement in the singular, in English.</param>
    public static bool IsTravel(string name) => Travels.Any(word => name.EndsWith(word, StringComparison.Ordinal));

    private static string Word(string word) =>
        word.EndsWith('s')
        || word.EndsWith("sh", StringComparison.Ordinal)
        || word.EndsWith("ch", StringComparison.Ordinal)
        || word.EndsWith('x')
            ? word + "es"
        : word.EndsWith('y') && word.Length > 1 && !"aeiou".Contains(word[^2], StringComparison.Ordinal) ? word[..^1] + "ies"
        : word + "s";
}
