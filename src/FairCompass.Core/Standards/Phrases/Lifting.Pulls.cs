using FairCompass.Core.Standards.Figures;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;
using static FairCompass.Core.Standards.Phrases.Write;

namespace FairCompass.Core.Standards.Phrases;

/// <content>Pulls from the floor: how they begin, what the hands do, where the load goes back to.</content>
internal static partial class Lifting
{
    public static readonly Phrase NoBounce = Never(
        "no-bounce",
        Between,
        (
            "Touch and go is good; a rep that starts from the rebound is not counted.",
            "El toque continuo es válido; una repetición que sale del rebote no cuenta."
        ),
        Heard,
        ("The load jumps off the floor before the pull.", "La carga salta del suelo antes del tirón."),
        ("No rep, bounce", "No rep, rebote"),
        FromFloor,
        FromTheFloor
    );
    public static readonly Phrase BounceAllowed = May(
        "no-bounce",
        Between,
        (
            "Touch and go and a bounce are allowed; a dropped load is taken when it lies still.",
            "Se permiten el toque continuo y el rebote; una carga soltada se toma cuando está quieta."
        )
    );
    public static readonly Phrase DeadStop = Must(
        "no-bounce",
        Between,
        ("The load lies still on the floor before each rep.", "La carga queda quieta en el suelo antes de cada repetición."),
        SeenFromTheSide,
        ("The next rep begins while the load still moves.", "La siguiente repetición empieza con la carga en movimiento."),
        ("No rep, still", "No rep, quieta"),
        FromFloor,
        FromTheFloor
    );
    public static readonly Phrase ArmsOutside = Must(
        "arms-outside",
        Through,
        ("Both hands hold outside the knees.", "Las dos manos agarran por fuera de las rodillas."),
        SeenFromTheFront,
        ("A hand holds inside the knees.", "Una mano agarra por dentro de las rodillas."),
        ("No rep, grip", "No rep, agarre"),
        FromFloor,
        FromTheFloor,
        null,
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
        ("Any width of feet and hands is allowed.", "Se permite cualquier anchura de pies y manos.")
    );
    public static readonly Phrase ArmsStraightUp = Must(
        "arms-up",
        Through,
        ("The arms are straight while the bar goes up.", "Los brazos están rectos mientras sube la barra."),
        SeenFromTheFront,
        ("An elbow bends while the bar goes up.", "Un codo se flexiona mientras sube la barra."),
        ("No rep, arms", "No rep, brazos"),
        FromFloor,
        FromTheFloor,
        new Predicate.Straight(Joint.Elbow, 12),
        new() { BodyPart = "elbows", AngleDegrees = 12 }
    );
    public static readonly Phrase LetGoLost = Must(
        "let-go",
        Finish,
        (
            "The hands stay on the bar until it is below the knees.",
            "Las manos siguen en la barra hasta que está por debajo de las rodillas."
        ),
        SeenFromTheSide,
        ("The hands let go at the top.", "Las manos sueltan arriba."),
        ("No rep, let go", "No rep, soltada"),
        NextGood,
        NotCounted,
        null,
        new() { BodyPart = "hands", Reference = "knees" }
    );
    public static readonly Phrase LetGoStays = LetGoLost with
    {
        Fault = LetGoLost.Fault! with
        {
            Call = ("Wait, let go", "Espera, soltada"),
            Fix = ("The rep stands; wait until the bar lies still.", "La repetición vale; esperar a que la barra quede quieta."),
            Then = WaitForKit,
        },
    };
    public static readonly Phrase LetGoAllowed = May(
        "let-go",
        Finish,
        ("The bar may be let go once the finish was seen.", "La barra puede soltarse una vez visto el final.")
    );
    public static readonly Phrase NoStraps = Must(
        "straps",
        Phase.Entry,
        ("Nothing fastens the hands to the bar.", "Nada sujeta las manos a la barra."),
        SeenFromTheFront,
        ("A strap is around the bar.", "Hay una correa alrededor de la barra."),
        ("Straps off", "Fuera las correas"),
        ("Take the straps off, then lift.", "Quitarse las correas y levantar."),
        WaitForKit
    );
    public static readonly Phrase StrapsAllowed = May(
        "straps",
        Phase.Entry,
        ("Straps, a belt and gloves are allowed.", "Se permiten correas, cinturón y guantes.")
    );
    public static readonly Phrase NoAids = NoStraps with
    {
        Text = ("No straps, no belt, no gloves.", "Sin correas, sin cinturón, sin guantes."),
        Fault = NoStraps.Fault! with
        {
            Sign = ("A strap, a belt or a glove is worn.", "Se lleva una correa, un cinturón o un guante."),
            Call = ("Take it off", "Quítatelo"),
            Fix = ("Take it off, then lift.", "Quitárselo y levantar."),
        },
    };
    public static readonly Phrase HighPull = Must(
        "high-pull",
        Finish,
        ("The bar reaches the collarbone, hips and knees straight.", "La barra llega a la clavícula, con la cadera y las rodillas rectas."),
        SeenFromTheFront,
        ("The bar turns below the collarbone.", "La barra cambia de sentido por debajo de la clavícula."),
        ("No rep, height", "No rep, altura"),
        ("Pull higher in the next rep.", "Tirar más alto en la siguiente repetición."),
        NotCounted,
        null,
        new() { ImplementPart = "bar", Reference = "collarbone" }
    );
    public static readonly Phrase ElbowsHigh = Must(
        "elbows-high",
        Finish,
        ("Both elbows are above the hands.", "Los dos codos están por encima de las manos."),
        SeenFromTheFront,
        ("An elbow stays level with its hand, or below.", "Un codo queda a la altura de su mano o más bajo."),
        ("No rep, elbows", "No rep, codos"),
        NextGood,
        NotCounted,
        null,
        new() { BodyPart = "elbows", Reference = "hands" }
    );
    public static readonly Phrase BothRise = Must(
        "together-rise",
        Through,
        ("Both ends leave the floor and come down together.", "Los dos extremos dejan el suelo y bajan a la vez."),
        SeenFromTheFront,
        ("One end leaves the floor, or comes down, before the other.", "Un extremo deja el suelo, o baja, antes que el otro."),
        ("No rep, together", "No rep, a la vez"),
        FromFloor,
        FromTheFloor,
        null,
        new() { ImplementPart = "both ends", SameMoment = true }
    );
    public static readonly Phrase NoPause = Never(
        "no-pause",
        Through,
        ("The bar does not pause on the way up from the floor.", "La barra no se detiene al subir desde el suelo."),
        SeenFromTheSide,
        ("The bar stops on its way up.", "La barra se detiene al subir."),
        ("No rep, pause", "No rep, pausa"),
        FromFloor,
        FromTheFloor
    );
    public static readonly Phrase ReturnHang = Must(
        "return-hang",
        Between,
        (
            "The load returns to the hang; from the floor the athlete stands tall first.",
            "La carga vuelve al hang; desde el suelo el atleta se pone antes de pie."
        ),
        SeenFromTheSide,
        ("The next rep begins from the floor.", "La siguiente repetición empieza desde el suelo."),
        ("No rep, from the hang", "No rep, desde el hang"),
        FromHang
    );
}
