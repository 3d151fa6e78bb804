using FairCompass.Core.Scoring;
using FairCompass.Outcomes.Tables;
using FairCompass.Web.Standings;

namespace FairCompass.Web.Live;

/// <summary>A table that is another one by now.</summary>
/// <param name="Workout">The workout.</param>
/// <param name="Table">The table.</param>
public sealed record ChangedTable(Guid Workout, ResultTable Table);

/// <summary>How far the divisions of a workout are by now.</summary>
/// <param name="Workout">The workout.</param>
/// <param name="Standings">Of each division.</param>
/// <param name="NoCard">Runs without a card.</param>
/// <param name="Rescored">The reason why all cards are scored under one version; null where they are not.</param>
public sealed record ChangedWorkout(Guid Workout, IReadOnlyList<Standing> Standings, int NoCard, string? Rescored);

/// <summary>What is different between two numbers of the feed: whoever has the results of <see cref="Since"/> has those of
/// <see cref="Seq"/> with it.</summary>
/// <param name="Since">The number it begins from.</param>
/// <param name="Seq">The number it leads to.</param>
/// <param name="Whole">True where so much is different that all is to be asked for anew.</param>
/// <param name="Tables">Tables that changed.</param>
/// <param name="Workouts">Workouts of which something else changed.</param>
/// <param name="Overall">Overall tables that changed.</param>
/// <param name="Clubs">Clubs, where they changed; null otherwise.</param>
public sealed record ResultsChange(
    long Since,
    long Seq,
    bool Whole,
    IReadOnlyList<ChangedTable> Tables,
    IReadOnlyList<ChangedWorkout> Workouts,
    IReadOnlyList<OverallTable> Overall,
    IReadOnlyList<ClubLine>? Clubs
)
{
    /// <summary>What is different.</summary>
    /// <param name="was">As it was.</param>
    /// <param name="now">As it is.</param>
    public static ResultsChange Between(ResultsOf was, ResultsOf now)
    {
        if (Shape(was) != Shape(now) || !was.Names.SequenceEqual(now.Names))
        {
            return new(was.Seq, now.Seq, true, [], [], [], null);
        }

        var pairs = was.Workouts.Zip(now.Workouts).ToList();
        return new(
            was.Seq,
            now.Seq,
            false,
            [
                .. pairs.SelectMany(p =>
                    p.First.Tables.Zip(p.Second.Tables)
                        .Where(t => t.First != t.Second)
                        .Select(t => new ChangedTable(p.Second.Workout, t.Second))
                ),
            ],
            [
                .. pairs
                    .Where(p => !p.First.Standings.SequenceEqual(p.Second.Standings) || Rest(p.First) != Rest(p.Second))
                    .Select(p => new ChangedWorkout(p.Second.Workout, p.Second.Standings, p.Second.NoCard, p.Second.Rescored)),
            ],
            [.. was.Overall.Zip(now.Overall).Where(o => o.First != o.Second).Select(o => o.Second)],
            was.Clubs.SequenceEqual(now.Clubs) ? null : now.Clubs
        );
    }

    private static (int, string?) Rest(WorkoutResults w) => (w.NoCard, w.Rescored);

    /// <summary>Which tables there are, in their order, and by which rules: where that changes, nothing can be put in its place.</summary>
    private static string Shape(ResultsOf r) =>
        string.Join(
            '\n',
            r.Workouts.SelectMany(w => w.Tables.Select(t => $"{w.Workout}/{w.Title}/{t.Division}/{t.Score}"))
                .Concat(r.Overall.Select(o => o.Division))
                .Append($"{r.Competition}/{r.Rules}")
        );
}
