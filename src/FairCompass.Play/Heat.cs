using FairCompass.Core.Briefing;
using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.Languages;
using FairCompass.Core.Observing;
using FairCompass.Core.Pacing;
using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Play;

/// <summary>Plays one heat and writes it down for a page.</summary>
public static class Heat
{
    /// <summary>Lanes of a heat at most.</summary>
    public const int MostLanes = 20;

    /// <summary>Plays a heat.</summary>
    /// <param name="u">The workout, understood.</param>
    /// <param name="entries">Which of its courses runs in each lane.</param>
    /// <param name="seed">Which of the made-up heats.</param>
    /// <param name="paces">What can be expected.</param>
    /// <param name="cancel">Ends the work between two events.</param>
    public static HeatReplay Play(
        Understanding u,
        IReadOnlyList<int> entries,
        ulong seed,
        PaceTable paces,
        CancellationToken cancel = default
    )
    {
        var (runs, results) = Runs(u, entries, seed, paces, cancel);
        var cards = entries.Distinct().ToDictionary(i => i, i => CardOf(u, i));
        var lanes = runs.Select((r, i) => Lane(u, i, entries, r, results, cards[entries[i]])).ToList();
        var clocks = SharedClock.Of([.. entries.Distinct().Select(i => u.Courses[i])], Tongue.English);
        return new(
            seed,
            clocks.Count == 0 ? 0 : clocks.Max(c => c.Hall.Ends.Ms),
            lanes,
            [
                .. clocks
                    .SelectMany(c => c.Calls)
                    .DistinctBy(c => (c.At, c.Words))
                    .OrderBy(c => c.At)
                    .Select(c => new CallAt(c.At.Ms, c.Words)),
            ],
            [.. Moments(runs).OrderBy(m => m.At)]
        );
    }

    /// <summary>The runs of a heat with their results, without what a page needs of them; lanes are made side by side.</summary>
    /// <param name="u">The workout, understood.</param>
    /// <param name="entries">Which of its courses runs in each lane.</param>
    /// <param name="seed">Which of the made-up heats.</param>
    /// <param name="paces">What can be expected.</param>
    /// <param name="cancel">Ends the work between two events.</param>
    /// <remarks>Lanes do not disturb each other: the same seed gives the same heat, however many lanes are made at once.</remarks>
    public static (List<PlayedRun> Runs, List<Eq<ComponentResult>> Results) Runs(
        Understanding u,
        IReadOnlyList<int> entries,
        ulong seed,
        PaceTable paces,
        CancellationToken cancel = default
    )
    {
        var runs = new PlayedRun[entries.Count];
        var results = new Eq<ComponentResult>[entries.Count];
        // A player plays one run at a time, and keeps what is the same in all runs of its entry.
        Parallel.For(
            0,
            entries.Count,
            new ParallelOptions { MaxDegreeOfParallelism = Environment.ProcessorCount, CancellationToken = cancel },
            () => new Dictionary<int, Player>(),
            (lane, _, players) =>
            {
                var entry = entries[lane];
                if (!players.TryGetValue(entry, out var player))
                {
                    players[entry] = player = new Player(u, entry, paces);
                }

                runs[lane] = player.Play(seed, (ulong)lane, cancel);
                results[lane] = runs[lane].Score(u.Courses[entry], u.Competition.Unit);
                return players;
            },
            _ => { }
        );
        return ([.. runs], [.. results]);
    }

    /// <summary>The lane card of one entry, as it is printed.</summary>
    private static Brief CardOf(Understanding u, int entry) =>
        new BriefBuilder(u, u.Courses[entry].Address.Division.Name, default).Build(Audience.LaneCard);

    private static LaneReplay Lane(
        Understanding u,
        int lane,
        IReadOnlyList<int> entries,
        PlayedRun run,
        List<Eq<ComponentResult>> results,
        Brief card
    )
    {
        var (course, sheet) = (u.Courses[entries[lane]], u.Sheets[entries[lane]]);
        var recorders = run
            .End.Pieces.SelectMany(p =>
                p.Strands.Count == 0
                    ? [new TrackRecorder(p.Piece.Piece.Key, "", u)]
                    : p.Strands.Select(s => new TrackRecorder(p.Piece.Piece.Key, s.Of.Key, u))
            )
            .ToList();
        var state = PlayedCourse.Start(course, sheet, run.End.Choices);
        foreach (var recorder in recorders)
        {
            recorder.See(new(Duration.Zero, new Happened.ClockCame()), state);
        }

        foreach (var happening in run.Events)
        {
            state = state.After(happening);
            foreach (var recorder in recorders.Where(r => r.Concerns(happening, state)))
            {
                recorder.See(happening, state);
            }
        }

        var whose = card.Sections.Any(s => s.Entry is not null) ? course.Address.ToString() : null;
        var judge = new MechanicalJudge(card, whose, PlayedCourse.Start(course, sheet, run.End.Choices));
        var filled = judge.Watch(run.Events);
        return new(
            lane + 1,
            course.Address.ToString(),
            recorders.ConvertAll(r => r.Track(run.End)),
            judge.Tables(card, whose),
            Written(filled, run.End, judge, course, sheet),
            Results(lane, entries, results, sheet)
        );
    }

