using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The burpee over the bar.</summary>
public static class BurpeeOverTheBar
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "burpee-over-the-bar", "burpee over the bar", ["burpee over bar", "lateral burpee over the bar"], "Burpees", MovementKit.BarToClear,
        [
            new("setup-bar", SetUp, Required, "The bar lies across the lane with full-diameter plates, or on blocks of that height."),
            new("start", Start, Required, "Standing on one side of the bar."),
            new("down", Through, Required, "Chest and thighs touch the floor. Stepping or jumping down and up is allowed unless the division says otherwise."),
            new("over", Through, Required, "The athlete jumps over the bar from both feet without touching bar or plates."),
            new("finish-other-side", Finish, Required, "Both feet land on the other side of the bar."),
            new("finish-two-feet", Finish, Required, "They land together. Standing up straight is not needed."),
        ],
        [
            new("chest", "down", "Chest or thighs stay off the floor.", SeenFromTheSide, "No rep, chest", RepeatTheRep,
                "Go down again on the same side"),
            new("step-over", "over", "The athlete steps over, or takes off from one foot.", SeenFromTheFront, "No rep, jump", RepeatTheLastPhase,
                "Go back and jump over again"),
            new("clipped", "finish-other-side", "The bar is touched, moves, or stays between the feet.", SeenFromTheSide, "No rep, bar", RepeatTheLastPhase,
                "Go back and jump over again once the bar lies still"),
            new("stagger", "finish-two-feet", "The feet land clearly one after the other.", SeenFromTheFront, "No rep, two feet", RepeatTheLastPhase,
                "Go back and jump over again"),
        ],
        new("At the end of the bar, two steps out, where chest and both feet are seen.",
            "When both feet touch the far side: the count aloud."),
        ["A bar that rolls is stopped with the foot by the athlete before jumping; loose plates are cleared away."]);
}
