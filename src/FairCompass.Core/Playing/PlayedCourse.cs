using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Playing;

/// <summary>What came of a step.</summary>
public abstract record Outcome
{
    private Outcome() { }

    /// <summary>It happened.</summary>
    /// <param name="State">How the lane stands now.</param>
    public sealed record Moved(PlayedCourse State) : Outcome;

    /// <summary>It cannot have happened.</summary>
    /// <param name="Sentence">Why.</param>
    public sealed record Refused(string Sentence) : Outcome;
}

/// <summary>What can count next at one counter.</summary>
/// <param name="Piece">The piece’s key.</param>
/// <param name="Strand">The counter’s key; empty for the only one.</param>
/// <param name="Next">The unit that counts next; null for a lift.</param>
/// <param name="Worth">What that unit adds to what the card shows; 0 for a lift.</param>
/// <param name="AtMost">Units that can be done before something else is due; null without end.</param>
/// <param name="Seats">Who may do it; empty for an individual, and where all do each together.</param>
/// <param name="Needs">What must happen first; null for nothing.</param>
public sealed record Possible(string Piece, string Strand, Place? Next, long Worth, long? AtMost, Eq<int> Seats, Need? Needs);

/// <summary>What must happen before the next unit can count.</summary>
public enum Need
{
    /// <summary>A move between two chunks.</summary>
    Move,

    /// <summary>Another load on the bar.</summary>
    Load,

    /// <summary>A crew-mate holds the position.</summary>
    Hold,

    /// <summary>Another member takes over.</summary>
    HandOver,
}

/// <summary>
/// The work of one entry while it is played: what has been done, what may happen next, and what is worth what, at each moment of the
/// hall clock. Immutable: each step gives a new state. Cards, sheets and scores are held against it.
/// </summary>
public sealed partial class PlayedCourse
{
    private readonly PlayedPieces pieces;

    /// <summary>The clock changes nothing up to here; a step before it looks at no other piece.</summary>
    private readonly Duration quiet;

    private PlayedCourse(
        Course course,
        ScoreSheet sheet,
        Duration now,
        PlayedPieces pieces,
        EntryStatus status,
        Eq<Chosen> choices,
        Duration quiet
    )
    {
        this.quiet = quiet;
        Course = course;
        Sheet = sheet;
        Now = now;
        this.pieces = pieces;
        Status = status;
        Choices = choices;
    }

    /// <summary>The workout for this entry, with the options that were taken.</summary>
    public Course Course { get; }

    /// <summary>Its scores.</summary>
    public ScoreSheet Sheet { get; }

    /// <summary>The hall clock at the last thing that happened.</summary>
    public Duration Now { get; }

    /// <summary>The pieces in the order of the clock.</summary>
    public IReadOnlyList<PlayedPiece> Pieces => pieces;

    /// <summary>What became of the entry.</summary>
    public EntryStatus Status { get; }

    /// <summary>The options that were taken.</summary>
    public Eq<Chosen> Choices { get; }

    /// <summary>True when nothing can happen any more.</summary>
    public bool IsOver => Status != EntryStatus.Ran || IsDone(pieces);

    /// <summary>The entry at its line, before the clock starts.</summary>
    /// <param name="course">The workout for this entry.</param>
    /// <param name="sheet">Its scores.</param>
    /// <param name="choices">Options that it has said beforehand; empty for none.</param>
    public static PlayedCourse Start(Course course, ScoreSheet sheet, Eq<Chosen> choices = default)
    {
        var taken = course.With(choices);
        var settings = PieceSetting.Of(taken, choices);
        var pieces = Advance(new PlayedPieces(settings.Select(s => new PlayedPiece(s))), Duration.Zero);
        return new(taken, sheet, Duration.Zero, pieces, EntryStatus.Ran, choices, QuietOf(pieces, Duration.Zero));
    }

    /// <summary>A piece by its key; null when there is none.</summary>
    public PlayedPiece? Piece(string key) => pieces.IndexOf(key) is >= 0 and var i ? pieces[i] : null;

    /// <summary>The next moment at which the clock itself changes something for this entry; null when none is left.</summary>
    public Duration? NextMoment
    {
        get
        {
            if (Now < quiet && quiet != Never)
            {
                return quiet;
            }

            Duration? next = null;
            for (var i = 0; i < pieces.Count; i++)
            {
                var at = Changes(pieces[i]);
                next = at > Now ? Least(next, at) : next;
            }

            return next;
        }
    }

