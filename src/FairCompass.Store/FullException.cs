namespace FairCompass.Store;

/// <summary>No more of a kind is taken: what is there has to go first. The message says what and how many, for people.</summary>
/// <param name="message">The sentence.</param>
public sealed class FullException(string message) : Exception(message)
{
    /// <summary>Drafts of one competition: ten times what the largest has.</summary>
    public const int Drafts = 500;

    /// <summary>Competitions that one account organises.</summary>
    public const int Competitions = 200;
}
