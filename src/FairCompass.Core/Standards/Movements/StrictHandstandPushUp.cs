using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The handstand push-up without a kick of the legs.</summary>
public static class StrictHandstandPushUp
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "strict-handstand-push-up", "strict handstand push-up", ["strict handstand pushup"], "Upside down", MovementKit.Wall,
        [
            new("setup-line", SetUp, Measured, "The line is marked at each athlete’s own height, as the brief says, and written on the card."),
            new("setup-hands", SetUp, Required, "The hands stay inside the marked box; fingers may not leave it."),
            new("start", Start, Required, "Arms straight, heels on the wall above the line."),
            new("head", Through, Required, "The head touches the floor or the pad, level with the hands or lower."),
            new("strict", Through, Forbidden, "The hips and knees do not bend to help."),
            new("finish-elbows", Finish, Required, "Both elbows are straight."),
            new("finish-heels", Finish, Required, "Both heels are on the wall above the line."),
            new("between", Between, Required, "After coming down, a full kick-up begins the next rep."),
        ],
        [
            new("kip", "strict", "Hips or knees bend and then open on the way up.", SeenFromTheSide, "No rep, strict", RepeatTheRep,
                "Go down again with straight legs"),
            new("heels-low", "finish-heels", "A heel is below the line when the elbows are straight.", SeenFromTheFront, "No rep, heels", RepeatTheRep,
                "Bring the heels above the line and repeat the rep"),
            new("hands-out", "setup-hands", "A palm or finger is outside the box.", SeenFromTheFront, "No rep, hands", RepeatTheRep,
                "Put the hands inside and repeat the rep"),
            new("no-head", "head", "The head does not touch.", SeenFromTheSide, "No rep, head", RepeatTheRep,
                "Repeat the rep"),
        ],
        new("To the side, where head and heels are both seen.",
            "When the elbows are straight with the heels above the line: the count aloud."),
        ["A pad of stated thickness under the head; come down before the arms give way; neck pain ends the work."]);
}
