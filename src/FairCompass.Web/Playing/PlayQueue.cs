namespace FairCompass.Web.Playing;

/// <summary>
/// Many runs are worked out for one page at a time, so that ten windows that ask for ten thousand each never keep a save waiting. Who
/// goes away is taken out of the queue, and the work for them ends.
/// </summary>
public sealed class PlayQueue : IDisposable
{
    private readonly SemaphoreSlim turn = new(1, 1);

    /// <summary>Processors that the runs of a page may take.</summary>
    public static int Hands => Math.Clamp(Environment.ProcessorCount, 1, 2);

    /// <summary>Does the work when its turn comes.</summary>
    /// <param name="work">The work.</param>
    /// <param name="cancel">Ends the waiting, and is handed on to the work.</param>
    public async Task<T> Do<T>(Func<CancellationToken, T> work, CancellationToken cancel)
    {
        await turn.WaitAsync(cancel);
        try
        {
            return await Task.Run(() => work(cancel), cancel);
        }
        finally
        {
            turn.Release();
        }
    }

    /// <inheritdoc/>
    public void Dispose() => turn.Dispose();
}
