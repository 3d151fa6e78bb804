using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>One thing that is watched during a span of the clock.</summary>
/// <param name="Post">The post that watches it; null where no post is named, so that it has a judge of its own.</param>
/// <param name="Hold">True for a position that a crew-mate holds, false for what is counted.</param>
/// <param name="Piece">The key of the piece.</param>
/// <param name="Station">The name of the station or part; null for the whole work.</param>
public sealed record WatchedPlace(int? Post, bool Hold, string Piece, string? Station);

/// <summary>Which judge of a lane watches what, as the organiser said it.</summary>
public sealed class JudgePosts
{
    private readonly Eq<Watch> watches;

    private JudgePosts(Eq<Watch> watches) => this.watches = watches;

    /// <summary>The posts of a workout; none where it has no line <c>judges:</c>.</summary>
    public static JudgePosts Of(Workout workout) => new(workout.Headers.OfType<Header.Judges>().Select(h => h.Watches).FirstOrDefault());

    /// <summary>Their numbers in order.</summary>
    public Eq<int> Numbers => watches.Select(w => w.Post).Distinct().Order().ToEq();

    /// <summary>What a post watches, in the order in which it was written.</summary>
    public IEnumerable<Watch> Of(int post) => watches.Where(w => w.Post == post);

    /// <summary>The post that counts a station, or the work where the station is not named; null where no post is named for it.</summary>
    /// <param name="names">The names that the place goes by; none for work without stations.</param>
    public int? Counting(IEnumerable<string> names) =>
        watches.FirstOrDefault(w => w.Station is { } s && names.Contains(s, StringComparer.OrdinalIgnoreCase))?.Post
        ?? watches.FirstOrDefault(w => w.Of == Watched.Work)?.Post;

    /// <summary>The post that watches holds; null where none is named.</summary>
    public int? Holding => watches.FirstOrDefault(w => w.Of == Watched.Hold)?.Post;

    /// <summary>How many judges some places need at once: one for each post, and one for each place without a post.</summary>
    public static int Judges(IEnumerable<WatchedPlace> places)
    {
        var all = places.ToList();
        // One more judge watches all holds that have no post, however many are held at once.
        return all.Where(p => p.Post is not null).DistinctBy(p => p.Post).Count()
            + all.Count(p => p is { Post: null, Hold: false })
            + (all.Exists(p => p is { Post: null, Hold: true }) ? 1 : 0);
    }
}
