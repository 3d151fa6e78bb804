using FairCompass.Core.Competitions;
using FairCompass.Core.Natural;
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

    public static TheoryData<string> Names =>
        [
            .. Directory
                .GetFiles(Path.Combine(Docs.Root(), "tests/FairCompass.Core.Tests/Natural/Samples"))
                .Select(f => Path.GetFileNameWithoutExtension(f))
                .Order(StringComparer.Ordinal),
        ];

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
        Assert.Equal(sample.Asked, string.Join('\n', reading.Open.Select(o => $"{o.At.About} {o.At.Line}")));
        // Every line says where it comes from, and every place lies in the text.
        var lines = sample.Text.Split('\n');
        Assert.Equal(reading.Draft.Split('\n').Count(l => l.Length > 0), reading.Lines.Count);
        Assert.All(reading.Lines, l => Assert.InRange(l.From, 0, lines.Length));
        Assert.All(reading.Unread, u => Assert.Equal(u.Words, Spaced(lines[u.At.Line - 1].Substring(u.At.Column - 1, u.At.Length))));
    }

    private static string Spaced(string words) =>
        string.Join(' ', words.Split([' ', '\t'], StringSplitOptions.RemoveEmptyEntries)).TrimEnd(',', ';');

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
