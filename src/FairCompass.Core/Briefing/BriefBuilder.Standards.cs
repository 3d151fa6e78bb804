using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures;
using FairCompass.Core.Standards.Phrases;
using FairCompass.Core.Text;

namespace FairCompass.Core.Briefing;

/// <summary>The standards in force, what departs from them, and what was decided beforehand.</summary>
public sealed partial class BriefBuilder
{
    /// <summary>So many likely no-reps of a movement an athlete reads beside its rules.</summary>
    private const int MostToAthletes = 3;

    private BriefSection Standards(Audience audience)
    {
        var judge = audience == Audience.Judge;
        var blocks = new List<BriefBlock>();
        foreach (var (name, movement, who) in Movements())
        {
            if (movement is null)
            {
                blocks.Add(
                    new BriefBlock.Paragraph(
                        Say(
                            $"{Words.Capital(name)}: no standard is written yet. Ask the head judge before the heat.",
                            $"{Words.Capital(name)}: aún no hay criterio escrito. Pregunta al juez principal antes de la tanda."
                        )
                    )
                );
                continue;
            }

            blocks.Add(StandardOf(movement, who, judge));
        }

        // What is judged beside the movements: of a heaviest lift, a hold, a team.
        blocks.AddRange(Book.Rules(u.Workout).Select(rule => StandardOf(rule, null, judge)));

        if (!judge && blocks.Count > 0)
        {
            blocks.Insert(0, new BriefBlock.Paragraph(Unless()));
        }

        return new(
            "standards",
            judge
                ? Say("Standards: where you stand, what you call", "Criterios: dónde te colocas, qué cantas")
                : Say("Standards", "Criterios"),
            blocks.ToEq()
        );
    }

    /// <summary>What a judge looks at before the heat begins: the set-up of each movement, first on the page.</summary>
    private BriefSection ChecksBeforeGo() =>
        new(
            "check",
            Say("Before “go”: check", "Antes de «ya»: comprueba"),
            StandardsShown()
                .SelectMany(m =>
                    m.Clauses.Where(c => c.Kind != ClauseKind.Tip && c.Phase == Phase.SetUp).Select(c => (Movement: m, Text: Worded(m, c)))
                )
                // What several movements ask of one implement is looked at once.
                .GroupBy(x => x.Text)
                .GroupBy(g =>
                    tongue.Join(
                        g.OrderBy(x => x.Movement.Id, StringComparer.Ordinal)
                            .Select((x, i) => i == 0 ? Named(x.Movement) : Words.Lower(Named(x.Movement)))
                    )
                )
                .Select(g => new BriefRow([
                    g.Key,
                    string.Join(' ', g.Select(x => x.Key).Concat(FirstOnBars(g.SelectMany(x => x).Select(x => x.Movement.Id)))),
                ]))
                .ToEq()
                is { Count: > 0 } rows
                ? [new BriefBlock.Table(null, [Say("Movement", "Ejercicio"), Say("See that", "Mira que")], rows)]
                : []
        );

    /// <summary>The number behind “the load written for it”: what each bar carries first, plate by plate.</summary>
    /// <param name="movements">The movements of one line of the list.</param>
    private IEnumerable<string> FirstOnBars(IEnumerable<string> movements)
    {
        var here = movements.ToHashSet();
        return PrescribedTo(Columns)
            .Where(p => p.Prescription.Load is not null && Book.Find(p.Prescription.Movement.Value)?.Kit == MovementKit.Barbell)
            .GroupBy(p => (p.Address, Bar: BarName(p)))
            .Select(g => (Task: g.First(), Standard: Book.Find(g.First().Prescription.Movement.Value)))
            .Where(x => here.Contains(x.Standard!.Id))
            .Select(x => Cite($"kit/{x.Task.Source.At.Line}/{x.Task.Address}", Carried(x.Task, x.Standard)) + ".")
            .Distinct();
    }

    private BriefBlock.StandardOf StandardOf(Movement movement, string? who, bool judge)
    {
        var standard = InForce(movement);
        var phases = standard.Clauses.Where(c => c.Kind != ClauseKind.Tip && (!judge || c.Phase != Phase.SetUp));
        var rules = phases
            .GroupBy(c => c.Phase)
            .Select(g => new BriefRow([tongue.Say(StandardWords.Of(g.Key)), string.Join(' ', g.Select(c => Worded(movement, c)))]))
            .Concat(Departures(movement, standard))
            .ToEq();
        Eq<BriefRow> duty = judge
            ?
            [
                new([Say("Stand", "Colócate"), Cite($"judge/{movement.Id}", tongue.Say(movement.Judge.Place))]),
                .. movement.Judge.Call == Judging.CountFinish
                    ? Array.Empty<BriefRow>()
                    : [new([Say("Call", "Canta"), Cite($"judge/{movement.Id}", tongue.Say(movement.Judge.Call))])],
            ]
            : [];
        return new BriefBlock.StandardOf(
            Named(movement),
            who,
            duty,
            rules,
            judge
                ? [Say("Also a no-rep", "También es fallo"), Say("Call", "Aviso"), Say("The athlete must", "El atleta debe")]
                : [Say("No rep when", "Fallo cuando"), Say("You hear", "Oyes"), Say("You do", "Haces")],
            FaultsFor(standard, judge)
                .Select(f => new BriefRow(
                    new[] { tongue.Say(f.Sign), Quoted(f.Call), NextOf(f) }.Select(t => Cite($"fault/{movement.Id}/{f.Breaks}", t)).ToEq()
                ))
                .ToEq()
        )
        {
            Figures = options.Figures ? FiguresOf(standard, judge) : [],
        };
    }

