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
        ("No rep, knee", "No rep, rodilla"),
        ("Repeat the lunge with the same leg.", "Repetir la zancada con la misma pierna."),
        NotCounted,
        new Predicate.Either(Part.Knee, Part.Floor, 95),
        new() { BodyPart = "knee behind", Reference = "floor" }
    );
    public static readonly Phrase LungeStand = Must(
        "lunge-stand",
        Finish,
        ("Hips and knees are straight between two lunges.", "Cadera y rodillas rectas entre dos zancadas."),
        SeenFromTheSide,
        ("The athlete steps into the next lunge without standing.", "El atleta pasa a la siguiente zancada sin ponerse de pie."),
        ("No rep, stand", "No rep, ponte de pie"),
        StandFirst,
        NotCounted,
        new Predicate.Both([new Predicate.Straight(Joint.Hip, 15), new Predicate.Straight(Joint.Knee, 15)]),
        new() { BodyPart = "hips and knees", AngleDegrees = 15 }
    );
    public static readonly Phrase LegsTurn = Must(
        "legs-turn",
        Between,
        ("Legs take turns.", "Las piernas se alternan."),
        SeenFromTheFront,
        ("The same leg goes forward twice.", "La misma pierna avanza dos veces."),
        ("No rep, other leg", "No rep, otra pierna"),
        ("Repeat with the other leg.", "Repetir con la otra pierna.")
    );
    public static readonly Phrase SectionFeet = Must(
        "section",
        Finish,
        ("A section counts when both heels have crossed its mark.", "Un tramo cuenta cuando los dos talones han pasado la marca."),
        SeenFromTheSide,
        ("A heel stays on or before the mark.", "Un talón se queda sobre la marca o antes."),
        ("No section", "Tramo no válido"),
        LastMark,
        FromTheLastMark,
        new Predicate.Ahead(Part.Toe, Part.FloorLine),
        new()
        {
            BodyPart = "both heels",
            Reference = "mark",
            OnTheLine = OnTheLine.Out,
        }
    );
    public static readonly Phrase SectionFrontFoot = SectionFeet with
    {
        Text = (
            "A section counts when the front foot has crossed its mark.",
            "Un tramo cuenta cuando el pie delantero ha pasado la marca."
        ),
        Of = new()
        {
            BodyPart = "front foot",
            Reference = "mark",
            OnTheLine = OnTheLine.Out,
        },
        Fault = SectionFeet.Fault! with
        {
            Sign = ("The front foot stays on or before the mark.", "El pie delantero se queda sobre la marca o antes."),
        },
    };
    public static readonly Phrase NoExtraStep = Never(
        "extra-step",
        Through,
        ("No small extra step is taken between two lunges.", "No se da un pasito de más entre dos zancadas."),
        SeenFromTheSide,
        ("A foot is set down between two lunges.", "Un pie se apoya entre dos zancadas."),
        ("No rep, step", "No rep, paso"),
        LastMark,
        FromTheLastMark
    );
    public static readonly Phrase LegsTurnWalking = Must(
        "legs-turn",
        Through,
        ("Legs take turns.", "Las piernas se alternan."),
        SeenFromTheSide,
        ("The same leg goes forward twice.", "La misma pierna avanza dos veces."),
        ("No rep, other leg", "No rep, otra pierna"),
        LastMark,
        FromTheLastMark
    );
    public static readonly Phrase KneeDownSection = KneeDown.Then(FromTheLastMark, LastMark);
    public static readonly Phrase SectionLoad = Must(
        "section-load",
        Finish,
        ("A section counts when feet and load have crossed its mark.", "Un tramo cuenta cuando los pies y la carga han pasado la marca."),
        SeenFromTheSide,
        ("A foot or the load stays on or before the mark.", "Un pie o la carga se queda sobre la marca o antes."),
        ("No section", "Tramo no válido"),
        LastMark,
        FromTheLastMark,
        new Predicate.Ahead(Part.Toe, Part.FloorLine),
        new()
        {
            BodyPart = "feet and load",
            Reference = "mark",
            OnTheLine = OnTheLine.Out,
        }
    );
    public static readonly Phrase LoadHeld = Must(
        "load-held",
        Through,
        (
            "The load hangs beside the body or rests on the shoulder; it is put down only on a mark.",
            "La carga cuelga junto al cuerpo o descansa en el hombro; solo se deja en una marca."
        ),
        SeenFromTheSide,
        ("The load is put down inside a section, or pushes on a thigh.", "La carga se deja dentro de un tramo o se apoya en un muslo."),
        ("Load, last mark", "Carga, última marca"),
        LastMark,
        FromTheLastMark
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
        ("No section", "Tramo no válido"),
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
        ("A section counts when hands and feet have crossed its mark.", "Un tramo cuenta cuando manos y pies han pasado la marca."),
        SeenFromTheSide,
        ("A hand or a foot stays on or before the mark.", "Una mano o un pie se queda sobre la marca o antes."),
        ("No section", "Tramo no válido"),
        LastMark,
        FromTheLastMark,
        new Predicate.Ahead(Part.Heel, Part.FloorLine),
        new()
        {
            BodyPart = "hands and feet",
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
        SeenFromTheSide,
        ("A foot, a hand or the load touches outside the lane.", "Un pie, una mano o la carga toca fuera de la calle."),
        ("Lane, last mark", "Calle, última marca"),
        LastMark,
        FromTheLastMark,
        null,
        new() { Zone = "lane", OnTheLine = OnTheLine.Out }
    );
    public static readonly Phrase LaneShuttle = StayInLane with
    {
        Fault = StayInLane.Fault! with
        {
            Call = ("Lane, back", "Calle, atrás"),
            Fix = ("Go back to the line just left.", "Volver a la línea que se acaba de dejar."),
            Then = FromTheLine,
        },
    };
    public static readonly Phrase LaneDown = StayInLane with
    {
        Fault = StayInLane.Fault! with
        {
            Call = ("Lane, down", "Calle, abajo"),
            Fix = (
                "Put the bag down inside the lane and begin the rep again.",
                "Dejar el saco dentro de la calle y empezar de nuevo la repetición."
            ),
            Then = FromTheFloor,
        },
    };
    public static readonly Phrase CarryNoDrag = Never(
        "no-drag",
        Through,
        ("The load is carried; it is not dragged or thrown.", "La carga se lleva en brazos; no se arrastra ni se lanza."),
        SeenFromTheSide,
        ("The load is dragged or thrown forward.", "La carga se arrastra o se lanza hacia delante."),
        ("No section, carry", "Tramo no válido, llevar"),
        LastMark,
        FromTheLastMark
    );
    public static readonly Phrase RestInSection = Must(
        "rest-section",
        Between,
        (
            "Who rests inside a section begins again behind its mark; who rests on a mark goes on from there.",
            "Quien descansa dentro de un tramo empieza de nuevo detrás de su marca; quien descansa en una marca sigue desde ahí."
        ),
        SeenFromTheSide,
        ("The athlete rests inside a section and goes on from there.", "El atleta descansa dentro de un tramo y sigue desde ahí."),
        ("Last mark", "Última marca"),
        LastMark,
        FromTheLastMark,
        null,
        new() { Zone = "section" }
    );
    public static readonly Phrase RestGoesOn = May(
        "rest-section",
        Between,
        ("Who rests inside a section goes on from that place.", "Quien descansa dentro de un tramo sigue desde donde está.")
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
        ("Back, touch", "Atrás, toca"),
        ("Go back to the line just left and turn again.", "Volver a la línea que se acaba de dejar y girar de nuevo."),
        FromTheLine,
        new Predicate.Either(Part.Palm, Part.Floor, 90),
        new()
        {
            BodyPart = "both feet and one hand",
            Reference = "turn line",
            OnTheLine = OnTheLine.Out,
        }
    );
}
