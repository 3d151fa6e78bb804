using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Kit;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Scoring;

/// <content>Lifts, and heights that rise.</content>
public static partial class SampleRuns
{
    private static PieceObservation Lifted(Case c, CoursePiece piece, ScoreSheet sheet, Competition competition, Course course)
    {
        var never = c.FinishAt is null && piece.Piece.InTimeLeft;
        var seats =
            course.Address.Division.IsTeam && sheet.Components.Any(x => x.Measured == Measured.SumOfLoads)
                ? Enumerable.Range(1, course.Address.Division.Size).Select(s => (int?)s)
                : [null];
        return new(
            piece.Piece.Key,
            null,
            null,
            null,
            never
                ? []
                : seats
                    .SelectMany(s => Lifts(c, s is { } n ? course.Address.Division.DutyOf(n) : course.Address.Duty, s, piece, competition))
                    .ToEq()
        );
    }

    /// <summary>Heights one after the other, each made at once, up to one that is missed: the share of a load is so many of ten
    /// heights.</summary>
    private static IEnumerable<Try> Heights(Case c, CoursePiece piece)
    {
        var rising = piece.Tasks is [var first, ..] ? first.Prescription.Rising?.Value : null;
        decimal At(int n) => (rising?.First ?? 60) + (n * (rising?.By is { } by && by > 0 ? by : 5));
        for (var i = 0; i < c.Lifts.Length; i++)
        {
            if (!c.Made.Contains(true))
            {
                yield return new Try(At(0), false);
                continue;
            }

            if (!c.Made[i])
            {
                yield return new Try(At((int)(c.Lifts[0] * 10) + 1), false);
                continue;
            }

            for (var n = i == 0 ? 0 : (int)(c.Lifts[i - 1] * 10) + 1; n <= (int)(c.Lifts[i] * 10) + (i == 0 ? 0 : 1); n++)
            {
                if (c.Later == 7 && n == (int)(c.Lifts[i] * 10))
                {
                    yield return new Try(At(n), false);
                }

                yield return new Try(At(n), true);
            }
        }
    }

    private static IEnumerable<Try> Lifts(Case c, Duty? duty, int? seat, CoursePiece piece, Competition competition)
    {
        if (piece.Piece.IsRising)
        {
            return Heights(c, piece);
        }

        var loads = BarLoads.All(
            competition.Kit.Bar(duty, piece.Tasks is [var first, ..] ? first.Prescription.Bar?.Value : null),
            competition.Kit
        );
        return c.Lifts.Select(
            (share, i) =>
                new Try(loads.Last(l => l <= Math.Max(loads[0], loads[^1] * share * (duty == Duty.Woman ? 0.7m : 1m))), c.Made[i], seat)
        );
    }
}
