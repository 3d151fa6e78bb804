using FairCompass.Core.Drafts;
using FairCompass.Core.Publishing;
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
public sealed class Fields(
    OpenDrafts drafts,
    PublishedStore published,
    WorkoutStore workouts,
    EntryStore entries,
    OfficialStore officials,
    KeptStore kept
)
{
    /// <summary>The field of a competition; a workout that is not published yet is taken as its draft stands.</summary>
    public async Task<Field> Of(Guid competition, CancellationToken cancel)
    {
        var newest = await published.Newest(competition, cancel);
        var planned = new List<PlannedWorkout>();
        foreach (var draft in await workouts.Of(competition, cancel))
        {
            if (await Definition(newest, draft.Id, cancel) is { } u)
            {
                planned.Add(PlannedWorkouts.Of(draft.Id, u));
            }
        }

        var briefed = await kept.Briefed(competition, cancel);
        return new(
            [.. planned],
            [.. (await entries.Of(competition, cancel)).Select(e => e.Entry)],
            [
                .. (await officials.Of(competition, cancel))
                    .Where(o => o.Kind == OfficialKind.Judge)
                    .Select(o => o.AsJudge with { Briefed = [.. briefed[NameList.Key(o.Name)]] }),
            ]
        );
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
