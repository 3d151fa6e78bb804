using FairCompass.Core.Languages;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <summary>What counts of a distance that the clock cuts off, as a sentence.</summary>
internal static class PartialSentence
{
    /// <summary>The sentence of a score that says so; none for others.</summary>
    public static IEnumerable<string> Of(Score score, Tongue tongue) =>
        score.Lines.OfType<ScoreLine.Partial>().Take(1).Select(p => Said(p.Is, tongue));

    private static string Said(PartialDistance rule, Tongue tongue) =>
        rule switch
        {
            PartialDistance.WholeSections => tongue.Say(
                "Of a distance that the clock cuts off, whole sections count.",
                "De una distancia que corta el reloj cuentan los tramos enteros."
            ),
            PartialDistance.WholeMetres => tongue.Say(
                "Of a distance that the clock cuts off, whole metres count.",
                "De una distancia que corta el reloj cuentan los metros enteros."
            ),
            _ => tongue.Say(
                "A distance that the clock cuts off counts up to the last mark passed.",
                "Una distancia que corta el reloj cuenta hasta la última marca pasada."
            ),
        };
}
