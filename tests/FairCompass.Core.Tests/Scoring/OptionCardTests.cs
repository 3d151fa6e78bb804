using CsCheck;
using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Tests.Scoring;

/// <summary>A card of who took an option asks for the units of that option.</summary>
public class OptionCardTests
{
    private static IReadOnlyList<string> Errors(string work, long units, Eq<Chosen> choices)
    {
        var u = Demo.Understand(Demo.Window("9:00 for time", work, "score: time\n  unfinished: cap line\n  tie: shared\n"));
        var run = new RunObservation(EntryStatus.Ran, [new("0", null, units, null, [])], choices);
        return Card.Validate(run, u.Courses[0], u.Sheets[0]).Select(e => e.Message).ToList();
    }

    private const string Lunges = "3 rounds\n  20 lunge\n    choose, once: 30 lunge";

    /// <summary>The first way has 60, the option 90.</summary>
    [Theory]
    [InlineData(60, 1, null)]
    [InlineData(89, 1, null)]
    [InlineData(90, 1, "All 90 reps are done, so the work is finished: enter the finishing time.")]
    [InlineData(91, 1, "From 0 to 89.")]
    [InlineData(59, 0, null)]
    [InlineData(60, 0, "All 60 reps are done, so the work is finished: enter the finishing time.")]
    public void The_count_goes_as_far_as_the_way_that_was_taken(long units, int option, string? objection) =>
        Assert.Equal(objection is null ? [] : [objection], Errors(Lunges, units, [new("0", 0, option, null)]));

    /// <summary>Every count short of the end can stand on the card of the course that was taken.</summary>
    [Fact]
    public void Every_place_of_a_taken_course_passes() =>
        Gen.Select(Gen.Int[1, 4], Gen.Int[1, 20], Gen.Int[1, 20], Gen.Int[0, 1], Gen.Int[0, 1000])
            .Sample(
                (rounds, first, second, option, at) =>
                {
                    var all = rounds * (option == 0 ? first : second);
                    var work = $"{rounds} rounds\n  {first} lunge\n    choose, once: {second} lunge";
                    Assert.Empty(Errors(work, at % all, [new("0", 0, option, null)]));
                },
                iter: 300
            );
}
