using FairCompass.Access;
using FairCompass.Core.Drafts;
using FairCompass.Core.Interviewing;
using FairCompass.Core.Publishing;
using FairCompass.Core.Quantities;
using FairCompass.Store;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using FairCompass.Web.Opening;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.Net.Http.Headers;

namespace FairCompass.Web.Publishing;

/// <summary>Publishes the draft as it stands.</summary>
/// <param name="BaseRevision">The revision of the draft that was read before; another one is refused.</param>
/// <param name="CompetitionRevision">The revision of the competition that was read with it; another one is refused.</param>
/// <param name="SaveId">Chosen by the client, so that a retry finds its own version.</param>
/// <param name="HoldsFrom">From when it holds, in words: a date, a heat; may be empty.</param>
/// <param name="Note">What the head judge says about it; may be empty.</param>
public sealed record PublishDraft(int BaseRevision, int CompetitionRevision, Guid SaveId, string HoldsFrom, string Note);

/// <summary>The interview of a draft.</summary>
/// <param name="Revision">The revision of the draft that was read.</param>
/// <param name="CompetitionRevision">The revision of the competition that was read.</param>
/// <param name="Questions">What is open.</param>
/// <param name="Published">The newest version; null when there is none.</param>
/// <param name="Changed">True when the draft says something else than the newest version.</param>
/// <param name="HoldsFrom">From when a correction would hold, as the notes of its lines say; empty where they do not.</param>
/// <param name="Unsigned">Policies whose usual school is in force here because nobody of the competition has said anything.</param>
public sealed record InterviewOf(
    int Revision,
    int CompetitionRevision,
    IReadOnlyList<Question> Questions,
    PublishedVersion? Published,
    bool Changed,
    string HoldsFrom,
    IReadOnlyList<PolicyToSign> Unsigned
);

/// <summary>Under which version heats are judged.</summary>
/// <param name="Version">The version of the heat that was asked for; null where none was, or none holds yet.</param>
/// <param name="Heats">All heats, in stretches.</param>
public sealed record InForceOf(PublishedVersion? Version, Eq<HeatsUnder> Heats);

/// <summary>What a printed code stands for.</summary>
/// <param name="Version">The version it was printed from.</param>
/// <param name="Newest">The newest version of the same workout.</param>
/// <param name="Title">The workout’s name.</param>
/// <param name="Divisions">Who does the workout; a brief can be read for one of them.</param>
/// <param name="Since">What has changed since; empty when it is the newest.</param>
/// <param name="Competition">The competition as it stood when this was published.</param>
/// <param name="Others">The newest versions of its other workouts, by their names.</param>
public sealed record CodeFound(
    VersionOfCode Version,
    VersionOfCode Newest,
    string Title,
    IReadOnlyList<string> Divisions,
    Difference Since,
    CompetitionOfCode Competition,
    IReadOnlyList<OtherCode> Others
);

/// <summary>A version as readers know it: nothing in it leads to the draft behind it.</summary>
/// <param name="Number">Its number, from 1.</param>
/// <param name="Code">The code that is printed.</param>
/// <param name="HoldsFrom">From when it holds, in words; empty for at once.</param>
/// <param name="FromHeat">The heat from which it holds; null where it holds at once, or from when words say.</param>
/// <param name="Note">What the head judge says of it; may be empty.</param>
/// <param name="At">When it was published, UTC.</param>
public sealed record VersionOfCode(int Number, string Code, string HoldsFrom, int? FromHeat, string Note, DateTime At)
{
    /// <summary>Of a stored version.</summary>
    internal static VersionOfCode Of(PublishedVersion v) => new(v.Number, v.Code, v.HoldsFrom, v.FromHeat, v.Note, v.At);
}

/// <summary>What readers are told of a competition.</summary>
/// <param name="Name">Its name.</param>
/// <param name="Starts">First day.</param>
/// <param name="Ends">Last day.</param>
/// <param name="Place">Where; may be empty.</param>
public sealed record CompetitionOfCode(string Name, DateOnly Starts, DateOnly Ends, string Place);

/// <summary>What can be read of a competition.</summary>
/// <param name="Competition">The competition.</param>
/// <param name="Workouts">The newest versions of its published workouts, by their names.</param>
public sealed record PublishedHere(CompetitionOfCode Competition, IReadOnlyList<OtherCode> Workouts);

/// <summary>Another workout of the competition that can be read.</summary>
/// <param name="Title">Its name.</param>
/// <param name="Code">The code of its newest version.</param>
/// <param name="Number">The number of that version.</param>
public sealed record OtherCode(string Title, string Code, int Number);

/// <summary>The interview, publishing, and what has changed.</summary>
public static partial class PublishingEndpoints
{
    /// <summary>Maps the addresses.</summary>
    public static void MapPublishing(this WebApplication app)
    {
        var drafts = app.MapGroup("/api/workouts/{id:guid}").WithTags("Publishing");
        app.MapGet("/api/competitions/{id:guid}/published", All)
            .WithTags("Publishing")
            .Needs(Right.ReadPublished)
            .WithSummary("What is published in the competition, for those who only read.");
        drafts
            .MapGet("/interview", ReadInterview)
            .Needs(Right.Look)
            .WithSummary("What must be answered before the draft can be published.");
        drafts
            .MapPost("/publish", Publish)
            .Needs(Right.Publish, "published a version")
            .WithSummary(
                "Publishes the draft as the next version; refused while a question is open (422), or when the draft was saved "
                    + "elsewhere since (409)."
            );
        drafts.MapGet("/published", Versions).Needs(Right.Look).WithSummary("The published versions, newest first.");
        drafts
            .MapGet("/in-force", ReadInForce)
            .Needs(Right.Look)
            .WithSummary("Under which version heats are judged, where a correction holds from a heat on.");
        drafts
            .MapGet("/changes", Changes)
            .Needs(Right.Look)
            .WithSummary("What differs between two versions, or between a version and the draft.");
        var codes = app.MapGroup("/api/published/{code}").WithTags("Publishing");
        codes.MapGet("/", ReadCode).Needs(Right.Nobody).WithSummary("Which version a printed code stands for, and what has changed since.");
        codes
            .MapGet("/erratum", ReadErratum)
            .Needs(Right.Nobody)
            .WithSummary("The sheet for who holds the version before: what is different, for whom, from when.");
        // What a version says never changes, and a whole hall opens the same few papers at once: each is made once, and kept for a while.
        codes
            .MapGet("/brief", ReadBrief)
            .Needs(Right.Nobody)
            .WithSummary("A brief of a published version.")
            .CacheOutput(o =>
                o.Expire(TimeSpan.FromMinutes(10))
                    .SetVaryByHeader(HeaderNames.AcceptEncoding)
                    .SetVaryByQuery("audience", "division", "language", "figures")
            );
    }

