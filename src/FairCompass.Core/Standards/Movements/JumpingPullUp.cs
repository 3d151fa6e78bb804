using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The jumping pull-up.</summary>
public static class JumpingPullUp
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "jumping-pull-up", "jumping pull-up", ["jumping pull up"], "Pulls on the bar", MovementKit.HangingBar,
        [
            new("setup-height", SetUp, Measured, "The bar hangs a stated height above the athlete's upright reach line, often 15 cm above the head; plates or a box make up the rest."),
            new("start", Start, Required, "Standing on floor or platform, both hands on the bar, arms straight, knees bent as far as that needs."),
            new("jump", Through, Allowed, "The legs may help by a jump."),
            new("finish-chin", Finish, Required, "The chin is over the horizontal plane of the bar's upper edge."),
            new("finish-grip", Finish, Required, "Both hands are still closed around the bar."),
            new("between", Between, Required, "The arms are straight again before each jump."),
        ],
        [
            new("bent-start", "between", "The athlete jumps with bent arms.", SeenFromTheSide, "No rep, straight arms", NotCounted,
                "Stand lower until the arms are straight, then jump"),
            new("under", "finish-chin", "The chin does not pass over the bar.", SeenFromTheSide, "No rep, higher", NotCounted,
                "Jump again"),
            new("let-go", "finish-grip", "A hand leaves the bar before the chin is over it.", SeenFromTheFront, "No rep, hands", NotCounted,
                "Take the bar with both hands, then jump"),
        ],
        new("To the side of the platform, one step back.",
            "When the chin passes over the bar: the count aloud."),
        ["The platform does not slide; land with soft knees; slow descents in high numbers injure muscle in people who are not used to them."]);
}
