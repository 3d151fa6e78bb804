using System.Text.Json.Serialization;

namespace FairCompass.Core.Scoring;

/// <summary>What a line of a card asks for; in JSON by the name of the key that an observation gives it under.</summary>
public enum CardFieldKind
{
    /// <summary>The hall clock at the finish.</summary>
    [JsonStringEnumMemberName("finish")]
    Finish,

    /// <summary>The count of the only counter, as its boxes print it.</summary>
    [JsonStringEnumMemberName("counted")]
    Counted,

    /// <summary>The count of one of several counters, as its boxes print it.</summary>
    [JsonStringEnumMemberName("count")]
    Count,

    /// <summary>The place in the work, in place of a count.</summary>
    [JsonStringEnumMemberName("stood")]
    Stood,

    /// <summary>The hall clock at the mark that breaks a tie.</summary>
    [JsonStringEnumMemberName("tieTime")]
    TieTime,

    /// <summary>The hall clock at one of several gates.</summary>
    [JsonStringEnumMemberName("gates")]
    Gates,

    /// <summary>The hall clock at a named mark.</summary>
    [JsonStringEnumMemberName("marks")]
    Marks,

    /// <summary>Lifts with their loads.</summary>
    [JsonStringEnumMemberName("tries")]
    Tries,

    /// <summary>What one member did of a task that is counted by member.</summary>
    [JsonStringEnumMemberName("by")]
    By,

    /// <summary>How often a fault was called that costs time or reps.</summary>
    [JsonStringEnumMemberName("faults")]
    Faults,

    /// <summary>Units that a video does not show.</summary>
    [JsonStringEnumMemberName("unverified")]
    Unverified,
}

/// <summary>Kinds of card fields by name.</summary>
public static class CardFieldKinds
{
    /// <summary>The key of a field in an observation: <c>tieTime</c>.</summary>
    public static string Key(this CardFieldKind kind) => char.ToLowerInvariant(kind.ToString()[0]) + kind.ToString()[1..];
}
