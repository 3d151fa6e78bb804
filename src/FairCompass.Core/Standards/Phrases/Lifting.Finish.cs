using FairCompass.Core.Standards.Figures;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;
using static FairCompass.Core.Standards.Phrases.Write;

namespace FairCompass.Core.Standards.Phrases;

/// <content>How a lift ends, and how the load is put down.</content>
internal static partial class Lifting
{
    public static readonly Phrase RackHeld = Must(
        "rack",
        Through,
        ("The load stays on the shoulders, elbows in front.", "La carga sigue en los hombros, con los codos delante."),
        SeenFromTheFront,
        ("The load slides down to the arms.", "La carga resbala hacia los brazos."),
        ("No rep, rack", "No válida, soporte"),
        Again
    );
    public static readonly Phrase StaysOverhead = Must(
        "stays-overhead",
        Through,
        ("The load stays overhead on straight arms.", "La carga sigue arriba con los brazos rectos."),
        SeenFromTheFront,
        ("An elbow bends and the load sinks towards the head.", "Un codo se flexiona y la carga baja hacia la cabeza."),
        ("No rep, elbows", "No válida, codos"),
        ("Bring the load overhead again and repeat the rep.", "Subir de nuevo la carga y repetir."),
        RepeatTheRep,
        new Predicate.Straight(Joint.Elbow, 12),
        new() { BodyPart = "elbows", AngleDegrees = 12 }
    );

