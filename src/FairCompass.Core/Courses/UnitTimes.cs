using FairCompass.Core.Pacing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>How long one counted unit of a task takes, by a table of paces. Estimates; no paper prints a pace.</summary>
public static class UnitTimes
{
    /// <summary>Tasks that are walked through one by one.</summary>
    private const int MostSteps = 1_000;

    /// <summary>The time of one unit in milliseconds, usual and fastest; from 1.</summary>
    /// <param name="paces">The paces.</param>
    /// <param name="task">The task; of options, as it is done.</param>
    /// <param name="load">What is lifted, in the unit of its load; null for nothing.</param>
    /// <param name="division">The division.</param>
    /// <param name="woman">True for a woman.</param>
    public static (long Usual, long Fastest) Of(PaceTable paces, CourseTask task, decimal? load, string division, bool woman)
    {
        var prescription = task.Prescription;
        if (prescription.Amount?.Value is Amount.Held { Time: { } held })
        {
            return (held.Ms, held.Ms);
        }

        var unit = (prescription.Amount?.Value).UnitOf();
        // A second lasts one.
        if (unit == AmountUnit.Second)
        {
            return (1000, 1000);
        }

        var kilograms = load is { } mass ? new Mass(mass, prescription.Load!.Value.Unit).InKilograms : (decimal?)null;
        var (usual, fastest) = PaceTable.At(paces.Of(prescription.Movement.Value, unit, division), kilograms, woman);
        // A section is as long as its marks are apart; a set of several movements takes each of them.
        var millimetres =
            prescription.Counting.OfType<Detail.Marks>().FirstOrDefault() is { Every.Value: > 0 and { } every } marks
                ? new Length(every, marks.Unit).InMillimetres
            : unit == AmountUnit.Foot ? 304.8m
            : 1000m;
        var share = unit is AmountUnit.Metre or AmountUnit.Foot ? millimetres / 1000m : Math.Max(1, task.Counted.Parts);
        return (Math.Max(1, (long)(usual * share)), Math.Max(1, (long)(fastest * share)));
    }

    /// <summary>How many units somebody in the middle of the field does in a time, a fifth of it for rests and ways between things (our
    /// estimate).</summary>
    /// <param name="paces">The paces.</param>
    /// <param name="piece">The piece.</param>
    /// <param name="strand">A counter of it.</param>
    /// <param name="time">The time.</param>
    /// <param name="who">Whose time it is: the division, and whether a woman’s.</param>
    public static long In(PaceTable paces, CoursePiece piece, Strand strand, Duration time, (string Division, bool Woman) who) =>
        Units(piece, strand, time.Ms * 4 / 5, (task, load) => Of(paces, task, load, who.Division, who.Woman).Usual);

    /// <summary>How many units the fastest paces of anybody get through in a time, without a rest.</summary>
    /// <param name="paces">The paces.</param>
    /// <param name="piece">The piece.</param>
    /// <param name="strand">A counter of it.</param>
    /// <param name="time">The time.</param>
    public static long AtMost(PaceTable paces, CoursePiece piece, Strand strand, Duration time) =>
        Units(
            piece,
            strand,
            time.Ms,
            (task, load) => Math.Min(Of(paces, task, load, "", woman: false).Fastest, Of(paces, task, load, "", woman: true).Fastest)
        );

    /// <summary>The time in which all units of a counter are done, usual and fastest, without rests and ways between things; null for work
    /// without an end, and for more tasks than are walked through.</summary>
    /// <param name="paces">The paces.</param>
    /// <param name="piece">The piece.</param>
    /// <param name="strand">A counter of it.</param>
    /// <param name="until">How many units; null for all.</param>
    /// <param name="who">Whose time it is: the division, and whether a woman’s.</param>
    public static (long Usual, long Fastest)? OfAll(
        PaceTable paces,
        CoursePiece piece,
        Strand strand,
        long? until,
        (string Division, bool Woman) who
    )
    {
        if (strand.TooLarge || (until ?? strand.Units) is not { } all)
        {
            return null;
        }

        var (usual, fastest, done) = (0L, 0L, 0L);
        for (var step = 0; done < all; step++)
        {
            var place = strand.At(done + 1);
            if (step == MostSteps || place.Of is not { } of)
            {
                return null;
            }

            var units = Math.Min(of - place.Unit + 1, all - done);
            var each = Of(paces, piece.Tasks[place.Task], LoadAt(piece.Tasks[place.Task], place), who.Division, who.Woman);
            usual += units * each.Usual;
            fastest += units * each.Fastest;
            done += units;
        }

        return (usual, fastest);
    }

    private static decimal? LoadAt(CourseTask task, Place place)
    {
        var load = task.Prescription.Load?.Value.Values;
        return load?.At(place.Rounds.Count > 0 ? (int)Math.Min(place.Rounds[^1] - 1, int.MaxValue) : 0) ?? load?.At(0);
    }

    private static long Units(CoursePiece piece, Strand strand, long all, Func<CourseTask, decimal?, long> timeOf)
    {
        var (left, done) = (all, 0L);
        for (var step = 0; left > 0 && done < (strand.Units ?? long.MaxValue); step++)
        {
            if (step == MostSteps)
            {
                // A day of single reps goes on as it began.
                return Math.Min(strand.Units ?? long.MaxValue, done + (long)((Int128)left * done / (all - left)));
            }

            var place = strand.At(done + 1);
            var task = piece.Tasks[place.Task];
            var each = timeOf(task, LoadAt(task, place));
            var units = Math.Min(left / each, place.Of is { } of ? of - place.Unit + 1 : long.MaxValue);
            if (units == 0)
            {
                break;
            }

            done += units;
            left -= units * each;
        }

        return done;
    }
}
