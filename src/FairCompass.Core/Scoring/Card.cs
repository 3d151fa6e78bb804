using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <summary>A line that the card asks the judge to fill in.</summary>
/// <param name="Piece">The piece's key.</param>
/// <param name="Field">What is asked.</param>
/// <param name="Label">What to write, in words.</param>
/// <param name="Hint">Which values are possible.</param>
/// <param name="Max">The largest count, for counts; the rounds, for <c>stood</c>; null without end.</param>
/// <param name="Limit">The latest time, for times.</param>
/// <param name="Strand">The counter, for <c>count</c>; null otherwise.</param>
public sealed record CardField(
    string Piece,
    CardFieldKind Field,
    string Label,
    string Hint,
    long? Max,
    Duration? Limit,
    string? Strand = null
);

/// <summary>A task of a counted piece, to name a place in the ledger by.</summary>
/// <param name="Index">Which task of the piece, from 0.</param>
/// <param name="Name">The movement.</param>
/// <param name="InRounds">True when a place in it names a round.</param>
/// <param name="Word">What one unit is.</param>
/// <param name="Options">The ways to do it, when there is a choice.</param>
public sealed record CardTask(int Index, string Name, bool InRounds, string Word, Eq<string> Options);

/// <summary>The observations that a card needs, generated from the workout and its scores.</summary>
public static class Card
{
    /// <summary>More than any barbell record, so that a slip of the pen is caught; kilograms or pounds alike.</summary>
    public const decimal LargestLoad = 1500;

    /// <summary>The fields in the order of the work.</summary>
    public static Eq<CardField> Fields(Course course, ScoreSheet sheet) => Fields(course, sheet, Tongue.English);

    /// <summary>The fields in the order of the work, in words of a language.</summary>
    public static Eq<CardField> Fields(Course course, ScoreSheet sheet, Tongue tongue)
    {
        var fields = new List<CardField>();
        foreach (var piece in course.Pieces)
        {
            if (IsAsked(piece.Piece.Key, sheet) && piece.Limit is not null)
            {
                Fields(piece, sheet, fields, tongue);
            }
        }

        return fields.ToEq();
    }

    /// <summary>The tasks of a piece by which a place can be named; empty when loops stand inside loops, where a place has no short
    /// name.</summary>
    public static Eq<CardTask> Tasks(CoursePiece piece) =>
        piece.Strand is not { } strand || piece.Tasks.Any(t => strand.DepthOf(t.Index) > 1)
            ? []
            : piece
                .Tasks.Where(t => strand.DepthOf(t.Index) is not null)
                .Select(t => new CardTask(
                    t.Index,
                    t.Prescription.Movement.Value,
                    strand.DepthOf(t.Index) == 1,
                    t.Counted.Word,
                    t.Options.Select(o => o.Name).ToEq()
                ))
                .ToEq();

    /// <summary>Turns places in the ledger and numbers of boxes into performed units. What does not exist, or does not say what it is, is
    /// left for <see cref="Validate"/> to refuse.</summary>
    public static RunObservation Resolve(RunObservation run, Course course)
    {
        // An option taken where the athlete stood is an option taken in that round.
        var chosen = run
            .Choices.Concat(
                run.Pieces.Where(p => p.Stood is { Option: not null })
                    .Select(p => new Chosen(p.Piece, p.Stood!.Task, p.Stood.Option!.Value, p.Stood.Round))
            )
            .Distinct()
            .ToEq();
        var taken = Refusals(chosen, course).Any() ? course : course.With(chosen);
        return run with
        {
            Choices = chosen,
            Pieces = run
                .Pieces.Select(seen =>
                    taken.Piece(seen.Piece) is not { } piece ? seen
                    : seen is { Stood: { } at, Performed: null, Counted: null, Units: null } && Units(at, piece) is { } units
                        ? seen with
                        {
                            Performed = units,
                            Stood = null,
                            Beyond = Beyond(at, piece),
                        }
                    : seen.Stood is { } place && StandsIn(place, piece) is { } counter && seen.Counts.All(c => c.Strand != counter.Strand)
                        ? CardCounts.Read(
                            seen with
                            {
                                Counts = seen.Counts.Append(counter).ToEq(),
                                Stood = null,
                                Beyond = Beyond(place, piece),
                            },
                            piece
                        )
                    : CardCounts.Read(seen, piece)
                )
                .ToEq(),
        };
    }

