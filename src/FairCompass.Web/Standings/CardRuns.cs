using FairCompass.Core.Drafts;
using FairCompass.Core.Scoring;
using FairCompass.Outcomes.Desk;
using FairCompass.Outcomes.Incidents;
using FairCompass.Outcomes.Tables;
using FairCompass.Planning.Days;
using FairCompass.Planning.People;
using FairCompass.Store;
using FairCompass.Store.Day;
using FairCompass.Web.Opening;
using PlannedCard = FairCompass.Planning.Days.Card;

namespace FairCompass.Web.Standings;

/// <summary>The cards of a workout with what they say and the definition they are scored under.</summary>
/// <param name="Workout">The workout.</param>
/// <param name="Runs">A run for each card that counts.</param>
/// <param name="CannotTake">Cards that the version they are to be scored under cannot read.</param>
public sealed record WorkoutRuns(Guid Workout, IReadOnlyList<EntryRun> Runs, IReadOnlyList<PlannedCard> CannotTake);

/// <summary>Reads what the cards of a competition say, with what the head judge has decided put to it.</summary>
/// <param name="published">The versions.</param>
/// <param name="drafts">Opens them.</param>
public sealed class CardRuns(PublishedStore published, OpenDrafts drafts)
{
    /// <summary>The runs of each workout that has cards.</summary>
    /// <param name="facts">What was typed.</param>
    /// <param name="cards">Every card.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="decided">Incidents, and under which versions cards are scored.</param>
    /// <param name="cancel">Cancels.</param>
    public async Task<IReadOnlyList<WorkoutRuns>> Of(
        IReadOnlyList<ScoreFact> facts,
        IReadOnlyList<PlannedCard> cards,
        Field field,
        ResultFacts decided,
        CancellationToken cancel
    )
    {
        var typed = facts.ToLookup(f => f.Card);
        var all = new List<WorkoutRuns>();
        foreach (var workout in cards.Where(c => c.State != CardState.Replaced).GroupBy(c => c.Workout))
        {
            var other = decided.Rescored.LastOrDefault(r => r.Workout == workout.Key)?.Version;
            all.Add(await Runs([.. workout], typed, field, decided.Incidents, other, cancel));
        }

        return all;
    }

    /// <summary>The runs of one workout, scored under another version.</summary>
    /// <param name="facts">What was typed.</param>
    /// <param name="cards">The cards of the workout that count.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="incidents">Every incident.</param>
    /// <param name="version">The id of the version; null for the one each card was printed from.</param>
    /// <param name="cancel">Cancels.</param>
    public async Task<WorkoutRuns> Under(
        IReadOnlyList<ScoreFact> facts,
        IReadOnlyList<PlannedCard> cards,
        Field field,
        IReadOnlyList<Incident> incidents,
        Guid? version,
        CancellationToken cancel
    ) => await Runs(cards, facts.ToLookup(f => f.Card), field, incidents, version, cancel);

    private async Task<WorkoutRuns> Runs(
        IReadOnlyList<PlannedCard> cards,
        ILookup<Guid, ScoreFact> typed,
        Field field,
        IReadOnlyList<Incident> incidents,
        Guid? version,
        CancellationToken cancel
    )
    {
        var workout = cards[0].Workout;
        var versions = (await published.Of(workout, cancel)).ToDictionary(v => v.Id);
        var (runs, cannot) = (new List<EntryRun>(), new List<PlannedCard>());
        foreach (var card in cards)
        {
            if (field.Entry(card.Entry) is not { } entry)
            {
                continue;
            }

            var numbers = CardNumbers.Of(typed[card.Id]);
            var (under, says) = (card.Version, numbers.Run);
            var u = await drafts.OpenPublished(card.Version, cancel);
            if (version is { } other && other != card.Version)
            {
                var rules = await drafts.OpenPublished(other, cancel);
                var read = says is null ? null : Reread(says, numbers.Level, entry, u, rules);
                if (says is null || read is not null)
                {
                    (under, says, u) = (other, read, rules);
                }
                else
                {
                    // What those rules cannot read stays under the version that it was printed from.
                    cannot.Add(card);
                }
            }

            var run = says is null ? null : ScoreChanges.On(says, workout, card.Entry, incidents);
            runs.Add(
                new(
                    entry,
                    run,
                    u,
                    versions[under].Number,
                    numbers.Checked,
                    numbers.Differs is not null,
                    typed[card.Id].Select(f => (DateTime?)f.At).LastOrDefault()
                )
                {
                    Level = numbers.Level,
                }
            );
        }

        return new(workout, runs, cannot);
    }

    /// <summary>What a card says where other rules ask for it: what they do not ask is left out; null where they ask for what it does not
    /// say, or it cannot be under them.</summary>
    private static RunObservation? Reread(RunObservation says, string level, Entry entry, Understanding was, Understanding now)
    {
        var (from, to) = (EntryCourse.IndexOf(was, entry, level), EntryCourse.IndexOf(now, entry, level));
        if (from < 0 || to < 0)
        {
            return null;
        }

        var typed = CardTexts.Typed(says, was.Courses[from], was.Sheets[from]);
        return CardReader.Read(typed, now.Courses[to], now.Sheets[to]).Run;
    }
}
