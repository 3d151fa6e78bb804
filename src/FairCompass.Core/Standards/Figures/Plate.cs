using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Standards.Figures;

/// <summary>How a clause stands on a drawn pose.</summary>
/// <param name="Clause">The clause.</param>
/// <param name="Holds">True when the pose keeps it.</param>
/// <param name="Margin">How far inside the limit, in millimetres or degrees; negative when outside.</param>
public sealed record Verdict(string Clause, bool Holds, decimal Margin);

/// <summary>A figure of a standard.</summary>
/// <param name="Title">What is shown.</param>
/// <param name="Phase">The phase.</param>
/// <param name="Clause">The clause whose plane and point are marked; null when none is.</param>
/// <param name="Good">False for a fault.</param>
/// <param name="Drawing">The drawing.</param>
/// <param name="Verdicts">Every clause that is decided on this pose.</param>
/// <param name="Pose">The pose.</param>
public sealed record PlateFigure(Said Title, Phase Phase, string? Clause, bool Good, Drawing Drawing, Eq<Verdict> Verdicts, Pose Pose);

/// <summary>The figures of a movement: three positions, and beside a good pose each typical fault.</summary>
/// <param name="Movement">The movement’s id.</param>
/// <param name="Stature">Millimetres.</param>
/// <param name="Positions">Start, through, finish.</param>
/// <param name="Faults">For each typical fault the good pose, then the fault.</param>
public sealed record Plate(string Movement, double Stature, Eq<PlateFigure> Positions, Eq<PlateFigure> Faults)
{
    /// <summary>Draws the figures of a movement; null when it has no motion.</summary>
    /// <param name="movement">The standard as it is in force: its clauses decide what is marked and judged.</param>
    /// <param name="stature">Millimetres, within the limits of <see cref="Body"/>.</param>
    /// <exception cref="ArgumentOutOfRangeException">The stature cannot be drawn.</exception>
    public static Plate? Of(Movement movement, double stature = Body.Usual)
    {
        if (Body.Objection(stature) is { } objection)
        {
            throw new ArgumentOutOfRangeException(nameof(stature), objection);
        }

        var body = new Body(stature);
        if (Motion.Of(movement, body) is not { } motion)
        {
            return null;
        }

        var positions = ((Phase, Pose, Said)[])
            [
                (Phase.Start, motion.Start, ("Start", "Inicio")),
                (Phase.Through, motion.Through, ("On the way", "Recorrido")),
                (Phase.Finish, motion.Finish, ("Finish", "Final")),
            ];
        var faults = motion
            .Faults.Where(f => movement.Clauses.Any(c => c.Id == f.Clause && c.Holds is not null))
            .SelectMany(f =>
            {
                var clause = movement.Clauses.First(c => c.Id == f.Clause);
                var fault = movement.Faults.FirstOrDefault(x => x.Breaks == f.Clause);
                return new[]
                {
                    Figure(movement, motion, body, clause.Phase, motion.At(clause.Phase)!, ("Good", "Válida"), clause, true),
                    Figure(movement, motion, body, clause.Phase, f.Pose, fault?.Sign ?? clause.Text, clause, false),
                };
            })
            .OfType<PlateFigure>();
        return new(
            movement.Id,
            stature,
            positions
                .Select(p =>
                    Figure(
                        movement,
                        motion,
                        body,
                        p.Item1,
                        p.Item2,
                        p.Item3,
                        movement.Clauses.FirstOrDefault(c => c.Phase == p.Item1 && c.Holds is not null),
                        true
                    )
                )
                .OfType<PlateFigure>()
                .ToEq(),
            faults.ToEq()
        );
    }

    /// <summary>What every clause of a phase says of a pose.</summary>
    public static Eq<Verdict> Judge(IEnumerable<Clause> clauses, Phase phase, Scene scene) =>
        clauses
            .Where(c => c.Phase == phase && c.Holds is not null)
            .Select(c => (c, Margin: MarginOf(c.Holds!, scene)))
            .Where(x => x.Margin is not null)
            .Select(x => new Verdict(x.c.Id, x.Margin >= 0, Math.Round((decimal)x.Margin!.Value, 1)))
            .ToEq();

    /// <summary>The margin, or null when the scene lacks what the rule speaks of.</summary>
    internal static double? MarginOf(Predicate rule, Scene scene)
    {
        try
        {
            return rule.Margin(scene);
        }
        catch (KeyNotFoundException)
        {
            return null;
        }
    }

    private static PlateFigure? Figure(
        Movement movement,
        Motion motion,
        Body body,
        Phase phase,
        Pose pose,
        Said title,
        Clause? marked,
        bool good
    ) =>
        Scene.Place(body, pose, motion.Around, out _) is { } scene
            ? new(
                title,
                phase,
                marked?.Id,
                good,
                Draughtsman.Draw(scene, Draughtsman.ViewOf(marked?.Holds), marked?.Holds),
                Judge(movement.Clauses, phase, scene),
                scene.Pose
            )
            : null;
}
