using System.IO.Compression;
using UglyToad.PdfPig.Filters;
using UglyToad.PdfPig.Tokens;

namespace FairCompass.Documents;

/// <summary>The filters of a PDF, which unpack no more of one file than would fit into a document: few bytes can unpack to very
/// many.</summary>
internal sealed class BoundedFilters : IFilterProvider
{
    /// <summary>Bytes of all streams that are unpacked together.</summary>
    public const long MostBytes = 60L * 1024 * 1024;

    /// <summary>How many bytes one byte can become: 64 in a run (ISO 32000-1, 7.4.5), a longest phrase of 4,096 bytes in twelve bits
    /// (7.4.4).</summary>
    private const int OfARun = 64;
    private const int OfAPhrase = 4096 * 8 / 12;

    private long left = MostBytes;

    /// <inheritdoc/>
    public IReadOnlyList<IFilter> GetFilters(DictionaryToken dictionary) =>
        [.. DefaultFilterProvider.Instance.GetFilters(dictionary).Select(f => new Bounded(f, this))];

    /// <inheritdoc/>
    public IReadOnlyList<IFilter> GetNamedFilters(IReadOnlyList<NameToken> names) =>
        [.. DefaultFilterProvider.Instance.GetNamedFilters(names).Select(f => new Bounded(f, this))];

    /// <inheritdoc/>
    public IReadOnlyList<IFilter> GetAllFilters() => [.. DefaultFilterProvider.Instance.GetAllFilters().Select(f => new Bounded(f, this))];

    private void Spend(long bytes)
    {
        if ((left -= bytes) < 0)
        {
            throw new TooMuchException($"This PDF unpacks to more than {MostBytes / 1024 / 1024} MB, so it is not read.");
        }
    }

    /// <summary>Unpacks after it was counted what will come of it.</summary>
    private sealed class Bounded(IFilter inner, BoundedFilters of) : IFilter
    {
        /// <inheritdoc/>
        public bool IsSupported => inner.IsSupported;

        /// <inheritdoc/>
        public Memory<byte> Decode(Memory<byte> input, DictionaryToken streamDictionary, IFilterProvider filterProvider, int filterIndex)
        {
            switch (inner)
            {
                case FlateFilter:
                    Count(input);
                    break;
                case LzwFilter:
                    of.Spend((long)input.Length * OfAPhrase);
                    break;
                case RunLengthFilter:
                    of.Spend((long)input.Length * OfARun);
                    break;
                default:
                    of.Spend(input.Length);
                    break;
            }

            return inner.Decode(input, streamDictionary, filterProvider, filterIndex);
        }

        private void Count(Memory<byte> input)
        {
            // Two bytes say how it was packed (RFC 1950).
            using var packed = new MemoryStream(input.ToArray(), Math.Min(2, input.Length), Math.Max(0, input.Length - 2));
            using var stream = new DeflateStream(packed, CompressionMode.Decompress);
            var piece = new byte[64 * 1024];
            try
            {
                for (int n; (n = stream.Read(piece)) > 0; )
                {
                    of.Spend(n);
                }
            }
            catch (InvalidDataException)
            {
                // A damaged stream gives what came before; what it is worth is for the filter to say.
            }
        }
    }
}
