using FairCompass.Planning.Days;
using FairCompass.Planning.Solving;
using FairCompass.Store.Day;

namespace FairCompass.Web.Day;

/// <summary>Searches for better plans beside the requests, one after the other: each takes a whole processor for a minute.</summary>
/// <param name="store">Where they are told of.</param>
/// <param name="life">Ends them with the application.</param>
/// <param name="log">Notes what went wrong.</param>
public sealed partial class PlanSearches(PlanSearchStore store, IHostApplicationLifetime life, ILogger<PlanSearches> log) : IDisposable
{
    private static readonly TimeSpan Beat = TimeSpan.FromSeconds(1);

    private readonly SemaphoreSlim one = new(1);

    /// <summary>Begins a search; what it finds is told by the store.</summary>
    /// <param name="id">The search, which the store knows.</param>
    /// <param name="plan">The plan it begins from.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="limit">How long.</param>
    public void Begin(Guid id, Plan plan, Field field, SearchLimit limit) => _ = Task.Run(() => Run(id, plan, field, limit));

    /// <inheritdoc/>
    public void Dispose() => one.Dispose();

    private async Task Run(Guid id, Plan plan, Field field, SearchLimit limit)
    {
        using var stop = CancellationTokenSource.CreateLinkedTokenSource(life.ApplicationStopping);
        SearchFindings? found = null;
        var work = Task.Run(
            async () =>
            {
                await one.WaitAsync(stop.Token);
                try
                {
                    Seek(plan, field, limit, f => Volatile.Write(ref found, f), stop.Token);
                }
                finally
                {
                    one.Release();
                }
            },
            stop.Token
        );
        try
        {
            SearchFindings? told = null;
            while (!work.IsCompleted)
            {
                await Task.WhenAny(work, Task.Delay(Beat, stop.Token));
                var now = Volatile.Read(ref found);
                if (await store.Seen(id, now == told ? null : now, ended: false, CancellationToken.None))
                {
                    await stop.CancelAsync();
                }

                told = now;
            }

            // One that failed is not said to have ended: whoever looks sees that it broke off.
            if (!work.IsFaulted)
            {
                await store.Seen(id, Volatile.Read(ref found), ended: true, CancellationToken.None);
            }

            await work;
        }
        catch (OperationCanceledException)
        {
            // Somebody had enough, or the application ends; what was found is told.
        }
        catch (Exception e)
        {
            BrokeOff(log, id, e);
        }
        finally
        {
            // Nobody hears of it any more, so it need not go on; the next one waits for its place.
            await stop.CancelAsync();
            await work.ConfigureAwait(ConfigureAwaitOptions.SuppressThrowing);
        }
    }

    private static void Seek(Plan plan, Field field, SearchLimit limit, Action<SearchFindings> tell, CancellationToken cancel)
    {
        (FoundPlan First, IReadOnlyList<PlanConflict> Conflicts)? begun = null;
        var best = PlanSearch.Run(
            plan,
            field,
            () => Ids(plan),
            limit,
            found =>
            {
                // What cannot be kept is said first: whoever reads it need not wait for the rest.
                begun ??= (found, PlanConflicts.Of(found.Plan, field, limit.Seed, cancel));
                tell(new(begun.Value.First.Worth, found.Plan, found.Worth, found.AtLeast, [.. begun.Value.Conflicts]));
            },
            cancel
        );
        if (best.Plan != begun!.Value.First.Plan)
        {
            var conflicts = PlanConflicts.Of(best.Plan, field, limit.Seed, cancel);
            tell(new(begun.Value.First.Worth, best.Plan, best.Worth, best.AtLeast, [.. conflicts]));
        }
    }

    /// <summary>The same new ids for every plan of one search, so that a heat is the same heat in each.</summary>
    private static Func<Guid> Ids(Plan plan)
    {
        var random = new Random(plan.Draw);
        var bytes = new byte[16];
        return () =>
        {
            random.NextBytes(bytes);
            return new(bytes);
        };
    }

    [LoggerMessage(Level = LogLevel.Error, Message = "The search {Id} for a plan broke off.")]
    private static partial void BrokeOff(ILogger log, Guid id, Exception e);
}
