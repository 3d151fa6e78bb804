using BenchmarkDotNet.Attributes;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures;
using FairCompass.Core.Standards.Figures.Reps;

namespace FairCompass.Benchmarks;

/// <summary>Figures; the budget is 1 ms for one.</summary>
[MemoryDiagnoser]
public class FigureBenchmarks
{
    private readonly Movement deadlift = MovementLibrary.ById("deadlift")!;
    private readonly RepMaker thrusters = RepMaker.Of(MovementLibrary.ById("thruster")!)!;
    private Motion motion = null!;
    private ulong seed;

    [GlobalSetup]
    public void Find() => motion = MotionLibrary.Find(deadlift.Motion)!;

    /// <summary>One drawing whose hip is solved so that the hands reach the bar.</summary>
    [Benchmark]
    public Drawing One_figure() =>
        Draughtsman.Draw(
            Scene.Place(new(Body.Usual), motion.Start, motion.Around, out _)!,
            View.Side,
            deadlift.Clauses.FirstOrDefault(c => c.Holds is not null)?.Holds
        );

    /// <summary>A rep with a stated distance, and its film; the budget is 5 ms.</summary>
    [Benchmark]
    public Film One_rep_with_its_film() => thrusters.Make([new("depth", -35)], seed++).Film();

    /// <summary>All figures of one movement, with every verdict.</summary>
    [Benchmark]
    public Plate? Plate_of_a_movement() => Plate.Of(deadlift);

    /// <summary>One step of a drag: the angle that brings the hip nearest to the pointer, drawn and judged.</summary>
    [Benchmark]
    public PosedFigure? One_step_of_a_drag() =>
        PosedFigure.Of(deadlift, new(Phase.Start, null, 1750) { Drag = new(Part.Hip, Side.Near, true, -200, -700) }, out _);
}
