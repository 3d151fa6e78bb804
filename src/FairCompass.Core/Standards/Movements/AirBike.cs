using static FairCompass.Core.Standards.ClauseKind;
using static FairCompass.Core.Standards.Consequence;
using static FairCompass.Core.Standards.Perceived;
using static FairCompass.Core.Standards.Phase;

namespace FairCompass.Core.Standards.Movements;

/// <summary>Calories on the air bike.</summary>
public static class AirBike
{
    /// <summary>The movement and its standard.</summary>
    public static Movement Standard { get; } = new(
        "air-bike", "air bike", ["fan bike", "airbike"], "Machines", MovementKit.Machine,
        [
            new("setup-zero", SetUp, Required, "The monitor is on, set to calories, and reads zero before the athlete takes the seat. The seat is set beforehand."),
            new("entry", Entry, Required, "The athlete sits down before pedal or handle is moved, unless the brief says otherwise."),
            new("through", Through, Allowed, "Arms, legs, or both may drive. Standing on the pedals is allowed."),
            new("finish-number", Finish, Required, "The monitor shows the full number of calories."),
            new("finish-seat", Finish, Required, "The athlete is on the machine until the number is shown."),
            new("again", Between, Required, "The judge sets the monitor to zero, or notes the reading, before the athlete returns."),
        ],
        [
            new("early-off", "finish-number", "The athlete leaves before the number is shown.", Read, "Back on", RepeatTheLastPhase,
                "Sit down and finish the calories"),
            new("moved-early", "entry", "A pedal or handle is moved by hand or by another person.", SeenFromTheSide, "No calories, off", FromTheLine,
                "Leave the machine, wait for zero, begin again"),
            new("not-zero", "again", "The monitor did not start at zero.", Read, "Stop, monitor", NotCounted,
                "Go on; the judge notes the first reading and subtracts it"),
        ],
        new("Beside the monitor, on the side away from the next lane.",
            "“Three, two, one, off” as the last calories are shown; read the monitor before it goes dark."),
        ["Feet and laces clear of the crank; the machine stands still and level; slow down before stepping off."]);
}
