using System.Text.Json;
using FairCompass.Access;
using FairCompass.Core.Briefing;
using FairCompass.Core.Drafts;
using FairCompass.Core.Format.V1;
using FairCompass.Core.InForce;
using FairCompass.Core.Pacing;
using FairCompass.Core.Playing;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;
using FairCompass.Play;
using FairCompass.Web.Access;
using FairCompass.Web.Drafting;
using FairCompass.Web.Hosting;
using FairCompass.Web.Opening;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Playing;

/// <summary>Dry runs: one run for other programs, a heat and what usually happens for the page.</summary>
public static class PlayEndpoints
{
    /// <summary>Maps the addresses.</summary>
    public static void MapPlaying(this WebApplication app)
    {
        app.MapPost("/api/play", Play)
            .WithTags("Calculators")
            .Needs(Right.Calculate)
            .WithSummary("Makes up one run of an entry: events, facts, the card, and the score; nothing is stored.");
        var group = app.MapGroup("/api/competitions/{id:guid}/dry-run").WithTags("Dry run");
        group.MapPost("/", Playable).Needs(Right.Look).WithSummary("Who can run a draft, and which paces are expected of its movements.");
        group.MapPost("/heat", PlayHeat).Needs(Right.Look).WithSummary("One made-up heat of a draft, as rows over the clock.");
        group
            .MapPost("/usual", PlayMany)
            .Needs(Right.Look)
            .WithSummary("What usually happens: many made-up runs of some entries, summed up.");
    }

    private static Results<Ok<PlayAnswer>, FieldsRefused> Play(PlayRequest request, CancellationToken cancel)
    {
        if (CompetitionRules.Validate(request.Competition) is { Count: > 0 } wrong)
        {
            return new FieldsRefused(wrong.Select(e => e with { Path = "competition." + e.Path }).ToList());
        }

        if (DraftInput.Read(request.Text, request.Workout, out var text) is { } refused)
        {
            return refused;
        }

        var u = Understanding.Of(request.Competition, text, cancel);
        var errors = PlayInput.Objections(request.Seed, request.Paces).ToList();
        var index = u.IndexOf(request.Division, request.Entry);
        if (PlayInput.Objection(u) is { } unplayable)
        {
            errors.Add(new(request.Text is null ? "workout" : "text", unplayable));
        }
        else if (index < 0)
        {
            errors.Add(new("entry", $"This workout is for {Words.Join(u.Courses.Select(c => c.Address.ToString()))}."));
        }

        if (errors.Count > 0)
        {
            return new FieldsRefused(errors);
        }

        return TypedResults.Ok(Answer(u, index, (ulong)request.Seed, Paces(u, request.Paces), cancel));
    }

    private static PlayAnswer Answer(Understanding u, int index, ulong seed, PaceTable paces, CancellationToken cancel)
    {
        var (course, sheet) = (u.Courses[index], u.Sheets[index]);
        var run = new Player(u, index, paces).Play(seed, 0, cancel);
        var card = new BriefBuilder(u, course.Address.Division.Name, default).Build(Audience.LaneCard);
        var whose = card.Sections.Any(s => s.Entry is not null) ? course.Address.ToString() : null;
        var judge = new MechanicalJudge(card, whose, PlayedCourse.Start(course, sheet, run.End.Choices));
        var typed = MechanicalDesk.Type(judge.Watch(run.Events), course, sheet);
        using var facts = JsonDocument.Parse(FactFiles.Write(run.Facts));
        return new(
            run.Events.Select(Said).ToList(),
            facts.RootElement.Clone(),
            judge.Tables(card, whose),
            typed,
            sheet.Components.Select(c => c.Name).ToList(),
            run.Score(course, u.Competition.Unit).ToList()
        );
    }

    private static async Task<Results<Ok<Playable>, NotThere, FieldsRefused>> Playable(
        Guid id,
        PlayableRequest request,
        OpenDrafts drafts,
        CancellationToken cancel
    )
    {
        if (DraftInput.Objections(request.Body, "body") is { } refused)
        {
            return refused;
        }

        if (await drafts.Read(id, request.Body, cancel) is not { } u)
        {
            return NotThere.Gone("competition");
        }

        return TypedResults.Ok(
            new Playable(
                u.Courses.Select(c => new LaneOf(c.Address.Division.Name, c.Address.Within)).ToList(),
                Expected(u),
                PlayInput.Objection(u)
            )
        );
    }

    private static async Task<Results<Ok<HeatReplay>, NotThere, FieldsRefused>> PlayHeat(
        Guid id,
        HeatRequest request,
        OpenDrafts drafts,
        CancellationToken cancel
    )
    {
        var (u, entries, refusal) = await Read(id, request.Body, request.Lanes, "lanes", request.Seed, request.Paces, drafts, cancel);
        if (u is null)
        {
            return refusal is null ? NotThere.Gone("competition") : refusal;
        }

        if (refusal is not null)
        {
            return refusal;
        }

        return entries.Count is < 1 or > Heat.MostLanes
            ? new FieldsRefused("lanes", $"From 1 to {Heat.MostLanes} lanes.")
            : TypedResults.Ok(Heat.Play(u, entries, (ulong)request.Seed, Paces(u, request.Paces), cancel));
    }

