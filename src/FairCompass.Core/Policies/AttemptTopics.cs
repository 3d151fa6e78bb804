using FairCompass.Core.Quantities;

namespace FairCompass.Core.Policies;

/// <summary>Topics about the bar: what is on it when a heaviest lift begins, whether its load may go down, and the time in which a load is
/// changed. The schools are common practice.</summary>
internal static class AttemptTopics
{
    /// <summary>Whether a later load may be lower.</summary>
    public const string GoingDown = "going down";

    /// <summary>Only after a load that was missed.</summary>
    public const string AfterAMiss = "after a miss";

    public static Eq<Topic> All { get; } =
    [
        Topic.Asked(
            "first load",
            (
                "A heaviest lift: what is on the bar when the clock starts?",
                "Un levantamiento máximo: ¿qué hay en la barra cuando empieza el reloj?"
            ),
            "own choice",
            ("Each lifter plans the own day; the lane needs no list.", "Cada quien planea su día; la calle no necesita lista."),
            new(
                "own choice",
                (
                    "Nothing: each lifter loads the first load from the lane’s plates",
                    "Nada: cada quien pone su primera carga con los discos de la calle"
                ),
                ("Read the first load back before the lift.", "Repetir la primera carga antes del levantamiento."),
                ("Load what you like, with clips.", "Cargar lo que se quiera, con cierres.")
            ),
            new(
                "named before",
                ("The load that each lifter named before the heat", "La carga que cada quien anunció antes de la tanda"),
                ("Compare the bar with the list.", "Comparar la barra con la lista."),
                ("Name your first load at check-in.", "Anunciar la primera carga en el registro.")
            )
        ),
        Topic.Asked(
            GoingDown,
            ("A heaviest lift: may a later attempt be lighter?", "Un levantamiento máximo: ¿puede un intento posterior ser más ligero?"),
            "never",
            ("The bar goes one way, and no lane loads twice.", "La barra va en un sentido y ninguna calle carga dos veces."),
            new(
                "never",
                ("Never", "Nunca"),
                ("A lighter bar is no attempt.", "Una barra más ligera no es un intento."),
                ("A missed load may be tried again, no lighter one.", "La carga fallada puede repetirse, no una más ligera.")
            ),
            new(
                AfterAMiss,
                ("Only after a miss", "Solo después de un fallo"),
                ("Look at the last try on the card.", "Mirar el último intento en la tarjeta."),
                ("After a miss you may go down.", "Después de un fallo se puede bajar.")
            ),
            new(
                "always",
                ("Always", "Siempre"),
                ("Write each load before the lift.", "Anotar cada carga antes del levantamiento."),
                ("Load what you like.", "Cargar lo que se quiera.")
            )
        ),
        Topic.Asked(
            "change of load",
            ("The load is changed between rounds: does the clock run on?", "La carga se cambia entre rondas: ¿sigue el reloj?"),
            "on the clock",
            ("One clock for all lanes.", "Un reloj para todas las calles."),
            new(
                "on the clock",
                ("The change is part of the work", "El cambio es parte del trabajo"),
                ("Count the next rep at the new load only.", "Contar la siguiente solo con la carga nueva."),
                ("Be quick at the plates.", "Ser rápido con los discos.")
            ),
            new(
                "in a rest",
                ("The change has a rest of its own", "El cambio tiene un descanso propio"),
                ("Write when the rest began; say “go” at its end.", "Anotar cuándo empezó el descanso; decir «ya» al final."),
                ("Rest and load until “go”.", "Descansar y cargar hasta el «ya».")
            )
            {
                NeedsLine = true,
            }
        ),
    ];
}
