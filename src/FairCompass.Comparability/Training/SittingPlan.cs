using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures.Reps;

namespace FairCompass.Comparability.Training;

/// <summary>A movement of a sitting.</summary>
/// <param name="Movement">The standard as it is in force.</param>
/// <param name="Units">Its reps in the workout; 1 where it is trained for itself.</param>
public sealed record SittingMovement(Movement Movement, long Units);

/// <summary>
/// Which reps a sitting shows. Movements come in the proportion of their reps; of each the clauses whose faults are typical, so many
/// reps of
/// each at the same distances for everybody, the others where they tell most of this judge; a clause whose line is seen off is asked
/// again.
/// </summary>
public sealed class SittingPlan
{
    /// <summary>Reps of a sitting: some eight minutes at ten seconds each.</summary>
    public const int Length = 48;

    /// <summary>Clauses of a movement that everybody is asked for in a sitting at most.</summary>
    public const int MostClauses = 3;

    /// <summary>Distances of the part that everybody gets, in steps.</summary>
    private static readonly double[] Everybody = [-2, 1, -1, 2];

    private readonly record struct Slot(string Movement, Trainable Clause, double? Steps);

    private readonly Dictionary<string, RepMaker> makers;
    private readonly Dictionary<string, Movement> movements;
    private readonly List<Slot> slots;

    private SittingPlan(Dictionary<string, RepMaker> makers, IEnumerable<SittingMovement> movements, List<Slot> slots)
    {
        this.makers = makers;
        this.movements = movements.ToDictionary(m => m.Movement.Id, m => m.Movement, StringComparer.Ordinal);
        this.slots = slots;
    }

    /// <summary>How many reps it has.</summary>
    public int Count => slots.Count;

    /// <summary>Plans a sitting; null where no movement has a clause that can be trained.</summary>
    /// <param name="movements">What is trained.</param>
    /// <param name="seed">In which order; another for each sitting.</param>
    public static SittingPlan? Of(IReadOnlyList<SittingMovement> movements, ulong seed)
    {
        var makers = movements
            .Select(m => (m, Maker: Makers.Of(m.Movement)))
            .Where(x => x.Maker is { Trainable.Count: > 0 })
            .ToDictionary(x => x.m.Movement.Id, x => x.Maker!, StringComparer.Ordinal);
        var trained = movements.Where(m => makers.ContainsKey(m.Movement.Id)).ToList();
        if (trained.Count == 0)
        {
            return null;
        }

        var random = new Pcg32(seed, 3);
        var slots = trained
            .Zip(Portions([.. trained.Select(m => m.Units)]))
            .SelectMany(x => Of(x.First, makers, x.Second, random))
            .ToList();
        Shuffle(slots, random);
        return new(makers, trained, slots);
    }

    /// <summary>The rep of a number.</summary>
    /// <param name="number">From 0.</param>
    /// <param name="said">What this judge called so far.</param>
    /// <param name="seed">For this rep alone: nobody sees it twice.</param>
    public Item Rep(int number, IReadOnlyList<Called> said, ulong seed)
    {
        var slot = slots[number];
        // Every other rep that is not the same for everybody goes to what is off, the rest stays as planned: other lines may move too.
        var again =
            slot.Steps is null && slots.Take(number).Count(s => s.Steps is null && s.Movement == slot.Movement) % 2 == 1
                ? Off(slot.Movement, said)
                : null;
        slot = slot with { Clause = again ?? slot.Clause };
        var step = slot.Clause.Step;
        var margin = slot.Steps is { } steps
            ? Math.Clamp(steps * step, slot.Clause.Outside, slot.Clause.Inside)
            : Telling(slot.Clause, said, step);
        var asked = new List<Asked> { new(slot.Clause.Clause.Id, margin) };
        // Now and then two things are wrong at once: the reason that is given shows what was looked at.
        if (slot.Steps is null && margin < 0 && seed % 6 == 0 && Second(slot, seed) is { } other)
        {
            asked.Add(other);
        }

        return new(slot.Movement, [.. asked], seed, slot.Steps is not null) { Again = again is not null };
    }

    /// <summary>Makes the rep of an item of this plan.</summary>
    public Rep Make(Item item) => makers[item.Movement].Make(item.Asked, item.Seed);

