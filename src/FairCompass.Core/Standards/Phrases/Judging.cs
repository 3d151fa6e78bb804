using FairCompass.Core.Languages;

namespace FairCompass.Core.Standards.Phrases;

/// <summary>Where judges stand and when they call.</summary>
internal static class Judging
{
    public static readonly Said BesideHip = (
        "To the side, eyes at the height of the hips, two steps back.",
        "De lado, con los ojos a la altura de la cadera, dos pasos atrás."
    );
    public static readonly Said BesideKnee = (
        "To the side at knee height, one step off the line of travel.",
        "De lado a la altura de la rodilla, un paso fuera de la línea de avance."
    );
    public static readonly Said Oblique = (
        "In front and to one side, at 45°, two steps out of the load’s line, eyes at hip height.",
        "Delante y a un lado (45°), a dos pasos de la línea de la carga, ojos a la altura de la cadera."
    );
    public static readonly Said ObliqueLow = (
        "In front and to one side, at 45°, low, where both heels, both palms and the head are seen.",
        "Delante y a un lado, a 45°, agachado, donde se ven los dos talones, las dos palmas y la cabeza."
    );
    public static readonly Said SharedBarFront = (
        "In front and one step to the side, three steps out, with both ends in view.",
        "Delante y un paso a un lado, a tres pasos, con los dos extremos a la vista."
    );
    public static readonly Said FrontAndSide = (
        "In front and to one side, three steps out, clear of where the load can fall.",
        "Delante y a un lado, a tres pasos, fuera de donde puede caer la carga."
    );
    public static readonly Said BesideBar = (
        "To the side, one step behind the line of the bar, never at its end.",
        "De lado, un paso detrás de la línea de la barra, nunca en su extremo."
    );
    public static readonly Said BesideHang = (
        "To the side and one step in front, where bar, chin or feet are seen.",
        "De lado y un paso delante, donde se ven la barra, la barbilla o los pies."
    );
    public static readonly Said ObliqueHang = (
        "In front and to one side, at 45°, two steps out, where feet, hands and both elbows are seen.",
        "Delante y a un lado, a 45°, a dos pasos, donde se ven los pies, las manos y los dos codos."
    );
    public static readonly Said ObliqueFloor = (
        "In front and to one side, low, where chest, hands and the finish above are seen.",
        "Delante y a un lado, agachado, donde se ven el pecho, las manos y el final de arriba."
    );
    public static readonly Said PairInView = (
        "In front and one step to the side, low, with both partners in view.",
        "Delante y un paso a un lado, agachado, con los dos compañeros a la vista."
    );
    public static readonly Said BesideFloor = (
        "To the side, low and near enough to see contact with the floor.",
        "De lado, agachado y cerca para ver el contacto con el suelo."
    );
    public static readonly Said BarEnd = (
        "At the end of the bar, two steps back, seeing both sides.",
        "En el extremo de la barra, dos pasos atrás, viendo los dos lados."
    );
    public static readonly Said BoxCorner = ("At a corner of the box, two steps back.", "En una esquina del cajón, dos pasos atrás.");
    public static readonly Said BesideWall = (
        "To the side, where head and heels are both seen.",
        "De lado, donde se ven la cabeza y los talones."
    );
    public static readonly Said WalkAlong = (
        "Beside the lane, walking along, outside the neighbour’s lane.",
        "Junto a la calle, avanzando a la par, fuera de la calle vecina."
    );
    public static readonly Said AtTheLine = (
        "On the turn line, outside the lane; a second judge at the other line if there is one.",
        "En la línea de giro, fuera de la calle; otro juez en la otra línea si lo hay."
    );
    public static readonly Said AtTheTop = (
        "At the top step, beside the way of who comes down.",
        "En el escalón de arriba, al lado de quien baja."
    );
    public static readonly Said BesideMonitor = (
        "Beside the monitor, clear of handle, seat rail and pedals.",
        "Junto al monitor, lejos del tirador, de la calle y de los pedales."
    );
    public static readonly Said BesideBall = (
        "To the side, one step behind the athlete, where hip and target are seen.",
        "De lado, un paso detrás del atleta, donde se ven la cadera y el blanco."
    );
    public static readonly Said OutOfSwing = (
        "To the side, three steps out of the line of the swing.",
        "De lado, a tres pasos de la línea del balanceo."
    );
    public static readonly Said BesideBench = (
        "At the head end of the bench, one step to the side, out of the spotters’ way.",
        "En la cabecera del banco, un paso a un lado, sin estorbar a los ayudantes."
    );
    public static readonly Said UnderRope = (
        "Two steps back, looking up to the mark, never under the athlete.",
        "Dos pasos atrás, mirando a la marca, nunca debajo del atleta."
    );
    public static readonly Said FacingRope = (
        "In front and to one side, at least two steps from the rope.",
        "Delante y a un lado, al menos a dos pasos de la comba."
    );

