using System.Buffers.Binary;
using System.Security.Cryptography;
using System.Text.RegularExpressions;
using FairCompass.Access;
using FairCompass.Comparability.Training;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures;
using FairCompass.Core.Standards.Figures.Reps;
using FairCompass.Store.Day;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Training;

/// <summary>Sittings of who trains: everybody their own.</summary>
public static partial class TrainingEndpoints
{
    /// <summary>How long after a film a call is still taken: what a judge has before the next rep begins. Common practice.</summary>
    private const int TimeToCall = 3000;
    private const int LongestCall = 10 * 60 * 1000;

    [GeneratedRegex("^[a-z0-9-]{1,100}$")]
    private static partial Regex IsClause();

    /// <summary>Maps the addresses.</summary>
    public static void MapTraining(this WebApplication app)
    {
        var tag = app.MapGroup("/api/competitions/{id:guid}/training").WithTags("Training");
        tag.MapGet("/mine", Mine).Needs(Right.Train).WithSummary("What can be trained, and what was found of one’s own eyes.");
        tag.MapPost("/sittings", Begin).Needs(Right.Train).WithSummary("Begins a sitting.");
        tag.MapGet("/sittings/{sitting:guid}", One).Needs(Right.Train).WithSummary("A sitting of one’s own.");
        tag.MapGet("/sittings/{sitting:guid}/next", Next)
            .Needs(Right.Train)
            .WithSummary("The next rep to be called; nothing once all are called.");
        tag.MapPost("/sittings/{sitting:guid}/calls/{number}", Take)
            .Needs(Right.Train)
            .WithSummary("Calls a rep; the first call stays. In learning the truth is answered.");
    }

    private static async Task<Ok<OwnTraining>> Mine(
        Guid id,
        Visitor visitor,
        Trainings trainings,
        TrainingStore store,
        CancellationToken cancel
    )
    {
        var who = await trainings.Who(visitor, cancel);
        var workouts = await trainings.Workouts(id, cancel);
        var sittings = await store.Of(id, who.Id, cancel);
        var tests = (await store.Calls(id, who.Id, tests: true, cancel))[who.Id].ToList();
        var asked = await store.Asked(id, cancel);
        var clauses = await trainings.Clauses(id, cancel);
        var movements = await trainings.Movements(id, cancel);
        var right = tests.GroupBy(c => c.Sitting).ToDictionary(g => g.Key, g => g.Count(c => c.IsRight));
        return TypedResults.Ok(
            new OwnTraining(
                who.Name,
                [
                    .. workouts
                        .Where(w => w.Movements.Count > 0)
                        .Select(w => new CanTrain(w.Id, "", new(w.Title), Trainings.Lacks(asked, w, tests))),
                    .. movements.Select(m => new CanTrain(null, m.Id, m.Name, [])),
                ],
                [.. workouts.SelectMany(w => w.Others).Distinct().OrderBy(m => m.English, StringComparer.OrdinalIgnoreCase)],
                [
                    .. sittings.Select(s => new SittingListed(
                        s,
                        s.Mode == nameof(SittingMode.Test) && s.Called == s.Reps ? right.GetValueOrDefault(s.Id) : null
                    )),
                ],
                [.. Eye.Of(tests).Select(e => TrainingWords.Of(e, clauses))],
                TrainingWords.Remarks(tests, sittings.Any(s => s.Stills && s.Called > 0))
            )
        );
    }

    private static async Task<Results<Ok<Sitting>, FieldsRefused, NotThere>> Begin(
        Guid id,
        BeginSitting begin,
        Visitor visitor,
        Trainings trainings,
        TrainingStore store,
        CancellationToken cancel
    )
    {
        var chosen = new ChosenWork(begin.Workout, begin.Movement);
        if (chosen.NotOne is { } no)
        {
            return no;
        }

        if (await trainings.About(id, begin.Workout, begin.Movement, cancel) is not { } about)
        {
            return chosen.Gone;
        }

        var seed = NewSeed();
        if (SittingPlan.Of(about.Movements, seed) is not { } plan)
        {
            return chosen.ShowsNothing;
        }

        var who = await trainings.Who(visitor, cancel);
        var sitting = new Sitting(
            begin.Id,
            who.Id,
            who.Name,
            begin.Mode.ToString(),
            about.What,
            begin.Workout,
            begin.Movement ?? "",
            unchecked((long)seed),
            begin.Stills,
            plan.Count,
            0,
            default
        );
        await store.Begin(id, sitting, cancel);
        return await store.Find(id, who.Id, begin.Id, cancel) is { } begun ? TypedResults.Ok(begun) : NotThere.Gone("sitting");
    }

