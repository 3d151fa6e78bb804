using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;
using static FairCompass.Core.Standards.Phrases.Write;

namespace FairCompass.Core.Standards.Phrases;

/// <summary>Bags, sleds, stones, runs, and what is held for a time.</summary>
internal static class Carrying
{
    public static readonly Phrase BagAnywhere = Must(
        "bag-held-free",
        Through,
        ("The bag is held anywhere above the floor.", "El saco se lleva de cualquier manera sin tocar el suelo."),
        SeenFromTheSide,
        ("The bag touches the floor inside a section.", "El saco toca el suelo dentro de un tramo."),
        ("Bag, last mark", "Saco, última marca"),
        LastMark,
        FromTheLastMark
    );
    public static readonly Phrase OnFloorFirst = Must(
        "load-on-floor",
        Start,
        ("Each rep begins with the load on the floor.", "Cada repetición empieza con la carga en el suelo."),
        SeenFromTheFront,
        ("The load does not touch the floor.", "La carga no toca el suelo."),
        ("No rep, floor", "No rep, suelo"),
        FromFloor,
        FromTheFloor
    );
    public static readonly Phrase BagOnShoulder = Must(
        "bag-shoulder",
        Finish,
        ("The bag rests on one shoulder.", "El saco descansa en un hombro."),
        SeenFromTheFront,
        ("The bag does not come to rest on a shoulder.", "El saco no llega a descansar en un hombro."),
        ("No rep, shoulder", "No rep, hombro"),
        FromFloor,
        FromTheFloor
    );
    public static readonly Phrase OverShoulder = Must(
        "over-shoulder",
        Finish,
        ("The load passes over the shoulder and comes down behind.", "La carga pasa por encima del hombro y cae detrás."),
        SeenFromTheFront,
        ("The load comes down in front or beside.", "La carga cae delante o al lado."),
        ("No rep, over", "No rep, por encima"),
        FromFloor,
        FromTheFloor
    );
    public static readonly Phrase StandsUnder = Must(
        "stands-under",
        Through,
        ("The athlete stands tall as the load passes the shoulder.", "El atleta está erguido cuando la carga pasa el hombro."),
        SeenFromTheSide,
        ("The load is tipped over while the hips are bent.", "La carga se vuelca con la cadera flexionada."),
        ("No rep, stand tall", "No rep, extensión"),
        FromFloor,
        FromTheFloor
    );
    public static readonly Phrase HandsOnSled = Must(
        "hands-on-sled",
        Through,
        ("Both hands are on the sled while it moves.", "Las dos manos están en el trineo mientras se mueve."),
        SeenFromTheSide,
        ("The sled runs on alone.", "El trineo sigue solo."),
        ("Hands, last mark", "Manos, última marca"),
        LastMark,
        FromTheLastMark
    );
    public static readonly Phrase SledPassed = Must(
        "sled-passed",
        Finish,
        ("A section counts when the whole sled has crossed its mark.", "Un tramo cuenta cuando todo el trineo ha pasado la marca."),
        SeenFromTheSide,
        ("A part of the sled stays on or before the mark.", "Una parte del trineo se queda sobre la marca o antes."),
        ("No section", "Tramo no válido"),
        LastMark,
        FromTheLastMark
    );
    public static readonly Phrase RopeInHands = Must(
        "rope-in-hands",
        Through,
        ("The sled is drawn by the rope, feet behind the line.", "El trineo se arrastra con la cuerda, con los pies detrás de la línea."),
        SeenFromTheSide,
        ("A foot is over the line while the rope is pulled.", "Un pie pasa la línea mientras se tira de la cuerda."),
        ("Feet, last mark", "Pies, última marca"),
        LastMark,
        FromTheLastMark
    );
    public static readonly Phrase LapCrossed = Must(
        "lap",
        Finish,
        ("The foot that crosses the line ends the lap.", "El pie que pasa la línea termina la vuelta."),
        SeenFromTheSide,
        ("A turn is cut, or the line is not crossed.", "Se recorta una vuelta o no se pasa la línea."),
        ("Back, line", "Atrás, línea"),
        ("Go back to where the course was left.", "Volver donde se dejó el recorrido."),
        FromTheLine
    );
    public static readonly Phrase OnTheCourse = Must(
        "on-course",
        Through,
        ("The whole marked course is run, around every cone.", "Se corre todo el recorrido marcado, alrededor de cada cono."),
        SeenFromTheFront,
        ("A cone is passed on the inside.", "Se pasa un cono por dentro."),
        ("Cone, back", "Cono, atrás"),
        ("Go back around the cone.", "Volver y rodear el cono."),
        FromTheLine
    );
    public static readonly Phrase EveryStep = Must(
        "every-step",
        Through,
        ("A foot stands on every step.", "Un pie pisa cada escalón."),
        SeenFromTheSide,
        ("A step is left out.", "Se salta un escalón."),
        ("Step, back", "Escalón, atrás"),
        ("Go back to the step left out.", "Volver al escalón que faltó."),
        FromTheLine
    );
    public static readonly Phrase BothFeetOnTop = Must(
        "top-step",
        Finish,
        ("It counts when both feet are on the top.", "Cuenta cuando los dos pies están arriba."),
        SeenFromTheSide,
        ("The athlete turns before both feet are on the top.", "El atleta se da la vuelta antes de tener los dos pies arriba."),
        ("No rep, top", "No rep, arriba"),
        ("Go up to the top.", "Subir hasta arriba."),
        RepeatTheLastPhase
    );

    private static readonly Languages.Said TakeAgain = (
        "Take the position again; the time or the reps go on when “on” is called.",
        "Volver a la posición; el tiempo o las repeticiones siguen al oír «dentro»."
    );

    public static readonly Phrase LoadAtPlace = Must(
        "held-place",
        Start,
        ("The load is held where the name says and touches nothing else.", "La carga se sostiene donde dice el nombre y no toca nada más."),
        SeenFromTheFront,
        ("It rests on a knee, the rig or the floor.", "Se apoya en una rodilla, la estructura o el suelo."),
        ("Break", "Se ha perdido"),
        TakeAgain,
        WaitForKit
    );
    public static readonly Phrase StandsWhileHeld = Must(
        "held-standing",
        Through,
        ("The athlete stands tall while the load is held.", "El atleta está erguido mientras sostiene la carga."),
        SeenFromTheSide,
        ("Hips or knees bend.", "La cadera o las rodillas se flexionan."),
        ("Break", "Se ha perdido"),
        TakeAgain,
        WaitForKit
    );
    public static readonly Phrase HandstandHeld = Must(
        "handstand-hold",
        Start,
        (
            "Arms straight, the body in one line, only the feet on the wall.",
            "Brazos rectos, el cuerpo en línea y solo los pies en la pared."
        ),
        SeenFromTheSide,
        ("An elbow bends, the hips sag, or a foot comes down.", "Un codo se flexiona, la cadera cae o un pie baja."),
        ("Break", "Se ha perdido"),
        TakeAgain,
        WaitForKit
    );
    public static readonly Phrase LSit = Must(
        "l-sit",
        Start,
        ("Hips off the floor, the legs straight and level.", "La cadera sin tocar el suelo y las piernas rectas y horizontales."),
        SeenFromTheSide,
        ("A heel sinks below the hips, or a knee bends.", "Un talón baja de la cadera o una rodilla se flexiona."),
        ("Break", "Se ha perdido"),
        TakeAgain,
        WaitForKit
    );
}
