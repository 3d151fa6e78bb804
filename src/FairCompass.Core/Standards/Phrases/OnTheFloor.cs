using FairCompass.Core.Standards.Figures;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;
using static FairCompass.Core.Standards.Phrases.Write;

namespace FairCompass.Core.Standards.Phrases;

/// <summary>Burpees, push-ups, boxes, lunges, walks, carries, trunk, skipping.</summary>
internal static partial class OnTheFloor
{
    public static readonly Phrase ChestDown = Must(
        "chest-down",
        Through,
        ("Chest and thighs touch the floor.", "El pecho y los muslos tocan el suelo."),
        SeenFromTheSide,
        ("Chest or thighs stay off the floor.", "El pecho o los muslos no tocan el suelo."),
        ("No rep, chest", "No rep, pecho"),
        ("Go down again.", "Bajar de nuevo."),
        FromTheFloor,
        new Predicate.Touches(Part.Chest, Part.Floor, 50),
        new() { BodyPart = "chest and thighs", Reference = "floor" }
    );
    public static readonly Phrase ChestOnly = ChestDown with
    {
        Text = ("The chest touches the floor.", "El pecho toca el suelo."),
        Of = new() { BodyPart = "chest", Reference = "floor" },
        Fault = ChestDown.Fault! with { Sign = ("The chest stays off the floor.", "El pecho no toca el suelo.") },
    };
    public static readonly Phrase BurpeeStep = May(
        "step-allowed",
        Through,
        ("Stepping or jumping down and up is allowed.", "Se permite bajar y subir con paso o con salto.")
    );
    public static readonly Phrase BurpeeJump = Must(
        "step-allowed",
        Through,
        ("The feet jump back and jump in, both together.", "Los pies saltan atrás y adelante, los dos a la vez."),
        SeenFromTheSide,
        ("The feet step back or in, one after the other.", "Los pies dan un paso atrás o adelante, uno tras otro."),
        ("No rep, jump in", "No rep, salta con los dos"),
        FromFloor,
        FromTheFloor,
        null,
        new() { BodyPart = "both feet", SameMoment = true }
    );
    public static readonly Phrase JumpOpen = Must(
        "jump-open",
        Finish,
        ("Hips and knees open in the jump.", "La cadera y las rodillas se abren en el salto."),
        SeenFromTheSide,
        ("The athlete hops bent and goes down again.", "El atleta salta flexionado y vuelve a bajar."),
        ("No rep, stand tall", "No rep, extensión"),
        ("Jump again, standing tall.", "Saltar de nuevo, erguido."),
        RepeatTheLastPhase,
        null,
        new() { BodyPart = "hips and knees" }
    );
    public static readonly Phrase StandJump = Must(
        "stand-jump",
        Finish,
        ("Both feet leave the floor, the hands over the head.", "Los dos pies dejan el suelo, con las manos por encima de la cabeza."),
        SeenFromTheSide,
        (
            "The feet stay on the floor, or the hands below the head.",
            "Los pies no dejan el suelo o las manos quedan por debajo de la cabeza."
        ),
        ("No rep, jump", "No rep, salto"),
        ("Jump again from standing.", "Saltar de nuevo desde de pie."),
        RepeatTheLastPhase,
        new Predicate.Both([new Predicate.Higher(Part.Toe, Part.Floor, 20), new Predicate.Higher(Part.Palm, Part.Crown)]),
        new() { BodyPart = "both feet and hands" }
    );
    public static readonly Phrase TouchTarget = Must(
        "touch-target",
        Finish,
        ("Both hands touch the target.", "Las dos manos tocan el blanco."),
        SeenFromTheFront,
        ("Only one hand touches, or none.", "Solo toca una mano o ninguna."),
        ("No rep, target", "No rep, blanco"),
        ("Jump again and touch with both hands.", "Saltar de nuevo y tocar con las dos manos."),
        RepeatTheLastPhase,
        new Predicate.Touches(Part.Palm, Part.Target, 90),
        new()
        {
            BodyPart = "both hands",
            Reference = "target",
            SameMoment = true,
        }
    );
    public static readonly Phrase TouchTargetOne = TouchTarget with
    {
        Text = ("One hand touches the target.", "Una mano toca el blanco."),
        Of = new() { BodyPart = "one hand", Reference = "target" },
        Fault = TouchTarget.Fault! with
        {
            Sign = ("No hand touches the target.", "Ninguna mano toca el blanco."),
            Fix = ("Jump again and touch.", "Saltar de nuevo y tocar."),
        },
    };
    public static readonly Phrase EndHang = Must(
        "end-hang",
        Finish,
        (
            "The rep ends hanging on bar or rings with both hands.",
            "La repetición termina colgado de la barra o las anillas con las dos manos."
        ),
        SeenFromTheFront,
        ("Only one hand holds.", "Solo sujeta una mano."),
        ("No rep, both hands", "No rep, las dos manos"),
        ("Jump to the bar again.", "Saltar de nuevo a la barra."),
        RepeatTheLastPhase,
        new Predicate.Touches(Part.Palm, Part.HighBar, 60),
        new() { BodyPart = "both hands", Reference = "bar or rings" }
    );
    public static readonly Phrase HangSeen = Must(
        "hang-seen",
        Finish,
        ("Both feet are off the floor in the hang.", "Los dos pies están fuera del suelo en el hang."),
        SeenFromTheSide,
        ("A foot still stands when the hands take hold.", "Un pie sigue apoyado cuando las manos agarran."),
        ("No rep, hang", "No rep, suspensión"),
        ("Hang free with both feet off the floor.", "Colgarse con los dos pies fuera del suelo."),
        RepeatTheLastPhase,
        null,
        new() { BodyPart = "both feet", Reference = "floor" }
    );
    public static readonly Phrase OverBar = Must(
        "over-bar",
        Finish,
        ("Both feet go over the bar; it is not touched so that it moves.", "Los dos pies pasan la barra; no se toca de modo que se mueva."),
        SeenFromTheSide,
        ("The bar moves.", "La barra se mueve."),
        ("No rep, bar", "No rep, barra"),
        ("Wait until the bar lies still and jump over again.", "Esperar a que la barra quede quieta y saltar de nuevo."),
        RepeatTheLastPhase,
        new Predicate.Higher(Part.Toe, Part.Load, 40),
        new() { BodyPart = "both feet", Reference = "bar and plates" }
    );
    public static readonly Phrase OverBarClear = OverBar with
    {
        Text = (
            "Both feet go over the bar; nothing touches bar or plates.",
            "Los dos pies pasan la barra; nada toca la barra ni los discos."
        ),
        Fault = OverBar.Fault! with { Sign = ("The bar or a plate is touched.", "Se toca la barra o un disco.") },
    };
    public static readonly Phrase BetweenPlates = Must(
        "between-plates",
        Start,
        ("Hands and feet are between the plates, off the plates.", "Manos y pies están entre los discos, sin tocarlos."),
        SeenFromTheFront,
        ("A hand or a foot is on a plate or outside it.", "Una mano o un pie está sobre un disco o por fuera."),
        ("No rep, plates", "No rep, discos"),
        FromFloor,
        FromTheFloor,
        null,
        new() { BodyPart = "hands and feet", Zone = "between the plates" }
    );
    public static readonly Phrase BesideBar = Must(
        "beside-bar",
        Start,
        ("The body lies beside the bar, along it.", "El cuerpo queda junto a la barra, a lo largo."),
        SeenFromTheFront,
        ("The body lies across the bar’s line.", "El cuerpo queda cruzado con la barra."),
        ("No rep, beside the bar", "No rep, junto a la barra"),
        FromFloor,
        FromTheFloor
    );
    public static readonly Phrase TwoFeet = Must(
        "two-feet",
        Finish,
        ("Both feet take off and land together.", "Los dos pies despegan y aterrizan a la vez."),
        SeenFromTheFront,
        ("The feet take off or land one after the other.", "Los pies despegan o aterrizan uno tras otro."),
        ("No rep, two feet", "No rep, los dos pies"),
        ("Go back and jump over again.", "Volver y saltar de nuevo."),
        RepeatTheLastPhase,
        null,
        new() { BodyPart = "both feet", SameMoment = true }
    );
    public static readonly Phrase StepLanding = May(
        "two-feet",
        Finish,
        ("The feet may take off and land one after the other.", "Los pies pueden despegar y aterrizar uno tras otro.")
    );
    public static readonly Phrase Together = Must(
        "together",
        Through,
        (
            "Both partners are in the named position at the same moment; the later one makes the rep.",
            "Los dos compañeros están en la posición indicada a la vez; el último completa la repetición."
        ),
        SeenFromTheFront,
        ("One partner leaves the position before the other is there.", "Uno deja la posición antes de que llegue el otro."),
        ("No rep, together", "No rep, a la vez"),
        ("Both repeat the rep.", "Los dos repiten la repetición."),
        NotCounted,
        null,
        new() { SameMoment = true }
    );

