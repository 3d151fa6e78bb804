using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Briefing;

/// <summary>The card of a lane, and the sheet of the desk that reads it.</summary>
public sealed partial class BriefBuilder
{
    /// <summary>Boxes that stand side by side on a card; more rounds go into further tables.</summary>
    private const int BoxesInARow = 10;

    private IEnumerable<BriefSection> Desk() => shown.Count == 0 ? [] : [Scoring(), .. CheckSums(), Writing(), SendBack()];

    /// <summary>The most that a card can say.</summary>
    private IEnumerable<BriefSection> CheckSums()
    {
        var rows = shown
            .SelectMany(i =>
                u.Courses[i]
                    .Pieces.Where(p => p.Strand is { TooLarge: false, Units: not null })
                    .Select(p =>
                        (
                            Who: u.Courses[i].Address,
                            p.Piece.Key,
                            Part: p.Piece.IsNamed ? p.Piece.NameIn(tongue) : Say("all the work", "todo el trabajo"),
                            Units: Figure(p.Strand!.Units!.Value),
                            Rounds: p.Strand.Rounds is { } n && n > 1 ? Figure(n) : "–"
                        )
                    )
            )
            .ToList();
        if (rows.Count > 0)
        {
            // Entries of the same totals stand in one row.
            var grouped = rows.GroupBy(r => (r.Part, r.Units, r.Rounds))
                .Select(g =>
                    Cited(
                        $"sums/{g.First().Key}/{g.First().Who}",
                        new([
                            WhoOf(g.Select(r => r.Who), shown.Select(i => u.Courses[i].Address).ToList()),
                            g.Key.Part,
                            g.Key.Units,
                            g.Key.Rounds,
                        ])
                    )
                );
            yield return new(
                "sums",
                Say("Check sums: no card can say more", "Sumas de control: ninguna tarjeta puede decir más"),
                [
                    new BriefBlock.Table(
                        null,
                        [
                            Say("Entry", "Inscripción"),
                            Say("Part", "Parte"),
                            Say("Counted units", "Unidades contadas"),
                            Say("Rounds", "Rondas"),
                        ],
                        grouped.ToEq()
                    ),
                ]
            );
        }
    }

    private BriefSection SendBack() =>
        new(
            "refuse",
            Say("Send a card back when", "Devuelve una tarjeta si"),
            [
                new BriefBlock.Points([
                    Say(
                        "a time is after the cap, or a tie-break time is after the finish",
                        "un tiempo es posterior al tope, o un tiempo de desempate posterior al final"
                    ),
                    Say(
                        "all units are done and there is no time, or there is a time and units are missing",
                        "están hechas todas las unidades y falta el tiempo, o hay tiempo y faltan unidades"
                    ),
                    Say("a signature, the division, the lane or the heat is missing", "falta una firma, la división, la calle o la tanda"),
                    Say(
                        "its code is not the code of this page: another version was judged",
                        "su código no es el de esta hoja: se juzgó otra versión"
                    ),
                ]),
            ]
        );

    private IEnumerable<BriefSection> Lane()
    {
        yield return WhoseCard();
        if (shown.Count == 0)
        {
            yield break;
        }

        var (course, sheet) = (u.Courses[shown[0]], u.Sheets[shown[0]]);
        // One task without an end has no totals to cross off: a number is written, in one row with the others like it.
        var open = course.Pieces.Where(IsOneNumber).ToList();
        yield return new(
            "count",
            Say("Cross off", "Tacha"),
            course
                .Pieces.Where(p => p.Strand is { TooLarge: false } && !IsOneNumber(p))
                .SelectMany(CountedAlike)
                .SelectMany(x => Crossed(x.Piece, x.Who, x.Id))
                .ToEq()
        );
        if (open.Count > 0)
        {
            yield return new("numbers", Say("Write the count", "Anota la cuenta"), [OneNumber(open, course)]);
        }

        foreach (var tries in course.Pieces.SelectMany(p => Tries(p, course)))
        {
            yield return tries;
        }

        if (Asked(course, Card.Fields(course, sheet, tongue)) is { Count: > 0 } asked)
        {
            yield return new("write", Say("Write down", "Anota"), [new BriefBlock.Blanks([.. asked.Select(f => f.TrimEnd('.'))])]);
        }

        foreach (var section in (IEnumerable<BriefSection>)[.. OwnRests(), .. Monitors(), .. NoReps(), Signed()])
        {
            yield return section;
        }
    }

