using FairCompass.Core.Standards.Figures.Reps;

namespace FairCompass.Comparability.Training;

/// <summary>What is known of how somebody judges one clause.</summary>
/// <param name="Clause">The clause’s id; the same rule has the same id in every movement.</param>
/// <param name="Movements">In which movements it was called.</param>
/// <param name="Unit">The unit of the line.</param>
/// <param name="Step">What one step is in that unit.</param>
/// <param name="Line">Where the line is seen, in steps; null where too little was called.</param>
/// <param name="Detection">How no-reps are told from good reps.</param>
/// <param name="Reasons">Of the no-reps called rightly those with the right reason; null where there is none.</param>
/// <param name="Time">The middle time from the moment to the call, milliseconds; null where nothing was seen.</param>
public sealed record Eye(
    string Clause,
    IReadOnlyList<string> Movements,
    DeviationUnit Unit,
    double Step,
    JudgesLine? Line,
    Detection Detection,
    Share? Reasons,
    Middle? Time
)
{
    /// <summary>Of calls those of each clause, in the order of the alphabet. What cannot have been seen is left out.</summary>
    /// <param name="said">The calls of one person.</param>
    public static IReadOnlyList<Eye> Of(IEnumerable<Called> said) =>
        [
            .. said.Where(c => c.WasSeen && c.Broken.Count < 2)
                .GroupBy(c => (c.Clause, c.Unit))
                .OrderBy(g => g.Key.Clause, StringComparer.Ordinal)
                .Select(g => Of(g.Key.Clause, g.Key.Unit, [.. g])),
        ];

    /// <summary>By how much the share of right calls in the second half of sittings is larger than in the first, over the part that
    /// everybody gets, since the others come closer to the line the more is known; null where a half has fewer than twelve.</summary>
    /// <param name="said">The calls of one person.</param>
    public static (double Value, double Low, double High)? Tiring(IEnumerable<Called> said)
    {
        var halves = said.GroupBy(c => c.Sitting)
            .SelectMany(s => s.OrderBy(c => c.At).Select((c, i) => (c, Late: 2 * i >= s.Count())))
            .Where(x => x.c.Fixed)
            .ToLookup(x => x.Late, x => x.c);
        return By([.. halves[true]], [.. halves[false]]);
    }

    /// <summary>By how much the share of right calls in the newest sitting is larger than in those before, over the part that
    /// everybody gets, since the others are chosen to be hard; null where it is the first, or either has fewer than twelve.</summary>
    /// <param name="said">The calls of one person.</param>
    public static (double Value, double Low, double High)? Change(IEnumerable<Called> said)
    {
        var sittings = said.Where(c => c.WasSeen && c.Fixed)
            .GroupBy(c => c.Sitting)
            .OrderBy(s => s.Min(c => c.At))
            .Select(s => s.ToList())
            .ToList();
        return sittings.Count < 2 ? null : By(sittings[^1], [.. sittings.SkipLast(1).SelectMany(s => s)]);
    }

    private static (double Value, double Low, double High)? By(List<Called> later, List<Called> earlier)
    {
        const int Fewest = 12;
        return later.Count < Fewest || earlier.Count < Fewest ? null : Right(later).Minus(Right(earlier));
    }

    /// <summary>Of calls those that were right.</summary>
    /// <param name="said">At least one.</param>
    public static Share Right(IReadOnlyCollection<Called> said) => new(said.Count(c => c.IsRight), said.Count);

    private static Eye Of(string clause, DeviationUnit unit, List<Called> calls)
    {
        var noReps = calls.Where(c => c.Broken.Count > 0).ToList();
        var good = calls.Where(c => c.Broken.Count == 0).ToList();
        var hits = noReps.Where(c => c.Call == Call.NoRep).ToList();
        return new(
            clause,
            [.. calls.Select(c => c.Movement).Distinct().Order(StringComparer.Ordinal)],
            unit,
            Trainable.StepOf(unit),
            LineModel.After(calls.Select(c => c.AsLine)).Found(),
            new(hits.Count, noReps.Count, good.Count(c => c.Call == Call.NoRep), good.Count),
            hits.Count > 0 ? new(hits.Count(c => c.Reason is { } r && c.Broken.Contains(r)), hits.Count) : null,
            Middle.Of(calls.Select(c => c.Milliseconds))
        );
    }
}
