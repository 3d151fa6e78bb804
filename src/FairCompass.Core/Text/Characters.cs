namespace FairCompass.Core.Text;

/// <summary>Which characters may stand in names and drafts.</summary>
public static class Characters
{
    /// <summary>
    /// True for control characters (tab and line ends included) and for the marks that turn the reading direction, which
    /// would let a name hide or reorder its neighbours (Unicode Technical Report 36, section 2.5).
    /// </summary>
    public static bool IsForbidden(char c) =>
        char.IsControl(c)
        || c is '\u200E' or '\u200F' or (>= '\u202A' and <= '\u202E') or (>= '\u2066' and <= '\u2069') or '\uFEFF' or '\u2028' or '\u2029';
}