    private BriefSection WhoseCard() =>
        new(
            "who",
            "",
            [
                new BriefBlock.Blanks([
                    Say("Athlete or team", "Atleta o equipo"),
                    Say("Gym", "Gimnasio"),
                    Say("Division", "División"),
                    Say("Heat", "Tanda"),
                    Say("Lane", "Calle"),
                    Say("Judge", "Juez"),
                    Say("Credential", "Acreditación"),
                    Say("Date", "Fecha"),
                ]),
            ]
        );

    /// <summary>Where the tries of a piece are noted: lifts with their loads, or a stroke for each attempt.</summary>
    private IEnumerable<BriefSection> Tries(CoursePiece piece, Course course)
    {
        var attempts = piece
            .Tasks.SelectMany(t =>
                t.Source.Lines.OfType<TaskLine.Attempt>().Select(a => (Movement: t.Prescription.Movement.Value, By: a.Movement))
            )
            .Distinct()
            .ToList();
        if (piece.Piece.IsHeaviest)
        {
            yield return new(
                "tries-" + piece.Piece.Key,
                Cite($"piece/{piece.Piece.Key}/{course.Address}", piece.Piece.NameIn(tongue)) + Say(": every lift", ": cada levantamiento"),
                [
                    new BriefBlock.Table(
                        null,
                        [Say("Try", "Intento"), Say("Load", "Carga"), Say("Made", "Válido"), Say("Missed", "Fallado")],
                        Enumerable.Range(1, 6).Select(n => new BriefRow([Cite("form/tries", Figure(n)), "", "□", "□"])).ToEq()
                    ),
                ]
            );
        }
        else if (attempts.Count > 0)
        {
            yield return new(
                "tries-" + piece.Piece.Key,
                Say("Attempts, one stroke each", "Intentos, una raya cada uno"),
                [
                    new BriefBlock.Table(
                        null,
                        ["", Say("Made", "Válidos"), Say("Missed", "Fallados")],
                        attempts
                            .Select(a => new BriefRow([
                                $"{Named(a.Movement)} ({Say("attempt", "intento")}: {tongue.Movement(a.By)})",
                                "",
                                "",
                            ]))
                            .ToEq()
                    ),
                ]
            );
        }
    }

    private IEnumerable<BriefSection> OwnRests()
    {
        var rests = HallClock()?.OwnRests ?? [];
        if (rests.Count > 0)
        {
            yield return new(
                "rests",
                Say("Own rest", "Descanso propio"),
                [
                    new BriefBlock.Table(
                        null,
                        [Say("After", "Después de"), Say("Finished at", "Terminó en"), Say("May restart at", "Puede reiniciar en")],
                        rests.Select((r, i) => Cited($"rest/{i}", new([Figure(r.AfterUnits), "", $"+ {r.Length}: "]))).ToEq()
                    ),
                ]
            );
        }
    }

    private IEnumerable<BriefSection> Monitors()
    {
        var kits = StandardsShown();
        if (kits.Exists(m => m.Kit == MovementKit.Machine))
        {
            yield return new(
                "read",
                Say("Read now, before it goes dark", "Lee ahora, antes de que se apague"),
                [
                    new BriefBlock.Blanks([
                        .. kits.Where(m => m.Kit == MovementKit.Machine)
                            .Select(m => Say("Monitor of the ", "Monitor: ") + (tongue.IsSpanish ? Named(m) : m.Name.English)),
                    ]),
                ]
            );
        }
    }

    /// <summary>A row for each movement, whether a standard is written for it or not.</summary>
    private IEnumerable<BriefSection> NoReps()
    {
        var rows = Movements()
            .Select(m => m.Movement is { } known ? Named(known) : Words.Capital(tongue.Movement(m.Name)))
            .Distinct()
            .Select(name => new BriefRow([name, ""]))
            .ToEq();
        if (rows.Count > 0)
        {
            yield return new(
                "noreps",
                Say("No-reps called", "Nulas cantadas"),
                [new BriefBlock.Table(null, [Say("Movement", "Ejercicio"), Say("One stroke each", "Una raya cada una")], rows)]
            );
        }
    }

    private BriefSection Signed() =>
        new(
            "sign",
            "",
            [new BriefBlock.Blanks([Say("Judge’s signature", "Firma del juez"), Say("Athlete’s signature", "Firma del atleta")])]
        );

    private static bool IsOneNumber(CoursePiece piece) => piece is { Tasks.Count: 1, Strand: { Units: null, HasRounds: false } };

