using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Scoring;

/// <content>The clock at marks on the way: rounds that break ties, and gates.</content>
public static partial class Card
{
    /// <summary>The clock at the mark that breaks ties, and at every gate in any case: it decides whether the gate was passed.</summary>
    private static IEnumerable<CardField> MarkTimes(CoursePiece piece, string name, Duration? end, ScoreSheet sheet, Tongue tongue)
    {
        var key = piece.Piece.Key;
        var marks = sheet
            .Components.SelectMany(c => c.Ties)
            .Where(t => t is Tiebreak.TimeAtRound r ? r.Piece == key : t is Tiebreak.TimeAtGate g && g.Piece == key)
            .Distinct()
            .ToList();
        if (marks.Count == 0 && piece.Limit is { Gates.Count: > 0 })
        {
            marks.Add(new Tiebreak.TimeAtGate(key));
        }

        var gates = GateTimes(piece, name, marks, tongue).ToList();
        return marks
            .Select(tie => new CardField(
                key,
                CardFieldKind.TieTime,
                name + MarkWords(tie, tongue),
                tongue.Say("empty when it was not reached", "vacío si no llegó"),
                null,
                end
            )
            {
                Spare = gates.Count > 0 && tie is Tiebreak.TimeAtGate,
            })
            .Concat(gates);
    }

    /// <summary>The clock at each checkpoint, and at what ties ask for.</summary>
    private static IEnumerable<CardField> NamedTimes(CoursePiece piece, string name, Duration? end, ScoreSheet sheet, Tongue tongue) =>
        NamedMark
            .Of(piece, sheet)
            .Select(mark => new CardField(
                piece.Piece.Key,
                CardFieldKind.Marks,
                name + tongue.Say($"clock at {mark.In(tongue)}", $"reloj en {mark.In(tongue)}"),
                tongue.Say("empty when it was not reached", "vacío si no llegó"),
                null,
                end
            )
            {
                Mark = mark.Name,
            });

    private static string MarkWords(Tiebreak tie, Tongue tongue) =>
        tie switch
        {
            Tiebreak.TimeAtRound { Round: { } r } => tongue.Say($"clock when round {r} ended", $"reloj al terminar la ronda {r}"),
            Tiebreak.TimeAtGate => tongue.Say("clock when the last gate was passed", "reloj al pasar el último corte"),
            _ => tongue.Say("clock when the last full round ended", "reloj al terminar la última ronda completa"),
        };

    /// <summary>A field for each gate where one cannot say it: of several, and where ties look at a round that does not end
    /// there.</summary>
    private static IEnumerable<CardField> GateTimes(CoursePiece piece, string name, List<Tiebreak> marks, Tongue tongue)
    {
        var gates = piece.Strand is null ? [] : piece.Limit?.Gates ?? [];
        if (gates.Count < 2 && marks.Exists(m => m is Tiebreak.TimeAtGate))
        {
            yield break;
        }

        var closes = (piece.Piece.Starts ?? Duration.Zero) + (piece.Limit?.Base ?? Duration.Zero);
        for (var i = 0; i < gates.Count; i++)
        {
            if (!marks.Exists(m => m is Tiebreak.TimeAtRound { Round: { } r } && piece.Strand!.UnitsAfterRound(r) == gates[i].Units))
            {
                var after = piece.Strand!.Counted(gates[i].Units);
                yield return new(
                    piece.Piece.Key,
                    CardFieldKind.Gates,
                    name + tongue.Say($"clock at the gate after {after}", $"reloj en el corte tras {after}"),
                    tongue.Say("empty when it was not passed", "vacío si no se pasó"),
                    null,
                    closes
                )
                {
                    Number = i + 1,
                };
            }

            closes += gates[i].Adds;
        }
    }
}
