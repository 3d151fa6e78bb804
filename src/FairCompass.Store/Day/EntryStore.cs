using FairCompass.Core.Quantities;
using FairCompass.Planning.People;
using Npgsql;

namespace FairCompass.Store.Day;

/// <summary>What became of an entry.</summary>
/// <param name="At">When, UTC.</param>
/// <param name="What">In words.</param>
/// <param name="Reason">Why; may be empty.</param>
/// <param name="By">Who did it; null where nobody is known.</param>
public sealed record EntryChange(DateTime At, string What, string Reason, string? By);

/// <summary>An entry with what is stored beside it.</summary>
/// <param name="Entry">The entry.</param>
/// <param name="Revision">From 1, one more with each change.</param>
public sealed record StoredEntry(Entry Entry, int Revision);

/// <summary>Athletes, teams and their members in PostgreSQL.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class EntryStore(NpgsqlDataSource source)
{
    /// <summary>Entries of one competition at most.</summary>
    public const int Most = 5000;

    private sealed record Row(Guid Id, string Division, string Team, string Bib, int? Seed, string State, string Level, int Revision);

    private sealed record MemberRow(Guid EntryId, int Seat, Guid Id, string Name, string Gym, string? Duty, bool ByBib);

    /// <summary>The entries of a competition, by division and number.</summary>
    public async Task<IReadOnlyList<StoredEntry>> Of(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await Of(db, null, competition, cancel);
    }

    /// <summary>How much there is for the days of a competition.</summary>
    public async Task<DayCounts> Counts(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.One<DayCounts>(
            """
            select (select count(*)::int from entry where competition_id = @competition and state <> 'Withdrawn') as entries,
                (select count(*)::int from official where competition_id = @competition and kind = 'Judge') as judges,
                coalesce((select jsonb_array_length(doc -> 'heats') from plan where competition_id = @competition), 0) as heats,
                (select count(*)::int from card c where competition_id = @competition and
                    (select what from card_fact f where f.card_id = c.id order by id desc limit 1)
                     in ('printed', 'out', 'missing'))
                    as cards,
                (select count(distinct card_id)::int from score_fact where competition_id = @competition) as entered
            """,
            new { competition },
            cancel
        );
    }

    /// <summary>The contacts of the people of a competition, by person.</summary>
    public async Task<IReadOnlyDictionary<Guid, string>> Contacts(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await Contacts(db, null, competition, cancel);
    }

    private static async Task<Dictionary<Guid, string>> Contacts(
        NpgsqlConnection db,
        NpgsqlTransaction? tx,
        Guid competition,
        CancellationToken cancel
    ) =>
        (
            await db.Many<(Guid Person, string Contact)>(
                """
                select c.person_id, c.contact from person_contact c join person p on p.id = c.person_id
                where p.competition_id = @competition
                """,
                new { competition },
                cancel,
                tx
            )
        ).ToDictionary(r => r.Person, r => r.Contact);

    /// <summary>What became of an entry, oldest first.</summary>
    public async Task<IReadOnlyList<EntryChange>> History(Guid competition, Guid entry, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var names = (
            await db.Many<(Guid Id, string Name)>(
                "select id, name from person where competition_id = @competition",
                new { competition },
                cancel
            )
        ).ToDictionary(p => $"@{p.Id}", p => p.Name);
        var changes = await db.Many<EntryChange>(
            """
            select c.at, c.what, c.reason, coalesce(a.name, l.name) as by from entry_change c join entry e on e.id = c.entry_id
            left join account a on a.id = c.by_account left join link l on l.id = c.by_link
            where c.entry_id = @entry and e.competition_id = @competition order by c.id
            """,
            new { competition, entry },
            cancel
        );
        // These rows never change, so they hold no name: whose data are removed is then called so here too.
        return [.. changes.Select(c => c with { What = Named(c.What, names) })];
    }

    /// <summary>Takes a list: what is new is added, what is different is changed, what is gone is withdrawn if that is wanted; all or
    /// nothing. The comparison is made anew over what is stored at that moment.</summary>
    /// <param name="competition">The competition.</param>
    /// <param name="read">The entries of the list.</param>
    /// <param name="withdrawGone">True to withdraw what the list has no more.</param>
    /// <param name="expected">How many are new, changed and gone, as a person has seen it; null takes whatever it is.</param>
    /// <param name="cancel">Cancels.</param>
    /// <returns>What was done; null where it would be something else than was seen, and nothing was done.</returns>
    /// <exception cref="FullException">The competition would have more than <see cref="Most"/> entries.</exception>
    public async Task<Eq<ListChange>?> Take(
        Guid competition,
        Eq<ReadEntry> read,
        bool withdrawGone,
        (int New, int Changed, int Gone)? expected,
        CancellationToken cancel
    )
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        await db.Run("select pg_advisory_xact_lock(hashtextextended(@competition::text, 2))", new { competition }, cancel, tx);
        var there = await Of(db, tx, competition, cancel);
        var changes = ListChanges.Between([.. there.Select(e => e.Entry)], read);
        int Count(ListChangeKind kind) => changes.Count(c => c.Kind == kind);
        if (expected is { } e && e != (Count(ListChangeKind.New), Count(ListChangeKind.Changed), Count(ListChangeKind.Gone)))
        {
            return null;
        }

        if (there.Count + Count(ListChangeKind.New) > Most)
        {
            throw new FullException($"A competition has {Most} entries at most.");
        }

        var taking = new EntryTaking(
            db,
            tx,
            competition,
            [.. there.Select(s => s.Entry)],
            await Contacts(db, tx, competition, cancel),
            cancel
        );
        taking.Number(read);
        // Two may exchange their numbers, so all that change are free before any is given.
        await db.Run(
            "update entry set bib = '' where id = any(@ids)",
            new
            {
                ids = changes.Where(c => c is { Kind: ListChangeKind.Changed, Read.Bib.Length: > 0 }).Select(c => c.Entry!.Value).ToArray(),
            },
            cancel,
            tx
        );
        await Write(db, tx, taking, changes, withdrawGone, cancel);
        await tx.CommitAsync(cancel);
        return changes;
    }

    private static async Task Write(
        NpgsqlConnection db,
        NpgsqlTransaction tx,
        EntryTaking taking,
        Eq<ListChange> changes,
        bool withdrawGone,
        CancellationToken cancel
    )
    {
        foreach (var change in changes)
        {
            await (
                change.Kind switch
                {
                    ListChangeKind.New => taking.Add(change.Read!),
                    ListChangeKind.Changed => taking.Change(change),
                    ListChangeKind.Gone when withdrawGone => SetState(
                        db,
                        tx,
                        change.Entry!.Value,
                        EntryState.Withdrawn,
                        "not in the list any more",
                        cancel
                    ),
                    _ => Task.CompletedTask,
                }
            );
        }
    }

    /// <summary>Says whether an entry is there; false where there is no such entry, or somebody has changed it since.</summary>
    public async Task<bool> SetState(Guid competition, Guid entry, int revision, EntryState state, string reason, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        var found = await db.OneOrNone<int?>(
            "select revision from entry where id = @entry and competition_id = @competition for update",
            new { entry, competition },
            cancel,
            tx
        );
        if (found != revision)
        {
            return false;
        }

        await SetState(db, tx, entry, state, reason, cancel);
        await tx.CommitAsync(cancel);
        return true;
    }

    /// <summary>Puts another person in a place of an entry; false where there is no such place, or somebody has changed the entry
    /// since.</summary>
    public async Task<bool> SetMember(
        Guid competition,
        Guid entry,
        int revision,
        int seat,
        ReadPerson person,
        string reason,
        CancellationToken cancel
    )
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        await db.Run("select pg_advisory_xact_lock(hashtextextended(@competition::text, 2))", new { competition }, cancel, tx);
        var there = await Of(db, tx, competition, cancel);
        if (
            there.FirstOrDefault(e => e.Entry.Id == entry) is not { } found
            || found.Revision != revision
            || seat < 1
            || seat > found.Entry.Members.Count
        )
        {
            return false;
        }

        await new EntryTaking(
            db,
            tx,
            competition,
            [.. there.Select(s => s.Entry)],
            await Contacts(db, tx, competition, cancel),
            cancel
        ).Seat(found.Entry, seat, person, reason);
        await tx.CommitAsync(cancel);
        return true;
    }

    /// <summary>Whether the public reads a person’s number in place of the name; false where there is no such person.</summary>
    public async Task<bool> SetShown(Guid competition, Guid person, bool byBib, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Run(
                "update person set by_bib = @byBib where id = @person and competition_id = @competition",
                new
                {
                    competition,
                    person,
                    byBib,
                },
                cancel
            ) == 1;
    }

    /// <summary>Takes name, gym and contact off a person, at their wish. What was run and judged stays, under the number; an entry of
    /// theirs alone is withdrawn.</summary>
    /// <returns>The name they had; null where there is no such person.</returns>
    public async Task<string?> Forget(Guid competition, Guid person, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        var name = await db.OneOrNone<string>(
            """
            with was as (select id, name from person where id = @person and competition_id = @competition for update)
            update person set name = 'Removed', gym = '', by_bib = true from was where person.id = was.id returning was.name
            """,
            new { competition, person },
            cancel,
            tx
        );
        if (name is null)
        {
            return null;
        }

        await db.Run(
            """
            delete from person_contact where person_id = @person;
            delete from card_photo_image using card_photo p join card c on c.id = p.card_id join entry_member m on m.entry_id = c.entry_id
            where photo_id = p.id and m.person_id = @person
            """,
            new { person },
            cancel,
            tx
        );
        var alone = await db.Many<Guid>(
            """
            select m.entry_id from entry_member m join entry e on e.id = m.entry_id
            where m.person_id = @person and e.state <> 'Withdrawn'
                and (select count(*) from entry_member o where o.entry_id = m.entry_id) = 1
            """,
            new { person },
            cancel,
            tx
        );
        foreach (var entry in alone)
        {
            await SetState(db, tx, entry, EntryState.Withdrawn, "their data were removed", cancel);
        }

        await tx.CommitAsync(cancel);
        return name;
    }

    private static Task SetState(
        NpgsqlConnection db,
        NpgsqlTransaction tx,
        Guid entry,
        EntryState state,
        string reason,
        CancellationToken cancel
    ) =>
        db.Run(
            """
            update entry set state = @state, revision = revision + 1 where id = @entry;
            insert into entry_change (entry_id, what, reason, by_account, by_link) values (@entry, @what, @reason, @Account, @Link)
            """,
            new
            {
                entry,
                state = state.ToString(),
                what = state switch
                {
                    EntryState.In => "is in",
                    EntryState.Late => "is late",
                    _ => "is withdrawn",
                },
                reason,
                Acting.Now.Account,
                Acting.Now.Link,
            },
            cancel,
            tx
        );

    private static async Task<IReadOnlyList<StoredEntry>> Of(
        NpgsqlConnection db,
        NpgsqlTransaction? tx,
        Guid competition,
        CancellationToken cancel
    )
    {
        var rows = await db.Many<Row>(
            """
            select id, division, team, bib, seed, state, level, revision from entry where competition_id = @competition
            order by division, at, id
            """,
            new { competition },
            cancel,
            tx
        );
        var members = (
            await db.Many<MemberRow>(
                """
                select m.entry_id as EntryId, m.seat, p.id, p.name, p.gym, p.duty, p.by_bib as ByBib
                from entry_member m join person p on p.id = m.person_id
                where p.competition_id = @competition order by m.entry_id, m.seat
                """,
                new { competition },
                cancel,
                tx
            )
        ).ToLookup(m => m.EntryId);
        return
        [
            .. rows.Select(r => new StoredEntry(
                new(
                    r.Id,
                    r.Division,
                    r.Team,
                    r.Bib,
                    r.Seed,
                    Enum.Parse<EntryState>(r.State),
                    [.. members[r.Id].Select(m => new Person(m.Id, m.Name, m.Gym, m.Duty, m.ByBib))]
                )
                {
                    Level = r.Level,
                },
                r.Revision
            )),
        ];
    }

    private static string Named(string what, Dictionary<string, string> names) =>
        string.Join(' ', what.Split(' ').Select(w => names.GetValueOrDefault(w, w)));
}
