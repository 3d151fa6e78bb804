using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Own rests that together are as long as the clock.</summary>
public sealed class RestLong : ICheck
{
    /// <inheritdoc/>
    public string Id => "rest-long";

    /// <inheritdoc/>
    public string Title => "Rests that take the clock";

    /// <inheritdoc/>
    public string Why => "Nobody who keeps them is done before the end.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from window in context.Workout.Stages.OfType<Stage.Window>()
        where window.Time is { Ms: > 0 } && window.Goal == Goal.Time
        from found in Rests(window.Items, 1)
        where found.Pause.Time is { } time && time.Ms * found.Times >= window.Time!.Value.Ms
        let all = new Duration(found.Pause.Time!.Value.Ms * found.Times)
        select new Report(
            found.Pause.At,
            found.Times == 1
                ? $"The rest of {found.Pause.Time} takes the whole clock of {window.Time}."
                : $"{found.Times} rests of {found.Pause.Time} are {all} of a clock of {window.Time}: nobody is ever done.",
            [
                .. TimeNeeded.Rewritten(
                    context,
                    found.Pause.At,
                    found.Pause.Time!.Value,
                    Short(window.Time!.Value, found.Times),
                    $"Write {Short(window.Time!.Value, found.Times)}"
                ),
                .. TimeNeeded.Rewritten(
                    context,
                    window.At,
                    window.Time!.Value,
                    TimeNeeded.Round(new(all.Ms * 3 / 2)),
                    $"Write a cap of {TimeNeeded.Round(new(all.Ms * 3 / 2))}"
                ),
            ]
        );

    /// <summary>Rests that together take a fifth of the clock.</summary>
    private static Duration Short(Duration window, long times) =>
        Duration.Seconds((int)Math.Max(10, window.Ms / 1000 / (5 * times) / 10 * 10));

    /// <summary>Each own rest with how often it lies between work.</summary>
    private static IEnumerable<(Work.OwnRest Pause, long Times)> Rests(Eq<Work> items, long times)
    {
        foreach (var (item, i) in items.Select((w, i) => (w, i)))
        {
            switch (item)
            {
                case Work.OwnRest rest when i > 0 || times > 1:
                    // Behind the last round there is nothing to wait for.
                    yield return (rest, Math.Max(1, i == items.Count - 1 ? times - 1 : times));
                    break;
                case Work.Rounds { Times: { } n } rounds:
                    foreach (var inner in Rests(rounds.Items, times * n))
                    {
                        yield return inner;
                    }

                    break;
            }
        }
    }
}
