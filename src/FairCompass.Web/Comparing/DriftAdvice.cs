using FairCompass.Comparability;
using FairCompass.Comparability.Training;
using FairCompass.Core.InForce;
using FairCompass.Core.Standards;
using FairCompass.Store.Day;
using FairCompass.Web.Opening;
using FairCompass.Web.Training;

namespace FairCompass.Web.Comparing;

/// <summary>What to speak to a flagged judge about: tallies are of movements, so the clause comes from tests, where there are
/// any.</summary>
/// <param name="competitions">The standards in force.</param>
/// <param name="training">Tests.</param>
public sealed class DriftAdvice(CompetitionCache competitions, TrainingStore training)
{
    private const int MostSigns = 5;

    /// <summary>A sentence for each flagged judge whose movement is known.</summary>
    /// <param name="competition">The competition.</param>
    /// <param name="watched">What was watched.</param>
    /// <param name="drift">What it says; null where it says nothing.</param>
    /// <param name="eyes">True for who may read what tests say of eyes: the head judge alone.</param>
    /// <param name="cancel">Ends the wait.</param>
    public async Task<IReadOnlyDictionary<Guid, string>> Of(
        Guid competition,
        WatchedRows watched,
        DayDrift? drift,
        bool eyes,
        CancellationToken cancel
    )
    {
        var flagged = (drift?.Judges ?? new Dictionary<Guid, Drift>()).Where(j => j.Value.IsFlagged).ToList();
        if (flagged.Count == 0 || await competitions.Find(competition, cancel) is not { } found)
        {
            return new Dictionary<Guid, string>();
        }

        var book = StandardsBook.Of(found);
        var tests = eyes ? await training.Calls(competition, null, tests: true, cancel) : null;
        var said = new Dictionary<Guid, string>();
        foreach (var (judge, of) in flagged)
        {
            if (of.Most is { } part && watched.Movements.TryGetValue(part.Cell, out var name) && book.Find(name) is { } movement)
            {
                said[judge] = Sentence(of.Kind, book.InForce(movement), tests?[judge]);
            }
        }

        return said;
    }

    /// <summary>What to speak about.</summary>
    /// <param name="kind">Strict or lenient.</param>
    /// <param name="movement">The standard in force of what stands out most.</param>
    /// <param name="tests">The calls of this judge in tests; null where they may not be read.</param>
    public static string Sentence(DriftKind kind, Movement movement, IEnumerable<Called>? tests)
    {
        var clauses = movement.Clauses.Select(c => c.Id).ToHashSet(StringComparer.Ordinal);
        var seen = Eye.Of((tests ?? []).Where(c => clauses.Contains(c.Clause))).Where(e => e.Line is not null).ToList();
        var off = seen.Where(e => kind == DriftKind.Strict ? e.Line!.LineLow > 0 : e.Line!.LineHigh < 0)
            .OrderByDescending(e => Math.Abs(e.Line!.Line))
            .ToList();
        var name = movement.Name.English;
        if (off.Count > 0)
        {
            return $"In tests it is the same: {string.Join("; ", off.Select(e => Off(movement, e)))}. Speak of that.";
        }

        var signs = string.Join(' ', movement.Faults.Select(f => f.Sign.English).Distinct(StringComparer.Ordinal).Take(MostSigns));
        var through = signs.Length > 0 ? $" Go through with the judge what breaks it: {signs}" : " Go through its standard with the judge.";
        return seen.Count > 0
            ? $"In tests no line of the {name} is off that way: look where the judge stands and at the light too.{through}"
            : $"Tallies do not say which rule of the {name}.{through}";
    }

    private static string Off(Movement movement, Eye eye)
    {
        var call = TrainingWords.CallOf(movement, movement.Clauses.First(c => c.Id == eye.Clause)).English;
        var by = TrainingWords.Of(Math.Abs(eye.Line!.Line * eye.Step), eye.Unit);
        return eye.Line.Line > 0
            ? $"“{call}” is called up to {by} inside the line"
            : $"“{call}” is not called down to {by} outside the line";
    }
}
