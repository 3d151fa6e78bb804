using FairCompass.Core.Publishing;
using FairCompass.Core.Quantities;

namespace FairCompass.Planning.People;

/// <summary>What can be wrong between entries that are each in order by themselves.</summary>
public static class EntryChecks
{
    /// <summary>Looks for two of one number, and for people who stand in a list twice.</summary>
    internal static void Across(Eq<ReadEntry> entries, List<RowNote> troubles, List<RowNote> notes)
    {
        foreach (
            var same in entries.Where(e => e.Bib.Length > 0).GroupBy(e => e.Bib, StringComparer.OrdinalIgnoreCase).Where(g => g.Count() > 1)
        )
        {
            var first = same.First();
            troubles.AddRange(
                same.Skip(1)
                    .Select(e => new RowNote(e.Row, "", $"{e.Name} and {first.Name} (row {first.Row}) both have the number {e.Bib}."))
            );
        }

        foreach (
            var same in entries.Where(e => e.Team.Length > 0).GroupBy(e => (e.Division, NameList.Key(e.Team))).Where(g => g.Count() > 1)
        )
        {
            var first = same.First();
            troubles.AddRange(
                same.Skip(1).Select(e => new RowNote(e.Row, "", $"{e.Division} has {e.Team} twice: rows {first.Row} and {e.Row}."))
            );
        }

        foreach (
            var named in entries.SelectMany(e => e.Members.Select(m => (Entry: e, Person: m))).GroupBy(x => NameList.Key(x.Person.Name))
        )
        {
            OfOneName([.. named], troubles, notes);
        }
    }

    private static void OfOneName(List<(ReadEntry Entry, ReadPerson Person)> named, List<RowNote> troubles, List<RowNote> notes)
    {
        for (var i = 1; i < named.Count; i++)
        {
            var (entry, person) = named[i];
            var (before, other) = named[..i].Find(o => IsOne(o.Person, person)) is { Entry: not null } one ? one : named[0];
            if (!IsOne(other, person))
            {
                notes.Add(
                    new(entry.Row, "", $"{person.Name} is another than in row {before.Row}: {Apart(other, person)}. They are taken as two.")
                );
            }
            else if (before.Division == entry.Division)
            {
                troubles.Add(new(entry.Row, "", $"{person.Name} stands in {entry.Division} twice: rows {before.Row} and {entry.Row}."));
            }
            else if (other.Duty is { } a && person.Duty is { } b && a != b)
            {
                troubles.Add(new(entry.Row, "", $"{person.Name} is a {a} in row {before.Row} and a {b} here."));
            }
            else
            {
                notes.Add(
                    new(
                        entry.Row,
                        "",
                        $"{person.Name} also stands in {before.Division} (row {before.Row}): one person, never in two heats at once."
                    )
                );
            }
        }
    }

    /// <summary>True for people who are taken as one: same name, and nothing that tells them apart.</summary>
    public static bool IsOne(ReadPerson a, ReadPerson b) =>
        a.Contact.Length > 0 && b.Contact.Length > 0
            ? string.Equals(a.Contact, b.Contact, StringComparison.OrdinalIgnoreCase)
            : a.Gym.Length == 0 || b.Gym.Length == 0 || NameList.Key(a.Gym) == NameList.Key(b.Gym);

    private static string Apart(ReadPerson a, ReadPerson b) =>
        NameList.Key(a.Gym) != NameList.Key(b.Gym)
            ? $"of {(b.Gym.Length > 0 ? b.Gym : "no gym")}, not {(a.Gym.Length > 0 ? a.Gym : "of one")}"
            : "with another address";
}
