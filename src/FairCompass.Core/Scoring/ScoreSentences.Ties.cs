using FairCompass.Core.Languages;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <content>What decides a tie.</content>
public static partial class ScoreSentences
{
    private static string TieRule(ScoreComponent c, ScoreSheet sheet, Tongue tongue) =>
        Decides(c, sheet, tongue)
        + (
            c.Ties.Count == 0 ? ""
            : c.Ties[0] is Tiebreak.Shared ? ": 1, 2, 2, 4"
            : (
                c.Ties.Any(t => t is Tiebreak.TimeAtMark)
                    ? tongue.Say("; who did not get there is behind", "; quien no llegó queda detrás")
                    : ""
            ) + tongue.Say("; who is still equal shares the place", "; quien sigue igual comparte el puesto")
        )
        + ".";

    /// <summary>What decides a tie, without what still shares a place then.</summary>
    private static string Decides(ScoreComponent c, ScoreSheet sheet, Tongue tongue) =>
        c.Ties.Count == 0 && c.Selection is { Of: not SelectionOf.Load } pick
            ? tongue.Say("A tie is decided by the next ", "Un empate lo decide el siguiente ") + Next(c, pick, tongue)
        : c.Ties.Count == 0 ? tongue.Say("Nobody has said what decides a tie", "Nadie ha dicho qué decide un empate")
        : c.Ties[0] is Tiebreak.Shared ? tongue.Say("Ties share the place", "Los empatados comparten el puesto")
        : tongue.Say("A tie is decided by ", "Un empate lo decide ")
            + Words.Join(c.Ties.Where(t => t is not Tiebreak.Shared).Select(t => Tie(t, sheet, tongue)), tongue.Say("then", "después"));

    private static string Next(ScoreComponent c, Selection pick, Tongue tongue) =>
        (c.Measured == Measured.Time, pick.Lowest) switch
        {
            (true, true) => tongue.Say("slowest", "más lento"),
            (true, false) => tongue.Say("fastest", "más rápido"),
            (false, true) => tongue.Say("lowest", "más bajo"),
            _ => tongue.Say("best", "mejor"),
        };

    private static string Tie(Tiebreak tie, ScoreSheet sheet, Tongue tongue) =>
        tie switch
        {
            Tiebreak.TimeAtRound { Round: { } r } => tongue.Say(
                $"the earlier time at the end of round {r}",
                $"el tiempo menor al final de la ronda {r}"
            ),
            Tiebreak.TimeAtRound => tongue.Say(
                "the earlier time at the end of the last full round",
                "el tiempo menor al final de la última ronda completa"
            ),
            Tiebreak.TimeAtGate => tongue.Say("the earlier time at the last gate passed", "el tiempo menor en el último corte pasado"),
            Tiebreak.TimeAtMark t => tongue.Say($"the earlier time at {t.Mark.In(tongue)}", $"el tiempo menor en {t.Mark.In(tongue)}"),
            Tiebreak.MoreOf m => tongue.Say("more ", "más ") + m.WordIn(tongue),
            Tiebreak.LowestMember => tongue.Say(
                "the better count of the member who has least",
                "la cuenta mejor del miembro que menos tiene"
            ),
            Tiebreak.Other o when sheet.IndexOf(o.Label) >= 0 => tongue.Say(
                $"the better score {o.Label}",
                $"la mejor puntuación {o.Label}"
            ),
            _ => tongue.Say("nothing", "nada"),
        };
}
