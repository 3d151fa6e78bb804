using System.Globalization;
using System.Text.RegularExpressions;
using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Measuring;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Tests.Briefing;

/// <summary>
/// The numbers that stand behind an id on a paper, found in the draft’s own lines, the resolver, the clock, a walk over
/// every unit, and the scorer, never through the builder of the papers or the ledger.
/// </summary>
internal sealed partial class ModelNumbers(Understanding u, string? division)
{
    private readonly string[] lines = u.Text.Split('\n');
    private readonly Dictionary<(string Piece, string Entry), Dictionary<string, HashSet<string>>> walked = [];
    private readonly List<int> shown = Enumerable
        .Range(0, u.Courses.Count)
        .Where(i => division is null || u.Courses[i].Address.Division.Name == division)
        .ToList();

    private List<Timeline>? clocks;

    private static decimal Decimal(string of) => decimal.Parse(of, CultureInfo.InvariantCulture);

    /// <summary>A share of a best with the bars of that mass next to it, tried one by one in the smallest step of the demo’s
    /// plates.</summary>
    private HashSet<string> Best(decimal best, decimal percent, decimal bar)
    {
        var exact = best * percent / 100;
        var kit = u.Competition.Kit;
        bool IsMade(decimal load) =>
            load == bar
            || (
                load > bar
                && Core.Kit.BarLoads.OneSide(load, kit.Bar(bar == kit.Bar(Duty.Man, null).Mass ? Duty.Man : Duty.Woman, null), kit)
                    is not null
            );
        var (below, above) = (exact, exact);
        for (; below > bar && !IsMade(below); below -= 0.25m) { }
        for (; above < 400 && !IsMade(above); above += 0.25m) { }
        return
        [
            .. new[] { best, percent, bar, exact, Math.Round(below * 4) / 4, Math.Round(above * 4) / 4 }.SelectMany(n =>
                In(Number.Normal(n))
            ),
        ];
    }

    [GeneratedRegex(@"\d+(?:[.:]\d+)*")]
    public static partial Regex Figures { get; }

