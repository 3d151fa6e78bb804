using FairCompass.Core.Quantities;

namespace FairCompass.Core.Standards;

/// <summary>Whether what lies exactly on a line is inside or outside.</summary>
public enum OnTheLine
{
    /// <summary>On the line is inside.</summary>
    In,

    /// <summary>On the line is outside.</summary>
    Out,
}

/// <summary>The parts of a clause as data. Every part may be missing; a length is in millimetres, an angle in degrees, a time in
/// milliseconds.</summary>
public sealed record ClauseParameters
{
    /// <summary>Which part of the body: <c>hip crease</c>, <c>chin</c>, <c>both feet</c>.</summary>
    public string? BodyPart { get; init; }

    /// <summary>Which part of the implement: <c>both heads</c>, <c>plates</c>, <c>handle</c>.</summary>
    public string? ImplementPart { get; init; }

    /// <summary>What it is compared with: <c>upper edge of the knee</c>, <c>upper edge of the bar</c>.</summary>
    public string? Reference { get; init; }

    /// <summary>Inside which zone.</summary>
    public string? Zone { get; init; }

    /// <summary>Whether on the line counts as in or out; null where no line is meant.</summary>
    public OnTheLine? OnTheLine { get; init; }

    /// <summary>An angle in degrees, 0 to 180.</summary>
    public decimal? AngleDegrees { get; init; }

    /// <summary>A height or distance in millimetres, 0 or more.</summary>
    public decimal? HeightMillimetres { get; init; }

    /// <summary>How often, from 1.</summary>
    public int? Count { get; init; }

    /// <summary>How long it is held, in whole milliseconds, from 1.</summary>
    public long? HoldMilliseconds { get; init; }

    /// <summary>True when all named parts must do it at the same moment.</summary>
    public bool? SameMoment { get; init; }

    /// <summary>The grips that are allowed; empty when any is.</summary>
    public Eq<string> Grips { get; init; }
}
