using FairCompass.Core.Quantities;

namespace FairCompass.Core.Standards.Figures;

/// <summary>Where the margin of a rule is nothing, seen from where the rule is judged; millimetres.</summary>
public abstract record Limit
{
    private Limit() { }

    /// <summary>A height.</summary>
    /// <param name="Y">Above the floor.</param>
    public sealed record Level(double Y) : Limit;

    /// <summary>A place forward; out to the side where the rule speaks of the width.</summary>
    /// <param name="Across">Forward, or towards the near side.</param>
    public sealed record Upright(double Across) : Limit;

    /// <summary>As far around a spot as counts for contact.</summary>
    /// <param name="Middle">The spot.</param>
    /// <param name="Radius">In the plane of the side view.</param>
    public sealed record Ring(Spot Middle, double Radius) : Limit;

    /// <summary>Where a bone lies when its joint is bent to the limit.</summary>
    /// <param name="From">The joint.</param>
    /// <param name="To">The other end of the bone.</param>
    public sealed record Ray(Spot From, Spot To) : Limit;
}

/// <summary>What a rule judges on one side of the body.</summary>
/// <param name="Judged">The spot, of an angle that of the joint.</param>
/// <param name="Limits">Its limits; none where the scene lacks what the rule compares with.</param>
public sealed record Mark(Spot Judged, Eq<Limit> Limits);
