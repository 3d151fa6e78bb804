using FairCompass.Core.Quantities;
using FairCompass.Core.Standards.Phrases;
using static FairCompass.Core.Standards.Phrases.Book;

namespace FairCompass.Core.Standards.Movements;

/// <summary>Pulls on bar and rings, ropes, and what is done upside down.</summary>
internal static class Hangs
{
    public static Eq<Movement> All { get; } =
    [
        Movement(("pull-up", "dominadas"), ["pull up", "kipping pull-up", "chin over bar"], Families.Bar, MovementKit.HangingBar, "pull-up", Judging.BesideHang, Judging.CountFinish, [Care.Hang, Care.Pulling], ("A jumping pull-up or a ring row.", "Una dominada con salto o remo en anillas."),
            Setup.HighBar, Entry.LiftUp, Entry.HangArms, Hanging.AnyGrip, Hanging.Swing, Hanging.FeetFree, Hanging.ChinOver, Hanging.ArmsEachTime),
        Movement(("chest-to-bar pull-up", "dominadas pecho a barra"), ["chest to bar pull up", "chest-to-bar"], Families.Bar, MovementKit.HangingBar, "chest-to-bar", Judging.BesideHang, Judging.CountTouch, [Care.Hang, Care.Pulling], ("A pull-up: chin for chest.", "Una dominada: barbilla en vez de pecho."),
            Setup.HighBar, Entry.LiftUp, Entry.HangArms, Hanging.AnyGrip, Hanging.Swing, Hanging.FeetFree, Hanging.ChestTouch, Hanging.ArmsEachTime),
        Movement(("jumping pull-up", "dominadas con salto"), ["jumping pull up"], Families.Bar, MovementKit.HangingBar, "jumping-pull-up", Judging.BesideHang, Judging.CountFinish, [Care.Hang], ("A ring row.", "Remo en anillas."),
            Setup.JumpBar, Entry.JumpArms, Hanging.OwnJump, Hanging.HandsHold, Hanging.ChinOver, Hanging.ArmsEachTime),
        Movement(("jumping chest-to-bar pull-up", "dominadas pecho a barra con salto"), ["jumping chest to bar", "jumping chest-to-bar"], Families.Bar, MovementKit.HangingBar, "jumping-chest-to-bar", Judging.BesideHang, Judging.CountTouch, [Care.Hang], ("A jumping pull-up.", "Una dominada con salto."),
            Setup.JumpBar, Entry.JumpArms, Hanging.OwnJump, Hanging.HandsHold, Hanging.ChestTouch, Hanging.ArmsEachTime),
        Movement(("ring row", "remo en anillas"), ["ring-row"], Families.Rings, MovementKit.Rings, "ring-row", Judging.BesideFloor, Judging.CountTouch, [Care.Rings], ("Feet nearer to the anchor line.", "Pies más cerca de la línea del anclaje."),
            Setup.RowLine, Entry.RowLine, Hanging.BodyLine, Hanging.PullToRing, Hanging.ArmsEachTime),
        Movement(("inverted row", "remo invertido"), ["body row", "inverted row under a bar"], Families.Bar, MovementKit.HangingBar, "inverted-row", Judging.BesideFloor, Judging.CountTouch, [Care.Hang], ("A higher bar.", "Una barra más alta."),
            Setup.RowLine, Entry.RowLine, Hanging.BodyLine, Hanging.PullToRing, Hanging.ArmsEachTime),
        Movement(("bar muscle-up", "muscle-ups en barra"), ["bar muscle up"], Families.Bar, MovementKit.HangingBar, "bar-muscle-up", Judging.BesideHang, Judging.CountFinish, [Care.Hang, Care.Pulling], ("A chest-to-bar pull-up or a pull-up.", "Una dominada pecho a barra o una dominada."),
            Setup.HighBar, Entry.LiftUp, Entry.HangArms, Hanging.AnyGrip, Hanging.FeetFree, Hanging.Dip, Hanging.ChestCatchAllowed, Hanging.Support, Hanging.ArmsEachTime),
        Movement(("ring muscle-up", "muscle-ups en anillas"), ["ring muscle up"], Families.Rings, MovementKit.Rings, "ring-muscle-up", Judging.BesideHang, Judging.CountFinish, [Care.Rings, Care.Pulling], ("A jump to support, or a ring row and a dip.", "Un salto a apoyo, o remo en anillas y fondo."),
            Setup.Rings, Entry.LiftUp, Entry.HangArms, Hanging.FeetFree, Hanging.Dip, Hanging.Support, Hanging.ArmsEachTime),
        Movement(("toes-to-bar", "pies a la barra"), ["toes to bar"], Families.Bar, MovementKit.HangingBar, "toes-to-bar", Judging.BesideHang, Judging.CountTouch, [Care.Hang], ("A hanging toes raise or knee raise.", "Elevación de pies o de rodillas colgado."),
            Setup.HighBar, Entry.LiftUp, Entry.HeelsBehindBar, Hanging.KneesMayBend, Hanging.ToesBoth, Hanging.BetweenHands, Hanging.ArmsEachTime),
        Movement(("hanging knee raise", "elevaciones de rodillas colgado"), ["knee raise", "hanging knee-raise"], Families.Bar, MovementKit.HangingBar, "knee-raise", Judging.BesideHang, Judging.CountFinish, [Care.Hang], ("A sit-up.", "Un abdominal."),
            Setup.HighBar, Entry.LiftUp, Entry.HeelsBehindBar, Hanging.KneesMayBend, Hanging.FeetFree, Hanging.KneesOverHip, Hanging.ArmsEachTime),
        Movement(("hanging toes raise", "elevaciones de pies colgado"), ["toes raise", "hanging toe raise", "hanging leg raise"], Families.Bar, MovementKit.HangingBar, "toes-raise", Judging.BesideHang, Judging.CountFinish, [Care.Hang], ("A hanging knee raise.", "Elevación de rodillas colgado."),
            Setup.HighBar, Entry.LiftUp, Entry.HeelsBehindBar, Hanging.KneesMayBend, Hanging.FeetFree, Hanging.ToesOverHip, Hanging.ArmsEachTime),
        Movement(("rope climb", "trepas de cuerda"), ["climb", "rope ascent"], Families.Ropes, MovementKit.ClimbingRope, "rope-climb", Judging.UnderRope, Judging.CountRope, [Care.Rope], ("A lower mark, or a pull to standing.", "Una marca más baja, o subir hasta ponerse de pie."),
            Setup.ClimbRope, Setup.Mat, Entry.FromFloorFree, Hanging.ClimbFree, Hanging.RopeMark, Hanging.RopeDown, Hanging.RopeStill),
        Movement(("jump to support on the rings", "saltos a apoyo en anillas"), ["jump to support", "ring support jump"], Families.Rings, MovementKit.Rings, "ring-support", Judging.BesideHang, Judging.CountFinish, [Care.Rings], ("A support on a box.", "Un apoyo sobre el cajón."),
            Setup.RingHeight, Setup.Mat, Entry.RingsHold, Hanging.OwnJump, Hanging.AttemptArms, Hanging.SupportFeet, Hanging.SupportSeen, Hanging.ArmsEachTime),
        Movement(("dead hang", "suspensión en barra"), ["bar hang", "hang"], Families.Holds, MovementKit.HangingBar, "dead-hang", Judging.BesideHang, Judging.HoldCall, [Care.Hang], ("A shorter time, or feet on a box.", "Menos tiempo, o pies sobre el cajón."),
            Setup.HighBar, Entry.LiftUp, Hanging.AnyGrip, Hanging.HangHold, Hanging.FeetFree, Hanging.HoldTime),
        Movement(("handstand push-up", "flexiones en vertical"), ["kipping handstand push-up", "handstand pushup"], Families.Upside, MovementKit.Wall, "kipping-handstand", Judging.BesideWall, Judging.CountFinish, [Care.Upside], ("A hand-release push-up.", "Una flexión con manos libres."),
            Setup.WallLine, Setup.HandBox, Entry.KickUp, Entry.HeelsUp, Hanging.HandsInBox, Hanging.Head, Hanging.Kip, Hanging.HeelsFinish),
        Movement(("strict handstand push-up", "flexiones estrictas en vertical"), ["strict handstand pushup"], Families.Upside, MovementKit.Wall, "strict-handstand", Judging.BesideWall, Judging.CountFinish, [Care.Upside], ("A kipping handstand push-up.", "Una flexión en vertical con impulso."),
            Setup.WallLine, Setup.HandBox, Entry.KickUp, Entry.HeelsUp, Hanging.HandsInBox, Hanging.Head, Hanging.Strict, Hanging.HeelsFinish),
        Movement(("wall walk", "subidas a la pared"), ["wall climb"], Families.Upside, MovementKit.Wall, "wall-walk", Judging.BesideWall, Judging.CountFinish, [Care.Upside], ("A line further from the wall.", "Una línea más lejos de la pared."),
            Setup.WalkLines, Entry.WallWalkDown, Hanging.FeetOnWall, Hanging.WallLineTouch, OnTheFloor.RestPlank),
        Movement(("handstand walk", "marcha en vertical"), ["hand walk"], Families.Upside, MovementKit.None, "handstand-walk", Judging.WalkAlong, Judging.CountSection, [Care.Upside], ("A bear crawl.", "Cuadrupedia."),
            Setup.Sections, Entry.HandsBehindLine, OnTheFloor.HandsOnly, OnTheFloor.StayInLane, OnTheFloor.SectionHands, OnTheFloor.RestInSection),
    ];
}
