using FairCompass.Core.Standards;

namespace FairCompass.Core.Briefing;

/// <summary>
/// Which no-reps a judge will most likely have to call, so that page one can name them. The order is our judgement of common practice
/// on a competition floor; a fault that it does not name comes behind, in the order of the book.
/// </summary>
public static class LikelyNoReps
{
    /// <summary>Clauses that are broken most, the likeliest first, over all movements.</summary>
    private static readonly string[] Order =
    [
        "no-second-dip",
        "depth",
        "squat-receive",
        "split-receive",
        "ball-hit",
        "stays-overhead",
        "strict-knees",
        "strict",
        "strict-pull",
        "press-out",
        "elbows-front",
        "high-pull",
        "lock-out",
        "one-arm-lock",
        "not-pressed",
        "bell-overhead",
        "bell-eye",
        "chest-touch",
        "chin",
        "row-touch",
        "row-bar",
        "heels-behind",
        "toes-touch",
        "knees-high",
        "toes-high",
        "support",
        "no-elbow",
        "no-roll",
        "dip-depth",
        "arms-straight",
        "row-arms",
        "jump-arms",
        "feet-free",
        "body-line",
        "chest-down",
        "together",
        "over-bar",
        "touch-target",
        "two-feet",
        "box-top",
        "box-step",
        "other-side",
        "box-stand",
        "box-hands",
        "hands-off",
        "push-chest",
        "rise-in-line",
        "push-lock",
        "feet-down",
        "hands-to-line",
        "walked-down",
        "heels-finish",
        "head",
        "hands-in-box",
        "no-legs",
        "rope-mark",
        "climb-start",
        "knee-down",
        "lunge-stand",
        "section",
        "section-hands",
        "section-all",
        "section-load",
        "far-shoulder",
        "over-shoulder",
        "bag-over",
        "all-hold",
        "two-turns",
        "one-turn",
        "rope-clear",
        "number",
        "handle-back",
        "handle",
        "blades",
        "sit-upright",
        "stand",
        "power",
        "no-bounce",
        "let-go",
    ];

    /// <summary>The likeliest faults of a standard in force.</summary>
    /// <param name="standard">The movement or the rule of a team.</param>
    /// <param name="most">How many at most.</param>
    public static IEnumerable<Fault> Of(Movement standard, int most) =>
        standard.Faults.OrderBy(f => Array.IndexOf(Order, f.Breaks) is >= 0 and var rank ? rank : Order.Length).Take(most);
}
