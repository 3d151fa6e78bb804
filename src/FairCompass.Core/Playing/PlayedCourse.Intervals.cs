using FairCompass.Core.Quantities;

namespace FairCompass.Core.Playing;

/// <content>Intervals of a clock: how many there are, when the next begins, whether one was broken.</content>
public sealed partial class PlayedCourse
{
    /// <summary>True when an interval that is over was not finished.</summary>
    private static bool IsBroken(PlayedPiece piece)
    {
        foreach (var strand in piece.Strands)
        {
            if (strand.Of.Interval < piece.Interval && strand.Next is not null)
            {
                return true;
            }
        }

        return false;
    }

    private static int Intervals(PlayedPiece piece)
    {
        var (window, each) = (piece.Piece.Piece.Window!.Value.Ms, piece.Setting.Each!.Value.Ms);
        return (int)Math.Min((window + each - 1) / each, 10_000);
    }

    private static Duration? Rollover(PlayedPiece piece) =>
        piece.Interval > 0 && piece.Interval < Intervals(piece)
            ? piece.Opened + new Duration(piece.Interval * piece.Setting.Each!.Value.Ms)
            : null;
}
