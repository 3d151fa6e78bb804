using System.Text.RegularExpressions;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Checks;

/// <summary>A line adds a rule, and nothing says what is seen and called when it is broken.</summary>
public sealed partial class RuleWithoutCall : ICheck
{
    /// <inheritdoc/>
    public string Id => "clause-without-call";

    /// <inheritdoc/>
    public string Title => "A rule without sign and call";

    /// <inheritdoc/>
    public string Why => "The judge reads it and has nothing to call.";

    /// <inheritdoc/>
    public Severity Severity => Severity.WorthALook;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        WrittenRule
            .Of(context)
            .Where(r => r.Was is null && r.Sense.Says == Polarity.Asks && !r.IsNoRepSaid(context))
            .Select(r => new Report(
                r.At,
                "The rule has no sign and no call of its own: judges read it and call nothing.",
                Broken(r.Text) is { } sign ? [r.Followed(context, $"Add its no-rep: “{sign}”", "no-" + r.Clause, $"“No rep”: {sign}")] : []
            ));

    /// <summary>What is seen when a rule is broken: its sentence with its first verb denied; null where no verb is known.</summary>
    internal static string? Broken(string text)
    {
        var verb = Verb().Match(text);
        if (!verb.Success)
        {
            return null;
        }

        var said = verb.Groups[1].Value;
        var denied =
            said is "is" or "are" ? said + " not"
            : said.EndsWith("es", StringComparison.Ordinal) && said is "touches" or "passes" or "crosses" or "reaches"
                ? "does not " + said[..^2]
            : said.EndsWith('s') && said is not ("pass" or "cross") ? "does not " + said[..^1]
            : "do not " + said;
        return text[..verb.Index] + denied + text[(verb.Index + said.Length)..];
    }

    [GeneratedRegex(
        @"\b(is|are|stays?|touch(?:es)?|leaves?|cross(?:es)?|rests?|stands?|pass(?:es)?|straightens?|bends?|opens?|comes?|goes|keeps?"
            + @"|reach(?:es)?|faces?|hangs?|meets?|lands?|lies?|moves?|stops?|begins?|ends?|holds?)\b"
    )]
    private static partial Regex Verb();
}
