using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>The pull-up in which the chest meets the bar.</summary>
public static class ChestToBarPullUp
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "chest-to-bar-pull-up", "chest-to-bar pull-up", ["chest to bar pull up", "chest-to-bar"], "Pull-ups", MovementKit.HangingBar,
        [
            new("setup-bar", SetUp, Required, "The bar is fixed and dry; a step stands ready for short athletes."),
            new("start", Start, Required, "Hanging with straight arms, feet off the floor."),
            new("pull", Through, Allowed, "Any way up is allowed unless the brief says strict."),
            new("finish-chest", Finish, Required, "The chest below the collarbone touches the bar."),
            new("finish-seen", Finish, Required, "The touch is seen, not guessed."),
            new("grip", Between, Allowed, "The grip may be changed; tape or grips as the policy says."),
            new("between", Between, Required, "The arms are straight below before the next pull."),
        ],
        [
            new("no-touch", "finish-chest", "The chin passes the bar but the chest does not touch.", SeenFromTheSide, "No rep, chest", RepeatTheRep,
                "Repeat the rep"),
            new("collarbone", "finish-chest", "The bar meets the neck or collarbone.", SeenFromTheSide, "No rep, lower", RepeatTheRep,
                "Repeat the rep"),
            new("bent", "between", "The arms stay bent below.", SeenFromTheSide, "No rep, arms", RepeatTheRep,
                "Straighten the arms and repeat the rep"),
        ],
        new("To the side, near enough to see the contact.",
            "At the touch: the count aloud."),
        ["Torn hands are cleaned and covered; nobody walks under a swing."]);
}
