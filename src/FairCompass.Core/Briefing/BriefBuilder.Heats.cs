using FairCompass.Core.Kit;
using FairCompass.Core.LayingOut;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Briefing;

/// <summary>What is changed on the bars of a lane between two heats.</summary>
public sealed partial class BriefBuilder
{
    /// <summary>From heat to heat, in the order in which the draft names its divisions; nothing where every heat finds the bars as it needs
    /// them.</summary>
    private IEnumerable<BriefSection> FromHeatToHeat()
    {
        var resets = Resets().ToList();
        if (resets.Count == 0)
        {
            yield break;
        }

        var one = PlatePlanner.UsualMsPerPlate / 1000;
        yield return new(
            "heats",
            Say("From heat to heat", "De tanda a tanda"),
            [
                new BriefBlock.Table(
                    Cite(
                        "plates",
                        Say(
                            $"In the order in which the draft names them; {one} seconds for a plate and a person are our estimate",
                            $"En el orden en que el texto las nombra; {one} segundos por disco y persona son nuestra estimación"
                        )
                    ),
                    [
                        Say("Bar for", "Barra para"),
                        Say("After the heat of", "Tras la tanda de"),
                        Say("Before the heat of", "Antes de la tanda de"),
                        Say("Change, each side", "Cambio, cada lado"),
                        Say("Plates", "Discos"),
                        Say("One person", "Una persona"),
                    ],
                    resets.Select(Said).ToEq()
                ),
            ]
        );
    }

    private static int LineOf(PrescribedTask task) => HeatResets.LineOf(task);

    private List<Address> Everybody => columns.Select(i => u.Resolver.Columns[i]).ToList();

    private BriefRow Said(HeatReset r) =>
        Cited(
            $"heat/{LineOf(r.From)}/{r.From.Address}/{LineOf(r.To)}/{r.To.Address}",
            new([
                $"{tongue.Movement(r.To.Prescription.Movement.Value)}, {Number.Normal(r.Change.Load!.Value)} {u.Competition.Unit.Symbol()}",
                WhoOf([r.From.Address], Everybody),
                WhoOf([r.To.Address], Everybody),
                r.Change.In(tongue, u.Competition),
                Figure(r.Change.Handled),
                new Duration(r.Change.Handled * PlatePlanner.UsualMsPerPlate).ToString(),
            ])
        );

    /// <summary>Each bar of each line of work, from heat to heat of those who lift it; the same again where a heat leaves another load than
    /// it began with.</summary>
    private IEnumerable<HeatReset> Resets()
    {
        var between = new HeatResets(Loaded, Book);
        var lifted = between.Lifted(u.Prescribed.Where(p => columns.Exists(i => ReferenceEquals(u.Resolver.Columns[i], p.Address))));
        var named = u.Workout.Divisions.ToList();
        foreach (var bar in between.Bars(lifted))
        {
            var heats = bar.GroupBy(p => p.Address.Division)
                .OrderBy(d => named.FindIndex(n => string.Equals(n, d.Key.Name, StringComparison.OrdinalIgnoreCase)))
                .Select(d => (First: d.First(), Last: d.Last()))
                .ToList();
            for (var i = 0; i < heats.Count; i++)
            {
                foreach (var next in heats.Skip(i).Take(2))
                {
                    var change = Loaded.Between(heats[i].Last, next.First);
                    if (change.Handled > 0)
                    {
                        yield return new(heats[i].Last, next.First, change);
                    }
                }
            }
        }
    }
}
