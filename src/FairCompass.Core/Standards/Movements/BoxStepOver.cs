using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The step-over without a load.</summary>
public static class BoxStepOver
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "box-step-over", "box step-over", ["box step over", "step-over"], "Box", MovementKit.Box,
        [
            new("setup-box", SetUp, Required, "The box has the height of the division, stands square to the line, and does not rock."),
            new("start", Start, Required, "Both feet on the floor on one side of the box."),
            new("step", Through, Required, "One foot after the other is placed on top. Jumping is not allowed."),
            new("hands", Through, Forbidden, "No hand pushes on the box or on the legs."),
            new("finish-feet", Finish, Required, "Both feet stand on the floor on the other side."),
            new("finish-turn", Finish, Allowed, "The athlete may turn on top of the box."),
            new("between", Between, Allowed, "A rest is allowed on the floor, not on the box."),
        ],
        [
            new("jump", "step", "Both feet leave the floor at the same moment.", SeenFromTheFront, "No rep, step", RepeatTheRep,
                "Go back to the side where the rep began"),
            new("around", "step", "A foot passes beside the box instead of over the top.", SeenFromTheFront, "No rep, over the top", RepeatTheRep,
                "Go back to the side where the rep began"),
            new("hand", "hands", "A hand is put on the box or on a thigh.", SeenFromTheSide, "No rep, hands", RepeatTheRep,
                "Go back to the side where the rep began"),
            new("half-down", "finish-feet", "The athlete turns back before the second foot is down.", SeenFromTheSide, "No rep, both feet", RepeatTheLastPhase,
                "Put both feet down, then go on"),
        ],
        new("At a corner of the box, two steps back.",
            "When the second foot touches the floor: the count aloud."),
        ["Check the box before the heat; a tired foot that misses the edge is a fall."]);
}
