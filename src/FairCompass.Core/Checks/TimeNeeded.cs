using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Notation;
using FairCompass.Core.Playing;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Checks;

/// <summary>What the fastest and the usual paces say of the time a piece needs: our estimates, or the competition’s own.</summary>
internal static class TimeNeeded
{
    /// <summary>The time that all units of a counter take an entry; null where that cannot be said.</summary>
    /// <param name="context">The draft.</param>
    /// <param name="course">The entry.</param>
    /// <param name="piece">The piece.</param>
    /// <param name="strand">The counter.</param>
    /// <param name="until">How many units; null for all.</param>
    public static (Duration Usual, Duration Fastest)? Of(
        CheckContext context,
        Course course,
        CoursePiece piece,
        Strand strand,
        long? until = null
    )
    {
        var address = course.Address;
        // A team may be all women or all men where its duties are not said; the faster of both is asked.
        (long Usual, long Fastest)? best = null;
        foreach (var woman in address.Duty is { } duty ? [duty == Duty.Woman] : new[] { false, true })
        {
            if (
                UnitTimes.OfAll(context.Paces, piece, strand, until, (address.Division.Name, woman)) is { } times
                && !(best?.Fastest <= times.Fastest)
            )
            {
                best = times;
            }
        }

        // Those who work at once share the time between them.
        var members = course.MembersOf(piece.Piece).Count;
        var hands = piece.Tasks.Select(t => Sharing.Of(piece, t, members)).Max(s => s.AtOnce ? s.Members : 1);
        return best is { } b ? (new(b.Usual / hands), new(b.Fastest / hands)) : null;
    }

    /// <summary>Every part that is scored by its time and has an end, with the time that it takes each entry.</summary>
    /// <param name="context">The draft.</param>
    public static IEnumerable<TimedPart> OfTimed(CheckContext context) =>
        from entry in context.Courses.Zip(context.Sheets)
        from piece in entry.First.Pieces
        where
            piece is { Strand: { Units: > 0 and < ImpossibleNumber.LargeAmount }, Limit.Base.Ms: > 0, Every: null }
            && !piece.Piece.InTimeLeft
            && entry.Second.Components.Any(c => c.Measured == Measured.Time && c.Pieces.Contains(piece.Piece.Key))
        let needed = Of(context, entry.First, piece, piece.Strand!)
        where needed is not null
        select new TimedPart(entry.First.Address, piece.Piece.At, piece.Limit!, needed.Value.Usual, needed.Value.Fastest);

    /// <summary>The tasks and how much of them, where they are few: <c>60 sit-up and 20 burpee</c>.</summary>
    public static string Words(CoursePiece piece, IEnumerable<CourseTask> tasks)
    {
        var all = tasks.ToList();
        return all.Count > 3
            ? "the work"
            : Text.Words.Join(
                all.Select(t =>
                    piece.Strand is { HasRounds: true }
                        ? t.Prescription.Movement.Value
                        : TaskWords.Of(t, (long?)t.Count?.At(0), Languages.Tongue.English)
                )
            );
    }

    /// <summary>The first time that stands in the line of a block, changed.</summary>
    /// <param name="context">The draft.</param>
    /// <param name="at">A place on the line.</param>
    /// <param name="was">The time that stands there.</param>
    /// <param name="better">The time to write.</param>
    /// <param name="label">What the mend does.</param>
    public static Mend[] Rewritten(CheckContext context, SourceRange at, Duration was, Duration better, string label)
    {
        var line = at.Line >= 1 && at.Line <= context.Lines.Count ? context.Lines[at.Line - 1] : "";
        var column = line.IndexOf(was.ToString(), StringComparison.Ordinal);
        return column < 0 ? [] : [new(label, new(at.Line, column + 1, was.ToString().Length, better.ToString()))];
    }

    /// <summary>The next half minute that is no earlier; whole minutes from ten on.</summary>
    public static Duration Round(Duration time)
    {
        var step = time.Ms < 600_000 ? 30_000 : 60_000;
        return new((time.Ms + step - 1) / step * step);
    }
}

/// <summary>A part that is scored by its time, as one entry does it.</summary>
/// <param name="Who">The entry.</param>
/// <param name="At">The line of the part.</param>
/// <param name="Limit">Its cap.</param>
/// <param name="Usual">What it usually takes.</param>
/// <param name="Fastest">What it takes at the fastest pace known.</param>
internal sealed record TimedPart(Address Who, SourceRange At, Limit Limit, Duration Usual, Duration Fastest);
