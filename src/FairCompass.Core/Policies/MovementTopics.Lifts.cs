using FairCompass.Core.Quantities;
using FairCompass.Core.Standards.Phrases;

namespace FairCompass.Core.Policies;

/// <content>Topics of bars, dumbbells and balls on which floors differ. The answers in force are those with the fewest disputes (common
/// practice).</content>
internal static partial class MovementTopics
{
    private static Eq<Topic> Lifts =>
        [
            T(
                "press-out",
                ("A load that is pressed out overhead?", "¿Una carga que termina empujada arriba?"),
                "no rep in jerks",
                (
                    "Any way overhead is judged by its finish; a jerk by name is caught on straight arms.",
                    "Subir de cualquier manera se juzga por el final; un envión por su nombre se recibe con los brazos rectos."
                ),
                S(
                    "no rep in jerks",
                    ("No rep in a lift named jerk, else good", "No rep en un envión por su nombre; si no, válida"),
                    ("Watch the elbows in jerks only.", "Vigilar los codos solo en enviones."),
                    ("Catch a jerk on straight arms.", "Recibir el envión con los brazos rectos.")
                ),
                S(
                    "good",
                    ("Good", "Válida"),
                    ("Judge the lock-out only.", "Juzgar solo el bloqueo."),
                    ("Pressing it out is allowed.", "Se permite terminar empujando."),
                    Lifting.PressOutGood
                ),
                S(
                    "no rep",
                    ("No rep", "No rep"),
                    ("Watch the elbows as the load arrives.", "Vigilar los codos cuando llega la carga."),
                    ("Catch it on straight arms.", "Recibirla con los brazos rectos."),
                    Lifting.NoPressOut
                )
            ),
            T(
                "ridden down",
                ("A squat lift received high and carried down?", "¿Un levantamiento completo recibido alto y bajado?"),
                "good",
                ("One movement is seen; the height of the catch is not.", "Se ve un movimiento; la altura de la recepción no."),
                S(
                    "good",
                    ("Good, in one movement", "Válido, en un movimiento"),
                    ("See no stop above the knee.", "No ver parada por encima de la rodilla."),
                    ("Do not stop on the way down.", "No pararse al bajar."),
                    Lifting.SquatReceive
                ),
                S(
                    "no rep",
                    ("No rep: received low", "No rep: se recibe bajo"),
                    ("See the catch below the knee.", "Ver la recepción por debajo de la rodilla."),
                    ("Catch it low.", "Recibir abajo."),
                    Lifting.SquatReceiveLow
                ),
                S(
                    "two movements",
                    ("Two movements are good", "Dos movimientos son válidos"),
                    ("See the squat, whenever it comes.", "Ver la sentadilla, cuando llegue."),
                    ("A power lift and a squat is good.", "Vale de potencia y sentadilla."),
                    Lifting.SquatReceiveTwo
                )
            ),
            T(
                "heads of a dumbbell",
                ("Dumbbells: must one head touch, or both?", "Mancuernas: ¿toca una cabeza o las dos?"),
                "one",
                ("One touch is seen at speed.", "Un contacto se ve a velocidad."),
                S(
                    "one",
                    ("One head", "Una cabeza"),
                    ("See one touch.", "Ver un contacto."),
                    ("One head touches.", "Toca una cabeza."),
                    Entry.HeadsOnFloor,
                    Lifting.ShoulderEachRep
                ),
                S(
                    "both",
                    ("Both heads", "Las dos cabezas"),
                    ("See both heads touch.", "Ver tocar las dos cabezas."),
                    ("Both heads touch.", "Tocan las dos cabezas."),
                    Entry.BothHeadsOnFloor,
                    Lifting.ShoulderBothHeads
                )
            ),
            T(
                "snatch as first rep",
                ("Overhead squats: may a snatch be the first?", "Overhead squats: ¿puede una arrancada ser la primera?"),
                "counts",
                ("Received below, it is that squat.", "Recibida abajo, es esa sentadilla."),
                S(
                    "counts",
                    ("Counts when received below", "Cuenta si se recibe abajo"),
                    ("See the catch below the knee.", "Ver la recepción por debajo de la rodilla."),
                    ("Catch it low, and it is the first.", "Recibirla abajo, y es la primera."),
                    Lifting.SnatchFirst
                ),
                S(
                    "does not count",
                    ("Does not count", "No cuenta"),
                    ("See the athlete stand first.", "Ver al atleta de pie antes."),
                    ("Stand up, then squat.", "Ponerse de pie y bajar."),
                    Lifting.SnatchNotFirst
                )
            ),
            T(
                "from the pick-up",
                ("Wall balls: straight from the pick-up into the squat?", "Balón a la pared: ¿de la recogida directo a la sentadilla?"),
                "may",
                ("The squat is judged all the same.", "La sentadilla se juzga igual."),
                S(
                    "may",
                    ("May be squatted straight up", "Puede subirse directamente"),
                    ("Judge depth and hit.", "Juzgar profundidad e impacto."),
                    ("Pick up and throw.", "Recoger y lanzar."),
                    OnTheFloor.BallPickUp
                ),
                S(
                    "stand first",
                    ("Must stand first", "Antes de pie"),
                    ("See the athlete stand with the ball.", "Ver al atleta de pie con el balón."),
                    ("Stand, then squat.", "De pie y bajar."),
                    OnTheFloor.BallStandFirst
                )
            ),
            T(
                "alternate arms",
                ("One-arm lifts: must the arms take turns?", "Levantamientos a un brazo: ¿se alternan los brazos?"),
                "as written",
                ("A task that asks for turns says so.", "Una tarea que pide alternar lo dice."),
                S(
                    "as written",
                    ("As the task says, else free", "Como diga la tarea; si no, libre"),
                    ("Read the task.", "Leer la tarea."),
                    ("Read the task.", "Leer la tarea."),
                    Lifting.HandsAsWritten
                ),
                S(
                    "free",
                    ("Free", "Libre"),
                    ("Nothing to look at.", "Nada que mirar."),
                    ("Either arm, any time.", "Cualquier brazo, siempre."),
                    Lifting.HandsFree
                ),
                S(
                    "every rep",
                    ("Every rep", "En cada repetición"),
                    ("Watch which arm lifts.", "Vigilar qué brazo levanta."),
                    ("Change arms every rep.", "Cambiar de brazo cada vez."),
                    Lifting.HandsTurn
                )
            ),
            T(
                "straps",
                ("Straps, belt and gloves?", "¿Correas, cinturón y guantes?"),
                "no straps",
                ("Straps hold the bar for the athlete.", "Las correas sujetan la barra por el atleta."),
                S(
                    "no straps",
                    ("No straps", "Sin correas"),
                    ("Look once before go.", "Mirar una vez antes de empezar."),
                    ("Belt and gloves are allowed.", "Se permiten cinturón y guantes."),
                    Lifting.NoStraps
                ),
                S(
                    "allowed",
                    ("Allowed", "Permitidos"),
                    ("Nothing to look at.", "Nada que mirar."),
                    ("Use them if you like.", "Se pueden usar."),
                    Lifting.StrapsAllowed
                ),
                S(
                    "none",
                    ("None of them", "Ninguno"),
                    ("Look once before go.", "Mirar una vez antes de empezar."),
                    ("Take all of them off.", "Quitarse todo."),
                    Lifting.NoAids
                )
            ),
            T(
                "let go at the top",
                ("Deadlift: the bar is let go at the top?", "Deadlift: ¿se suelta la barra arriba?"),
                "rep is lost",
                ("It is told beforehand, and the floor is spared.", "Se dice de antemano y se cuida el suelo."),
                S(
                    "rep is lost",
                    ("The rep is lost", "Se pierde la repetición"),
                    ("Watch the hands down to the knees.", "Vigilar las manos hasta las rodillas."),
                    ("Hold it to below the knees.", "Sujetarla hasta debajo de las rodillas."),
                    Lifting.LetGoLost
                ),
                S(
                    "rep stays",
                    ("The rep stays; wait for the bar", "La repetición vale; esperar a la barra"),
                    ("Call “wait, bar”.", "Decir «espera, la barra»."),
                    ("Wait until it lies still.", "Esperar a que pare."),
                    Lifting.LetGoStays
                ),
                S(
                    "allowed",
                    ("Allowed", "Permitido"),
                    ("Judge the finish only.", "Juzgar solo el final."),
                    ("Let go once it was seen.", "Soltar una vez visto."),
                    Lifting.LetGoAllowed
                )
            ),
            T(
                "dropping of hand weights",
                ("May dumbbells and kettlebells be dropped?", "¿Se pueden soltar mancuernas y kettlebells?"),
                "put down",
                ("Small heads and hard floors break, and roll.", "Las cabezas pequeñas y los suelos duros se rompen, y ruedan."),
                S(
                    "put down",
                    ("Put down with the hands on it", "Se dejan con las manos"),
                    ("Say it once before you take a rep.", "Decirlo una vez antes de quitar una repetición."),
                    ("Keep the hands on it.", "Sin soltarla."),
                    Lifting.NoThrow
                ),
                S(
                    "allowed",
                    ("Allowed after the finish", "Permitido tras el final"),
                    ("Keep the lane clear.", "Mantener libre la calle."),
                    ("Drop it inside your lane.", "Soltarla dentro de la calle."),
                    Lifting.HandDropAllowed
                ),
                S(
                    "no rep",
                    ("A throw is no rep", "Lanzarla es no rep"),
                    ("Watch the way down.", "Vigilar la bajada."),
                    ("Put it down.", "Dejarla en el suelo."),
                    Lifting.HandDropNoRep
                )
            ),
            T(
                "re-rack",
                (
                    "A heaviest lift: may the bar be put back and taken again?",
                    "Un levantamiento máximo: ¿puede dejarse la barra y volver a tomarse?"
                ),
                "may",
                ("It costs only the lifter’s own time.", "Solo cuesta el tiempo de quien levanta."),
                S(
                    "may",
                    ("May be put back and taken again", "Puede dejarse y volver a tomarse"),
                    ("Call only what began.", "Juzgar solo lo que empezó."),
                    ("Put it back if you doubt.", "Dejarla en caso de duda."),
                    TeamWork.ReRackMay
                ),
                S(
                    "must stand back",
                    ("Between attempts the lifter stands back", "Entre intentos hay que apartarse"),
                    ("See the lifter stand clear.", "Ver a quien levanta apartado."),
                    ("Step back after each attempt.", "Dar un paso atrás tras cada intento."),
                    TeamWork.ReRackNot
                )
            ),
        ];
}
