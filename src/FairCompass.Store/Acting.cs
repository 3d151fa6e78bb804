namespace FairCompass.Store;

/// <summary>Who does what is stored by the request at hand: an account, the holder of a link, or nobody (the program itself).</summary>
/// <param name="Account">The account; null for none.</param>
/// <param name="Link">The link; null for none.</param>
public sealed record Acting(Guid? Account, Guid? Link)
{
    private static readonly AsyncLocal<Acting?> Here = new();

    /// <summary>Who acts in what is awaited from here on; nobody where nothing was said.</summary>
    public static Acting Now
    {
        get => Here.Value ?? Nobody;
        set => Here.Value = value;
    }

    private static Acting Nobody { get; } = new(null, null);
}