    public HashSet<string> Of(string id)
    {
        var parts = id.Split('/');
        var rest = string.Join('/', parts.Skip(1));
        return parts[0] switch
        {
            "stage" => Draft(int.Parse(parts[1], CultureInfo.InvariantCulture)),
            "cell" => Cell(int.Parse(parts[1], CultureInfo.InvariantCulture), parts[2], string.Join('/', parts.Skip(3))),
            "row" => In(Line(int.Parse(parts[1], CultureInfo.InvariantCulture))),
            "place" => In(Line(int.Parse(parts[1], CultureInfo.InvariantCulture))),
            "entry" => In(rest),
            "call" => Call(new Duration(Index(rest))),
            "span" => [.. Clocks.SelectMany(c => c.Spans).Where(s => s.Starts.Ms == Index(rest)).SelectMany(Span)],
            "fork" => [.. Forks(new Duration(Index(rest)))],
            "rest" =>
            [
                .. Clocks
                    .SelectMany(c => c.OwnRests)
                    .Where(r => r.Piece == parts[1] && r.Number == Index(parts[2]))
                    .SelectMany(r => In(r.Length.ToString())),
                .. shown.SelectMany(i => Walked(u.Courses[i].Piece(parts[1]))),
            ],
            "post" => InAll(u.Workout.Headers.Select(h => Line(h.At.Line))),
            "judges" => [.. Clocks.Select(c => c.Judges.ToString(CultureInfo.InvariantCulture))],
            "clause" => InAll(Clauses(parts[1], parts[2])),
            "fault" => InAll(
                Standards(parts[1])
                    .SelectMany(m => m.Faults.Where(x => x.Breaks == parts[2]))
                    .SelectMany(x => new[] { x.Sign, x.Call, x.Athlete })
                    .SelectMany(s => new[] { s.English, s.Spanish ?? "" })
            ),
            "judge" => InAll(
                Standards(parts[1])
                    .SelectMany(m =>
                        new[] { m.Judge.Place.English, m.Judge.Place.Spanish ?? "", m.Judge.Call.English, m.Judge.Call.Spanish ?? "" }
                    )
            ),
            "topic" => InAll(
                Policies
                    .Topics.Find(rest)!
                    .Schools.SelectMany(s => new[] { s.Label, s.Judges, s.Athletes })
                    .SelectMany(s => new[] { s.English, s.Spanish! })
            ),
            "round" => Walk(parts[1], parts[2]).GetValueOrDefault(parts[3], []),
            "amounts" => [.. Walk(parts[1], parts[2]).Values.SelectMany(x => x)],
            "piece" => [.. In(Whole(Counter(parts[1], parts[2]))), .. In(parts[1]), .. Ordinals],
            "counter" => [.. Ways(Piece(parts[1], parts[2])!), .. InAll(lines)],
            "interval" when parts.Length == 4 && u.Courses.Any(c => c.Address.ToString() == parts[3]) => OneInterval(
                parts[1],
                Index(parts[2]),
                parts[3]
            ),
            "interval" => Interval(Piece(parts[1], parts[2])!, Index(parts[3])),
            "sums" => Piece(parts[1], parts[2]) is { Strand: { } s } p
                ?
                [
                    .. In(Whole(p.Strand)),
                    .. In(s.Rounds is { } rs ? rs.ToString(CultureInfo.InvariantCulture) : ""),
                    .. In(parts[1]),
                    .. In(Number.Normal((s.Total(Tally.Millimetres) ?? 0) / 1000m)),
                    .. In($"{s.Total(Tally.Calories)}"),
                ]
                : [],
            "field" => Field(parts[1]),
            "score" => Score(parts[1]),
            "rulings" =>
            [
                .. InAll(u.Workout.Policies.Select(p => Line(p.At.Line)).Concat(u.Workout.Headers.Select(h => Line(h.At.Line)))),
                .. u.Courses.Select(c => $"{c.Address.Division.LineUp?.Of}"),
            ],
            "sample" => Sample(int.Parse(parts[1], CultureInfo.InvariantCulture), parts[2]),
            "kit" => Kit(int.Parse(parts[1], CultureInfo.InvariantCulture), parts[2]),
            "layout" => LaidOut(),
            "rung" => Rung(int.Parse(parts[1], CultureInfo.InvariantCulture), parts[2], Index(parts[3])),
            "rerig" => InAll(lines),
            "plates" => ["4"],
            "complex" => InAll(Core.Workouts.WorkTree.Tasks(u.Workout).SelectMany(t => t.Lines).Select(l => Line(l.At.Line))),
            "cost" => [.. In(Line(int.Parse(parts[1], CultureInfo.InvariantCulture)))],
            "heat" => HeatToHeat((int)Index(parts[1]), parts[2], (int)Index(parts[3]), parts[4]),
            "rule" => [.. InAll(lines), .. Enumerable.Range(1, 8).Select(n => n.ToString(CultureInfo.InvariantCulture))],
            "rising" => Heights(parts[1], string.Join('/', parts.Skip(2))),
            "best" => Best(Decimal(parts[1]), Decimal(parts[2]), Decimal(parts[3])),
            "measure" => MeasuredPlace.Of(u, division).Single(p => p.Key == rest).Amount is { } a
                ? [.. In(a.ToString()), .. In(TapeLength.Of(a.InMillimetres).Tape)]
                : [],
            "bonus" => Piece(parts[1], parts[2]) is { Tasks: [{ Counted.Credit: Credit.WithBonus { At: { } at } }] }
                ? [at.ToString(CultureInfo.InvariantCulture)]
                : [],
            "option" => Piece(parts[1], parts[2])!.Tasks.Single(t => t.Index == Index(parts[3])).Options[Index(parts[4])] is { } way
                ? [.. In(way.Name), .. In(way.NameIn(FairCompass.Core.Languages.Tongue.Spanish))]
                : [],
            "caution" => [],
            "form" when rest.StartsWith("set/", StringComparison.Ordinal) => [rest[4..]],
            // Rows are numbered through: as many as there are attempts of everybody.
            "form" => Enumerable.Range(1, 48).Select(n => n.ToString(CultureInfo.InvariantCulture)).ToHashSet(),
            "lift" => Lifting(parts[1], parts[2]),
            "share" => Shared(parts[1], Index(parts[2])),
            _ => throw new InvalidOperationException($"No value of the model has the id {id}."),
        };
    }

