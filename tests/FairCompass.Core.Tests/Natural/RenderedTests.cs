using System.Globalization;
using FairCompass.Core.Drafts;
using FairCompass.Core.Natural;

namespace FairCompass.Core.Tests.Natural;

/// <summary>Made-up workouts, written in a made-up hand and read back: the same numbers, or a question.</summary>
public class RenderedTests
{
    /// <summary>Movements, with ways in which coaches write them, and their load: 0 for none, 1 for a bar, 2 for a pair of
    /// dumbbells.</summary>
    private static readonly (string Name, string[] Ways, int Load)[] Movements =
    [
        ("thruster", ["thrusters", "thruster", "Thrusters", "THR"], 1),
        ("power snatch", ["power snatches", "PS", "pwr snatch", "power snatch"], 1),
        ("deadlift", ["deadlifts", "DL", "deads", "peso muerto"], 1),
        ("clean and jerk", ["C&J", "clean and jerks", "clean & jerk", "CJ"], 1),
        ("front squat", ["front squats", "FS", "sentadillas frontales"], 1),
        ("shoulder-to-overhead", ["S2OH", "STOH", "shoulder to overhead", "shoulder-to-overheads"], 1),
        ("dumbbell thruster", ["DB thrusters", "dumbbell thrusters", "double DB thrusters"], 2),
        ("toes-to-bar", ["T2B", "toes to bar", "TTB", "toes-to-bars", "pies a la barra"], 0),
        ("pull-up", ["pull-ups", "pull ups", "pullups", "dominadas"], 0),
        ("double-under", ["DU", "double unders", "dubs", "double-unders"], 0),
        ("burpee", ["burpees", "Burpees", "burpee"], 0),
        ("sit-up", ["sit-ups", "situps", "sit ups"], 0),
        ("rope climb", ["rope climbs", "RC", "trepas"], 0),
        ("wall walk", ["wall walks", "wall climbs", "WW"], 0),
    ];

    private sealed record Made(int Movement, int Amount, decimal Man, decimal Woman);

    [Fact]
    public void What_a_hand_writes_is_read_back_or_asked()
    {
        var first = Environment.TickCount & 0xFFFFF;
        var (right, asked, count) = (0, 0, (Environment.GetEnvironmentVariable("LONG") is null ? 400 : 20_000));
        for (var seed = first; seed < first + count; seed++)
        {
            var random = new Random(seed);
            var minutes = 5 + random.Next(20);
            var form = random.Next(10);
            var rounds = 2 + random.Next(6);
            var tasks = Movements
                .Select((_, i) => i)
                .OrderBy(_ => random.Next())
                .Take(2 + random.Next(3))
                .Select(i => new Made(i, 3 + random.Next(30), Load(i, random, 40), 0))
                .Select(m => m with { Woman = m.Man == 0 ? 0 : m.Man - 2.5m * (1 + random.Next(4)) })
                .ToList();
            var text = Text(random, form, minutes, rounds, tasks);
            var reading = NaturalReader.Read(Demo.Competition, text);
            var u = Understanding.Of(Demo.Competition, reading.Draft);
            if (reading.Open.Count > 0)
            {
                asked++;
                continue;
            }

            right++;
            Assert.True(u.Courses is [{ Pieces.Count: > 0 }, ..], $"seed {seed}\n{text}\n---\n{reading.Draft}");
            var course = u.Courses[0];
            var said = course.Pieces[0].Tasks;
            Assert.True(tasks.Count == said.Count, $"seed {seed}\n{text}\n---\n{reading.Draft}");
            Assert.Equal(minutes * 60_000L, course.Clock.Spans[0].Ends.Ms - course.Clock.Spans[0].Starts.Ms);
            foreach (var (made, read) in tasks.Zip(said))
            {
                var (name, _, load) = Movements[made.Movement];
                Assert.True(
                    name == read.Prescription.Movement.Value,
                    $"seed {seed}: {name}, {read.Prescription.Movement.Value}\n{text}\n---\n{reading.Draft}"
                );
                Assert.True(
                    form == 2 ? read.Count?.At(0) == 21 && read.Count.At(2) == 9 : read.Count?.At(0) == made.Amount,
                    $"seed {seed}\n{text}\n---\n{reading.Draft}"
                );
                Assert.True(
                    (load == 0) == (read.Lifted is null)
                        && (
                            load == 0
                            || (read.Lifted!.Values.At(0) == made.Man && read.Lifted.Implements is var n && (load == 2) == (n == 2))
                        ),
                    $"seed {seed}: {made}\n{text}\n---\n{reading.Draft}"
                );
            }
        }

        Assert.True(right > count * 95 / 100, $"from seed {first}: {right} right, {asked} asked of {count}");
    }

