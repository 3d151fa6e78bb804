using FairCompass.Core.Measuring;
using FairCompass.Core.Quantities;
using Npgsql;

namespace FairCompass.Store;

/// <summary>Marks that were read on athletes, in PostgreSQL. They are added and read, never changed.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class MeasurementStore(NpgsqlDataSource source)
{
    private sealed record Row(string Place, string Athlete, decimal Value, string Unit, string By, DateTime At);

    private const string Columns = "place, athlete, value, unit, measured_by as By, at";

    /// <summary>The readings of a workout, oldest first; times in UTC.</summary>
    public async Task<IReadOnlyList<Reading>> Of(Guid workout, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var rows = await db.Many<Row>(
            $"select {Columns} from measurement where workout_id = @workout order by at, id",
            new { workout },
            cancel
        );
        return rows.Select(Read).ToList();
    }

    /// <summary>Adds a reading. A retry with the same id finds its own and adds nothing.</summary>
    /// <returns>False when another reading was added under this id; nothing is stored then.</returns>
    public async Task<bool> Add(Guid id, Guid workout, Reading reading, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var added = await db.Run(
            """
            insert into measurement (id, workout_id, place, athlete, value, unit, measured_by, by_account, by_link)
            values (@id, @workout, @Place, @Athlete, @value, @unit, @By, @Account, @Link) on conflict (id) do nothing
            """,
            new
            {
                id,
                workout,
                reading.Place,
                reading.Athlete,
                value = reading.Value.Value,
                unit = reading.Value.Unit.Symbol(),
                reading.By,
                Acting.Now.Account,
                Acting.Now.Link,
            },
            cancel
        );
        return added == 1
            || await db.OneOrNone<Row>(
                $"select {Columns} from measurement where id = @id and workout_id = @workout",
                new { id, workout },
                cancel
            )
                is { } mine
                && Read(mine) with { At = reading.At } == reading;
    }

    private static Reading Read(Row r) =>
        new(r.Place, r.Athlete, new(r.Value, Enum.GetValues<LengthUnit>().First(u => u.Symbol() == r.Unit)), r.By, r.At);
}
