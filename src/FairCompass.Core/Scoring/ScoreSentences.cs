using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <summary>Says a scoring rule in sentences.</summary>
public static class ScoreSentences
{
    /// <summary>The rule of one score, a sentence each.</summary>
    public static Eq<string> Of(ScoreComponent c, ScoreSheet sheet, Course course)
    {
        var pieces = c.Pieces.Select(k => course.Pieces.First(p => p.Piece.Key == k)).ToList();
        var of = pieces.All(p => p.Piece.Label is null) ? "the work" : Words.Join(pieces.Select(p => p.Piece.Name));
        var lines = new List<string>
        {
            Words.Capital(c.Name) + " is " + c.Measured switch
            {
                Measured.Time => $"the time of {of}, in whole seconds off the hall clock. Less is better.",
                Measured.Load => $"the heaviest good lift of {of}. More is better.",
                Measured.RoundsAndUnits => $"the full rounds and further reps of {of}. More is better.",
                _ => $"the reps of {of}. More is better.",
            },
        };
        if (c.Measured == Measured.Time)
        {
            lines.Add(c.Cap switch
            {
                CapRule.CapLine => $"Who does not finish inside {pieces[0].Piece.Window} ranks after every finisher, by reps done (cap line).",
                CapRule.Penalty p => $"Who does not finish gets {pieces[0].Piece.Window} plus {p.Each} for each missing rep (penalty).",
                CapRule.AddDone => "The rule for the cap ranks more work lower and cannot be used.",
                _ => "Nobody has said how somebody is scored who does not finish.",
            });
        }

        if (c.Before is { } before)
        {
            var name = course.Pieces.First(p => p.Piece.Key == before).Piece.Name;
            lines.Add(c.NotReachedIsZero switch
            {
                null => $"Nobody has said what this score is when {name} is not finished.",
                true => $"Who does not finish {name} scores zero here.",
                false => $"Who does not finish {name} never reached this part and ranks after all who did.",
            });
        }

        lines.Add(c.Ties.Count == 0 ? "Nobody has said what decides a tie."
            : c.Ties[0] is Tiebreak.Shared ? "Ties share the place: 1, 2, 2, 4."
            : "A tie is decided by " + Words.Join(c.Ties.Where(t => t is not Tiebreak.Shared).Select(t => Tie(t, sheet)), "then") + "; who is still equal shares the place.");
        if (c.Measured == Measured.Load || course.Pieces.Any(p => p.Piece.IsHeaviest))
        {
            lines.Add(c.Measured == Measured.Load ? "Tried without a good lift ranks before zero, zero before not reached." : "");
        }

        lines.Add("After all results come withdrawn, then did not start.");
        return lines.Where(l => l.Length > 0).ToEq();
    }

    /// <summary>The bell and further rulings of the workout, a sentence each.</summary>
    public static Eq<string> Rulings(Workout workout) => workout.Policies.OfType<Policy.Bell>().Select(b =>
        $"At the bell a {(b.Of == VoidedUnit.Lift ? "lift" : "rep")} counts when it is {b.When switch { BellWhen.Begun => "begun before the bell", BellWhen.Finished => "finished before the bell", _ => "finished and steady before the bell" }}.").ToEq();

    private static string Tie(Tiebreak tie, ScoreSheet sheet) => tie switch
    {
        Tiebreak.TimeAtRound { Round: { } r } => $"the earlier time at the end of round {r}",
        Tiebreak.TimeAtRound => "the earlier time at the end of the last full round",
        Tiebreak.Other o when o.Component < sheet.Components.Count => $"the better {sheet.Components[o.Component].Name}",
        _ => "nothing",
    };
}
