using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The deadlift.</summary>
public static class Deadlift
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "deadlift", "deadlift", ["barbell deadlift", "dead lift"], "Pulls from the floor", MovementKit.Barbell,
        [
            new("setup-bar", SetUp, Required, "The bar carries clips and full-diameter plates, and rests on the floor inside the lane."),
            new("start", Start, Required, "Both plates touch the floor. Both hands hold the bar outside the knees."),
            new("arms", Through, Required, "The bar goes up in one pull with straight arms."),
            new("finish-hips", Finish, Required, "Knees and hips are straight."),
            new("finish-shoulders", Finish, Required, "The shoulders are behind the bar, seen from the side."),
            new("no-bounce", Between, Forbidden, "The plates are not bounced. Touching the floor and going on without a stop is allowed."),
        ],
        [
            new("soft", "finish-hips", "Knees or hips are still bent when the bar goes down.", SeenFromTheSide, "No rep, lock out", RepeatTheRep,
                "Repeat the rep from the floor"),
            new("shoulders", "finish-shoulders", "The shoulders stay in front of the bar at the top.", SeenFromTheSide, "No rep, shoulders", RepeatTheRep,
                "Repeat the rep from the floor"),
            new("bounce", "no-bounce", "The bar jumps off the floor before the pull, with a loud double knock.", Heard, "No rep, bounce", WaitForKit,
                "Wait until the bar lies still, then repeat the rep"),
            new("one-plate", "start", "Only one side touches the floor between reps.", SeenFromTheFront, "No rep, both sides", RepeatTheRep,
                "Put both sides down and repeat the rep"),
        ],
        new("To the side, one step behind the line of the bar, where knee, hip and shoulder are seen in one line.",
            "When the shoulders pass behind the bar: the count aloud."),
        ["Clips on; the bar is lowered in the hands and nobody stands at the end of a bar."]);
}