    private static decimal Load(int movement, Random random, int least) =>
        Movements[movement].Load switch
        {
            1 => least + (2.5m * random.Next(8)),
            2 => 20 + (2.5m * random.Next(3)),
            _ => 0,
        };

    private static string Text(Random random, int form, int minutes, int rounds, List<Made> tasks)
    {
        string Pick(params string[] ways) => ways[random.Next(ways.Length)];
        string N(decimal d) =>
            random.Next(3) == 0 ? d.ToString(CultureInfo.InvariantCulture).Replace('.', ',') : d.ToString(CultureInfo.InvariantCulture);
        string Pair(Made m) =>
            (Movements[m.Movement].Load == 2 ? Pick("2 x ", "2x", "2 × ") : "")
            + $"{N(m.Man)}{Pick("/", " / ", "/")}{N(m.Woman)}{Pick(" kg", "kg", " KG")}";
        string Name(Made m) => Movements[m.Movement].Ways is var ways ? ways[random.Next(ways.Length)] : "";
        string Behind(Made m) =>
            m.Man == 0 ? ""
            : Pair(m) is var pair ? Pick($" {pair}", $", {pair}", $" ({pair})", $" @ {pair}", $" @{pair}")
            : "";
        string Amount(Made m) => form == 2 ? "" : m.Amount + Pick(" ", " ", "  ");
        var bullet = Pick("", "", "- ", "• ", "* ", "  ");
        var list = string.Join('\n', tasks.Select(m => bullet + Amount(m) + Name(m) + Behind(m)));
        var cap = Pick(
            $"cap {minutes}",
            $"TC {minutes}",
            $"time cap {minutes} min",
            $"{minutes} min cap",
            $"cap {minutes}:00",
            $"tope {minutes}'"
        );
        var amrap = Pick(
            $"AMRAP {minutes}",
            $"{minutes} min AMRAP",
            $"AMRAP {minutes}'",
            $"amrap {minutes} min",
            $"As many rounds and reps as possible in {minutes} minutes"
        );
        var rft = Pick($"{rounds} RFT", $"{rounds} rounds for time", $"{rounds} rds FT", $"{rounds} rondas por tiempo");
        var forTime = Pick("For time", "FT", "Por tiempo");
        return form switch
        {
            0 => $"{amrap}\n{list}",
            1 => $"{rft}{Pick(", ", " (", " ")}{cap}\n{list}",
            2 => $"{Pick("21-15-9", "21 - 15 - 9", "21/15/9", "21–15–9")} {Pick("for time", "FT")}, {cap}\n{list}",
            3 => $"{forTime}{Pick(", ", ": ", " ")}{cap}\n{list}",
            // All in one line, as in a chat.
            4 => $"{amrap}: "
                + string.Join(Pick(", ", " + ", "; "), tasks.Select(m => Amount(m) + Name(m) + (m.Man == 0 ? "" : " " + Pair(m)))),
            // The amounts behind.
            5 => $"{amrap}\n"
                + string.Join(
                    '\n',
                    tasks.Select(m => $"{bullet}{Name(m)} {Pick("x", "x ", "× ")}{m.Amount}{(m.Man == 0 ? "" : $" ({Pair(m)})")}")
                ),
            // A table of a spreadsheet.
            6 => $"{forTime}, {cap}\n{Pick("Reps\tMovement\tMen\tWomen", "Reps\tMovement\tM\tF", "reps\tmovimiento\thombres\tmujeres")}\n"
                + string.Join(
                    '\n',
                    tasks.Select(m =>
                        $"{m.Amount}\t{Name(m)}\t"
                        + (
                            m.Man == 0 ? "\t"
                            : Movements[m.Movement].Load == 2 ? $"2x{N(m.Man)} kg\t2x{N(m.Woman)} kg"
                            : $"{N(m.Man)} kg\t{N(m.Woman)} kg"
                        )
                    )
                ),
            // Loads by themselves, below.
            7 => $"{rft}, {cap}\n"
                + string.Join('\n', tasks.Select(m => bullet + Amount(m) + Movements[m.Movement].Ways[0]))
                + "\n\n"
                + Pick("Loads", "Weights", "Pesos")
                + "\n"
                + string.Join('\n', tasks.Where(m => m.Man != 0).Select(m => $"{Movements[m.Movement].Ways[0]}: {Pair(m)}")),
            // In sentences.
            8 => $"You have {minutes} minutes to do as many rounds as possible of "
                + string.Join(", ", tasks.Select(m => Amount(m) + Name(m) + (m.Man == 0 ? "" : $" ({Pair(m)})")))
                + ".",
            // With headings.
            _ => $"Workout\n{amrap}\n{list}\n\nScoring\n{Pick("Total reps.", "Score is reps", "Reps completed.")}"
                + $"\nTie-break: {Pick("none", "shared")}",
        };
    }
}
