using System.Globalization;
using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Scoring;

/// <summary>A line that the card asks the judge to fill in.</summary>
/// <param name="Piece">The piece's key.</param>
/// <param name="Field"><c>finish</c>, <c>units</c>, <c>stood</c>, <c>tieTime</c>, or <c>tries</c>.</param>
/// <param name="Label">What to write, in words.</param>
/// <param name="Hint">Which values are possible.</param>
/// <param name="Max">The largest count, for <c>units</c>; the rounds, for <c>stood</c>; null without end.</param>
/// <param name="Limit">The latest time, for times.</param>
public sealed record CardField(string Piece, string Field, string Label, string Hint, long? Max, Duration? Limit);

/// <summary>The observations that a card needs, generated from the workout and its scores.</summary>
public static class Card
{
    /// <summary>More than any barbell record, so that a slip of the pen is caught; kilograms or pounds alike.</summary>
    public const decimal LargestLoad = 1500;

    /// <summary>The fields in the order of the work.</summary>
    public static Eq<CardField> Fields(Course course, ScoreSheet sheet)
    {
        var fields = new List<CardField>();
        foreach (var piece in course.Pieces)
        {
            var key = piece.Piece.Key;
            var name = piece.Piece.Label is { } l ? l + ": " : "";
            if (!sheet.Components.Any(c => c.Pieces.Contains(key)) || piece.Piece.Window is not { } window)
            {
                continue;
            }

            var end = (piece.Piece.Starts ?? Duration.Zero) + window;
            if (piece.Piece.IsHeaviest)
            {
                fields.Add(new(key, "tries", name + "every lift, made or missed", "load on the bar, bar included", null, null));
                continue;
            }

            var units = piece.Strand?.Units;
            var timed = sheet.Components.Any(c => c.Measured == Measured.Time && c.Pieces.Contains(key));
            if (timed)
            {
                fields.Add(new(key, "finish", name + "finished at", $"clock time up to {end}; empty when not finished", null, end));
                fields.Add(new(key, "units", name + "reps done at the cap", $"0 to {units - 1}; only when not finished", units - 1, null));
                AddPlace(piece, key, name);
            }
            else
            {
                fields.Add(new(key, "units", name + "reps done", units is { } n ? $"0 to {n}" : "the running total where the clock ended", units, null));
                AddPlace(piece, key, name);
            }

            foreach (var tie in sheet.Components.SelectMany(c => c.Ties).OfType<Tiebreak.TimeAtRound>().Where(t => t.Piece == key).Distinct())
            {
                fields.Add(new(key, "tieTime", name + (tie.Round is { } r ? $"clock when round {r} ended" : "clock when the last full round ended"),
                    "empty when it was not reached", null, end));
            }
        }

        return fields.ToEq();

        // Deeper loops have no short name for a place; there the count is asked for alone.
        void AddPlace(CoursePiece piece, string key, string name)
        {
            if (piece.Strand is { } strand && (strand.IsOneLoop || !piece.Piece.Items.Any(w => w is Workouts.Work.Rounds or Workouts.Work.Scheme)))
            {
                fields.Add(new(key, "stood", name + "or where the athlete stood", strand.IsOneLoop ? "round, task, and reps of it" : "task, and reps of it", strand.Rounds, null));
            }
        }
    }

    /// <summary>Turns places in the ledger into counts. A place that does not exist is left for <see cref="Validate"/> to refuse.</summary>
    public static RunObservation Resolve(RunObservation run, Course course) => run with
    {
        Pieces = run.Pieces.Select(seen => seen.Stood is { } at && seen.Units is null && Units(at, seen.Piece, course) is { } units
            ? seen with { Units = units, Stood = null }
            : seen).ToEq(),
    };

    private static long? Units(LedgerPlace at, string piece, Course course) =>
        course.Pieces.FirstOrDefault(p => p.Piece.Key == piece)?.Strand?.UnitsAt(new Place(at.Round is { } round ? [round] : [], at.Task, at.Unit, null));

