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
            "Each time the load is taken from the floor, a squat clean may be the first rep.",
            "Cada vez que la carga se toma del suelo, una cargada completa puede ser la primera repetición."
        )
    );
    public static readonly Phrase Rack = May(
        "entry-rack",
        Phase.Entry,
        (
            "The bar is taken from a rack where one stands in the lane; else it is cleaned, and that is no rep.",
            "La barra se toma del soporte si hay uno en la calle; si no, se carga del suelo, y eso no cuenta."
        )
    );
    public static readonly Phrase Clean = May(
        "entry-clean",
        Phase.Entry,
        ("The load comes to the shoulders in any way; that is no rep.", "La carga llega a los hombros de cualquier manera; eso no cuenta.")
    );
    public static readonly Phrase ToChest = May(
        "entry-chest",
        Phase.Entry,
        ("The load is brought to the chest in any way; that is no rep.", "La carga se lleva al pecho de cualquier manera; eso no cuenta.")
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
    public static readonly Phrase LiftUpRings = May(
        "entry-step",
        Phase.Entry,
        ("A step or a jump to the rings is allowed.", "Se permite un escalón o saltar a las anillas.")
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
        ("No rep, stand first", "No rep, de pie primero"),
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
        ("No rep, kick up", "No rep, subir primero"),
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
    public static readonly Phrase SkiHandles = Must(
        "handles",
        Phase.Entry,
        ("Both handles hang at the top until go.", "Los dos tiradores cuelgan arriba hasta la salida."),
        SeenFromTheSide,
        ("A handle is pulled before go, or by somebody else.", "Se tira antes de la salida, o lo hace otra persona."),
        ("Stop, handles", "Alto, tiradores"),
        ("Let them go up and begin again.", "Dejar que suban y empezar de nuevo."),
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
        ("No rep, still first", "No rep, quieta primero"),
        NextGood
    );

    public static readonly Phrase Floor = Must(
        "from-floor",
        Start,
        ("Each rep begins with the plates on the floor.", "Cada repetición empieza con los discos en el suelo."),
        Heard,
        ("The plates do not touch the floor.", "Los discos no tocan el suelo."),
        ("No rep, floor", "No rep, suelo"),
        FromFloor,
        FromTheFloor,
        new Predicate.Lower(Part.Load, Part.Floor, -230),
        new() { ImplementPart = "plates", Reference = "floor" }
    );
    public static readonly Phrase HeadsOnFloor = Must(
        "heads-on-floor",
        Start,
        ("One head of the dumbbell touches the floor.", "Una cabeza de la mancuerna toca el suelo."),
        SeenFromTheFront,
        ("No head touches the floor.", "Ninguna cabeza toca el suelo."),
        ("No rep, floor", "No rep, suelo"),
        FromFloor,
        FromTheFloor,
        new Predicate.Lower(Part.Load, Part.Floor, -110),
        new() { ImplementPart = "one head", Reference = "floor" }
    );
    public static readonly Phrase BothHeadsOnFloor = HeadsOnFloor with
    {
        Text = ("Both heads of the dumbbell touch the floor.", "Las dos cabezas de la mancuerna tocan el suelo."),
        Of = new() { ImplementPart = "both heads", Reference = "floor" },
        Fault = HeadsOnFloor.Fault! with
        {
            Sign = ("Only one head touches the floor, or none.", "Solo toca el suelo una cabeza, o ninguna."),
            Call = ("No rep, both heads", "No rep, las dos cabezas"),
        },
    };
    public static readonly Phrase HangBeside = Must(
        "hang",
        Start,
        (
            "The dumbbells hang between hip and knee, beside the legs.",
            "Las mancuernas cuelgan entre cadera y rodilla, junto a las piernas."
        ),
        SeenFromTheSide,
        ("A dumbbell passes below the knee.", "Una mancuerna pasa por debajo de la rodilla."),
        ("No rep, below the knee", "No rep, por debajo de la rodilla"),
        FromHang,
        NotCounted,
        new Predicate.Higher(Part.Load, Part.Knee),
        new() { ImplementPart = "heads", Reference = "knee" }
    );
    public static readonly Phrase Hang = Must(
        "hang",
        Start,
        ("The load hangs above the knee.", "La carga cuelga por encima de la rodilla."),
        SeenFromTheSide,
        ("The load passes below the knee.", "La carga pasa por debajo de la rodilla."),
        ("No rep, below the knee", "No rep, por debajo de la rodilla"),
        FromHang,
        NotCounted,
        new Predicate.Higher(Part.Load, Part.Knee),
        new() { ImplementPart = "bar or heads", Reference = "knee" }
    );
    public static readonly Phrase FrontRack = Must(
        "front-rack",
        Start,
        (
            "Before each rep the load is at the front of the shoulders, the athlete standing.",
            "Antes de cada repetición la carga está delante, en los hombros, y el atleta de pie."
        ),
        SeenFromTheFront,
        (
            "The rep begins from a half squat, or before the load is at the shoulders.",
            "La repetición empieza desde media sentadilla o antes de que la carga esté en los hombros."
        ),
        ("No rep, stand first", "No rep, ponte de pie"),
        StandFirst
    );
    public static readonly Phrase BackRack = Must(
        "back-rack",
        Start,
        (
            "Before the first rep the athlete stands straight with the bar on the back, clear of the rack.",
            "Antes de la primera repetición el atleta está erguido, con la barra en la espalda y fuera del soporte."
        ),
        SeenFromTheSide,
        ("The first rep begins before the athlete stands straight.", "La primera repetición empieza antes de que el atleta esté erguido."),
        ("No rep, stand first", "No rep, ponte de pie"),
        StandFirst
    );
    public static readonly Phrase Goblet = Must(
        "goblet",
        Start,
        (
            "Both hands hold it at the chest, by its horns, base or handle; contact with chest or chin is good.",
            "Las dos manos la sostienen en el pecho, por los cuernos, la base o el asa; tocar pecho o barbilla es válido."
        ),
        SeenFromTheFront,
        ("It rests on a shoulder or the belly.", "Se apoya en un hombro o en el vientre."),
        ("No rep, hold", "No rep, sujeta bien"),
        NextGood
    );
    public static readonly Phrase HangArms = Must(
        "arms-straight",
        Start,
        ("Hanging, arms straight, feet off the floor.", "En suspensión, brazos rectos y pies sin tocar el suelo."),
        SeenFromTheSide,
        ("The arms stay bent at the bottom.", "Los brazos siguen flexionados abajo."),
        ("No rep, arms", "No rep, brazos"),
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
        ("No rep, arms", "No rep, brazos"),
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
        ("No rep, heels", "No rep, talones"),
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
            Call = ("No rep, hips", "No rep, cadera"),
            Fix = ("Open the hips, then raise the legs.", "Abrir la cadera y subir las piernas."),
        },
    };
}
