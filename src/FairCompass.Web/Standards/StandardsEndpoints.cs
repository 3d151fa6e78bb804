using FairCompass.Access;
using FairCompass.Core.InForce;
using FairCompass.Core.LayingOut;
using FairCompass.Core.Natural;
using FairCompass.Core.Policies;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using FairCompass.Web.Opening;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Standards;

/// <summary>The standards book.</summary>
/// <param name="Edition">The edition.</param>
/// <param name="Movements">In the order of the book.</param>
/// <param name="Rules">What is judged beside a movement: a heaviest lift, a hold, the rules of a team.</param>
public sealed record Book(string Edition, IReadOnlyList<Movement> Movements, IReadOnlyList<Movement> Rules);

/// <summary>A topic with what is in force.</summary>
/// <param name="Topic">The topic and its schools.</param>
/// <param name="InForce">The answer in force for everybody; null when nobody has said.</param>
/// <param name="From">Where it comes from; null when nobody has said.</param>
/// <param name="Departures">Where divisions or workouts depart, in words.</param>
public sealed record TopicInForce(Topic Topic, string? InForce, Provenance? From, IReadOnlyList<string> Departures);

/// <summary>Asks what there is to say of a standard that is being written.</summary>
/// <param name="Movement">The standard as it stands.</param>
/// <param name="Pose">The position that is being posed, and what is done with it; null for none.</param>
public sealed record LookAt(Movement Movement, PoseChange? Pose);

/// <summary>What there is to say of a standard that is being written.</summary>
/// <param name="Errors">What must be different before it is stored, with the path of the field.</param>
/// <param name="Unseen">What no judge could see, hear, or read.</param>
/// <param name="Pose">The position after the change; null when none was asked for or it cannot be drawn.</param>
/// <param name="Plate">All its figures; null when it has none.</param>
public sealed record Looked(IReadOnlyList<FieldError> Errors, IReadOnlyList<Unseen> Unseen, PosedFigure? Pose, Plate? Plate);

/// <summary>Reading the standards book.</summary>
public static class StandardsEndpoints
{
    /// <summary>Maps the addresses of standards, figures and policies.</summary>
    public static void MapStandards(this WebApplication app)
    {
        var library = app.MapGroup("/api/standards").WithTags("Standards");
        library
            .MapGet("/", () => new Book(MovementLibrary.Edition, MovementLibrary.All, MovementLibrary.Rules))
            .Needs(Right.Calculate)
            .WithSummary("The library, before any policy or house rule.");
        library
            .MapGet("/things", () => LayOut.Names(MovementLibrary.All))
            .Needs(Right.Calculate)
            .WithSummary("What boxes, machines, rigs and ropes are called where a kit says how many there are.");
        library
            .MapGet("/phrases", () => PhraseBook.All)
            .Needs(Right.Calculate)
            .WithSummary("Every rule of the library once, to write standards from.");
        var group = app.MapGroup("/api/competitions/{id:guid}").WithTags("Standards");
        group.MapGet("/standards", Read).Needs(Right.Look).WithSummary("The book of a competition: policies and house rules applied.");
        group
            .MapGet("/standards/{movement}", One)
            .Needs(Right.Look)
            .WithSummary("One standard as it is in force, for a division and in a workout.");
        group
            .MapGet("/standards/{movement}/figures", Figures)
            .Needs(Right.Look)
            .WithSummary("The figures of a standard: three positions, and typical faults beside good poses.");
        group
            .MapGet("/standards/nearest", Nearest)
            .Needs(Right.Look)
            .WithSummary("The standards most like a name, to begin a new one from.");
        group
            .MapGet("/standards/{movement}/copy", Copy)
            .Needs(Right.Look)
            .WithSummary("A standard under another name, to write an own one from; nothing is stored.");
        group
            .MapPost("/standards/look", Look)
            .Needs(Right.Look)
            .WithSummary(
                "Looks at a standard that is being written: what is missing, what no judge could see, and one position as it is posed."
            );
        group.MapGet("/words", WordsOf).Needs(Right.Look).WithSummary("Every word of the trade for a movement of the competition’s book.");
        group
            .MapGet("/policies", PoliciesOf)
            .Needs(Right.Look)
            .WithSummary("Every topic with its schools, what is in force, and who departs.");
    }

    private static async Task<Results<Ok<IReadOnlyList<TradeWord>>, NotThere>> WordsOf(
        Guid id,
        CompetitionCache competitions,
        CancellationToken cancel
    ) => await competitions.Find(id, cancel) is { } competition ? TypedResults.Ok(TradeWord.Of(competition)) : NotThere.Gone("competition");

    private static async Task<Results<Ok<Book>, NotThere>> Read(Guid id, CompetitionCache competitions, CancellationToken cancel)
    {
        if (await competitions.Find(id, cancel) is not { } competition)
        {
            return NotThere.Gone("competition");
        }

        var book = StandardsBook.Of(competition);
        return TypedResults.Ok(
            new Book(
                MovementLibrary.Edition,
                book.All.Select(m => book.InForce(m)).ToList(),
                MovementLibrary.Rules.Select(m => book.InForce(m)).ToList()
            )
        );
    }

