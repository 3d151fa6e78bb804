using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <content>The lowest, the best, or the sum of the best of several cycles or members.</content>
public static partial class Scorer
{
    private static ComponentResult Picked(
        Selection pick,
        ScoreComponent c,
        RunObservation run,
        Course course,
        ScoreSheet sheet,
        Tongue tongue
    )
    {
        var all = c
            .Pieces.GroupBy(k => pick.Of == SelectionOf.Cycle ? course.Piece(k)!.Piece.Cycle : course.Piece(k)!.Piece.Seat)
            .Select(g =>
                (
                    Of: g.Key ?? 0,
                    Sum: g.Sum(k =>
                        Tallying.Of(
                            run.Of(k),
                            course.Piece(k)!,
                            Tallying.OwnOf(course.Piece(k)!, c.Tally),
                            sheet.UnverifiedIsNoRep == true,
                            c.Takes
                        )
                    )
                )
            )
            .ToList();
        var sorted = (pick.Lowest ? all.OrderBy(x => x.Sum) : all.OrderByDescending(x => x.Sum)).ToList();
        var value = sorted.Take(pick.N).Sum(x => x.Sum);
        string Name(int of) => pick.Of == SelectionOf.Cycle ? $"cycle {of}" : Words.Ordinal(of);
        var listed = string.Join(", ", all.Select(x => $"{Name(x.Of)} {Amount(x.Sum, c)}")) + ".";
        var which =
            pick.Lowest ? $"The lowest counts: {Amount(value, c)} ({Name(sorted[0].Of)})."
            : pick.N == 1 ? $"The best counts: {Amount(value, c)} ({Name(sorted[0].Of)})."
            : $"The best {pick.N} count: {string.Join(" + ", sorted.Take(pick.N).Select(x => Amount(x.Sum, c)))} = {Amount(value, c)}.";
        // Who has the same is told apart by what comes next, where no other rule is given.
        var next = c.Ties.Count > 0 ? [] : sorted.Skip(pick.N).Select(x => -x.Sum).ToEq();
        return value == 0 && all.TrueForAll(x => x.Sum == 0)
            ? Nothing(ResultClass.Zero, "0", $"No {c.Word} was counted.")
            : new(
                ResultClass.Scored,
                -value,
                next,
                $"{Amount(value, c)} {tongue.Say(value == 1 ? Term.Of(c.Word).One : Term.Of(c.Word).Many)}",
                null,
                [listed, which]
            );
    }
}
