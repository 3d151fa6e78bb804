namespace FairCompass.Planning.Solving;

/// <summary>How long a plan is sought. The work is counted and not timed, so that one plan comes out twice.</summary>
/// <param name="Seed">The number that decides between equal ways.</param>
/// <param name="Work">Units of the solver’s own count for each of its two questions, above 0; one is one to three
/// seconds of a processor.</param>
public readonly record struct SearchLimit(int Seed, double Work)
{
    /// <summary>About a minute in all.</summary>
    public static SearchLimit Usual { get; } = new(1, 18);
}
