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
}
