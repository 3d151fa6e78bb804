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
    public static readonly Said BesideMonitor = (
        "Beside the monitor, clear of handle, seat rail and pedals.",
        "Junto al monitor, lejos del tirador, del carril y de los pedales."
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
        "At the side of the bench at chest height, clear of the spotters.",
        "Al lado del banco a la altura del pecho, sin estorbar a los ayudantes."
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
    public static readonly Said CountLand = (
        "When both feet are down: the count aloud; a no-rep with its reason.",
        "Con los dos pies en el suelo: la cuenta en voz alta; una nula con su motivo."
    );
    public static readonly Said CountTouch = (
        "At the touch: the count aloud; a no-rep with its reason.",
        "En el contacto: la cuenta en voz alta; una nula con su motivo."
    );
    public static readonly Said CountSection = ("At each mark crossed: the section aloud.", "En cada marca pasada: el tramo en voz alta.");
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
    public static readonly Said HoldCall = (
        "“On” when the position is reached, “break” when it is lost.",
        "«Dentro» al llegar a la posición, «corte» al perderla."
    );
}
