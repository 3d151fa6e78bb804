namespace FairCompass.Core.Natural;

/// <summary>Makes the pieces of a line: the longest phrases of the lexicon, names of divisions, figures with their units, times.</summary>
/// <param name="names">The names of the competition.</param>
/// <param name="lexicon">The words of the trade.</param>
internal sealed class Lexer(DivisionNames names, Lexicon lexicon)
{
    /// <summary>The pieces of a line.</summary>
    /// <param name="line">Its text.</param>
    /// <param name="number">Its number, from 1.</param>
    public List<Piece> Read(string line, int number)
    {
        var raw = RawPiece.Split(line);
        var pieces = new List<Piece>();
        for (var i = 0; i < raw.Count; )
        {
            var (piece, used) = Longer(Name(raw, i, number), Phrase(raw, i, number)) ?? FigureAt(raw, i, number) ?? Single(raw, i, number);
            pieces.Add(piece);
            i += used;
        }

        return pieces;
    }

    /// <summary>A longer phrase says more than a name within it; of the same words the name does.</summary>
    private static (Piece, int)? Longer((Piece, int Used)? name, (Piece, int Used)? phrase) =>
        name is null || phrase?.Used > name.Value.Used ? phrase : name;

    private static Piece Of(Sort sort, List<RawPiece> raw, int from, int count, int line, string word) =>
        new(sort, line, raw[from].Column, raw[from + count - 1].End - raw[from].Column, word);

    private (Piece, int)? Name(List<RawPiece> raw, int at, int line)
    {
        for (var n = Math.Min(DivisionNames.MostWords, raw.Count - at); n > 0; n--)
        {
            if (
                !raw[at].IsJoint
                && !raw[at + n - 1].IsJoint
                && names.Find(Key(raw, at, n)) is { Count: > 0 } found
                && (raw[at].IsWord || n > 1)
            )
            {
                return (
                    Of(Sort.Division, raw, at, n, line, Key(raw, at, n)) with
                    {
                        Divisions = found,
                        Entries = names.IsWhole(Key(raw, at, n)) ? [] : lexicon.Find(Key(raw, at, n)) ?? [],
                    },
                    n
                );
            }
        }

        return null;
    }

    private static string Key(List<RawPiece> raw, int at, int count) => Words.KeyOf(raw.Skip(at).Take(count));

    private (Piece, int)? Phrase(List<RawPiece> raw, int at, int line)
    {
        if (!raw[at].IsWord && raw[at].Value is null && raw[at].Text is not ("#" or "?" or "%" or "+"))
        {
            return null;
        }

        // Each word may have a joint before it: toes-to-bar.
        var most = 2 * lexicon.LongestFrom(raw[at].IsWord ? Lexicon.Stem(raw[at].Text) : raw[at].Text);
        for (var n = Math.Min(most, raw.Count - at); n > 0; n--)
        {
            // A number by itself is a figure, a phrase ends with a word of its own, and a full stop before a space ends a sentence.
            if (
                Enumerable.Range(at, n - 1).Any(k => raw[k].Text == "." && raw[k + 1].Column > raw[k].End)
                || raw[at + n - 1].IsJoint
                || (n == 1 && raw[at].Value is not null)
            )
            {
                continue;
            }

            var key = Key(raw, at, n);
            if (lexicon.Find(key) is { } entries)
            {
                return (Of(Sort.Phrase, raw, at, n, line, key) with { Entries = entries }, n);
            }
        }

        return raw[at].IsWord && lexicon.Mended(Lexicon.Stem(raw[at].Text)) is { } mended ? Slip(raw, at, line, mended) : null;
    }

    /// <summary>A phrase that begins with a word in which one letter is wrong.</summary>
    private (Piece, int)? Slip(List<RawPiece> raw, int at, int line, string mended)
    {
        for (var n = Math.Min(4, raw.Count - at); n > 0; n--)
        {
            var key = (mended + " " + Key(raw, at + 1, n - 1)).Trim();
            if (lexicon.Find(key) is { } entries)
            {
                return (Of(Sort.Phrase, raw, at, n, line, key) with { Entries = entries }, n);
            }
        }

        return null;
    }

    private static (Piece, int) Single(List<RawPiece> raw, int at, int line) =>
        (Of(raw[at].IsWord ? Sort.Word : Sort.Mark, raw, at, 1, line, raw[at].Text), 1);

    private (Piece, int)? FigureAt(List<RawPiece> raw, int at, int line)
    {
        if (raw[at].Value is null)
        {
            return null;
        }

        if (Times.At(raw, at, UnitOf) is var (ms, used, plain))
        {
            return (Of(Sort.Time, raw, at, used, line, Key(raw, at, used)) with { Ms = ms, Figure = plain }, used);
        }

        var (figure, taken) = new FigureReader(raw, UnitOf).At(at);
        return (Of(Sort.Figure, raw, at, taken, line, Key(raw, at, taken)) with { Figure = figure }, taken);
    }

    /// <summary>The unit that a word is; null for what is none.</summary>
    private string? UnitOf(RawPiece piece) =>
        piece.IsWord || piece.Text is "#" or "%"
            ? lexicon.Find(piece.IsWord ? Lexicon.Stem(piece.Text) : piece.Text)?.FirstOrDefault(e => e.Kind == EntryKind.Unit)?.Value
            : null;
}
