using FairCompass.Core.Kit;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;

namespace FairCompass.Core.Briefing;

/// <content>What is measured in the lane, and loads that athletes bring with them.</content>
public sealed partial class BriefBuilder
{
    // With steps of 10 kg from 30 to 220, of 20 lb from 60 to 440: what athletes of an event bring (common practice).
    private const int BestRows = 20;

    private IReadOnlyList<Address> Columns =>
        u
            .Resolver.Columns.Where(a => division is null || string.Equals(a.Division.Name, division, StringComparison.OrdinalIgnoreCase))
            .ToList();

    private IEnumerable<PrescribedTask> PrescribedTo(IReadOnlyList<Address> whose) =>
        u.Prescribed.Where(p => whose.Contains(p.Address) && !(p.IsMenuHead && p.Option is null) && p.At == default);

    /// <summary>Heights and lines that are the same for every athlete: measured once in each lane, and written down.</summary>
    private IEnumerable<BriefSection> OfTheFloor()
    {
        var whose = Columns;
        var rows = PrescribedTo(whose)
            .SelectMany(p => p.Prescription.Heights.Where(h => !h.Value.IsFromTheBody).Select(h => (Task: p, Wanted: h.Value.In(tongue))))
            .GroupBy(x => (x.Task.Source.At.Line, x.Task.Prescription.Movement.Value, x.Wanted))
            .OrderBy(g => g.Key.Line)
            .Select(g =>
                Cited(
                    $"kit/{g.Key.Line}/{g.First().Task.Address}",
                    new([
                        Words.Capital(tongue.Movement(g.Key.Value)),
                        WhoOf(g.Select(x => x.Task.Address).Distinct(), whose),
                        g.Key.Wanted,
                        "",
                        "",
                    ])
                )
            )
            .ToEq();
        if (rows.Count > 0)
        {
            yield return new(
                "floor",
                Say("In each lane, before the first heat", "En cada calle, antes de la primera tanda"),
                [
                    new BriefBlock.Table(
                        null,
                        [
                            Say("Movement", "Ejercicio"),
                            Say("Who", "Quién"),
                            Say("Wanted", "Previsto"),
                            Say("Lanes that do not fit", "Calles que no cumplen"),
                            Say("Measured by", "Medido por"),
                        ],
                        rows
                    ),
                ]
            );
        }
    }

    /// <summary>Loads that are a share of an own best: a row for each athlete, and what the share of each best is.</summary>
    private IEnumerable<BriefSection> OwnBests()
    {
        var shares = PrescribedTo(Columns)
            .Where(p => p.Prescription.OfBest is not null)
            .OrderBy(p => p.Source.At.Line)
            .Select(p =>
                (Task: p, Share: p.Prescription.OfBest!.Value, Lift: p.Prescription.OfBest!.Value.Of ?? p.Prescription.Movement.Value)
            )
            .ToList();
        if (shares.Count == 0)
        {
            yield break;
        }

        var lifts = shares.Select(s => s.Lift).Distinct().ToList();
        Eq<string> head =
        [
            Say("Athlete", "Atleta"),
            .. lifts.Select(l => Say($"Own best {tongue.Movement(l)}", $"Mejor marca propia: {tongue.Movement(l)}")),
            Say("Load, told to the lane", "Carga, dicha a la calle"),
            Say("Taken down by", "Anotado por"),
        ];
        yield return new(
            "bests",
            Say("Own bests, told at check-in", "Mejores marcas propias, dichas en el registro"),
            [
                new BriefBlock.Table(null, head, Enumerable.Range(0, 12).Select(_ => new BriefRow(head.Select(_ => "").ToEq())).ToEq()),
                .. Looked(shares.Select(s => (s.Task, s.Share)).ToList()),
            ]
        );
    }

    private IEnumerable<BriefBlock> Looked(IReadOnlyList<(PrescribedTask Task, ShareOfBest Share)> shares)
    {
        var kit = u.Competition.Kit;
        var columns = shares
            .SelectMany(s =>
                s.Share.Percent.HasUnset
                    ? []
                    : s
                        .Share.Percent.Terms.Select(t => t.Value)
                        .OfType<decimal>()
                        .Select(percent =>
                            (Percent: percent, Bar: kit.Bar(s.Task.Address.Duty, s.Task.Prescription.Bar?.Value).Mass, s.Task)
                        )
            )
            .Where(c => Book.Find(c.Task.Prescription.Movement.Value) is { Kit: MovementKit.Barbell } && kit.Plates.Count > 0)
            .DistinctBy(c => (c.Percent, c.Bar))
            .ToList();
        if (columns.Count == 0)
        {
            yield break;
        }

        var step = u.Competition.Unit == MassUnit.Kilogram ? 10 : 20;
        yield return new BriefBlock.Table(
            Say(
                "A share of a best, and what the plates of a lane make on either side of it. Which of the two is loaded, the head "
                    + "judge says once for all.",
                "La parte de cada marca y lo que forman los discos de una calle a un lado y a otro. Cuál de las dos se carga lo dice "
                    + "el juez principal una vez para todos."
            ),
            [
                Say("Own best", "Mejor marca"),
                .. columns.Select(c =>
                    Cite(
                        $"best/0/{Number.Normal(c.Percent)}/{Number.Normal(c.Bar)}",
                        $"{Number.Normal(c.Percent)} %, {Say("bar", "barra")} {Number.Normal(c.Bar)}"
                    )
                ),
            ],
            Enumerable
                .Range(1, BestRows)
                .Select(n => 2 * step + (n * step))
                .Select(best => new BriefRow([
                    Cite($"best/{best}/0/0", Figure(best)),
                    .. columns.Select(c =>
                        Cite(
                            $"best/{best}/{Number.Normal(c.Percent)}/{Number.Normal(c.Bar)}",
                            Made(best * c.Percent / 100, BarLoads.All(kit.Bar(c.Task.Address.Duty, c.Task.Prescription.Bar?.Value), kit))
                        )
                    ),
                ]))
                .ToEq()
        );
    }

    /// <summary>A load that the plates make; of another the two on either side.</summary>
    private string Made(decimal exact, IReadOnlyList<decimal> loads)
    {
        if (loads.Contains(exact))
        {
            return Number.Normal(exact);
        }

        var (below, above) = BarLoads.Nearest(exact, loads);
        var sides = new[] { below, above }.OfType<decimal>().Select(Number.Normal).ToList();
        return $"{Number.Normal(exact)}: {string.Join(Say(" or ", " o "), sides)}";
    }
}
