namespace FairCompass.Access;

/// <summary>How long somebody stays signed in. A day of competition is one session; a tablet that is left somewhere is not one for
/// long.</summary>
public static class SessionTimes
{
    /// <summary>Without a request for so long it ends.</summary>
    public static readonly TimeSpan Idle = TimeSpan.FromHours(14);

    /// <summary>After so long it ends in any case.</summary>
    public static readonly TimeSpan Longest = TimeSpan.FromDays(7);

    /// <summary>A request is written down as the last one at most so often.</summary>
    public static readonly TimeSpan Noted = TimeSpan.FromMinutes(1);

    /// <summary>An invitation, a recovery and the first link can be used for so long.</summary>
    public static readonly TimeSpan Invitation = TimeSpan.FromDays(7);

    /// <summary>Wrong passphrases for one name from one address are remembered for so long.</summary>
    public static readonly TimeSpan Remembered = TimeSpan.FromMinutes(15);

    /// <summary>Wrong passphrases that cost nothing.</summary>
    public const int FreeTries = 5;

    /// <summary>How long a sender waits after wrong passphrases for one name: twice as long each time, from two seconds on, and
    /// never longer
    /// than they are remembered.</summary>
    /// <param name="wrong">How many there were.</param>
    public static TimeSpan Wait(int wrong) =>
        wrong < FreeTries
            ? TimeSpan.Zero
            : TimeSpan.FromSeconds(Math.Min(Remembered.TotalSeconds, Math.Pow(2, Math.Min(20, wrong - FreeTries + 1))));
}
