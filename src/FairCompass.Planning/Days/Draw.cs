namespace FairCompass.Planning.Days;

/// <summary>A draw that comes out the same for the same number, on every machine.</summary>
public static class Draw
{
    /// <summary>The place of something in the order of a draw.</summary>
    /// <param name="number">The number of the draw.</param>
    /// <param name="id">What is drawn.</param>
    /// <remarks>SplitMix64 (Steele, Lea and Flood 2014; the constants are from memory) over the two halves of the id.</remarks>
    public static ulong Of(int number, Guid id)
    {
        Span<byte> bytes = stackalloc byte[16];
        id.TryWriteBytes(bytes);
        var low = System.Buffers.Binary.BinaryPrimitives.ReadUInt64LittleEndian(bytes);
        var high = System.Buffers.Binary.BinaryPrimitives.ReadUInt64LittleEndian(bytes[8..]);
        return Mix(Mix((ulong)(uint)number ^ low) ^ high);
    }

    private static ulong Mix(ulong z)
    {
        z += 0x9E3779B97F4A7C15;
        z = (z ^ (z >> 30)) * 0xBF58476D1CE4E5B9;
        z = (z ^ (z >> 27)) * 0x94D049BB133111EB;
        return z ^ (z >> 31);
    }
}
