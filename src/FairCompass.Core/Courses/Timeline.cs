using System.Globalization;
using System.Text.Json.Serialization;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>What a span of the hall clock is.</summary>
public enum SpanKind
{
    /// <summary>A window of work.</summary>
    Work,

    /// <summary>A rest.</summary>
    Rest,

    /// <summary>A change.</summary>
    Change,
}

/// <summary>A span of the hall clock.</summary>
/// <param name="Kind">Work, rest, or change.</param>
/// <param name="Label">Its name, or null.</param>
/// <param name="Starts">On the hall clock.</param>
/// <param name="Ends">On the hall clock, when every gate is passed; later than <paramref name="Starts"/> unless the text says 0:00.</param>
/// <param name="Pieces">Keys of the pieces worked at; the second of two on one clock gets what the first leaves.</param>
public sealed record ClockSpan(SpanKind Kind, string? Label, Duration Starts, Duration Ends, Eq<string> Pieces)
{
    /// <summary>Who is where, who rests, who changes the load; empty when everybody works at the one piece.</summary>
    public Eq<Presence> Where { get; init; }

    /// <summary>What judges watch during the span, each place once; empty while nobody works.</summary>
    public Eq<WatchedPlace> Watched { get; init; }

    /// <summary>Judges that a lane needs during the span.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.Never)]
    public int Judges => JudgePosts.Judges(Watched);

    /// <summary>True when the span begins without a call: the clock rolling over is the call.</summary>
    public bool Silent { get; init; }
}

/// <summary>A moment at which the clock ends for some and goes on for others.</summary>
/// <param name="At">On the hall clock.</param>
/// <param name="Piece">The piece's key.</param>
/// <param name="Units">Performed units that pass it.</param>
/// <param name="Until">The cap of who has passed it.</param>
/// <param name="Words">In a sentence.</param>
public sealed record ClockFork(Duration At, string Piece, long Units, Duration Until, string Words)
{
    /// <summary>The number in the box of the card that passes it.</summary>
    public long Counted { get; init; }

    /// <summary>Which gate of the piece it is, from 1.</summary>
    public int Number { get; init; } = 1;

    /// <summary>True when the piece has other gates too.</summary>
    public bool OneOfSeveral { get; init; }

    /// <summary>The gate in a sentence.</summary>
    /// <param name="done">What passes it, in words: a number, or one for each who has another.</param>
    /// <param name="tongue">The language.</param>
    public string In(string done, Tongue tongue) =>
        tongue.Say(
            $"{(OneOfSeveral ? $"Gate {Number}" : "The gate")}: who has done {done} goes on until {Until}; all others stop.",
            $"{(OneOfSeveral ? $"Corte {Number}" : "El corte")}: quien ha hecho {done} sigue hasta {Until}; los demás paran."
        );
}

/// <summary>A rest that each athlete owns: it starts at their own finish, so lanes are in different phases.</summary>
/// <param name="Piece">The piece's key.</param>
/// <param name="AfterUnits">Performed units before it.</param>
/// <param name="Length">How long.</param>
/// <param name="Earliest">The hall clock before which nobody can be there: the opening of the window.</param>
/// <param name="Latest">The latest finish that still leaves time after the rest.</param>
public sealed record OwnedRest(string Piece, long AfterUnits, Duration Length, Duration Earliest, Duration Latest)
{
    /// <summary>The number in the box of the card before it.</summary>
    public long Counted { get; init; }

    /// <summary>The round that ends before it, from 1; null where no round does.</summary>
    public long? Round { get; init; }

    /// <summary>Which rest of the piece it is, from 1.</summary>
    public int Number { get; init; } = 1;

    /// <summary>What stands before it: <c>95 (round 5 done)</c>.</summary>
    public string After(Tongue tongue) =>
        Counted.ToString(CultureInfo.InvariantCulture)
        + (Round is { } round ? tongue.Say($" (round {round} done)", $" (ronda {round} hecha)") : "");
}

/// <summary>Words that the caller says at a time.</summary>
/// <param name="At">On the hall clock; negative in the lead-in.</param>
/// <param name="Words">What is said.</param>
public sealed record ClockCall(Duration At, string Words)
{
    /// <summary>The same without the numbers that other entries may not share; null when there are none in it.</summary>
    [JsonIgnore]
    public string? Plain { get; init; }
}

