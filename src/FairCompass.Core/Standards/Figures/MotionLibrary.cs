using FairCompass.Core.Standards.Figures.Motions;

namespace FairCompass.Core.Standards.Figures;

/// <summary>The motions that figures are drawn from.</summary>
public static class MotionLibrary
{
    /// <summary>All motions.</summary>
    public static IReadOnlyList<Motion> All { get; } =
    [.. LiftingMotions.All, .. HangingMotions.All, .. FloorMotions.All, .. KindredMotions.All];

    private static readonly Dictionary<string, Motion> ById = All.ToDictionary(m => m.Id, StringComparer.Ordinal);

    /// <summary>The motion with an id; null when there is none.</summary>
    public static Motion? Find(string? id) => id is null ? null : ById.GetValueOrDefault(id);
}
