namespace FairCompass.Core.Kit;

/// <summary>
/// Plans several bars exactly. Each is planned as if the plates were its own; where more are taken of a kind at a moment than there
/// are, one of the bars must take fewer, so the search goes on once for each of them that is held to one less. What is cheapest is
/// looked at first, so the first plan without a conflict is the best (conflict-based search: G. Sharon and others, 2015).
/// </summary>
internal sealed class ConflictSearch(
    PlatePairs[] plates,
    IReadOnlyList<PlannedBar> bars,
    int[][] starts,
    long?[][] needs,
    int mostPlans,
    PlanBudget budget
)
{
    /// <summary>A node of the search: what each bar may have, and its plan with that.</summary>
    private sealed record Node(int[][][] Free, List<int>[][] Sides, long[] Costs);

    private int plans;

    /// <summary>True when the search gave up: a better plan may exist.</summary>
    public bool GaveUp => plans >= mostPlans || budget.Spent;

    /// <summary>The best plan; null when there is none, or when the search gave up.</summary>
    public List<int>[][]? Best()
    {
        var moments = needs[0].Length;
        var root = new Node(
            [.. bars.Select(b => Enumerable.Range(0, moments).Select(_ => plates.Select(p => p.Pairs / b.Times).ToArray()).ToArray())],
            new List<int>[bars.Count][],
            new long[bars.Count]
        );
        for (var b = 0; b < bars.Count; b++)
        {
            if (!Planned(root, b))
            {
                return null;
            }
        }

        var open = new PriorityQueue<Node, long>();
        open.Enqueue(root, root.Costs.Sum());
        while (open.TryDequeue(out var node, out _) && !GaveUp)
        {
            if (Conflict(node) is not var (moment, kind))
            {
                return node.Sides;
            }

            for (var b = 0; b < bars.Count; b++)
            {
                var used = node.Sides[b][moment].Count(k => k == kind);
                if (used > 0 && Held(node, b, moment, kind, used - 1) is { } child)
                {
                    open.Enqueue(child, child.Costs.Sum());
                }
            }
        }

        return null;
    }

    private Node? Held(Node node, int bar, int moment, int kind, int most)
    {
        var child = new Node([.. node.Free], [.. node.Sides], [.. node.Costs]);
        child.Free[bar] = [.. node.Free[bar]];
        child.Free[bar][moment] = [.. node.Free[bar][moment]];
        child.Free[bar][moment][kind] = most;
        return Planned(child, bar) ? child : null;
    }

    private bool Planned(Node node, int bar)
    {
        plans++;
        var planner = new SidePlanner(plates, node.Free[bar], needs[bar], starts[bar], bars[bar], budget);
        if (planner.Plan() is not { } sides)
        {
            return false;
        }

        (node.Sides[bar], node.Costs[bar]) = (sides, planner.Cost() * bars[bar].Times);
        return true;
    }

    private (int Moment, int Kind)? Conflict(Node node)
    {
        for (var moment = 0; moment < needs[0].Length; moment++)
        {
            for (var kind = 0; kind < plates.Length; kind++)
            {
                if (node.Sides.Select((s, b) => bars[b].Times * s[moment].Count(k => k == kind)).Sum() > plates[kind].Pairs)
                {
                    return (moment, kind);
                }
            }
        }

        return null;
    }
}
