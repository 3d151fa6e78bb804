namespace FairCompass.Core.Kit;

/// <summary>How much may still be looked at for one plan, so that no stock and no number of bars keeps a caller waiting.</summary>
/// <param name="spans">Spans with plates: a million takes about a second.</param>
internal sealed class PlanBudget(int spans)
{
    private int left = spans;

    /// <summary>True when something was not looked at: a plan that was not found may exist.</summary>
    public bool Spent { get; private set; }

    /// <summary>Takes one span off; false when none is left.</summary>
    /// <param name="one">How many spans the plan of one bar has looked at.</param>
    public bool Take(int one)
    {
        Spent |= left-- <= 0 || one >= MostOfOne;
        return !Spent;
    }

    /// <summary>Spans that the plan of one bar may look at: ordinary stores make some hundreds.</summary>
    private const int MostOfOne = 150_000;
}
