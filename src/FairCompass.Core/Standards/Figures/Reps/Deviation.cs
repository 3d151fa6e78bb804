using FairCompass.Core.Quantities;

namespace FairCompass.Core.Standards.Figures.Reps;

/// <summary>
/// The way along which a pose leaves the limit of a clause: from the good pose towards a typical fault and beyond both. Along it the margin
/// falls steadily, so that each margin belongs to one pose.
/// </summary>
public sealed class Deviation
{
    /// <summary>How far the way is looked along before the good pose and behind the fault, as shares of the way between them.</summary>
    private const double Before = -0.6;
    private const double Behind = 1.5;
    private const double Stride = 0.1;

    private readonly Body body;
    private readonly Surroundings around;
    private readonly Pose good;
    private readonly Pose bad;
    private readonly double least;
    private readonly double most;

    private Deviation(Body body, Surroundings around, Pose good, Pose bad, Predicate decides, double least, double most)
    {
        (this.body, this.around, this.good, this.bad, Decides, this.least, this.most) = (body, around, good, bad, decides, least, most);
        (Inside, Outside) = (Margin(least), Margin(most));
    }

    /// <summary>What gives the margin: the clause, or the part of it that the fault breaks.</summary>
    public Predicate Decides { get; }

    /// <summary>The largest margin that can be shown.</summary>
    public double Inside { get; }

    /// <summary>The smallest; negative.</summary>
    public double Outside { get; }

    /// <summary>The way out of the limit of a clause; null where none is found on which nothing else is broken.</summary>
    /// <param name="clauses">What is judged in the same phase; each holds on the good pose.</param>
    /// <param name="clause">The one that is to be broken.</param>
    /// <param name="body">The body.</param>
    /// <param name="around">What stands around.</param>
    /// <param name="good">The good pose, every angle given.</param>
    /// <param name="bad">The fault, every angle given, standing on the same part.</param>
    public static Deviation? Of(Eq<Clause> clauses, Clause clause, Body body, Surroundings around, Pose good, Pose bad)
    {
        Scene At(double share) => Scene.Place(body, Blend.Between(good, bad, share), around, out _)!;
        if (Plate.MarginOf(clause.Holds!, At(0)) is not >= 0 || Plate.MarginOf(clause.Holds!, At(1)) is not < 0)
        {
            return null;
        }

        var decides = Part(clause.Holds!, At(1));
        var others = clauses.Where(c => c.Id != clause.Id).ToList();
        bool Alone(double share) =>
            At(share) is var scene
            && others.All(c => Plate.MarginOf(c.Holds!, scene) is null or >= 0)
            && clause.Holds!.Holds(scene) == (decides.Margin(scene) >= 0);
        double Margin(double share) => decides.Margin(At(share));
        double Walk(double from, double to, int way)
        {
            var (here, margin) = (from, Margin(from));
            while (way * (to - here) > Stride / 2)
            {
                var next = here + (way * Stride);
                var found = Margin(next);
                if (way * (margin - found) < 0 || !Alone(next))
                {
                    break;
                }

                (here, margin) = (next, found);
            }

            return here;
        }

        // A load that stands behind the middle comes over it before it is in front: the way begins where the margin is largest.
        var top = Enumerable.Range(0, (int)(1 / Stride)).Select(i => i * Stride).MaxBy(Margin);
        var (least, most) = (top > 0 ? top : Walk(0, Before, -1), Walk(top, Behind, 1));
        return Margin(most) < 0 ? new(body, around, good, bad, decides, least, most) : null;
    }

    /// <summary>The pose with a margin, or with the nearest that can be shown.</summary>
    /// <param name="margin">Negative breaks the clause.</param>
    public Pose At(double margin)
    {
        if (margin >= Inside)
        {
            return Blend.Between(good, bad, least);
        }

        if (margin <= Outside)
        {
            return Blend.Between(good, bad, most);
        }

        var (low, high) = (least, most);
        // Thirty halvings of a way of at most some metres leave less than a thousandth of a millimetre.
        for (var i = 0; i < 30; i++)
        {
            var middle = (low + high) / 2;
            (low, high) = Margin(middle) > margin ? (middle, high) : (low, middle);
        }

        // On the side that was asked for: a margin of nothing holds.
        return Blend.Between(good, bad, margin < 0 ? high : low);
    }

    private double Margin(double share) => Decides.Margin(Scene.Place(body, Blend.Between(good, bad, share), around, out _)!);

    /// <summary>Of several rules at once those in the unit of the one that a fault breaks most: degrees and millimetres are not
    /// mixed.</summary>
    private static Predicate Part(Predicate rule, Scene fault)
    {
        if (rule is not Predicate.Both both)
        {
            return rule;
        }

        var worst = both.All.MinBy(p => p.Margin(fault))!;
        var alike = both.All.Where(p => p.InDegrees == worst.InDegrees).ToEq();
        return alike.Count == 1 ? alike[0] : new Predicate.Both(alike);
    }
}
