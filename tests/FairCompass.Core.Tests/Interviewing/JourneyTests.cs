using CsCheck;
using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.Interviewing;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Interviewing;

/// <summary>From a draft with holes to one that can be published, whatever is answered on the way.</summary>
public class JourneyTests
{
    private const int MostAnswers = 60;

    private static Competition Silent { get; } = Demo.Competition with { Policies = [], HouseRules = [] };

    /// <summary>
    /// The demo workouts without their ties, caps and policies. Answers are taken at random; each one leaves a text that is
    /// understood and closes its own question, and after finitely many nothing that has an answer is open.
    /// </summary>
    [Fact]
    public void Every_way_through_the_interview_ends() =>
        Gen.Select(Gen.Int[0, DraftTexts.DemoNames.Count - 1], Gen.Int[0, 9].Array[MostAnswers])
            .Sample(
                (demo, choices) =>
                {
                    var text = Holes(DraftTexts.Read(DraftTexts.DemoNames[demo]));
                    var problems = Understanding.Of(Silent, text).Parsed.Problems.Count;
                    for (var i = 0; i < MostAnswers; i++)
                    {
                        var open = Interview.Open(Understanding.Of(Silent, text));
                        if (open.FirstOrDefault(q => q.Answers.Count > 0) is not { } question)
                        {
                            return;
                        }

                        var answer = question.Answers[choices[i] % question.Answers.Count];
                        text = answer.ApplyTo(text);
                        var now = Understanding.Of(Silent, text);
                        Assert.True(
                            now.Parsed.Problems.Count <= problems,
                            $"{answer.Label.English}: {string.Join(" ", now.Parsed.Problems.Select(p => p.Sentence))}\n{text}"
                        );
                        var left = Interview.Open(now).Count(q => q.Id == question.Id);
                        Assert.True(
                            left < open.Count(q => q.Id == question.Id),
                            $"“{answer.Label.English}” does not answer “{question.Asks.English}”.\n{text}"
                        );
                    }

                    Assert.Fail(
                        $"Still open after {MostAnswers} answers: "
                            + $"{string.Join("; ", Interview.Open(Understanding.Of(Silent, text)).Select(q => q.Asks.English))}"
                    );
                },
                iter: Depth.Times(25, 60)
            );

    /// <summary>Who takes what is recommended is asked nothing more in the end but what only a person knows, such as until when a video
    /// must be there.</summary>
    [Theory]
    [MemberData(nameof(Depth.DemoRows), 2, 0, MemberType = typeof(Depth))]
    public void The_recommended_answers_alone_lead_to_the_end(string name)
    {
        var text = Holes(DraftTexts.Read(name));
        Assert.NotEmpty(Interview.Open(Understanding.Of(Silent, text)));
        for (
            var i = 0;
            i < MostAnswers && Interview.Open(Understanding.Of(Silent, text)).FirstOrDefault(q => q.Answers.Count > 0) is { } question;
            i++
        )
        {
            text = question.Answers.Single(a => a.Recommended).ApplyTo(text);
        }

        Assert.Empty(Interview.Open(Understanding.Of(Silent, text)).Where(q => q.Answers.Count > 0).Select(q => q.Asks.English));
    }

    private static string Holes(string text) =>
        string.Join(
            '\n',
            text.Split('\n')
                .Where(l =>
                    !l.StartsWith("  tie:", StringComparison.Ordinal)
                    && !l.StartsWith("  unfinished:", StringComparison.Ordinal)
                    && !l.StartsWith("policy ", StringComparison.Ordinal)
                    && !l.StartsWith("bell:", StringComparison.Ordinal)
                )
        );
}
