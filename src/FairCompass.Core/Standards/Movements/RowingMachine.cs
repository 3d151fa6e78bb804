using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>Calories or metres on the rowing machine.</summary>
public static class RowingMachine
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "rowing-machine", "rowing machine", ["row", "rower", "rowing"], "Machines", MovementKit.Machine,
        [
            new("setup-zero", SetUp, Required, "The monitor shows the unit of the brief and reads zero; the damper may be set beforehand."),
            new("entry", Entry, Required, "The handle is in its holder until the athlete sits."),
            new("through", Through, Allowed, "Any stroke is allowed; feet may be strapped or free."),
            new("finish-number", Finish, Required, "The monitor shows the full number."),
            new("finish-seat", Finish, Required, "The athlete stays on the seat until the number is shown."),
            new("again", Between, Required, "The judge sets the monitor to zero, or notes the reading, before the next athlete."),
        ],
        [
            new("early-off", "finish-seat", "The athlete stands up before the number is shown.", Read, "Back on", RepeatTheLastPhase,
                "Sit down and finish the number"),
            new("handle-held", "entry", "The handle is pulled before the athlete sits, or by somebody else.", SeenFromTheSide, "Stop, handle", FromTheLine,
                "Put the handle in its holder and begin again"),
            new("not-zero", "again", "The monitor shows a number from before.", Read, "Monitor", NotCounted,
                "Go on; the judge notes the first reading and subtracts it"),
            new("thrown", "finish-number", "The handle is let go and flies into the machine.", Heard, "Handle", NotCounted,
                "Go on; the floor crew checks the machine"),
        ],
        new("Beside the monitor, clear of handle and seat rail.",
            "The last three numbers aloud, then “off”; read the monitor before it goes dark."),
        ["Nobody stands behind the seat; straps are opened before the athlete steps off."]);
}
