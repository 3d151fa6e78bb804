using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A height that rises from nowhere, by nothing, without an end, or where none can.</summary>
public sealed class RisingMisfit : ICheck
{
    // Lower than a step and higher than anybody jumps or clears (our bounds).
    private const decimal Lowest = 10;
    private const decimal Highest = 400;

    /// <inheritdoc/>
    public string Id => "rising-misfit";

    /// <inheritdoc/>
    public string Title => "Heights that do not rise";

    /// <inheritdoc/>
    public string Why => "Athletes, the floor crew and the judge need the same first height, the same step, and the same end.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        foreach (var task in context.TaskLines)
        {
            var details = task.Details.Concat(task.Lines.OfType<TaskLine.Override>().SelectMany(o => o.Details)).ToList();
            if (task.Amount is not Amount.Highest)
            {
                if (details.Find(d => d is Detail.Rising or Detail.Misses) is { } lost)
                {
                    yield return new Report(lost.At, "Heights rise, and misses are counted, of “max cm” only.");
                }

                continue;
            }

            foreach (var report in Of(context, task, details))
            {
                yield return report;
            }
        }
    }

    private static IEnumerable<Report> Of(CheckContext context, Work.Task task, List<Detail> details)
    {
        var end = context.LineText(task.At).Length;
        Mend Add(string label, string words) => new(label, new TextEdit(task.At.Line, task.At.Column + end, 0, ", " + words));
        if (!details.Exists(d => d is Detail.Rising))
        {
            yield return new Report(
                task.At,
                "From which height does it go up, and by how much?",
                Add("From 60/50 cm up by 5", "from 60/50 cm up by 5"),
                Add("From 100 cm up by 5", "from 100 cm up by 5")
            );
        }

        if (!details.Exists(d => d is Detail.Misses))
        {
            yield return new Report(
                task.At,
                "With which miss are the tries over?",
                Add("Three in a row", "3 misses in a row"),
                Add("Three in all", "3 misses in all")
            );
        }

        foreach (var rising in details.OfType<Detail.Rising>())
        {
            var firsts = new[] { rising.First.First, rising.First.Second }.OfType<Series>().ToList();
            if (rising.By.Value is <= 0)
            {
                yield return new Report(rising.At, "Up by 0 cm no height is higher than the one before.");
            }
            else if (firsts.Find(f => !f.IsConstant) is not null)
            {
                yield return new Report(rising.At, "One first height for each; the step says the others.");
            }
            else if (firsts.Select(f => f.At(0)).OfType<decimal>().Any(h => h is < Lowest or > Highest))
            {
                yield return new Report(rising.At, $"A first height from {Number.Normal(Lowest)} to {Number.Normal(Highest)} cm.");
            }
        }

        if (details.OfType<Detail.Misses>().FirstOrDefault(m => m.N < 1) is { } none)
        {
            yield return new Report(none.At, "With 0 misses nobody tries.");
        }
    }
}