    private string Line(int line) => lines[line - 1];

    private List<Timeline> Clocks =>
        clocks ??= shown.Count > 0 ? [.. shown.Select(i => Timeline.Of(u.Courses[i])!)] : [Timeline.Of(u.Workout)!];

    /// <summary>The whole of what a card can say: the credit of every unit, or the units where nothing is credited.</summary>
    private static string Whole(Strand? counter) =>
        counter is not { Units: { } all } strand
            ? ""
            : (strand.Sum(all, Tally.Credit) is > 0 and var credit ? credit : all).ToString(CultureInfo.InvariantCulture);

    /// <summary>An interval and when it ends on the hall clock.</summary>
    private static HashSet<string> Interval(CoursePiece piece, int n) =>
        [
            n.ToString(CultureInfo.InvariantCulture),
            (piece.Piece.Starts!.Value + new Duration(Math.Min(piece.Every!.Each!.Value.Ms * n, piece.Piece.Window!.Value.Ms))).ToString(),
        ];

    /// <summary>Every number that stands where a task ends, and the round it ends.</summary>
    private IEnumerable<string> Walked(CoursePiece? piece) =>
        piece?.Strand is null
            ? []
            : shown
                .Where(i => u.Courses[i].Piece(piece.Piece.Key) is not null)
                .SelectMany(i => Walk(piece.Piece.Key, u.Courses[i].Address.ToString()).Values.SelectMany(x => x));

    /// <summary>Gates that shut, or would have, at a time: what passes them by the walk, which gate it is, and until when it goes
    /// on.</summary>
    private IEnumerable<string> Forks(Duration at) =>
        shown.SelectMany(
            (i, nth) =>
                Clocks[nth]
                    .Forks.Where(f => f.At == at || f.Until == at)
                    .SelectMany(f =>
                        new[]
                        {
                            f.At.ToString(),
                            f.Until.ToString(),
                            f.Number.ToString(CultureInfo.InvariantCulture),
                            u.Courses[i].Piece(f.Piece)!.Strand!.Sum(f.Units, Tally.Credit).ToString(CultureInfo.InvariantCulture),
                        }
                    )
        );

    /// <summary>Turns, cycles, and places in the team are counted from 1.</summary>
    private IEnumerable<string> Ordinals =>
        Enumerable
            .Range(
                1,
                shown.Max(i =>
                    Math.Max(
                        u.Courses[i].Pieces.Max(p => Math.Max(p.Piece.Turn ?? 1, p.Piece.Cycle ?? 1)),
                        u.Courses[i].Address.Division.Size
                    )
                )
            )
            .Select(n => n.ToString(CultureInfo.InvariantCulture));

    /// <summary>When it is, which turn and cycle, who is where, and what the card of its pieces may hold.</summary>
    private HashSet<string> Span(ClockSpan span) =>
        [
            span.Starts.ToString(),
            span.Ends.ToString(),
            .. Ordinals,
            .. In(span.Label ?? ""),
            .. InAll(span.Where.SelectMany(w => new[] { w.Who ?? "", w.Does ?? "" })),
            .. span.Pieces.SelectMany(Field),
        ];

    /// <summary>The names that an author gave to parts, stations and groups.</summary>
    private IEnumerable<string> Names =>
        shown.SelectMany(i => u.Courses[i].Pieces).SelectMany(p => In($"{p.Piece.Label} {p.Piece.Station} {p.Piece.Group}"));

    /// <summary>The lines of one score: what it measures, what unfinished work does, what breaks a tie.</summary>
    private HashSet<string> Lines(Score score) => InAll(score.Lines.Select(l => l.At.Line).Prepend(score.At.Line).Select(Line));