    /// <summary>A row for each window of one task as often as possible, with a tick for its bonus where it has one.</summary>
    private BriefBlock.Table OneNumber(List<CoursePiece> pieces, Course course)
    {
        string? Target(CoursePiece p) =>
            p.Tasks[0].Counted.Credit is Credit.WithBonus { At: { } at } ? Cite($"bonus/{p.Piece.Key}/{course.Address}", Figure(at)) : null;
        var ticked = pieces.Exists(p => p.Tasks[0].Counted.Credit is Credit.WithBonus { At: not null });
        Eq<string> head =
        [
            Say("Window", "Ventana"),
            Say("Movement", "Ejercicio"),
            .. ticked ? [Say("Target reached", "Objetivo alcanzado")] : Array.Empty<string>(),
            Say("Count", "Cuenta"),
        ];
        return new(
            null,
            head,
            pieces
                .Select(p => new BriefRow([
                    Words.Capital(
                        p.Piece.IsNamed
                            ? Cite($"piece/{p.Piece.Key}/{course.Address}", p.Piece.NameIn(tongue))
                            : Say("all the work", "todo el trabajo")
                    ),
                    Named(p.Tasks[0].Prescription.Movement.Value),
                    .. ticked ? [Target(p) is { } at ? $"□ {at}" : ""] : Array.Empty<string>(),
                    "",
                ]))
                .ToEq()
        );
    }

    /// <summary>A row a task, a box a round with the running total in it; work that is no plain loop has a row a step.</summary>
    private IEnumerable<BriefBlock> Crossed(CoursePiece piece, string who, string id)
    {
        var caption = RunningCaption(piece, who, id);
        var tables = Ledger.Of(piece.Strand!, piece.Tasks, tongue, piece.Strand!.Units is null ? 2 * BoxesInARow : 3 * BoxesInARow);
        foreach (var table in tables)
        {
            if (table.InRounds)
            {
                foreach (var rounds in table.Rows.Chunk(BoxesInARow))
                {
                    Eq<string> head =
                    [
                        "",
                        .. rounds.Select(r =>
                            Cite(
                                $"round/{id}/{r.Label}",
                                $"{Say("Round", "Ronda")} {r.Label}{Bar(r)}{(r.Note is null ? "" : $" ({r.Note})")}"
                            )
                        ),
                    ];
                    yield return new BriefBlock.Boxes(
                        caption,
                        head,
                        table
                            .Rows[0]
                            .Cells.Select(
                                (c, i) =>
                                    new BriefRow([
                                        Cite($"amounts/{id}/{c.Task}", Amounts(table, i, piece)),
                                        .. rounds.Select(r => i < r.Cells.Count ? Cite($"round/{id}/{r.Label}", Total(r.Cells[i])) : ""),
                                    ])
                            )
                            .ToEq()
                    );
                    caption = null;
                }
            }
            else
            {
                foreach (var steps in table.Rows.Chunk(2 * BoxesInARow))
                {
                    yield return new BriefBlock.Boxes(
                        caption,
                        ["", "Total"],
                        steps
                            .Select(r =>
                                Cited(
                                    $"round/{id}/{r.Label}",
                                    r.Cells.Count == 0 ? new BriefRow([Words.Capital(r.Note ?? ""), ""]) : Step(r, piece)
                                )
                            )
                            .ToEq()
                    );
                    caption = null;
                }
            }
        }
    }

    private BriefRow Step(LedgerRow row, CoursePiece piece) =>
        new([
            (row.Label.Length == 0 ? "" : row.Label + "  ") + string.Join(" + ", row.Cells.Select(c => Done(c, piece))) + Bar(row),
            Total(row.Cells[^1]),
        ]);

    /// <summary>The task with its amount: <c>12 power clean</c>, <c>21-15-9 thruster</c>; only the movement where the amounts go
    /// on.</summary>
    private string Amounts(LedgerTable table, int cell, CoursePiece piece)
    {
        var of = table.Rows.Where(r => cell < r.Cells.Count).Select(r => r.Cells[cell]).ToList();
        var amounts = of.Select(c => c.Amount).Distinct().ToList();
        return amounts.Count == 1 ? Words.Capital(Done(of[0], piece))
            : !table.More && of.Count <= 5
                ? string.Join('-', of.Select(c => c.Amount is { } n ? Figure(n) : Say("max", "máx.")))
                    + " "
                    + tongue.Movement(piece.Tasks[of[0].Task].Prescription.Movement.Value)
            : Named(piece.Tasks[of[0].Task].Prescription.Movement.Value);
    }
}
