using System.Globalization;
using System.Text.RegularExpressions;
using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Measuring;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Briefing;

/// <content>The numbers that a call may say.</content>
internal sealed partial class ModelNumbers
{
    /// <summary>The count-in of three is common practice; a gate that opens or shuts at the time of the call says its count, its cap, and
    /// which gate it is.</summary>
    private HashSet<string> Call(Duration at) =>
        [
            .. In(at.ToString()),
            "3",
            "2",
            "1",
            .. Ordinals,
            .. Intervals(at),
            .. Forks(at),
            .. Coming(at, 10),
            .. Coming(at, 60),
            .. Lists(at, 0),
            .. Lists(at, 10),
            .. Lists(at, 60),
        ];

    /// <summary>In a list that begins anew at every interval: its number, and what is done in it.</summary>
    private IEnumerable<string> Lists(Duration at, int later) =>
        shown
            .SelectMany(i => u.Courses[i].Pieces)
            .Where(p => p.Plain is { Each: not null } && p.Piece.Starts is not null)
            .SelectMany(p =>
            {
                var n = ((at.Ms + (later * 1000) - p.Piece.Starts!.Value.Ms) / p.Plain!.Each!.Value.Ms) + 1;
                return p
                    .Tasks.Select(t => n < 1 ? null : t.Count?.At(n - 1))
                    .OfType<decimal>()
                    .Select(Number.Normal)
                    .Append(n.ToString(CultureInfo.InvariantCulture));
            });

    /// <summary>Which interval or which gate comes so many seconds later.</summary>
    private IEnumerable<string> Coming(Duration at, int seconds)
    {
        var then = at + Duration.Seconds(seconds);
        return shown
            .SelectMany(i => u.Courses[i].Pieces)
            .Select(p => p.Every?.Each)
            .OfType<Duration>()
            .Where(each => then.Ms % each.Ms == 0)
            .Select(each => ((then.Ms / each.Ms) + 1).ToString(CultureInfo.InvariantCulture))
            .Concat(Clocks.SelectMany(c => c.Forks).Where(f => f.At == then).Select(f => f.Number.ToString(CultureInfo.InvariantCulture)));
    }

    /// <summary>In work that begins anew at every interval a call says which interval begins and how much is first in it.</summary>
    private IEnumerable<string> Intervals(Duration at) =>
        shown
            .SelectMany(i => u.Courses[i].Pieces)
            .Where(p => p.Every is { Each: not null })
            .SelectMany(p =>
            {
                var nth = at.Ms / p.Every!.Each!.Value.Ms;
                return p
                    .Tasks.Select(t => t.Count?.At(nth))
                    .OfType<decimal>()
                    .Select(Number.Normal)
                    .Append((nth + 1).ToString(CultureInfo.InvariantCulture));
            });
}
