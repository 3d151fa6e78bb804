using FairCompass.Comparability.Training;
using FairCompass.Core.Standards.Figures.Reps;
using MathNet.Numerics.Distributions;
using Xunit.Abstractions;

namespace FairCompass.Core.Tests.Comparability;

/// <summary>What is said of a judge, against judges whose line is known, and against handbook tables.</summary>
public class TrainingTests(ITestOutputHelper output)
{
    private static readonly double[] Shown = [.. Enumerable.Range(-10, 21).Select(i => i * 0.5)];

    private static readonly double[] Fixed = [-2, -1, 1, 2];

    private static IReadOnlyList<LineCall> Sit(Random random, double line, double spread, double lapse, int calls)
    {
        var said = new List<LineCall>();
        while (said.Count < calls)
        {
            // Every third rep is of the part that everybody gets.
            var margin = said.Count % 3 == 0 ? Fixed[said.Count / 3 % 4] : LineModel.After(said).Next(Shown);
            said.Add(new(margin, random.NextDouble() < LineModel.NoRep(margin, line, spread, lapse)));
        }

        return said;
    }

    /// <summary>The interval of the line holds the truth as often as it says, over judges as they are thought to be.</summary>
    [Fact]
    public void Intervals_hold_the_line_as_often_as_they_say()
    {
        var seed = Random.Shared.Next();
        output.WriteLine($"seed {seed}");
        var random = new Random(seed);
        var (judges, lines, spreads) = (Depth.Times(60, 1000), 0, 0);
        for (var i = 0; i < judges; i++)
        {
            var line = Normal.Sample(random, 0, 1.8);
            var spread = Math.Exp(Normal.Sample(random, 0, 0.6));
            var found = LineModel.After(Sit(random, line, spread, 0.02, 24)).Found()!;
            lines += line >= found.LineLow && line <= found.LineHigh ? 1 : 0;
            spreads += spread >= found.SpreadLow && spread <= found.SpreadHigh ? 1 : 0;
        }

        output.WriteLine($"{lines} and {spreads} of {judges}");
        // Under 95 in 100 fewer than this hold in one run of thousands.
        Assert.InRange(lines, Least(judges), judges);
        Assert.InRange(spreads, Least(judges), judges);
    }

    private static int Least(int judges)
    {
        var k = 0;
        while (Binomial.CDF(0.95, judges, k) < 1e-4)
        {
            k++;
        }

        return k;
    }

    [Fact]
    public void A_strict_judge_is_told_from_a_lenient_one_and_the_reps_come_to_the_line()
    {
        var random = new Random(7);
        var (strict, lenient) = (Sit(random, 2, 0.5, 0.01, 30), Sit(random, -2, 0.5, 0.01, 30));
        Assert.True(LineModel.After(strict).Found()!.LineLow > 0);
        Assert.True(LineModel.After(lenient).Found()!.LineHigh < 0);
        Assert.InRange(strict.Where((_, i) => i > 15 && i % 3 != 0).Average(c => c.Margin), 1, 3);
    }

    [Fact]
    public void Too_few_calls_say_nothing_and_all_alike_say_that_the_line_is_beyond_what_was_shown()
    {
        Assert.Null(LineModel.After([.. Enumerable.Repeat(new LineCall(1, false), LineModel.Fewest - 1)]).Found());
        var all = LineModel.After([.. Shown.Select(m => new LineCall(m, true))]).Found()!;
        Assert.True(all.Line > 2);
        Assert.True(all.LineHigh - all.LineLow > 2, "An end that nobody saw is not known sharply.");
    }

