using Npgsql;

namespace FairCompass.Store;

/// <summary>Requests that make something once: sent again after a lost answer they find what they made.</summary>
internal static class Requests
{
    /// <summary>What a request made before; null when it is new, or has no key. Others with this key wait for the transaction.</summary>
    public static async Task<Guid?> Made(this NpgsqlConnection db, NpgsqlTransaction tx, Guid? request, CancellationToken cancel)
    {
        if (request is not { } key)
        {
            return null;
        }

        await db.Run("select pg_advisory_xact_lock(hashtextextended(@key::text, 1))", new { key }, cancel, tx);
        return await db.OneOrNone<Guid?>("select id from made where request = @key", new { key }, cancel, tx);
    }

    /// <summary>Remembers what a request made.</summary>
    public static Task Remember(this NpgsqlConnection db, NpgsqlTransaction tx, Guid? request, Guid id, CancellationToken cancel) =>
        request is { } key ? db.Run("insert into made (request, id) values (@key, @id)", new { key, id }, cancel, tx) : Task.CompletedTask;
}
