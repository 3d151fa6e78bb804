using System.Globalization;
using System.Text;

namespace FairCompass.Core.Tests.Playing;

/// <summary>Workouts as somebody might write them, made up from a seed: every kind of work that is played, mixed.</summary>
internal sealed partial class PlausibleDrafts
{
    private readonly Random random;
    private readonly StringBuilder text = new();
    private bool alone;

    private PlausibleDrafts(int seed) => random = new(seed);

    public static string Of(int seed) => new PlausibleDrafts(seed).Write();

    private string Write()
    {
        var team = random.Next(4);
        alone = team > 1;
        text.Append("Draft\n  for ")
            .Append(
                team switch
                {
                    0 => "Ferry Pairs",
                    1 => "Crew of Four",
                    _ => "Tideline, Meadow",
                }
            );
        text.Append("\n  a/b is man/woman\n");
        Func<string>[] all =
        [
            Chipper,
            Rounds,
            Endless,
            Gates,
            Intervals,
            IntervalLists,
            Cycles,
            TwoOnOneClock,
            Windows,
            AnyOrder,
            Ladder,
            Heaviest,
            Complexes,
            Penalties,
            Kilograms,
        ];
        Func<string>[] work = team switch
        {
            0 => [.. all, Relay, Rota, SwapStations, Holds],
            1 => [.. all, Relay, Rota, SwapStations, Groups, Waves, Holds],
            _ => [.. all, Menu, Levels, Heights],
        };
        var score = work[random.Next(work.Length)]();
        return text + "\n" + score;
    }

    private string Chipper()
    {
        var time = random.Next(3) > 0;
        Line(0, $"{Time(3, 14)} for {(time ? "time" : "reps")}");
        if (random.Next(2) == 0)
        {
            Tasks(1, random.Next(2, 7));
            return time ? ForTime() : "score: reps\n  tie: shared\n";
        }

        Tasks(1, random.Next(1, 4));
        Line(1, "checkpoint Deck");
        Tasks(1, random.Next(1, 4));
        var mark = random.Next(2) == 0 ? "Deck" : "half of the work";
        return time ? $"score: time\n  unfinished: cap line by reps\n  tie: time at {mark}\n" : $"score: reps\n  tie: time at {mark}\n";
    }

    private string IntervalLists()
    {
        var late = new[]
        {
            "unfinished carries over",
            "unfinished is skipped, what is done counts",
            "unfinished is skipped, nothing of it counts",
            "unfinished ends the work",
        };
        Line(0, $"{random.Next(4, 10)}:00 for reps");
        Line(1, $"every {random.Next(1, 3)}:{(random.Next(2) == 0 ? "00" : "30")}, {late[random.Next(4)]}");
        if (random.Next(2) == 0)
        {
            Line(
                2,
                $"{random.Next(4, 9)}-10-... burpee"
                    .Replace("9-10", "8-10", StringComparison.Ordinal)
                    .Replace("10", "12", StringComparison.Ordinal)
            );
        }
        else if (random.Next(3) == 0)
        {
            Line(2, "odd:");
            Tasks(3, random.Next(1, 3));
            Line(2, random.Next(2) == 0 ? "even:" : "2nd, 4th, ...:");
            Tasks(3, random.Next(1, 3));
        }
        else
        {
            Tasks(2, random.Next(1, 4));
        }

        return $"score: {(random.Next(2) == 0 ? "reps" : "full intervals")}\n  tie: shared\n";
    }

    private string Rounds()
    {
        Line(0, $"{Time(4, 15)} for time");
        Tasks(1, random.Next(3) == 0 ? 1 : 0);
        Line(1, random.Next(2) == 0 ? $"{random.Next(2, 6)} rounds" : "16-12-8 of");
        if (alone && text.ToString().EndsWith(" rounds\n", StringComparison.Ordinal) && random.Next(3) == 0)
        {
            Line(2, $"Meadow: {random.Next(2, 5)} rounds");
        }

        var falling = text.ToString().EndsWith("of\n", StringComparison.Ordinal);
        if (falling)
        {
            Line(2, "burpee");
            Line(2, random.Next(2) == 0 ? "sit-up" : "cal air bike");
        }
        else
        {
            Tasks(2, random.Next(1, 4));
        }

        if (random.Next(3) == 0)
        {
            Line(1, $"own rest 0:{random.Next(10, 59)}");
            Tasks(1, random.Next(1, 3));
        }

        return "score: time\n  unfinished: cap line by reps\n  tie: time at round 1\n";
    }

    private string Endless()
    {
        Line(0, $"{Time(3, 12)} for reps");
        switch (random.Next(3))
        {
            case 0:
                Line(1, "rounds without end");
                Tasks(2, random.Next(1, 4));
                break;
            case 1:
                Line(1, "2-4-6-... of");
                Line(2, "burpee over the bar");
                Line(2, random.Next(2) == 0 ? "pull-up" : "cal air bike");
                break;
            default:
                Tasks(1, random.Next(0, 2));
                Line(1, $"max {(random.Next(2) == 0 ? "sit-up" : "cal air bike")}");
                return "score: reps\n  tie: shared\n";
        }

        return $"score: {(random.Next(2) == 0 ? "reps" : "rounds and reps")}\n  tie: time at the last full round\n";
    }

