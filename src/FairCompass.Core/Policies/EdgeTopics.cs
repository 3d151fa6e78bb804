using FairCompass.Core.Quantities;

namespace FairCompass.Core.Policies;

/// <summary>Topics about the edges of the clock and of a lane: the bell, a distance that it cuts off, a gate, the start, what
/// breaks. The schools are common
/// practice; nobody has said them until somebody does.</summary>
internal static class EdgeTopics
{
    public static Eq<Topic> All { get; } =
    [
        Topic.Asked(
            "partial distance",
            ("A distance that the clock cuts off: what counts of it?", "Una distancia que corta el reloj: ¿qué cuenta?"),
            "whole sections",
            ("What is marked on the floor can be seen from the lane.", "Lo marcado en el suelo se ve desde la calle."),
            new School(
                "whole sections",
                ("Whole sections; where nothing is marked, whole metres", "Tramos enteros; donde no hay marcas, metros enteros"),
                ("Look for the last mark that is passed completely.", "Mirar la última marca pasada por completo."),
                ("A section that is begun counts nothing.", "Un tramo empezado no cuenta nada.")
            ),
            new School(
                "the mark passed",
                ("Up to the last mark that any part has passed", "Hasta la última marca que haya pasado cualquier parte"),
                ("Look for the last mark that is reached over.", "Mirar la última marca alcanzada."),
                ("Reach over the mark.", "Pasar la marca.")
            )
        ),
        Topic.Asked(
            "bell for lifts",
            (
                "A heaviest lift on its way at the bell: when does it count?",
                "Un levantamiento máximo en curso al sonar la señal: ¿cuándo cuenta?"
            ),
            "finished and steady",
            ("A load that still moves has not been lifted.", "Una carga que aún se mueve no está levantada."),
            new(
                "finished",
                ("Counts when finished before the bell", "Cuenta si termina antes de la señal"),
                ("Look at the finish position, then at the clock.", "Mirar la posición final y después el reloj."),
                ("Be in the finish position before the bell.", "Estar en la posición final antes de la señal.")
            ),
            new(
                "begun",
                ("Counts when begun before the bell", "Cuenta si empieza antes de la señal"),
                ("See the lift through.", "Ver el levantamiento hasta el final."),
                ("Lift the bar before the bell.", "Levantar la barra antes de la señal.")
            ),
            new(
                "finished and steady",
                ("Counts when finished and steady", "Cuenta si termina y está estable"),
                ("See it steady before the bell.", "Verlo estable antes de la señal."),
                ("Be steady before the bell.", "Estar estable antes de la señal.")
            )
        ),
        Topic.Asked(
            "gate on the second",
            ("Is a gate passed that is reached exactly on its second?", "¿Se pasa un corte alcanzado justo en su segundo?"),
            "counts",
            (
                "“At or before” is what a hall clock in whole seconds can show.",
                "«A o antes de» es lo que muestra un reloj de segundos enteros."
            ),
            new(
                "counts",
                ("Passed: at or before", "Se pasa: a o antes de"),
                ("Write the gate’s own second.", "Anotar el segundo del corte."),
                ("At the second is in time.", "En el segundo es a tiempo.")
            ),
            new(
                "misses",
                ("Missed: only before", "No se pasa: solo antes"),
                ("Stop the athlete at the call.", "Parar al atleta con el aviso."),
                ("Be there a second earlier.", "Llegar un segundo antes.")
            )
        ),
        Topic.Asked(
            "what breaks",
            (
                "A monitor goes dark, kit breaks, or the judge lost count: what then?",
                "Un monitor se apaga, se rompe material o el juez pierde la cuenta: ¿qué pasa?"
            ),
            "last written number",
            ("Only a number that was written can be trusted.", "Solo es fiable un número anotado."),
            new(
                "last written number",
                ("On from the last number that was written", "Sigue desde el último número anotado"),
                ("Write often; say the number on which it goes on.", "Anotar a menudo; decir el número con el que se sigue."),
                ("Go on at once, at the place you are given.", "Seguir enseguida, en el lugar que te den.")
            ),
            new(
                "again in a later heat",
                ("Again in a later heat", "Otra vez en una tanda posterior"),
                ("Stop the lane and call the head judge.", "Parar la calle y llamar al juez principal."),
                ("Rest: you start anew.", "Descansar: se empieza de nuevo.")
            ),
            new(
                "head judge decides",
                ("The head judge decides after the heat", "Decide el juez principal después de la tanda"),
                ("Count on, and note clock and number.", "Seguir contando y anotar reloj y número."),
                ("Do not stop.", "No parar.")
            )
        ),
        Topic.Asked(
            "false start",
            ("An athlete starts before “go”: what then?", "Un atleta sale antes de «ya»: ¿qué pasa?"),
            "back behind the line",
            ("It costs what it gained, and no other lane waits.", "Cuesta lo que ganó, y ninguna otra calle espera."),
            new(
                "back behind the line",
                ("Back behind the line, then on", "Detrás de la línea y después sigue"),
                ("Call it at once; count from the second start.", "Avisar enseguida; contar desde la segunda salida."),
                ("Go back, then start.", "Volver y salir.")
            ),
            new(
                "five seconds",
                ("Five seconds are added", "Se añaden cinco segundos"),
                ("Note it on the card.", "Anotarlo en la tarjeta."),
                ("It costs five seconds.", "Cuesta cinco segundos.")
            ),
            new(
                "heat again",
                ("The heat starts again", "La tanda empieza de nuevo"),
                ("Raise the hand; stop the lane.", "Levantar la mano; parar la calle."),
                ("Stop at the call.", "Parar con el aviso.")
            )
        ),
        Topic.Asked(
            "before go",
            ("What may an athlete touch before “go”?", "¿Qué puede tocar un atleta antes de «ya»?"),
            "nothing",
            ("A judge sees it from any place.", "El juez lo ve desde cualquier sitio."),
            new(
                "nothing",
                ("Nothing: all stand behind the line", "Nada: todos detrás de la línea"),
                ("Look at the feet.", "Mirar los pies."),
                ("Stand behind the line.", "Estar detrás de la línea.")
            ),
            new(
                "hands on the kit",
                ("Hands on the kit, nothing moves", "Manos en el material, nada se mueve"),
                ("See that nothing moves.", "Ver que nada se mueve."),
                ("Touch, but do not lift.", "Tocar, pero no levantar.")
            ),
            new(
                "seated",
                ("Seated at the machine, handle in its holder", "Sentado en la máquina, tirador en su sitio"),
                ("See the monitor at zero.", "Ver el monitor a cero."),
                ("Sit; leave the handle.", "Sentarse; dejar el tirador.")
            )
        ),
    ];
}
