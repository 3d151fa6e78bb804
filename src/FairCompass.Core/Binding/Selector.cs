using FairCompass.Core.Competitions;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Binding;

/// <summary>What a name before a colon, or after <c>for</c> and <c>only</c>, means.</summary>
public abstract record Selector
{
    private Selector() { }

    /// <summary>A division of the competition.</summary>
    /// <param name="Division">The division.</param>
    public sealed record OfDivision(Division Division) : Selector;

    /// <summary><c>man</c>, <c>woman</c>.</summary>
    /// <param name="Duty">The duty.</param>
    public sealed record OfDuty(Duty Duty) : Selector;

    /// <summary><c>2nd</c>: a place in the team.</summary>
    /// <param name="Seat">From 1 as a rule; the number as written.</param>
    public sealed record OfSeat(int Seat) : Selector;

    /// <summary>A group that the workout declares.</summary>
    /// <param name="Name">Its name.</param>
    /// <param name="Seats">Its places in the team.</param>
    public sealed record OfGroup(string Name, Eq<int> Seats) : Selector;

    /// <summary>A level that the workout declares.</summary>
    /// <param name="Name">Its name.</param>
    public sealed record OfLevel(string Name) : Selector;

    /// <summary><c>round 2</c>.</summary>
    /// <param name="Round">The number as written.</param>
    public sealed record AtRound(int Round) : Selector;

    /// <summary><c>cycle 2</c>.</summary>
    /// <param name="Cycle">The number as written.</param>
    public sealed record AtCycle(int Cycle) : Selector;

    /// <summary>A name that means nothing here; nothing holds for it.</summary>
    /// <param name="Name">As written.</param>
    /// <param name="Nearest">The division, level or group that it is most like; null when it is like none.</param>
    public sealed record Unknown(string Name, string? Nearest) : Selector;

    /// <summary>True for a place in a loop: it says when, not for whom.</summary>
    public bool IsPlace => this is AtRound or AtCycle;
}
