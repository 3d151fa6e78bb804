using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The muscle-up on rings.</summary>
public static class RingMuscleUp
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "ring-muscle-up", "ring muscle-up", ["ring muscle up"], "Pull-ups", MovementKit.Rings,
        [
            new("setup-rings", SetUp, Required, "Rings and straps are checked and level; a mat lies below; a step stands ready."),
            new("start", Start, Required, "Hanging below the rings with straight arms, feet off the floor."),
            new("through", Through, Required, "The athlete passes through a dip above the rings."),
            new("help", Through, Forbidden, "Feet do not touch straps or uprights."),
            new("finish-elbows", Finish, Required, "The elbows are straight above the rings."),
            new("finish-shoulders", Finish, Required, "The shoulders are above the hands."),
            new("between", Between, Required, "The arms are straight below before the next rep."),
        ],
        [
            new("soft", "finish-elbows", "The elbows stay bent in the support.", SeenFromTheSide, "No rep, lock out", RepeatTheLastPhase,
                "Straighten the elbows before going down"),
            new("bent-hang", "start", "The rep begins with bent arms.", SeenFromTheSide, "No rep, hang", RepeatTheRep,
                "Hang with straight arms and repeat the rep"),
            new("feet", "help", "A foot touches strap or upright.", SeenFromTheFront, "No rep, feet", RepeatTheRep,
                "Repeat the rep from the hang"),
            new("not-over", "through", "The athlete turns over without a dip and falls back.", SeenFromTheSide, "No rep", RepeatTheRep,
                "Repeat the rep from the hang"),
        ],
        new("To the side, two steps back, looking up to the elbows.",
            "When the elbows are straight: the count aloud."),
        ["Mats under the rings; a tired shoulder ends the set."]);
}
