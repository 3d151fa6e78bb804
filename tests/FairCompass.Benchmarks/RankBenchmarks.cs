using BenchmarkDotNet.Attributes;
using FairCompass.Core.Competitions;
using FairCompass.Core.Scoring;
using Npgsql;

namespace FairCompass.Benchmarks;

/// <summary>
/// 100,000 entries with 6 scores, a tie value each, and the overall table, beside a bare sort of the same packed keys and
/// PostgreSQL's <c>rank()</c> over the same table. The database needs FAIRCOMPASS_TEST_CONNECTION; without it that row is skipped.
/// </summary>
[MemoryDiagnoser]
public class RankBenchmarks : IDisposable
{
    private const int Entries = 100_000;
    private const int Scores = 6;
    private readonly ulong[][] keys = new ulong[Scores][];
    private readonly long[][] ties = new long[Scores][];
    private readonly decimal[] weights = [.. Enumerable.Repeat(1m, Scores)];
    private readonly OverallRule rule = new(new PointsRule.Linear(Entries, 1));
    private NpgsqlConnection? db;

    [GlobalSetup]
    public void Make()
    {
        var random = new Random(20270612);
        for (var s = 0; s < Scores; s++)
        {
            keys[s] = Enumerable
                .Range(0, Entries)
                .Select(_ => Ranking.Key((ResultClass)random.Next(0, 3), random.Next(0, 40_000)))
                .ToArray();
            ties[s] = Enumerable.Range(0, Entries).Select(_ => (long)random.Next(0, 60)).ToArray();
        }

        if (Environment.GetEnvironmentVariable("FAIRCOMPASS_TEST_CONNECTION") is { Length: > 0 } connection)
        {
            db = new NpgsqlConnection(connection);
            db.Open();
            Run(
                "create temp table r (id int, k1 bigint, t1 int, k2 bigint, t2 int, k3 bigint, t3 int, k4 bigint, t4 int, k5 "
                    + "bigint, t5 int, k6 bigint, t6 int)"
            );
            using var copy = db.BeginBinaryImport("copy r from stdin (format binary)");
            for (var i = 0; i < Entries; i++)
            {
                copy.StartRow();
                copy.Write(i);
                for (var s = 0; s < Scores; s++)
                {
                    copy.Write((long)keys[s][i]);
                    copy.Write((int)ties[s][i]);
                }
            }

            copy.Complete();
            copy.Dispose();
            Run("analyze r");
        }
    }

    [GlobalCleanup]
    public void Dispose()
    {
        db?.Dispose();
        GC.SuppressFinalize(this);
    }

    [Benchmark(Baseline = true)]
    public ulong Sort_the_same_keys()
    {
        var last = 0UL;
        foreach (var column in keys)
        {
            var copy = (ulong[])column.Clone();
            Array.Sort(copy);
            last = copy[^1];
        }

        return last;
    }

    [Benchmark]
    public IReadOnlyList<int> Places_ties_and_overall()
    {
        var places = new int[Scores][];
        for (var s = 0; s < Scores; s++)
        {
            places[s] = Ranking.Places(keys[s], ties[s]);
        }

        return Overall.Of(places, null, weights, rule).Places;
    }

    [Benchmark]
    public long Database_rank() =>
        db is null
            ? 0
            : Run(
                "select sum(p1 + p2 + p3 + p4 + p5 + p6 + o) from (select *, rank() over (order by p1 + p2 + p3 + p4 + p5 + "
                    + "p6) o from (select "
                    + string.Join(", ", Enumerable.Range(1, Scores).Select(s => $"rank() over (order by k{s}, t{s}) p{s}"))
                    + " from r) a) b"
            );

    private long Run(string sql)
    {
        using var command = new NpgsqlCommand(sql, db);
        return command.ExecuteScalar() is decimal d ? (long)d : 0;
    }
}
