using FairCompass.Core.Workouts;

namespace FairCompass.Core.Pacing;

/// <summary>
/// The paces that are expected: those a competition has put down, and our estimates for the rest. Made-up runs, worked examples, the
/// boxes of endless cards and what more than the time allows is read here and nowhere else.
/// </summary>
public sealed class PaceTable
{
    /// <summary>What a woman’s load is of a man’s where the same time is needed, in hundredths: the usual ratio of published pairs such
    /// as 70/47.5 and 50/35 kg (common practice).</summary>
    private const decimal WomanShare = 0.68m;

    /// <summary>How much more time a rep takes with a load heavier by as much again: our estimate.</summary>
    private const decimal Heavier = 0.6m;

    private readonly Dictionary<(string, AmountUnit, string?), Pace> paces = [];

    /// <summary>Our estimates, with some put in their place.</summary>
    /// <param name="own">A competition’s own; of two for the same the later holds.</param>
    public PaceTable(IEnumerable<Pace> own)
    {
        foreach (var pace in Estimates.All.Concat(own))
        {
            paces[(pace.Movement.ToLowerInvariant(), pace.Unit, pace.Division)] = pace;
        }
    }

    /// <summary>Our estimates alone.</summary>
    public static PaceTable Usual { get; } = new([]);

    /// <summary>The line that holds for a movement; a line of the same kind of work where none is written.</summary>
    /// <param name="movement">The movement’s name.</param>
    /// <param name="unit">The unit; metres for feet.</param>
    /// <param name="division">The division.</param>
    public Pace Of(string movement, AmountUnit unit, string? division)
    {
        unit = unit == AmountUnit.Foot ? AmountUnit.Metre : unit;
        var name = movement.ToLowerInvariant();
        return paces.GetValueOrDefault((name, unit, division))
            ?? paces.GetValueOrDefault((name, unit, null))
            ?? Estimates.Else(movement, unit);
    }

    /// <summary>True where a movement has a line, ours or the competition’s.</summary>
    public bool Has(string movement, AmountUnit unit, string? division) =>
        paces.ContainsKey((movement.ToLowerInvariant(), unit, division)) || paces.ContainsKey((movement.ToLowerInvariant(), unit, null));

    /// <summary>The time of one unit at a load, usual and fastest.</summary>
    /// <param name="pace">The line.</param>
    /// <param name="kilograms">The load; null where there is none.</param>
    /// <param name="woman">True for a woman.</param>
    public static (long Usual, long Fastest) At(Pace pace, decimal? kilograms, bool woman)
    {
        if (pace.Load is not { } load || kilograms is not { } mass)
        {
            return (pace.Usual.Ms, pace.Fastest.Ms);
        }

        var share = mass / (woman ? load * WomanShare : load);
        var times = Math.Clamp(1 + (Heavier * (share - 1)), 0.7m, 2.5m);
        var usual = (long)(pace.Usual.Ms * times);
        return (usual, Math.Min(usual, (long)(pace.Fastest.Ms * Math.Max(times, 1m))));
    }

    /// <summary>The heaviest lift of somebody in the middle of the field, in kilograms.</summary>
    /// <param name="pace">The line.</param>
    /// <param name="woman">True for a woman.</param>
    public static decimal Best(Pace pace, bool woman) => (pace.Best ?? 100) * (woman ? WomanShare : 1);
}
