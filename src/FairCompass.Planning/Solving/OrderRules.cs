namespace FairCompass.Planning.Solving;

/// <summary>Which rules an order of heats keeps to; what is left out shows what it costs.</summary>
/// <param name="Rest">Athletes have their rest.</param>
/// <param name="Order">The best run last, and divisions in the order that is asked.</param>
internal readonly record struct OrderRules(bool Rest, bool Order)
{
    /// <summary>All of them.</summary>
    public static OrderRules All { get; } = new(true, true);
}
