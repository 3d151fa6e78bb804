using FairCompass.Core.Notation;

namespace FairCompass.Core.Tests.Notation;

public class RoundTripTests
{
    [Theory]
    [MemberData(nameof(DraftTexts.Demos), MemberType = typeof(DraftTexts))]
    public void Every_text_is_understood_and_prints_as_typed(string name)
    {
        var text = DraftTexts.Read(name);
        var result = Parser.Parse(text);
        Assert.Empty(result.Problems.Select(p => $"{p.At.Line}:{p.At.Column} {p.Sentence} | {p.Expected}"));
        Assert.Equal(WithoutBlankLines(text), WithoutBlankLines(Printer.Print(result.Workout)));
    }

    private static string WithoutBlankLines(string text) => string.Join('\n', text.Split('\n').Where(l => l.Trim().Length > 0));
}
