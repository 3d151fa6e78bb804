using FairCompass.Core.Standards.Figures;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;
using static FairCompass.Core.Standards.Phrases.Write;

namespace FairCompass.Core.Standards.Phrases;

/// <content>Trunk, skipping, balls, machines, and mounting.</content>
internal static partial class OnTheFloor
{
    public static readonly Phrase SitTouch = Must(
        "sit-touch",
        Finish,
        ("Sitting up, both hands touch the floor in front of the feet.", "Sentado, las dos manos tocan el suelo delante de los pies."),
        SeenFromTheSide,
        ("The hands stop before the feet.", "Las manos se quedan antes de los pies."),
        ("No rep, reach", "No rep, alcance"),
        ("Reach further in the next rep.", "Llegar más lejos en la siguiente repetición."),
        NotCounted,
        new Predicate.Touches(Part.Palm, Part.Floor, 90),
        new() { BodyPart = "both hands", Reference = "floor in front of the feet" }
    );
    public static readonly Phrase SitBall = Must(
        "sit-ball",
        Finish,
        ("Sitting up, the ball touches the floor in front of the feet.", "Sentado, el balón toca el suelo delante de los pies."),
        SeenFromTheSide,
        ("The ball stops before the feet.", "El balón se queda antes de los pies."),
        ("No rep, ball", "No rep, balón"),
        ("Reach further in the next rep.", "Llegar más lejos en la siguiente repetición."),
        NotCounted,
        new Predicate.Touches(Part.Palm, Part.Floor, 110),
        new() { ImplementPart = "ball", Reference = "floor in front of the feet" }
    );
    public static readonly Phrase SitUpright = Must(
        "sit-upright",
        Finish,
        ("Sitting up, the shoulders pass the line of the hips.", "Sentado, los hombros pasan la línea de la cadera."),
        SeenFromTheSide,
        ("The shoulders stay behind the hips.", "Los hombros se quedan detrás de la cadera."),
        ("No rep, sit up", "No rep, sentarse"),
        ("Sit up further in the next rep.", "Sentarse más en la siguiente repetición."),
        NotCounted,
        new Predicate.Ahead(Part.Shoulder, Part.Hip),
        new() { BodyPart = "shoulders", Reference = "hips" }
    );
    public static readonly Phrase FeetStill = May(
        "feet-still",
        Through,
        ("The arms may swing; the feet stay on the floor.", "Los brazos pueden impulsar; los pies siguen en el suelo.")
    );
    public static readonly Phrase PlankHold = Must(
        "plank-hold",
        Start,
        (
            "Arms straight, body in one line, nothing but hands and feet on the floor.",
            "Brazos rectos, cuerpo en línea y solo manos y pies en el suelo."
        ),
        SeenFromTheSide,
        (
            "A knee, the belly or a hip touches, or the hips sag or rise.",
            "Toca una rodilla, el vientre o la cadera, o la cadera cae o sube."
        ),
        ("Break", "Se ha perdido"),
        (
            "Take the position again; the time or the reps go on from there.",
            "Volver a la posición; el tiempo o las repeticiones siguen desde ahí."
        ),
        WaitForKit,
        new Predicate.Both([new Predicate.Straight(Joint.Hip, 15), new Predicate.Straight(Joint.Elbow, 12)]),
        new() { BodyPart = "hips and elbows", AngleDegrees = 15 }
    );
    public static readonly Phrase TwoTurns = Must(
        "two-turns",
        Through,
        ("The rope passes under both feet twice in one jump.", "La comba pasa dos veces bajo los dos pies en un salto."),
        Heard,
        ("The rope passes once in the jump.", "La comba pasa una sola vez en el salto."),
        ("Single", "Simple"),
        NextRep,
        NotCounted,
        null,
        new() { BodyPart = "both feet", Count = 2 }
    );
    public static readonly Phrase OneTurn = Must(
        "one-turn",
        Through,
        ("The rope passes under both feet once in each jump.", "La comba pasa una vez bajo los dos pies en cada salto."),
        Heard,
        ("The athlete jumps without a turn of the rope.", "El atleta salta sin una vuelta de la comba."),
        ("No turn", "Sin vuelta"),
        NextRep,
        NotCounted,
        null,
        new() { BodyPart = "both feet", Count = 1 }
    );
    public static readonly Phrase RopeClear = Must(
        "rope-clear",
        Finish,
        ("The rope has passed completely under the feet.", "La comba ha pasado por completo bajo los pies."),
        SeenFromTheSide,
        ("The rope stops at the feet.", "La comba se para en los pies."),
        ("No rep, caught", "No rep, enganchada"),
        ("Start the rope again.", "Volver a girar la comba."),
        NotCounted,
        new Predicate.Higher(Part.Toe, Part.Floor, 15),
        new() { BodyPart = "both feet" }
    );
    public static readonly Phrase SinglesBetween = May(
        "singles-between",
        Between,
        ("Single turns between are allowed and not counted.", "Se permiten vueltas simples entre medias y no cuentan.")
    );
    public static readonly Phrase RestSitting = May(
        "rest-sitting",
        Between,
        ("A rest lying or sitting is allowed.", "Se permite descansar tumbado o sentado.")
    );
    public static readonly Phrase RestStanding = May(
        "rest-standing",
        Between,
        ("A rest standing is allowed.", "Se permite descansar de pie.")
    );

