using FairCompass.Core.Languages;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;

namespace FairCompass.Core.LayingOut;

/// <summary>Something that stands, hangs or lies in a lane before the first heat.</summary>
/// <param name="Name">What it is, in the singular: <c>rowing machine</c>.</param>
/// <param name="Size">Its load or height as the text gives it; empty where it has none.</param>
/// <param name="Count">How many of it are used at once, from 1.</param>
/// <param name="For">Whose lanes need it, in the order of the divisions.</param>
public sealed record LaneThing(Said Name, string Size, int Count, Eq<Address> For)
{
    /// <summary>The kind of kit it belongs to; rules about kit are printed only where the kit is there.</summary>
    public MovementKit Kit { get; init; }

    /// <summary>The line of the draft that needs it first.</summary>
    public SourceRange At { get; init; }
}
