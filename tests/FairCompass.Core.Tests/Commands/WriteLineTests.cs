using FairCompass.Core.Commands;
using FairCompass.Core.Drafts;
using FairCompass.Core.Notation;

namespace FairCompass.Core.Tests.Commands;

/// <summary>A line is written anew where it stands, and nothing else of the draft changes.</summary>
public class WriteLineTests
{
    private const string Text = "T\n  for Tideline\n  a/b is man/woman\n\n9:00 for time\n    10 power clean // heavy\n  5 burpee\n";

    private static DraftToEdit Draft => new(ReadDraft.Of(Demo.Competition, Text));

    [Fact]
    public void Depth_and_neighbours_stay()
    {
        var (edits, error) = Apply(new WriteLine(6, "10 power clean // heavy", " 10 power clean, 60/40 kg "));
        Assert.Null(error);
        Assert.Equal(Text.Replace("10 power clean // heavy", "10 power clean, 60/40 kg", StringComparison.Ordinal), edits);
    }

    [Theory]
    [InlineData(6, "10 power clean", "10 power clean, 60/40 kg", "line")]
    [InlineData(60, "5 burpee", "6 burpee", "line")]
    [InlineData(0, "5 burpee", "6 burpee", "line")]
    [InlineData(7, "5 burpee", "  ", "text")]
    [InlineData(7, "5 burpee", "6 burpee\n7 sit-up", "text")]
    public void Another_line_and_no_line_are_refused_at_their_field(int line, string was, string text, string field) =>
        Assert.Equal(field, Apply(new WriteLine(line, was, text)).Error);

    [Fact]
    public void More_than_a_line_may_have_is_refused() =>
        Assert.Equal("text", Apply(new WriteLine(7, "5 burpee", "5 burpee " + new string('x', 300))).Error);

    private static (string? Text, string? Error) Apply(Command command)
    {
        var answer = command.Against(Draft);
        return (answer.Value is { } given ? Edits.Apply(Text, given.Edits) : null, answer.Refused?.Path);
    }
}
