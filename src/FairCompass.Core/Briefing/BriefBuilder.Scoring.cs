using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Text;

namespace FairCompass.Core.Briefing;

/// <summary>What is written down, and what it is worth.</summary>
public sealed partial class BriefBuilder
{
    private BriefSection Writing()
    {
        var heading = Say("What you write down", "Qué anotas");
        var blocks = new List<BriefBlock>();
        if (shown.Count == 0)
        {
            return new("writing", heading, []);
        }

        var fields = Card.Fields(u.Courses[shown[0]], u.Sheets[shown[0]], tongue);
        if (fields.Count > 0)
        {
            blocks.Add(new BriefBlock.Points(Asked(u.Courses[shown[0]], fields)));
        }

        if (MinuteByMinute(u.Courses[shown[0]], fields) is { } minutes)
        {
            blocks.Add(minutes);
        }

        foreach (
            var piece in u.Courses[shown[0]]
                .Pieces.Where(p => p.Strand is { TooLarge: false } && (p.Tasks.Count > 1 || p.Strand.HasRounds))
                .DistinctBy(p => (p.Piece.At.Line, p.Piece.Seat is null ? 0 : p.Piece.Seat))
        )
        {
            foreach (var (same, who, id) in CountedAlike(piece))
            {
                blocks.Add(Running(same, who, id));
            }
        }

        return new("writing", heading, blocks.ToEq());
    }

    /// <summary>The piece as each group of entries counts it that counts alike; the words name the group, where there are
    /// several.</summary>
    private IEnumerable<(CoursePiece Piece, string Who, string Id)> CountedAlike(CoursePiece piece) =>
        shown
            .Select(i => (Piece: u.Courses[i].Pieces.FirstOrDefault(p => p.Piece.Key == piece.Piece.Key), u.Courses[i].Address))
            .Where(x => x.Piece?.Strand is { TooLarge: false })
            .GroupBy(x =>
                string.Join(
                    '|',
                    x.Piece!.Tasks.Select(t =>
                        t.Count?.ToString()
                        + t.Unit
                        + t.Counted
                        + (t.Prescription.Load is { Value.Values.IsConstant: false } bar ? bar.Value.ToString() : "")
                    )
                )
            )
            .Select(g =>
                (
                    g.First().Piece!,
                    Who: g.Count() == shown.Count
                        ? ""
                        : " · " + tongue.Join(Entries.Named(g.Select(x => x.Address), shown.Select(i => u.Courses[i].Address), tongue)),
                    $"{piece.Piece.Key}/{g.First().Address}"
                )
            );

    /// <summary>The running totals, so that no judge has to add.</summary>
    private BriefBlock.Table Running(CoursePiece piece, string who, string id)
    {
        var rows = new List<BriefRow>();
        var tables = Ledger.Of(piece.Strand!, piece.Tasks, tongue, piece.Strand!.Units is null ? 12 : 30);
        Eq<string> head = ["", .. piece.Tasks.Select(t => Named(t.Prescription.Movement.Value))];
        var plain = tables.Count == 1 && tables[0].InRounds;
        foreach (var table in tables)
        {
            foreach (var row in table.Rows)
            {
                var from = $"round/{id}/{row.Label}";
                if (plain)
                {
                    var round = $"{Say("Round", "Ronda")} {row.Label}{Bar(row)}{(row.Note is null ? "" : $" ({row.Note})")}";
                    rows.Add(Cited(from, new([round, .. row.Cells.Select(Total)])));
                }
                else if (row.Cells.Count == 0)
                {
                    rows.Add(Cited(from, new([row.Label, Words.Capital(row.Note ?? ""), ""])));
                }
                else
                {
                    rows.AddRange(row.Cells.Select(c => Cited(from, new([row.Label, Done(c, piece), Total(c)]))));
                }
            }
        }

        return new(RunningCaption(piece, who, id), plain ? head : [Say("Round", "Ronda"), Say("Work", "Trabajo"), "Total"], rows.ToEq());
    }

    private BriefRow Cited(string from, BriefRow row)
    {
        foreach (var cell in row.Cells)
        {
            Cite(from, cell);
        }

        return row;
    }

