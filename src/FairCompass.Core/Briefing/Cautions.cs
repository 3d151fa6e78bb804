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

    /// <summary>The cautions for a set of movements.</summary>
    /// <param name="movements">The movements that are done.</param>
    /// <param name="workout">The workout, for what depends on more than one movement.</param>
    public static IReadOnlyList<Said> For(IReadOnlyCollection<Movement> movements, Workout workout)
    {
        var kits = movements.Select(m => m.Kit).ToHashSet();
        var cautions = new List<Said>();
        if (kits.Contains(MovementKit.Barbell))
        {
            Add(
                "Barbell: clips on, nobody in the space where a bar can fall, spare plates outside the lane.",
                "Barra: cierres puestos, nadie donde pueda caer una barra, discos sobrantes fuera de la calle."
            );
        }

        var pieces = PieceOfWork.Of(workout);
        if (pieces.Any(p => p.IsHeaviest))
        {
            Add(
                "Heavy lifts after fatigue: the athlete chooses the load and may stop; rack pins and safety arms are checked "
                    + "before each heat.",
                "Levantamientos pesados con fatiga: el atleta elige la carga y puede parar; los topes y brazos de seguridad "
                    + "del soporte se revisan antes de cada tanda."
            );
        }

        if (kits.Contains(MovementKit.Dumbbell))
        {
            Add(
                "Dumbbells: put down, not thrown; handles and heads checked before the heat.",
                "Mancuernas: se dejan, no se tiran; asas y cabezas se revisan antes de la tanda."
            );
        }

        if (kits.Contains(MovementKit.HangingBar))
        {
            Add(
                "Hanging and swinging: bar, rig and mats checked; a step for short athletes; nobody walks under a swing.",
                "Colgarse y balancearse: barra, estructura y colchonetas revisadas; un escalón para atletas bajos; nadie pasa "
                    + "bajo un balanceo."
            );
            if (pieces.Any(p => p.Goal == Goal.Reps))
            {
                Add(
                    "High volumes of pulling can break down muscle in people who are not used to them: dark urine in the days "
                        + "after is an emergency.",
                    "Mucho volumen de tracción puede destruir músculo en personas no acostumbradas: la orina oscura en los "
                        + "días siguientes es una urgencia."
                );
            }
        }

        if (kits.Contains(MovementKit.Box) || kits.Contains(MovementKit.SandbagAndBox))
        {
            Add(
                "Boxes: stable, dry, square to the line; stepping down is always allowed.",
                "Cajones: estables, secos, en ángulo recto con la línea; bajar con paso siempre está permitido."
            );
        }

        if (kits.Contains(MovementKit.BarToClear))
        {
            Add(
                "Jumping over a bar: it lies still first; loose plates are cleared away.",
                "Saltar sobre una barra: primero está quieta; los discos sueltos se retiran."
            );
        }

        if (kits.Contains(MovementKit.Wall))
        {
            Add(
                "Upside down: free floor around the athlete, come down under control when the shoulders tire.",
                "Cabeza abajo: suelo libre alrededor del atleta, bajar con control cuando los hombros se cansan."
            );
        }

        if (kits.Contains(MovementKit.Machine))
        {
            Add(
                "Machines: level and still, feet and laces clear, slow down before stepping off.",
                "Máquinas: niveladas y quietas, pies y cordones libres, frenar antes de bajar."
            );
        }

        if (kits.Contains(MovementKit.Kettlebell))
        {
            Add(
                "Kettlebells: nobody stands before or behind a swing; handles dry.",
                "Pesas rusas: nadie delante ni detrás de un balanceo; asas secas."
            );
        }

        if (kits.Contains(MovementKit.Rings) || kits.Contains(MovementKit.ClimbingRope))
        {
            Add(
                "Rings and ropes: anchors, straps and mats checked before each heat; nobody stands under an athlete.",
                "Anillas y cuerdas: anclajes, correas y colchonetas revisados antes de cada tanda; nadie debajo de un atleta."
            );
        }

        if (kits.Contains(MovementKit.TeamBag))
        {
            Add(
                "Team bag: one voice gives the commands; who cannot hold says so before letting go.",
                "Saco de equipo: una sola voz da las órdenes; quien no puede sostener avisa antes de soltar."
            );
        }

        if (kits.Contains(MovementKit.BallAndTarget))
        {
            Add("Falling balls: keep the space under the target clear.", "Balones que caen: mantener libre el espacio bajo el blanco.");
        }

        cautions.Add(Always);
        return cautions;

        void Add(string english, string spanish) => cautions.Add((english, spanish));
    }
}
