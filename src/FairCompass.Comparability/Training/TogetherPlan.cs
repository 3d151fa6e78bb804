using FairCompass.Core.Quantities;
using FairCompass.Core.Standards.Figures.Reps;

namespace FairCompass.Comparability.Training;

/// <summary>Which reps judges see together: near the line on both sides, since there they disagree, and one plain one of each
/// kind.</summary>
public static class TogetherPlan
{
    /// <summary>Reps before the ruling.</summary>
    public const int First = 12;

    /// <summary>Reps after it.</summary>
    public const int Then = 6;

    private static readonly double[] Steps = [-1, 1, -0.5, 0.5, -1.5, 1.5, -3, 0.75, -0.75, 1, -1, 2];

    /// <summary>The reps; null where no movement has a clause that can be trained.</summary>
    /// <param name="movements">What is judged.</param>
    /// <param name="seed">Who does them and in which order.</param>
    public static IReadOnlyList<(Item Item, Rep Rep)>? Of(IReadOnlyList<SittingMovement> movements, ulong seed)
    {
        var clauses = movements
            .Select(m => (m.Movement.Id, Maker: Makers.Of(m.Movement)))
            .Where(x => x.Maker is not null)
            .SelectMany(x => x.Maker!.Trainable.Take(SittingPlan.MostClauses).Select(t => (x.Id, x.Maker, Clause: t)))
            .ToList();
        if (clauses.Count == 0)
        {
            return null;
        }

        var random = new Pcg32(seed, 19);
        (Item, Rep) One(int i)
        {
            var (id, maker, clause) = clauses[i % clauses.Count];
            var margin = Math.Clamp(Steps[i % Steps.Length] * clause.Step, clause.Outside, clause.Inside);
            var item = new Item(id, [new(clause.Clause.Id, margin)], ((ulong)random.Next() << 32) | random.Next(), true);
            return (item, maker!.Make(item.Asked, item.Seed));
        }

        // Before and after the ruling the distances are alike, so that the two can be compared; the reps are not.
        return
        [
            .. Shuffled([.. Enumerable.Range(0, First).Select(One)], random),
            .. Shuffled([.. Enumerable.Range(0, Then).Select(One)], random),
        ];
    }

    private static T[] Shuffled<T>(T[] all, Pcg32 random)
    {
        for (var i = all.Length - 1; i > 0; i--)
        {
            var j = (int)random.Below((uint)i + 1);
            (all[i], all[j]) = (all[j], all[i]);
        }

        return all;
    }
}
