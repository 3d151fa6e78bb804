using FairCompass.Core.Standards.Figures;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;
using static FairCompass.Core.Standards.Phrases.Write;

namespace FairCompass.Core.Standards.Phrases;

/// <summary>Burpees, push-ups, boxes, lunges, walks, carries, trunk, skipping.</summary>
internal static class OnTheFloor
{
    public static readonly Phrase ChestDown = Must(
        "chest-down",
        Through,
        ("Chest and thighs touch the floor.", "El pecho y los muslos tocan el suelo."),
        SeenFromTheSide,
        ("Chest or thighs stay off the floor.", "El pecho o los muslos no tocan el suelo."),
        ("No rep, chest", "No válida, pecho"),
        ("Go down again.", "Bajar de nuevo."),
        FromTheFloor,
        new Predicate.Touches(Part.Chest, Part.Floor, 50),
        new() { BodyPart = "chest and thighs", Reference = "floor" }
    );
    public static readonly Phrase BurpeeStep = May(
        "step-allowed",
        Through,
        ("Stepping or jumping down and up is allowed.", "Se permite bajar y subir con paso o con salto.")
    );
    public static readonly Phrase BurpeeJump = Must(
        "step-allowed",
        Through,
        ("The feet jump back and jump in, both together.", "Los pies saltan atrás y adelante, los dos a la vez."),
        SeenFromTheFront,
        ("The feet step back or in, one after the other.", "Los pies dan un paso atrás o adelante, uno tras otro."),
        ("No rep, jump", "No válida, salto"),
        FromFloor,
        FromTheFloor,
        null,
        new() { BodyPart = "both feet", SameMoment = true }
    );
    public static readonly Phrase JumpOpen = Must(
        "jump-open",
        Finish,
        ("Hips and knees open in the jump.", "La cadera y las rodillas se abren en el salto."),
        SeenFromTheSide,
        ("The athlete hops bent and goes down again.", "El atleta salta flexionado y vuelve a bajar."),
        ("No rep, open", "No válida, abrir"),
        ("Jump again, standing tall.", "Saltar de nuevo, erguido."),
        RepeatTheLastPhase,
        null,
        new() { BodyPart = "hips and knees" }
    );
    public static readonly Phrase StandJump = Must(
        "stand-jump",
        Finish,
        ("Both feet leave the floor, the hands over the head.", "Los dos pies dejan el suelo, con las manos por encima de la cabeza."),
        SeenFromTheSide,
        (
            "The feet stay on the floor, or the hands below the head.",
            "Los pies no dejan el suelo o las manos quedan por debajo de la cabeza."
        ),
        ("No rep, jump", "No válida, salto"),
        ("Jump again from standing.", "Saltar de nuevo desde de pie."),
        RepeatTheLastPhase,
        new Predicate.Both([new Predicate.Higher(Part.Toe, Part.Floor, 20), new Predicate.Higher(Part.Palm, Part.Crown)]),
        new() { BodyPart = "both feet and hands" }
    );
    public static readonly Phrase TouchTarget = Must(
        "touch-target",
        Finish,
        ("Both hands touch the target.", "Las dos manos tocan el blanco."),
        SeenFromTheFront,
        ("Only one hand touches, or none.", "Solo toca una mano o ninguna."),
        ("No rep, target", "No válida, blanco"),
        ("Jump again and touch with both hands.", "Saltar de nuevo y tocar con las dos manos."),
        RepeatTheLastPhase,
        new Predicate.Touches(Part.Palm, Part.Target, 90),
        new()
        {
            BodyPart = "both hands",
            Reference = "target",
            SameMoment = true,
        }
    );
    public static readonly Phrase EndHang = Must(
        "end-hang",
        Finish,
        (
            "The rep ends hanging on bar or rings with both hands.",
            "La repetición termina colgado de la barra o las anillas con las dos manos."
        ),
        SeenFromTheFront,
        ("Only one hand holds.", "Solo sujeta una mano."),
        ("No rep, both hands", "No válida, las dos manos"),
        ("Jump to the bar again.", "Saltar de nuevo a la barra."),
        RepeatTheLastPhase,
        new Predicate.Touches(Part.Palm, Part.HighBar, 60),
        new() { BodyPart = "both hands", Reference = "bar or rings" }
    );
    public static readonly Phrase HangSeen = Must(
        "hang-seen",
        Finish,
        ("Both feet are off the floor in the hang.", "Los dos pies están fuera del suelo en la suspensión."),
        SeenFromTheSide,
        ("A foot still stands when the hands take hold.", "Un pie sigue apoyado cuando las manos agarran."),
        ("No rep, hang", "No válida, suspensión"),
        ("Hang free with both feet off the floor.", "Colgarse con los dos pies fuera del suelo."),
        RepeatTheLastPhase,
        null,
        new() { BodyPart = "both feet", Reference = "floor" }
    );
    public static readonly Phrase OverBar = Must(
        "over-bar",
        Finish,
        (
            "The athlete jumps over from two feet; nothing touches bar or plates.",
            "El atleta salta por encima con los dos pies; nada toca la barra ni los discos."
        ),
        SeenFromTheSide,
        ("The bar is touched or moves.", "Se toca la barra o se mueve."),
        ("No rep, bar", "No válida, barra"),
        ("Wait until the bar lies still and jump over again.", "Esperar a que la barra quede quieta y saltar de nuevo."),
        RepeatTheLastPhase,
        new Predicate.Higher(Part.Toe, Part.Load, 40),
        new() { BodyPart = "both feet", Reference = "bar and plates" }
    );
    public static readonly Phrase OverBarWhole = OverBar.Then(
        FromTheFloor,
        ("Wait until the bar lies still and repeat the whole rep.", "Esperar a que la barra quede quieta y repetir toda la repetición.")
    );
    public static readonly Phrase TwoFeet = Must(
        "two-feet",
        Finish,
        ("Both feet take off and land together.", "Los dos pies despegan y aterrizan a la vez."),
        SeenFromTheFront,
        ("The feet take off or land one after the other.", "Los pies despegan o aterrizan uno tras otro."),
        ("No rep, two feet", "No válida, los dos pies"),
        ("Go back and jump over again.", "Volver y saltar de nuevo."),
        RepeatTheLastPhase,
        null,
        new() { BodyPart = "both feet", SameMoment = true }
    );
    public static readonly Phrase TwoFeetWhole = TwoFeet.Then(
        FromTheFloor,
        ("Go back and repeat the whole rep.", "Volver y repetir toda la repetición.")
    );
    public static readonly Phrase StepLanding = May(
        "two-feet",
        Finish,
        ("Taking off or landing on one foot is allowed.", "Se permite despegar o aterrizar con un pie.")
    );
    public static readonly Phrase Together = Must(
        "together",
        Through,
        (
            "Both partners are in the named position at the same moment; the later one makes the rep.",
            "Los dos compañeros están en la posición indicada a la vez; el último completa la repetición."
        ),
        SeenFromTheFront,
        ("One partner leaves the position before the other is there.", "Uno deja la posición antes de que llegue el otro."),
        ("No rep, together", "No válida, a la vez"),
        ("Both repeat the rep.", "Los dos repiten la repetición."),
        RepeatTheRep,
        null,
        new() { SameMoment = true }
    );

