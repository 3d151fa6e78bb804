using FairCompass.Core.Notation;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>The standard asks for the hands inside a marked zone, and its size is not said.</summary>
public sealed class HandZone : ICheck
{
    /// <inheritdoc/>
    public string Id => "hand-zone";

    /// <inheritdoc/>
    public string Title => "Hands in a zone that nobody has measured";

    /// <inheritdoc/>
    public string Why => "Each lane would mark another zone.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        MeasureMissing
            .Of(
                context,
                "setup-hand-box",
                t => t.Details.Any(d => d is Detail.Height { By: not null }),
                "The hands are inside a marked zone; nobody says how large it is.",
                ", hands 90/80 x 60 cm"
            )
            .Select(r => r with { Mends = [.. r.Mends, WithoutZone(context, r.At.Line)] });

    private static Mend WithoutZone(CheckContext context, int line)
    {
        var indent = context.Indent(line) + "  ";
        return context.Followed(
            line,
            $"{indent}standard hands-in-box: does not apply\n{indent}standard setup-hand-box: does not apply",
            "Leave the zone out here"
        );
    }
}
