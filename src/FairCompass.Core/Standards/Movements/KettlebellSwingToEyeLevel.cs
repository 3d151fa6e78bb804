using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The two-handed swing to the height of the eyes.</summary>
public static class KettlebellSwingToEyeLevel
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "kettlebell-swing-to-eye-level", "kettlebell swing to eye level", ["eye-level kettlebell swing", "kettlebell swing eye level"], "Kettlebells", MovementKit.Kettlebell,
        [
            new("setup-bell", SetUp, Required, "The bell has the mass of the division and a dry handle; the lane in front is free."),
            new("start", Start, Required, "Both hands hold the handle; the bell swings back between the legs above the knee."),
            new("swing", Through, Required, "Hips and knees open and drive the bell; it is not lifted with the arms."),
            new("finish-height", Finish, Required, "The whole bell rises to the level of the eyes or higher."),
            new("finish-body", Finish, Required, "Hips and knees are straight."),
            new("between", Between, Allowed, "The bell may be put down; it is not thrown."),
        ],
        [
            new("low", "finish-height", "The top of the swing is at chest height.", SeenFromTheSide, "No rep, eyes", RepeatTheRep,
                "Repeat the swing"),
            new("squat", "swing", "The bell is pulled up out of a squat.", SeenFromTheSide, "No rep, swing", RepeatTheRep,
                "Repeat the swing"),
            new("soft", "finish-body", "Knees or hips are bent when the bell is at the top.", SeenFromTheSide, "No rep, hips", RepeatTheRep,
                "Repeat the swing"),
        ],
        new("To the side, three steps out of the line of the swing, eyes level with the athlete’s.",
            "When the bell is at the eyes with the body straight: the count aloud."),
        ["Nobody stands before or behind a swing."]);
}
