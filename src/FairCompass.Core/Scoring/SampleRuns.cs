using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Pacing;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Scoring;

/// <summary>A made-up run with its scores and places.</summary>
/// <param name="Label">What it shows: <c>one rep short</c>.</param>
/// <param name="Run">The facts.</param>
/// <param name="Results">One for each component.</param>
/// <param name="Places">The place in each component among the samples.</param>
public sealed record SampleResult(string Label, RunObservation Run, Eq<ComponentResult> Results, Eq<int> Places)
{
    /// <summary>True for what a paper shows: finished, the same again, one short, nothing, and the edge of a gate.</summary>
    public bool Printed { get; init; }
}

/// <summary>
/// Sample results of a course, always the same: the cases people argue about. They are worked examples in briefs, and the
/// field that a tried result is placed in.
/// </summary>
public static partial class SampleRuns
{
    /// <summary>The samples, scored and ranked; empty when the workout has no computed score.</summary>
    public static Eq<SampleResult> Of(Course course, ScoreSheet sheet, Competition competition) =>
        Of(course, sheet, competition, Tongue.English);

    /// <summary>The samples with labels and results in a language.</summary>
    public static Eq<SampleResult> Of(Course course, ScoreSheet sheet, Competition competition, Tongue tongue)
    {
        if (
            sheet.Components.Count == 0
            || Card.Fields(course, sheet) is not { Count: > 0 } asked
            || asked.Any(f => course.Piece(f.Piece)!.Limit is null)
        )
        {
            return [];
        }

        var runs = Cases(course, sheet, competition).Where(r => Card.Validate(r.Run, course, sheet).Count == 0).ToList();
        var results = runs.Select(r => Scorer.Score(r.Run, course, sheet, competition.Unit, tongue)).ToList();
        // A row that says one less shows exactly one less, or it is not shown.
        for (var i = runs.Count - 1; i > 0; i--)
        {
            if (runs[i].OneLess && !IsOneLess(results[i], results[i - 1], sheet))
            {
                runs.RemoveAt(i);
                results.RemoveAt(i);
            }
        }

        var places = Places(results, sheet.Components.Count);
        return runs.Select((r, i) => new SampleResult(tongue.Say(r.Label), r.Run, results[i], places[i]) { Printed = r.Printed }).ToEq();
    }

    /// <summary>The few that papers show, with their places among one another.</summary>
    /// <param name="samples">All of one entry.</param>
    /// <param name="components">How many scores it has.</param>
    public static Eq<SampleResult> Printed(Eq<SampleResult> samples, int components)
    {
        var some = samples.Where(s => s.Printed).ToList();
        var places = Places(some.Select(s => s.Results).ToList(), components);
        return some.Select((s, i) => s with { Places = places[i] }).ToEq();
    }

    /// <summary>True when every counted score is one less than in another run; a score at the cap, one less than the whole.</summary>
    private static bool IsOneLess(Eq<ComponentResult> less, Eq<ComponentResult> other, ScoreSheet sheet) =>
        Enumerable
            .Range(0, sheet.Components.Count)
            .Where(i => sheet.Components[i] is { Measured: Measured.Units or Measured.RoundsAndUnits })
            .All(i => less[i].Value == other[i].Value + 1);

    /// <summary>Places by component for each run.</summary>
    public static IReadOnlyList<Eq<int>> Places(IReadOnlyList<Eq<ComponentResult>> results, int components)
    {
        var byComponent = Enumerable.Range(0, components).Select(c => Ranking.Places(results.Select(r => r[c]).ToList())).ToList();
        return results.Select((_, i) => byComponent.Select(p => p[i]).ToEq()).ToList();
    }

    private static IEnumerable<(Said Label, RunObservation Run, bool OneLess, bool Printed)> Cases(
        Course course,
        ScoreSheet sheet,
        Competition competition
    )
    {
        var timed = sheet.Components.Any(c => c.Measured == Measured.Time);
        var lifted = course.Pieces.Any(p => p.Piece.IsHeaviest);
        var marked = sheet.Components.Any(c => c.Ties.Any(t => t is Tiebreak.TimeAtRound or Tiebreak.TimeAtGate or Tiebreak.TimeAtMark));
        var gated = course.Pieces.Any(p => p.Limit is { Gates.Count: > 0 });
        var fields = Card.Fields(course, sheet).ToLookup(f => f.Piece, StringComparer.Ordinal);
        var last = course.Pieces.LastOrDefault(p => p.IsCounted && fields.Contains(p.Piece.Key))?.Piece.Key;
        // Among windows of which one is scored, who is one rep short is so in the last of them only.
        var chosen = timed && sheet.Components.Any(c => c.Selection is not null);
        var rises = course.Pieces.Any(p => p.Piece.IsRising);
        // Where nothing but lifts is scored, a run without lifts shows nothing that one with a missed lift does not show.
        var onlyLifts = lifted && course.Pieces.Where(p => fields.Contains(p.Piece.Key)).All(p => p.Piece.IsHeaviest);
        foreach (
            var c in All.Where(c =>
                (c.Gate is null || gated)
                && (c.Short != 1 || !timed || course.Pieces.All(LastIsOne))
                && (!onlyLifts || c.Lifts.Length > 0 || c.Status != EntryStatus.Ran)
            )
        )
        {
            var nothing = onlyLifts && c.Lifts.Length > 0 && !c.Made.Contains(true);
            if (c.Status == EntryStatus.DidNotStart)
            {
                yield return (c.Label, new(c.Status, []), false, false);
                continue;
            }

            yield return (
                nothing ? (rises ? NoHeight : NoGoodLift)
                : rises && !timed && c.Later == 7 ? AsHigh
                : rises && timed && c.Lifts.Length > 0 && !c.Made.Contains(true) ? FinishedWithoutHeight
                : LabelOf(c, timed, marked, lifted),
                new(
                    c.Status,
                    course
                        .Pieces.Where(p => fields.Contains(p.Piece.Key))
                        .Where(p =>
                            !(c.FinishAt is null && sheet.Components.Any(x => x.Before is not null && x.Pieces.Contains(p.Piece.Key)))
                        )
                        .Select(p =>
                            Observe(p.Piece.Key == last ? c : Earlier(c, chosen), p, fields[p.Piece.Key], sheet, competition, course)
                        )
                        .ToEq()
                ),
                c.Less > 0 && !timed,
                c.Printed || nothing
            );
        }
    }