    /// <summary>The figures of the draft’s own lines of a stage, as typed and without trailing zeros.</summary>
    private HashSet<string> Draft(int stage)
    {
        var first = u.Workout.Stages[stage].At.Line;
        var last = stage + 1 < u.Workout.Stages.Count ? u.Workout.Stages[stage + 1].At.Line - 1 : lines.Length;
        return [.. InAll(lines[(first - 1)..last]), .. InAll(lines[(first - 1)..last].SelectMany(l => l.Split('-')))];
    }

    private HashSet<string> Cell(int line, string aspect, string entry)
    {
        // A task is found by its line, or by the line of one of its overrides.
        var task = u
            .Prescribed.Where(p =>
                p.Address.ToString() == entry
                && (p.Source.At.Line == line || p.Option?.At.Line == line || p.Source.Lines.Any(l => l.At.Line == line))
            )
            .ToList();
        return aspect switch
        {
            "load" =>
            [
                .. InAll(task.Select(p => p.Prescription.Load?.Value.ToString() ?? $"{p.Prescription.OfBest?.Value.Percent}")),
                .. task.Any(p => p.IsHeaviest) ? Heaviest(entry) : [],
            ],
            "height" => InAll(task.SelectMany(p => p.Prescription.Heights.Select(h => h.Value.ToString())).Concat(task.Select(RisingOf))),
            "movement" => InAll(task.Select(p => p.Prescription.Movement.Value)),
            _ =>
            [
                .. InAll(task.Select(p => p.Option is null ? Line(p.Source.At.Line) : Line(p.Option.At.Line))),
                .. InAll(task.SelectMany(p => p.Source.Lines).Select(l => Line(l.At.Line))),
                .. InAll(lines.Where(l => l.TrimEnd().EndsWith(" of", StringComparison.Ordinal))),
            ],
        };
    }

    private HashSet<string> Heaviest(string entry)
    {
        var kit = u.Competition.Kit;
        var bar = entry.Contains("woman", StringComparison.Ordinal) ? kit.WomenBar : kit.MenBar;
        return [Number.Normal(bar + kit.ClipPair + kit.Plates.Sum(p => p.Mass * (p.Count - (p.Count % 2))))];
    }

    private IEnumerable<Movement> Standards(string id)
    {
        var book = StandardsBook.Of(u.Competition);
        var movement = book.ById(id)!;
        return u
            .Courses.Select(c => (string?)c.Address.Division.Name)
            .Distinct()
            .Prepend(null)
            .SelectMany(d =>
                WorkTree
                    .Tasks(u.Workout)
                    .Where(t => book.Find(t.Movement)?.Id == id)
                    .Cast<Work.Task?>()
                    .Prepend(null)
                    .Select(t => book.InForce(movement, d, u.Workout, t))
            );
    }

    private IEnumerable<string> Clauses(string movement, string clause) =>
        Standards(movement)
            .SelectMany(m => m.Clauses.Where(c => c.Id == clause))
            .SelectMany(c => new[] { c.Text.English, c.Text.Spanish ?? "", c.From.Detail ?? "" });

    private CoursePiece? Piece(string key, string entry) =>
        u.Courses.FirstOrDefault(c => c.Address.ToString() == entry)?.Piece(key.Split(':')[0]);

    /// <summary>A counter of a piece: <c>0</c> for the only one, <c>0:first</c> for one of several.</summary>
    private Strand? Counter(string key, string entry) =>
        Piece(key, entry) is not { } piece ? null
        : key.Split(':') is [_, var name] ? piece.Strands.FirstOrDefault(s => s.Key == name)?.Counter
        : piece.Strand;

