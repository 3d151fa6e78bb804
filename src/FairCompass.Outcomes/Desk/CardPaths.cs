using System.Text.RegularExpressions;
using FairCompass.Core.Scoring;

namespace FairCompass.Outcomes.Desk;

/// <summary>Finds the field of a card that an objection to an observation is about.</summary>
internal static partial class CardPaths
{
    /// <summary>The key of the field; null where it is none of them.</summary>
    /// <param name="path">As the check names it: <c>pieces[0].counts[1].counted</c>.</param>
    /// <param name="pieces">The pieces in the order of the observation.</param>
    /// <param name="fields">The fields.</param>
    public static string? KeyOf(string path, List<string> pieces, IEnumerable<CardField> fields)
    {
        if (Piece().Match(path) is not { Success: true } m || int.Parse(m.Groups["p"].Value, null) is var p && p >= pieces.Count)
        {
            return null;
        }

        var mine = fields.Where(f => f.Piece == pieces[p]).ToList();
        var (name, index) = (m.Groups["name"].Value, m.Groups["i"].Success ? int.Parse(m.Groups["i"].Value, null) : 0);
        CardField? At(CardFieldKind kind) => mine.Where(f => f.Field == kind).ElementAtOrDefault(index);
        return (
            name switch
            {
                "finish" => At(CardFieldKind.Finish),
                "counts" => At(CardFieldKind.Count),
                "gates" => At(CardFieldKind.Gates),
                "marks" => At(CardFieldKind.Marks),
                "by" => At(CardFieldKind.By),
                "faults" => At(CardFieldKind.Faults),
                "tries" => mine.Find(f => f.Field == CardFieldKind.Tries),
                "stood" => mine.Find(f => f.Field == CardFieldKind.Stood),
                "tieTime" => At(CardFieldKind.TieTime),
                "unverified" => At(CardFieldKind.Unverified),
                _ => mine.Find(f => f.Field is CardFieldKind.Counted or CardFieldKind.Count),
            } ?? mine.FirstOrDefault()
        )?.Key;
    }

    [GeneratedRegex(@"^pieces\[(?<p>\d+)\]\.(?<name>\w+)(?:\[(?<i>\d+)\])?")]
    private static partial Regex Piece();
}
