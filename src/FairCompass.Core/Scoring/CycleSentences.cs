using FairCompass.Core.Languages;

namespace FairCompass.Core.Scoring;

/// <summary>The slowest or the fastest cycle, in sentences.</summary>
internal static class CycleSentences
{
    /// <summary>What the score is.</summary>
    public static string Is(bool slowest, string resolution, Tongue tongue) =>
        tongue.Say(
            $"the time of the {(slowest ? "slowest" : "fastest")} cycle, each from its own start, {resolution}. Less is better.",
            $"el tiempo del ciclo más {(slowest ? "lento" : "rápido")}, cada uno desde su salida, {resolution}. Menos es mejor."
        );

    /// <summary>Where who lacks a finish stands.</summary>
    public static string AtTheCap(bool slowest, ScoreComponent c, Term term, Tongue tongue) =>
        slowest
            ? tongue.Say(
                $"Who does not finish every cycle ranks after all who do, by the {c.Words} of all cycles.",
                $"Quien no termina todos los ciclos va detrás de quienes sí, por {term.Many.Spanish} de todos los ciclos."
            )
            : tongue.Say(
                $"Who finishes no cycle ranks after all who finish one, by the {c.Words} of the best cycle.",
                $"Quien no termina ningún ciclo va detrás de quienes terminan alguno, por {term.Many.Spanish} del mejor ciclo."
            );
}
