using System.Buffers.Binary;
using System.Security.Cryptography;
using FairCompass.Access;
using FairCompass.Comparability.Training;
using FairCompass.Store.Day;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Training;

/// <summary>Begins a calibration, of a workout or of one movement.</summary>
/// <param name="Id">Its id; begun twice under one id it is one.</param>
/// <param name="Workout">The workout; null for a movement.</param>
/// <param name="Movement">The movement; null for a workout.</param>
public sealed record BeginTogether(Guid Id, Guid? Workout, string? Movement);

/// <summary>What a phone shows of a calibration.</summary>
/// <param name="Together">The calibration.</param>
/// <param name="Mine">What this phone called of the rep that is shown; null where nothing yet.</param>
public sealed record TogetherHere(Together Together, string? Mine);

/// <summary>Calls the rep that is shown.</summary>
/// <param name="Call">What is called.</param>
public sealed record CallTogether(Call Call);

/// <summary>Types a printed slip.</summary>
/// <param name="Id">An id of the slip; typed again under it, it is corrected.</param>
/// <param name="Marks">A letter a rep in order: G, N, or - for not seen.</param>
public sealed record TypeSlip(Guid Id, string Marks);

/// <summary>The ruling of the head judge.</summary>
/// <param name="Ruling">In words; may be empty.</param>
public sealed record SayRuling(string Ruling);

/// <summary>How far those in the hall agree.</summary>
/// <param name="Together">The calibration.</param>
/// <param name="Answered">How many answered anything.</param>
/// <param name="Reps">What was called of each rep that was shown, without names.</param>
/// <param name="Before">Agreement beyond chance before the ruling; null where it cannot be said.</param>
/// <param name="After">The same after it.</param>
/// <param name="Sentence">Both in words.</param>
public sealed record TogetherSaid(
    Together Together,
    int Answered,
    IReadOnlyList<TogetherTally> Reps,
    double? Before,
    double? After,
    string Sentence
);

/// <summary>Calibration together: the same reps on the hall’s screen, everybody answers alone, the spread is shown without names.</summary>
public static class TogetherEndpoints
{
    private const int LongestRuling = 2000;

    /// <summary>Maps the addresses.</summary>
    public static void MapTogether(this WebApplication app)
    {
        var tag = app.MapGroup("/api/competitions/{id:guid}/together").WithTags("Training");
        tag.MapGet("/", Here).Needs(Right.Train).WithSummary("The newest calibration as a phone shows it; nothing where there is none.");
        tag.MapPost("/", Begin).Needs(Right.SeeEyes, "began a calibration").WithSummary("Begins a calibration.");
        tag.MapPost("/{together:guid}/calls/{number}", Take)
            .Needs(Right.Train)
            .WithSummary("Calls the rep that is shown; until the next one a call can be changed.");
        tag.MapGet("/{together:guid}", Said).Needs(Right.SeeEyes).WithSummary("How far those in the hall agree, without names.");
        tag.MapGet("/{together:guid}/reps/{number}", Rep).Needs(Right.SeeEyes).WithSummary("A rep as the hall’s screen shows it.");
        tag.MapPost("/{together:guid}/shown/{number}", Show).Needs(Right.SeeEyes).WithSummary("Shows the next rep.");
        tag.MapPut("/{together:guid}/ruling", Rule)
            .Needs(Right.SeeEyes, "said a ruling in a calibration")
            .WithSummary("Writes the ruling down.");
        tag.MapPost("/{together:guid}/slips", Slip).Needs(Right.SeeEyes).WithSummary("Types a printed slip.");
    }

    private static async Task<Results<Ok<TogetherHere>, NoContent>> Here(
        Guid id,
        Visitor visitor,
        Trainings trainings,
        TogetherStore store,
        CancellationToken cancel
    )
    {
        if (await store.Find(id, null, cancel) is not { } found)
        {
            return TypedResults.NoContent();
        }

        var who = await trainings.Who(visitor, cancel);
        var mine = (await store.Of(found.Id, who.Id, cancel)).Where(a => a.Number == found.Shown).Select(a => a.Call).FirstOrDefault();
        return TypedResults.Ok(new TogetherHere(found, mine));
    }

    private static async Task<Results<Ok<Together>, FieldsRefused, NotThere>> Begin(
        Guid id,
        BeginTogether begin,
        Trainings trainings,
        TogetherStore store,
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

        var seed = BinaryPrimitives.ReadUInt64LittleEndian(RandomNumberGenerator.GetBytes(8));
        if (TogetherPlan.Of(about.Movements, seed) is not { } reps)
        {
            return chosen.ShowsNothing;
        }

        var standards = about.Movements.ToDictionary(m => m.Movement.Id, m => m.Movement, StringComparer.Ordinal);
        var together = new Together(
            begin.Id,
            about.What,
            begin.Workout,
            begin.Movement ?? "",
            TogetherPlan.First,
            reps.Count,
            0,
            "",
            default
        );
        await store.Begin(
            id,
            together,
            [.. reps.Select(r => (r.Item, r.Rep.Broken.Count == 0, TrainingWords.TruthOf(r.Rep, standards[r.Item.Movement]).English))],
            cancel
        );
        return await store.Find(id, begin.Id, cancel) is { } begun ? TypedResults.Ok(begun) : NotThere.Gone("calibration");
    }

