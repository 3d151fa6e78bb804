using System.Text.RegularExpressions;

namespace FairCompass.Core.Checks;

/// <summary>A line words a rule for one duty, and the rule holds for all.</summary>
public sealed partial class DutyInRule : ICheck
{
    /// <inheritdoc/>
    public string Id => "duty-in-rule";

    /// <inheritdoc/>
    public string Title => "A rule for men or women that holds for both";

    /// <inheritdoc/>
    public string Why => "A rule of a standard holds for everybody who does the movement.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        WrittenRule
            .Of(context)
            .Select(r => (Rule: r, Who: Duty().Match(r.Text)))
            .Where(x => x.Who.Success)
            .Select(x => new Report(
                x.Rule.At,
                $"The rule holds for everybody, and speaks of “{x.Who.Value}” only: say “everybody”, or write it under the division.",
                x.Rule.Reworded(context, "Write everybody", x.Rule.Text, Everybody(x.Rule.Text, x.Who))
            ));

    /// <summary>The sentence for everybody; what comes behind a plural subject takes the ending of one.</summary>
    private static string Everybody(string text, Match who)
    {
        var rest = text[(who.Index + who.Length)..];
        var verb = FirstWord().Match(rest);
        var one =
            who.Value.EndsWith("en", StringComparison.OrdinalIgnoreCase) && verb.Success && !verb.Groups[1].Value.EndsWith('s')
                ? $" {verb.Groups[1].Value}s{rest[(verb.Index + verb.Length)..]}"
                : rest;
        return text[..who.Index] + (who.Index == 0 ? "Everybody" : "everybody") + one;
    }

    [GeneratedRegex(@"\b(the )?(men|women|man|woman|male athletes?|female athletes?)\b", RegexOptions.IgnoreCase)]
    private static partial Regex Duty();

    [GeneratedRegex(@"^ ([a-z]+)\b")]
    private static partial Regex FirstWord();
}
