using System.Globalization;
using System.Text.RegularExpressions;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

/// <summary>
/// No number of a text is lost: each stands in the draft, in a remark, in a question, among what was not understood, or was worked with.
/// One that stands nowhere is told.
/// </summary>
internal static partial class Accounting
{
    [GeneratedRegex(@"\d+(?:\.\d+)?")]
    private static partial Regex Numbers { get; }

    /// <summary>The numbers of a text that stand nowhere.</summary>
    /// <param name="lines">The lines of the text.</param>
    /// <param name="draft">The draft that was made of it.</param>
    /// <param name="told">Where something was kept, asked, told, or worked with.</param>
    public static IEnumerable<UnreadPiece> Lost(string[] lines, string draft, IReadOnlyCollection<SourceRange> told)
    {
        var there = Numbers.Matches(draft).Select(m => decimal.Parse(m.Value, CultureInfo.InvariantCulture)).ToHashSet();
        // A plain number behind a cap is minutes.
        bool IsMinutes(decimal n) =>
            n is > 0 and <= 1000 && n == decimal.Truncate(n) && draft.Contains(Times.Written((long)n * 60_000), StringComparison.Ordinal);
        for (var i = 0; i < lines.Length; i++)
        {
            foreach (var n in RawPiece.Split(lines[i]).Where(p => p.Value is not null))
            {
                if (!there.Contains(n.Value!.Value) && !IsMinutes(n.Value.Value) && !told.Any(t => Covers(t, i + 1, n)))
                {
                    yield return new(new(i + 1, n.Column, n.Length), "This number stands nowhere in the draft.")
                    {
                        Words = lines[i].Substring(n.Column - 1, n.Length),
                    };
                }
            }
        }
    }

    private static bool Covers(SourceRange t, int line, RawPiece n) => t.Line == line && n.Column < t.Column + t.Length && n.End > t.Column;
}
