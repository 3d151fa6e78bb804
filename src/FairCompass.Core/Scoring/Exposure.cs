using FairCompass.Core.Courses;

namespace FairCompass.Core.Scoring;

/// <summary>How much of each movement was done in a run, and so how much of it its judge watched.</summary>
public static class Exposure
{
    /// <summary>Units of each movement in the order of the work, those without any left out; of lifts, every try.</summary>
    /// <param name="run">What the card says.</param>
    /// <param name="course">The workout for this entry, without options taken.</param>
    public static IReadOnlyList<(string Movement, long Units)> Of(RunObservation run, Course course)
    {
        var all = new List<(string Movement, long Units)>();
        foreach (var piece in course.With(run.Choices).Pieces)
        {
            var seen = run.Of(piece.Piece.Key);
            if (seen.Tries.Count > 0 && piece.Tasks.Count > 0)
            {
                all.Add((piece.Tasks[0].Prescription.Movement.Value, seen.Tries.Count));
                continue;
            }

            foreach (var (strand, units) in Tallying.Counts(seen, piece))
            {
                all.AddRange(piece.Tasks.Select((t, i) => (t.Prescription.Movement.Value, strand.Counter.UnitsOf(i, units))));
            }
        }

        return [.. all.GroupBy(x => x.Movement, StringComparer.Ordinal).Select(g => (g.Key, g.Sum(x => x.Units))).Where(x => x.Item2 > 0)];
    }
}
