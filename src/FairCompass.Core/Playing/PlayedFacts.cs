using FairCompass.Core.Observing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Playing;

/// <summary>What somebody at the lane would have seen of a run, as facts.</summary>
public static class PlayedFacts
{
    /// <summary>The facts of a run; times as the clock shows them.</summary>
    /// <param name="end">How the lane stood in the end.</param>
    /// <param name="run">What happened, in order.</param>
    /// <param name="day">When the clock started, for the device that writes it down.</param>
    public static IReadOnlyList<Observed> Of(PlayedCourse end, IReadOnlyList<Happening> run, DateTimeOffset day = default)
    {
        var facts = new List<(Fact Fact, Duration At)>();
        void Add(Fact fact, Duration at) => facts.Add((fact, at));

        foreach (var choice in end.Choices)
        {
            Add(new Fact.Chose(choice.Piece, choice.Task, choice.Option, choice.Round), Duration.Zero);
        }

        var asked = Card.Fields(end.Course, end.Sheet).ToLookup(f => f.Piece);
        foreach (var piece in end.Pieces.Where(p => p.Phase is not (PiecePhase.Waiting or PiecePhase.NotReached)))
        {
            var key = piece.Piece.Piece.Key;
            foreach (var by in piece.By)
            {
                Add(new Fact.Did(key, by.Task!.Value, by.Seat, by.Units), end.Now);
            }

            foreach (var (fault, times) in piece.Faults)
            {
                Add(new Fact.Faulted(key, fault, times), end.Now);
            }

            foreach (
                var (fact, at) in Counts(piece, run, end.Now).Concat(Times(piece, end.Sheet, asked[key].Select(f => f.Field).ToHashSet()))
            )
            {
                Add(fact, at);
            }
        }

        var order = new Dictionary<string, int>(StringComparer.Ordinal);
        foreach (var (at, what) in run)
        {
            switch (what)
            {
                case Happened.Lifted l:
                    order[l.Piece] = order.GetValueOrDefault(l.Piece) + 1;
                    Add(new Fact.Lifted(l.Piece, order[l.Piece], l.Load, l.Made, l.Seat, Clock: at), at);
                    break;
                case Happened.HoldTaken h:
                    Add(new Fact.Held(h.Piece, true, at, h.Seat), at);
                    break;
                case Happened.HoldBroken h:
                    Add(new Fact.Held(h.Piece, false, at, h.Seat), at);
                    break;
                case Happened.Stopped s:
                    Add(new Fact.Ended(s.How), at);
                    break;
            }
        }

        return facts
            .OrderBy(f => f.At)
            .Select(
                (f, i) => new Observed(new Guid(i + 1, 0, 0, new byte[8]), "judge", day.AddMilliseconds(f.At.Ms), "lane", i + 1, f.Fact)
            )
            .ToList();
    }

    /// <summary>What the facts of a run say of it, without going through them: the same, and quicker where thousands are played.</summary>
    /// <param name="end">How the lane stood in the end.</param>
    public static RunObservation Observation(PlayedCourse end)
    {
        var asked = Card.Fields(end.Course, end.Sheet).ToLookup(f => f.Piece, f => f.Field);
        return new(
            end.Status,
            end.Pieces.Where(p => p.Phase is not (PiecePhase.Waiting or PiecePhase.NotReached))
                .Select(p => Observation(p, end.Sheet, asked[p.Piece.Piece.Key].ToHashSet()))
                .ToEq(),
            end.Choices
        );
    }

    private static PieceObservation Observation(PlayedPiece piece, ScoreSheet sheet, HashSet<CardFieldKind> asked)
    {
        var key = piece.Piece.Piece.Key;
        var finish =
            piece.Finished is { } at && asked.Contains(CardFieldKind.Finish) ? Timing.Round(at, sheet.Resolution) : (Duration?)null;
        var lifts = new List<Try>();
        for (var lift = piece.Lifts; lift is not null; lift = lift.Before)
        {
            lifts.Insert(0, new(lift.Lift.Load, lift.Lift.Made, lift.Lift.Seat) { Clock = lift.At });
        }

        return new(
            key,
            finish,
            finish is null && piece.Piece.Strand is not null ? piece.Strands[0].Units : null,
            asked.Contains(CardFieldKind.TieTime) ? Tie(piece, sheet) : null,
            lifts.ToEq(),
            Counts: piece.Piece.Strand is null && finish is null ? piece.Strands.Select(s => new StrandCount(s.Of.Key, s.Units)).ToEq() : []
        )
        {
            Gates = asked.Contains(CardFieldKind.Gates) ? Gates(piece, sheet) : [],
            Marks = Named(piece, sheet),
            By = piece.By.OrderBy(b => (b.Task, b.Seat)).ToEq(),
            Faults = piece.Faults,
        };
    }