    /// <summary>The no-reps that stand with a standard: a judge has the first of them on page one; an athlete has the likely ones of a
    /// movement, and all of a heaviest lift, a hold and a team.</summary>
    private IEnumerable<Fault> FaultsFor(Movement standard, bool judge) =>
        judge ? standard.Faults.Except(OnPageOne(standard))
        : Book.Rules(u.Workout).Any(r => r.Id == standard.Id) ? standard.Faults
        : LikelyNoReps.Of(standard, MostToAthletes);

    /// <summary>What the athlete must do next; nothing where the rep is merely not counted, which each paper says once.</summary>
    private string NextOf(Fault fault) => fault.Athlete == Write.NextGood ? "" : tongue.Say(fault.Athlete);

    /// <summary>What holds where a standard says nothing else, so that it need not be repeated with each movement.</summary>
    private string Unless() =>
        audience != Audience.Judge
            ? Say(
                "The likely no-reps stand beside the rules; for any other the judge says what follows. Where one of them says no more, "
                    + "it is not counted, and the next good rep takes its number.",
                "Los fallos más probables van al lado de las reglas; en los demás el juez dice qué sigue. Donde uno no dice más, no cuenta "
                    + "y la siguiente válida toma su número."
            )
            : Say(
                "Where nothing else stands: count aloud at the finish position; a no-rep is not counted, and the next good "
                    + "rep takes its number.",
                "Donde no se dice otra cosa: canta la cuenta en la posición final; un fallo no cuenta y la siguiente válida toma su número."
            );

    /// <summary>The positions as the clauses in force have them; judges see each typical fault beside its good pose as well.</summary>
    private Eq<BriefFigure> FiguresOf(Movement standard, bool judge) =>
        Plate.Of(standard) is not { } plate
            ? []
            : plate
                .Positions.Select(p => new BriefFigure(tongue.Say(p.Title), null, true, p.Drawing))
                .Concat(
                    judge
                        ? plate.Faults.Select(p => new BriefFigure(
                            p.Good ? "" : tongue.Say(p.Title),
                            p.Good ? Say("good", "válida") : Say("no rep", "no válida"),
                            p.Good,
                            p.Drawing
                        ))
                        : []
                )
                .ToEq();

    private string Worded(Movement movement, Clause clause) => Cite($"clause/{movement.Id}/{clause.Id}", StandardWords.Of(clause, tongue));

    /// <summary>The answers of the interview that stand in no clause.</summary>
    private BriefSection DecidedBeforehand(Audience audience)
    {
        var points = Decided
            .Of(u, DivisionsShown)
            // A judge has the first of them on page one.
            .Skip(audience == Audience.Judge ? MostPolicies : 0)
            .Select(d =>
            {
                var who = d.For.Count == 0 ? "" : tongue.Join(d.For) + ": ";
                var meaning = d.School is null ? "" : " " + tongue.Say(audience == Audience.Judge ? d.School.Judges : d.School.Athletes);
                return Cite($"topic/{d.Topic.Name}", $"{who}{OnTopic(d)}.{meaning}");
            })
            .ToEq();
        return new("decided", Say("Decided beforehand", "Decidido de antemano"), points.Count == 0 ? [] : [new BriefBlock.Points(points)]);
    }

    /// <summary>What some divisions, or one place of several, say differently: another wording, another consequence, or nothing.</summary>
    private IEnumerable<BriefRow> Departures(Movement movement, Movement general)
    {
        var places = PlacesOf(movement);
        // What stands at the one place of a movement is folded into the general standard, so it is into each division’s.
        var only = places.Count == 1 ? places[0] : null;
        foreach (var name in division is null ? DivisionsShown : [])
        {
            if (Differing(Book.InForce(movement, name, u.Workout, only), general) is { Length: > 0 } own)
            {
                yield return new([name, own]);
            }
        }

        foreach (var place in places.Count > 1 ? places : [])
        {
            if (
                Differing(Book.InForce(movement, division, u.Workout, place), Book.InForce(movement, division, u.Workout)) is
                { Length: > 0 } here
            )
            {
                yield return new([
                    Say("At: ", "En: ")
                        + Cite($"place/{place.At.Line}", Words.Lower(SpokenWork.Named(place.Amount, place.Movement, tongue))),
                    here,
                ]);
            }
        }
    }

    private string Differing(Movement own, Movement general)
    {
        var (texts, faults) = (
            general.Clauses.Select(c => c.Text).ToHashSet(),
            general.Faults.Select(f => (f.Sign, f.Call, f.Then, f.Athlete)).ToHashSet()
        );
        var gone = general
            .Clauses.Where(c => c.Kind != ClauseKind.Tip && own.Clauses.All(o => o.Id != c.Id))
            .Select(c => Say("Does not apply: ", "No se aplica: ") + Cite($"clause/{own.Id}/{c.Id}", tongue.Say(c.Text)));
        return string.Join(
            ' ',
            own.Clauses.Where(c => c.Kind != ClauseKind.Tip && !texts.Contains(c.Text))
                .Select(c => Worded(own, c))
                .Concat(gone)
                .Concat(
                    own.Faults.Where(f => !faults.Contains((f.Sign, f.Call, f.Then, f.Athlete)))
                        .Select(f => Cite($"fault/{own.Id}/{f.Breaks}", $"{tongue.Say(f.Sign)} {Quoted(f.Call)} {tongue.Say(f.Athlete)}"))
                )
        );
    }
}
