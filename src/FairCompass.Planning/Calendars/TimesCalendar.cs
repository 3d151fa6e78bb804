using FairCompass.Planning.Days;
using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;
using NodaTime;

namespace FairCompass.Planning.Calendars;

/// <summary>Somebody’s own times as iCalendar (RFC 5545), for a phone to follow: local times with their zone, so that a change of the clock
/// moves nothing.</summary>
public static class TimesCalendar
{
    /// <summary>The text of a calendar.</summary>
    /// <param name="name">What the phone calls it.</param>
    /// <param name="zone">The IANA name of the zone.</param>
    /// <param name="place">Where the competition is; may be empty.</param>
    /// <param name="times">The times.</param>
    /// <param name="who">Tells the events of one person from another’s in the same heat.</param>
    /// <param name="revision">The revision of the plan: a phone takes the higher one.</param>
    /// <param name="stamp">When it was made, UTC.</param>
    public static string Write(string name, string zone, string place, IEnumerable<OwnTime> times, Guid who, int revision, Instant stamp)
    {
        var calendar = new Calendar { ProductId = "-//Fair Compass//Plan of the day//EN" };
        calendar.AddProperty("X-WR-CALNAME", name);
        calendar.AddProperty("REFRESH-INTERVAL;VALUE=DURATION", "PT10M");
        if (zone != "UTC")
        {
            calendar.AddTimeZone(VTimeZone.FromDateTimeZone(zone));
        }

        foreach (var t in times)
        {
            calendar.Events.Add(
                new CalendarEvent
                {
                    Uid = $"{t.Heat:N}-{t.Lane}-{(t.Measured is { } head ? $"{head:N}-" : "")}{who:N}@fair-compass.invalid",
                    Summary = t.Measured is null
                        ? $"{t.Workout}, heat {t.Number}{(t.Lane > 0 ? $", lane {t.Lane}" : "")}: {t.What}"
                        : $"Be measured: {t.What}",
                    Description = t.Measured is null
                        ? $"Ready at {Hour(t.Ready)}. Clock starts at {Hour(t.Starts)}."
                        : $"At {Hour(t.Starts)}.",
                    Location = string.Join(", ", new[] { t.Floor, place }.Where(p => p.Length > 0)),
                    DtStart = Time(t.Ready, zone),
                    DtEnd = Time(t.Ends, zone),
                    DtStamp = new CalDateTime(stamp.ToDateTimeUtc(), "UTC"),
                    Sequence = revision,
                }
            );
        }

        return new CalendarSerializer().SerializeToString(calendar) ?? throw new InvalidOperationException("The calendar was not written.");
    }

    private static CalDateTime Time(LocalDateTime t, string zone) => new(t.Year, t.Month, t.Day, t.Hour, t.Minute, t.Second, zone);

    private static string Hour(LocalDateTime t) => NodaTime.Text.LocalDateTimePattern.CreateWithInvariantCulture("HH:mm").Format(t);
}
