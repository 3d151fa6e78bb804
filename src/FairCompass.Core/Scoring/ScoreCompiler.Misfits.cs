using FairCompass.Core.Courses;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <content>Why a score does not fit its work.</content>
internal sealed partial class ScoreCompiler
{
    /// <summary>Why nothing can be chosen among; null when it can.</summary>
    private string? SelectionMisfit(Selection? pick, List<CoursePiece> fed)
    {
        if (pick is null)
        {
            return null;
        }

        if (pick.N < 1)
        {
            return "The best 0 are nothing.";
        }

        if (pick.Of == SelectionOf.Load)
        {
            return fed.Select(p => LiftRules.Of(course, p, null)?.Attempts).Max() is { } tries && tries < pick.N
                ? $"The best {pick.N} of {Words.Count(tries, "attempt")} cannot be added up."
                : null;
        }

        var (word, among) =
            pick.Of == SelectionOf.Cycle
                ? ("cycle", fed.Select(p => p.Piece.Cycle).OfType<int>().Distinct().Count())
                : ("member", fed.Select(p => p.Piece.Seat).OfType<int>().Distinct().Count());
        return among < 2 && pick.Of == SelectionOf.Cycle ? "This work has no cycles, so none of them can be chosen."
            : among < 2 || fed.Exists(p => pick.Of == SelectionOf.Member && p.Piece.Seat is null)
                ? "Nobody's own count is on the card here, so no member can be chosen."
            : fed.Exists(p => pick.Of == SelectionOf.Cycle && p.Piece.Cycle is null)
                ? $"{fed.First(p => p.Piece.Cycle is null).Piece.Name} is in no cycle; name the parts that are: lowest cycle of A."
            : pick.Of == SelectionOf.Member && OwnParts.Misfit(fed) is { } mixed ? mixed
            : pick.N > among ? $"There are {Words.Count(among, word)}, so the best {pick.N} cannot be added up."
            : null;
    }

    /// <summary>Why reps of who is short cannot be left out; null when they can, or need not be.</summary>
    private ScoreProblem? ShortMisfit(Score score, List<CoursePiece> fed) =>
        (IsTime(score.Measure) || score.Measure is Measure.Kilograms or Measure.Pounds)
        && fed.SelectMany(p => MemberShare.Of(course, p)).FirstOrDefault(s => s.Short == ShortShare.NotCounted) is { } uncounted
            ? new(
                uncounted.At,
                $"A {(IsTime(score.Measure) ? "time" : "sum of loads")} leaves no reps out: say that short is owed, or short is no result."
            )
            : null;

    /// <summary>Why a rule for lifters without a good lift cannot be used; null when it can.</summary>
    private static ScoreProblem? NoLiftMisfit(Score score, PieceOfWork? before)
    {
        var rules = score.Lines.OfType<ScoreLine.NoGoodLift>().ToList();
        return rules.Count == 0 ? null
            : score.Measure != Measure.SumOfBestLoads
                ? new(
                    rules[0].At,
                    "Only a sum of best loads can lack one of its lifts; without any good lift a score ranks behind all who have one."
                )
            : rules.Count > 1 ? new(rules[1].At, "What follows from no good lift is said already; say it once.")
            : rules[0].Is == LifterWithout.NotScored && before is not null
                ? new(
                    rules[0].At,
                    $"Who finishes {before.Name} and misses a lift would rank behind who never finished it. Say zero, or the others stand."
                )
            : null;
    }
}
