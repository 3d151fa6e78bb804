using NodaTime;

namespace FairCompass.Planning.Days;

/// <summary>Heats start on whole minutes: callers and athletes go by the clock of the hall. Common practice.</summary>
internal static class WholeMinutes
{
    /// <summary>The time, or the next whole minute.</summary>
    public static LocalDateTime From(LocalDateTime time)
    {
        var whole = time.With(TimeAdjusters.TruncateToMinute);
        return whole == time ? time : whole.PlusMinutes(1);
    }
}
