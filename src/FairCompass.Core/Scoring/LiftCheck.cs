using FairCompass.Core.Courses;
using FairCompass.Core.InForce;
using FairCompass.Core.Kit;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;

namespace FairCompass.Core.Scoring;

/// <summary>Looks for lifts that cannot have happened: a load that the lane cannot make, a lift of a team that nobody lifted.</summary>
internal static class LiftCheck
{
    private const int MostLifts = 50;

    /// <summary>Objections to the lifts of a piece; paths begin at <c>tries</c>.</summary>
    public static IEnumerable<FieldError> Objections(PieceObservation seen, CoursePiece piece, Course course)
    {
        if (seen.Tries.Count > 0 && !piece.Piece.IsHeaviest)
        {
            yield return new("tries", "This part has no lifts to enter.");
            yield break;
        }

        for (var i = 0; i < seen.Tries.Count; i++)
        {
            foreach (var error in Objections(seen.Tries[i], piece, course))
            {
                yield return error with
                {
                    Path = $"tries[{i}].{error.Path}",
                };
            }
        }

        if (seen.Tries.Count > MostLifts)
        {
            yield return new("tries", $"At most {MostLifts} lifts.");
        }
    }

    private static IEnumerable<FieldError> Objections(Try lift, CoursePiece piece, Course course)
    {
        var division = course.Address.Division;
        var seat = lift.Seat ?? piece.Piece.Seat;
        if (piece.Piece.IsRising)
        {
            if (LiftRules.Of(course, piece, null)?.Rising is { } heights && (lift.Load <= 0 || !heights.Has(lift.Load)))
            {
                yield return new(
                    "load",
                    heights is { First: { } first, By: { } by }
                        ? $"The heights are {Number.Normal(first)}, {Number.Normal(first + by)}, "
                            + $"{Number.Normal(first + (2 * by))} cm and so on."
                        : "A height over 0, in cm."
                );
            }
        }
        else if (lift.Load <= 0 || lift.Load > Card.LargestLoad || decimal.Round(lift.Load, 3) != lift.Load)
        {
            yield return new("load", $"A load over 0 and up to {Card.LargestLoad}, bar included.");
        }
        else if (NotMade(lift.Load, seat, piece, course) is { } sentence)
        {
            yield return new("load", sentence);
        }

        if (lift.Reps is { } reps && (reps < 0 || reps > piece.Piece.SetOf))
        {
            yield return new(
                "reps",
                piece.Piece.SetOf == 1 ? "A single lift has no reps to count." : $"From 0 to {piece.Piece.SetOf} reps of the set."
            );
        }
        else if (lift is { Reps: { } done, Made: true } && done < piece.Piece.SetOf)
        {
            yield return new("reps", $"A good set has all {piece.Piece.SetOf} reps.");
        }

        if (lift.Clock is { } clock && clock < (piece.Piece.Starts ?? Duration.Zero))
        {
            yield return new("clock", $"This part begins at {piece.Piece.Starts}.");
        }

        if (lift.Seat is { } stated && (stated < 1 || stated > division.Size))
        {
            yield return new("seat", $"A place in the team from 1 to {division.Size}.");
        }
        else if (seat is null && division.IsTeam)
        {
            yield return new("seat", $"Say who lifted: a place in the team from 1 to {division.Size}.");
        }
    }

    /// <summary>Why a bar cannot have weighed so much, with the nearest that can; null for other implements, and where the kit has no
    /// plates.</summary>
    private static string? NotMade(decimal load, int? seat, CoursePiece piece, Course course)
    {
        if (
            course.Competition is not { Kit.Plates.Count: > 0 } competition
            || piece.Tasks.FirstOrDefault(t =>
                StandardsBook.Of(competition).Find(t.Prescription.Movement.Value) is { Kit: MovementKit.Barbell }
            )
                is not { } lift
        )
        {
            return null;
        }

        var division = course.Address.Division;
        var duty = seat is { } n && n >= 1 && n <= division.Size ? division.DutyOf(n) : course.Address.Duty;
        var bars = seat is null && division.IsTeam ? Enumerable.Range(1, division.Size).Select(division.DutyOf).Distinct() : [duty];
        var loads = bars.Select(d => BarLoads.All(competition.Kit.Bar(d, lift.Prescription.Bar?.Value), competition.Kit)).ToList();
        if (loads.Exists(l => l.Contains(load)))
        {
            return null;
        }

        var made = loads[0];
        string Said(decimal mass) => new Mass(mass, competition.Unit).ToString();
        var (below, above) = BarLoads.Nearest(load, made);
        return load < made[0] ? $"The empty bar weighs {Said(made[0])}."
            : load > made[^1] ? $"The plates of a lane end at {Said(made[^1])}."
            : $"No plates of a lane make {Said(load)}; the nearest are "
                + $"{Words.Join(new[] { below, above }.OfType<decimal>().Select(Said))}.";
    }
}