    private string Gates()
    {
        Line(0, $"{Time(2, 5)} for reps");
        for (var i = 0; i < random.Next(1, 3); i++)
        {
            Tasks(1, random.Next(1, 3));
            Line(1, $"gate, adds {random.Next(1, 3)}:{(random.Next(2) == 0 ? "00" : "30")}");
        }

        Line(1, "max burpee");
        return $"score: reps\n  tie: time at the last gate passed\n\ngate on the second: {(random.Next(2) == 0 ? "counts" : "misses")}\n";
    }

    private string Intervals()
    {
        var goal = random.Next(2) == 0;
        Line(0, $"{random.Next(4, 10)}:00 for {(goal ? "time" : "reps")}");
        Line(
            1,
            $"every {random.Next(1, 3)}:{(random.Next(2) == 0 ? "00" : "30")}, "
                + $"unfinished {(random.Next(3) > 0 ? "carries over" : "is skipped")}"
        );
        Line(2, "first");
        Tasks(3, random.Next(1, 3));
        Line(2, "then");
        Line(3, goal ? $"{random.Next(20, 120)} sit-up" : "max sit-up");
        return goal ? ForTime() : "score: reps\n  tie: shared\n";
    }

    private string TwoOnOneClock()
    {
        Line(0, $"{random.Next(6, 12)}:00 clock");
        Line(1, "A: for time");
        Tasks(2, random.Next(1, 4));
        Line(1, "B: for reps, in the time left");
        Line(2, "max burpee");
        return "score A: time of A\n  unfinished: cap line by reps\n  tie: shared\n"
            + "score B: reps of B\n  A unfinished: not reached\n  tie: shared\n";
    }

    private string Windows()
    {
        Line(0, $"A: {Time(1, 4)} for reps");
        Tasks(1, random.Next(1, 4));
        Line(0, $"rest 0:{random.Next(15, 59)}");
        Line(0, $"B: {Time(1, 4)} for reps");
        Line(1, "rounds without end");
        Tasks(2, random.Next(1, 3));
        return "score A: reps of A\n  tie: shared\nscore B: reps of B\n  tie: shared\n";
    }

    private string Rota()
    {
        Line(0, $"rota for reps, {random.Next(1, 3)}:10 each, change 0:20");
        Line(1, "station Bike");
        Line(2, $"max cal air bike{(random.Next(2) == 0 ? ", counts 0, +6 at 14/11" : "")}");
        Line(1, "station Mat");
        if (random.Next(3) == 0)
        {
            Line(2, "max s front plank");
            return "score: reps\n  tie: shared\n";
        }

        Line(2, "rounds without end");
        Tasks(3, random.Next(1, 3));
        return "score: reps\n  tie: shared\n";
    }

    private string AnyOrder()
    {
        var time = random.Next(2) == 0;
        Line(0, $"{Time(4, 12)} for {(time ? "time" : "reps")}");
        Line(1, "in any order");
        Tasks(2, random.Next(2, 5));
        return time ? ForTime() : "score: reps\n  tie: shared\n";
    }

    private string Ladder()
    {
        Line(0, $"{Time(4, 10)} for reps");
        Line(1, "rounds without end");
        Line(2, $"complex, 40-45-...-85/25-30-...-70 kg, last bar repeats{(random.Next(2) == 0 ? ", may be broken" : "")}");
        Line(3, $"{random.Next(1, 4)} power clean");
        Line(3, "1 push jerk");
        return "score: reps\n  tie: shared\n";
    }

    private string Heaviest()
    {
        Line(0, $"{Time(4, 9)} for load");
        var rules = new[] { "", ", 3 attempts", ", start 40/30 kg, never down", ", start 50/35 kg, 4 attempts, never down" }[
            random.Next(4)
        ];
        Line(1, (random.Next(2) == 0 ? "heaviest power clean" : $"heaviest set of {random.Next(2, 5)} front squat, from the rack") + rules);
        if (!alone)
        {
            Line(2, $"share: one at a time{(random.Next(2) == 0 ? "" : ", at most 2 tries in a row")}");
        }

        var without = new[] { "", "  no good lift: zero\n", "  no good lift: not scored\n", "  no good lift: the others stand\n" };
        return alone ? "score: best load\n  tie: shared\n" : "score: sum of best loads\n  tie: shared\n" + without[random.Next(4)];
    }

    private string SwapStations()
    {
        Line(0, $"{random.Next(4, 10)}:00 stations for reps, swap when Deck is done");
        Line(1, "station Oars");
        Line(2, "max m rowing machine");
        Line(1, "station Deck");
        // One works at a station, so there is nothing to share.
        for (var i = random.Next(1, 4); i > 0; i--)
        {
            Line(2, Task());
        }

        return "score Far: metres of Oars\n  tie: shared\nscore Rounds: rounds and reps of Deck\n  tie: shared\n";
    }

