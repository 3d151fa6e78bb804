using FairCompass.Core.Publishing;
using Npgsql;

namespace FairCompass.Store.Day;

/// <summary>A mark that was read on somebody.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Workout">For which workout.</param>
/// <param name="Place">What was read: the key of the place.</param>
/// <param name="Athlete">Whose, as it was typed.</param>
/// <param name="Value">The value.</param>
/// <param name="Unit">Its unit.</param>
/// <param name="By">Who measured.</param>
/// <param name="At">When, UTC.</param>
public sealed record KeptReading(Guid Id, Guid Workout, string Place, string Athlete, decimal Value, string Unit, string By, DateTime At);

/// <summary>What is kept about one person of a competition.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class KeptStore(NpgsqlDataSource source)
{
    /// <summary>The marks that were read on people of some names, as names are compared; oldest first. What lost its name is
    /// nobody’s.</summary>
    public async Task<IReadOnlyList<KeptReading>> Readings(Guid competition, IEnumerable<string> names, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var keys = names.Select(NameList.Key).ToHashSet(StringComparer.Ordinal);
        var all = await db.Many<KeptReading>(
            """
            select m.id, m.workout_id as Workout, m.place, m.athlete, m.value, m.unit, m.measured_by as By, m.at
            from measurement m join workout w on w.id = m.workout_id
            where w.competition_id = @competition and m.athlete <> 'Removed' order by m.at, m.id
            """,
            new { competition },
            cancel
        );
        return [.. all.Where(r => keys.Contains(NameList.Key(r.Athlete)))];
    }

    /// <summary>The workouts whose newest version each judge has confirmed, with its questions answered, by name as names are
    /// compared.</summary>
    public async Task<ILookup<string, Guid>> Briefed(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return (
            await db.Many<(string Key, Guid Workout)>(
                """
                select c.name_key, p.workout_id from confirmation c
                join published p on p.id = c.published_id join workout w on w.id = p.workout_id
                where w.competition_id = @competition and c.judge
                    and not exists (select from published n where n.workout_id = p.workout_id and n.number > p.number)
                """,
                new { competition },
                cancel
            )
        ).ToLookup(r => r.Key, r => r.Workout, StringComparer.Ordinal);
    }

    /// <summary>Takes somebody’s name off what was read on them.</summary>
    public async Task Forget(IEnumerable<KeptReading> readings, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        foreach (var reading in readings)
        {
            await db.Run("select forget_reading(@Id)", new { reading.Id }, cancel);
        }
    }
}
