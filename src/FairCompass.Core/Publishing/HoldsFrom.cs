using System.Globalization;
using System.Text.RegularExpressions;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Publishing;

/// <summary>From when a version holds, as the head judge wrote it.</summary>
public static partial class HoldsFrom
{
    /// <summary>The heat that words name: <c>heat 4</c>, <c>from heat 4 on</c>, <c>tanda 4</c>.</summary>
    /// <returns>From 1 to 999; null where the words name no heat, or something else too.</returns>
    public static int? Heat(string words) =>
        OneHeat().Match(words.Trim()) is { Success: true } found
        && int.Parse(found.Groups[1].ValueSpan, CultureInfo.InvariantCulture) is > 0 and var heat
            ? heat
            : null;

    /// <summary>The words as they follow “holds from”: without a <c>from</c> of their own.</summary>
    public static string Words(string words) => Leading().Replace(words.Trim(), "");

    /// <summary>What the notes of corrected lines say: <c>11:00 (ruling 4, 2027-06-12, from heat 4)</c>.</summary>
    /// <param name="now">The corrected text.</param>
    /// <param name="before">The text that it corrects.</param>
    /// <returns><c>heat 4</c>, the earliest of several; empty where no line that is new says so.</returns>
    public static string Noted(string now, string before)
    {
        var old = before.Split('\n').Select(l => l.Trim()).ToHashSet(StringComparer.Ordinal);
        var heats = now.Split('\n')
            .Select(l => l.Trim())
            .Where(l => !old.Contains(l))
            .Select(l => Note().Match(l))
            .Where(m => m.Success)
            .Select(m => int.Parse(m.Groups[1].ValueSpan, CultureInfo.InvariantCulture))
            .Where(h => h > 0)
            .ToList();
        return heats.Count == 0 ? "" : $"heat {heats.Min()}";
    }

    /// <summary>
    /// The version under which a heat is judged: the newest that holds at once, or from that heat or an earlier one. What a heat was
    /// judged under stays on its cards: their code names the version.
    /// </summary>
    /// <param name="versions">Each with its number and from when it holds, in any order.</param>
    /// <param name="heat">The heat, from 1.</param>
    /// <returns>The number of the version; null where none holds yet.</returns>
    public static int? InForce(IEnumerable<(int Number, string HoldsFrom)> versions, int heat) =>
        versions.Where(v => !(Heat(v.HoldsFrom) > heat)).Select(v => (int?)v.Number).Max();

    /// <summary>The stretches of heats with the version of each, in the order of the heats.</summary>
    /// <param name="versions">Each with its number and from when it holds, in any order.</param>
    public static Eq<HeatsUnder> Stretches(IReadOnlyList<(int Number, string HoldsFrom)> versions)
    {
        var starts = versions.Select(v => Heat(v.HoldsFrom) ?? 1).Append(1).Distinct().Order().ToList();
        var stretches = new List<HeatsUnder>();
        foreach (var start in starts)
        {
            if (InForce(versions, start) is { } number && (stretches.Count == 0 || stretches[^1].Version != number))
            {
                stretches.Add(new(start, number));
            }
        }

        return stretches.ToEq();
    }

    [GeneratedRegex(@"^(?:from\s+|desde\s+(?:la\s+)?)?(?:heat|tanda)\s+([0-9]{1,3})(?:\s+on)?\.?$", RegexOptions.IgnoreCase)]
    private static partial Regex OneHeat();

    [GeneratedRegex(@"^from\s+", RegexOptions.IgnoreCase)]
    private static partial Regex Leading();

    [GeneratedRegex(@"\([^()]*\bfrom heat ([0-9]{1,3})\b[^()]*\)$", RegexOptions.IgnoreCase)]
    private static partial Regex Note();
}

/// <summary>Heats that are judged under one version.</summary>
/// <param name="From">The first of them, from 1; they end before the next stretch begins.</param>
/// <param name="Version">The number of the version.</param>
public sealed record HeatsUnder(int From, int Version);
