using FairCompass.Access;
using FairCompass.Core.InForce;
using FairCompass.Core.Measuring;
using FairCompass.Core.Quantities;
using FairCompass.Store;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using FairCompass.Web.Opening;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Measuring;

/// <summary>What is measured for each athlete of a workout, and what has been read.</summary>
/// <param name="Places">The lines, targets, bars, and rings.</param>
/// <param name="Readings">The readings, oldest first, each with its line; null where the draft no longer has the place.</param>
public sealed record Measurements(IReadOnlyList<MeasuredPlace> Places, IReadOnlyList<ReadLine> Readings);

/// <summary>A reading with its line.</summary>
public sealed record ReadLine(Reading Reading, TapeLength? Line);

/// <summary>Writes a reading down.</summary>
/// <param name="Id">Chosen by the client, so that a retry adds nothing.</param>
/// <param name="Place">The key of the place.</param>
/// <param name="Athlete">1 to 80 characters.</param>
/// <param name="Typed">What the tape shows: <c>2124</c>, <c>83 1/2</c>.</param>
/// <param name="Unit">Its unit.</param>
/// <param name="By">Who measured, 1 to 80 characters.</param>
public sealed record WriteReading(Guid Id, string Place, string Athlete, string Typed, LengthUnit Unit, string By);

/// <summary>Measuring athletes: from a mark on the body to the line.</summary>
public static class MeasuringEndpoints
{
    /// <summary>Maps the addresses.</summary>
    public static void MapMeasuring(this WebApplication app)
    {
        var group = app.MapGroup("/api/workouts/{id:guid}/measurements").WithTags("Measuring");
        group.MapGet("/", Read).Needs(Right.SeeMeasured).WithSummary("What is measured for each athlete, and what was read.");
        group
            .MapGet("/line", Line)
            .Needs(Right.SeeMeasured)
            .WithSummary("The line of a reading, in millimetres and inches; nothing is stored.");
        group
            .MapPost("/", Write)
            .Needs(Right.Measure, "wrote down a measurement")
            .WithSummary("Writes a reading down; it stays, and a second one stays beside it. An id is for one reading (409).");
    }

    private static async Task<Results<Ok<Measurements>, NotThere>> Read(
        Guid id,
        OpenDrafts drafts,
        MeasurementStore measured,
        CancellationToken cancel
    ) =>
        await PlacesOf(id, drafts, cancel) is { } places
            ? TypedResults.Ok(await All(id, places, measured, cancel))
            : NotThere.Gone("workout");

    private static async Task<Measurements> All(Guid id, Eq<MeasuredPlace> places, MeasurementStore measured, CancellationToken cancel) =>
        new(
            places.ToList(),
            (await measured.Of(id, cancel))
                .Select(r => new ReadLine(
                    r,
                    places.FirstOrDefault(p => p.Key == r.Place) is { Amount: not null } p
                        ? TapeLength.Of(Math.Max(0, p.Line(r.Value)))
                        : null
                ))
                .ToList()
        );

    private static async Task<Results<Ok<TapeLength>, NotThere, FieldsRefused>> Line(
        Guid id,
        string place,
        string typed,
        LengthUnit unit,
        OpenDrafts drafts,
        CancellationToken cancel
    )
    {
        if (await PlacesOf(id, drafts, cancel) is not { } places)
        {
            return NotThere.Gone("workout");
        }

        var errors = new List<FieldError>();
        return ReadingOf(places, place, typed, unit, errors) is { } read
            ? TypedResults.Ok(TapeLength.Of(read.Place.Line(read.Value)))
            : new FieldsRefused(errors);
    }

    private static async Task<Results<Ok<Measurements>, NotThere, Conflicting, FieldsRefused>> Write(
        Guid id,
        WriteReading write,
        OpenDrafts drafts,
        MeasurementStore measured,
        CancellationToken cancel
    )
    {
        if (await PlacesOf(id, drafts, cancel) is not { } places)
        {
            return NotThere.Gone("workout");
        }

        var errors = new List<FieldError>();
        var read = ReadingOf(places, write.Place, write.Typed, write.Unit, errors);
        foreach (var (field, name) in ((string, string)[])[("athlete", write.Athlete), ("by", write.By)])
        {
            if (CompetitionRules.NameError(name, 80, required: true) is { } objection)
            {
                errors.Add(new(field, objection));
            }
        }

        if (read is not { } known || errors.Count > 0)
        {
            return new FieldsRefused(errors);
        }

        var reading = new Reading(known.Place.Key, write.Athlete.Trim(), known.Value, write.By.Trim(), default);
        return await measured.Add(write.Id, id, reading, cancel)
            ? TypedResults.Ok(await All(id, places, measured, cancel))
            : new Conflicting("Another reading was written down under this id.", detail: "Nothing was stored; write it down again.");
    }

    private static (MeasuredPlace Place, Length Value)? ReadingOf(
        Eq<MeasuredPlace> places,
        string key,
        string typed,
        LengthUnit unit,
        List<FieldError> errors
    )
    {
        var place = places.FirstOrDefault(p => p.Key == key);
        if (place is null)
        {
            errors.Add(new("place", "This workout does not measure that; the draft may have changed. Load the page again."));
        }

        if (Typed.Read(typed, out var objection) is not { } value)
        {
            errors.Add(new("typed", objection!));
            return null;
        }

        var length = new Length(value, unit);
        if (place?.Objection(length) is { } wrong)
        {
            errors.Add(new("typed", wrong));
            return null;
        }

        return place is null ? null : (place, length);
    }

    private static async Task<Eq<MeasuredPlace>?> PlacesOf(Guid id, OpenDrafts drafts, CancellationToken cancel) =>
        await drafts.Open(id, cancel) is { } open ? MeasuredPlace.Of(open.Understanding) : null;
}