    private static List<CardLine> Written(FilledCard filled, PlayedCourse end, MechanicalJudge judge, Course course, ScoreSheet sheet)
    {
        var lines = new List<CardLine>();
        foreach (var field in Card.Fields(course.With(filled.Choices), sheet))
        {
            var piece = filled.Pieces.FirstOrDefault(p => p.Piece == field.Piece);
            switch (field.Field)
            {
                case CardFieldKind.Finish when piece?.Finish is { } finish:
                    lines.Add(new(field.Label, finish.ToString(), finish.Ms));
                    break;
                case CardFieldKind.Gates:
                    lines.AddRange(
                        (piece?.Marks ?? [])
                            .Where(m => m.At is Mark.Gate gate && gate.Number == field.Number)
                            .Select(m => new CardLine(field.Label, m.Clock.ToString(), m.Clock.Ms))
                    );
                    break;
                case CardFieldKind.By or CardFieldKind.Faults:
                    lines.AddRange(Numbers(field, piece).Select(n => new CardLine(field.Label, $"{n}", end.Now.Ms)));
                    break;
                case CardFieldKind.Marks:
                    lines.AddRange(
                        (piece?.Marks ?? [])
                            .Where(m => m.At is Mark.Named named && named.Name == field.Mark)
                            .Select(m => new CardLine(field.Label, m.Clock.ToString(), m.Clock.Ms))
                    );
                    break;
                case CardFieldKind.TieTime when !field.Spare:
                    lines.AddRange(
                        (piece?.Marks ?? [])
                            .Where(m => m.At is not (Mark.Finish or Mark.Named))
                            .Take(1)
                            .Select(m => new CardLine(field.Label, m.Clock.ToString(), m.Clock.Ms))
                    );
                    break;
            }
        }

        lines.AddRange(
            end.Pieces.Where(p => p.Opened is not null)
                .SelectMany(p => p.Strands.Where(s => !judge.HasBoxes(p, s.Of)).Select(s => (Piece: p, Strand: s)))
                .Select(x => new CardLine(
                    string.Join(", ", new[] { x.Piece.Piece.Piece.Name, x.Strand.Of.Name }.Where(n => n.Length > 0)),
                    x.Strand.Counted.ToString(System.Globalization.CultureInfo.InvariantCulture),
                    (x.Piece.Finished ?? x.Piece.Cap ?? end.Now).Ms
                ))
        );
        return [.. lines.OrderBy(l => l.At)];
    }

    /// <summary>What stands in a field for a member’s count or for strokes.</summary>
    private static IEnumerable<long> Numbers(CardField field, FilledPiece? piece) =>
        field.Field == CardFieldKind.By
            ? (piece?.By ?? []).Where(b => b.Task == field.Task && b.Seat == field.Number).Select(b => b.Units)
            : (piece?.Faults ?? []).Where(f => f.Fault == field.Fault).Select(f => f.Times);

    /// <summary>Places among the lanes that run the same.</summary>
    private static List<LaneResult> Results(int lane, IReadOnlyList<int> entries, List<Eq<ComponentResult>> results, ScoreSheet sheet)
    {
        var alike = Enumerable.Range(0, entries.Count).Where(i => entries[i] == entries[lane]).ToList();
        return sheet
            .Components.Select(
                (c, n) =>
                {
                    var places = Ranking.Places(alike.Select(i => results[i][n]).ToList());
                    var mine = results[lane][n];
                    return new LaneResult(c.Name, mine.Text, mine.TieText, places[alike.IndexOf(lane)], alike.Count, mine.Reasons.ToList());
                }
            )
            .ToList();
    }

    private static IEnumerable<MomentAt> Moments(List<PlayedRun> runs)
    {
        for (var lane = 1; lane <= runs.Count; lane++)
        {
            foreach (var happening in runs[lane - 1].Events)
            {
                if (happening.What is Happened.HandedOver over)
                {
                    yield return new(
                        happening.At.Ms,
                        MomentKind.HandOver,
                        lane,
                        $"Lane {lane}: the {Core.Text.Words.Ordinal(over.Seat)} takes over"
                    );
                }
            }

            foreach (var piece in runs[lane - 1].End.Pieces)
            {
                for (var mark = piece.Marks; mark is not null; mark = mark.Before)
                {
                    if (mark.At is Mark.Gate gate)
                    {
                        yield return new(mark.Time.Ms, MomentKind.Gate, lane, $"Lane {lane} is at gate {gate.Number}");
                    }
                }
            }
        }

        var done = runs.Select((r, i) => (Lane: i + 1, r.End))
            .Where(r => r.End.Pieces.All(p => p.Phase == PiecePhase.Finished))
            .Select(r => (r.Lane, At: r.End.Pieces.Max(p => p.Finished!.Value.Ms)))
            .OrderBy(r => r.At)
            .ToList();
        if (done.Count > 0)
        {
            yield return new(done[0].At, MomentKind.FirstFinisher, done[0].Lane, $"Lane {done[0].Lane} finishes first");
        }

        foreach (
            var cap in runs.SelectMany(r => r.End.Pieces).Where(p => p.Phase == PiecePhase.Over).Select(p => p.Cap!.Value.Ms).Distinct()
        )
        {
            yield return new(cap, MomentKind.Cap, null, $"The clock ends at {new Duration(cap)}");
        }
    }
}