    private string RunningCaption(CoursePiece piece, string who, string id)
    {
        var name = piece.Piece.IsNamed ? piece.Piece.NameIn(tongue) + ": " : "";
        var all = piece.Strand!.Units is { } n ? Say($", {n} in all", $", {n} en total") : "";
        return Words.Capital(Cite($"piece/{id}", name) + Say("running totals", "totales acumulados"))
            + Cite($"piece/{id}", who)
            + Cite($"piece/{id}", all);
    }

    /// <summary>
    /// When the judge writes what: at the end of each span what is counted there, at each gate who has passed, on the way the
    /// times that break ties and begin a rest. Null when all is written at the one end of the clock.
    /// </summary>
    private BriefBlock.Table? MinuteByMinute(Course course, Eq<CardField> fields)
    {
        if (HallClock() is not { } clock)
        {
            return null;
        }

        var rows = SpansWritten(clock, course, fields).Concat(ForksWritten(clock)).Concat(RestsWritten(clock)).ToList();
        return rows.Count < 2
            ? null
            : new(
                Say("Minute by minute", "Minuto a minuto"),
                [Say("Clock", "Reloj"), Say("Write", "Anota")],
                rows.OrderBy(r => r.At).ThenBy(r => r.Order).Select(r => r.Row).ToEq()
            );
    }

    private IEnumerable<(Duration At, int Order, BriefRow Row)> SpansWritten(Timeline clock, Course course, Eq<CardField> fields)
    {
        foreach (var (span, i) in clock.Spans.Select((s, i) => (s, i)).Where(x => x.s.Pieces.Count > 0))
        {
            var asked = fields
                .Where(f => span.Pieces.Contains(f.Piece) && f.Field is not (CardFieldKind.Stood or CardFieldKind.TieTime))
                .Select(f => Short(course, f))
                .Distinct()
                .ToList();
            var onTheWay = fields
                .Where(f => span.Pieces.Contains(f.Piece) && f.Field == CardFieldKind.TieTime)
                .Select(f => Short(course, f))
                .Distinct()
                .ToList();
            if (onTheWay.Count > 0)
            {
                yield return (
                    span.Starts,
                    1,
                    new([
                        Cite($"span/{i}", Say($"from {span.Starts}", $"desde {span.Starts}")),
                        Say("on the way: ", "en el camino: ") + Cite($"span/{i}", tongue.Join(onTheWay)),
                    ])
                );
            }

            if (asked.Count > 0)
            {
                yield return (span.Ends, 3, new([Cite($"span/{i}", span.Ends.ToString()), Cite($"span/{i}", tongue.Join(asked))]));
            }
        }
    }

    private IEnumerable<(Duration At, int Order, BriefRow Row)> ForksWritten(Timeline clock) =>
        clock.Forks.Select(
            (f, i) =>
                (
                    f.At,
                    2,
                    Cited(
                        $"fork/{i}",
                        new([
                            f.At.ToString(),
                            Say(
                                $"has {f.Units} done? tick, and go on to {f.Until}; if not, the count now",
                                $"¿lleva {f.Units}? marca y sigue hasta {f.Until}; si no, la cuenta ahora"
                            ),
                        ])
                    )
                )
        );

    private IEnumerable<(Duration At, int Order, BriefRow Row)> RestsWritten(Timeline clock) =>
        clock.OwnRests.Select(
            (r, i) =>
                (
                    r.Earliest,
                    2,
                    Cited(
                        $"rest/{i}",
                        new([
                            Say($"at {r.AfterUnits}", $"en {r.AfterUnits}"),
                            Say(
                                $"“finished at”, and {r.Length} later “may restart at”",
                                $"«terminó en» y {r.Length} después «puede reiniciar en»"
                            ),
                        ])
                    )
                )
        );

    /// <summary>What a field of the card is for, without the values it may take.</summary>
    private static string Short(Course course, CardField field) =>
        course.Piece(field.Piece)!.Piece is { } p && (p.Turn ?? p.Cycle) is not null && p.Station is { } station
            ? $"{station}: {field.Label[(field.Label.LastIndexOf(": ", StringComparison.Ordinal) + 2)..]}"
            : field.Label;

