using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The muscle-up on a bar.</summary>
public static class BarMuscleUp
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "bar-muscle-up", "bar muscle-up", ["bar muscle up"], "Pulls on the bar", MovementKit.HangingBar,
        [
            new("setup-bar", SetUp, Required, "The bar is fixed and high enough to hang without touching the floor."),
            new("start", Start, Required, "Hanging below the bar, arms straight, feet off the floor."),
            new("over", Through, Required, "The body passes over the bar by a pull and a press. Feet stay below the height of the bar."),
            new("part-contact", Through, Allowed, "Chest and arms may touch the bar."),
            new("finish-lock", Finish, Required, "Support on the bar with both elbows straight."),
            new("finish-above", Finish, Required, "The shoulders stand over the bar, or in front of it."),
            new("between", Between, Required, "The arms are straight below the bar before the next rep."),
        ],
        [
            new("elbows", "finish-lock", "The elbows stay bent at the top.", SeenFromTheFront, "No rep, lock out", NotCounted,
                "Go down and repeat, or press out before leaving the bar"),
            new("bent-hang", "between", "The athlete pulls again before the arms are straight below the bar.", SeenFromTheSide, "No rep, hang", NotCounted,
                "Hang with straight arms, then pull"),
            new("heel", "over", "A foot rises over the height of the bar, or touches the upright.", SeenFromTheSide, "No rep, feet", NotCounted,
                "Hang and begin again"),
        ],
        new("To the side, far enough to see hang and support without moving.",
            "When both elbows lock above the bar: the count aloud."),
        ["Mats under the bar; nobody walks under a swinging athlete; a step for short athletes."]);
}
