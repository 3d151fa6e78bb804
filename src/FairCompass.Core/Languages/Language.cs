namespace FairCompass.Core.Languages;

/// <summary>A language in which every built-in text exists.</summary>
public enum Language
{
    /// <summary>English, the language of drafts.</summary>
    English,

    /// <summary>Spanish.</summary>
    Spanish,
}
