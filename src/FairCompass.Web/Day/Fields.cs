using FairCompass.Comparability.Training;
using FairCompass.Core.Drafts;
using FairCompass.Core.Publishing;
using FairCompass.Core.Quantities;
using FairCompass.Planning.Days;
using FairCompass.Planning.People;
using FairCompass.Store;
using FairCompass.Store.Day;
using FairCompass.Web.Opening;

namespace FairCompass.Web.Day;

/// <summary>Everything that a plan of a competition is made from: its workouts as they are in force, who competes, who judges.</summary>
/// <param name="drafts">Opens definitions.</param>
/// <param name="published">Which version is the newest.</param>
/// <param name="workouts">The drafts.</param>
/// <param name="entries">Who competes.</param>
/// <param name="officials">Who helps.</param>
/// <param name="kept">Which judges have confirmed which workouts.</param>
/// <param name="training">What judges have shown of their eyes.</param>
public sealed class Fields(
    OpenDrafts drafts,
    PublishedStore published,
    WorkoutStore workouts,
    EntryStore entries,
    OfficialStore officials,
    KeptStore kept,
    TrainingStore training
)
{
    /// <summary>The field of a competition; a workout that is not published yet is taken as its draft stands.</summary>
    public async Task<Field> Of(Guid competition, CancellationToken cancel)
    {
        var newest = await published.Newest(competition, cancel);
        var (planned, definitions) = (new List<PlannedWorkout>(), new List<(Guid Id, Understanding Of)>());
        foreach (var draft in await workouts.Of(competition, cancel))
        {
            if (await Definition(newest, draft.Id, cancel) is { } u)
            {
                planned.Add(PlannedWorkouts.Of(draft.Id, u));
                definitions.Add((draft.Id, u));
            }
        }

        var briefed = await kept.Briefed(competition, cancel);
        var untrained = await Untrained(competition, definitions, cancel);
        return new(
            [.. planned],
            [.. (await entries.Of(competition, cancel)).Select(e => e.Entry)],
            [
                .. (await officials.Of(competition, cancel))
                    .Where(o => o.Kind == OfficialKind.Judge)
                    .Select(o => o.AsJudge with { Briefed = [.. briefed[NameList.Key(o.Name)]], Untrained = untrained(o.Id) }),
            ]
        );
    }

    /// <summary>Of a judge the workouts for which what is asked is not shown yet; nothing is looked up where nothing is asked.</summary>
    private async Task<Func<Guid, Eq<Guid>>> Untrained(
        Guid competition,
        List<(Guid Id, Understanding Of)> definitions,
        CancellationToken cancel
    )
    {
        var asked = await training.Asked(competition, cancel);
        if (!asked.Asks)
        {
            return _ => [];
        }

        var calls = await training.Calls(competition, null, tests: true, cancel);
        var movements = definitions.Select(d => (d.Id, Movements: WorkoutMovements.Of(d.Of))).ToList();
        return judge =>
        {
            var mine = calls[judge].ToLookup(c => c.Movement, StringComparer.Ordinal);
            return [.. movements.Where(w => w.Movements.Any(m => asked.Lacks([.. mine[m.Movement.Id]]) is not null)).Select(w => w.Id)];
        };
    }

    /// <summary>The definition of a workout as it is in force; null where there is none.</summary>
    public async Task<Understanding?> Definition(Guid competition, Guid workout, CancellationToken cancel) =>
        await Definition(await published.Newest(competition, cancel), workout, cancel);

    private async Task<Understanding?> Definition(
        IReadOnlyDictionary<Guid, PublishedVersion> newest,
        Guid workout,
        CancellationToken cancel
    ) =>
        newest.TryGetValue(workout, out var version)
            ? await drafts.OpenPublished(version.Id, cancel)
            : (await drafts.Open(workout, cancel))?.Understanding;
}
