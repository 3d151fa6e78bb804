using FairCompass.Core.InForce;
using FairCompass.Core.Kit;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;

namespace FairCompass.Core.Checks;

/// <summary>Bars of one team that stand loaded at the same time, for which the plates of the lane do not reach.</summary>
public sealed class PlatesShared : ICheck
{
    /// <inheritdoc/>
    public string Id => "plates-shared";

    /// <inheritdoc/>
    public string Title => "Plates that would be on two bars at once";

    /// <inheritdoc/>
    public string Why => "A team has one lane and its plates: a bar that lacks them is loaded otherwise, or late.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var (kit, book, bars) = (context.Competition.Kit, StandardsBook.Of(context.Competition), context.Bars);
        var found =
            from task in context.Prescribed
            where
                task.At == default
                && task.Address.Division.IsTeam
                && book.Find(task.Prescription.Movement.Value) is { Kit: MovementKit.Barbell }
                && bars.Changes(task) is not null
            let all = bars.Beside(task)
            where all.Sum(b => b.Times) > 1 && !bars.Reach(all)
            group task.Address by (task.Prescription.Load!.From.At, All: all) into same
            select (same.Key.At, same.Key.All, Who: Words.Join(same.Select(a => a.Division.Name).Distinct()));
        return found
            .DistinctBy(f => (f.At, f.Who))
            .Select(f => new Report(
                f.At,
                $"{f.Who}: the plates of a lane do not reach for {f.All.Sum(b => b.Times)} bars at once: "
                    + $"{Words.Join(f.All.Select(b => Said(b, context)))}."
                    + PlateShortage.Words(f.All.Select(Planned).ToList(), context.Competition)
            )
            {
                KitMends = PlateShortage.Filled(f.All.Select(Planned).ToList(), context.Competition) is { } plates
                    ?
                    [
                        new(
                            $"Say that a lane has {plates.Count} plates of {context.Competition.PlateName(plates.Mass)}",
                            new(MovementKit.Barbell, plates.Mass, plates.Count) { Plates = true }
                        ),
                    ]
                    : [],
            });

        static PlannedBar Planned(StandingBars b, int i) =>
            new($"{i}", b.Bar.Mass, [b.Loads[0]]) { Sleeve = b.Bar.Sleeve, Times = b.Times };
    }

    private static string Said(StandingBars bar, CheckContext context) =>
        (bar.Times > 1 ? $"{bar.Times} times alike " : "")
        + $"{string.Join('-', bar.Loads.Select(Number.Normal))} {context.Competition.Unit.Symbol()} on a bar of "
        + Number.Normal(bar.Bar.Mass);
}
