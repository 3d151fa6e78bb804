using FairCompass.Core.Drafts;
using FairCompass.Core.Pacing;
using FairCompass.Core.Scoring;
using FairCompass.Play;
using FairCompass.Store.Demo;
using Npgsql;

namespace FairCompass.Web.Tests;

/// <summary>Places against an independent implementation: PostgreSQL's <c>rank()</c>.</summary>
public class RankTests(ApiFixture api) : IClassFixture<ApiFixture>
{
    [Fact]
    public async Task Places_equal_the_databases_rank_on_random_data_with_ties()
    {
        await using var db = new NpgsqlConnection(api.App.Connection);
        await db.OpenAsync();
        await using (var make = new NpgsqlCommand("create temp table r (id int, class int, value bigint, tie bigint)", db))
        {
            await make.ExecuteNonQueryAsync();
        }

        var random = new Random(20270612);
        for (var round = 0; round < 20; round++)
        {
            var results = Enumerable
                .Range(0, 500)
                .Select(_ => new ComponentResult((ResultClass)random.Next(0, 7), random.Next(-20, 20), [random.Next(0, 3)], "", null, []))
                .ToList();
            await using (var clear = new NpgsqlCommand("truncate r", db))
            {
                await clear.ExecuteNonQueryAsync();
            }

            await using (var copy = await db.BeginBinaryImportAsync("copy r from stdin (format binary)"))
            {
                for (var i = 0; i < results.Count; i++)
                {
                    await copy.WriteRowAsync(CancellationToken.None, i, (int)results[i].Class, results[i].Value, results[i].Ties[0]);
                }

                await copy.CompleteAsync();
            }

            await using var ask = new NpgsqlCommand("select rank() over (order by class, value, tie)::int from r order by id", db);
            await using var reader = await ask.ExecuteReaderAsync();
            var expected = new List<int>();
            while (await reader.ReadAsync())
            {
                expected.Add(reader.GetInt32(0));
            }

            Assert.Equal(expected, Ranking.Places(results));
        }
    }

    /// <summary>
    /// Played runs of the workouts whose ties are chains: a checkpoint, then half of the work; the next slowest of four cycles; the member
    /// who did least; what another score says. Where a chain is shorter for some, the database is told so with nulls last.
    /// </summary>
    [Theory]
    [InlineData("Harbour Minutes")]
    [InlineData("Capstan")]
    [InlineData("Pilot Ladder")]
    [InlineData("Long Watch")]
    public async Task Chains_of_ties_rank_as_the_database_ranks_them(string title)
    {
        var text = SaltmarshFerryGames.Drafts.Single(d => d.StartsWith(title + "\n", StringComparison.Ordinal));
        var u = Understanding.Of(SaltmarshFerryGames.Competition, text);
        var player = new Player(u, 0, PaceTable.Usual);
        var unit = u.Competition.Unit;
        var runs = Enumerable.Range(1, 120).Select(seed => player.Play((ulong)seed, 0).Score(u.Courses[0], unit)).ToList();
        await using var db = new NpgsqlConnection(api.App.Connection);
        await db.OpenAsync();
        for (var c = 0; c < u.Sheets[0].Components.Count; c++)
        {
            // Rounded to tens of seconds, or as it comes out for other values, so that more of them are equal.
            var results = runs.Select(r => r[c] with { Value = r[c].Value / 10_000, Ties = [.. r[c].Ties.Select(t => t / 10_000)] })
                .ToList();
            await using var ask = new NpgsqlCommand(
                "select rank() over (order by case class when 8 then 4.5 else class end, value, ties[1] nulls last, ties[2] nulls last, "
                    + "ties[3] nulls last, ties[4] nulls last)::int from unnest(@class, @value) with ordinality as r(class, value, id) "
                    + "cross join lateral (select array(select t.tie from unnest(@owner, @tie) as t(owner, tie) "
                    + "where t.owner = r.id) as ties) x "
                    + "order by id",
                db
            );
            ask.Parameters.AddWithValue("class", results.Select(r => (int)r.Class).ToArray());
            ask.Parameters.AddWithValue("value", results.Select(r => r.Value).ToArray());
            ask.Parameters.AddWithValue("owner", results.SelectMany((r, i) => r.Ties.Select(_ => (long)i + 1)).ToArray());
            ask.Parameters.AddWithValue("tie", results.SelectMany(r => r.Ties).ToArray());
            await using var reader = await ask.ExecuteReaderAsync();
            var expected = new List<int>();
            while (await reader.ReadAsync())
            {
                expected.Add(reader.GetInt32(0));
            }

            Assert.Equal(expected, Ranking.Places(results));
            Assert.True(results.All(r => r.Ties.Count <= 4), $"{title}, score {c}: a longer chain than the query has");
        }
    }
}
