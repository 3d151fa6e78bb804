using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The wall walk.</summary>
public static class WallWalk
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "wall-walk", "wall walk", ["wall climb"], "Upside down", MovementKit.Wall,
        [
            new("setup-lines", SetUp, Measured, "A hand line is marked on the floor at a stated distance from the wall and a start line farther out, both the same in every lane."),
            new("start", Start, Required, "Lying face down, chest and thighs on the floor, both hands behind the start line."),
            new("climb", Through, Required, "The feet walk up the wall while the hands walk in. Knees do not touch wall or floor."),
            new("finish-hands", Finish, Required, "Both hands are wholly past the hand line, on the wall's side. On the line is out."),
            new("finish-feet", Finish, Required, "Both feet touch the wall."),
            new("return", Between, Required, "The hands go back behind the start line before the feet leave the wall, and the chest comes down."),
        ],
        [
            new("line", "finish-hands", "A finger is on the hand line, or before it.", SeenFromTheSide, "No rep, line", RepeatTheLastPhase,
                "Move both hands past the line, then come down"),
            new("jump-down", "return", "The feet leave the wall before both hands are behind the start line.", SeenFromTheSide, "No rep, come down", RepeatTheRep,
                "Lie down behind the start line and repeat the rep"),
            new("chest", "start", "The rep begins without chest and thighs on the floor.", SeenFromTheSide, "No rep, chest", RepeatTheRep,
                "Lie down behind the start line and begin again"),
        ],
        new("Beside the hand line, kneeling if needed, outside the space in which the athlete may fall.",
            "When both hands are past the line: “good”. When the chest is down again: the count aloud."),
        ["Free floor around the athlete; come down under control when the shoulders tire; mats where people fall."]);
}
