using FairCompass.Core.Languages;

namespace FairCompass.Core.Standards.Phrases;

/// <summary>The usual cautions (common practice). They remind; local rules and qualified people decide.</summary>
internal static class Care
{
    public static readonly Said Bar = (
        "Clips on; nobody stands where a bar can fall; spare plates lie outside the lane.",
        "Cierres puestos; nadie donde pueda caer la barra; los discos sobrantes fuera de la calle."
    );
    public static readonly Said Overhead = (
        "A missed lift falls in front or behind: both zones stay clear.",
        "Un fallo cae delante o detrás: las dos zonas quedan libres."
    );
    public static readonly Said BackRack = (
        "Safety arms or spotters are set for a bar on the back.",
        "Brazos de seguridad o ayudantes preparados para la barra en la espalda."
    );
    public static readonly Said Back = (
        "A rounded back under load ends the set; the athlete may stop at any time.",
        "Una espalda redondeada con carga termina la serie; el atleta puede parar cuando quiera."
    );
    public static readonly Said Hand = (
        "Dumbbells and bells are put down, not thrown, and never near another athlete’s feet.",
        "Mancuernas y pesas se dejan, no se lanzan, y nunca cerca de los pies de otro atleta."
    );
    public static readonly Said Swing = (
        "Nobody stands before or behind a swing; handles are dry.",
        "Nadie delante ni detrás de un balanceo; las asas secas."
    );
    public static readonly Said Ball = (
        "Judges and waiting athletes stay out of the line of a falling ball.",
        "Jueces y atletas en espera fuera de la línea de un balón que cae."
    );
    public static readonly Said Hang = (
        "A mat below and a step for short athletes; torn hands are covered before going on.",
        "Colchoneta debajo y escalón para atletas bajos; las manos rotas se cubren antes de seguir."
    );
    public static readonly Said Pulling = (
        "Very high volumes of pulling can break down muscle in the untrained: dark urine is an emergency.",
        "Volúmenes muy altos de tirón pueden dañar el músculo sin entrenar: la orina oscura es una urgencia."
    );
    public static readonly Said Rings = (
        "Rings turn when grabbed in a jump; straps and mats are checked before each heat.",
        "Las anillas giran al agarrarlas en salto; correas y colchonetas se revisan antes de cada tanda."
    );
    public static readonly Said Upside = (
        "Free floor around; come down before the arms give way; neck pain ends the work.",
        "Suelo libre alrededor; bajar antes de que cedan los brazos; el dolor de cuello termina el trabajo."
    );
    public static readonly Said Box = (
        "The box is checked before the heat; stepping down is always allowed.",
        "El cajón se revisa antes de la tanda; bajar con paso siempre está permitido."
    );
    public static readonly Said BarJump = (
        "The bar lies still before each jump; loose plates are cleared away.",
        "La barra está quieta antes de cada salto; los discos sueltos se retiran."
    );
    public static readonly Said Floor = (
        "Floor dry and clear; wrists, shoulders and lower back tire first.",
        "Suelo seco y despejado; muñecas, hombros y zona lumbar se cansan primero."
    );
    public static readonly Said Knee = (
        "Knees touch lightly; the floor is clean and even.",
        "Las rodillas tocan suavemente; el suelo está limpio y liso."
    );
    public static readonly Said Running = (
        "A dry floor at the turns and free space behind the lines.",
        "Suelo seco en los giros y espacio libre detrás de las líneas."
    );
    public static readonly Said Skip = (
        "Keep clear of a swinging rope; calves tire first.",
        "Lejos de la comba en movimiento; los gemelos se cansan primero."
    );
    public static readonly Said Machine = (
        "Level and still; feet and laces clear; slow down before stepping off.",
        "Nivelada y quieta; pies y cordones libres; frenar antes de bajar."
    );
    public static readonly Said Bench = (
        "Spotters and safety arms are not optional; a spotter who doubts takes the bar.",
        "Ayudantes y brazos de seguridad no son opcionales; ante la duda, el ayudante coge la barra."
    );
    public static readonly Said Rope = (
        "A fall from a rope is serious: mats in place, tired athletes come down early.",
        "Una caída de la cuerda es grave: colchonetas puestas y los atletas cansados bajan antes."
    );
    public static readonly Said TeamBag = (
        "One voice gives the commands; who cannot hold says so before letting go.",
        "Una sola voz da las órdenes; quien no puede sujetar lo dice antes de soltar."
    );
    public static readonly Said Carry = (
        "Set the load down by bending the legs; the way is clear of plates and cords.",
        "Dejar la carga flexionando las piernas; el camino libre de discos y cables."
    );
}
