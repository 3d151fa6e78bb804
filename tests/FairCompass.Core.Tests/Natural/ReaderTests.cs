using System.Globalization;
using CsCheck;
using FairCompass.Core.Natural;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Tests.Notation;
using FairCompass.Core.Tests.Playing;
using FairCompass.Store.Demo;

namespace FairCompass.Core.Tests.Natural;

/// <summary>What holds for every text.</summary>
public class ReaderTests
{
    /// <summary>A draft in the notation is read as itself, the demo’s and made-up ones.</summary>
    [Fact]
    public void A_draft_is_read_as_itself()
    {
        var first = Environment.TickCount & 0xFFFFF;
        foreach (var text in SaltmarshFerryGames.Drafts.Concat(Enumerable.Range(first, 60).Select(PlausibleDrafts.Of)))
        {
            var reading = NaturalReader.Read(Demo.Competition, text);
            Assert.True(text == reading.Draft, $"from seed {first}: {text}");
            Assert.Empty(reading.Open);
            Assert.Empty(reading.Unread);
        }
    }

    private static readonly string[] Words =
    [
        "AMRAP",
        "for time",
        "cap",
        "rounds",
        "10",
        "21-15-9",
        "43/30 kg",
        "12'",
        "thrusters",
        "row",
        "cal",
        "max",
        "then",
        "score",
        "tie",
        "\t",
        "\n",
        "\n",
        "(",
        ")",
        ":",
        ",",
        "each",
        "Meadow",
        "men",
        "women",
        "EMOM",
        "rest 1:00",
        "burpees",
        "½",
        "🙂",
        "'",
        "\"",
        "#",
        "-",
        "2 x 22.5",
        "unfinished",
        "EDIT",
        "station",
        "in a row",
        "A)",
        "B)",
        "heaviest",
        "|",
        "x",
        "/",
        "complex",
        "relay",
        "1.",
        "note",
        "sets",
        "on",
        "off",
        "por tiempo",
        "instead of",
        "level",
        "=",
        "+",
    ];

    /// <summary>No text stops the reader or makes a draft that the notation does not have; the same text is read the same.</summary>
    [Fact]
    public void Any_text_is_read_or_told()
    {
        Gen.OneOf(Said(Words, 60), Gen.String[Gen.Char[" \n\t/-.:,()aA0123456789x'\"é\ud83d|"], 0, 200], MutatedDemo.Any)
            .Sample(IsReadOrTold, iter: Environment.GetEnvironmentVariable("LONG") is null ? 250 : 40_000);
    }

    /// <summary>The same of every word that the reader knows, in any order, with figures between them.</summary>
    [Fact]
    public void Any_words_of_the_trade_are_read_or_told()
    {
        var folder = Path.Combine(Docs.Root(), "src", "FairCompass.Core", "Natural");
        var known = new[] { "lexicon.txt", "movements.txt" }
            .SelectMany(f => File.ReadAllLines(Path.Combine(folder, f)))
            .Where(l => l.Length > 0 && l[0] != '#')
            .SelectMany(l => l.Split('\t')[^1].Split(" | "));
        Gen.OneOf(Said([.. known], 30), Said(Words, 30))
            .Select(Said([.. known], 12), (a, b) => $"{a} {b}")
            .Sample(IsReadOrTold, iter: Environment.GetEnvironmentVariable("LONG") is null ? 250 : 40_000);
    }

    private static Gen<string> Said(string[] words, int most) =>
        Gen.OneOf(Gen.Int[0, words.Length - 1].Select(i => words[i]), Gen.Int[0, Words.Length - 1].Select(i => Words[i]))
            .List[0, most]
            .Select(w => string.Join(' ', w));

    private static void IsReadOrTold(string text)
    {
        var reading = NaturalReader.Read(Demo.Competition, text);
        Assert.Empty(Parser.Parse(reading.Draft.Length == 0 ? "x" : reading.Draft).Problems);
        Assert.Equal(reading, NaturalReader.Read(Demo.Competition, text));
        var lines = text.ReplaceLineEndings("\n").Split('\n');
        Assert.All(
            reading
                .Open.Select(o => (o.At.Line, o.At.Column, o.At.Length))
                .Concat(reading.Unread.Select(u => (u.At.Line, u.At.Column, u.At.Length))),
            at => Assert.InRange(at.Column - 1 + at.Length, 0, Math.Max(1, lines[at.Line - 1].Length))
        );
    }