    public static readonly Phrase HandsOff = Must(
        "hands-off",
        Through,
        ("Chest on the floor, then both palms leave it.", "Pecho en el suelo; después las dos palmas se separan."),
        SeenFromTheSide,
        ("A palm stays on the floor.", "Una palma se queda en el suelo."),
        ("No rep, hands", "No válida, manos"),
        ("Lie down and lift both hands.", "Tumbarse y separar las dos manos."),
        RepeatTheRep,
        new Predicate.Higher(Part.Palm, Part.Floor, 25),
        new()
        {
            BodyPart = "both palms",
            Reference = "floor",
            SameMoment = true,
        }
    );
    public static readonly Phrase RiseInLine = Must(
        "rise-in-line",
        Through,
        ("The body rises in one line; knees and belly do not push.", "El cuerpo sube en línea; las rodillas y el vientre no empujan."),
        SeenFromTheSide,
        (
            "The shoulders rise first and the hips follow, or a knee pushes.",
            "Suben antes los hombros y después la cadera, o empuja una rodilla."
        ),
        ("No rep, one line", "No válida, en línea"),
        ("Lie down again and rise in one line.", "Tumbarse de nuevo y subir en línea.")
    );
    public static readonly Phrase PushLock = Must(
        "push-lock",
        Finish,
        ("Both elbows are straight, the body in one line.", "Los dos codos rectos y el cuerpo en línea."),
        SeenFromTheSide,
        ("An elbow is still bent, or the hips are out of line.", "Un codo sigue flexionado o la cadera está fuera de línea."),
        ("No rep, lock out", "No válida, bloqueo"),
        Again,
        RepeatTheRep,
        new Predicate.Both([new Predicate.Straight(Joint.Elbow, 12), new Predicate.Straight(Joint.Hip, 15)]),
        new() { BodyPart = "elbows and hips", AngleDegrees = 12 }
    );
    public static readonly Phrase RestPlank = May(
        "rest-floor",
        Between,
        ("A rest lying down or with straight arms is allowed.", "Se permite descansar tumbado o con los brazos rectos.")
    );

