using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Core.Observing;

/// <summary>
/// Works out what a card says from the facts that were seen. A pure function of the set of facts: their order, facts that come
/// twice and the batches they come in do not matter, and a fact that was taken back leaves no trace. Two facts that say
/// different things of the same are disputed, and neither holds: not even the later one.
/// </summary>
public sealed class Folding
{
    private readonly Course course;
    private readonly ScoreSheet sheet;
    private readonly List<Dispute> disputes = [];
    private readonly List<Trouble> troubles;
    private readonly IReadOnlyList<Observed> facts;
    private readonly ILookup<string, CardFieldKind> asked;

    private Folding(IEnumerable<Observed> all, Course course, ScoreSheet sheet)
    {
        var (standing, wrong) = StandingFacts.Of(all);
        troubles = [.. wrong];
        this.sheet = sheet;
        // Options decide how many units there are, so they are settled before anything is counted.
        var plausible = standing.Where(f => f.Fact is not Fact.Chose || Possible(f, course)).ToList();
        choices = Settled<Fact.Chose, (string, int, long?), int>(
                plausible,
                c => (c.Piece, c.Task, c.Round),
                c => c.Option,
                (c, _) => $"the option of task {c.Task + 1}{(c.Round is { } r ? $" in round {r}" : "")}"
            )
            .Select(c => new Chosen(c.Key.Item1, c.Key.Item2, c.Value, c.Key.Item3))
            .OrderBy(c => (c.Piece, c.Task, c.Round))
            .ToEq();
        this.course = course.With(choices);
        asked = Card.Fields(this.course, sheet).ToLookup(f => f.Piece, f => f.Field);
        facts = plausible.Where(f => f.Fact is Fact.Chose || Possible(f, this.course)).ToList();
    }

    private readonly Eq<Chosen> choices;

    /// <summary>Folds the facts of one entry.</summary>
    /// <param name="facts">In any order.</param>
    /// <param name="course">The workout for this entry, without options taken.</param>
    /// <param name="sheet">Its scores.</param>
    public static CardReading Of(IEnumerable<Observed> facts, Course course, ScoreSheet sheet) => new Folding(facts, course, sheet).Read();

    private CardReading Read()
    {
        var counts = new CountFolding(facts, course, Disputed).Read();
        var pieces = course.Pieces.Select(p => Piece(p, counts)).OfType<PieceObservation>().ToEq();
        var status = One<Fact.Ended, EntryStatus>("what became of the entry", e => e.How) ?? EntryStatus.Ran;
        var adjusted = facts
            .Select(f => f.Fact)
            .OfType<Fact.Adjusted>()
            .Select(a => new Adjustment(a.Component, a.Time, a.Credit, a.Reason))
            .OrderBy(a => (a.Component, a.Reason, a.Time?.Ms, a.Credit))
            .ToEq();
        var run = new RunObservation(status, pieces, choices, facts.Any(f => f.Fact is Fact.Unjudged), adjusted);
        return new(
            run,
            disputes
                .GroupBy(d => d.About)
                .Select(g => new Dispute(g.Key, g.SelectMany(d => d.Facts).Distinct().Order().ToEq()))
                .OrderBy(d => d.About, StringComparer.Ordinal)
                .ToEq(),
            troubles.Distinct().OrderBy(t => t.Fact).ThenBy(t => t.Field, StringComparer.Ordinal).ToEq(),
            counts.Done,
            counts.NoReps,
            Lineups()
        );
    }