    public static readonly Phrase HandsOff = Must(
        "hands-off",
        Through,
        ("Chest on the floor, then both palms leave it.", "Pecho en el suelo; después las dos palmas se separan."),
        SeenFromTheSide,
        ("A palm stays on the floor.", "Una palma se queda en el suelo."),
        ("No rep, hands", "No rep, manos"),
        ("Lie down and lift both hands.", "Tumbarse y separar las dos manos."),
        NotCounted,
        new Predicate.Higher(Part.Palm, Part.Floor, 25),
        new()
        {
            BodyPart = "both palms",
            Reference = "floor",
            SameMoment = true,
        }
    );
    public static readonly Phrase FeetOnFloor = Must(
        "feet-down",
        Through,
        ("The feet stay on the floor.", "Los pies siguen en el suelo."),
        SeenFromTheSide,
        ("A foot leaves the floor.", "Un pie se separa del suelo."),
        ("No rep, feet", "No rep, pies"),
        NextGood,
        NotCounted,
        null,
        new() { BodyPart = "feet", Reference = "floor" }
    );
    public static readonly Phrase RiseInLine = Must(
        "rise-in-line",
        Through,
        ("The body rises in one line; knees and belly do not push.", "El cuerpo sube en línea; las rodillas y el vientre no empujan."),
        SeenFromTheSide,
        (
            "The shoulders rise first and the hips follow, or a knee pushes.",
            "Suben antes los hombros y después la cadera, o empuja una rodilla."
        ),
        ("No rep, one line", "No rep, en línea"),
        ("Lie down again and rise in one line.", "Tumbarse de nuevo y subir en línea.")
    );
    public static readonly Phrase PushLock = Must(
        "push-lock",
        Finish,
        ("Both elbows are straight, the body in one line.", "Los dos codos rectos y el cuerpo en línea."),
        SeenFromTheSide,
        ("An elbow is still bent, or the hips are out of line.", "Un codo sigue flexionado o la cadera está fuera de línea."),
        ("No rep, lock out", "No rep, bloqueo"),
        NextGood,
        NotCounted,
        new Predicate.Both([new Predicate.Straight(Joint.Elbow, 12), new Predicate.Straight(Joint.Hip, 15)]),
        new() { BodyPart = "elbows and hips", AngleDegrees = 12 }
    );
    public static readonly Phrase RestPlank = May(
        "rest-floor",
        Between,
        ("A rest lying down or with straight arms is allowed.", "Se permite descansar tumbado o con los brazos rectos.")
    );
}
