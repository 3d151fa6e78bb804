using System.Globalization;
using System.Text.Json.Serialization;
using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;

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
)
{
    /// <summary>For <c>gates</c>: which gate of the piece, from 1; for <c>by</c>: the member’s place; null otherwise.</summary>
    public int? Number { get; init; }

    /// <summary>For <c>marks</c>: the mark’s name; null otherwise.</summary>
    public string? Mark { get; init; }

    /// <summary>For <c>faults</c>: the fault’s name; null otherwise.</summary>
    public string? Fault { get; init; }

    /// <summary>For <c>by</c>: which task of the piece, from 0; null otherwise.</summary>
    public int? Task { get; init; }

    /// <summary>For <c>tries</c>: <c>cm</c> where heights are tried; null where it is the competition’s unit of loads.</summary>
    public string? Unit { get; init; }

    /// <summary>Tells it from every other field of the card: <c>1.finish</c>, <c>1.count.A</c>.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.Never)]
    public string Key =>
        string.Join(
            '.',
            new[]
            {
                Piece,
                Field.Key(),
                Strand ?? Task?.ToString(CultureInfo.InvariantCulture) ?? Mark ?? Fault,
                Number?.ToString(CultureInfo.InvariantCulture),
            }.OfType<string>()
        );

    /// <summary>True for what follows from other fields of the card, where they are filled in.</summary>
    public bool Spare { get; init; }
}

/// <summary>A task of a counted piece, to name a place in the ledger by.</summary>
/// <param name="Index">Which task of the piece, from 0.</param>
/// <param name="Name">The movement.</param>
/// <param name="InRounds">True when a place in it names a round.</param>
/// <param name="Word">What one unit is.</param>
/// <param name="Options">The ways to do it, when there is a choice.</param>
public sealed record CardTask(int Index, string Name, bool InRounds, string Word, Eq<string> Options);

/// <summary>The observations that a card needs, generated from the workout and its scores.</summary>
public static partial class Card
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
            if (IsAsked(piece.Piece.Key, sheet))
            {
                Fields(course, piece, sheet, fields, tongue);
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
                        Marks = asked.Contains((p.Piece, CardFieldKind.Marks)) ? p.Marks : [],
                        By = asked.Contains((p.Piece, CardFieldKind.By)) ? p.By : [],
                        Faults = asked.Contains((p.Piece, CardFieldKind.Faults)) ? p.Faults : [],
                        Gates = asked.Contains((p.Piece, CardFieldKind.Gates)) ? p.Gates : [],
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

    private static bool IsAsked(string key, ScoreSheet sheet) =>
        sheet.Components.Any(c =>
            c.Pieces.Contains(key)
            || c.Ties.Any(t =>
                (t is Tiebreak.MoreOf m && m.Pieces.Contains(key)) || (t is Tiebreak.LowestMember l && l.Pieces.Contains(key))
            )
        );

    private static CardField Tries(CoursePiece piece, string name, Tongue tongue) =>
        piece.Piece.IsRising
            ? new(
                piece.Piece.Key,
                CardFieldKind.Tries,
                name + tongue.Say("every height tried, made or missed", "cada altura intentada, válida o fallada"),
                tongue.Say("height in cm", "altura en cm"),
                null,
                null
            )
            {
                Unit = "cm",
            }
            : new(
                piece.Piece.Key,
                CardFieldKind.Tries,
                name + tongue.Say("every lift, made or missed", "cada levantamiento, válido o fallado"),
                tongue.Say("load on the bar, bar included", "carga de la barra, barra incluida"),
                null,
                null
            );

    private static void Fields(Course course, CoursePiece piece, ScoreSheet sheet, List<CardField> fields, Tongue tongue)
    {
        var key = piece.Piece.Key;
        var name = piece.Piece.IsNamed ? piece.Piece.NameIn(tongue) + ": " : "";
        // A finish needs no cap: where nobody has said how long the window is, only who has not finished cannot be scored.
        Duration? end = piece.Limit is { } limit ? (piece.Piece.Starts ?? Duration.Zero) + limit.Longest : null;
        if (piece.Piece.IsHeaviest)
        {
            fields.Add(Tries(piece, name, tongue));
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
                    end is { } latest
                        ? tongue.Say(
                            $"clock time up to {latest}; empty when not finished",
                            $"hora del reloj hasta {latest}; vacío si no terminó"
                        )
                        : tongue.Say("clock time; empty when not finished", "hora del reloj; vacío si no terminó"),
                    null,
                    end
                )
            );
        }

        fields.AddRange(
            piece.Strand is { } strand ? Counted(piece, strand, name, timed, tongue) : CountedApart(piece, name, timed, tongue)
        );

        fields.AddRange(ByMember(course, piece, name, sheet, tongue));
        fields.AddRange(MarkTimes(piece, name, end, sheet, tongue));
        fields.AddRange(NamedTimes(piece, name, end, sheet, tongue));
        fields.AddRange(FaultCost.Fields(piece, name, sheet, tongue));
        fields.AddRange(Unverified(piece, name, sheet, tongue));
    }

    /// <summary>What a video does not show, where submissions are videos.</summary>
    private static IEnumerable<CardField> Unverified(CoursePiece piece, string name, ScoreSheet sheet, Tongue tongue)
    {
        if (sheet.UnverifiedIsNoRep is { } noRep)
        {
            yield return (
                new(
                    piece.Piece.Key,
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
                counted.AllCounted is { } n ? tongue.Say($"0 to {n}", $"de 0 a {n}")
                    : piece.Piece.GoesOnFrom is null
                        ? tongue.Say("the running total where the clock ended", "el total acumulado donde terminó el reloj")
                    : tongue.Say(
                        "the running total where the clock ended, with what the members before did",
                        "el total acumulado donde terminó el reloj, con lo de los miembros anteriores"
                    ),
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
                (tasks.Any(t => t.InRounds), tasks.Any(t => t.Options.Count > 0)) switch
                {
                    (true, true) => tongue.Say(
                        $"round, task, way taken, and its own {word}",
                        $"ronda, ejercicio, opción elegida y sus {word}"
                    ),
                    (true, false) => tongue.Say($"round, task, and {word} of it", $"ronda, ejercicio y sus {word}"),
                    (false, true) => tongue.Say($"task, way taken, and its own {word}", $"ejercicio, opción elegida y sus {word}"),
                    _ => tongue.Say($"task, and {word} of it", $"ejercicio y sus {word}"),
                },
                counted.Rounds,
                null
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