    public static readonly Said CountFinish = (
        "At the finish position: the count aloud; a no-rep with its reason.",
        "En la posición final: la cuenta en voz alta; una nula con su motivo."
    );
    public static readonly Said CountFloor = (
        "When chest and hips are down again: the count aloud; a no-rep with its reason.",
        "Con el pecho y la cadera otra vez en el suelo: la cuenta en voz alta; una nula con su motivo."
    );
    public static readonly Said CountTop = (
        "At both feet on top: the count aloud; a no-rep with its reason.",
        "Con los dos pies encima: la cuenta en voz alta; una nula con su motivo."
    );
    public static readonly Said CountLap = ("At the line: the lap aloud.", "En la línea: la vuelta en voz alta.");
    public static readonly Said CountLand = (
        "When both feet are down: the count aloud; a no-rep with its reason.",
        "Con los dos pies en el suelo: la cuenta en voz alta; una nula con su motivo."
    );
    public static readonly Said CountTouch = (
        "At the touch: the count aloud; a no-rep with its reason.",
        "En el contacto: la cuenta en voz alta; una nula con su motivo."
    );
    public static readonly Said CountSection = ("At each mark crossed: the section aloud.", "En cada marca pasada: el tramo en voz alta.");
    public static readonly Said CountTurn = (
        "At each line: “turn” or “touch”, then the length aloud.",
        "En cada línea: «vuelta» o «toca», y después el largo en voz alta."
    );
    public static readonly Said CountMonitor = (
        "The last three numbers aloud, then “off”; read the monitor before it goes dark.",
        "Los tres últimos números en voz alta y «abajo»; leer el monitor antes de que se apague."
    );
    public static readonly Said CountTenth = (
        "Count each good jump quietly and every tenth aloud.",
        "Contar cada salto bueno en voz baja y cada décimo en voz alta."
    );
    public static readonly Said CountRope = (
        "When the hand touches the mark: “good, down”; the count when the feet are on the mat.",
        "Cuando la mano toca la marca: «buena, abajo»; la cuenta con los pies en la colchoneta."
    );
    public static readonly Said AtTheHold = (
        "Where the hold stands, with nothing else to watch.",
        "Donde se mantiene la posición, sin vigilar nada más."
    );
    public static readonly Said BesideTeam = (
        "Where you count, with all members in view.",
        "Donde cuentas, con todos los miembros a la vista."
    );
    public static readonly Said LiftCall = (
        "Made: “good” and the load, then “down”. Missed: “no lift” and the reason.",
        "Válido: «bien» y la carga, después «abajo». Fallado: «nulo» y el motivo."
    );
    public static readonly Said TeamCall = (
        "When the rule is broken: the call, and at the hand-over the name.",
        "Cuando se rompe la regla: el aviso y, en el relevo, el nombre."
    );
    public static readonly Said HoldCall = (
        "“On” when the position is reached, “break” when it is lost.",
        "«Dentro» al llegar a la posición, «corte» al perderla."
    );

    /// <summary>Posts from which only one side of a movement is seen: the profile, or the lane ahead.</summary>
    private static readonly Said[] OfTheSide =
    [
        BesideHip,
        BesideKnee,
        BesideBar,
        BesideFloor,
        BesideWall,
        WalkAlong,
        BesideBall,
        OutOfSwing,
    ];

    /// <summary>True for a post from which the profile is seen.</summary>
    /// <param name="place">Where the judge stands.</param>
    public static bool OfSide(Said place) => OfTheSide.Contains(place);

    /// <summary>What can be seen from a post of the library; what is heard or read can be from everywhere.</summary>
    /// <param name="place">Where the judge stands.</param>
    /// <param name="by">How a sign is perceived.</param>
    public static bool Sees(Said place, Perceived by) => by != Perceived.SeenFromTheFront || !OfTheSide.Contains(place);
}