    private static async Task<Results<NoContent, NotThere>> Take(
        Guid id,
        Guid together,
        int number,
        CallTogether call,
        Visitor visitor,
        Trainings trainings,
        TogetherStore store,
        CancellationToken cancel
    ) =>
        await store.Find(id, together, cancel) is not null
        && await store.Answer(together, number, (await trainings.Who(visitor, cancel)).Id, call.Call, late: false, cancel)
            ? TypedResults.NoContent()
            : new NotThere("That rep is over.", "The hall’s screen shows another one; look up.");

    private static async Task<Results<Ok<TogetherSaid>, NotThere>> Said(
        Guid id,
        Guid together,
        TogetherStore store,
        CancellationToken cancel
    )
    {
        if (await store.Find(id, together, cancel) is not { } found)
        {
            return NotThere.Gone("calibration");
        }

        var reps = await store.Tally(together, cancel);
        var (before, after) = TogetherAgreement.Of(found, reps);
        return TypedResults.Ok(
            new TogetherSaid(found, await store.Answered(together, cancel), reps, before, after, Sentence(found, reps, before, after))
        );
    }

    private static async Task<Results<Ok<RepToCall>, NotThere>> Rep(
        Guid id,
        Guid together,
        int number,
        Trainings trainings,
        TogetherStore store,
        CancellationToken cancel
    )
    {
        if (
            await store.Find(id, together, cancel) is not { } found
            || await store.Rep(together, number, cancel) is not { } item
            || await trainings.About(id, found.Workout, found.Movement, cancel) is not { } about
            || about.Movements.FirstOrDefault(m => m.Movement.Id == item.Movement) is not { } movement
            || Makers.Of(movement.Movement) is not { } maker
            || !item.Asked.All(a => maker.Trainable.Any(t => t.Clause.Id == a.Clause))
        )
        {
            return NotThere.Gone("rep");
        }

        var rep = maker.Make(item.Asked, item.Seed);
        return TypedResults.Ok(
            new RepToCall(number, found.Reps, movement.Movement.Name, movement.Movement.Judge.Place, rep.Film(), rep.Stills, [], 0)
        );
    }

    private static async Task<Results<NoContent, NotThere>> Show(
        Guid id,
        Guid together,
        int number,
        TogetherStore store,
        CancellationToken cancel
    )
    {
        if (await store.Find(id, together, cancel) is not { } found || number < 1 || number > found.Reps)
        {
            return NotThere.Gone("rep");
        }

        await store.Show(together, number, cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, FieldsRefused, NotThere>> Rule(
        Guid id,
        Guid together,
        SayRuling say,
        TogetherStore store,
        CancellationToken cancel
    )
    {
        if (await store.Find(id, together, cancel) is null)
        {
            return NotThere.Gone("calibration");
        }

        if (say.Ruling.Length > LongestRuling || say.Ruling.Contains('\0', StringComparison.Ordinal))
        {
            return new FieldsRefused("ruling", $"At most {LongestRuling} characters.");
        }

        await store.Rule(together, say.Ruling.Trim(), cancel);
        return TypedResults.NoContent();
    }

    private static async Task<Results<NoContent, FieldsRefused, NotThere>> Slip(
        Guid id,
        Guid together,
        TypeSlip slip,
        TogetherStore store,
        CancellationToken cancel
    )
    {
        if (await store.Find(id, together, cancel) is not { } found)
        {
            return NotThere.Gone("calibration");
        }

        var marks = slip.Marks.Where(c => !char.IsWhiteSpace(c)).Select(char.ToUpperInvariant).ToList();
        if (marks.Count == 0 || marks.Count > found.Shown || marks.Exists(m => m is not ('G' or 'N' or '-')))
        {
            return new FieldsRefused("marks", $"A letter for each rep in order, {found.Shown} at most: G good, N no-rep, - not seen.");
        }

        for (var i = 0; i < marks.Count; i++)
        {
            var call = marks[i] switch
            {
                'G' => Call.Good,
                'N' => Call.NoRep,
                _ => Call.Unseen,
            };
            await store.Answer(together, i + 1, slip.Id, call, late: true, cancel);
        }

        return TypedResults.NoContent();
    }

    private static string Sentence(Together together, IReadOnlyList<TogetherTally> reps, double? before, double? after)
    {
        if (reps.Count < together.First)
        {
            return $"{reps.Count} of {together.First} reps were shown.";
        }

        if (before is null)
        {
            return "Agreement cannot be said: fewer than two answered, or all called every rep alike.";
        }

        var first = $"Agreement beyond chance before the ruling: {before:0.00} (1 is always, 0 as chance would have it).";
        return reps.Count < together.Reps ? first
            : after is null ? first + " After it, it cannot be said: all called every rep alike, or fewer than two answered."
            : first + $" After it: {after:0.00}.";
    }
}
