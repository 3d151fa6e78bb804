using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The two-handed swing to overhead.</summary>
public static class KettlebellSwing
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "kettlebell-swing", "kettlebell swing", ["overhead kettlebell swing", "kettlebell swing overhead"], "Kettlebells", MovementKit.Kettlebell,
        [
            new("setup-bell", SetUp, Required, "The bell has the mass of the division and a dry handle; the lane in front is free."),
            new("start", Start, Required, "Both hands hold the handle; the bell swings back between the legs above the knee."),
            new("swing", Through, Required, "Hips and knees open and drive the bell; it is not pressed."),
            new("finish-bell", Finish, Required, "The bell is overhead, its bottom facing up, straight arms beside the ears seen from the side."),
            new("finish-body", Finish, Required, "Hips and knees are straight."),
            new("between", Between, Allowed, "The bell may be put down; it is not thrown."),
        ],
        [
            new("short", "finish-bell", "The bell stops in front of the head.", SeenFromTheSide, "No rep, overhead", RepeatTheRep,
                "Repeat the swing"),
            new("bent-arms", "finish-bell", "The elbows are bent at the top.", SeenFromTheFront, "No rep, arms", RepeatTheRep,
                "Repeat the swing"),
            new("soft", "finish-body", "Knees or hips are bent at the top.", SeenFromTheSide, "No rep, stand tall", RepeatTheRep,
                "Repeat the swing"),
        ],
        new("To the side, three steps out of the line of the swing.",
            "When the bell is overhead with the body straight: the count aloud."),
        ["Nobody stands before or behind a swing; chalk, not sweat, on the handle."]);
}
