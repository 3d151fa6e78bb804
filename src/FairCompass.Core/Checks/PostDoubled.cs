using FairCompass.Core.Courses;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>One judge’s post watches two places at once.</summary>
public sealed class PostDoubled : ICheck
{
    /// <inheritdoc/>
    public string Id => "post-doubled";

    /// <inheritdoc/>
    public string Title => "One judge’s post watches two places at once";

    /// <inheritdoc/>
    public string Why => "Nobody sees two places at once; what is not seen is counted or lost by guess.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        if (context.Workout.Headers.OfType<Header.Judges>().FirstOrDefault() is not { } header)
        {
            yield break;
        }

        var told = new HashSet<(int, string)>();
        foreach (var course in context.Courses)
        {
            foreach (var span in course.Clock.Spans)
            {
                foreach (var post in span.Watched.Where(w => w.Post is not null).GroupBy(w => w.Post!.Value).Where(g => g.Count() > 1))
                {
                    var places = Words.Join(post.Select(Named).Distinct().ToList());
                    if (told.Add((post.Key, places)))
                    {
                        yield return new Report(header.At, $"At {span.Starts} post {post.Key} watches {places} at once.");
                    }
                }
            }
        }
    }

    private static string Named(WatchedPlace place) =>
        place.Hold ? "the hold"
        : place.Station is { } station ? station
        : "the work";
}
