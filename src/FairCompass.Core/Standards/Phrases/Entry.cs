using FairCompass.Core.Standards.Figures;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;
using static FairCompass.Core.Standards.Phrases.Write;

namespace FairCompass.Core.Standards.Phrases;

/// <summary>Legal ways into the first rep, and where a rep begins.</summary>
internal static partial class Entry
{
    public static readonly Phrase SquatClean = May(
        "entry-squat-clean",
        Phase.Entry,
        (
            "The first rep may begin with a squat clean; it is then that rep.",
            "La primera repetición puede empezar con una cargada completa; entonces es esa repetición."
        )
    );
    public static readonly Phrase Rack = May(
        "entry-rack",
        Phase.Entry,
        (
            "The bar is taken from the rack, or cleaned where the brief says so; the clean is no rep.",
            "La barra se toma del soporte, o se carga del suelo si el documento lo dice; la cargada no cuenta."
        )
    );
    public static readonly Phrase Clean = May(
        "entry-clean",
        Phase.Entry,
        ("The load comes to the shoulders in any way; that is no rep.", "La carga llega a los hombros de cualquier manera; eso no cuenta.")
    );
    public static readonly Phrase Overhead = May(
        "entry-overhead",
        Phase.Entry,
        (
            "The bar comes overhead by a snatch, by a jerk, or from the lift before in a complex.",
            "La barra llega arriba con arrancada, con envión o desde el ejercicio anterior de un complejo."
        )
    );
    public static readonly Phrase LiftUp = May(
        "entry-step",
        Phase.Entry,
        ("A step or a jump to the bar is allowed.", "Se permite un escalón o saltar a la barra.")
    );
    public static readonly Phrase StandTall = Must(
        "stand-tall",
        Phase.Entry,
        (
            "The athlete first stands tall with the load: hips, knees and arms straight.",
            "El atleta primero se pone de pie con la carga: cadera, rodillas y brazos rectos."
        ),
        SeenFromTheSide,
        ("The rep begins without standing tall first.", "La repetición empieza sin ponerse de pie antes."),
        ("No rep, stand first", "No válida, de pie primero"),
        FromHang
    );
    public static readonly Phrase KickUp = Must(
        "kick-up",
        Phase.Entry,
        (
            "A full kick-up begins each set: arms straight, heels on the wall.",
            "Cada serie empieza con una subida completa: brazos rectos y talones en la pared."
        ),
        SeenFromTheSide,
        ("The set begins from the head.", "La serie empieza desde la cabeza."),
        ("No rep, kick up", "No válida, subir primero"),
        ("Come down and kick up again.", "Bajar y subir de nuevo.")
    );
    public static readonly Phrase Handle = Must(
        "handle",
        Phase.Entry,
        ("The handle is in its holder until the athlete sits.", "El tirador está en su soporte hasta que el atleta se sienta."),
        SeenFromTheSide,
        (
            "The handle is pulled before the athlete sits, or by somebody else.",
            "Se tira antes de que el atleta se siente, o lo hace otra persona."
        ),
        ("Stop, handle", "Alto, tirador"),
        ("Put the handle in its holder and begin again.", "Dejar el tirador en su soporte y empezar de nuevo."),
        FromTheLine
    );
    public static readonly Phrase BarStill = Must(
        "bar-still",
        Phase.Entry,
        (
            "The bar is held still with straight arms before the first rep.",
            "La barra se sostiene quieta con los brazos rectos antes de la primera repetición."
        ),
        SeenFromTheFront,
        ("The bar goes down before it was still.", "La barra baja antes de estar quieta."),
        ("No rep, still first", "No válida, quieta primero"),
        Again
    );

