using System.Text.Json;
using FairCompass.Access;
using FairCompass.Core.Briefing;
using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.Format;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Store;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using FairCompass.Web.Opening;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;

namespace FairCompass.Web.Briefs;

/// <summary>Briefs of stored drafts.</summary>
public static class BriefEndpoints
{
    /// <summary>Maps <c>GET /api/workouts/{id}/brief</c>.</summary>
    public static void MapBriefs(this WebApplication app)
    {
        app.MapGet("/api/workouts/{id:guid}/brief", Read)
            .WithTags("Briefs")
            .Needs(Right.Look)
            .WithSummary("A paper of a saved draft for an audience, for one division or all.");
        app.MapGet("/api/workouts/{id:guid}/brief.md", Markdown)
            .WithTags("Briefs")
            .Needs(Right.Look)
            .WithSummary("The same paper as Markdown.");
        app.MapGet("/api/workouts/{id:guid}/talk", Speak)
            .WithTags("Briefs")
            .Needs(Right.Look)
            .WithSummary("The briefing of a saved draft as it is spoken to judges or athletes, part by part, with its length.");
        app.MapGet("/api/competitions/{id:guid}/pack", Pack)
            .WithTags("Briefs")
            .Needs(Right.Look)
            .WithSummary(
                "Every paper of an audience, or of all, for every workout of the competition; after some 2 MB the rest follows where the "
                    + "Link header says, from the paper with that number."
            );
    }

    /// <summary>What a reader may choose, as it stands in the address; every part may be missing.</summary>
    /// <param name="Division">One division of the workout; all when missing.</param>
    /// <param name="Language">The language of the built-in words; English when missing.</param>
    /// <param name="Figures">Whether figures stand beside the standards.</param>
    /// <param name="Trace">Whether the paper carries where each of its numbers comes from.</param>
    /// <param name="Cards">How many numbered cards, 1 to 200.</param>
    /// <param name="First">The number of the first card, 1 to 999.</param>
    /// <param name="Post">The post of a lane whose judge reads a judge brief; all when missing.</param>
    /// <param name="Head">Whether a judge brief is the head judge’s copy, with the notes of the checks that are open or let stand.</param>
    private sealed record Wanted(
        [FromQuery(Name = "division")] string? Division,
        [FromQuery(Name = "language")] Language? Language,
        [FromQuery(Name = "figures")] bool? Figures,
        [FromQuery(Name = "trace")] bool? Trace,
        [FromQuery(Name = "cards")] int? Cards,
        [FromQuery(Name = "first")] int? First,
        [FromQuery(Name = "post")] int? Post = null,
        [FromQuery(Name = "head")] bool? Head = null
    )
    {
        public BriefOptions Options =>
            new()
            {
                Language = Language ?? default,
                Figures = Figures ?? false,
                Trace = Trace ?? false,
                Cards = Cards ?? 1,
                FirstCard = First ?? 1,
                Post = Post,
                HeadJudge = Head ?? false,
            };

        /// <summary>Why a card for each of so many entries cannot be printed.</summary>
        public FieldError? Beyond(int entries) =>
            Options.FirstCard - 1 + (Options.Cards * entries) <= CardCode.Highest
                ? null
                : new(
                    "cards",
                    $"A card for each of {entries} entries would go beyond number {CardCode.Highest}: "
                        + "print fewer at once, or begin lower."
                );

        /// <summary>How many entries of a workout a division has, or all together.</summary>
        public static int Entries(Understanding u, string? division) =>
            u.Courses.Count(c => division is null || string.Equals(c.Address.Division.Name, division, StringComparison.OrdinalIgnoreCase));

        public FieldError? Error =>
            EnumInput.Objection("language", Language) is { } unknown ? unknown
            : (Cards ?? 1) is < 1 or > CardCode.Most ? new("cards", $"Print 1 to {CardCode.Most} cards at once.")
            : Post is < 1 or > 9 ? new("post", "Posts have numbers from 1 to 9.")
            : (First ?? 1) < 1 || (First ?? 1) + (Cards ?? 1) - 1 > CardCode.Highest
                ? new("first", $"Cards are numbered from 1 to {CardCode.Highest}.")
            : null;
    }

    /// <summary>An erratum is made of two published versions, so no draft has one.</summary>
    private static FieldError? NoSuch(Audience? audience) =>
        EnumInput.Objection("audience", audience) is { } unknown ? unknown
        : audience == Audience.Holder ? new("audience", "An erratum is a paper of a published version: see /api/published/{code}/erratum.")
        : null;

