using FairCompass.Core.Languages;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.LayingOut;

/// <summary>A thing that a movement is done with, and what of a prescription says its size.</summary>
/// <param name="Name">In the singular.</param>
/// <param name="Loaded">True when its size is the load.</param>
/// <param name="Height">The height that is its size; null for none.</param>
internal sealed record NeededThing(Said Name, bool Loaded = false, HeightKind? Height = null)
{
    /// <summary>True for a bar and its clips, which a heaviest lift lists by the lifter.</summary>
    public bool IsBar { get; init; }
}

/// <summary>What each movement is done with, on, under or before.</summary>
internal static class ThingsOf
{
    private static readonly NeededThing Bar = new(("barbell", "barra"), true) { IsBar = true };
    private static readonly NeededThing Clips = new(("pair of clips", "par de cierres")) { IsBar = true };
    private static readonly NeededThing BarToClear = new(("barbell to clear", "barra que se salta"), true);
    private static readonly NeededThing Box = new(("box", "cajón"), Height: HeightKind.Box);
    private static readonly NeededThing Ball = new(("ball", "balón"), true);
    private static readonly NeededThing Mat = new(("mat", "colchoneta"));
    private static readonly NeededThing Stretch = new(("marked stretch of floor", "tramo de suelo marcado"));

    /// <summary>Bars, implements, machines, places: at least one thing for every movement.</summary>
    /// <param name="name">As the draft writes it.</param>
    /// <param name="movement">Its standard; null where none is written, and then the movement’s own name stands for its kit.</param>
    public static NeededThing[] Of(string name, Movement? movement) =>
        movement is null ? [new(new(name), true)]
        : movement.Id == "bench-press"
            ? [Bar, Clips, new(("flat bench", "banco plano")), new(("rack with safety arms", "soporte con brazos de seguridad"))]
        : movement.Kit != MovementKit.None ? OfKit(movement)
        : OnTheFloor(movement.Id);

    private static NeededThing[] OfKit(Movement movement) =>
        movement.Kit switch
        {
            MovementKit.Barbell => [Bar, Clips],
            MovementKit.BarToClear => [BarToClear],
            MovementKit.Dumbbell => [new(("dumbbell", "mancuerna"), true)],
            MovementKit.Kettlebell => [new(("kettlebell", "kettlebell"), true)],
            MovementKit.SandbagAndBox => [new(("sandbag", "saco"), true), Box],
            MovementKit.Box => [Box],
            MovementKit.Sandbag => [new(("sandbag", "saco"), true)],
            MovementKit.Sled => [new(("sled", "trineo"), true), Stretch],
            MovementKit.Plate => [new(("plate for the hands", "disco para las manos"), true)],
            MovementKit.Ball => [Ball],
            MovementKit.DipBars => [new(("pair of dip bars", "par de paralelas"))],
            MovementKit.HipBench => [new(("hip bench", "banco lumbar"))],
            MovementKit.BallAndTarget => [Ball, new(("target", "blanco"), Height: HeightKind.Target)],
            MovementKit.HangingBar =>
            [
                new(("bar to hang from, with a mat", "barra para colgarse, con colchoneta"), Height: HeightKind.Bar),
            ],
            MovementKit.Wall => [new(("wall place, with a mat", "sitio en la pared, con colchoneta"), Height: HeightKind.Line)],
            MovementKit.Machine => [new(movement.Name)],
            MovementKit.Rings => [new(("pair of rings, with a mat", "par de anillas, con colchoneta"))],
            MovementKit.ClimbingRope => [new(("climbing rope, with a mat", "cuerda para trepar, con colchoneta"))],
            _ => [new(("team bag", "saco de equipo"), true)],
        };

    /// <summary>Movements whose kit is no implement and no rig.</summary>
    private static NeededThing[] OnTheFloor(string id) =>
        id switch
        {
            "double-under" or "single-under" => [new(("skipping rope", "comba"))],
            "sit-up" or "front-plank" or "front-plank-on-straight-arms" => [Mat],
            "sit-up-with-ball" => [Mat, Ball],
            "bar-facing-burpee" or "burpee-over-the-bar" => [BarToClear],
            "burpee-to-the-target" => [new(("target above reach", "blanco por encima del alcance"), Height: HeightKind.Target)],
            "walking-lunge" or "bear-crawl" or "shuttle-run" or "handstand-walk" => [Stretch],
            "running" => [new(("marked course with cones", "recorrido marcado con conos"))],
            "stair-run" => [new(("stairs", "escaleras"))],
            "jump-over-a-line" => [new(("line or hurdle", "línea o valla"))],
            _ => [new(("free floor", "suelo libre"))],
        };
}