    /// <summary>What can count next, counter by counter, while the clock stands as it does.</summary>
    public IEnumerable<Possible> Possible()
    {
        if (Status != EntryStatus.Ran)
        {
            yield break;
        }

        foreach (var piece in pieces)
        {
            if (!piece.IsOpen || Now > piece.Cap)
            {
                continue;
            }

            if (piece.Piece.Piece.IsHeaviest)
            {
                yield return new(piece.Piece.Piece.Key, "", null, 0, 1, Seats(piece), null);
                continue;
            }

            foreach (var strand in piece.Strands)
            {
                if (strand.Next is { } next && Steps.Open(piece, strand) is > 0 and var open)
                {
                    yield return new(
                        piece.Piece.Piece.Key,
                        strand.Of.Key,
                        next,
                        strand.Worth,
                        open == long.MaxValue ? null : open,
                        Steps.Seats(piece, next),
                        Steps.Needs(piece, next)
                    );
                }
            }
        }
    }

    /// <summary>Lets something happen.</summary>
    /// <param name="happening">What, and when.</param>
    /// <returns>The new state, or why it cannot have happened.</returns>
    public Outcome Apply(Happening happening)
    {
        if (happening.At < Now)
        {
            return new Outcome.Refused($"The clock stands at {Now}, and does not run back to {happening.At}.");
        }

        if (Status != EntryStatus.Ran)
        {
            return new Outcome.Refused("The entry has stopped.");
        }

        var moved = happening.At < quiet ? pieces : Advance(pieces, happening.At);
        switch (happening.What)
        {
            case Happened.ClockCame:
                return At(happening.At, moved);
            case Happened.Stopped { How: not EntryStatus.Ran } stopped:
                return new Outcome.Moved(new(Course, Sheet, happening.At, moved, stopped.How, Choices, Never));
            case Happened.Stopped:
                return new Outcome.Refused("Who runs on has not stopped.");
            case Happened.OptionTaken taken:
                return Take(taken, happening.At, moved);
        }

        var key = happening.What.In ?? "";
        var index = moved.IndexOf(key);
        if (index < 0)
        {
            return new Outcome.Refused("This workout has no such part.");
        }

        var (piece, refused) = Steps.Apply(moved[index], happening, Sheet);
        if (piece is null)
        {
            return new Outcome.Refused(refused!);
        }

        var after = moved.With(index, piece);
        // What gets the rest of the clock opens with the finish of what comes before.
        if (piece.Phase == PiecePhase.Finished)
        {
            after = Advance(after, happening.At);
        }

        // A unit in the middle of the work changes nothing that the clock knows.
        return happening.At < quiet && IsAlike(piece, pieces[index])
            ? new Outcome.Moved(new(Course, Sheet, happening.At, after, Status, Choices, quiet))
            : At(happening.At, after);
    }

    /// <summary>The state after something that is known to have happened.</summary>
    /// <exception cref="InvalidOperationException">It cannot have; the message says why.</exception>
    public PlayedCourse After(Happening happening) =>
        Apply(happening) switch
        {
            Outcome.Moved moved => moved.State,
            Outcome.Refused refused => throw new InvalidOperationException($"{happening}: {refused.Sentence}"),
            _ => this,
        };

    private static readonly Duration Never = new(long.MaxValue);

    /// <summary>True when the clock has the same to do with both.</summary>
    private static bool IsAlike(PlayedPiece a, PlayedPiece b) =>
        a.Phase == b.Phase && a.Cap == b.Cap && a.Interval == b.Interval && a.RestUntil == b.RestUntil;

    private static bool IsDone(PlayedPieces pieces)
    {
        for (var i = pieces.Count - 1; i >= 0; i--)
        {
            if (pieces[i].Phase < PiecePhase.Finished)
            {
                return false;
            }
        }

        return true;
    }

    /// <summary>The next moment at which the clock changes a piece; the end of a window counts when it has gone by.</summary>
    private static Duration? Changes(PlayedPiece piece) =>
        piece.Phase switch
        {
            PiecePhase.Waiting => piece.Setting.Opens,
            PiecePhase.Resting => Least(piece.RestUntil, piece.Cap),
            PiecePhase.Open => Least(Rollover(piece), piece.Cap),
            _ => null,
        };

    private static Duration QuietOf(PlayedPieces pieces, Duration now)
    {
        var quiet = Never;
        for (var i = 0; i < pieces.Count; i++)
        {
            var piece = pieces[i];
            // What waits for its end is looked at with every step from its cap on.
            var at = piece.Phase == PiecePhase.Waiting && piece.Setting.After is not null ? piece.Cap : Changes(piece);
            if (at is { } moment && moment < quiet)
            {
                quiet = moment > now ? moment : now;
            }
        }

        return quiet;
    }

