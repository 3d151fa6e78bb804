using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The walk on the hands over marked sections.</summary>
public static class HandstandWalk
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "handstand-walk", "handstand walk", ["hand walk"], "Upside down", MovementKit.None,
        [
            new("setup-marks", SetUp, Measured, "The sections are marked across the lane and measured before the heat."),
            new("start", Start, Required, "Both feet and both hands are behind the line before the kick-up."),
            new("hands-only", Through, Required, "Only the hands touch the floor inside a section."),
            new("lane", Through, Required, "The hands stay inside the lane."),
            new("finish-mark", Finish, Required, "Both hands have crossed the mark completely."),
            new("finish-feet", Finish, Required, "Both feet cross the last line while the athlete is upside down."),
            new("between", Between, Required, "After a fall the walk goes on from the last mark crossed, hands behind it."),
        ],
        [
            new("short", "finish-mark", "A foot comes down before both hands have crossed the mark.", SeenFromTheSide, "No section", FromTheLastMark,
                "Go back to the last mark and kick up behind it"),
            new("ahead", "start", "A hand is on or over the line at the kick-up.", SeenFromTheSide, "Behind the line", FromTheLastMark,
                "Come down and kick up behind the line"),
            new("out", "lane", "A hand leaves the lane.", SeenFromTheFront, "No section, lane", FromTheLastMark,
                "Go back to the last mark"),
        ],
        new("Beside the lane, level with the hands, walking along.",
            "At each mark crossed by both hands: the section aloud."),
        ["Free floor around the athlete; wrists and shoulders tire before the head notices."]);
}
