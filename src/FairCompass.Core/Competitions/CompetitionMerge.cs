using FairCompass.Core.Quantities;

namespace FairCompass.Core.Competitions;

/// <summary>Two changed states of a competition put together.</summary>
/// <param name="Merged">Both changes; where both changed the same, one’s own.</param>
/// <param name="Clashes">What both changed differently, in words; empty when nothing is lost either way.</param>
public sealed record CompetitionMerged(Competition Merged, IReadOnlyList<string> Clashes);

/// <summary>
/// Three-way merge of a competition, member by member and, in lists, item by item by what names it: a division, an answer on a
/// policy, a house rule, a standard of one’s own. What only one side changed is that side’s.
/// </summary>
public static class CompetitionMerge
{
    /// <summary>Merges.</summary>
    /// <param name="before">What both began from.</param>
    /// <param name="mine">One’s own state.</param>
    /// <param name="theirs">What is stored.</param>
    public static CompetitionMerged Of(Competition before, Competition mine, Competition theirs)
    {
        var merging = new Merging(before, mine, theirs);
        return new(merging.Whole(), merging.Clashes);
    }

    /// <summary>One merge, which notes what both sides changed.</summary>
    private sealed class Merging(Competition before, Competition mine, Competition theirs)
    {
        public List<string> Clashes { get; } = [];

        public Competition Whole() =>
            new Competition(
                One("the name", before.Name, mine.Name, theirs.Name),
                One("the first day", before.Starts, mine.Starts, theirs.Starts),
                One("the last day", before.Ends, mine.Ends, theirs.Ends),
                One("the place", before.Place, mine.Place, theirs.Place),
                One("the unit", before.Unit, mine.Unit, theirs.Unit),
                Items(before.Divisions, mine.Divisions, theirs.Divisions, d => d.Name, d => $"the division {d.Name}"),
                Kit(),
                One("the rule of the overall table", before.Overall, mine.Overall, theirs.Overall)
            )
            {
                Policies = Items(
                    before.Policies,
                    mine.Policies,
                    theirs.Policies,
                    p => (p.Topic, p.Division),
                    p => $"the answer on “{p.Topic}”{For(p.Division)}"
                ),
                HouseRules = Items(
                    before.HouseRules,
                    mine.HouseRules,
                    theirs.HouseRules,
                    r => (r.Movement, r.Clause, r.Division),
                    r => $"the house rule on {r.Movement}, {r.Clause}{For(r.Division)}"
                ),
                OwnMovements = Items(
                    before.OwnMovements,
                    mine.OwnMovements,
                    theirs.OwnMovements,
                    m => m.Id,
                    m => $"the standard of {m.Name.English}"
                ),
                Spanish = One("whose Spanish the papers speak", before.Spanish, mine.Spanish, theirs.Spanish),
                Paces = Items(
                    before.Paces,
                    mine.Paces,
                    theirs.Paces,
                    p => (p.Movement, p.Unit, p.Division),
                    p => $"the pace of {p.Movement}{For(p.Division)}"
                ),
            };

        private LaneKit Kit() =>
            new LaneKit(
                One("the men’s bar", before.Kit.MenBar, mine.Kit.MenBar, theirs.Kit.MenBar),
                One("the women’s bar", before.Kit.WomenBar, mine.Kit.WomenBar, theirs.Kit.WomenBar),
                One("the clips", before.Kit.ClipPair, mine.Kit.ClipPair, theirs.Kit.ClipPair),
                Items(before.Kit.Plates, mine.Kit.Plates, theirs.Kit.Plates, p => p.Mass, p => $"the plates of {Number.Normal(p.Mass)}"),
                Implements("dumbbells", before.Kit.Dumbbells, mine.Kit.Dumbbells, theirs.Kit.Dumbbells),
                Implements("kettlebells", before.Kit.Kettlebells, mine.Kit.Kettlebells, theirs.Kit.Kettlebells),
                Implements("sandbags", before.Kit.Sandbags, mine.Kit.Sandbags, theirs.Kit.Sandbags),
                Implements("balls", before.Kit.Balls, mine.Kit.Balls, theirs.Kit.Balls)
            )
            {
                MenSleeve = One("the sleeve of the men’s bar", before.Kit.MenSleeve, mine.Kit.MenSleeve, theirs.Kit.MenSleeve),
                WomenSleeve = One("the sleeve of the women’s bar", before.Kit.WomenSleeve, mine.Kit.WomenSleeve, theirs.Kit.WomenSleeve),
                Bars = Items(before.Kit.Bars, mine.Kit.Bars, theirs.Kit.Bars, b => b.Name, b => $"the bar “{b.Name}”"),
                Things = Items(
                    before.Kit.Things,
                    mine.Kit.Things,
                    theirs.Kit.Things,
                    t => t.Name.ToLowerInvariant(),
                    t => $"the number of “{t.Name}”"
                ),
                Lanes = One("the number of lanes", before.Kit.Lanes, mine.Kit.Lanes, theirs.Kit.Lanes),
            };

        private Eq<ImplementStock> Implements(string what, Eq<ImplementStock> was, Eq<ImplementStock> own, Eq<ImplementStock> other) =>
            Items(was, own, other, i => i.Mass, i => $"the {what} of {Number.Normal(i.Mass)}");

        private T One<T>(string what, T was, T own, T other)
        {
            if (Same(own, other) || Same(other, was))
            {
                return own;
            }

            if (!Same(own, was))
            {
                Clashes.Add(what);
                return own;
            }

            return other;
        }

        private Eq<T> Items<T, TKey>(Eq<T> was, Eq<T> own, Eq<T> other, Func<T, TKey> key, Func<T, string> name)
            where T : class
            where TKey : notnull
        {
            var (w, o, t) = (First(was, key), First(own, key), First(other, key));
            return own.Concat(other.Where(x => !o.ContainsKey(key(x))))
                .DistinctBy(key)
                .Select(x => One(name(x), w.GetValueOrDefault(key(x)), o.GetValueOrDefault(key(x)), t.GetValueOrDefault(key(x))))
                .OfType<T>()
                .ToEq();
        }

        private static string For(string? division) => division is null ? "" : $" for {division}";
    }

    private static bool Same<T>(T a, T b) => EqualityComparer<T>.Default.Equals(a, b);

    private static Dictionary<TKey, T> First<T, TKey>(Eq<T> items, Func<T, TKey> key)
        where TKey : notnull => items.DistinctBy(key).ToDictionary(key);
}
