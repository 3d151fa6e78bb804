using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Briefing;

/// <summary>The card of a lane.</summary>
public sealed partial class BriefBuilder
{
    /// <summary>Boxes that stand side by side on a card; more rounds go into further tables.</summary>
    private const int BoxesInARow = 10;

    /// <summary>One card for each entry: no judge holds a card with somebody else’s numbers on it.</summary>
    private IEnumerable<BriefSection> Lane() =>
        shown.Count == 0
            ? [WhoseCard(null, null)]
            : shown.SelectMany(i =>
                Lane(u.Courses[i], u.Sheets[i]).Select(s => shown.Count == 1 ? s : s with { Entry = u.Courses[i].Address.In(tongue) })
            );

    private IEnumerable<BriefSection> Lane(Course course, ScoreSheet sheet)
    {
        yield return WhoseCard(course.Address, course);
        foreach (var set in OfThisLane(course))
        {
            yield return set;
        }

        var counters = course.Pieces.SelectMany(p => CountersOf(course, p)).ToList();
        yield return new(
            "count",
            Say("Cross off", "Tacha"),
            course
                .Pieces.SelectMany(p =>
                    counters
                        .Where(c => ReferenceEquals(c.Piece, p) && !c.IsOneNumber && c.Strand.Interval is null)
                        .SelectMany(Crossed)
                        .Concat(InIntervals(course, p))
                )
                .ToEq()
        );
        if (Menu(course) is { } menu)
        {
            yield return menu;
        }

        // One task without an end has no totals to cross off: a number is written, in one row with the others like it.
        if (counters.Where(c => c.IsOneNumber).ToList() is { Count: > 0 } open)
        {
            yield return new("numbers", Say("Write the count", "Anota la cuenta"), [OneNumber(open)]);
        }

        if (HeldSeconds(course) is { } held)
        {
            yield return held;
        }

        foreach (var tries in course.Pieces.SelectMany(p => ByMember(p, course).Concat(Tries(p, course))))
        {
            yield return tries;
        }

        // What has its place in a table above has no blank of its own.
        if (Asked(course, sheet, f => !HasPlaceAbove(course, sheet, f)).Concat(Sums(course, sheet)).ToList() is { Count: > 0 } asked)
        {
            yield return new("write", Say("Write down", "Anota"), [new BriefBlock.Blanks([.. asked.Select(f => f.TrimEnd('.'))])]);
        }

        foreach (
            var section in (IEnumerable<BriefSection>)
                [.. OwnRests(course), .. Monitors(course), .. RulesToMark(course), .. NoReps(course), .. Costs(sheet), Signed()]
        )
        {
            yield return section;
        }
    }

    /// <summary>A box for each sum of several counts: of members who each begin anew, of stations, of windows.</summary>
    private IEnumerable<string> Sums(Course course, ScoreSheet sheet) =>
        sheet
            .Components.Where(c =>
                c is { Measured: Measured.Units, Selection: null, Pieces.Count: > 1 }
                && c.Pieces.All(k => course.Piece(k) is { Piece.GoesOnFrom: null })
            )
            .Select(c =>
                Say("Together", "Suma")
                + (sheet.Components.Count > 1 ? $", {c.NameIn(tongue)}" : "")
                + Say(", for the desk", ", para la mesa")
            );

    /// <summary>True for what a table of the card asks already: lifts, a count beside its window, a time at its round, gate or
    /// checkpoint.</summary>
    private bool HasPlaceAbove(Course course, ScoreSheet sheet, CardField field) =>
        field.Field switch
        {
            CardFieldKind.Tries or CardFieldKind.Gates or CardFieldKind.By => true,
            CardFieldKind.Counted or CardFieldKind.Count => course.Piece(field.Piece) is { } piece
                && piece
                    .Strands.Where(s => field.Field == CardFieldKind.Counted || s.Key == field.Strand)
                    .All(s => s.Counter.IsOneNumber || s.Interval is not null),
            CardFieldKind.TieTime => course.Piece(field.Piece) is { } piece
                && piece.Strand is { } strand
                && (TimedRound(sheet, piece) is { } round ? HasColumn(strand, piece, round) : TimedGate(sheet, piece)),
            CardFieldKind.Marks => course.Piece(field.Piece) is { } piece
                && piece
                    .Strands.SelectMany(s => TablesOf(s.Counter, piece))
                    .SelectMany(t => t.Rows)
                    .Any(r => r.Checkpoints.Contains(field.Mark!)),
            _ => false,
        };

