using FairCompass.Core.Standards.Figures;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;
using static FairCompass.Core.Standards.Phrases.Write;

namespace FairCompass.Core.Standards.Phrases;

/// <content>Dips and supports, handstands, walls, ropes.</content>
internal static partial class Hanging
{
    public static readonly Phrase Dip = Must(
        "dip",
        Through,
        ("The athlete passes through a dip above the bar or rings.", "El atleta pasa por un fondo por encima de la barra o las anillas."),
        SeenFromTheSide,
        (
            "The arms are straight before the shoulders are above the hands, or the athlete falls back.",
            "Los brazos se estiran antes de que los hombros estén por encima de las manos, o el atleta cae hacia atrás."
        ),
        ("No rep, dip", "No rep, fondo"),
        NextGood,
        NotCounted,
        new Predicate.Higher(Part.Shoulder, Part.HighBar),
        new() { BodyPart = "shoulders", Reference = "bar or rings" }
    );
    public static readonly Phrase NoElbow = Never(
        "no-elbow",
        Through,
        ("No forearm or elbow rests on the bar.", "Ningún antebrazo ni codo se apoya en la barra."),
        SeenFromTheFront,
        ("A forearm or an elbow lies on the bar.", "Un antebrazo o un codo queda sobre la barra."),
        ("No rep, elbow", "No rep, codo"),
        NextGood
    );
    public static readonly Phrase NoRig = Never(
        "no-rig",
        Through,
        ("No foot touches rig or upright on the way.", "Ningún pie toca la estructura ni el poste en el camino."),
        SeenFromTheSide,
        ("A foot touches the rig.", "Un pie toca la estructura."),
        ("No rep, rig", "No rep, estructura"),
        NextGood
    );
    public static readonly Phrase HeelsBelowRings = Must(
        "glide",
        Through,
        ("The heels stay below the rings.", "Los talones siguen por debajo de las anillas."),
        SeenFromTheSide,
        ("A heel rises over the height of the rings.", "Un talón sube por encima de la altura de las anillas."),
        ("No rep, heels", "No rep, talones"),
        NextGood,
        NotCounted,
        null,
        new() { BodyPart = "heels", Reference = "rings" }
    );
    public static readonly Phrase GlideGood = May(
        "glide",
        Through,
        (
            "The heels may rise over the rings; the lock-out is judged.",
            "Los talones pueden subir por encima de las anillas; se juzga el bloqueo."
        )
    );
    public static readonly Phrase NoRoll = Never(
        "no-roll",
        Through,
        ("The athlete does not roll over the rings head first.", "El atleta no rueda de cabeza por encima de las anillas."),
        SeenFromTheSide,
        ("The hips pass over the head.", "La cadera pasa por encima de la cabeza."),
        ("No rep, roll", "No rep, vuelta"),
        NextGood
    );
    public static readonly Phrase NoChestCatch = Never(
        "chest-catch",
        Through,
        ("The chest does not rest on the bar.", "El pecho no se apoya en la barra."),
        SeenFromTheSide,
        ("The athlete is caught on the chest and pushes from there.", "El atleta se apoya en el pecho y empuja desde ahí."),
        ("No rep, chest on bar", "No rep, pecho en la barra"),
        NextGood
    );
    public static readonly Phrase ChestCatchAllowed = May(
        "chest-catch",
        Through,
        ("Contact of the chest with the bar on the way is allowed.", "Se permite que el pecho toque la barra en el camino.")
    );
    public static readonly Phrase Support = Must(
        "support",
        Finish,
        ("The elbows are straight, the shoulders over the hands.", "Codos rectos y hombros sobre las manos."),
        SeenFromTheSide,
        ("The elbows stay bent in the support.", "Los codos siguen flexionados en el apoyo."),
        ("No rep, lock out", "No rep, bloqueo"),
        ("Straighten the elbows before going down.", "Estirar los codos antes de bajar."),
        RepeatTheLastPhase,
        new Predicate.Both([new Predicate.Straight(Joint.Elbow, 12), new Predicate.Higher(Part.Shoulder, Part.Palm)]),
        new() { BodyPart = "elbows and shoulders", AngleDegrees = 12 }
    );
    public static readonly Phrase HandsHold = Must(
        "hands-hold",
        Finish,
        ("Both hands still hold the bar.", "Las dos manos siguen en la barra."),
        SeenFromTheFront,
        ("A hand lets go at the top.", "Una mano se suelta arriba."),
        ("No rep, both hands", "No rep, las dos manos"),
        ("Take the bar with both hands and pull again.", "Agarrar la barra con las dos manos y tirar de nuevo."),
        NotCounted,
        null,
        new() { BodyPart = "both hands", Reference = "bar" }
    );
    public static readonly Phrase SupportFeet = Must(
        "support-feet",
        Finish,
        ("Both feet are off floor and step.", "Los dos pies están fuera del suelo y del escalón."),
        SeenFromTheSide,
        ("A foot stays on floor or step.", "Un pie sigue en el suelo o el escalón."),
        ("No attempt, feet", "Intento nulo, pies"),
        ("Jump again.", "Saltar de nuevo."),
        AttemptLost,
        null,
        new() { BodyPart = "both feet" }
    );
    public static readonly Phrase SupportSeen = Must(
        "support-seen",
        Finish,
        ("The support is seen for a moment before the athlete comes down.", "El apoyo se ve un momento antes de que baje el atleta."),
        SeenFromTheFront,
        ("The athlete falls back without a support that was seen.", "El atleta cae sin que se vea el apoyo."),
        ("No attempt, hold", "Intento nulo, mantener"),
        ("Jump again and show the support.", "Saltar de nuevo y mostrar el apoyo."),
        AttemptLost,
        null,
        new() { HoldMilliseconds = 500 }
    );
    public static readonly Phrase AttemptArms = Support with
    {
        Id = "attempt-arms",
        Text = ("The arms are straight, the shoulders over the hands.", "Brazos rectos y hombros sobre las manos."),
        Fault = Support.Fault! with
        {
            Call = ("No attempt, arms", "Intento nulo, brazos"),
            Fix = ("Jump again.", "Saltar de nuevo."),
            Then = AttemptLost,
        },
    };
    public static readonly Phrase PullToRing = Must(
        "row-touch",
        Finish,
        ("The rings touch the chest below the collarbone.", "Las anillas tocan el pecho por debajo de la clavícula."),
        SeenFromTheSide,
        ("A ring stays away from the chest, or touches the neck.", "Una anilla no llega al pecho o toca el cuello."),
        ("No rep, chest", "No rep, pecho"),
        ("Straighten the arms and pull again.", "Estirar los brazos y tirar de nuevo."),
        NotCounted,
        new Predicate.Touches(Part.Chest, Part.HighBar, 70),
        new()
        {
            BodyPart = "chest",
            Zone = "below the collarbone",
            Reference = "rings",
        }
    );
    public static readonly Phrase PullToRingAny = PullToRing with
    {
        Text = ("The rings touch any part of the chest.", "Las anillas tocan cualquier parte del pecho."),
        Of = new() { BodyPart = "chest", Reference = "rings" },
        Fault = PullToRing.Fault! with { Sign = ("A ring stays away from the chest.", "Una anilla no llega al pecho.") },
    };
    public static readonly Phrase PullToBar = PullToRing with
    {
        Id = "row-bar",
        Text = ("The bar touches the chest.", "La barra toca el pecho."),
        Of = new() { BodyPart = "chest", Reference = "bar" },
        Fault = PullToRing.Fault! with { Sign = ("The chest stays away from the bar.", "El pecho no llega a la barra.") },
    };
    public static readonly Phrase HeelsOnLine = Must(
        "heels-line",
        Through,
        ("The heels stay on the line.", "Los talones siguen en la línea."),
        SeenFromTheSide,
        ("A heel leaves the line.", "Un talón deja la línea."),
        ("No rep, line", "No rep, línea"),
        ("Put the heels on the line, then pull again.", "Poner los talones en la línea y tirar de nuevo."),
        NotCounted,
        null,
        new() { BodyPart = "heels", Reference = "line on the floor" }
    );
    public static readonly Phrase BodyLine = Must(
        "body-line",
        Through,
        ("The body stays in one line; the hips do not sag or pike.", "El cuerpo sigue en línea; la cadera no cae ni se dobla."),
        SeenFromTheSide,
        ("The hips sag or pike.", "La cadera cae o se dobla."),
        ("No rep, one line", "No rep, en línea"),
        NextGood,
        NotCounted,
        new Predicate.Straight(Joint.Hip, 15),
        new() { BodyPart = "hips", AngleDegrees = 15 }
    );
    public static readonly Phrase ArmsEachTime = May(
        "rest-hang",
        Between,
        ("A rest hanging or standing is allowed.", "Se permite descansar colgado o de pie.")
    );
    public static readonly Phrase Head = Must(
        "head",
        Through,
        (
            "The head touches the floor or pad, level with the hands or lower.",
            "La cabeza toca el suelo o la almohadilla, a la altura de las manos o más abajo."
        ),
        SeenFromTheSide,
        ("The head does not touch.", "La cabeza no toca."),
        ("No rep, head", "No rep, cabeza"),
        NextGood,
        NotCounted,
        new Predicate.Touches(Part.Crown, Part.Floor, 40),
        new() { BodyPart = "head", Reference = "floor or pad" }
    );
    public static readonly Phrase Kip = May(
        "kip",
        Through,
        ("A kip of hips and knees is allowed.", "Se permite impulsarse con cadera y rodillas.")
    );
    public static readonly Phrase Strict = Never(
        "strict",
        Through,
        ("Hips and knees do not bend to help.", "La cadera y las rodillas no se flexionan para ayudar."),
        SeenFromTheSide,
        ("Hips or knees bend and then open on the way up.", "La cadera o las rodillas se flexionan y se abren al subir."),
        ("No rep, strict", "No rep, estricta"),
        ("Go down again with straight legs.", "Bajar de nuevo con las piernas rectas."),
        NotCounted,
        new Predicate.Straight(Joint.Knee, 15),
        new() { BodyPart = "hips and knees", AngleDegrees = 15 }
    );
    public static readonly Phrase HandsInBox = Must(
        "hands-in-box",
        Start,
        (
            "The palms stay inside the marked zone; fingers may reach over its edge.",
            "Las palmas siguen dentro de la zona marcada; los dedos pueden salir."
        ),
        SeenFromTheFront,
        ("A palm is outside the zone.", "Una palma está fuera de la zona."),
        ("No rep, hands", "No rep, manos"),
        ("Put the hands inside, then repeat the rep.", "Poner las manos dentro y repetir."),
        NotCounted,
        null,
        new()
        {
            BodyPart = "palms",
            Zone = "marked zone",
            OnTheLine = OnTheLine.In,
        }
    );
    public static readonly Phrase HeelsFinish = Must(
        "heels-finish",
        Finish,
        (
            "Both heels are on the wall above the line, the elbows straight.",
            "Los dos talones en la pared por encima de la línea y los codos rectos."
        ),
        SeenFromTheFront,
        ("A heel is below the line, or an elbow is bent.", "Un talón está por debajo de la línea o un codo flexionado."),
        ("No rep, finish", "No rep, final"),
        NextGood,
        NotCounted,
        new Predicate.Both([new Predicate.Higher(Part.Heel, Part.WallLine), new Predicate.Straight(Joint.Elbow, 12)]),
        new()
        {
            BodyPart = "both heels and elbows",
            Reference = "wall line",
            OnTheLine = OnTheLine.Out,
        }
    );
    public static readonly Phrase HipsOff = Must(
        "hips-off",
        Finish,
        ("Only the heels touch the wall in the finish.", "En el final solo los talones tocan la pared."),
        SeenFromTheFront,
        ("Hips or back rest on the wall.", "La cadera o la espalda se apoya en la pared."),
        ("No rep, wall", "No rep, pared"),
        NextGood,
        NotCounted,
        null,
        new() { BodyPart = "heels", Reference = "wall" }
    );
    public static readonly Phrase HipsOnGood = May(
        "hips-off",
        Finish,
        ("Hips and back may touch the wall.", "La cadera y la espalda pueden tocar la pared.")
    );
    public static readonly Phrase FeetStayOnWall = Must(
        "feet-stay",
        Through,
        ("The feet stay on the wall.", "Los pies siguen en la pared."),
        SeenFromTheFront,
        ("A foot leaves the wall.", "Un pie deja la pared."),
        ("No rep, feet on", "No rep, pies en la pared"),
        NextGood,
        NotCounted,
        null,
        new() { BodyPart = "feet", Reference = "wall" }
    );
    public static readonly Phrase WallLineTouch = Must(
        "hands-to-line",
        Through,
        ("Both hands come behind the line near the wall.", "Las dos manos llegan detrás de la línea junto a la pared."),
        SeenFromTheSide,
        ("A hand stays on or in front of the line.", "Una mano se queda sobre la línea o delante."),
        ("No rep, line", "No rep, línea"),
        ("Walk in until both hands are behind the line.", "Avanzar hasta tener las dos manos detrás de la línea."),
        RepeatTheLastPhase,
        new Predicate.Behind(Part.Palm, Part.FloorLine),
        new()
        {
            BodyPart = "both hands",
            Reference = "line near the wall",
            OnTheLine = OnTheLine.Out,
        }
    );
    public static readonly Phrase WallWalkDone = Must(
        "walked-down",
        Finish,
        (
            "The hands are behind the start line, chest and hips down again.",
            "Las manos están detrás de la línea de salida, con el pecho y la cadera otra vez en el suelo."
        ),
        SeenFromTheSide,
        ("Chest or hips are not down when the next rep begins.", "El pecho o la cadera no está en el suelo al empezar la siguiente."),
        ("No rep, down", "No rep, abajo"),
        ("Lie down behind the start line.", "Tumbarse detrás de la línea de salida."),
        RepeatTheLastPhase,
        new Predicate.Touches(Part.Chest, Part.Floor, 50),
        new() { BodyPart = "chest and hips", Reference = "floor" }
    );
    public static readonly Phrase FeetOnWall = Must(
        "feet-on-wall",
        Through,
        (
            "The feet stay on the wall until the hands are behind the start line again.",
            "Los pies siguen en la pared hasta que las manos vuelven detrás de la línea de salida."
        ),
        SeenFromTheSide,
        ("The feet leave the wall early.", "Los pies dejan la pared antes de tiempo."),
        ("No rep, feet", "No rep, pies"),
        ("Begin the rep again from the floor.", "Empezar de nuevo desde el suelo."),
        FromTheFloor
    );
    public static readonly Phrase HangHold = Must(
        "hang-hold",
        Through,
        (
            "Both hands hold the bar, arms straight, feet off the floor.",
            "Las dos manos en la barra, brazos rectos y pies sin tocar el suelo."
        ),
        SeenFromTheSide,
        ("A hand is off, an elbow bends, or a foot is down.", "Una mano se suelta, un codo se flexiona o un pie toca."),
        ("Break", "Se ha perdido"),
        ("Hang again; the time goes on from there.", "Colgarse de nuevo; el tiempo sigue desde ahí."),
        WaitForKit,
        new Predicate.Straight(Joint.Elbow, 15),
        new() { BodyPart = "elbows", AngleDegrees = 15 }
    );
    public static readonly Phrase ClimbFree = May(
        "legs-free",
        Through,
        ("Legs may be used in any way.", "Las piernas pueden usarse de cualquier manera.")
    );
    public static readonly Phrase RopeMark = Must(
        "rope-mark",
        Finish,
        ("One hand touches the mark or the beam at its height.", "Una mano toca la marca o la viga a su altura."),
        SeenFromTheFront,
        ("The hand stops below the mark.", "La mano se queda por debajo de la marca."),
        ("No rep, mark", "No rep, marca"),
        ("Climb on to the mark, or repeat the climb.", "Seguir hasta la marca o repetir la subida."),
        RepeatTheLastPhase,
        new Predicate.Either(Part.Palm, Part.Target, 80),
        new() { BodyPart = "one hand", Reference = "mark" }
    );
    public static readonly Phrase RopeDown = Must(
        "rope-down",
        Finish,
        (
            "Where a low mark is stated, hands and feet hold the rope until the feet are below it.",
            "Si hay una marca baja indicada, manos y pies sujetan la cuerda hasta que los pies la pasan."
        ),
        SeenFromTheSide,
        ("The athlete lets go above the low mark.", "El atleta se suelta por encima de la marca baja."),
        ("No rep, down", "No rep, bajada"),
        ("Repeat the climb.", "Repetir la subida.")
    );
    public static readonly Phrase HoldTime = OnTheFloor.HoldTime;
}
