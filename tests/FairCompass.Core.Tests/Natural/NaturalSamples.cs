using FairCompass.Core.Competitions;
using FairCompass.Core.Natural;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Tests.Natural;

/// <summary>
/// Invented workouts as coaches write them: whiteboards, event sheets, tables, chat, in English and Spanish. What each says was worked out
/// by hand and held against the drafts here by a program of its own before they were kept.
/// </summary>
public class NaturalSamples
{
    /// <summary>A text with the draft that says the same, and what it leaves open.</summary>
    private sealed record Sample(Competition Competition, string Text, string Draft, string Asked);

    private static IEnumerable<string> All =>
        Directory
            .GetFiles(Path.Combine(Docs.Root(), "tests/FairCompass.Core.Tests/Natural/Samples"))
            .Select(f => Path.GetFileNameWithoutExtension(f))
            .Order(StringComparer.Ordinal);

    public static TheoryData<string> Names => [.. All];

    private static Sample Of(string name)
    {
        var parts = File.ReadAllText(Path.Combine(Docs.Root(), $"tests/FairCompass.Core.Tests/Natural/Samples/{name}.txt"))
            .Split(["=== text\n", "=== draft\n", "=== asked\n"], StringSplitOptions.None);
        var divisions = parts[0].Trim().Split("; ").Select(Division).ToEq();
        return new(
            Demo.Competition with
            {
                Divisions = divisions,
                Policies = [],
                HouseRules = [],
                OwnMovements = [],
                Paces = [],
                Overall = null,
            },
            parts[1].TrimEnd('\n'),
            parts[2],
            parts[3].Trim()
        );
    }

    private static Division Division(string said)
    {
        var (name, rest) = said.Split(": ") is [var n, var r] ? (n, r) : throw new FormatException(said);
        var (what, parent) = rest.Split(" < ") is [var w, var p] ? (w, p) : (rest, null);
        var (kind, duties) = what.Split(' ') is [var k, var d] ? (k, d) : throw new FormatException(said);
        return new(name, Enum.Parse<DivisionKind>(kind), [.. duties.Split('/')], parent);
    }

    [Theory]
    [MemberData(nameof(Names))]
    public void Says_what_the_text_says_and_asks_what_it_leaves_open(string name)
    {
        var sample = Of(name);
        var reading = NaturalReader.Read(sample.Competition, sample.Text);
        Assert.Equal(sample.Draft, reading.Draft);
        Assert.Equal(Printer.Print(Parser.Parse(sample.Draft).Workout).TrimEnd(), sample.Draft.TrimEnd());
        Assert.Equal(sample.Asked, string.Join('\n', reading.Open.Select(o => $"{o.At.About} {o.At.Line}")));
        // Every line says where it comes from, and every place lies in the text.
        var lines = sample.Text.Split('\n');
        Assert.Equal(reading.Draft.Split('\n').Count(l => l.Length > 0), reading.Lines.Count);
        Assert.All(reading.Lines, l => Assert.InRange(l.From, 0, lines.Length));
        Assert.All(reading.Unread, u => Assert.Equal(u.Words, Spaced(lines[u.At.Line - 1].Substring(u.At.Column - 1, u.At.Length))));
    }

    private static string Spaced(string words) =>
        string.Join(' ', words.Split([' ', '\t'], StringSplitOptions.RemoveEmptyEntries)).TrimEnd(',', ';');

    /// <summary>A text in which words were left out, doubled, changed over or swapped for those of another text is read or told.</summary>
    [Theory]
    [MemberData(nameof(Names))]
    public void Words_in_disorder_stop_nobody(string name)
    {
        var (sample, others) = (Of(name), All.Select(n => Of(n).Text.Split(' ')).ToList());
        var seed = Environment.TickCount & 0xFFFFF;
        var random = new Random(seed);
        for (var k = 0; k < (Environment.GetEnvironmentVariable("LONG") is null ? 20 : 1000); k++)
        {
            var words = sample.Text.Split(' ').ToList();
            for (var n = 1 + random.Next(8); n > 0 && words.Count > 1; n--)
            {
                var (at, other) = (random.Next(words.Count), others[random.Next(others.Count)]);
                switch (random.Next(4))
                {
                    case 0:
                        words.RemoveAt(at);
                        break;
                    case 1:
                        words.Insert(at, words[random.Next(words.Count)]);
                        break;
                    case 2:
                        (words[at], words[0]) = (words[0], words[at]);
                        break;
                    default:
                        words[at] = other[random.Next(other.Length)];
                        break;
                }
            }

            var text = string.Join(' ', words);
            var failed = Record.Exception(() => Assert.Empty(Parser.Parse(Draft(sample, text)).Problems));
            Assert.True(failed is null, $"seed {seed}:\n{text}\n{failed}");
        }
    }

    private static string Draft(Sample sample, string text) =>
        NaturalReader.Read(sample.Competition, text).Draft is { Length: > 0 } d ? d : "T";

    /// <summary>The answer to a question is a change of the text after which it is not asked there any more.</summary>
    [Theory]
    [MemberData(nameof(Names))]
    public void An_answer_is_a_text_again(string name)
    {
        var sample = Of(name);
        foreach (var question in NaturalReader.Read(sample.Competition, sample.Text).Open)
        {
            foreach (var option in question.Options)
            {
                var text = option.Edit.ApplyTo(sample.Text);
                Assert.NotEqual(sample.Text, text);
                var after = NaturalReader.Read(sample.Competition, text);
                Assert.NotEmpty(after.Draft);
                Assert.DoesNotContain(after.Open, o => o.At.About == question.At.About && o.Sentence == question.Sentence);
            }
        }
    }
}
