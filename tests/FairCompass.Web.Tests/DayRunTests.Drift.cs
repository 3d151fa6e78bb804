using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using FairCompass.Access;

namespace FairCompass.Web.Tests;

public sealed partial class DayRunTests
{
    /// <summary>The day is made by one judge in every lane, so nobody may be flagged where chance is rare.</summary>
    [Fact]
    public async Task Drift_counts_what_the_cards_say_and_flags_nobody_of_a_day_that_one_judge_made()
    {
        var drift = await api.Get(at + "/drift?alarms=0.01");
        var judges = drift["judges"]!.AsArray();
        Assert.True(judges.Count > 10);
        Assert.DoesNotContain(judges, j => (string)j!["drift"]!["kind"]! is "Strict" or "Lenient");
        // By name, and every no-rep is somebody’s and some lane’s.
        Assert.Equal(
            judges.Select(j => (string)j!["name"]!).Order(StringComparer.OrdinalIgnoreCase),
            judges.Select(j => (string)j!["name"]!)
        );
        long NoReps(JsonNode lines) => lines.AsArray().Sum(l => l!["drift"]!["noReps"]!.GetValue<long>());
        Assert.Equal(NoReps(drift["judges"]!), NoReps(drift["lanes"]!));
        Assert.True(NoReps(drift["judges"]!) > 0);
        var expected = judges.Sum(j => j!["drift"]!["expected"]!.GetValue<double>());
        Assert.Equal(NoReps(drift["judges"]!), expected, 0.15 * expected);
        foreach (var wrong in new[] { "0", "-1", "0.6", "NaN" })
        {
            Assert.Equal(HttpStatusCode.UnprocessableEntity, await api.Status($"{at}/drift?alarms={wrong}"));
        }

        using var desk = Visitors.At(api.App.Address);
        await RunningApp.SignIn(desk, Role.ScoreDesk);
        using var closed = await desk.GetAsync(new Uri(at + "/drift", UriKind.Relative));
        Assert.Equal(HttpStatusCode.Forbidden, closed.StatusCode);
    }

    /// <summary>The statement names only places that are in the tables, says the same with the same seed, and is nobody else’s.</summary>
    [Fact]
    public async Task The_statement_says_the_same_with_the_same_seed_of_places_that_are_there()
    {
        var (one, again) = (await api.Get(at + "/statement?seed=7"), await api.Get(at + "/statement?seed=7"));
        Assert.Equal(one.ToJsonString(), again.ToJsonString());
        var other = await api.Get(at + "/statement?seed=8");
        Assert.NotEqual(one["boards"]!.ToJsonString(), other["boards"]!.ToJsonString());
        Assert.All(
            one["lines"]!.AsArray().Concat(one["boards"]!.AsArray().SelectMany(b => b!["lines"]!.AsArray())),
            l => Assert.NotEqual((string)l!["english"]!, (string)l["spanish"]!)
        );

        var places = (await api.Get(at + "/results"))["workouts"]!
            .AsArray()
            .SelectMany(w => w!["tables"]!.AsArray().Select(t => (Title: (string)w["title"]!, Table: t!)))
            .ToDictionary(
                x => (x.Title, (string)x.Table["division"]!, (string)x.Table["score"]!),
                x => x.Table["lines"]!.AsArray().Select(l => l!["place"]!.GetValue<int>()).ToHashSet()
            );
        var boards = one["boards"]!.AsArray();
        Assert.NotEmpty(boards);
        foreach (var board in boards)
        {
            var there = places[((string)board!["title"]!, (string)board["division"]!, (string)board["score"]!)];
            Assert.All(board["shaky"]!.AsArray(), x => Assert.Contains(x!["place"]!.GetValue<int>(), there));
            Assert.All(board["shaky"]!.AsArray(), x => Assert.InRange(x!["kept"]!.GetValue<double>(), 0, 95));
            Assert.Equal(board["shaky"]!.AsArray().Count(x => x!["place"]!.GetValue<int>() <= 3), board["podium"]!.AsArray().Count);
        }

        // Loads are not exchanged, and it is said.
        Assert.Contains(
            boards.SelectMany(b => b!["lines"]!.AsArray()),
            l => ((string)l!["english"]!).StartsWith("What no-reps did to these scores cannot be said", StringComparison.Ordinal)
        );
        Assert.Equal(HttpStatusCode.UnprocessableEntity, await api.Status(at + "/statement?seed=-1"));
        using var desk = Visitors.At(api.App.Address);
        await RunningApp.SignIn(desk, Role.ScoreDesk);
        using var closed = await desk.GetAsync(new Uri(at + "/statement", UriKind.Relative));
        Assert.Equal(HttpStatusCode.Forbidden, closed.StatusCode);
    }

