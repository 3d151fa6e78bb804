using FairCompass.Core.Languages;
using FairCompass.Core.Prescriptions;

namespace FairCompass.Core.Interviewing;

/// <summary>An example holds for everybody, or it says whose it is.</summary>
internal static class ForWhom
{
    /// <summary>The example that all entries share; where they differ that of the first, with its name before it. Null where nobody has
    /// one.</summary>
    /// <param name="examples">One for each entry.</param>
    public static Said? Of(IEnumerable<(Address Who, Said? Example)> examples)
    {
        var said = examples.Where(e => e.Example is not null).ToList();
        return said.Count == 0 ? null
            : said.DistinctBy(e => e.Example!.English).Count() == 1 ? said[0].Example
            : Named(said[0].Who, said[0].Example!);
    }

    /// <summary>An example with the name of whom it is about.</summary>
    public static Said Named(Address who, Said example) =>
        ($"{who.In(Tongue.English)}: {example.English}", $"{who.In(Tongue.Spanish)}: {example.Spanish}");
}
