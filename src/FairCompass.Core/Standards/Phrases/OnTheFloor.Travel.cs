using FairCompass.Core.Standards.Figures;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;
using static FairCompass.Core.Standards.Phrases.Write;

namespace FairCompass.Core.Standards.Phrases;

/// <content>Lunges, walks, handstand walks, and carries.</content>
internal static partial class OnTheFloor
{
    public static readonly Phrase KneeDown = Must(
        "knee-down",
        Through,
        ("The knee behind touches the floor.", "La rodilla de atrás toca el suelo."),
        SeenFromTheSide,
        ("The knee behind stays off the floor.", "La rodilla de atrás no toca el suelo."),
        ("No rep, knee", "No válida, rodilla"),
        ("Repeat the lunge with the same leg.", "Repetir la zancada con la misma pierna."),
        RepeatTheRep,
        new Predicate.Either(Part.Knee, Part.Floor, 95),
        new() { BodyPart = "knee behind", Reference = "floor" }
    );
    public static readonly Phrase LungeStand = Must(
        "lunge-stand",
        Finish,
        ("Hips and knees are straight between two lunges.", "Cadera y rodillas rectas entre dos zancadas."),
        SeenFromTheSide,
        ("The athlete steps into the next lunge without standing.", "El atleta pasa a la siguiente zancada sin ponerse de pie."),
        ("No rep, stand", "No válida, de pie"),
        StandFirst,
        RepeatTheRep,
        new Predicate.Both([new Predicate.Straight(Joint.Hip, 15), new Predicate.Straight(Joint.Knee, 15)]),
        new() { BodyPart = "hips and knees", AngleDegrees = 15 }
    );
    public static readonly Phrase LegsTurn = Must(
        "legs-turn",
        Between,
        ("Legs take turns.", "Las piernas se alternan."),
        SeenFromTheFront,
        ("The same leg goes forward twice.", "La misma pierna avanza dos veces."),
        ("No rep, other leg", "No válida, otra pierna"),
        ("Repeat with the other leg.", "Repetir con la otra pierna.")
    );
    public static readonly Phrase SectionFeet = Must(
        "section",
        Finish,
        ("A section counts when the front foot has crossed its mark.", "Un tramo cuenta cuando el pie delantero ha pasado la marca."),
        SeenFromTheSide,
        (
            "The foot stops on or before the mark, or a small extra step is taken.",
            "El pie se queda sobre la marca o antes, o se da un pasito de más."
        ),
        ("No section", "Tramo nulo"),
        LastMark,
        FromTheLastMark,
        new Predicate.Ahead(Part.Toe, Part.FloorLine),
        new()
        {
            BodyPart = "front foot",
            Reference = "mark",
            OnTheLine = OnTheLine.Out,
        }
    );
    public static readonly Phrase SectionHands = Must(
        "section-hands",
        Finish,
        (
            "A section counts when both hands have crossed its mark completely.",
            "Un tramo cuenta cuando las dos manos han pasado la marca por completo."
        ),
        SeenFromTheSide,
        ("A hand is on or before the mark when the athlete comes down.", "Una mano está sobre la marca o antes cuando el atleta baja."),
        ("No section", "Tramo nulo"),
        LastMark,
        FromTheLastMark,
        new Predicate.Ahead(Part.Palm, Part.FloorLine),
        new()
        {
            BodyPart = "both hands",
            Reference = "mark",
            OnTheLine = OnTheLine.Out,
        }
    );
    public static readonly Phrase SectionBoth = Must(
        "section-all",
        Finish,
        (
            "A section counts when hands and feet, or feet and load, have crossed its mark.",
            "Un tramo cuenta cuando manos y pies, o pies y carga, han pasado la marca."
        ),
        SeenFromTheSide,
        ("A hand, a foot or the load stays on or before the mark.", "Una mano, un pie o la carga se queda sobre la marca o antes."),
        ("No section", "Tramo nulo"),
        LastMark,
        FromTheLastMark,
        new Predicate.Ahead(Part.Heel, Part.FloorLine),
        new()
        {
            BodyPart = "hands, feet, load",
            Reference = "mark",
            OnTheLine = OnTheLine.Out,
        }
    );
    public static readonly Phrase HandsOnly = Must(
        "hands-only",
        Through,
        ("Only the hands touch the floor inside a section.", "Solo las manos tocan el suelo dentro de un tramo."),
        SeenFromTheSide,
        ("A foot touches the floor inside the section.", "Un pie toca el suelo dentro del tramo."),
        ("Down, last mark", "Abajo, última marca"),
        LastMark,
        FromTheLastMark,
        new Predicate.Higher(Part.Toe, Part.Floor, 200),
        new() { BodyPart = "feet", Reference = "floor" }
    );
    public static readonly Phrase KneesUp = Must(
        "knees-up",
        Through,
        ("Hands and feet only touch the floor; the knees stay up.", "Solo manos y pies tocan el suelo; las rodillas no tocan."),
        SeenFromTheSide,
        ("A knee touches the floor.", "Una rodilla toca el suelo."),
        ("Knee, last mark", "Rodilla, última marca"),
        LastMark,
        FromTheLastMark,
        new Predicate.Higher(Part.Knee, Part.Floor, 60),
        new() { BodyPart = "knees", Reference = "floor" }
    );
    public static readonly Phrase StayInLane = Must(
        "in-lane",
        Through,
        ("Feet, hands and load stay inside the lane.", "Pies, manos y carga siguen dentro de la calle."),
        SeenFromTheFront,
        ("A foot, a hand or the load touches outside the lane.", "Un pie, una mano o la carga toca fuera de la calle."),
        ("Lane, last mark", "Calle, última marca"),
        LastMark,
        FromTheLastMark,
        null,
        new() { Zone = "lane", OnTheLine = OnTheLine.Out }
    );
    public static readonly Phrase CarryNoDrag = Never(
        "no-drag",
        Through,
        ("The load is carried; it is not dragged or thrown.", "La carga se lleva en brazos; no se arrastra ni se lanza."),
        SeenFromTheSide,
        ("The load is dragged or thrown forward.", "La carga se arrastra o se lanza hacia delante."),
        ("No section, carry", "Tramo nulo, llevar"),
        LastMark,
        FromTheLastMark
    );
    public static readonly Phrase RestInSection = May(
        "rest-section",
        Between,
        (
            "A rest is allowed; work goes on from there or from the last mark.",
            "Se permite descansar; se sigue desde ahí o desde la última marca."
        )
    );
    public static readonly Phrase Turn = Must(
        "turn",
        Finish,
        (
            "At each turn both feet cross the line and one hand touches the floor beyond it.",
            "En cada giro los dos pies pasan la línea y una mano toca el suelo detrás."
        ),
        SeenFromTheSide,
        ("A foot does not cross, or no hand touches beyond the line.", "Un pie no pasa la línea o ninguna mano toca detrás."),
        ("Back, line", "Atrás, línea"),
        ("Go back and turn again.", "Volver y girar de nuevo."),
        FromTheLastMark,
        new Predicate.Either(Part.Palm, Part.Floor, 90),
        new()
        {
            BodyPart = "both feet and one hand",
            Reference = "turn line",
            OnTheLine = OnTheLine.Out,
        }
    );
}