    [Theory]
    [InlineData("roses are red\nviolets are blue\nsugar is sweet\nand so are you")]
    [InlineData("Apples 3.50\nPears 2.20\nMilk 1.10\nTotal 6.80")]
    [InlineData("2027-03-01 10:22:33 INFO listening on port 8080\n2027-03-01 10:22:34 WARN 3 retries")]
    [InlineData("")]
    [InlineData("\n\n \n")]
    public void A_text_without_a_workout_gives_none_and_says_so(string text)
    {
        var reading = NaturalReader.Read(Demo.Competition, text);
        Assert.Equal("", reading.Draft);
        Assert.Equal(text.Split('\n').Count(l => l.Trim().Length > 0), reading.Unread.Count);
    }

    /// <summary>What nobody writes is told and costs nothing: a line of a hundred thousand characters, a hundred thousand lines.</summary>
    [Fact]
    public void A_text_beyond_all_measure_is_told()
    {
        var line = "AMRAP 12\n10 thrusters\n" + string.Concat(Enumerable.Repeat("10 burpees ", 14_000));
        var reading = NaturalReader.Read(Demo.Competition, line);
        Assert.Contains("10 thruster", reading.Draft, StringComparison.Ordinal);
        Assert.Equal([3], reading.Unread.Select(u => u.At.Line));
        var lines = NaturalReader.Read(Demo.Competition, "AMRAP 12\n" + string.Concat(Enumerable.Repeat("x\n", 79_000)));
        Assert.True(lines.Unread.Count > 78_000);
    }

    /// <summary>What a correction replaces without naming it is told.</summary>
    [Fact]
    public void A_number_that_a_correction_does_not_name_is_told()
    {
        var named = NaturalReader.Read(Demo.Competition, "For time:\n9 burpees\n10 sit-ups\nEDIT: 8 burpees, not 9\n");
        Assert.Contains("8 burpee", named.Draft, StringComparison.Ordinal);
        Assert.Empty(named.Unread);
        var silent = NaturalReader.Read(Demo.Competition, "For time:\n9 burpees\n10 sit-ups\nEDIT: 8 burpees\n");
        Assert.Contains("8 burpee", silent.Draft, StringComparison.Ordinal);
        Assert.Contains(silent.Unread, u => u.At.Line == 2);
        // What it says beside the amount is not taken for granted.
        var more = NaturalReader.Read(Demo.Competition, "For time:\n9 thrusters 40 kg\n10 sit-ups\nEDIT: 8 thrusters 45 kg\n");
        Assert.Contains(more.Unread, u => u.Words == "45 kg");
    }

    /// <summary>A number of intervals and a limit that is another time: neither is dropped, and each answer leaves one.</summary>
    [Theory]
    [InlineData("cap 12 E2MOM x 5\n5 burpees", "10:00", "12:00")]
    [InlineData("E2MOM x 5, cap 12\n5 burpees", "10:00", "12:00")]
    [InlineData("every 2:00 for 5 rounds, 12 min cap\n5 burpees", "10:00", "12:00")]
    [InlineData("EMOM 10, cap 12\n5 burpees", "10:00", "12:00")]
    public void Intervals_that_contradict_a_limit_are_asked_about(string text, params string[] limits)
    {
        var open = Assert.Single(NaturalReader.Read(Demo.Competition, text).Open);
        Assert.Equal(limits, open.Options.Select(o => o.Label).Order());
        foreach (var option in open.Options)
        {
            var lines = text.Split('\n');
            var edit = option.Edit;
            lines[edit.Line - 1] = lines[edit.Line - 1].Remove(edit.Column - 1, edit.Length).Insert(edit.Column - 1, edit.Text);
            var answered = NaturalReader.Read(Demo.Competition, string.Join('\n', lines));
            Assert.Empty(answered.Open);
            Assert.Empty(answered.Unread);
            var every = text.StartsWith("EMOM", StringComparison.Ordinal) ? 1 : 2;
            var minutes = option.Label == "10:00" ? 10 : 12;
            Assert.Contains($"{minutes / every} cycles", answered.Draft, StringComparison.Ordinal);
        }
    }

