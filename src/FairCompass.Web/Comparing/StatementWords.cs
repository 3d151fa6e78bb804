using System.Globalization;
using FairCompass.Comparability.Statement;
using FairCompass.Core.Languages;
using FairCompass.Core.Text;

namespace FairCompass.Web.Comparing;

/// <summary>What a statement says of one board, in both languages, so that an athlete can read it.</summary>
public static class StatementWords
{
    /// <summary>A share that is less than this is 0 of a hundred.</summary>
    private const double Least = 0.005;

    /// <summary>The sentences of a board.</summary>
    /// <param name="board">The board.</param>
    /// <param name="said">What was found.</param>
    /// <param name="names">Whose results, by entry.</param>
    public static IEnumerable<Said> Of(StatementBoard board, BoardStatement said, IReadOnlyDictionary<Guid, string> names)
    {
        if (said.Said == 0)
        {
            yield return (
                "What no-reps did to these scores cannot be said: they are loads or heights, or nobody tallied.",
                "No se puede decir qué efecto tuvieron las nulas en estos resultados: son cargas o alturas, o nadie las apuntó."
            );
            yield break;
        }

        yield return said.Shaky.Count == 0
            ? (
                $"All {said.Results} places stand whoever had judged.",
                $"Los {said.Results} puestos se mantienen fuera quien fuera el juez."
            )
            : (
                $"{said.Shaky.Count} of {said.Results} places would not stand if judges had been exchanged.",
                $"{said.Shaky.Count} de {said.Results} puestos no se mantendrían si se hubieran intercambiado los jueces."
            );
        if (said.Said < said.Results)
        {
            yield return (
                $"Nothing can be said of {Words.Count(said.Results - said.Said, "result")}: no tally, or no judge in the plan.",
                $"No se puede decir nada de {said.Results - said.Said} {(said.Results - said.Said == 1 ? "resultado" : "resultados")}: sin "
                    + "cuenta o sin juez en el plan."
            );
        }

        if (Shares(said) is { } shares)
        {
            yield return shares;
        }

        if (said.Largest is { } most && Math.Abs(most.NoReps) >= 0.5)
        {
            var who = names.GetValueOrDefault(most.Entry, "");
            yield return (
                $"The largest effect of a judge: {Amount(most.NoReps)} no-reps {(most.NoReps > 0 ? "more" : "fewer")} than an "
                    + $"ordinary one in the result of {who} ({Signed(most.Low)} to {Signed(most.High)}){Time(board, most, "some {0} s")}.",
                $"El mayor efecto de un juez: {Amount(most.NoReps)} nulas {(most.NoReps > 0 ? "más" : "menos")} que uno normal en "
                    + $"el resultado de {who} ({Signed(most.Low)} a {Signed(most.High)}){Time(board, most, "unos {0} s")}."
            );
        }

        foreach (var line in InForce(board))
        {
            yield return line;
        }
    }

    /// <summary>How much of the differences goes with judges, lanes and heats; null where values do not differ.</summary>
    private static Said? Shares(BoardStatement said)
    {
        if (said is { JudgeShare: < Least, LaneShare: < Least, HeatShare: null or < Least })
        {
            var (heats, tandas) = said.HeatShare is null ? (" or lanes", "") : (", lanes or heats", " ni con las tandas");
            return (
                $"Nothing of the differences between scores goes with judges{heats}: they go with athletes and what nobody " + "measured.",
                $"Nada de las diferencias entre resultados va con los jueces ni con las calles{tandas}: van con los atletas y con lo "
                    + "que nadie midió."
            );
        }

        if (said is { JudgeShare: { } judges, LaneShare: { } lanes })
        {
            var (also, tambien) = said.HeatShare is { } share
                ? (
                    $", {Percent(lanes)} with lanes and {Percent(share)} with heats",
                    $", un {Percent(lanes)} con las calles y un {Percent(share)} con las tandas"
                )
                : ($" and {Percent(lanes)} with lanes", $" y un {Percent(lanes)} con las calles");
            return (
                $"Of the differences between scores {Percent(judges)} go with judges{also}, the rest with athletes and what nobody "
                    + "measured.",
                $"De las diferencias entre resultados, un {Percent(judges)} va con los jueces{tambien}; el resto, con los atletas y "
                    + "con lo que nadie midió."
            );
        }

        return null;
    }

    /// <summary>Which heats were judged under which version, and the rulings that each holds.</summary>
    private static IEnumerable<Said> InForce(StatementBoard board)
    {
        foreach (var v in board.InForce)
        {
            var heats = string.Join(", ", v.Heats);
            var (which, cuales) =
                board.InForce.Count == 1 ? ("Every heat", "Todas las tandas")
                : v.Heats.Count == 0 ? ("Some results", "Algunos resultados")
                : v.Heats.Count == 1 ? ($"Heat {heats}", $"La tanda {heats}")
                : ($"Heats {heats}", $"Las tandas {heats}");
            var (rulings, decisiones) =
                v.Rulings.Count == 0
                    ? ("no ruling", "sin decisiones del juez principal")
                    : (
                        (v.Rulings.Count == 1 ? "the ruling" : "the rulings") + $" “{string.Join("”, “", v.Rulings)}”",
                        (v.Rulings.Count == 1 ? "con la decisión" : "con las decisiones") + $" «{string.Join("», «", v.Rulings)}»"
                    );
            yield return ($"{which}: version {v.Version}, {rulings}.", $"{cuales}: versión {v.Version}, {decisiones}.");
        }
    }

    private static string Percent(double share) => share < Least ? "0 %" : (100 * share).ToString("0", CultureInfo.InvariantCulture) + " %";

    private static string Amount(double noReps) => Math.Abs(noReps).ToString("0.0", CultureInfo.InvariantCulture);

    private static string Signed(double noReps) => noReps.ToString("+0.0;-0.0;0", CultureInfo.InvariantCulture);

    private static string Time(StatementBoard board, Cost cost, string words) =>
        board.InTime && cost.PerNoRep > 1
            ? ", " + string.Format(CultureInfo.InvariantCulture, words, Math.Round(Math.Abs(cost.NoReps * cost.PerNoRep) / 1000))
            : "";
}
