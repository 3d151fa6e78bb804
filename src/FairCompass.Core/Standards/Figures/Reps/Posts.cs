using FairCompass.Core.Standards.Phrases;

namespace FairCompass.Core.Standards.Figures.Reps;

/// <summary>From where a judge sees a rep.</summary>
internal static class Posts
{
    /// <summary>The view from a judge’s post, where the sign of a fault is seen from there; else the view in which it is seen.</summary>
    /// <param name="judge">Where the judge stands.</param>
    /// <param name="fault">What is to be seen; null where nothing is said.</param>
    /// <param name="clause">What is judged.</param>
    public static View ViewOf(JudgeDuty judge, Fault? fault, Clause clause) =>
        clause.Holds is Predicate.Within ? View.Front
        : Judging.OfSide(judge.Place) ? (fault?.By == Perceived.SeenFromTheFront ? View.Oblique : View.Side)
        : View.Oblique;
}
