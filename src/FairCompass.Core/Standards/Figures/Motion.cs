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
    /// <summary>The pose on which a clause of a phase is judged; null where no drawn position shows the phase.</summary>
    public Pose? At(Phase phase) => phase switch
    {
        Phase.Start => Start,
        Phase.Through => Through,
        Phase.Finish => Finish,
        _ => null,
    };
}
