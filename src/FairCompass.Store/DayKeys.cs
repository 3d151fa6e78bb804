using System.Security.Cryptography;
using System.Text;
using Npgsql;

namespace FairCompass.Store;

/// <summary>Hashes of addresses that tell one sender from another for a day, and after that nobody from anybody: the key of a day is thrown
/// away with the next.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class DayKeys(NpgsqlDataSource source)
{
    private const int KeyBytes = 32;

    /// <summary>The hash of an address today (UTC), in hexadecimal digits.</summary>
    /// <param name="address">The address.</param>
    /// <param name="cancel">Ends the wait.</param>
    public async Task<string> Sender(string address, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        // Copies of the application may come at once; the first key holds for all of them. The day is that of the database’s clock.
        const string Today = "(now() at time zone 'utc')::date";
        await db.Run(
            $"insert into day_key (day, key) values ({Today}, @key) on conflict do nothing",
            new { key = RandomNumberGenerator.GetBytes(KeyBytes) },
            cancel
        );
        await db.Run($"delete from day_key where day < {Today}", null, cancel);
        var key = await db.OneOrNone<byte[]>($"select key from day_key where day = {Today}", null, cancel);
        // At midnight the day may have gone between the two: then nobody is told from anybody.
        return key is null ? "" : Convert.ToHexStringLower(HMACSHA256.HashData(key, Encoding.UTF8.GetBytes(address)));
    }
}
