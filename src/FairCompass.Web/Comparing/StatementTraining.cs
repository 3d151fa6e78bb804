using System.Globalization;
using FairCompass.Comparability.Training;
using FairCompass.Core.Languages;
using FairCompass.Store.Day;
using FairCompass.Web.Standings;
using FairCompass.Web.Training;

namespace FairCompass.Web.Comparing;

/// <summary>What a statement says of how the judges of the lanes had trained, without a name.</summary>
/// <param name="training">Sittings.</param>
/// <param name="together">Calibrations.</param>
public sealed class StatementTraining(TrainingStore training, TogetherStore together)
{
    /// <summary>The sentences.</summary>
    /// <param name="competition">The competition.</param>
    /// <param name="s">Who stood in the lanes.</param>
    /// <param name="cancel">Cancels.</param>
    public async Task<IReadOnlyList<Said>> Of(Guid competition, ResultSnapshot s, CancellationToken cancel)
    {
        var judges = s.Plan.Heats.SelectMany(h => h.Lanes).SelectMany(l => l.Judges).OfType<Guid>().ToHashSet();
        var tests = await training.Calls(competition, null, tests: true, cancel);
        var lines = new List<Said> { Tested(judges.Count, [.. judges.Select(j => tests[j].Where(c => c.WasSeen).ToList())]) };
        foreach (var t in await together.All(competition, cancel))
        {
            if (t.Shown >= t.First && TogetherAgreement.Of(t, await together.Tally(t.Id, cancel)) is { Before: { } before } agreement)
            {
                lines.Add(Calibrated(t, await together.Answered(t.Id, cancel), before, agreement.After));
            }
        }

        return lines;
    }

    private static Said Tested(int judges, IReadOnlyList<List<Called>> tests)
    {
        var tested = tests.Where(t => t.Count > 0).ToList();
        if (tested.Count == 0)
        {
            return ("None of them was tested on reps with a known truth.", "Ninguno hizo un examen con repeticiones de verdad conocida.");
        }

        var right = Eye.Right([.. tested.SelectMany(t => t)]);
        string P(double share) => (100 * share).ToString("0", CultureInfo.InvariantCulture);
        return (
            $"{tested.Count} of {judges} were tested on reps with a known truth, most of them close to the line: {P(right.Value)} of 100 "
                + $"calls were right ({P(right.Low)} to {P(right.High)}).",
            $"{tested.Count} de {judges} hicieron un examen con repeticiones de verdad conocida, casi todas cerca de la línea: "
                + $"{P(right.Value)} de cada 100 decisiones fueron correctas ({P(right.Low)} a {P(right.High)})."
        );
    }

    private static Said Calibrated(Together t, int answered, double before, double? after)
    {
        string N(double value) => value.ToString("0.00", CultureInfo.InvariantCulture);
        return (
            $"Calibrated together on {t.What}, {answered} who called: agreement beyond chance {N(before)} before the ruling"
                + (after is { } a ? $", {N(a)} after it." : "."),
            $"Calibración conjunta, {t.What}, {answered} personas: acuerdo más allá del azar {N(before)} antes de la decisión"
                + (after is { } b ? $", {N(b)} después." : ".")
        );
    }
}
