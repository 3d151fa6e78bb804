using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The crawl on hands and feet over marked sections.</summary>
public static class BearCrawl
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "bear-crawl", "bear crawl", ["crawl"], "Crawls", MovementKit.None,
        [
            new("setup-marks", SetUp, Measured, "The sections are marked across the lane and measured before the heat."),
            new("start", Start, Required, "Hands and feet are behind the line."),
            new("hands-feet", Through, Required, "Only hands and feet touch the floor."),
            new("lane", Through, Required, "The athlete stays inside the lane."),
            new("finish-mark", Finish, Required, "Both hands and both feet have crossed the mark."),
            new("finish-hips", Finish, Allowed, "The hips may be at any height."),
            new("between", Between, Allowed, "A rest is allowed on hands and feet or standing at a mark."),
        ],
        [
            new("knee", "hands-feet", "A knee touches the floor.", SeenFromTheSide, "No section, knee", FromTheLastMark,
                "Go back to the last mark"),
            new("walked", "hands-feet", "The athlete stands up and walks inside a section.", SeenFromTheSide, "No section, down", FromTheLastMark,
                "Go back to the last mark"),
            new("trailing", "finish-mark", "A foot has not crossed the mark at the turn.", SeenFromTheSide, "Not over", RepeatTheLastPhase,
                "Bring both feet over the mark"),
        ],
        new("Beside the lane, walking along at the level of the feet.",
            "At each mark crossed by the feet: the section aloud."),
        ["A clean floor; wrists may be taped as the policy says."]);
}
