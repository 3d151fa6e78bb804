using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <content>Lifts and sums of lifts.</content>
public static partial class Scorer
{
    private static ComponentResult Load(ScoreComponent c, RunObservation run, Course course, ScoreSheet sheet, MassUnit unit, Tongue tongue)
    {
        var each = c
            .Pieces.SelectMany((k, p) => run.Of(k).Tries.Select(t => (Part: p, Try: t, Seat: t.Seat ?? course.Piece(k)?.Piece.Seat)))
            .ToList();
        var breaches = Breaches(run, course, sheet, c.Pieces);
        bool Good(Try t) => t.Made && !(t.NoClips && sheet.WithoutClipsCounts == false) && !breaches.ContainsKey(t);
        string Call(Try t) =>
            (
                !t.Made ? "missed"
                : t.NoClips && sheet.WithoutClipsCounts == false ? "made without clips, which does not count"
                : "made"
            ) + (breaches.TryGetValue(t, out var why) ? $" (void: {why})" : "");
        var listed = string.Join(
            ", ",
            each.Select(t => $"{(t.Seat is { } s ? Words.Ordinal(s) + " " : "")}{new Mass(t.Try.Load, unit)} {Call(t.Try)}")
        );
        var sum = c.Measured == Measured.SumOfLoads;
        // A team sums up its lifters, one athlete the parts.
        var team = course.Address.Division.IsTeam;
        var bests = each.Where(t => Good(t.Try))
            .GroupBy(t =>
                !sum ? 0
                : team ? t.Seat ?? 0
                : t.Part
            )
            .Select(g => g.Select(t => t.Try.Load).OrderDescending().Take(c.Selection?.N ?? 1).ToList())
            .ToList();
        var value = bests.Sum(b => b.Sum());
        if (sum && Without(c, course, bests.Count, each.Count > 0 ? listed : null, unit, tongue) is { } without)
        {
            return without;
        }

        return each.Count == 0 ? Nothing(ResultClass.Zero, "0", "Reached, but no lift was tried.")
            : value == 0
                ? Nothing(
                    ResultClass.NoGoodLift,
                    tongue.Say("no good lift", "sin levantamiento válido"),
                    $"Tried without a good lift: {listed}."
                )
            : new(
                ResultClass.Scored,
                -(long)(value * 1000),
                [],
                new Mass(value, unit).ToString(),
                null,
                [$"{listed}: {(sum ? Summed(c, course, bests, unit) : $"the heaviest good lift is {new Mass(value, unit)}.")}"]
            );
    }

    /// <summary>The tries that a rule of the lift makes void, with the reason.</summary>
    private static Dictionary<Try, string> Breaches(RunObservation run, Course course, ScoreSheet sheet, Eq<string> pieces)
    {
        var breaches = new Dictionary<Try, string>(ReferenceEqualityComparer.Instance);
        foreach (var key in pieces)
        {
            var piece = course.Piece(key)!;
            var tries = run.Of(key).Tries;
            if (LiftRules.Of(course, piece, sheet.LiftAtTheBell) is not { } rules)
            {
                continue;
            }

            for (var i = 0; i < tries.Count; i++)
            {
                if (rules.Breach([.. tries.Take(i)], tries[i]) is { } why)
                {
                    breaches[tries[i]] = why;
                }
            }
        }

        return breaches;
    }

    private static string Summed(ScoreComponent c, Course course, List<List<decimal>> bests, MassUnit unit) =>
        $"the best good lifts are {string.Join(" + ", bests.SelectMany(b => b).Select(Number.Normal))} = "
        + $"{new Mass(bests.Sum(b => b.Sum()), unit)}."
        + (
            c.NoGoodLift is null && bests.Count < LiftersOf(c, course)
                ? $" Nobody has said what the sum is without a good lift {(course.Address.Division.IsTeam ? "of each" : "in each part")}."
                : ""
        );

    private static int LiftersOf(ScoreComponent c, Course course) => Lifters.Of(c.Pieces.Select(k => course.Piece(k)!).ToList(), course);

    /// <summary>The score of lifters of whom one has no good lift, where the workout says what it is; null where all have one, where the
    /// others stand, and where nobody has said. Under <c>zero</c> nobody ranks lower for one good lift than for none.</summary>
    private static ComponentResult? Without(ScoreComponent c, Course course, int good, string? listed, MassUnit unit, Tongue tongue)
    {
        var lifters = LiftersOf(c, course);
        if (good >= lifters || c.NoGoodLift is not { } rule || rule == LifterWithout.OthersStand)
        {
            return null;
        }

        var of = course.Address.Division.IsTeam ? "lifters" : "parts";
        var few = $"{listed ?? "No lift was tried"}: {good} of {lifters} {of} have a good lift";
        return rule == LifterWithout.NotScored
                ? Nothing(ResultClass.NotScored, tongue.Say("not scored", "sin puntuación"), $"{few}, so there is no score.")
            : good == 0 ? null
            : Nothing(ResultClass.NoGoodLift, new Mass(0, unit).ToString(), $"{few}, so the sum is zero.");
    }
}
