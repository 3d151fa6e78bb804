using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;

namespace FairCompass.Core.Scoring;

/// <content>Heights that rise.</content>
public static partial class Scorer
{
    /// <summary>
    /// The last height that was made. Of equal heights fewer misses at it are better, then fewer up to it in all: World Athletics,
    /// Technical Rules, rule 26.8, from memory.
    /// </summary>
    private static ComponentResult Height(ScoreComponent c, RunObservation run, Course course, ScoreSheet sheet, Tongue tongue)
    {
        var tries = run.Of(c.Pieces[0]).Tries;
        var breaches = Breaches(run, course, sheet, c.Pieces);
        bool Good(Try t) => t.Made && !breaches.ContainsKey(t);
        string Call(Try t) => (t.Made ? "made" : "missed") + (breaches.TryGetValue(t, out var why) ? $" (void: {why})" : "");
        var listed = string.Join(", ", tries.Select(t => $"{Number.Normal(t.Load)} cm {Call(t)}"));
        if (tries.Count == 0)
        {
            return Nothing(ResultClass.Zero, "0", "Reached, but no height was tried.");
        }

        if (!tries.Any(Good))
        {
            return Nothing(
                ResultClass.NoGoodLift,
                tongue.Say("no height made", "ninguna altura válida"),
                $"Tried without a height that was made: {listed}."
            );
        }

        var best = tries.Where(Good).Max(t => t.Load);
        var counted = tries.Where(t => !t.Made && !breaches.ContainsKey(t) && t.Load <= best).ToList();
        var atIt = counted.LongCount(t => t.Load == best);
        return new(
            ResultClass.Scored,
            -(long)(best * 1000),
            [atIt, counted.Count],
            $"{Number.Normal(best)} cm",
            tongue.Say(
                $"{Words.Count(atIt, "miss", "misses")} at it, {counted.Count} in all",
                $"{tongue.Count((int)atIt, Term.Miss)} en ella, {counted.Count} en total"
            ),
            [$"{listed}: the last height made is {Number.Normal(best)} cm, with {Words.Count(atIt, "miss", "misses")} at it."]
        );
    }
}
