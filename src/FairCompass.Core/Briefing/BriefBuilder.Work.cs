using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Explaining;
using FairCompass.Core.Languages;
using FairCompass.Core.Notation;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Briefing;

/// <summary>The work, its loads, and its clock.</summary>
public sealed partial class BriefBuilder
{
    private BriefSection Work()
    {
        var lines = StagesShown()
            .SelectMany(
                (stage, i) =>
                    (
                        tongue.IsSpanish
                            ? SpanishLines.Of([stage], tongue).Select(l => new BriefLine(l.Level, l.Text))
                            : EnglishLines(stage)
                    ).Select(l => l with { Text = Cite($"stage/{i}", l.Text) })
            )
            .ToEq();
        var blocks = new List<BriefBlock>();
        if (lines.Count > 0)
        {
            blocks.Add(new BriefBlock.Lines(lines));
        }

        if (u.Workout.Order is { } order && shown.Count > 0)
        {
            var (first, second) = order == DutyOrder.ManWoman ? (Duty.Man.Word(), Duty.Woman.Word()) : (Duty.Woman.Word(), Duty.Man.Word());
            blocks.Add(
                new BriefBlock.Paragraph(
                    Say($"Two values a/b are {first}/{second}.", $"Dos valores a/b son {tongue.Name(first)}/{tongue.Name(second)}.")
                )
            );
        }

        return new("work", Say("The workout", "La prueba"), blocks.ToEq());
    }

    private IEnumerable<Stage> StagesShown() =>
        division is not null && u.Competition.Find(division) is { } own
            ? u.Workout.Stages.Select(new OneDivision(u.Competition, u.Workout, u.Resolver, own).Of)
            : u.Workout.Stages;

    /// <summary>English papers print the draft's own lines.</summary>
    private IEnumerable<BriefLine> EnglishLines(Stage stage)
    {
        var printed = Printer.Print(
            u.Workout with
            {
                Title = "x",
                Note = null,
                Headers = [],
                Stages = [stage],
                Scores = [],
                Policies = [],
            }
        );
        foreach (var line in printed.Split('\n').Skip(2).Where(l => l.Length > 0))
        {
            var text = line.TrimStart(' ');
            yield return new((line.Length - text.Length) / 2, text);
        }
    }

    private BriefSection Loads()
    {
        var heading = Say("Loads and amounts", "Cargas y cantidades");
        var rows = new List<BriefRow>();
        foreach (var row in GridRows.Of(u, tongue))
        {
            var cells = columns
                .Select(i =>
                    row.Cells[i].Text.Length == 0 ? "–" : Cite($"cell/{row.Line}/{row.Aspect}/{u.Resolver.Addresses[i]}", row.Cells[i].Text)
                )
                .ToList();
            // An amount that is the same for all stands in the workout above, and so does a division’s own movement.
            if ((row.Aspect == "amount" || (division is not null && row.Aspect == "movement")) && cells.Distinct().Count() == 1)
            {
                continue;
            }

            var label = row.Aspect switch
            {
                "amount" => row.Unit == tongue.Say(Term.Rep.Many) ? "" : ", " + row.Unit,
                "load" => row.Unit is null ? "" : ", " + row.Unit,
                "height" => "",
                _ => Say(", instead", ", en su lugar"),
            };
            rows.Add(new(cells.Prepend(Cite($"row/{row.Line}/{row.Aspect}", Words.Capital(row.Name) + label)).ToEq()));
        }

        if (rows.Count == 0 || shown.Count == 0)
        {
            return new("loads", heading, []);
        }

        var head = columns
            .Select(i => u.Resolver.Addresses[i])
            .Select(a => Cite($"entry/{a}", division is null ? a.In(tongue) : a.WithinIn(tongue)));
        return new("loads", heading, [new BriefBlock.Table(null, head.Prepend("").ToEq(), rows.ToEq())]);
    }

    private BriefSection Clock()
    {
        var heading = Say("The clock", "El reloj");
        if (HallClock() is not { Calls.Count: > 0 } clock)
        {
            return new("clock", heading, []);
        }

        var blocks = new List<BriefBlock>
        {
            new BriefBlock.Table(
                null,
                [Say("Clock", "Reloj"), Say("Call", "Aviso")],
                clock.Calls.Select((c, i) => new BriefRow([Cite($"call/{i}", c.At.ToString()), Spoken(c, i)])).ToEq()
            ),
        };
        if (WhoIsWhere(clock, Say("Who is where", "Quién está dónde"), Say("Where", "Dónde")) is { } where)
        {
            blocks.Add(where);
        }

        var notes = clock
            .Forks.Select((f, i) => Cite($"fork/{i}", f.Words))
            .Concat(
                clock.OwnRests.Select(
                    (r, i) =>
                        Cite(
                            $"rest/{i}",
                            Say(
                                $"Own rest of {r.Length}: it begins at each athlete’s own finish of {r.AfterUnits}. Write down "
                                    + $"“finished at” and “may restart at”, {r.Length} later.",
                                $"Descanso propio de {r.Length}: empieza cuando cada atleta termina {r.AfterUnits}. Anota "
                                    + $"«terminó en» y «puede reiniciar en», {r.Length} después."
                            )
                        )
                )
            )
            .Append(
                clock.Judges > 1
                    ? Cite(
                        "judges",
                        Say(
                            $"A lane needs {clock.Judges} judges at the busiest moment.",
                            $"Una calle necesita {clock.Judges} jueces en el momento de más trabajo."
                        )
                    )
                    : ""
            )
            .Where(n => n.Length > 0)
            .ToEq();
        if (notes.Count > 0)
        {
            blocks.Add(new BriefBlock.Points(notes));
        }

        return new("clock", heading, blocks.ToEq());
    }

    private string Spoken(ClockCall call, int index) => Cite($"call/{index}", tongue.Quote(Words.Capital(call.Words)));

    /// <summary>Who works where, who rests, who changes a load, span by span; null when everybody is at one place.</summary>
    private BriefBlock.Table? WhoIsWhere(Timeline clock, string? caption, string head) =>
        clock.Spans.All(s => s.Where.Count == 0)
            ? null
            : new(
                caption,
                [Say("Clock", "Reloj"), head],
                clock
                    .Spans.Select((s, i) => (s, i))
                    .Where(x => x.s.Where.Count > 0)
                    .Select(x => new BriefRow([
                        Cite($"span/{x.i}", Say($"{x.s.Starts} to {x.s.Ends}", $"{x.s.Starts} a {x.s.Ends}")),
                        Cite($"span/{x.i}", string.Join("; ", x.s.Where.GroupBy(w => w.Said).Select(g => Doing(g.Key, g.ToList())))),
                    ]))
                    .ToEq()
            );

    /// <summary>Who does a thing, as a sentence where it is a verb: <c>2nd and 3rd rest</c>; else who is at what: <c>1st:
    /// Oars</c>.</summary>
    private string Doing(Said does, List<Presence> who)
    {
        var names = tongue.Join(who.Select(w => w.Who is null ? Say("all", "todos") : Glossary.Usual(w.Who, tongue)));
        var several = who.Count > 1 || who.Exists(w => w.Who is null);
        return does == Presence.Works ? names + (several ? Say(" work", " trabajan") : Say(" works", " trabaja"))
            : does == Presence.Rests ? names + (several ? Say(" rest", " descansan") : Say(" rests", " descansa"))
            : $"{names}: {tongue.Say(does)}";
    }
}