    /// <summary>The case in a part before the last: nothing is less there.</summary>
    private static Case Earlier(Case c, bool chosen) =>
        chosen && c.Short == 1 ? c with { FinishAt = 0.85m, Short = 0, Less = 0 } : c with { Less = 0 };

    private static Said LabelOf(Case c, bool timed, bool marked, bool lifted) =>
        !timed
            ? marked || c.Later != 7
                ? c.Open
                : AsMuch
            : !lifted && c.Lifts.Length > 0 && !c.Made.Contains(true)
                ? Late
                : c.Label;

    /// <summary>True when the last unit of a piece counts one, so that who misses it is one short.</summary>
    private static bool LastIsOne(CoursePiece piece) =>
        piece.Strand is not { Units: > 0 and { } all } strand || strand.Counted(all - 1) == strand.AllCounted - 1;

    private static PieceObservation Observe(
        Case c,
        CoursePiece piece,
        IEnumerable<CardField> asked,
        ScoreSheet sheet,
        Competition competition,
        Course course
    )
    {
        var key = piece.Piece.Key;
        var fields = asked.Select(f => f.Field).ToHashSet();
        if (fields.Contains(CardFieldKind.Tries))
        {
            return Lifted(c, piece, sheet, competition, course);
        }

        var start = piece.Piece.Starts ?? Duration.Zero;
        var window = piece.Limit?.Longest ?? Duration.Zero;
        var timed = fields.Contains(CardFieldKind.Finish);
        Duration? finish = timed && c.FinishAt is { } share ? start + Seconds(window, share) : null;
        if (piece.Plain is not null && piece.Strand is null)
        {
            return new(key, Counts: InIntervals(c, piece));
        }

        if (piece.Strand is null)
        {
            return new(key, finish, null, null, [], Counts: finish is not null ? [] : Apart(c, piece, timed, course));
        }

        // Who goes on from another stands so much further on.
        long? units = finish is null
            ? Math.Min(Done(c, piece, piece.Strand, timed, course) + Before(c, piece, timed, course), piece.Strand.Units ?? long.MaxValue)
            : null;
        return new(
            key,
            finish,
            units,
            fields.Contains(CardFieldKind.TieTime) ? TieTime(c, piece, sheet, finish, units, start, window) : null,
            []
        )
        {
            Marks = NamedTimes(c, piece, sheet, finish, units ?? piece.Strand.Units ?? 0, start),
        };
    }

    /// <summary>The counts of a piece with several counters that was not finished.</summary>
    private static Eq<StrandCount> Apart(Case c, CoursePiece piece, bool timed, Course course)
    {
        // Of several options one run takes one.
        var taken = piece.Tasks is [{ Options.Count: > 1 }]
            ? c.Later == 12
                ? piece.Strands.Count - 1
                : 0
            : -1;
        return piece
            .Strands.Select(
                (s, i) =>
                    new StrandCount(
                        s.Key,
                        taken >= 0 && i != taken ? 0 : Done(c, piece, s.Counter, s.Role != StrandRole.First && timed, course)
                    )
            )
            .ToEq();
    }

    /// <summary>What the members before did of work that goes on counting; 0 elsewhere.</summary>
    private static long Before(Case c, CoursePiece piece, bool timed, Course course) =>
        piece.Piece.GoesOnFrom is { } from && course.Piece(from) is { Strand: { } strand } earlier
            ? Done(c with { Less = 0 }, earlier, strand, timed, course) + Before(c, earlier, timed, course)
            : 0;

