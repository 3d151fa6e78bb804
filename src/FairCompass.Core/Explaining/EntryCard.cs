using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Explaining;

/// <summary>The card of an entry as a program fills it in: which parts and counters there are, and what is asked of each.</summary>
/// <param name="Division">The division.</param>
/// <param name="Entry">What tells the entry from others of its division, as /api/score takes it.</param>
/// <param name="Pieces">The parts in the order of the clock.</param>
public sealed record EntryCard(string Division, string Entry, IReadOnlyList<CardPiece> Pieces)
{
    /// <summary>The cards of every entry.</summary>
    public static IReadOnlyList<EntryCard> Of(Understanding u) =>
        u
            .Courses.Zip(u.Sheets)
            .Select(x =>
            {
                var fields = Card.Fields(x.First, x.Second).ToLookup(f => f.Piece);
                return new EntryCard(
                    x.First.Address.Division.Name,
                    x.First.Address.Within,
                    x.First.Pieces.Select(p => Piece(p, fields[p.Piece.Key].ToList())).ToList()
                );
            })
            .ToList();

    private static CardPiece Piece(CoursePiece piece, IReadOnlyList<CardField> fields) =>
        new(
            piece.Piece.Key,
            piece.Piece.Label,
            piece.Piece.Name,
            piece.Strands.Select(s => new CardStrand(s.Key, s.Name, s.Counter.AllCounted, s.Counter.Units)).ToList(),
            Card.Tasks(piece).ToList(),
            fields
        );
}

/// <summary>A part of a card.</summary>
/// <param name="Key">Its key in observations.</param>
/// <param name="Label">The label of the text, which is taken in place of the key; null for none.</param>
/// <param name="Name">In words.</param>
/// <param name="Counters">Its counters; none for lifts.</param>
/// <param name="Tasks">The tasks by which a place in it can be named; empty where it has no short name.</param>
/// <param name="Fields">What is asked of it, with ranges; empty where no score needs it.</param>
public sealed record CardPiece(
    string Key,
    string? Label,
    string Name,
    IReadOnlyList<CardStrand> Counters,
    IReadOnlyList<CardTask> Tasks,
    IReadOnlyList<CardField> Fields
);

/// <summary>A counter of a card.</summary>
/// <param name="Key">Its key in observations; empty for the only one of its part.</param>
/// <param name="Name">In words; empty for the only one.</param>
/// <param name="Counted">The whole of what the boxes count; null without end.</param>
/// <param name="Performed">All performed units; null without end.</param>
public sealed record CardStrand(string Key, string Name, long? Counted, long? Performed);
