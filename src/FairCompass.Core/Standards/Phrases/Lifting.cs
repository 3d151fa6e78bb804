using FairCompass.Core.Standards.Figures;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;
using static FairCompass.Core.Standards.Phrases.Write;

namespace FairCompass.Core.Standards.Phrases;

/// <summary>Squats, pulls from the floor, cleans, snatches, and what goes overhead.</summary>
internal static partial class Lifting
{
    public static readonly Phrase Depth = Must(
        "depth",
        Through,
        (
            "At the lowest point the fold of the hip lies lower than the upper edge of the knee.",
            "En el punto más bajo, el pliegue de la cadera queda por debajo del borde superior de la rodilla."
        ),
        SeenFromTheSide,
        (
            "The fold of the hip stays level with the knee, or higher.",
            "El pliegue de la cadera queda a la altura de la rodilla o más alto."
        ),
        ("No rep, depth", "No rep, profundidad"),
        ("Squat lower in the next rep.", "Bajar más en la siguiente repetición."),
        NotCounted,
        new Predicate.Lower(Part.HipCrease, Part.KneeTop),
        new()
        {
            BodyPart = "fold of the hip",
            Reference = "upper edge of the knee",
            OnTheLine = OnTheLine.Out,
        }
    );
    public static readonly Phrase PowerHigh = Must(
        "power",
        Through,
        (
            "When the load is received, the fold of the hip stays higher than the upper edge of the knee.",
            "Al recibir la carga, el pliegue de la cadera queda por encima del borde superior de la rodilla."
        ),
        SeenFromTheSide,
        (
            "The load is received with the hip as low as the knee, or lower.",
            "La carga se recibe con la cadera a la altura de la rodilla o más baja."
        ),
        ("No rep, too low", "No rep, demasiado bajo"),
        NextGood,
        NotCounted,
        new Predicate.Higher(Part.HipCrease, Part.KneeTop),
        new()
        {
            BodyPart = "fold of the hip",
            Reference = "upper edge of the knee",
            OnTheLine = OnTheLine.Out,
        }
    );
    public static readonly Phrase PowerMayRide = May(
        "power",
        Through,
        (
            "The load may be received at any depth: a low catch is good.",
            "La carga puede recibirse a cualquier profundidad: recibir bajo es válido."
        )
    );
    public static readonly Phrase MuscleGood = May(
        "muscle-good",
        Through,
        ("A lift without a second bend of the knees is good.", "Un levantamiento sin segunda flexión de rodillas es válido.")
    );
    public static readonly Phrase SquatReceive = Must(
        "squat-receive",
        Through,
        (
            "The load is received and carried down in one movement until the fold of the hip is below the upper edge of the knee.",
            "La carga se recibe y baja en un solo movimiento hasta que el pliegue de la cadera queda por debajo del borde "
                + "superior de la rodilla."
        ),
        SeenFromTheSide,
        (
            "The athlete stands or stops above the knee, then squats.",
            "El atleta se pone de pie o se detiene por encima de la rodilla y luego baja."
        ),
        ("No rep, squat it", "No rep, en sentadilla"),
        NextGood,
        NotCounted,
        new Predicate.Lower(Part.HipCrease, Part.KneeTop),
        new()
        {
            BodyPart = "fold of the hip",
            Reference = "upper edge of the knee",
            OnTheLine = OnTheLine.Out,
        }
    );
    public static readonly Phrase SquatReceiveLow = SquatReceive with
    {
        Text = (
            "The load is received with the fold of the hip below the upper edge of the knee.",
            "La carga se recibe con el pliegue de la cadera por debajo del borde superior de la rodilla."
        ),
        Fault = SquatReceive.Fault! with
        {
            Sign = ("The load is received above the knee.", "La carga se recibe por encima de la rodilla."),
        },
    };
    public static readonly Phrase SquatReceiveTwo = SquatReceive with
    {
        Text = (
            "The load is received at any height and then squatted below the upper edge of the knee; a stop between is good.",
            "La carga se recibe a cualquier altura y luego baja por debajo del borde superior de la rodilla; una parada entre "
                + "medias es válida."
        ),
        Fault = SquatReceive.Fault! with
        {
            Sign = ("No squat below the knee follows.", "No sigue una sentadilla por debajo de la rodilla."),
        },
    };
    public static readonly Phrase MuscleNoBend = Never(
        "no-second-bend",
        Through,
        ("After the hips have opened, the knees do not bend again.", "Tras abrir la cadera, las rodillas no vuelven a flexionarse."),
        SeenFromTheSide,
        ("The knees bend again to receive the load.", "Las rodillas se flexionan otra vez al recibir la carga."),
        ("No rep, knees", "No rep, rodillas"),
        NextGood,
        NotCounted,
        new Predicate.Straight(Joint.Knee, 12),
        new() { BodyPart = "knees", AngleDegrees = 12 }
    );
    public static readonly Phrase SplitReceive = Must(
        "split-receive",
        Through,
        ("The load is received with one foot in front and one behind.", "La carga se recibe con un pie delante y otro detrás."),
        SeenFromTheSide,
        ("Both feet stay side by side.", "Los dos pies se quedan a la par."),
        ("No rep, split", "No rep, tijera"),
        NextGood,
        NotCounted,
        null,
        new() { BodyPart = "feet" }
    );
    public static readonly Phrase OneDrive = Must(
        "one-drive",
        Through,
        (
            "The load rises in one drive from the squat; it does not stop on the way.",
            "La carga sube de un solo impulso desde la sentadilla; no se detiene en el camino."
        ),
        SeenFromTheSide,
        ("The athlete stands up, stops, then presses.", "El atleta se levanta, se detiene y luego empuja."),
        ("No rep, one drive", "No rep, un impulso"),
        NextGood
    );
    public static readonly Phrase NoSecondDip = Never(
        "no-second-dip",
        Through,
        ("After the drive the knees do not bend again.", "Tras el impulso, las rodillas no vuelven a flexionarse."),
        SeenFromTheSide,
        ("The knees bend a second time under the load.", "Las rodillas se flexionan por segunda vez bajo la carga."),
        ("No rep, second dip", "No rep, segunda flexión"),
        NextGood,
        NotCounted,
        new Predicate.Straight(Joint.Knee, 12),
        new() { BodyPart = "knees", AngleDegrees = 12 }
    );

