namespace FairCompass.Core.Observing;

/// <summary>Which facts of a set hold: each once, and none that was taken back or replaced. The order in which they came does not
/// matter.</summary>
internal static class StandingFacts
{
    /// <summary>The facts that hold, ordered by device and sequence, and the troubles of those that cannot stand.</summary>
    public static (IReadOnlyList<Observed> Facts, IReadOnlyList<Trouble> Troubles) Of(IEnumerable<Observed> all)
    {
        var troubles = new List<Trouble>();
        var facts = Once(all, troubles);
        InOrder(facts, troubles);
        var against = facts
            .Values.OrderBy(f => f.Id)
            .SelectMany(f => new[] { (f.Fact as Fact.Retracted)?.What, f.Replaces }.OfType<Guid>().Select(what => (What: what, By: f.Id)))
            .ToLookup(x => x.What, x => x.By);
        foreach (var lost in against.Where(g => !facts.ContainsKey(g.Key)))
        {
            troubles.AddRange(
                lost.Select(f => new Trouble(f, "what", "The fact that this speaks of is not here; it may still be on its way."))
            );
        }

        // In the order of the ids, so that the order in which facts came decides nothing, in circles as little as elsewhere.
        var holds = new Dictionary<Guid, bool>();
        foreach (var fact in facts.Values.OrderBy(f => f.Id))
        {
            Holds(fact.Id, facts, against, holds, [], troubles);
        }

        return (Ordered(facts.Values.Where(f => holds[f.Id] && f.Fact is not Fact.Retracted)), [.. troubles.Distinct()]);
    }

    /// <summary>By device, then by the order in which each device saw them; the id settles what is left.</summary>
    public static IReadOnlyList<Observed> Ordered(IEnumerable<Observed> facts) =>
        [.. facts.OrderBy(f => f.Device, StringComparer.Ordinal).ThenBy(f => f.Sequence).ThenBy(f => f.Id)];

    /// <summary>A fact that came twice is one; two that share an id, or a place on their device, and differ, cannot both be.</summary>
    private static Dictionary<Guid, Observed> Once(IEnumerable<Observed> all, List<Trouble> troubles)
    {
        var facts = new Dictionary<Guid, Observed>();
        foreach (var same in all.Distinct().GroupBy(f => f.Id))
        {
            if (same.Skip(1).Any())
            {
                troubles.Add(new(same.Key, "id", "Two different facts have this id; neither is taken."));
            }
            else
            {
                facts[same.Key] = same.Single();
            }
        }

        foreach (var same in facts.Values.GroupBy(f => (f.Device, f.Sequence)).Where(g => g.Skip(1).Any()).ToList())
        {
            foreach (var fact in same)
            {
                troubles.Add(new(fact.Id, "sequence", $"{same.Key.Device} has two facts number {same.Key.Sequence}; neither is taken."));
                facts.Remove(fact.Id);
            }
        }

        foreach (var fact in facts.Values.Where(f => f.Fact is Fact.Retracted r && r.Reason.Trim().Length == 0).ToList())
        {
            troubles.Add(new(fact.Id, "reason", "Say why it is taken back."));
            facts.Remove(fact.Id);
        }

        return facts;
    }

    /// <summary>A clock that runs backwards on a device is told; the order of its facts is that of their numbers.</summary>
    private static void InOrder(Dictionary<Guid, Observed> facts, List<Trouble> troubles)
    {
        foreach (var device in facts.Values.GroupBy(f => f.Device, StringComparer.Ordinal))
        {
            Observed? before = null;
            foreach (var fact in device.OrderBy(f => f.Sequence))
            {
                if (before is not null && fact.At < before.At)
                {
                    troubles.Add(
                        new(fact.Id, "at", $"The clock of {device.Key} ran backwards here; its facts stand in the order of their numbers.")
                    );
                }

                before = fact;
            }
        }
    }

    /// <summary>A fact holds unless one that holds takes it back or replaces it. Facts that do so in a circle do not hold.</summary>
    private static bool Holds(
        Guid id,
        Dictionary<Guid, Observed> facts,
        ILookup<Guid, Guid> against,
        Dictionary<Guid, bool> known,
        HashSet<Guid> path,
        List<Trouble> troubles
    )
    {
        if (known.TryGetValue(id, out var holds))
        {
            return holds;
        }

        if (!path.Add(id))
        {
            foreach (var circle in path)
            {
                troubles.Add(new(circle, "what", "These facts take back one another in a circle; none of them is taken."));
                known[circle] = false;
            }

            return false;
        }

        var stands = true;
        foreach (var other in against[id])
        {
            stands &= !Holds(other, facts, against, known, path, troubles);
        }

        path.Remove(id);
        return known.TryGetValue(id, out var settled) ? settled : known[id] = stands;
    }
}
