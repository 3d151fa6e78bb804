using System.Collections.Concurrent;
using FairCompass.Outcomes.Desk;
using FairCompass.Outcomes.Tables;
using FairCompass.Planning.Days;
using FairCompass.Store.Day;
using PlannedCard = FairCompass.Planning.Days.Card;

namespace FairCompass.Web.Standings;

/// <summary>What the results of a competition are made of, and the tables that come of it, at one number of its feed.</summary>
/// <param name="Seq">The number of the feed.</param>
/// <param name="Day">People, plan, cards.</param>
/// <param name="Typed">What was typed, in order.</param>
/// <param name="Facts">Incidents, final results, rules.</param>
/// <param name="Runs">What the cards say, by workout in the order in which they are run.</param>
/// <param name="Tables">The tables of each of these as they come of the cards.</param>
public sealed record ResultSnapshot(
    long Seq,
    DayBasis Day,
    IReadOnlyList<ScoreFact> Typed,
    ResultFacts Facts,
    IReadOnlyList<WorkoutRuns> Runs,
    IReadOnlyList<IReadOnlyList<ResultTable>> Tables
)
{
    /// <summary>The plan.</summary>
    public Plan Plan => Day.Plan;

    /// <summary>Everybody.</summary>
    public Field Field => Day.Field;

    /// <summary>Every card.</summary>
    public IReadOnlyList<PlannedCard> Cards => Day.Cards;
}

/// <summary>The results of competitions: made once for each change, whoever and however many ask.</summary>
/// <param name="results">Incidents, final results, the feed.</param>
/// <param name="bases">People, plan, cards.</param>
/// <param name="runs">What the cards say.</param>
/// <param name="scores">What was typed.</param>
/// <param name="clock">The clock.</param>
public sealed class ResultBook(ResultStore results, DayBases bases, CardRuns runs, ScoreStore scores, TimeProvider clock)
{
    private sealed class Page
    {
        public SemaphoreSlim Making { get; } = new(1);

        public ResultSnapshot? Made { get; set; }
    }

    private readonly ConcurrentDictionary<Guid, Page> pages = new();

    /// <summary>What the results are made of, as it is now.</summary>
    public async Task<ResultSnapshot> Snapshot(Guid competition, CancellationToken cancel)
    {
        var page = pages.GetOrAdd(competition, _ => new());
        if (page.Made is { } made && (await results.Feed(competition, cancel)).Seq == made.Seq)
        {
            return made;
        }

        await page.Making.WaitAsync(cancel);
        try
        {
            // The number first: what is read afterwards may be newer than it says, and is then read once more, but never older.
            var (seq, basis) = await results.Feed(competition, cancel);
            return page.Made is { } meanwhile && meanwhile.Seq == seq
                ? meanwhile
                : page.Made = await Make(competition, seq, basis, page.Made?.Typed ?? [], cancel);
        }
        finally
        {
            page.Making.Release();
        }
    }

    /// <summary>The results as everybody may read them.</summary>
    public async Task<ResultsOf> Of(Guid competition, CancellationToken cancel) => Of(await Snapshot(competition, cancel));

    /// <summary>The results of what they are made of; how far they are follows the clock.</summary>
    public ResultsOf Of(ResultSnapshot s)
    {
        var now = clock.GetUtcNow().UtcDateTime;
        var workouts = s.Runs.Select((r, i) => Workout(s, r, s.Tables[i], now)).ToList();
        string LevelOf(Guid entry) => s.Field.Entry(entry)?.Level ?? "";
        var overall = OverallTable
            .Of([.. workouts.SelectMany(w => w.Tables.Select(t => (w.Workout, w.Title, t)))], s.Day.Rule, LevelOf)
            .Select(o => o with { IsFinal = o.Columns.All(c => IsFinal(workouts, c.Workout, o.Division)) })
            .ToList();
        var gyms = s.Field.Entries.ToDictionary(e => e.Id, e => e.Gym);
        // Who trains at two gyms counts for none of them.
        string? ClubOf(Guid entry) => gyms.GetValueOrDefault(entry) is { Length: > 0 } gym && !gym.Contains(" / ") ? gym : null;
        return new(
            s.Seq,
            s.Day.Name,
            workouts,
            overall,
            OverallTable.Clubs(overall, s.Facts.Rules, ClubOf),
            s.Facts.Rules,
            [.. s.Field.Entries.Select(Name)]
        );
    }

