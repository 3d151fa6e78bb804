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
        ("No rep, chest", "No válida, pecho"),
        ("Go down again.", "Bajar de nuevo."),
        FromTheFloor,
        new Predicate.Touches(Part.Chest, Part.Floor, 50),
        new() { BodyPart = "chest and thighs", Reference = "floor" }
    );
    public static readonly Phrase BurpeeStep = May(
        "step-allowed",
        Through,
        ("Stepping or jumping down and up is allowed.", "Se permite bajar y subir con paso o con salto.")
    );
    public static readonly Phrase BurpeeJump = Must(
        "step-allowed",
        Through,
        ("The feet jump back and jump in, both together.", "Los pies saltan atrás y adelante, los dos a la vez."),
        SeenFromTheFront,
        ("The feet step back or in, one after the other.", "Los pies dan un paso atrás o adelante, uno tras otro."),
        ("No rep, jump", "No válida, salto"),
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
        ("No rep, open", "No válida, abrir"),
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
        ("No rep, jump", "No válida, salto"),
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
        ("No rep, target", "No válida, blanco"),
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
    public static readonly Phrase EndHang = Must(
        "end-hang",
        Finish,
        (
            "The rep ends hanging on bar or rings with both hands.",
            "La repetición termina colgado de la barra o las anillas con las dos manos."
        ),
        SeenFromTheFront,
        ("Only one hand holds.", "Solo sujeta una mano."),
        ("No rep, both hands", "No válida, las dos manos"),
        ("Jump to the bar again.", "Saltar de nuevo a la barra."),
        RepeatTheLastPhase,
        new Predicate.Touches(Part.Palm, Part.HighBar, 60),
        new() { BodyPart = "both hands", Reference = "bar or rings" }
    );
    public static readonly Phrase HangSeen = Must(
        "hang-seen",
        Finish,
        ("Both feet are off the floor in the hang.", "Los dos pies están fuera del suelo en la suspensión."),
        SeenFromTheSide,
        ("A foot still stands when the hands take hold.", "Un pie sigue apoyado cuando las manos agarran."),
        ("No rep, hang", "No válida, suspensión"),
        ("Hang free with both feet off the floor.", "Colgarse con los dos pies fuera del suelo."),
        RepeatTheLastPhase,
        null,
        new() { BodyPart = "both feet", Reference = "floor" }
    );
    public static readonly Phrase OverBar = Must(
        "over-bar",
        Finish,
        (
            "The athlete jumps over from two feet; nothing touches bar or plates.",
            "El atleta salta por encima con los dos pies; nada toca la barra ni los discos."
        ),
        SeenFromTheSide,
        ("The bar is touched or moves.", "Se toca la barra o se mueve."),
        ("No rep, bar", "No válida, barra"),
        ("Wait until the bar lies still and jump over again.", "Esperar a que la barra quede quieta y saltar de nuevo."),
        RepeatTheLastPhase,
        new Predicate.Higher(Part.Toe, Part.Load, 40),
        new() { BodyPart = "both feet", Reference = "bar and plates" }
    );
    public static readonly Phrase OverBarWhole = OverBar.Then(
        FromTheFloor,
        ("Wait until the bar lies still and repeat the whole rep.", "Esperar a que la barra quede quieta y repetir toda la repetición.")
    );
    public static readonly Phrase TwoFeet = Must(
        "two-feet",
        Finish,
        ("Both feet take off and land together.", "Los dos pies despegan y aterrizan a la vez."),
        SeenFromTheFront,
        ("The feet take off or land one after the other.", "Los pies despegan o aterrizan uno tras otro."),
        ("No rep, two feet", "No válida, los dos pies"),
        ("Go back and jump over again.", "Volver y saltar de nuevo."),
        RepeatTheLastPhase,
        null,
        new() { BodyPart = "both feet", SameMoment = true }
    );
    public static readonly Phrase TwoFeetWhole = TwoFeet.Then(
        FromTheFloor,
        ("Go back and repeat the whole rep.", "Volver y repetir toda la repetición.")
    );
    public static readonly Phrase StepLanding = May(
        "two-feet",
        Finish,
        ("Taking off or landing on one foot is allowed.", "Se permite despegar o aterrizar con un pie.")
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
        ("No rep, together", "No válida, a la vez"),
        ("Both repeat the rep.", "Los dos repiten la repetición."),
        RepeatTheRep,
        null,
        new() { SameMoment = true }
    );

    public static readonly Phrase HandsOff = Must(
        "hands-off",
        Through,
        ("Chest on the floor, then both palms leave it.", "Pecho en el suelo; después las dos palmas se separan."),
        SeenFromTheSide,
        ("A palm stays on the floor.", "Una palma se queda en el suelo."),
        ("No rep, hands", "No válida, manos"),
        ("Lie down and lift both hands.", "Tumbarse y separar las dos manos."),
        RepeatTheRep,
        new Predicate.Higher(Part.Palm, Part.Floor, 25),
        new()
        {
            BodyPart = "both palms",
            Reference = "floor",
            SameMoment = true,
        }
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
        ("No rep, one line", "No válida, en línea"),
        ("Lie down again and rise in one line.", "Tumbarse de nuevo y subir en línea.")
    );
    public static readonly Phrase PushLock = Must(
        "push-lock",
        Finish,
        ("Both elbows are straight, the body in one line.", "Los dos codos rectos y el cuerpo en línea."),
        SeenFromTheSide,
        ("An elbow is still bent, or the hips are out of line.", "Un codo sigue flexionado o la cadera está fuera de línea."),
        ("No rep, lock out", "No válida, bloqueo"),
        Again,
        RepeatTheRep,
        new Predicate.Both([new Predicate.Straight(Joint.Elbow, 12), new Predicate.Straight(Joint.Hip, 15)]),
        new() { BodyPart = "elbows and hips", AngleDegrees = 12 }
    );
    public static readonly Phrase RestPlank = May(
        "rest-floor",
        Between,
        ("A rest lying down or with straight arms is allowed.", "Se permite descansar tumbado o con los brazos rectos.")
    );

    public static readonly Phrase BoxJump = Must(
        "box-jump",
        Through,
        ("Both feet leave the floor together.", "Los dos pies dejan el suelo a la vez."),
        SeenFromTheFront,
        ("One foot steps up.", "Un pie sube con paso."),
        ("No rep, jump", "No válida, salto"),
        ("Go back to the floor and jump.", "Volver al suelo y saltar."),
        RepeatTheLastPhase,
        null,
        new() { BodyPart = "both feet", SameMoment = true }
    );
    public static readonly Phrase BoxStepAllowed = May(
        "box-jump",
        Through,
        ("Stepping up and down is allowed.", "Se permite subir y bajar con paso.")
    );
    public static readonly Phrase BoxTop = Must(
        "box-top",
        Through,
        ("Both feet stand on the top of the box.", "Los dos pies pisan la parte superior del cajón."),
        SeenFromTheFront,
        ("Only one foot stands on top, or a foot passes beside the box.", "Solo pisa un pie o un pie pasa por el lado del cajón."),
        ("No rep, both feet", "No válida, los dos pies"),
        ("Go back and cross the box again.", "Volver y cruzar de nuevo el cajón."),
        RepeatTheLastPhase,
        new Predicate.Touches(Part.MidFoot, Part.BoxTop, 280),
        new() { BodyPart = "both feet", Reference = "top of the box" }
    );
    public static readonly Phrase BoxClear = May(
        "box-top",
        Through,
        ("The feet may stand on the box or clear it.", "Los pies pueden pisar el cajón o pasarlo sin tocar.")
    );
    public static readonly Phrase BoxStep = Must(
        "box-step",
        Through,
        ("One foot after the other is placed on top; jumping is not allowed.", "Se pone un pie tras otro encima; no se permite saltar."),
        SeenFromTheFront,
        (
            "Both feet leave the floor together, or a foot passes beside the box.",
            "Los dos pies dejan el suelo a la vez o un pie pasa por el lado del cajón."
        ),
        ("No rep, step", "No válida, paso"),
        ("Go back to the side where the rep began.", "Volver al lado donde empezó la repetición."),
        RepeatTheRep,
        new Predicate.Touches(Part.MidFoot, Part.BoxTop, 280),
        new() { BodyPart = "both feet", Reference = "top of the box" }
    );
    public static readonly Phrase BoxHands = Never(
        "box-hands",
        Through,
        (
            "No hand and no load touches the box; no hand pushes on the legs.",
            "Ni las manos ni la carga tocan el cajón; las manos no empujan las piernas."
        ),
        SeenFromTheSide,
        ("A hand or the load is put on the box or the thigh.", "Una mano o la carga se apoya en el cajón o el muslo."),
        ("No rep, hands", "No válida, manos"),
        ("Go back to the side where the rep began.", "Volver al lado donde empezó la repetición.")
    );
    public static readonly Phrase BoxStand = Must(
        "box-stand",
        Finish,
        ("On the box: hips and knees straight.", "Sobre el cajón: cadera y rodillas rectas."),
        SeenFromTheSide,
        ("The athlete leaves the box bent.", "El atleta deja el cajón flexionado."),
        ("No rep, stand tall", "No válida, de pie"),
        ("Go up again and stand tall.", "Subir de nuevo y ponerse de pie."),
        RepeatTheLastPhase,
        new Predicate.Both([new Predicate.Straight(Joint.Hip, 12), new Predicate.Straight(Joint.Knee, 12)]),
        new() { BodyPart = "hips and knees", AngleDegrees = 12 }
    );
    public static readonly Phrase OtherSide = Must(
        "other-side",
        Finish,
        ("Both feet stand on the floor on the other side.", "Los dos pies están en el suelo al otro lado."),
        SeenFromTheSide,
        ("The athlete turns back before the second foot is down.", "El atleta se da la vuelta antes de apoyar el segundo pie."),
        ("No rep, both feet", "No válida, los dos pies"),
        ("Put both feet down, then go on.", "Apoyar los dos pies y seguir."),
        RepeatTheLastPhase,
        new Predicate.Ahead(Part.MidFoot, Part.BoxTop, 200),
        new() { BodyPart = "both feet", Reference = "floor on the other side" }
    );
    public static readonly Phrase StillCarried = Must(
        "still-carried",
        Finish,
        ("The load is still carried.", "La carga sigue en brazos."),
        SeenFromTheSide,
        ("The load falls before both feet are down.", "La carga cae antes de apoyar los dos pies."),
        ("No rep, dropped", "No válida, caída"),
        ("Pick it up on the side where the rep began.", "Recogerla en el lado donde empezó la repetición.")
    );
    public static readonly Phrase TurnOnTop = May(
        "turn-on-top",
        Finish,
        ("The athlete may turn on top of the box.", "El atleta puede girar encima del cajón.")
    );
}
