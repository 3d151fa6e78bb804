using FairCompass.Core.Observing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Playing;

/// <content>What a position that others need does to the count.</content>
internal static partial class Steps
{
    /// <summary>A set begins, where a broken hold would cost it.</summary>
    private static PlayedPiece Begins(PlayedPiece piece) =>
        piece.Strands.Any(s => LosesSet(piece, s))
            ? piece with
            {
                Strands = piece.Strands.Select(s => s.WithSet()).ToEq(),
                BySet = piece.By,
            }
            : piece;

    /// <summary>What a broken hold leaves: where the set is lost, it is as if it had not begun.</summary>
    private static PlayedPiece Broken(PlayedPiece piece, ScoreSheet sheet)
    {
        foreach (var strand in piece.Strands.Where(s => LosesSet(piece, s)).ToList())
        {
            var after = strand.WithoutSet();
            piece = piece with
            {
                Strands = Replaced(piece.Strands, strand, after),
                Turn = Math.Max(0, piece.Turn - (strand.Units - after.Units)),
                By = piece.ByWithoutSet(strand.Next!.Task),
                Marks = strand.Of == piece.Piece.Running ? Kept(piece, after, sheet) : piece.Marks,
            };
        }

        return piece;
    }

    private static bool LosesSet(PlayedPiece piece, PlayedStrand strand) =>
        strand.Next is { } next && piece.SharingOf(next.Task) is { HoldBy: > 0, SetLost: true };

    /// <summary>The marks without those that lay in what was lost: they are passed again.</summary>
    private static MarkTime? Kept(PlayedPiece piece, PlayedStrand after, ScoreSheet sheet)
    {
        var lost = NamedMark.Of(piece.Piece, sheet).Where(m => m.Units > after.Units).Select(m => m.Name).ToHashSet();
        var marks = piece.Marks;
        while (marks?.At is Mark.Named named && lost.Contains(named.Name))
        {
            marks = marks.Before;
        }

        return marks;
    }
}