    /// <summary>Every objection to an observation that cannot have happened; paths are <c>pieces[0].finish</c>.</summary>
    public static IReadOnlyList<FieldError> Validate(RunObservation run, Course course, ScoreSheet sheet)
    {
        var errors = new List<FieldError>();
        var fields = Fields(course, sheet);
        for (var i = 0; i < run.Pieces.Count; i++)
        {
            var seen = run.Pieces[i];
            var path = $"pieces[{i}]";
            if (course.Pieces.FirstOrDefault(p => p.Piece.Key == seen.Piece) is not { } piece)
            {
                errors.Add(new(path + ".piece", "This workout has no such part."));
                continue;
            }

            if (run.Pieces.Take(i).Any(p => p.Piece == seen.Piece))
            {
                errors.Add(new(path + ".piece", "This part is on the card twice."));
            }

            if (seen.Stood is not null)
            {
                errors.Add(new(path + ".stood", seen.Units is not null || seen.Finish is not null
                    ? "Give the place, or the count, or the finishing time: only one of them."
                    : "There is no such place in the ledger: another round, or more reps than the task has in it."));
            }

            Check(seen, piece, fields.Where(f => f.Piece == seen.Piece).ToList(), path, errors);
        }

        if (run.Status != EntryStatus.Ran)
        {
            return run.Status == EntryStatus.DidNotStart && run.Pieces.Any(p => p.Finish is not null || p.Units is > 0 || p.Tries.Count > 0)
                ? [.. errors, new("status", "Who did not start has no result; clear the fields or change the status.")]
                : errors;
        }

        foreach (var piece in course.Pieces.Where(p => fields.Any(f => f.Piece == p.Piece.Key && f.Field == "units")))
        {
            var seen = run.Of(piece.Piece.Key);
            var index = Math.Max(0, run.Pieces.ToList().FindIndex(p => p.Piece == piece.Piece.Key));
            if (seen.Finish is null && seen.Units is null && seen.Stood is null)
            {
                errors.Add(new($"pieces[{index}].units", fields.Any(f => f.Piece == piece.Piece.Key && f.Field == "finish")
                    ? "Enter the finishing time, or the reps done at the cap." : "Enter the reps done."));
            }
        }

        foreach (var component in sheet.Components.Where(c => c.Before is not null))
        {
            var before = run.Of(component.Before!);
            var index = run.Pieces.ToList().FindIndex(p => component.Pieces.Contains(p.Piece));
            if (before.Finish is null && index >= 0 && run.Pieces[index].Tries.Count > 0)
            {
                errors.Add(new($"pieces[{index}].tries", "The part before was not finished, so this one was never reached."));
            }
        }

        return errors;
    }

    private static void Check(PieceObservation seen, CoursePiece piece, List<CardField> fields, string path, List<FieldError> errors)
    {
        var start = piece.Piece.Starts ?? Duration.Zero;
        var end = start + (piece.Piece.Window ?? Duration.Zero);
        if (seen.Finish is { } finish)
        {
            if (fields.All(f => f.Field != "finish"))
            {
                errors.Add(new(path + ".finish", "This part has no finishing time."));
            }
            else if (finish <= start || finish > end)
            {
                errors.Add(new(path + ".finish", $"A finish lies after {start} and not after {end}."));
            }

            if (seen.Units is not null && seen.Units != piece.Strand?.Units)
            {
                errors.Add(new(path + ".units", "Who finished has done every rep; leave the count empty, or clear the finishing time."));
            }
        }
        else if (seen.Units is { } units)
        {
            var field = fields.FirstOrDefault(f => f.Field == "units");
            if (field is null)
            {
                errors.Add(new(path + ".units", "This part is not counted."));
            }
            else if (units < 0 || units > (field.Max ?? 1_000_000))
            {
                errors.Add(new(path + ".units", field.Max is { } max && units == max + 1 && fields.Any(f => f.Field == "finish")
                    ? $"All {units} reps are done, so the work is finished: enter the finishing time."
                    : string.Create(CultureInfo.InvariantCulture, $"From 0 to {field.Max ?? 1_000_000}.")));
            }
        }

        if (seen.TieTime is { } tie)
        {
            if (fields.All(f => f.Field != "tieTime"))
            {
                errors.Add(new(path + ".tieTime", "No tie-break asks for a time in this part."));
            }
            else if (tie <= start || tie > (seen.Finish ?? end))
            {
                errors.Add(new(path + ".tieTime", $"This time lies after {start} and not after {seen.Finish ?? end}."));
            }
        }

        if (seen.Tries.Count > 0 && !piece.Piece.IsHeaviest)
        {
            errors.Add(new(path + ".tries", "This part has no lifts to enter."));
        }

        for (var i = 0; i < seen.Tries.Count; i++)
        {
            if (seen.Tries[i].Load <= 0 || seen.Tries[i].Load > LargestLoad || decimal.Round(seen.Tries[i].Load, 3) != seen.Tries[i].Load)
            {
                errors.Add(new($"{path}.tries[{i}].load", $"A load over 0 and up to {LargestLoad}, bar included."));
            }
        }

        if (seen.Tries.Count > 50)
        {
            errors.Add(new(path + ".tries", "At most 50 lifts."));
        }
    }
}
