using FairCompass.Core.Text;

namespace FairCompass.Core.Policies;

/// <summary>Every topic, in the order of the page. Which schools exist is common practice; the recommendations are ours.</summary>
public static class Topics
{
    /// <summary>All topics.</summary>
    public static IReadOnlyList<Topic> All { get; } =
    [.. MovementTopics.All, .. FloorTopics.All, .. EdgeTopics.All, .. AttemptTopics.All, .. SharedTopics.All, .. VideoTopics.All];

    private static readonly Dictionary<string, Topic> ByName = All.ToDictionary(t => t.Name, StringComparer.OrdinalIgnoreCase);

    /// <summary>The topic of a name, compared without case; null when there is none.</summary>
    public static Topic? Find(string name) => ByName.GetValueOrDefault(name.Trim());

    /// <summary>The name nearest to one that is unknown; null when none is near.</summary>
    public static string? Nearest(string name) => Words.Nearest(name, All.Select(t => t.Name));
}
