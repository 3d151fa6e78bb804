using FairCompass.Core.Checks;
using FairCompass.Core.Drafts;
using FairCompass.Core.Scoring;
using FairCompass.Core.Text;

namespace FairCompass.Play;

/// <summary>What should be looked at after many made-up runs: from the dry run, never from the text alone, and blocking nothing.</summary>
internal static class UsualFindings
{
    /// <summary>What is said of one score of one entry.</summary>
    /// <param name="Kind">Findings of a kind are said once for all entries that have them.</param>
    /// <param name="Score">The score; empty where there is only one.</param>
    /// <param name="Entry">Who.</param>
    /// <param name="Number">How many it concerns, for a range over the entries.</param>
    private sealed record Seen(Kind Kind, string Score, string Entry, long Number);

    private enum Kind
    {
        NobodyFinishes,
        FewFinish,
        AllEarly,
        NobodyReaches,
        HardlyAnybodyReaches,
        NothingDone,
        Shared,
    }

    /// <summary>The findings, each once for all entries that have it.</summary>
    public static IReadOnlyList<string> Of(Understanding u, IReadOnlyList<int> entries, IReadOnlyList<UsualEntry> all, int runs) =>
        all.SelectMany((entry, i) => Looked(entry, u.Sheets[entries[i]], Ends(u, entries[i]), runs))
            .GroupBy(s => (s.Kind, s.Score))
            .Select(g => Said(g.Key.Kind, g.Key.Score, [.. g], all.Count, runs))
            // What a change of plates needs is the same in every run.
            .Concat(u.Findings().Where(f => f.Rule == ChangeTooShort.Rule).Select(f => f.Sentence))
            .ToList();

    private static IEnumerable<Seen> Looked(UsualEntry entry, ScoreSheet sheet, long ends, int runs)
    {
        for (var s = 0; s < entry.Scores.Count; s++)
        {
            var (score, component) = (entry.Scores[s], sheet.Components[s]);
            var name = sheet.Components.Count == 1 ? "" : component.Name;
            if (score.IsTime && score.Finished * 10 < runs)
            {
                yield return new(score.Finished == 0 ? Kind.NobodyFinishes : Kind.FewFinish, name, entry.Entry, score.Finished);
            }
            else if (score.IsTime && score.Finished == runs && entry.LastStops * 2 < ends)
            {
                yield return new(Kind.AllEarly, name, entry.Entry, 0);
            }

            if (score.Nothing * 10 > runs * 9)
            {
                yield return new(
                    component.Before is null ? Kind.NothingDone
                        : score.Nothing == runs ? Kind.NobodyReaches
                        : Kind.HardlyAnybodyReaches,
                    name,
                    entry.Entry,
                    score.Nothing
                );
            }
            else if (score.SharedAfterTies >= 40)
            {
                yield return new(Kind.Shared, name, entry.Entry, score.SharedAfterTies / 10);
            }
        }
    }

    private static string Said(Kind kind, string score, IReadOnlyList<Seen> seen, int entries, int runs)
    {
        var who = seen.Count == entries && entries > 1 ? "every entry" : Words.Join(seen.Select(s => s.Entry));
        var (least, most) = (seen.Min(s => s.Number), seen.Max(s => s.Number));
        var number = least == most ? $"{least}" : $"{least} to {most}";
        var of = score.Length == 0 ? "" : $", {score}";
        return kind switch
        {
            Kind.NobodyFinishes => $"Nobody of {who} finishes{of}.",
            Kind.FewFinish => $"Of {runs} runs of {who} only {number} finish{of}.",
            Kind.AllEarly => $"Everybody of {who} is done in less than half of the time{of}.",
            Kind.NobodyReaches => $"Nobody of {who} reaches {score}.",
            Kind.HardlyAnybodyReaches => $"Hardly anybody of {who} reaches {score}.",
            Kind.NothingDone => $"Nine of ten of {who} have nothing{of}.",
            _ => $"In a field of twenty of {who}, {number} share a place after every tie-break{of}.",
        };
    }

    private static long Ends(Understanding u, int entry) => u.Courses[entry].Pieces.Max(p => p.Limit?.Longest.Ms ?? 0);
}