    /// <summary>Makes the rep of an item that was chosen once; null where the standard does not have its clauses any more.</summary>
    public Rep? TryMake(Item item) =>
        makers.TryGetValue(item.Movement, out var maker) && item.Asked.All(a => maker.Trainable.Any(t => t.Clause.Id == a.Clause))
            ? maker.Make(item.Asked, item.Seed)
            : null;

    /// <summary>The standard of a movement of this plan.</summary>
    public Movement Standard(string movement) => movements[movement];

    /// <summary>The clauses of a movement of this plan that can be trained.</summary>
    public Eq<Trainable> Trainable(string movement) => makers[movement].Trainable;

    /// <summary>So many reps for each movement, in the proportion of their units, four at least: fewer tell nothing.</summary>
    private static IReadOnlyList<int> Portions(IReadOnlyList<long> units)
    {
        var all = (double)Math.Max(1, units.Sum());
        return [.. units.Select(u => Math.Max(Math.Min(8, Length / units.Count), (int)Math.Round(Length * u / all)))];
    }

    /// <summary>The first clauses of the standard at the distances that everybody gets; the others, and more of these, where they tell
    /// most.
    /// Which of the others, where there are more than one sitting holds, is drawn: the next sitting has others.</summary>
    private static IEnumerable<Slot> Of(SittingMovement movement, Dictionary<string, RepMaker> makers, int portion, Pcg32 random)
    {
        var clauses = makers[movement.Movement.Id].Trainable.ToList();
        var same = clauses.Take(Math.Clamp(portion / (2 * Everybody.Length), 1, MostClauses)).ToList();
        foreach (var clause in same)
        {
            foreach (var steps in Everybody)
            {
                yield return new(movement.Movement.Id, clause, steps);
            }
        }

        var left = Math.Max(0, portion - (same.Count * Everybody.Length));
        Shuffle(clauses, random);
        var chosen = clauses.Take(Math.Max(1, left / LineModel.Fewest)).ToList();
        for (var i = 0; i < left; i++)
        {
            yield return new(movement.Movement.Id, chosen[i % chosen.Count], null);
        }
    }

    /// <summary>The clause of a movement whose line is seen farthest off, by the newest calls; null where none is known to
    /// be.</summary>
    private Trainable? Off(string movement, IReadOnlyList<Called> said)
    {
        // Who learns is held to what they see by now.
        const int Newest = 3 * LineModel.Fewest;
        return makers[movement]
            .Trainable.Select(t => (Clause: t, Found: LineModel.After(Of(t, said).TakeLast(Newest).Select(c => c.AsLine)).Found()))
            .Where(x => x.Found is { IsOff: true })
            .OrderByDescending(x => Math.Abs(x.Found!.Line))
            .FirstOrDefault()
            .Clause;
    }

    private static IEnumerable<Called> Of(Trainable clause, IReadOnlyList<Called> said) =>
        said.Where(c => c.Clause == clause.Clause.Id && c.Unit == clause.Unit && c.WasSeen && c.Broken.Count < 2);

    private static double Telling(Trainable clause, IReadOnlyList<Called> said, double step)
    {
        var mine = Of(clause, said);
        var from = Math.Max(-5, Math.Ceiling(2 * clause.Outside / step) / 2);
        var to = Math.Min(5, Math.Floor(2 * clause.Inside / step) / 2);
        var candidates = new List<double>();
        for (var m = from; m <= to; m += 0.5)
        {
            // On the line itself there is nothing to see.
            if (m != 0)
            {
                candidates.Add(m);
            }
        }

        return candidates.Count == 0 ? Math.Min(step, clause.Inside) : step * LineModel.After(mine.Select(c => c.AsLine)).Next(candidates);
    }

    private Asked? Second(Slot slot, ulong seed)
    {
        var others = makers[slot.Movement]
            .Trainable.Where(t => t.Clause.Phase != slot.Clause.Clause.Phase && t.Outside <= -3 * t.Step)
            .ToList();
        return others.Count == 0 ? null
            : others[(int)(seed / 6 % (ulong)others.Count)] is var other ? new(other.Clause.Id, -3 * other.Step)
            : null;
    }

    private static void Shuffle<T>(List<T> list, Pcg32 random)
    {
        for (var i = list.Count - 1; i > 0; i--)
        {
            var j = (int)random.Below((uint)i + 1);
            (list[i], list[j]) = (list[j], list[i]);
        }
    }
}
