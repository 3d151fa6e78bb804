using System.Collections.Concurrent;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures.Reps;

namespace FairCompass.Comparability.Training;

/// <summary>Makers of reps, kept: how far each clause can be shown is looked up once for a standard.</summary>
public static class Makers
{
    private const int Most = 400;
    private static readonly ConcurrentDictionary<Movement, RepMaker?> Kept = new();

    /// <summary>The maker of a standard as it is in force; null where it has no figures.</summary>
    public static RepMaker? Of(Movement movement)
    {
        if (Kept.Count > Most)
        {
            Kept.Clear();
        }

        return Kept.GetOrAdd(movement, RepMaker.Of);
    }

    /// <summary>True where reps of a movement can be trained.</summary>
    public static bool Trains(Movement movement) => Of(movement) is { Trainable.Count: > 0 };
}