    private static async Task<Results<Ok<Movement>, NotThere, FieldsRefused>> One(
        Guid id,
        string movement,
        string? division,
        Guid? workout,
        CompetitionCache competitions,
        OpenDrafts drafts,
        CancellationToken cancel
    )
    {
        if (await competitions.Find(id, cancel) is not { } competition || StandardsBook.Of(competition).ById(movement) is not { } found)
        {
            return NotThere.Gone("standard");
        }

        if (division is not null && competition.Find(division) is null)
        {
            return new FieldsRefused("division", $"There is no division “{division}”.");
        }

        var draft = workout is { } w ? await drafts.Open(w, cancel) : null;
        if (workout is not null && draft?.Competition.Id != id)
        {
            return NotThere.Gone("workout");
        }

        return TypedResults.Ok(StandardsBook.Of(competition).InForce(found, division, draft?.Understanding.Workout));
    }

    private static async Task<Results<Ok<Plate>, NotThere, FieldsRefused>> Figures(
        Guid id,
        string movement,
        double? stature,
        CompetitionCache competitions,
        CancellationToken cancel
    )
    {
        if (await competitions.Find(id, cancel) is not { } competition || StandardsBook.Of(competition).ById(movement) is not { } found)
        {
            return NotThere.Gone("standard");
        }

        var height = stature ?? Body.Usual;
        if (Body.Objection(height) is { } objection)
        {
            return new FieldsRefused([new("stature", objection)]);
        }

        return Plate.Of(StandardsBook.Of(competition).InForce(found), height) is { } plate
            ? TypedResults.Ok(plate)
            : NotThere.Gone("figure");
    }

    private static async Task<Results<Ok<IReadOnlyList<Movement>>, NotThere>> Nearest(
        Guid id,
        string name,
        CompetitionCache competitions,
        CancellationToken cancel
    ) =>
        await competitions.Find(id, cancel) is { } competition
            ? TypedResults.Ok<IReadOnlyList<Movement>>(OwnMovements.Nearest(StandardsBook.Of(competition), name).ToList())
            : NotThere.Gone("competition");

    private static async Task<Results<Ok<Movement>, NotThere>> Copy(
        Guid id,
        string movement,
        string name,
        CompetitionCache competitions,
        CancellationToken cancel
    ) =>
        await competitions.Find(id, cancel) is { } competition
        && StandardsBook.Of(competition) is var book
        && book.ById(movement) is { } found
            ? TypedResults.Ok(OwnMovements.From(book.InForce(found), name, book))
            : NotThere.Gone("standard");

    private static async Task<Results<Ok<Looked>, NotThere>> Look(
        Guid id,
        LookAt look,
        CompetitionCache competitions,
        CancellationToken cancel
    )
    {
        if (await competitions.Find(id, cancel) is not { } competition)
        {
            return NotThere.Gone("competition");
        }

        var movement = PhraseBook.Restore(look.Movement);
        var errors = StandardRules.Movement(movement, competition.OwnMovements.Where(m => m.Id != movement.Id)).ToList();
        (string Field, string Sentence)? objection = null;
        var pose = look.Pose is { } change ? PosedFigure.Of(movement, change, out objection) : null;
        if (objection is { } wrong)
        {
            errors.Add(new("pose." + wrong.Field, wrong.Sentence));
        }

        // A position that cannot be drawn must not hide what else is wrong; the faults’ figures show what the whole looks like.
        var poses = errors.All(e => !e.Path.StartsWith("poses", StringComparison.Ordinal));
        return TypedResults.Ok(
            new Looked(
                errors,
                Perceivable.Of(movement).ToList(),
                pose,
                poses && objection?.Field != "stature" ? Plate.Of(movement, (double)(look.Pose?.Stature ?? (decimal)Body.Usual)) : null
            )
        );
    }

    private static async Task<Results<Ok<IReadOnlyList<TopicInForce>>, NotThere>> PoliciesOf(
        Guid id,
        OpenDrafts drafts,
        CompetitionCache competitions,
        CancellationToken cancel
    )
    {
        if (await competitions.Find(id, cancel) is not { } competition || await drafts.OpenAll(id, cancel) is not { } opened)
        {
            return NotThere.Gone("competition");
        }

        var book = StandardsBook.Of(competition);
        var texts = opened.Select(d => d.Understanding.Workout).ToList();
        return TypedResults.Ok<IReadOnlyList<TopicInForce>>(
            Topics
                .All.Select(t =>
                {
                    var now = book.InForce(t, null, null);
                    var departures = competition
                        .Policies.Where(p => p.Division is not null && Same(p.Topic, t.Name))
                        .Select(p => $"{p.Division}: {p.Answer}")
                        .Concat(
                            texts.SelectMany(w =>
                                w.Policies.OfType<Core.Workouts.Policy.Answered>()
                                    .Where(p => Same(p.Topic, t.Name))
                                    .Select(p => $"{w.Title}{(p.For.Count == 0 ? "" : ", " + string.Join(", ", p.For))}: {p.Answer}")
                            )
                        );
                    return new TopicInForce(t, now?.Answer, now?.From, departures.ToList());
                })
                .ToList()
        );
    }

    private static bool Same(string a, string b) => string.Equals(a, b, StringComparison.OrdinalIgnoreCase);
}
