using FairCompass.Access;
using FairCompass.Core.Checks;
using FairCompass.Core.Competitions;
using FairCompass.Core.Drafts;
using FairCompass.Core.Explaining;
using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Store;
using FairCompass.Store.Day;
using FairCompass.Web.Access;
using FairCompass.Web.Hosting;
using FairCompass.Web.Opening;
using Microsoft.AspNetCore.Http.HttpResults;

namespace FairCompass.Web.Competitions;

/// <summary>Competitions: list, read, create, save, overview.</summary>
public static class CompetitionEndpoints
{
    /// <summary>Findings that an overview tells in all; of a competition full of broken drafts each tells its first.</summary>
    private const int MostFindings = 5000;

    /// <summary>Findings that each draft may tell in any case.</summary>
    private const int LeastFindings = 20;

    /// <summary>Maps the addresses under <c>/api/competitions</c>.</summary>
    public static void MapCompetitions(this WebApplication app)
    {
        var group = app.MapGroup("/api/competitions").WithTags("Competitions");
        group
            .MapGet(
                "/",
                async (CompetitionStore store, AccountStore accounts, Visitor visitor, CancellationToken cancel) =>
                {
                    var places = await accounts.Everywhere(visitor.Account, cancel);
                    return (await store.Names(cancel))
                        .Where(c => places.ContainsKey(c.Id))
                        .Select(c => new CompetitionEntry(c.Id, c.Name))
                        .ToList();
                }
            )
            .Needs(Right.Account)
            .WithSummary("Lists the competitions in which one is something, oldest first.");
        group.MapPost("/", Create).Needs(Right.Account, "made a competition").WithSummary("Creates a competition.");
        group.MapGet("/{id:guid}", Read).Needs(Right.Look).WithSummary("Reads a competition.");
        group
            .MapPut("/{id:guid}", Save)
            .Needs(Right.Settle, "saved the competition")
            .WithSummary("Saves a competition over a known revision; an outdated base is refused (409).");
        group
            .MapPost("/{id:guid}/kit", AddToKit)
            .Needs(Right.Settle, "added to the kit")
            .WithSummary("Adds implements to the kit of a lane; what is there already stays.");
        group.MapGet("/{id:guid}/overview", ReadOverview).Needs(Right.Look).WithSummary("The workouts with what is open in each.");
    }

    private static async Task<Results<Ok<StoredCompetition>, FieldsRefused>> Create(
        Competition competition,
        RequestKey key,
        CompetitionStore store,
        CompetitionCache cache,
        AccountStore accounts,
        Visitor visitor,
        CancellationToken cancel
    )
    {
        if (CompetitionRules.Validate(competition) is { Count: > 0 } errors)
        {
            return new FieldsRefused(errors);
        }

        var created = await store.Create(competition, [], key.Value, cancel);
        await accounts.Add(created.Id, visitor.Account, Role.Organiser, cancel);
        cache.Put(created);
        return TypedResults.Ok(Stored(created));
    }

    private static async Task<Results<Ok<StoredCompetition>, NotThere>> Read(Guid id, CompetitionStore store, CancellationToken cancel) =>
        await store.Find(id, cancel) is { } found ? TypedResults.Ok(Stored(found)) : NotThere.Gone("competition");

    private static async Task<Results<Ok<StoredCompetition>, NotThere, Conflicting, FieldsRefused>> Save(
        Guid id,
        SaveCompetition save,
        CompetitionStore store,
        WorkoutStore workouts,
        CompetitionCache cache,
        CancellationToken cancel
    )
    {
        if (CompetitionRules.Validate(save.Competition) is { Count: > 0 } errors)
        {
            return new FieldsRefused(errors);
        }

        if (await store.Find(id, cancel) is not { } current)
        {
            return NotThere.Gone("competition");
        }

        if (current.Revision == save.BaseRevision)
        {
            var drafts = await workouts.Of(id, cancel);
            if (InUse(current.Value, save.Competition, drafts.Select(d => d.Value).ToList()) is { Count: > 0 } used)
            {
                return new FieldsRefused(used);
            }
        }

        switch (await store.Save(id, save.BaseRevision, save.SaveId, save.Competition, cancel))
        {
            case SaveResult<Competition>.Saved saved:
                cache.Put(saved.Now);
                return TypedResults.Ok(Stored(saved.Now));
            case SaveResult<Competition>.Outdated outdated:
                var both = outdated.Base is { } known ? CompetitionMerge.Of(known, save.Competition, outdated.Now.Value) : null;
                return new Conflicting(
                    "Somebody else has saved this competition since.",
                    more: new Dictionary<string, object?>
                    {
                        ["current"] = Stored(outdated.Now),
                        ["changed"] = outdated.Base is null ? [] : CompetitionChanges.Between(outdated.Base, outdated.Now.Value),
                        ["merged"] = both?.Merged,
                        ["clashes"] = both?.Clashes ?? [],
                    }
                );
            default:
                return NotThere.Gone("competition");
        }
    }