    /// <summary>The facts that a card under other rules asks for: a tie-break time or a doubt that nothing asks for is left out.</summary>
    public static RunObservation AsAsked(RunObservation run, Course course, ScoreSheet sheet)
    {
        var asked = Fields(course, sheet).Select(f => (f.Piece, f.Field)).ToHashSet();
        return run with
        {
            Pieces = run
                .Pieces.Select(p =>
                    p with
                    {
                        TieTime = asked.Contains((p.Piece, CardFieldKind.TieTime)) ? p.TieTime : null,
                        Unverified = asked.Contains((p.Piece, CardFieldKind.Unverified)) ? p.Unverified : null,
                    }
                )
                .ToEq(),
        };
    }

    /// <summary>Every objection to an observation that cannot have happened; paths are <c>pieces[0].finish</c>.</summary>
    public static IReadOnlyList<FieldError> Validate(RunObservation run, Course course, ScoreSheet sheet) =>
        new CardCheck(run, course, sheet).Errors();

    /// <summary>Choices that cannot have been made, with the reason.</summary>
    internal static IEnumerable<(int Index, string Sentence)> Refusals(Eq<Chosen> choices, Course course)
    {
        for (var i = 0; i < choices.Count; i++)
        {
            var c = choices[i];
            var options = course.Piece(c.Piece)?.Tasks.FirstOrDefault(t => t.Index == c.Task)?.Options.Count ?? 0;
            if (c.Option < 0 || c.Option >= options)
            {
                yield return (i, options == 0 ? "This task leaves no choice." : $"There are {options} options, numbered from 0.");
            }
            else if (c.Round is < 1)
            {
                yield return (i, "Rounds are numbered from 1.");
            }
        }
    }

    /// <summary>The count of a place; null when there is no such place.</summary>
    internal static long? Units(LedgerPlace at, CoursePiece piece) => piece.Strand is { } strand ? Units(at, piece, strand) : null;

    /// <summary>The counter of a piece with several that a place stands in, with its count there; null for no such place.</summary>
    internal static StrandCount? StandsIn(LedgerPlace at, CoursePiece piece) =>
        piece.Strand is null
        && piece.Strands.FirstOrDefault(s => s.Counter.DepthOf(at.Task) is not null) is { } counter
        && Units(at, piece, counter.Counter) is { } units
            ? new(counter.Key, units)
            : null;

    /// <summary>What a distance has beyond its last mark, which does not count.</summary>
    private static string? Beyond(LedgerPlace at, CoursePiece piece)
    {
        if (
            at.Millimetres is not { } distance
            || piece.Tasks.FirstOrDefault(t => t.Index == at.Task) is not { } task
            || Sections(distance, task, out var left) is null
            || left == 0
        )
        {
            return null;
        }

        var said = at.Metres is null ? $"{Number.Normal(decimal.Round(left / 304.8m, 2))} ft" : $"{Number.Normal(left / 1000m)} m";
        return $"{said} beyond the last whole {task.Counted.Word} do not count.";
    }

    private static long? Units(LedgerPlace at, CoursePiece piece, Strand strand)
    {
        if (
            piece.Tasks.FirstOrDefault(t => t.Index == at.Task) is not { } task
            || strand.DepthOf(at.Task) is not { } depth
            || depth > 1
            || (depth == 1) != at.Round is not null
        )
        {
            return null;
        }

        var unit = at.Millimetres is { } distance ? Sections(distance, task, out _) : at.Unit;
        Eq<long> rounds = at.Round is { } round ? [round] : [];
        return unit is not { } n ? null
            // At the start of a task stands who has done all that comes before it.
            : n == 0 ? strand.UnitsAt(new Place(rounds, at.Task, 1, null)) - 1
            : strand.UnitsAt(new Place(rounds, at.Task, n, null));
    }

