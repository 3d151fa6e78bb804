namespace FairCompass.Comparability.Statement;

/// <summary>A result with what one more no-rep does to it.</summary>
/// <param name="Entry">Whose.</param>
/// <param name="Judge">Who judged it; null where the plan does not say.</param>
/// <param name="Lane">In which lane; null where the plan does not say.</param>
/// <param name="Class">In which class it is ranked; a smaller one is better.</param>
/// <param name="Value">Its value within the class; smaller is better.</param>
/// <param name="Place">The place it has; 0 for none.</param>
/// <param name="PerNoRep">By how much one more no-rep makes the value larger; 0 where that cannot be said.</param>
/// <param name="NoReps">No-reps that were tallied; null where nobody tallied.</param>
public sealed record Judged(Guid Entry, Guid? Judge, string? Lane, int Class, double Value, int Place, double PerNoRep, long? NoReps)
{
    /// <summary>In which heat, its workout included; null where the plan does not say.</summary>
    public string? Heat { get; init; }
}

/// <summary>What a judge’s effect came to in one result, against an ordinary one.</summary>
/// <param name="Entry">Whose result.</param>
/// <param name="Judge">The judge.</param>
/// <param name="NoReps">No-reps more than an ordinary judge would have called; below 0 fewer.</param>
/// <param name="Low">The lower end of the interval that holds it 95 times in 100.</param>
/// <param name="High">The upper end.</param>
/// <param name="PerNoRep">What a no-rep costs in this result, in its unit.</param>
public sealed record Cost(Guid Entry, Guid Judge, double NoReps, double Low, double High, double PerNoRep);

/// <summary>A place that would not stand.</summary>
/// <param name="Entry">Whose.</param>
/// <param name="Place">The place it has.</param>
/// <param name="Kept">In how many of a hundred exchanges it has the same place.</param>
public sealed record Shaky(Guid Entry, int Place, double Kept);

/// <summary>How far one board of results depends on who judged.</summary>
/// <param name="Results">Results with a place.</param>
/// <param name="Said">Of these those of which it can be said what no-reps do to them.</param>
/// <param name="JudgeShare">The share of the differences between values that goes with judges, 0 to 1; null where values do not
/// differ.</param>
/// <param name="LaneShare">The share that goes with lanes.</param>
/// <param name="HeatShare">The share that goes with heats; null too where heats are not known.</param>
/// <param name="Largest">The largest effect of a judge; null where none can be said.</param>
/// <param name="Shaky">Places that do not stand in at least 95 of 100 exchanges, the best first.</param>
public sealed record BoardStatement(
    int Results,
    int Said,
    double? JudgeShare,
    double? LaneShare,
    double? HeatShare,
    Cost? Largest,
    IReadOnlyList<Shaky> Shaky
);
