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

    /// <summary>Lets a role do what the application does every day: read and add everywhere, change and remove where no trigger forbids it
    /// to everybody. The journal of migrations it only reads.</summary>
    /// <param name="owner">Connection string of the owner of the tables.</param>
    /// <param name="role">A role that exists.</param>
    public static void Grant(string owner, string role)
    {
        using var db = new NpgsqlConnection(new NpgsqlConnectionStringBuilder(owner) { Pooling = false }.ConnectionString);
        db.Open();
        using var tx = db.BeginTransaction();
        using (var name = new NpgsqlCommand("select pg_advisory_xact_lock(@id), set_config('fair_compass.role', @role, true)", db, tx))
        {
            name.Parameters.AddWithValue("id", MigrationLock);
            name.Parameters.AddWithValue("role", role);
            name.ExecuteNonQuery();
        }

        using var grant = new NpgsqlCommand(Grants, db, tx);
        grant.ExecuteNonQuery();
        tx.Commit();
    }

    private const string Grants = """
        do $$
        declare
            daily text := current_setting('fair_compass.role');
            of record;
        begin
            execute format('grant usage on schema public to %I', daily);
            execute format('revoke all on all tables in schema public from %I', daily);
            execute format('grant usage on all sequences in schema public to %I', daily);
            for of in
                select c.relname, exists (
                    select from pg_trigger t where t.tgrelid = c.oid and t.tgname = c.relname || '_never_changed') as append_only
                from pg_class c where c.relnamespace = 'public'::regnamespace and c.relkind = 'r'
            loop
                execute format('grant select on %I to %I', of.relname, daily);
                if of.relname <> 'schemaversions' then
                    execute format('grant insert on %I to %I', of.relname, daily);
                    if not of.append_only then
                        execute format('grant update, delete on %I to %I', of.relname, daily);
                    end if;
                end if;
            end loop;
        end $$
        """;
}
