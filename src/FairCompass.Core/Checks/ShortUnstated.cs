using FairCompass.Core.Courses;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A share that is counted by member and has a least, and nobody has said what it costs to do fewer.</summary>
public sealed class ShortUnstated : ICheck
{
    /// <inheritdoc/>
    public string Id => "short-unstated";

    /// <inheritdoc/>
    public string Title => "A least share that costs nobody knows what";

    /// <inheritdoc/>
    public string Why => "When the last rep is near and one member is short, every lane would be told something else.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from rule in Rules(context)
        where
            rule.Share.Phrases.Any(p => p.Is == ShareKind.CountByMember)
            && rule.Share.Phrases.Any(p => p.Is == ShareKind.AtLeast && p.Text?.StartsWith("each", StringComparison.Ordinal) == true)
            && !rule.Share.Phrases.Any(p => p.Is == ShareKind.Short)
            && !OnlyInIntervals(context, rule.Share)
        select new Report(
            rule.At,
            "What does it cost when a member did fewer than the least?",
            With(context, rule.At, "It is owed before the end", "owed"),
            With(context, rule.At, "What others did for it does not count", "not counted"),
            With(context, rule.At, "There is no result", "no result")
        );

    /// <summary>True for a rule of work that begins anew in each interval: nobody can be short of it, and another check says so.</summary>
    private static bool OnlyInIntervals(CheckContext context, Rule.Share share)
    {
        var ruled = context
            .Courses.SelectMany(c => c.Pieces)
            .SelectMany(p => p.Tasks.Where(t => ReferenceEquals(RulesAround.Of(p, t).Share, share)).SelectMany(t => p.SharedOf(t.Index)))
            .ToList();
        return ruled.Count > 0 && ruled.TrueForAll(s => s.Role == StrandRole.Interval);
    }

    private static Mend With(CheckContext context, SourceRange at, string label, string costs) =>
        new(label, new TextEdit(at.Line, at.Column, at.Length, $"{context.LineText(at)}, short is {costs}"));

    private static IEnumerable<(Rule.Share Share, SourceRange At)> Rules(CheckContext context) =>
        WorkTree.Rules(context.Workout).Where(r => r.Rule is Rule.Share).Select(r => ((Rule.Share)r.Rule, r.At));
}
