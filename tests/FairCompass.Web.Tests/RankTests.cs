using FairCompass.Core.Scoring;
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
}
