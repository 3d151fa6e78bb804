using FairCompass.Access;
using FairCompass.Comparability.Training;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures.Reps;
using FairCompass.Core.Text;
using FairCompass.Store.Day;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Training;

/// <summary>Borderline reps of the own floor: drawn and ruled on by the head judge, called once by each judge, who then reads the
/// ruling.</summary>
public static class FloorRepEndpoints
{
    private const int LongestRuling = 240;

    /// <summary>Maps the addresses.</summary>
    public static void MapFloorReps(this WebApplication app)
    {
        var tag = app.MapGroup("/api/competitions/{id:guid}/floor-reps").WithTags("Training");
        tag.MapGet("/", All)
            .Needs(Right.SeeEyes)
            .WithSummary("The borderline reps of the own floor, what was called of them, and of what more can be drawn.");
        tag.MapPost("/drawn", Draw).Needs(Right.SeeEyes).WithSummary("A borderline rep as it would be shown; stores nothing.");
        tag.MapPost("/", Keep)
            .Needs(Right.SeeEyes, "kept a borderline rep with its ruling")
            .WithSummary("Keeps a borderline rep with its ruling.");
        tag.MapDelete("/{rep:guid}", Remove)
            .Needs(Right.SeeEyes, "took a borderline rep away")
            .WithSummary("Takes a borderline rep away with what was called of it.");
        tag.MapGet("/next", Next)
            .Needs(Right.Train)
            .WithSummary("The next borderline rep that one has not called yet; nothing where there is none.");
        tag.MapPost("/{rep:guid}/calls", Take)
            .Needs(Right.Train)
            .WithSummary("Calls a borderline rep; the first call stays. The ruling is answered.");
    }

    private static async Task<Ok<FloorReps>> All(Guid id, Trainings trainings, FloorRepStore store, CancellationToken cancel)
    {
        var movements = await trainings.InForce(id, cancel);
        var tallies = (await store.Tallies(id, cancel)).ToDictionary(t => t.Rep);
        return TypedResults.Ok(
            new FloorReps(
                [
                    .. (await store.Of(id, cancel)).Select(r => new FloorRepListed(
                        r,
                        CanBeMade(movements, r)
                            ? TrainingWords.TruthOf(Made(movements, r).Rep, movements[r.Movement]).English
                            : "Its standard was changed, so it is not shown any more.",
                        tallies.GetValueOrDefault(r.Id, new(r.Id, 0, 0, 0))
                    )),
                ],
                [
                    .. movements.Values.SelectMany(m =>
                        (Makers.Of(m)?.Trainable ?? []).Select(t => new CanDraw(
                            m.Id,
                            m.Name,
                            t.Clause.Id,
                            t.Clause.Text,
                            TrainingWords.UnitOf(t.Unit),
                            t.Inside,
                            t.Outside
                        ))
                    ),
                ]
            )
        );
    }

    private static async Task<Results<Ok<RepToCall>, FieldsRefused>> Draw(
        Guid id,
        DrawFloorRep draw,
        Trainings trainings,
        CancellationToken cancel
    )
    {
        var movements = await trainings.InForce(id, cancel);
        return Objection(movements, draw) is { } no ? no : TypedResults.Ok(Shown(1, 1, Made(movements, Of(draw, true, ""))));
    }

