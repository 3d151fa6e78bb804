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
        ("No rep, depth", "No válida, profundidad"),
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
        ("No rep, too low", "No válida, demasiado bajo"),
        Again,
        RepeatTheRep,
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
    public static readonly Phrase SquatReceive = Must(
        "squat-receive",
        Through,
        (
            "The load is received in a squat with the fold of the hip lower than the upper edge of the knee.",
            "La carga se recibe en sentadilla, con el pliegue de la cadera por debajo del borde superior de la rodilla."
        ),
        SeenFromTheSide,
        ("The load is received high, and no full squat follows.", "La carga se recibe alta y no sigue una sentadilla completa."),
        ("No rep, depth", "No válida, profundidad"),
        Again,
        RepeatTheRep,
        new Predicate.Lower(Part.HipCrease, Part.KneeTop),
        new()
        {
            BodyPart = "fold of the hip",
            Reference = "upper edge of the knee",
            OnTheLine = OnTheLine.Out,
        }
    );
    public static readonly Phrase MuscleNoBend = Never(
        "no-second-bend",
        Through,
        ("After the hips have opened, the knees do not bend again.", "Tras abrir la cadera, las rodillas no vuelven a flexionarse."),
        SeenFromTheSide,
        ("The knees bend again to receive the load.", "Las rodillas se flexionan otra vez al recibir la carga."),
        ("No rep, knees", "No válida, rodillas"),
        Again,
        RepeatTheRep,
        new Predicate.Straight(Joint.Knee, 12),
        new() { BodyPart = "knees", AngleDegrees = 12 }
    );
    public static readonly Phrase SplitReceive = Must(
        "split-receive",
        Through,
        ("The load is received with one foot in front and one behind.", "La carga se recibe con un pie delante y otro detrás."),
        SeenFromTheSide,
        ("Both feet stay side by side.", "Los dos pies se quedan a la par."),
        ("No rep, split", "No válida, tijera"),
        Again,
        RepeatTheRep,
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
        ("No rep, one drive", "No válida, un impulso"),
        Again
    );
    public static readonly Phrase NoSecondDip = Never(
        "no-second-dip",
        Through,
        ("After the drive the knees do not bend again.", "Tras el impulso, las rodillas no vuelven a flexionarse."),
        SeenFromTheSide,
        ("The knees bend a second time under the load.", "Las rodillas se flexionan por segunda vez bajo la carga."),
        ("No rep, second dip", "No válida, segunda flexión"),
        Again,
        RepeatTheRep,
        new Predicate.Straight(Joint.Knee, 12),
        new() { BodyPart = "knees", AngleDegrees = 12 }
    );
    public static readonly Phrase StrictKnees = Never(
        "strict-knees",
        Through,
        (
            "Knees and hips stay straight; nothing below the shoulders drives.",
            "Rodillas y cadera siguen rectas; nada por debajo de los hombros impulsa."
        ),
        SeenFromTheSide,
        ("The knees bend before or during the press.", "Las rodillas se flexionan antes o durante el empuje."),
        ("No rep, knees", "No válida, rodillas"),
        Again,
        RepeatTheRep,
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
        (
            "The load goes overhead in one movement; it does not stop and is not pressed.",
            "La carga sube por encima de la cabeza en un solo movimiento; no se detiene ni se empuja."
        ),
        SeenFromTheFront,
        ("The load stops on the way and is pressed to the finish.", "La carga se detiene en el camino y se empuja hasta arriba."),
        ("No rep, press", "No válida, empuje"),
        Again
    );
    public static readonly Phrase NoPause = Never(
        "no-pause",
        Through,
        ("The bar does not pause on the way up from the floor.", "La barra no se detiene al subir desde el suelo."),
        SeenFromTheSide,
        ("The bar stops on its way up.", "La barra se detiene al subir."),
        ("No rep, pause", "No válida, pausa"),
        FromFloor,
        FromTheFloor
    );
    public static readonly Phrase ShoulderTouch = Must(
        "shoulder",
        Through,
        (
            "One head of each dumbbell touches its shoulder before it goes overhead.",
            "Una cabeza de cada mancuerna toca su hombro antes de subir."
        ),
        SeenFromTheSide,
        ("A dumbbell passes the shoulder without touching it.", "Una mancuerna pasa el hombro sin tocarlo."),
        ("No rep, shoulder", "No válida, hombro"),
        Again,
        RepeatTheRep,
        null,
        new() { ImplementPart = "one head of each dumbbell", BodyPart = "shoulder" }
    );
    public static readonly Phrase FreeHand = Never(
        "free-hand",
        Through,
        ("The free hand does not touch the body or the load.", "La mano libre no toca el cuerpo ni la carga."),
        SeenFromTheFront,
        ("The free hand pushes on the thigh or holds the load.", "La mano libre empuja el muslo o sujeta la carga."),
        ("No rep, free hand", "No válida, mano libre"),
        Again
    );
    public static readonly Phrase NoFloor = Never(
        "no-floor",
        Through,
        ("The load does not touch the floor inside a rep.", "La carga no toca el suelo durante la repetición."),
        Heard,
        ("The load touches the floor on the way.", "La carga toca el suelo en el camino."),
        ("No rep, floor", "No válida, suelo"),
        FromHang
    );
    public static readonly Phrase NoBounce = Never(
        "no-bounce",
        Between,
        ("The load comes to rest on the floor; it is not bounced off it.", "La carga queda quieta en el suelo; no se hace rebotar."),
        Heard,
        ("The load bounces and the next rep uses the bounce.", "La carga rebota y la siguiente repetición aprovecha el rebote."),
        ("No rep, bounce", "No válida, rebote"),
        FromFloor,
        FromTheFloor
    );
    public static readonly Phrase BounceAllowed = May(
        "no-bounce",
        Between,
        ("Touch and go and a bounce are allowed.", "Se permiten el toque continuo y el rebote.")
    );
    public static readonly Phrase TouchAndGo = May("touch-and-go", Between, ("Touch and go is allowed.", "Se permite el toque continuo."));
    public static readonly Phrase DeadStop = Must(
        "no-bounce",
        Between,
        ("The load lies still on the floor before each rep.", "La carga queda quieta en el suelo antes de cada repetición."),
        SeenFromTheSide,
        ("The next rep begins while the load still moves.", "La siguiente repetición empieza con la carga en movimiento."),
        ("No rep, still", "No válida, quieta"),
        FromFloor,
        FromTheFloor
    );
    public static readonly Phrase ArmsOutside = Must(
        "arms-outside",
        Through,
        ("Both hands hold outside the knees, arms straight.", "Las dos manos agarran por fuera de las rodillas, con los brazos rectos."),
        SeenFromTheFront,
        (
            "The hands hold inside the knees, or the arms pull bent.",
            "Las manos agarran por dentro de las rodillas o los brazos tiran flexionados."
        ),
        ("No rep, grip", "No válida, agarre"),
        FromFloor,
        FromTheFloor,
        new Predicate.Straight(Joint.Elbow, 12),
        new()
        {
            BodyPart = "hands",
            Reference = "knees",
            Zone = "outside",
        }
    );
    public static readonly Phrase SumoAllowed = May(
        "arms-outside",
        Through,
        ("Any width of feet and hands is allowed; arms straight.", "Se permite cualquier anchura de pies y manos; brazos rectos.")
    );
    public static readonly Phrase BothRise = Must(
        "together-rise",
        Through,
        ("Both ends of the bar rise and sink together.", "Los dos extremos de la barra suben y bajan a la vez."),
        SeenFromTheFront,
        ("One end rises clearly before the other.", "Un extremo sube claramente antes que el otro."),
        ("No rep, together", "No válida, a la vez"),
        FromFloor,
        FromTheFloor,
        null,
        new() { ImplementPart = "both ends", SameMoment = true }
    );
    public static readonly Phrase HandsTurn = Must(
        "hands-turn",
        Between,
        (
            "Hands take turns; they change below the eyes or on the floor.",
            "Las manos se alternan; cambian por debajo de los ojos o en el suelo."
        ),
        SeenFromTheFront,
        (
            "The same hand lifts twice in a row, or the hands change overhead.",
            "La misma mano levanta dos veces seguidas o el cambio se hace arriba."
        ),
        ("No rep, other hand", "No válida, otra mano"),
        ("Repeat the rep with the other hand.", "Repetir con la otra mano.")
    );
    public static readonly Phrase ReturnHang = Must(
        "return-hang",
        Between,
        (
            "The load returns to the hang; from the floor the athlete stands tall first.",
            "La carga vuelve a la suspensión; desde el suelo el atleta se pone antes de pie."
        ),
        SeenFromTheSide,
        ("The next rep begins from the floor.", "La siguiente repetición empieza desde el suelo."),
        ("No rep, hang", "No válida, suspensión"),
        FromHang
    );
    public static readonly Phrase OneDriveBall = OneDrive with
    {
        Id = "one-drive-ball",
        Text = (
            "The ball is thrown in one drive from the squat; it is not pushed against the wall.",
            "El balón se lanza de un solo impulso desde la sentadilla; no se empuja contra la pared."
        ),
        Fault = OneDrive.Fault! with
        {
            Sign = (
                "The athlete stands, stops, then throws, or pushes the ball against the wall.",
                "El atleta se levanta, se detiene y lanza, o empuja el balón contra la pared."
            ),
            Then = NotCounted,
        },
    };
    public static readonly Phrase OnShouldersThrough = Must(
        "on-shoulders",
        Through,
        ("The load comes to rest on the shoulder before it goes overhead.", "La carga descansa en el hombro antes de subir."),
        SeenFromTheSide,
        ("The load passes the shoulder without resting there.", "La carga pasa el hombro sin descansar en él."),
        ("No rep, shoulder", "No válida, hombro"),
        Again,
        RepeatTheRep,
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
        ("No rep, press-out", "No válida, empuje final"),
        Again
    );
    public static readonly Phrase OneArmLock = Must(
        "one-arm-lock",
        Finish,
        (
            "The lifting arm is straight, the load over the middle of the body.",
            "El brazo que levanta está recto, con la carga sobre el centro del cuerpo."
        ),
        SeenFromTheFront,
        ("The elbow is bent, or the load comes down early.", "El codo está flexionado o la carga baja pronto."),
        ("No rep, lock out", "No válida, bloqueo"),
        Again,
        RepeatTheRep,
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
        ("No rep, swing", "No válida, balanceo"),
        ("Swing again.", "Repetir el balanceo."),
        NotCounted
    );
    public static readonly Phrase NoBounceBack = May(
        "rerack",
        Between,
        (
            "The bar may be racked between reps; a lighter touch of the rack is no rep.",
            "La barra puede dejarse en el soporte entre repeticiones; tocar el soporte no cuenta."
        )
    );
}