    /// <summary>Each figure of these sentences is one of its own, so that none can hide behind another.</summary>
    [Fact]
    public void No_number_is_lost()
    {
        var seed = Environment.TickCount & 0xFFFFF;
        var random = new Random(seed);
        for (var k = 0; k < (Environment.GetEnvironmentVariable("LONG") is null ? 300 : 5000); k++)
        {
            var numbers = Enumerable.Range(61, 900).OrderBy(_ => random.Next()).Take(40).ToList();
            var next = 0;
            var text = string.Join(
                random.Next(4) == 0 ? " " : "\n",
                Enumerable
                    .Range(0, 2 + random.Next(8))
                    .Select(_ =>
                        string.Join(
                            ' ',
                            Enumerable
                                .Range(0, 1 + random.Next(6))
                                .Select(_ => random.Next(3) == 0 && next < 40 ? $"{numbers[next++]}" : Words[random.Next(Words.Length)])
                        )
                    )
            );
            var reading = NaturalReader.Read(Demo.Competition, text);
            var lines = text.Split('\n');
            for (var i = 0; i < next; i++)
            {
                var n = numbers[i].ToString(CultureInfo.InvariantCulture);
                var line = Array.FindIndex(lines, l => l.Split(' ').Contains(n)) + 1;
                var column = (" " + lines[line - 1] + " ").IndexOf($" {n} ", StringComparison.Ordinal) + 1;
                bool Covers(int l, int c, int length) => l == line && c <= column && column + n.Length <= c + length;
                Assert.True(
                    reading.Draft.Contains(n, StringComparison.Ordinal)
                        // A plain number behind a cap is minutes.
                        || reading.Draft.Contains(new Duration(numbers[i] * 60_000L).ToString(), StringComparison.Ordinal)
                        || reading.Unread.Any(u => Covers(u.At.Line, u.At.Column, u.At.Length))
                        || reading.Remarks.Any(u => Covers(u.At.Line, u.At.Column, u.At.Length))
                        || reading.Open.Any(u => Covers(u.At.Line, u.At.Column, u.At.Length)),
                    $"seed {seed}: {n} of line {line} is lost:\n{text}\n---\n{reading.Draft}"
                );
            }
        }
    }

    /// <summary>A hold that is kept as long as possible is counted in seconds, however it is said.</summary>
    [Theory]
    [InlineData("Dead hang for max time\ncap 3:00", "max s dead hang", "3:00")]
    [InlineData("max dead hang, time of the hang is the score\ncap 3:00", "max s dead hang", "3:00")]
    [InlineData("hold a plank as long as possible, 4 min cap", "max s front plank", "4:00")]
    [InlineData("3 min\nmax time dead hang", "max s dead hang", "3:00")]
    [InlineData("plancha el máximo tiempo posible\ntope 5 min", "max s front plank", "5:00")]
    public void A_hold_as_long_as_possible_counts_seconds(string text, string task, string window)
    {
        var read = NaturalReader.Read(Demo.Competition, text);
        var lines = read.Draft.Split('\n').Select(l => l.Trim()).ToList();
        Assert.Contains(task, lines);
        Assert.Contains($"{window} for reps", lines);
        Assert.Contains("score: seconds", lines);
        Assert.Empty(read.Unread);
        Assert.Empty(read.Open);
    }

    /// <summary>A small word in the name of a division names nobody: the <c>of</c> of Crew of Four.</summary>
    [Fact]
    public void A_small_word_is_no_name()
    {
        var read = NaturalReader.Read(Demo.Competition, "AMRAP 12\n10 burpees, the last of them counts\n");
        Assert.Contains("for Tideline, Estuary", read.Draft, StringComparison.Ordinal);
    }
}
