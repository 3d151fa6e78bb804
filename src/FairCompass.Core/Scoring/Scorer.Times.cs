using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;

namespace FairCompass.Core.Scoring;

/// <content>Scores that are times.</content>
public static partial class Scorer
{
    private static ComponentResult Time(ScoreComponent c, RunObservation run, Course course, ScoreSheet sheet, Tongue tongue)
    {
        if (c.Selection is { } pick)
        {
            return TimeOfCycles(pick, c, run, course, sheet, tongue);
        }

        var piece = course.Piece(c.Pieces[0])!;
        var seen = run.Of(piece.Piece.Key);
        var begins = piece.Piece.Starts ?? Duration.Zero;
        var limit = piece.Limit ?? new Limit(Duration.Zero, []);
        var total = piece.Total(c.Tally) ?? 0;
        if (Tallying.Finish(seen, sheet) is { } finish)
        {
            return InTime(c, seen, begins, finish, limit, total);
        }

        return piece.Limit is null
            ? Nothing(
                ResultClass.Unranked,
                tongue.Say("not finished", "sin terminar"),
                "Nobody has said how long the window is, so who did not finish has no score yet."
            )
            : Stopped(c, piece, seen, limit, total, sheet, tongue);
    }

    /// <summary>Who did not finish, by the rule for the cap.</summary>
    private static ComponentResult Stopped(
        ScoreComponent c,
        CoursePiece piece,
        PieceObservation seen,
        Limit limit,
        long total,
        ScoreSheet sheet,
        Tongue tongue
    )
    {
        var begins = piece.Piece.Starts ?? Duration.Zero;
        var units = Tallying.Of(seen, piece, c.Tally, sheet.UnverifiedIsNoRep == true, c.Takes);
        var own = piece.Strand is { } strand ? limit.For(Math.Clamp(seen.Performed ?? 0, 0, strand.Units ?? long.MaxValue)) : limit.Base;
        var where = PlaceWords(piece, seen.Performed ?? 0) + Beside(piece, seen);
        var rule = c.Cap ?? new CapRule.CapLine();
        var inTally = new Limit(
            limit.Base,
            limit.Gates.Select(g => g with { Units = piece.Strand?.Sum(g.Units, c.Tally) ?? g.Units }).ToEq()
        );
        var (cls, value) = rule.Key(null, units, total, inTally);
        // A sentence speaks of one clock: the hall's from 0:00, or the part's own from its start.
        var (offset, clock) = c.ByHallClock && begins > Duration.Zero ? (begins, " on the hall clock") : (Duration.Zero, "");
        var stopped =
            $"Not finished: {Amount(units, c)} of {Amount(total, c)} {c.Words} when the cap of {offset + own}{clock} was reached{where}.";
        return rule switch
        {
            CapRule.Penalty p => new(
                ResultClass.Scored,
                value + offset.Ms,
                [],
                $"{new Duration(value + offset.Ms)} ({Amount(units, c)} {tongue.Say("of", "de")} {Amount(total, c)})",
                null,
                [
                    stopped,
                    $"{Words.Count(total - units, c.Word)} missing × {p.Each} = {new Duration((total - units) * p.Each.Ms)}; "
                        + $"{(limit.Gates.Count > 0 ? "the longest cap, " : "")}{offset + limit.Longest}{clock} + that = "
                        + $"{new Duration(value + offset.Ms)}.",
                ]
            ),
            CapRule.AddDone a => new(
                ResultClass.Scored,
                value + offset.Ms,
                [],
                $"{new Duration(value + offset.Ms)} ({units} {tongue.Say("of", "de")} {total})",
                null,
                [
                    $"{offset + own}{clock} + {units} × {a.Each} = {new Duration(value + offset.Ms)}. "
                        + "This rule ranks more work lower and cannot be published.",
                ]
            ),
            _ => new(
                (ResultClass)cls,
                value,
                [],
                tongue.Say($"{Amount(units, c)} of {Amount(total, c)} at the cap", $"{Amount(units, c)} de {Amount(total, c)} en el tope"),
                null,
                [stopped, $"Cap line: ranked after every finisher, by {c.Words} done."]
            ),
        };
    }

    private static ComponentResult InTime(
        ScoreComponent c,
        PieceObservation seen,
        Duration begins,
        Duration finish,
        Limit limit,
        long total
    )
    {
        var own = finish - begins;
        var time = c.ByHallClock ? finish : own;
        var done =
            begins == Duration.Zero ? $"done in {own}, inside the cap of {limit.Longest}."
            : c.ByHallClock ? $"done at {finish} on the hall clock, {own} after its start, inside {begins + limit.Longest}."
            : $"done in {own}, inside the cap of {limit.Longest}. The clock showed {finish}; the part began at {begins}.";
        var watches = seen.Watches.Count > 1 ? $" Watches: {string.Join(", ", seen.Watches)}." : "";
        return new(ResultClass.Scored, time.Ms, [], time.ToString(), null, [$"All {Amount(total, c)} {c.Words} {done}{watches}"]);
    }

    /// <summary>What was done of the work that comes first in each interval and is not towards the goal; empty for other work.</summary>
    private static string Beside(CoursePiece piece, PieceObservation seen) =>
        string.Concat(
            Tallying
                .Counts(seen, piece)
                .Where(x => x.Strand.Role == StrandRole.First)
                .Select(x =>
                    $"; {x.Strand.Name}: {x.Strand.Counter.Counted(x.Units)}, "
                    + Words.Count(x.Strand.Counter.FullRounds(x.Units)?.Full ?? 0, "whole interval")
                )
        );
}
