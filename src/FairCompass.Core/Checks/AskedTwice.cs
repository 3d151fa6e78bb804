using FairCompass.Core.Standards;

namespace FairCompass.Core.Checks;

/// <summary>A line asks for less often what another rule asks in every rep.</summary>
public sealed class AskedTwice : ICheck
{
    /// <inheritdoc/>
    public string Id => "touches";

    /// <inheritdoc/>
    public string Title => "The same asked twice, and not as often";

    /// <inheritdoc/>
    public string Why => "One judge counts each touch, the next every third.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        WrittenRule
            .Of(context)
            .Where(r => r.Sense is { Says: Polarity.Asks, Seldom: true })
            .Select(r => (Rule: r, Against: r.Movement.Clauses.FirstOrDefault(c => IsSame(c, r))))
            .Where(x => x.Against is not null)
            .Select(x => new Report(
                x.Rule.At,
                $"“{x.Against!.Id}” asks for it each time, “{x.Against.Text.English}”; this rule asks for it less often.",
                [
                    context.RemoveLine(x.Rule.At.Line),
                    .. x.Rule.Reworded(context, $"Replace {x.Against.Id}", x.Rule.Clause + ":", x.Against.Id + ":"),
                ]
            ));

    private static bool IsSame(Clause clause, WrittenRule rule) =>
        clause.Id != rule.Clause
        && clause is { Kind: ClauseKind.Required, Phase: not Phase.SetUp }
        && RuleSense.Of(clause.Text.English) is { Says: Polarity.Asks, Seldom: false } asked
        && asked.IsAbout(rule.Sense);
}