    public static readonly Phrase BoxJump = Must(
        "box-jump",
        Through,
        ("Both feet leave the floor together.", "Los dos pies dejan el suelo a la vez."),
        SeenFromTheFront,
        ("One foot steps up.", "Un pie sube con paso."),
        ("No rep, jump", "No válida, salto"),
        ("Go back to the floor and jump.", "Volver al suelo y saltar."),
        RepeatTheLastPhase,
        null,
        new() { BodyPart = "both feet", SameMoment = true }
    );
    public static readonly Phrase BoxStepAllowed = May(
        "box-jump",
        Through,
        ("Stepping up and down is allowed.", "Se permite subir y bajar con paso.")
    );
    public static readonly Phrase BoxTop = Must(
        "box-top",
        Through,
        ("Both feet stand on the top of the box.", "Los dos pies pisan la parte superior del cajón."),
        SeenFromTheFront,
        ("Only one foot stands on top, or a foot passes beside the box.", "Solo pisa un pie o un pie pasa por el lado del cajón."),
        ("No rep, both feet", "No válida, los dos pies"),
        ("Go back and cross the box again.", "Volver y cruzar de nuevo el cajón."),
        RepeatTheLastPhase,
        new Predicate.Touches(Part.MidFoot, Part.BoxTop, 280),
        new() { BodyPart = "both feet", Reference = "top of the box" }
    );
    public static readonly Phrase BoxClear = May(
        "box-top",
        Through,
        ("The feet may stand on the box or clear it.", "Los pies pueden pisar el cajón o pasarlo sin tocar.")
    );
    public static readonly Phrase BoxStep = Must(
        "box-step",
        Through,
        ("One foot after the other is placed on top; jumping is not allowed.", "Se pone un pie tras otro encima; no se permite saltar."),
        SeenFromTheFront,
        (
            "Both feet leave the floor together, or a foot passes beside the box.",
            "Los dos pies dejan el suelo a la vez o un pie pasa por el lado del cajón."
        ),
        ("No rep, step", "No válida, paso"),
        ("Go back to the side where the rep began.", "Volver al lado donde empezó la repetición."),
        RepeatTheRep,
        new Predicate.Touches(Part.MidFoot, Part.BoxTop, 280),
        new() { BodyPart = "both feet", Reference = "top of the box" }
    );
    public static readonly Phrase BoxHands = Never(
        "box-hands",
        Through,
        (
            "No hand and no load touches the box; no hand pushes on the legs.",
            "Ni las manos ni la carga tocan el cajón; las manos no empujan las piernas."
        ),
        SeenFromTheSide,
        ("A hand or the load is put on the box or the thigh.", "Una mano o la carga se apoya en el cajón o el muslo."),
        ("No rep, hands", "No válida, manos"),
        ("Go back to the side where the rep began.", "Volver al lado donde empezó la repetición.")
    );
    public static readonly Phrase BoxStand = Must(
        "box-stand",
        Finish,
        ("On the box: hips and knees straight.", "Sobre el cajón: cadera y rodillas rectas."),
        SeenFromTheSide,
        ("The athlete leaves the box bent.", "El atleta deja el cajón flexionado."),
        ("No rep, stand tall", "No válida, de pie"),
        ("Go up again and stand tall.", "Subir de nuevo y ponerse de pie."),
        RepeatTheLastPhase,
        new Predicate.Both([new Predicate.Straight(Joint.Hip, 12), new Predicate.Straight(Joint.Knee, 12)]),
        new() { BodyPart = "hips and knees", AngleDegrees = 12 }
    );
    public static readonly Phrase OtherSide = Must(
        "other-side",
        Finish,
        ("Both feet stand on the floor on the other side.", "Los dos pies están en el suelo al otro lado."),
        SeenFromTheSide,
        ("The athlete turns back before the second foot is down.", "El atleta se da la vuelta antes de apoyar el segundo pie."),
        ("No rep, both feet", "No válida, los dos pies"),
        ("Put both feet down, then go on.", "Apoyar los dos pies y seguir."),
        RepeatTheLastPhase,
        new Predicate.Ahead(Part.MidFoot, Part.BoxTop, 200),
        new() { BodyPart = "both feet", Reference = "floor on the other side" }
    );
    public static readonly Phrase StillCarried = Must(
        "still-carried",
        Finish,
        ("The load is still carried.", "La carga sigue en brazos."),
        SeenFromTheSide,
        ("The load falls before both feet are down.", "La carga cae antes de apoyar los dos pies."),
        ("No rep, dropped", "No válida, caída"),
        ("Pick it up on the side where the rep began.", "Recogerla en el lado donde empezó la repetición.")
    );
    public static readonly Phrase TurnOnTop = May(
        "turn-on-top",
        Finish,
        ("The athlete may turn on top of the box.", "El atleta puede girar encima del cajón.")
    );

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

