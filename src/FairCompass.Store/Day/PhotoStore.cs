using Npgsql;

namespace FairCompass.Store.Day;

/// <summary>A photograph of a card.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Width">Pixels across.</param>
/// <param name="Height">Pixels down.</param>
/// <param name="IsThere">False where the picture was taken away.</param>
/// <param name="By">Who added it; null where nobody is known.</param>
/// <param name="At">When, UTC.</param>
public sealed record CardPhoto(Guid Id, int Width, int Height, bool IsThere, string? By, DateTime At);

/// <summary>Photographs of cards in PostgreSQL: that there is one is never changed, the picture itself can be taken away.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class PhotoStore(NpgsqlDataSource source)
{
    /// <summary>Photographs of one card: both sides, and each once more.</summary>
    public const int Most = 6;

    /// <summary>The photographs of a card, oldest first.</summary>
    public async Task<IReadOnlyList<CardPhoto>> Of(Guid card, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Many<CardPhoto>(
            """
            select p.id, p.width, p.height, i.photo_id is not null as IsThere, coalesce(a.name, l.name) as by, p.at
            from card_photo p left join card_photo_image i on i.photo_id = p.id
            left join account a on a.id = p.by_account left join link l on l.id = p.by_link
            where p.card_id = @card order by p.at, p.id
            """,
            new { card },
            cancel
        );
    }

    /// <summary>Keeps a photograph; a retry with the same save id finds its own. False where there is no such card.</summary>
    /// <exception cref="FullException">The card would have more than <see cref="Most"/>.</exception>
    public async Task<bool> Add(Guid competition, Guid card, Guid saveId, byte[] jpeg, int width, int height, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await using var tx = await db.BeginTransactionAsync(cancel);
        await db.Run("select pg_advisory_xact_lock(hashtextextended(@card::text, 7))", new { card }, cancel, tx);
        var (there, mine, count) = await db.One<(bool, bool, int)>(
            """
            select exists (select from card where id = @card and competition_id = @competition),
                exists (select from card_photo where save_id = @saveId and card_id = @card),
                (select count(*)::int from card_photo p join card_photo_image i on i.photo_id = p.id where p.card_id = @card)
            """,
            new
            {
                competition,
                card,
                saveId,
            },
            cancel,
            tx
        );
        if (!there || mine)
        {
            return there;
        }

        if (count >= Most)
        {
            throw new FullException($"A card has {Most} photographs at most; take one away first.");
        }

        var id = Guid.CreateVersion7();
        await db.Run(
            """
            insert into card_photo (id, competition_id, card_id, save_id, width, height, by_account, by_link)
            values (@id, @competition, @card, @saveId, @width, @height, @Account, @Link);
            insert into card_photo_image (photo_id, jpeg) values (@id, @jpeg)
            """,
            new
            {
                id,
                competition,
                card,
                saveId,
                width,
                height,
                jpeg,
                Acting.Now.Account,
                Acting.Now.Link,
            },
            cancel,
            tx
        );
        await tx.CommitAsync(cancel);
        return true;
    }

    /// <summary>The picture; null where there is none.</summary>
    public async Task<byte[]?> Image(Guid competition, Guid card, Guid photo, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.OneOrNone<byte[]>(
            """
            select i.jpeg from card_photo_image i join card_photo p on p.id = i.photo_id
            where p.id = @photo and p.card_id = @card and p.competition_id = @competition
            """,
            new
            {
                competition,
                card,
                photo,
            },
            cancel
        );
    }

    /// <summary>Takes a picture away; that there was one stays. False where there is none.</summary>
    public async Task<bool> Remove(Guid competition, Guid card, Guid photo, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Run(
                """
                delete from card_photo_image using card_photo p
                where photo_id = p.id and p.id = @photo and p.card_id = @card and p.competition_id = @competition
                """,
                new
                {
                    competition,
                    card,
                    photo,
                },
                cancel
            ) == 1;
    }
}