    /// <summary>What the card asks; turns that repeat are one line.</summary>
    private Eq<string> Asked(Course course, Eq<CardField> fields) =>
        fields
            .Where(f => f.Field != CardFieldKind.Stood)
            .GroupBy(f =>
                course.Piece(f.Piece)!.Piece is { } p && (p.Turn ?? p.Cycle) is not null
                    ? $"{p.Station ?? p.Label}|{f.Field.Key()}|{f.Strand}"
                    : $"{f.Piece}|{f.Label}"
            )
            .Select(g =>
            {
                var (first, piece) = (g.First(), course.Piece(g.First().Piece)!.Piece);
                var label =
                    g.Count() == 1
                        ? first.Label
                        : $"{piece.Station ?? piece.Label ?? Say("Each cycle", "Cada ciclo")}: "
                            + $"{first.Label[(first.Label.LastIndexOf(": ", StringComparison.Ordinal) + 2)..]}"
                            + $"{Say($", in each of {g.Count()} turns", $", en cada uno de {g.Count()} turnos")}";
                return Cite($"field/{first.Piece}/{first.Field.Key()}", $"{Words.Capital(label)} ({first.Hint}).");
            })
            .ToEq();

    private string Total(LedgerCell c) => (c.Credit ?? c.Total) is { } n ? Figure(n) : Say("no end", "sin fin");

    /// <summary>The bar of a round, where it climbs from round to round.</summary>
    private string Bar(LedgerRow row) =>
        row.Cells.Select(c => c.Load).OfType<string>().Distinct().ToList() is { Count: > 0 } loads ? ", " + tongue.Join(loads) : "";

    /// <summary>What is done of a task in its own unit: <c>9 thruster</c>, <c>200 m rowing machine</c>, <c>8 sections of handstand
    /// walk</c>.</summary>
    private string Done(LedgerCell c, CoursePiece piece)
    {
        var task = piece.Tasks[c.Task];
        var name = tongue.Movement(task.Prescription.Movement.Value);
        var amount = c.Amount is { } n ? Figure(n) : Say("max", "máx.");
        return task.Counted.Word switch
        {
            "cal" or "m" or "ft" => $"{amount} {task.Counted.Word} {name}",
            var word when word.StartsWith("section", StringComparison.Ordinal) =>
                $"{amount} {tongue.Say(c.Amount == 1 ? Term.Section.One : Term.Section.Many)} {Say("of", "de")} {name}",
            _ => $"{amount} {name}",
        };
    }

    private BriefSection Scoring()
    {
        var heading = Say("Scoring", "Puntuación");
        if (shown.Count == 0 || u.Sheets[shown[0]].Components.Count == 0)
        {
            return new("scoring", heading, []);
        }

        var index = shown[0];
        var (course, sheet) = (u.Courses[index], u.Sheets[index]);
        var blocks = new List<BriefBlock>
        {
            new BriefBlock.Points(
                sheet
                    .Components.SelectMany(c => ScoreSentences.Of(c, sheet, course, tongue).Select(s => Cite($"score/{c.Label}", s)))
                    .Distinct()
                    .Concat(Rulings())
                    .ToEq()
            ),
        };
        var samples = SampleRuns.Of(course, sheet, u.Competition, tongue);
        if (samples.Count > 0)
        {
            Eq<string> head =
            [
                "",
                .. sheet.Components.SelectMany(c =>
                    new[] { Words.Capital(c.Label is null ? Say("score", "puntuación") : c.NameIn(tongue)), Say("Place", "Puesto") }
                ),
            ];
            var rows = samples
                .Select(
                    (s, n) =>
                        Cited(
                            $"sample/{n}",
                            new(
                                s.Results.SelectMany((r, i) => new[] { Published(r, sheet.Components[i]), Figure(s.Places[i]) })
                                    .Prepend(Words.Capital(s.Label))
                                    .ToEq()
                            )
                        )
                )
                .ToEq();
            blocks.Add(
                new BriefBlock.Table(
                    Say("Worked examples, ", "Ejemplos resueltos, ") + Cite($"entry/{course.Address}", course.Address.In(tongue)),
                    head,
                    rows
                )
            );
        }

        return new("scoring", heading, blocks.ToEq());
    }

    private IEnumerable<string> Rulings() => ScoreSentences.Rulings(u.Workout, tongue).Select(r => Cite("rulings", r));

    /// <summary>A result with the time that broke a tie, where there is one.</summary>
    private static string Published(ComponentResult r, ScoreComponent c) =>
        r.Text + (r.TieText is { } t && r.Class <= ResultClass.AtTheCap && c.Ties.Any(x => x is Tiebreak.TimeAtRound) ? $" ({t})" : "");
}
