using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Policies;

/// <summary>Topics about the floor, the clock, and the score. Nobody has said them until somebody does: they have no default.</summary>
internal static class FloorTopics
{
    private static School S(string name, Said label, Said judges, Said athletes) => new(name, label, judges, athletes);

    public static Eq<Topic> All { get; } =
    [
        Topic.Asked(
            "capped score",
            ("For time: how is somebody scored who does not finish?", "Por tiempo: ¿cómo puntúa quien no termina?"),
            "cap line",
            (
                "It never adds seconds to reps, so it stays right when values are summed.",
                "Nunca suma segundos a repeticiones, así que sigue bien al sumar valores."
            ),
            S(
                "cap line",
                ("Cap line: finishers first, then by reps", "Línea de tope: primero quien termina, luego por repeticiones"),
                ("Write the reps at the cap.", "Anotar las repeticiones en el tope."),
                ("Every rep counts at the cap.", "Cada repetición cuenta en el tope.")
            ),
            S(
                "penalty",
                ("Penalty: cap plus 1 s per missing rep", "Penalización: tope más 1 s por repetición que falta"),
                ("Write the reps at the cap.", "Anotar las repeticiones en el tope."),
                ("Each missing rep costs a second.", "Cada repetición que falta cuesta un segundo.")
            )
        ),
        Topic.Asked(
            "tie-break",
            ("Equal scores: a tie-break, or a shared place?", "Puntuaciones iguales: ¿desempate o puesto compartido?"),
            "shared",
            (
                "A shared place is never wrong; a tie-break time must be read on every card.",
                "Un puesto compartido nunca es erróneo; un tiempo de desempate hay que leerlo en cada tarjeta."
            ),
            S(
                "shared",
                ("The place is shared", "Se comparte el puesto"),
                ("No time to take.", "Ningún tiempo que tomar."),
                ("1, 2, 2, 4.", "1, 2, 2, 4.")
            ),
            S(
                "time",
                ("Time at a named checkpoint", "Tiempo en un punto indicado"),
                ("Write the clock at the checkpoint.", "Anotar el reloj en el punto."),
                ("Be early at the checkpoint.", "Llegar antes al punto.")
            )
        ),
        Topic.Asked(
            "bell",
            ("A rep begun before the bell and ended after it?", "¿Una repetición empezada antes de la señal y terminada después?"),
            "finished",
            ("Finished is what a judge has seen.", "Terminada es lo que el juez ha visto."),
            S(
                "finished",
                ("Counts when finished before the bell", "Cuenta si termina antes de la señal"),
                ("Nothing after the bell counts.", "Nada cuenta después de la señal."),
                ("Finish before the bell.", "Terminar antes de la señal.")
            ),
            S(
                "begun",
                ("Counts when begun before the bell", "Cuenta si empieza antes de la señal"),
                ("See the rep through.", "Ver la repetición hasta el final."),
                ("Begin before the bell.", "Empezar antes de la señal.")
            ),
            S(
                "finished and steady",
                ("Counts when finished and steady", "Cuenta si termina y está estable"),
                ("See it steady before the bell.", "Verla estable antes de la señal."),
                ("Be steady before the bell.", "Estar estable antes de la señal.")
            )
        ),
        Topic.Asked(
            "doubtful rep",
            ("A rep the judge did not see well?", "¿Una repetición que el juez no vio bien?"),
            "credit",
            (
                "On the floor the athlete should not pay for the judge’s place.",
                "En pista el atleta no debe pagar por la posición del juez."
            ),
            S(
                "credit",
                ("Credited", "Se acredita"),
                ("In doubt it counts; move to see the next.", "En la duda cuenta; moverse para ver la siguiente."),
                ("In doubt it counts.", "En la duda cuenta.")
            ),
            S(
                "no rep",
                ("No rep", "No rep"),
                ("In doubt it does not count.", "En la duda no cuenta."),
                ("Show every rep clearly.", "Mostrar cada repetición.")
            )
        ),
        Topic.Asked(
            "plates",
            ("Who loads and changes plates?", "¿Quién carga y cambia los discos?"),
            "athlete",
            ("The athlete knows the bar that is lifted.", "El atleta conoce la barra que levanta."),
            S(
                "athlete",
                ("The athlete, on the clock", "El atleta, con el reloj en marcha"),
                ("Watch the load and the clips.", "Vigilar la carga y los cierres."),
                ("Plan your changes.", "Planear los cambios.")
            ),
            S(
                "floor crew",
                ("The floor crew", "El equipo de pista"),
                ("Stand back until the crew is done.", "Apartarse hasta que terminen."),
                ("Ask for the bar early.", "Pedir la barra pronto.")
            ),
            S(
                "team mates",
                ("Team mates", "Los compañeros"),
                ("Only the own team touches plates.", "Solo el propio equipo toca discos."),
                ("Help each other.", "Ayudarse.")
            )
        ),
        Topic.Asked(
            "bar weight",
            ("Is the bar part of the published load?", "¿La carga publicada incluye la barra?"),
            "included",
            ("A load is what leaves the floor.", "La carga es lo que se levanta."),
            S(
                "included",
                ("Included", "Incluida"),
                ("Add the bar when you check.", "Sumar la barra al comprobar."),
                ("The load is bar and plates.", "La carga es barra y discos.")
            )
        ) with
        {
            // A load is bar and plates on every card, plan and ceiling; there is no other answer to sign.
            Default = "included",
            Retired = ["not included"],
        },
        Topic.Asked(
            "spotting",
            ("Who may spot, and what does a spotted rep count?", "¿Quién puede ayudar, y qué vale una repetición ayudada?"),
            "named spotters, no rep",
            ("Safety first; a touched rep is not the athlete’s.", "Primero la seguridad; una repetición tocada no es del atleta."),
            S(
                "named spotters, no rep",
                ("Named spotters; the rep does not count", "Ayudantes designados; la repetición no cuenta"),
                ("A touch voids the rep.", "Un toque anula la repetición."),
                ("Say when you need help.", "Avisar si hace falta ayuda.")
            ),
            S(
                "nobody",
                ("Nobody spots", "Nadie ayuda"),
                ("Stop the lane in danger.", "Parar la calle si hay peligro."),
                ("Rack or drop to safety.", "Dejar en el soporte o soltar con seguridad.")
            )
        ),
        Topic.Asked(
            "counting",
            (
                "What do a calorie, a metre and a section count, for men and women?",
                "¿Cuánto cuenta una caloría, un metro o un tramo, para hombres y mujeres?"
            ),
            "one each",
            ("One unit, one rep, the same for both.", "Una unidad, una repetición, igual para ambos."),
            S(
                "one each",
                ("One each, the same for both sexes", "Uno cada uno, igual para ambos sexos"),
                ("Read the number.", "Leer el número."),
                ("Each counts one.", "Cada uno cuenta uno.")
            ),
            S(
                "as written",
                ("As the workout writes it", "Como lo escribe la prueba"),
                ("The card shows the worth.", "La tarjeta muestra el valor."),
                ("See the workout.", "Ver la prueba.")
            )
        ),
        Topic.Asked(
            "own rest",
            (
                "A rest of the athlete’s own: who restarts, and does it run against the cap?",
                "Descanso propio del atleta: ¿quién reinicia y corre contra el tope?"
            ),
            "judge restarts, on the clock",
            ("The card then shows both times.", "La tarjeta muestra entonces los dos tiempos."),
            S(
                "judge restarts, on the clock",
                ("The judge restarts; the cap runs on", "Reinicia el juez; el tope sigue"),
                ("Say “go” at the written time.", "Decir «ya» a la hora anotada."),
                ("Wait for “go”.", "Esperar el «ya».")
            ),
            S(
                "athlete restarts, on the clock",
                ("The athlete restarts; the cap runs on", "Reinicia el atleta; el tope sigue"),
                ("Check the time of the restart.", "Comprobar la hora del reinicio."),
                ("Watch the clock yourself.", "Mirar el reloj.")
            )
        ),
        Topic.Asked(
            "hand tag",
            ("Does a hand-over need a tag?", "¿El relevo necesita toque de manos?"),
            "no",
            ("One thing less to see.", "Una cosa menos que ver."),
            S(
                "yes",
                ("Hand tag", "Toque de manos"),
                ("See the tag.", "Ver el toque."),
                ("Tag before you start.", "Tocar antes de empezar.")
            ),
            S(
                "no",
                ("No tag", "Sin toque"),
                ("See that one stops before the other starts.", "Ver que uno para antes de que empiece otro."),
                ("Start when your partner has stopped.", "Empezar cuando pare el compañero.")
            )
        ),
        Topic.Asked(
            "team order",
            ("Teams: who works when?", "Equipos: ¿quién trabaja y cuándo?"),
            "free",
            ("Teams plan best themselves.", "Los equipos planean mejor."),
            S(
                "free",
                ("Free order and split", "Orden y reparto libres"),
                ("Count for the team.", "Contar para el equipo."),
                ("Split as you like.", "Repartir como se quiera.")
            ),
            S(
                "fixed",
                ("Fixed order, as on the card", "Orden fijo, como en la tarjeta"),
                ("Check who starts.", "Comprobar quién empieza."),
                ("Keep the order.", "Mantener el orden.")
            ) with
            {
                NeedsLine = true,
            }
        ),
        Topic.Asked(
            "mixed heights",
            ("Mixed teams: whose height, target or calories?", "Equipos mixtos: ¿qué altura, blanco o calorías?"),
            "own",
            ("Everybody works at the own standard.", "Cada cual con su estándar."),
            S(
                "own",
                ("Each at their own", "Cada uno la suya"),
                ("Check with each change.", "Comprobar en cada cambio."),
                ("Use your own.", "Usar la propia.")
            ),
            S(
                "one for all",
                ("One for the team, as written", "Una para el equipo, como está escrito"),
                ("One height for the lane.", "Una altura para la calle."),
                ("The same for all.", "La misma para todos.")
            ) with
            {
                NeedsLine = true,
            }
        ),
        Topic.Asked(
            "uncounted moves",
            ("A move that is not counted: what if it is skipped or wrong?", "Un movimiento que no cuenta: ¿y si se omite o está mal?"),
            "must be made good",
            ("Otherwise the fastest way is to skip it.", "Si no, lo más rápido es omitirlo."),
            S(
                "must be made good",
                ("Must be made good before the next rep counts", "Debe hacerse bien antes de que cuente la siguiente"),
                ("Hold the count until it is done.", "Parar la cuenta hasta que esté hecho."),
                ("Do it fully.", "Hacerlo entero.")
            ),
            S(
                "not at the bell",
                ("Must be made good, but not at the bell", "Debe hacerse bien, pero no al sonar la señal"),
                ("Hold the count; at the bell nothing is taken off.", "Parar la cuenta; al sonar la señal no se descuenta nada."),
                ("Do it fully while the clock runs.", "Hacerlo entero mientras corre el reloj.")
            ),
            S(
                "not judged",
                ("Not judged", "No se juzga"),
                ("Nothing to look at.", "Nada que mirar."),
                ("Do it as you can.", "Hacerlo como se pueda.")
            )
        ),
        Topic.Asked(
            "score weights",
            ("Several scores from one run: what does each weigh?", "Varias puntuaciones de una prueba: ¿cuánto pesa cada una?"),
            "equal",
            ("Equal is what people expect.", "Igual es lo que se espera."),
            S(
                "equal",
                ("Equal", "Igual"),
                ("Nothing to do.", "Nada que hacer."),
                ("Each is an event of its own.", "Cada una es una prueba.")
            ),
            S(
                "as written",
                ("As written under each score", "Como está escrito en cada puntuación"),
                ("Nothing to do.", "Nada que hacer."),
                ("See the scoring.", "Ver la puntuación.")
            ) with
            {
                NeedsLine = true,
            }
        ),
        Topic.Asked(
            "measuring",
            (
                "Who measures lines and heights, when, and what if a mark is lost?",
                "¿Quién mide líneas y alturas, cuándo, y si se pierde una marca?"
            ),
            "at check-in",
            ("One crew with one tape gives one standard.", "Un equipo con una cinta da un solo criterio."),
            S(
                "at check-in",
                (
                    "The floor crew at check-in, written down; a lost mark is measured again",
                    "El equipo de pista en el registro, por escrito; una marca perdida se mide de nuevo"
                ),
                ("Read the value off the card.", "Leer el valor en la tarjeta."),
                ("Be measured at check-in.", "Medirse en el registro.")
            ),
            S(
                "by the judge",
                (
                    "The lane judge before the heat, written down; a lost mark is measured again",
                    "El juez de calle antes de la tanda, por escrito; una marca perdida se mide de nuevo"
                ),
                ("Measure before the call-up ends.", "Medir antes de la llamada."),
                ("Be early in your lane.", "Llegar pronto a la calle.")
            )
        ),
        Topic.Asked(
            "judges",
            ("How many judges does a lane need?", "¿Cuántos jueces necesita una calle?"),
            "one per station",
            ("Nobody can watch two places.", "Nadie puede vigilar dos sitios."),
            S(
                "one per station",
                ("One per station worked at once", "Uno por estación a la vez"),
                ("Watch your station only.", "Vigilar solo la propia estación."),
                ("Your judge is at your station.", "El juez está en la estación.")
            ),
            S(
                "one per lane",
                ("One per lane", "Uno por calle"),
                ("Move with the work.", "Moverse con el trabajo."),
                ("One judge follows you.", "Un juez te sigue.")
            ) with
            {
                NeedsLine = true,
            }
        ),
        Topic.Asked(
            "other documents",
            ("Does any other document hold?", "¿Vale algún otro documento?"),
            "none",
            ("What is not here cannot be judged here.", "Lo que no está aquí no se puede juzgar aquí."),
            S(
                "none",
                ("None: only what is printed here", "Ninguno: solo lo impreso aquí"),
                ("Judge by this page.", "Juzgar por esta página."),
                ("Only this page holds.", "Solo vale esta página.")
            )
        ) with
        {
            TakesWords = true,
        },
        Topic.Asked(
            "last rung",
            ("A ladder that ends: what after the last rung?", "Una escalera que acaba: ¿qué sigue al último peldaño?"),
            "repeats",
            ("Nobody is stopped by the list.", "Nadie se queda parado por la lista."),
            S(
                "repeats",
                ("The last rung repeats", "Se repite el último peldaño"),
                ("Go on counting.", "Seguir contando."),
                ("Go on at the last rung.", "Seguir en el último peldaño.")
            ),
            S(
                "ends",
                ("The work ends", "El trabajo termina"),
                ("Write the time.", "Anotar el tiempo."),
                ("You are done.", "Se acaba.")
            ) with
            {
                NeedsLine = true,
            }
        ),
    ];
}
