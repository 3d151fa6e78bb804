using FairCompass.Comparability;
using FairCompass.Comparability.Training;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures.Reps;
using FairCompass.Web.Comparing;

namespace FairCompass.Web.Tests;

/// <summary>What a head judge is told to speak about with a judge who is flagged.</summary>
public class DriftAdviceTests
{
    private static readonly Movement Squat = MovementLibrary.ById("air-squat")!;

    /// <summary>Calls of a judge whose line of depth is so many steps inside, from three steps outside to three inside.</summary>
    private static List<Called> Tests(double line) =>
        [
            .. Enumerable
                .Range(0, 26)
                .Select(i => (i / 2 - 6) / 2.0)
                .Select(m => new Called(
                    Guid.Empty,
                    new DateTime(2026, 1, 1),
                    "air-squat",
                    "depth",
                    m * Trainable.StepOf(DeviationUnit.Millimetres),
                    DeviationUnit.Millimetres,
                    m < 0 ? ["depth"] : [],
                    m < line ? Call.NoRep : Call.Good,
                    null,
                    500,
                    true
                )),
        ];

    [Theory]
    [InlineData(DriftKind.Strict, 1.75, "up to", "inside the line")]
    [InlineData(DriftKind.Lenient, -1.75, "is not called down to", "outside the line")]
    public void Where_tests_say_the_same_the_rule_is_named(DriftKind kind, double line, string to, string of)
    {
        var said = DriftAdvice.Sentence(kind, Squat, Tests(line));
        Assert.StartsWith("In tests it is the same: “", said, StringComparison.Ordinal);
        Assert.Contains(to, said, StringComparison.Ordinal);
        Assert.Contains(of, said, StringComparison.Ordinal);
        Assert.Matches("3[0-9] mm|4[0-9] mm", said);
    }

    /// <summary>What tests say the other way is no reason, and what nobody tested is not made up.</summary>
    [Fact]
    public void Where_tests_say_nothing_of_it_the_calls_are_gone_through()
    {
        var other = DriftAdvice.Sentence(DriftKind.Strict, Squat, Tests(-1.75));
        Assert.StartsWith("In tests no line of the air squat is off that way", other, StringComparison.Ordinal);
        foreach (var tests in new[] { null, new List<Called>(), [.. Tests(1.75).Take(5)] })
        {
            var said = DriftAdvice.Sentence(DriftKind.Strict, Squat, tests);
            Assert.StartsWith(
                "Tallies do not say which rule of the air squat. Go through with the judge what breaks it: ",
                said,
                StringComparison.Ordinal
            );
            Assert.Contains(Squat.Faults[0].Sign.English, said, StringComparison.Ordinal);
        }
    }
}