    /// <summary>Whole intervals for the share of the case, then one that is not finished; nothing after it where that ends the
    /// work.</summary>
    private static Eq<StrandCount> InIntervals(Case c, CoursePiece piece)
    {
        var whole = c.Short < 0 ? 0 : (int)Math.Min(piece.Strands.Count, piece.Strands.Count * c.Share);
        return piece
            .Strands.Select(
                (s, i) =>
                    new StrandCount(
                        s.Key,
                        i < whole ? s.Counter.Units ?? 0
                            : i == whole && c.Short >= 0 ? Math.Max(0, ((s.Counter.Units ?? 0) / 2) - c.Less)
                            : 0
                    )
            )
            .ToEq();
    }

    private static long Done(Case c, CoursePiece piece, Strand strand, bool toFinish, Course course)
    {
        if (c.Gate is { } past && piece.Limit is { Gates.Count: > 0 } limit)
        {
            return Math.Max(0, limit.Gates[0].Units + past);
        }

        if (strand.Units is null && piece.Tasks is [{ Counted.Credit: Courses.Credit.WithBonus { At: { } at } }])
        {
            // Around the target: who just reaches it, and who is one short.
            return Math.Max(0, (long)(at * (c.Share + 0.17m)) - c.Less) * (c.Short < 0 ? 0 : 1);
        }

        return toFinish && strand.Units is { } total
            ? c.Short > 0
                ? Math.Max(0, total - c.Short)
                : c.Short < 0
                    ? 0
                    : total * 3 / 4
            : Count(c, piece, strand, course);
    }

    /// <summary>
    /// Work without end is done at our usual paces, or a little past the last gate; only an example. A competition's own paces are not
    /// asked: what a paper prints is part of its code, and paces are in none.
    /// </summary>
    private static long Count(Case c, CoursePiece piece, Strand strand, Course course)
    {
        var limit = piece.Limit!;
        var most =
            strand.Units
            ?? (
                limit.Gates.Count > 0
                    ? limit.Gates[^1].Units * 8 / 7
                    : Math.Max(
                        8,
                        UnitTimes.In(
                            PaceTable.Usual,
                            piece,
                            strand,
                            limit.Base,
                            (course.Address.Division.Name, course.Address.Duty == Duty.Woman)
                        )
                    )
            );
        return Math.Clamp((long)(most * c.Share) - c.Less, 0, strand.Units ?? long.MaxValue);
    }

    private static Duration? TieTime(
        Case c,
        CoursePiece piece,
        ScoreSheet sheet,
        Duration? finish,
        long? units,
        Duration start,
        Duration window
    )
    {
        var strand = piece.Strand!;
        var done = units ?? strand.Units ?? 0;
        // A gate asks for its time whatever breaks ties.
        var tie =
            sheet
                .Components.SelectMany(s => s.Ties)
                .FirstOrDefault(t =>
                    t is Tiebreak.TimeAtRound r ? r.Piece == piece.Piece.Key : t is Tiebreak.TimeAtGate g && g.Piece == piece.Piece.Key
                )
            ?? new Tiebreak.TimeAtGate(piece.Piece.Key);
        if (tie is Tiebreak.TimeAtGate)
        {
            var passed = piece.Limit!.Gates.TakeWhile(g => done >= g.Units).ToList();
            var closes = passed.SkipLast(1).Aggregate(piece.Limit.Base, (sum, g) => sum + g.Adds);
            return passed.Count == 0
                ? null
                : start + closes - Duration.Seconds(c.Gate == 0 && sheet.GateOnSecondCounts != false ? 0 : Math.Max(1, 30 - c.Later));
        }

        var round = ((Tiebreak.TimeAtRound)tie).Round ?? strand.FullRounds(done)?.Full ?? 0;
        if (round < 1 || strand.UnitsAfterRound(round) is not { } at || at > done || done == 0)
        {
            return null;
        }

        // Who has stopped has done so at the cap that held for them, and the mark lies inside the cap that held before it.
        var spent = finish is { } end ? end - start : piece.Limit!.For(done);
        var even = Duration.Seconds(spent.Ms * at / done / 1000);
        var shifted = start + even - Duration.Seconds(Math.Min(20, even.Ms / 4000)) + Duration.Seconds(c.Later);
        var last = start + piece.Limit!.For(at - 1);
        last = finish is { } f && f < last ? f : last;
        return shifted > last ? last : shifted;
    }

    /// <summary>The clock at each named mark that was passed, in even parts of the time.</summary>
    private static Eq<MarkRead> NamedTimes(Case c, CoursePiece piece, ScoreSheet sheet, Duration? finish, long done, Duration start)
    {
        var spent = finish is { } end ? end - start : piece.Limit?.For(done) ?? Duration.Zero;
        return NamedMark
            .Of(piece, sheet)
            .Where(m => m.Units <= done && done > 0)
            .Select(m =>
            {
                var even = Math.Max(1, (spent.Ms * m.Units / done / 1000) - c.Later);
                return new MarkRead(m.Name, start + Duration.Seconds(Math.Max(1, even)));
            })
            .ToEq();
    }

    private static Duration Seconds(Duration window, decimal share) => Duration.Seconds((long)(window.Ms * share / 1000));
}