    /// <summary>Adds to the newest kit, whatever somebody else saved meanwhile: adding twice is adding once.</summary>
    private static async Task<Results<Ok<StoredCompetition>, NotThere, Conflicting, FieldsRefused>> AddToKit(
        Guid id,
        KitAddition added,
        CompetitionStore store,
        CompetitionCache cache,
        CancellationToken cancel
    )
    {
        if (added is { Thing: null, Plates: false } && !LaneKit.HasMasses(added.Kit))
        {
            return new FieldsRefused("kit", "Dumbbell, Kettlebell, SandbagAndBox or BallAndTarget; other kit is named by its thing.");
        }

        if (added.Count < 1)
        {
            return new FieldsRefused("count", "From 1.");
        }

        for (var tries = 0; tries < 5; tries++)
        {
            if (await store.Find(id, cancel) is not { } current)
            {
                return NotThere.Gone("competition");
            }

            var now = current.Value with { Kit = current.Value.Kit.With(added) };
            if (now == current.Value)
            {
                return TypedResults.Ok(Stored(current));
            }

            if (CompetitionRules.Validate(now) is { Count: > 0 } errors)
            {
                return new FieldsRefused(errors);
            }

            if (await store.Save(id, current.Revision, Guid.NewGuid(), now, cancel) is SaveResult<Competition>.Saved saved)
            {
                cache.Put(saved.Now);
                return TypedResults.Ok(Stored(saved.Now));
            }
        }

        return new Conflicting("This competition is being saved by others just now; try again.");
    }

    /// <summary>Divisions that would vanish although drafts name them.</summary>
    private static List<FieldError> InUse(Competition before, Competition after, IReadOnlyList<string> drafts)
    {
        var errors = new List<FieldError>();
        foreach (var gone in before.Divisions.Where(d => after.Find(d.Name) is null))
        {
            var users = drafts
                .Select(t => Parser.Parse(t).Workout)
                .Where(w => DivisionUse.Names(w).Contains(gone.Name, StringComparer.OrdinalIgnoreCase))
                .Select(w => w.Title)
                .ToList();
            if (users.Count > 0)
            {
                errors.Add(
                    new(
                        "divisions",
                        $"{gone.Name} is used by {Words.Join(users)}. Take it out of "
                            + $"{(users.Count == 1 ? "this draft" : "these drafts")} before you remove or rename it."
                    )
                );
            }
        }

        return errors;
    }

    private static async Task<Results<Ok<Overview>, NotThere>> ReadOverview(
        Guid id,
        CompetitionCache cache,
        OpenDrafts drafts,
        PublishedStore published,
        QuestionStore questions,
        EntryStore entered,
        CancellationToken cancel
    )
    {
        if (await cache.Find(id, cancel) is not { } competition || await drafts.OpenAll(id, cancel) is not { } opened)
        {
            return NotThere.Gone("competition");
        }

        var entries = new List<WorkoutEntry>();
        var movements = new HashSet<string>(StringComparer.OrdinalIgnoreCase);
        var across = AcrossWorkouts.Of([.. opened.Select(o => o.Understanding)]);
        foreach (var (index, (draft, _, understood)) in opened.Index())
        {
            cancel.ThrowIfCancellationRequested();
            Eq<Finding> findings = [.. across[index], .. understood.Findings(cancel)];
            var open = findings.Count(f => f.Severity == Severity.MustFix);
            movements.UnionWith(
                WorkoutWords.Movements(understood.Workout).Select(m => StandardsBook.Of(competition).Find(m.Name)?.Name.English ?? m.Name)
            );
            entries.Add(
                new(
                    draft.Id,
                    understood.Workout.Title,
                    open,
                    findings.Count(f => f.IsOpen) - open,
                    understood.Workout.Scores.Count > 0
                        && !findings.Any(f =>
                            f.Rule
                                is "unfinished-unstated"
                                    or "tie-unstated"
                                    or "no-lift-unstated"
                                    or "no-score"
                                    or "score-misfit"
                                    or "more-work-ranks-lower"
                        ),
                    findings.Take(Math.Max(LeastFindings, MostFindings / opened.Count)).ToList()
                )
            );
        }

        var newest = await published.Newest(id, cancel);
        return TypedResults.Ok(
            new Overview(
                entries,
                movements.Count,
                movements.Count(m => StandardsBook.Of(competition).Find(m) is null),
                entries.Count(e => newest.ContainsKey(e.Id)),
                await questions.Unanswered(id, cancel),
                await entered.Counts(id, cancel)
            )
        );
    }

    private static StoredCompetition Stored(Versioned<Competition> c) => new(c.Id, c.Revision, c.SavedAt, c.Value);
}
