namespace FairCompass.Core.Competitions;

/// <summary>What decides which value of <c>a/b</c> is an athlete’s, and which bar.</summary>
public enum Duty
{
    /// <summary>As drafts write it, <c>man</c>.</summary>
    Man,

    /// <summary>As drafts write it, <c>woman</c>.</summary>
    Woman,
}

/// <summary>Duties as drafts and competitions write them.</summary>
public static class Duties
{
    /// <summary>The duty of a word; null for another word. Words of duties are lower case.</summary>
    public static Duty? Find(string word) =>
        word switch
        {
            "man" => Duty.Man,
            "woman" => Duty.Woman,
            _ => null,
        };

    /// <summary>The word of a duty: <c>man</c>, <c>woman</c>.</summary>
    public static string Word(this Duty duty) => duty == Duty.Man ? "man" : "woman";
}
