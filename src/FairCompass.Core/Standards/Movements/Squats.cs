using FairCompass.Core.Quantities;
using FairCompass.Core.Standards.Phrases;
using static FairCompass.Core.Standards.Phrases.Book;

namespace FairCompass.Core.Standards.Movements;

/// <summary>Squats, thrusters, and the wall ball.</summary>
internal static class Squats
{
    public static Eq<Movement> All { get; } =
    [
        Movement(("front squat", "sentadillas frontales"), ["barbell front squat", "squat front"], Families.Squats, MovementKit.Barbell, "front-squat", Judging.BesideHip, Judging.CountFinish, [Care.Bar], ("A lighter bar, or a goblet squat.", "Una barra más ligera, o sentadilla con la carga al pecho."),
            Setup.Bar, Entry.SquatClean, Entry.Rack, Entry.FrontRack, Lifting.Depth, Lifting.RackHeld, Lifting.StandTall, Lifting.ElbowsFront, Lifting.NoDropOf),
        Movement(("back squat", "sentadillas traseras"), ["barbell back squat", "squat back"], Families.Squats, MovementKit.Barbell, "back-squat", Judging.BesideHip, Judging.CountFinish, [Care.Bar, Care.BackRack], ("A lighter bar, or a front squat.", "Una barra más ligera, o sentadilla frontal."),
            Setup.RackBar, Entry.Rack, Entry.BackRack, Lifting.Depth, Lifting.StandTall, Lifting.SteadyOnce, Lifting.NoBounceBack),
        Movement(("overhead squat", "sentadillas de arrancada"), ["barbell overhead squat"], Families.Squats, MovementKit.Barbell, "overhead-squat", Judging.BesideHip, Judging.CountFinish, [Care.Bar, Care.Overhead], ("A lighter bar, or a front squat.", "Una barra más ligera, o sentadilla frontal."),
            Setup.Bar, Entry.Overhead, Lifting.Depth, Lifting.StaysOverhead, Lifting.StandTall, Lifting.OverMiddle, Lifting.NoDropOf),
        Movement(("goblet squat", "sentadillas con la carga al pecho"), ["kettlebell goblet squat"], Families.Squats, MovementKit.Kettlebell, "goblet-squat", Judging.BesideHip, Judging.CountFinish, [Care.Hand], ("A lighter bell, or no load.", "Una pesa más ligera, o sin carga."),
            Setup.Kettlebell, Entry.Clean, Entry.Goblet, Lifting.Depth, Lifting.StandTall, Lifting.SteadyOnce, Lifting.PutDown),
        Movement(("thruster", "thrusters"), ["barbell thruster"], Families.Squats, MovementKit.Barbell, "thruster", Judging.BesideHip, Judging.CountFinish, [Care.Bar, Care.Overhead], ("A lighter bar, or dumbbells.", "Una barra más ligera, o mancuernas."),
            Setup.Bar, Entry.SquatClean, Entry.FrontRack, Lifting.Depth, Lifting.OneDrive, Lifting.LockOut, Lifting.StandTall, Lifting.OverMiddle, Lifting.NoDropOf),
        Movement(("dumbbell thruster", "thrusters con mancuernas"), ["double dumbbell thruster"], Families.Squats, MovementKit.Dumbbell, "dumbbell-thruster", Judging.BesideHip, Judging.CountFinish, [Care.Hand], ("Lighter dumbbells.", "Mancuernas más ligeras."),
            Setup.Dumbbells, Entry.SquatClean, Entry.FrontRack, Lifting.Depth, Lifting.OneDrive, Lifting.LockOut, Lifting.StandTall, Lifting.OverMiddle, Lifting.NoThrow),
        Movement(("kettlebell thruster", "thrusters con pesa rusa"), ["single kettlebell thruster"], Families.Kettlebells, MovementKit.Kettlebell, "kettlebell-thruster", Judging.BesideHip, Judging.CountFinish, [Care.Hand, Care.Swing], ("A lighter bell, or a goblet squat.", "Una pesa más ligera, o sentadilla con la carga al pecho."),
            Setup.Kettlebell, Entry.Clean, Entry.FrontRack, Lifting.Depth, Lifting.OneDrive, Lifting.LockOut, Lifting.StandTall, Lifting.HandsTurn),
        Movement(("cluster", "clusters"), ["squat clean thruster", "barbell cluster"], Families.Squats, MovementKit.Barbell, "cluster", Judging.FrontAndSide, Judging.CountFinish, [Care.Bar, Care.Overhead], ("A lighter bar, or a power clean and push press.", "Una barra más ligera, o cargada de potencia y push press."),
            Setup.Bar, Entry.Floor, Lifting.SquatReceive, Lifting.OneDrive, Lifting.LockOut, Lifting.StandTall, Lifting.OverMiddle, Lifting.NoBounce, Lifting.NoDropOf),
        Movement(("wall-ball shot", "lanzamientos de balón a la pared"), ["wall ball", "wall-ball", "wall ball shot"], Families.Squats, MovementKit.BallAndTarget, "wall-ball", Judging.BesideBall, Judging.CountTouch, [Care.Ball], ("A lighter ball and a lower target.", "Un balón más ligero y un blanco más bajo."),
            Setup.Target, Setup.Ball, Entry.BallFront, Lifting.Depth, Lifting.OneDriveBall, OnTheFloor.BallHit, OnTheFloor.NoBounceCatch),
    ];
}