    /// <summary>A distance in whole sections or units of length; null for a task that is no distance.</summary>
    /// <param name="millimetres">From 0.</param>
    /// <param name="task">The task.</param>
    /// <param name="beyond">What lies beyond the last of them, in millimetres.</param>
    internal static long? Sections(decimal millimetres, CourseTask task, out decimal beyond)
    {
        var each = task.Prescription.Counting.OfType<Detail.Marks>().FirstOrDefault() is { Every.Value: > 0 and { } every } marks
            ? new Length(every, marks.Unit).InMillimetres
            : task.Unit switch
            {
                AmountUnit.Metre => 1000m,
                AmountUnit.Foot => 304.8m,
                _ => 0m,
            };
        beyond = 0;
        if (each == 0 || millimetres < 0)
        {
            return null;
        }

        var sections = decimal.Floor(millimetres / each);
        beyond = millimetres - (sections * each);
        return sections > Count.Ceiling ? null : (long)sections;
    }

    private static bool IsAsked(string key, ScoreSheet sheet) =>
        sheet.Components.Any(c =>
            c.Pieces.Contains(key)
            || c.Ties.Any(t =>
                (t is Tiebreak.MoreOf m && m.Pieces.Contains(key)) || (t is Tiebreak.LowestMember l && l.Pieces.Contains(key))
            )
        );

    private static void Fields(CoursePiece piece, ScoreSheet sheet, List<CardField> fields, Tongue tongue)
    {
        var key = piece.Piece.Key;
        var name = piece.Piece.IsNamed ? piece.Piece.NameIn(tongue) + ": " : "";
        var end = (piece.Piece.Starts ?? Duration.Zero) + piece.Limit!.Longest;
        if (piece.Piece.IsHeaviest)
        {
            fields.Add(
                new(
                    key,
                    CardFieldKind.Tries,
                    name + tongue.Say("every lift, made or missed", "cada levantamiento, válido o fallado"),
                    tongue.Say("load on the bar, bar included", "carga de la barra, barra incluida"),
                    null,
                    null
                )
            );
            return;
        }

        var timed = sheet.Components.Any(c => c.Measured == Measured.Time && c.Pieces.Contains(key));
        if (timed)
        {
            fields.Add(
                new(
                    key,
                    CardFieldKind.Finish,
                    name + tongue.Say("finished at", "terminó en"),
                    tongue.Say($"clock time up to {end}; empty when not finished", $"hora del reloj hasta {end}; vacío si no terminó"),
                    null,
                    end
                )
            );
        }

        fields.AddRange(
            piece.Strand is { } strand ? Counted(piece, strand, name, timed, tongue) : CountedApart(piece, name, timed, tongue)
        );

        fields.AddRange(TieTimes(key, name, end, sheet, tongue));
        if (sheet.UnverifiedIsNoRep is { } noRep)
        {
            fields.Add(
                new(
                    key,
                    CardFieldKind.Unverified,
                    name + tongue.Say("of these not verified", "de estas, sin comprobar"),
                    noRep
                        ? tongue.Say("each is no rep; empty for none", "ninguna cuenta; vacío si no hay")
                        : tongue.Say("the score stays open; empty for none", "la puntuación queda abierta; vacío si no hay"),
                    piece.Strand?.Units,
                    null
                )
            );
        }
    }

    /// <summary>How far each strand was done that is counted by itself.</summary>
    private static IEnumerable<CardField> CountedApart(CoursePiece piece, string name, bool timed, Tongue tongue)
    {
        var key = piece.Piece.Key;
        foreach (var strand in piece.Strands)
        {
            var most = strand.Counter.AllCounted;
            yield return (
                new(
                    key,
                    CardFieldKind.Count,
                    $"{name}{strand.NameIn(piece, tongue)}, {tongue.Say(Word(piece.TasksOf(strand)))}"
                        + (timed ? tongue.Say(" at the cap", " en el tope") : ""),
                    most is { } m
                        ? tongue.Say(
                            $"0 to {m}{(timed ? "; only when not finished" : "")}",
                            $"de 0 a {m}{(timed ? "; solo si no terminó" : "")}"
                        )
                        : tongue.Say("how many, from 0", "cuántas, desde 0"),
                    most,
                    null,
                    strand.Key
                )
            );
        }
    }

