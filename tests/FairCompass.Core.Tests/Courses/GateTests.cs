using CsCheck;
using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests.Courses;

/// <summary>Gates of counters, of limits, and of the hall clock speak of the same time.</summary>
public class GateTests
{
    private static CoursePiece Piece(string text) => Demo.Understand(text).Courses[0].Pieces[0];

    private static string Finish(string work) => Demo.Window("4:00 for time", work, "score: time\n  unfinished: cap line\n  tie: shared\n");

    /// <summary>Three of four rounds are followed by more work: 4:00 + 3 × 3:00.</summary>
    [Fact]
    public void No_gate_stands_after_the_last_rep()
    {
        var u = Demo.Understand(Finish("4 rounds\n  10 sit-up\n  gate, adds 3:00"));
        var piece = u.Courses[0].Pieces[0];
        Assert.Equal([10L, 20, 30], piece.Limit!.Gates.Select(g => g.Units));
        Assert.Equal(Duration.Seconds(780), piece.Limit.Longest);
        Assert.Equal(Duration.Seconds(780), Timeline.Of(u.Courses[0])!.Ends);
        var late = new RunObservation(EntryStatus.Ran, [new("0", new Duration(810_000), null, null, [])]);
        Assert.Equal(
            ["A finish lies after 0:00 and not after 13:00."],
            Card.Validate(late, u.Courses[0], u.Sheets[0]).Select(e => e.Message)
        );
        Assert.DoesNotContain(Timeline.Of(u.Courses[0])!.Calls, c => c.Words.StartsWith("gate: 40", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData("4 rounds\n  10 sit-up\n  gate, adds 3:00-2:00-1:00", "10 20 30", "10:00")]
    [InlineData("2 rounds\n  3 rounds\n    5 sit-up\n    gate, adds 1:00", "5 10 15 20 25", "9:00")]
    [InlineData("2 rounds\n  3 rounds\n    5 sit-up\n    gate, round 2 only, adds 1:00", "10 25", "6:00")]
    [InlineData("10 sit-up\ngate, adds 1:00\n10 pull-up", "10", "5:00")]
    [InlineData("10 sit-up\ngate, adds 1:00", "", "4:00")]
    public void Gates_open_where_more_work_follows(string work, string units, string longest)
    {
        var piece = Piece(Finish(work));
        Assert.Equal(units, string.Join(' ', piece.Limit!.Gates.Select(g => g.Units)));
        Assert.Equal(Duration.TryParse(longest), piece.Limit.Longest);
    }

    /// <summary>The longest cap is that of who stops one unit short, and the clock runs as long.</summary>
    [Fact]
    public void The_longest_cap_is_the_one_before_the_last_unit() =>
        Gen.Select(Gen.Int[1, 4], Gen.Int[1, 4], Gen.Int[1, 3], Gen.Int[0, 3], Gen.Bool)
            .Sample(
                (outer, inner, times, only, behind) =>
                {
                    var adds = string.Join('-', Enumerable.Repeat("1:00", times));
                    var gate = only == 0 ? $"gate, adds {adds}" : $"gate, round {only} only, adds 1:00";
                    var work =
                        $"{outer} rounds\n  {inner} rounds\n    3 sit-up\n    {gate}\n  2 pull-up"
                        + (behind ? "\n1 air squat" : "\ngate, adds 0:30");
                    var u = Demo.Understand(Finish(work));
                    var limit = u.Courses[0].Pieces[0].Limit!;
                    Assert.Equal(limit.Longest, limit.For(u.Courses[0].Pieces[0].Strand!.Units!.Value - 1));
                    Assert.Equal(limit.Longest, Timeline.Of(u.Courses[0])!.Ends);
                },
                iter: 400
            );

    [Fact]
    public void Every_demo_clock_is_as_long_as_its_longest_limit()
    {
        foreach (var name in DraftTexts.DemoNames)
        {
            foreach (var course in Demo.Understand(DraftTexts.Read(name)).Courses)
            {
                var spans = course.Clock.Spans;
                foreach (var piece in course.Pieces.Where(p => p.Limit is { Gates.Count: > 0 }))
                {
                    var span = spans.Single(s => s.Pieces.Contains(piece.Piece.Key));
                    Assert.Equal(span.Ends - span.Starts, piece.Limit!.Longest);
                }
            }
        }
    }
}
