using FairCompass.Core.Standards.Figures;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;
using static FairCompass.Core.Standards.Phrases.Write;

namespace FairCompass.Core.Standards.Phrases;

/// <content>Boxes: up, over, and down again.</content>
internal static partial class OnTheFloor
{
    public static readonly Phrase BoxJump = Must(
        "box-jump",
        Through,
        ("Both feet leave the floor together.", "Los dos pies dejan el suelo a la vez."),
        SeenFromTheFront,
        ("One foot steps up.", "Un pie sube con paso."),
        ("No rep, jump", "No rep, salto"),
        ("Go back to the floor and jump.", "Volver al suelo y saltar."),
        RepeatTheLastPhase,
        null,
        new() { BodyPart = "both feet", SameMoment = true }
    );
    public static readonly Phrase BoxTop = Must(
        "box-top",
        Through,
        ("Both feet stand on the top of the box.", "Los dos pies pisan la parte superior del cajón."),
        SeenFromTheFront,
        ("Only one foot stands on top, or a foot passes beside the box.", "Solo pisa un pie o un pie pasa por el lado del cajón."),
        ("No rep, on top", "No rep, encima"),
        ("Go back and cross the box again.", "Volver y cruzar de nuevo el cajón."),
        RepeatTheLastPhase,
        new Predicate.Touches(Part.MidFoot, Part.BoxTop, 280),
        new() { BodyPart = "both feet", Reference = "top of the box" }
    );

    /// <summary>The same after a burpee, which is what is drawn on the way.</summary>
    public static readonly Phrase BoxTopPassing = BoxTop with { Holds = null };
    public static readonly Phrase BoxClear = May(
        "box-top",
        Through,
        ("The feet may stand on the box or clear it.", "Los pies pueden pisar el cajón o pasarlo sin tocar.")
    );
    public static readonly Phrase BoxStep = Must(
        "box-step",
        Through,
        (
            "Both feet stand on the top of the box on the way; stepping or jumping is good.",
            "Los dos pies pisan el cajón en el camino; vale con paso o con salto."
        ),
        SeenFromTheFront,
        ("A foot passes beside the box or over it.", "Un pie pasa por el lado del cajón o por encima."),
        ("No rep, on top", "No rep, encima"),
        ("Go back to the side where the rep began.", "Volver al lado donde empezó la repetición."),
        RepeatTheLastPhase,
        new Predicate.Touches(Part.MidFoot, Part.BoxTop, 280),
        new() { BodyPart = "both feet", Reference = "top of the box" }
    );
    public static readonly Phrase BoxStepOnly = BoxStep with
    {
        Text = ("One foot after the other is placed on top; nobody jumps.", "Se pone un pie tras otro encima; nadie salta."),
        Fault = BoxStep.Fault! with
        {
            Sign = (
                "Both feet leave the floor together, or a foot passes beside the box.",
                "Los dos pies dejan el suelo a la vez o un pie pasa por el lado del cajón."
            ),
            Call = ("No rep, step", "No rep, paso"),
        },
    };
    public static readonly Phrase BoxHands = Never(
        "box-hands",
        Through,
        ("No hand and no load touches the box.", "Ni las manos ni la carga tocan el cajón."),
        SeenFromTheSide,
        ("A hand or the load is put on the box.", "Una mano o la carga se apoya en el cajón."),
        ("No rep, hands", "No rep, manos"),
        ("Go back to the side where the rep began.", "Volver al lado donde empezó la repetición."),
        RepeatTheLastPhase
    );
    public static readonly Phrase BoxStand = Must(
        "box-stand",
        Finish,
        ("On the box: hips and knees straight.", "Sobre el cajón: cadera y rodillas rectas."),
        SeenFromTheSide,
        ("The athlete leaves the box bent.", "El atleta deja el cajón flexionado."),
        ("No rep, stand tall", "No rep, extensión"),
        ("Go up again and stand tall.", "Subir de nuevo y ponerse de pie."),
        RepeatTheLastPhase,
        new Predicate.Both([new Predicate.Straight(Joint.Hip, 12), new Predicate.Straight(Joint.Knee, 12)]),
        new() { BodyPart = "hips and knees", AngleDegrees = 12 }
    );
    public static readonly Phrase BoxFeetOnTop = Must(
        "box-stand",
        Finish,
        ("Both feet are on top of the box; standing tall is not asked.", "Los dos pies están encima del cajón; no se pide ponerse de pie."),
        SeenFromTheSide,
        ("A foot is not on top.", "Un pie no está encima."),
        ("No rep, on top", "No rep, encima"),
        ("Go back to the floor and jump.", "Volver al suelo y saltar."),
        RepeatTheLastPhase,
        null,
        new() { BodyPart = "both feet", Reference = "top of the box" }
    );
    public static readonly Phrase OtherSide = Must(
        "other-side",
        Finish,
        ("Both feet stand on the floor on the other side.", "Los dos pies están en el suelo al otro lado."),
        SeenFromTheSide,
        ("The athlete turns back before the second foot is down.", "El atleta se da la vuelta antes de apoyar el segundo pie."),
        ("No rep, other side", "No rep, al otro lado"),
        ("Put both feet down, then go on.", "Apoyar los dos pies y seguir."),
        RepeatTheLastPhase,
        new Predicate.Ahead(Part.MidFoot, Part.BoxTop, 250),
        new() { BodyPart = "both feet", Reference = "floor on the other side" }
    );
    public static readonly Phrase NoCorner = Never(
        "corner",
        Through,
        ("The feet pass over opposite sides, not across a corner.", "Los pies pasan por lados opuestos, no por una esquina."),
        SeenFromTheSide,
        ("A foot comes down beside the box, across a corner.", "Un pie baja al lado del cajón, cruzando una esquina."),
        ("No rep, corner", "No rep, esquina"),
        ("Go back and cross the box again.", "Volver y cruzar de nuevo el cajón."),
        RepeatTheLastPhase
    );
    public static readonly Phrase FacesBox = Must(
        "faces-box",
        Through,
        ("The athlete faces the box at take-off.", "El atleta está de frente al cajón al despegar."),
        SeenFromTheSide,
        ("The athlete takes off with a shoulder to the box.", "El atleta despega de lado al cajón."),
        ("No rep, face the box", "No rep, de frente al cajón"),
        ("Go back and jump facing the box.", "Volver y saltar de frente al cajón."),
        RepeatTheLastPhase
    );
    public static readonly Phrase StillCarried = Must(
        "still-carried",
        Finish,
        ("The load is still carried.", "La carga sigue en brazos."),
        SeenFromTheSide,
        ("The load falls before both feet are down.", "La carga cae antes de apoyar los dos pies."),
        ("No rep, dropped", "No rep, caída"),
        ("Pick it up on the side where the rep began.", "Recogerla en el lado donde empezó la repetición.")
    );
    public static readonly Phrase TurnOnTop = May(
        "turn-on-top",
        Finish,
        ("The athlete may turn on top of the box.", "El atleta puede girar encima del cajón.")
    );
}
