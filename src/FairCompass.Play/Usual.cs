namespace FairCompass.Play;

/// <summary>What usually happens, from many made-up runs of each entry. The paces are estimates, and a run is no athlete.</summary>
/// <param name="Runs">How many runs of each entry.</param>
/// <param name="ClockEnds">How long the hall clock runs, in milliseconds.</param>
/// <param name="Judges">Judges that a lane needs at the busiest moment.</param>
/// <param name="JudgesAt">When that is, in words.</param>
/// <param name="Entries">Each entry.</param>
/// <param name="Findings">What should be looked at; none of them blocks anything.</param>
public sealed record Usual(
    int Runs,
    long ClockEnds,
    int Judges,
    string JudgesAt,
    IReadOnlyList<UsualEntry> Entries,
    IReadOnlyList<string> Findings
);

/// <summary>What usually happens to one entry.</summary>
/// <param name="Entry">Who: <c>Meadow woman</c>.</param>
/// <param name="Division">The division.</param>
/// <param name="Scores">Each score.</param>
/// <param name="Stands">Where those stand who do not finish, most first.</param>
/// <param name="NoReps">Tries that do not count, in one run, in tenths.</param>
/// <param name="LastStops">When the last of ten has stopped or been stopped, in milliseconds: nine tenths of the runs end earlier.</param>
/// <param name="Changes">Changes of load: the longest that nine of ten need, in milliseconds; null where no load changes.</param>
public sealed record UsualEntry(
    string Entry,
    string Division,
    IReadOnlyList<UsualScore> Scores,
    IReadOnlyList<UsualPlace> Stands,
    long NoReps,
    long LastStops,
    long? Changes
);

/// <summary>How one score is spread.</summary>
/// <param name="Score">Its name.</param>
/// <param name="IsTime">True for a time, which who does not finish has not.</param>
/// <param name="Finished">Of all runs, how many finished or were measured.</param>
/// <param name="AtTheCap">How many the clock stopped.</param>
/// <param name="Nothing">How many have nothing: no good lift, zero, or never there.</param>
/// <param name="Best">The best, as it is published.</param>
/// <param name="Tenth">Better than nine of ten.</param>
/// <param name="Middle">In the middle.</param>
/// <param name="Ninetieth">One of ten is behind it.</param>
/// <param name="Last">The last.</param>
/// <param name="Bars">How many lie where, best first.</param>
/// <param name="Shared">Of a field of twenty, how many share their place by the score alone, in tenths.</param>
/// <param name="SharedAfterTies">And with every tie-break, in tenths.</param>
public sealed record UsualScore(
    string Score,
    bool IsTime,
    int Finished,
    int AtTheCap,
    int Nothing,
    string Best,
    string Tenth,
    string Middle,
    string Ninetieth,
    string Last,
    IReadOnlyList<UsualBar> Bars,
    long Shared,
    long SharedAfterTies
);

/// <summary>A bar of a chart.</summary>
/// <param name="From">The best in it, as it is published.</param>
/// <param name="To">The last in it.</param>
/// <param name="Runs">How many.</param>
/// <param name="Class">What they are: finished, or at the cap.</param>
public sealed record UsualBar(string From, string To, int Runs, string Class);

/// <summary>A place at which some stand when the clock ends.</summary>
/// <param name="Words">In words: <c>round 3, air bike</c>.</param>
/// <param name="Runs">How many.</param>
public sealed record UsualPlace(string Words, int Runs);
