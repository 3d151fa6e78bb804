using System.Net;

namespace FairCompass.Web.Tests;

/// <summary>Saying a rule differently in a stored draft.</summary>
public class StandardPlaceTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    private const string Text = "Say Here\n  for Tideline\n\n9:00 for reps\n  10 sit-up\n  20 burpee\n\nscore: reps\n  tie: shared\n";

    private static object Said(int revision, string? text, int? line = null, string clause = "hands-behind", Guid? save = null) =>
        new
        {
            baseRevision = revision,
            saveId = save ?? Guid.NewGuid(),
            clause,
            line,
            division = (string?)null,
            text,
        };

    private async Task<(string Address, string Clause, int Revision)> Draft()
    {
        var (id, revision) = await api.NewDraft(Text);
        var standard = await api.Get($"/api/competitions/{api.Competition}/standards/sit-up");
        var clause = standard["clauses"]!.AsArray().First(c => c!["kind"]!.GetValue<string>() == "Required")!["id"]!.GetValue<string>();
        return ($"/api/workouts/{id}/standards/sit-up", clause, revision);
    }

    [Fact]
    public async Task It_is_written_into_the_draft_and_holds_in_this_workout_only()
    {
        var (address, clause, revision) = await Draft();
        var before = await api.Get(address);
        Assert.Equal("10 sit-up", Assert.Single(before["places"]!.AsArray())!["text"]!.GetValue<string>());
        var (status, now) = await api.Put(address, Said(revision, "Both shoulder blades touch.", clause: clause));
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal("Both shoulder blades touch.", Assert.Single(now!["said"]!.AsArray())!["text"]!.GetValue<string>());
        var workout = address.Split('/')[3];
        var draft = await api.Get($"/api/workouts/{workout}");
        Assert.Contains(
            $"standard sit-up, {clause}: Both shoulder blades touch.",
            draft["body"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
        var here = await api.Get($"/api/competitions/{api.Competition}/standards/sit-up?workout={workout}");
        Assert.Contains("Both shoulder blades touch.", here.ToJsonString(), StringComparison.Ordinal);
        Assert.DoesNotContain(
            "Both shoulder blades touch.",
            (await api.Get($"/api/competitions/{api.Competition}/standards/sit-up")).ToJsonString(),
            StringComparison.Ordinal
        );
        var (_, back) = await api.Put(address, Said(now["revision"]!.GetValue<int>(), null, clause: clause));
        Assert.Empty(back!["said"]!.AsArray());
        Assert.Equal(Text, (await api.Get($"/api/workouts/{workout}"))["body"]!.GetValue<string>());
    }

    [Fact]
    public async Task At_one_place_it_stands_under_its_line()
    {
        var (address, clause, revision) = await Draft();
        var (status, now) = await api.Put(address, Said(revision, "does not apply", 5, clause));
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(5, Assert.Single(now!["said"]!.AsArray())!["line"]!.GetValue<int>());
        Assert.Contains(
            $"  10 sit-up\n    standard {clause}: does not apply\n",
            (await api.Get($"/api/workouts/{address.Split('/')[3]}"))["body"]!.GetValue<string>(),
            StringComparison.Ordinal
        );
    }

    [Fact]
    public async Task A_repeated_save_is_taken_once_and_an_outdated_one_refused()
    {
        var (address, clause, revision) = await Draft();
        var save = Guid.NewGuid();
        var (first, saved) = await api.Put(address, Said(revision, "Once.", clause: clause, save: save));
        Assert.Equal(HttpStatusCode.OK, first);
        var (outdated, problem) = await api.Put(address, Said(revision, "Twice.", clause: clause));
        Assert.Equal(HttpStatusCode.Conflict, outdated);
        Assert.NotNull(problem!["detail"]);
        Assert.Equal("Once.", Assert.Single((await api.Get(address))["said"]!.AsArray())!["text"]!.GetValue<string>());
        Assert.Equal(revision + 1, saved!["revision"]!.GetValue<int>());
    }

    [Theory]
    [InlineData("{\"clause\":\"nothing\",\"line\":null,\"division\":null,\"text\":\"x\"}", "clause")]
    [InlineData("{\"clause\":\"*\",\"line\":6,\"division\":null,\"text\":\"x\"}", "line")]
    [InlineData("{\"clause\":\"*\",\"line\":null,\"division\":\"Harbour\",\"text\":\"x\"}", "division")]
    [InlineData("{\"clause\":\"*\",\"line\":null,\"division\":null,\"text\":\"a (b)\"}", "text")]
    [InlineData("{\"clause\":\"*\",\"line\":null,\"division\":null,\"text\":null}", "clause")]
    public async Task What_cannot_be_written_is_refused_at_its_field(string rest, string field)
    {
        var (address, clause, revision) = await Draft();
        var (status, problem) = await api.Put(
            address,
            "{\"baseRevision\":"
                + revision
                + ",\"saveId\":\""
                + Guid.NewGuid()
                + "\","
                + rest[1..].Replace("*", clause, StringComparison.Ordinal)
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, status);
        Assert.Equal([field], problem!["errors"]!.AsObject().Select(e => e.Key));
    }

    [Fact]
    public async Task An_unknown_movement_or_workout_is_not_there()
    {
        var (address, _, _) = await Draft();
        Assert.Equal(HttpStatusCode.NotFound, await api.Status(address.Replace("sit-up", "moonwalk", StringComparison.Ordinal)));
        Assert.Equal(HttpStatusCode.NotFound, await api.Status($"/api/workouts/{Guid.NewGuid()}/standards/sit-up"));
    }
}
