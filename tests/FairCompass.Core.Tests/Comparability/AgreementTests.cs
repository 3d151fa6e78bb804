using FairCompass.Comparability;
using FairCompass.Comparability.Agreement;
using MathNet.Numerics.Distributions;

namespace FairCompass.Core.Tests.Comparability;

/// <summary>Measures of agreement and limits against worked examples. All values are from memory.</summary>
public class AgreementTests
{
    /// <summary>Cohen 1960, table 2: two who sort 200 into three kinds.</summary>
    [Fact]
    public void Two_as_Cohen_has_them() =>
        Assert.Equal(
            0.492,
            AgreementMeasures
                .Cohen(
                    new[,]
                    {
                        { 88, 10, 2 },
                        { 14, 40, 6 },
                        { 18, 10, 12 },
                    }
                )!
                .Value,
            0.0005
        );

    /// <summary>The common worked example of the measure of Fleiss 1971: 14 raters, 10 things, 5 kinds.</summary>
    [Fact]
    public void Many_as_Fleiss_has_them()
    {
        int[][] counts =
        [
            [0, 0, 0, 0, 14],
            [0, 2, 6, 4, 2],
            [0, 0, 3, 5, 6],
            [0, 3, 9, 2, 0],
            [2, 2, 8, 1, 1],
            [7, 7, 0, 0, 0],
            [3, 2, 6, 3, 0],
            [2, 5, 3, 2, 2],
            [6, 5, 2, 1, 0],
            [0, 2, 2, 3, 7],
        ];
        Assert.Equal(0.210, AgreementMeasures.Fleiss(counts)!.Value, 0.0005);
    }

    /// <summary>Krippendorff 2011, part C: four observers, twelve units, some missing: α of nominal data 0.743.</summary>
    [Fact]
    public void Some_missing_as_Krippendorff_has_them()
    {
        string[] observers = ["123321412...", "1233224125.3", ".3332342251.", "12332441251."];
        var units = Enumerable
            .Range(0, 12)
            .Select(u => Enumerable.Range(1, 5).Select(k => observers.Count(o => o[u] == (char)('0' + k))).ToArray());
        Assert.Equal(0.743, AgreementMeasures.Krippendorff(units)!.Value, 0.0005);
    }

    /// <summary>Krippendorff 2011, part A: two observers, ten units, two kinds: α 0.095.</summary>
    [Fact]
    public void Two_kinds_as_Krippendorff_has_them()
    {
        var (meg, owen) = ("0100000010", "1110010000");
        var units = meg.Zip(owen)
            .Select(x =>
                new[] { (x.First == '0' ? 1 : 0) + (x.Second == '0' ? 1 : 0), (x.First == '1' ? 1 : 0) + (x.Second == '1' ? 1 : 0) }
            );
        Assert.Equal(0.095, AgreementMeasures.Krippendorff(units)!.Value, 0.0005);
    }

    [Fact]
    public void Where_all_say_the_same_nothing_is_beyond_chance()
    {
        Assert.Null(
            AgreementMeasures.Krippendorff([
                [3, 0],
                [3, 0],
            ])
        );
        Assert.Null(
            AgreementMeasures.Fleiss([
                [3, 0],
                [3, 0],
            ])
        );
        Assert.Null(
            AgreementMeasures.Cohen(
                new[,]
                {
                    { 4, 0 },
                    { 0, 0 },
                }
            )
        );
        Assert.Null(
            AgreementMeasures.Krippendorff([
                [1, 0],
                [0, 1],
            ])
        );
        Assert.Equal(
            1,
            AgreementMeasures.Krippendorff([
                [3, 0],
                [0, 3],
            ])
        );
    }

    /// <summary>Spiegelhalter 2005: between two whole counts the limit goes straight, so that a tally of the count below the quantile lies
    /// under it; for many expected it nears 1 ± 1.96 / √E, his equation for large numbers.</summary>
    [Theory]
    [InlineData(0.5)]
    [InlineData(4)]
    [InlineData(37.5)]
    [InlineData(400)]
    public void Limits_of_a_funnel(double expected)
    {
        foreach (var p in (double[])[0.001, 0.025, 0.975, 0.999])
        {
            var count = Funnel.Limit(expected, p) * expected;
            var law = new Poisson(expected);
            var (below, above) = (law.CumulativeDistribution(Math.Floor(count)), law.CumulativeDistribution(Math.Floor(count) + 1));
            var between = below + ((above - below) * (count - Math.Floor(count)));
            Assert.Equal(p, count < 0 ? p : between, 1e-6);
        }

        if (expected >= 400)
        {
            Assert.Equal(1 + (1.96 / Math.Sqrt(expected)), Funnel.Limit(expected, 0.975), 0.005);
            Assert.Equal(1 - (1.96 / Math.Sqrt(expected)), Funnel.Limit(expected, 0.025), 0.005);
        }
    }
}