    private static async Task<Results<NoContent, FieldsRefused>> Keep(
        Guid id,
        KeepFloorRep keep,
        Trainings trainings,
        FloorRepStore store,
        CancellationToken cancel
    )
    {
        var ruling = keep.Ruling.Trim();
        var drawn = new DrawFloorRep(keep.Id, keep.Movement, keep.Clause, keep.Margin);
        if (Objection(await trainings.InForce(id, cancel), drawn) is { } no)
        {
            return no;
        }

        if (ruling.Length is 0 or > LongestRuling || ruling.Any(Characters.IsForbidden))
        {
            return new FieldsRefused("ruling", $"One sentence of at most {LongestRuling} characters: it is what judges read.");
        }

        await store.Add(id, Of(drawn, keep.Good, ruling), cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, NotThere>> Remove(Guid id, Guid rep, FloorRepStore store, CancellationToken cancel) =>
        await store.Remove(id, rep, cancel) ? TypedResults.NoContent() : NotThere.Gone("rep");

    private static async Task<Results<Ok<FloorRepToCall>, NoContent>> Next(
        Guid id,
        Visitor visitor,
        Trainings trainings,
        FloorRepStore store,
        CancellationToken cancel
    )
    {
        var movements = await trainings.InForce(id, cancel);
        var all = (await store.Of(id, cancel)).Where(r => CanBeMade(movements, r)).ToList();
        var called = (await store.CalledBy(id, (await trainings.Who(visitor, cancel)).Id, cancel)).ToHashSet();
        var at = all.FindIndex(r => !called.Contains(r.Id));
        return at < 0
            ? TypedResults.NoContent()
            : TypedResults.Ok(new FloorRepToCall(all[at].Id, Shown(at + 1, all.Count, Made(movements, all[at]))));
    }

    private static async Task<Results<Ok<TruthShown>, NotThere>> Take(
        Guid id,
        Guid rep,
        CallFloorRep call,
        Visitor visitor,
        Trainings trainings,
        FloorRepStore store,
        CancellationToken cancel
    )
    {
        var movements = await trainings.InForce(id, cancel);
        if ((await store.Of(id, cancel)).FirstOrDefault(r => r.Id == rep) is not { } found || !CanBeMade(movements, found))
        {
            return NotThere.Gone("rep");
        }

        var holds = await store.Take(rep, (await trainings.Who(visitor, cancel)).Id, call.Call, cancel);
        var truth = Made(movements, found).Rep.Truths[0];
        return TypedResults.Ok(
            new TruthShown(
                holds == (found.Good ? Call.Good : Call.NoRep),
                (
                    $"{(found.Good ? "Good" : "No-rep")}, as the head judge rules: {found.Ruling}",
                    $"{(found.Good ? "Buena" : "Nula")}, como decide el juez principal: {found.Ruling}"
                ),
                truth.Shown is { } shown ? [shown] : [],
                truth.At
            )
        );
    }

    /// <summary>Why no such rep can be drawn; null where it can.</summary>
    private static FieldsRefused? Objection(IReadOnlyDictionary<string, Movement> movements, DrawFloorRep draw)
    {
        if (!movements.TryGetValue(draw.Movement, out var movement) || Makers.Of(movement) is not { } maker)
        {
            return new("movement", "There is no such movement with figures.");
        }

        if (maker.Trainable.FirstOrDefault(t => t.Clause.Id == draw.Clause) is not { } t)
        {
            return new("clause", "No pose decides such a clause of this movement.");
        }

        return double.IsFinite(draw.Margin) && draw.Margin >= t.Outside && draw.Margin <= t.Inside
            ? null
            : new(
                "margin",
                $"From {TrainingWords.Of(-t.Outside, t.Unit)} outside (below 0) to {TrainingWords.Of(t.Inside, t.Unit)} inside the line."
            );
    }

    private static FloorRep Of(DrawFloorRep drawn, bool good, string ruling) =>
        new(drawn.Id, drawn.Movement, drawn.Clause, drawn.Margin, BitConverter.ToInt64(drawn.Id.ToByteArray()), good, ruling, default);

    /// <summary>False where a standard was changed since, so that such a rep is none any more.</summary>
    private static bool CanBeMade(IReadOnlyDictionary<string, Movement> movements, FloorRep r) =>
        Objection(movements, new(r.Id, r.Movement, r.Clause, r.Margin)) is null;

    private static (Movement Movement, Rep Rep) Made(IReadOnlyDictionary<string, Movement> movements, FloorRep r) =>
        (movements[r.Movement], Makers.Of(movements[r.Movement])!.Make([new(r.Clause, r.Margin)], unchecked((ulong)r.Seed)));

    private static RepToCall Shown(int number, int of, (Movement Movement, Rep Rep) made) =>
        new(number, of, made.Movement.Name, made.Movement.Judge.Place, made.Rep.Film(), made.Rep.Stills, [], 0);
}
