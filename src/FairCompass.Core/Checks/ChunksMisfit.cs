using FairCompass.Core.Notation;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>An amount that does not divide into its chunks.</summary>
public sealed class ChunksMisfit : ICheck
{
    /// <inheritdoc/>
    public string Id => "chunks";

    /// <inheritdoc/>
    public string Title => "An amount that does not divide into its chunks";

    /// <inheritdoc/>
    public string Why => "What the last few do is decided lane by lane.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var told = new HashSet<int>();
        foreach (
            var task in context
                .Prescribed.Where(p => p.At == default && p.Option is null)
                .DistinctBy(p => (p.Source.At.Line, p.Address.Duty, p.Address.Division.Name))
        )
        {
            if (
                task.Source.Details.OfType<Detail.Chunks>().FirstOrDefault() is { } chunks
                && task.Prescription.Amount?.Value is Amount.Counted counted
                && counted.Of.For(context.Resolver.Position(task.Address)).At(0) is { } of
                && chunks.Size.For(context.Resolver.Position(task.Address)).At(0) is > 0 and { } size
                && of % size != 0
                && told.Add(chunks.At.Line)
            )
            {
                yield return new Report(
                    chunks.At,
                    $"{task.Address}: {Number.Normal(of)} do not divide into {Number.Normal(size)}s.",
                    [
                        .. Whole(context, task, counted, of, size),
                        .. Enumerable
                            .Range(2, (int)Math.Clamp(of - 2, 0, 30))
                            .Where(n => of % n == 0)
                            .OrderBy(n => Math.Abs(n - size))
                            .Take(1)
                            .Select(n =>
                                CheckContext.Write(
                                    chunks.At,
                                    Printer.Detail(chunks with { Size = With(chunks.Size, Position(context, task), n) })
                                )
                            ),
                    ]
                );
            }
        }
    }

    private static int Position(CheckContext context, PrescribedTask task) => context.Resolver.Position(task.Address);

    /// <summary>The nearest amounts that are whole chunks; the line gives the amount, or no mend is known.</summary>
    private static IEnumerable<Mend> Whole(CheckContext context, PrescribedTask task, Amount.Counted counted, decimal of, decimal size)
    {
        var written = Printer.Amount(counted);
        return new[] { decimal.Floor(of / size) * size, decimal.Ceiling(of / size) * size }
            .Where(n => n > 0)
            .SelectMany(n =>
            {
                var text = Printer.Amount(counted with { Of = With(counted.Of, Position(context, task), n) });
                return context.Instead(task.Source.At.Line, written, text, $"Write {text} ({(n > of ? "more" : "less")})");
            });
    }

    private static Pair With(Pair of, int position, decimal value) =>
        of.Second is null ? Pair.Of(new(value))
        : position == 0 ? of with { First = Series.Of(new(value)) }
        : of with { Second = Series.Of(new(value)) };
}
