using FairCompass.Core.Scoring;
using FairCompass.Outcomes.Incidents;
using FairCompass.Planning.Days;
using FairCompass.Store;

namespace FairCompass.Web.Standings;

/// <summary>Incidents with all that their page says of them.</summary>
/// <param name="book">What results are made of.</param>
/// <param name="published">The versions.</param>
/// <param name="clock">The clock.</param>
public sealed class IncidentPages(ResultBook book, PublishedStore published, TimeProvider clock)
{
    /// <summary>Every incident of a competition.</summary>
    public async Task<IncidentsOf> Of(Guid competition, CancellationToken cancel)
    {
        var s = await book.Snapshot(competition, cancel);
        var results = book.Of(s);
        var names = results.Names.ToDictionary(n => n.Entry);
        var heats = s.Plan.Heats.ToDictionary(h => h.Id, h => h.Number);
        var now = clock.GetUtcNow().UtcDateTime;
        var lines = s
            .Facts.Incidents.Reverse()
            .Select(i => new IncidentLine(
                i,
                s.Field.Workout(i.Report.Workout)?.Title ?? "",
                i.Report.Heat is { } h ? heats.GetValueOrDefault(h) : 0,
                Names(names, i.Report.Entries),
                i.Report.Kind == IncidentKind.Protest && IsLate(s, results, i),
                i.Decision is null && i.Report.DecideBy < now,
                Names(names, SameHeat.Of(i, s.Plan, s.Facts.Incidents))
            ))
            .ToList();
        var workouts = s
            .Plan.Heats.GroupBy(h => s.Plan.SessionOf(h).Workout)
            .Select(g => new IncidentWorkout(
                g.Key,
                s.Field.Workout(g.Key)?.Title ?? "",
                [.. g.OrderBy(h => h.Number).Select(h => new HeatName(h.Id, h.Number))],
                [.. ScoresOf(s, g.Key).Select(c => c.Name)]
            ));
        return new(lines, await Rulings(s, names, heats, cancel), [.. workouts]);
    }

    /// <summary>The scores of a workout, each name once.</summary>
    public static IReadOnlyList<ScoreComponent> ScoresOf(ResultSnapshot s, Guid workout) =>
        [
            .. s
                .Runs.Where(r => r.Workout == workout)
                .SelectMany(r => r.Runs)
                .Select(r => (r.Under, r.Index))
                .Where(x => x.Index >= 0)
                .DistinctBy(x => (x.Under, x.Index))
                .SelectMany(x => x.Under.Sheets[x.Index].Components)
                .DistinctBy(c => c.Name, StringComparer.Ordinal),
        ];

    private static List<ResultName> Names(Dictionary<Guid, ResultName> names, IEnumerable<Guid> entries) =>
        [.. entries.Select(e => names.GetValueOrDefault(e)).OfType<ResultName>().OrderBy(n => n.Bib.Length).ThenBy(n => n.Bib)];

    private static bool IsLate(ResultSnapshot s, ResultsOf results, Incident incident)
    {
        var at = s.Runs.ToList().FindIndex(r => r.Workout == incident.Report.Workout);
        var divisions =
            at < 0 ? [] : s.Runs[at].Runs.Where(r => incident.Report.Entries.Contains(r.Entry.Id)).Select(r => r.Board).ToHashSet();
        return at >= 0
            && results
                .Workouts[at]
                .Standings.Where(x => divisions.Contains(x.Division))
                .Any(x => x.ProtestUntil < incident.At || x.At < incident.At);
    }

    /// <summary>Versions of which an older one was run: which heats, and who.</summary>
    private async Task<IReadOnlyList<RulingReach>> Rulings(
        ResultSnapshot s,
        Dictionary<Guid, ResultName> names,
        Dictionary<Guid, int> heats,
        CancellationToken cancel
    )
    {
        var reaches = new List<RulingReach>();
        foreach (var workout in s.Cards.Where(c => c.State != CardState.Replaced).GroupBy(c => c.Workout))
        {
            var versions = await published.Of(workout.Key, cancel);
            var number = versions.ToDictionary(v => v.Id, v => v.Number);
            foreach (var version in versions.Where(v => v.Number > 1))
            {
                var older = workout.Where(c => number[c.Version] < version.Number).ToList();
                if (older.Count > 0)
                {
                    reaches.Add(
                        new(
                            s.Field.Workout(workout.Key)?.Title ?? "",
                            version.Number,
                            version.At,
                            version.Note,
                            [.. older.Select(c => heats.GetValueOrDefault(c.Heat)).Where(n => n > 0).Distinct().Order()],
                            Names(names, older.Select(c => c.Entry).Distinct())
                        )
                    );
                }
            }
        }

        return [.. reaches.OrderByDescending(r => r.At)];
    }
}