    private static async Task<Results<Download<MarkdownFile>, NotThere, FieldsRefused>> Markdown(
        Guid id,
        Audience audience,
        [AsParameters] Wanted wanted,
        OpenDrafts drafts,
        PublishedStore published,
        MeasurementStore measured,
        TimeProvider time,
        CancellationToken cancel
    )
    {
        var read = await Read(id, audience, wanted, drafts, published, measured, time, cancel);
        return read.Result switch
        {
            Ok<Brief> { Value: { } brief } => new Download<MarkdownFile>(
                BriefMarkdown.Write(brief),
                $"{audience.ToString().ToLowerInvariant()}.md"
            ),
            FieldsRefused refused => refused,
            var gone => (NotThere)gone,
        };
    }

    private static async Task<Results<ListedPapers, NotThere, FieldsRefused>> Pack(
        Guid id,
        Audience? audience,
        [AsParameters] Wanted wanted,
        int? from,
        HttpContext http,
        OpenDrafts drafts,
        PublishedStore published,
        TimeProvider time,
        CancellationToken cancel
    )
    {
        if ((wanted.Error ?? NoSuch(audience) ?? (from < 0 ? new("from", "From 0.") : null)) is { } error)
        {
            return new FieldsRefused(error);
        }

        if (await drafts.OpenAll(id, cancel) is not { } opened)
        {
            return NotThere.Gone("competition");
        }

        var most = opened.Count == 0 ? 0 : opened.Max(o => Wanted.Entries(o.Understanding, wanted.Division));
        if (audience is null or Audience.LaneCard && wanted.Beyond(most) is { } beyond)
        {
            return new FieldsRefused(beyond);
        }

        var today = DateOnly.FromDateTime(time.GetLocalNow().Date);
        IReadOnlyList<Audience> audiences = audience is { } one ? [one] : PaperNames.All;
        var newest = await published.Newest(id, cancel);
        var papers = new List<byte[]>();
        var (at, size) = (0, 0L);
        foreach (var open in opened)
        {
            var (print, version) = await Print(open, newest.GetValueOrDefault(open.Draft.Id), published, cancel);
            var useful = audiences.Where(a => PaperNames.IsFor(a, open.Understanding.Workout));
            foreach (var paper in useful.SelectMany(a => Papers(open.Understanding, a, today, wanted, print)))
            {
                if (at++ < (from ?? 0))
                {
                    continue;
                }

                cancel.ThrowIfCancellationRequested();
                if (size > PackBytes)
                {
                    var query = QueryString.Create(http.Request.Query.Where(q => q.Key != "from")).Add("from", $"{at - 1}");
                    http.Response.Headers.Link = $"<{http.Request.Path}{query}>; rel=\"next\"";
                    return new ListedPapers(papers);
                }

                papers.Add(JsonSerializer.SerializeToUtf8Bytes(paper() with { Version = version }, FormatContext.Default.Brief));
                size += papers[^1].Length;
            }
        }

        return new ListedPapers(papers);
    }

    /// <summary>After so many bytes of papers the rest of a pack follows in a further answer, which a link names (RFC 8288).</summary>
    private const int PackBytes = 2_000_000;

    /// <summary>Athletes get a paper, and lanes a card, for each division; all other papers are for the whole workout. A division that was
    /// asked for narrows both. The cards of a workout are numbered on from division to division, so that no two have one id.</summary>
    private static IEnumerable<Func<Brief>> Papers(Understanding u, Audience audience, DateOnly today, Wanted wanted, Fingerprint print)
    {
        // What the head judge alone reads is in no pack that is handed out.
        var options = wanted.Options with
        {
            Published = print,
            HeadJudge = false,
        };
        var names = u
            .Courses.Select(c => c.Address.Division.Name)
            .Distinct()
            .Where(d => wanted.Division is null || string.Equals(d, wanted.Division, StringComparison.OrdinalIgnoreCase))
            .ToList();
        return wanted.Division is not null && names.Count == 0 ? []
            : audience is Audience.Athlete or Audience.Poster or Audience.LaneCard
                ? names.Select(
                    (d, i) =>
                        (Func<Brief>)(
                            () =>
                                new BriefBuilder(
                                    u,
                                    d,
                                    today,
                                    options with
                                    {
                                        FirstCard =
                                            wanted.Options.FirstCard
                                            + (wanted.Options.Cards * names.Take(i).Sum(before => Wanted.Entries(u, before))),
                                    }
                                ).Build(audience)
                        )
                )
            // Each judge of a lane gets the paper of his post.
            : audience == Audience.Judge && wanted.Post is null && JudgePosts.Of(u.Workout).Numbers is { Count: > 1 } posts
                ? posts.Select(n =>
                    (Func<Brief>)(() => new BriefBuilder(u, wanted.Division, today, options with { Post = n }).Build(audience))
                )
            : [() => new BriefBuilder(u, wanted.Division, today, options).Build(audience)];
    }