/// <summary>The hall clock of a workout.</summary>
/// <param name="Spans">In order, without gaps.</param>
/// <param name="Calls">In order of time.</param>
/// <param name="Ends">The whole length.</param>
public sealed record Timeline(Eq<ClockSpan> Spans, Eq<ClockCall> Calls, Duration Ends)
{
    /// <summary>More calls than a caller can say; a text with a call each second is cut here.</summary>
    private const int LargestCalls = 300;

    /// <summary>Where the clock goes on for some only, in order of time.</summary>
    public Eq<ClockFork> Forks { get; init; }

    /// <summary>Rests that start at the athlete's own finish.</summary>
    public Eq<OwnedRest> OwnRests { get; init; }

    /// <summary>The largest number of judges a lane needs at any instant.</summary>
    public int Judges { get; init; }

    /// <summary>The clock of a course; null when a time is unset or there is no stage.</summary>
    public static Timeline? Of(Course course) => Of(course, Tongue.English);

    /// <summary>The clock of a course with its calls in a language; null when a time is unset or there is no stage.</summary>
    public static Timeline? Of(Course course, Tongue tongue) => Of(course.Clock, course, tongue);

    /// <summary>The clock of a workout that nobody runs yet.</summary>
    public static Timeline? Of(Workout workout) => Of(workout, Tongue.English);

    /// <summary>The clock of a workout that nobody runs yet, with its calls in a language.</summary>
    public static Timeline? Of(Workout workout, Tongue tongue) => Of(Clockwork.Of(workout, null), null, tongue);

    private static Timeline? Of(Clockwork clock, Course? course, Tongue tongue)
    {
        if (clock.HasUnset || clock.Spans.Count == 0)
        {
            return null;
        }

        var forks = course is null ? [] : Gates(course, tongue).ToEq();
        var calls = LeadIn(clock.LeadIn, tongue)
            .Concat(CallsOf(clock, forks, tongue))
            .Concat(IntervalCalls(clock, course, tongue))
            .OrderBy(c => c.At)
            .Take(LargestCalls);
        return new(clock.Spans.ToEq(), calls.ToEq(), clock.Spans[^1].Ends)
        {
            Forks = forks,
            OwnRests = course is null ? [] : Rests(course).ToEq(),
            Judges = clock.Spans.Max(s => s.Judges),
        };
    }

    /// <summary>The lead-in is counted down before 0:00, so its call has a negative time.</summary>
    private static IEnumerable<ClockCall> LeadIn(Duration? length, Tongue tongue) =>
        length is { Ms: > 0 } time ? [new(Duration.Zero - time, tongue.Say("lead-in, stand ready", "cuenta previa, preparados"))] : [];

    private static IEnumerable<ClockFork> Gates(Course course, Tongue tongue)
    {
        foreach (
            var piece in course.Pieces.Where(p => p.Strand is not null && p.Piece.Starts is not null && p.Limit is { Gates.Count: > 0 })
        )
        {
            var cap = piece.Piece.Starts!.Value + piece.Limit!.Base;
            var n = 0;
            foreach (var gate in piece.Limit.Gates)
            {
                n++;
                var fork = new ClockFork(cap, piece.Piece.Key, gate.Units, cap + gate.Adds, "")
                {
                    Counted = piece.Strand!.Counted(gate.Units),
                    Number = n,
                    OneOfSeveral = piece.Limit.Gates.Count > 1,
                };
                yield return fork with
                {
                    Words = fork.In(fork.Counted.ToString(CultureInfo.InvariantCulture), tongue),
                };
                cap += gate.Adds;
            }
        }
    }

    private static IEnumerable<OwnedRest> Rests(Course course)
    {
        foreach (
            var piece in course.Pieces.Where(p => p.Strand is { TooLarge: false } && p.Piece is { Starts: not null, Window: not null })
        )
        {
            var (starts, ends) = (piece.Piece.Starts!.Value, piece.Piece.Starts!.Value + piece.Limit!.Longest);
            var n = 0;
            foreach (var (rest, units) in piece.Strand!.Marks<Work.OwnRest>(50))
            {
                n++;
                if (rest.Time is { } length)
                {
                    var round = units == 0 ? null : piece.Strand.RoundEndingAt(units);
                    yield return new(piece.Piece.Key, units, length, starts, ends - length > starts ? ends - length : starts)
                    {
                        Counted = piece.Strand.Counted(units),
                        Round = round,
                        Number = n,
                    };
                }
            }
        }
    }