    /// <summary>The round at whose end a tie-break asks for the clock; null for none, and for the last full one, whichever it
    /// was.</summary>
    private static int? TimedRound(ScoreSheet sheet, CoursePiece piece) =>
        piece.Strand is null
            ? null
            : sheet
                .Components.SelectMany(c => c.Ties)
                .OfType<Tiebreak.TimeAtRound>()
                .FirstOrDefault(t => t.Piece == piece.Piece.Key && t.Round is not null)
                ?.Round;

    /// <summary>True where the clock is asked for at a gate, which stands in the table with its tick.</summary>
    private static bool TimedGate(ScoreSheet sheet, CoursePiece piece) =>
        piece.Limit is { Gates.Count: > 0 }
        && !sheet.Components.SelectMany(c => c.Ties).OfType<Tiebreak.TimeAtRound>().Any(t => t.Piece == piece.Piece.Key);

    private bool HasColumn(Strand strand, CoursePiece piece, int round) =>
        TablesOf(strand, piece).FirstOrDefault(t => t.InRounds)?.Rows.Any(r => r.Label == Figure(round)) == true;

    private BriefSection WhoseCard(Address? entry, Course? course)
    {
        if (options.Run is { } run && entry is not null)
        {
            return WhoseRun(run, entry, course);
        }

        var team = entry is { Duty: null, Division: { IsTeam: true } division }
            ? Enumerable
                .Range(1, division.Size)
                .Select(n => Cite("form/seats", tongue.Ordinal(n)) + (division.DutyOf(n) is { } d ? $" ({tongue.Name(d.Word())})" : ""))
            : [];
        return new(
            "who",
            "",
            [
                .. entry is null
                    ? Array.Empty<BriefBlock>()
                    : [new BriefBlock.Paragraph(Say("Card of ", "Tarjeta de ") + Cite($"entry/{entry}", entry.In(tongue)))],
                new BriefBlock.Blanks([
                    entry is null ? Say("Athlete or team", "Atleta o equipo")
                    : entry.Division.IsTeam ? Say("Team", "Equipo")
                    : Say("Athlete", "Atleta"),
                    .. team,
                    Say("Gym", "Gimnasio"),
                    .. entry is null ? [Say("Division", "División")] : Array.Empty<string>(),
                    Say("Heat", "Tanda"),
                    Say("Lane", "Calle"),
                    .. JudgesOfCard(course),
                    Say("Credential", "Acreditación"),
                    Say("Date", "Fecha"),
                ]),
            ]
        );
    }

    /// <summary>What is known before the run, printed; blanks for the rest.</summary>
    private BriefSection WhoseRun(CardRun run, Address entry, Course? course)
    {
        var judges = JudgesOfCard(course).ToList();
        string Judge(int post) => post < run.Judges.Count ? run.Judges[post] : "";
        (string Label, string Value)[] known =
        [
            (Say("Number", "Dorsal"), run.Bib),
            (entry.Division.IsTeam ? Say("Team", "Equipo") : Say("Athlete", "Atleta"), run.Name),
            .. run.Members.Select(
                (m, i) => (tongue.Ordinal(i + 1) + (entry.Division.DutyOf(i + 1) is { } d ? $" ({tongue.Name(d.Word())})" : ""), m)
            ),
            (Say("Gym", "Gimnasio"), run.Gym),
            (Say("Heat", "Tanda"), Figure(run.Heat)),
            (Say("Lane", "Calle"), Figure(run.Lane)),
            (Say("Starts", "Empieza"), run.Starts),
            .. judges.Select((label, i) => (label, Judge(i))),
        ];
        var printed = known.Where(k => k.Value.Length > 0).ToList();
        return new(
            "who",
            "",
            [
                new BriefBlock.Paragraph(Say("Card of ", "Tarjeta de ") + Cite($"entry/{entry}", entry.In(tongue))),
                new BriefBlock.Table(
                    null,
                    [.. printed.Select(k => Cite("form/run", k.Label))],
                    [new([.. printed.Select(k => Cite("form/run", k.Value))])]
                ),
                new BriefBlock.Blanks([.. judges.Where((_, i) => Judge(i).Length == 0), Say("Credential", "Acreditación")]),
            ]
        );
    }

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
            yield return piece.Piece.IsRising ? Heights(piece, course) : Lifts(piece, course);
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