    /// <summary>Code and version of the papers of a draft: one that says what the newest version says prints papers of that version;
    /// another has the code that it would be published under.</summary>
    private static async Task<(Fingerprint Print, int? Version)> Print(
        OpenDraft open,
        PublishedVersion? newest,
        PublishedStore published,
        CancellationToken cancel
    )
    {
        var print = Fingerprint.Of(open.Understanding);
        return newest is not null && await published.Says(newest, print, cancel)
            ? (new(newest.Sha256, newest.Code), newest.Number)
            : (await published.CodeOf(open.Draft.Id, print, cancel), null);
    }

    private static async Task<Results<Ok<Brief>, NotThere, FieldsRefused>> Read(
        Guid id,
        Audience audience,
        [AsParameters] Wanted wanted,
        OpenDrafts drafts,
        PublishedStore published,
        MeasurementStore measured,
        TimeProvider time,
        CancellationToken cancel
    )
    {
        if (await drafts.Open(id, cancel) is not { } open)
        {
            return NotThere.Gone("workout");
        }

        if ((wanted.Error ?? NoSuch(audience)) is { } error)
        {
            return new FieldsRefused([error]);
        }

        var u = open.Understanding;
        if (NotFor(u, wanted.Division) is { } other)
        {
            return new FieldsRefused(other);
        }

        if (audience == Audience.LaneCard && wanted.Beyond(Wanted.Entries(u, wanted.Division)) is { } beyond)
        {
            return new FieldsRefused(beyond);
        }

        var today = DateOnly.FromDateTime(time.GetLocalNow().Date);
        var options =
            audience == Audience.Measurement
                ? wanted.Options with
                {
                    Readings = (await measured.Of(id, cancel))
                        .Select(r => r with { At = TimeZoneInfo.ConvertTimeFromUtc(r.At, time.LocalTimeZone) })
                        .ToEq(),
                }
                : wanted.Options;
        var newest = (await published.Newest(open.Competition.Id, cancel)).GetValueOrDefault(id);
        var (print, version) = await Print(open, newest, published, cancel);
        return TypedResults.Ok(
            new BriefBuilder(u, wanted.Division, today, options with { Published = print }).Build(audience) with
            {
                Version = version,
            }
        );
    }

    private static FieldError? NotFor(Understanding u, string? division) =>
        division is not null && u.Courses.All(c => !string.Equals(c.Address.Division.Name, division, StringComparison.OrdinalIgnoreCase))
            ? new("division", $"This workout is not for {division}.")
            : null;

    private static async Task<Results<Ok<Talk>, NotThere, FieldsRefused>> Speak(
        Guid id,
        Audience audience,
        [AsParameters] Wanted wanted,
        OpenDrafts drafts,
        PublishedStore published,
        TimeProvider time,
        CancellationToken cancel
    )
    {
        if (await drafts.Open(id, cancel) is not { } open)
        {
            return NotThere.Gone("workout");
        }

        var spoken = audience is Audience.Judge or Audience.Athlete;
        var refused =
            wanted.Error
            ?? (spoken ? null : new FieldError("audience", "A briefing is spoken to judges or to athletes."))
            ?? NotFor(open.Understanding, wanted.Division);
        if (refused is not null)
        {
            return new FieldsRefused(refused);
        }

        var newest = (await published.Newest(open.Competition.Id, cancel)).GetValueOrDefault(id);
        var (print, _) = await Print(open, newest, published, cancel);
        var today = DateOnly.FromDateTime(time.GetLocalNow().Date);
        return TypedResults.Ok(
            new BriefBuilder(open.Understanding, wanted.Division, today, wanted.Options with { Published = print }).Speak(audience)
        );
    }
}
