using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The lunge walked over marked sections.</summary>
public static class WalkingLunge
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "walking-lunge", "walking lunge", ["bodyweight walking lunge", "lunge walk"], "Lunges", MovementKit.None,
        [
            new("setup-marks", SetUp, Measured, "The sections are marked across the lane and measured before the heat."),
            new("start", Start, Required, "Both feet are behind the line."),
            new("knee", Through, Required, "The knee behind touches the floor at each step."),
            new("stand", Through, Required, "Hips and knees are straight between two steps; stepping through is allowed when the brief says so."),
            new("finish-mark", Finish, Required, "The front foot has crossed the mark with its knee rule kept."),
            new("finish-line", Finish, Required, "Both feet are over the last line."),
            new("between", Between, Allowed, "A rest is allowed standing, inside the section."),
        ],
        [
            new("knee-up", "knee", "The knee behind stays off the floor.", SeenFromTheSide, "No step, knee", RepeatTheLastPhase,
                "Repeat the step from where it began"),
            new("shuffle", "stand", "A small extra step is taken to reach the mark.", SeenFromTheSide, "No section, steps", FromTheLastMark,
                "Go back to the last mark"),
            new("hands", "stand", "A hand pushes on the thigh.", SeenFromTheFront, "No step, hands", RepeatTheLastPhase,
                "Repeat the step"),
        ],
        new("Beside the lane at knee height, walking along.",
            "At each mark crossed: the section aloud."),
        ["A clean floor; knees touch lightly."]);
}
