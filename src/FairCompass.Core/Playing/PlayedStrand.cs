using FairCompass.Core.Courses;

namespace FairCompass.Core.Playing;

/// <summary>How far one counter has come.</summary>
public sealed record PlayedStrand
{
    private PlayedStrand(CourseStrand of, Place? next)
    {
        Of = of;
        Next = next;
    }

    /// <summary>The counter.</summary>
    public CourseStrand Of { get; }

    /// <summary>Performed units.</summary>
    public long Units { get; private init; }

    /// <summary>Performed units when the set in hand began: with the task, in its round, or when a position that others need was taken
    /// again.</summary>
    public long SetFrom { get; private init; }

    /// <summary>Tries that did not count.</summary>
    public long NoReps { get; private init; }

    /// <summary>The unit that counts next; null when all are done.</summary>
    public Place? Next { get; private init; }

    /// <summary>What the card shows: the number in the box at this place.</summary>
    public long Counted => Of.Counter.Counted(Units);

    /// <summary>True when the task of a place is done in its round, so that another is next, or nothing.</summary>
    /// <param name="was">The place of the unit that was next before.</param>
    public bool HasLeft(Place was) => Next is null || Next.Task != was.Task || Next.Rounds != was.Rounds;

    internal static PlayedStrand Start(CourseStrand of) => new(of, of.Counter.Units == 0 ? null : of.Counter.At(1));

    internal PlayedStrand With(long units)
    {
        var moved = this with { Units = Units + units, Next = After(Next!, Units + units, units) };
        return moved.HasLeft(Next!) ? moved.WithSet() : moved;
    }

    /// <summary>A set that begins here.</summary>
    internal PlayedStrand WithSet() => this with { SetFrom = Units };

    /// <summary>The same without what was done of the set in hand.</summary>
    internal PlayedStrand WithoutSet() => SetFrom == Units ? this : this with { Units = SetFrom, Next = Of.Counter.At(SetFrom + 1) };

    internal PlayedStrand WithNoRep() => this with { NoReps = NoReps + 1 };

    /// <summary>The same place of the counter after an option was taken, which changes only what lies ahead.</summary>
    internal PlayedStrand In(CourseStrand other) =>
        new(other, Units < (other.Counter.Units ?? long.MaxValue) ? other.Counter.At(Units + 1) : null)
        {
            Units = Units,
            SetFrom = SetFrom,
            NoReps = NoReps,
        };

    /// <summary>What the next unit adds to what the card shows; 0 where all is done.</summary>
    public long Worth => Next is null ? 0 : Of.Counter.Counted(Units + 1) - Counted;

    private Place? After(Place was, long done, long units) =>
        was.Of is { } of && was.Unit + units > of
            ? done < (Of.Counter.Units ?? long.MaxValue)
                ? Of.Counter.At(done + 1)
                : null
            : was with
            {
                Unit = was.Unit + units,
            };
}
