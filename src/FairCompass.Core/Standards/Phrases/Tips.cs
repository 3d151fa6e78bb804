using FairCompass.Core.Languages;
using static FairCompass.Core.Standards.Phrases.Write;

namespace FairCompass.Core.Standards.Phrases;

/// <summary>Advice to athletes (common practice). It is no rule, so it never stands in a judge's brief.</summary>
internal static class Tips
{
    private static readonly Phrase Usual = Tip(
        "tip",
        (
            "Even work beats bursts; know the next thing before this one ends.",
            "Mejor un esfuerzo regular que a tirones; saber lo siguiente antes de acabar esto."
        )
    );

    private static readonly (string[] Families, Phrase Tip)[] All =
    [
        (
            ["Squats"],
            Tip(
                "tip",
                (
                    "Breathe at the top; go a little deeper than needed, so that no judge has to doubt.",
                    "Respirar arriba; bajar un poco más de lo necesario para que ningún juez dude."
                )
            )
        ),
        (
            ["Pulls from the floor", "Cleans", "Snatches"],
            Tip(
                "tip",
                ("Keep the load near; show the finish before it comes down.", "Mantener la carga cerca; mostrar el final antes de bajar.")
            )
        ),
        (
            ["Shoulder to overhead", "Presses"],
            Tip(
                "tip",
                (
                    "Finish tall and let the judge see it; a hurried lock-out costs a rep.",
                    "Terminar erguido y dejar que el juez lo vea; un bloqueo con prisa cuesta una repetición."
                )
            )
        ),
        (["Kettlebells"], Tip("tip", ("Let the hips drive; the arms only guide.", "Que impulse la cadera; los brazos solo guían."))),
        (
            ["Pulls on the bar", "Rings", "Ropes"],
            Tip(
                "tip",
                (
                    "Break sets early; torn hands end more workouts than tired arms.",
                    "Partir las series pronto; las manos rotas acaban más pruebas que los brazos cansados."
                )
            )
        ),
        (
            ["Burpees", "Push-ups"],
            Tip(
                "tip",
                (
                    "Find a pace that lasts; the first ten are never the problem.",
                    "Buscar un ritmo que dure; las diez primeras nunca son el problema."
                )
            )
        ),
        (
            ["Upside down"],
            Tip(
                "tip",
                (
                    "Come down before the arms fail; a fall costs more than a rest.",
                    "Bajar antes de que fallen los brazos; una caída cuesta más que un descanso."
                )
            )
        ),
        (
            ["Machines"],
            Tip(
                "tip",
                (
                    "Settle the breathing in the first ten seconds; long strokes beat quick ones.",
                    "Ordenar la respiración en los diez primeros segundos; mejor largo que rápido."
                )
            )
        ),
        (
            ["Team bag"],
            Tip(
                "tip",
                ("Agree on the words before the start; one voice counts.", "Acordar las palabras antes de la salida; cuenta una sola voz.")
            )
        ),
    ];

    /// <summary>The tip of a family; none for rules, which nobody trains.</summary>
    public static IEnumerable<Phrase> For(Said family) =>
        family == Families.LiftRules || family == Families.TeamRules
            ? []
            : [Array.Find(All, t => t.Families.Contains(family.English)).Tip ?? Usual];
}
