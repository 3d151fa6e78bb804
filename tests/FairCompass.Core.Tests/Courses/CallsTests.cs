using CsCheck;
using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Tests.Courses;

/// <summary>What the caller shouts, at the edges: a call of a minute or of ten seconds only where the window is longer than that
/// (common practice).</summary>
public class CallsTests
{
    private static IEnumerable<string> Calls(string stages, Tongue? tongue = null) =>
        Timeline
            .Of(Parser.Parse("T\n  for Tideline\n\n" + stages).Workout, tongue ?? Tongue.English)!
            .Calls.Select(c => $"{c.At} {c.Words}");

    [Theory]
    [InlineData("0:10", "0:00 3, 2, 1, go|0:10 time")]
    [InlineData("0:11", "0:00 3, 2, 1, go|0:01 ten seconds|0:11 time")]
    [InlineData("0:31", "0:00 3, 2, 1, go|0:21 ten seconds|0:31 time")]
    [InlineData("1:00", "0:00 3, 2, 1, go|0:50 ten seconds|1:00 time")]
    [InlineData("1:01", "0:00 3, 2, 1, go|0:01 one minute|0:51 ten seconds|1:01 time")]
    [InlineData("2:01", "0:00 3, 2, 1, go|1:01 one minute|1:51 ten seconds|2:01 time")]
    [InlineData("12:00", "0:00 3, 2, 1, go|11:00 one minute|11:50 ten seconds|12:00 time")]
    public void A_window(string length, string expected) => Assert.Equal(expected.Split('|'), Calls($"{length} for reps\n  max sit-up\n"));

    [Theory]
    [InlineData("0:10", "0:40 time, rest|0:50 3, 2, 1, go")]
    [InlineData("0:11", "0:40 time, rest|0:41 ten seconds to go|0:51 3, 2, 1, go")]
    [InlineData("1:00", "0:40 time, rest|1:30 ten seconds to go|1:40 3, 2, 1, go")]
    public void A_rest_between_two_windows(string rest, string expected) =>
        Assert.Equal(
            expected.Split('|'),
            Calls($"0:40 for reps\n  max sit-up\nrest {rest}\n0:40 for reps\n  max sit-up\n").Skip(2).SkipLast(2)
        );

    [Fact]
    public void Every_call_has_its_words_in_Spanish_at_the_same_time()
    {
        const string Stages = "A: 2:30 for reps\n  max sit-up\nrest 0:50\nB: 2:30 for reps\n  max sit-up\n";
        var (english, spanish) = (Calls(Stages).ToList(), Calls(Stages, Tongue.Of(Language.Spanish)).ToList());
        Assert.Equal(english.Select(c => c.Split(' ')[0]), spanish.Select(c => c.Split(' ')[0]));
        Assert.Empty(english.Intersect(spanish));
    }

    /// <summary>The moments that are called never leave the clock, and are in order, whatever the windows are.</summary>
    [Fact]
    public void Calls_stand_in_order_on_the_clock() =>
        Gen.Int[5, 400]
            .List[1, 8]
            .Sample(
                lengths =>
                {
                    var stages = string.Concat(
                        lengths.Select(
                            (s, i) => i % 2 == 0 ? $"{new Duration(s * 1000)} for reps\n  max sit-up\n" : $"rest {new Duration(s * 1000)}\n"
                        )
                    );
                    var clock = Timeline.Of(Parser.Parse("T\n  for Tideline\n\n" + stages).Workout)!;
                    Assert.Equal(lengths.Sum(s => s * 1000L), clock.Ends.Ms);
                    Assert.Equal(clock.Calls.OrderBy(c => c.At.Ms), clock.Calls);
                    Assert.All(clock.Calls, c => Assert.InRange(c.At.Ms, 0, clock.Ends.Ms));
                    Assert.Equal((lengths.Count + 1) / 2, clock.Calls.Count(c => c.Words == "3, 2, 1, go"));
                },
                iter: 500
            );
}
