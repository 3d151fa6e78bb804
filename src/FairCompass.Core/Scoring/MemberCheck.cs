using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <summary>Looks for what members cannot have done of a shared task: more than there is, another sum than the count, work that went on
/// although somebody owed.</summary>
internal static class MemberCheck
{
    /// <summary>Objections to the counts by member; paths begin at <c>by</c>.</summary>
    public static IEnumerable<FieldError> Objections(PieceObservation seen, CoursePiece piece, Course course)
    {
        if (seen.By.Count == 0)
        {
            yield break;
        }

        var shares = MemberShare.Of(course, piece);
        for (var i = 0; i < seen.By.Count; i++)
        {
            if (Wrong(seen.By, i, shares) is { } wrong)
            {
                yield return wrong;
            }
        }

        foreach (var share in shares)
        {
            if (seen.By.Any(b => b.Task is null || b.Task == share.Task) && Together(share, seen, piece) is { } sentence)
            {
                yield return new("by", sentence);
            }
        }
    }

    private static FieldError? Wrong(Eq<MemberUnits> by, int index, Eq<MemberShare> shares)
    {
        var (said, path) = (by[index], $"by[{index}]");
        var share = shares.FirstOrDefault(s => said.Task is null || s.Task == said.Task);
        return share is null
                ? new(
                    path + ".task",
                    shares.Count == 0 ? "Nothing of this part is counted by member." : "This task is not counted by member."
                )
            : said.Task is null && shares.Count > 1
                ? new(path + ".task", $"Say which: {Words.Join(shares.Select(s => $"{s.Task} ({s.Movement})"), "or")}.")
            : !share.Seats.Contains(said.Seat)
                ? new(
                    path + ".seat",
                    $"Nobody at place {said.Seat} shares this; there "
                        + $"{(share.Seats.Count == 1 ? "is" : "are")} {Words.Join(share.Seats.Select(s => $"{s}"))}."
                )
            : by.Take(index).Any(b => b.Seat == said.Seat && b.Task == said.Task) ? new(path + ".seat", "This member is on the card twice.")
            : said.Units < 0 || said.Units > (share.Amount ?? 1_000_000) ? new(path + ".units", $"From 0 to {share.Amount ?? 1_000_000}.")
            : null;
    }

    private static string? Together(MemberShare share, PieceObservation seen, CoursePiece piece)
    {
        if (share.Done(seen, piece) is not { } done)
        {
            return null;
        }

        var each = share.Seats.Select(s => share.UnitsOf(s, seen.By)).ToList();
        return each.Sum() != done && !IsWorthNoMore(share, seen, piece, each.Sum() - done)
                ? $"{string.Join(" + ", each)} = {each.Sum()} by member, but {done} of {share.Movement} were done."
            : share.Short == ShortShare.Owed && share.Amount is not null && share.Lost(done, seen.By) is > 0 and var lost
                ? $"{Owing(share, seen.By)}, and only {share.Amount.Value - done} of {share.Movement} can still be done: "
                    + $"{lost} too many were counted for the others."
            : null;
    }

    /// <summary>True for further units that add nothing to the boxes of the card: the numbers in them do not tell these apart.</summary>
    private static bool IsWorthNoMore(MemberShare share, PieceObservation seen, CoursePiece piece, long more) =>
        more > 0
        && more
            <= piece.SharedOf(share.Task).Aggregate(0L, (sum, s) => Count.Add(sum, Hidden(s.Counter, Tallying.Performed(seen, s) ?? 0)));

    /// <summary>How many units further a counter may be with the same number in its box.</summary>
    private static long Hidden(Strand strand, long units) =>
        units < 0 || units > (strand.Units ?? Count.Ceiling)
            ? 0
            : (strand.Reach(strand.Counted(units) + 1, strand.Printed) - 1 ?? strand.Units ?? Count.Ceiling) - units;

    /// <summary>Who lacks how much: <c>the 2nd owes 3</c>.</summary>
    public static string Owing(MemberShare share, Eq<MemberUnits> by) =>
        Words.Join(share.Seats.Where(s => share.Missing(s, by) > 0).Select(s => $"the {Words.Ordinal(s)} owes {share.Missing(s, by)}"));

    /// <summary>A member of a relay that goes on counting stands behind nobody who ran before.</summary>
    public static IEnumerable<FieldError> Behind(PieceObservation seen, CoursePiece piece, Course course, RunObservation run)
    {
        if (
            piece.Piece.GoesOnFrom is { } from
            && course.Piece(from) is { } earlier
            && seen.Performed is { } now
            && Tallying.Running(run.Of(from), earlier) > now
        )
        {
            yield return new(seen.Key, "This member goes on where the one before stopped, and cannot stand behind that.");
        }
    }
}
