using FairCompass.Core.InForce;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Checks;

/// <summary>A line lets something pass that the no-rep of the same rule still calls.</summary>
public sealed class NoRepLeft : ICheck
{
    /// <inheritdoc/>
    public string Id => "fault-left";

    /// <inheritdoc/>
    public string Title => "A rule was changed, and its no-rep was not";

    /// <inheritdoc/>
    public string Why => "Judges would call what the new rule lets pass.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        WrittenRule
            .Of(context)
            .Where(r =>
                r.Sense.Says == Polarity.Allows
                && r.Was?.Kind is ClauseKind.Required or ClauseKind.Forbidden
                && r.NoRep is not null
                && !r.IsNoRepSaid(context)
            )
            .Select(r => new Report(
                r.At,
                $"This lets pass what the no-rep of “{r.Clause}” still calls: “{r.NoRep!.Sign.English}” → “{r.NoRep.Call.English}”.",
                [
                    r.Followed(context, $"Take the no-rep “{r.NoRep.Call.English}” away", r.NoRep.Id, StandardsBook.DoesNotApply),
                    .. r.Reworded(context, "Leave the whole rule out", r.Text, StandardsBook.DoesNotApply),
                ]
            ));
}