    private static async Task<Results<Ok<InterviewOf>, NotThere>> ReadInterview(
        Guid id,
        OpenDrafts drafts,
        PublishedStore published,
        CancellationToken cancel
    )
    {
        if (await drafts.OpenCurrent(id, cancel) is not { } open)
        {
            return NotThere.Gone("workout");
        }

        var last = await published.Of(id, cancel) is [var newest, ..] ? newest : null;
        return TypedResults.Ok(
            new InterviewOf(
                open.Draft.Revision,
                open.Competition.Revision,
                Interview.Open(open.Understanding).ToList(),
                last,
                last is null || !await published.Says(last, Fingerprint.Of(open.Understanding), cancel),
                last is null ? "" : HoldsFrom.Noted(open.Understanding.Text, (await published.Document(last.Id, cancel)).Text),
                PolicyToSign.Of(open.Understanding).ToList()
            )
        );
    }

    private static async Task<Results<Ok<PublishedVersion>, NotThere, Conflicting, FieldsRefused>> Publish(
        Guid id,
        PublishDraft publish,
        OpenDrafts drafts,
        PublishedStore published,
        CancellationToken cancel
    )
    {
        if ((Words("holdsFrom", publish.HoldsFrom, 120) ?? Words("note", publish.Note, 600)) is { } refused)
        {
            return refused;
        }

        if (await drafts.OpenCurrent(id, cancel) is not { } open)
        {
            return NotThere.Gone("workout");
        }

        var u = open.Understanding;
        var read = open.Draft.Revision == publish.BaseRevision && open.Competition.Revision == publish.CompetitionRevision;
        if (read && Interview.Open(u) is { Count: > 0 } questions)
        {
            return new FieldsRefused([
                new(
                    "baseRevision",
                    $"{questions.Count} {(questions.Count == 1 ? "question is" : "questions are")} open; the first: "
                        + questions[0].Asks.English
                ),
            ]);
        }

        var what = new ToPublish(
            id,
            publish.SaveId,
            Fingerprint.Of(u),
            PublishedDocument.Of(u),
            publish.HoldsFrom.Trim(),
            publish.Note.Trim()
        );
        return await published.Publish(what, publish.BaseRevision, publish.CompetitionRevision, cancel) switch
        {
            PublishResult.Done done => TypedResults.Ok(done.Version),
            PublishResult.Outdated => new Conflicting(
                "The draft or its competition was saved elsewhere since you read it.",
                detail: "Read it again before you publish: what is published cannot be taken back."
            ),
            PublishResult.Unchanged same => new Conflicting(
                $"Version {same.Version.Number} says the same.",
                detail: "There is nothing new to publish."
            ),
            _ => NotThere.Gone("workout"),
        };
    }

    private static async Task<Ok<IReadOnlyList<PublishedVersion>>> Versions(Guid id, PublishedStore published, CancellationToken cancel) =>
        TypedResults.Ok(await published.Of(id, cancel));

    private static async Task<Results<Ok<InForceOf>, NotThere, FieldsRefused>> ReadInForce(
        Guid id,
        int? heat,
        OpenDrafts drafts,
        PublishedStore published,
        CancellationToken cancel
    )
    {
        if (heat is < 1 or > 999)
        {
            return new FieldsRefused("heat", "Heats are numbered from 1 to 999.");
        }

        if (await drafts.Open(id, cancel) is null)
        {
            return NotThere.Gone("workout");
        }

        var versions = await published.Of(id, cancel);
        var held = versions.Select(v => (v.Number, v.HoldsFrom)).ToList();
        return TypedResults.Ok(
            new InForceOf(
                heat is { } one && HoldsFrom.InForce(held, one) is { } number ? versions.First(v => v.Number == number) : null,
                HoldsFrom.Stretches(held)
            )
        );
    }

    private static async Task<Results<Ok<Difference>, NotThere>> Changes(
        Guid id,
        int from,
        int? to,
        OpenDrafts drafts,
        PublishedStore published,
        CancellationToken cancel
    )
    {
        var versions = await published.Of(id, cancel);
        if (versions.FirstOrDefault(v => v.Number == from) is not { } older || (to is { } n && versions.All(v => v.Number != n)))
        {
            return NotThere.Gone("version");
        }

        var before = await drafts.OpenPublished(older.Id, cancel);
        if (to is { } number)
        {
            return TypedResults.Ok(
                Differences.Between(before, await drafts.OpenPublished(versions.First(v => v.Number == number).Id, cancel))
            );
        }

        return await drafts.Open(id, cancel) is { } open
            ? TypedResults.Ok(Differences.Between(before, open.Understanding))
            : NotThere.Gone("workout");
    }
}
