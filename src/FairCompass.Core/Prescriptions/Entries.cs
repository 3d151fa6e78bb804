using FairCompass.Core.Languages;

namespace FairCompass.Core.Prescriptions;

/// <summary>Entries as people say them.</summary>
public static class Entries
{
    /// <summary>Names entries; a division of which every entry is meant is named once: <c>Tideline, Meadow woman</c>.</summary>
    /// <param name="some">The entries that are meant.</param>
    /// <param name="all">Every entry there is.</param>
    /// <param name="tongue">In which language.</param>
    public static IEnumerable<string> Named(IEnumerable<Address> some, IEnumerable<Address> all, Tongue tongue)
    {
        var whole = all.Distinct().ToLookup(a => a.Division.Name);
        return some.Distinct()
            .GroupBy(a => a.Division.Name)
            .SelectMany(g => g.Count() == whole[g.Key].Count() ? [g.Key] : g.Select(a => a.In(tongue)));
    }
}
