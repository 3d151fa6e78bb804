using System.Net;
using System.Text.Json.Nodes;
using Npgsql;

namespace FairCompass.Web.Tests;

/// <summary>A database that neither answers nor refuses: typing goes on with what is in memory.</summary>
public class StallTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private Task<(HttpStatusCode Status, JsonNode? Body)> Explain() =>
        api.Post(
            $"/api/competitions/{api.Competition}/explain",
            new
            {
                doc = 1,
                body = "T\n\n9:00 for reps\n  max sit-up\n",
                rows = 24,
            }
        );

    [Fact]
    public async Task A_keystroke_is_answered_while_the_database_stands_still()
    {
        Assert.Equal(HttpStatusCode.OK, (await Explain()).Status);
        await using var db = new NpgsqlConnection(api.App.Connection);
        await db.OpenAsync();
        await using var tx = await db.BeginTransactionAsync();
        await using var hold = new NpgsqlCommand("lock table competition in access exclusive mode", db, tx);
        await hold.ExecuteNonQueryAsync();
        // What was read a second ago is taken for current; after that the database is asked, and does not answer.
        await Task.Delay(1200);
        Assert.Equal(HttpStatusCode.OK, (await Explain()).Status);
        Assert.Equal(HttpStatusCode.OK, (await Explain()).Status);
        await tx.RollbackAsync();
        Assert.Equal(HttpStatusCode.OK, (await Explain()).Status);
    }

    /// <summary>Names only: no document is read for the list.</summary>
    [Fact]
    public async Task The_list_of_competitions_is_read_without_their_documents()
    {
        var listed = (await api.Get("/api/competitions")).AsArray();
        Assert.Equal(["id", "name"], listed[0]!.AsObject().Select(p => p.Key));
    }

    /// <summary>Of what is older than a day the last save of each minute stays; of the last day everything does.</summary>
    [Fact]
    public async Task History_is_thinned_after_a_day()
    {
        var (id, revision) = await api.NewDraft("T\n");
        for (var i = 0; i < 48; i++)
        {
            Assert.Equal(HttpStatusCode.OK, (await api.Save(id, revision++, $"T\n// {i}\n")).Status);
        }

        await using var db = new NpgsqlConnection(api.App.Connection);
        await db.OpenAsync();
        await using var age = new NpgsqlCommand(
            "update workout_revision set at = date_trunc('minute', now()) - interval '2 days' + revision * interval '1 second' "
                + $"where workout_id = '{id}'",
            db
        );
        await age.ExecuteNonQueryAsync();
        Assert.Equal(HttpStatusCode.OK, (await api.Save(id, revision, "T\n// last\n")).Status);
        await using var left = new NpgsqlCommand($"select count(*) from workout_revision where workout_id = '{id}'", db);
        Assert.Equal(2L, await left.ExecuteScalarAsync());
    }
}
