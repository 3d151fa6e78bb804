using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The press lying on a bench.</summary>
public static class BenchPress
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "bench-press", "bench press", ["barbell bench press"], "Presses", MovementKit.Barbell,
        [
            new("setup-bench", SetUp, Required, "The bench stands level; rack pins and safety arms are set and checked for this athlete."),
            new("setup-spot", SetUp, Required, "The spotters the brief names stand ready before the bar leaves the rack."),
            new("entry", Entry, Required, "The bar is held still with straight arms before the first rep."),
            new("start", Start, Required, "Hips and shoulders lie on the bench, the feet on the floor."),
            new("chest", Through, Required, "The bar touches the chest."),
            new("finish-elbows", Finish, Required, "Both elbows are straight."),
            new("finish-still", Finish, Required, "The bar is still before it is racked."),
            new("between", Between, Forbidden, "The bar is not bounced off the chest."),
        ],
        [
            new("no-touch", "chest", "The bar turns above the chest.", SeenFromTheSide, "No rep, chest", RepeatTheRep,
                "Repeat the rep to the chest"),
            new("soft-elbows", "finish-elbows", "An elbow is still bent when the bar goes down or is racked.", SeenFromTheFront, "No rep, lock out", RepeatTheRep,
                "Repeat the rep"),
            new("hips-up", "start", "The hips leave the bench.", SeenFromTheSide, "No rep, hips", RepeatTheRep,
                "Put the hips down and repeat the rep"),
            new("spotted", "setup-spot", "A spotter touches the bar.", SeenFromTheFront, "No rep, spotted", RepeatTheRep,
                "Repeat the rep; racking for safety is always allowed"),
        ],
        new("At the side of the bench at chest height, clear of the spotters.",
            "When both elbows are straight: the count aloud."),
        ["Spotters and safety arms are not optional; a spotter who doubts takes the bar."]);
}
