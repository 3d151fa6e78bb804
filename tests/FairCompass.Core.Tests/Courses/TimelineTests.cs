using FairCompass.Core.Courses;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Tests.Courses;

public class TimelineTests
{
    private static Timeline? Of(string stages) => Timeline.Of(Parser.Parse("T\n\n" + stages).Workout);

    [Fact]
    public void Windows_and_rests_follow_each_other()
    {
        var clock = Of("A: 1:50 for reps\n  max sit-up\nrest 0:50\nB: 1:50 for reps\n  max sit-up\n")!;
        Assert.Equal(Duration.Seconds(270), clock.Ends);
        Assert.Equal([0, 110_000, 160_000], clock.Spans.Select(s => s.Starts.Ms));
        Assert.Equal([SpanKind.Work, SpanKind.Rest, SpanKind.Work], clock.Spans.Select(s => s.Kind));
        Assert.Contains(clock.Calls, c => c.At == Duration.Seconds(110) && c.Words == "time, rest");
        Assert.Contains(clock.Calls, c => c.At == Duration.Seconds(160) && c.Words == "3, 2, 1, go");
        Assert.Equal(clock.Calls.OrderBy(c => c.At.Ms), clock.Calls);
    }

    [Fact]
    public void Two_parts_share_one_window()
    {
        var clock = Of("11:00 clock\n  A: for time\n    9 sit-up\n  B: for load, in the time left\n    heaviest set of 2 front squat\n")!;
        Assert.Equal(2, Assert.Single(clock.Spans).Pieces.Count);
        Assert.Equal(["0:00", "10:00", "10:50", "11:00"], clock.Calls.Select(c => c.At.ToString()));
    }

    [Theory]
    [InlineData("unset for time\n  9 sit-up\n")]
    [InlineData("")]
    public void An_unknown_length_gives_no_clock(string stages) => Assert.Null(Of(stages));
}
