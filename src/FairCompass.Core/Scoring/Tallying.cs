using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Scoring;

/// <summary>Turns what a card says of a piece into tallies.</summary>
internal static class Tallying
{
    /// <summary>Performed units of each counter of a piece; a finished piece has all of them.</summary>
    public static IEnumerable<(CourseStrand Strand, long Units)> Counts(PieceObservation seen, CoursePiece piece)
    {
        foreach (var strand in piece.Strands)
        {
            var said = Said(seen, strand);
            var finished = Finished(seen) && strand.Role != StrandRole.First;
            var units = finished ? strand.Counter.Units ?? 0 : said ?? 0;
            yield return (strand, Math.Clamp(units, 0, strand.Counter.Units ?? Count.Ceiling));
        }
    }

    /// <summary>Performed units of a counter; null where nobody has said.</summary>
    public static long? Performed(PieceObservation seen, CourseStrand strand) =>
        Finished(seen) && strand.Role != StrandRole.First ? strand.Counter.Units : Said(seen, strand);

    /// <summary>Performed units of the work in one order; null where nobody has said.</summary>
    public static long? Running(PieceObservation seen, CoursePiece piece) =>
        piece.Running is not { } running ? null : Performed(seen, running);

    /// <summary>The tally of a piece.</summary>
    /// <param name="seen">What the card says of the piece.</param>
    /// <param name="piece">The piece.</param>
    /// <param name="tally">What is added up.</param>
    /// <param name="unverifiedIsNoRep">True to leave out what a video does not show.</param>
    /// <param name="takes">Which counters; null for all.</param>
    public static long Of(
        PieceObservation seen,
        CoursePiece piece,
        Tally tally,
        bool unverifiedIsNoRep,
        Func<CourseStrand, bool>? takes = null
    )
    {
        // Ticked targets stand in place of the bonuses that the counts would earn; what the units are worth stays the strand's to say.
        var ticked =
            tally.Of == TallyOf.Credit && seen.Ticks is { } ticks && Bonus(piece) is { } bonus
                ? Count.Times(ticks, bonus.Worth)
                : (long?)null;
        var sum = ticked ?? 0;
        foreach (var (strand, units) in Counts(seen, piece).Where(c => takes is null || takes(c.Strand)))
        {
            if (strand.Interval is not null && units < strand.Counter.Units && piece.Plain is { Counts: false })
            {
                // Nothing of an interval counts that was not finished.
                continue;
            }

            var counted = unverifiedIsNoRep && seen.Unverified is { } doubtful && strand.Key is "" ? Math.Max(0, units - doubtful) : units;
            var by = ticked is null ? tally : Tally.CreditBeforeBonus;
            sum = Count.Add(sum, counted == 0 ? 0 : strand.Counter.Sum(counted, by));
            if (seen.From > 0 && strand.Key.Length == 0)
            {
                sum -= strand.Counter.Sum(Math.Min(seen.From, counted), by);
            }
        }

        return sum;
    }

    /// <summary>The run with what each piece began at that goes on from another: what its member did is the rest.</summary>
    public static RunObservation Own(RunObservation run, Course course) =>
        course.Pieces.All(p => p.Piece.GoesOnFrom is null)
            ? run
            : run with
            {
                Pieces = run
                    .Pieces.Select(seen =>
                        course.Piece(seen.Piece)?.Piece.GoesOnFrom is { } before && course.Piece(before) is { } piece
                            ? seen with
                            {
                                From = Running(run.Of(before), piece) ?? 0,
                            }
                            : seen
                    )
                    .ToEq(),
            };

    /// <summary>
    /// What the own part of a member is counted in. In a relay that goes on counting it is performed units: what a unit is worth there
    /// depends on where the one before stopped, and more work of that one must take nothing from this one.
    /// </summary>
    public static Tally OwnOf(CoursePiece piece, Tally tally) => piece.Piece.OfChain ? Tally.Units : tally;

    private static Credit.WithBonus? Bonus(CoursePiece piece) =>
        piece.Tasks.Select(t => t.Counted.Credit).OfType<Credit.WithBonus>().FirstOrDefault();

    /// <summary>
    /// How many bonus targets a piece has: one for each round of a counted task, one for a window of as much as possible.
    /// Where other tasks stand beside it there is none to tick: a tick would not say what was done of those, so the count is needed.
    /// </summary>
    public static long Targets(CoursePiece piece) => piece.Tasks is [{ Counted.Credit: Credit.WithBonus }] ? piece.Strand?.Rounds ?? 1 : 0;

    /// <summary>True when the card has a finishing time.</summary>
    public static bool Finished(PieceObservation seen) => seen.Finish is not null || seen.Watches.Count > 0;

    /// <summary>The official finishing time on the hall clock; null when it was not finished.</summary>
    public static Duration? Finish(PieceObservation seen, ScoreSheet sheet) =>
        seen.Watches.Count > 0 ? Timing.Official(seen.Watches.Select(w => Timing.Round(w, sheet.Resolution)).ToList())
        : seen.Finish is { } finish ? Timing.Round(finish, sheet.Resolution)
        : null;

    private static long? Said(PieceObservation seen, CourseStrand strand)
    {
        if (strand.Key.Length == 0)
        {
            return seen.Performed;
        }

        foreach (var count in seen.Counts)
        {
            if (count.Strand == strand.Key)
            {
                return count.Performed;
            }
        }

        return null;
    }
}
