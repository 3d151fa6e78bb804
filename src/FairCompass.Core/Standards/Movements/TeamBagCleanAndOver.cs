using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The team bag lifted from the floor over to the other shoulder by the whole team.</summary>
public static class TeamBagCleanAndOver
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "team-bag-clean-and-over", "team-bag clean-and-over", ["team bag clean and over"], "Team bag", MovementKit.TeamBag,
        [
            new("setup-bag", SetUp, Required, "The bag lies along the lane, its seams closed, the team beside it on one side."),
            new("start", Start, Required, "The bag rests on the floor with every hand on it."),
            new("clean", Through, Required, "The team lifts the bag to the near shoulder together."),
            new("over", Through, Required, "The bag passes over all heads; nobody lets go."),
            new("finish-shoulder", Finish, Required, "The bag rests on the far shoulder of every member."),
            new("finish-feet", Finish, Required, "Bag and feet are inside the lane."),
            new("between", Between, Required, "A failed rep begins again at its own start; the bag is lowered together."),
        ],
        [
            new("early", "finish-shoulder", "One member’s end is not on the far shoulder.", SeenFromTheFront, "No rep, shoulder", RepeatTheLastPhase,
                "Bring the bag to every far shoulder"),
            new("let-go", "over", "A hand leaves the bag overhead.", SeenFromTheFront, "No rep, hands", RepeatTheRep,
                "Lower the bag together and begin again"),
            new("out", "finish-feet", "A foot or the bag leaves the lane.", SeenFromTheSide, "No rep, lane", RepeatTheRep,
                "Bring the bag back and begin again"),
            new("uneven", "clean", "One end leaves the floor long before the other.", SeenFromTheSide, "No rep, together", RepeatTheRep,
                "Lower the bag and lift together"),
        ],
        new("In front of the bag at one end, outside the lane.",
            "When the bag rests on every far shoulder: the count aloud."),
        ["One voice gives the command; heads stay clear; who cannot hold says so before letting go."]);
}
