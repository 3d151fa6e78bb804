using FairCompass.Access;
using FairCompass.Core.Languages;
using FairCompass.Planning.Days;
using FairCompass.Store;
using FairCompass.Store.Day;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using FairCompass.Web.Opening;
using FairCompass.Web.Standings;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Day;

/// <summary>The plan of the days.</summary>
public static class PlanEndpoints
{
    /// <summary>Maps the addresses.</summary>
    public static void MapPlan(this WebApplication app)
    {
        var tag = app.MapGroup("/api/competitions/{id:guid}/plan").WithTags("Plan");
        tag.MapGet("/", Read).Needs(Right.SeeField).WithSummary("The plan, and what it does not keep to.");
        tag.MapPut("/", Set)
            .Needs(Right.PlanDay, "set what the plan keeps to")
            .WithSummary("Sets zone, rules and sessions; heats of a session that is gone go with it.");
        tag.MapPost("/make", Make).Needs(Right.PlanDay, "made the plan").WithSummary("Makes heats or judges; what stays is kept.");
        tag.MapGet("/heats/{heat:guid}/words", Words)
            .Needs(Right.SeeField)
            .WithSummary("What the sheet of a heat says, with the kit of its lanes.");
        tag.MapPost("/edit", Edit)
            .Needs(Right.PlanDay, "changed the plan")
            .WithSummary("Changes the plan by hand. What breaks a rule is done, and said.");
    }

    private static PlanShown Shown(int revision, Plan plan, Field field, PlanDifference? difference = null) =>
        new(revision, plan, field.Workouts, PlanCheck.Of(plan, field), Linking.Of(plan), MeasuringTimes.Of(plan, field), difference);

    private static async Task<Ok<PlanShown>> Read(Guid id, PlanStore plans, Fields fields, CancellationToken cancel)
    {
        var stored = await plans.Find(id, cancel);
        return TypedResults.Ok(Shown(stored?.Revision ?? 0, stored?.Value ?? Plan.Empty, await fields.Of(id, cancel)));
    }

    private static async Task<Results<Ok<PlanShown>, NotThere, Conflicting, FieldsRefused>> Set(
        Guid id,
        SetPlan set,
        CompetitionCache competitions,
        PlanStore plans,
        Fields fields,
        CancellationToken cancel
    )
    {
        if (await competitions.Find(id, cancel) is not { } competition)
        {
            return NotThere.Gone("competition");
        }

        var (stored, field) = (await plans.Find(id, cancel), await fields.Of(id, cancel));
        var before = stored?.Value ?? Plan.Empty;
        // Heats belong to a session and its workout: with another workout they are other heats.
        var sessions = set.Sessions.Select(s => (s.Id, s.Workout)).ToHashSet();
        bool Remains(Heat heat) => sessions.Contains((heat.Session, before.SessionOf(heat).Workout));
        var now = new Plan(set.Zone, set.Rules, set.Draw, set.Sessions, [.. before.Heats.Where(Remains)]) { Measuring = set.Measuring };
        var errors = PlanRulesCheck.Of(now, competition, field.Workouts.Select(w => w.Id).ToHashSet()).ToList();
        if (before.Heats.Any(h => h.State != HeatState.Planned && !Remains(h)))
        {
            errors.Add(new("sessions", "A session with heats that were called or run cannot go, and keeps its workout."));
        }

        return errors.Count > 0
            ? new FieldsRefused(errors)
            : (await Save(id, set.BaseRevision, set.SaveId, before, now, field, plans, cancel)).AsSet();
    }

