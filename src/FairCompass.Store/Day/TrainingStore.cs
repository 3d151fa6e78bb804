using System.Text.Json;
using FairCompass.Comparability.Training;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards.Figures.Reps;
using Npgsql;

namespace FairCompass.Store.Day;

/// <summary>A sitting.</summary>
/// <param name="Id">Its id.</param>
/// <param name="Trainee">Whose it is: a judge, an account or a link.</param>
/// <param name="Name">Their name then.</param>
/// <param name="Mode"><c>Learning</c> or <c>Test</c>.</param>
/// <param name="What">What is trained, in words.</param>
/// <param name="Workout">The workout; null where a movement is trained for itself.</param>
/// <param name="Movement">The movement; empty where a workout is trained.</param>
/// <param name="Seed">Which reps, in which order.</param>
/// <param name="Stills">True where a sequence of still pictures was shown.</param>
/// <param name="Reps">How many it has.</param>
/// <param name="Called">How many are called.</param>
/// <param name="At">When it began, UTC.</param>
public sealed record Sitting(
    Guid Id,
    Guid Trainee,
    string Name,
    string Mode,
    string What,
    Guid? Workout,
    string Movement,
    long Seed,
    bool Stills,
    int Reps,
    int Called,
    DateTime At
);

/// <summary>A rep that was shown and is not called yet.</summary>
/// <param name="Number">From 1.</param>
/// <param name="Item">What it is.</param>
/// <param name="Moment">When it is judged, milliseconds from the beginning of its film.</param>
/// <param name="Broken">What it breaks.</param>
public sealed record ShownRep(int Number, Item Item, int Moment, Eq<string> Broken);

/// <summary>Sittings in PostgreSQL.</summary>
/// <param name="source">Pooled connections; shared with other stores.</param>
public sealed class TrainingStore(NpgsqlDataSource source)
{
    /// <summary>Sittings of one person in one competition at most.</summary>
    public const int Most = 200;

    private const string Columns = """
        s.id, s.trainee, s.name, s.mode, s.what, s.workout_id as workout, s.movement, s.seed, s.stills, s.reps,
        (select count(*)::int from training_call c where c.sitting_id = s.id) as called, s.at
        """;

    private sealed record Row(
        Guid Sitting,
        DateTime At,
        string Movement,
        string Clause,
        double Margin,
        string Unit,
        string Broken,
        string Call,
        string? Reason,
        int Milliseconds,
        bool Fixed,
        Guid Trainee
    )
    {
        public Called Read() =>
            new(
                Sitting,
                At,
                Movement,
                Clause,
                Margin,
                Enum.Parse<DeviationUnit>(Unit),
                [.. Ids(Broken)],
                Enum.Parse<Call>(Call),
                Reason,
                Milliseconds,
                Fixed
            );
    }

    /// <summary>Ids as they are listed: none of them has a comma.</summary>
    private static string[] Ids(string listed) => listed.Split(',', StringSplitOptions.RemoveEmptyEntries);

    /// <summary>The judge of a link; null where it is nobody’s in particular.</summary>
    public async Task<(Guid Id, string Name)?> JudgeOf(Guid link, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.OneOrNone<(Guid, string)?>(
            "select o.id, o.name from link l join official o on o.id = l.official_id where l.id = @link",
            new { link },
            cancel
        );
    }

    /// <summary>Begins a sitting; one that has begun under its id is left.</summary>
    /// <exception cref="FullException">Somebody has more than <see cref="Most"/>.</exception>
    public async Task Begin(Guid competition, Sitting s, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        if (
            await db.One<int>(
                "select count(*)::int from training_sitting where competition_id = @competition and trainee = @Trainee",
                new { competition, s.Trainee },
                cancel
            ) >= Most
        )
        {
            throw new FullException($"Nobody sits more than {Most} times in one competition.");
        }

        await db.Run(
            """
            insert into training_sitting (id, competition_id, trainee, name, mode, what, workout_id, movement, seed, stills, reps)
            values (@Id, @competition, @Trainee, @Name, @Mode, @What, @Workout, @Movement, @Seed, @Stills, @Reps)
            on conflict (id) do nothing
            """,
            new
            {
                s.Id,
                competition,
                s.Trainee,
                s.Name,
                s.Mode,
                s.What,
                s.Workout,
                s.Movement,
                s.Seed,
                s.Stills,
                s.Reps,
            },
            cancel
        );
    }

    /// <summary>A sitting of somebody; null where they have none of that id.</summary>
    public async Task<Sitting?> Find(Guid competition, Guid trainee, Guid sitting, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.OneOrNone<Sitting>(
            $"select {Columns} from training_sitting s where s.id = @sitting and s.competition_id = @competition and s.trainee = @trainee",
            new
            {
                sitting,
                competition,
                trainee,
            },
            cancel
        );
    }

