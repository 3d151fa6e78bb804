using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Outcomes.Desk;

/// <summary>Reads a card as it was typed: what the card cannot say is refused at its field, what no human does is asked once, and what is
/// empty stays empty.</summary>
public sealed class CardReader
{
    /// <summary>Before the name of a movement in the key of its tally of no-reps.</summary>
    public const string NoRep = "norep.";

    /// <summary>Reps in a second above which a count is asked about; single skips of a rope come near it, nothing else does. Common
    /// practice.</summary>
    private const double FastestReps = 4;

    private readonly TypedCard typed;
    private readonly Course plain;
    private readonly Dictionary<string, string> texts;
    private readonly List<FieldError> errors = [];
    private readonly List<Doubt> asked = [];

    /// <summary>The options that the card names, and the workout with them taken.</summary>
    private readonly Eq<Chosen> choices;
    private readonly Course course;

    private CardReader(TypedCard typed, Course plain)
    {
        (this.typed, this.plain) = (typed, plain);
        texts = typed.Fields.GroupBy(f => f.Key).ToDictionary(g => g.Key, g => g.Last().Text.Trim(), StringComparer.Ordinal);
        choices = [.. CardOptions.Of(plain).SelectMany(Options)];
        course = plain.With(choices);
    }

    /// <summary>The movements whose no-reps a judge tallies, in the order of the work.</summary>
    /// <param name="course">The workout for this entry.</param>
    public static IReadOnlyList<string> Movements(Course course) =>
        [.. course.Pieces.SelectMany(p => p.Tasks).Select(t => t.Prescription.Movement.Value).Distinct(StringComparer.Ordinal)];

    /// <summary>What a hand types of a card, in its order: what follows from other fields is not asked.</summary>
    /// <param name="course">The workout for this entry.</param>
    /// <param name="sheet">Its scores.</param>
    public static IReadOnlyList<CardField> Fields(Course course, ScoreSheet sheet) => [.. Card.Fields(course, sheet).Where(f => !f.Spare)];

    /// <summary>Reads a card.</summary>
    /// <param name="typed">As it was typed.</param>
    /// <param name="course">The workout for this entry.</param>
    /// <param name="sheet">Its scores.</param>
    public static ReadCard Read(TypedCard typed, Course course, ScoreSheet sheet)
    {
        var reader = new CardReader(typed, course);
        var fields = Fields(course, sheet);
        var tallies = Movements(course)
            .Select(m => (Movement: m, Times: reader.Count(NoRep + m)))
            .Where(t => t.Times is not null)
            .Select(t => new NoReps(t.Movement, t.Times!.Value))
            .ToEq();
        // Who did not start has done nothing, whatever stands in the fields, and nobody had to judge it.
        var pieces =
            typed.Status == EntryStatus.DidNotStart ? [] : fields.GroupBy(f => f.Piece).Select(g => reader.Piece(g.Key, [.. g])).ToEq();
        if (fields.Count == 0)
        {
            reader.Error("status", "No score of this workout is stated, so there is nothing to type.");
        }

        var run = Card.Resolve(
            typed.Status == EntryStatus.DidNotStart ? new(typed.Status, []) : new(typed.Status, pieces, reader.choices, typed.Unjudged),
            course
        );
        if (reader.errors.Count == 0)
        {
            reader.Refuse(Card.Validate(run, course, sheet), fields);
        }

        if (reader.errors.Count == 0)
        {
            reader.Wonder(run, fields);
        }

        return new(
            reader.errors.Count == 0 ? run : null,
            tallies,
            [.. reader.errors],
            [.. reader.asked.Where(d => !typed.Sure.Contains(d.Key))]
        );
    }

