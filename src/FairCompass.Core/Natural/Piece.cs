using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

/// <summary>A piece of a natural text: a word, a phrase, a figure, a time, a name, or a mark. The reader takes each once.</summary>
/// <param name="Sort">What it is.</param>
/// <param name="Line">Its line, from 1.</param>
/// <param name="Column">Where it begins, from 1.</param>
/// <param name="Length">UTF-16 units.</param>
/// <param name="Word">Lower case without accents: the word, or the mark.</param>
internal sealed record Piece(Sort Sort, int Line, int Column, int Length, string Word)
{
    /// <summary>What the lexicon says of it; empty for what is no phrase.</summary>
    public IReadOnlyList<Entry> Entries { get; init; } = [];

    /// <summary>The figure; null for what is none.</summary>
    public Figure? Figure { get; init; }

    /// <summary>Milliseconds, of a time.</summary>
    public long Ms { get; init; }

    /// <summary>The divisions that are meant, as indices; empty for what is no name.</summary>
    public IReadOnlyList<int> Divisions { get; init; } = [];

    /// <summary>True when a rule has taken it.</summary>
    public bool Taken { get; set; }

    /// <summary>Where the piece ends, from 1, exclusive.</summary>
    public int End => Column + Length;

    /// <summary>Where it stands.</summary>
    public SourceRange At => new(Line, Column, Length);

    /// <summary>The movement that it can be; null for what is none.</summary>
    public Entry? Movement => Entries.FirstOrDefault(e => e.Kind == EntryKind.Movement);

    /// <summary>The unit that it is; null for what is none.</summary>
    public string? Unit => Entries.FirstOrDefault(e => e.Kind == EntryKind.Unit)?.Value;

    /// <summary>True for a phrase with one of these meanings.</summary>
    /// <param name="values">Meanings of the lexicon.</param>
    public bool Is(params ReadOnlySpan<string> values)
    {
        foreach (var entry in Entries)
        {
            if (entry.Kind == EntryKind.Key && values.Contains(entry.Value))
            {
                return true;
            }
        }

        return false;
    }

    /// <summary>True for a word that says nothing of a workout.</summary>
    public bool IsFiller => Entries.Any(e => e.Kind == EntryKind.Filler);

    /// <summary>True for one of these marks.</summary>
    /// <param name="marks">Single characters.</param>
    public bool IsMark(string marks) => Sort == Sort.Mark && marks.Contains(Word, StringComparison.Ordinal);
}