    public static readonly Phrase BallHit = Must(
        "ball-hit",
        Finish,
        ("The ball hits the target, or the wall above its line.", "El balón da en el blanco o en la pared por encima de su línea."),
        SeenFromTheSide,
        ("The ball meets the wall below the target, or misses it.", "El balón da en la pared por debajo del blanco o no da."),
        ("No rep, low", "No rep, por debajo"),
        ("Throw again.", "Lanzar de nuevo."),
        NotCounted,
        new Predicate.Higher(Part.Load, Part.Target),
        new()
        {
            ImplementPart = "ball",
            Reference = "line of the target",
            OnTheLine = OnTheLine.In,
        }
    );
    public static readonly Phrase BallOnItsWayUp = Never(
        "ball-late",
        Finish,
        (
            "A ball that hits on its way down, or is thrown on from a fall, is no throw.",
            "Un balón que da al bajar, o que se lanza tras caer, no es un lanzamiento."
        ),
        SeenFromTheSide,
        ("The ball has turned before it hits.", "El balón ya baja cuando da."),
        ("No rep, late", "No rep, tarde"),
        ("Throw again.", "Lanzar de nuevo.")
    );
    public static readonly Phrase BallPickUp = May(
        "pick-up",
        Start,
        (
            "The first rep may go straight from the pick-up into the squat.",
            "La primera repetición puede ir de la recogida directamente a la sentadilla."
        )
    );
    public static readonly Phrase BallStandFirst = Must(
        "pick-up",
        Start,
        (
            "After the pick-up the athlete stands tall before the first squat.",
            "Tras la recogida el atleta se pone de pie antes de la primera sentadilla."
        ),
        SeenFromTheSide,
        ("The squat begins from the pick-up.", "La sentadilla empieza desde la recogida."),
        ("No rep, stand first", "No rep, ponte de pie"),
        StandFirst
    );
    public static readonly Phrase NoBounceCatch = Must(
        "rebound",
        Between,
        (
            "A ball that fell is held still, and the athlete stands, before the next rep.",
            "Un balón caído se sujeta quieto y el atleta se pone de pie antes de la siguiente repetición."
        ),
        SeenFromTheSide,
        ("A ball that fell is caught on the bounce and thrown on.", "Un balón caído se recoge en el bote y se lanza."),
        ("No rep, bounce", "No rep, bote"),
        ("Hold the ball still, stand, then squat.", "Sujetar el balón, ponerse de pie y bajar.")
    );
    public static readonly Phrase BounceCatchAllowed = May(
        "rebound",
        Between,
        ("A ball that fell may be caught on the bounce.", "Un balón caído puede recogerse en el bote.")
    );

    public static readonly Phrase AnyStroke = May("any-stroke", Through, ("Any stride is allowed.", "Se permite cualquier pedalada."));
    public static readonly Phrase AnyRow = May("any-stroke", Through, ("Any stroke is allowed.", "Se permite cualquier remada."));
    public static readonly Phrase Number = Must(
        "number",
        Finish,
        (
            "The monitor shows the full number while the athlete is still on the machine.",
            "El monitor muestra el número completo con el atleta aún en la máquina."
        ),
        Read,
        ("The athlete leaves before the number is shown.", "El atleta se baja antes de que aparezca el número."),
        ("Back on, number", "Súbete otra vez, número"),
        ("Get on again and finish the number.", "Volver a subir y completar el número."),
        RepeatTheLastPhase,
        new Predicate.Lower(Part.Hip, Part.Seat, -20),
        new() { Reference = "monitor" }
    );
    public static readonly Phrase MonitorZero = Ready(
        "monitor-zero",
        ("The monitor shows zero before go; nobody subtracts.", "El monitor marca cero antes de empezar; nadie resta.")
    );
    public static readonly Phrase HandleBack = Must(
        "handle-back",
        Finish,
        ("The handle is put back in its holder.", "El tirador se deja en su soporte."),
        Heard,
        ("The handle flies into the machine.", "El tirador golpea la máquina."),
        ("Handle", "Tirador"),
        ("Put the handle in its holder, then go on.", "Dejar el tirador en su soporte y seguir."),
        RepeatTheLastPhase
    );
    public static readonly Phrase HandleFree = May("handle-back", Finish, ("The handle may be let go.", "El tirador puede soltarse."));
    public static readonly Phrase HandlePenalty = HandleBack with
    {
        Fault = HandleBack.Fault! with
        {
            Call = ("Handle, five", "Tirador, cinco"),
            Fix = ("Stand still until the judge has counted five, then go on.", "Esperar quieto hasta que el juez cuente cinco y seguir."),
            Then = WaitForKit,
        },
    };