    /// <summary>
    /// The usual calls: a count-in and go, one minute and ten seconds before each gate and each end, the end of each window, and a
    /// count-in before the next (common practice).
    /// </summary>
    private static List<ClockCall> CallsOf(Clockwork clock, Eq<ClockFork> forks, Tongue tongue)
    {
        var calls = new List<ClockCall>();
        for (var i = 0; i < clock.Spans.Count && calls.Count < LargestCalls; i++)
        {
            var span = clock.Spans[i];
            var length = span.Ends - span.Starts;
            var next = i + 1 < clock.Spans.Count ? clock.Spans[i + 1] : null;
            if (span.Kind != SpanKind.Work)
            {
                if (next is not null && length > Duration.Seconds(10))
                {
                    calls.Add(
                        new(
                            span.Ends - Duration.Seconds(10),
                            next.Where.Count > 0 && next.Where.Any(w => w.Where is not null && w.Who is not null)
                                ? tongue.Say($"ten seconds to go: {Places(next, tongue)}", $"quedan diez segundos: {Places(next, tongue)}")
                                : tongue.Say("ten seconds to go", "quedan diez segundos")
                        )
                    );
                }

                continue;
            }

            calls.AddRange(CallsOfWork(span, next, forks, LastInterval(clock, span), tongue));
        }

        return calls;
    }

    private static IEnumerable<ClockCall> CallsOfWork(ClockSpan span, ClockSpan? next, Eq<ClockFork> forks, Duration last, Tongue tongue)
    {
        if (!span.Silent)
        {
            yield return new ClockCall(span.Starts, tongue.Say("3, 2, 1, go", "3, 2, 1, ya"));
        }

        var since = span.Starts;
        foreach (var fork in forks.Where(f => f.At > span.Starts && f.At < span.Ends))
        {
            foreach (var warning in Warnings(since, fork.At, Gate(fork, tongue), tongue))
            {
                yield return warning;
            }

            since = fork.At;
            yield return new(
                fork.At,
                tongue.Say(
                    $"gate: {fork.Counted} done, go on until {fork.Until}; the others, time",
                    $"corte: quien lleva {fork.Counted}, sigue hasta {fork.Until}; los demás, tiempo"
                )
            )
            {
                Plain = tongue.Say(
                    $"gate: who has passed it, go on until {fork.Until}; the others, time",
                    $"corte: quien lo ha pasado, sigue hasta {fork.Until}; los demás, tiempo"
                ),
            };
        }

        // Before a silent switch nobody calls: the clock rolling over is the call.
        if (next is { Silent: true })
        {
            yield break;
        }

        foreach (var warning in Warnings(last > since ? last : since, span.Ends, null, tongue))
        {
            yield return warning;
        }

        yield return new(
            span.Ends,
            next?.Kind switch
            {
                SpanKind.Rest => tongue.Say("time, rest", "tiempo, descanso"),
                SpanKind.Change => tongue.Say("time, change", "tiempo, cambio"),
                SpanKind.Work => tongue.Say("time, next", "tiempo, siguiente"),
                _ => tongue.Say("time", "tiempo"),
            }
        );
    }

    /// <summary>When the last interval of a window begins; the start of the window where it has none.</summary>
    private static Duration LastInterval(Clockwork clock, ClockSpan span) =>
        clock
            .Pieces.Where(p => span.Pieces.Contains(p.Key) && p.Window is not null)
            .SelectMany(p => p.Items.OfType<Work.Every>(), (p, every) => (Window: p.Window!.Value, every.Each))
            .Where(x => x.Each is { Ms: > 0 })
            .Select(x => span.Starts + new Duration((x.Window.Ms - 1) / x.Each!.Value.Ms * x.Each.Value.Ms))
            .DefaultIfEmpty(span.Starts)
            .Max();

    private static string Gate(ClockFork fork, Tongue tongue) =>
        fork.OneOfSeveral ? tongue.Say($"gate {fork.Number}", $"el corte {fork.Number}") : tongue.Say("the gate", "el corte");

