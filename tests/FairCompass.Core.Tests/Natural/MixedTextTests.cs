using System.Text.RegularExpressions;
using FairCompass.Core.Natural;
using FairCompass.Core.Notation;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Natural;

/// <summary>Texts that are partly written in the notation: nothing of it is lost, whoever wrote the rest.</summary>
public sealed partial class MixedTextTests
{
    /// <summary>A load or a height behind a comma.</summary>
    [GeneratedRegex(@"(?<=^ *\d+ [a-z-]+(?: [a-z-]+)*), (?=\d|box |target )", RegexOptions.Multiline)]
    private static partial Regex Comma { get; }

    /// <summary>A draft of which each line of work has lost its commas, as coaches write it, comes back as itself.</summary>
    [Theory]
    [MemberData(nameof(DraftTexts.Demos), MemberType = typeof(DraftTexts))]
    public void A_line_written_by_a_coach_is_read_where_it_stands(string name)
    {
        var text = DraftTexts.Read(name);
        foreach (Match comma in Comma.Matches(text))
        {
            var written = text.Remove(comma.Index, 1);
            var read = NaturalReader.Read(Demo.Competition, written);
            Assert.Empty(read.Unread);
            Assert.Equal(Plain(Printer.Print(Parser.Parse(text).Workout)), Plain(read.Draft));
        }
    }

    private static string Plain(string draft) => draft.TrimEnd().Replace(".00", "", StringComparison.Ordinal);

    /// <summary>Each stands in a whiteboard text, as the line that is given, and comes out as it is.</summary>
    [Theory]
    [InlineData("help: spot by crew")]
    [InlineData("touch: only the hands touch the bar")]
    [InlineData("re-rig: 60/40 kg by the athlete")]
    [InlineData("note: breathe")]
    [InlineData("video: a rep that cannot be verified is no rep")]
    [InlineData("judges: work by post 1")]
    [InlineData("lead-in 0:10")]
    [InlineData("gate on the second: counts")]
    [InlineData("policy dropping: no rep")]
    [InlineData("standard power clean, own-clause: The bar touches the hip.")]
    [InlineData("waive: tie-unstated, shared on purpose")]
    [InlineData("checkpoint Deck")]
    [InlineData("attempts: best of 2")]
    [InlineData("bell: a rep counts when begun")]
    public void A_line_of_the_notation_in_a_text_is_taken_as_it_is(string line)
    {
        var read = NaturalReader.Read(Demo.Competition, $"AMRAP 12\n9 power cleans 60/40 kg\n12 burpees\n{line}\n");
        Assert.Contains(line, read.Draft.Split('\n').Select(l => l.Trim()));
        Assert.Empty(read.Unread);
        Assert.Empty(Parser.Parse(read.Draft).Problems);
        Assert.Contains("12:00", read.Draft, StringComparison.Ordinal);
        Assert.Contains("9 power clean, 60/40 kg", read.Draft, StringComparison.Ordinal);
    }

    /// <summary>Details of the notation inside a line as a coach writes it.</summary>
    [Theory]
    [InlineData("credited 12 when done")]
    [InlineData("counts 3")]
    [InlineData("every 2 count 1")]
    [InlineData("+6 when done")]
    [InlineData("uncounted")]
    [InlineData("in 3s")]
    [InlineData("in one go")]
    public void A_detail_of_the_notation_in_a_line_is_taken_as_it_is(string detail)
    {
        var read = NaturalReader.Read(Demo.Competition, $"AMRAP 12\n9 burpees, {detail}\n12 power cleans 60/40 kg\n");
        Assert.Contains(read.Draft.Split('\n'), l => l.Trim() == $"9 burpee, {detail}");
        Assert.Empty(read.Unread);
    }
}