    public static readonly Phrase FarShoulder = Must(
        "far-shoulder",
        Finish,
        (
            "The rep counts once the bag rests on the far shoulder of everybody who lifts.",
            "La repetición cuenta cuando el saco descansa en el hombro contrario de todos los que levantan."
        ),
        SeenFromTheFront,
        ("The bag does not come to rest on a far shoulder.", "El saco no llega a descansar en un hombro contrario."),
        ("No rep, shoulder", "No rep, hombro"),
        ("Begin the rep again at its own start.", "Empezar de nuevo la repetición desde su inicio."),
        NotCounted,
        new Predicate.Higher(Part.Load, Part.Shoulder),
        new() { ImplementPart = "bag", BodyPart = "far shoulder" }
    );
    public static readonly Phrase BagOverhead = Must(
        "bag-over",
        Through,
        (
            "The bag passes over every head; nobody steps under it alone.",
            "El saco pasa por encima de todas las cabezas; nadie queda solo debajo."
        ),
        SeenFromTheFront,
        ("The bag is passed around a head or held by too few.", "El saco rodea una cabeza o lo sujetan demasiado pocos."),
        ("No rep, over", "No rep, por encima"),
        ("Begin the rep again at its own start.", "Empezar de nuevo la repetición desde su inicio.")
    );
    public static readonly Phrase AllHold = Must(
        "all-hold",
        Through,
        (
            "Everybody named holds the bag; it does not touch the floor inside a section.",
            "Todos los nombrados sujetan el saco; no toca el suelo dentro de un tramo."
        ),
        SeenFromTheSide,
        ("The bag touches the floor, or somebody lets go.", "El saco toca el suelo o alguien lo suelta."),
        ("Bag, last mark", "Saco, última marca"),
        LastMark,
        FromTheLastMark
    );
    public static readonly Phrase ForearmPlank = PlankHold with
    {
        Id = "forearm-plank",
        Text = ("Forearms and feet on the floor, the body in one line.", "Antebrazos y pies en el suelo, el cuerpo en línea."),
        Holds = new Predicate.Straight(Joint.Hip, 15),
        Of = new() { BodyPart = "hips", AngleDegrees = 15 },
    };
    public static readonly Phrase HoldTime = Must(
        "hold-time",
        Finish,
        (
            "The time is full when the judge says so; it is read off the clock.",
            "El tiempo está completo cuando lo dice el juez; se lee en el reloj."
        ),
        Read,
        ("The athlete ends before the time is full.", "El atleta termina antes del tiempo."),
        ("Not yet", "Todavía no"),
        ("Take the position again and finish the time.", "Volver a la posición y completar el tiempo."),
        RepeatTheLastPhase,
        null,
        new() { Reference = "clock" }
    );
    public static readonly Phrase FinalCross = Must(
        "final-cross",
        Finish,
        ("The last length ends when both feet have crossed the line.", "El último largo termina cuando los dos pies han pasado la línea."),
        SeenFromTheSide,
        ("A foot has not crossed when the athlete stops.", "Un pie no ha pasado cuando el atleta se para."),
        ("Not over, line", "No pasó la línea"),
        ("Cross the line with both feet.", "Pasar la línea con los dos pies."),
        RepeatTheLastPhase,
        null,
        new()
        {
            BodyPart = "both feet",
            Reference = "line",
            OnTheLine = OnTheLine.Out,
        }
    );
    public static readonly Phrase Mount = Must(
        "mount",
        Phase.Entry,
        ("The pedals stand still until the athlete sits.", "Los pedales están quietos hasta que el atleta se sienta."),
        SeenFromTheSide,
        (
            "Pedals or handles are turned before the athlete sits, or by somebody else.",
            "Los pedales o brazos se mueven antes de que el atleta se siente, o los mueve otra persona."
        ),
        ("Stop, pedals", "Alto, pedales"),
        ("Let them stand still and begin again.", "Dejar que se paren y empezar de nuevo."),
        FromTheLine
    );
    public static readonly Phrase SkiStands = Must(
        "ski-stands",
        Finish,
        ("The athlete stays on the platform until the number is called.", "El atleta sigue en la plataforma hasta que se canta el número."),
        SeenFromTheSide,
        ("A foot is off the platform before the call.", "Un pie está fuera de la plataforma antes de la señal."),
        ("Back on, platform", "Súbete otra vez, plataforma"),
        ("Get on again and finish the number.", "Volver a subir y completar el número."),
        RepeatTheLastPhase
    );
    public static readonly Phrase StaysSeated = Must(
        "seated",
        Finish,
        ("The athlete stays on the saddle until the number is called.", "El atleta sigue en el sillín hasta que se canta el número."),
        SeenFromTheSide,
        ("A foot is on the floor before the call.", "Un pie está en el suelo antes de la señal."),
        ("Back on, seat", "Súbete otra vez, sillín"),
        ("Get on again and finish the number.", "Volver a subir y completar el número."),
        RepeatTheLastPhase
    );
}
