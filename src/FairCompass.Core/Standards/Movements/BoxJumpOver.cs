using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The box jump-over.</summary>
public static class BoxJumpOver
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "box-jump-over", "box jump-over", ["box jump over"], "Box", MovementKit.Box,
        [
            new("setup-box", SetUp, Required, "The box stands square to the line with the edge of its height up, and does not rock."),
            new("start", Start, Required, "Both feet on the floor on one side, square to the box."),
            new("two-feet", Through, Required, "Take-off is from both feet at once. Divisions with a step say so by name."),
            new("top", Through, Required, "Both feet land on top of the box or clear it. Standing up on top is not needed."),
            new("no-hands", Through, Forbidden, "Hands do not touch box or thighs to push."),
            new("finish-down", Finish, Required, "Both feet touch the floor on the other side."),
            new("finish-side", Finish, Required, "The whole body has crossed the box, not a corner of it."),
        ],
        [
            new("one-foot-off", "two-feet", "One foot leaves the floor before the other.", SeenFromTheFront, "No rep, two feet", RepeatTheRep,
                "Jump again from the same side"),
            new("hand", "no-hands", "A hand touches the box.", SeenFromTheFront, "No rep, hands", RepeatTheRep,
                "Jump again from the same side"),
            new("corner", "finish-side", "The athlete goes across a corner or past the side of the box.", SeenFromTheFront, "No rep, across", RepeatTheRep,
                "Go back and jump over the box"),
            new("short", "finish-down", "The athlete turns before both feet are on the floor.", SeenFromTheSide, "No rep, both feet", RepeatTheLastPhase,
                "Touch down with both feet, then go on"),
        ],
        new("To the front of the box at an angle, where take-off and landing feet are seen.",
            "When both feet touch the far side: the count aloud."),
        ["Stepping down is always allowed and spares the Achilles tendon; shins and boxes are checked after a missed jump."]);
}
