using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Kit;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Scoring;

/// <summary>A made-up run with its scores and places.</summary>
/// <param name="Label">What it shows: <c>one rep short</c>.</param>
/// <param name="Run">The facts.</param>
/// <param name="Results">One for each component.</param>
/// <param name="Places">The place in each component among the samples.</param>
public sealed record SampleResult(string Label, RunObservation Run, Eq<ComponentResult> Results, Eq<int> Places);

/// <summary>
/// Sample results of a course, always the same: the cases people argue about. They are worked examples in briefs, and the
/// field that a tried result is placed in.
/// </summary>
public static class SampleRuns
{
    /// <summary>The samples, scored and ranked; empty when the workout has no computed score.</summary>
    public static Eq<SampleResult> Of(Course course, ScoreSheet sheet, Competition competition)
    {
        if (sheet.Components.Count == 0 || Card.Fields(course, sheet).Count == 0)
        {
            return [];
        }

        var runs = Cases(course, sheet, competition).Where(r => Card.Validate(r.Run, course, sheet).Count == 0).ToList();
        var results = runs.Select(r => Scorer.Score(r.Run, course, sheet, competition.Unit)).ToList();
        var places = Places(results, sheet.Components.Count);
        return runs.Select((r, i) => new SampleResult(r.Label, r.Run, results[i], places[i])).ToEq();
    }

    /// <summary>Places by component for each run.</summary>
    public static IReadOnlyList<Eq<int>> Places(IReadOnlyList<Eq<ComponentResult>> results, int components)
    {
        var byComponent = Enumerable.Range(0, components).Select(c => Ranking.Places(results.Select(r => r[c]).ToList())).ToList();
        return results.Select((_, i) => byComponent.Select(p => p[i]).ToEq()).ToList();
    }

    private sealed record Case(string Label, decimal? FinishAt, long Missing, decimal DoneShare, decimal[] Lifts, bool[] Made, int TieShift, EntryStatus Status = EntryStatus.Ran);

    private static readonly Case[] All =
    [
        new("finished early", 0.72m, 0, 1.00m, [0.40m, 0.46m], [true, true], 0),
        new("finished", 0.85m, 0, 0.92m, [0.44m, 0.50m], [true, false], 0),
        new("finished in the same second", 0.85m, 0, 0.92m, [0.44m], [true], 7),
        new("finished, no good lift", 0.93m, 0, 0.83m, [0.50m, 0.50m], [false, false], 3),
        new("finished on the bell", 1.00m, 0, 0.75m, [], [], 5),
        new("one rep short", null, 1, 0.75m, [], [], 9),
        new("three quarters done", null, 0, 0.60m, [], [], 12),
        new("withdrew", null, 0, 0.30m, [], [], 0, EntryStatus.Withdrew),
        new("did not start", null, 0, 0, [], [], 0, EntryStatus.DidNotStart),
    ];

    private static IEnumerable<(string Label, RunObservation Run)> Cases(Course course, ScoreSheet sheet, Competition competition)
    {
        var timed = sheet.Components.Any(c => c.Measured == Measured.Time);
        var lifted = course.Pieces.Any(p => p.Piece.IsHeaviest);
        foreach (var c in All)
        {
            if (c.Status == EntryStatus.DidNotStart)
            {
                yield return (c.Label, new(c.Status, []));
                continue;
            }

            var label = timed ? c.Label : c.Label switch
            {
                "finished early" => "a strong run",
                "finished" => "a good run",
                "finished in the same second" => "as much, later at the mark",
                "finished, no good lift" => "a fair run",
                "finished on the bell" => "a middling run",
                "one rep short" => "one rep less",
                "three quarters done" => "a slow run",
                _ => c.Label,
            };
            if (!lifted && c.Label == "finished, no good lift" && timed)
            {
                label = "finished late";
            }

            yield return (label, new(c.Status, course.Pieces.Select(p => Observe(c, p, sheet, competition, course)).ToEq()));
        }
    }

    private static PieceObservation Observe(Case c, CoursePiece piece, ScoreSheet sheet, Competition competition, Course course)
    {
        var key = piece.Piece.Key;
        var fields = Card.Fields(course, sheet).Where(f => f.Piece == key).Select(f => f.Field).ToHashSet(StringComparer.Ordinal);
        if (fields.Count == 0)
        {
            return new(key, null, null, null, []);
        }

        if (fields.Contains("tries"))
        {
            return new(key, null, null, null, c.FinishAt is null && piece.Piece.InTimeLeft ? [] : Lifts(c, course.Address.Duty, competition));
        }

        var start = piece.Piece.Starts ?? Duration.Zero;
        var window = piece.Piece.Window ?? Duration.Zero;
        var timed = fields.Contains("finish");
        Duration? finish = timed && c.FinishAt is { } share ? start + Seconds(window, share) : null;
        var total = piece.Strand?.Units;
        var units = finish is not null ? (long?)null : timed ? (c.Missing > 0 ? total - c.Missing : (long?)(total * 3 / 4)) : Count(c, piece.Strand!, window);
        return new(key, finish, units, fields.Contains("tieTime") ? TieTime(c, piece, sheet, finish, units, start, window) : null, []);
    }

    /// <summary>Work without end is done at about eight units a minute, an even and ordinary pace; only an example.</summary>
    private static long Count(Case c, Strand strand, Duration window)
    {
        var most = strand.Units ?? Math.Max(8, window.Ms * 8 / 60_000);
        var units = (long)(most * c.DoneShare) - (c.Label == "one rep short" ? 1 : 0);
        return Math.Clamp(units, 0, strand.Units ?? long.MaxValue);
    }

    private static Duration? TieTime(Case c, CoursePiece piece, ScoreSheet sheet, Duration? finish, long? units, Duration start, Duration window)
    {
        var tie = sheet.Components.SelectMany(s => s.Ties).OfType<Tiebreak.TimeAtRound>().First(t => t.Piece == piece.Piece.Key);
        var strand = piece.Strand!;
        var done = units ?? strand.Units ?? 0;
        var round = tie.Round ?? strand.FullRounds(done)?.Full ?? 0;
        if (round < 1 || strand.UnitsAfterRound(round) is not { } at || at > done || done == 0)
        {
            return null;
        }

        var spent = (finish ?? start + window) - start;
        var even = Duration.Seconds(spent.Ms * at / done / 1000);
        var shifted = start + even - Duration.Seconds(Math.Min(20, even.Ms / 4000)) + Duration.Seconds(c.TieShift);
        var last = finish ?? start + window;
        return shifted > last ? last : shifted;
    }

    private static Duration Seconds(Duration window, decimal share) => Duration.Seconds((long)(window.Ms * share / 1000));

    private static Eq<Try> Lifts(Case c, string duty, Competition competition)
    {
        var loads = BarLoads.All(duty == "woman" ? competition.Kit.WomenBar : competition.Kit.MenBar, competition.Kit);
        return c.Lifts.Select((share, i) => new Try(loads.Last(l => l <= Math.Max(loads[0], loads[^1] * share * (duty == "woman" ? 0.7m : 1m))), c.Made[i])).ToEq();
    }
}
