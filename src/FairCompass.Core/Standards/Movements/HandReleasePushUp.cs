using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The push-up with the hands lifted at the bottom.</summary>
public static class HandReleasePushUp
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "hand-release-push-up", "hand-release push-up", ["hand release push up", "hand-release push up"], "Push-ups", MovementKit.None,
        [
            new("setup-floor", SetUp, Required, "The floor or mat is flat and dry; the feet have free space."),
            new("start", Start, Required, "Arms straight, body in one line from shoulder to heel, feet on the floor."),
            new("chest", Through, Required, "The chest touches the floor, then both palms leave it."),
            new("line", Through, Required, "The body rises in one line; knees and belly do not push off."),
            new("finish-elbows", Finish, Required, "Both elbows are straight."),
            new("finish-line", Finish, Required, "The body is in one line from shoulder to heel."),
            new("between", Between, Allowed, "A rest lying down or with straight arms is allowed."),
        ],
        [
            new("hands-down", "chest", "One palm stays on the floor.", SeenFromTheSide, "No rep, hands", RepeatTheRep,
                "Lie down and lift both hands"),
            new("snake", "line", "The shoulders rise first and the hips follow later.", SeenFromTheSide, "No rep, in one line", RepeatTheRep,
                "Lie down again and rise in one line"),
            new("knees", "line", "A knee pushes on the floor.", SeenFromTheSide, "No rep, knee", RepeatTheRep,
                "Lie down again with the knees off the floor"),
            new("soft-elbows", "finish-elbows", "An elbow is still bent when the athlete goes down.", SeenFromTheSide, "No rep, lock out", RepeatTheRep,
                "Repeat the rep"),
        ],
        new("To the side at the level of the hips, near enough to see the hands.",
            "When both elbows are straight: the count aloud."),
        ["High volumes tire shoulders and lower back; stop when the position cannot be held."]);
}
