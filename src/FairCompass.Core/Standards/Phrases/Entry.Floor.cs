using FairCompass.Core.Standards.Figures;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;
using static FairCompass.Core.Standards.Phrases.Write;

namespace FairCompass.Core.Standards.Phrases;

/// <content>Entries from the floor, to a line, a wall, or a load.</content>
internal static partial class Entry
{
    public static readonly Phrase Plank = Must(
        "plank",
        Start,
        ("Arms straight, the body in one line from shoulder to heel.", "Brazos rectos y el cuerpo en línea de hombros a talones."),
        SeenFromTheSide,
        ("The hips are high or sag at the top.", "La cadera está alta o caída arriba."),
        ("No rep, plank", "No rep, plancha"),
        NextGood,
        NotCounted,
        new Predicate.Both([new Predicate.Straight(Joint.Hip, 15), new Predicate.Straight(Joint.Elbow, 10)]),
        new() { BodyPart = "hips and elbows", AngleDegrees = 15 }
    );
    public static readonly Phrase LyingBack = Must(
        "lying-back",
        Start,
        (
            "Lying on the back, both hands on the floor above the head.",
            "Tumbado boca arriba, con las dos manos en el suelo por encima de la cabeza."
        ),
        SeenFromTheSide,
        ("The hands do not touch the floor above the head.", "Las manos no tocan el suelo por encima de la cabeza."),
        ("No rep, floor behind", "No rep, suelo atrás"),
        ("Lie back until both hands touch.", "Tumbarse hasta tocar con las dos manos."),
        NotCounted,
        new Predicate.Touches(Part.Palm, Part.Floor, 60),
        new() { BodyPart = "both hands", Reference = "floor above the head" }
    );
    public static readonly Phrase LyingBall = LyingBack with
    {
        Id = "lying-ball",
        Text = (
            "Lying on the back, the ball touches the floor behind the head.",
            "Tumbado boca arriba, el balón toca el suelo por encima de la cabeza."
        ),
        Of = new() { ImplementPart = "ball", Reference = "floor above the head" },
        Fault = LyingBack.Fault! with
        {
            Sign = ("The ball does not touch the floor above the head.", "El balón no toca el suelo por encima de la cabeza."),
            Call = ("No rep, floor behind", "No rep, suelo atrás"),
            Fix = ("Lie back until the ball touches.", "Tumbarse hasta que toque el balón."),
        },
    };
    public static readonly Phrase BladesDown = Must(
        "blades",
        Start,
        ("Both shoulder blades touch the floor.", "Los dos omóplatos tocan el suelo."),
        SeenFromTheSide,
        ("A shoulder blade stays off the floor.", "Un omóplato no toca el suelo."),
        ("No rep, blades", "No rep, espalda"),
        ("Lie back until both shoulder blades touch.", "Tumbarse hasta tocar con los dos omóplatos."),
        NotCounted,
        null,
        new() { BodyPart = "shoulder blades", Reference = "floor" }
    );
    public static readonly Phrase BothFeet = May(
        "both-feet",
        Start,
        ("Both feet on the floor on one side.", "Los dos pies en el suelo a un lado.")
    );
    public static readonly Phrase FaceBar = Must(
        "square",
        Start,
        (
            "The athlete lies square to the bar, head to its middle.",
            "El atleta se tumba perpendicular a la barra, con la cabeza hacia el centro."
        ),
        SeenFromTheFront,
        ("The body lies along the bar, not square to it.", "El cuerpo queda a lo largo de la barra, no perpendicular."),
        ("No rep, face the bar", "No rep, de frente a la barra"),
        ("Lie down again, square to the bar.", "Tumbarse de nuevo, perpendicular a la barra."),
        FromTheFloor
    );
    public static readonly Phrase BehindLine = Must(
        "behind-line",
        Start,
        ("Both feet and any load are behind the line.", "Los dos pies y la carga están detrás de la línea."),
        SeenFromTheSide,
        ("A foot or the load is on or over the line at the start.", "Un pie o la carga está sobre la línea o la pasa al empezar."),
        ("Back, start line", "Atrás, línea de salida"),
        ("Go back behind the line.", "Volver detrás de la línea."),
        FromTheLine,
        null,
        new()
        {
            BodyPart = "both feet",
            Reference = "line",
            OnTheLine = OnTheLine.Out,
        }
    );
    public static readonly Phrase HandsBehindLine = Must(
        "hands-behind",
        Start,
        ("Hands and feet are behind the line before the start.", "Manos y pies están detrás de la línea antes de empezar."),
        SeenFromTheSide,
        ("A hand is on or over the line at the start.", "Una mano está sobre la línea o la pasa al empezar."),
        ("Back, start line", "Atrás, línea de salida"),
        ("Go back behind the line.", "Volver detrás de la línea."),
        FromTheLine,
        null,
        new()
        {
            BodyPart = "hands and feet",
            Reference = "line",
            OnTheLine = OnTheLine.Out,
        }
    );
    public static readonly Phrase HeelsUp = Must(
        "heels-up",
        Start,
        (
            "Upside down, arms straight, both heels on the wall above the line.",
            "Invertido, brazos rectos y los dos talones en la pared por encima de la línea."
        ),
        SeenFromTheFront,
        ("A heel is below the line when the rep begins.", "Un talón está por debajo de la línea al empezar."),
        ("No rep, heels", "No rep, talones"),
        ("Bring the heels above the line, then repeat the rep.", "Subir los talones por encima de la línea y repetir."),
        NotCounted,
        new Predicate.Higher(Part.Heel, Part.WallLine),
        new()
        {
            BodyPart = "both heels",
            Reference = "wall line",
            OnTheLine = OnTheLine.Out,
        }
    );
    public static readonly Phrase WallWalkDown = Must(
        "face-down",
        Start,
        (
            "Face down, chest and hips on the floor, hands behind the start line.",
            "Boca abajo, pecho y cadera en el suelo y manos detrás de la línea de salida."
        ),
        SeenFromTheSide,
        ("Chest or hips stay off the floor.", "El pecho o la cadera no toca el suelo."),
        ("No rep, chest", "No rep, pecho"),
        ("Lie down, then begin again.", "Tumbarse y empezar de nuevo."),
        FromTheFloor,
        new Predicate.Touches(Part.Chest, Part.Floor, 50),
        new() { BodyPart = "chest and hips", Reference = "floor" }
    );
    public static readonly Phrase RopeForward = Must(
        "rope-forward",
        Start,
        ("The rope turns forward.", "La comba gira hacia delante."),
        SeenFromTheSide,
        ("The rope turns backward.", "La comba gira hacia atrás."),
        ("No rep, forward", "No rep, adelante"),
        ("Turn the rope forward.", "Girar la comba hacia delante."),
        NotCounted
    );
    public static readonly Phrase FromFloorFree = Must(
        "climb-start",
        Start,
        (
            "The climb begins from the floor, standing or with a jump; nothing lifts the athlete.",
            "La subida empieza desde el suelo, de pie o con un salto; nada eleva al atleta."
        ),
        SeenFromTheFront,
        ("A box or a person lifts the athlete.", "Un cajón o una persona eleva al atleta."),
        ("No rep, start", "No rep, salida"),
        ("Come down and climb from the floor.", "Bajar y subir desde el suelo.")
    );
    public static readonly Phrase Lying = Must(
        "on-bench",
        Start,
        ("Hips and shoulders lie on the bench, the feet on the floor.", "Cadera y hombros apoyados en el banco, pies en el suelo."),
        SeenFromTheSide,
        ("The hips leave the bench.", "La cadera se separa del banco."),
        ("No rep, hips", "No rep, cadera"),
        ("Put the hips down, then repeat the rep.", "Apoyar la cadera y repetir.")
    );
    public static readonly Phrase StandsFree = May(
        "start-free",
        Start,
        ("The way down may begin from any position.", "La bajada puede empezar desde cualquier posición.")
    );
    public static readonly Phrase RingsHold = Must(
        "hands-on-rings",
        Start,
        (
            "Each attempt begins with both hands on the rings and both feet on floor or step.",
            "Cada intento empieza con las dos manos en las anillas y los dos pies en el suelo o el escalón."
        ),
        SeenFromTheFront,
        ("A hand is off the rings when the feet leave the floor.", "Una mano no está en las anillas cuando los pies dejan el suelo."),
        ("No attempt, hands", "Intento nulo, manos"),
        ("Take both rings, then jump.", "Agarrar las dos anillas y saltar."),
        AttemptLost,
        null,
        new() { BodyPart = "both hands", Reference = "rings" }
    );
    public static readonly Phrase RowLine = Must(
        "row-arms",
        Start,
        (
            "Arms straight below, heels on the line, the body in one line.",
            "Brazos rectos abajo, talones en la línea y el cuerpo en línea recta."
        ),
        SeenFromTheSide,
        ("The arms stay bent below.", "Los brazos siguen flexionados abajo."),
        ("No rep, arms", "No rep, brazos"),
        ("Straighten the arms, then pull again.", "Estirar los brazos y tirar de nuevo."),
        NotCounted,
        new Predicate.Straight(Joint.Elbow, 10),
        new() { BodyPart = "elbows", AngleDegrees = 10 }
    );
    public static readonly Phrase BellBetweenLegs = May(
        "bell-back",
        Start,
        ("The bell swings back between the legs.", "La pesa pasa atrás entre las piernas.")
    );
    public static readonly Phrase OneHandBell = Must(
        "one-hand",
        Start,
        ("One hand holds the handle.", "Una mano sujeta el asa."),
        SeenFromTheFront,
        ("Both hands are on the bell.", "Las dos manos están en la pesa."),
        ("No rep, one hand", "No rep, una mano"),
        NextGood
    );
    public static readonly Phrase BallFront = May(
        "ball-front",
        Start,
        ("Standing, the ball in both hands in front of the body.", "De pie, con el balón en las dos manos delante del cuerpo.")
    );
    public static readonly Phrase BagFloor = May(
        "bag-on-floor",
        Start,
        (
            "The bag lies on the floor; everybody who lifts stands beside it.",
            "El saco está en el suelo; quienes lo levantan están a su lado."
        )
    );
    public static readonly Phrase BagShoulder = Must(
        "bag-upright",
        Start,
        ("Upright, the bag on one shoulder of everybody who lifts.", "Erguidos, con el saco en un hombro de todos los que levantan."),
        SeenFromTheFront,
        ("The rep begins before everybody stands upright.", "La repetición empieza antes de que todos estén erguidos."),
        ("No rep, upright", "No rep, erguidos"),
        ("Stand upright with the bag, then repeat the rep.", "Ponerse erguidos con el saco y repetir.")
    );
    public static readonly Phrase SandbagHeld = May(
        "bag-held",
        Start,
        (
            "Both feet on the floor on one side, the bag held clear of box and floor.",
            "Los dos pies en el suelo a un lado, con el saco sin tocar cajón ni suelo."
        )
    );
}