    public static readonly Phrase SitTouch = Must(
        "sit-touch",
        Finish,
        ("Sitting up, both hands touch the floor in front of the feet.", "Sentado, las dos manos tocan el suelo delante de los pies."),
        SeenFromTheSide,
        ("The hands stop before the feet.", "Las manos se quedan antes de los pies."),
        ("No rep, reach", "No válida, alcance"),
        ("Reach further in the next rep.", "Llegar más lejos en la siguiente repetición."),
        NotCounted,
        new Predicate.Touches(Part.Palm, Part.Floor, 90),
        new() { BodyPart = "both hands", Reference = "floor in front of the feet" }
    );
    public static readonly Phrase SitUpright = Must(
        "sit-upright",
        Finish,
        ("Sitting up, the shoulders pass the line of the hips.", "Sentado, los hombros pasan la línea de la cadera."),
        SeenFromTheSide,
        ("The shoulders stay behind the hips.", "Los hombros se quedan detrás de la cadera."),
        ("No rep, sit up", "No válida, sentarse"),
        ("Sit up further in the next rep.", "Sentarse más en la siguiente repetición."),
        NotCounted,
        new Predicate.Ahead(Part.Shoulder, Part.Hip),
        new() { BodyPart = "shoulders", Reference = "hips" }
    );
    public static readonly Phrase FeetStill = May(
        "feet-still",
        Through,
        ("The arms may swing; the feet stay on the floor.", "Los brazos pueden impulsar; los pies siguen en el suelo.")
    );
    public static readonly Phrase PlankHold = Must(
        "plank-hold",
        Through,
        (
            "Arms straight, body in one line, nothing but hands and feet on the floor.",
            "Brazos rectos, cuerpo en línea y solo manos y pies en el suelo."
        ),
        SeenFromTheSide,
        ("A knee or the belly touches, or the hips leave the line.", "Una rodilla o el vientre toca, o la cadera sale de la línea."),
        ("Break", "Corte"),
        (
            "Take the position again; the time or the reps go on from there.",
            "Volver a la posición; el tiempo o las repeticiones siguen desde ahí."
        ),
        FromTheLastMark,
        new Predicate.Both([new Predicate.Straight(Joint.Hip, 15), new Predicate.Straight(Joint.Elbow, 12)]),
        new() { BodyPart = "hips and elbows", AngleDegrees = 15 }
    );
    public static readonly Phrase TwoTurns = Must(
        "two-turns",
        Through,
        ("The rope passes under both feet twice in one jump.", "La comba pasa dos veces bajo los dos pies en un salto."),
        Heard,
        ("The rope passes once in the jump.", "La comba pasa una sola vez en el salto."),
        ("Single", "Simple"),
        NextRep,
        NotCounted,
        null,
        new() { BodyPart = "both feet", Count = 2 }
    );
    public static readonly Phrase OneTurn = Must(
        "one-turn",
        Through,
        ("The rope passes under both feet once in each jump.", "La comba pasa una vez bajo los dos pies en cada salto."),
        Heard,
        ("The athlete jumps without a turn of the rope.", "El atleta salta sin una vuelta de la comba."),
        ("No turn", "Sin vuelta"),
        NextRep,
        NotCounted,
        null,
        new() { BodyPart = "both feet", Count = 1 }
    );
    public static readonly Phrase RopeClear = Must(
        "rope-clear",
        Finish,
        ("The rope has passed completely under the feet.", "La comba ha pasado por completo bajo los pies."),
        SeenFromTheSide,
        ("The rope stops at the feet.", "La comba se para en los pies."),
        ("No rep, caught", "No válida, enganchada"),
        ("Start the rope again.", "Volver a girar la comba."),
        NotCounted,
        new Predicate.Higher(Part.Toe, Part.Floor, 15),
        new() { BodyPart = "both feet" }
    );
    public static readonly Phrase SinglesBetween = May(
        "singles-between",
        Between,
        ("Single turns between are allowed and not counted.", "Se permiten vueltas simples entre medias y no cuentan.")
    );
    public static readonly Phrase RestStanding = May(
        "rest-standing",
        Between,
        ("A rest standing is allowed.", "Se permite descansar de pie.")
    );

