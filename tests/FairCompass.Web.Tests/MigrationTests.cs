using FairCompass.Store;
using Npgsql;

namespace FairCompass.Web.Tests;

/// <summary>A database that an older version left behind, with everything in it, is brought up and loses nothing.</summary>
public sealed class MigrationTests : IDisposable
{
    private readonly string server = Environment.GetEnvironmentVariable("FAIRCOMPASS_TEST_CONNECTION")!;
    private readonly string name = "m_" + Guid.NewGuid().ToString("N");

    public MigrationTests() => Run(server, $"create database {name}");

    private string Connection => new NpgsqlConnectionStringBuilder(server) { Database = name, Pooling = false }.ConnectionString;

    private static void Run(string connection, string sql)
    {
        using var db = new NpgsqlConnection(new NpgsqlConnectionStringBuilder(connection) { Pooling = false }.ConnectionString);
        db.Open();
        using var command = new NpgsqlCommand(sql, db) { CommandTimeout = 120 };
        command.ExecuteNonQuery();
    }

    private List<string> Read(string sql)
    {
        using var db = new NpgsqlConnection(Connection);
        db.Open();
        using var command = new NpgsqlCommand(sql, db);
        using var rows = command.ExecuteReader();
        var read = new List<string>();
        while (rows.Read())
        {
            read.Add(string.Join(' ', Enumerable.Range(0, rows.FieldCount).Select(i => rows[i].ToString())));
        }

        return read;
    }

    /// <summary>The schema of a version: its scripts, noted as the migrations note them.</summary>
    private void Older(int scripts)
    {
        var assembly = typeof(Database).Assembly;
        Run(
            Connection,
            "create table schemaversions "
                + "(schemaversionsid serial primary key, scriptname varchar(255) not null, applied timestamp not null)"
        );
        foreach (
            var script in assembly.GetManifestResourceNames().Where(n => n.EndsWith(".sql", StringComparison.Ordinal)).Order().Take(scripts)
        )
        {
            using var reader = new StreamReader(assembly.GetManifestResourceStream(script)!);
            Run(Connection, reader.ReadToEnd());
            Run(Connection, $"insert into schemaversions (scriptname, applied) values ('{script}', now())");
        }
    }

    private static string Id(int n) => $"00000000-0000-0000-0000-{n:000000000000}";

    [Theory]
    [InlineData(1)]
    [InlineData(2)]
    [InlineData(3)]
    [InlineData(4)]
    public void Drafts_of_every_older_schema_are_kept(int scripts)
    {
        Older(scripts);
        Run(
            Connection,
            $$$"""
            insert into competition (id, revision, doc) values ('{{{Id(1)}}}', 3, '{"name":"Old Games"}');
            insert into competition_revision (competition_id, revision, save_id, doc)
                values ('{{{Id(1)}}}', 3, '{{{Id(2)}}}', '{"name":"Old Games"}');
            insert into workout (id, competition_id, ordinal, revision, body) values ('{{{Id(3)}}}', '{{{Id(1)}}}', 1, 2, 'T');
            insert into workout_revision (workout_id, revision, save_id, body) values ('{{{Id(3)}}}', 2, '{{{Id(4)}}}', 'T');
            """
        );
        Database.Migrate(Connection);
        Assert.Equal(["Old Games 3"], Read("select doc ->> 'name', revision from competition"));
        Assert.Equal(["T 2"], Read("select body, revision from workout"));
        // Once more changes nothing.
        Database.Migrate(Connection);
        Assert.Equal(["0"], Read("select count(*) from printed_code"));
    }

    /// <summary>
    /// Two workouts with one code: it stays with the one that had it first. Rulings get the numbers that were printed, each once.
    /// </summary>
    [Fact]
    public void Codes_and_numbers_of_rulings_are_taken_over()
    {
        Older(3);
        string Version(int id, int workout, int number, string note, int save, int day) =>
            "insert into published (id, workout_id, competition_id, number, code, sha256, doc, note, save_id, at) values "
            + $"('{Id(id)}', '{Id(workout)}', '{Id(1)}', {number}, '7K2M-9PXQ-B', "
            + $"'{new string('a', 64)}', '{{}}', '{note}', '{Id(save)}', '2027-06-{day:00}');";
        Run(
            Connection,
            $$"""
            insert into competition (id, revision, doc) values ('{{Id(1)}}', 1, '{}');
            insert into workout (id, competition_id, ordinal, revision, body) values
                ('{{Id(3)}}', '{{Id(1)}}', 1, 1, 'T'), ('{{Id(4)}}', '{{Id(1)}}', 2, 1, 'T');
            {{Version(10, 4, 1, "", 110, 5)}}
            {{Version(11, 3, 1, "", 111, 4)}}
            insert into question (id, published_id, line, body, sender) values ('{{Id(50)}}', '{{Id(11)}}', '', 'May they?', 's');
            {{Version(12, 3, 2, "Ruling 1: No.", 50, 6)}}
            {{Version(13, 3, 3, "Ruling 1: Given again.", 113, 7)}}
            {{Version(14, 3, 4, "Ruling 2: Yes.", 114, 8)}}
            insert into confirmation (id, published_id, name_key, name, judge) values ('{{Id(60)}}', '{{Id(11)}}', 'ada', 'Ada', true);
            """
        );
        Database.Migrate(Connection);
        Assert.Equal([$"7K2M-9PXQ-B {Id(3)}"], Read("select code, workout_id from printed_code"));
        Assert.Equal(
            [$"1 {Id(12)} {Id(50)}", $"2 {Id(14)} "],
            Read("select number, published_id, question_id from ruling order by number")
        );
        Assert.Equal(["Ada"], Read("select name from confirmation"));
        // Neither is ever changed.
        Assert.Throws<PostgresException>(() => Run(Connection, "delete from ruling"));
        Assert.Throws<PostgresException>(() => Run(Connection, "update printed_code set code = 'AAAA-AAAA-A'"));
    }

    [Fact]
    public void A_database_of_a_newer_version_is_refused()
    {
        Older(3);
        Run(Connection, "insert into schemaversions (scriptname, applied) values ('FairCompass.Store.Migrations.9999_later.sql', now())");
        Assert.Contains(
            "newer version",
            Assert.Throws<InvalidOperationException>(() => Database.Migrate(Connection)).Message,
            StringComparison.Ordinal
        );
    }

    public void Dispose() => Run(server, $"drop database if exists {name} with (force)");
}
