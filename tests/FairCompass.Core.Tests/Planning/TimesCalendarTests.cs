using System.Globalization;
using FairCompass.Planning.Calendars;
using FairCompass.Planning.Days;
using NodaTime;

namespace FairCompass.Core.Tests.Planning;

public class TimesCalendarTests
{
    private static readonly Instant Stamp = Instant.FromUtc(2027, 3, 1, 12, 0);

    private static string Written(params LocalDateTime[] starts) =>
        TimesCalendar.Write(
            "Saltmarsh: Wren; Oake, \"two\\\nlines\"",
            "Europe/Madrid",
            "Quayside Hall, Saltmarsh",
            starts.Select(
                (s, i) =>
                    new OwnTime(
                        MadeUp.Id(i),
                        "Ferry Bell",
                        i + 1,
                        3,
                        s.PlusMinutes(-5),
                        s,
                        s.PlusMinutes(11),
                        "Main floor",
                        "Wren; Oake, éèê – " + new string('x', 80)
                    )
            ),
            MadeUp.Id(9),
            4,
            Stamp
        );

    /// <summary>Reads by the letter of RFC 5545 §3.1: lines end in CRLF and are unfolded; a name, parameters, a value.</summary>
    private static List<(string Name, string Parameters, string Value)> Parsed(string text)
    {
        Assert.DoesNotContain("\n", text.Replace("\r\n", "", StringComparison.Ordinal), StringComparison.Ordinal);
        Assert.All(text.Split("\r\n"), l => Assert.True(System.Text.Encoding.UTF8.GetByteCount(l) <= 75, l));
        return
        [
            .. text.Replace("\r\n ", "", StringComparison.Ordinal)
                .Split("\r\n", StringSplitOptions.RemoveEmptyEntries)
                .Select(l =>
                {
                    var quoted = false;
                    var colon = 0;
                    while (quoted || l[colon] != ':')
                    {
                        quoted ^= l[colon++] == '"';
                    }

                    var semicolon = l.IndexOf(';', StringComparison.Ordinal) is >= 0 and var s && s < colon ? s : colon;
                    return (l[..semicolon], l[semicolon..colon], l[(colon + 1)..]);
                }),
        ];
    }

    [Fact]
    public void What_is_written_is_read_back_by_the_letter_of_the_standard()
    {
        var lines = Parsed(Written(new(2027, 6, 12, 9, 0), new(2027, 6, 12, 11, 30)));
        Assert.Equal(("BEGIN", "VCALENDAR"), (lines[0].Name, lines[0].Value));
        Assert.Equal(("END", "VCALENDAR"), (lines[^1].Name, lines[^1].Value));
        Assert.Equal("2.0", lines.Single(l => l.Name == "VERSION").Value);
        var starts = lines.Where(l => l is { Name: "DTSTART", Parameters: ";TZID=Europe/Madrid" }).Select(l => l.Value).ToList();
        Assert.Equal(["20270612T085500", "20270612T112500"], starts);
        Assert.Equal(2, lines.Where(l => l.Name == "UID").Select(l => l.Value).Distinct().Count());
        Assert.All(lines.Where(l => l.Name == "SEQUENCE"), l => Assert.Equal("4", l.Value));
        Assert.Contains(@"Wren\; Oake\, éèê", lines.First(l => l.Name == "SUMMARY").Value, StringComparison.Ordinal);
    }

    /// <summary>In Madrid the clock goes from 02:00 to 03:00 on 28 March 2027 (the rule of the European Union: the last Sunday of March);
    /// a heat at nine is at nine on both days, and the zone in the file says how far that is from UTC.</summary>
    [Fact]
    public void A_change_of_the_clock_moves_no_heat()
    {
        var text = Written(new(2027, 3, 27, 9, 5), new(2027, 3, 28, 9, 5));
        var lines = Parsed(text);
        Assert.Equal(
            ["20270327T090000", "20270328T090000"],
            lines.Where(l => l is { Name: "DTSTART", Parameters: ";TZID=Europe/Madrid" }).Select(l => l.Value)
        );
        Assert.Contains(lines, l => l is { Name: "TZOFFSETTO", Value: "+0200" });
        Assert.Contains(lines, l => l is { Name: "TZOFFSETTO", Value: "+0100" });
        var zone = DateTimeZoneProviders.Tzdb["Europe/Madrid"];
        var utc = lines
            .Where(l => l.Name == "DTSTART" && l.Parameters.Length > 0)
            .Select(l =>
                zone.AtStrictly(LocalDateTime.FromDateTime(DateTime.ParseExact(l.Value, "yyyyMMdd'T'HHmmss", CultureInfo.InvariantCulture)))
                    .ToInstant()
            );
        Assert.Equal(Duration.FromHours(23), utc.Last() - utc.First());
    }
}
