using CsCheck;
using FairCompass.Core.Briefing;
using FairCompass.Core.Explaining;
using FairCompass.Core.Notation;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Explaining;

/// <summary>Whatever somebody types is explained, sampled, and printed: nothing crashes, and samples are always possible cards.</summary>
public class AnythingTests
{
    private static readonly DateOnly Day = new(2027, 6, 12);

    /// <summary>Fewer in a run that somebody waits for.</summary>
    private static bool Short => Environment.GetEnvironmentVariable("LONG") is null;

    [Fact]
    public void Any_generated_workout() => WorkoutGen.Any.Sample(w => Everything(Printer.Print(w)), iter: Short ? 50 : 400);

    [Fact]
    public void Any_mutated_demo_workout() => MutatedDemo.Any.Sample(Everything, iter: Short ? 150 : 1200);

    private static void Everything(string text)
    {
        var u = Demo.Understand(text);
        Assert.NotNull(Explainer.Explain(u).Fingerprint);
        new BriefBuilder(u, null, Day).Build(Audience.Judge);
        for (var i = 0; i < Math.Min(u.Courses.Count, 3); i++)
        {
            var samples = SampleRuns.Of(u.Courses[i], u.Sheets[i], Demo.Competition);
            Assert.All(samples, s => Assert.Empty(Card.Validate(s.Run, u.Courses[i], u.Sheets[i])));
            WhatIf.Of(u.Sheets[i], u.Courses[i], samples.Select(s => (s.Label, s.Run)).ToList(), Demo.Competition);
        }
    }

    /// <summary>A window no longer than one interval has no second interval to look at.</summary>
    [Theory]
    [InlineData("1:00", 1)]
    [InlineData("1:30", 1)]
    [InlineData("1:31", 2)]
    public void One_interval_is_looked_at_too(string window, int reps) =>
        Everything(
            $"T\n  for Tideline\n\n{window} for reps\n  every 1:30, unfinished is skipped\n    first\n      {reps} sit-up\n"
                + "    then\n      max burpee\n\nscore: reps\n  tie: shared\n"
        );
}
