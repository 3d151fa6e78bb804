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

    [Fact]
    public void Any_generated_workout() => WorkoutGen.Any.Sample(w => Everything(Printer.Print(w)), iter: 400);

    /// <summary>The demo with lines left out, doubled, swapped, indented, and numbers changed: mostly sense, often wrong.</summary>
    [Fact]
    public void Any_mutated_demo_workout() =>
        Gen.Select(Gen.Int[0, DraftTexts.DemoNames.Count - 1], Gen.Select(Gen.Int[0, 5], Gen.Int[0, 40], Gen.Int[0, 40]).List[1, 4])
            .Sample(
                (demo, edits) =>
                {
                    var lines = DraftTexts.Read(DraftTexts.DemoNames[demo]).Split('\n').ToList();
                    foreach (var (kind, a, b) in edits)
                    {
                        var (i, j) = (a % lines.Count, b % lines.Count);
                        switch (kind)
                        {
                            case 0:
                                lines.RemoveAt(i);
                                break;
                            case 1:
                                lines.Insert(j, lines[i]);
                                break;
                            case 2:
                                (lines[i], lines[j]) = (lines[j], lines[i]);
                                break;
                            case 3:
                                lines[i] = "  " + lines[i];
                                break;
                            case 4:
                                lines[i] = System.Text.RegularExpressions.Regex.Replace(
                                    lines[i],
                                    "[0-9]+",
                                    m =>
                                        ((long.Parse(m.Value, System.Globalization.CultureInfo.InvariantCulture) * b) % 1000).ToString(
                                            System.Globalization.CultureInfo.InvariantCulture
                                        )
                                );
                                break;
                            default:
                                lines[i] = lines[i].StartsWith("  ", StringComparison.Ordinal) ? lines[i][2..] : lines[i];
                                break;
                        }

                        if (lines.Count == 0)
                        {
                            lines.Add("T");
                        }
                    }

                    Everything(string.Join('\n', lines));
                },
                iter: 1200
            );

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
}