    private PieceObservation? Piece(CoursePiece piece, CountsRead counts)
    {
        var key = piece.Piece.Key;
        var (finish, watches) = Finish(key);
        var tie = Tie(key);
        var lifts = Lifts(key);
        var mine = counts.Units.Where(u => u.Piece == key).ToList();
        var units = mine.Where(u => u.Strand.Length == 0).Select(u => (long?)u.Units).FirstOrDefault();
        var ticks = Ticks(key);
        var unverified = One<Fact.Unverified, long>($"the unverified units of {Name(key)}", u => u.Units, u => u.Piece == key);
        var seen = new PieceObservation(
            key,
            finish,
            // Who finished has done everything: the count says nothing more, and must not contradict.
            finish is not null
            || watches.Count > 0
                ? null
                : units,
            tie,
            lifts,
            Counts: mine.Where(u => u.Strand.Length > 0).Select(u => new StrandCount(u.Strand, u.Units)).ToEq(),
            Watches: watches,
            Ticks: ticks,
            Unverified: unverified
        )
        {
            Gates = Gates(key),
            By = By(key),
            Faults = Faults(key),
            Marks = NamedMark
                .Of(piece, sheet)
                .Select(m => (m.Name, Time: Read(key, new Mark.Named(m.Name))))
                .Where(m => m.Time is not null)
                .Select(m => new MarkRead(m.Name, m.Time!.Value))
                .ToEq(),
        };
        return seen == new PieceObservation(key) ? null : seen;
    }

    private (Duration? Finish, Eq<Duration> Watches) Finish(string piece)
    {
        var read = One<Fact.Timed, Eq<Duration>>(
            $"the finish of {Name(piece)}",
            t => t.Watches,
            t => t.Piece == piece && t.At is Mark.Finish
        );
        return read is not { } watches ? (null, [])
            : watches.Count == 1 ? (watches[0], [])
            : (null, watches);
    }

    /// <summary>The time that breaks ties, when the scores ask for one in this piece.</summary>
    private Duration? Tie(string piece)
    {
        foreach (var tie in sheet.Components.SelectMany(c => c.Ties))
        {
            var mark = tie switch
            {
                Tiebreak.TimeAtRound { Round: { } r } t when t.Piece == piece => new Mark.Round(r),
                Tiebreak.TimeAtRound t when t.Piece == piece => new Mark.LastFullRound(),
                Tiebreak.TimeAtGate t when t.Piece == piece => LastGate(piece),
                _ => (Mark?)null,
            };
            if (mark is not null)
            {
                return Read(piece, mark);
            }
        }

        return asked[piece].Contains(CardFieldKind.TieTime) && LastGate(piece) is { } gate ? Read(piece, gate) : null;
    }

    /// <summary>The clock at a mark, as the watches say; null when nobody read it, or what was read is disputed.</summary>
    private Duration? Read(string piece, Mark mark) =>
        One<Fact.Timed, Eq<Duration>>($"the time at {Word(mark)} of {Name(piece)}", t => t.Watches, t => t.Piece == piece && t.At == mark)
            is { } watches
            ? Timing.Official([.. watches.Select(w => Timing.Round(w, sheet.Resolution))])
            : null;

    /// <summary>The times at the gates, as far as the last that was read; none where the card asks for no more than one.</summary>
    private Eq<Duration?> Gates(string piece)
    {
        if (asked[piece].All(f => f != CardFieldKind.Gates))
        {
            return [];
        }

        var last = LastGate(piece)?.Number ?? 0;
        return Enumerable.Range(1, last).Select(n => Read(piece, new Mark.Gate(n))).ToEq();
    }

    /// <summary>Gates are passed in order, so the last one whose time was read is the last that was passed.</summary>
    private Mark.Gate? LastGate(string piece) =>
        facts
            .Select(f => f.Fact)
            .OfType<Fact.Timed>()
            .Where(t => t.Piece == piece)
            .Select(t => t.At)
            .OfType<Mark.Gate>()
            .MaxBy(g => g.Number);

    private Eq<Try> Lifts(string piece) =>
        Settled<Fact.Lifted, (int Order, int? Seat), Try>(
                facts.Where(f => f.Fact is Fact.Lifted l && l.Piece == piece),
                l => (l.Order, l.Seat),
                l => new(l.Load, l.Made, l.Seat, l.NoClips) { Reps = l.Reps, Clock = l.Clock },
                (l, _) => $"lift {l.Order}{(l.Seat is { } s ? $" of place {s}" : "")} in {Name(piece)}"
            )
            .OrderBy(l => (l.Key.Order, l.Key.Seat))
            .Select(l => l.Value)
            .ToEq();

