using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The hang clean and jerk with two dumbbells.</summary>
public static class DumbbellHangCleanAndJerk
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "dumbbell-hang-clean-and-jerk", "dumbbell hang clean and jerk", ["double dumbbell hang clean and jerk", "two-dumbbell hang clean and jerk"], "Cleans", MovementKit.Dumbbell,
        [
            new("setup-pair", SetUp, Required, "Two dumbbells of the same mass stand inside the lane."),
            new("start-hang", Start, Required, "The athlete has stood tall once. The dumbbells hang at arm's length outside the thighs, above the knees."),
            new("shoulder", Through, Required, "One head of each dumbbell touches its shoulder before it goes overhead."),
            new("no-floor", Through, Forbidden, "The dumbbells do not touch the floor inside a rep."),
            new("finish-lock", Finish, Required, "Elbows, hips and knees are straight, both dumbbells over the middle of the body."),
            new("finish-feet", Finish, Required, "After a split or a jump the feet are back in line."),
            new("between", Between, Required, "The dumbbells return to the hang. From the floor, the athlete stands tall first."),
        ],
        [
            new("soft-elbow", "finish-lock", "An elbow is bent, or one dumbbell comes up late and never stands beside the other.", SeenFromTheFront, "No rep, lock out", RepeatTheRep,
                "Repeat the rep from the hang"),
            new("missed-shoulder", "shoulder", "A dumbbell passes the shoulder without touching it, so that the rep is a snatch.", SeenFromTheSide, "No rep, shoulder", RepeatTheRep,
                "Repeat the rep from the hang"),
            new("from-floor", "start-hang", "The rep begins on the floor, or below the knee, without standing tall.", SeenFromTheSide, "No rep, hang", RepeatTheRep,
                "Stand tall with both dumbbells, then repeat the rep"),
            new("feet", "finish-feet", "The feet are still split when the dumbbells come down.", SeenFromTheFront, "No rep, feet", RepeatTheRep,
                "Repeat the rep from the hang"),
        ],
        new("In front and to one side, three steps out, where both elbows and both feet are seen.",
            "When both dumbbells stand still over the body: the count aloud."),
        ["Dumbbells are put down, not thrown, and never under another athlete's feet."]);
}