    private IEnumerable<BriefSection> OwnRests(Course course)
    {
        var rests = Timeline.Of(course, tongue)?.OwnRests ?? [];
        if (rests.Count > 0)
        {
            yield return new(
                "rests",
                Say("Own rest", "Descanso propio"),
                [
                    new BriefBlock.Table(
                        null,
                        [Say("After", "Después de"), Say("Finished at", "Terminó en"), Say("May restart at", "Puede reiniciar en")],
                        rests.Select(r => Cited($"rest/{r.Piece}/{r.Number}", new([r.After(tongue), "", $"+ {r.Length}: "]))).ToEq()
                    ),
                ]
            );
        }
    }

    private IEnumerable<BriefSection> Monitors(Course course)
    {
        var kits = MovementsOf(course).Select(m => m.Movement).OfType<Movement>().DistinctBy(m => m.Id).Select(InForce).ToList();
        if (kits.Exists(m => m.Kit == MovementKit.Machine))
        {
            yield return new(
                "read",
                Say("Read now, before it goes dark", "Lee ahora, antes de que se apague"),
                [
                    new BriefBlock.Blanks([
                        .. kits.Where(m => m.Kit == MovementKit.Machine)
                            .SelectMany(m =>
                                new[] { Say("before", "antes"), Say("after", "después") }.Select(when =>
                                    Say("Monitor of the ", "Monitor: ") + (tongue.IsSpanish ? Named(m) : m.Name.English) + $", {when}"
                                )
                            ),
                    ]),
                ]
            );
        }
    }

    /// <summary>A row for each movement, whether a standard is written for it or not.</summary>
    private IEnumerable<BriefSection> NoReps(Course course)
    {
        var rows = MovementsOf(course)
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

    /// <summary>Faults that cost time or reps: a row each, and what one of them costs.</summary>
    private IEnumerable<BriefSection> Costs(ScoreSheet sheet)
    {
        var rows = sheet
            .Components.SelectMany(FaultCost.Of)
            .DistinctBy(c => c.Fault)
            .Select(c => new BriefRow([
                Words.Capital(FaultCost.Named(c.Fault, tongue)),
                Cite($"cost/{c.At.Line}", c.Time is { } time ? $"+{time}" : $"−{c.Units}"),
                "",
            ]))
            .ToEq();
        if (rows.Count > 0)
        {
            yield return new(
                "costs",
                Say("Faults that cost", "Faltas que cuestan"),
                [
                    new BriefBlock.Table(
                        null,
                        [Say("Fault", "Falta"), Say("Each costs", "Cada una cuesta"), Say("One stroke each", "Una raya cada una")],
                        rows
                    ),
                ]
            );
        }
    }

    private BriefSection Signed() =>
        new(
            "sign",
            "",
            [new BriefBlock.Blanks([Say("Judge’s signature", "Firma del juez"), Say("Athlete’s signature", "Firma del atleta")])]
        );

    /// <summary>A row for each window of one task as often as possible, with a tick for its bonus where it has one.</summary>
    private BriefBlock.Table OneNumber(List<CardCounter> counters)
    {
        string? Target(CardCounter c) =>
            c.Tasks[0].Counted.Credit is Credit.WithBonus { At: { } at } ? Cite($"bonus/{c.Piece.Piece.Key}/{c.Entry}", Figure(at)) : null;
        var ticked = counters.Exists(c => c.Tasks[0].Counted.Credit is Credit.WithBonus { At: not null });
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
            counters
                .Select(c => new BriefRow([
                    Words.Capital(CounterName(c) is { Length: > 0 } name ? name : Say("all the work", "todo el trabajo")),
                    Named(c.Movement) + (c.Tasks[0].Unit == AmountUnit.Rep ? "" : $", {c.Tasks[0].Unit.Symbol()}"),
                    .. ticked ? [Target(c) is { } at ? $"□ {at}" : ""] : Array.Empty<string>(),
                    "",
                ]))
                .ToEq()
        );
    }

    /// <summary>The movements of one entry, options too, with their standards where there are any.</summary>
    private List<(string Name, Movement? Movement)> MovementsOf(Course course) =>
        course
            .Pieces.SelectMany(p => p.Tasks)
            .SelectMany(t => t.Options.Count > 0 ? t.Options.Select(o => o.Prescription.Movement.Value) : [t.Prescription.Movement.Value])
            .Select(name => (name, Book.Find(name)))
            .DistinctBy(m => m.Item2?.Id ?? m.name)
            .ToList();
}
