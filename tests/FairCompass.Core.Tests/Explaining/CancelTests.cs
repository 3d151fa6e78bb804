using FairCompass.Core.Drafts;
using FairCompass.Core.Explaining;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Explaining;

/// <summary>Work for somebody who has gone away is given up: between two entries, two checks and two tables.</summary>
public class CancelTests
{
    private static readonly CancellationToken Gone = new(canceled: true);

    public static TheoryData<string> Drafts => [.. DraftTexts.DemoNames];

    [Theory]
    [MemberData(nameof(Drafts))]
    public void Nothing_is_worked_out_for_nobody(string name)
    {
        var text = DraftTexts.Read(name);
        var u = Demo.Understand(text);
        Assert.Throws<OperationCanceledException>(() => u.Findings(Gone));
        Assert.Throws<OperationCanceledException>(() => Explainer.Explain(u, cancel: Gone));
        if (u.Courses.Count > 0)
        {
            Assert.Throws<OperationCanceledException>(() => Understanding.Of(Demo.Competition, text, Gone));
        }
    }

    [Theory]
    [MemberData(nameof(Drafts))]
    public void With_somebody_there_it_makes_no_difference(string name)
    {
        using var there = new CancellationTokenSource();
        var u = Understanding.Of(Demo.Competition, DraftTexts.Read(name), there.Token);
        Assert.Equal(Explainer.Explain(Demo.Understand(DraftTexts.Read(name))), Explainer.Explain(u, cancel: there.Token));
    }
}
