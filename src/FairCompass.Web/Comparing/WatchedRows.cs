using FairCompass.Comparability;
using FairCompass.Core.Scoring;
using FairCompass.Outcomes.Desk;
using FairCompass.Planning.Days;
using FairCompass.Web.Standings;

namespace FairCompass.Web.Comparing;

/// <summary>What judges watched of a competition, out of cards and plan.</summary>
/// <param name="Rows">A row for each movement of a card whose tally was written down.</param>
/// <param name="Untallied">Cards on which nobody tallied anything.</param>
/// <param name="Unjudged">Cards whose lane has no judge in the plan.</param>
/// <param name="TooMany">Tallies larger than the work: they are left out.</param>
public sealed record WatchedRows(IReadOnlyList<Watched> Rows, int Untallied, int Unjudged, int TooMany)
{
    /// <summary>The name of the movement of each cell of the rows.</summary>
    public IReadOnlyDictionary<string, string> Movements { get; private init; } = new Dictionary<string, string>();

    /// <summary>What was watched so far. A tally that is missing is not zero, and is left out; where a lane has several judges, it is the
    /// first one’s.</summary>
    public static WatchedRows Of(ResultSnapshot s)
    {
        var (rows, untallied, unjudged, tooMany) = (new List<Watched>(), 0, 0, 0);
        var movements = new Dictionary<string, string>(StringComparer.Ordinal);
        var typed = s.Typed.ToLookup(f => f.Card);
        foreach (var card in s.Cards.Where(c => c.State != CardState.Replaced))
        {
            var run = s.Runs.FirstOrDefault(r => r.Workout == card.Workout)?.Runs.FirstOrDefault(r => r.Entry.Id == card.Entry);
            if (run is not { Index: >= 0, Run: { Status: not EntryStatus.DidNotStart } says })
            {
                continue;
            }

            var numbers = CardNumbers.Of(typed[card.Id]);

            var heat = s.Plan.Heats.FirstOrDefault(h => h.Id == card.Heat);
            var lane = heat?.Lanes.FirstOrDefault(l => l.Entry == card.Entry);
            if (lane?.Judges.FirstOrDefault(j => j is not null) is not { } judge)
            {
                unjudged++;
                continue;
            }

            untallied += numbers.NoReps.Count == 0 ? 1 : 0;
            var tallies = numbers.NoReps.ToDictionary(n => n.Movement, n => n.Times, StringComparer.Ordinal);
            var title = s.Field.Workout(card.Workout)?.Title ?? "";
            foreach (var (movement, units) in Exposure.Of(says, run.Under.Courses[run.Index]))
            {
                if (!tallies.TryGetValue(movement, out var times))
                {
                    continue;
                }

                // More no-reps than twice what was done is a slip of the pen, or another number.
                if (times > 2 * units)
                {
                    tooMany++;
                    continue;
                }

                var cell = $"{title}, {movement}, {run.Board}";
                movements[cell] = movement;
                rows.Add(new(card.Entry, judge, $"{lane.Lane}", cell, units, times) { Heat = $"{card.Heat}" });
            }
        }

        return new(rows, untallied, unjudged, tooMany) { Movements = movements };
    }
}
