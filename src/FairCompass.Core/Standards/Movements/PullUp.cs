using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The pull-up.</summary>
public static class PullUp
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "pull-up", "pull-up", ["pull up", "kipping pull-up", "chin over bar"], "Pulls on the bar", MovementKit.HangingBar,
        [
            new("setup-bar", SetUp, Required, "The bar is dry and high enough to hang with straight arms. A step may stand beside it."),
            new("start", Start, Required, "Hanging, arms straight, feet off the floor. Any grip is allowed."),
            new("swing", Through, Allowed, "A swing of the body and any use of the hips is allowed."),
            new("finish-chin", Finish, Required, "The chin is over the horizontal plane of the bar's upper edge."),
            new("finish-hands", Finish, Required, "Both hands still hold the bar."),
            new("between", Between, Required, "The arms are straight before each rep."),
        ],
        [
            new("chin", "finish-chin", "The chin stays level with the bar, or the head is only thrown back.", SeenFromTheSide, "No rep, chin", NotCounted,
                "Straighten the arms and pull again"),
            new("arms", "between", "The arms stay bent at the bottom.", SeenFromTheSide, "No rep, arms", NotCounted,
                "Hang with straight arms, then pull again"),
            new("floor", "start", "A foot pushes off the floor, the step, or the rig.", SeenFromTheSide, "No rep, feet", NotCounted,
                "Hang freely, then pull again"),
        ],
        new("To the side with the eyes as near to the height of the bar as the floor allows.",
            "When the chin passes over the bar: the count aloud."),
        ["A mat under the bar and a step for short athletes; torn hands are covered before going on."]);
}
