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
                yield return new Report(chunks.At, $"{task.Address}: {Number.Normal(of)} do not divide into {Number.Normal(size)}s.");
            }
        }
    }
}
