namespace FairCompass.Core.Standards.Figures.Reps;

/// <summary>A position of a rep with its time.</summary>
/// <param name="Pose">The position; every angle given.</param>
/// <param name="Phase">Which phase is judged on it; null for one on the way.</param>
/// <param name="At">Pictures from the beginning of the film.</param>
/// <param name="Rests">How long it is held, in pictures.</param>
public sealed record Key(Pose Pose, Phase? Phase, int At, int Rests);