    /// <summary>One minute and ten seconds before a moment, each where the stretch before it is longer (common practice).</summary>
    /// <param name="from">When the stretch began.</param>
    /// <param name="to">The moment.</param>
    /// <param name="what">What it is; null for the end, which needs no name.</param>
    /// <param name="tongue">The language.</param>
    private static IEnumerable<ClockCall> Warnings(Duration from, Duration to, string? what, Tongue tongue)
    {
        var until = what is null ? "" : tongue.Say($" to {what}", $" para {what}");
        if (to - from > Duration.Seconds(60))
        {
            yield return new(to - Duration.Seconds(60), tongue.Say("one minute", "un minuto") + until);
        }

        if (to - from > Duration.Seconds(10))
        {
            yield return new(to - Duration.Seconds(10), tongue.Say("ten seconds", "diez segundos") + until);
        }
    }

    /// <summary>Each new interval is called with what comes first in it, as this entry does it.</summary>
    private static IEnumerable<ClockCall> IntervalCalls(Clockwork clock, Course? course, Tongue tongue)
    {
        foreach (var piece in clock.Pieces.Where(p => p is { Starts: not null, Window: not null }))
        {
            if (piece.Items.OfType<Work.Every>().FirstOrDefault() is not { Each: { Ms: > 0 } each })
            {
                continue;
            }

            var of = course?.Piece(piece.Key);
            var first = of?.Tasks.Where(t => of.Plain is not null || Counts(of, StrandRole.First, t)).ToList() ?? [];
            var then = of?.Tasks.Where(t => Counts(of, StrandRole.Then, t)).ToList() ?? [];
            var plain =
                Moves(first, tongue) + (then.Count is > 0 and <= 2 ? tongue.Say(", then ", ", después ") + Moves(then, tongue)[2..] : "");
            var n = 2L;
            for (var at = each; at < piece.Window!.Value && n < LargestCalls; at += each, n++)
            {
                foreach (var warning in Warnings(at - each, at, tongue.Say($"interval {n}", $"el intervalo {n}"), tongue))
                {
                    yield return warning with
                    {
                        At = piece.Starts!.Value + warning.At,
                    };
                }

                var round = n - 1;
                var own =
                    first.Count > 0 && first.TrueForAll(t => t.Count?.At(round) is not null)
                        ? ": " + tongue.Join(first.Select(t => Said(t, t.Count!.At(round)!.Value, tongue)))
                        : plain;
                yield return new(piece.Starts!.Value + at, tongue.Say($"interval {n}{own}", $"intervalo {n}{own}"))
                {
                    Plain = tongue.Say($"interval {n}{plain}", $"intervalo {n}{plain}"),
                };
            }
        }
    }

    private static bool Counts(CoursePiece piece, StrandRole role, CourseTask task) =>
        piece.Strands.Any(s => s.Role == role && s.Counter.DepthOf(task.Index) is not null);

    /// <summary>The movements of some tasks, after a colon; empty for none.</summary>
    private static string Moves(List<CourseTask> tasks, Tongue tongue) =>
        tasks.Count == 0 ? "" : ": " + tongue.Join(tasks.Select(t => tongue.Movement(t.Prescription.Movement.Value)).Distinct());

    /// <summary>An amount as the text says it, without the sections in which a judge counts it.</summary>
    private static string Said(CourseTask task, decimal amount, Tongue tongue) =>
        $"{Number.Normal(amount)} {(task.Unit == AmountUnit.Rep ? "" : task.Unit.Symbol() + tongue.Say(" ", " de "))}"
        + (task.Unit == AmountUnit.Rep && amount != 1 ? tongue.Movements : tongue.Movement)(task.Prescription.Movement.Value);

    private static string Places(ClockSpan span, Tongue tongue) =>
        tongue.Join(
            span.Where.Where(w => w.Where is not null && w.Who is not null)
                .Select(w => (Who: tongue.Name(w.Who!), w.Said))
                .Select(w =>
                    w.Said == Presence.Works
                        ? tongue.Say($"{w.Who} next", $"sigue {w.Who}")
                        : tongue.Say($"{w.Who} to {w.Said.English}", $"{w.Who} a {tongue.Say(w.Said)}")
                )
        );
}
