using FairCompass.Core.Quantities;
using FairCompass.Core.Standards.Phrases;
using static FairCompass.Core.Standards.Phrases.Book;

namespace FairCompass.Core.Standards.Movements;

/// <summary>Lunges, crawls, carries, runs, skipping, machines, and the team bag.</summary>
internal static class Travels
{
    public static Eq<Movement> All { get; } =
    [
        Movement(("walking lunge", "zancadas caminando"), ["bodyweight walking lunge", "lunge walk"], Families.Lunges, MovementKit.None, "lunge", Judging.BesideKnee, Judging.CountSection, [Care.Knee], ("Fewer sections.", "Menos tramos."),
            Setup.Sections, Entry.BehindLine, OnTheFloor.KneeDown, OnTheFloor.StayInLane, OnTheFloor.LungeStand, OnTheFloor.SectionFeet, OnTheFloor.RestInSection),
        Movement(("dumbbell walking lunge", "zancadas caminando con mancuernas"), ["walking lunge with dumbbells"], Families.Lunges, MovementKit.Dumbbell, "dumbbell-lunge", Judging.BesideKnee, Judging.CountSection, [Care.Knee, Care.Hand], ("Lighter dumbbells, or none.", "Mancuernas más ligeras, o ninguna."),
            Setup.Dumbbells, Setup.Sections, Entry.BehindLine, OnTheFloor.KneeDown, OnTheFloor.StayInLane, OnTheFloor.LungeStand, OnTheFloor.SectionFeet, OnTheFloor.CarryNoDrag, OnTheFloor.RestInSection),
        Movement(("front-rack lunge", "zancadas con la barra al frente"), ["barbell front-rack lunge", "front rack lunge"], Families.Lunges, MovementKit.Barbell, "rack-lunge", Judging.BesideKnee, Judging.CountFinish, [Care.Knee, Care.Bar], ("A lighter bar, or no load.", "Una barra más ligera, o sin carga."),
            Setup.Bar, Entry.Rack, Entry.FrontRack, OnTheFloor.KneeDown, Lifting.RackHeld, OnTheFloor.LungeStand, Lifting.SteadyOnce, OnTheFloor.LegsTurn),
        Movement(("bear crawl", "cuadrupedia"), ["crawl"], Families.Travel, MovementKit.None, "bear-crawl", Judging.WalkAlong, Judging.CountSection, [Care.Floor], ("A walk.", "Caminar."),
            Setup.Sections, Entry.HandsBehindLine, OnTheFloor.KneesUp, OnTheFloor.StayInLane, OnTheFloor.SectionBoth, OnTheFloor.RestInSection),
        Movement(("shuttle run", "carreras de ida y vuelta"), ["shuttle", "shuttle sprint"], Families.Travel, MovementKit.None, "shuttle", Judging.AtTheLine, Judging.CountSection, [Care.Running], ("A shorter distance.", "Una distancia más corta."),
            Setup.TurnLines, Entry.BehindLine, OnTheFloor.StayInLane, OnTheFloor.Turn, OnTheFloor.FinalCross, OnTheFloor.RestInSection),
        Movement(("farmer's carry", "paseo del granjero"), ["farmers carry", "farmer carry"], Families.Travel, MovementKit.Kettlebell, "farmers-carry", Judging.WalkAlong, Judging.CountSection, [Care.Carry], ("Lighter loads.", "Cargas más ligeras."),
            Setup.Handles, Setup.Sections, Entry.BehindLine, OnTheFloor.CarryNoDrag, OnTheFloor.StayInLane, OnTheFloor.SectionFeet, OnTheFloor.RestInSection),
        Movement(("team-bag carry", "acarreo del saco de equipo"), ["team bag carry"], Families.TeamBag, MovementKit.TeamBag, "bag-carry", Judging.WalkAlong, Judging.CountSection, [Care.TeamBag, Care.Carry], ("A lighter bag, or more carriers.", "Un saco más ligero, o más personas."),
            Setup.TeamBag, Setup.Sections, Entry.BehindLine, OnTheFloor.AllHold, OnTheFloor.StayInLane, OnTheFloor.SectionFeet, OnTheFloor.RestInSection),
        Movement(("team-bag clean-and-over", "cargadas del saco de equipo por encima"), ["team bag clean and over"], Families.TeamBag, MovementKit.TeamBag, "bag-over", Judging.FrontAndSide, Judging.CountFinish, [Care.TeamBag], ("A lighter bag.", "Un saco más ligero."),
            Setup.TeamBag, Entry.BagFloor, OnTheFloor.BagOverhead, OnTheFloor.StayInLane, OnTheFloor.FarShoulder, Lifting.PutDown),
        Movement(("team-bag thruster", "thrusters con saco de equipo"), ["team bag thruster"], Families.TeamBag, MovementKit.TeamBag, "bag-thruster", Judging.FrontAndSide, Judging.CountFinish, [Care.TeamBag], ("A lighter bag, or clean-and-overs.", "Un saco más ligero, o cargadas por encima."),
            Setup.TeamBag, Entry.BagShoulder, Lifting.Depth, OnTheFloor.BagOverhead, OnTheFloor.StayInLane, OnTheFloor.FarShoulder, Lifting.PutDown),
        Movement(("double-under", "dobles de comba"), ["double under"], Families.Skipping, MovementKit.None, "skip", Judging.FacingRope, Judging.CountTenth, [Care.Skip], ("Single-unders, two for one.", "Simples, dos por uno."),
            Setup.Rope, Entry.RopeForward, OnTheFloor.TwoTurns, OnTheFloor.RopeClear, OnTheFloor.SinglesBetween),
        Movement(("single-under", "simples de comba"), ["single under"], Families.Skipping, MovementKit.None, "skip", Judging.FacingRope, Judging.CountTenth, [Care.Skip], ("A smaller count.", "Menos repeticiones."),
            Setup.Rope, Entry.RopeForward, OnTheFloor.OneTurn, OnTheFloor.RopeClear, OnTheFloor.RestStanding),
        Movement(("rowing machine", "remoergómetro"), ["row", "rower", "rowing"], Families.Machines, MovementKit.Machine, "row-machine", Judging.BesideMonitor, Judging.CountMonitor, [Care.Machine], ("Fewer calories or metres.", "Menos calorías o metros."),
            Setup.Zero, Setup.Seat, Entry.Handle, OnTheFloor.AnyStroke, OnTheFloor.Number, OnTheFloor.HandleBack, OnTheFloor.ReadAgain),
        Movement(("air bike", "bicicleta de aire"), ["fan bike", "airbike"], Families.Machines, MovementKit.Machine, "air-bike", Judging.BesideMonitor, Judging.CountMonitor, [Care.Machine], ("Fewer calories.", "Menos calorías."),
            Setup.Zero, Setup.Seat, OnTheFloor.Mount, OnTheFloor.AnyStroke, OnTheFloor.Number, OnTheFloor.StaysSeated, OnTheFloor.ReadAgain),
    ];
}
