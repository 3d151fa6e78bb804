using FairCompass.Core.Quantities;

namespace FairCompass.Core.Tests.Quantities;

/// <summary>The generator against the figures that its author prints: <c>pcg32-demo</c> of the minimal C library, seed 42, stream 54
/// (M. E. O’Neill, pcg-random, from memory).</summary>
public class Pcg32Tests
{
    private static readonly uint[] First = [0xa15c02b7, 0x7b47f409, 0xba1d3330, 0x83d2f293, 0xbfa4784b, 0xcbed606e];

    [Fact]
    public void The_first_numbers_are_the_published_ones()
    {
        var random = new Pcg32(42, 54);
        Assert.Equal(First, Enumerable.Range(0, 6).Select(_ => random.Next()));
    }

    /// <summary>The demo tosses a coin 65 times next, by bounded numbers below 2.</summary>
    [Fact]
    public void The_coins_of_the_demo_fall_as_published()
    {
        var random = new Pcg32(42, 54);
        foreach (var _ in First)
        {
            random.Next();
        }

        var coins = string.Concat(Enumerable.Range(0, 65).Select(_ => random.Below(2) == 1 ? 'H' : 'T'));
        Assert.Equal("HHTTTHTHHHTHTTTHHHHHTTTHHHTHTHTHTTHTTTHHHHHHTTTTHHTTTTTHTTTTTTTHT", coins);
    }

    [Fact]
    public void Streams_do_not_disturb_each_other()
    {
        var (a, b) = (new Pcg32(7, 1), new Pcg32(7, 2));
        Assert.NotEqual(a.Next(), b.Next());
        var again = new Pcg32(7, 1);
        again.Next();
        Assert.Equal(a.Next(), again.Next());
    }

    [Theory]
    [InlineData(1u)]
    [InlineData(6u)]
    [InlineData(1000u)]
    [InlineData(3_000_000_000u)]
    public void Bounded_numbers_stay_below_their_bound(uint bound)
    {
        var random = new Pcg32(1, 1);
        Assert.All(Enumerable.Range(0, 2000), _ => Assert.InRange(random.Below(bound), 0u, bound - 1));
    }
}
