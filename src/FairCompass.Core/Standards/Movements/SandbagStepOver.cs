using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The step-over with a sandbag.</summary>
public static class SandbagStepOver
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "sandbag-step-over", "sandbag step-over", ["sandbag box step-over", "sandbag step over"], "Box", MovementKit.SandbagAndBox,
        [
            new("setup-box", SetUp, Required, "The box stands square to the line, on a dry floor, and does not rock."),
            new("setup-bag", SetUp, Required, "The bag has the mass of the division and its seam is closed."),
            new("start", Start, Required, "Both feet on the floor on one side, the bag held in any way that leaves it clear of box and floor."),
            new("step", Through, Required, "One foot after the other is placed on top of the box. Jumping is not allowed."),
            new("hands", Through, Forbidden, "No hand and no part of the bag touches the box."),
            new("finish-feet", Finish, Required, "Both feet stand on the floor on the other side."),
            new("finish-bag", Finish, Required, "The bag is still carried."),
            new("between", Between, Allowed, "The bag may be put down between reps, on the floor only."),
        ],
        [
            new("bag-on-box", "hands", "The bag or a hand is put on the box.", SeenFromTheSide, "No rep, bag", RepeatTheRep,
                "Go back to the side where the rep began"),
            new("around", "step", "A foot passes beside the box, or both feet leave the floor together.", SeenFromTheFront, "No rep, step", RepeatTheRep,
                "Go back to the side where the rep began"),
            new("dropped", "finish-bag", "The bag falls before both feet are down.", SeenFromTheSide, "No rep, dropped", RepeatTheRep,
                "Pick up the bag on the side where the rep began"),
            new("one-foot", "finish-feet", "The athlete turns back with one foot still on the box.", SeenFromTheSide, "No rep, both feet", RepeatTheLastPhase,
                "Put both feet down, then go on"),
        ],
        new("At a corner of the box, two steps back, changing side when the athlete does.",
            "When the second foot touches the floor: the count aloud."),
        ["Check the box before the heat; step down, do not jump down with a load; a foot that misses is a fall."]);
}
