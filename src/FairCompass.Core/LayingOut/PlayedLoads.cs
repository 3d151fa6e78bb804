using FairCompass.Core.Playing;
using FairCompass.Core.Prescriptions;

namespace FairCompass.Core.LayingOut;

/// <summary>What each member of a team lifts at the next unit: a shared task may have another load for each duty or place.</summary>
public static class PlayedLoads
{
    /// <summary>The member of a part at a place in the team; the entry itself for an individual.</summary>
    /// <param name="piece">The part.</param>
    /// <param name="seat">From 1; null for whoever works alone or together.</param>
    public static Address? Member(PlayedPiece piece, int? seat)
    {
        for (var i = 0; i < piece.Members.Count; i++)
        {
            if (piece.Members.Count == 1 || (piece.Members[i].Seat ?? i + 1) == seat)
            {
                return piece.Members[i];
            }
        }

        return null;
    }

    /// <summary>The load of the next unit of a counter as a member has it; null for none in figures.</summary>
    /// <param name="bars">The bars of the draft.</param>
    /// <param name="piece">The part.</param>
    /// <param name="strand">A counter of it.</param>
    /// <param name="seat">The place in the team, from 1; null for an individual, and where all do each unit together.</param>
    public static decimal? LoadOf(this LaneBars bars, PlayedPiece piece, PlayedStrand strand, int? seat)
    {
        if (piece.Members.Count < 2 || strand.Next is not { } next || Member(piece, seat) is not { } member)
        {
            return piece.LoadAt(strand);
        }

        var task = piece.TaskAt(strand, next);
        return
            task.Options.Count == 0 && bars.Find(task.Source.At.Line, member)?.Prescription.Load?.Value.Values is { HasUnset: false } values
            ? values.At((next.Rounds.Count > 0 ? next.Rounds[^1] : 1) - 1)
            : piece.LoadAt(strand);
    }
}
