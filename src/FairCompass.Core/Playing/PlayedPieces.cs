using System.Collections;

namespace FairCompass.Core.Playing;

/// <summary>
/// The pieces of a run, immutable. With every unit one piece is another: only its block and the row of blocks are copied, for a rota of a
/// crew has some fifty pieces.
/// </summary>
internal sealed class PlayedPieces : IReadOnlyList<PlayedPiece>
{
    private const int Block = 8;

    private readonly PlayedPiece[][] blocks;

    /// <summary>Takes pieces in their order.</summary>
    public PlayedPieces(IEnumerable<PlayedPiece> pieces)
        : this([.. pieces.Chunk(Block)]) { }

    private PlayedPieces(PlayedPiece[][] blocks)
        : this(blocks, blocks.Sum(b => b.Length)) { }

    private PlayedPieces(PlayedPiece[][] blocks, int count) => (this.blocks, Count) = (blocks, count);

    /// <inheritdoc/>
    public int Count { get; }

    /// <inheritdoc/>
    public PlayedPiece this[int index] => blocks[index / Block][index % Block];

    /// <summary>The same with another piece in one place.</summary>
    /// <param name="index">From 0.</param>
    /// <param name="piece">What stands there then.</param>
    public PlayedPieces With(int index, PlayedPiece piece)
    {
        var block = Copied(blocks[index / Block]);
        block[index % Block] = piece;
        var others = Copied(blocks);
        others[index / Block] = block;
        return new(others, Count) { last = index };
    }

    /// <summary>The piece that was changed last: most often the next thing happens in it too.</summary>
    private int last;

    // Twice as fast as Array.Clone on rows this short.
    private static T[] Copied<T>(T[] row)
    {
        var other = new T[row.Length];
        row.AsSpan().CopyTo(other);
        return other;
    }

    /// <summary>Where the piece with a key stands, from 0; -1 for none.</summary>
    /// <param name="key">Pieces are numbered in the order of the clock, so the key is mostly the place.</param>
    public int IndexOf(string key)
    {
        if (last < Count && ReferenceEquals(this[last].Piece.Piece.Key, key))
        {
            return last;
        }

        if (
            int.TryParse(key, System.Globalization.NumberStyles.None, System.Globalization.CultureInfo.InvariantCulture, out var i)
            && i < Count
            && this[i].Piece.Piece.Key == key
        )
        {
            return i;
        }

        for (var at = 0; at < Count; at++)
        {
            if (this[at].Piece.Piece.Key == key)
            {
                return at;
            }
        }

        return -1;
    }

    /// <inheritdoc/>
    public IEnumerator<PlayedPiece> GetEnumerator() => blocks.SelectMany(b => b).GetEnumerator();

    IEnumerator IEnumerable.GetEnumerator() => GetEnumerator();
}
