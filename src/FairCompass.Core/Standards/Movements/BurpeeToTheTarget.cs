using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The burpee that ends with a touch of a measured target.</summary>
public static class BurpeeToTheTarget
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "burpee-to-the-target", "burpee to the target", ["burpee to a target", "target burpee"], "Burpees", MovementKit.None,
        [
            new("setup-target", SetUp, Measured, "The target hangs the stated distance above each athlete’s reach, measured flat-footed."),
            new("start", Start, Required, "The athlete is under the target."),
            new("chest", Through, Required, "Chest and thighs touch the floor."),
            new("rise", Through, Allowed, "Stepping or jumping up is allowed as the division’s tier says."),
            new("finish-touch", Finish, Required, "Both hands touch the target in the jump."),
            new("finish-together", Finish, Required, "Partners who work together touch at the same moment; the later touch makes the rep."),
            new("between", Between, Allowed, "A rest is allowed standing."),
        ],
        [
            new("chest-up", "chest", "The chest stays off the floor.", SeenFromTheSide, "No rep, chest", FromTheFloor,
                "Lie down again"),
            new("one-hand", "finish-touch", "One hand touches, or none.", SeenFromTheFront, "No rep, target", RepeatTheLastPhase,
                "Jump again and touch with both hands"),
            new("apart", "finish-together", "One partner touches clearly before the other.", SeenFromTheFront, "No rep, together", RepeatTheLastPhase,
                "Jump again together"),
        ],
        new("In front, where target and floor are both seen.",
            "At the touch: the count aloud."),
        ["Dry hands and a dry floor; the target gives way when it is hit."]);
}
