using FairCompass.Core.Kit;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A change of the bar to a load that the plates of a lane cannot make.</summary>
public sealed class ReRigNotMakeable : ICheck
{
    /// <inheritdoc/>
    public string Id => "re-rig-not-makeable";

    /// <inheritdoc/>
    public string Title => "A change to a load this kit cannot make";

    /// <inheritdoc/>
    public string Why => "The floor crew would stand before the bar and look for a plate that is not there.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var (kit, unit) = (context.Competition.Kit, context.Competition.Unit);
        foreach (var (rule, at) in WorkTree.ReRigsAt(context.Workout))
        {
            if (rule.To is not { } to || to.Unit != unit || kit.Plates.Count == 0)
            {
                continue;
            }

            foreach (var address in context.Resolver.Addresses)
            {
                var loads = BarLoads.All(kit.Bar(address.Duty), kit);
                if (to.Of.For(context.Resolver.Position(address)).At(0) is not { } load || loads.Contains(load))
                {
                    continue;
                }

                var (below, above) = BarLoads.Nearest(load, loads);
                var nearest = new[] { below, above }.OfType<decimal>().ToList();
                var said = string.Join(" and ", nearest.Select(Number.Normal));
                yield return new Report(
                    at,
                    $"{address}: no bar of {new Mass(load, unit)} with this kit; the nearest "
                        + $"{(nearest.Count == 1 ? "is" : "are")} {said} {unit.Symbol()}.",
                    [.. nearest.Select(n => Use(to, context.Resolver.Position(address), n, unit))]
                );
                break;
            }
        }
    }

    private static Mend Use(Detail.Load at, int position, decimal mass, MassUnit unit)
    {
        Series Of(Series was, bool here) => here ? Series.Of(new(mass)) : was;
        var pair = at.Of.Second is { } second ? new Pair(Of(at.Of.First, position == 0), Of(second, position == 1)) : Pair.Of(new(mass));
        return CheckContext.Write(at.At, Printer.Detail(at with { Of = pair }), $"Use {new Mass(mass, unit)}");
    }
}
