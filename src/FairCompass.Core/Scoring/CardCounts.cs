using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Scoring;

/// <summary>
/// Reads the numbers of a card as performed units. A card says a place in one of three ways: the number in its box, performed
/// units under that name, or a number that does not say which. The last is taken where both are the same place, never guessed.
/// </summary>
internal static class CardCounts
{
    /// <summary>The observation with its counts in performed units; a number that cannot be read stays, to be refused.</summary>
    public static PieceObservation Read(PieceObservation seen, CoursePiece piece)
    {
        var counts = seen.Counts.Select(c => piece.Strands.FirstOrDefault(s => s.Key == c.Strand) is { } s ? Read(c, s) : c).ToEq();
        seen = seen with { Counts = counts, Key = Key(seen.Performed, seen.Counted) };
        if (piece.Strand is not { } strand || seen.Performed is not null || (seen.Counted is not null && seen.Units is not null))
        {
            return seen;
        }

        return Performed(seen.Counted, seen.Units, strand) is { } units
            ? seen with
            {
                Performed = Math.Max(
                    seen.AtLastGate is null ? units : Math.Max(units, GatePassed(units, piece, strand)),
                    MarkPassed(units, seen, piece, strand)
                ),
                Counted = null,
                Units = null,
            }
            : seen;
    }

    /// <summary>
    /// Work that counts nothing may stand between where one member of a relay stopped and where the next one did: a running total that has
    /// not grown says where the next began, not that the next went back.
    /// </summary>
    public static RunObservation GoneOn(RunObservation run, Course course)
    {
        foreach (var piece in course.Pieces)
        {
            if (
                piece is { Piece.GoesOnFrom: { } from, Strand: { } strand }
                && run.Pieces.FirstOrDefault(p => p.Piece == piece.Piece.Key) is { Key: "counted", Performed: { } units } seen
                && run.Of(from).Performed is { } before
                && before > units
                && before <= (strand.Units ?? Count.Ceiling)
                && strand.Counted(before) == strand.Counted(units)
            )
            {
                run = run with { Pieces = run.Pieces.Select(p => ReferenceEquals(p, seen) ? p with { Performed = before } : p).ToEq() };
            }
        }

        return run;
    }

    /// <summary>Why a number that was not read is refused.</summary>
    /// <param name="counted">The number in the box, or null.</param>
    /// <param name="units">A number that does not say which it is, or null.</param>
    /// <param name="strand">The counter.</param>
    /// <param name="piece">Its piece, which names places.</param>
    public static string Refusal(long? counted, long? units, Strand strand, CoursePiece piece) =>
        units is { } bare
            ? $"{bare} can be the number in the box{At(piece, strand.Performed(bare))}, or {bare} units performed"
                + $"{At(piece, bare)}, which count {strand.Counted(bare)}. Send it as counted or as performed."
            : $"No place of the work counts {counted}{Nearest(counted ?? 0, strand)}.";

    private static StrandCount Read(StrandCount count, CourseStrand of) =>
        count.Performed is null && (Whole(count, of) ?? Performed(count.Counted, count.Units, of.Counter)) is { } units
            ? new(count.Strand, units) { Key = Key(null, count.Counted) }
            : count with
            {
                Key = Key(count.Performed, count.Counted),
            };

    /// <summary>All of an interval is said by its whole number; who had all of its credit and not all of its work is sent as
    /// performed.</summary>
    private static long? Whole(StrandCount count, CourseStrand of) =>
        of.Interval is not null && count.Counted is { } box && box == of.Counter.AllCounted ? of.Counter.Units : null;

    private static string Key(long? performed, long? counted) =>
        performed is not null ? "performed"
        : counted is not null ? "counted"
        : "units";

    /// <summary>Counts beyond the work are read as they stand, so that their range is named.</summary>
    private static long? Performed(long? counted, long? units, Strand strand) =>
        counted is { } box
            ? box < 0 || box > strand.AllCounted
                ? Beyond(box, strand)
                : strand.Performed(box)
            : units is not { } bare
                ? null
                : bare < 0 || bare > strand.Units || strand.Counted(bare) == bare
                    ? bare
                    : null;

    private static long Beyond(long box, Strand strand) => box < 0 ? box : Math.Max(box, Count.Add(strand.Units ?? 0, 1));

    /// <summary>Work that counts nothing may stand between a count and its gate; who has a time at the gate has done it.</summary>
    private static long GatePassed(long units, CoursePiece piece, Strand strand) =>
        (piece.Limit?.Gates ?? []).Select(g => g.Units).LastOrDefault(g => g > units && strand.Counted(g) == strand.Counted(units));

    /// <summary>The same of a mark whose time was read.</summary>
    private static long MarkPassed(long units, PieceObservation seen, CoursePiece piece, Strand strand)
    {
        foreach (var read in seen.Marks)
        {
            if (NamedMark.Find(piece, read.Mark) is { } mark && mark.Units > units && strand.Counted(mark.Units) == strand.Counted(units))
            {
                units = mark.Units;
            }
        }

        return units;
    }

    private static string At(CoursePiece piece, long? units) => units is { } n ? Scorer.PlaceWords(piece, n) : " (there is no such place)";

    private static string Nearest(long counted, Strand strand)
    {
        if (strand.Reach(counted, strand.Printed) is not { } above)
        {
            return "";
        }

        var (low, high) = (above > 0 ? strand.Counted(above - 1) : 0, strand.Counted(above));
        return $"; the nearest are {low} and {high}";
    }
}
