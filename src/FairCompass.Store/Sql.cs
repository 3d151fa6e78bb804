using Dapper;
using Npgsql;

namespace FairCompass.Store;

/// <summary>Short forms of Dapper's calls, so that no call forgets its transaction or its cancellation.</summary>
internal static class Sql
{
    /// <summary>The one row; null when there is none.</summary>
    public static Task<T?> OneOrNone<T>(
        this NpgsqlConnection db,
        string sql,
        object? of,
        CancellationToken cancel,
        NpgsqlTransaction? tx = null
    ) => db.QuerySingleOrDefaultAsync<T?>(new CommandDefinition(sql, of, tx, cancellationToken: cancel));

    /// <summary>The one row.</summary>
    public static Task<T> One<T>(
        this NpgsqlConnection db,
        string sql,
        object? of,
        CancellationToken cancel,
        NpgsqlTransaction? tx = null
    ) => db.QuerySingleAsync<T>(new CommandDefinition(sql, of, tx, cancellationToken: cancel));

    /// <summary>Every row.</summary>
    public static async Task<IReadOnlyList<T>> Many<T>(
        this NpgsqlConnection db,
        string sql,
        object? of,
        CancellationToken cancel,
        NpgsqlTransaction? tx = null
    ) => (await db.QueryAsync<T>(new CommandDefinition(sql, of, tx, cancellationToken: cancel))).AsList();

    /// <summary>Runs a statement; how many rows it touched.</summary>
    public static Task<int> Run(this NpgsqlConnection db, string sql, object? of, CancellationToken cancel, NpgsqlTransaction? tx = null) =>
        db.ExecuteAsync(new CommandDefinition(sql, of, tx, cancellationToken: cancel));
}
