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
        var loads = context
            .TaskLines.SelectMany(t => t.Details.Concat(t.Lines.OfType<TaskLine.Override>().SelectMany(o => o.Details)))
            .OfType<Detail.Load>()
            .Where(l => l.Implements is null)
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
