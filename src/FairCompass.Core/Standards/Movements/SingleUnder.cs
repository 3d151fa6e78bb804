using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The jump with one turn of the rope.</summary>
public static class SingleUnder
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "single-under", "single-under", ["single under"], "Skipping", MovementKit.None,
        [
            new("setup-rope", SetUp, Required, "The rope is the athlete’s own or of the lane; there is free space overhead and around."),
            new("start", Start, Required, "The rope starts behind the body and turns forward."),
            new("one-turn", Through, Required, "The rope passes under both feet once in each jump."),
            new("two-feet", Through, Allowed, "Both feet or one after the other may jump."),
            new("finish-pass", Finish, Required, "The rope has passed completely under the feet."),
            new("finish-land", Finish, Required, "The rope is clear when the feet land."),
            new("between", Between, Allowed, "A rest with the rope still is allowed."),
        ],
        [
            new("caught", "finish-pass", "The rope stops at the feet.", SeenFromTheSide, "No rep, caught", NotCounted,
                "Start the rope again"),
            new("skipped", "one-turn", "The athlete jumps without a turn of the rope.", Heard, "No turn", NotCounted,
                "Go on; the next full turn counts"),
            new("back-turn", "start", "The rope is turned backward.", SeenFromTheSide, "No rep, forward", NotCounted,
                "Turn the rope forward"),
        ],
        new("In front and to one side, at least two steps from the rope.",
            "Count each turn quietly and every tenth aloud."),
        ["Keep clear of a swinging rope."]);
}
