using FairCompass.Core.Standards;

namespace FairCompass.Core.Checks;

/// <summary>A line calls a no-rep what another rule of the standard asks for.</summary>
public sealed class NoRepOfRequired : ICheck
{
    /// <inheritdoc/>
    public string Id => "fault-of-required";

    /// <inheritdoc/>
    public string Title => "A no-rep of what another rule asks";

    /// <inheritdoc/>
    public string Why => "Whoever keeps one rule breaks the other.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        WrittenRule
            .Of(context)
            .Where(r => r.Sense.Says == Polarity.Forbids)
            .Select(r => (Rule: r, Against: r.Movement.Clauses.FirstOrDefault(c => IsAsked(c, r))))
            .Where(x => x.Against is not null)
            .Select(x => new Report(
                x.Rule.At,
                $"“{x.Against!.Id}” asks for it, “{x.Against.Text.English}”, and this rule calls the same a no-rep.",
                context.RemoveLine(x.Rule.At.Line)
            ));

    private static bool IsAsked(Clause clause, WrittenRule rule) =>
        clause.Id != rule.Clause
        && clause is { Kind: ClauseKind.Required, Phase: not Phase.SetUp }
        && RuleSense.Of(clause.Text.English) is { Says: Polarity.Asks } asked
        && asked.Contradicts(rule.Sense);
}
