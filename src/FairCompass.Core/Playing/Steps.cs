using FairCompass.Core.Courses;
using FairCompass.Core.Observing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Playing;

/// <summary>What one thing that happens changes in its piece, and why it may not happen.</summary>
internal static partial class Steps
{
    /// <summary>The piece after something happened, or why it cannot have.</summary>
    public static (PlayedPiece? Piece, string? Refused) Apply(PlayedPiece piece, Happening happening, ScoreSheet sheet) =>
        piece.Phase switch
        {
            PiecePhase.Waiting => (null, "This part is not open yet."),
            PiecePhase.Resting => (null, $"A rest runs until {piece.RestUntil}."),
            PiecePhase.Finished => (null, "All of this part is done."),
            PiecePhase.Over or PiecePhase.NotReached => (null, $"This part ended at {piece.Cap}."),
            _ => happening.What switch
            {
                Happened.Done done => Done(piece, done, happening.At, sheet),
                Happened.NoRep no => piece.Strand(no.Strand) is { } strand
                    ? (Replace(piece, strand, strand.WithNoRep()), null)
                    : (null, "This part has no such counter."),
                Happened.FaultCalled f => FaultCost.Named(piece.Piece.Piece.Key, sheet).Contains(f.Fault)
                    ? (piece with { Faults = OneMore(piece.Faults, f.Fault) }, null)
                    : (null, "Nobody has said what this fault costs here."),
                Happened.HandedOver h => IsMember(piece, h.Seat)
                    ? HandedOver(piece, h.Seat)
                    : (null, "No member of this part stands there."),
                Happened.HoldTaken h => piece.Holding.Contains(h.Seat)
                    ? (null, "The position is held already.")
                    : (Begins(piece) with { Holding = piece.Holding.Append(h.Seat).ToEq() }, null),
                Happened.HoldBroken h => piece.Holding.Contains(h.Seat)
                    ? (Broken(piece, sheet) with { Holding = Without(piece.Holding, h.Seat) }, null)
                    : (null, "Nobody holds there."),
                Happened.Lifted lift => Lift(piece, lift, happening.At),
                Happened.MoveDone => piece.MoveDue ? (piece with { MoveDue = false }, null) : (null, "No move is due."),
                Happened.ReRigged => piece.LoadDue is { } due ? (Rigged(piece, due), null) : (null, "No other load is due."),
                _ => (null, "This cannot happen in a part of the work."),
            },
        };

    private static (PlayedPiece? Piece, string? Refused) HandedOver(PlayedPiece piece, int to) =>
        piece.Strands.Count == 1 && piece.NextInOrder(piece.Strands[0]) is { } next && next != to
            ? (null, $"It is the turn of place {next}.")
        : piece.UnfinishedTurn is { } turn ? (null, $"A turn has {turn}.")
        : (piece with { Worker = to, Turn = 0 }, null);

    /// <summary>Units of a counter that can be done before something else is due: 0 for none.</summary>
    public static long Open(PlayedPiece piece, PlayedStrand strand)
    {
        var ahead =
            strand.Next is not { } next ? 0
            : next.Of is { } of ? of - next.Unit + 1
            : long.MaxValue;
        return strand.Of.Role switch
        {
            StrandRole.First => Math.Min(ahead, piece.FirstOwed),
            StrandRole.Then => piece.FirstOwed > 0 ? 0 : ahead,
            StrandRole.Interval => strand.Of.Interval == piece.Interval ? ahead : 0,
            // What carries over waits for its interval.
            StrandRole.Only when piece.Setting.Plain is not null => Math.Min(
                ahead,
                (strand.Of.Counter.UnitsAfterRound(piece.Interval) ?? strand.Units) - strand.Units
            ),
            _ => ahead,
        };
    }

    /// <summary>Who may do a unit.</summary>
    public static Eq<int> Seats(PlayedPiece piece, Place next)
    {
        var sharing = piece.SharingOf(next.Task);
        return piece.Members.Count < 2 || sharing.Together ? []
            : next.Seat is { } turn ? [turn]
            : piece
                .Members.Select((m, i) => m.Seat ?? i + 1)
                .Where(s => !piece.Holding.Contains(s))
                .Take(Math.Max(sharing.Members, 1))
                .ToEq();
    }

    /// <summary>What must happen before a unit can count; null for nothing.</summary>
    public static Need? Needs(PlayedPiece piece, Place next)
    {
        var sharing = piece.SharingOf(next.Task);
        return piece.MoveDue ? Need.Move
            : piece.LoadDue is not null ? Need.Load
            : piece.Holding.Count < sharing.HoldBy ? Need.Hold
            : piece.Turn >= sharing.AtMost ? Need.HandOver
            : null;
    }

    /// <summary>The piece as its first unit finds it: the bar of the first task has its load.</summary>
    public static PlayedPiece Begun(PlayedPiece piece) => piece.Strands.Aggregate(piece, Laid);

