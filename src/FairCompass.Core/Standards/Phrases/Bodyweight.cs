using FairCompass.Core.Standards.Figures;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;
using static FairCompass.Core.Standards.Phrases.Write;

namespace FairCompass.Core.Standards.Phrases;

/// <summary>Squats, push-ups, dips, and jumps without a load.</summary>
internal static class Bodyweight
{
    public static readonly Phrase StandsTall = Must(
        "stands-tall",
        Start,
        ("Before each rep the athlete stands tall.", "Antes de cada repetición el atleta está erguido."),
        SeenFromTheSide,
        ("The rep begins from a half squat.", "La repetición empieza desde media sentadilla."),
        ("No rep, stand first", "No rep, ponte de pie"),
        StandFirst
    );
    public static readonly Phrase OtherFootFree = Must(
        "other-foot",
        Through,
        ("The other foot stays off the floor.", "El otro pie no toca el suelo."),
        SeenFromTheSide,
        ("The other foot touches the floor.", "El otro pie toca el suelo."),
        ("No rep, foot", "No rep, pie"),
        NextGood
    );
    public static readonly Phrase ChestToFloor = Must(
        "push-chest",
        Through,
        ("The chest touches the floor.", "El pecho toca el suelo."),
        SeenFromTheSide,
        ("The chest stays off the floor.", "El pecho no toca el suelo."),
        ("No rep, chest", "No rep, pecho"),
        NextGood,
        NotCounted,
        new Predicate.Touches(Part.Chest, Part.Floor, 50),
        new() { BodyPart = "chest", Reference = "floor" }
    );
    public static readonly Phrase DipDepth = Must(
        "dip-depth",
        Through,
        ("At the lowest point the shoulder is below the elbow.", "En el punto más bajo el hombro está por debajo del codo."),
        SeenFromTheSide,
        ("The shoulder stays level with the elbow, or higher.", "El hombro queda a la altura del codo o más alto."),
        ("No rep, depth", "No rep, profundidad"),
        ("Go lower in the next rep.", "Bajar más en la siguiente repetición."),
        NotCounted,
        null,
        new() { BodyPart = "shoulder", Reference = "elbow" }
    );
    public static readonly Phrase DipSupport = Must(
        "dip-start",
        Start,
        ("Each rep begins in the support, elbows straight.", "Cada repetición empieza en el apoyo, con los codos rectos."),
        SeenFromTheSide,
        ("An elbow is bent when the way down begins.", "Un codo está flexionado al empezar a bajar."),
        ("No rep, arms", "No rep, brazos"),
        NextGood,
        NotCounted,
        null,
        new() { BodyPart = "elbows" }
    );
    public static readonly Phrase StrictPull = Never(
        "strict-pull",
        Through,
        ("The body does not swing, and the legs do not kick.", "El cuerpo no se balancea y las piernas no impulsan."),
        SeenFromTheSide,
        ("The hips or knees bend and open to help.", "La cadera o las rodillas se flexionan y se abren para ayudar."),
        ("No rep, strict", "No rep, estricta"),
        NextGood
    );
    public static readonly Phrase NoLegs = Never(
        "no-legs",
        Through,
        ("No leg and no foot holds the rope on the way up.", "Ninguna pierna ni pie sujeta la cuerda al subir."),
        SeenFromTheFront,
        ("A leg or a foot holds the rope.", "Una pierna o un pie sujeta la cuerda."),
        ("No rep, legs", "No rep, piernas"),
        ("Come down and climb again.", "Bajar y subir de nuevo."),
        NotCounted
    );
    public static readonly Phrase FacingWall = Must(
        "facing-wall",
        Start,
        ("The chest faces the wall, arms straight, the body in one line.", "El pecho mira a la pared, brazos rectos y el cuerpo en línea."),
        SeenFromTheSide,
        ("An elbow is bent, or the body leaves the line.", "Un codo está flexionado o el cuerpo sale de la línea."),
        ("No rep, start", "No rep, inicio"),
        NextGood,
        NotCounted,
        null,
        new() { BodyPart = "elbows and body" }
    );
    public static readonly Phrase HeadBetween = Must(
        "head",
        Through,
        ("The head touches the floor between the hands.", "La cabeza toca el suelo entre las manos."),
        SeenFromTheFront,
        ("The head does not touch.", "La cabeza no toca."),
        ("No rep, head", "No rep, cabeza"),
        NextGood,
        NotCounted,
        null,
        new() { BodyPart = "head", Reference = "floor" }
    );
    public static readonly Phrase HeelsTouchWall = Must(
        "heels-touch",
        Finish,
        ("The elbows are straight and both heels touch the wall.", "Los codos están rectos y los dos talones tocan la pared."),
        SeenFromTheSide,
        ("A heel stays off the wall, or an elbow is bent.", "Un talón no toca la pared o un codo está flexionado."),
        ("No rep, finish", "No rep, final"),
        NextGood,
        NotCounted,
        null,
        new() { BodyPart = "heels and elbows", Reference = "wall" }
    );
    public static readonly Phrase VTouch = Must(
        "v-touch",
        Finish,
        (
            "Both hands touch the shins or the feet, legs and trunk off the floor.",
            "Las dos manos tocan las espinillas o los pies, con piernas y tronco en el aire."
        ),
        SeenFromTheSide,
        ("The hands stop before the shins.", "Las manos se quedan antes de las espinillas."),
        ("No rep, touch", "No rep, toca"),
        NextGood,
        NotCounted,
        null,
        new() { BodyPart = "both hands", Reference = "shins" }
    );
    public static readonly Phrase VFlat = Must(
        "v-flat",
        Start,
        (
            "Heels and both hands touch the floor, the body stretched.",
            "Los talones y las dos manos tocan el suelo, con el cuerpo estirado."
        ),
        SeenFromTheSide,
        ("Heels or hands stay off the floor.", "Los talones o las manos no tocan el suelo."),
        ("No rep, flat", "No rep, estirado"),
        NextGood,
        NotCounted,
        null,
        new() { BodyPart = "heels and hands", Reference = "floor" }
    );
    public static readonly Phrase HipRoller = Must(
        "roller",
        Finish,
        (
            "Both hands touch the roller or the pad in front, the trunk past the vertical.",
            "Las dos manos tocan el rodillo o la almohadilla delante, con el tronco pasada la vertical."
        ),
        SeenFromTheSide,
        ("The hands do not touch in front.", "Las manos no tocan delante."),
        ("No rep, touch", "No rep, toca"),
        NextGood,
        NotCounted,
        null,
        new() { BodyPart = "both hands", Reference = "roller" }
    );
    public static readonly Phrase HipBelow = Must(
        "hips-below",
        Start,
        ("Below, a hand touches the floor or the mark beneath.", "Abajo, una mano toca el suelo o la marca de debajo."),
        SeenFromTheSide,
        ("No hand touches below.", "Ninguna mano toca abajo."),
        ("No rep, lower", "No rep, más abajo"),
        NextGood,
        NotCounted,
        null,
        new() { BodyPart = "one hand", Reference = "floor" }
    );
    public static readonly Phrase JumpOverLine = Must(
        "over-line",
        Finish,
        ("Both feet go over together and land on the other side.", "Los dos pies pasan a la vez y caen al otro lado."),
        SeenFromTheSide,
        ("A foot steps over, or touches the line or the hurdle.", "Un pie pasa con paso o toca la línea o la valla."),
        ("No rep, over", "No rep, por encima"),
        ("Go back and jump again.", "Volver y saltar de nuevo."),
        RepeatTheLastPhase,
        null,
        new() { BodyPart = "both feet", SameMoment = true }
    );
    public static readonly Phrase BehindTheLine = Must(
        "behind-jump",
        Start,
        ("Both feet stand behind the line before each jump.", "Los dos pies están detrás de la línea antes de cada salto."),
        SeenFromTheSide,
        ("A foot stands on the line at take-off.", "Un pie está sobre la línea al despegar."),
        ("No rep, line", "No rep, línea"),
        ("Step back and jump.", "Dar un paso atrás y saltar."),
        RepeatTheLastPhase
    );
    public static readonly Phrase TouchHigh = Must(
        "touch-high",
        Finish,
        ("A hand touches the bar or a ring.", "Una mano toca la barra o una anilla."),
        SeenFromTheFront,
        ("No hand touches.", "Ninguna mano toca."),
        ("No touch", "No toca"),
        ("Jump again.", "Saltar de nuevo."),
        NotCounted,
        null,
        new() { BodyPart = "one hand", Reference = "bar or rings" }
    );
    public static readonly Phrase BothFeetLeave = Must(
        "feet-leave",
        Through,
        ("Both feet leave the floor.", "Los dos pies dejan el suelo."),
        SeenFromTheSide,
        ("A foot stays on floor or step.", "Un pie sigue en el suelo o el escalón."),
        ("No touch, jump", "No toca, salta"),
        ("Jump again.", "Saltar de nuevo."),
        NotCounted
    );
}
