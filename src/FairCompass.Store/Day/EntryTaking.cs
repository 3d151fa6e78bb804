using System.Globalization;
using FairCompass.Core.Publishing;
using FairCompass.Core.Quantities;
using FairCompass.Planning.People;
using Npgsql;

namespace FairCompass.Store.Day;

/// <summary>Writes the entries of one list, and finds who is there already, so that one person stays one.</summary>
internal sealed class EntryTaking
{
    private readonly NpgsqlConnection db;
    private readonly NpgsqlTransaction tx;
    private readonly Guid competition;
    private readonly CancellationToken cancel;
    private readonly List<Person> people;
    private readonly Dictionary<Guid, string> contacts;
    private int bib;

    /// <summary>Begins over what is there.</summary>
    public EntryTaking(
        NpgsqlConnection db,
        NpgsqlTransaction tx,
        Guid competition,
        List<Entry> there,
        Dictionary<Guid, string> contacts,
        CancellationToken cancel
    )
    {
        (this.db, this.tx, this.competition, this.contacts, this.cancel) = (db, tx, competition, contacts, cancel);
        people = [.. there.SelectMany(e => e.Members).DistinctBy(m => m.Id)];
        bib = Highest(there.Select(e => e.Bib), 100);
    }

    /// <summary>Numbers that a list gives are given to nobody else.</summary>
    public void Number(Eq<ReadEntry> read) => bib = Highest(read.Select(r => r.Bib), bib);

    private static int Highest(IEnumerable<string> bibs, int least) =>
        bibs.Select(b => int.TryParse(b, NumberStyles.None, CultureInfo.InvariantCulture, out var n) ? n : 0).Append(least).Max();

    /// <summary>Adds an entry; one without a number gets the next.</summary>
    public async Task Add(ReadEntry read)
    {
        var id = Guid.CreateVersion7();
        await db.Run(
            """
            insert into entry (id, competition_id, division, team, bib, seed, level)
            values (@id, @competition, @Division, @Team, @bib, @Seed, @Level)
            """,
            new
            {
                id,
                competition,
                read.Division,
                read.Team,
                bib = read.Bib.Length > 0 ? read.Bib : (++bib).ToString(CultureInfo.InvariantCulture),
                read.Seed,
                read.Level,
            },
            cancel,
            tx
        );
        for (var i = 0; i < read.Members.Count; i++)
        {
            await SetSeat(id, i + 1, await Find(read.Members[i]));
        }

        await Note(id, "entered from a list", "");
    }

    /// <summary>Changes an entry as a list has it.</summary>
    public async Task Change(ListChange change)
    {
        var (id, read) = (change.Entry!.Value, change.Read!);
        await db.Run(
            """
            update entry set team = @Team, bib = case when @Bib = '' then bib else @Bib end, seed = coalesce(@Seed, seed), state = 'In',
                level = case when @Level = '' then level else @Level end, revision = revision + 1
            where id = @id
            """,
            new
            {
                id,
                read.Team,
                read.Bib,
                read.Seed,
                read.Level,
            },
            cancel,
            tx
        );
        var had = await db.Many<(int Seat, Guid Person, string Name)>(
            "select m.seat, m.person_id, p.name from entry_member m join person p on p.id = m.person_id where m.entry_id = @id",
            new { id },
            cancel,
            tx
        );
        await db.Run("delete from entry_member where entry_id = @id", new { id }, cancel, tx);
        for (var i = 0; i < read.Members.Count; i++)
        {
            var member = read.Members[i];
            var same = had.FirstOrDefault(h => NameList.Key(h.Name) == NameList.Key(member.Name));
            var person = same.Person == Guid.Empty ? await Find(member) : same.Person;
            await Update(person, member);
            await SetSeat(id, i + 1, person);
        }

        // A row that never changes holds no name.
        await Note(id, string.Join("; ", change.Words.Select(w => Named(w, change)).Distinct()), "");
    }

    private static string Named(string words, ListChange change) =>
        words.Contains("name ", StringComparison.Ordinal) ? "name corrected"
        : words.EndsWith(" is new", StringComparison.Ordinal) || words.EndsWith(" is gone", StringComparison.Ordinal)
            ? $"{change.Read!.Members.Count} members"
        : words;

    /// <summary>Puts another person in a place.</summary>
    public async Task Seat(Entry entry, int seat, ReadPerson person, string reason)
    {
        var now = await Find(person);
        await db.Run("update entry set revision = revision + 1 where id = @Id", new { entry.Id }, cancel, tx);
        await db.Run("delete from entry_member where entry_id = @Id and seat = @seat", new { entry.Id, seat }, cancel, tx);
        await SetSeat(entry.Id, seat, now);
        var which = entry.Members.Count > 1 ? $"member {seat}: " : "";
        await Note(entry.Id, $"{which}@{entry.Members[seat - 1].Id} → @{now}", reason);
    }

    private async Task<Guid> Find(ReadPerson read)
    {
        bool Is(Person p) =>
            NameList.Key(p.Name) == NameList.Key(read.Name)
            && EntryChecks.IsOne(new(p.Name, p.Gym, p.Duty, contacts.GetValueOrDefault(p.Id) ?? ""), read)
            && (p.Duty is null || read.Duty is null || p.Duty == read.Duty);
        if (people.Find(Is) is { } known)
        {
            return known.Id;
        }

        var person = new Person(Guid.CreateVersion7(), read.Name, read.Gym, read.Duty);
        people.Add(person);
        await db.Run(
            "insert into person (id, competition_id, name, gym, duty) values (@Id, @competition, @Name, @Gym, @Duty)",
            new
            {
                person.Id,
                competition,
                person.Name,
                person.Gym,
                person.Duty,
            },
            cancel,
            tx
        );
        await Reach(person.Id, read.Contact);
        return person.Id;
    }

    private async Task Update(Guid id, ReadPerson read)
    {
        await db.Run(
            """
            update person set name = @Name, gym = case when @Gym = '' then gym else @Gym end, duty = coalesce(@Duty, duty) where id = @id
            """,
            new
            {
                id,
                read.Name,
                read.Gym,
                read.Duty,
            },
            cancel,
            tx
        );
        await Reach(id, read.Contact);
    }

    private async Task Reach(Guid person, string contact)
    {
        if (contact.Length > 0)
        {
            contacts[person] = contact;
            await db.Run(
                """
                insert into person_contact (person_id, contact) values (@person, @contact)
                on conflict (person_id) do update set contact = excluded.contact
                """,
                new { person, contact },
                cancel,
                tx
            );
        }
    }

    private Task SetSeat(Guid entry, int seat, Guid person) =>
        db.Run(
            "insert into entry_member (entry_id, seat, person_id) values (@entry, @seat, @person)",
            new
            {
                entry,
                seat,
                person,
            },
            cancel,
            tx
        );

    private Task Note(Guid entry, string what, string reason) =>
        db.Run(
            "insert into entry_change (entry_id, what, reason, by_account, by_link) values (@entry, @what, @reason, @Account, @Link)",
            new
            {
                entry,
                what,
                reason,
                Acting.Now.Account,
                Acting.Now.Link,
            },
            cancel,
            tx
        );
}
