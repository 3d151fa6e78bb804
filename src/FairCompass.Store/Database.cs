using System.Reflection;
using DbUp;
using Npgsql;

namespace FairCompass.Store;

/// <summary>Brings a database to the schema this version knows.</summary>
public static class Database
{
    /// <summary>One number for this product's migrations, so that two starting instances take turns.</summary>
    private const long MigrationLock = 0x46414952;

    /// <summary>Runs every migration that has not run yet, in one transaction each, under an advisory lock.</summary>
    /// <param name="connectionString">Npgsql connection string; the database must exist.</param>
    /// <exception cref="InvalidOperationException">A migration failed, or the database is newer than this program.</exception>
    public static void Migrate(string connectionString)
    {
        // Not from the pool: the lock lives as long as the session, and a pooled session outlives this method.
        using var guard = new NpgsqlConnection(new NpgsqlConnectionStringBuilder(connectionString) { Pooling = false }.ConnectionString);
        guard.Open();
        using (var take = new NpgsqlCommand("select pg_advisory_lock(@id)", guard))
        {
            take.Parameters.AddWithValue("id", MigrationLock);
            take.ExecuteNonQuery();
        }

        var upgrader = DeployChanges
            .To.PostgresqlDatabase(connectionString)
            .WithScriptsEmbeddedInAssembly(Assembly.GetExecutingAssembly(), name => name.EndsWith(".sql", StringComparison.Ordinal))
            .WithVariablesDisabled()
            .WithTransactionPerScript()
            .LogToNowhere()
            .Build();
        var known = upgrader.GetDiscoveredScripts().Select(s => s.Name).ToHashSet(StringComparer.Ordinal);
        if (upgrader.GetExecutedScripts().FirstOrDefault(s => !known.Contains(s)) is { } newer)
        {
            throw new InvalidOperationException($"The database was made by a newer version of this program ({newer}). Start that version.");
        }

        var result = upgrader.PerformUpgrade();
        if (!result.Successful)
        {
            throw new InvalidOperationException("A migration of the database failed: " + result.Error?.Message, result.Error);
        }
    }
}
