using FairCompass.Core.Standards.Movements;
using FairCompass.Core.Text;

namespace FairCompass.Core.Standards;

/// <summary>The movements whose standards ship with the program. A new movement is an entry in its family’s file.</summary>
public static class MovementLibrary
{
    /// <summary>The edition printed with every standard.</summary>
    public const string Edition = "house edition 6";

    /// <summary>All movements, in the order of the book.</summary>
    public static IReadOnlyList<Movement> All { get; } =
    [
        .. Squats.All,
        .. Pulls.All,
        .. Presses.All,
        .. Hangs.All,
        .. FloorWork.All,
        .. Travels.All,
        .. Gymnastics.All,
        .. HandHeld.All,
        .. Heavy.All,
        .. Athletics.All,
    ];

    /// <summary>What is judged beside a movement: the rules of a heaviest lift, of a hold, of a team. No draft names them as
    /// work.</summary>
    public static IReadOnlyList<Movement> Rules { get; } = Movements.Rules.All;

    private static readonly Dictionary<string, Movement> ByName = All.SelectMany(m =>
            m.Synonyms.Append(m.Name.English).Select(n => (Name: Normal(n), m)).DistinctBy(x => x.Name)
        )
        .ToDictionary(x => x.Name, x => x.m, StringComparer.Ordinal);

    /// <summary>The movement of a name, a synonym, or either with a plural ending; null when it has no standard.</summary>
    public static Movement? Find(string name)
    {
        var normal = Normal(name);
        return ByName.GetValueOrDefault(normal) ?? (normal.EndsWith('s') ? ByName.GetValueOrDefault(normal[..^1]) : null);
    }

    /// <summary>The movement with an id, or null.</summary>
    public static Movement? ById(string id) => All.FirstOrDefault(m => m.Id == id) ?? Rules.FirstOrDefault(m => m.Id == id);

    /// <summary>The name nearest to one without a standard, or null when none is near.</summary>
    public static string? Nearest(string name) => Words.Nearest(name, All.Select(m => m.Name.English));

    /// <summary>Names are the same whatever hyphens, letters of either case and kind of apostrophe they are typed with.</summary>
    internal static string Normal(string name) => name.Trim().Replace('-', ' ').Replace('’', '\'').ToLowerInvariant();
}
