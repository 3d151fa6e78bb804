using System.Net;
using System.Text.Json.Nodes;
using Dapper;
using Npgsql;

namespace FairCompass.Web.Tests;

/// <summary>The ids of lines through saves, files, publishing and rulings, over HTTP and with real PostgreSQL.</summary>
public class LineIdentityTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private const string Text = "T\n  for Tideline\n\n9:00 for reps\n  10 sit-up\n  20 burpee\n\nscore: reps\n  tie: shared\n";

    private async Task<string> Exported(Guid id) =>
        JsonNode.Parse(await api.Http.GetStringAsync($"/api/workouts/{id}/export"))!["lines"]!.ToJsonString();

    private async Task<T> Ask<T>(string sql, object parameters)
    {
        await using var db = new NpgsqlConnection(api.App.Connection);
        return await db.QuerySingleAsync<T>(sql, parameters);
    }

    [Fact]
    public async Task A_line_keeps_its_id_through_saves_a_file_and_two_versions()
    {
        var (id, revision) = await api.NewDraft(Text);
        Assert.Equal("[1,2,3,4,5,6,7]", await Exported(id));
        var moved = Text.Replace("  10 sit-up\n  20 burpee\n", "  21 burpee\n  5 pull-up\n  10 sit-up\n", StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.OK, (await api.Save(id, revision, moved)).Status);
        Assert.Equal("[1,2,3,5,8,4,6,7]", await Exported(id));

        var (firstStatus, first) = await api.Publish(id, revision + 1);
        Assert.True(firstStatus == HttpStatusCode.OK, first?.ToJsonString());
        Assert.Equal(
            HttpStatusCode.OK,
            (await api.Save(id, revision + 1, moved.Replace("10 sit-up", "12 sit-up", StringComparison.Ordinal))).Status
        );
        var (_, second) = await api.Publish(id, revision + 2);
        foreach (var version in new[] { first!, second! })
        {
            var lines = await Ask<string>(
                "select (doc->'lines')::text from published where id = @id::uuid",
                new { id = version["id"]!.GetValue<string>() }
            );
            Assert.Equal("[1, 2, 3, 5, 8, 4, 6, 7]", lines);
        }

        var file = await api.Http.GetStringAsync($"/api/workouts/{id}/export");
        var (_, copy) = await api.Post($"/api/competitions/{api.Competition}/import", file);
        Assert.Equal("[1,2,3,5,8,4,6,7]", await Exported(copy!["id"]!.GetValue<Guid>()));
    }

    [Fact]
    public async Task A_file_in_which_an_id_stands_twice_is_refused_at_its_place()
    {
        var (id, _) = await api.NewDraft(Text);
        var file = JsonNode.Parse(await api.Http.GetStringAsync($"/api/workouts/{id}/export"))!;
        file["lines"]![4] = 2;
        var (status, problem) = await api.Post($"/api/competitions/{api.Competition}/import", file.ToJsonString());
        Assert.Equal(HttpStatusCode.BadRequest, status);
        Assert.Equal("$.lines[4]", Assert.Single(problem!["errors"]!.AsObject()).Key);
    }

    [Fact]
    public async Task A_draft_from_before_lines_had_ids_gets_them()
    {
        var (id, revision) = await api.NewDraft(Text);
        await using (var db = new NpgsqlConnection(api.App.Connection))
        {
            await db.ExecuteAsync("update workout set lines = null where id = @id", new { id });
        }

        Assert.Equal("[1,2,3,4,5,6,7]", await Exported(id));
        Assert.Equal(HttpStatusCode.OK, (await api.Save(id, revision, Text.Replace("  10 sit-up\n", "", StringComparison.Ordinal))).Status);
        Assert.Equal("[1,2,3,5,6,7]", await Exported(id));
    }

    [Fact]
    public async Task A_ruling_is_one_line_of_the_draft_and_of_the_version()
    {
        var (id, revision) = await api.NewDraft(Text);
        var (_, version) = await api.Publish(id, revision);
        await api.Post(
            $"/api/published/{version!["code"]}/questions",
            new
            {
                line = "",
                body = "May they?",
                name = "",
                contact = "",
            }
        );
        var question = (await api.Get($"/api/workouts/{id}/questions"))[0]!["question"]!["id"]!.GetValue<string>();
        var (status, _) = await api.Post(
            $"/api/questions/{question}/answer",
            new
            {
                body = "No.",
                ruling = new
                {
                    movement = "sit-up",
                    text = "Hands touch behind the head.",
                    holdsFrom = "",
                },
            }
        );
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal("[1,2,3,4,5,6,7,8]", await Exported(id));
        Assert.Equal(8, await Ask<int>("select line from ruling where workout_id = @id", new { id }));
        Assert.Equal(
            "[1, 2, 3, 4, 5, 6, 7, 8]",
            await Ask<string>("select (doc->'lines')::text from published where workout_id = @id and number = 2", new { id })
        );
    }
}
