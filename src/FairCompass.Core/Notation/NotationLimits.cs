namespace FairCompass.Core.Notation;

/// <summary>How large a draft may be. Far above any real workout; they keep hostile input cheap.</summary>
public static class NotationLimits
{
    /// <summary>Lines of a draft.</summary>
    public const int Lines = 500;

    /// <summary>UTF-16 units of a line.</summary>
    public const int LineLength = 300;

    /// <summary>Levels of indentation.</summary>
    public const int Levels = 10;

    /// <summary>UTF-16 units of a whole draft.</summary>
    public const int Characters = 160_000;
}
