using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The power clean from the floor.</summary>
public static class PowerClean
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "power-clean", "power clean", ["barbell power clean"], "Cleans", MovementKit.Barbell,
        [
            new("setup-bar", SetUp, Required, "The bar carries clips and full-diameter plates, and rests on the floor inside the lane."),
            new("start", Start, Required, "Both plates touch the floor before the pull."),
            new("one-pull", Through, Required, "The bar goes from floor to shoulders without a stop. A stop on the thigh makes it a hang clean."),
            new("catch-high", Through, Required, "In the catch the fold of the hip stays higher than the upper edge of the knee."),
            new("finish-rack", Finish, Required, "The bar rests on the front of the shoulders with the elbows in front of the bar."),
            new("finish-open", Finish, Required, "Knees and hips are straight and the feet are in line."),
            new("drop", Between, Allowed, "The bar may be dropped inside the lane. The next rep begins when it lies still."),
        ],
        [
            new("elbows", "finish-rack", "The elbows stay below or behind the bar.", SeenFromTheSide, "No rep, elbows", RepeatTheRep,
                "Repeat the rep from the floor"),
            new("not-tall", "finish-open", "The bar goes down before knees and hips are straight.", SeenFromTheSide, "No rep, stand up", RepeatTheRep,
                "Repeat the rep from the floor"),
            new("stop", "one-pull", "The bar stops or rests on the thighs on its way up.", SeenFromTheSide, "No rep, from the floor", FromTheFloor,
                "Put the bar down and begin on the floor"),
            new("low-catch", "catch-high", "The hip drops below the knee in the catch.", SeenFromTheSide, "No rep, too low", RepeatTheRep,
                "Repeat the rep from the floor"),
            new("rolling", "drop", "The bar is lifted while it still bounces or rolls.", SeenFromTheFront, "Wait", WaitForKit,
                "Let the bar come to rest, then lift"),
        ],
        new("To the side and slightly in front, clear of the plates by two steps.",
            "When elbows are through and hips are straight: the count aloud."),
        ["Clips on; keep the space where a bar may fall clear on all sides; no spare plates inside the lane."]);
}
