using System.Text.RegularExpressions;
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
                    SpokenWork
                        .Of([stage], tongue, u.Workout.Order ?? DutyOrder.ManWoman)
                        .Select(l => new BriefLine(l.Level, Cite($"stage/{i}", l.Text)))
            )
            .ToEq();
        var blocks = new List<BriefBlock>();
        if (lines.Count > 0)
        {
            blocks.Add(new BriefBlock.Lines(lines));
        }

        if (u.Workout.Order is { } order && shown.Count > 0 && lines.Any(l => Stroke.IsMatch(l.Text)))
        {
            var (first, second) =
                order == DutyOrder.ManWoman
                    ? (Say("men", "hombres"), Say("women", "mujeres"))
                    : (Say("women", "mujeres"), Say("men", "hombres"));
            blocks.Add(
                new BriefBlock.Paragraph(
                    Say(
                        $"Of two values the first is for {first}, the second for {second}.",
                        $"De dos valores, el primero es para {first} y el segundo para {second}."
                    )
                )
            );
        }

        return new("work", Say("The workout", "La prueba"), blocks.ToEq());
    }

    /// <summary>Two values with a stroke between: <c>22.5/15</c>.</summary>
    [GeneratedRegex(@"\d/\d")]
    private static partial Regex Stroke { get; }

    private IEnumerable<Stage> StagesShown() =>
        division is not null && u.Competition.Find(division) is { } own
            ? u.Workout.Stages.Select(new OneDivision(u.Competition, u.Workout, u.Resolver, own).Of)
            : u.Workout.Stages;

    private BriefSection Loads()
    {
        var heading = Say("Loads and amounts", "Cargas y cantidades");
        var rows = GridRows
            .Of(u, tongue)
            .GroupBy(r => r.Line)
            .SelectMany(g => g.Where(r => r.Aspect != "movement").SelectMany(LoadRows).Concat(BonusRows(g.Key)))
            .ToList();
        if (rows.Count == 0 || shown.Count == 0)
        {
            return new("loads", heading, []);
        }

        var head = columns
            .Select(i => u.Resolver.Columns[i])
            .Select(a => Cite($"entry/{a}", division is null ? a.In(tongue) : a.WithinIn(tongue)));
        return new("loads", heading, [new BriefBlock.Table(null, head.Prepend("").ToEq(), rows.ToEq())]);
    }

    /// <summary>A row for each movement that a task is done as, with the divisions that do it; none for what nobody shown does.</summary>
    private IEnumerable<BriefRow> LoadRows(GridRow row)
    {
        var done = columns.Where(i => row.Cells[i].Text.Length > 0).GroupBy(i => MovementAt(row, i)).ToList();
        var label = row.Aspect switch
        {
            "amount" => row.Unit == tongue.Say(Term.Rep.Many) ? "" : ", " + row.Unit,
            "load" => row.Unit is null ? "" : ", " + row.Unit,
            _ => "",
        };
        foreach (var movement in done)
        {
            var cells = columns
                .Select(i => movement.Contains(i) ? Cite($"cell/{row.Line}/{row.Aspect}/{u.Resolver.Columns[i]}", row.Cells[i].Text) : "–")
                .ToList();
            // An amount that is the same for all stands in the workout above.
            if (row.Aspect != "amount" || done.Count > 1 || HasWays(row) || cells.Distinct().Count() > 1)
            {
                yield return new(cells.Prepend(Cite($"row/{row.Line}/{row.Aspect}", Words.Capital(movement.Key) + label)).ToEq());
            }
        }
    }

    /// <summary>What a column does in a row: the movement of its task, or of the way to do it that the row is of.</summary>
    private string MovementAt(GridRow row, int column) =>
        u.Prescribed.FirstOrDefault(p =>
            ReferenceEquals(p.Address, u.Resolver.Columns[column]) && p.At == default && (p.Option?.At.Line ?? p.Source.At.Line) == row.Line
        )
            is { } task
            ? (task.Option is null ? "" : Say("or ", "o ")) + tongue.Movement(task.Prescription.Movement.Value)
            : row.Name;

    private BriefSection Clock() => new("clock", Say("The clock", "El reloj"), Clocks().SelectMany(ClockOf).ToEq());

    private IEnumerable<BriefBlock> ClockOf(SharedClock clock)
    {
        if (clock.Calls.Count == 0)
        {
            yield break;
        }

        yield return new BriefBlock.Table(
            WhoseOf(clock),
            [Say("Clock", "Reloj"), Say("Call", "Aviso")],
            clock.Calls.Select(c => new BriefRow([Cite($"call/{c.At.Ms}", c.At.ToString()), Spoken(c)])).ToEq()
        );
        if (WhoIsWhere(clock, Say("Who is where", "Quién está dónde"), Say("Where", "Dónde")) is { } where)
        {
            yield return where;
        }

        var notes = clock
            .Forks.Select(f => Cite($"fork/{f[0].Value.At.Ms}", f[0].Value.In(EachOf(f, x => Figure(x.Counted)), tongue)))
            .Concat(clock.OwnRests.Select(Resting))
            .Append(
                clock.Hall.Judges > 1
                    ? Cite(
                        "judges",
                        Say(
                            $"A lane needs {clock.Hall.Judges} judges at the busiest moment.",
                            $"Una calle necesita {clock.Hall.Judges} jueces en el momento de más trabajo."
                        )
                    )
                    : ""
            )
            .Where(n => n.Length > 0)
            .ToEq();
        if (notes.Count > 0)
        {
            yield return new BriefBlock.Points(notes);
        }
    }

    private string Resting(Eq<Shared<OwnedRest>> rest)
    {
        var (length, after) = (rest[0].Value.Length, EachOf(rest, r => r.After(tongue)));
        return Cite(
            $"rest/{rest[0].Value.Piece}/{rest[0].Value.Number}",
            Say(
                $"Own rest of {length}: it begins at each athlete’s own finish of {after}. Write down “finished at” and “may "
                    + $"restart at”, {length} later.",
                $"Descanso propio de {length}: empieza cuando cada atleta termina {after}. Anota «terminó en» y «puede reiniciar "
                    + $"en», {length} después."
            )
        );
    }

    private string Spoken(ClockCall call) => Cite($"call/{call.At.Ms}", tongue.Quote(Words.Capital(call.Words)));

    /// <summary>Who works where, who rests, who changes a load, span by span; null when everybody is at one place.</summary>
    private BriefBlock.Table? WhoIsWhere(SharedClock clock, string? caption, string head) =>
        clock.Hall.Spans.All(s => s.Where.Count == 0)
            ? null
            : new(
                string.Join(", ", new[] { caption, WhoseOf(clock) }.OfType<string>()) is { Length: > 0 } title ? title : null,
                [Say("Clock", "Reloj"), head],
                clock
                    .Hall.Spans.Where(s => s.Where.Count > 0)
                    .Select(s =>
                        Cited(
                            $"span/{s.Starts.Ms}",
                            new([
                                Say($"{s.Starts} to {s.Ends}", $"{s.Starts} a {s.Ends}"),
                                string.Join("; ", s.Where.GroupBy(w => w.Said).Select(g => Doing(g.Key, g.ToList()))),
                            ])
                        )
                    )
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