    private string Groups()
    {
        text.Append("  groups One 1 2, Two 3 4\n");
        Line(0, $"{Time(4, 12)} for time");
        foreach (var group in random.Next(2) == 0 ? new[] { "group One", "group Two" } : ["groups One, Two each"])
        {
            Line(1, group);
            Tasks(2, random.Next(1, 4));
        }

        return "score One: time of One\n  unfinished: cap line by reps\n  tie: shared\n"
            + "score Two: time of Two\n  unfinished: cap line by reps\n  tie: shared\n";
    }

    private string Waves()
    {
        text.Append("  groups One 1 2, Two 3 4\n");
        Line(0, $"waves for reps, {random.Next(1, 4)}:15 each, change 0:40, by One, Two");
        if (random.Next(2) == 0)
        {
            Line(1, "re-rig: 70/47.5 kg by Two");
        }

        Line(1, "station Bar");
        Line(2, "max front squat, from the floor");
        Line(3, "One: 80/55 kg");
        Line(3, "Two: 70/47.5 kg");
        Line(1, "station Mat");
        Line(2, random.Next(2) == 0 ? "max cal air bike" : "max sit-up");
        return "score: reps\n  tie: shared\n";
    }

    private string Menu()
    {
        Line(0, $"{Time(4, 13)} for reps");
        Line(1, random.Next(2) == 0 ? "rounds without end" : $"{random.Next(2, 5)} rounds");
        Line(2, "12 front-rack lunge, 50/35 kg, from the rack");
        Line(3, $"choose: {random.Next(13, 20)}, 40/27.5 kg, credited 12");
        Line(2, $"{random.Next(1, 4)} rope climb, credited 5");
        Line(3, "choose: 5 wall walk");
        Tasks(2, random.Next(0, 2));
        return "score: reps\n  tie: shared\n";
    }

    private string Levels()
    {
        text.Append("  levels High, Low, a board each\n");
        Line(0, $"{Time(3, 10)} for reps");
        Line(1, "rounds without end");
        Line(2, $"{random.Next(4, 20)} kettlebell swing, 24/16 kg");
        Line(3, "Low: 16/12 kg");
        Line(2, $"{random.Next(4, 20)} pull-up");
        Line(3, "Low: ring row");
        Tasks(2, random.Next(0, 3));
        return "score: reps\n  tie: shared\n";
    }

    private string ForTime() =>
        random.Next(2) == 0
            ? "score: time\n  unfinished: cap line by reps\n  tie: shared\n"
            : "score: time\n  unfinished: +0:01 for each missing rep\n  tie: shared\n";

    private void Tasks(int level, int n)
    {
        for (var i = 0; i < n; i++)
        {
            Line(level, Task());
            if (!alone && random.Next(3) == 0)
            {
                Line(level + 1, $"share: {Sharing()}");
            }
        }
    }

    private string Task() =>
        random.Next(16) switch
        {
            0 => $"{random.Next(5, 40)} burpee",
            1 => $"{random.Next(10, 60)} double-under, every {random.Next(2, 4)} count 1",
            2 => $"{random.Next(5, 30)} power clean, 60/40 kg",
            3 => $"{random.Next(8, 40)}{(alone ? $"/{random.Next(6, 30)}" : "")} cal rowing machine",
            4 => $"{100 * random.Next(1, 6)} m rowing machine, credited {random.Next(5, 20)}",
            5 => $"{4 * random.Next(2, 9)} m walking lunge, marks every 4 m",
            6 => $"{random.Next(1, 5)} rope climb, credited {random.Next(2, 9)}",
            7 => $"{random.Next(5, 40)} wall-ball shot, 9/6 kg, target 3.00/2.75 m",
            8 => $"{random.Next(5, 25)} toes-to-bar",
            9 => $"{random.Next(3, 30)} cal air bike, counts 0",
            10 => "0:40 front plank",
            11 => $"{random.Next(10, 60)} sit-up",
            12 => $"{random.Next(4, 12)} dumbbell thruster, 2 x 15/10 kg",
            13 => $"{random.Next(5, 20)} box jump-over, box 60/50 cm, counts 2",
            14 => $"{5 * random.Next(1, 5)} pull-up, in 5s",
            _ => $"{random.Next(5, 40)} hand-release push-up",
        };

    private string Time(int least, int most) => $"{random.Next(least, most)}:{(random.Next(2) == 0 ? "00" : "30")}";

    private void Line(int level, string words)
    {
        // An empty line ends what stands under the title.
        if (level == 0 && !text.ToString().Contains("\n\n", StringComparison.Ordinal))
        {
            text.Append('\n');
        }

        text.Append(CultureInfo.InvariantCulture, $"{new string(' ', 2 * level)}{words}\n");
    }
}
