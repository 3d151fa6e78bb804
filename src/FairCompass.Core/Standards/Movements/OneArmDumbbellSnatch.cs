using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The dumbbell taken from the floor overhead with one hand.</summary>
public static class OneArmDumbbellSnatch
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "one-arm-dumbbell-snatch", "one-arm dumbbell snatch", ["dumbbell snatch", "single-arm dumbbell snatch"], "Snatches", MovementKit.Dumbbell,
        [
            new("setup-bell", SetUp, Required, "The dumbbell has the mass of the division; the floor around it is free."),
            new("start", Start, Required, "Both heads of the dumbbell touch the floor between the feet."),
            new("one-pull", Through, Required, "The dumbbell goes overhead in one movement; it does not stop at the shoulder."),
            new("free-hand", Through, Forbidden, "The free hand does not touch the body."),
            new("finish-arm", Finish, Required, "The arm is straight, the dumbbell over the middle of the body."),
            new("finish-legs", Finish, Required, "Hips and knees are straight, the feet in line."),
            new("between", Between, Required, "Hands take turns; they may change below the eyes or on the floor."),
        ],
        [
            new("one-head", "start", "Only one head touches the floor.", SeenFromTheFront, "No rep, both heads", RepeatTheRep,
                "Put both heads down and repeat the rep"),
            new("pressed", "one-pull", "The dumbbell stops at the shoulder and is pressed.", SeenFromTheSide, "No rep, one pull", RepeatTheRep,
                "Repeat the rep from the floor"),
            new("pushing", "free-hand", "The free hand pushes on the thigh.", SeenFromTheFront, "No rep, free hand", RepeatTheRep,
                "Repeat the rep from the floor"),
            new("same-hand", "between", "The same hand lifts twice in a row.", SeenFromTheFront, "No rep, other hand", RepeatTheRep,
                "Repeat the rep with the other hand"),
        ],
        new("In front and to the side of the free hand, out of the line of a drop.",
            "When arm, hips and knees are straight: the count aloud."),
        ["The dumbbell is guided down; it rolls when it is dropped."]);
}
