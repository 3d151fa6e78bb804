using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Store;
using Microsoft.Extensions.Caching.Memory;

namespace FairCompass.Web.Opening;

/// <summary>A stored draft with all that it means.</summary>
/// <param name="Draft">The text with its revision.</param>
/// <param name="Competition">The competition it was understood in.</param>
/// <param name="Understanding">What it means.</param>
public sealed record OpenDraft(Versioned<string> Draft, Versioned<Competition> Competition, Understanding Understanding);

/// <summary>
/// Opens drafts and published versions in one call. What was worked out is kept by revision, so that a hundred readers of one
/// brief cost one; published versions never change and are kept by their id.
/// </summary>
public sealed class OpenDrafts(WorkoutStore workouts, CompetitionStore competitions, CompetitionCache cache, PublishedStore published)
    : IDisposable
{
    /// <summary>What is kept, in characters × divisions: about 100 MB.</summary>
    private const long MostKept = 1_000_000;

    private readonly MemoryCache kept = new(new MemoryCacheOptions { SizeLimit = MostKept });

    /// <summary>A draft; null when there is none or it was removed.</summary>
    public async Task<OpenDraft?> Open(Guid workout, CancellationToken cancel) =>
        await workouts.Find(workout, cancel) is { } found && await cache.FindRevision(found.Competition, cancel) is { } competition
            ? Opened(found.Draft, competition)
            : null;

    /// <summary>A draft in its competition as the database has them now, for what cannot be taken back.</summary>
    public async Task<OpenDraft?> OpenCurrent(Guid workout, CancellationToken cancel) =>
        await workouts.Find(workout, cancel) is { } found && await competitions.Find(found.Competition, cancel) is { } competition
            ? Opened(found.Draft, competition)
            : null;

    /// <summary>Every draft of a competition in order; null when there is no such competition.</summary>
    public async Task<IReadOnlyList<OpenDraft>?> OpenAll(Guid competition, CancellationToken cancel)
    {
        if (await cache.FindRevision(competition, cancel) is not { } found)
        {
            return null;
        }

        var drafts = new List<OpenDraft>();
        foreach (var draft in await workouts.Of(competition, cancel))
        {
            cancel.ThrowIfCancellationRequested();
            drafts.Add(Opened(draft, found));
        }

        return drafts;
    }

    /// <summary>A text that is not stored, in a stored competition; null when there is no such competition.</summary>
    public async Task<Understanding?> Read(Guid competition, string text, CancellationToken cancel) =>
        await cache.Find(competition, cancel) is { } found ? Understanding.Of(found, text, cancel) : null;

    /// <summary>A published version.</summary>
    public async Task<Understanding> OpenPublished(Guid version, CancellationToken cancel)
    {
        if (kept.TryGetValue(version, out Lazy<Understanding>? known))
        {
            return known!.Value;
        }

        var document = await published.Document(version, cancel);
        return Keep(version, document.Competition, document.Text, document.Understand);
    }

    /// <inheritdoc/>
    public void Dispose() => kept.Dispose();

    private OpenDraft Opened(Versioned<string> draft, Versioned<Competition> competition) =>
        new(
            draft,
            competition,
            Keep(
                (draft.Id, draft.Revision, competition.Revision),
                competition.Value,
                draft.Value,
                () => Understanding.Of(competition.Value, draft.Value)
            )
        );

    /// <summary>Worked out once, however many ask at once.</summary>
    private Understanding Keep(object key, Competition competition, string text, Func<Understanding> work)
    {
        Lazy<Understanding> entry;
        lock (kept)
        {
            if (!kept.TryGetValue(key, out Lazy<Understanding>? known))
            {
                known = new(work);
                kept.Set(
                    key,
                    known,
                    new MemoryCacheEntryOptions { Size = (long)(text.Length + 100) * Math.Max(1, competition.Divisions.Count) }
                );
            }

            entry = known!;
        }

        return entry.Value;
    }
}