    public static readonly Phrase BallHit = Must(
        "ball-hit",
        Finish,
        (
            "The whole ball meets the wall at the target’s height or higher.",
            "El balón entero da en la pared a la altura del blanco o más arriba."
        ),
        SeenFromTheSide,
        ("The ball meets the wall below the target, or misses it.", "El balón da en la pared por debajo del blanco o no da."),
        ("No rep, low", "No válida, bajo"),
        ("Throw again.", "Lanzar de nuevo."),
        NotCounted,
        new Predicate.Higher(Part.Load, Part.Target),
        new()
        {
            ImplementPart = "whole ball",
            Reference = "lower edge of the target",
            OnTheLine = OnTheLine.In,
        }
    );
    public static readonly Phrase NoBounceCatch = Never(
        "rebound",
        Between,
        (
            "A ball that fell is held still, and the athlete stands, before the next rep.",
            "Un balón caído se sujeta quieto y el atleta se pone de pie antes de la siguiente repetición."
        ),
        SeenFromTheSide,
        ("A ball that fell is caught on the bounce and thrown on.", "Un balón caído se recoge en el bote y se lanza."),
        ("No rep, bounce", "No válida, bote"),
        ("Hold the ball still, stand, then squat.", "Sujetar el balón, ponerse de pie y bajar."),
        NotCounted
    );
    public static readonly Phrase BounceCatchAllowed = May(
        "rebound",
        Between,
        ("A ball that fell may be caught on the bounce.", "Un balón caído puede recogerse en el bote.")
    );

    public static readonly Phrase AnyStroke = May(
        "any-stroke",
        Through,
        ("Any stroke or stride is allowed.", "Se permite cualquier remada o pedalada.")
    );
    public static readonly Phrase Number = Must(
        "number",
        Finish,
        (
            "The monitor shows the full number while the athlete is still on the machine.",
            "El monitor muestra el número completo con el atleta aún en la máquina."
        ),
        Read,
        ("The athlete leaves before the number is shown.", "El atleta se baja antes de que aparezca el número."),
        ("Back on", "De vuelta"),
        ("Get on again and finish the number.", "Volver a subir y completar el número."),
        RepeatTheLastPhase,
        new Predicate.Lower(Part.Hip, Part.Seat, -20),
        new() { Reference = "monitor" }
    );
    public static readonly Phrase ReadAgain = Must(
        "monitor-zero",
        Between,
        (
            "The judge sets the monitor to zero, or notes the reading, before the next athlete.",
            "El juez pone el monitor a cero, o anota la lectura, antes del siguiente atleta."
        ),
        Read,
        ("The monitor shows a number from before.", "El monitor muestra un número anterior."),
        ("Monitor", "Monitor"),
        ("Go on; the judge notes the first reading and subtracts it.", "Seguir; el juez anota la primera lectura y la resta."),
        NotCounted
    );
    public static readonly Phrase HandleBack = Never(
        "handle-thrown",
        Finish,
        ("The handle is put back; it is not let go.", "El tirador se deja en su sitio; no se suelta."),
        Heard,
        ("The handle flies into the machine.", "El tirador golpea la máquina."),
        ("Handle", "Tirador"),
        ("Go on; the floor crew checks the machine.", "Seguir; el equipo de pista revisa la máquina."),
        NotCounted
    );

