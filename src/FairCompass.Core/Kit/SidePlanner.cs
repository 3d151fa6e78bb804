namespace FairCompass.Core.Kit;

/// <summary>
/// Plans one bar exactly. Plates lie on a sleeve as a stack: what is put on later comes off earlier, so the spans of moments in
/// which plates lie on a bar are nested. The cheapest nesting is found span by span: either one plate lies on through the whole
/// span, or the span falls into two that share no further plate. Fewest plates taken off again first, then fewest handled, then the
/// least mass.
/// </summary>
/// <param name="plates">The kinds of plates, heaviest first; at most <see cref="MostKinds"/>.</param>
/// <param name="free">For each moment the pairs of each kind that no other bar has.</param>
/// <param name="need">For each moment the mass on one side in thousandths; null where the bar may stand as it is.</param>
/// <param name="stands">What lies on it before, inside first, as kinds.</param>
/// <param name="bar">Whether it needs a full plate, and its sleeve.</param>
/// <param name="budget">What may still be looked at.</param>
/// <param name="prices">For each moment what it costs to have a pair of each kind there, which others need; null for nothing.</param>
internal sealed class SidePlanner(
    PlatePairs[] plates,
    int[][] free,
    long?[] need,
    int[] stands,
    PlannedBar bar,
    PlanBudget budget,
    long[][]? prices = null
)
{
    /// <summary>Kinds of plates that are planned with.</summary>
    public const int MostKinds = 20;

    /// <summary>Pairs of one kind that are planned with.</summary>
    public const int MostPairs = 63;

    /// <summary>Moments that are planned at once: the ends of a span take four bits each.</summary>
    public const int MostMoments = 15;

    /// <summary>Bits of a key that count the pairs of one kind.</summary>
    private const int Bits = 6;

    /// <summary>No plan.</summary>
    private const long None = long.MaxValue;

    /// <summary>The choice where nothing more has to lie on the bar.</summary>
    private const int Ready = -1;

    /// <summary>The choice where none costs less than the limit.</summary>
    private const int Dear = -2;

    /// <summary>A plate that is taken off again is worth more than any number handled: what lies inside stays on.</summary>
    public const long Off = 1L << 50;

    /// <summary>A plate handled is worth more than any mass, and mass more than how long a plate lies.</summary>
    public const long Plate = 1L << 40;

    /// <summary>What a thousandth of mass is worth.</summary>
    public const long Mass = 1L << 8;

    private readonly Dictionary<UInt128, (long Cost, int Choice)> known = [];
    private readonly long[] masses = [.. plates.Select(p => (long)(p.Mass * 1000))];
    private readonly SpanFigures spans = new([.. plates.Select(p => (long)(p.Mass * 1000))], free, need, prices);

    /// <summary>What is on each side at each moment, inside first, as kinds; null where some moment cannot be made.</summary>
    public List<int>[]? Plan()
    {
        // Moment 0 is how the bar stands before the first.
        if (Cost() == None)
        {
            return null;
        }

        var sides = Enumerable.Range(0, need.Length + 1).Select(_ => new List<int>()).ToArray();
        Lay(0, need.Length, 0, 0, sides);
        return sides[1..];
    }

    /// <summary>The cost of the plan.</summary>
    public long Cost() => Cost(0, need.Length, 0, 0, None);

    /// <summary>The least cost of the moments of a span, on top of plates that lie there all the time.</summary>
    /// <param name="from">The first moment.</param>
    /// <param name="to">The last.</param>
    /// <param name="on">What lies there all the time.</param>
    /// <param name="mass">Its mass in thousandths.</param>
    /// <param name="limit">A cost from which on nobody asks how dear it is: then any number from the limit on is answered.</param>
    private long Cost(int from, int to, UInt128 on, long mass, long limit)
    {
        // Without a choice a cost is what it is at least.
        if (known.TryGetValue(Key(from, to, on), out var was) && (was.Choice != Dear || was.Cost >= limit))
        {
            return was.Cost;
        }

        if (!budget.Take(known.Count))
        {
            return None;
        }

        var (best, choice) = Done(from, to, on, mass) ? (0L, Ready) : (limit, Dear);
        if (choice == Dear)
        {
            var most = spans.Least(from, to) - mass;
            for (var kind = 0; kind < plates.Length; kind++)
            {
                if (
                    masses[kind] <= most
                    && (from > 0 || Next(on) == kind)
                    && Free(from, to, kind, on)
                    && Handled(from, to, kind) is var handled
                    && handled + spans.AtLeast(from, to, mass + masses[kind]) < best
                )
                {
                    Take(handled, Cost(from, to, on + (UInt128.One << (Bits * kind)), mass + masses[kind], Left(handled)), kind);
                }
            }

            for (var split = from; split < to; split++)
            {
                // What costs more than the best even with the least that the rest can cost is no better.
                var rest = spans.AtLeast(split + 1, to, mass);
                if (
                    spans.AtLeast(from, split, mass) + rest < best
                    && Cost(from, split, on, mass, Left(rest)) is var first
                    && first < Left(rest)
                )
                {
                    Take(first, Cost(split + 1, to, on, mass, Left(first)), plates.Length + split);
                }
            }
        }

        known[Key(from, to, on)] = (best, choice);
        return best;

        long Left(long spent) => best == None ? None : best - spent;

        void Take(long a, long b, int by)
        {
            if (a != None && b != None && a + b < best)
            {
                (best, choice) = (a + b, by);
            }
        }
    }

    private void Lay(int from, int to, UInt128 on, long mass, List<int>[] sides)
    {
        var choice = known[Key(from, to, on)].Choice;
        if (choice < 0)
        {
            return;
        }

        if (choice < plates.Length)
        {
            for (var moment = from; moment <= to; moment++)
            {
                sides[moment].Add(choice);
            }

            Lay(from, to, on + (UInt128.One << (Bits * choice)), mass + masses[choice], sides);
        }
        else
        {
            Lay(from, choice - plates.Length, on, mass, sides);
            Lay(choice - plates.Length + 1, to, on, mass, sides);
        }
    }

    /// <summary>True when nothing more has to lie on the bar in a span.</summary>
    private bool Done(int from, int to, UInt128 on, long mass)
    {
        if (from == 0 && Count(on) < stands.Length)
        {
            return false;
        }

        if (spans.Greatest(from, to) is >= 0 and var most && (most != mass || spans.Least(from, to) != mass))
        {
            return false;
        }

        return to == 0 || (from == to && need[to - 1] is null) || Fits(on);
    }

    /// <summary>A full plate where one is needed, and no more than the sleeve takes.</summary>
    private bool Fits(UInt128 on)
    {
        if (on == 0)
        {
            return true;
        }

        var (full, thick) = (!bar.NeedsFull, 0m);
        for (var kind = 0; kind < plates.Length; kind++)
        {
            var n = (int)(on >> (Bits * kind)) & MostPairs;
            full |= n > 0 && plates[kind].Full;
            thick += n * (plates[kind].Thickness ?? 0);
        }

        return full && (bar.Sleeve is not { } sleeve || thick <= sleeve);
    }

    private bool Free(int from, int to, int kind, UInt128 on) =>
        ((int)(on >> (Bits * kind)) & MostPairs) is var used && used < MostPairs && used < spans.Free(from, to, kind);

    /// <summary>Which plate lies next on the bar as it stands; -1 behind the last.</summary>
    private int Next(UInt128 on) => Count(on) is var n && n < stands.Length ? stands[n] : -1;

    private int Count(UInt128 on)
    {
        var n = 0;
        for (var kind = 0; kind < plates.Length; kind++)
        {
            n += (int)(on >> (Bits * kind)) & MostPairs;
        }

        return n;
    }

    /// <summary>
    /// Put on at the beginning of a span, unless it lay there before; taken off at its end, unless nothing comes after. Of equal plans the
    /// one is better in which plates lie on the bar for less long: others may need them.
    /// </summary>
    private long Handled(int from, int to, int kind)
    {
        var each = Plate + (masses[kind] * Mass);
        return (from > 0 ? each : 0) + (to < need.Length ? Off + each : 0) + to - from + spans.Price(from, to, kind);
    }

    /// <summary>A span with what lies there all the time: the counts take 120 bits, its ends four each.</summary>
    private static UInt128 Key(int from, int to, UInt128 on) => (on << 8) | (uint)((from << 4) | to);
}
