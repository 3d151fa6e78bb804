using FairCompass.Core.Drafts;
using FairCompass.Core.Scoring;

namespace FairCompass.Play;

/// <summary>What should be looked at after many made-up runs: from the dry run, never from the text alone, and blocking nothing.</summary>
internal static class UsualFindings
{
    public static IReadOnlyList<string> Of(Understanding u, IReadOnlyList<int> entries, IReadOnlyList<UsualEntry> all, int runs)
    {
        var said = new List<string>();
        for (var i = 0; i < all.Count; i++)
        {
            var (entry, sheet) = (all[i], u.Sheets[entries[i]]);
            for (var s = 0; s < entry.Scores.Count; s++)
            {
                var (score, component) = (entry.Scores[s], sheet.Components[s]);
                var name = sheet.Components.Count == 1 ? "" : $" ({component.Name})";
                if (component.Measured == Measured.Time && score.Finished == 0)
                {
                    said.Add($"Nobody of {entry.Entry} finishes{name}.");
                }
                else if (component.Measured == Measured.Time && score.Finished == runs && entry.LastStops * 2 < Ends(u, entries[i]))
                {
                    said.Add($"Everybody of {entry.Entry} is done{name} in less than half of the time.");
                }
                else if (component.Measured == Measured.Time && score.Finished * 10 < runs)
                {
                    said.Add($"Of {runs} of {entry.Entry} only {score.Finished} {(score.Finished == 1 ? "finishes" : "finish")}{name}.");
                }

                if (component.Before is not null && score.Nothing * 10 > runs * 9)
                {
                    said.Add($"{(score.Nothing == runs ? "Nobody" : "Hardly anybody")} of {entry.Entry} reaches {component.Name}.");
                }

                if (score.SharedAfterTies >= 40)
                {
                    said.Add(
                        $"In a field of twenty of {entry.Entry}, {score.SharedAfterTies / 10} share a place{name}, tie-breaks and all: one of {Math.Max(1, 200 / score.SharedAfterTies)}."
                    );
                }
            }
        }

        return said;
    }

    private static long Ends(Understanding u, int entry) => u.Courses[entry].Pieces.Max(p => p.Limit?.Longest.Ms ?? 0);
}
