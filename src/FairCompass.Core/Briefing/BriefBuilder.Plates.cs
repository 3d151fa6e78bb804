using FairCompass.Core.Drafts;
using FairCompass.Core.Kit;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;

namespace FairCompass.Core.Briefing;

/// <summary>What stands on the bars, and what is changed on them; all from one plan.</summary>
public sealed partial class BriefBuilder
{
    /// <summary>For a bar that changes from round to round: each load with the plates of one side, a table for each group of entries that
    /// has it.</summary>
    private Eq<BriefBlock> Rungs() =>
        u
            .Prescribed.Where(p =>
                columns.Exists(i => ReferenceEquals(u.Resolver.Addresses[i], p.Address))
                && p.At == default
                && p.Option is null
                && p.Prescription.Load is { Value.Values: { IsConstant: false, HasUnset: false } climbing }
                && climbing.At(0) is not null
                && Book.Find(p.Prescription.Movement.Value)?.Kit == MovementKit.Barbell
                && p.Prescription.Load.Value.Unit == u.Competition.Unit
            )
            .GroupBy(p => (p.Around?.At.Line ?? p.Source.At.Line, Loads: p.Prescription.Load!.Value.ToString(), Bar: BarOf(p.Address)))
            .OrderBy(g => g.Key.Item1)
            .Select(g => Ladder(g.First(), g.Select(p => p.Address)))
            .ToEq();

    private BriefBlock Ladder(Prescriptions.PrescribedTask first, IEnumerable<Prescriptions.Address> who)
    {
        var (load, bar) = (first.Prescription.Load!.Value, BarOf(first.Address));
        var loads = PrintedKit.Loads(load.Values);
        var plan = LaneStacks.Of(loads, bar, u.Competition.Kit);
        var rows = loads.Select(
            (rung, i) =>
                Cited(
                    $"rung/{first.Source.At.Line}/{first.Address}/{i + 1}",
                    new([
                        Figure(i + 1),
                        $"{Number.Normal(rung)} {load.Unit.Symbol()}",
                        plan is { } changes ? Changing(changes[i]) : "–",
                        plan is not { } stacks ? "–"
                        : stacks[i].Side.Count == 0 ? Say("no plates", "sin discos")
                        : string.Join(" + ", stacks[i].Side.Select(Number.Normal)),
                    ])
                )
        );
        return new BriefBlock.Table(
            $"{WhoOf(who, columns.Select(i => u.Resolver.Addresses[i]).ToList())}: {Say("bar", "barra")} "
                + $"{Cite($"rung/{first.Source.At.Line}/{first.Address}/1", Number.Normal(bar))}",
            [
                Say("Round", "Ronda"),
                Say("Load", "Carga"),
                Say("Change, each side", "Cambio, cada lado"),
                Say("Then on each side", "Queda en cada lado"),
            ],
            rows.ToEq()
        );
    }

    /// <summary>What goes off and on each side: <c>off 10, on 20 + 5</c>.</summary>
    private string Changing(PlateChange change)
    {
        var parts = new List<string>();
        if (change.Off.Count > 0)
        {
            parts.Add(Say("off ", "quitar ") + string.Join(" + ", change.Off.Select(Number.Normal)));
        }

        if (change.On.Count > 0)
        {
            parts.Add(Say("on ", "poner ") + string.Join(" + ", change.On.Select(Number.Normal)));
        }

        return parts.Count == 0 ? Say("nothing", "nada") : string.Join(", ", parts);
    }

    private decimal BarOf(Prescriptions.Address address) => u.Competition.Kit.Bar(address.Duty);

    /// <summary>What carries a load, with the plates on each side of a bar.</summary>
    private string Carried(Prescriptions.PrescribedTask task, Movement? movement)
    {
        if (task.Prescription.Load is not { } load)
        {
            return "";
        }

        var value = load.Value;
        var said = value.In(tongue);
        if (movement?.Kit != MovementKit.Barbell || value.Values.At(0) is not { } first || value.Unit != u.Competition.Unit)
        {
            return said;
        }

        var kit = u.Competition.Kit;
        var bar = BarOf(task.Address);
        if (LaneStacks.Of(PrintedKit.Loads(value.Values), bar, kit) is not [{ Side: var side }, ..])
        {
            return said;
        }

        var plates =
            side.Count == 0
                ? Say(", no plates", ", sin discos")
                : Say(", each side ", ", cada lado ") + string.Join(" + ", side.Select(Number.Normal));
        return $"{said}: {Say("bar", "barra")} {Number.Normal(bar)}{plates}"
            + $"{(value.Values.IsConstant ? "" : Say(" to begin with", " para empezar"))}";
    }
}