    private static async Task<Results<Ok<Sitting>, NotThere>> One(
        Guid id,
        Guid sitting,
        Visitor visitor,
        Trainings trainings,
        TrainingStore store,
        CancellationToken cancel
    ) =>
        await store.Find(id, (await trainings.Who(visitor, cancel)).Id, sitting, cancel) is { } found
            ? TypedResults.Ok(found)
            : NotThere.Gone("sitting");

    private static async Task<Results<Ok<RepToCall>, NoContent, NotThere>> Next(
        Guid id,
        Guid sitting,
        Visitor visitor,
        Trainings trainings,
        TrainingStore store,
        CancellationToken cancel
    )
    {
        var who = await trainings.Who(visitor, cancel);
        if (await store.Find(id, who.Id, sitting, cancel) is not { } found)
        {
            return NotThere.Gone("sitting");
        }

        if (found.Called >= found.Reps)
        {
            return TypedResults.NoContent();
        }

        if (
            await trainings.About(id, found.Workout, found.Movement, cancel) is not { } about
            || SittingPlan.Of(about.Movements, unchecked((ulong)found.Seed)) is not { } plan
            || plan.Count < found.Reps
        )
        {
            return Changed();
        }

        var number = found.Called + 1;
        var shown = await store.Shown(sitting, number, cancel);
        if (shown is null)
        {
            var said = (await store.Calls(id, who.Id, tests: found.Mode == nameof(SittingMode.Test), cancel))[who.Id].ToList();
            var chosen = plan.Rep(number - 1, said, NewSeed());
            var made = plan.Make(chosen);
            await store.Show(sitting, new(number, chosen, made.Truths[0].At, made.Broken), made, cancel);
            // Two windows may ask at once: both show what was stored first.
            shown = await store.Shown(sitting, number, cancel);
        }

        return plan.TryMake(shown!.Item) is { } rep
            ? TypedResults.Ok(Shown(number, found.Reps, plan.Standard(shown.Item.Movement), plan.Trainable(shown.Item.Movement), rep))
            : Changed();
    }

    private static RepToCall Shown(int number, int of, Movement movement, IEnumerable<Trainable> trained, Rep rep) =>
        new(
            number,
            of,
            movement.Name,
            movement.Judge.Place,
            rep.Film(),
            rep.Stills,
            [.. trained.Select(t => new Reason(t.Clause.Id, TrainingWords.CallOf(movement, t.Clause)))],
            TimeToCall
        );

    private static async Task<Results<Ok<CallTaken>, FieldsRefused, NotThere>> Take(
        Guid id,
        Guid sitting,
        int number,
        CallRep call,
        Visitor visitor,
        Trainings trainings,
        TrainingStore store,
        CancellationToken cancel
    )
    {
        var who = await trainings.Who(visitor, cancel);
        if (await store.Find(id, who.Id, sitting, cancel) is not { } found || await store.Shown(sitting, number, cancel) is not { } shown)
        {
            return NotThere.Gone("rep");
        }

        if (call.Milliseconds is < 0 or > LongestCall)
        {
            return new FieldsRefused("milliseconds", "A call comes within ten minutes of the beginning of its film.");
        }

        if (call.Reason is { } reason && !IsClause().IsMatch(reason))
        {
            return new FieldsRefused("reason", "The clause that is broken, as the rep names it, or none.");
        }

        await store.Take(sitting, number, call.Call, call.Call == Call.NoRep ? call.Reason : null, call.Milliseconds, cancel);
        var left = (await store.Find(id, who.Id, sitting, cancel))!;
        var truth = found.Mode == nameof(SittingMode.Learning) ? await Truth(id, found, shown, call.Call, trainings, cancel) : null;
        return TypedResults.Ok(new CallTaken(left.Reps - left.Called, truth));
    }

    private static async Task<TruthShown?> Truth(
        Guid id,
        Sitting sitting,
        ShownRep shown,
        Call call,
        Trainings trainings,
        CancellationToken cancel
    ) =>
        await trainings.About(id, sitting.Workout, sitting.Movement, cancel) is { } about
        && SittingPlan.Of(about.Movements, unchecked((ulong)sitting.Seed)) is { } plan
        && plan.TryMake(shown.Item) is { } rep
            ? new(
                call == (shown.Broken.Count > 0 ? Call.NoRep : Call.Good),
                TrainingWords.TruthOf(rep, plan.Standard(shown.Item.Movement), shown.Item.Again),
                rep.Truths.Select(t => t.Shown).OfType<Drawing>().ToEq(),
                rep.Truths[0].At
            )
            : null;

    private static NotThere Changed() =>
        new(
            "This sitting cannot go on.",
            "The workout or a standard was changed since it began. What was called is kept; begin another sitting."
        );

    private static ulong NewSeed() => BinaryPrimitives.ReadUInt64LittleEndian(RandomNumberGenerator.GetBytes(8));
}
