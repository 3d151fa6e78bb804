using FairCompass.Core.Quantities;

namespace FairCompass.Core.Competitions;

/// <summary>Says in words what differs between two states of a competition.</summary>
public static class CompetitionChanges
{
    /// <summary>A sentence for each difference, every member of <see cref="Competition"/> looked at; empty when there is none.</summary>
    public static IReadOnlyList<string> Between(Competition before, Competition after)
    {
        var changes = new List<string>();
        Value("name", before.Name, after.Name);
        Value("first day", before.Starts, after.Starts);
        Value("last day", before.Ends, after.Ends);
        Value("place", before.Place, after.Place);
        Value("unit", before.Unit, after.Unit);
        Value("Spanish", before.Spanish, after.Spanish);
        Items(changes, "The divisions", before.Divisions, after.Divisions, d => d.Name, d => $"The division {d.Name}");
        Whole("The kit of a lane", before.Kit, after.Kit);
        Whole("The rule of the overall table", before.Overall, after.Overall);
        Rules(changes, before, after);
        return changes;

        void Value<T>(string what, T old, T now)
        {
            if (!EqualityComparer<T>.Default.Equals(old, now))
            {
                changes.Add($"The {what} was changed from {old} to {now}.");
            }
        }

        void Whole<T>(string what, T old, T now)
        {
            if (!EqualityComparer<T>.Default.Equals(old, now))
            {
                changes.Add($"{what} was {(old is null ? "added" : now is null ? "removed" : "changed")}.");
            }
        }
    }

    private static void Rules(List<string> changes, Competition before, Competition after)
    {
        Items(
            changes,
            "The answers on policies",
            before.Policies,
            after.Policies,
            p => (p.Topic, p.Division),
            p => $"The answer on “{p.Topic}”{For(p.Division)}"
        );
        Items(
            changes,
            "The house rules",
            before.HouseRules,
            after.HouseRules,
            r => (r.Movement, r.Clause, r.Division),
            r => $"The house rule on {r.Movement}, {r.Clause}{For(r.Division)}"
        );
        Items(changes, "The own standards", before.OwnMovements, after.OwnMovements, m => m.Id, m => $"The standard of {m.Name.English}");
        Items(
            changes,
            "The paces",
            before.Paces,
            after.Paces,
            p => (p.Movement, p.Unit, p.Division),
            p => $"The pace of {p.Movement}{For(p.Division)}"
        );
    }

    private static void Items<T, TKey>(List<string> changes, string all, Eq<T> old, Eq<T> now, Func<T, TKey> key, Func<T, string> name)
        where TKey : notnull
    {
        var were = old.ToLookup(key);
        var are = now.ToLookup(key);
        List<string> said =
        [
            .. old.Where(o => !are.Contains(key(o))).Select(o => $"{name(o)} was removed."),
            .. now.Where(n => !were.Contains(key(n))).Select(n => $"{name(n)} was added."),
            .. now.Where(n => were.Contains(key(n)) && !were[key(n)].Contains(n)).Select(n => $"{name(n)} was changed."),
        ];
        changes.AddRange(said.Count == 0 && old != now ? [$"{all} stand in another order."] : said);
    }

    private static string For(string? division) => division is null ? "" : $" for {division}";
}