    private static (PlayedPiece? Piece, string? Refused) Done(PlayedPiece piece, Happened.Done done, Duration at, ScoreSheet sheet)
    {
        if (piece.Strand(done.Strand) is not { } strand)
        {
            return (null, "This part has no such counter.");
        }

        if (strand.Next is not { } next)
        {
            return (null, "All of this counter is done.");
        }

        if (done.Units < 1 || done.Units > Open(piece, strand))
        {
            return (
                null,
                Open(piece, strand) is var open && open == 0
                    ? "What comes first in the interval is not done, or nothing of it is due."
                    : $"From 1 to {open} units can be done here before something else is due."
            );
        }

        if (Refusal(piece, strand, next, done) is { } refused)
        {
            return (null, refused);
        }

        var after = strand.With(done.Units);
        var moved = piece with
        {
            Strands = Replaced(piece.Strands, strand, after),
            Worker = done.Seat ?? piece.Worker,
            Turn = piece.TurnOf(done.Seat) + done.Units,
        };
        if (done.Seat is { } member && piece.Setting.Shares.Count > 0)
        {
            moved = moved.Counting(next.Task, member, done.Units);
        }

        if (after.HasLeft(next))
        {
            moved = moved.SetBegins(next.Task);
            moved = after.Next is { } then ? moved.SetBegins(then.Task) : moved;
        }

        return (Passed(moved, after, next, done.Units, at, sheet), null);
    }

    private static string? Refusal(PlayedPiece piece, PlayedStrand strand, Place next, Happened.Done done)
    {
        switch (Needs(piece, next))
        {
            case Need.Move:
                return "A move is due before the next unit.";
            case Need.Load:
                return $"The bar needs {Number.Normal(piece.LoadDue!.To)} before the next unit.";
            case Need.Hold:
                return "Nobody holds the position, so nothing counts.";
        }

        if (piece.Members.Count < 2)
        {
            return null;
        }

        var sharing = piece.SharingOf(next.Task);
        if (sharing.Together)
        {
            return done.Seat is null ? null : "All do each unit together: nobody alone does it.";
        }

        if (next.Seat is { } turn)
        {
            return done.Seat is null || done.Seat == turn ? null : $"This round is the turn of place {turn}.";
        }

        return done.Seat is { } seat && !IsMember(piece, seat) ? "No member of this part stands there."
            : done.Seat is { } holder && piece.Holding.Contains(holder) ? "Who holds the position does not work."
            : !sharing.AtOnce && piece.Worker is { } worker && done.Seat is { } other && other != worker
                ? $"Place {worker} works; another takes over first."
            : piece.Worker is null && done.Seat is { } begins && piece.NextInOrder(strand) is { } first && first != begins
                ? $"It is the turn of place {first}."
            : piece.TurnOf(done.Seat) + done.Units > sharing.AtMost ? $"At most {sharing.AtMost} in a row."
            : done.Seat is { } by && piece.Allowed(strand, next, by) < done.Units
                ? "The rest is owed by others, each the fewest that are theirs."
            : null;
    }

    /// <summary>Everything that a unit brings about: marks, gates, moves, rests, another load, the end.</summary>
    private static PlayedPiece Passed(PlayedPiece piece, PlayedStrand strand, Place was, long done, Duration at, ScoreSheet sheet)
    {
        var setting = piece.Setting;
        var counter = strand.Of.Counter;
        var ended = strand.HasLeft(was);
        if (strand.Of.Role is StrandRole.Only or StrandRole.Then)
        {
            piece = Marked(piece, strand.Units, done, at, sheet);
        }

        if (strand.Of.Role == StrandRole.Only)
        {
            piece = Gated(piece, strand.Units, at, sheet);
            if (ended && counter.RoundEndingAt(strand.Units) is { } round)
            {
                piece = piece with { Marks = new(new Mark.Round(round), at, piece.Marks) };
            }
        }

        if (IsDone(piece))
        {
            return piece with { Phase = PiecePhase.Finished, Finished = at, Marks = new(new Mark.Finish(), at, piece.Marks) };
        }

        if (setting.Moves(was.Task) || (ended && setting.HasMarks))
        {
            foreach (var due in counter.DueAfter(strand.Units))
            {
                piece = due switch
                {
                    Work.OwnRest { Time: { } time } => piece with { Phase = PiecePhase.Resting, RestUntil = at + time },
                    TaskLine.Between => piece with { MoveDue = true },
                    _ => piece,
                };
            }
        }

        return ended ? Laid(piece, strand) : piece;
    }

    /// <summary>Named marks that the last units passed.</summary>
    private static PlayedPiece Marked(PlayedPiece piece, long units, long done, Duration at, ScoreSheet sheet)
    {
        foreach (var mark in NamedMark.Of(piece.Piece, sheet))
        {
            if (mark.Units <= units && mark.Units > units - done)
            {
                piece = piece with { Marks = new(new Mark.Named(mark.Name), at, piece.Marks) };
            }
        }

        return piece;
    }

