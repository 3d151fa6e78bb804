using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The hanging knee raise.</summary>
public static class HangingKneeRaise
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "hanging-knee-raise", "hanging knee raise", ["knee raise", "hanging knee-raise"], "Pulls on the bar", MovementKit.HangingBar,
        [
            new("setup-bar", SetUp, Required, "The bar is dry and high enough to hang with straight arms; the floor may be reached with the toes when standing only."),
            new("start", Start, Required, "Hanging, arms straight, the heels behind the vertical plane of the bar."),
            new("finish-knees", Finish, Required, "Both knees rise over the crease of the hip."),
            new("finish-together", Finish, Required, "Both knees are up at the same moment."),
            new("between", Between, Required, "The hips open and the heels pass behind the bar before each rep."),
        ],
        [
            new("low-knees", "finish-knees", "A knee stays level with the hip crease, or lower.", SeenFromTheSide, "No rep, knees", NotCounted,
                "Swing back and raise the knees higher"),
            new("split-knees", "finish-together", "The knees rise one after the other.", SeenFromTheFront, "No rep, together", NotCounted,
                "Swing back and raise both knees"),
            new("closed-hips", "between", "The hips stay bent at the bottom.", SeenFromTheSide, "No rep, open", NotCounted,
                "Hang long, heels behind the bar, then raise the knees"),
        ],
        new("To the side, eyes at the height of the athlete's hips.",
            "When both knees are over the hip crease: the count aloud."),
        ["Mats under the bar and a step for short athletes."]);
}
