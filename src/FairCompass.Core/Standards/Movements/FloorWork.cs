using FairCompass.Core.Quantities;
using FairCompass.Core.Standards.Phrases;
using static FairCompass.Core.Standards.Phrases.Book;

namespace FairCompass.Core.Standards.Movements;

/// <summary>Burpees, boxes, push-ups, and the trunk.</summary>
internal static class FloorWork
{
    public static Eq<Movement> All { get; } =
    [
        Movement(("burpee", "burpees"), ["standard burpee"], Families.Burpees, MovementKit.None, "burpee", Judging.BesideFloor, Judging.CountFinish, [Care.Floor], ("Stepping for jumping.", "Paso en vez de salto."),
            Setup.Floor, Entry.StandsFree, OnTheFloor.ChestDown, OnTheFloor.BurpeeStep, OnTheFloor.JumpOpen, OnTheFloor.StandJump, OnTheFloor.RestStanding),
        Movement(("burpee to the target", "burpees al blanco"), ["burpee to a target", "target burpee"], Families.Burpees, MovementKit.None, "burpee-target", Judging.BesideFloor, Judging.CountTouch, [Care.Floor], ("A lower target.", "Un blanco más bajo."),
            Setup.ReachTarget, Setup.Floor, Entry.StandsFree, OnTheFloor.ChestDown, OnTheFloor.BurpeeStep, OnTheFloor.JumpOpen, OnTheFloor.TouchTarget, OnTheFloor.RestStanding),
        Movement(("bar-facing burpee", "burpees de frente a la barra"), ["bar facing burpee"], Families.Burpees, MovementKit.BarToClear, "burpee-over", Judging.BarEnd, Judging.CountLand, [Care.BarJump], ("Stepping over.", "Pasar con paso."),
            Setup.FullPlates, Entry.StandsFree, Entry.FaceBar, OnTheFloor.ChestDown, OnTheFloor.BurpeeStep, OnTheFloor.OverBar, OnTheFloor.TwoFeet),
        Movement(("burpee over the bar", "burpees por encima de la barra"), ["burpee over bar", "lateral burpee over the bar"], Families.Burpees, MovementKit.BarToClear, "burpee-over", Judging.BarEnd, Judging.CountLand, [Care.BarJump], ("Stepping over.", "Pasar con paso."),
            Setup.FullPlates, Entry.StandsFree, OnTheFloor.ChestDown, OnTheFloor.BurpeeStep, OnTheFloor.OverBar, OnTheFloor.TwoFeet, OnTheFloor.RestStanding),
        Movement(("synchronised burpee", "burpees sincronizados"), ["synchro burpee", "synchronised burpee over the bar"], Families.Burpees, MovementKit.None, "burpee", Judging.BesideFloor, Judging.CountFinish, [Care.Floor], ("In turn instead of together.", "Por turnos en vez de a la vez."),
            Setup.Floor, Entry.StandsFree, OnTheFloor.ChestDown, OnTheFloor.Together, OnTheFloor.JumpOpen, OnTheFloor.StandJump, OnTheFloor.RestStanding),
        Movement(("burpee to the bar", "burpees a la barra"), ["burpee to hang", "burpee to the rings", "burpee ending on the bar"], Families.Burpees, MovementKit.HangingBar, "burpee-hang", Judging.BesideFloor, Judging.CountTouch, [Care.Floor, Care.Hang], ("A burpee to the target.", "Un burpee al blanco."),
            Setup.HighBar, Setup.Floor, Entry.StandsFree, OnTheFloor.ChestDown, OnTheFloor.BurpeeStep, OnTheFloor.HangSeen, OnTheFloor.EndHang, OnTheFloor.RestStanding),
        Movement(("box jump-over", "saltos por encima del cajón"), ["box jump over"], Families.Box, MovementKit.Box, "box-over", Judging.BoxCorner, Judging.CountLand, [Care.Box], ("Stepping over, or a lower box.", "Pasar con paso, o un cajón más bajo."),
            Setup.Box, Entry.BothFeet, OnTheFloor.BoxJump, OnTheFloor.BoxTop, OnTheFloor.BoxHands, OnTheFloor.OtherSide, OnTheFloor.TurnOnTop, OnTheFloor.RestStanding),
        Movement(("burpee box jump", "burpees con salto al cajón"), ["burpee to box jump"], Families.Box, MovementKit.Box, "burpee-box", Judging.BoxCorner, Judging.CountFinish, [Care.Box, Care.Floor], ("Stepping up.", "Subir con paso."),
            Setup.Box, Entry.BothFeet, OnTheFloor.ChestDown, OnTheFloor.BoxJump, OnTheFloor.BoxHands, OnTheFloor.BoxStand, OnTheFloor.RestStanding),
        Movement(("burpee box jump-over", "burpees con salto por encima del cajón"), ["burpee box jump over"], Families.Box, MovementKit.Box, "burpee-box-over", Judging.BoxCorner, Judging.CountLand, [Care.Box, Care.Floor], ("Stepping over.", "Pasar con paso."),
            Setup.Box, Entry.BothFeet, OnTheFloor.ChestDown, OnTheFloor.BoxJump, OnTheFloor.BoxHands, OnTheFloor.OtherSide, OnTheFloor.RestStanding),
        Movement(("box step-over", "pasos por encima del cajón"), ["box step over", "step-over"], Families.Box, MovementKit.Box, "step-over", Judging.BoxCorner, Judging.CountLand, [Care.Box], ("A lower box.", "Un cajón más bajo."),
            Setup.Box, Entry.BothFeet, OnTheFloor.BoxStep, OnTheFloor.BoxHands, OnTheFloor.OtherSide, OnTheFloor.TurnOnTop, OnTheFloor.RestStanding),
        Movement(("sandbag step-over", "pasos por encima del cajón con saco"), ["sandbag box step-over", "sandbag step over"], Families.Box, MovementKit.SandbagAndBox, "sandbag-step-over", Judging.BoxCorner, Judging.CountLand, [Care.Box, Care.Carry], ("A lighter bag, or no bag.", "Un saco más ligero, o sin saco."),
            Setup.Box, Setup.Sandbag, Entry.SandbagHeld, OnTheFloor.BoxStep, OnTheFloor.BoxHands, OnTheFloor.OtherSide, OnTheFloor.StillCarried, Lifting.PutDown),
        Movement(("hand-release push-up", "flexiones con manos libres"), ["hand release push up", "hand-release push up"], Families.PushUps, MovementKit.None, "push-up", Judging.BesideFloor, Judging.CountFinish, [Care.Floor], ("From the knees, where the division says so.", "De rodillas, si la división lo dice."),
            Setup.Floor, Entry.Plank, OnTheFloor.HandsOff, OnTheFloor.RiseInLine, OnTheFloor.PushLock, OnTheFloor.RestPlank),
        Movement(("sit-up", "abdominales"), ["sit up", "ab-mat sit-up"], Families.Trunk, MovementKit.None, "sit-up", Judging.BesideFloor, Judging.CountTouch, [Care.Floor], ("A smaller count.", "Menos repeticiones."),
            Setup.Pad, Setup.Floor, Entry.LyingBack, OnTheFloor.FeetStill, OnTheFloor.SitTouch, OnTheFloor.SitUpright, OnTheFloor.RestPlank),
        Movement(("sit-up with ball", "abdominales con balón"), ["ball sit-up", "medicine ball sit-up"], Families.Trunk, MovementKit.BallAndTarget, "sit-up-ball", Judging.BesideFloor, Judging.CountTouch, [Care.Floor], ("Without the ball.", "Sin balón."),
            Setup.Pad, Setup.Ball, Entry.LyingBall, OnTheFloor.FeetStill, OnTheFloor.SitTouch, OnTheFloor.SitUpright, OnTheFloor.RestPlank),
        Movement(("front plank", "plancha frontal"), ["plank"], Families.Holds, MovementKit.None, "plank", Judging.BesideFloor, Judging.HoldCall, [Care.Floor], ("From the knees.", "De rodillas."),
            Setup.Floor, Entry.StandsFree, OnTheFloor.ForearmPlank, OnTheFloor.KneesUp, OnTheFloor.HoldTime),
        Movement(("front plank on straight arms", "plancha frontal con brazos rectos"), ["straight-arm plank", "front plank with straight arms"], Families.Holds, MovementKit.None, "straight-plank", Judging.BesideFloor, Judging.HoldCall, [Care.Floor], ("On the forearms.", "Sobre los antebrazos."),
            Setup.Floor, Entry.StandsFree, OnTheFloor.PlankHold, OnTheFloor.KneesUp, OnTheFloor.HoldTime),
    ];
}