    /// <summary>A reader reads it only while it is published, nobody without a name at all, and nobody but the head judge
    /// publishes.</summary>
    [Fact]
    public async Task The_statement_is_read_by_everybody_only_while_it_is_published()
    {
        var published = at + "/statement/published";
        using var anybody = Visitors.At(api.App.Address);
        Assert.Equal(HttpStatusCode.Unauthorized, await Reads());
        await RunningApp.SignIn(anybody, Role.Reader);
        async Task<HttpStatusCode> Reads() => (await anybody.GetAsync(new Uri(published, UriKind.Relative))).StatusCode;
        Assert.Equal(HttpStatusCode.NoContent, await Reads());
        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await api.Put(published, new { seed = -1 })).Status);
        using var desk = Visitors.At(api.App.Address);
        await RunningApp.SignIn(desk, Role.ScoreDesk);
        using var refused = await desk.PutAsJsonAsync(new Uri(published, UriKind.Relative), new { seed = 3 });
        Assert.Equal(HttpStatusCode.Forbidden, refused.StatusCode);
        Assert.Equal(HttpStatusCode.NoContent, (await api.Put(published, new { seed = 3 })).Status);
        Assert.Equal(HttpStatusCode.OK, await Reads());
        var (own, theirs) = (await api.Get(at + "/statement?seed=3"), (await anybody.GetFromJsonAsync<JsonNode>(published))!);
        Assert.Equal(3, own["published"]!["seed"]!.GetValue<int>());
        Assert.Equal(own["boards"]!.ToJsonString(), theirs["boards"]!.ToJsonString());
        Assert.Equal(HttpStatusCode.NoContent, (await api.Send(HttpMethod.Delete, published, "")).Status);
        Assert.Equal(HttpStatusCode.NoContent, await Reads());
    }

    /// <summary>Every no-rep is some heat’s, in the order of time; and the statement says what training there was, and what plan would say
    /// more.</summary>
    [Fact]
    public async Task Heats_stand_beside_judges_and_the_statement_says_what_would_say_more()
    {
        var drift = await api.Get(at + "/drift");
        long NoReps(JsonNode lines) => lines.AsArray().Sum(l => l!["drift"]!["noReps"]!.GetValue<long>());
        Assert.Equal(NoReps(drift["judges"]!), NoReps(drift["heats"]!));
        var statement = await api.Get(at + "/statement");
        var lines = statement["lines"]!.AsArray().Select(l => (string)l!["english"]!).ToList();
        Assert.Contains("None of them was tested on reps with a known truth.", lines);
        Assert.Contains(lines, l => l.StartsWith("Asked about alone, a judge who calls", StringComparison.Ordinal));
        Assert.All(
            statement["boards"]!.AsArray().Where(b => b!["lines"]!.AsArray().Count > 1),
            b => Assert.Contains(b!["lines"]!.AsArray(), l => ((string)l!["english"]!).Contains("version ", StringComparison.Ordinal))
        );
    }

    /// <summary>The funnel grows narrower with more to be expected, and holds 1.</summary>
    [Fact]
    public async Task The_funnel_narrows()
    {
        var funnel = (await api.Get(at + "/drift"))["funnel"]!.AsArray();
        var wide = funnel.Select(f => f!["high"]!.GetValue<double>() - f["low"]!.GetValue<double>()).ToList();
        Assert.Equal(30, wide.Count);
        // From one whole number to the next a limit jumps a little.
        Assert.All(wide.Zip(wide.Skip(1)), w => Assert.True(w.Second < 1.1 * w.First));
        Assert.True(wide[^1] < wide[0] / 2);
        Assert.All(funnel, f => Assert.True(f!["low"]!.GetValue<double>() < 1 && f["high"]!.GetValue<double>() > 1));
    }
}
