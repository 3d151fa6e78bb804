using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The front squat: the bar rests on the front of the shoulders.</summary>
public static class FrontSquat
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "front-squat", "front squat", ["barbell front squat", "squat front"], "Squats", MovementKit.Barbell,
        [
            new("setup-bar", SetUp, Required, "The bar carries clips and the load of the division. From a rack, pins and safety arms are set before the athlete lifts."),
            new("entry", Entry, Allowed, "From the rack, or cleaned from the floor. A squat clean that stands up is the first rep."),
            new("start", Start, Required, "Standing, knees and hips straight, the bar on the front of the shoulders."),
            new("depth", Through, Required, "At the lowest point the fold of the hip lies lower than the upper edge of the knee."),
            new("finish-open", Finish, Required, "Knees and hips are straight."),
            new("finish-rack", Finish, Required, "The bar is still on the shoulders. A heaviest set is held until the call."),
            new("between", Between, Required, "The bar stays on the shoulders between the reps of a set. Resting with the bar standing is allowed."),
        ],
        [
            new("shallow", "depth", "The fold of the hip stays level with the upper edge of the knee, or above it.", SeenFromTheSide, "No rep, depth", RepeatTheRep,
                "Stand up, then repeat the rep"),
            new("not-open", "finish-open", "The athlete bends again before knees and hips are straight.", SeenFromTheSide, "No rep, stand up", RepeatTheLastPhase,
                "Stand tall, then go on"),
            new("bar-off", "finish-rack", "The bar leaves the shoulders, or the elbows touch the thighs.", SeenFromTheSide, "No rep, rack", RepeatTheRep,
                "Put the bar back on the shoulders and repeat the rep"),
            new("set-broken", "between", "The bar is put down or racked between two reps of a heaviest set.", SeenFromTheFront, "Set lost", SetLost,
                "Begin the set again"),
        ],
        new("To the side, level with the hip, two steps out. Never behind the lifter and never in front of the bar.",
            "At the top of each rep: the count aloud. In a heaviest set: “down” when the last rep is steady."),
        ["Clips on; safety arms just below the lowest point of the bar; nobody stands behind a squatting athlete."]);
}