    private static Eq<MarkRead> Named(PlayedPiece piece, ScoreSheet sheet)
    {
        var read = new List<MarkRead>();
        for (var mark = piece.Marks; mark is not null; mark = mark.Before)
        {
            if (mark.At is Mark.Named named)
            {
                read.Insert(0, new(named.Name, Timing.Round(mark.Time, sheet.Resolution)));
            }
        }

        return read.ToEq();
    }

    private static Eq<Duration?> Gates(PlayedPiece piece, ScoreSheet sheet)
    {
        var read = new List<Duration?>();
        for (var mark = piece.Marks; mark is not null; mark = mark.Before)
        {
            if (mark.At is Mark.Gate)
            {
                read.Insert(0, Timing.Round(mark.Time, sheet.Resolution));
            }
        }

        return read.ToEq();
    }

    /// <summary>The time at the mark that the scores ask for; at a gate in any case.</summary>
    private static Duration? Tie(PlayedPiece piece, ScoreSheet sheet)
    {
        var tie = sheet
            .Components.SelectMany(c => c.Ties)
            .FirstOrDefault(t =>
                (t is Tiebreak.TimeAtRound r && r.Piece == piece.Piece.Piece.Key)
                || (t is Tiebreak.TimeAtGate g && g.Piece == piece.Piece.Piece.Key)
            );
        for (var mark = piece.Marks; mark is not null; mark = mark.Before)
        {
            if (
                (tie, mark.At) switch
                {
                    (Tiebreak.TimeAtRound { Round: { } round }, Mark.Round m) => m.Number == round,
                    (Tiebreak.TimeAtRound { Round: null }, Mark.Round) => true,
                    (not Tiebreak.TimeAtRound, Mark.Gate) => true,
                    _ => false,
                }
            )
            {
                return Timing.Round(mark.Time, sheet.Resolution);
            }
        }

        return null;
    }

    /// <summary>How far each counter came; by member, where each unit has its member.</summary>
    private static IEnumerable<(Fact, Duration)> Counts(PlayedPiece piece, IReadOnlyList<Happening> run, Duration end)
    {
        var key = piece.Piece.Piece.Key;
        foreach (var strand in piece.Strands)
        {
            var mine = run.Select(h => h.What).OfType<Happened.Done>().Where(d => d.Piece == key && d.Strand == strand.Of.Key).ToList();
            // Where a set was lost, its units are nobody’s any more.
            if (mine.Count > 0 && mine.TrueForAll(d => d.Seat is not null) && mine.Sum(d => d.Units) == strand.Units)
            {
                foreach (var member in mine.GroupBy(d => d.Seat).OrderBy(g => g.Key))
                {
                    yield return (new Fact.Reached(key, strand.Of.Key, member.Sum(d => d.Units), member.Key), end);
                }
            }
            else
            {
                yield return (new Fact.Reached(key, strand.Of.Key, strand.Units), end);
            }
        }
    }

    private static IEnumerable<(Fact, Duration)> Times(PlayedPiece piece, ScoreSheet sheet, HashSet<CardFieldKind> asked)
    {
        var last = true;
        for (var mark = piece.Marks; mark is not null; mark = mark.Before)
        {
            Eq<Duration> read = [Timing.Round(mark.Time, sheet.Resolution)];
            if (mark.At is not Mark.Finish || asked.Contains(CardFieldKind.Finish))
            {
                yield return (new Fact.Timed(piece.Piece.Piece.Key, mark.At, read), mark.Time);
            }

            if (last && mark.At is Mark.Round)
            {
                last = false;
                yield return (new Fact.Timed(piece.Piece.Piece.Key, new Mark.LastFullRound(), read), mark.Time);
            }
        }
    }
}