    public static readonly Phrase Floor = Must(
        "from-floor",
        Start,
        (
            "Each rep begins with the bar on the floor, both sides at once.",
            "Cada repetición empieza con la barra en el suelo, los dos lados a la vez."
        ),
        Heard,
        ("The plates do not touch the floor.", "Los discos no tocan el suelo."),
        ("No rep, floor", "No válida, suelo"),
        FromFloor,
        FromTheFloor,
        new Predicate.Lower(Part.Load, Part.Floor, -230),
        new()
        {
            ImplementPart = "plates",
            Reference = "floor",
            SameMoment = true,
        }
    );
    public static readonly Phrase HeadsOnFloor = Must(
        "heads-on-floor",
        Start,
        ("Both heads of the dumbbell touch the floor.", "Las dos cabezas de la mancuerna tocan el suelo."),
        SeenFromTheFront,
        ("Only one head touches the floor, or none.", "Solo toca el suelo una cabeza, o ninguna."),
        ("No rep, both heads", "No válida, las dos cabezas"),
        FromFloor,
        FromTheFloor,
        new Predicate.Lower(Part.Load, Part.Floor, -110),
        new() { ImplementPart = "both heads", Reference = "floor" }
    );
    public static readonly Phrase Hang = Must(
        "hang",
        Start,
        ("The load hangs above the knee and does not touch the floor.", "La carga cuelga por encima de la rodilla y no toca el suelo."),
        SeenFromTheSide,
        ("The load passes below the knee or touches the floor.", "La carga pasa por debajo de la rodilla o toca el suelo."),
        ("No rep, hang", "No válida, suspensión"),
        FromHang,
        RepeatTheRep,
        new Predicate.Higher(Part.Load, Part.Knee),
        new() { ImplementPart = "bar or heads", Reference = "knee" }
    );
    public static readonly Phrase FrontRack = May(
        "front-rack",
        Start,
        ("Standing tall, the load on the front of the shoulders.", "De pie, con la carga en la parte delantera de los hombros.")
    );
    public static readonly Phrase BackRack = May(
        "back-rack",
        Start,
        ("Standing tall, the bar on the back of the shoulders.", "De pie, con la barra en la parte trasera de los hombros.")
    );
    public static readonly Phrase Goblet = Must(
        "goblet",
        Start,
        ("The load is held in front of the chest with both hands.", "La carga se sostiene delante del pecho con las dos manos."),
        SeenFromTheFront,
        ("The load rests on a shoulder or comes away from the chest.", "La carga se apoya en un hombro o se separa del pecho."),
        ("No rep, hold", "No válida, agarre"),
        Again
    );
    public static readonly Phrase HangArms = Must(
        "arms-straight",
        Start,
        ("Hanging, arms straight, feet off the floor.", "En suspensión, brazos rectos y pies sin tocar el suelo."),
        SeenFromTheSide,
        ("The arms stay bent at the bottom.", "Los brazos siguen flexionados abajo."),
        ("No rep, arms", "No válida, brazos"),
        ("Hang with straight arms, then pull again.", "Colgarse con los brazos rectos y tirar de nuevo."),
        NotCounted,
        new Predicate.Straight(Joint.Elbow, 10),
        new() { BodyPart = "elbows", AngleDegrees = 10 }
    );
    public static readonly Phrase JumpArms = Must(
        "jump-arms",
        Start,
        (
            "Feet on the floor or step, arms straight at the lowest point.",
            "Pies en el suelo o el escalón, brazos rectos en el punto más bajo."
        ),
        SeenFromTheSide,
        ("The arms are still bent when the athlete jumps.", "Los brazos siguen flexionados cuando el atleta salta."),
        ("No rep, arms", "No válida, brazos"),
        ("Sink until the arms are straight, then jump.", "Bajar hasta tener los brazos rectos y saltar."),
        NotCounted,
        new Predicate.Straight(Joint.Elbow, 10),
        new() { BodyPart = "elbows", AngleDegrees = 10 }
    );
    public static readonly Phrase HeelsBehindBar = Must(
        "heels-behind",
        Start,
        ("At the bottom both heels pass behind the plane of the bar.", "Abajo, los dos talones pasan por detrás del plano de la barra."),
        SeenFromTheSide,
        ("The heels stay in front of the bar’s plane.", "Los talones se quedan delante del plano de la barra."),
        ("No rep, heels", "No válida, talones"),
        ("Swing the heels behind the bar, then raise the legs.", "Llevar los talones detrás de la barra y subir las piernas."),
        NotCounted,
        new Predicate.Behind(Part.Heel, Part.HighBar),
        new() { BodyPart = "both heels", Reference = "vertical plane of the bar" }
    );
    public static readonly Phrase HeelsBehindUpright = HeelsBehindBar with
    {
        Text = (
            "At the bottom both heels pass behind the front edge of the upright.",
            "Abajo, los dos talones pasan por detrás del borde delantero del poste."
        ),
        Of = new() { BodyPart = "both heels", Reference = "front edge of the upright" },
        Fault = HeelsBehindBar.Fault! with
        {
            Sign = ("The heels stay in front of the upright.", "Los talones se quedan delante del poste."),
            Fix = ("Swing the heels behind the upright, then raise the legs.", "Llevar los talones detrás del poste y subir las piernas."),
        },
    };

    public static readonly Phrase OpenHips = HeelsBehindBar with
    {
        Text = (
            "At the bottom the hips are open: thighs in line with the trunk.",
            "Abajo, la cadera está abierta: muslos en línea con el tronco."
        ),
        Holds = new Predicate.Straight(Joint.Hip, 15),
        Of = new() { BodyPart = "hips", AngleDegrees = 15 },
        Fault = HeelsBehindBar.Fault! with
        {
            Sign = ("The hips stay bent at the bottom.", "La cadera sigue flexionada abajo."),
            Call = ("No rep, hips", "No válida, cadera"),
            Fix = ("Open the hips, then raise the legs.", "Abrir la cadera y subir las piernas."),
        },
    };
}
