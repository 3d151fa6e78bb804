using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.Pacing;
using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Play;

/// <summary>Plays many runs and sums them up.</summary>
public static class ManyRuns
{
    /// <summary>Runs of each entry at most.</summary>
    public const int Most = 10_000;

    /// <summary>Runs of all entries together at most: what is kept of them stays well under 100 MB.</summary>
    public const int MostTogether = 100_000;

    /// <summary>What is kept of one run: thousands of whole runs would not be.</summary>
    private sealed record Kept(Eq<ComponentResult> Results, Eq<string> Done, string? Stands, long NoReps, long Stops, long? Change);

    /// <summary>Plays runs of some entries; the same seed gives the same sums.</summary>
    /// <param name="u">The workout, understood.</param>
    /// <param name="entries">Which of its courses, each once.</param>
    /// <param name="runs">How many of each, from 1.</param>
    /// <param name="seed">The first seed.</param>
    /// <param name="paces">What can be expected.</param>
    /// <param name="hands">How many may work at it at once.</param>
    /// <param name="cancel">Ends the work between two events.</param>
    public static Usual Play(
        Understanding u,
        IReadOnlyList<int> entries,
        int runs,
        ulong seed,
        PaceTable paces,
        int hands,
        CancellationToken cancel = default
    )
    {
        var kept = entries.ToDictionary(e => e, _ => new Kept[runs]);
        // A player is one entry's and plays one run at a time; stretches of runs give every hand something to do.
        const int Stretch = 25;
        var stretches = entries.SelectMany(e =>
            Enumerable.Range(0, (runs + Stretch - 1) / Stretch).Select(s => (Entry: e, From: s * Stretch))
        );
        Parallel.ForEach(
            stretches,
            new ParallelOptions { MaxDegreeOfParallelism = hands, CancellationToken = cancel },
            stretch =>
            {
                var course = u.Courses[stretch.Entry];
                var player = new Player(u, stretch.Entry, paces);
                var until = Math.Min(runs, stretch.From + Stretch);
                for (var i = stretch.From; i < until; i++)
                {
                    kept[stretch.Entry][i] = Keep(player.Play(seed + (ulong)i, (ulong)stretch.Entry, cancel), course, u.Competition.Unit);
                }
            }
        );
        var clock = entries.Select(e => Timeline.Of(u.Courses[e])).OfType<Timeline>().MaxBy(c => c.Judges);
        var busiest = clock?.Spans.MaxBy(s => s.Judges);
        var all = entries.Select(e => Entry(u.Courses[e], u.Sheets[e], kept[e])).ToList();
        return new(
            runs,
            clock?.Ends.Ms ?? 0,
            clock?.Judges ?? 0,
            busiest is null ? "" : $"{busiest.Starts} to {busiest.Ends}",
            all,
            UsualFindings.Of(u, entries, all, runs)
        );
    }

    private static Kept Keep(PlayedRun run, Course course, MassUnit unit)
    {
        var open = run.End.Pieces.FirstOrDefault(p => p.Phase == PiecePhase.Over && !p.Piece.Piece.IsHeaviest);
        var next = open?.Strands.Select(s => s.Next).FirstOrDefault(n => n is not null);
        var name = open is { Piece.Piece.IsNamed: true } ? open.Piece.Piece.Name + ", " : "";
        var stands =
            next is null || open!.Piece.Strand is not { Units: not null }
                ? null
                : name
                    + (next.Rounds.Count > 0 ? $"round {string.Join('·', next.Rounds)}, " : "")
                    + open.Piece.Tasks[next.Task].Prescription.Movement.Value;
        var last = run.Events.LastOrDefault(e => e.What is not Happened.ClockCame)?.At.Ms ?? 0;
        var done = run.End.Pieces.Where(p => p.Phase == PiecePhase.Finished).Select(p => p.Piece.Piece.Key).ToEq();
        // Reasons are told of single heats only; of thousands they would fill the memory.
        var results = run.Score(course, unit).Select(r => r with { Reasons = [] }).ToEq();
        return new(results, done, stands, run.Events.Count(e => e.What is Happened.NoRep), last, LongestChange(run.Events));
    }

    /// <summary>The longest time from a unit to the next load on its bar; null where no load changes.</summary>
    private static long? LongestChange(IReadOnlyList<Happening> events)
    {
        var since = new Dictionary<string, long>(StringComparer.Ordinal);
        long? longest = null;
        foreach (var (at, what) in events)
        {
            switch (what)
            {
                case Happened.Done done:
                    since[done.Piece] = at.Ms;
                    break;
                case Happened.ReRigged rigged when at.Ms - since.GetValueOrDefault(rigged.Piece) is var took && !(took <= longest):
                    longest = took;
                    break;
            }
        }

        return longest;
    }

    private static UsualEntry Entry(Course course, ScoreSheet sheet, Kept[] runs)
    {
        var stops = runs.Select(r => r.Stops).Order().ToList();
        var changes = runs.Select(r => r.Change).OfType<long>().Order().ToList();
        return new(
            course.Address.ToString(),
            course.Address.Division.Name,
            sheet
                .Components.Select(
                    (c, i) =>
                        Spread.Of(
                            c,
                            runs.Select(r => r.Results[i]).ToList(),
                            runs.Select(r => c.Pieces.All(p => r.Done.Contains(p))).ToList()
                        )
                )
                .ToList(),
            runs.Select(r => r.Stands)
                .OfType<string>()
                .GroupBy(s => s)
                .Select(g => new UsualPlace(g.Key, g.Count()))
                .OrderByDescending(p => p.Runs)
                .ThenBy(p => p.Words, StringComparer.Ordinal)
                .Take(4)
                .ToList(),
            runs.Sum(r => r.NoReps) * 10 / runs.Length,
            stops[Math.Min(stops.Count - 1, stops.Count * 9 / 10)],
            changes.Count == 0 ? null : changes[Math.Min(changes.Count - 1, changes.Count * 9 / 10)]
        );
    }
}
