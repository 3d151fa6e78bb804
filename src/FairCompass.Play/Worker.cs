using FairCompass.Core.Courses;
using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;

namespace FairCompass.Play;

/// <summary>One stream of work in a piece: what it will do next, and when. Where several work side by side each has one.</summary>
internal sealed class Worker(int index, string piece, string? strand)
{
    /// <summary>Which piece, from 0 in the order of the clock.</summary>
    public int Index => index;

    /// <summary>The piece’s key.</summary>
    public string Piece => piece;

    /// <summary>The counter that it keeps to; null for whichever is next.</summary>
    public string? Strand => strand;

    /// <summary>When it is free again.</summary>
    public Duration Free { get; set; }

    /// <summary>What it is about to do; null while nothing is planned.</summary>
    public Happening? Plan { get; set; }

    /// <summary>Units left of the set in hand.</summary>
    public long SetLeft { get; set; }

    /// <summary>Units of the turn in hand, before somebody takes over.</summary>
    public long TurnLeft { get; set; }

    /// <summary>The task it is at, with its round: another needs a walk first.</summary>
    public (string Strand, int Task, Eq<long> Rounds)? At { get; set; }

    /// <summary>That task; null before the first.</summary>
    public InHand? InHand { get; set; }

    /// <summary>The place of the task in hand, for who goes on.</summary>
    public Place? Place { get; set; }

    /// <summary>Lifts done so far.</summary>
    public int Lifts { get; set; }

    /// <summary>The load of the next lift of each lifter; by seat, 0 for an individual.</summary>
    public Dictionary<int, decimal> NextLoad { get; } = [];

    /// <summary>The load of the last lift of each lifter; by seat, 0 for an individual.</summary>
    public Dictionary<int, decimal> LastLoad { get; } = [];
}