    /// <summary>How far a piece with one running total was done, as a number or as a place.</summary>
    private static IEnumerable<CardField> Counted(CoursePiece piece, Strand counted, string name, bool timed, Tongue tongue)
    {
        var key = piece.Piece.Key;
        var word = tongue.Say(Word(piece.Tasks));
        if (timed)
        {
            // Who is one unit short has the most that an unfinished card can say.
            var most = counted.Units is { } all ? counted.Counted(Math.Max(0, all - 1)) : (long?)null;
            yield return new(
                key,
                CardFieldKind.Counted,
                name + tongue.Say($"{word} counted at the cap", $"{word} contadas en el tope"),
                tongue.Say($"0 to {most}; only when not finished", $"de 0 a {most}; solo si no terminó"),
                most,
                null
            );
        }
        else
        {
            yield return new(
                key,
                CardFieldKind.Counted,
                name + tongue.Say($"{word} counted", $"total de {word}"),
                counted.AllCounted is { } n
                    ? tongue.Say($"0 to {n}", $"de 0 a {n}")
                    : tongue.Say("the running total where the clock ended", "el total acumulado donde terminó el reloj"),
                counted.AllCounted,
                null
            );
        }

        if (Tasks(piece) is { Count: > 0 } tasks && (tasks.Count > 1 || tasks[0].InRounds || tasks[0].Options.Count > 0))
        {
            yield return new(
                key,
                CardFieldKind.Stood,
                name + tongue.Say("or where the athlete stood", "o dónde estaba el atleta"),
                tasks.Any(t => t.InRounds)
                    ? tongue.Say($"round, task, and {word} of it", $"ronda, ejercicio y sus {word}")
                    : tongue.Say($"task, and {word} of it", $"ejercicio y sus {word}"),
                counted.Rounds,
                null
            );
        }
    }

    private static IEnumerable<CardField> TieTimes(string key, string name, Duration end, ScoreSheet sheet, Tongue tongue)
    {
        foreach (
            var tie in sheet
                .Components.SelectMany(c => c.Ties)
                .Where(t => t is Tiebreak.TimeAtRound r ? r.Piece == key : t is Tiebreak.TimeAtGate g && g.Piece == key)
                .Distinct()
        )
        {
            yield return (
                new(
                    key,
                    CardFieldKind.TieTime,
                    name
                        + (
                            tie is Tiebreak.TimeAtRound { Round: { } r }
                                ? tongue.Say($"clock when round {r} ended", $"reloj al terminar la ronda {r}")
                            : tie is Tiebreak.TimeAtGate
                                ? tongue.Say("clock when the last gate was passed", "reloj al pasar la última puerta")
                            : tongue.Say("clock when the last full round ended", "reloj al terminar la última ronda completa")
                        ),
                    tongue.Say("empty when it was not reached", "vacío si no llegó"),
                    null,
                    end
                )
            );
        }
    }

    /// <summary>What the units of some tasks are called together: <c>reps</c>, <c>calories</c>, <c>reps and sections</c>.</summary>
    private static Said Word(IEnumerable<CourseTask> tasks)
    {
        var words = tasks
            .Select(t =>
                t.Counted.Word.Split(' ')[0] switch
                {
                    "m" => Term.Metre,
                    var w => Term.Of(w),
                }
            )
            .Distinct()
            .ToList();
        return (
            words.Count == 1 ? words[0]
            : words.Contains(Term.Metre) || words.Contains(Term.Foot) ? Term.Unit
            : Term.Rep
        ).Many;
    }
}
