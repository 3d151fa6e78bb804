using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The wall-ball shot.</summary>
public static class WallBallShot
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "wall-ball-shot", "wall-ball shot", ["wall ball", "wall-ball", "wall ball shot"], "Squats", MovementKit.BallAndTarget,
        [
            new("setup-target", SetUp, Measured, "The target's height is measured from the floor on which the athlete stands, to its lower edge."),
            new("setup-ball", SetUp, Required, "The ball has the mass of the division and holds its shape."),
            new("start", Start, Required, "Standing, the ball in both hands in front of the body."),
            new("depth", Through, Required, "At the lowest point the fold of the hip lies lower than the upper edge of the knee."),
            new("finish-hit", Finish, Required, "The whole ball meets the wall at the target's height or higher."),
            new("finish-throw", Finish, Required, "The ball is thrown in one drive from the squat; it is not pushed against the wall."),
            new("between", Between, Allowed, "The ball may be caught from the wall. If it falls, it is picked up and the athlete stands before the next rep."),
        ],
        [
            new("depth", "depth", "The hip stays level with the knee, or higher.", SeenFromTheSide, "No rep, depth", NotCounted,
                "Squat lower in the next rep"),
            new("low-ball", "finish-hit", "The ball meets the wall below the line, or misses it.", SeenFromTheSide, "No rep, low", NotCounted,
                "Throw again"),
            new("rebound", "between", "A ball that fell is caught on the bounce and thrown without standing up.", SeenFromTheSide, "No rep, bounce", NotCounted,
                "Hold the ball still, stand, then squat"),
        ],
        new("To the side, one step behind the athlete, where hip and target are seen without turning the head.",
            "When the ball meets the target: the count aloud."),
        ["Judges and waiting athletes stay out of the line of a falling ball."]);
}
