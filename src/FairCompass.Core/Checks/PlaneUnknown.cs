using System.Text.RegularExpressions;
using FairCompass.Core.Text;

namespace FairCompass.Core.Checks;

/// <summary>A line compares with something that neither the kit nor the body has.</summary>
public sealed partial class PlaneUnknown : ICheck
{
    /// <inheritdoc/>
    public string Id => "plane";

    /// <inheritdoc/>
    public string Title => "Behind what? A reference that is not there";

    /// <inheritdoc/>
    public string Why => "What a rep is compared with must be seen in every lane.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        WrittenRule
            .Of(context)
            .Select(r => (Rule: r, Said: Compared().Match(r.Text)))
            .Where(x => x.Said.Success && !IsKnown(x.Said.Groups["what"].Value, x.Said.Groups["of"].Value))
            .Select(x => new Report(
                x.Rule.At,
                $"{Words.Capital(x.Said.Groups["side"].Value)} what? A {x.Said.Groups["of"].Value} has an edge and a "
                    + $"plane, no “{x.Said.Groups["what"].Value}”.",
                x.Rule.Reworded(
                    context,
                    $"Write {x.Said.Groups["side"].Value} the plane of the {x.Said.Groups["of"].Value}",
                    x.Said.Value,
                    $"{x.Said.Groups["side"].Value} the plane of the {x.Said.Groups["of"].Value}"
                )
            ));

    /// <summary>What things on the floor have that a rep is compared with.</summary>
    private static readonly HashSet<string> Sides = new(StringComparer.Ordinal)
    {
        "plane",
        "line",
        "edge",
        "upper edge",
        "lower edge",
        "front edge",
        "back edge",
        "top",
        "middle",
        "side",
        "back",
        "front",
        "end",
        "ends",
        "centre",
        "foot",
        "mark",
        "height",
        "level",
    };

    private static bool IsKnown(string what, string of) => of.Length == 0 || Sides.Contains(what);

    [GeneratedRegex(
        @"\b(?<side>behind|before|above|below|over|under|in front of) the (?<what>[a-z]+(?: edge)?)"
            + @" of the (?<of>bar|upright|rig|box|target|rope|ring|plate|line)s?\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Compared();
}
