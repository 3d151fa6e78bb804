using Dapper;
using FairCompass.Core.Measuring;
using FairCompass.Core.Quantities;
using Npgsql;

namespace FairCompass.Store;

/// <summary>Marks that were read on athletes, in PostgreSQL. They are added and read, never changed.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class MeasurementStore(NpgsqlDataSource source)
{
    private sealed record Row(string Place, string Athlete, decimal Value, string Unit, string By, DateTime At);

    /// <summary>The readings of a workout, oldest first; times in UTC.</summary>
    public async Task<IReadOnlyList<Reading>> Of(Guid workout, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var rows = await db.QueryAsync<Row>(
            new CommandDefinition(
                "select place, athlete, value, unit, measured_by as By, at from measurement where workout_id = @workout order by at, id",
                new { workout },
                cancellationToken: cancel
            )
        );
        return rows.Select(r => new Reading(
                r.Place,
                r.Athlete,
                new(r.Value, Enum.GetValues<LengthUnit>().First(u => u.Symbol() == r.Unit)),
                r.By,
                DateTime.SpecifyKind(r.At, DateTimeKind.Utc)
            ))
            .ToList();
    }

    /// <summary>Adds a reading. A retry with the same id finds its own and adds nothing.</summary>
    public async Task Add(Guid id, Guid workout, Reading reading, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.ExecuteAsync(
            new CommandDefinition(
                "insert into measurement (id, workout_id, place, athlete, value, unit, measured_by) values (@id, @workout, "
                    + "@Place, @Athlete, @value, @unit, @By) on conflict (id) do nothing",
                new
                {
                    id,
                    workout,
                    reading.Place,
                    reading.Athlete,
                    value = reading.Value.Value,
                    unit = reading.Value.Unit.Symbol(),
                    reading.By,
                },
                cancellationToken: cancel
            )
        );
    }
}
