using FairCompass.Core.Quantities;
using FairCompass.Core.Standards.Phrases;
using static FairCompass.Core.Standards.Phrases.Book;

namespace FairCompass.Core.Standards.Movements;

/// <summary>Pulls from the floor, cleans, and snatches.</summary>
internal static class Pulls
{
    public static Eq<Movement> All { get; } =
    [
        Movement(("deadlift", "pesos muertos"), ["barbell deadlift", "dead lift"], Families.FloorPulls, MovementKit.Barbell, "deadlift", Judging.BesideBar, Judging.CountFinish, [Care.Bar, Care.Back], ("A lighter bar on plates of full diameter.", "Una barra más ligera con discos de diámetro completo."),
            Setup.Bar, Entry.Floor, Lifting.ArmsOutside, Lifting.StandTall, Lifting.ShouldersBehind, Lifting.NoBounce),
        Movement(("two-person deadlift", "pesos muertos en pareja"), ["partner deadlift", "two person deadlift"], Families.FloorPulls, MovementKit.Barbell, "deadlift", Judging.BesideBar, Judging.CountFinish, [Care.Bar, Care.Back, Care.TeamBag], ("A lighter bar, or a deadlift each.", "Una barra más ligera, o un peso muerto cada uno."),
            Setup.LongBar, Entry.Floor, Lifting.BothRise, Lifting.StandTall, Lifting.ShouldersBehind, Lifting.NoBounce),
        Movement(("power clean", "cargadas de potencia"), ["barbell power clean"], Families.Cleans, MovementKit.Barbell, "power-clean", Judging.BesideBar, Judging.CountFinish, [Care.Bar], ("A lighter bar, or from the hang.", "Una barra más ligera, o desde la suspensión."),
            Setup.Bar, Entry.Floor, Lifting.PowerHigh, Lifting.StandTall, Lifting.ElbowsFront, Lifting.NoBounce, Lifting.NoDropOf),
        Movement(("muscle clean", "cargadas sin flexión"), ["barbell muscle clean"], Families.Cleans, MovementKit.Barbell, "muscle-clean", Judging.BesideBar, Judging.CountFinish, [Care.Bar], ("A power clean.", "Una cargada de potencia."),
            Setup.Bar, Entry.Floor, Lifting.MuscleNoBend, Lifting.StandTall, Lifting.ElbowsFront, Lifting.NoBounce, Lifting.NoDropOf),
        Movement(("squat clean", "cargadas completas"), ["clean", "barbell clean", "full clean"], Families.Cleans, MovementKit.Barbell, "squat-clean", Judging.BesideBar, Judging.CountFinish, [Care.Bar], ("A power clean and front squat.", "Una cargada de potencia y sentadilla frontal."),
            Setup.Bar, Entry.Floor, Lifting.SquatReceive, Lifting.StandTall, Lifting.ElbowsFront, Lifting.NoBounce, Lifting.NoDropOf),
        Movement(("split clean", "cargadas en tijera"), ["barbell split clean"], Families.Cleans, MovementKit.Barbell, "split-clean", Judging.FrontAndSide, Judging.CountFinish, [Care.Bar], ("A power clean.", "Una cargada de potencia."),
            Setup.Bar, Entry.Floor, Lifting.SplitReceive, Lifting.StandTall, Lifting.ElbowsFront, Lifting.FeetInLine, Lifting.NoBounce, Lifting.NoDropOf),
        Movement(("hang power clean", "cargadas de potencia en suspensión"), ["barbell hang power clean"], Families.Cleans, MovementKit.Barbell, "hang-power-clean", Judging.BesideBar, Judging.CountFinish, [Care.Bar], ("A lighter bar.", "Una barra más ligera."),
            Setup.Bar, Entry.StandTall, Entry.Hang, Lifting.PowerHigh, Lifting.StandTall, Lifting.ElbowsFront, Lifting.ReturnHang),
        Movement(("hang clean", "cargadas en suspensión"), ["barbell hang clean", "hang squat clean"], Families.Cleans, MovementKit.Barbell, "hang-squat-clean", Judging.BesideBar, Judging.CountFinish, [Care.Bar], ("A hang power clean.", "Una cargada de potencia en suspensión."),
            Setup.Bar, Entry.StandTall, Entry.Hang, Lifting.SquatReceive, Lifting.StandTall, Lifting.ElbowsFront, Lifting.ReturnHang),
        Movement(("clean and jerk", "dos tiempos"), ["barbell clean and jerk"], Families.Cleans, MovementKit.Barbell, "clean-and-jerk", Judging.FrontAndSide, Judging.CountFinish, [Care.Bar, Care.Overhead], ("A lighter bar, or a clean and push press.", "Una barra más ligera, o cargada y push press."),
            Setup.Bar, Entry.Floor, Lifting.OnShouldersThrough, Lifting.DipAllowed, Lifting.NoPressOut, Lifting.LockOut, Lifting.StandTall, Lifting.OverMiddle, Lifting.FeetInLine, Lifting.NoBounce, Lifting.NoDropOf),
        Movement(("power snatch", "arrancadas de potencia"), ["barbell power snatch"], Families.Snatches, MovementKit.Barbell, "power-snatch", Judging.FrontAndSide, Judging.CountFinish, [Care.Bar, Care.Overhead], ("A lighter bar, or a dumbbell snatch.", "Una barra más ligera, o arrancada con mancuerna."),
            Setup.Bar, Entry.Floor, Lifting.OnePull, Lifting.PowerHigh, Lifting.LockOut, Lifting.StandTall, Lifting.OverMiddle, Lifting.NoBounce, Lifting.NoDropOf),
        Movement(("squat snatch", "arrancadas completas"), ["snatch", "barbell snatch", "full snatch"], Families.Snatches, MovementKit.Barbell, "squat-snatch", Judging.FrontAndSide, Judging.CountFinish, [Care.Bar, Care.Overhead], ("A power snatch and overhead squat.", "Una arrancada de potencia y sentadilla de arrancada."),
            Setup.Bar, Entry.Floor, Lifting.OnePull, Lifting.SquatReceive, Lifting.LockOut, Lifting.StandTall, Lifting.OverMiddle, Lifting.NoBounce, Lifting.NoDropOf),
        Movement(("hang power snatch", "arrancadas de potencia en suspensión"), ["barbell hang power snatch"], Families.Snatches, MovementKit.Barbell, "hang-power-snatch", Judging.FrontAndSide, Judging.CountFinish, [Care.Bar, Care.Overhead], ("A lighter bar.", "Una barra más ligera."),
            Setup.Bar, Entry.StandTall, Entry.Hang, Lifting.OnePull, Lifting.PowerHigh, Lifting.LockOut, Lifting.StandTall, Lifting.OverMiddle, Lifting.ReturnHang),
        Movement(("hang snatch", "arrancadas en suspensión"), ["barbell hang snatch", "hang squat snatch"], Families.Snatches, MovementKit.Barbell, "hang-squat-snatch", Judging.FrontAndSide, Judging.CountFinish, [Care.Bar, Care.Overhead], ("A hang power snatch.", "Una arrancada de potencia en suspensión."),
            Setup.Bar, Entry.StandTall, Entry.Hang, Lifting.OnePull, Lifting.SquatReceive, Lifting.LockOut, Lifting.StandTall, Lifting.OverMiddle, Lifting.ReturnHang),
        Movement(("one-arm dumbbell snatch", "arrancadas con una mancuerna"), ["dumbbell snatch", "single-arm dumbbell snatch"], Families.Snatches, MovementKit.Dumbbell, "dumbbell-snatch", Judging.FrontAndSide, Judging.CountFinish, [Care.Hand], ("A lighter dumbbell.", "Una mancuerna más ligera."),
            Setup.Dumbbell, Entry.HeadsOnFloor, Lifting.OnePull, Lifting.FreeHand, Lifting.StandTall, Lifting.OneArmLock, Lifting.HandsTurn),
        Movement(("dumbbell clean", "cargadas con mancuernas"), ["double dumbbell clean", "dumbbell power clean"], Families.Cleans, MovementKit.Dumbbell, "dumbbell-clean", Judging.FrontAndSide, Judging.CountFinish, [Care.Hand], ("Lighter dumbbells, or from the hang.", "Mancuernas más ligeras, o desde la suspensión."),
            Setup.Dumbbells, Entry.HeadsOnFloor, Lifting.ShoulderTouch, Lifting.StandTall, Lifting.ElbowsFront, Lifting.OnShoulders, Lifting.NoThrow),
        Movement(("dumbbell hang clean and jerk", "dos tiempos con mancuernas en suspensión"), ["double dumbbell hang clean and jerk", "two-dumbbell hang clean and jerk"], Families.Cleans, MovementKit.Dumbbell, "dumbbell-hang-clean-and-jerk", Judging.FrontAndSide, Judging.CountFinish, [Care.Hand], ("Lighter dumbbells.", "Mancuernas más ligeras."),
            Setup.Dumbbells, Entry.StandTall, Entry.Hang, Lifting.ShoulderTouch, Lifting.NoFloor, Lifting.LockOut, Lifting.StandTall, Lifting.OverMiddle, Lifting.FeetInLine, Lifting.ReturnHang),
    ];
}
