using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Observing;

/// <summary>Looks for facts that cannot have happened, each by itself; what facts say together is the folding’s to see.</summary>
internal static class FactCheck
{
    private const long LargestCount = 1_000_000;
    private const int LongestReason = 240;
    private const int MostLifts = 50;

    /// <summary>What is wrong with a fact, and which part of it; null when it can have happened.</summary>
    public static FieldError? Objection(Fact fact, Course course, ScoreSheet sheet) =>
        fact switch
        {
            Fact.Counted f => Counter(course, f.Piece, f.Strand, out var s) ?? Credit(f, s!),
            Fact.Reached f => Counter(course, f.Piece, f.Strand, out var s)
                ?? Range("units", f.Units, 0, s!.Counter.Units ?? LargestCount)
                ?? Seat(course, f.Seat)
                ?? Range("interval", f.Interval ?? 1, 1, LargestCount),
            Fact.Did f => Piece(course, f.Piece, out var p) ?? Did(f, p!, course),
            Fact.Called f => Counter(course, f.Piece, f.Strand, out _)
                ?? Range("try", f.Try, 1, LargestCount)
                ?? Seat(course, f.Seat)
                ?? (f.Is == Call.Good && (f.Clause ?? f.Fault) is not null ? new("clause", "A good rep breaks no clause.") : null),
            Fact.Timed f => Piece(course, f.Piece, out var p) ?? Times(f, p!, sheet),
            Fact.Lifted f => Piece(course, f.Piece, out var p) ?? Lift(f, p!, course),
            Fact.Ticked f => Piece(course, f.Piece, out var p)
                ?? Range("round", f.Round, 1, Math.Max(0, Tallying.Targets(p!)))
                ?? Seat(course, f.Seat),
            Fact.Faulted f => Piece(course, f.Piece, out _) ?? FaultCost.Objection(new(f.Fault, f.Times), FaultCost.Named(f.Piece, sheet)),
            Fact.Chose f => Piece(course, f.Piece, out var p) ?? Option(f, p!),
            Fact.Seated f => Seat(course, f.Seat) ?? (f.Athlete.Trim().Length == 0 ? new("athlete", "Who stands there?") : null),
            Fact.Held f => Piece(course, f.Piece, out var p) ?? Clock("clock", f.Clock, p!) ?? Seat(course, f.Seat),
            Fact.Unverified f => Piece(course, f.Piece, out var p) ?? Unverified(f, p!, sheet),
            Fact.Adjusted f => Adjusted(f, sheet),
            _ => null,
        };

    private static FieldError? Piece(Course course, string key, out CoursePiece? piece)
    {
        piece = course.Piece(key);
        return piece is null ? new("piece", "This workout has no such part.") : null;
    }

    private static FieldError? Counter(Course course, string key, string counter, out CourseStrand? strand)
    {
        strand = null;
        if (Piece(course, key, out var piece) is { } gone)
        {
            return gone;
        }

        strand = piece!.Strands.FirstOrDefault(s => s.Key == counter);
        return strand is null ? new("strand", piece.IsCounted ? "This part has no such counter." : "This part is not counted.") : null;
    }

    private static FieldError? Credit(Fact.Counted f, CourseStrand strand)
    {
        if (f.Credit is < 0 or > LargestCount || strand.Counter.Reach(f.Credit, Tally.Credit) is not { } units)
        {
            return new("credit", strand.Counter.Total(Tally.Credit) is { } all ? $"From 0 to {all}." : $"From 0 to {LargestCount}.");
        }

        return strand.Counter.Sum(units, Tally.Credit) == f.Credit
            ? null
            : new(
                "credit",
                $"No count is worth {f.Credit}: {units} {(units == 1 ? "unit is" : "units are")} worth "
                    + $"{strand.Counter.Sum(units, Tally.Credit)}."
            );
    }

    private static FieldError? Range(string field, long value, long from, long to) =>
        value >= from && value <= to ? null
        : to < from ? new(field, "There is none here.")
        : new(field, $"From {from} to {to}.");

