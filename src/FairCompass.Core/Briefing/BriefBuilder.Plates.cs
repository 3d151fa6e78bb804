using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.Kit;
using FairCompass.Core.LayingOut;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Briefing;

/// <summary>What stands on the bars, and what is changed on them; all from one plan.</summary>
public sealed partial class BriefBuilder
{
    /// <summary>For a bar that changes from round to round: each load with the plates of one side, a table for each group of entries that
    /// has it.</summary>
    private Eq<BriefBlock> Rungs() =>
        u
            .Prescribed.Where(p =>
                columns.Exists(i => ReferenceEquals(u.Resolver.Columns[i], p.Address))
                && p.At == default
                && p.Option is null
                && p.Prescription.Load is { Value.Values: { IsConstant: false, HasUnset: false } climbing }
                && climbing.At(0) is not null
                && Book.Find(p.Prescription.Movement.Value)?.Kit == MovementKit.Barbell
                && p.Prescription.Load.Value.Unit == u.Competition.Unit
            )
            .GroupBy(p =>
                (
                    p.Around?.At.Line ?? p.Source.At.Line,
                    Loads: p.Prescription.Load!.Value.ToString(),
                    Bar: BarOf(p),
                    Shared: Loaded.IsShared(p) ? p.Address.Division.Name : ""
                )
            )
            .OrderBy(g => g.Key.Item1)
            .SelectMany(g => Ladder(g.First(), g.Select(p => p.Address)))
            .ToEq();

    /// <summary>The rungs as a table, and each bar drawn from the side.</summary>
    private IEnumerable<BriefBlock> Ladder(PrescribedTask first, IEnumerable<Address> who)
    {
        var (load, bar) = (first.Prescription.Load!.Value, BarOf(first));
        var loads = LaneStacks.Rungs(load.Values);
        var plan = Loaded.Changes(first);
        var rows = loads.Select(
            (rung, i) =>
                Cited(
                    $"rung/{first.Source.At.Line}/{first.Address}/{i + 1}",
                    new([
                        Figure(i + 1),
                        $"{Number.Normal(rung)} {load.Unit.Symbol()}",
                        plan is { } changes ? changes[i].In(tongue, u.Competition) : "–",
                        plan is not { } stacks ? "–"
                        : stacks[i].Side.Count == 0 ? Say("no plates", "sin discos")
                        : string.Join(" + ", stacks[i].Side.Select(u.Competition.PlateName)),
                    ])
                )
        );
        yield return new BriefBlock.Table(
            $"{WhoOf(who, columns.Select(i => u.Resolver.Columns[i]).ToList())}: {BarName(first)} "
                + $"{Cite($"rung/{first.Source.At.Line}/{first.Address}/1", Number.Normal(bar.Mass))}",
            [
                Say("Round", "Ronda"),
                Say("Load", "Carga"),
                Say("Change, each side", "Cambio, cada lado"),
                Say("Then on each side", "Queda en cada lado"),
            ],
            rows.ToEq()
        );
        if (plan is { } made)
        {
            yield return new BriefBlock.Bars(
                made.Select(
                        (change, i) =>
                            BarAt.Of(
                                Drawn($"rung/{first.Source.At.Line}/{first.Address}/{i + 1}", i + 1, load.Unit, change),
                                bar.Mass,
                                change,
                                null,
                                u.Competition
                            )
                    )
                    .ToEq()
            );
        }
    }

    /// <summary>What stands under a drawn bar; the masses on its plates are printed too.</summary>
    private string Drawn(string id, int round, MassUnit unit, PlateChange change)
    {
        Cite(id, string.Join(' ', change.Side.Select(Number.Normal)));
        return Cite(id, $"{round}: {Number.Normal(change.Load!.Value)} {unit.Symbol()}");
    }

    /// <summary>True where the athletes change the load: as the draft says at the work, else as the competition has decided.</summary>
    private bool AthletesLoad()
    {
        var said = WorkTree.ReRigs(u.Workout).Select(r => r.By).ToList();
        return said.Count > 0
            ? said.Exists(by => by.Contains("athlete", StringComparison.OrdinalIgnoreCase))
            : Decided.Of(u, DivisionsShown).Any(d => d.Topic.Name == "plates" && d.School?.Name == "athlete");
    }

    private LaneBars Loaded => u.Bars;

    private LaneBar BarOf(PrescribedTask task) => Loaded.BarOf(task);

    /// <summary>What the bar of a task is called: the bar, or by the name that the draft gives.</summary>
    private string BarName(PrescribedTask task) =>
        task.Prescription.Bar is { } named && BarByMass.Of(named.Value) is null
            ? tongue.Say(LayOut.Named(named.Value))
            : Say("bar", "barra");

    /// <summary>What carries a load, with the plates on each side of a bar.</summary>
    private string Carried(PrescribedTask task, Movement? movement)
    {
        if (task.Prescription.Load is not { } load)
        {
            // Nobody but the athlete knows it, so whoever sets up writes it down.
            return task.Prescription.OfBest is { } best ? $"{best.Value.In(tongue)} = ____ {u.Competition.Unit.Symbol()}" : "";
        }

        var value = load.Value;
        var said = value.Said(tongue);
        if (movement?.Kit != MovementKit.Barbell || value.Values.At(0) is not { } first || value.Unit != u.Competition.Unit)
        {
            return said;
        }

        var bar = BarOf(task);
        if (Loaded.Changes(task) is not [{ Side: var side }, ..])
        {
            return said;
        }

        var plates =
            side.Count == 0
                ? Say(", no plates", ", sin discos")
                : Say(", each side ", ", cada lado ") + string.Join(" + ", side.Select(u.Competition.PlateName));
        return $"{said}: {BarName(task)} {Number.Normal(bar.Mass)}{plates}"
            + $"{(value.Values.IsConstant ? "" : Say(" to begin with", " para empezar"))}";
    }
}
