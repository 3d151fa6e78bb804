using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>Toes to the bar.</summary>
public static class ToesToBar
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "toes-to-bar", "toes-to-bar", ["toes to bar"], "Pulls on the bar", MovementKit.HangingBar,
        [
            new("setup-bar", SetUp, Required, "The bar is dry and high enough for the feet to swing clear of the floor."),
            new("start", Start, Required, "Hanging, arms straight, the heels behind the vertical plane of the bar."),
            new("through", Through, Allowed, "Knees may bend and the body may swing."),
            new("finish-both", Finish, Required, "Both feet touch the bar at the same moment."),
            new("finish-between", Finish, Required, "They touch it between the hands."),
            new("between", Between, Required, "The heels pass behind the plane of the bar before each rep."),
        ],
        [
            new("one-foot", "finish-both", "One foot touches late, or not at all.", SeenFromTheFront, "No rep, both feet", NotCounted,
                "Swing back and raise both feet"),
            new("outside", "finish-between", "A foot touches outside the hands.", SeenFromTheFront, "No rep, between the hands", NotCounted,
                "Swing back and raise both feet between the hands"),
            new("heels", "between", "The heels stay in front of the bar's plane at the bottom.", SeenFromTheSide, "No rep, heels", NotCounted,
                "Swing the heels behind the bar, then raise the feet"),
        ],
        new("To the side and one step in front, where bar and heels are both seen.",
            "When both feet touch: the count aloud."),
        ["Mats under the bar; grip that slips means come down; hands are looked after."]);
}
