using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The lunge with the bar on the front of the shoulders.</summary>
public static class FrontRackLunge
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "front-rack-lunge", "front-rack lunge", ["barbell front-rack lunge", "front rack lunge"], "Lunges", MovementKit.Barbell,
        [
            new("setup-bar", SetUp, Required, "The bar carries clips and the load of the division, and lies inside the lane."),
            new("entry", Entry, Allowed, "The bar is taken from the rack, or cleaned where the brief says from the floor."),
            new("start", Start, Required, "The athlete stands tall, feet together, the bar on the front of the shoulders."),
            new("knee", Through, Required, "The knee of the leg behind touches the floor lightly."),
            new("rack", Through, Required, "The bar stays on the shoulders with the elbows in front."),
            new("finish-legs", Finish, Required, "Hips and knees are straight."),
            new("finish-feet", Finish, Required, "The feet are together before the next lunge; legs take turns."),
            new("between", Between, Allowed, "A rest is allowed standing with the bar or with the bar in the rack."),
        ],
        [
            new("knee-up", "knee", "The knee behind stays off the floor.", SeenFromTheSide, "No rep, knee", RepeatTheRep,
                "Repeat the lunge with the same leg"),
            new("stepping-through", "finish-feet", "The athlete steps into the next lunge without standing.", SeenFromTheSide, "No rep, stand", RepeatTheRep,
                "Stand tall, then repeat the lunge"),
            new("same-leg", "finish-feet", "The same leg goes forward twice.", SeenFromTheFront, "No rep, other leg", RepeatTheRep,
                "Repeat with the other leg"),
            new("elbows-drop", "rack", "The bar slides down to the arms.", SeenFromTheFront, "No rep, rack", RepeatTheRep,
                "Set the bar on the shoulders, then repeat the lunge"),
        ],
        new("To the side at knee height, one step off the line of travel.",
            "When the athlete stands with the feet together: the count aloud."),
        ["Racks and safety arms are checked before the heat; a bar that cannot be held is dropped in front with free space."]);
}