    /// <summary>Gates whose units are reached while their time runs, one after the other.</summary>
    private static PlayedPiece Gated(PlayedPiece piece, long units, Duration at, ScoreSheet sheet)
    {
        while (
            piece.Gates < piece.Setting.Gates.Length && piece.Setting.Gates[piece.Gates] is { Adds: { } adds } gate && units >= gate.Units
        )
        {
            var read = Timing.Round(at, sheet.Resolution);
            if (at > piece.Cap || (read == piece.Cap && sheet.GateOnSecondCounts == false))
            {
                // Done on the second on which it does not count: the time is written down all the same.
                return piece.Marks is { At: Mark.Gate g } && g.Number == piece.Gates + 1
                    ? piece
                    : piece with
                    {
                        Marks = new(new Mark.Gate(piece.Gates + 1), at, piece.Marks),
                        Phase = PiecePhase.Over,
                    };
            }

            piece = piece with
            {
                Gates = piece.Gates + 1,
                Cap = piece.Cap + adds,
                Marks = new(new Mark.Gate(piece.Gates + 1), at, piece.Marks),
            };
        }

        return piece;
    }

    private static bool IsDone(PlayedPiece piece)
    {
        if (piece.Piece.Piece.SwapUntil is { } swap)
        {
            return piece.Strand(swap) is { Next: null };
        }

        var swaps = piece.Piece.Piece.Swaps.Count > 0;
        for (var i = 0; i < piece.Strands.Count; i++)
        {
            var strand = piece.Strands[i];
            if (strand.Next is not null && (swaps || strand.Of.Role != StrandRole.First))
            {
                return false;
            }
        }

        return true;
    }

    private static (PlayedPiece? Piece, string? Refused) Lift(PlayedPiece piece, Happened.Lifted lift, Duration at) =>
        !piece.Piece.Piece.IsHeaviest ? (null, "This part has no lifts.")
        : lift.Load <= 0 ? (null, "A load over 0, bar included.")
        : piece.Members.Count > 1 && (lift.Seat is not { } seat || !IsMember(piece, seat)) ? (null, "Say who lifted.")
        : piece.Breach(lift.Load, lift.Seat) is { } why ? (null, $"This try may not be: {why}.")
        : (piece with { Lifts = new(lift, at, piece.Lifts), Worker = lift.Seat }, null);

    /// <summary>The load of the next task on its bar; another than before is due.</summary>
    private static PlayedPiece Laid(PlayedPiece piece, PlayedStrand strand)
    {
        if (strand.Next is not { } next || piece.LoadAt(strand) is not { } load || piece.Loads[next.Task] == load)
        {
            return piece;
        }

        // The lifts of a complex are done with one bar.
        var around = piece.Piece.Tasks[next.Task].Complex;
        var was = piece.Loads[next.Task];
        var due = new DueLoad(next.Task, was, load);
        return was is null ? Rigged(piece, due) : piece with { LoadDue = around is null || piece.LoadDue is null ? due : piece.LoadDue };
    }

    private static PlayedPiece Rigged(PlayedPiece piece, DueLoad due)
    {
        var around = piece.Piece.Tasks[due.Task].Complex;
        return piece with
        {
            LoadDue = null,
            Loads = piece
                .Loads.Select(
                    (l, i) => i == due.Task || (around is not null && ReferenceEquals(piece.Piece.Tasks[i].Complex, around)) ? due.To : l
                )
                .ToEq(),
        };
    }

    private static Eq<FaultSeen> OneMore(Eq<FaultSeen> faults, string fault) =>
        faults
            .Where(f => f.Fault != fault)
            .Append(new(fault, (faults.FirstOrDefault(f => f.Fault == fault)?.Times ?? 0) + 1))
            .OrderBy(f => f.Fault, StringComparer.Ordinal)
            .ToEq();

    // By itself: what a lambda holds is made with every step, whichever it is.
    private static Eq<int> Without(Eq<int> holding, int seat) => holding.Where(s => s != seat).ToEq();

    private static bool IsMember(PlayedPiece piece, int seat)
    {
        for (var i = 0; i < piece.Members.Count; i++)
        {
            if ((piece.Members[i].Seat ?? i + 1) == seat)
            {
                return true;
            }
        }

        return false;
    }

    private static PlayedPiece Replace(PlayedPiece piece, PlayedStrand was, PlayedStrand now) =>
        piece with
        {
            Strands = Replaced(piece.Strands, was, now),
        };

    // A loop without an enumerator: this is done with every unit.
    private static Eq<PlayedStrand> Replaced(Eq<PlayedStrand> strands, PlayedStrand was, PlayedStrand now)
    {
        var others = new PlayedStrand[strands.Count];
        for (var i = 0; i < others.Length; i++)
        {
            others[i] = ReferenceEquals(strands[i], was) ? now : strands[i];
        }

        return new(others);
    }
}
