using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The squat with the bell held at the chest.</summary>
public static class GobletSquat
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "goblet-squat", "goblet squat", ["kettlebell goblet squat"], "Squats", MovementKit.Kettlebell,
        [
            new("setup-bell", SetUp, Required, "The bell has the mass of the division and a dry handle."),
            new("start", Start, Required, "The bell is held with both hands at the chest, hips and knees straight."),
            new("depth", Through, Required, "At the lowest point the fold of the hip is lower than the upper edge of the knee."),
            new("hold", Through, Required, "The bell stays off the thighs and above the waist."),
            new("finish-legs", Finish, Required, "Hips and knees are straight."),
            new("finish-bell", Finish, Required, "The bell is still at the chest."),
            new("between", Between, Allowed, "A rest is allowed standing with the bell at the chest."),
        ],
        [
            new("high", "depth", "The fold of the hip stays at or above the knee at the bottom.", SeenFromTheSide, "No rep, depth", RepeatTheRep,
                "Repeat the squat"),
            new("resting", "hold", "Elbows or bell rest on the thighs.", SeenFromTheFront, "No rep, off the legs", RepeatTheRep,
                "Repeat the squat"),
            new("soft", "finish-legs", "The next squat begins before hips and knees are straight.", SeenFromTheSide, "No rep, stand tall", RepeatTheRep,
                "Stand tall and repeat the squat"),
        ],
        new("To the side at the level of the hips.",
            "When hips and knees are straight: the count aloud."),
        ["The bell is put down in front, clear of the feet."]);
}