    private Outcome.Moved At(Duration now, PlayedPieces after) => new(new(Course, Sheet, now, after, Status, Choices, QuietOf(after, now)));

    private Outcome Take(Happened.OptionTaken taken, Duration at, PlayedPieces moved)
    {
        var chosen = new Chosen(taken.Piece, taken.Task, taken.Option, taken.Round);
        var others = Choices.Where(c => c with { Option = 0 } != chosen with { Option = 0 });
        var choices = others.Append(chosen).ToEq();
        if (Card.Refusals([chosen], Course).FirstOrDefault() is { Sentence: { } sentence })
        {
            return new Outcome.Refused(sentence);
        }

        if (choices.Count == Choices.Count && Choices.Contains(chosen))
        {
            return At(at, moved);
        }

        var course = Course.With(choices);
        var settings = PieceSetting.Of(course, choices);
        var under = new List<PlayedPiece>(moved.Count);
        for (var i = 0; i < moved.Count; i++)
        {
            var piece = moved[i];
            for (var s = 0; s < piece.Strands.Count; s++)
            {
                var (was, now) = (piece.Strands[s].Of.Counter, settings[i].Piece.Strands[s].Counter);
                var done = piece.Strands[s].Units;
                if (
                    done > 0
                    && (done > (now.Units ?? long.MaxValue) || was.Counted(done) != now.Counted(done) || was.At(done) != now.At(done))
                )
                {
                    return new Outcome.Refused("Some of this task is done already; the option is taken before it begins.");
                }
            }

            under.Add(piece.Under(settings[i]));
        }

        var after = new PlayedPieces(under);

        return new Outcome.Moved(new(course, Sheet, at, after, Status, choices, QuietOf(after, at)));
    }

    /// <summary>What the clock itself does until a time; a moment that comes exactly then has come, the end of a window has not.</summary>
    private static PlayedPieces Advance(PlayedPieces pieces, Duration to)
    {
        var after = pieces;
        for (var i = 0; i < pieces.Count; i++)
        {
            var piece = Advance(after[i], i > 0 ? after[i - 1] : null, to);
            if (!ReferenceEquals(piece, after[i]))
            {
                after = after.With(i, piece);
            }
        }

        return after;
    }

    private static PlayedPiece Advance(PlayedPiece piece, PlayedPiece? before, Duration to)
    {
        if (piece.Phase == PiecePhase.Waiting && piece.Setting.IsPlayable)
        {
            var opens = piece.Setting.After is null ? piece.Setting.Opens : before?.Finished;
            if (opens <= to)
            {
                piece = piece with { Phase = PiecePhase.Open, Opened = opens, Interval = piece.Setting.Each is null ? 0 : 1 };
                if (piece.Piece.Piece.GoesOnFrom is not null && before is { Strands: [var reached] } && piece.Strands is [var mine])
                {
                    piece = piece with { Strands = [reached.In(mine.Of)] };
                    piece = piece.Strands[0].Next is null ? piece with { Phase = PiecePhase.Finished, Finished = opens } : piece;
                }

                piece = Steps.Begun(piece);
            }
        }

        if (piece is { Phase: PiecePhase.Resting } && piece.RestUntil <= to)
        {
            piece = piece with { Phase = PiecePhase.Open, RestUntil = null };
        }

        if (piece is { Phase: PiecePhase.Open, Interval: > 0 } && Rollover(piece) is { } next && next <= to)
        {
            piece = piece with
            {
                Interval = Math.Min(Intervals(piece), (int)((to - piece.Opened!.Value).Ms / piece.Setting.Each!.Value.Ms) + 1),
                FirstBefore = piece.Strands[0].Units,
            };
            if (piece.Setting.Plain is { EndsWork: true } && IsBroken(piece))
            {
                return piece with { Phase = PiecePhase.Over };
            }
        }

        return piece.Phase switch
        {
            PiecePhase.Open or PiecePhase.Resting when piece.Cap < to => piece with { Phase = PiecePhase.Over },
            PiecePhase.Waiting when piece.Cap < to => piece with { Phase = PiecePhase.NotReached },
            _ => piece,
        };
    }

    private static Duration? Least(Duration? a, Duration? b) =>
        a is null ? b
        : b is null || a < b ? a
        : b;

    private static Eq<int> Seats(PlayedPiece piece) =>
        piece.Members.Count < 2 ? [] : piece.Members.Select((m, i) => m.Seat ?? i + 1).ToEq();
}
