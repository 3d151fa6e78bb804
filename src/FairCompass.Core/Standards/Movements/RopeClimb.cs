using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The climb to a mark on the rope.</summary>
public static class RopeClimb
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "rope-climb", "rope climb", ["climb", "rope ascent"], "Ropes", MovementKit.ClimbingRope,
        [
            new("setup-rope", SetUp, Required, "The rope hangs free, its anchor is checked, and the mark is fixed at the height of the brief."),
            new("setup-mat", SetUp, Required, "A mat lies under the rope and reaches one step to each side."),
            new("start", Start, Required, "The climb begins from the floor, standing or with a jump."),
            new("climb", Through, Allowed, "Legs may be used in any way."),
            new("finish-mark", Finish, Required, "One hand touches the mark or the beam at its height."),
            new("finish-down", Finish, Required, "The descent is under control until the feet are below the low mark."),
            new("between", Between, Required, "The rope is let hang still before the next climb."),
        ],
        [
            new("short", "finish-mark", "The hand stops below the mark.", SeenFromTheFront, "No rep, mark", RepeatTheLastPhase,
                "Climb on to the mark, or repeat the climb"),
            new("slid", "finish-down", "The athlete lets go above the low mark.", SeenFromTheSide, "No rep, down", RepeatTheRep,
                "Repeat the climb"),
            new("swinging", "between", "The next climb begins on a rope that still swings.", SeenFromTheFront, "Wait, rope", WaitForKit,
                "Wait until the rope hangs still"),
        ],
        new("Two steps back, looking up to the mark, never under the athlete.",
            "When the hand touches the mark: “good, down”; the count when the feet are on the mat."),
        ["A fall from a rope is a serious one: mats in place, tired athletes come down early, burns are treated at once."]);
}
