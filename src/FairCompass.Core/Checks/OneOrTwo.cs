using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A movement that is done with one implement or with two, and a load that does not say which.</summary>
public sealed class OneOrTwo : ICheck
{
    /// <summary>Movements of the book whose name does not say how many are held (common practice: both are competed with).</summary>
    private static readonly HashSet<string> Either = new(StringComparer.Ordinal)
    {
        "dumbbell-clean",
        "dumbbell-hang-clean-and-jerk",
        "dumbbell-jerk",
        "dumbbell-lunge",
        "dumbbell-push-press",
        "dumbbell-thruster",
        "farmers-carry",
    };

    /// <inheritdoc/>
    public string Id => "implements";

    /// <inheritdoc/>
    public string Title => "One implement or two";

    /// <inheritdoc/>
    public string Why => "One of 15 kg and two of 15 kg are two workouts, and both read the same.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var book = StandardsBook.Of(context.Competition);
        return TwoHands(context, book).Concat(Asked(context, book));
    }

    /// <summary>A bar, a bag or a ball has no right and left.</summary>
    private static IEnumerable<Report> TwoHands(CheckContext context, StandardsBook book) =>
        context
            .Prescribed.Where(p =>
                p.Prescription.Load?.Value.Left is not null
                && book.Find(p.Prescription.Movement.Value) is { } m
                && m.Kit is not (Standards.MovementKit.Dumbbell or Standards.MovementKit.Kettlebell)
            )
            .DistinctBy(p => p.Prescription.Load!.From.At)
            .Select(p => new Report(
                p.Prescription.Load!.From.At,
                $"Nobody holds two of {p.Prescription.Movement.Value}: right and left are of dumbbells and kettlebells."
            ));

    private static IEnumerable<Report> Asked(CheckContext context, StandardsBook book)
    {
        var loads = context
            .TaskLines.SelectMany(t => t.Details.Concat(t.Lines.OfType<TaskLine.Override>().SelectMany(o => o.Details)))
            .OfType<Detail.Load>()
            .Where(l => l is { Implements: null, Left: null })
            .ToLookup(l => l.At);
        return context
            .Prescribed.Where(p => p.Prescription.Load is { } load && loads.Contains(load.From.At))
            .Select(p => (p.Prescription.Load!.From.At, Movement: book.Find(p.Prescription.Movement.Value)))
            .Where(x => x.Movement is not null && Either.Contains(x.Movement.Id))
            .DistinctBy(x => x.At)
            .Select(x =>
            {
                var (load, what) = (loads[x.At].First(), x.Movement!.Kit == Standards.MovementKit.Kettlebell ? "kettlebell" : "dumbbell");
                var two = Printer.Detail(load with { Implements = 2 });
                return new Report(
                    x.At,
                    $"One {what} of {Printer.Detail(load)}, or two? {Words.Capital(x.Movement.Name.English)} is done with either.",
                    new Mend($"Two: write {two}", new TextEdit(x.At.Line, x.At.Column, x.At.Length, two)),
                    new Mend(
                        $"One: write 1 x {Printer.Detail(load)}",
                        new TextEdit(x.At.Line, x.At.Column, x.At.Length, "1 x " + Printer.Detail(load))
                    )
                );
            });
    }
}
