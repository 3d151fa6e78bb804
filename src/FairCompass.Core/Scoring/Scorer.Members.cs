using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <content>What it costs when a member did fewer than the least.</content>
public static partial class Scorer
{
    /// <summary>Each task that is counted by member, with the members’ counts and what can no longer be made up.</summary>
    private static IEnumerable<(MemberShare Share, PieceObservation Seen, long Lost)> Shares(
        ScoreComponent c,
        RunObservation run,
        Course course
    )
    {
        foreach (var key in c.Pieces)
        {
            var (piece, seen) = (course.Piece(key)!, run.Of(key));
            foreach (var share in MemberShare.Of(course, piece))
            {
                yield return (share, seen, share.Lost(share.Done(seen, piece) ?? 0, seen.By));
            }
        }
    }

    /// <summary>The result of a team of whom somebody did too little, where that is no result; null for everybody else.</summary>
    private static ComponentResult? Short(ScoreComponent c, RunObservation run, Course course, Tongue tongue)
    {
        foreach (var (share, seen, lost) in Shares(c, run, course))
        {
            if (share.Short == ShortShare.NoResult && lost > 0)
            {
                return Nothing(
                    ResultClass.NotScored,
                    tongue.Say("not scored", "sin puntuación"),
                    $"{Words.Capital(MemberCheck.Owing(share, seen.By))} of {share.Movement} (at least {share.Least} each), so "
                        + $"there is no result."
                );
            }
        }

        return null;
    }

    /// <summary>Credit that others did in place of who did too little, and does not count.</summary>
    private static long NotCounted(ScoreComponent c, RunObservation run, Course course) =>
        Shares(c, run, course)
            .Where(s => s.Share.Short == ShortShare.NotCounted)
            .Sum(s => s.Lost * (course.Piece(s.Seen.Piece)!.Tasks[s.Share.Task].Counted.Credit is Credit.Each each ? each.Worth : 1));

    /// <summary>Who did how much, where it is counted by member.</summary>
    private static IEnumerable<string> ByMember(ScoreComponent c, RunObservation run, Course course) =>
        Shares(c, run, course)
            .Where(s => s.Seen.By.Any(b => b.Task is null || b.Task == s.Share.Task))
            .Select(s =>
                $"{s.Share.Movement}: "
                + Words.Join(s.Share.Seats.Select(seat => $"the {Words.Ordinal(seat)} {s.Share.UnitsOf(seat, s.Seen.By)}"))
                + (
                    s.Share.Missing(s.Seen.By) == 0 ? "."
                    : s.Share.Short == ShortShare.NotCounted && s.Lost > 0
                        ? $"; {MemberCheck.Owing(s.Share, s.Seen.By)}, which does not count."
                    : $"; {MemberCheck.Owing(s.Share, s.Seen.By)}."
                )
            );
}
