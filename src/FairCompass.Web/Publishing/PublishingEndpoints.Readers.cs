using FairCompass.Core.Briefing;
using FairCompass.Core.Languages;
using FairCompass.Core.Publishing;
using FairCompass.Store;
using FairCompass.Web.Hosting;
using FairCompass.Web.Opening;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Publishing;

/// <content>What a printed code leads to, and what those may read who do not see drafts.</content>
public static partial class PublishingEndpoints
{
    private static async Task<Results<Ok<CodeFound>, NotThere, FieldsRefused>> ReadCode(
        string code,
        OpenDrafts drafts,
        PublishedStore published,
        CancellationToken cancel
    )
    {
        var printed = await PrintedCode.Read(code, published, cancel);
        if (printed.Version is not { } found)
        {
            return printed.IsMisread ? printed.Misread : printed.Unknown;
        }

        var newest = (await published.Of(found.WorkoutId, cancel))[0];
        var before = await drafts.OpenPublished(found.Id, cancel);
        var now = newest.Id == found.Id ? before : await drafts.OpenPublished(newest.Id, cancel);
        return TypedResults.Ok(
            new CodeFound(
                VersionOfCode.Of(found),
                VersionOfCode.Of(newest),
                before.Workout.Title,
                before.Courses.Select(c => c.Address.Division.Name).Distinct().ToList(),
                Differences.Between(before, now),
                new(before.Competition.Name, before.Competition.Starts, before.Competition.Ends, before.Competition.Place),
                await Others(found, drafts, published, cancel)
            )
        );
    }

    /// <summary>The papers that a printed code leads to.</summary>
    private static readonly Audience[] ForReaders =
    [
        Audience.Athlete,
        Audience.Judge,
        Audience.Caller,
        Audience.FloorCrew,
        Audience.LaneCard,
        Audience.Video,
        Audience.Poster,
    ];

    private static async Task<Results<Ok<PublishedHere>, NotThere>> All(
        Guid id,
        CompetitionStore competitions,
        OpenDrafts drafts,
        PublishedStore published,
        CancellationToken cancel
    )
    {
        if (await competitions.Find(id, cancel) is not { Value: var c })
        {
            return NotThere.Gone("competition");
        }

        var workouts = new List<OtherCode>();
        foreach (var version in (await published.Newest(id, cancel)).Values)
        {
            workouts.Add(new((await drafts.OpenPublished(version.Id, cancel)).Workout.Title, version.Code, version.Number));
        }

        return TypedResults.Ok(
            new PublishedHere(new(c.Name, c.Starts, c.Ends, c.Place), [.. workouts.OrderBy(w => w.Title, StringComparer.Ordinal)])
        );
    }

    private static async Task<IReadOnlyList<OtherCode>> Others(
        PublishedVersion found,
        OpenDrafts drafts,
        PublishedStore published,
        CancellationToken cancel
    )
    {
        var others = new List<OtherCode>();
        foreach (var version in (await published.Newest(found.CompetitionId, cancel)).Values.Where(v => v.WorkoutId != found.WorkoutId))
        {
            others.Add(new((await drafts.OpenPublished(version.Id, cancel)).Workout.Title, version.Code, version.Number));
        }

        return [.. others.OrderBy(o => o.Title, StringComparer.Ordinal)];
    }

    private static async Task<Results<Ok<Brief>, NotThere, FieldsRefused>> ReadBrief(
        string code,
        Audience audience,
        string? division,
        Language? language,
        bool? figures,
        OpenDrafts drafts,
        PublishedStore published,
        CancellationToken cancel
    )
    {
        var printed = await PrintedCode.Read(code, published, cancel);
        if (printed.Version is not { } found)
        {
            return printed.IsMisread ? printed.Misread : printed.Unknown;
        }

        if ((EnumInput.Objection("audience", (Audience?)audience) ?? EnumInput.Objection("language", language)) is { } unknown)
        {
            return new FieldsRefused([unknown]);
        }

        if (!ForReaders.Contains(audience))
        {
            return new FieldsRefused("audience", "This paper is not for readers; it is printed by the competition.");
        }

        var u = await drafts.OpenPublished(found.Id, cancel);
        return division is not null
            && u.Courses.All(c => !string.Equals(c.Address.Division.Name, division, StringComparison.OrdinalIgnoreCase))
                ? new FieldsRefused("division", $"This workout is not for {division}.")
            : audience == Audience.Holder
                ? new FieldsRefused("audience", "An erratum is made of two versions: see /api/published/{code}/erratum.")
            : TypedResults.Ok(
                new BriefBuilder(
                    u,
                    division,
                    DateOnly.FromDateTime(found.At),
                    new()
                    {
                        Language = language ?? default,
                        Figures = figures ?? false,
                        Published = new(found.Sha256, found.Code),
                    }
                ).Build(audience) with
                {
                    Version = found.Number,
                }
            );
    }

    private static async Task<Results<Ok<Brief>, NotThere, FieldsRefused>> ReadErratum(
        string code,
        Language? language,
        OpenDrafts drafts,
        PublishedStore published,
        CancellationToken cancel
    )
    {
        var printed = await PrintedCode.Read(code, published, cancel);
        if (printed.Version is not { } found)
        {
            return printed.IsMisread ? printed.Misread : printed.Unknown;
        }

        if (EnumInput.Objection("language", language) is { } unknown)
        {
            return new FieldsRefused([unknown]);
        }

        if ((await published.Of(found.WorkoutId, cancel)).FirstOrDefault(v => v.Number == found.Number - 1) is not { } older)
        {
            return new NotThere("Version 1 corrects nothing.", detail: "There is no older paper.");
        }

        var (before, now) = (await drafts.OpenPublished(older.Id, cancel), await drafts.OpenPublished(found.Id, cancel));
        return TypedResults.Ok(
            ErratumSheet.Of(
                before,
                now,
                new(found.Number, new(found.Sha256, found.Code), older.Code, DateOnly.FromDateTime(found.At), found.HoldsFrom, found.Note),
                language ?? default
            )
        );
    }

    internal static FieldsRefused? Words(string field, string text, int most) =>
        text.Length > most ? new FieldsRefused([new(field, $"At most {most} characters; this has {text.Length}.")])
        : text.Any(c => c != '\n' && Core.Text.Characters.IsForbidden(c))
            ? new FieldsRefused([new(field, "The text holds a character that cannot be stored.")])
        : null;
}
