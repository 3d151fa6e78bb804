using System.Text.Json.Serialization;

namespace FairCompass.Core.Languages;

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