    private static async Task<Results<Ok<PlanShown>, Conflicting>> Make(
        Guid id,
        MakePlan make,
        PlanStore plans,
        PlanSearchStore searches,
        Fields fields,
        ResultBook book,
        CancellationToken cancel
    )
    {
        var stored = await plans.Find(id, cancel);
        var before = stored?.Value ?? Plan.Empty;
        var field = await book.WithStanding(id, await fields.Of(id, cancel), before, cancel);
        var found = make.What == MakeWhat.Found ? await searches.Newest(id, cancel) : null;
        if (make.What == MakeWhat.Found && (found?.Findings is null || found.BaseRevision != make.BaseRevision))
        {
            return Outdated;
        }

        var now = make.What switch
        {
            MakeWhat.Found => found!.Findings!.Best,
            MakeWhat.Judges => JudgePlan.Fill(before, field, anew: true),
            MakeWhat.Gaps => Replan.Of(before, field),
            _ => GreedyPlan.Make(before, field, Guid.CreateVersion7),
        };
        return (await Save(id, make.BaseRevision, make.SaveId, before, now, field, plans, cancel)).AsMake();
    }

    private static async Task<Results<Ok<PlanShown>, Conflicting, FieldsRefused>> Edit(
        Guid id,
        EditPlan edit,
        HttpContext http,
        PlanStore plans,
        Fields fields,
        CancellationToken cancel
    )
    {
        var (stored, field) = (await plans.Find(id, cancel), await fields.Of(id, cancel));
        if (stored is null || stored.Revision != edit.BaseRevision)
        {
            // A retry whose answer was lost still finds its own save below.
            return
                stored is not null
                && (await plans.Save(id, edit.BaseRevision, edit.SaveId, stored.Value, cancel)) is SaveResult<Plan>.Saved mine
                ? TypedResults.Ok(Shown(mine.Now.Revision, mine.Now.Value, field))
                : Outdated;
        }

        var done = PlanEdits.Apply(stored.Value, field, edit.Edit);
        if (done.Value is not { } now)
        {
            return new FieldsRefused(done.Refused!);
        }

        About.Say(http, string.Join(" ", Replan.Between(stored.Value, now, field).Words.Take(2)));
        return (await Save(id, edit.BaseRevision, edit.SaveId, stored.Value, now, field, plans, cancel)).AsEdit();
    }

    private static async Task<Results<Ok<HeatWords>, NotThere>> Words(
        Guid id,
        Guid heat,
        Language? language,
        PlanStore plans,
        Fields fields,
        CancellationToken cancel
    )
    {
        if ((await plans.Find(id, cancel))?.Value is not { } plan || plan.Heats.FirstOrDefault(h => h.Id == heat) is not { } found)
        {
            return NotThere.Gone("heat");
        }

        var field = await fields.Of(id, cancel);
        var u = await fields.Definition(id, plan.SessionOf(found).Workout, cancel);
        if (u is null)
        {
            return NotThere.Gone("workout");
        }

        var tongue = Tongue.Of(language ?? Language.English) with { Form = u.Competition.Spanish };
        return TypedResults.Ok(HeatWords.Of(u.Workout.Title, found, HeatKit.Of(u, found, field, tongue), tongue));
    }

    internal static Conflicting Outdated =>
        new(
            "Somebody has changed the plan since.",
            detail: "The newest plan is shown; nothing was stored. Do it again if it is still wanted."
        );

    private readonly record struct Saved(PlanShown? Shown)
    {
        public Results<Ok<PlanShown>, NotThere, Conflicting, FieldsRefused> AsSet() => Shown is { } s ? TypedResults.Ok(s) : Outdated;

        public Results<Ok<PlanShown>, Conflicting> AsMake() => Shown is { } s ? TypedResults.Ok(s) : Outdated;

        public Results<Ok<PlanShown>, Conflicting, FieldsRefused> AsEdit() => Shown is { } s ? TypedResults.Ok(s) : Outdated;
    }

    private static async Task<Saved> Save(
        Guid id,
        int baseRevision,
        Guid saveId,
        Plan before,
        Plan now,
        Field field,
        PlanStore plans,
        CancellationToken cancel
    ) =>
        await plans.Save(id, baseRevision, saveId, now, cancel) is SaveResult<Plan>.Saved { Now: var saved }
            ? new(Shown(saved.Revision, saved.Value, field, Replan.Between(before, saved.Value, field)))
            : new(null);
}
