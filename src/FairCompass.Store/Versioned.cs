namespace FairCompass.Store;

/// <summary>A stored document with its revision.</summary>
/// <typeparam name="T">The document.</typeparam>
/// <param name="Id">Its id.</param>
/// <param name="Revision">From 1, one more with each save.</param>
/// <param name="Value">The document.</param>
/// <param name="SavedAt">When this revision was saved.</param>
public sealed record Versioned<T>(Guid Id, int Revision, T Value, DateTime SavedAt);

/// <summary>What came of a save.</summary>
/// <typeparam name="T">The document.</typeparam>
public abstract record SaveResult<T>
{
    private SaveResult() { }

    /// <summary>Saved, or saved before under the same save id.</summary>
    public sealed record Saved(Versioned<T> Now) : SaveResult<T>;

    /// <summary>Somebody has saved since the base revision; nothing was changed.</summary>
    /// <param name="Now">What is stored.</param>
    /// <param name="Base">The document of the base revision, or the default when it is not known.</param>
    public sealed record Outdated(Versioned<T> Now, T? Base) : SaveResult<T>;

    /// <summary>There is no such document, or it was removed.</summary>
    public sealed record Gone : SaveResult<T>;
}
