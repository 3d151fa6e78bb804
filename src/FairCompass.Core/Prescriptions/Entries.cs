using FairCompass.Core.Languages;

namespace FairCompass.Core.Prescriptions;

/// <summary>Entries as people say them.</summary>
public static class Entries
{
    /// <summary>Lines of several entries: what all have stands once, what only some have names them; in the order in which they stand.
    /// </summary>
    /// <param name="each">The lines of each entry.</param>
    /// <param name="all">How many entries there are.</param>
    /// <param name="name">Names some of them.</param>
    public static IEnumerable<string> Once(
        IEnumerable<(Address Who, IEnumerable<string> Lines)> each,
        int all,
        Func<IReadOnlyList<Address>, string> name
    ) =>
        each.SelectMany(x => x.Lines.Distinct().Select((line, n) => (x.Who, Line: line, N: n)))
            .GroupBy(x => x.Line)
            .OrderBy(g => g.Max(x => x.N))
            .Select(g => g.Select(x => x.Who).Distinct().ToList() is var some && some.Count == all ? g.Key : $"{name(some)}: {g.Key}");

    /// <summary>Names entries; a division of which every entry is meant is named once: <c>Tideline, Meadow woman</c>.</summary>
    /// <param name="some">The entries that are meant.</param>
    /// <param name="all">Every entry there is.</param>
    /// <param name="tongue">In which language.</param>
    public static IEnumerable<string> Named(IEnumerable<Address> some, IEnumerable<Address> all, Tongue tongue)
    {
        var whole = all.Distinct().ToLookup(a => a.Division.Name);
        var divisions = some.Distinct().GroupBy(a => a.Division.Name).ToList();
        var within = divisions
            .Select(g => g.Count() == whole[g.Key].Count() ? "" : string.Join('|', g.Select(a => a.WithinIn(tongue))))
            .Distinct()
            .ToList();
        // The same part of several divisions is said once, and without them where they are all.
        if (within is [{ Length: > 0 } same] && divisions.Count > 1 && divisions[0].Count() > 1)
        {
            var parts = tongue.Join(same.Split('|').Distinct());
            return [divisions.Count == whole.Count ? parts : $"{tongue.Join(divisions.Select(d => d.Key))}: {parts}"];
        }

        return divisions.SelectMany(g => g.Count() == whole[g.Key].Count() ? [g.Key] : g.Select(a => a.In(tongue)).Distinct());
    }
}
