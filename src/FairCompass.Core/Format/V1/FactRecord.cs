namespace FairCompass.Core.Format.V1;

/// <summary>A file of facts, version 1.</summary>
/// <param name="Format"><see cref="FactFiles.Format"/>.</param>
/// <param name="Version">1.</param>
/// <param name="Facts">The facts, in any order.</param>
public sealed record FactFile(string Format, int Version, IReadOnlyList<FactRecord> Facts);

/// <summary>
/// A fact as files and stores keep it, version 1. Its keys are frozen: a record of the model may be renamed, and what was written
/// is still read. Which keys go with a kind is said in <see cref="FactFiles"/>; times are whole milliseconds.
/// </summary>
public sealed record FactRecord(Guid Id, string By, DateTimeOffset At, string Device, long Sequence, string Kind)
{
    /// <summary>The fact of which this is the correction.</summary>
    public Guid? Replaces { get; init; }

    /// <summary>The piece’s key.</summary>
    public string? Piece { get; init; }

    /// <summary>The counter’s key.</summary>
    public string? Strand { get; init; }

    /// <summary>A running total in credit.</summary>
    public long? Credit { get; init; }

    /// <summary>Performed units.</summary>
    public long? Units { get; init; }

    /// <summary>A place in the team.</summary>
    public int? Seat { get; init; }

    /// <summary>An interval.</summary>
    public int? Interval { get; init; }

    /// <summary>A try.</summary>
    public long? Try { get; init; }

    /// <summary>Whether a unit, a lift or a target was good, or a position was taken.</summary>
    public bool? Good { get; init; }

    /// <summary>The clause that was broken.</summary>
    public string? Clause { get; init; }

    /// <summary>The typical fault that was seen.</summary>
    public string? Fault { get; init; }

    /// <summary>A mark: <c>finish</c>, <c>round</c>, <c>last full round</c>, <c>gate</c>, <c>named</c>.</summary>
    public string? Mark { get; init; }

    /// <summary>The name of a named mark.</summary>
    public string? Name { get; init; }

    /// <summary>The number of a round, a gate, a lift, or of a mark.</summary>
    public long? Number { get; init; }

    /// <summary>What watches show.</summary>
    public IReadOnlyList<long>? Watches { get; init; }

    /// <summary>A load as a decimal in a string.</summary>
    public string? Load { get; init; }

    /// <summary>True when clips were missing.</summary>
    public bool? NoClips { get; init; }

    /// <summary>The hall clock.</summary>
    public long? Clock { get; init; }

    /// <summary>A task.</summary>
    public int? Task { get; init; }

    /// <summary>An option.</summary>
    public int? Option { get; init; }

    /// <summary>An athlete.</summary>
    public string? Athlete { get; init; }

    /// <summary>From which cycle on.</summary>
    public int? FromCycle { get; init; }

    /// <summary>What became of the entry: <c>ran</c>, <c>withdrew</c>, <c>did not start</c>.</summary>
    public string? How { get; init; }

    /// <summary>A score’s name.</summary>
    public string? Component { get; init; }

    /// <summary>A time that is added.</summary>
    public long? Time { get; init; }

    /// <summary>Another fact.</summary>
    public Guid? What { get; init; }

    /// <summary>Why.</summary>
    public string? Reason { get; init; }
}
