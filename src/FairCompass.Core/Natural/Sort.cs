namespace FairCompass.Core.Natural;

/// <summary>What a piece of a natural text is.</summary>
internal enum Sort
{
    /// <summary>A word that no list knows.</summary>
    Word,

    /// <summary>A word or phrase of the lexicon.</summary>
    Phrase,

    /// <summary>A number, a pair of numbers or a list of them, with its unit where one stands there.</summary>
    Figure,

    /// <summary>A length of time.</summary>
    Time,

    /// <summary>The name of a division of the competition.</summary>
    Division,

    /// <summary>A punctuation mark.</summary>
    Mark,
}
