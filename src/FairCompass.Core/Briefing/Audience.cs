namespace FairCompass.Core.Briefing;

/// <summary>Who reads a brief.</summary>
public enum Audience
{
    /// <summary>Athletes, teams, coaches.</summary>
    Athlete,

    /// <summary>Lane judges.</summary>
    Judge,

    /// <summary>The caller: every call with its time, every fork.</summary>
    Caller,

    /// <summary>The floor crew: kit and plates for each lane.</summary>
    FloorCrew,

    /// <summary>The score desk: how the card becomes scores, with check sums.</summary>
    ScoreDesk,

    /// <summary>The card of a lane, blank where a person or lane is filled in.</summary>
    LaneCard,

    /// <summary>What is measured for each athlete.</summary>
    Measurement,

    /// <summary>What a video must show.</summary>
    Video,

    /// <summary>The workout large, for the wall.</summary>
    Poster,

    /// <summary>Who holds the paper of an older version: what is different now.</summary>
    Holder,
}