    /// <summary>A field with the place of everybody in the overall table so far, for heats that are drawn by it.</summary>
    /// <param name="competition">The competition.</param>
    /// <param name="field">The field.</param>
    /// <param name="plan">What is planned; where no session asks for the standing, nothing is computed.</param>
    /// <param name="cancel">Cancels.</param>
    public async Task<Field> WithStanding(Guid competition, Field field, Plan plan, CancellationToken cancel) =>
        plan.Sessions.All(s => s.Order != HeatOrder.Standing)
            ? field
            : field with
            {
                Standing = (await Of(competition, cancel))
                    .Overall.SelectMany(o => o.Rows)
                    .GroupBy(r => r.Entry)
                    .ToDictionary(g => g.Key, g => g.Min(r => r.Place)),
            };

    /// <summary>An entry as the public may read it.</summary>
    public static ResultName Name(Planning.People.Entry e) => new(e.Id, e.Bib, e.PublicName, e.Gym);

    private static bool IsFinal(List<WorkoutResults> workouts, Guid workout, string division) =>
        workouts.Exists(w =>
            w.Workout == workout
            // A score that all levels share stands on the board of the whole division.
            && (w.Standings.FirstOrDefault(x => x.Division == division) ?? w.Standings.FirstOrDefault(x => IsWhole(x.Division, division)))
                is { State: StandingState.Final }
        );

    private static bool IsWhole(string whole, string division) => division.StartsWith(whole + ", ", StringComparison.Ordinal);

    /// <summary>What was said last of the results of a workout in a division.</summary>
    public static FinalFact? LastFinal(ResultSnapshot s, Guid workout, string division) =>
        s.Facts.Finals.LastOrDefault(f => f.Workout == workout && f.Division == division);

    private static WorkoutResults Workout(ResultSnapshot s, WorkoutRuns runs, IReadOnlyList<ResultTable> tables, DateTime now)
    {
        var carded = s.Cards.Where(c => c.Workout == runs.Workout && c.State != CardState.Replaced).Select(c => c.Entry).ToHashSet();
        var without = s
            .Plan.Heats.Where(h => s.Plan.SessionOf(h).Workout == runs.Workout)
            .SelectMany(h => h.Lanes)
            .Select(l => l.Entry)
            .Where(e => !carded.Contains(e))
            .Select(s.Field.Entry)
            .OfType<Planning.People.Entry>()
            .ToList();
        var incidents = s.Facts.Incidents.Where(i => i.Report.Workout == runs.Workout).ToList();
        var standings = new List<Standing>();
        var shown = new List<ResultTable>();
        foreach (var division in tables.GroupBy(t => t.Division))
        {
            var final = LastFinal(s, runs.Workout, division.Key);
            var table = division.First();
            standings.Add(
                Standing.Of(
                    division.Key,
                    [.. division],
                    [.. runs.Runs.Where(table.Holds)],
                    without.Count(table.MayHold),
                    incidents,
                    s.Facts.Rules,
                    final,
                    now
                )
            );
            shown.AddRange(final is { Code.Length: > 0 } ? final.Tables : division);
        }

        var rescored = s.Facts.Rescored.LastOrDefault(r => r.Workout == runs.Workout);
        return new(runs.Workout, s.Field.Workout(runs.Workout)?.Title ?? "", shown, standings, without.Count)
        {
            Rescored = rescored is { Version: not null } ? rescored.Reason : null,
        };
    }

    private async Task<ResultSnapshot> Make(Guid id, long seq, long basis, IReadOnlyList<ScoreFact> known, CancellationToken cancel)
    {
        var day = await bases.Of(id, basis, cancel);
        var facts = await results.Of(id, cancel);
        var typed = await scores.Of(id, known, cancel);
        var first = day
            .Plan.Heats.GroupBy(h => day.Plan.SessionOf(h).Workout)
            .ToDictionary(g => g.Key, g => g.Min(h => h.Starts).ToDateTimeUnspecified());
        var read = (await runs.Of(typed, day.Cards, day.Field, facts, cancel))
            .OrderBy(r => first.GetValueOrDefault(r.Workout, DateTime.MaxValue))
            .ToList();
        return new(seq, day, typed, facts, read, [.. read.Select(r => ResultTable.Of(r.Runs))]);
    }
}
