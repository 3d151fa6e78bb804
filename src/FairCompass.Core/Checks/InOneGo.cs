using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A set in one go that may be broken.</summary>
public sealed class InOneGo : ICheck
{
    /// <inheritdoc/>
    public string Id => "in-one-go";

    /// <inheritdoc/>
    public string Title => "A set in one go that may be broken";

    /// <inheritdoc/>
    public string Why => "The two exclude each other.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        context
            .TaskLines.Select(t => t.Details.OfType<Detail.Flag>().ToList())
            .Where(f => f.Exists(x => x.Is == FlagKind.InOneGo) && f.Exists(x => x.Is == FlagKind.MayBeBroken))
            .Select(f => new Report(
                f.Find(x => x.Is == FlagKind.MayBeBroken)!.At,
                "In one go and may be broken exclude each other.",
                [
                    .. context.WithoutPhrase(f.Find(x => x.Is == FlagKind.InOneGo)!.At),
                    .. context.WithoutPhrase(f.Find(x => x.Is == FlagKind.MayBeBroken)!.At),
                ]
            ));
}