    private static async Task<Results<Ok<Usual>, NotThere, FieldsRefused>> PlayMany(
        Guid id,
        UsualRequest request,
        OpenDrafts drafts,
        PlayQueue queue,
        CancellationToken cancel
    )
    {
        var (u, entries, refusal) = await Read(id, request.Body, request.Entries, "entries", request.Seed, request.Paces, drafts, cancel);
        if (u is null)
        {
            return refusal is null ? NotThere.Gone("competition") : refusal;
        }

        if (refusal is null && request.Runs is < 1 or > ManyRuns.Most)
        {
            refusal = new FieldsRefused("runs", $"From 1 to {ManyRuns.Most} runs.");
        }
        else if (refusal is null && (entries.Count == 0 || entries.Distinct().Count() < entries.Count))
        {
            refusal = new FieldsRefused("entries", "At least one entry, and each once.");
        }
        else if (refusal is null && (long)entries.Count * request.Runs > ManyRuns.MostTogether)
        {
            refusal = new FieldsRefused(
                "runs",
                $"At most {ManyRuns.MostTogether} runs of all entries together; ask for fewer entries at once."
            );
        }

        if (refusal is not null)
        {
            return refusal;
        }

        var paces = Paces(u, request.Paces);
        return TypedResults.Ok(
            await queue.Do(c => ManyRuns.Play(u, entries, request.Runs, (ulong)request.Seed, paces, PlayQueue.Hands, c), cancel)
        );
    }

    private static async Task<(Understanding? Read, List<int> Entries, FieldsRefused? Refusal)> Read(
        Guid id,
        string body,
        IReadOnlyList<LaneOf> lanes,
        string path,
        long seed,
        IReadOnlyList<Pace>? paces,
        OpenDrafts drafts,
        CancellationToken cancel
    )
    {
        if (DraftInput.Objections(body, "body") is { } refused)
        {
            return (null, [], refused);
        }

        if (await drafts.Read(id, body, cancel) is not { } u)
        {
            return (null, [], null);
        }

        var entries = new List<int>();
        var errors = PlayInput.Objections(seed, paces).Concat(PlayInput.Entries(u, lanes, path, entries)).Take(50).ToList();
        if (PlayInput.Objection(u) is { } unplayable)
        {
            errors.Insert(0, new("body", unplayable));
        }

        return (u, entries, errors.Count > 0 ? new FieldsRefused(errors) : null);
    }

    private static PaceTable Paces(Understanding u, IReadOnlyList<Pace>? paces) => new(u.Competition.Paces.Concat(paces ?? []));

    /// <summary>The paces of the movements of a draft, each with who has put it down.</summary>
    private static List<ExpectedPace> Expected(Understanding u)
    {
        var table = new PaceTable(u.Competition.Paces);
        return u
            .Courses.SelectMany(c => c.Pieces)
            .SelectMany(p => p.Tasks)
            .SelectMany(t => t.Options.Count > 0 ? t.Options.Select(o => o.Prescription) : [t.Prescription])
            .Select(p => (p.Movement.Value, Unit: (p.Amount?.Value).UnitOf()))
            // A second lasts one, whoever holds.
            .Where(m => m.Unit != AmountUnit.Second)
            .Distinct()
            .SelectMany(m =>
                u.Competition.Paces.Where(p =>
                        p.Division is not null && p.Unit == m.Unit && string.Equals(p.Movement, m.Value, StringComparison.OrdinalIgnoreCase)
                    )
                    .Prepend(table.Of(m.Value, m.Unit, null))
            )
            .Select(p => new ExpectedPace(p, !u.Competition.Paces.Contains(p)))
            .ToList();
    }

    private static PlayedEvent Said(Happening h) =>
        h.What switch
        {
            Happened.Done d => new(h.At, "done", d.Piece, d.Strand, d.Units, d.Seat),
            Happened.NoRep n => new(h.At, "noRep", n.Piece, n.Strand, Seat: n.Seat, Fault: n.Fault),
            Happened.HandedOver o => new(h.At, "handedOver", o.Piece, Seat: o.Seat),
            Happened.HoldTaken o => new(h.At, "holdTaken", o.Piece, Seat: o.Seat),
            Happened.HoldBroken o => new(h.At, "holdBroken", o.Piece, Seat: o.Seat),
            Happened.Lifted l => new(h.At, "lifted", l.Piece, Seat: l.Seat, Load: l.Load, Made: l.Made),
            Happened.OptionTaken o => new(h.At, "optionTaken", o.Piece, Task: o.Task, Option: o.Option),
            Happened.MoveDone m => new(h.At, "moveDone", m.Piece),
            Happened.ReRigged r => new(h.At, "reRigged", r.Piece),
            Happened.Stopped => new(h.At, "stopped"),
            _ => new(h.At, "clockCame"),
        };
}
