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
        (
            "The load stays on the front of the shoulders; any grip is good.",
            "La carga sigue delante, en los hombros; vale cualquier agarre."
        ),
        SeenFromTheFront,
        ("The load slides down to the arms.", "La carga resbala hacia los brazos."),
        ("No rep, rack", "No rep, al rack"),
        NextGood
    );
    public static readonly Phrase ShoulderRests = Must(
        "heads-rest",
        Through,
        ("One head of each dumbbell rests on its shoulder.", "Una cabeza de cada mancuerna descansa en su hombro."),
        SeenFromTheFront,
        ("A dumbbell slides off its shoulder.", "Una mancuerna resbala del hombro."),
        ("No rep, rack", "No rep, al rack"),
        NextGood
    );
    public static readonly Phrase BallAtChest = Must(
        "ball-chest",
        Finish,
        ("Both hands hold the ball at the chest.", "Las dos manos sostienen el balón en el pecho."),
        SeenFromTheFront,
        ("The ball stays below the chest.", "El balón se queda por debajo del pecho."),
        ("No rep, chest", "No rep, pecho"),
        NextGood
    );
    public static readonly Phrase StaysOverhead = Must(
        "stays-overhead",
        Through,
        ("The load stays overhead on straight arms.", "La carga sigue arriba con los brazos rectos."),
        SeenFromTheFront,
        ("An elbow bends and the load sinks towards the head.", "Un codo se flexiona y la carga baja hacia la cabeza."),
        ("No rep, elbows", "No rep, codos"),
        ("Bring the load overhead again and repeat the rep.", "Subir de nuevo la carga y repetir."),
        NotCounted,
        new Predicate.Straight(Joint.Elbow, 12),
        new() { BodyPart = "elbows", AngleDegrees = 12 }
    );
    public static readonly Phrase StartOverhead = Must(
        "start-overhead",
        Start,
        (
            "Before each descent the bar is overhead, arms locked, the athlete standing tall.",
            "Antes de cada bajada la barra está arriba, los brazos bloqueados y el atleta de pie."
        ),
        SeenFromTheSide,
        ("The descent begins with a bent elbow, or before standing.", "La bajada empieza con un codo flexionado o antes de estar de pie."),
        ("No rep, start overhead", "No rep, empieza arriba"),
        NextGood,
        NotCounted,
        new Predicate.Straight(Joint.Elbow, 12),
        new() { BodyPart = "elbows", AngleDegrees = 12 }
    );
    public static readonly Phrase SnatchFirst = May(
        "snatch-first",
        Start,
        (
            "A snatch received below the knee may be the first rep.",
            "Una arrancada recibida por debajo de la rodilla puede ser la primera repetición."
        )
    );
    public static readonly Phrase SnatchNotFirst = Must(
        "snatch-first",
        Start,
        (
            "The first rep begins standing; a snatch before it is no rep.",
            "La primera repetición empieza de pie; una arrancada anterior no cuenta."
        ),
        SeenFromTheSide,
        ("The snatch and the squat are one movement.", "La arrancada y la sentadilla son un solo movimiento."),
        ("No rep, first rep", "No rep, primera"),
        NextGood
    );

    public static readonly Phrase StandTall = Must(
        "stand",
        Finish,
        ("Hips and knees are straight.", "Cadera y rodillas rectas."),
        SeenFromTheSide,
        ("Hips or knees are still bent.", "La cadera o las rodillas siguen flexionadas."),
        ("No rep, stand tall", "No rep, ponte de pie"),
        NextGood,
        NotCounted,
        new Predicate.Both([new Predicate.Straight(Joint.Hip, 12), new Predicate.Straight(Joint.Knee, 12)]),
        new() { BodyPart = "hips and knees", AngleDegrees = 12 }
    );
    public static readonly Phrase LockOut = Must(
        "lock-out",
        Finish,
        (
            "Both elbows are straight at the finish; how they got there is not judged.",
            "Al final los dos codos están rectos; cómo llegan no se juzga."
        ),
        SeenFromTheFront,
        ("An elbow is still bent when the load comes down.", "Un codo sigue flexionado cuando baja la carga."),
        ("No rep, lock out", "No rep, bloqueo"),
        NextGood,
        NotCounted,
        new Predicate.Straight(Joint.Elbow, 12),
        new() { BodyPart = "elbows", AngleDegrees = 12 }
    );
    public static readonly Phrase OverMiddle = Must(
        "over-middle",
        Finish,
        ("The load is over the middle of the body, seen from the side.", "La carga está sobre el centro del cuerpo, vista de lado."),
        SeenFromTheSide,
        ("The load stays in front of the head or behind it.", "La carga queda delante o detrás de la cabeza."),
        ("No rep, overhead", "No rep, arriba"),
        NextGood,
        NotCounted,
        new Predicate.Over(Part.Load, Part.MidFoot, 150),
        new() { Reference = "middle of the foot", HeightMillimetres = 150 }
    );
    public static readonly Phrase FeetInLine = Must(
        "feet-in-line",
        Finish,
        ("The feet are back in line.", "Los pies vuelven a estar alineados."),
        SeenFromTheFront,
        ("The feet are still split when the load comes down.", "Los pies siguen en tijera cuando baja la carga."),
        ("No rep, feet", "No rep, pies"),
        NextGood,
        NotCounted,
        null,
        new() { BodyPart = "both feet" }
    );
    public static readonly Phrase ElbowsFront = Must(
        "elbows-front",
        Finish,
        ("The elbows are in front of the load.", "Los codos están delante de la carga."),
        SeenFromTheSide,
        ("The elbows stay behind the load.", "Los codos se quedan detrás de la carga."),
        ("No rep, elbows", "No rep, codos"),
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
        ("No rep, shoulders", "No rep, hombros"),
        ("Stand tall before the bar goes down.", "Ponerse de pie antes de bajar la barra."),
        NotCounted,
        new Predicate.Behind(Part.Shoulder, Part.Load),
        new() { BodyPart = "shoulders", Reference = "bar" }
    );
    public static readonly Phrase HeadsOnShoulders = Must(
        "on-shoulders",
        Finish,
        (
            "One head of each dumbbell rests on its shoulder, the athlete standing.",
            "Una cabeza de cada mancuerna descansa en su hombro, con el atleta de pie."
        ),
        SeenFromTheFront,
        ("A dumbbell does not come to rest on its shoulder.", "Una mancuerna no llega a descansar en su hombro."),
        ("No rep, shoulder", "No rep, hombro"),
        NextGood
    );
    public static readonly Phrase SteadyOnce = May(
        "seen-finish",
        Finish,
        ("Show the finish; you need not wait.", "Muestra el final; no hace falta esperar.")
    );
    public static readonly Phrase BellEye = Must(
        "bell-eye",
        Finish,
        ("The bottom of the bell reaches the height of the eyes.", "La base de la pesa llega a la altura de los ojos."),
        SeenFromTheSide,
        ("The bell turns below the eyes.", "La pesa cambia de sentido por debajo de los ojos."),
        ("No rep, height", "No rep, altura"),
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
        ("No rep, overhead", "No rep, arriba"),
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
        ("No rep, chest", "No rep, pecho"),
        ("Bring the bar to the chest in the next rep.", "Llevar la barra al pecho en la siguiente repetición."),
        NotCounted,
        new Predicate.Touches(Part.Load, Part.Chest, 60),
        new() { ImplementPart = "bar", BodyPart = "chest" }
    );
    public static readonly Phrase Thumbs = Must(
        "thumbs",
        Phase.Entry,
        ("The thumbs close around the bar; the feet may move.", "Los pulgares rodean la barra; los pies pueden moverse."),
        SeenFromTheFront,
        ("A thumb lies behind the bar.", "Un pulgar queda detrás de la barra."),
        ("Stop, thumbs", "Alto, pulgares"),
        ("Close the hands around the bar, then lift.", "Cerrar las manos alrededor de la barra y levantar."),
        WaitForKit
    );
    public static readonly Phrase NoChestBounce = Never(
        "no-chest-bounce",
        Between,
        ("The bar is not bounced off the chest.", "La barra no se hace rebotar en el pecho."),
        SeenFromTheSide,
        ("The bar bounces off the chest.", "La barra rebota en el pecho."),
        ("No rep, bounce", "No rep, rebote"),
        NextGood
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
        ("No rep, spotted", "No rep, asistida"),
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
        ("No rep, still", "No rep, quieta"),
        NextGood
    );
    public static readonly Phrase PutDown = May(
        "put-down",
        Between,
        ("The load may be put down between reps.", "La carga puede dejarse en el suelo entre repeticiones.")
    );
    public static readonly Phrase NoThrow = Must(
        "no-throw",
        Between,
        ("After the finish the load is put down with the hands on it.", "Tras el final la carga se deja en el suelo sin soltarla."),
        SeenFromTheFront,
        ("The hands let go above the knee.", "Las manos sueltan por encima de la rodilla."),
        ("Put it down", "Déjala con las manos"),
        (
            "The rep stays; who is told again loses the rep that is thrown.",
            "La repetición vale; si se repite el aviso, se pierde la repetición lanzada."
        ),
        WaitForKit
    );
    public static readonly Phrase HandDropAllowed = May(
        "no-throw",
        Between,
        ("The load may be dropped after the finish, inside the lane.", "La carga puede soltarse tras el final, dentro de la calle.")
    );
    public static readonly Phrase HandDropNoRep = Never(
        "no-throw",
        Between,
        ("A rep whose load is thrown is taken back.", "Una repetición cuya carga se lanza se retira."),
        SeenFromTheFront,
        ("The hands let go above the knee.", "Las manos sueltan por encima de la rodilla."),
        ("No rep, dropped", "No rep, soltada"),
        NextGood
    );
    public static readonly Phrase DropAllowed = May(
        "no-drop",
        Between,
        ("A bar with full-diameter plates may be dropped.", "Una barra con discos de diámetro completo puede soltarse.")
    );
    public static readonly Phrase DropSettled = Must(
        "no-drop",
        Between,
        ("A dropped bar lies still before the next lift.", "Una barra soltada queda quieta antes del siguiente levantamiento."),
        SeenFromTheSide,
        ("The athlete lifts the bar while it still bounces or rolls.", "El atleta levanta la barra mientras aún rebota o rueda."),
        ("Wait, bar", "Espera, la barra"),
        ("Put it down and wait until it lies still.", "Dejarla y esperar a que quede quieta."),
        WaitForKit
    );
    public static readonly Phrase NoDrop = Must(
        "no-drop",
        Between,
        (
            "The bar is brought down with the hands on it until it is below the hip.",
            "La barra se baja con las manos hasta que está por debajo de la cadera."
        ),
        SeenFromTheFront,
        ("The bar is let go above the hip.", "La barra se suelta por encima de la cadera."),
        ("No rep, dropped", "No rep, soltada"),
        NextGood
    );

    /// <summary>The rule on dropping that the library prints; the policy on dropping puts another in its place.</summary>
    public static readonly Phrase NoDropOf = DropSettled;
}
