using FairCompass.Core.Courses;
using FairCompass.Core.Observing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Play;

/// <summary>
/// Types a card in as it stands. It knows which fields the card asks for and what a box says; where a number behind the last box is
/// worth something else than one for one, it gives the place in the work in place of a sum.
/// </summary>
public static class MechanicalDesk
{
    /// <summary>What is typed.</summary>
    /// <param name="card">The card as it came back.</param>
    /// <param name="course">The workout for this entry, without options taken.</param>
    /// <param name="sheet">Its scores.</param>
    public static RunObservation Type(FilledCard card, Course course, ScoreSheet sheet)
    {
        var taken = course.With(card.Choices);
        var asked = Card.Fields(taken, sheet).ToLookup(f => f.Piece);
        return new(
            card.Status,
            card.Pieces.Where(p => asked.Contains(p.Piece))
                .Select(p => Piece(p, taken.Piece(p.Piece)!, sheet, asked[p.Piece].ToList()))
                .ToEq(),
            card.Choices
        );
    }

    private static PieceObservation Piece(FilledPiece filled, CoursePiece piece, ScoreSheet sheet, List<CardField> fields)
    {
        var seen = Blanks(filled, sheet, fields);
        if (filled.Finish is { } finish && fields.Exists(f => f.Field == CardFieldKind.Finish))
        {
            return seen with { Finish = finish };
        }

        if (filled.Counters.Count == 0)
        {
            return seen;
        }

        if (filled.Counters is [{ Strand: "" } only])
        {
            return CountOf(only, piece, piece.Strand!) is { } counted ? seen with { Counted = counted }
                : Card.Tasks(piece).Count > 0 && only.Task is { } task ? seen with { Stood = new(only.Round, task, only.Unit) }
                : seen with { Performed = only.Task is null ? piece.Strand!.Units : only.Beyond };
        }

        foreach (var counter in filled.Counters)
        {
            var of = piece.Strands.First(s => s.Key == counter.Strand);
            var strand = of.Counter;
            if (of.Interval is not null && counter.Task is not null && counter.Beyond == strand.AllCounted)
            {
                // All of its credit, and not crossed off as done.
                seen = seen with
                {
                    Counts = seen.Counts.Append(new StrandCount(counter.Strand, counter.Unit)).ToEq(),
                };
                continue;
            }

            if (CountOf(counter, piece, strand) is { } counted)
            {
                seen = seen with { Counts = seen.Counts.Append(new StrandCount(counter.Strand) { Counted = counted }).ToEq() };
            }
            else if (counter.Task is { } task && seen.Stood is null)
            {
                // The place says by its task which counter it stands in.
                seen = seen with
                {
                    Stood = new(counter.Round, task, counter.Unit),
                };
            }
        }

        return seen;
    }

    /// <summary>What stands in the blanks of the card: lifts, times, counts by member.</summary>
    private static PieceObservation Blanks(FilledPiece filled, ScoreSheet sheet, List<CardField> fields)
    {
        var asked = fields.Select(f => f.Field).ToHashSet();
        return new PieceObservation(filled.Piece, Tries: filled.Lifts.ToEq())
        {
            TieTime = fields.Exists(f => f is { Field: CardFieldKind.TieTime, Spare: false }) ? Tie(filled, sheet) : null,
            Marks = asked.Contains(CardFieldKind.Marks)
                ? filled.Marks.Where(m => m.At is Mark.Named).Select(m => new MarkRead(((Mark.Named)m.At).Name, m.Clock)).Reverse().ToEq()
                : [],
            By = asked.Contains(CardFieldKind.By) ? filled.By : [],
            Faults = asked.Contains(CardFieldKind.Faults) ? filled.Faults : [],
            Gates = asked.Contains(CardFieldKind.Gates)
                ? filled.Marks.Where(m => m.At is Mark.Gate).OrderBy(m => ((Mark.Gate)m.At).Number).Select(m => (Duration?)m.Clock).ToEq()
                : [],
        };
    }

    /// <summary>The number in the last box and what stands behind it; null where the units behind are not worth one each.</summary>
    private static long? CountOf(FilledCounter c, CoursePiece piece, Strand strand) =>
        !c.Boxed ? c.Beyond
        // Where the last unit of an interval counts nothing, its number does not say whether the interval is done; the place does.
        : piece.Plain is not null
        && c.Last is { } box
        && strand.Performed(box) is { } at
        && at < strand.Units
        && strand.Counted(at + 1) == box
            ? null
        : c.Last is { } last && (c.Beyond == 0 || IsWorthOneEach(c, piece, strand)) ? last + c.Beyond
        : null;

    private static bool IsWorthOneEach(FilledCounter c, CoursePiece piece, Strand strand) =>
        strand.Printed.Of == TallyOf.Units
        || (c.Task is { } task && piece.Tasks[task] is { Options.Count: 0, Counted.Credit.IsPlain: true });

    private static Duration? Tie(FilledPiece filled, ScoreSheet sheet)
    {
        foreach (var tie in sheet.Components.SelectMany(c => c.Ties))
        {
            switch (tie)
            {
                case Tiebreak.TimeAtRound { Round: { } round } t when t.Piece == filled.Piece:
                    return Clock(filled, m => m is Mark.Round r && r.Number == round);
                case Tiebreak.TimeAtRound t when t.Piece == filled.Piece:
                    return Clock(filled, m => m is Mark.Round);
                case Tiebreak.TimeAtGate t when t.Piece == filled.Piece:
                    return Clock(filled, m => m is Mark.Gate);
            }
        }

        return Clock(filled, m => m is Mark.Gate);
    }

    /// <summary>The last such mark on the card.</summary>
    private static Duration? Clock(FilledPiece filled, Predicate<Mark> which)
    {
        foreach (var (at, clock) in filled.Marks)
        {
            if (which(at))
            {
                return clock;
            }
        }

        return null;
    }
}
