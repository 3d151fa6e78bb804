namespace FairCompass.Core.Quantities;

/// <summary>
/// The generator PCG32 (XSH RR 64/32) of M. E. O’Neill, “PCG: A Family of Simple Fast Space-Efficient Statistically Good Algorithms for
/// Random Number Generation”, Harvey Mudd College HMC-CS-2014-0905, 2014: small, seeded, the same everywhere.
/// </summary>
public sealed class Pcg32
{
    private const ulong Multiplier = 6364136223846793005;

    private readonly ulong increment;
    private ulong state;

    /// <summary>A generator.</summary>
    /// <param name="seed">Where it starts.</param>
    /// <param name="stream">Which of the sequences; each is independent of the others.</param>
    public Pcg32(ulong seed, ulong stream)
    {
        increment = (stream << 1) | 1;
        Next();
        state += seed;
        Next();
    }

    /// <summary>The next 32 bits.</summary>
    public uint Next()
    {
        var old = state;
        state = unchecked((old * Multiplier) + increment);
        var shifted = (uint)(((old >> 18) ^ old) >> 27);
        var turn = (int)(old >> 59);
        return (shifted >> turn) | (shifted << (-turn & 31));
    }

    /// <summary>A number from 0 to one below the bound, each as likely.</summary>
    /// <param name="bound">From 1.</param>
    public uint Below(uint bound)
    {
        // Numbers under the threshold would make the small results likelier.
        var threshold = unchecked(0u - bound) % bound;
        while (true)
        {
            if (Next() is var n && n >= threshold)
            {
                return n % bound;
            }
        }
    }

    /// <summary>A whole number from the least to the most, both included.</summary>
    public long Between(long least, long most) => least + Below((uint)Math.Min(most - least + 1, uint.MaxValue));

    /// <summary>Somewhere between two numbers, likelier in the middle.</summary>
    public long Middling(long least, long most) => (Between(least, most) + Between(least, most) + Between(least, most)) / 3;

    /// <summary>True so many times in a thousand.</summary>
    public bool In1000(long times) => Below(1000) < times;
}
