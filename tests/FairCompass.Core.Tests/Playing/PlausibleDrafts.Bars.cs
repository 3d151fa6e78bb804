namespace FairCompass.Core.Tests.Playing;

/// <content>Faults that cost something, load moved, lifts of several movements, and positions that others hold.</content>
internal sealed partial class PlausibleDrafts
{
    private string Penalties()
    {
        var time = random.Next(2) == 0;
        Line(0, $"{Time(4, 12)} for {(time ? "time" : "reps")}");
        Line(1, $"{random.Next(2, 6)} rounds");
        Line(2, $"{random.Next(3, 15)} power clean, 60/40 kg");
        Tasks(2, random.Next(0, 3));
        var most = random.Next(2) == 0;
        return time
            ? ForTime() + $"  penalty: 0:0{random.Next(1, 9)} for each dropped bar{(most ? ", at most 0:20" : "")}\n"
            : $"score: reps\n  tie: shared\n  penalty: -{random.Next(1, 3)} reps for each dropped bar{(most ? ", at most 6 reps" : "")}\n";
    }

    private string Kilograms()
    {
        Line(0, $"{Time(4, 12)} for reps");
        Line(1, random.Next(2) == 0 ? "rounds without end" : $"{random.Next(2, 5)} rounds");
        Line(2, $"{random.Next(3, 15)} deadlift, {(alone && random.Next(2) == 0 ? "60-70-.../40-45-..." : "80/55")} kg");
        if (!alone)
        {
            Line(3, "share: one at a time, any split, count by member");
        }

        if (random.Next(2) == 0)
        {
            Line(2, $"{random.Next(5, 20)} sit-up");
        }

        return "score: kilograms\n  tie: shared\n";
    }

    private string Complexes()
    {
        Line(0, $"{Time(5, 9)} for load");
        Line(1, $"heaviest complex{(random.Next(2) == 0 ? ", start 60/40 kg, 4 attempts" : "")}");
        Line(2, "1 power clean");
        Line(2, $"{random.Next(1, 3)} front squat");
        if (!alone)
        {
            Line(2, "share: one at a time");
        }

        return alone ? "score: best load\n  tie: shared\n" : "score: sum of best loads\n  tie: shared\n  no good lift: zero\n";
    }

    private string Holds()
    {
        var cost = new[] { "", ", broken: rep lost", ", broken: set lost", ", broken: set lost" }[random.Next(4)];
        var time = random.Next(2) == 0;
        Line(0, $"{Time(4, 12)} for {(time ? "time" : "reps")}");
        if (random.Next(2) == 0)
        {
            Line(1, $"{random.Next(2, 4)} rounds");
            Hold(2, cost);
        }
        else
        {
            Hold(1, cost);
        }

        return time ? ForTime() : $"score: reps\n  tie: {(random.Next(2) == 0 ? "shared" : "time at half of the work")}\n";
    }

    private void Hold(int level, string cost)
    {
        for (var i = random.Next(1, 3); i > 0; i--)
        {
            Line(level, $"{random.Next(10, 60)} {(random.Next(2) == 0 ? "sit-up" : "burpee")}");
            Line(level + 1, $"share: one at a time, any split{(random.Next(2) == 0 ? ", count by member" : "")}");
            Line(level + 1, $"hold: 1 crew-mate in dead hang, for every whole rep{cost}");
        }
    }

    private string Heights()
    {
        Line(0, $"{Time(3, 9)} for height");
        Line(
            1,
            $"max cm box jump, from 80/65 cm up by {random.Next(2, 8)}, {random.Next(1, 5)} misses in "
                + $"{(random.Next(2) == 0 ? "a row" : "all")}"
        );
        if (random.Next(2) == 0)
        {
            Line(2, "Meadow: from 60/50 cm up by 5");
        }

        return "score: height\n  tie: shared\n";
    }
}
