using System.Text.RegularExpressions;

namespace FairCompass.Core.Tests.Playing;

/// <content>Windows one after the other: cycles, and the members of a relay.</content>
internal sealed partial class PlausibleDrafts
{
    private string Cycles()
    {
        Line(0, $"{random.Next(3, 6)} cycles, rest 0:30 between");
        if (random.Next(3) == 0)
        {
            Line(1, $"{Time(1, 4)} for time");
            Tasks(2, random.Next(1, 3));
            return $"score: {(random.Next(2) == 0 ? "slowest cycle" : "fastest cycle")}\n  unfinished: cap line by reps\n";
        }

        Line(1, $"{Time(1, 3)} for reps");
        Line(2, "rounds without end");
        Tasks(3, random.Next(1, 3));
        return $"score: {new[] { "lowest cycle", "best cycle", "sum of the best 2 cycles" }[random.Next(3)]}\n";
    }

    private string Relay()
    {
        var goesOn = random.Next(2) == 0;
        Line(0, $"relay for reps, {random.Next(1, 4)}:00 each, change 0:30{(goesOn ? ", continues" : "")}");
        Line(1, "rounds without end");
        Tasks(2, random.Next(1, 3));

        // Where totals go on and not every unit counts, nobody's own part can be told.
        var own = !goesOn || !Regex.IsMatch(text.ToString(), " count|credited");
        return $"score: reps\n  tie: {(own ? "lowest member" : "shared")}\n";
    }
}
