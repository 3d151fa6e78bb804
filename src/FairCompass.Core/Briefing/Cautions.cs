using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Briefing;

/// <summary>
/// The usual cautions (common practice), chosen by the movements and kit of a workout. They remind; local rules and
/// qualified people decide.
/// </summary>
public static class Cautions
{
    /// <summary>Who decides, whatever the workout.</summary>
    public static Said Always { get; } =
        (
            "Anyone may stop a lane at any time. The medical lead decides, and local safety rules come before this page.",
            "Cualquiera puede parar una calle en cualquier momento. Decide el responsable médico, y las normas locales de "
                + "seguridad van antes que esta hoja."
        );

    /// <summary>Each caution, for which kit and which parts of a workout it is said, and whether a judge looks to it: what the crew checks
    /// before the heat and what an athlete feels is none of a judge’s.</summary>
    private static readonly (Func<HashSet<MovementKit>, IReadOnlyList<PieceOfWork>, bool> When, Said Say, bool Judged)[] All =
    [
        (
            (kits, _) => kits.Contains(MovementKit.Barbell),
            (
                "Barbell: clips on, nobody in the space where a bar can fall, spare plates outside the lane.",
                "Barra: cierres puestos, nadie donde pueda caer una barra, discos sobrantes fuera de la calle."
            ),
            true
        ),
        (
            (_, pieces) => pieces.Any(p => p is { IsHeaviest: true, IsRising: false }),
            (
                "Heavy lifts after fatigue: the athlete chooses the load and may stop; rack pins and safety arms are checked "
                    + "before each heat.",
                "Levantamientos pesados con fatiga: el atleta elige la carga y puede parar; los topes y brazos de seguridad "
                    + "del soporte se revisan antes de cada tanda."
            ),
            false
        ),
        (
            (kits, _) => kits.Contains(MovementKit.Dumbbell),
            (
                "Dumbbells: put down, not thrown; handles and heads checked before the heat.",
                "Mancuernas: se dejan, no se tiran; asas y cabezas se revisan antes de la tanda."
            ),
            true
        ),
        (
            (kits, _) => kits.Contains(MovementKit.HangingBar),
            (
                "Hanging and swinging: bar, rig and mats checked; a step for short athletes; nobody walks under a swing.",
                "Colgarse y balancearse: barra, estructura y colchonetas revisadas; un escalón para atletas bajos; nadie pasa "
                    + "bajo un balanceo."
            ),
            true
        ),
        (
            (kits, pieces) => kits.Contains(MovementKit.HangingBar) && pieces.Any(p => p.Goal == Goal.Reps),
            (
                "High volumes of pulling can break down muscle in people who are not used to them: dark urine in the days "
                    + "after is an emergency.",
                "Mucho volumen de tracción puede destruir músculo en personas no acostumbradas: la orina oscura en los "
                    + "días siguientes es una urgencia."
            ),
            false
        ),
        (
            (kits, _) => kits.Contains(MovementKit.Box) || kits.Contains(MovementKit.SandbagAndBox),
            (
                "Boxes: stable, dry, square to the line; stepping down is always allowed.",
                "Cajones: estables, secos, en ángulo recto con la línea; bajar con paso siempre está permitido."
            ),
            false
        ),
        (
            (kits, _) => kits.Contains(MovementKit.BarToClear),
            (
                "Jumping over a bar: it lies still first; loose plates are cleared away.",
                "Saltar sobre una barra: primero está quieta; los discos sueltos se retiran."
            ),
            true
        ),
        (
            (kits, _) => kits.Contains(MovementKit.Wall),
            (
                "Upside down: free floor around the athlete, come down under control when the shoulders tire.",
                "Cabeza abajo: suelo libre alrededor del atleta, bajar con control cuando los hombros se cansan."
            ),
            false
        ),
        (
            (kits, _) => kits.Contains(MovementKit.Machine),
            (
                "Machines: level and still, feet and laces clear, slow down before stepping off.",
                "Máquinas: niveladas y quietas, pies y cordones libres, frenar antes de bajar."
            ),
            false
        ),
        (
            (kits, _) => kits.Contains(MovementKit.Kettlebell),
            (
                "Kettlebells: nobody stands before or behind a swing; handles dry.",
                "Kettlebells: nadie delante ni detrás de un balanceo; asas secas."
            ),
            true
        ),
        (
            (kits, _) => kits.Contains(MovementKit.Rings) || kits.Contains(MovementKit.ClimbingRope),
            (
                "Rings and ropes: anchors, straps and mats checked before each heat; nobody stands under an athlete.",
                "Anillas y cuerdas: anclajes, correas y colchonetas revisados antes de cada tanda; nadie debajo de un atleta."
            ),
            true
        ),
        (
            (kits, _) => kits.Contains(MovementKit.TeamBag),
            (
                "Team bag: one voice gives the commands; who cannot hold says so before letting go.",
                "Saco de equipo: una sola voz da las órdenes; quien no puede sostener avisa antes de soltar."
            ),
            true
        ),
        (
            (kits, _) => kits.Contains(MovementKit.BallAndTarget),
            ("Falling balls: keep the space under the target clear.", "Balones que caen: mantener libre el espacio bajo el blanco."),
            true
        ),
    ];

    /// <summary>The cautions for a set of movements.</summary>
    /// <param name="movements">The movements that are done.</param>
    /// <param name="workout">The workout, for what depends on more than one movement.</param>
    /// <param name="judge">True for those alone that a judge looks to.</param>
    public static IReadOnlyList<Said> For(IReadOnlyCollection<Movement> movements, Workout workout, bool judge = false)
    {
        var kits = movements.Select(m => m.Kit).ToHashSet();
        var pieces = PieceOfWork.Of(workout);
        return [.. All.Where(c => c.When(kits, pieces) && (c.Judged || !judge)).Select(c => c.Say), Always];
    }
}
