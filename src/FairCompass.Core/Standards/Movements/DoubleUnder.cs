using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The jump with two turns of the rope.</summary>
public static class DoubleUnder
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "double-under", "double-under", ["double under"], "Skipping", MovementKit.None,
        [
            new("setup-rope", SetUp, Required, "The rope is the athlete’s own or of the lane; there is free space overhead and around."),
            new("start", Start, Required, "The rope starts behind the body and turns forward."),
            new("two-turns", Through, Required, "The rope passes under both feet twice in one jump."),
            new("two-feet", Through, Required, "Both feet leave the floor together."),
            new("finish-pass", Finish, Required, "The second turn has passed completely under the feet."),
            new("finish-land", Finish, Required, "The athlete lands with the rope clear."),
            new("between", Between, Allowed, "Single turns between are allowed and not counted."),
        ],
        [
            new("one-turn", "two-turns", "The rope passes once in the jump.", Heard, "Single", NotCounted,
                "Go on; the next full jump counts"),
            new("caught", "finish-pass", "The rope stops at the feet on the second turn.", SeenFromTheSide, "No rep, caught", NotCounted,
                "Start the rope again"),
            new("backwards", "start", "The rope turns backward.", SeenFromTheSide, "No rep, forward", NotCounted,
                "Turn the rope forward"),
        ],
        new("In front and to one side, at least two steps from the rope.",
            "Count each good jump quietly and every tenth aloud."),
        ["Keep clear of a swinging rope; handles that fly are a danger to the neighbour’s lane."]);
}
