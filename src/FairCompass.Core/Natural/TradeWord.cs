using System.Text.RegularExpressions;
using FairCompass.Core.Competitions;
using FairCompass.Core.InForce;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Natural;

/// <summary>A word of the trade for a movement of the book.</summary>
/// <param name="Word">As people write it: <c>t2b</c>, <c>pies a la barra</c>, <c>toes-to-bar</c>.</param>
/// <param name="Movement">What drafts call the movement.</param>
/// <param name="With">What it is done with: <c>bar of a rig</c>; empty for nothing.</param>
public sealed partial record TradeWord(string Word, string Movement, string With)
{
    /// <summary>All words for the movements of a competition’s book, in English and Spanish; a word that may mean several stands once for
    /// each.</summary>
    /// <param name="competition">Whose book.</param>
    public static IReadOnlyList<TradeWord> Of(Competition competition)
    {
        var book = StandardsBook.Of(competition);
        return Lexicon
            .Forms(competition)
            .Select(f => (f.Form, Is: book.Find(f.Movement)))
            .Where(f => f.Is is not null)
            .Select(f => new TradeWord(f.Form, f.Is!.Name.English, Thing(f.Is.Kit)))
            .DistinctBy(w => (w.Word.ToUpperInvariant(), w.Movement))
            .OrderBy(w => w.Movement, StringComparer.Ordinal)
            .ThenBy(w => w.Word, StringComparer.Ordinal)
            .ToList();
    }

    private static string Thing(MovementKit kit) =>
        kit == MovementKit.None ? "" : Capitals.Replace(kit.ToString(), " $1").Trim().ToLowerInvariant();

    [GeneratedRegex("([A-Z])")]
    private static partial Regex Capitals { get; }
}
