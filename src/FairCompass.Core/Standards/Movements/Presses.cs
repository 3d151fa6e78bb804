using FairCompass.Core.Quantities;
using FairCompass.Core.Standards.Phrases;
using static FairCompass.Core.Standards.Phrases.Book;

namespace FairCompass.Core.Standards.Movements;

/// <summary>Shoulder to overhead, the bench press, and kettlebells.</summary>
internal static class Presses
{
    public static Eq<Movement> All { get; } =
    [
        Movement(("shoulder-to-overhead", "del hombro arriba"), ["shoulder to overhead", "ground to overhead from the shoulder"], Families.Overhead, MovementKit.Barbell, "push-jerk", Judging.FrontAndSide, Judging.CountFinish, [Care.Bar, Care.Overhead], ("A lighter bar, or dumbbells.", "Una barra más ligera, o mancuernas."),
            Setup.Bar, Entry.Clean, Entry.FrontRack, Lifting.DipAllowed, Lifting.LockOut, Lifting.StandTall, Lifting.OverMiddle, Lifting.FeetInLine, Lifting.NoDropOf),
        Movement(("strict press", "press estricto"), ["shoulder press", "barbell strict press"], Families.Overhead, MovementKit.Barbell, "strict-press", Judging.FrontAndSide, Judging.CountFinish, [Care.Bar, Care.Overhead], ("A push press.", "Un push press."),
            Setup.Bar, Entry.Clean, Entry.FrontRack, Lifting.StrictKnees, Lifting.LockOut, Lifting.StandTall, Lifting.OverMiddle, Lifting.NoDropOf),
        Movement(("push press", "push press"), ["barbell push press"], Families.Overhead, MovementKit.Barbell, "push-press", Judging.FrontAndSide, Judging.CountFinish, [Care.Bar, Care.Overhead], ("A push jerk, where the division allows it.", "Un envión, si la división lo permite."),
            Setup.Bar, Entry.Clean, Entry.FrontRack, Lifting.NoSecondDip, Lifting.LockOut, Lifting.StandTall, Lifting.OverMiddle, Lifting.NoDropOf),
        Movement(("push jerk", "enviones de potencia"), ["barbell push jerk", "power jerk"], Families.Overhead, MovementKit.Barbell, "push-jerk", Judging.FrontAndSide, Judging.CountFinish, [Care.Bar, Care.Overhead], ("A push press.", "Un push press."),
            Setup.Bar, Entry.Clean, Entry.FrontRack, Lifting.DipAllowed, Lifting.NoPressOut, Lifting.LockOut, Lifting.StandTall, Lifting.OverMiddle, Lifting.NoDropOf),
        Movement(("split jerk", "enviones en tijera"), ["barbell split jerk"], Families.Overhead, MovementKit.Barbell, "split-jerk", Judging.FrontAndSide, Judging.CountFinish, [Care.Bar, Care.Overhead], ("A push jerk.", "Un envión de potencia."),
            Setup.Bar, Entry.Clean, Entry.FrontRack, Lifting.SplitReceive, Lifting.NoPressOut, Lifting.LockOut, Lifting.StandTall, Lifting.OverMiddle, Lifting.FeetInLine, Lifting.NoDropOf),
        Movement(("dumbbell shoulder-to-overhead", "del hombro arriba con mancuernas"), ["dumbbell shoulder to overhead"], Families.Overhead, MovementKit.Dumbbell, "dumbbell-jerk", Judging.FrontAndSide, Judging.CountFinish, [Care.Hand], ("Lighter dumbbells.", "Mancuernas más ligeras."),
            Setup.Dumbbells, Entry.Clean, Entry.FrontRack, Lifting.DipAllowed, Lifting.LockOut, Lifting.StandTall, Lifting.OverMiddle, Lifting.FeetInLine, Lifting.NoThrow),
        Movement(("dumbbell push press", "push press con mancuernas"), ["double dumbbell push press"], Families.Overhead, MovementKit.Dumbbell, "dumbbell-push-press", Judging.FrontAndSide, Judging.CountFinish, [Care.Hand], ("Lighter dumbbells, or any way overhead.", "Mancuernas más ligeras, o subir de cualquier manera."),
            Setup.Dumbbells, Entry.Clean, Entry.FrontRack, Lifting.NoSecondDip, Lifting.LockOut, Lifting.StandTall, Lifting.OverMiddle, Lifting.NoThrow),
        Movement(("bench press", "press de banca"), ["barbell bench press"], Families.Presses, MovementKit.Barbell, "bench-press", Judging.BesideBench, Judging.CountFinish, [Care.Bench, Care.Bar], ("A lighter bar, or hand-release push-ups.", "Una barra más ligera, o flexiones con manos libres."),
            Setup.Bench, Setup.Spotters, Entry.BarStill, Entry.Lying, Lifting.BarChest, Lifting.Spotted, Lifting.LockOut, Lifting.RackStill, Lifting.NoChestBounce),
        Movement(("kettlebell swing", "balanceos de pesa rusa arriba"), ["overhead kettlebell swing", "kettlebell swing overhead"], Families.Kettlebells, MovementKit.Kettlebell, "swing-overhead", Judging.OutOfSwing, Judging.CountFinish, [Care.Swing], ("To eye level, or a lighter bell.", "A la altura de los ojos, o una pesa más ligera."),
            Setup.Kettlebell, Entry.BellBetweenLegs, Lifting.SwingDriven, Lifting.BellOverhead, Lifting.StandTall, Lifting.PutDown),
        Movement(("kettlebell swing to eye level", "balanceos de pesa rusa a los ojos"), ["eye-level kettlebell swing", "kettlebell swing eye level"], Families.Kettlebells, MovementKit.Kettlebell, "swing-eye", Judging.OutOfSwing, Judging.CountFinish, [Care.Swing], ("A lighter bell.", "Una pesa más ligera."),
            Setup.Kettlebell, Entry.BellBetweenLegs, Lifting.SwingDriven, Lifting.BellEye, Lifting.StandTall, Lifting.PutDown),
        Movement(("kettlebell clean and jerk", "dos tiempos con pesa rusa"), ["kettlebell clean & jerk"], Families.Kettlebells, MovementKit.Kettlebell, "kettlebell-clean-and-jerk", Judging.FrontAndSide, Judging.CountFinish, [Care.Hand, Care.Swing], ("A lighter bell.", "Una pesa más ligera."),
            Setup.Kettlebell, Entry.BellBetweenLegs, Lifting.OnShouldersThrough, Lifting.FreeHand, Lifting.OneArmLock, Lifting.StandTall, Lifting.HandsTurn),
    ];
}
