namespace FairCompass.Web.Hosting;

/// <summary>Reads pictures that are sent. Unpacking one takes some 60 MB for a moment; a queue of them takes no more.</summary>
public static class Pictures
{
    private static readonly SemaphoreSlim AtOnce = new(2);

    /// <summary>Reads a file when it is its turn.</summary>
    /// <param name="file">What is sent; the address limits its size.</param>
    /// <param name="read">Reads the bytes.</param>
    /// <param name="cancel">Ends the request.</param>
    public static async Task<T> Read<T>(Stream file, Func<byte[], T> read, CancellationToken cancel)
    {
        using var held = new MemoryStream();
        await file.CopyToAsync(held, cancel);
        await AtOnce.WaitAsync(cancel);
        try
        {
            return read(held.ToArray());
        }
        finally
        {
            AtOnce.Release();
        }
    }
}
