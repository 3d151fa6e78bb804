using static FairCompass.Core.Standards.Phrases.Write;

namespace FairCompass.Core.Standards.Phrases;

/// <summary>What is checked or measured before the clock.</summary>
internal static class Setup
{
    public static readonly Phrase Bar = Ready(
        "setup-bar",
        (
            "The bar carries clips and the load written for it, and lies inside the lane.",
            "La barra lleva los cierres y la carga escrita para ella y está dentro de la calle."
        )
    );
    public static readonly Phrase RackBar = Ready(
        "setup-rack",
        (
            "The bar lies in a checked rack with clips and the load written for it.",
            "La barra está en un soporte revisado, con los cierres y la carga escrita para ella."
        )
    );
    public static readonly Phrase FullPlates = Ready(
        "setup-plates",
        (
            "The bar lies on plates of full diameter, still and square to the lane.",
            "La barra descansa sobre discos de diámetro completo, quieta y perpendicular a la calle."
        )
    );
    public static readonly Phrase LongBar = Ready(
        "setup-long-bar",
        (
            "The long bar carries clips; both athletes stand inside the plates.",
            "La barra larga lleva los cierres; los dos atletas están entre los discos."
        )
    );
    public static readonly Phrase BenchBar = Ready(
        "setup-bench-bar",
        (
            "The bar carries the load and clips and lies centred over the bench.",
            "La barra lleva la carga y los cierres y está centrada sobre el banco."
        )
    );
    public static readonly Phrase Dumbbells = Ready(
        "setup-pair",
        ("Two dumbbells of the division’s mass stand inside the lane.", "Dos mancuernas del peso de la división están dentro de la calle.")
    );
    public static readonly Phrase Dumbbell = Ready(
        "setup-dumbbell",
        (
            "The dumbbell has the mass of the division; the floor around it is free.",
            "La mancuerna tiene el peso de la división; el suelo alrededor está libre."
        )
    );
    public static readonly Phrase Kettlebell = Ready(
        "setup-bell",
        ("The kettlebell has the mass of the division and a dry handle.", "La kettlebell tiene el peso de la división y el asa seca.")
    );
    public static readonly Phrase Sandbag = Ready(
        "setup-bag",
        ("The sandbag has the mass of the division and its seam is closed.", "El saco tiene el peso de la división y la costura cerrada.")
    );
    public static readonly Phrase TeamBag = Ready(
        "setup-team-bag",
        (
            "The team bag lies along the lane with its handles up.",
            "El saco de equipo está a lo largo de la calle con las asas hacia arriba."
        )
    );
    public static readonly Phrase Handles = Ready(
        "setup-handles",
        (
            "Both implements have the mass of the division and stand behind the line.",
            "Los dos implementos tienen el peso de la división y están detrás de la línea."
        )
    );
    public static readonly Phrase Ball = Ready(
        "setup-ball",
        ("The ball has the mass of the division and holds its shape.", "El balón tiene el peso de la división y conserva su forma.")
    );
    public static readonly Phrase Target = Measured(
        "setup-target",
        (
            "The target’s height is measured from the athlete’s floor to its lower edge.",
            "La altura del blanco se mide desde el suelo del atleta hasta su borde inferior."
        ),
        new() { Reference = "lower edge of the target" }
    );
    public static readonly Phrase ReachTarget = Measured(
        "setup-reach",
        (
            "The target hangs at the stated height above the athlete’s own reach.",
            "El blanco cuelga a la altura indicada por encima del alcance propio del atleta."
        ),
        new() { Reference = "reach, standing, arms overhead" }
    );
    public static readonly Phrase Box = Ready(
        "setup-box",
        (
            "The box has the height of the division, stands square to the line, and does not rock.",
            "El cajón tiene la altura de la división, está perpendicular a la línea y no se mueve."
        )
    );
    public static readonly Phrase HighBar = Ready(
        "setup-high-bar",
        (
            "The bar is dry and high enough to hang with straight arms; a step may stand beside it.",
            "La barra está seca y permite colgarse con los brazos rectos; puede haber un escalón al lado."
        )
    );
    public static readonly Phrase JumpBar = Measured(
        "setup-jump-bar",
        (
            "The bar is set at the stated height over the crown of the athlete’s head.",
            "La barra se coloca a la altura indicada por encima de la coronilla del atleta."
        ),
        new() { Reference = "crown, standing" }
    );
    public static readonly Phrase RowLine = Measured(
        "setup-row-line",
        (
            "The heels stand on the marked line; bar or rings hang at the stated height.",
            "Los talones están en la línea marcada; la barra o las anillas cuelgan a la altura indicada."
        ),
        new() { Reference = "line on the floor" }
    );
    public static readonly Phrase Rings = Ready(
        "setup-rings",
        (
            "Rings and straps are checked and level; a mat lies below; a step stands ready.",
            "Anillas y correas revisadas y niveladas; debajo hay una colchoneta y un escalón preparado."
        )
    );
    public static readonly Phrase RingHeight = Measured(
        "setup-ring-height",
        (
            "The rings hang at the athlete’s hip crease, or a step is provided.",
            "Las anillas cuelgan a la altura del pliegue de la cadera del atleta, o se da un escalón."
        ),
        new() { BodyPart = "hip crease" }
    );
    public static readonly Phrase WallLine = Measured(
        "setup-line",
        (
            "The athlete’s reach against the wall is marked at the wrists; the line lies the stated amount below.",
            "El alcance del atleta contra la pared se marca en las muñecas; la línea queda la distancia indicada por debajo."
        ),
        new() { BodyPart = "wrists", Reference = "reach against the wall" }
    );
    public static readonly Phrase HandBox = Ready(
        "setup-hand-box",
        ("The zone for the hands is marked on the floor.", "La zona de las manos está marcada en el suelo.")
    );
    public static readonly Phrase WalkLines = Measured(
        "setup-walk-lines",
        (
            "The line for the hands is measured from the wall; the start line lies at the athlete’s length.",
            "La línea de las manos se mide desde la pared; la línea de salida queda a la longitud del atleta."
        ),
        new() { Reference = "wall" }
    );
    public static readonly Phrase Sections = Measured(
        "setup-sections",
        (
            "The sections are marked across the lane and measured before the heat.",
            "Los tramos están marcados a lo ancho de la calle y medidos antes de la tanda."
        ),
        new() { Reference = "marks across the lane" }
    );
    public static readonly Phrase TurnLines = Measured(
        "setup-turns",
        (
            "Both turn lines are measured and marked across the lane.",
            "Las dos líneas de giro están medidas y marcadas a lo ancho de la calle."
        ),
        new() { Reference = "turn lines" }
    );
    public static readonly Phrase Floor = Ready(
        "setup-floor",
        (
            "The floor or mat is flat and dry, with free space around.",
            "El suelo o la colchoneta es plano y seco, con espacio libre alrededor."
        )
    );
    public static readonly Phrase Pad = new(
        "setup-pad",
        Phase.SetUp,
        ClauseKind.Allowed,
        ("A pad under the lower back is allowed if every lane has one.", "Se permite una almohadilla lumbar si la hay en todas las calles.")
    );
    public static readonly Phrase Course = Measured(
        "setup-course",
        (
            "The course is measured, marked with cones, and the same for every lane.",
            "El recorrido está medido, marcado con conos y es igual para cada calle."
        ),
        new() { Reference = "course" }
    );
    public static readonly Phrase Stairs = Ready(
        "setup-stairs",
        ("The stairs are dry and free; who comes down keeps to one side.", "Las escaleras están secas y libres; quien baja va por un lado.")
    );
    public static readonly Phrase DipBars = Ready(
        "setup-dip-bars",
        ("The bars stand firm and level, free below.", "Las paralelas están firmes y niveladas, libres por debajo.")
    );
    public static readonly Phrase HipBench = Ready(
        "setup-hip-bench",
        ("The bench is set for the athlete and does not rock.", "El banco está ajustado al atleta y no se mueve.")
    );
    public static readonly Phrase Plate = Ready(
        "setup-hand-plate",
        ("A plate of the division’s mass lies inside the lane.", "Un disco del peso de la división está dentro de la calle.")
    );
    public static readonly Phrase Sled = Ready(
        "setup-sled",
        (
            "The sled carries the load of the division and stands behind the line.",
            "El trineo lleva la carga de la división y está detrás de la línea."
        )
    );
    public static readonly Phrase Stone = Ready(
        "setup-stone",
        ("The stone has the mass of the division and lies on a mat.", "La piedra tiene el peso de la división y está sobre una colchoneta.")
    );
    public static readonly Phrase Rope = Ready(
        "setup-rope",
        (
            "The rope is the athlete’s own or of the lane; the space overhead is free.",
            "La comba es del atleta o de la calle; el espacio por encima está libre."
        )
    );
    public static readonly Phrase ClimbRope = Ready(
        "setup-climbing-rope",
        (
            "The rope hangs free, its anchor is checked, and the mark is fixed at its height.",
            "La cuerda cuelga libre, el anclaje está revisado y la marca fijada a su altura."
        )
    );
    public static readonly Phrase Mat = Ready(
        "setup-mat",
        ("A mat lies below and reaches one step to each side.", "Debajo hay una colchoneta que llega un paso a cada lado.")
    );
    public static readonly Phrase Bench = Ready(
        "setup-bench",
        (
            "The bench stands level; rack pins and safety arms are set for this athlete.",
            "El banco está nivelado; los topes del soporte y los brazos de seguridad están ajustados a este atleta."
        )
    );
    public static readonly Phrase Spotters = Ready(
        "setup-spot",
        (
            "The named spotters stand ready before the bar leaves the rack.",
            "Los ayudantes designados están preparados antes de sacar la barra del soporte."
        )
    );
    public static readonly Phrase Seat = new(
        "setup-seat",
        Phase.SetUp,
        ClauseKind.Allowed,
        ("Seat or damper may be set before the start.", "Se puede ajustar el sillín o el regulador antes de la salida.")
    );
}
