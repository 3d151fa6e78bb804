using FairCompass.Core.Tests.Truth;

namespace FairCompass.Core.Tests.Courses;

/// <summary>Work without end that is done in none of its rounds is not counted, and nothing looks for its units for ever.</summary>
public class NeverBegunTests
{
    [Theory]
    [InlineData("5:00 for reps\n  max burpee, every 3rd round\n")]
    [InlineData("5:00 for reps\n  10 sit-up\n  max burpee, every 3rd round\n  gate, adds 1:00\n")]
    [InlineData("5:00 for reps\n  max burpee, round 2 only\n")]
    [InlineData(
        "8:00 for reps\n  every 2:00, unfinished ends it\n    first\n      5 burpee\n    then\n      max sit-up, every 2nd round\n"
    )]
    public void Its_piece_has_no_counter_for_it(string work)
    {
        var course = Trial.Tideline(work + Trial.ForReps).First.Course;
        Assert.All(course.Pieces.SelectMany(p => p.Strands), s => Assert.NotNull(s.Counter.At(s.Counter.Units ?? 1_000_000)));
    }

    [Fact]
    public void In_rounds_it_is_found_where_it_is()
    {
        var strand = Trial
            .Tideline("9:00 for reps\n  rounds without end\n    2 sit-up\n    4 burpee, every 3rd round\n" + Trial.ForReps)
            .First.Course.Pieces[0]
            .Strand!;
        Assert.Equal((3, 1, 4L), ((int)strand.At(10).Rounds[0], strand.At(10).Task, strand.At(10).Unit));
    }
}
