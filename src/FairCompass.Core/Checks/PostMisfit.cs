using FairCompass.Core.Courses;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A judge’s post with nothing to watch.</summary>
public sealed class PostMisfit : ICheck
{
    /// <inheritdoc/>
    public string Id => "post-misfit";

    /// <inheritdoc/>
    public string Title => "A judge’s post with nothing to watch";

    /// <inheritdoc/>
    public string Why => "A judge would stand at a place that does not exist, and another place would have nobody.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var names = context
            .Pieces.SelectMany(p => new[] { p.Station, p.Label, p.Group, p.OfCycles }.Concat(p.Swaps.Select(s => s.Name)))
            .OfType<string>()
            .ToHashSet(StringComparer.OrdinalIgnoreCase);
        var holds = context.Pieces.Any(Clockwork.HasHoldIn);
        var headers = context.Workout.Headers.OfType<Header.Judges>().ToList();
        foreach (var header in headers)
        {
            foreach (var watch in header.Watches)
            {
                if (watch.Station is { } station && !names.Contains(station))
                {
                    yield return new Report(
                        header.At,
                        $"No station or part is called {station}, so post {watch.Post} has nothing to watch there."
                    );
                }
                else if (watch.Of == Watched.Hold && !holds)
                {
                    yield return new Report(header.At, $"Nobody holds a position here, so post {watch.Post} has no hold to watch.");
                }
            }
        }

        foreach (var second in headers.Skip(1))
        {
            yield return new Report(second.At, "The posts of the judges are said twice; only the first line holds.");
        }
    }
}
