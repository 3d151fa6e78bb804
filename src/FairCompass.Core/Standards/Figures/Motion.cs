using FairCompass.Core.Quantities;

namespace FairCompass.Core.Standards.Figures;

/// <summary>A typical fault as a pose.</summary>
/// <param name="Clause">The clause that it breaks, and no other.</param>
/// <param name="Pose">The pose.</param>
public sealed record FaultPose(string Clause, Pose Pose);

/// <summary>The three drawn positions of a movement, and typical faults beside them.</summary>
/// <param name="Id">Lower case with hyphens.</param>
/// <param name="Around">What stands around and what is lifted.</param>
/// <param name="Start">Where a rep begins.</param>
/// <param name="Through">The judged moment on the way.</param>
/// <param name="Finish">What ends a rep.</param>
/// <param name="Faults">Typical faults.</param>
public sealed record Motion(string Id, Surroundings Around, Pose Start, Pose Through, Pose Finish, Eq<FaultPose> Faults)
{
    /// <summary>The motion of a movement with its own positions laid over it; null when it has no motion.</summary>
    /// <param name="movement">The movement.</param>
    /// <param name="body">For whom angles that are solved for are solved.</param>
    public static Motion? Of(Movement movement, Body body)
    {
        if (MotionLibrary.Find(movement.Motion) is not { } motion)
        {
            return null;
        }

        foreach (var own in movement.Poses.OrderBy(p => p.Breaks is not null))
        {
            var placed = own.Breaks is { } clause
                ? motion.Faults.FirstOrDefault(f => f.Clause == clause)?.Pose ?? motion.At(own.Phase)
                : motion.At(own.Phase);
            if (placed is null || Scene.Place(body, placed, motion.Around, out _) is not { } scene)
            {
                continue;
            }

            var pose = own.On(scene.Pose);
            motion = own.Breaks is { } broken
                ? motion with
                {
                    Faults = motion.Faults.Where(f => f.Clause != broken).Append(new(broken, pose)).ToEq(),
                }
                : own.Phase switch
                {
                    Phase.Start => motion with { Start = pose },
                    Phase.Through => motion with { Through = pose },
                    _ => motion with { Finish = pose },
                };
        }

        return motion;
    }

    /// <summary>The pose on which a clause of a phase is judged; null where no drawn position shows the phase.</summary>
    public Pose? At(Phase phase) =>
        phase switch
        {
            Phase.Start => Start,
            Phase.Through => Through,
            Phase.Finish => Finish,
            _ => null,
        };
}
