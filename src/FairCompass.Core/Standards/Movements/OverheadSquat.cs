using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The squat with the bar overhead.</summary>
public static class OverheadSquat
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "overhead-squat", "overhead squat", ["barbell overhead squat"], "Squats", MovementKit.Barbell,
        [
            new("setup-bar", SetUp, Required, "The bar carries clips and the load of the division, and lies inside the lane."),
            new("entry", Entry, Allowed, "The bar comes overhead by a snatch, by a jerk, or from the lift before in a complex."),
            new("start", Start, Required, "The bar is overhead with straight elbows, hips and knees straight."),
            new("depth", Through, Required, "At the lowest point the fold of the hip is lower than the upper edge of the knee."),
            new("overhead", Through, Required, "The bar stays overhead; it does not touch the head."),
            new("finish-legs", Finish, Required, "Hips and knees are straight."),
            new("finish-bar", Finish, Required, "The bar is over the middle of the body, the elbows straight."),
            new("between", Between, Allowed, "The grip may be set anew while standing."),
        ],
        [
            new("high", "depth", "The fold of the hip stays at or above the knee.", SeenFromTheSide, "No rep, depth", RepeatTheRep,
                "Repeat the squat; the bar stays overhead"),
            new("elbow", "overhead", "An elbow bends and the bar sinks towards the head.", SeenFromTheFront, "No rep, elbows", RepeatTheRep,
                "Bring the bar overhead again and repeat the squat"),
            new("soft-knees", "finish-legs", "Knees or hips are still bent when the next squat begins.", SeenFromTheSide, "No rep, stand tall", RepeatTheRep,
                "Stand tall, then repeat the squat"),
            new("dropped", "finish-bar", "The bar is dropped before the athlete stands.", SeenFromTheSide, "No rep, dropped", RepeatTheRep,
                "Bring the bar overhead again"),
        ],
        new("To the side at the level of the hips, two steps back.",
            "When hips and knees are straight: the count aloud."),
        ["The bar can fall in front or behind; the athlete learns to step away before the day."]);
}