    /// <summary>A walk over the units of a strand: for each round the totals where a task ends, how much of it was done, and its
    /// bar.</summary>
    private Dictionary<string, HashSet<string>> Walk(string key, string entry)
    {
        if (walked.TryGetValue((key, entry), out var known))
        {
            return known;
        }

        var piece = Piece(key, entry)!;
        var rounds = new Dictionary<string, HashSet<string>>();
        var strand = Counter(key, entry)!;
        HashSet<string> Round(string label) => rounds.TryGetValue(label, out var set) ? set : rounds[label] = [.. In(label), .. Notes];
        var last = strand.Units ?? 4_000;
        for (var n = 1L; n <= last; n++)
        {
            var here = strand.At(n);
            Between(Round(string.Join('·', here.Rounds)), strand, piece.Tasks[here.Task], here, n);
            if (n < last && strand.At(n + 1) is var next && next.Rounds == here.Rounds && next.Task == here.Task)
            {
                continue;
            }

            var set = Round(string.Join('·', here.Rounds));
            set.Add(n.ToString(CultureInfo.InvariantCulture));
            set.Add(strand.Sum(n, Tally.Credit).ToString(CultureInfo.InvariantCulture));
            set.Add(here.Unit.ToString(CultureInfo.InvariantCulture));
            // A distance is printed whole and in sections.
            set.UnionWith(In(piece.Tasks[here.Task].Counted.Word));
            set.Add(Number.Normal((strand.Sum(n, Tally.Millimetres) - strand.Sum(n - here.Unit, Tally.Millimetres)) / 1000m));
            if (piece.Tasks[here.Task].Prescription.Load?.Value is { Values.IsConstant: false } load)
            {
                set.UnionWith(In(Number.Normal(load.Values.At(here.Rounds.Count == 0 ? 0 : here.Rounds[^1] - 1) ?? 0)));
            }
        }

        // Marks without units stand between the rounds; they are lines of the draft.
        Round("");
        return walked[(key, entry)] = rounds;
    }

    /// <summary>Long tasks and distances have numbers on the way: each section, or each ten units.</summary>
    private static void Between(HashSet<string> set, Strand strand, CourseTask task, Place here, long n)
    {
        if (task.Counted.Word.StartsWith("section", StringComparison.Ordinal) || here.Unit % 10 == 0 || here.Unit % 25 == 0)
        {
            set.Add(strand.Sum(n, Tally.Credit).ToString(CultureInfo.InvariantCulture));
        }
    }

    private HashSet<string> Notes =>
        InAll(lines.Where(l => l.TrimStart().Split(' ', ':', ',')[0] is "gate" or "re-rig" or "own" or "after" or "between"));

    /// <summary>The sample scored again, with its places.</summary>
    private HashSet<string> Sample(int n, string entry)
    {
        var at = u.Courses.ToList().FindIndex(c => c.Address.ToString() == entry);
        var (course, sheet) = (u.Courses[at], u.Sheets[at]);
        var samples = SampleRuns.Of(course, sheet, u.Competition).Where(s => s.Printed).ToList();
        var scored = samples.Select(s => Scorer.Score(s.Run, course, sheet, u.Competition.Unit)).ToList();
        var places = Enumerable.Range(0, sheet.Components.Count).Select(i => Ranking.Places([.. scored.Select(s => s[i])])).ToList();
        return
        [
            .. In(samples[n].Label),
            .. scored[n].SelectMany(r => In(r.Text).Concat(In(r.TieText ?? ""))),
            .. places.Select(p => p[n].ToString(CultureInfo.InvariantCulture)),
            .. In(string.Join(' ', samples[n].Run.Pieces.Select(p => $"{p.Performed} {p.Finish}"))),
        ];
    }

    /// <summary>What is laid out has the loads and heights of the text, is one for each who works at once, and of a heaviest lift has the
    /// lane’s bars and plates.</summary>
    private HashSet<string> LaidOut()
    {
        var kit = u.Competition.Kit;
        decimal[] bars = [kit.MenBar, kit.WomenBar];
        return
        [
            .. InAll(lines),
            .. InAll(shown.Select(i => u.Courses[i].Address.ToString())),
            .. Enumerable
                .Range(1, 2 * shown.Max(i => u.Courses[i].Address.Division.Size))
                .Select(n => n.ToString(CultureInfo.InvariantCulture)),
            .. kit.Plates.SelectMany(p => new[] { Number.Normal(p.Mass), p.Count.ToString(CultureInfo.InvariantCulture) }),
            .. bars.SelectMany(b => new[] { Number.Normal(b), Number.Normal(Core.Kit.BarLoads.All(b, kit)[^1]) }),
        ];
    }
}