    public static readonly Phrase FarShoulder = Must(
        "far-shoulder",
        Finish,
        (
            "The rep counts once the bag rests on the far shoulder of everybody who lifts.",
            "La repetición cuenta cuando el saco descansa en el hombro contrario de todos los que levantan."
        ),
        SeenFromTheFront,
        ("The bag does not come to rest on a far shoulder.", "El saco no llega a descansar en un hombro contrario."),
        ("No rep, shoulder", "No válida, hombro"),
        ("Begin the rep again at its own start.", "Empezar de nuevo la repetición desde su inicio."),
        RepeatTheRep,
        new Predicate.Higher(Part.Load, Part.Shoulder),
        new() { ImplementPart = "bag", BodyPart = "far shoulder" }
    );
    public static readonly Phrase BagOverhead = Must(
        "bag-over",
        Through,
        (
            "The bag passes over every head; nobody steps under it alone.",
            "El saco pasa por encima de todas las cabezas; nadie queda solo debajo."
        ),
        SeenFromTheFront,
        ("The bag is passed around a head or held by too few.", "El saco rodea una cabeza o lo sujetan demasiado pocos."),
        ("No rep, over", "No válida, por encima"),
        ("Begin the rep again at its own start.", "Empezar de nuevo la repetición desde su inicio.")
    );
    public static readonly Phrase AllHold = Must(
        "all-hold",
        Through,
        (
            "Everybody named holds the bag; it does not touch the floor inside a section.",
            "Todos los nombrados sujetan el saco; no toca el suelo dentro de un tramo."
        ),
        SeenFromTheSide,
        ("The bag touches the floor, or somebody lets go.", "El saco toca el suelo o alguien lo suelta."),
        ("Bag, last mark", "Saco, última marca"),
        LastMark,
        FromTheLastMark
    );
    public static readonly Phrase ForearmPlank = PlankHold with
    {
        Id = "forearm-plank",
        Text = ("Forearms and feet on the floor, the body in one line.", "Antebrazos y pies en el suelo, el cuerpo en línea."),
        Holds = new Predicate.Straight(Joint.Hip, 15),
        Of = new() { BodyPart = "hips", AngleDegrees = 15 },
    };
    public static readonly Phrase HoldTime = Must(
        "hold-time",
        Finish,
        (
            "The time is full when the judge says so; it is read off the clock.",
            "El tiempo está completo cuando lo dice el juez; se lee en el reloj."
        ),
        Read,
        ("The athlete ends before the time is full.", "El atleta termina antes del tiempo."),
        ("Not yet", "Todavía no"),
        ("Take the position again and finish the time.", "Volver a la posición y completar el tiempo."),
        RepeatTheLastPhase,
        null,
        new() { Reference = "clock" }
    );
    public static readonly Phrase FinalCross = Must(
        "final-cross",
        Finish,
        ("The last length ends when both feet have crossed the line.", "El último largo termina cuando los dos pies han pasado la línea."),
        SeenFromTheSide,
        ("A foot has not crossed when the athlete stops.", "Un pie no ha pasado cuando el atleta se para."),
        ("Not over, line", "Sin pasar, línea"),
        ("Cross the line with both feet.", "Pasar la línea con los dos pies."),
        RepeatTheLastPhase,
        null,
        new()
        {
            BodyPart = "both feet",
            Reference = "line",
            OnTheLine = OnTheLine.Out,
        }
    );
    public static readonly Phrase Mount = Must(
        "mount",
        Phase.Entry,
        ("The pedals stand still until the athlete sits.", "Los pedales están quietos hasta que el atleta se sienta."),
        SeenFromTheSide,
        (
            "Pedals or handles are turned before the athlete sits, or by somebody else.",
            "Los pedales o brazos se mueven antes de que el atleta se siente, o los mueve otra persona."
        ),
        ("Stop, pedals", "Alto, pedales"),
        ("Let them stand still and begin again.", "Dejar que se paren y empezar de nuevo."),
        FromTheLine
    );
    public static readonly Phrase StaysSeated = Must(
        "seated",
        Finish,
        ("The athlete stays on the saddle until the number is called.", "El atleta sigue en el sillín hasta que se canta el número."),
        SeenFromTheSide,
        ("A foot is on the floor before the call.", "Un pie está en el suelo antes de la señal."),
        ("Back on", "De vuelta"),
        ("Get on again and finish the number.", "Volver a subir y completar el número."),
        RepeatTheLastPhase
    );
}
