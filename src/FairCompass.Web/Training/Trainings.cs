using FairCompass.Comparability.Training;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Languages;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures.Reps;
using FairCompass.Store;
using FairCompass.Store.Day;
using FairCompass.Web.Access;
using FairCompass.Web.Opening;

namespace FairCompass.Web.Training;

/// <summary>Who trains.</summary>
/// <param name="Id">The judge, or the account or link that is none.</param>
/// <param name="Name">Their name.</param>
public sealed record Trainee(Guid Id, string Name);

/// <summary>A workout that can be trained: it is published, so that judges may know it.</summary>
/// <param name="Id">The workout.</param>
/// <param name="Title">Its title.</param>
/// <param name="Movements">Movements of which reps can be shown.</param>
/// <param name="Others">The names of those of which none can.</param>
public sealed record TrainedWorkout(Guid Id, string Title, IReadOnlyList<SittingMovement> Movements, IReadOnlyList<Said> Others);

/// <summary>What is trained of a competition, and by whom.</summary>
/// <param name="store">Sittings.</param>
/// <param name="drafts">Opens definitions.</param>
/// <param name="published">Which version is the newest.</param>
/// <param name="competitions">The competition with its standards.</param>
public sealed class Trainings(TrainingStore store, OpenDrafts drafts, PublishedStore published, CompetitionCache competitions)
{
    /// <summary>Who a visitor is when they train: the judge whose link it is, else the account or the link.</summary>
    public async Task<Trainee> Who(Visitor visitor, CancellationToken cancel)
    {
        var who = visitor.In!;
        return who.Link is { } link && await store.JudgeOf(link, cancel) is { } judge
            ? new(judge.Id, judge.Name)
            : new(who.Account ?? who.Link!.Value, who.Name);
    }

    /// <summary>The published workouts of a competition.</summary>
    public async Task<IReadOnlyList<TrainedWorkout>> Workouts(Guid competition, CancellationToken cancel)
    {
        var all = new List<TrainedWorkout>();
        foreach (var (workout, version) in await published.Newest(competition, cancel))
        {
            var u = await drafts.OpenPublished(version.Id, cancel);
            all.Add(Of(workout, u));
        }

        return [.. all.OrderBy(w => w.Title, StringComparer.OrdinalIgnoreCase)];
    }

    /// <summary>What a sitting is about; null where that is not there.</summary>
    public async Task<(string What, IReadOnlyList<SittingMovement> Movements)?> About(
        Guid competition,
        Guid? workout,
        string? movement,
        CancellationToken cancel
    )
    {
        if (workout is { } w)
        {
            var newest = await published.Newest(competition, cancel);
            return newest.TryGetValue(w, out var version) && Of(w, await drafts.OpenPublished(version.Id, cancel)) is var found
                ? (found.Title, found.Movements)
                : null;
        }

        return
            await competitions.Find(competition, cancel) is { } c && StandardsBook.Of(c) is var book && book.ById(movement ?? "") is { } one
            ? (one.Name.English, [new SittingMovement(book.InForce(one), 1)])
            : null;
    }

    /// <summary>Every movement of the competition’s book of which reps may be shown: with figures, and clauses that a pose
    /// decides.</summary>
    public async Task<IReadOnlyList<Movement>> Movements(Guid competition, CancellationToken cancel) =>
        await competitions.Find(competition, cancel) is { } c
            ?
            [
                .. StandardsBook
                    .Of(c)
                    .All.Where(m => m.Motion is not null && m.Clauses.Any(x => x.Holds is not null || Timing.IsOf(x)))
                    .OrderBy(m => m.Name.English, StringComparer.Ordinal),
            ]
            : [];

    /// <summary>The same movements as their standards are in force, by id.</summary>
    public async Task<IReadOnlyDictionary<string, Movement>> InForce(Guid competition, CancellationToken cancel) =>
        await competitions.Find(competition, cancel) is { } c && StandardsBook.Of(c) is var book
            ? (await Movements(competition, cancel)).ToDictionary(m => m.Id, m => book.InForce(m), StringComparer.Ordinal)
            : new Dictionary<string, Movement>();

    /// <summary>Every movement of the competition’s book as it is in force, by its id.</summary>
    public async Task<IReadOnlyDictionary<string, Movement>> Book(Guid competition, CancellationToken cancel) =>
        await competitions.Find(competition, cancel) is { } c && StandardsBook.Of(c) is var book
            ? book.All.ToDictionary(m => m.Id, m => book.InForce(m), StringComparer.Ordinal)
            : new Dictionary<string, Movement>();

    /// <summary>The text of every clause that can be trained in a competition, by its id.</summary>
    public async Task<IReadOnlyDictionary<string, Said>> Clauses(Guid competition, CancellationToken cancel) =>
        await competitions.Find(competition, cancel) is { } c && StandardsBook.Of(c) is var book
            ? book
                .All.SelectMany(m => book.InForce(m).Clauses)
                .GroupBy(x => x.Id, StringComparer.Ordinal)
                .ToDictionary(g => g.Key, g => g.First().Text, StringComparer.Ordinal)
            : new Dictionary<string, Said>();

    /// <summary>What somebody lacks of a workout, a line a movement; empty where nothing is asked or all is shown.</summary>
    /// <param name="asked">What is asked.</param>
    /// <param name="workout">The workout.</param>
    /// <param name="tests">Their calls in tests.</param>
    public static IReadOnlyList<Said> Lacks(Requirement asked, TrainedWorkout workout, IEnumerable<Called> tests)
    {
        if (!asked.Asks)
        {
            return [];
        }

        var calls = tests.ToLookup(c => c.Movement, StringComparer.Ordinal);
        return
        [
            .. workout
                .Movements.Select(m => (m.Movement.Name, Lacks: asked.Lacks([.. calls[m.Movement.Id]])))
                .Where(x => x.Lacks is not null)
                .Select(x => new Said($"{x.Name.English}: {x.Lacks!.English}", $"{x.Name.Spanish ?? x.Name.English}: {x.Lacks.Spanish}")),
        ];
    }

    private static TrainedWorkout Of(Guid workout, Understanding u)
    {
        var trained = WorkoutMovements.Of(u);
        var ids = trained.Select(m => m.Movement.Id).ToHashSet(StringComparer.Ordinal);
        var book = StandardsBook.Of(u.Competition);
        var others = u
            .Prescribed.Select(t => book.Find(t.Source.Movement))
            .OfType<Movement>()
            .DistinctBy(m => m.Id)
            .Where(m => !ids.Contains(m.Id) && !Makers.Trains(m))
            .Select(m => m.Name);
        return new(workout, u.Workout.Title, trained, [.. others]);
    }
}