    private static FieldError? Seat(Course course, int? seat) =>
        seat is not { } place ? null : Range("seat", place, 1, course.Address.Division.Size);

    private static FieldError? Clock(string field, Duration time, CoursePiece piece)
    {
        var start = piece.Piece.Starts ?? Duration.Zero;
        var end = start + (piece.Limit?.Longest ?? Duration.Zero);
        // Who goes on from another may end a round with the first rep.
        var early = time < start || (time == start && piece.Piece.GoesOnFrom is null);
        return !early && time <= end ? null : new(field, $"A time after {start} and not after {end}.");
    }

    private static FieldError? Times(Fact.Timed f, CoursePiece piece, ScoreSheet sheet)
    {
        if (f.Watches.Count is < 1 or > 3)
        {
            return new("watches", "One to three watches.");
        }

        var wrong = f.At switch
        {
            Mark.Round r => piece.Strand is { HasRounds: true } s
                ? Range("at", r.Number, 1, s.Rounds ?? LargestCount)
                : new("at", "This part has no rounds."),
            Mark.LastFullRound => piece.Strand is { HasRounds: true } ? null : new("at", "This part has no rounds."),
            Mark.Gate g => Range("at", g.Number, 1, piece.Limit?.Gates.Count ?? 0),
            Mark.Named n => NamedMark.Of(piece, sheet).Any(m => m.Name == n.Name) ? null : new("at", "This part has no such mark."),
            _ => (FieldError?)null,
        };
        return wrong ?? f.Watches.Select((w, i) => Clock($"watches[{i}]", w, piece)).FirstOrDefault(e => e is not null);
    }

    private static FieldError? Lift(Fact.Lifted f, CoursePiece piece, Course course) =>
        !piece.Piece.IsHeaviest ? new("piece", "This part has no lifts.")
        : Range("order", f.Order, 1, MostLifts) is { } order ? order
        : f.Load <= 0 || f.Load > Card.LargestLoad || decimal.Round(f.Load, 3) != f.Load
            ? new("load", $"A load over 0 and up to {Card.LargestLoad}, bar included.")
        : f.Made && f.Clause is not null ? new("clause", "A good lift breaks no clause.")
        : f.Reps is { } reps && Range("reps", reps, 0, piece.Piece.SetOf) is { } wrong ? wrong
        : Seat(course, f.Seat) ?? (f.Clock is { } clock ? Clock("clock", clock, piece) : null);

    private static FieldError? Did(Fact.Did f, CoursePiece piece, Course course) =>
        MemberShare.Of(course, piece).FirstOrDefault(s => s.Task == f.Task) is not { } share
            ? new("task", "This task is not counted by member.")
        : !share.Seats.Contains(f.Seat) ? new("seat", "Nobody at this place shares the task.")
        : Range("units", f.Units, 0, share.Amount ?? LargestCount);

    private static FieldError? Option(Fact.Chose f, CoursePiece piece) =>
        piece.Tasks.FirstOrDefault(t => t.Index == f.Task) is not { Options.Count: > 0 } task
            ? new("task", "This task leaves no choice.")
            : Range("option", f.Option, 0, task.Options.Count - 1) ?? Range("round", f.Round ?? 1, 1, piece.Strand?.Rounds ?? LargestCount);

    private static FieldError? Unverified(Fact.Unverified f, CoursePiece piece, ScoreSheet sheet) =>
        sheet.UnverifiedIsNoRep is null
            ? new("units", "Units are verified on video only; this workout has no rule for it.")
            : Range("units", f.Units, 0, piece.Strand?.Units ?? LargestCount);

    private static FieldError? Adjusted(Fact.Adjusted f, ScoreSheet sheet) =>
        sheet.Components.All(c => c.Name != f.Component) ? new("component", "There is no such score.")
        : f.Reason.Trim().Length is 0 or > LongestReason ? new("reason", $"Say why, in 1 to {LongestReason} characters.")
        : f.Time is null == f.Credit is null ? new("time", "Give a time or a number of units, one of them.")
        : null;
}
