using FairCompass.Core.Publishing;
using FairCompass.Core.Quantities;

namespace FairCompass.Planning.People;

/// <summary>What taking a list would do to one entry.</summary>
public enum ListChangeKind
{
    /// <summary>It is not there yet.</summary>
    New,

    /// <summary>It is there, and something is different.</summary>
    Changed,

    /// <summary>It is there as the list has it.</summary>
    Same,

    /// <summary>It is there, and the list has it no more.</summary>
    Gone,
}

/// <summary>What taking a list would do to one entry.</summary>
/// <param name="Kind">What it would do.</param>
/// <param name="Entry">The id of the entry that is there; null for a new one.</param>
/// <param name="Name">Its name.</param>
/// <param name="Division">Its division.</param>
/// <param name="Words">What is different, each in words.</param>
/// <param name="Read">The entry as the list has it; null for one that is gone.</param>
public sealed record ListChange(ListChangeKind Kind, Guid? Entry, string Name, string Division, Eq<string> Words, ReadEntry? Read);

/// <summary>Holds a list that is read again against the entries that are there.</summary>
public static class ListChanges
{
    /// <summary>What taking the list would do, in its order; what is gone comes last.</summary>
    /// <param name="there">The entries that are there; those that were withdrawn count as there.</param>
    /// <param name="read">The entries of the list.</param>
    public static Eq<ListChange> Between(IReadOnlyList<Entry> there, Eq<ReadEntry> read)
    {
        var left = there.ToList();
        var pairs = read.ToDictionary(r => r, _ => (Entry?)null);
        // The surest sign first, over the whole list, so that a weaker one never takes an entry from its own row.
        foreach (var sign in (Func<Entry, ReadEntry, bool>[])[Number, Called, AnyMember])
        {
            foreach (var r in read.Where(r => pairs[r] is null))
            {
                if (left.Find(e => e.Division == r.Division && sign(e, r)) is { } found)
                {
                    left.Remove(found);
                    pairs[r] = found;
                }
            }
        }

        return
        [
            .. read.Select(r => pairs[r] is { } e ? Compared(e, r) : new ListChange(ListChangeKind.New, null, r.Name, r.Division, [], r)),
            .. left.Where(e => e.State != EntryState.Withdrawn)
                .Select(e => new ListChange(ListChangeKind.Gone, e.Id, e.Name, e.Division, [], null)),
        ];
    }

    /// <summary>Numbers of the list that somebody else wears already.</summary>
    /// <param name="there">The entries that are there.</param>
    /// <param name="changes">What taking the list would do.</param>
    public static Eq<RowNote> NumbersTaken(IReadOnlyList<Entry> there, Eq<ListChange> changes)
    {
        var moving = changes.Where(c => c is { Entry: not null, Read.Bib.Length: > 0 }).Select(c => c.Entry!.Value).ToHashSet();
        return
        [
            .. changes
                .Where(c => c.Read is { Bib.Length: > 0 })
                .Select(c =>
                    (
                        c.Read,
                        By: there.FirstOrDefault(e =>
                            !moving.Contains(e.Id) && string.Equals(e.Bib, c.Read!.Bib, StringComparison.OrdinalIgnoreCase)
                        )
                    )
                )
                .Where(x => x.By is not null)
                .Select(x => new RowNote(x.Read!.Row, "", $"{x.By!.Name} of {x.By.Division} already wears the number {x.Read.Bib}.")),
        ];
    }

    private static bool Number(Entry e, ReadEntry r) =>
        r.Bib.Length > 0 && string.Equals(e.Bib, r.Bib, StringComparison.OrdinalIgnoreCase) && (Called(e, r) || AnyMember(e, r));

    private static bool Called(Entry e, ReadEntry r) =>
        NameList.Key(e.Name) == NameList.Key(r.Name)
        && (r.Team.Length > 0 || r.Members[0].Gym.Length == 0 || NameList.Key(r.Members[0].Gym) == NameList.Key(e.Gym));

    private static bool AnyMember(Entry e, ReadEntry r) =>
        e.Members.Any(m => r.Members.Any(o => NameList.Key(o.Name) == NameList.Key(m.Name)));

    private static ListChange Compared(Entry e, ReadEntry r)
    {
        var words = new List<string>();
        void Differs(string what, string before, string now)
        {
            if (now.Length > 0 && before != now)
            {
                words.Add(before.Length > 0 ? $"{what} {before} → {now}" : $"{what} {now}");
            }
        }

        Differs("team", e.Team, r.Team);
        Differs("number", e.Bib, r.Bib);
        Differs("level", e.Level, r.Level);
        Differs(
            "seed",
            e.Seed?.ToString(System.Globalization.CultureInfo.InvariantCulture) ?? "",
            r.Seed?.ToString(System.Globalization.CultureInfo.InvariantCulture) ?? ""
        );
        for (var i = 0; i < Math.Max(e.Members.Count, r.Members.Count); i++)
        {
            var who = r.Members.Count > 1 || e.Members.Count > 1 ? $"member {i + 1} " : "";
            if (i >= r.Members.Count || i >= e.Members.Count)
            {
                words.Add(i >= r.Members.Count ? $"{who}{e.Members[i].Name} is gone" : $"{who}{r.Members[i].Name} is new");
                continue;
            }

            Differs(who + "name", e.Members[i].Name, r.Members[i].Name);
            Differs(who + "gym", e.Members[i].Gym, r.Members[i].Gym);
            Differs(who + "is a", e.Members[i].Duty ?? "", r.Members[i].Duty ?? "");
        }

        if (e.State == EntryState.Withdrawn)
        {
            words.Add("was withdrawn, and stands in the list");
        }

        return new(words.Count == 0 ? ListChangeKind.Same : ListChangeKind.Changed, e.Id, e.Name, e.Division, [.. words], r);
    }
}
