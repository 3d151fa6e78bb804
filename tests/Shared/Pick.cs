using CsCheck;

namespace FairCompass.Tests.Shared;

/// <summary>Generates one of some values.</summary>
public static class Pick
{
    public static Gen<T> Of<T>(params T[] items) => Gen.Int[0, items.Length - 1].Select(i => items[i]);
}
