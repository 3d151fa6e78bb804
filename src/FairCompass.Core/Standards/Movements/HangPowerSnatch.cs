using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The power snatch from the hang.</summary>
public static class HangPowerSnatch
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "hang-power-snatch", "hang power snatch", ["barbell hang power snatch"], "Snatches", MovementKit.Barbell,
        [
            new("setup-bar", SetUp, Required, "The bar carries clips and the load of the division, and lies inside the lane."),
            new("entry", Entry, Required, "The bar is lifted to a standing hang first; in a complex the lift before may end there."),
            new("start", Start, Required, "The bar is above the knee and does not touch the floor."),
            new("one-pull", Through, Required, "The bar goes overhead in one movement without touching head or shoulders."),
            new("power", Through, Required, "The fold of the hip stays higher than the knee."),
            new("finish-arms", Finish, Required, "The elbows are straight, the bar over the middle of the body."),
            new("finish-legs", Finish, Required, "Hips and knees are straight, the feet in line."),
            new("between", Between, Allowed, "The bar may be lowered to the hang or, where the brief allows it, to the floor."),
        ],
        [
            new("press-out", "one-pull", "The bar stops on the way and is pressed to the finish.", SeenFromTheFront, "No rep, press", RepeatTheRep,
                "Repeat the lift from the hang"),
            new("low", "power", "The fold of the hip goes as low as the knee.", SeenFromTheSide, "No rep, too low", RepeatTheRep,
                "Repeat the lift from the hang"),
            new("from-floor", "start", "The bar is pulled from the floor without a standing hang.", SeenFromTheSide, "No rep, hang", RepeatTheRep,
                "Stand tall with the bar, then repeat the lift"),
            new("unsteady", "finish-arms", "The bar comes down before the elbows are straight.", SeenFromTheFront, "No rep, lock out", RepeatTheRep,
                "Repeat the lift from the hang"),
        ],
        new("In front and to one side, out of the line in which the bar can fall.",
            "When the bar is over the body with hips and knees straight: the count aloud."),
        ["A missed lift falls in front or behind: both zones stay clear."]);
}