    private Eq<MemberUnits> By(string piece) =>
        Settled<Fact.Did, (int Task, int Seat), long>(
                facts.Where(f => f.Fact is Fact.Did d && d.Piece == piece),
                d => (d.Task, d.Seat),
                d => d.Units,
                (d, _) => $"what place {d.Seat} did of task {d.Task + 1} in {Name(piece)}"
            )
            .OrderBy(d => d.Key)
            .Select(d => new MemberUnits(d.Key.Seat, d.Value, d.Key.Task))
            .ToEq();

    private Eq<FaultSeen> Faults(string piece) =>
        Settled<Fact.Faulted, string, long>(
                facts.Where(f => f.Fact is Fact.Faulted c && c.Piece == piece),
                c => c.Fault,
                c => c.Times,
                (c, _) => $"how often {c.Fault} was called in {Name(piece)}"
            )
            .Where(c => c.Value > 0)
            .OrderBy(c => c.Key, StringComparer.Ordinal)
            .Select(c => new FaultSeen(c.Key, c.Value))
            .ToEq();

    private long? Ticks(string piece)
    {
        var mine = facts.Where(f => f.Fact is Fact.Ticked t && t.Piece == piece).ToList();
        return mine.Count == 0
            ? null
            : Settled<Fact.Ticked, (long, int?), bool>(
                    mine,
                    t => (t.Round, t.Seat),
                    t => t.Hit,
                    (t, _) => $"the target of round {t.Round} in {Name(piece)}"
                )
                .LongCount(t => t.Value);
    }

    private Eq<Lineup> Lineups() =>
        Settled<Fact.Seated, (int Seat, int? From), string>(
                facts,
                s => (s.Seat, s.FromCycle),
                s => s.Athlete,
                (s, _) => $"who stands at place {s.Seat}"
            )
            .Select(s => new Lineup(s.Key.Seat, s.Key.From, s.Value))
            .OrderBy(l => (l.Seat, l.FromCycle))
            .ToEq();

    /// <summary>The one value of a thing; null when nobody has seen it, or it is disputed.</summary>
    private TValue? One<TFact, TValue>(string about, Func<TFact, TValue> value, Func<TFact, bool>? of = null)
        where TFact : Fact
        where TValue : struct
    {
        var seen = facts.Where(f => f.Fact is TFact t && (of is null || of(t))).ToList();
        var values = seen.Select(f => value((TFact)f.Fact)).Distinct().ToList();
        if (values.Count > 1)
        {
            Disputed(about, seen);
        }

        return values.Count == 1 ? values[0] : null;
    }

    /// <summary>The values of many things of one kind, disputed ones left out.</summary>
    private List<(TKey Key, TValue Value)> Settled<TFact, TKey, TValue>(
        IEnumerable<Observed> from,
        Func<TFact, TKey> key,
        Func<TFact, TValue> value,
        Func<TFact, Observed, string> about
    )
        where TFact : Fact
    {
        var settled = new List<(TKey, TValue)>();
        foreach (var thing in from.Where(f => f.Fact is TFact).GroupBy(f => key((TFact)f.Fact)))
        {
            var values = thing.Select(f => value((TFact)f.Fact)).Distinct().ToList();
            if (values.Count == 1)
            {
                settled.Add((thing.Key, values[0]));
            }
            else
            {
                Disputed(about((TFact)thing.First().Fact, thing.First()), thing);
            }
        }

        return settled;
    }

    private void Disputed(string about, IEnumerable<Observed> of) =>
        disputes.Add(new(about, of.Select(f => f.Id).Distinct().Order().ToEq()));

    private bool Possible(Observed fact, Course of)
    {
        if (FactCheck.Objection(fact.Fact, of, sheet) is not { } objection)
        {
            return true;
        }

        troubles.Add(new(fact.Id, objection.Path, objection.Message));
        return false;
    }

    private string Name(string piece) => course.Piece(piece)?.Piece is { IsNamed: true } named ? named.Name : $"part {piece}";

    private static string Word(Mark mark) =>
        mark switch
        {
            Mark.Round r => $"round {r.Number}",
            Mark.Gate g => $"gate {g.Number}",
            Mark.LastFullRound => "the last full round",
            _ => "the finish",
        };
}
