using FairCompass.Access;
using FairCompass.Core.InForce;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Text;
using FairCompass.Outcomes.Desk;
using FairCompass.Store.Day;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Desk;

/// <summary>The score desk: finding a card, typing it, typing it once more, correcting it.</summary>
public static class DeskEndpoints
{
    private const int LongestReason = 200;
    private const int LongestSearch = 200;
    private const int MostFields = 2000;
    private const string Judged = "judge";

    /// <summary>Maps the addresses.</summary>
    public static void MapDesk(this WebApplication app)
    {
        var tag = app.MapGroup("/api/competitions/{id:guid}/desk").WithTags("Desk");
        tag.MapGet("/", Find).Needs(Right.EnterScores).WithSummary("The cards that a number, a scanned code or a name finds.");
        tag.MapGet("/{card:guid}", One).Needs(Right.EnterScores).WithSummary("A card with its fields, and what was typed of it.");
        tag.MapPost("/{card:guid}", Enter)
            .Needs(Right.EnterScores, "typed a card")
            .WithSummary(
                "Types a card, types it once more, or corrects it; what cannot be is refused at its field, what no human does is asked."
            );
    }

    private static async Task<Ok<IReadOnlyList<DeskLine>>> Find(Guid id, string find, DeskCards cards, CancellationToken cancel) =>
        TypedResults.Ok(find.Trim().Length is 0 or > LongestSearch ? [] : await cards.Find(id, find, cancel));

    private static async Task<Results<Ok<DeskCard>, NotThere>> One(
        Guid id,
        Guid card,
        string? level,
        DeskCards cards,
        CancellationToken cancel
    ) =>
        await cards.Basis(id, card, cancel) is { } basis && cards.Shown(basis, level) is { } found
            ? TypedResults.Ok(found)
            : NotThere.Gone("card");

    private static async Task<Results<Ok<EnteredCard>, NotThere, Conflicting, FieldsRefused>> Enter(
        Guid id,
        Guid card,
        EnterCard enter,
        DeskCards cards,
        ScoreStore scores,
        CancellationToken cancel
    )
    {
        if (await cards.Basis(id, card, cancel) is not { } basis || cards.Shown(basis, enter.Typed.Level) is not { } found)
        {
            return NotThere.Gone("card");
        }

        if (enter.Typed.Fields.Count + enter.Typed.Lifts.Count + enter.Typed.Places.Count > MostFields)
        {
            return new FieldsRefused("typed", "A card has not so many fields.");
        }

        var way = basis.Way(enter.Typed.Level);
        var read = CardReader.Read(enter.Typed, basis.Under.Courses[way], basis.Under.Sheets[way]);
        if (Objections(enter, read, found) is { Count: > 0 } errors)
        {
            return new FieldsRefused(errors);
        }

        if (Asked(enter, read, found) is { Count: > 0 } asked)
        {
            return TypedResults.Ok(new EnteredCard(null, asked));
        }

        var added = await scores.Add(id, FactOf(card, enter, read, found.Level), cancel);
        return added.Refusal switch
        {
            ScoreRefusal.Gone => new Conflicting(
                "Another card stands for this one.",
                detail: "Nothing was stored; take the card that holds."
            ),
            ScoreRefusal.Outdated => new Conflicting(
                "Somebody has typed this card meanwhile.",
                detail: "Nothing was stored. Look at what stands there now, and type it once more or correct it."
            ),
            ScoreRefusal.SameHand => new FieldsRefused(
                "status",
                "You have typed this card yourself; the second entry is by somebody else."
            ),
            _ => TypedResults.Ok(new EnteredCard(cards.Shown(basis.After(added), null), [])),
        };
    }

    private static NewFact FactOf(Guid card, EnterCard enter, ReadCard read, string level) =>
        new(
            card,
            enter.SaveId,
            enter.Seen,
            enter.Correct ? ScoreFactKind.Corrected
                : enter.Seen == 0 ? ScoreFactKind.Entered
                : ScoreFactKind.Again,
            read.Run!,
            read.NoReps,
            enter.Correct ? enter.Reason.Trim() : "",
            enter.Typed.Level.Length > 0 ? level : ""
        );

    /// <summary>What is asked before a card is taken: also whether somebody judged, where nobody stands in the plan for its lane.</summary>
    private static List<Doubt> Asked(EnterCard enter, ReadCard read, DeskCard found) =>
        found.Judges.Count > 0 || enter.Typed.Status == EntryStatus.DidNotStart || enter.Typed.Unjudged || enter.Typed.Sure.Contains(Judged)
            ? [.. read.Asked]
            :
            [
                .. read.Asked,
                new(Judged, "No judge stands in the plan for this lane, and a score without a judge has no place. Was it judged?"),
            ];

    private static List<FieldError> Objections(EnterCard enter, ReadCard read, DeskCard found)
    {
        var errors = read.Errors.Select(e => e with { Path = "typed." + e.Path }).ToList();
        if (found.Levels.Count > 0 && found.Level.Length == 0)
        {
            var which = $"Which level was done: {Words.Join(found.Levels, "or")}?";
            errors.Add(new("typed.level", enter.Typed.Level.Length == 0 ? which : "This workout has no such level. " + which));
        }

        if (enter.Correct && CompetitionRules.NameError(enter.Reason, LongestReason, required: true) is { } why)
        {
            errors.Add(new("reason", enter.Reason.Trim().Length == 0 ? "Say why." : why));
        }

        if (enter.Correct && found.Numbers.Run is null)
        {
            errors.Add(new("reason", "Nothing was typed of this card that could be corrected."));
        }

        return errors;
    }
}
