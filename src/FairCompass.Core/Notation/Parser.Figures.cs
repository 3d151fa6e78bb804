using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <content>Figures without a unit, loads of two hands, and in which rounds a task is done.</content>
public sealed partial class Parser
{
    /// <summary><c>figure 60/40</c>; null, with nothing read, where a movement begins so.</summary>
    private static Detail? Figure(Cursor c, int start)
    {
        var saved = c.Save();
        if (c.Eat("figure") && c.AtNumber)
        {
            // The word says what it is, so no other reading is tried.
            var bare = LoadOrLengths(c, quiet: false, start);
            return bare is null or Workouts.Detail.Figure
                ? bare
                : Nothing<Detail>(c, "A figure has no unit.", "the figure alone: figure 60/40");
        }

        c.Back(saved);
        return null;
    }

    /// <summary>Behind <c>24 kg right</c>: the load of the left hand.</summary>
    private static Detail? InTheLeft(Cursor c, int? implements, Pair right, MassUnit unit) =>
        implements is null && c.EatChar(',') && c.Pair() is { } left && MassUnitOf(c) == unit && c.Eat("left")
            ? new Workouts.Detail.Load(null, right, unit) { Left = left }
            : Nothing<Detail>(c, "What is in the left hand?", $"a load in {unit.Symbol()}: 24 kg right, 16 kg left");

    /// <summary>Behind <c>80/75 %</c>: <c>of own best</c>, and which lift where it is another.</summary>
    private static Detail? OwnBest(Cursor c, Pair percent) =>
        !c.Eat("of own best") ? Nothing<Detail>(c, "Percent of what?", "of own best: 80 % of own best, or 80 % of own best back squat")
        : c.AtEnd || !char.IsLetter(c.Next) ? new Workouts.Detail.OwnBest(percent, null)
        : Movement(c) is { } lift ? new Workouts.Detail.OwnBest(percent, lift)
        : null;

    /// <summary>Behind <c>rounds</c>: their numbers and <c>only</c>.</summary>
    private static Detail? InRounds(Cursor c) =>
        c.Pair() is { Second: null } which && c.Eat("only")
            ? new Workouts.Detail.InRounds(which.First)
            : Nothing<Detail>(c, "In which rounds?", "their numbers and only: rounds 1-3-... only");
}
