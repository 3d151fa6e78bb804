using FairCompass.Core.Explaining;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Explaining;

public class DemoTests
{
    [Theory]
    [InlineData("01")]
    [InlineData("02")]
    [InlineData("03")]
    [InlineData("04")]
    public void The_checks_find_nothing_in_the_complete_demo_workouts(string number) =>
        Assert.Empty(Demo.Text(number).Findings().Select(f => $"{f.Rule} {f.At.Line}: {f.Sentence}"));

    [Theory]
    [MemberData(nameof(DraftTexts.All), MemberType = typeof(DraftTexts))]
    public void Every_text_is_explained(string name)
    {
        var explanation = Demo.Explain(DraftTexts.Read(name));
        Assert.NotEmpty(explanation.Tokens);
        Assert.NotEmpty(explanation.Grid.Columns);
    }
}
