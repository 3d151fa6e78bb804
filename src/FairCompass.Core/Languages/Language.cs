using System.Text.Json.Serialization;

namespace FairCompass.Core.Languages;

/// <summary>A language in which every built-in text exists.</summary>
public enum Language
{
    /// <summary>English, the language of drafts.</summary>
    English,

    /// <summary>Spanish.</summary>
    Spanish,
}

/// <summary>
/// A text in every language of the papers. Built-in texts are written as pairs, side by side, so that none can be
/// forgotten; a text that a head judge wrote may lack the Spanish one.
/// </summary>
/// <param name="English">In English.</param>
/// <param name="Spanish">In Spanish; null when nobody has written it.</param>
public sealed record Said(string English, [property: JsonIgnore(Condition = JsonIgnoreCondition.WhenWritingNull)] string? Spanish = null)
{
    /// <summary>A built-in text: both languages.</summary>
    /// <param name="pair">English, Spanish.</param>
    public static implicit operator Said((string English, string Spanish) pair) => new(pair.English, pair.Spanish);

    /// <summary>
    /// The text in a language. A text that has no Spanish is never passed off as one: it stands in quotation marks with the
    /// remark that it is the author’s own wording.
    /// </summary>
    public string In(Language language) => language == Language.English ? English : Spanish ?? $"«{English}» (texto original del autor)";

    /// <summary>True when the text exists in a language.</summary>
    public bool Has(Language language) => language == Language.English || Spanish is not null;

    /// <inheritdoc/>
    public override string ToString() => English;
}

/// <summary>Speaks one language: picks from pairs that stand side by side in the code.</summary>
/// <param name="Language">Which.</param>
public sealed record Tongue(Language Language)
{
    /// <summary>English.</summary>
    public static Tongue English { get; } = new(Language.English);

    /// <summary>Spanish.</summary>
    public static Tongue Spanish { get; } = new(Language.Spanish);

    /// <summary>The tongue of a language.</summary>
    public static Tongue Of(Language language) => language == Language.Spanish ? Spanish : English;

    /// <summary>One of two wordings.</summary>
    public string Say(string english, string spanish) => Language == Language.Spanish ? spanish : english;

    /// <summary>A text in this language.</summary>
    public string Say(Said text) => text.In(Language);

    /// <summary>Joins words as a sentence does: <c>a, b and c</c>, <c>a, b y c</c>; <c>e</c> before an i sound.</summary>
    public string Join(IEnumerable<string> words)
    {
        var all = words.ToList();
        if (Language == Language.English || all.Count < 2)
        {
            return Text.Words.Join(all);
        }

        var last = all[^1].TrimStart().ToLowerInvariant();
        var soft = last.StartsWith('i') || (last.StartsWith("hi", StringComparison.Ordinal) && !last.StartsWith("hie", StringComparison.Ordinal));
        return Text.Words.Join(all, soft ? "e" : "y");
    }

    /// <summary>A count with its word: <c>1 rep</c>, <c>2 reps</c>.</summary>
    public string Count(long n, (string One, string Many) english, (string One, string Many) spanish) =>
        string.Create(System.Globalization.CultureInfo.InvariantCulture, $"{n} {(Language == Language.Spanish ? (n == 1 ? spanish.One : spanish.Many) : n == 1 ? english.One : english.Many)}");
}
