using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Phrases;

namespace FairCompass.Core.Policies;

/// <summary>Topics about a team: a position that one holds, a least share, help, and who turns a box. The schools are common
/// practice.</summary>
internal static class SharedTopics
{
    public static Eq<Topic> All { get; } =
    [
        Topic.Asked(
            "hold comes down",
            ("A position that is held: may it come down between reps?", "Una posición que se mantiene: ¿puede bajar entre repeticiones?"),
            "between reps",
            ("The rep in the air is lost; that is enough.", "La repetición en curso se pierde; eso basta."),
            new(
                "between reps",
                ("It may come down between reps; the work waits", "Puede bajar entre repeticiones; el trabajo espera"),
                ("Say “break”, and “on” when it stands again.", "Decir «corte», y «dentro» cuando esté otra vez."),
                ("No rep counts until “on”.", "Ninguna cuenta hasta «dentro».")
            )
            {
                Rewrites = [TeamWork.PausesBetween],
            },
            new(
                "never",
                ("It stands until the turn ends; a break ends the turn", "Se mantiene hasta el fin del turno; si se rompe, acaba el turno"),
                ("Say “break, change”.", "Decir «corte, cambio»."),
                ("Who breaks it ends the turn.", "Quien la rompe acaba el turno.")
            )
            {
                Rewrites = [TeamWork.StandsAllTurn],
            }
        ),
        Topic.Asked(
            "hold taken over",
            ("A position that is held: may another take it over?", "Una posición que se mantiene: ¿puede relevar otro?"),
            "at any time",
            ("Nobody is hurt by holding on.", "Nadie se lesiona por aguantar."),
            new(
                "at any time",
                ("Yes, at any time", "Sí, en cualquier momento"),
                ("See the new holder in place, then “on”.", "Ver a la nueva persona en posición y decir «dentro»."),
                ("Change between reps.", "Cambiar entre repeticiones.")
            ),
            new(
                "at the change",
                ("Only when the worker changes", "Solo cuando cambia quien trabaja"),
                ("Look at both at the change.", "Mirar a ambos en el cambio."),
                ("Hold until the change.", "Aguantar hasta el cambio.")
            ),
            new(
                "no",
                ("No: who begins holds to the end", "No: quien empieza aguanta hasta el final"),
                ("Write who holds.", "Anotar quién la mantiene."),
                ("Choose the holder well.", "Elegir bien quién la mantiene.")
            )
        ),
        Topic.Asked(
            "hold changes",
            ("A position that is held: must the holder change?", "Una posición que se mantiene: ¿hay que cambiar de persona?"),
            "free",
            ("Teams plan best themselves.", "Los equipos planean mejor."),
            new(
                "free",
                ("Free: the same one may hold throughout", "Libre: puede ser siempre la misma persona"),
                ("See that one holds.", "Ver que una persona la mantiene."),
                ("Share as you like.", "Repartir como se quiera.")
            ),
            new(
                "each turn",
                ("Another one in each turn", "Otra persona en cada turno"),
                ("Write the name of each holder.", "Anotar el nombre de cada quien."),
                ("Nobody holds twice in a row.", "Nadie la mantiene dos veces seguidas.")
            ),
            new(
                "once each",
                ("Everybody holds once before anybody holds again", "Todos una vez antes de que alguien repita"),
                ("Tick the names.", "Marcar los nombres."),
                ("Each of you holds once.", "Cada uno la mantiene una vez.")
            )
        ),
        Topic.Asked(
            "short of the least",
            ("A member did fewer than the least share: what then?", "Alguien hizo menos que el mínimo: ¿qué pasa?"),
            "owed",
            ("Nothing is taken back; the work is done.", "No se retira nada; el trabajo se hace."),
            new(
                "owed",
                ("Owed before the last rep counts", "Se debe antes de que cuente la última"),
                ("Call the name; the count waits.", "Decir el nombre; la cuenta espera."),
                ("Who is short works until it is done.", "Trabaja a quien le falta hasta completarlo.")
            ),
            new(
                "not counted",
                ("What others did in its place is not counted", "Lo que otros hicieron en su lugar no cuenta"),
                ("Write each member’s count.", "Anotar la cuenta de cada quien."),
                ("Do your share.", "Hacer la parte propia.")
            )
            {
                Rewrites = [TeamWork.DoneByOthers],
            },
            new(
                "no result",
                ("The team has no result", "El equipo no tiene resultado"),
                ("Write each member’s count; the head judge decides.", "Anotar la cuenta de cada quien; decide el juez principal."),
                ("Do your share.", "Hacer la parte propia.")
            )
            {
                Rewrites = [TeamWork.VoidsAll],
            }
        ),
        new Topic(
            "late together",
            ("Work together, and one is late: what is done again?", "Trabajo a la vez y uno llega tarde: ¿qué se repite?"),
            "both again",
            "both again",
            ("The rep belongs to both.", "La repetición es de los dos."),
            [
                new(
                    "both again",
                    ("Not counted; both do it again", "No cuenta; los dos la repiten"),
                    ("Say “no rep, together”.", "Decir «no rep, a la vez»."),
                    ("Both begin the next rep.", "Los dos empiezan la siguiente.")
                ),
                new(
                    "the later again",
                    ("The later does it again, then the rep counts", "El último la repite y entonces cuenta"),
                    ("Name who has to do it again.", "Nombrar a quien la repite."),
                    ("The other waits in the position.", "El otro espera en la posición.")
                )
                {
                    Adjusts =
                    [
                        new ClauseAdjust.Redone(
                            ["same-moment"],
                            Consequence.RepeatTheLastPhase,
                            (
                                "The later comes into the position again; the other waits there.",
                                "El último vuelve a la posición; el otro espera en ella."
                            )
                        ),
                    ],
                },
            ]
        ),
        Topic.Asked(
            "lift up",
            (
                "Somebody cannot reach the bar, the rings or the rope: who helps?",
                "Alguien no llega a la barra, las anillas o la cuerda: ¿quién ayuda?"
            ),
            "a box",
            ("Tall and small begin alike, and nobody is touched.", "Altos y bajos empiezan igual y nadie toca a nadie."),
            new(
                "a box",
                ("A box of the lane; the rep begins from the hang", "Un cajón de la calle; la repetición empieza colgado"),
                ("See the feet leave the box first.", "Ver que los pies dejan antes el cajón."),
                ("Step off, hang still, then begin.", "Bajar del cajón, colgarse quieto y empezar.")
            ),
            new(
                "a partner",
                ("A team mate lifts, and the rep counts", "Un compañero eleva, y la repetición cuenta"),
                ("See the hands off before the rep begins.", "Ver las manos fuera antes de que empiece."),
                ("Let go before the rep begins.", "Soltar antes de que empiece.")
            ),
            new(
                "nobody",
                ("Nobody, and nothing is brought", "Nadie, y no se trae nada"),
                ("Watch who is near the bar.", "Vigilar quién está cerca de la barra."),
                ("Jump to it.", "Saltar para llegar.")
            )
        ),
        Topic.Asked(
            "moving kit",
            (
                "A box or a load has to be moved during the work: who moves it?",
                "Hay que mover un cajón o una carga durante el trabajo: ¿quién lo hace?"
            ),
            "the team",
            ("The floor crew stays off the lane.", "El equipo de pista queda fuera de la calle."),
            new(
                "the team",
                ("Whoever works, or a team mate, between reps", "Quien trabaja o un compañero, entre repeticiones"),
                ("No rep counts while it moves.", "Ninguna cuenta mientras se mueve."),
                ("Move it between reps.", "Moverlo entre repeticiones.")
            ),
            new(
                "floor crew",
                ("The floor crew, at the judge’s sign", "El equipo de pista, a la señal del juez"),
                ("Raise a hand; the work waits.", "Levantar la mano; el trabajo espera."),
                ("Ask early.", "Pedirlo pronto.")
            )
        ),
        Topic.Asked(
            "box turned by",
            ("A box has another height for the partner: who turns it?", "El cajón tiene otra altura para el compañero: ¿quién lo gira?"),
            "who comes in",
            ("Who is next knows the own height.", "Quien entra conoce su altura."),
            new(
                "who comes in",
                ("Who comes in, before the own first rep", "Quien entra, antes de su primera repetición"),
                ("See the height before the first rep.", "Ver la altura antes de la primera."),
                ("Turn it, then begin.", "Girarlo y empezar.")
            ),
            new(
                "who goes out",
                ("Who goes out, after the own last rep", "Quien sale, después de su última repetición"),
                ("See the height before the first rep.", "Ver la altura antes de la primera."),
                ("Turn it for your partner.", "Girarlo para el compañero.")
            ),
            new(
                "a box each",
                ("Nobody: each has a box", "Nadie: cada uno tiene un cajón"),
                ("See that each uses the own box.", "Ver que cada uno usa su cajón."),
                ("Use your own box.", "Usar el cajón propio.")
            )
        ),
    ];
}