    private PieceObservation Piece(string piece, IReadOnlyList<CardField> fields)
    {
        Duration? One(CardFieldKind kind) => fields.FirstOrDefault(f => f.Field == kind) is { } f ? Time(f.Key) : null;
        IEnumerable<CardField> All(CardFieldKind kind) => fields.Where(f => f.Field == kind);
        var counts = Whole(All(CardFieldKind.Count), f => Count(f.Key, StrandOf(piece, f.Strand)));
        var gates = All(CardFieldKind.Gates).Select(f => Time(f.Key)).ToList();
        var members = Whole(All(CardFieldKind.By), f => Count(f.Key));
        return new PieceObservation(
            piece,
            One(CardFieldKind.Finish),
            TieTime: One(CardFieldKind.TieTime),
            Tries: Tries(piece),
            Stood: Stood(piece),
            Counts: [.. counts.Select(c => new StrandCount(c.Field.Strand!) { Counted = c.Units })],
            Unverified: fields.FirstOrDefault(f => f.Field == CardFieldKind.Unverified) is { } u ? Count(u.Key) : null
        )
        {
            Counted = fields.FirstOrDefault(f => f.Field == CardFieldKind.Counted) is { } c
                ? Count(c.Key, course.Piece(piece)?.Strand)
                : null,
            Gates = gates.TrueForAll(g => g is null) ? [] : [.. gates],
            Marks =
            [
                .. All(CardFieldKind.Marks)
                    .Select(f => (f.Mark, At: Time(f.Key)))
                    .Where(m => m.At is not null)
                    .Select(m => new MarkRead(m.Mark!, m.At!.Value)),
            ],
            By = [.. members.Select(m => new MemberUnits(m.Field.Number!.Value, m.Units, m.Field.Task))],
            Faults =
            [
                .. All(CardFieldKind.Faults)
                    .Select(f => (f.Fault, Times: Count(f.Key)))
                    .Where(f => f.Times is not null)
                    .Select(f => new FaultSeen(f.Fault!, f.Times!.Value)),
            ],
        };
    }

    /// <summary>Numbers that are asked together: all of them or none, since what is empty is not zero.</summary>
    private List<(CardField Field, long Units)> Whole(IEnumerable<CardField> fields, Func<CardField, long?> read)
    {
        var all = fields.Select(f => (Field: f, Units: read(f))).ToList();
        if (all.TrueForAll(x => x.Units is null))
        {
            return [];
        }

        foreach (var (field, _) in all.Where(x => x.Units is null && Text(x.Field.Key).Length == 0))
        {
            Error(field.Key, "Empty, and the others are not; write 0 where nothing was counted.");
        }

        return [.. all.Select(x => (x.Field, x.Units ?? 0))];
    }

    private Strand? StrandOf(string piece, string? strand) => course.Piece(piece)?.Strands.FirstOrDefault(s => s.Key == strand)?.Counter;

    /// <summary>The options that the letters of a task name.</summary>
    private IReadOnlyList<Chosen> Options(CardOption option)
    {
        var text = Text(option.Key);
        if (text.Length == 0 || option.Read(text) is not { } read)
        {
            if (text.Length > 0)
            {
                var last = (char)('A' + option.Ways.Count - 1);
                Error(
                    option.Key,
                    option.Rounds == 1 ? $"One letter from A to {last}." : $"One letter from A to {last}, or one for each round."
                );
            }

            return [];
        }

        return read;
    }

    private string Text(string key) => texts.GetValueOrDefault(key, "");

    private Duration? Time(string key) => Number(key, TypedNumbers.Time, "A time such as 8:32, 12:04.3 or 1:02:03.");

    /// <summary>The number of a box. Full rounds and what stands behind them (<c>4+11</c>) are one number for a work that is one
    /// loop.</summary>
    private long? Count(string key, Strand? strand = null)
    {
        if (TypedNumbers.Rounds(Text(key)) is not var (rounds, beyond))
        {
            return Number(
                key,
                TypedNumbers.Whole,
                strand is { IsOneLoop: true } ? "A whole number, or rounds and reps: 4+11." : "A whole number."
            );
        }

        if (strand is not { IsOneLoop: true } loop || (rounds > 0 && loop.UnitsAfterRound(rounds) is null))
        {
            Error(key, "Rounds and reps cannot be told apart here; write the number in the last box.");
            return null;
        }

        var done = rounds == 0 ? 0 : loop.UnitsAfterRound(rounds)!.Value;
        var next = loop.UnitsAfterRound(rounds + 1);
        if (next is { } end && done + beyond >= end)
        {
            Error(key, $"Round {rounds + 1} has {end - done}; {beyond} behind {rounds} full rounds is one round more.");
            return null;
        }

        return loop.Counted(done + beyond);
    }

