using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The sit-up.</summary>
public static class SitUp
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "sit-up", "sit-up", ["sit up", "ab-mat sit-up"], "Trunk", MovementKit.None,
        [
            new("setup", SetUp, Allowed, "A pad under the lower back is allowed if every lane has one. Feet are free."),
            new("start", Start, Required, "Lying on the back, both shoulder blades on the floor, both hands touching the floor above the head."),
            new("feet", Through, Required, "The feet stay on the floor."),
            new("finish-hands", Finish, Required, "Both hands touch the floor or the toes beyond the feet."),
            new("finish-upright", Finish, Required, "The shoulders have come forward of the hips."),
        ],
        [
            new("top", "finish-hands", "The hands stop before the feet.", SeenFromTheSide, "No rep, touch", NotCounted,
                "Lie back and come up again"),
            new("bottom", "start", "The hands or the shoulder blades do not reach the floor behind.", SeenFromTheSide, "No rep, back", NotCounted,
                "Lie back fully, touch, then come up"),
            new("back-rounded", "finish-upright", "The shoulders stay behind the hips.", SeenFromTheSide, "No rep, sit up", NotCounted,
                "Lie back and come up further"),
        ],
        new("To the side, level with the hips, low enough to see the shoulder blades.",
            "At the touch in front: the count aloud."),
        ["A pad or mat spares the skin of the lower back in long sets."]);
}
