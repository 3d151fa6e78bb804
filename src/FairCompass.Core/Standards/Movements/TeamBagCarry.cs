using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The team bag carried over a distance.</summary>
public static class TeamBagCarry
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "team-bag-carry", "team-bag carry", ["team bag carry"], "Team bag", MovementKit.TeamBag,
        [
            new("setup-line", SetUp, Measured, "Start and finish lines are marked across the lane."),
            new("start", Start, Required, "The whole bag and all feet are behind the line."),
            new("carry", Through, Required, "The bag is carried off the floor, by every member, in any hold the brief allows."),
            new("lane", Through, Required, "The team stays inside the lane."),
            new("finish-line", Finish, Required, "The whole bag and all feet are over the line."),
            new("finish-down", Finish, Required, "The bag is put down, not thrown."),
            new("between", Between, Allowed, "The bag may be set down on the way and taken up where it lies."),
        ],
        [
            new("dragged", "carry", "The bag drags on the floor.", SeenFromTheSide, "Lift the bag", FromTheLastMark,
                "Stop, lift it, and go on from there"),
            new("short", "finish-line", "A foot or an end of the bag is still before the line.", SeenFromTheSide, "Not over", RepeatTheLastPhase,
                "Go on until everything is over the line"),
            new("hands-off", "carry", "A member walks beside without a hand on the bag.", SeenFromTheFront, "All hands", FromTheLastMark,
                "Stop until every member holds the bag"),
        ],
        new("Beside the lane at the finish line.",
            "When everything is over the line: “over”."),
        ["Short steps; one voice; hands clear when the bag is put down."]);
}
