using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using FairCompass.Store;
using FairCompass.Web.Hosting;
using FairCompass.Web.Live;
using FairCompass.Web.Opening;
using Microsoft.Extensions.DependencyInjection;
using Microsoft.Extensions.Logging.Abstractions;
using Npgsql;

namespace FairCompass.Web.Tests;

/// <summary>Several copies of the application on one database.</summary>
public class CopiesTests
{
    /// <summary>A clock that stands, so that nothing that is remembered grows old by itself.</summary>
    private sealed class Standing : TimeProvider
    {
        public override DateTimeOffset GetUtcNow() => new(2026, 6, 12, 9, 0, 0, TimeSpan.Zero);

        /// <summary>Nothing is given up for being slow either, on however busy a machine.</summary>
        public override ITimer CreateTimer(TimerCallback callback, object? state, TimeSpan dueTime, TimeSpan period) => new Never();

        private sealed class Never : ITimer
        {
            public bool Change(TimeSpan dueTime, TimeSpan period) => true;

            public void Dispose() { }

            public ValueTask DisposeAsync() => ValueTask.CompletedTask;
        }
    }

    [Fact]
    public async Task What_one_copy_changes_no_other_remembers_otherwise()
    {
        using var api = new ApiFixture();
        using var cache = new CompetitionCache(api.App.Services.GetRequiredService<CompetitionStore>(), new Standing());
        using var told = new Told(
            api.App.Services.GetRequiredService<Connections>(),
            new(() => cache),
            new Changes(),
            NullLogger<Told>.Instance
        );
        await told.StartAsync(CancellationToken.None);
        for (var round = 0; round < 3; round++)
        {
            var before = (await cache.FindRevision(api.Competition, CancellationToken.None))!;
            if (round == 1)
            {
                // What is missed while nothing can be heard is caught up.
                api.App.SetDatabaseReachable(false);
                await Task.Delay(300);
                api.App.SetDatabaseReachable(true);
                // The pool has connections that were cut.
                api.App.Services.GetRequiredService<NpgsqlDataSource>().Clear();
            }

            var name = $"Saltmarsh Ferry Games {round}";
            var store = api.App.Services.GetRequiredService<CompetitionStore>();
            var saved = await store.Save(
                before.Id,
                before.Revision,
                Guid.NewGuid(),
                before.Value with
                {
                    Name = name,
                },
                CancellationToken.None
            );
            Assert.NotNull(saved);
            // A connection that works stands in the pool: one reading that fails would pause the cache, and this clock ends no pause.
            await store.Find(before.Id, CancellationToken.None);
            var end = DateTime.UtcNow.AddSeconds(60);
            while ((await cache.Find(api.Competition, CancellationToken.None))!.Name != name)
            {
                Assert.True(DateTime.UtcNow < end, "the other copy still remembers what was before");
                await Task.Delay(20);
            }
        }

        await told.StopAsync(CancellationToken.None);
    }

    [Fact]
    public async Task A_copy_dies_in_mid_work_and_the_other_goes_on()
    {
        using var api = new ApiFixture();
        using var one = new RunningApp(demo: true, beside: api.App);
        using var other = new RunningApp(demo: true, beside: api.App);
        var jar = new CookieContainer();
        using var first = Visitors.At(one.Address, jar);
        await RunningApp.SignIn(first);
        // Cookies know no ports: the session of one copy is that of the other.
        using var second = Visitors.At(other.Address, jar);
        var (id, revision) = await api.NewDraft("Two Copies\n\n9:00 for time\n  30 sit-up\n");
        for (var i = 0; i < 30; i++)
        {
            var saveId = Guid.NewGuid();
            var body = $"Two Copies\n\n9:00 for time\n  {31 + i} sit-up\n";
            var save = new
            {
                baseRevision = revision,
                saveId,
                body,
            };
            if (i == 15)
            {
                one.Dispose();
            }

            HttpResponseMessage answer;
            try
            {
                answer = await (i % 2 == 0 ? first : second).PutAsJsonAsync($"/api/workouts/{id}", save);
            }
            catch (HttpRequestException)
            {
                // As a proxy does it: the same once more, to who is there.
                answer = await second.PutAsJsonAsync($"/api/workouts/{id}", save);
            }

            using (answer)
            {
                Assert.True(answer.IsSuccessStatusCode, await answer.Content.ReadAsStringAsync());
                Assert.Equal(++revision, (int)JsonNode.Parse(await answer.Content.ReadAsStringAsync())!["revision"]!);
            }
        }

        Assert.Contains("60 sit-up", await second.GetStringAsync($"/api/workouts/{id}"), StringComparison.Ordinal);

        // What ends in one copy has ended in the other.
        using var ended = await second.DeleteAsync("/api/sessions");
        Assert.Equal(HttpStatusCode.NoContent, ended.StatusCode);
        using var refused = await api.Http.GetAsync("/api/sessions");
        Assert.Equal(HttpStatusCode.Unauthorized, refused.StatusCode);
    }
}
