namespace FairCompass.Access;

/// <summary>What somebody is in one competition; a person may be several things, and others in another competition.</summary>
public enum Role
{
    /// <summary>Runs the competition: everything, the people and the log of what was done included; but how judges’ eyes are is
    /// between them and the head judge.</summary>
    Organiser,

    /// <summary>Decides what is judged and how: defines, publishes, answers, measures, and gives links to judges.</summary>
    HeadJudge,

    /// <summary>Writes drafts with the head judge.</summary>
    CoAuthor,

    /// <summary>Measures athletes before the day.</summary>
    Measurer,

    /// <summary>Takes cards and enters scores.</summary>
    ScoreDesk,

    /// <summary>Judges a lane.</summary>
    Judge,

    /// <summary>Calls heats and the clock.</summary>
    Caller,

    /// <summary>Sets out and resets the floor.</summary>
    Crew,

    /// <summary>Reads what is published: athletes, coaches, spectators.</summary>
    Reader,
}