    public static readonly Phrase StandTall = Must(
        "stand",
        Finish,
        ("Hips and knees are straight.", "Cadera y rodillas rectas."),
        SeenFromTheSide,
        ("Hips or knees are still bent.", "La cadera o las rodillas siguen flexionadas."),
        ("No rep, stand tall", "No válida, de pie"),
        Again,
        RepeatTheRep,
        new Predicate.Both([new Predicate.Straight(Joint.Hip, 12), new Predicate.Straight(Joint.Knee, 12)]),
        new() { BodyPart = "hips and knees", AngleDegrees = 12 }
    );
    public static readonly Phrase LockOut = Must(
        "lock-out",
        Finish,
        ("Both elbows are straight.", "Los dos codos están rectos."),
        SeenFromTheFront,
        ("An elbow is still bent, or one arm comes up late.", "Un codo sigue flexionado o un brazo llega tarde."),
        ("No rep, lock out", "No válida, bloqueo"),
        Again,
        RepeatTheRep,
        new Predicate.Straight(Joint.Elbow, 12),
        new() { BodyPart = "elbows", AngleDegrees = 12 }
    );
    public static readonly Phrase OverMiddle = Must(
        "over-middle",
        Finish,
        ("The load is over the middle of the body, seen from the side.", "La carga está sobre el centro del cuerpo, vista de lado."),
        SeenFromTheSide,
        ("The load stays in front of the head or behind it.", "La carga queda delante o detrás de la cabeza."),
        ("No rep, overhead", "No válida, arriba"),
        Again,
        RepeatTheRep,
        new Predicate.Over(Part.Load, Part.MidFoot, 150),
        new() { Reference = "middle of the foot", HeightMillimetres = 150 }
    );
    public static readonly Phrase FeetInLine = Must(
        "feet-in-line",
        Finish,
        ("The feet are back in line.", "Los pies vuelven a estar alineados."),
        SeenFromTheFront,
        ("The feet are still split when the load comes down.", "Los pies siguen en tijera cuando baja la carga."),
        ("No rep, feet", "No válida, pies"),
        Again,
        RepeatTheRep,
        null,
        new() { BodyPart = "both feet" }
    );
    public static readonly Phrase ElbowsFront = Must(
        "elbows-front",
        Finish,
        ("The elbows are in front of the load.", "Los codos están delante de la carga."),
        SeenFromTheSide,
        ("The elbows stay behind the load.", "Los codos se quedan detrás de la carga."),
        ("No rep, elbows", "No válida, codos"),
        ("Bring the elbows through before the load goes down.", "Pasar los codos antes de bajar la carga."),
        RepeatTheLastPhase,
        new Predicate.Ahead(Part.Elbow, Part.Load),
        new() { BodyPart = "elbows", Reference = "bar" }
    );
    public static readonly Phrase ShouldersBehind = Must(
        "shoulders-behind",
        Finish,
        ("The shoulders are behind the bar.", "Los hombros están detrás de la barra."),
        SeenFromTheSide,
        ("The shoulders stay over or in front of the bar.", "Los hombros se quedan sobre la barra o delante."),
        ("No rep, shoulders", "No válida, hombros"),
        ("Stand tall before the bar goes down.", "Ponerse de pie antes de bajar la barra."),
        NotCounted,
        new Predicate.Behind(Part.Shoulder, Part.Load),
        new() { BodyPart = "shoulders", Reference = "bar" }
    );
    public static readonly Phrase OnShoulders = Must(
        "on-shoulders",
        Finish,
        ("The load rests on the front of the shoulders.", "La carga descansa en la parte delantera de los hombros."),
        SeenFromTheSide,
        ("The load does not reach the shoulders.", "La carga no llega a los hombros."),
        ("No rep, shoulders", "No válida, hombros"),
        Again
    );
    public static readonly Phrase SteadyOnce = Must(
        "seen-finish",
        Finish,
        ("The finish is seen; no wait is needed.", "El final se ve; no hace falta esperar."),
        SeenFromTheFront,
        ("The load comes down before the finish is seen.", "La carga baja antes de que se vea el final."),
        ("No rep, finish", "No válida, final"),
        Again
    );
    public static readonly Phrase BellEye = Must(
        "bell-eye",
        Finish,
        ("The bottom of the bell reaches the height of the eyes.", "La base de la pesa llega a la altura de los ojos."),
        SeenFromTheSide,
        ("The bell turns below the eyes.", "La pesa cambia de sentido por debajo de los ojos."),
        ("No rep, height", "No válida, altura"),
        ("Swing higher in the next rep.", "Subir más en la siguiente repetición."),
        NotCounted,
        new Predicate.Higher(Part.Load, Part.Chin),
        new() { ImplementPart = "bottom of the bell", Reference = "eyes" }
    );
    public static readonly Phrase BellOverhead = Must(
        "bell-overhead",
        Finish,
        ("The bell is overhead, its bottom up, the arms straight.", "La pesa está arriba, con la base hacia arriba y los brazos rectos."),
        SeenFromTheSide,
        (
            "The bell stops in front of the head, or the elbows are bent.",
            "La pesa se detiene delante de la cabeza o los codos están flexionados."
        ),
        ("No rep, overhead", "No válida, arriba"),
        ("Swing overhead in the next rep.", "Llegar arriba en la siguiente repetición."),
        NotCounted,
        new Predicate.Both([new Predicate.Higher(Part.Load, Part.Crown), new Predicate.Straight(Joint.Elbow, 15)]),
        new()
        {
            ImplementPart = "bottom of the bell",
            Reference = "overhead",
            AngleDegrees = 15,
        }
    );
    public static readonly Phrase BarChest = Must(
        "bar-chest",
        Through,
        ("The bar touches the chest.", "La barra toca el pecho."),
        SeenFromTheSide,
        ("The bar turns above the chest.", "La barra cambia de sentido antes del pecho."),
        ("No rep, chest", "No válida, pecho"),
        ("Bring the bar to the chest in the next rep.", "Llevar la barra al pecho en la siguiente repetición."),
        RepeatTheRep,
        new Predicate.Touches(Part.Load, Part.Chest, 60),
        new() { ImplementPart = "bar", BodyPart = "chest" }
    );
    public static readonly Phrase NoChestBounce = Never(
        "no-chest-bounce",
        Between,
        ("The bar is not bounced off the chest.", "La barra no se hace rebotar en el pecho."),
        SeenFromTheSide,
        ("The bar bounces off the chest.", "La barra rebota en el pecho."),
        ("No rep, bounce", "No válida, rebote"),
        Again
    );
    public static readonly Phrase Spotted = Never(
        "spotted",
        Through,
        (
            "Nobody touches the bar during a rep; a spotted rep does not count.",
            "Nadie toca la barra durante la repetición; una repetición asistida no cuenta."
        ),
        SeenFromTheFront,
        ("A spotter touches the bar.", "Un ayudante toca la barra."),
        ("No rep, spotted", "No válida, asistida"),
        (
            "Go on when ready; racking for safety is always allowed.",
            "Seguir cuando se pueda; dejar la barra por seguridad siempre está permitido."
        ),
        NotCounted
    );
    public static readonly Phrase RackStill = Must(
        "rack-still",
        Finish,
        ("The bar is still before it is racked.", "La barra está quieta antes de dejarla en el soporte."),
        SeenFromTheFront,
        ("The bar is racked while it still moves up.", "La barra se deja en el soporte mientras aún sube."),
        ("No rep, still", "No válida, quieta"),
        Again
    );
    public static readonly Phrase PutDown = May(
        "put-down",
        Between,
        ("The load may be put down between reps.", "La carga puede dejarse en el suelo entre repeticiones.")
    );
    public static readonly Phrase NoThrow = Never(
        "no-throw",
        Between,
        ("The load is put down, not thrown.", "La carga se deja, no se lanza."),
        SeenFromTheFront,
        ("The load is thrown or dropped from above the hip.", "La carga se lanza o se suelta por encima de la cadera."),
        ("No rep, dropped", "No válida, soltada"),
        ("Wait until the load lies still, then repeat the rep.", "Esperar a que la carga quede quieta y repetir."),
        WaitForKit
    );
    public static readonly Phrase DropAllowed = May(
        "no-drop",
        Between,
        (
            "A bar with full-diameter plates may be dropped from overhead.",
            "Una barra con discos de diámetro completo puede soltarse desde arriba."
        )
    );
    public static readonly Phrase DropSettled = Must(
        "no-drop",
        Between,
        ("A dropped bar lies still before the next lift.", "Una barra soltada queda quieta antes del siguiente levantamiento."),
        SeenFromTheSide,
        ("The athlete lifts the bar while it still bounces or rolls.", "El atleta levanta la barra mientras aún rebota o rueda."),
        ("Wait, bar", "Esperar, barra"),
        ("Put it down and wait until it lies still.", "Dejarla y esperar a que quede quieta."),
        WaitForKit
    );
    public static readonly Phrase NoDrop = Never(
        "no-drop",
        Between,
        ("The bar is not dropped from overhead.", "La barra no se suelta desde arriba."),
        SeenFromTheFront,
        ("The bar is let go above the hip.", "La barra se suelta por encima de la cadera."),
        ("No rep, dropped", "No válida, soltada"),
        Again
    );

    /// <summary>The rule on dropping that the library prints; the policy on dropping puts another in its place.</summary>
    public static readonly Phrase NoDropOf = DropSettled;
}
