using FairCompass.Core.Briefing;
using FairCompass.Core.Courses;
using FairCompass.Core.Observing;
using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Play;

/// <summary>
/// Fills in the printed card from what is seen at the lane and nothing else: crosses the next box when the task in hand is done, keeps
/// the reps of an unfinished task, writes the clock where the card has a place for it. It works nothing out; what a box says is what was
/// printed in it.
/// </summary>
public sealed class MechanicalJudge
{
    private readonly PlayedCourse start;
    private readonly List<(PlayedPiece Piece, CourseStrand Strand, PrintedCounter? Printed)> counters = [];
    private readonly Dictionary<(string, string), (int Boxes, int Tasks, long Beyond)> hand = [];
    private readonly Dictionary<(string, string), List<long>> crossed = [];

    /// <summary>A judge with a card in hand.</summary>
    /// <param name="card">The lane card, as it is printed.</param>
    /// <param name="entry">Whose part of it; null where it is one entry’s.</param>
    /// <param name="start">The lane before the start, with the options that are said beforehand.</param>
    public MechanicalJudge(Brief card, string? entry, PlayedCourse start)
    {
        this.start = start;
        var printed = new Queue<PrintedCounter>(PrintedCounter.Of(card, entry));
        foreach (var piece in start.Pieces)
        {
            foreach (var strand in piece.Piece.Strands)
            {
                counters.Add(
                    (
                        piece,
                        strand,
                        strand.Counter.IsOneNumber || strand.Counter.TooLarge || strand.Interval is not null ? null
                        : printed.TryDequeue(out var p) ? p
                        : null
                    )
                );
            }
        }

        HasAllBoxes =
            printed.Count == 0
            && counters.TrueForAll(c =>
                c.Printed is not null || c.Strand.Counter.IsOneNumber || c.Strand.Counter.TooLarge || c.Strand.Interval is not null
            );
    }

    /// <summary>False where the card has more counters than the work, or fewer.</summary>
    public bool HasAllBoxes { get; }

    /// <summary>Watches a run and fills in the card.</summary>
    /// <param name="run">What happens, in order.</param>
    public FilledCard Watch(IReadOnlyList<Happening> run)
    {
        var state = start;
        foreach (var happening in run)
        {
            var before = state;
            state = state.After(happening);
            GoOn(before, state);
            if (happening.What is Happened.Done done)
            {
                Sees(done, happening.At, before.Piece(done.Piece)!.Strand(done.Strand)!, state.Piece(done.Piece)!.Strand(done.Strand)!);
            }
            else if (happening.What is Happened.HoldBroken broken)
            {
                Strikes(before.Piece(broken.Piece)!, state.Piece(broken.Piece)!);
            }
        }

        return new(state.Pieces.Select(p => Piece(p, state.Sheet, run)).ToList(), state.Choices, state.Status);
    }

    /// <summary>The tables of boxes of a card, with the time at which each was crossed off in the run that was watched.</summary>
    /// <param name="card">The card.</param>
    /// <param name="entry">Whose part of it; null where it is one entry’s.</param>
    public IReadOnlyList<CardTable> Tables(Brief card, string? entry) => FilledTables.Of(card, entry, this);

    /// <summary>When the boxes of a counter were crossed off, in milliseconds; in the order of the card’s counters with boxes, from
    /// 0.</summary>
    public IReadOnlyList<long> CrossedAt(int counter) =>
        counters.Where(c => c.Printed is not null).ElementAtOrDefault(counter) is { Printed: not null } c
        && crossed.TryGetValue((c.Piece.Piece.Piece.Key, c.Strand.Key), out var times)
            ? times
            : [];

    /// <summary>True for a counter that has boxes on the card; otherwise its number is written down.</summary>
    public bool HasBoxes(PlayedPiece piece, CourseStrand strand) =>
        counters.Exists(c => c.Piece.Piece.Piece.Key == piece.Piece.Piece.Key && c.Strand.Key == strand.Key && c.Printed is not null);

