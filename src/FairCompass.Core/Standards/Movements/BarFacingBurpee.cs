using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The burpee that faces the bar.</summary>
public static class BarFacingBurpee
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "bar-facing-burpee", "bar-facing burpee", ["bar facing burpee"], "Burpees", MovementKit.BarToClear,
        [
            new("setup-bar", SetUp, Required, "The bar carries full-diameter plates and lies still and square to the lane."),
            new("start", Start, Required, "The athlete faces the bar, head to the middle of it."),
            new("chest", Through, Required, "Chest and thighs touch the floor at the same time."),
            new("square", Through, Required, "The body lies square to the bar."),
            new("over", Through, Required, "Both feet leave the floor together and pass over the bar."),
            new("finish-feet", Finish, Required, "Both feet land together on the other side."),
            new("finish-clear", Finish, Required, "Nothing touches bar or plates."),
            new("between", Between, Allowed, "The turn to the bar may be made in the air or on the floor."),
        ],
        [
            new("sideways", "square", "The body lies along the bar, not square to it.", SeenFromTheFront, "No rep, face the bar", FromTheFloor,
                "Lie down again square to the bar"),
            new("stepped", "over", "One foot steps over, or both land one after the other.", SeenFromTheFront, "No rep, two feet", RepeatTheLastPhase,
                "Jump over the bar again"),
            new("chest-up", "chest", "Chest or thighs do not touch.", SeenFromTheSide, "No rep, chest", FromTheFloor,
                "Lie down again"),
            new("touched", "finish-clear", "A foot touches the bar or a plate.", SeenFromTheFront, "No rep, bar", RepeatTheLastPhase,
                "Wait until the bar lies still and jump again"),
        ],
        new("At the end of the bar, two steps back, seeing both sides.",
            "When both feet land: the count aloud."),
        ["The bar lies still before each jump; loose plates are cleared away."]);
}