    /// <summary>The same after a squat, whose lowest pose is drawn on the way.</summary>
    public static readonly Phrase NoSecondDipAfterSquat = NoSecondDip with { Holds = null };
    public static readonly Phrase StrictKnees = Never(
        "strict-knees",
        Through,
        (
            "Knees and hips stay straight; nothing below the shoulders drives.",
            "Rodillas y cadera siguen rectas; nada por debajo de los hombros impulsa."
        ),
        SeenFromTheSide,
        ("The knees bend before or during the press.", "Las rodillas se flexionan antes o durante el empuje."),
        ("No rep, knees", "No rep, rodillas"),
        NextGood,
        NotCounted,
        new Predicate.Straight(Joint.Knee, 12),
        new() { BodyPart = "knees", AngleDegrees = 12 }
    );
    public static readonly Phrase DipAllowed = May(
        "dip",
        Through,
        (
            "A dip, a drive, and a second bend under the load are allowed.",
            "Se permiten la flexión, el impulso y una segunda flexión bajo la carga."
        )
    );
    public static readonly Phrase OnePull = Must(
        "one-pull",
        Through,
        ("The load goes overhead without stopping on the way.", "La carga sube por encima de la cabeza sin detenerse en el camino."),
        SeenFromTheFront,
        ("The load stops on the way.", "La carga se detiene en el camino."),
        ("No rep, stop", "No rep, parada"),
        NextGood
    );
    public static readonly Phrase NotPressed = Never(
        "not-pressed",
        Through,
        ("The load is not pressed to the finish.", "La carga no se empuja hasta el final."),
        SeenFromTheFront,
        ("The load is pressed from below the crown.", "La carga se empuja desde debajo de la coronilla."),
        ("No rep, press", "No rep, empuje"),
        NextGood
    );
    public static readonly Phrase ShoulderEachRep = Must(
        "shoulder",
        Through,
        (
            "One head of each dumbbell touches its shoulder before it goes overhead; elbows are not judged.",
            "Una cabeza de cada mancuerna toca su hombro antes de subir; los codos no se juzgan."
        ),
        SeenFromTheFront,
        ("A dumbbell stays off the shoulder.", "Una mancuerna no toca el hombro."),
        ("No rep, shoulder", "No rep, hombro"),
        NextGood,
        NotCounted,
        null,
        new() { ImplementPart = "one head of each dumbbell", BodyPart = "shoulder" }
    );
    public static readonly Phrase ShoulderBothHeads = ShoulderEachRep with
    {
        Text = (
            "Both heads of each dumbbell touch the shoulder before it goes overhead; elbows are not judged.",
            "Las dos cabezas de cada mancuerna tocan el hombro antes de subir; los codos no se juzgan."
        ),
        Of = new() { ImplementPart = "both heads of each dumbbell", BodyPart = "shoulder" },
        Fault = ShoulderEachRep.Fault! with
        {
            Sign = ("A head of a dumbbell stays off the shoulder.", "Una cabeza de una mancuerna no toca el hombro."),
        },
    };
    public static readonly Phrase BellAtShoulder = Must(
        "bell-shoulder",
        Through,
        (
            "The bell rests on the forearm, the handle at the collarbone, before each rep.",
            "La pesa descansa en el antebrazo, con el asa en la clavícula, antes de cada repetición."
        ),
        SeenFromTheFront,
        ("The bell is held away from the shoulder.", "La pesa se sostiene lejos del hombro."),
        ("No rep, shoulder", "No rep, hombro"),
        NextGood,
        NotCounted,
        null,
        new() { ImplementPart = "handle", BodyPart = "collarbone" }
    );
    public static readonly Phrase FreeHand = Never(
        "free-hand",
        Through,
        ("The free hand does not touch the body or the load.", "La mano libre no toca el cuerpo ni la carga."),
        SeenFromTheFront,
        ("The free hand pushes on the thigh or holds the load.", "La mano libre empuja el muslo o sujeta la carga."),
        ("No rep, free hand", "No rep, mano libre"),
        NextGood
    );
    public static readonly Phrase NoFloor = Never(
        "no-floor",
        Through,
        ("The load does not touch the floor inside a rep.", "La carga no toca el suelo durante la repetición."),
        Heard,
        ("The load touches the floor on the way.", "La carga toca el suelo en el camino."),
        ("No rep, floor", "No rep, suelo"),
        FromHang
    );
    public static readonly Phrase HandsAsWritten = May(
        "hands-turn",
        Between,
        ("Arms take turns where the task says so; else they are free.", "Los brazos se alternan si la tarea lo dice; si no, son libres.")
    );
    public static readonly Phrase HandsFree = May(
        "hands-turn",
        Between,
        ("Either arm may lift at any time.", "Cualquier brazo puede levantar en cualquier momento.")
    );
    public static readonly Phrase HandsTurn = Must(
        "hands-turn",
        Between,
        (
            "Arms take turns; the load changes hands below the eyes or on the floor.",
            "Los brazos se alternan; la carga cambia de mano por debajo de los ojos o en el suelo."
        ),
        SeenFromTheFront,
        ("The same arm lifts twice in a row.", "El mismo brazo levanta dos veces seguidas."),
        ("No rep, other arm", "No rep, otro brazo"),
        ("Lift with the other arm.", "Levantar con el otro brazo.")
    );
    public static readonly Phrase OnShouldersThrough = Must(
        "on-shoulders",
        Through,
        ("The load comes to rest on the shoulder before it goes overhead.", "La carga descansa en el hombro antes de subir."),
        SeenFromTheSide,
        ("The load passes the shoulder without resting there.", "La carga pasa el hombro sin descansar en él."),
        ("No rep, shoulder", "No rep, hombro"),
        NextGood,
        NotCounted,
        null,
        new() { ImplementPart = "bar or bell", BodyPart = "shoulder" }
    );
    public static readonly Phrase NoPressOut = Never(
        "press-out",
        Through,
        (
            "The arms are straight when the load is received overhead; it is not pressed out.",
            "Los brazos están rectos al recibir la carga arriba; no se termina empujando."
        ),
        SeenFromTheFront,
        ("The elbows bend under the load and press it to the finish.", "Los codos se flexionan bajo la carga y la empujan hasta el final."),
        ("No rep, press-out", "No rep, empuje final"),
        NextGood
    );
    public static readonly Phrase PressOutGood = May(
        "press-out",
        Through,
        ("The load may be pressed out to the finish.", "La carga puede terminarse empujando.")
    );
    public static readonly Phrase JerkAgain = Must(
        "failed-jerk",
        Between,
        (
            "After a failed jerk the bar may go up again from the shoulders; from the floor it is cleaned again.",
            "Tras un envión fallido la barra puede subir de nuevo desde los hombros; desde el suelo se carga otra vez."
        ),
        SeenFromTheFront,
        ("The bar comes back to the shoulders without a finish.", "La barra vuelve a los hombros sin final."),
        ("No rep, jerk", "No rep, envión"),
        ("Go up again from the shoulders, or clean again.", "Subir de nuevo desde los hombros o cargar otra vez."),
        RepeatTheLastPhase
    );
    public static readonly Phrase AnyUp = May(
        "any-up",
        Through,
        (
            "Any clean and any way overhead from the shoulders is good.",
            "Vale cualquier cargada y cualquier forma de subir desde los hombros."
        )
    );
    public static readonly Phrase OneArmLock = Must(
        "one-arm-lock",
        Finish,
        (
            "The lifting arm is straight, the load over the middle of the body.",
            "El brazo que levanta está recto, con la carga sobre el centro del cuerpo."
        ),
        SeenFromTheFront,
        ("The elbow is still bent when the load comes down.", "El codo sigue flexionado cuando baja la carga."),
        ("No rep, lock out", "No rep, bloqueo"),
        NextGood,
        NotCounted,
        new Predicate.Over(Part.Load, Part.MidFoot, 170),
        new() { BodyPart = "elbow of the lifting arm", AngleDegrees = 12 }
    );
    public static readonly Phrase SwingDriven = Must(
        "swing-driven",
        Through,
        (
            "Hips and knees open and drive the bell; it is not pressed or stopped on the way.",
            "La cadera y las rodillas se abren e impulsan la pesa; no se empuja ni se detiene."
        ),
        SeenFromTheSide,
        ("The bell stops at the shoulders and is pressed.", "La pesa se detiene en los hombros y se empuja."),
        ("No rep, swing", "No rep, balanceo"),
        ("Swing again.", "Repetir el balanceo."),
        NotCounted
    );
    public static readonly Phrase NoBounceBack = May(
        "rerack",
        Between,
        ("The bar may be racked between reps.", "La barra puede dejarse en el soporte entre repeticiones.")
    );
}
