using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The hold on hands and feet with straight arms.</summary>
public static class FrontPlankOnStraightArms
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "front-plank-on-straight-arms", "front plank on straight arms", ["front plank", "straight-arm plank", "plank"], "Holds", MovementKit.None,
        [
            new("setup-floor", SetUp, Required, "The floor or mat is flat and dry; the holder is seen by the judge."),
            new("start", Start, Required, "Hands and feet on the floor, arms straight, body in one line."),
            new("line", Through, Required, "Hips neither sag below nor rise above the line from shoulder to heel."),
            new("still", Through, Required, "Hands and feet stay on the floor."),
            new("finish-held", Finish, Required, "The hold lasts from the first to the last moment of each partner’s rep."),
            new("finish-call", Finish, Required, "The holder leaves the plank only when the turn is over or after a call."),
            new("between", Between, Allowed, "The hold may pause between two reps of the partner; no rep counts meanwhile."),
        ],
        [
            new("sag", "line", "The hips sink or rise clearly out of the line.", SeenFromTheSide, "Plank", NotCounted,
                "Come back into line; the rep in the air does not count"),
            new("knee", "still", "A knee touches the floor.", SeenFromTheSide, "Down, no rep", NotCounted,
                "Come back into the plank; the rep in the air does not count"),
            new("hand", "still", "A hand leaves the floor.", SeenFromTheFront, "Hand, no rep", NotCounted,
                "Put the hand down; the rep in the air does not count"),
        ],
        new("Beside the holder at hip height; a second judge watches the working partner.",
            "“Plank” while it is broken; nothing while it is held."),
        ["The holder may stop at any time; lower back pain ends the hold."]);
}
