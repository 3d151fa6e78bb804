using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards.Phrases;

namespace FairCompass.Core.Policies;

/// <summary>Topics that rewrite clauses of movements. Each has a school in force, so that no standard is without one.</summary>
internal static partial class MovementTopics
{
    private static School S(string name, Said label, Said judges, Said athletes, params Phrase[] rewrites) =>
        new(name, label, judges, athletes) { Rewrites = rewrites.ToEq() };

    private static Topic T(string name, Said question, string inForce, Said why, params School[] schools) =>
        new(name, question, inForce, inForce, why, schools.ToEq());

    public static Eq<Topic> All { get; } = [.. Bodies, .. Loads, .. Lifts, .. Floor];

    private static Eq<Topic> Bodies =>
        [
            T(
                "grip",
                ("May the bar be held underhand?", "¿Se permite el agarre supino?"),
                "any",
                ("One thing less to watch; it gives no advantage in volume.", "Una cosa menos que vigilar; no da ventaja en volumen."),
                S(
                    "any",
                    ("Any grip", "Cualquier agarre"),
                    ("Nothing to look at.", "Nada que mirar."),
                    ("Hold as you like.", "Agarrar como se quiera."),
                    Hanging.AnyGrip
                ),
                S(
                    "overhand",
                    ("Overhand only", "Solo prono"),
                    ("Look at the palms at the start of each set.", "Mirar las palmas al empezar cada serie."),
                    ("Palms away from you.", "Palmas hacia fuera."),
                    Hanging.OverhandOnly
                )
            ),
            T(
                "tape and grips",
                ("Tape on the bar and grips on the hands?", "¿Cinta en la barra y calleras en las manos?"),
                "not both",
                ("Both together thicken the grip and help unevenly.", "Las dos cosas juntas cambian el agarre y ayudan de forma desigual."),
                S(
                    "not both",
                    ("Either, never both", "Una de las dos, nunca ambas"),
                    ("Check once before the heat.", "Comprobar una vez antes de la tanda."),
                    ("Tape or grips; with grips, hold the bare bar.", "Cinta o calleras; con calleras, barra desnuda.")
                ) with
                {
                    Formerly = "either",
                },
                S(
                    "both",
                    ("Both", "Las dos"),
                    ("Nothing to look at.", "Nada que mirar."),
                    ("Use both if you like.", "Se pueden usar las dos.")
                ),
                S(
                    "neither",
                    ("Neither", "Ninguna"),
                    ("Check once before the heat.", "Comprobar una vez antes de la tanda."),
                    ("Bare hands, bare bar.", "Manos y barra desnudas.")
                )
            ),
            T(
                "feet on the bar",
                ("Toes-to-bar: must both feet touch at once?", "Pies a la barra: ¿deben tocar a la vez?"),
                "together",
                ("One moment is easier to see than two.", "Un momento se ve mejor que dos."),
                S(
                    "together",
                    ("Together", "A la vez"),
                    ("One touch, one call.", "Un contacto, una señal."),
                    ("Both feet in one moment.", "Los dos pies a la vez."),
                    Hanging.ToesBoth
                ),
                S(
                    "one after the other",
                    ("One after the other", "Uno tras otro"),
                    ("Watch two touches.", "Vigilar dos contactos."),
                    ("Each foot must touch.", "Cada pie debe tocar."),
                    Hanging.ToesEither
                )
            ),
            T(
                "feet and hands",
                ("Toes-to-bar: between the hands?", "Pies a la barra: ¿entre las manos?"),
                "between",
                ("It fixes the width for everybody.", "Fija la anchura para todos."),
                S(
                    "between",
                    ("Between the hands", "Entre las manos"),
                    ("Stand a step in front.", "Colocarse un paso delante."),
                    ("Feet inside the hands.", "Pies por dentro de las manos."),
                    Hanging.BetweenHands
                ),
                S(
                    "anywhere",
                    ("Anywhere on the bar", "En cualquier parte"),
                    ("Only the touch matters.", "Solo importa el contacto."),
                    ("Touch anywhere.", "Tocar donde sea."),
                    Hanging.OutsideHandsToo
                )
            ),
            T(
                "bottom of the hang",
                ("Toes-to-bar and raises: what is the bottom?", "Pies a la barra y elevaciones: ¿qué es abajo?"),
                "behind the bar",
                ("A plane can be seen from the side by anybody.", "Un plano lo ve cualquiera de lado."),
                S(
                    "behind the bar",
                    ("Heels behind the bar", "Talones detrás de la barra"),
                    ("Sight along the plane of the bar.", "Mirar por el plano de la barra."),
                    ("Swing through every rep.", "Pasar atrás en cada repetición."),
                    Entry.HeelsBehindBar
                ),
                S(
                    "behind the upright",
                    ("Heels behind the upright", "Talones detrás del poste"),
                    ("Sight along the upright.", "Mirar por el poste."),
                    ("Swing past the upright.", "Pasar el poste."),
                    Entry.HeelsBehindUpright
                ),
                S(
                    "open hips",
                    ("Open hips", "Cadera abierta"),
                    ("Watch the angle of the hip.", "Vigilar el ángulo de la cadera."),
                    ("Open the hips fully.", "Abrir del todo la cadera."),
                    Entry.OpenHips
                )
            ),
            T(
                "chin",
                ("Pull-ups: chin over the bar, or through its plane?", "Dominadas: ¿barbilla por encima o rompiendo el plano?"),
                "over",
                ("“Over” can be seen with a gap.", "«Por encima» se ve con un hueco."),
                S(
                    "over",
                    ("Over", "Por encima"),
                    ("See air between chin and bar.", "Ver aire entre barbilla y barra."),
                    ("Clear the bar.", "Superar la barra."),
                    Hanging.ChinOver
                ),
                S(
                    "through",
                    ("Through the plane", "Romper el plano"),
                    ("Level is good once broken.", "Basta romper el plano."),
                    ("Break the plane.", "Romper el plano."),
                    Hanging.ChinThrough
                )
            ),
            T(
                "chest",
                ("Chest-to-bar: where may the chest touch?", "Pecho a barra: ¿dónde puede tocar?"),
                "below the collarbone",
                ("It keeps the neck out.", "Deja fuera el cuello."),
                S(
                    "below the collarbone",
                    ("Below the collarbone", "Por debajo de la clavícula"),
                    ("See where it touches.", "Ver dónde toca."),
                    ("Touch below the collarbone.", "Tocar por debajo de la clavícula."),
                    Hanging.ChestTouch
                ),
                S(
                    "any",
                    ("Any part of the chest", "Cualquier parte del pecho"),
                    ("Any touch is good.", "Cualquier contacto vale."),
                    ("Touch with the chest.", "Tocar con el pecho."),
                    Hanging.ChestAny
                )
            ),
            T(
                "burpee step",
                ("Burpees: may the feet step?", "Burpees: ¿se permite el paso?"),
                "allowed",
                ("Tiers differ; name the division that must jump.", "Los niveles difieren; nombrar la división que debe saltar."),
                S(
                    "allowed",
                    ("Stepping allowed", "Paso permitido"),
                    ("Feet are not judged.", "Los pies no se juzgan."),
                    ("Step or jump.", "Paso o salto."),
                    OnTheFloor.BurpeeStep
                ),
                S(
                    "jump",
                    ("Jump back and in", "Saltar atrás y adelante"),
                    ("Watch both feet twice.", "Vigilar los dos pies dos veces."),
                    ("Both feet together, back and in.", "Los dos pies a la vez, atrás y adelante."),
                    OnTheFloor.BurpeeJump
                )
            ),
            T(
                "failed jump",
                ("A failed jump over bar or box: what is redone?", "Salto fallido sobre barra o cajón: ¿qué se repite?"),
                "jump again",
                ("The floor part was good; only the fault is paid.", "La parte del suelo fue buena; solo se paga el fallo."),
                S(
                    "jump again",
                    ("Jump again", "Saltar de nuevo"),
                    ("Send back to bar or box.", "Devolver a la barra o al cajón."),
                    ("Only the jump is repeated.", "Solo se repite el salto.")
                ),
                S(
                    "whole rep",
                    ("Whole rep", "Repetición entera"),
                    ("Send back to the floor.", "Devolver al suelo."),
                    ("The whole rep is repeated.", "Se repite toda la repetición.")
                ) with
                {
                    Adjusts =
                    [
                        new ClauseAdjust.Redone(
                            ["over-bar", "two-feet", "box-jump", "box-top", "other-side"],
                            Standards.Consequence.FromTheFloor,
                            ("Go back and repeat the whole rep.", "Volver y repetir toda la repetición.")
                        ),
                    ],
                }
            ),
            T(
                "two-foot landing",
                ("Jumps over a bar: two feet together?", "Saltos sobre la barra: ¿los dos pies a la vez?"),
                "yes",
                ("It is seen from the end of the bar.", "Se ve desde el extremo de la barra."),
                S(
                    "yes",
                    ("Two feet", "Los dos pies"),
                    ("Watch take-off and landing.", "Vigilar despegue y aterrizaje."),
                    ("Jump and land with both.", "Saltar y caer con los dos.")
                ),
                S(
                    "no",
                    ("One foot allowed", "Un pie permitido"),
                    ("Only the clearance matters.", "Solo importa no tocar."),
                    ("Step or jump over.", "Pasar con paso o salto."),
                    OnTheFloor.StepLanding
                )
            ),
        ];
}