    private T? Number<T>(string key, Func<string, T?> read, string wanted)
        where T : struct
    {
        var text = Text(key);
        if (text.Length == 0)
        {
            return null;
        }

        if (read(text) is { } number)
        {
            return number;
        }

        if (TypedNumbers.Lookalikes(text) is { } meant && read(meant) is { } likely)
        {
            asked.Add(new(key, $"“{text}”: is {meant} meant?"));
            return likely;
        }

        Error(key, wanted);
        return null;
    }

    private Eq<Try> Tries(string piece)
    {
        var tries = new List<Try>();
        foreach (var lift in typed.Lifts.Where(l => l.Piece == piece && l.Load.Trim().Length > 0))
        {
            if (TypedNumbers.Load(lift.Load) is { } load)
            {
                tries.Add(new(load, lift.Made, lift.Seat));
            }
            else
            {
                Error($"{piece}.tries", "Each load is a number such as 87.5.");
            }
        }

        return [.. tries];
    }

    private LedgerPlace? Stood(string piece)
    {
        if (typed.Places.FirstOrDefault(p => p.Piece == piece) is not { } at || (at.Round.Trim().Length == 0 && at.Unit.Trim().Length == 0))
        {
            return null;
        }

        var tasks = plain.Piece(piece) is { } known ? Card.Tasks(known) : [];
        var task = tasks.FirstOrDefault(t => t.Index == at.Task);
        var (round, unit) = (TypedNumbers.Whole(at.Round), TypedNumbers.Whole(at.Unit));
        if (task is null || unit is null || (task.InRounds && round is null))
        {
            Error($"{piece}.stood", task is { InRounds: true } ? "Whole numbers for round and count." : "A whole number.");
            return null;
        }

        return new(task.InRounds ? round : null, task.Index, unit, task.Options.Count > 1 ? at.Option : null);
    }

    private void Error(string key, string sentence) => errors.Add(new(key, sentence));

    /// <summary>What the rules of the card refuse, at the field that a person sees.</summary>
    private void Refuse(IReadOnlyList<FieldError> refused, IReadOnlyList<CardField> fields)
    {
        var pieces = fields.Select(f => f.Piece).Distinct().ToList();
        foreach (var error in refused)
        {
            Error(CardPaths.KeyOf(error.Path, pieces, fields) ?? OptionOf(error.Path) ?? "status", error.Message);
        }
    }

    private string? OptionOf(string path) =>
        Enumerable
            .Range(0, choices.Count)
            .Where(i => path.StartsWith($"choices[{i}]", StringComparison.Ordinal))
            .Select(i => $"{choices[i].Piece}.option.{choices[i].Task}")
            .FirstOrDefault();

    /// <summary>Asks about what no human does.</summary>
    private void Wonder(RunObservation run, IReadOnlyList<CardField> fields)
    {
        foreach (var piece in run.Pieces)
        {
            if (
                piece.Finish is { } finish
                // Metres and calories of a machine go faster than any rep.
                && course.Piece(piece.Piece) is { Strand.Units: { } units } part
                && part.Tasks.All(t => t.Counted.Word == "rep")
                && units * 1000.0 / Math.Max(1, finish.Ms) > FastestReps
                && fields.FirstOrDefault(f => f.Piece == piece.Piece && f.Field == CardFieldKind.Finish) is { } field
            )
            {
                asked.Add(new(field.Key, $"{units} reps in {finish}: more than {FastestReps:0} a second. Is that meant?"));
            }
        }
    }
}
