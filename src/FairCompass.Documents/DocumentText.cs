namespace FairCompass.Documents;

/// <summary>The text of a file, or why there is none.</summary>
/// <param name="Kind">What the file is: <c>text</c>, <c>table</c>, <c>page</c>, <c>spreadsheet</c>, <c>document</c>, <c>pdf</c>; empty
/// where it is none of them.</param>
/// <param name="Text">Its words, a line each paragraph or row, cells of a table with a tab between them; empty where it is refused.</param>
/// <param name="Refused">Why it is not read, for a person; null where it is.</param>
public sealed record DocumentText(string Kind, string Text, string? Refused = null)
{
    /// <summary>A file that is not read.</summary>
    /// <param name="kind">What it is.</param>
    /// <param name="why">Why not.</param>
    internal static DocumentText No(string kind, string why) => new(kind, "", why);
}
