using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Phrases;

namespace FairCompass.Core.Policies;

/// <content>Topics of balls, walls and bars; in the order in which they are asked.</content>
internal static partial class MovementTopics
{
    private static Eq<Topic> Loads =>
        [
            T(
                "box",
                ("Box jump-overs: feet on top, or may the box be cleared?", "Saltos al cajón: ¿pisarlo o pasarlo sin tocar?"),
                "on top",
                ("A touch on top is safer and easier to see.", "Pisar arriba es más seguro y se ve mejor."),
                S(
                    "on top",
                    ("Both feet on top", "Los dos pies arriba"),
                    ("See both feet on top.", "Ver los dos pies arriba."),
                    ("Stand on top.", "Pisar arriba."),
                    OnTheFloor.BoxTop
                ),
                S(
                    "may be cleared",
                    ("May be cleared", "Se puede pasar sin pisar"),
                    ("Only both sides matter.", "Solo importan los dos lados."),
                    ("Clear it or stand on it.", "Pasarlo o pisarlo."),
                    OnTheFloor.BoxClear
                )
            ),
            T(
                "low catch",
                ("A power lift caught low?", "¿Una cargada o arrancada de potencia recibida baja?"),
                "no rep",
                (
                    "The name says power; the full lift has a name of its own.",
                    "El nombre dice potencia; el levantamiento completo tiene su nombre."
                ),
                S(
                    "no rep",
                    ("No rep", "No rep"),
                    ("See the hip above the knee.", "Ver la cadera por encima de la rodilla."),
                    ("Catch high.", "Recibir alto."),
                    Lifting.PowerHigh
                ),
                S(
                    "good",
                    ("Good", "Válida"),
                    ("Depth is not judged.", "La profundidad no se juzga."),
                    ("Any depth.", "Cualquier profundidad."),
                    Lifting.PowerMayRide
                )
            ),
            T(
                "wall-ball rebound",
                ("A ball that fell: caught on the bounce?", "Un balón caído: ¿se recoge en el bote?"),
                "hold and stand",
                ("A bounce is no squat; everybody starts the same.", "El bote no es una sentadilla; todos empiezan igual."),
                S(
                    "hold and stand",
                    ("Hold still and stand", "Parar y de pie"),
                    ("See the athlete stand.", "Ver al atleta de pie."),
                    ("Pick up, stand, squat.", "Recoger, de pie, bajar."),
                    OnTheFloor.NoBounceCatch
                ),
                S(
                    "bounce allowed",
                    ("Bounce allowed", "Bote permitido"),
                    ("Nothing to look at.", "Nada que mirar."),
                    ("Catch it on the bounce.", "Recogerlo en el bote."),
                    OnTheFloor.BounceCatchAllowed
                )
            ),
            T(
                "chest on the bar",
                ("Muscle-up: caught on the chest?", "Muscle-up: ¿apoyo en el pecho?"),
                "good",
                ("Contact on the way is hard to rule out fairly.", "El contacto en el camino es difícil de excluir con justicia."),
                S(
                    "good",
                    ("Good", "Válida"),
                    ("Judge the lock-out only.", "Juzgar solo el bloqueo."),
                    ("Contact is allowed.", "Se permite el contacto."),
                    Hanging.ChestCatchAllowed
                ),
                S(
                    "no rep",
                    ("No rep", "No rep"),
                    ("Watch the chest on the way.", "Vigilar el pecho en el camino."),
                    ("Stay clear of the bar.", "No apoyarse en la barra."),
                    Hanging.NoChestCatch
                )
            ),
            T(
                "handstand hands",
                ("Handstand push-up: what must be inside the zone?", "Flexión en vertical: ¿qué debe estar dentro?"),
                "palms",
                ("A finger over a tape cannot be judged at speed.", "Un dedo sobre la cinta no se puede juzgar rápido."),
                S(
                    "palms",
                    ("Palms inside", "Palmas dentro"),
                    ("See both palms inside.", "Ver las dos palmas dentro."),
                    ("Fingers may reach over.", "Los dedos pueden salir."),
                    Hanging.HandsInBox
                ),
                S(
                    "fingers",
                    ("Palms and fingers inside", "Palmas y dedos dentro"),
                    ("See every finger inside.", "Ver todos los dedos dentro."),
                    ("All of the hand inside.", "Toda la mano dentro."),
                    Hanging.HandsInBox with
                    {
                        Text = ("Palms and fingers stay inside the marked zone.", "Palmas y dedos siguen dentro de la zona marcada."),
                        Fault = Hanging.HandsInBox.Fault! with
                        {
                            Sign = ("A palm or finger is outside the zone.", "Una palma o un dedo está fuera de la zona."),
                        },
                        Of = new()
                        {
                            BodyPart = "palms and fingers",
                            Zone = "marked zone",
                            OnTheLine = OnTheLine.In,
                        },
                    }
                )
            ),
            T(
                "sumo stance",
                ("Deadlift: hands inside the knees?", "Peso muerto: ¿manos por dentro de las rodillas?"),
                "no",
                ("One stance makes the lift the same for all.", "Una sola posición hace igual el levantamiento."),
                S(
                    "no",
                    ("Hands outside", "Manos por fuera"),
                    ("See hands outside the knees.", "Ver las manos por fuera."),
                    ("Hold outside the knees.", "Agarrar por fuera."),
                    Lifting.ArmsOutside
                ),
                S(
                    "yes",
                    ("Any stance", "Cualquier posición"),
                    ("Stance is not judged.", "La posición no se juzga."),
                    ("Stand as you like.", "Colocarse como se quiera."),
                    Lifting.SumoAllowed
                )
            ),
            T(
                "swing height",
                ("Kettlebell swing without a named height: how high?", "Balanceo de kettlebell sin altura indicada: ¿hasta dónde?"),
                "overhead",
                ("Overhead is the same for every stature.", "Arriba es igual para toda estatura."),
                S(
                    "overhead",
                    ("Overhead", "Arriba"),
                    ("See the bottom of the bell up.", "Ver la base de la pesa hacia arriba."),
                    ("All the way up.", "Hasta arriba."),
                    Lifting.BellOverhead
                ),
                S(
                    "eye level",
                    ("Eye level", "Altura de los ojos"),
                    ("Eyes of the judge at eye height.", "Ojos del juez a esa altura."),
                    ("To the eyes.", "Hasta los ojos."),
                    Lifting.BellEye with
                    {
                        Id = Lifting.BellOverhead.Id,
                    }
                )
            ),
            T(
                "on the line",
                ("On the line: in or out?", "Sobre la línea: ¿dentro o fuera?"),
                "out",
                ("Crossed means seen beyond.", "Pasada quiere decir vista al otro lado."),
                S(
                    "out",
                    ("On the line is not over", "Sobre la línea no es pasada"),
                    ("See floor between line and foot.", "Ver suelo entre línea y pie."),
                    ("Cross it fully.", "Pasarla del todo.")
                ),
                S(
                    "in",
                    ("On the line counts", "Sobre la línea cuenta"),
                    ("A touch of the line is enough.", "Basta tocar la línea."),
                    ("Reach the line.", "Llegar a la línea.")
                ) with
                {
                    Adjusts = [new ClauseAdjust.OnTheLineCounts(["section", "section-hands", "section-all", "section-load"])],
                }
            ),
            T(
                "dropping",
                ("May a bar be dropped from overhead?", "¿Se puede soltar la barra desde arriba?"),
                "only when settled",
                ("It protects the neighbours and the floor.", "Protege a los vecinos y el suelo."),
                S(
                    "allowed",
                    ("Allowed", "Permitido"),
                    ("Keep the space clear.", "Mantener el espacio libre."),
                    ("Drop it under control.", "Soltarla con control."),
                    Lifting.DropAllowed
                ),
                S(
                    "only when settled",
                    ("Allowed; next lift only when it lies still", "Permitido; siguiente solo con la barra quieta"),
                    ("Call “wait, bar” until it lies still.", "Decir «esperar, barra» hasta que pare."),
                    ("Wait for the bar.", "Esperar a la barra."),
                    Lifting.DropSettled
                ),
                S(
                    "no rep",
                    ("A drop is no rep", "Soltarla es nula"),
                    ("Watch the way down too.", "Vigilar también la bajada."),
                    ("Bring it down by hand.", "Bajarla con las manos."),
                    Lifting.NoDrop
                )
            ),
            T(
                "bounce",
                ("Touch and go, and bouncing off the floor?", "¿Toque continuo y rebote en el suelo?"),
                "touch and go",
                ("A bounce helps who has new plates.", "El rebote ayuda a quien tiene discos nuevos."),
                S(
                    "touch and go",
                    ("Touch and go, no bounce", "Toque continuo, sin rebote"),
                    ("Hear the bounce.", "Oír el rebote."),
                    ("Touch, do not bounce.", "Tocar, no rebotar."),
                    Lifting.NoBounce
                ),
                S(
                    "bounce allowed",
                    ("Bounce allowed", "Rebote permitido"),
                    ("Nothing to listen for.", "Nada que oír."),
                    ("As you like.", "Como se quiera."),
                    Lifting.BounceAllowed
                ),
                S(
                    "dead stop",
                    ("Dead stop", "Parada completa"),
                    ("See the bar lie still.", "Ver la barra quieta."),
                    ("Stop every rep on the floor.", "Parar en el suelo cada vez."),
                    Lifting.DeadStop
                )
            ),
        ];
}
