using System.Text.Json.Serialization;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Frozen.V2;

// Amounts and series.

internal enum AmountUnit
{
    Rep,
    Calorie,
    Metre,
    Foot,
    Second,
}

[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Counted), "counted")]
[JsonDerivedType(typeof(OfScheme), "ofScheme")]
[JsonDerivedType(typeof(Held), "held")]
[JsonDerivedType(typeof(Max), "max")]
[JsonDerivedType(typeof(Heaviest), "heaviest")]
[JsonDerivedType(typeof(Highest), "highest")]
internal abstract record Amount
{
    internal sealed record Counted(Pair Of, AmountUnit Unit) : Amount;

    internal sealed record OfScheme(AmountUnit Unit) : Amount;

    internal sealed record Held(Duration? Time) : Amount;

    internal sealed record Max(AmountUnit Unit) : Amount;

    internal sealed record Heaviest(int? SetOf) : Amount;

    internal sealed record Highest : Amount;
}

internal sealed record Series(Eq<Number> Terms, bool Continues, Number? Last);

internal sealed record Pair(Series First, Series? Second);
