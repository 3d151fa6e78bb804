using FairCompass.Access;
using FairCompass.Comparability.Training;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures.Reps;
using FairCompass.Core.Text;
using FairCompass.Documents;
using FairCompass.Store.Day;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace FairCompass.Web.Training;

/// <summary>Borderline reps of the own floor: drawn or filmed and ruled on by the head judge, called once by each judge, who then reads the
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
        tag.MapPost("/filmed", KeepFilm)
            .WithMetadata(new RequestSizeLimitAttribute(Photograph.MostBytes + 1))
            .Needs(Right.SeeEyes, "kept a film of a borderline rep with its ruling")
            .WithSummary(
                "Keeps a film of a borderline rep with its ruling: its pictures, drawn anew without what a camera writes beside them."
            );
        tag.MapGet("/{rep:guid}/strip", Strip).Needs(Right.Train).WithSummary("The pictures of a filmed rep, all in one.");
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
        var movements = await trainings.Book(id, cancel);
        var tallies = (await store.Tallies(id, cancel)).ToDictionary(t => t.Rep);
        return TypedResults.Ok(
            new FloorReps(
                [
                    .. (await store.Of(id, cancel)).Select(r => new FloorRepListed(
                        r,
                        Described(movements, r),
                        tallies.GetValueOrDefault(r.Id, new(r.Id, 0, 0, 0))
                    )),
                ],
                [
                    .. (await trainings.InForce(id, cancel)).Values.SelectMany(m =>
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
                ],
                [
                    .. movements
                        .Values.OrderBy(m => m.Name.English, StringComparer.Ordinal)
                        .Select(m => new CanFilm(m.Id, m.Name, [.. Ruled(m).Select(c => new ClauseFilmed(c.Id, c.Text))])),
                ],
                FilmLimits.All
            )
        );
    }

    /// <summary>The clauses whose breach is a no-rep of its own; all where none is.</summary>
    private static IEnumerable<Clause> Ruled(Movement movement) =>
        movement.Faults.Count > 0 ? movement.Clauses.Where(c => movement.Faults.Any(f => f.Breaks == c.Id)) : movement.Clauses;

    private static string Described(IReadOnlyDictionary<string, Movement> movements, FloorRep r) =>
        !CanBeMade(movements, r) ? "Its standard was changed, so it is not shown any more."
        : r.Margin is null ? "Filmed. " + movements[r.Movement].Clauses.First(c => c.Id == r.Clause).Text.English
        : TrainingWords.TruthOf(Made(movements, r).Rep, movements[r.Movement]).English;

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

        if (IsNone(ruling))
        {
            return NoRuling();
        }

        await store.Add(id, Of(drawn, keep.Good, ruling), null, cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, FieldsRefused>> KeepFilm(
        Guid id,
        [AsParameters] KeepFilmedRep keep,
        Stream file,
        Trainings trainings,
        FloorRepStore store,
        CancellationToken cancel
    )
    {
        var (ruling, movements) = (keep.Ruling.Trim(), await trainings.Book(id, cancel));
        if (!movements.TryGetValue(keep.Movement, out var movement))
        {
            return new FieldsRefused("movement", "There is no such movement in this competition.");
        }

        if (!movement.Clauses.Any(c => c.Id == keep.Clause))
        {
            return new FieldsRefused("clause", "This movement has no such rule.");
        }

        if (IsNone(ruling))
        {
            return NoRuling();
        }

        var read = await Pictures.Read(file, bytes => FilmStrip.Read(bytes, keep.Frames, keep.Across), cancel);
        if (read.Refused is { } why)
        {
            return new FieldsRefused("file", why);
        }

        var rep = new FloorRep(
            keep.Rep,
            keep.Movement,
            keep.Clause,
            null,
            0,
            keep.Good,
            ruling,
            default,
            keep.Frames,
            keep.Across,
            read.Wide,
            read.High
        );
        await store.Add(id, rep, read.Jpeg, cancel);
        return TypedResults.NoContent();
    }

    private static bool IsNone(string ruling) => ruling.Length is 0 or > LongestRuling || ruling.Any(Characters.IsForbidden);

    private static FieldsRefused NoRuling() =>
        new("ruling", $"One sentence of at most {LongestRuling} characters: it is what judges read.");

    private static async Task<Results<Download<JpegFile>, NotThere>> Strip(
        Guid id,
        Guid rep,
        FloorRepStore store,
        CancellationToken cancel
    ) => await store.Strip(id, rep, cancel) is { } jpeg ? new Download<JpegFile>(jpeg) : NotThere.Gone("film");

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
        var movements = await trainings.Book(id, cancel);
        var all = (await store.Of(id, cancel)).Where(r => CanBeMade(movements, r)).ToList();
        var called = (await store.CalledBy(id, (await trainings.Who(visitor, cancel)).Id, cancel)).ToHashSet();
        var at = all.FindIndex(r => !called.Contains(r.Id));
        return at < 0
            ? TypedResults.NoContent()
            : TypedResults.Ok(
                all[at].Margin is null
                    ? new FloorRepToCall(all[at].Id, null, Filmed(at + 1, all.Count, movements[all[at].Movement], all[at]))
                    : new FloorRepToCall(all[at].Id, Shown(at + 1, all.Count, Made(movements, all[at])), null)
            );
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
        var movements = await trainings.Book(id, cancel);
        if ((await store.Of(id, cancel)).FirstOrDefault(r => r.Id == rep) is not { } found || !CanBeMade(movements, found))
        {
            return NotThere.Gone("rep");
        }

        var holds = await store.Take(rep, (await trainings.Who(visitor, cancel)).Id, call.Call, cancel);
        var truth = found.Margin is null ? null : Made(movements, found).Rep.Truths[0];
        return TypedResults.Ok(
            new TruthShown(
                holds == (found.Good ? Call.Good : Call.NoRep),
                (
                    $"{(found.Good ? "Good" : "No-rep")}, as the head judge rules: {found.Ruling}",
                    $"{(found.Good ? "Buena" : "Nula")}, como decide el juez principal: {found.Ruling}"
                ),
                truth?.Shown is { } shown ? [shown] : [],
                truth?.At ?? 0
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
        new(
            drawn.Id,
            drawn.Movement,
            drawn.Clause,
            drawn.Margin,
            BitConverter.ToInt64(drawn.Id.ToByteArray()),
            good,
            ruling,
            default,
            null,
            null,
            null,
            null
        );

    /// <summary>False where a standard was changed since, so that such a rep is none any more.</summary>
    private static bool CanBeMade(IReadOnlyDictionary<string, Movement> movements, FloorRep r) =>
        r.Margin is { } margin
            ? Objection(movements, new(r.Id, r.Movement, r.Clause, margin)) is null
            : movements.TryGetValue(r.Movement, out var movement) && movement.Clauses.Any(c => c.Id == r.Clause);

    private static (Movement Movement, Rep Rep) Made(IReadOnlyDictionary<string, Movement> movements, FloorRep r) =>
        (movements[r.Movement], Makers.Of(movements[r.Movement])!.Make([new(r.Clause, r.Margin!.Value)], unchecked((ulong)r.Seed)));

    private static RepToCall Shown(int number, int of, (Movement Movement, Rep Rep) made) =>
        new(number, of, made.Movement.Name, made.Movement.Judge.Place, made.Rep.Film(), made.Rep.Stills, [], 0);

    private static FilmedRep Filmed(int number, int of, Movement movement, FloorRep r) =>
        new(
            number,
            of,
            movement.Name,
            movement.Judge.Place,
            r.Frames!.Value,
            r.Across!.Value,
            r.Wide!.Value,
            r.High!.Value,
            FilmStrip.Rate
        );
}
