using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Explaining;

public class DemoTests
{
    [Theory]
    [MemberData(nameof(DraftTexts.Demos), MemberType = typeof(DraftTexts))]
    public void The_checks_find_nothing_in_the_complete_demo_workouts(string name) =>
        Assert.Empty(Demo.Understand(DraftTexts.Read(name)).Findings().Select(f => $"{f.Rule} {f.At.Line}: {f.Sentence}"));

    [Fact]
    public void There_are_twenty_one_of_them() => Assert.Equal(21, DraftTexts.DemoNames.Count);

    [Theory]
    [MemberData(nameof(DraftTexts.Demos), MemberType = typeof(DraftTexts))]
    public void Every_text_is_explained(string name)
    {
        var explanation = Demo.Explain(DraftTexts.Read(name));
        Assert.NotEmpty(explanation.Tokens);
        Assert.NotEmpty(explanation.Grid.Columns);
    }
}