    /// <summary>d′ of the yes-no task in Macmillan and Creelman 2005, table A5.1, from memory; so many reps that the correction is
    /// nothing.</summary>
    [Theory]
    [InlineData(0.80, 0.20, 1.683, 0)]
    [InlineData(0.90, 0.20, 2.123, -0.220)]
    [InlineData(0.69, 0.31, 0.992, 0)]
    [InlineData(0.50, 0.05, 1.645, 0.822)]
    [InlineData(0.99, 0.01, 4.653, 0)]
    public void Sharpness_and_criterion_are_those_of_the_tables(double hits, double alarms, double sharpness, double criterion)
    {
        const int Many = 10_000_000;
        var d = new Detection((int)(hits * Many), Many, (int)(alarms * Many), Many);
        Assert.Equal(sharpness, d.Sharpness, 0.001);
        Assert.Equal(criterion, d.Criterion, 0.001);
    }

    /// <summary>Log-linear rule: all and none of ten give rates of 10.5 and 0.5 of 11.</summary>
    [Fact]
    public void All_and_none_are_finite()
    {
        var d = new Detection(10, 10, 0, 10);
        Assert.Equal(2 * 1.6906, d.Sharpness, 0.001);
        Assert.Equal(0, d.Criterion, 1e-9);
        Assert.False(new Detection(3, 7, 0, 10).IsEnough);
    }

    /// <summary>Conover 1999, the ranks of the interval of a middle at 95 in 100: below six numbers none, then the least and the
    /// largest; of 10 the second, of 20 the sixth, of 30 the tenth from either end; from memory.</summary>
    [Theory]
    [InlineData(5, 0)]
    [InlineData(6, 1)]
    [InlineData(8, 1)]
    [InlineData(10, 2)]
    [InlineData(20, 6)]
    [InlineData(30, 10)]
    public void The_middle_lies_between_two_of_the_numbers(int count, int rank)
    {
        Assert.Equal(rank, Middle.RankOf(count));
        var numbers = Enumerable.Range(1, count).Reverse().ToList();
        var middle = Middle.Of(numbers)!;
        Assert.Equal((count / 2) + 1, middle.Value);
        Assert.Equal(rank == 0 ? null : rank, middle.Low);
        Assert.Equal(rank == 0 ? null : count + 1 - rank, middle.High);
        Assert.Null(Middle.Of([]));
    }

    /// <summary>Newcombe 1998, table II, example 56/70 against 48/80, method 10: 0.2000, 0.0524 to 0.3339; from memory.</summary>
    [Fact]
    public void Difference_of_shares_as_Newcombe_has_it()
    {
        var (by, low, high) = new Share(56, 70).Minus(new(48, 80));
        Assert.Equal(0.2, by, 1e-4);
        Assert.Equal(0.0524, low, 1e-4);
        Assert.Equal(0.3339, high, 1e-4);
    }

    /// <summary>Sixteen of sixteen after four of sixteen is better; what was chosen to be hard does not count, and one sitting is no
    /// change.</summary>
    [Fact]
    public void A_newer_test_is_held_against_those_before_by_the_part_that_everybody_gets()
    {
        var (first, second) = (Guid.NewGuid(), Guid.NewGuid());
        IEnumerable<Called> Sat(Guid sitting, int hour, int right, bool part) =>
            Enumerable
                .Range(0, 16)
                .Select(i => new Called(
                    sitting,
                    new DateTime(2026, 5, 2, hour, i, 0, DateTimeKind.Utc),
                    "air-squat",
                    "depth",
                    20,
                    DeviationUnit.Millimetres,
                    [],
                    i < right ? Call.Good : Call.NoRep,
                    null,
                    400,
                    part
                ));
        Called[] before = [.. Sat(first, 9, 4, true)];
        Assert.Null(Eye.Change(before));
        var change = Eye.Change([.. Sat(second, 10, 16, true), .. Sat(second, 11, 0, false), .. before])!.Value;
        Assert.Equal(0.75, change.Value, 1e-9);
        Assert.True(change.Low > 0.3 && change.High < 1);
        Assert.Null(Eye.Change([.. Sat(second, 10, 16, false), .. before]));
    }
}
