using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The power clean from the hang.</summary>
public static class HangPowerClean
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "hang-power-clean", "hang power clean", ["barbell hang power clean"], "Cleans", MovementKit.Barbell,
        [
            new("setup-bar", SetUp, Required, "The bar carries clips and the load of the division, and lies inside the lane."),
            new("entry", Entry, Required, "The bar is lifted to a standing hang first: hips and knees straight, arms straight."),
            new("start", Start, Required, "The bar is lowered to above the knee and does not touch the floor."),
            new("power", Through, Required, "The bar is received on the shoulders with the fold of the hip higher than the knee."),
            new("finish-elbows", Finish, Required, "The elbows are in front of the bar."),
            new("finish-hips", Finish, Required, "Hips and knees are straight, the feet in line."),
            new("between", Between, Allowed, "The bar may be put down; the next rep begins with a standing hang."),
        ],
        [
            new("below-knee", "start", "The bar passes below the knee or touches the floor on the way.", SeenFromTheSide, "No rep, hang", RepeatTheRep,
                "Stand tall with the bar, then repeat the rep"),
            new("low", "power", "The fold of the hip goes as low as the knee when the bar is received.", SeenFromTheSide, "No rep, too low", RepeatTheRep,
                "Repeat the rep from the hang"),
            new("elbows", "finish-elbows", "The elbows stay behind the bar.", SeenFromTheSide, "No rep, elbows", RepeatTheLastPhase,
                "Bring the elbows through before the bar goes down"),
            new("no-stand", "entry", "The first rep after a rest begins without a standing hang.", SeenFromTheSide, "No rep, stand first", RepeatTheRep,
                "Stand tall with the bar, then repeat the rep"),
        ],
        new("To the side, one step behind the line of the bar.",
            "When hips and knees are straight with the elbows in front: the count aloud."),
        ["Clips on; nobody stands at the end of a bar."]);
}
