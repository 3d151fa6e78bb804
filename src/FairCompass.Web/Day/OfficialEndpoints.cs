using FairCompass.Access;
using FairCompass.Core.InForce;
using FairCompass.Core.Publishing;
using FairCompass.Core.Quantities;
using FairCompass.Planning.Days;
using FairCompass.Planning.People;
using FairCompass.Store.Day;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using Microsoft.AspNetCore.Http.HttpResults;
using NodaTime;

namespace FairCompass.Web.Day;

/// <summary>Stores somebody who helps.</summary>
/// <param name="Kind">With what.</param>
/// <param name="Name">1 to 80 characters.</param>
/// <param name="Gym">Their gym; may be empty.</param>
/// <param name="Days">The days they are there; empty for all.</param>
/// <param name="NotEntries">Entries a judge may not judge.</param>
/// <param name="Breaks">Breaks they asked for.</param>
/// <param name="Experience">0 for the first time, 1 for some, 2 for much.</param>
public sealed record PutOfficial(
    OfficialKind Kind,
    string Name,
    string Gym,
    Eq<LocalDate> Days,
    Eq<Guid> NotEntries,
    Eq<Break> Breaks,
    int Experience
);

/// <summary>A pasted list of those who help.</summary>
/// <param name="Kind">With what.</param>
/// <param name="Text">A name a line; behind a tab, comma or semicolon the gym.</param>
public sealed record PasteOfficials(OfficialKind Kind, string Text);

/// <summary>Judges, callers, crew and desk.</summary>
public static class OfficialEndpoints
{
    private const int MostBreaks = 8;

    // What stands above the first column of a list.
    private static readonly HashSet<string> Headings = ["name", "judge", "judges", "nombre", "juez", "kampfrichter"];

    /// <summary>Maps the addresses.</summary>
    public static void MapOfficials(this WebApplication app)
    {
        var tag = app.MapGroup("/api/competitions/{id:guid}/officials").WithTags("Officials");
        tag.MapGet("/", All).Needs(Right.SeeField).WithSummary("Everybody who helps.");
        tag.MapPost("/", Paste)
            .Needs(Right.EnterPeople, "entered judges or helpers")
            .WithSummary("Adds a pasted list; who is there stays.");
        tag.MapPut("/{official:guid}", Put).Needs(Right.EnterPeople, "changed a judge or helper").WithSummary("Adds or changes one.");
        tag.MapDelete("/{official:guid}", Remove).Needs(Right.EnterPeople, "took out a judge or helper").WithSummary("Takes one out.");
    }

    private static async Task<Ok<IReadOnlyList<Official>>> All(Guid id, OfficialStore officials, KeptStore kept, CancellationToken cancel)
    {
        var briefed = await kept.Briefed(id, cancel);
        return TypedResults.Ok<IReadOnlyList<Official>>([
            .. (await officials.Of(id, cancel)).Select(o => o with { Briefed = [.. briefed[NameList.Key(o.Name)]] }),
        ]);
    }

    private static async Task<Results<Ok<IReadOnlyList<Official>>, FieldsRefused>> Paste(
        Guid id,
        PasteOfficials paste,
        OfficialStore officials,
        CancellationToken cancel
    )
    {
        var there = (await officials.Of(id, cancel)).Where(o => o.Kind == paste.Kind).Select(o => Key(o.Name, o.Gym)).ToHashSet();
        var (added, errors) = (new List<Official>(), new List<FieldError>());
        foreach (
            var (line, i) in paste.Text.ReplaceLineEndings("\n").Split('\n').Select((l, i) => (l, i)).Where(x => x.l.Trim().Length > 0)
        )
        {
            var parts = line.Split(['\t', ';', ','], 2, StringSplitOptions.TrimEntries);
            var (name, gym) = (parts[0], parts.Length > 1 ? parts[1] : "");
            if (i == 0 && Headings.Contains(NameList.Key(name)))
            {
                continue;
            }

            if ((Objection(name, required: true) ?? Objection(gym, required: false)) is { } wrong)
            {
                errors.Add(new("text", $"Line {i + 1}: {wrong}"));
            }
            else if (there.Add(Key(name, gym)))
            {
                added.Add(new(Guid.CreateVersion7(), paste.Kind, name, gym, [], [], [], 1));
            }
        }

        if (errors.Count > 0 || (added.Count == 0 && paste.Text.Trim().Length == 0))
        {
            return new FieldsRefused(errors.Count > 0 ? errors : [new("text", "Write a name a line.")]);
        }

        await officials.Put(id, added, cancel);
        return TypedResults.Ok(await officials.Of(id, cancel));
    }

    private static string Key(string name, string gym) => Core.Publishing.NameList.Key(name) + "\n" + Core.Publishing.NameList.Key(gym);

    private static string? Objection(string text, bool required) => CompetitionRules.NameError(text, EntryListReader.LongestName, required);

    private static async Task<Results<Ok<IReadOnlyList<Official>>, FieldsRefused>> Put(
        Guid id,
        Guid official,
        PutOfficial put,
        OfficialStore officials,
        CancellationToken cancel
    )
    {
        var errors = new List<FieldError>();
        if (Objection(put.Name, required: true) is { } badName)
        {
            errors.Add(new("name", badName));
        }

        if (Objection(put.Gym, required: false) is { } badGym)
        {
            errors.Add(new("gym", badGym));
        }

        if (put.Experience is < 0 or > 2)
        {
            errors.Add(new("experience", "0, 1 or 2."));
        }

        if (put.Breaks.Count > MostBreaks || put.Breaks.Any(b => b.Until <= b.From))
        {
            errors.Add(new("breaks", $"At most {MostBreaks} breaks, each from an earlier to a later time."));
        }

        if (errors.Count > 0)
        {
            return new FieldsRefused(errors);
        }

        await officials.Put(
            id,
            [new(official, put.Kind, put.Name.Trim(), put.Gym.Trim(), put.Days, put.NotEntries, put.Breaks, put.Experience)],
            cancel
        );
        return TypedResults.Ok(await officials.Of(id, cancel));
    }

    private static async Task<Results<Ok<IReadOnlyList<Official>>, NotThere>> Remove(
        Guid id,
        Guid official,
        OfficialStore officials,
        CancellationToken cancel
    ) => await officials.Remove(id, official, cancel) ? TypedResults.Ok(await officials.Of(id, cancel)) : NotThere.Gone("judge or helper");
}
