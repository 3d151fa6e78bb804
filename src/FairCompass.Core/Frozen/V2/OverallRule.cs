using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Frozen.V2;

// How the overall table is made.

[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(ByTable), "table")]
[JsonDerivedType(typeof(Linear), "linear")]
[JsonDerivedType(typeof(SumOfPlaces), "sumOfPlaces")]
internal abstract record PointsRule
{
    internal sealed record ByTable(Eq<decimal> Points) : PointsRule;

    internal sealed record Linear(decimal First, decimal Step) : PointsRule;

    internal sealed record SumOfPlaces : PointsRule;
}

internal sealed record OverallRule(PointsRule Points, bool AbsentEarn = false);
