using System.Text.RegularExpressions;

namespace FairCompass.Core.Notation;

/// <summary>Asks for a value that is marked <c>unset</c> by what it is, from the words around it on its line.</summary>
internal static partial class UnsetWords
{
    /// <summary>The question for a value.</summary>
    /// <param name="line">The line without its comment.</param>
    /// <param name="at">Where <c>unset</c> begins, from 0.</param>
    /// <example>In <c>after each: unset m bear crawl</c>: How far is the bear crawl after each part?</example>
    public static string Of(string line, int at)
    {
        var (before, after) = (line[..at].TrimEnd(), line[(at + "unset".Length)..]);
        after = Remark.Replace(after, "");
        // A pair such as 60/unset is asked for by what stands behind it.
        before = Pair.Replace(before, "");
        after = PairBehind.Replace(after, "").TrimStart();
        foreach (var (left, right, question) in Questions)
        {
            var (l, r) = (left.Match(before), right.Match(after));
            if (l.Success && r.Success)
            {
                var what = r.Groups["what"].Success ? r.Groups["what"].Value.Trim() : l.Groups["what"].Value.Trim();
                return question.Replace("{what}", what.Length > 0 ? what : "movement", StringComparison.Ordinal);
            }
        }

        return "Nobody has said this value yet.";
    }

    private static readonly (Regex Before, Regex After, string Question)[] Questions =
    [
        Ask(@"\+$", "for each missing", "How much time is added for each missing one?"),
        Ask(@"\bat$", "", "At how many is the bonus earned?"),
        Ask(@"\bweight$", "", "How much does this score weigh?"),
        Ask(@"\bmarks every$", "", "How far apart are the marks?"),
        Ask(@"\bx$", "^(m|ft)\\b", "How long is one length?"),
        Ask(@"\bx$", "^(kg|lb)\\b", "How heavy is each?"),
        Ask(@"re-rig:$", "", "To what load is the bar changed?"),
        Ask(@"after each:$", @"^(m|ft)\s+(?<what>[^,]+)", "How far is the {what} after each part?"),
        Ask(@"between:$", @"^(m|ft)\s+(?<what>[^,]+)", "How far is the {what} between two parts?"),
        Ask(@"after each:$", @"^(cal\s+)?(?<what>[^,]+)", "How much {what} is done after each part?"),
        Ask(@"between:$", @"^(cal\s+)?(?<what>[^,]+)", "How much {what} is done between two parts?"),
        Ask(@"\bin$", "^s\\b", "How many are done in each part?"),
        Ask(@"\bat most$", "in a row", "How many are done in a row at most?"),
        Ask(@"\bat least$", "each", "How many does each do at least?"),
        Ask(@"\bcredited$", "", "How much is credited?"),
        Ask(@"\bcounts?$", "", "How much does one count?"),
        Ask(@"heaviest set of$", "", "How many reps has the set?"),
        Ask(@"best of$", "", "How many attempts are there?"),
        Ask(@"\badds$", "", "How much time does the gate add?"),
        Ask(@"\bown rest$", "", "How long is the own rest?"),
        Ask(@"\b(?<what>rest|change)( between| each)?$", "", "How long is the {what}?"),
        Ask(@"\bevery$", @"^(st|nd|rd|th)?\s*rounds?\b", "Every how many rounds is it done?"),
        Ask(@"\bevery$", @"^counts?\b", "How many of them count as one?"),
        Ask(@"\bevery$", "", "How long is each interval?"),
        Ask(@"\+$", @"^(each|every)\b", "How much is added each time?"),
        Ask(@"\bchoose:$", "", "How many are done of this choice?"),
        Ask(@"(\d-|^\S*unset-)$", @"^\S*\s*(kg|lb)\b", "What is the load at this step?"),
        Ask("", @"^-\S*\s*(kg|lb)\b", "What is the load at this step?"),
        Ask(@"(\d-|^\S*unset-)$", "", "How many are done in this round?"),
        Ask("", @"^-\d", "How many are done in this round?"),
        Ask(@"\blead-in$", "", "How long is the lead-in?"),
        Ask("", @"^rounds\b", "How many rounds are there?"),
        Ask(@"\b(?<what>target|line|bar|box|rings|rope)$", @"^(m|cm|mm|ft|in)\b", "How high is the {what}?"),
        Ask(@"^\s*(?<what>[^,]+?),.*$", "^(kg|lb)\\b", "How heavy is it: {what}?"),
        Ask("", "^(kg|lb)\\b", "How heavy is it?"),
        Ask("", @"^(for|each|stations|waves|rota|then)\b", "How long is it?"),
        Ask(@"^\s*$", @"^(m|ft)\s+(?<what>[^,]+)", "How far is the {what}?"),
        Ask(@"^\s*$", @"^cal\s+(?<what>[^,]+)", "How many calories on the {what}?"),
        Ask(@"^\s*([^:]+:)?$", @"^(?<what>[a-z][^,]*)", "How many {what}?"),
        Ask(@",$", "^each", "How long is each turn?"),
    ];

    private static (Regex Before, Regex After, string Question) Ask(string before, string after, string question) =>
        (new(before, RegexOptions.CultureInvariant), new(after, RegexOptions.CultureInvariant), question);

    [GeneratedRegex(@"\s*(//|\[).*$")]
    private static partial Regex Remark { get; }

    [GeneratedRegex(@"\S*/$")]
    private static partial Regex Pair { get; }

    [GeneratedRegex(@"^/\S+")]
    private static partial Regex PairBehind { get; }
}
