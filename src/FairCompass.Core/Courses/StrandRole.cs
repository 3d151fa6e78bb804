namespace FairCompass.Core.Courses;

/// <summary>What a counter counts of its piece.</summary>
public enum StrandRole
{
    /// <summary>All of it: the only counter.</summary>
    Only,

    /// <summary>What begins each interval of an interval clock.</summary>
    First,

    /// <summary>What fills the rest of the intervals.</summary>
    Then,

    /// <summary>One of the tasks that are done in any order.</summary>
    Task,

    /// <summary>One of the ways among which an athlete may change.</summary>
    Option,

    /// <summary>A station that is worked in turns.</summary>
    Station,

    /// <summary>The list of one interval, where it begins anew in each.</summary>
    Interval,
}
