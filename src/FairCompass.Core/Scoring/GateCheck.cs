using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;

namespace FairCompass.Core.Scoring;

/// <summary>Looks for times at gates that cannot have been read: after the gate had closed, out of order, at a gate that was not
/// reached.</summary>
internal static class GateCheck
{
    /// <summary>Objections to the gates of a piece; paths begin at <c>gates</c>.</summary>
    /// <param name="seen">What the card says of the piece, in performed units.</param>
    /// <param name="piece">The piece.</param>
    /// <param name="sheet">The scores, which say what happens exactly on the second.</param>
    /// <param name="end">The latest time of the piece.</param>
    public static IEnumerable<FieldError> Objections(PieceObservation seen, CoursePiece piece, ScoreSheet sheet, Duration end)
    {
        var gates = piece.Limit?.Gates ?? [];
        if (seen.Gates.Count > gates.Count)
        {
            yield return new("gates", gates.Count == 0 ? "This part has no gates." : $"There are {Words.Count(gates.Count, "gate")}.");
            yield break;
        }

        if (seen.Gates.Count == 0 || seen.Watches.Count > 3)
        {
            yield break;
        }

        var start = piece.Piece.Starts ?? Duration.Zero;
        var last = Tallying.Finish(seen, sheet) ?? end;
        var (closes, before) = (start + (piece.Limit?.Base ?? Duration.Zero), start);
        for (var i = 0; i < seen.Gates.Count; i++)
        {
            if (seen.Gates[i] is { } at)
            {
                if (Sentence(at, before, closes, last, gates[i].Units, seen, piece, sheet) is { } sentence)
                {
                    yield return new($"gates[{i}]", sentence);
                }

                before = at;
            }

            closes += gates[i].Adds;
        }

        if (seen.TieTime is { } tie && TiesAtGate(seen, sheet) && seen.Gates.LastOrDefault(g => g is not null) is { } read && read != tie)
        {
            yield return new("tieTime", $"The last gate passed was at {read}; give one of the two.");
        }
    }

    private static bool TiesAtGate(PieceObservation seen, ScoreSheet sheet) =>
        !sheet.Components.SelectMany(c => c.Ties).OfType<Tiebreak.TimeAtRound>().Any(t => t.Piece == seen.Piece);

    private static string? Sentence(
        Duration at,
        Duration before,
        Duration closes,
        Duration last,
        long units,
        PieceObservation seen,
        CoursePiece piece,
        ScoreSheet sheet
    ) =>
        at <= before ? $"This gate was passed after {before}."
        : at > closes ? $"This gate closed at {closes}."
        : at == closes && sheet.GateOnSecondCounts == false ? $"The gate closes at {closes}, and on the second it is missed."
        : at > last ? $"This gate was passed by {last} at the latest."
        : seen.Performed < units
            ? $"{piece.Strand!.Counted(Math.Max(0, seen.Performed.Value))} have not passed the gate after "
                + $"{piece.Strand.Counted(units)}."
        : null;
}
