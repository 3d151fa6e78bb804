namespace FairCompass.Planning.Days;

/// <summary>A draw that comes out the same for the same number and the same field, on every machine and after every reading of a
/// list.</summary>
public static class Draw
{
    /// <summary>The place of something in the order of a draw.</summary>
    /// <param name="number">The number of the draw.</param>
    /// <param name="name">What is drawn, by what people call it and not by an id, which is another each time.</param>
    /// <remarks>FNV-1a of 64 bits (Fowler, Noll and Vo) over the UTF-16 units, begun anew for each number and stirred by SplitMix64
    /// (Steele, Lea and Flood 2014); the constants are from memory.</remarks>
    public static ulong Of(int number, string name)
    {
        var hash = 0xCBF29CE484222325 ^ Mix((uint)number);
        foreach (var c in name)
        {
            hash = (hash ^ c) * 0x100000001B3;
        }

        return Mix(hash);
    }

    private static ulong Mix(ulong z)
    {
        z += 0x9E3779B97F4A7C15;
        z = (z ^ (z >> 30)) * 0xBF58476D1CE4E5B9;
        z = (z ^ (z >> 27)) * 0x94D049BB133111EB;
        return z ^ (z >> 31);
    }
}
