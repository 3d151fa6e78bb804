using FairCompass.Core.Drafts;
using FairCompass.Core.Pacing;
using FairCompass.Core.Quantities;

namespace FairCompass.Web.Playing;

/// <summary>What a dry run may be asked for.</summary>
internal static class PlayInput
{
    /// <summary>Seeds are whole numbers that every program can say.</summary>
    public const long MostSeed = 9_007_199_254_740_991;

    private const int MostPaces = 100;

    /// <summary>Objections to a seed and to paces.</summary>
    public static IEnumerable<FieldError> Objections(long seed, IReadOnlyList<Pace>? paces)
    {
        if (seed is < 0 or > MostSeed)
        {
            yield return new("seed", $"From 0 to {MostSeed}.");
        }

        if (paces?.Count > MostPaces)
        {
            yield return new("paces", $"At most {MostPaces} paces.");
        }

        for (var i = 0; i < Math.Min(paces?.Count ?? 0, MostPaces); i++)
        {
            if (paces![i].Objection() is { } wrong)
            {
                yield return new($"paces[{i}].{wrong.Field}", wrong.Sentence);
            }
        }
    }

    /// <summary>Why a draft cannot be played; null when it can.</summary>
    public static string? Objection(Understanding u) =>
        u.TooLarge is { } large ? large
        : u.Courses.Count == 0 ? "The workout is for nobody yet, so nobody can run it."
        : u.Courses.All(c => c.Pieces.All(p => p.Piece.Window is null || p.Piece.Starts is null))
            ? "No clock ends this workout, so a run would have no end."
        : u.Courses.All(c => c.Pieces.All(p => !p.IsCounted && !p.Piece.IsHeaviest)) ? "Nothing in it can be counted yet."
        : null;

    /// <summary>The courses of some entries; an objection for each that there is none of.</summary>
    public static IEnumerable<FieldError> Entries(Understanding u, IReadOnlyList<LaneOf> lanes, string path, List<int> found)
    {
        for (var i = 0; i < lanes.Count; i++)
        {
            var index = u.IndexOf(lanes[i].Division, lanes[i].Duty);
            found.Add(index);
            if (index < 0)
            {
                yield return new($"{path}[{i}]", $"This workout is not for {lanes[i].Division} {lanes[i].Duty}.");
            }
        }
    }
}
