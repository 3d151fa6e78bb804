using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The squat and drive overhead with one bell.</summary>
public static class KettlebellThruster
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "kettlebell-thruster", "kettlebell thruster", ["single kettlebell thruster"], "Kettlebells", MovementKit.Kettlebell,
        [
            new("setup-bell", SetUp, Required, "The bell has the mass of the division and a dry handle."),
            new("entry", Entry, Allowed, "The first rep may begin with a squat clean."),
            new("start", Start, Required, "The bell rests at the shoulder or is held at the chest, hips and knees straight."),
            new("depth", Through, Required, "At the lowest point the fold of the hip is lower than the upper edge of the knee."),
            new("drive", Through, Required, "One drive takes the bell from the squat overhead without a stop."),
            new("finish-arm", Finish, Required, "The arm is straight, the bell over the middle of the body."),
            new("finish-legs", Finish, Required, "Hips and knees are straight."),
            new("between", Between, Allowed, "Hands may change at the shoulder or overhead."),
        ],
        [
            new("high", "depth", "The fold of the hip stays at or above the knee.", SeenFromTheSide, "No rep, depth", RepeatTheRep,
                "Repeat the rep from the shoulder"),
            new("second-dip", "drive", "The knees bend a second time before the arm is straight.", SeenFromTheSide, "No rep, one drive", RepeatTheRep,
                "Repeat the rep from the shoulder"),
            new("press", "drive", "The bell stops at the shoulder after the squat and is pressed.", SeenFromTheSide, "No rep, stop", RepeatTheRep,
                "Repeat the rep from the shoulder"),
            new("soft-elbow", "finish-arm", "The elbow is bent at the top.", SeenFromTheFront, "No rep, lock out", RepeatTheRep,
                "Repeat the rep from the shoulder"),
        ],
        new("To the side of the free hand, two steps back.",
            "When arm, hips and knees are straight: the count aloud."),
        ["The bell is put down, not dropped beside the foot."]);
}
