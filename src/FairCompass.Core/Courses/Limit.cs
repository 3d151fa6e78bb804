using FairCompass.Core.Quantities;

namespace FairCompass.Core.Courses;

/// <summary>A gate in a limit: who has done so many units in time gets more time.</summary>
/// <param name="Units">Units that pass it.</param>
/// <param name="Adds">Time it adds.</param>
public sealed record GateAt(long Units, Duration Adds);

/// <summary>The time a piece may take.</summary>
/// <param name="Base">The first cap.</param>
/// <param name="Gates">In rising order of units; empty for a plain cap.</param>
public sealed record Limit(Duration Base, Eq<GateAt> Gates)
{
    /// <summary>The cap when every gate is passed.</summary>
    public Duration Longest => Gates.Aggregate(Base, (sum, g) => sum + g.Adds);

    /// <summary>The cap of who stops with so many units done.</summary>
    public Duration For(long units) => Gates.Where(g => units >= g.Units).Aggregate(Base, (sum, g) => sum + g.Adds);
}
