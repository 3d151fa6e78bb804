using FairCompass.Core.Standards.Figures;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;
using static FairCompass.Core.Standards.Phrases.Write;

namespace FairCompass.Core.Standards.Phrases;

/// <summary>Bars and rings to hang from, walls to stand against.</summary>
internal static partial class Hanging
{
    public static readonly Phrase Swing = May(
        "swing",
        Through,
        ("A swing of the body and any use of the hips is allowed.", "Se permite el balanceo del cuerpo y cualquier uso de la cadera.")
    );
    public static readonly Phrase KneesMayBend = May(
        "knees-may-bend",
        Through,
        ("Knees may bend and the body may swing.", "Se permite flexionar las rodillas y balancear el cuerpo.")
    );
    public static readonly Phrase AnyGrip = May("grip", Start, ("Any grip is allowed.", "Se permite cualquier agarre."));
    public static readonly Phrase OverhandOnly = Must(
        "grip",
        Start,
        ("The palms face away from the athlete.", "Las palmas miran hacia fuera."),
        SeenFromTheFront,
        ("A palm faces the athlete.", "Una palma mira hacia el atleta."),
        ("No rep, grip", "No rep, agarre"),
        ("Turn the hands, then pull again.", "Girar las manos y tirar de nuevo."),
        NotCounted,
        null,
        new() { Grips = ["overhand"] }
    );
    public static readonly Phrase OwnJump = May(
        "jump",
        Through,
        ("The legs may jump as hard as needed.", "Las piernas pueden saltar con la fuerza necesaria.")
    );
    public static readonly Phrase FeetFree = Never(
        "feet-free",
        Through,
        (
            "No foot touches floor, step, rig, or strap after the start.",
            "Ningún pie toca el suelo, el escalón, la estructura ni las correas tras empezar."
        ),
        SeenFromTheSide,
        ("A foot pushes off something.", "Un pie se apoya en algo."),
        ("No rep, pushed off", "No rep, apoyo"),
        ("Hang freely, then repeat the rep.", "Colgarse libre y repetir."),
        NotCounted
    );
    public static readonly Phrase ChinOver = Must(
        "chin",
        Finish,
        ("The chin is over the plane of the bar’s upper edge.", "La barbilla está por encima del plano del borde superior de la barra."),
        SeenFromTheSide,
        (
            "The chin stays level with the bar, or the head is only thrown back.",
            "La barbilla se queda a la altura de la barra o solo se echa atrás la cabeza."
        ),
        ("No rep, chin", "No rep, barbilla"),
        ("Straighten the arms and pull again.", "Estirar los brazos y tirar de nuevo."),
        NotCounted,
        new Predicate.Higher(Part.Chin, Part.HighBar, 15),
        new()
        {
            BodyPart = "chin",
            Reference = "upper edge of the bar",
            OnTheLine = OnTheLine.Out,
        }
    );
    public static readonly Phrase ChinThrough = ChinOver with
    {
        Text = ("The chin breaks the plane of the bar’s upper edge.", "La barbilla rompe el plano del borde superior de la barra."),
        Holds = new Predicate.Higher(Part.Chin, Part.HighBar),
        Of = new()
        {
            BodyPart = "chin",
            Reference = "upper edge of the bar",
            OnTheLine = OnTheLine.In,
        },
    };
    public static readonly Phrase ChestTouch = Must(
        "chest-touch",
        Finish,
        ("The chest touches the bar below the collarbone.", "El pecho toca la barra por debajo de la clavícula."),
        SeenFromTheSide,
        ("The chest stays away from the bar, or the neck touches it.", "El pecho no llega a la barra o la toca el cuello."),
        ("No rep, chest", "No rep, pecho"),
        ("Straighten the arms and pull again.", "Estirar los brazos y tirar de nuevo."),
        NotCounted,
        new Predicate.Touches(Part.Chest, Part.HighBar, 60),
        new()
        {
            BodyPart = "chest",
            Zone = "below the collarbone",
            Reference = "bar",
        }
    );
    public static readonly Phrase ChestAny = ChestTouch with
    {
        Text = ("Any part of the chest touches the bar.", "Cualquier parte del pecho toca la barra."),
        Of = new()
        {
            BodyPart = "chest",
            Zone = "anywhere",
            Reference = "bar",
        },
    };
    public static readonly Phrase ToesBoth = Must(
        "toes-touch",
        Finish,
        ("Both feet touch the bar at the same moment.", "Los dos pies tocan la barra a la vez."),
        SeenFromTheFront,
        ("One foot touches late, or not at all.", "Un pie toca tarde o no toca."),
        ("No rep, both feet", "No rep, los dos pies"),
        ("Swing back and raise both feet.", "Balancear atrás y subir los dos pies."),
        NotCounted,
        new Predicate.Touches(Part.Toe, Part.HighBar, 60),
        new()
        {
            BodyPart = "both feet",
            Reference = "bar",
            SameMoment = true,
        }
    );
    public static readonly Phrase ToesEither = ToesBoth with
    {
        Text = ("Both feet touch the bar; they may touch one after the other.", "Los dos pies tocan la barra; pueden tocar uno tras otro."),
        Of = new()
        {
            BodyPart = "both feet",
            Reference = "bar",
            SameMoment = false,
        },
        Fault = ToesBoth.Fault! with
        {
            Sign = ("A foot does not touch the bar before the legs go down.", "Un pie no toca la barra antes de bajar las piernas."),
        },
    };
    public static readonly Phrase BetweenHands = Must(
        "between-hands",
        Finish,
        ("The feet touch between the hands.", "Los pies tocan entre las manos."),
        SeenFromTheFront,
        ("A foot touches outside the hands.", "Un pie toca por fuera de las manos."),
        ("No rep, between the hands", "No rep, entre las manos"),
        ("Raise both feet between the hands.", "Subir los dos pies entre las manos."),
        NotCounted,
        new Predicate.Within(Part.Toe, Part.Palm),
        new() { BodyPart = "both feet", Zone = "between the hands" }
    );
    public static readonly Phrase AnyPartOfFeet = May(
        "feet-part",
        Finish,
        ("Any part of both feet may touch.", "Puede tocar cualquier parte de los dos pies.")
    );
    public static readonly Phrase ToesOnly = Must(
        "feet-part",
        Finish,
        ("The toes touch; a shin or a heel is no touch.", "Tocan los dedos; la espinilla o el talón no cuentan."),
        SeenFromTheFront,
        ("A shin or a heel touches, and no toe.", "Toca la espinilla o el talón, y ningún dedo."),
        ("No rep, toes", "No rep, dedos"),
        NextGood,
        NotCounted,
        null,
        new() { BodyPart = "toes", Reference = "bar" }
    );
    public static readonly Phrase OutsideHandsToo = May(
        "between-hands",
        Finish,
        ("The feet may touch between the hands or outside.", "Los pies pueden tocar entre las manos o por fuera.")
    );
    public static readonly Phrase KneesOverHip = Must(
        "knees-high",
        Finish,
        ("Both knees rise higher than the fold of the hip.", "Las dos rodillas suben por encima del pliegue de la cadera."),
        SeenFromTheSide,
        ("A knee stays level with the fold of the hip, or lower.", "Una rodilla queda a la altura del pliegue de la cadera o más baja."),
        ("No rep, higher", "No rep, más alto"),
        ("Swing back and raise the knees higher.", "Balancear atrás y subir más las rodillas."),
        NotCounted,
        new Predicate.Higher(Part.Knee, Part.HipCrease),
        new()
        {
            BodyPart = "both knees",
            Reference = "fold of the hip",
            SameMoment = true,
        }
    );
    public static readonly Phrase ToesOverHip = Must(
        "toes-high",
        Finish,
        ("Both feet rise higher than the fold of the hip.", "Los dos pies suben por encima del pliegue de la cadera."),
        SeenFromTheSide,
        ("A foot stays level with the fold of the hip, or lower.", "Un pie queda a la altura del pliegue de la cadera o más bajo."),
        ("No rep, higher", "No rep, más alto"),
        ("Swing back and raise the feet higher.", "Balancear atrás y subir más los pies."),
        NotCounted,
        new Predicate.Higher(Part.Toe, Part.HipCrease),
        new()
        {
            BodyPart = "both feet",
            Reference = "fold of the hip",
            SameMoment = true,
        }
    );
}
