using Npgsql;

namespace FairCompass.Store;

/// <summary>To which competition a thing belongs, so that nobody reaches it through another.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class OwnerStore(NpgsqlDataSource source)
{
    /// <summary>The competition of a workout; null where there is no such workout.</summary>
    public Task<Guid?> OfWorkout(Guid workout, CancellationToken cancel) =>
        Of("select competition_id from workout where id = @id", workout, cancel);

    /// <summary>The competition of a question; null where there is no such question.</summary>
    public Task<Guid?> OfQuestion(Guid question, CancellationToken cancel) =>
        Of(
            """
            select w.competition_id from question q join published p on p.id = q.published_id join workout w on w.id = p.workout_id
            where q.id = @id
            """,
            question,
            cancel
        );

    private async Task<Guid?> Of(string sql, Guid id, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.OneOrNone<Guid?>(sql, new { id }, cancel);
    }
}