    /// <summary>Sittings of a competition, the newest first.</summary>
    /// <param name="competition">The competition.</param>
    /// <param name="trainee">Whose; null for all.</param>
    /// <param name="cancel">Ends the wait.</param>
    public async Task<IReadOnlyList<Sitting>> Of(Guid competition, Guid? trainee, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Many<Sitting>(
            $"""
            select {Columns} from training_sitting s
            where s.competition_id = @competition and (@trainee::uuid is null or s.trainee = @trainee) order by s.at desc, s.id
            """,
            new { competition, trainee },
            cancel
        );
    }

    /// <summary>What was called in tests of a competition, by whom; of one person where one is named, then in learning too.</summary>
    public async Task<ILookup<Guid, Called>> Calls(Guid competition, Guid? trainee, bool tests, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var rows = await db.Many<Row>(
            """
            select r.sitting_id as sitting, c.at, r.movement, r.clause, r.margin, r.unit,
                array_to_string(r.broken, ',') as broken, c.call, c.reason,
                c.milliseconds - r.moment as milliseconds, r.fixed, s.trainee
            from training_call c join training_rep r using (sitting_id, number) join training_sitting s on s.id = r.sitting_id
            where s.competition_id = @competition and (@trainee::uuid is null or s.trainee = @trainee) and (not @tests or s.mode = 'Test')
            order by c.at, r.number
            """,
            new
            {
                competition,
                trainee,
                tests,
            },
            cancel
        );
        return rows.ToLookup(r => r.Trainee, r => r.Read());
    }

    /// <summary>Shows a rep; where its number is shown already, that one stays.</summary>
    public async Task Show(Guid sitting, ShownRep shown, Rep rep, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run(
            """
            insert into training_rep (sitting_id, number, movement, asked, seed, fixed, again, clause, margin, unit, broken, moment)
            values (@sitting, @Number, @movement, @asked::jsonb, @seed, @fixed, @again, @clause, @margin, @unit, @broken, @Moment)
            on conflict (sitting_id, number) do nothing
            """,
            new
            {
                sitting,
                shown.Number,
                movement = shown.Item.Movement,
                asked = JsonSerializer.Serialize(shown.Item.Asked.ToArray()),
                seed = unchecked((long)shown.Item.Seed),
                @fixed = shown.Item.Fixed,
                again = shown.Item.Again,
                clause = rep.Truths[0].Clause,
                margin = (double)rep.Truths[0].Margin,
                unit = rep.Truths[0].Unit.ToString(),
                broken = rep.Broken.ToArray(),
                shown.Moment,
            },
            cancel
        );
    }

    /// <summary>A rep that was shown; null where its number was not.</summary>
    public async Task<ShownRep?> Shown(Guid sitting, int number, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        var found = await db.OneOrNone<(string Movement, string Asked, long Seed, bool Fixed, int Moment, string Broken, bool Again)?>(
            "select movement, asked::text, seed, fixed, moment, array_to_string(broken, ','), again from training_rep where sitting_id = "
                + "@sitting and number = @number",
            new { sitting, number },
            cancel
        );
        return found is { } r
            ? new(
                number,
                new(r.Movement, [.. JsonSerializer.Deserialize<Asked[]>(r.Asked)!], unchecked((ulong)r.Seed), r.Fixed) { Again = r.Again },
                r.Moment,
                [.. Ids(r.Broken)]
            )
            : null;
    }

    /// <summary>Takes a call; the first one of a rep stays. False where that rep was not shown.</summary>
    public async Task<bool> Take(Guid sitting, int number, Call call, string? reason, int milliseconds, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.Run(
                """
                insert into training_call (sitting_id, number, call, reason, milliseconds)
                select sitting_id, number, @call, @reason, @milliseconds from training_rep where sitting_id = @sitting and number = @number
                on conflict (sitting_id, number) do update set call = training_call.call
                """,
                new
                {
                    sitting,
                    number,
                    call = call.ToString(),
                    reason,
                    milliseconds,
                },
                cancel
            ) == 1;
    }

    /// <summary>What is asked before somebody may judge.</summary>
    public async Task<Requirement> Asked(Guid competition, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        return await db.OneOrNone<Requirement>(
                "select calls, within_steps as WithinSteps, right_percent as RightPercent from training_asked where "
                    + "competition_id = @competition",
                new { competition },
                cancel
            ) ?? Requirement.None;
    }

    /// <summary>Says what is asked.</summary>
    public async Task Ask(Guid competition, Requirement asked, CancellationToken cancel)
    {
        await using var db = await source.OpenConnectionAsync(cancel);
        await db.Run(
            """
            insert into training_asked (competition_id, calls, within_steps, right_percent)
            values (@competition, @Calls, @WithinSteps, @RightPercent)
            on conflict (competition_id) do update set calls = excluded.calls, within_steps = excluded.within_steps,
                right_percent = excluded.right_percent, at = now()
            """,
            new
            {
                competition,
                asked.Calls,
                asked.WithinSteps,
                asked.RightPercent,
            },
            cancel
        );
    }
}
