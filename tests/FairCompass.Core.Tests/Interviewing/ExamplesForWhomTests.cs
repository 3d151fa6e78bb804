using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.Interviewing;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Interviewing;

/// <summary>An example of the interview is of everybody, or it says whose it is; none is quietly the first division’s.</summary>
public class ExamplesForWhomTests
{
    private const string Work =
        "8:00 for time\n  30 deadlift, 80/60 kg\n    Meadow: 20 deadlift, 60/45 kg\n  20 sit-up\n\nscore: time\n  tie: shared\n";

    private static List<string> Said(string divisions)
    {
        var plain = Demo.Competition with { Policies = [] };
        var u = Understanding.Of(plain, $"Draft\n  for {divisions}\n  a/b is man/woman\n\n{Work}");
        return [.. Interview.Open(u).SelectMany(q => q.Answers).Select(a => a.OnTheFloor.English)];
    }

    [Fact]
    public void Where_entries_differ_an_example_names_one()
    {
        // 50 reps of Tideline and 40 of Meadow are no example for both.
        var both = Said("Tideline, Meadow");
        Assert.Contains(both, e => e.Contains("Tideline man: ", StringComparison.Ordinal) && e.Contains("of 50", StringComparison.Ordinal));
        Assert.DoesNotContain(
            both,
            e => e.Contains("of 50", StringComparison.Ordinal) && !e.Contains("Tideline man: ", StringComparison.Ordinal)
        );
    }

    [Fact]
    public void Where_they_are_alike_it_names_nobody()
    {
        var one = Said("Tideline");
        Assert.Contains(one, e => e.Contains("Who has 43 of 50 at 8:00", StringComparison.Ordinal));
        Assert.DoesNotContain(one, e => e.Contains("Tideline man: Who has", StringComparison.Ordinal));
        // The bars of a man and a woman differ, so an example of a bar says whose it is.
        Assert.Contains(one, e => e.Contains("Tideline man: ", StringComparison.Ordinal) && e.Contains("80 kg", StringComparison.Ordinal));
    }

    /// <summary>Whatever the demo asks: turning the order of divisions leaves what is said of all as it is.</summary>
    [Theory]
    [MemberData(nameof(DraftTexts.Demos), MemberType = typeof(DraftTexts))]
    public void What_names_nobody_holds_for_everybody(string name)
    {
        var plain = Demo.Competition with { Policies = [] };
        var turned = plain with { Divisions = [.. plain.Divisions.Reverse()] };
        List<string> Unnamed(Competition competition)
        {
            var u = Understanding.Of(competition, DraftTexts.Read(name));
            return
            [
                .. Interview
                    .Open(u)
                    .SelectMany(q => q.Answers)
                    .Select(a => a.OnTheFloor.English)
                    .Where(e => !competition.Divisions.Any(d => e.Contains($"{d.Name} ", StringComparison.Ordinal)))
                    .Order(StringComparer.Ordinal),
            ];
        }

        Assert.Equal(Unnamed(plain), Unnamed(turned));
    }
}
