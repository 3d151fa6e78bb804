using FairCompass.Core.Quantities;
using FairCompass.Core.Standards.Phrases;
using static FairCompass.Core.Standards.Phrases.Book;

namespace FairCompass.Core.Standards.Movements;

/// <summary>Holds, runs, jumps, and machines.</summary>
internal static class Athletics
{
    public static Eq<Movement> All { get; } =
    [
        Movement(
            ("handstand hold", "vertical mantenida"),
            ["handstand against the wall"],
            Families.Holds,
            MovementKit.Wall,
            null,
            Judging.BesideWall,
            Judging.HoldCall,
            [Care.Upside],
            ("A plank on straight arms.", "Una plancha con brazos rectos."),
            Setup.Floor,
            Carrying.HandstandHeld,
            OnTheFloor.HoldTime
        ),
        Movement(
            ("L-sit hold", "L-sit mantenido"),
            ["l sit", "l-sit"],
            Families.Holds,
            MovementKit.None,
            null,
            Judging.BesideFloor,
            Judging.HoldCall,
            [Care.Floor],
            ("With one leg, or bent knees.", "Con una pierna o las rodillas flexionadas."),
            Setup.Floor,
            Carrying.LSit,
            OnTheFloor.HoldTime
        ),
        Movement(
            ("running", "carrera"),
            ["run"],
            Families.Travel,
            MovementKit.None,
            null,
            Judging.AtTheLine,
            Judging.CountLap,
            [Care.Running],
            ("A shorter course.", "Un recorrido más corto."),
            Setup.Course,
            Entry.BehindLine,
            Carrying.OnTheCourse,
            Carrying.LapCrossed
        ),
        Movement(
            ("stair run", "subida de escaleras"),
            ["step run", "stairs"],
            Families.Travel,
            MovementKit.None,
            null,
            Judging.AtTheTop,
            Judging.CountFinish,
            [Care.Running],
            ("Fewer flights.", "Menos tramos."),
            Setup.Stairs,
            Entry.BehindLine,
            Carrying.EveryStep,
            Carrying.BothFeetOnTop
        ),
        Movement(
            ("shuttle run with load", "carrera de ida y vuelta con carga"),
            ["loaded shuttle run"],
            Families.Travel,
            MovementKit.Sandbag,
            "sandbag-carry",
            Judging.AtTheLine,
            Judging.CountTurn,
            [Care.Running, Care.Carry],
            ("A lighter load.", "Una carga más ligera."),
            Setup.Sandbag,
            Setup.TurnLines,
            Entry.BehindLine,
            OnTheFloor.CarryNoDrag,
            OnTheFloor.LaneShuttle,
            OnTheFloor.SectionLoad,
            OnTheFloor.RestStanding
        ),
        Movement(
            ("jump over a line", "salto por encima de una línea"),
            ["line hop", "jump over a hurdle"],
            Families.Travel,
            MovementKit.None,
            "jump-over-line",
            Judging.AtTheLine,
            Judging.CountLand,
            [Care.Floor],
            ("A lower hurdle, or the line.", "Una valla más baja o la línea."),
            Setup.Floor,
            Bodyweight.BehindTheLine,
            Bodyweight.JumpOverLine,
            OnTheFloor.RestStanding
        ),
        Movement(
            ("jump to touch", "salto a tocar"),
            ["jump to touch the bar", "jump to touch the rings"],
            Families.Bar,
            MovementKit.HangingBar,
            null,
            Judging.BesideHang,
            Judging.CountTouch,
            [Care.Hang],
            ("A higher step.", "Un escalón más alto."),
            Setup.HighBar,
            Entry.BothFeet,
            Bodyweight.BothFeetLeave,
            Bodyweight.TouchHigh,
            OnTheFloor.RestStanding
        ),
        Movement(
            ("ski machine", "esquí ergómetro"),
            ["ski erg machine", "skiing machine"],
            Families.Machines,
            MovementKit.Machine,
            null,
            Judging.BesideMonitor,
            Judging.CountMonitor,
            [Care.Machine],
            ("Fewer calories or metres.", "Menos calorías o metros."),
            OnTheFloor.MonitorZero,
            Entry.SkiHandles,
            OnTheFloor.AnyRow,
            OnTheFloor.Number,
            OnTheFloor.SkiStands
        ),
        Movement(
            ("stationary bike", "bicicleta estática"),
            ["bike machine", "exercise bike"],
            Families.Machines,
            MovementKit.Machine,
            "air-bike",
            Judging.BesideMonitor,
            Judging.CountMonitor,
            [Care.Machine],
            ("Fewer calories.", "Menos calorías."),
            OnTheFloor.MonitorZero,
            Setup.Seat,
            OnTheFloor.Mount,
            OnTheFloor.AnyStroke,
            OnTheFloor.Number,
            OnTheFloor.StaysSeated
        ),
    ];
}