    /// <summary>Where a member of a relay goes on from the one before, the boxes go on as well.</summary>
    private void GoOn(PlayedCourse before, PlayedCourse now)
    {
        foreach (var (was, piece) in before.Pieces.Zip(now.Pieces))
        {
            if (
                was.Opened is not null
                || piece.Opened is null
                || piece.Piece.Piece.GoesOnFrom is not { } from
                || piece.Strands is not [var strand]
            )
            {
                continue;
            }

            var (mine, earlier) = ((piece.Piece.Piece.Key, strand.Of.Key), (from, strand.Of.Key));
            hand[mine] = hand.GetValueOrDefault(earlier);
            crossed[mine] = crossed.TryGetValue(earlier, out var times) ? [.. times] : [];
        }
    }

    /// <summary>One more of the task in hand; the next box when it was the last of the row.</summary>
    private void Sees(Happened.Done done, Duration at, PlayedStrand before, PlayedStrand after)
    {
        var key = (done.Piece, done.Strand);
        var (boxes, tasks, beyond) = hand.GetValueOrDefault(key);
        beyond += done.Units;
        if (after.HasLeft(before.Next!))
        {
            tasks++;
            var printed = counters.Find(c => c.Piece.Piece.Piece.Key == done.Piece && c.Strand.Key == done.Strand).Printed;
            if (printed is null || boxes >= printed.Boxes.Count || tasks >= printed.Boxes[boxes].Tasks)
            {
                (boxes, tasks, beyond) = (boxes + 1, 0, 0);
                (crossed.TryGetValue(key, out var times) ? times : crossed[key] = []).Add(at.Ms);
            }
        }

        hand[key] = (boxes, tasks, beyond);
    }

    /// <summary>A set that is lost is struck: it lies in the task in hand, so no box is given back.</summary>
    private void Strikes(PlayedPiece before, PlayedPiece after)
    {
        foreach (var (was, now) in before.Strands.Zip(after.Strands).Where(s => s.First.Units > s.Second.Units))
        {
            var key = (before.Piece.Piece.Key, was.Of.Key);
            var (boxes, tasks, beyond) = hand.GetValueOrDefault(key);
            hand[key] = (boxes, tasks, beyond - (was.Units - now.Units));
        }
    }

    private FilledPiece Piece(PlayedPiece piece, ScoreSheet sheet, IReadOnlyList<Happening> run)
    {
        var key = piece.Piece.Piece.Key;
        var marks = new List<(Mark, Duration)>();
        for (var mark = piece.Marks; mark is not null; mark = mark.Before)
        {
            marks.Add((mark.At, Timing.Round(mark.Time, sheet.Resolution)));
        }

        var lifts = run.Where(h => h.What is Happened.Lifted l && l.Piece == key).Select(h => ((Happened.Lifted)h.What, h.At));
        return new(
            key,
            piece.Finished is { } at ? Timing.Round(at, sheet.Resolution) : null,
            marks,
            lifts.Select(l => new Try(l.Item1.Load, l.Item1.Made, l.Item1.Seat) { Clock = l.At }).ToList(),
            piece.Strands.Select(s => Counter(key, s)).ToList()
        )
        {
            By = piece.By.OrderBy(b => (b.Task, b.Seat)).ToEq(),
            Faults = run.Select(h => h.What)
                .OfType<Happened.FaultCalled>()
                .Where(f => f.Piece == key)
                .GroupBy(f => f.Fault)
                .OrderBy(g => g.Key, StringComparer.Ordinal)
                .Select(g => new FaultSeen(g.Key, g.LongCount()))
                .ToEq(),
        };
    }

    private FilledCounter Counter(string piece, PlayedStrand strand)
    {
        if (strand.Of.Interval is not null)
        {
            // In the row of its interval stands how far it came.
            return new(piece, strand.Of.Key, 0, null, strand.Counted, null, strand.Next?.Task, strand.Units) { Boxed = false };
        }

        var (boxes, _, beyond) = hand.GetValueOrDefault((piece, strand.Of.Key));
        var printed = counters.Find(c => c.Piece.Piece.Piece.Key == piece && c.Strand.Key == strand.Of.Key).Printed;
        var last =
            boxes == 0 ? 0
            : printed is not null && boxes <= printed.Boxes.Count ? printed.Boxes[boxes - 1].Total
            : (long?)null;
        var at = strand.Next;
        return new(
            piece,
            strand.Of.Key,
            boxes,
            last,
            beyond,
            at is { Rounds.Count: > 0 } ? at.Rounds[^1] : null,
            at?.Task,
            at is null ? 0 : at.Unit - 1
        )
        {
            Boxed = printed is not null,
        };
    }
}
