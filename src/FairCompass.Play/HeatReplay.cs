using FairCompass.Core.Kit;
using FairCompass.Core.Quantities;

namespace FairCompass.Play;

/// <summary>A heat that was made up, as a page shows it: everything as rows over the clock, so that a playhead only looks up.</summary>
/// <param name="Seed">The seed it comes from.</param>
/// <param name="Ends">The hall clock at the last bell, in milliseconds.</param>
/// <param name="Lanes">The lanes from 1.</param>
/// <param name="Calls">What the caller says, in order of time.</param>
/// <param name="Moments">What one may want to jump to, in order of time.</param>
public sealed record HeatReplay(
    ulong Seed,
    long Ends,
    IReadOnlyList<LaneReplay> Lanes,
    IReadOnlyList<CallAt> Calls,
    IReadOnlyList<MomentAt> Moments
);

/// <summary>A call.</summary>
/// <param name="At">On the hall clock, in milliseconds; negative before the start.</param>
/// <param name="Words">What is said.</param>
public sealed record CallAt(long At, string Words);

/// <summary>What a moment is.</summary>
public enum MomentKind
{
    /// <summary>Somebody takes over.</summary>
    HandOver,

    /// <summary>The first lane has finished all of its work.</summary>
    FirstFinisher,

    /// <summary>The clock of a window ends for who has not finished.</summary>
    Cap,

    /// <summary>A gate was passed.</summary>
    Gate,
}

/// <summary>A moment to jump to.</summary>
/// <param name="At">On the hall clock, in milliseconds.</param>
/// <param name="Kind">What it is.</param>
/// <param name="Lane">In which lane; null for all.</param>
/// <param name="Words">In a sentence.</param>
public sealed record MomentAt(long At, MomentKind Kind, int? Lane, string Words);

/// <summary>One lane.</summary>
/// <param name="Lane">From 1.</param>
/// <param name="Entry">Who runs: <c>Meadow woman</c>.</param>
/// <param name="Tracks">Each part of the work with what is done in it.</param>
/// <param name="Card">The boxes of its card, with the time at which each is crossed off.</param>
/// <param name="Written">What is written on the card besides.</param>
/// <param name="Results">The scores with their reasons.</param>
public sealed record LaneReplay(
    int Lane,
    string Entry,
    IReadOnlyList<TrackReplay> Tracks,
    IReadOnlyList<CardTable> Card,
    IReadOnlyList<CardLine> Written,
    IReadOnlyList<LaneResult> Results
);

/// <summary>One counter of one part of the work while it is done.</summary>
/// <param name="Part">The part, and the counter where it has several; empty for the only one.</param>
/// <param name="Opens">When it opened for this lane; null when it never did.</param>
/// <param name="Ends">When it was done or its clock ended; null when it never opened.</param>
/// <param name="Finished">True when all of it was done.</param>
/// <param name="Counts">True where something is counted; lifts are not.</param>
/// <param name="All">The whole of the card’s count; null without end.</param>
/// <param name="Tasks">What is done, each with its time.</param>
/// <param name="Ticks">What was counted, each with its time.</param>
/// <param name="NoReps">What did not count.</param>
/// <param name="Who">Who works, where it changes.</param>
/// <param name="Rests">Rests of one’s own.</param>
public sealed record TrackReplay(
    string Part,
    long? Opens,
    long? Ends,
    bool Finished,
    bool Counts,
    long? All,
    IReadOnlyList<TaskAt> Tasks,
    IReadOnlyList<TickAt> Ticks,
    IReadOnlyList<NoRepAt> NoReps,
    IReadOnlyList<WhoAt> Who,
    IReadOnlyList<RestAt> Rests
);

/// <summary>A task from the moment at which it is the one to do.</summary>
/// <param name="At">Milliseconds.</param>
/// <param name="Words">With its round: <c>Round 2: 12 sit-up</c>.</param>
/// <param name="Of">How many units it has; null without end.</param>
/// <param name="Looks">What the judge of it looks at and says; null where no standard is written.</param>
/// <param name="Load">The bar with its plates; null for no bar.</param>
public sealed record TaskAt(long At, string Words, long? Of, string? Looks, BarAt? Load)
{
    /// <summary>Every bar that stands loaded for it: of a team with other loads for each duty there are several.</summary>
    public Eq<BarAt> Bars { get; init; }
}

/// <summary>A unit that counted.</summary>
/// <param name="At">Milliseconds.</param>
/// <param name="Unit">Which unit of the task in hand.</param>
/// <param name="Counted">What the card shows.</param>
public sealed record TickAt(long At, long Unit, long Counted);

/// <summary>A try that did not count.</summary>
/// <param name="At">Milliseconds.</param>
/// <param name="Words">What is called.</param>
public sealed record NoRepAt(long At, string Words);

/// <summary>Who works from a moment on.</summary>
/// <param name="At">Milliseconds.</param>
/// <param name="Words">In words: <c>2nd works, 1st holds</c>.</param>
public sealed record WhoAt(long At, string Words);

/// <summary>A rest of one’s own.</summary>
/// <param name="From">Milliseconds.</param>
/// <param name="Until">Milliseconds.</param>
public sealed record RestAt(long From, long Until);

/// <summary>A table of boxes as it is printed.</summary>
/// <param name="Caption">What stands above it; null where it goes on from the one before.</param>
/// <param name="Head">The heads of its columns.</param>
/// <param name="Rows">Its rows.</param>
public sealed record CardTable(string? Caption, IReadOnlyList<string> Head, IReadOnlyList<IReadOnlyList<CardBox>> Rows);

/// <summary>A box.</summary>
/// <param name="Text">What is printed in it.</param>
/// <param name="Crossed">When it is crossed off; null when it is not, or is no box.</param>
public sealed record CardBox(string Text, long? Crossed);

/// <summary>Something written on the card.</summary>
/// <param name="Label">The line it is written on.</param>
/// <param name="Text">What is written.</param>
/// <param name="At">When.</param>
public sealed record CardLine(string Label, string Text, long At);

/// <summary>A score of a lane.</summary>
/// <param name="Score">Its name.</param>
/// <param name="Text">As it is published.</param>
/// <param name="Tie">The value that breaks a tie; null for none.</param>
/// <param name="Place">The place among the lanes of the same entry.</param>
/// <param name="Of">How many lanes those are.</param>
/// <param name="Reasons">How it came about.</param>
public sealed record LaneResult(string Score, string Text, string? Tie, int Place, int Of, IReadOnlyList<string> Reasons);
