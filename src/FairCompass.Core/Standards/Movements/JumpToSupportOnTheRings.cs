using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The jump into a support above the rings, as an attempt.</summary>
public static class JumpToSupportOnTheRings
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "jump-to-support-on-the-rings", "jump to support on the rings", ["jump to support", "ring support jump"], "Holds", MovementKit.Rings,
        [
            new("setup-rings", SetUp, Required, "The rings hang at the hip crease of the athlete, or a step is provided."),
            new("start", Start, Required, "Both feet on the floor or the step, both hands on the rings."),
            new("jump", Through, Allowed, "The legs may jump as far as needed."),
            new("finish-arms", Finish, Required, "The arms are straight above the rings, the feet off the floor."),
            new("finish-still", Finish, Required, "The support is seen for a moment before the athlete comes down."),
            new("between", Between, Allowed, "The next attempt may follow at once."),
        ],
        [
            new("bent", "finish-arms", "The elbows are bent in the support.", SeenFromTheSide, "No attempt, arms", AttemptLost,
                "Jump again"),
            new("toes", "finish-arms", "A foot stays on floor or step.", SeenFromTheSide, "No attempt, feet", AttemptLost,
                "Jump again"),
            new("touch-and-go", "finish-still", "The athlete falls back without a seen support.", SeenFromTheFront, "No attempt, hold", AttemptLost,
                "Jump again and show the support"),
        ],
        new("To the side, two steps back.",
            "When the support is seen: “attempt”."),
        ["Mats under the rings; rings turn when grabbed in a jump."]);
}
