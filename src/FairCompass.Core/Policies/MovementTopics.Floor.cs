using FairCompass.Core.Quantities;
using FairCompass.Core.Standards.Phrases;

namespace FairCompass.Core.Policies;

/// <content>Topics of burpees, boxes, lunges, walls, rings and machines on which floors differ.</content>
internal static partial class MovementTopics
{
    private static Eq<Topic> Floor =>
        [
            T(
                "burpee chest",
                ("Burpees: chest and thighs, or the chest alone?", "Burpees: ¿pecho y muslos, o solo el pecho?"),
                "chest and thighs",
                ("It keeps the hips from staying up.", "Evita que la cadera se quede arriba."),
                S(
                    "chest and thighs",
                    ("Chest and thighs", "Pecho y muslos"),
                    ("See both on the floor.", "Ver los dos en el suelo."),
                    ("Lie flat.", "Tumbarse del todo."),
                    OnTheFloor.ChestDown
                ),
                S(
                    "chest",
                    ("Chest", "Pecho"),
                    ("See the chest touch.", "Ver tocar el pecho."),
                    ("Chest to the floor.", "Pecho al suelo."),
                    OnTheFloor.ChestOnly
                )
            ),
            T(
                "stand on the box",
                ("Burpee box jump: stand tall on top?", "Burpee con salto al cajón: ¿ponerse de pie arriba?"),
                "feet on top",
                ("It has the fewest disputes.", "Es lo que menos se discute."),
                S(
                    "feet on top",
                    ("Feet on top are enough", "Bastan los pies arriba"),
                    ("See both feet on top.", "Ver los dos pies arriba."),
                    ("Both feet on top.", "Los dos pies arriba."),
                    OnTheFloor.BoxFeetOnTop
                ),
                S(
                    "stand tall",
                    ("Stand tall", "De pie"),
                    ("See hips and knees straight.", "Ver cadera y rodillas rectas."),
                    ("Stand up on the box.", "Ponerse de pie en el cajón."),
                    OnTheFloor.BoxStand
                )
            ),
            T(
                "hands at the target",
                ("Burpee to the target: one hand or both?", "Burpee al blanco: ¿una mano o las dos?"),
                "both",
                ("Both hands make the reach the same for all.", "Las dos manos igualan el alcance."),
                S(
                    "both",
                    ("Both hands", "Las dos manos"),
                    ("See both touch.", "Ver tocar las dos."),
                    ("Touch with both.", "Tocar con las dos."),
                    OnTheFloor.TouchTarget
                ),
                S(
                    "one",
                    ("One hand", "Una mano"),
                    ("See one touch.", "Ver un contacto."),
                    ("Touch with one.", "Tocar con una."),
                    OnTheFloor.TouchTargetOne
                )
            ),
            T(
                "touch of the bar",
                ("Burpees over the bar: is a touch a no-rep?", "Burpees sobre la barra: ¿tocarla es no rep?"),
                "only if it moves",
                ("A bar that moves is seen; a brush is argued.", "Una barra que se mueve se ve; un roce se discute."),
                S(
                    "only if it moves",
                    ("Only if it moves", "Solo si se mueve"),
                    ("See the bar move.", "Ver moverse la barra."),
                    ("Do not move the bar.", "No mover la barra."),
                    OnTheFloor.OverBar
                ),
                S(
                    "contact",
                    ("Any contact", "Cualquier contacto"),
                    ("Watch shoes and plates.", "Vigilar zapatillas y discos."),
                    ("Touch nothing.", "No tocar nada."),
                    OnTheFloor.OverBarClear
                )
            ),
            T(
                "jumping on the box",
                ("Box step-overs: may athletes jump?", "Pasos por encima del cajón: ¿puede saltar el atleta?"),
                "allowed",
                ("Feet on top are seen either way.", "Los pies arriba se ven igual."),
                S(
                    "allowed",
                    ("Allowed", "Permitido"),
                    ("See both feet on top.", "Ver los dos pies arriba."),
                    ("Step or jump.", "Con paso o con salto."),
                    OnTheFloor.BoxStep
                ),
                S(
                    "step only",
                    ("Step only", "Solo con paso"),
                    ("Watch the take-off.", "Vigilar el despegue."),
                    ("One foot after the other.", "Un pie tras otro."),
                    OnTheFloor.BoxStepOnly
                )
            ),
            T(
                "section of a lunge",
                ("Lunges: what must cross the mark?", "Zancadas: ¿qué debe pasar la marca?"),
                "both heels",
                ("The step is finished, and seen.", "El paso está terminado, y se ve."),
                S(
                    "both heels",
                    ("Both heels", "Los dos talones"),
                    ("See floor behind both heels.", "Ver suelo detrás de los dos talones."),
                    ("Bring both feet over.", "Pasar los dos pies."),
                    OnTheFloor.SectionFeet
                ),
                S(
                    "front foot",
                    ("The front foot", "El pie delantero"),
                    ("See the front foot over.", "Ver pasar el pie delantero."),
                    ("Step over with the front foot.", "Pasar con el pie delantero."),
                    OnTheFloor.SectionFrontFoot
                )
            ),
            T(
                "rest in a section",
                ("Who rests inside a section?", "¿Y quien descansa dentro de un tramo?"),
                "from the last mark",
                ("Nobody has to remember where it was.", "Nadie tiene que recordar dónde fue."),
                S(
                    "from the last mark",
                    ("Begins again behind the last mark", "Empieza detrás de la última marca"),
                    ("Point at the mark.", "Señalar la marca."),
                    ("Rest on the marks.", "Descansar en las marcas."),
                    OnTheFloor.RestInSection
                ),
                S(
                    "goes on",
                    ("Goes on from there", "Sigue desde ahí"),
                    ("Remember the place.", "Recordar el sitio."),
                    ("Stay where you stopped.", "Quedarse donde se paró."),
                    OnTheFloor.RestGoesOn
                )
            ),
            T(
                "handle let go",
                ("Rowing machine: a handle that is let go?", "Remo: ¿un tirador que se suelta?"),
                "replace and go on",
                ("It spares the machine and costs what it should.", "Cuida la máquina y cuesta lo justo."),
                S(
                    "replace and go on",
                    ("Put it back, then go on", "Dejarlo en su sitio y seguir"),
                    ("Call “handle”.", "Decir «tirador»."),
                    ("Put it in its holder.", "Dejarlo en su soporte."),
                    OnTheFloor.HandleBack
                ),
                S(
                    "nothing",
                    ("Nothing", "Nada"),
                    ("Nothing to look at.", "Nada que mirar."),
                    ("Leave when the number is called.", "Salir al oír el número."),
                    OnTheFloor.HandleFree
                ),
                S(
                    "five seconds",
                    ("Five seconds", "Cinco segundos"),
                    ("Count five aloud.", "Contar cinco en voz alta."),
                    ("Wait for five.", "Esperar a cinco."),
                    OnTheFloor.HandlePenalty
                )
            ),
            T(
                "glide",
                ("Ring muscle-ups: heels over the rings?", "Ring muscle-ups: ¿talones por encima de las anillas?"),
                "good",
                ("The lock-out is what is seen by all.", "El bloqueo es lo que todos ven."),
                S(
                    "good",
                    ("Good; judge the lock-out", "Válido; se juzga el bloqueo"),
                    ("Judge the lock-out only.", "Juzgar solo el bloqueo."),
                    ("Swing as you like.", "Balancear como se quiera."),
                    Hanging.GlideGood
                ),
                S(
                    "no rep",
                    ("No rep", "No rep"),
                    ("Watch the heels.", "Vigilar los talones."),
                    ("Heels below the rings.", "Talones por debajo de las anillas."),
                    Hanging.HeelsBelowRings
                )
            ),
            T(
                "hips on the wall",
                ("Handstand push-ups: hips on the wall in the finish?", "Handstand push-ups: ¿cadera en la pared al final?"),
                "off in the finish",
                ("The finish is a line that can be seen.", "El final es una línea que se ve."),
                S(
                    "off in the finish",
                    ("Off in the finish", "Separada en el final"),
                    ("See light behind the hips.", "Ver luz detrás de la cadera."),
                    ("Only the heels touch.", "Solo tocan los talones."),
                    Hanging.HipsOff
                ),
                S(
                    "allowed",
                    ("Allowed", "Permitida"),
                    ("Judge heels and elbows.", "Juzgar talones y codos."),
                    ("Lean if you like.", "Se puede apoyar."),
                    Hanging.HipsOnGood
                )
            ),
            T(
                "toes contact",
                ("Toes-to-bar: which part of the feet?", "Toes to bar: ¿qué parte de los pies?"),
                "any part",
                ("A touch is a touch.", "Un contacto es un contacto."),
                S(
                    "any part",
                    ("Any part of both feet", "Cualquier parte de los dos pies"),
                    ("See the touch.", "Ver el contacto."),
                    ("Touch with the feet.", "Tocar con los pies."),
                    Hanging.AnyPartOfFeet
                ),
                S(
                    "toes",
                    ("Toes only", "Solo los dedos"),
                    ("See the toes touch.", "Ver tocar los dedos."),
                    ("Toes to the bar.", "Los dedos a la barra."),
                    Hanging.ToesOnly
                )
            ),
            T(
                "chest on the rings",
                ("Ring rows: where do the rings touch?", "Ring rows: ¿dónde tocan las anillas?"),
                "below the collarbone",
                ("It keeps the neck out.", "Deja fuera el cuello."),
                S(
                    "below the collarbone",
                    ("Below the collarbone", "Por debajo de la clavícula"),
                    ("See where they touch.", "Ver dónde tocan."),
                    ("Pull to the chest.", "Tirar hasta el pecho."),
                    Hanging.PullToRing
                ),
                S(
                    "any",
                    ("Any part of the chest", "Cualquier parte del pecho"),
                    ("Any touch is good.", "Cualquier contacto vale."),
                    ("Touch the chest.", "Tocar el pecho."),
                    Hanging.PullToRingAny
                )
            ),
        ];
}
