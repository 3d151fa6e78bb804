namespace FairCompass.Planning.Days;

/// <summary>What a plan does not keep to.</summary>
public enum BreachKind
{
    /// <summary>A session’s workout, or an entry that stands in a heat, is gone.</summary>
    Gone,

    /// <summary>An entry of a session stands in none of its heats.</summary>
    Missing,

    /// <summary>An entry or lane stands twice, or a lane is none.</summary>
    Lane,

    /// <summary>More lanes than the shared kit serves.</summary>
    Kit,

    /// <summary>Two who hear other calls stand in one heat.</summary>
    Calls,

    /// <summary>Two heats on one floor at once, or without the minutes between.</summary>
    Floor,

    /// <summary>A heat before its session, or beyond its day.</summary>
    Day,

    /// <summary>Somebody runs in two heats at once, or without their rest.</summary>
    Rest,

    /// <summary>A lane without a judge.</summary>
    NoJudge,

    /// <summary>A judge in two places at once, or not there.</summary>
    Judge,

    /// <summary>A judge before the own gym, or somebody they may not judge.</summary>
    OwnGym,

    /// <summary>A judge too long in a row.</summary>
    InARow,

    /// <summary>Somebody who is not measured in time.</summary>
    Measuring,
}

/// <summary>What a plan does not keep to, with its place.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Session">The session; null where it is the whole plan.</param>
/// <param name="Heat">The heat; null where it is the session.</param>
/// <param name="Lane">The lane; null where it is the heat.</param>
/// <param name="Sentence">What it is, for a person.</param>
public sealed record Breach(BreachKind Kind, Guid? Session, Guid? Heat, int? Lane, string Sentence);
