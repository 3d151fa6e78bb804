using FairCompass.Core.Briefing;
using FairCompass.Core.Drafts;
using FairCompass.Core.Pacing;
using FairCompass.Core.Playing;
using FairCompass.Core.Publishing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Outcomes.Desk;
using FairCompass.Outcomes.Incidents;
using FairCompass.Planning.Days;
using FairCompass.Play;
using FairCompass.Store;
using FairCompass.Store.Day;
using FairCompass.Web.Day;
using FairCompass.Web.Opening;
using Heat = FairCompass.Planning.Days.Heat;
using PlannedCard = FairCompass.Planning.Days.Card;

namespace FairCompass.Web.Standings;

/// <summary>The first day of the demo as it was run: runs made by the seeded player, their cards by the mechanical judge and desk. Some
/// cards
/// are missing, one cannot be, one is corrected, a protest is open, and the results are partly final.</summary>
/// <param name="plans">The plan.</param>
/// <param name="fields">Everybody.</param>
/// <param name="cards">Where cards are kept.</param>
/// <param name="scores">What is typed.</param>
/// <param name="results">Incidents and final results.</param>
/// <param name="book">The tables.</param>
/// <param name="published">The versions.</param>
/// <param name="workouts">The drafts.</param>
/// <param name="competitions">The competition.</param>
/// <param name="accounts">Who types.</param>
/// <param name="drafts">Opens versions.</param>
public sealed class DemoResults(
    PlanStore plans,
    Fields fields,
    CardStore cards,
    ScoreStore scores,
    ResultStore results,
    ResultBook book,
    PublishedStore published,
    WorkoutStore workouts,
    CompetitionStore competitions,
    AccountStore accounts,
    OpenDrafts drafts
)
{
    private const ulong Seed = 2027;
    private static readonly string[] ToPublish = ["Ferry Bell", "Undertow"];

    private sealed record Typed(PlannedCard Card, int Heat, int Lane, RunObservation Run, Eq<NoReps> NoReps);

    /// <summary>Runs the first day.</summary>
    /// <param name="competition">The demo.</param>
    /// <param name="desk">The account of the desk.</param>
    /// <param name="second">The account of who types once more and decides.</param>
    /// <param name="cancel">Cancels.</param>
    public async Task Run(Guid competition, string desk, string second, CancellationToken cancel)
    {
        var (one, two) = ((await accounts.Find(desk, cancel))!.Id, (await accounts.Find(second, cancel))!.Id);
        await Publish(competition, cancel);
        var versioned = (await plans.Find(competition, cancel))!;
        var day = versioned.Value.Sessions.Min(s => s.Starts.Date);
        bool First(Heat h) => versioned.Value.SessionOf(h).Starts.Date == day;
        var next = versioned.Value.Heats.First(h => !First(h)).Id;
        var plan = versioned.Value with
        {
            Heats =
            [
                .. versioned.Value.Heats.Select(h =>
                    h with
                    {
                        State =
                            First(h) ? HeatState.Run
                            : h.Id == next ? HeatState.Called
                            : HeatState.Planned,
                    }
                ),
            ],
        };
        await plans.Save(competition, versioned.Revision, Guid.CreateVersion7(), plan, cancel);
        var field = await fields.Of(competition, cancel);
        var typed = await Play(competition, plan, [.. plan.Heats.Where(First)], field, cancel);
        await Type(competition, plan, typed, one, two, cancel);
        await Decide(competition, plan, typed, two, cancel);
    }

    /// <summary>What is run that day is published.</summary>
    private async Task Publish(Guid competition, CancellationToken cancel)
    {
        var now = (await competitions.Find(competition, cancel))!;
        foreach (var draft in await workouts.Of(competition, cancel))
        {
            if (ToPublish.Any(t => draft.Value.StartsWith(t + "\n", StringComparison.Ordinal)))
            {
                var u = Understanding.Of(now.Value, draft.Value, cancel);
                var what = new ToPublish(draft.Id, Guid.CreateVersion7(), Fingerprint.Of(u), PublishedDocument.Of(u), "", "");
                await published.Publish(what, draft.Revision, now.Revision, cancel);
            }
        }
    }

    /// <summary>The cards of the day as they come back from the lanes.</summary>
    private async Task<List<Typed>> Play(Guid competition, Plan plan, IReadOnlyList<Heat> heats, Field field, CancellationToken cancel)
    {
        var newest = await published.Newest(competition, cancel);
        var wanted = heats.SelectMany(h =>
            h.Lanes.Select(l => (Workout: plan.SessionOf(h).Workout, l.Entry, Heat: h.Id))
                .Select(r => new RunWithoutCard(r.Workout, newest[r.Workout].Id, r.Entry, r.Heat))
        );
        var at = heats.ToDictionary(h => h.Id);
        var printed = (await cards.Print(competition, [.. wanted], cancel))
            .Where(c => at.ContainsKey(c.Heat) && c.State is not (CardState.Missing or CardState.Out or CardState.Replaced))
            .ToList();
        var all = new List<Typed>();
        foreach (var workout in printed.GroupBy(c => c.Version))
        {
            var u = await drafts.OpenPublished(workout.Key, cancel);
            all.AddRange(
                workout
                    .Select(c => (Card: c, Index: EntryCourse.IndexOf(u, field.Entry(c.Entry)!)))
                    .Where(x => x.Index >= 0)
                    .GroupBy(x => x.Index)
                    .AsParallel()
                    .SelectMany(g => Played(u, g.Key, [.. g.Select(x => x.Card)], at, cancel))
                    .ToList()
            );
        }

        return [.. all.OrderBy(t => at[t.Card.Heat].Starts).ThenBy(t => t.Lane)];
    }

    private static List<Typed> Played(
        Understanding u,
        int index,
        IReadOnlyList<PlannedCard> cards,
        Dictionary<Guid, Heat> at,
        CancellationToken cancel
    )
    {
        var (course, sheet) = (u.Courses[index], u.Sheets[index]);
        var player = new Player(u, index, PaceTable.Usual);
        var paper = new BriefBuilder(u, course.Address.Division.Name, default).Build(Audience.LaneCard);
        var whose = paper.Sections.Any(s => s.Entry is not null) ? course.Address.ToString() : null;
        return
        [
            .. cards.Select(
                (card, i) =>
                {
                    var run = player.Play(Seed + (ulong)card.Number, (ulong)i, cancel);
                    var start = PlayedCourse.Start(course, sheet, run.End.Choices);
                    var judge = new MechanicalJudge(paper, whose, start);
                    var says = MechanicalDesk.Type(judge.Watch(run.Events), course, sheet);
                    // The desk reads what a hand types; nothing reaches the results on another way.
                    var read = CardReader.Read(CardTexts.Typed(says, course, sheet), course, sheet);
                    return new Typed(
                        card,
                        at[card.Heat].Number,
                        at[card.Heat].Lanes.First(l => l.Entry == card.Entry).Lane,
                        read.Run ?? says,
                        NoRepsOf(run, start)
                    );
                }
            ),
        ];
    }

    /// <summary>The no-reps of a run, each told of the movement that was in hand.</summary>
    private static Eq<NoReps> NoRepsOf(PlayedRun run, PlayedCourse start)
    {
        var (state, tallied) = (start, new Dictionary<string, long>(StringComparer.Ordinal));
        foreach (var happening in run.Events)
        {
            if (happening.What is Happened.NoRep no)
            {
                var piece = state.Pieces.First(p => p.Piece.Piece.Key == no.Piece);
                var task = piece.Strands.First(s => s.Of.Key == no.Strand).Next?.Task ?? 0;
                var movement = piece.Piece.Tasks[task].Prescription.Movement.Value;
                tallied[movement] = tallied.GetValueOrDefault(movement) + 1;
            }

            state = state.After(happening);
        }

        return [.. tallied.Select(t => new NoReps(t.Key, t.Value))];
    }

    /// <summary>The desk types the day: the first three workouts twice, of the last heat of the day nothing yet.</summary>
    private async Task Type(Guid competition, Plan plan, List<Typed> typed, Guid one, Guid two, CancellationToken cancel)
    {
        var last = typed[^1].Card.Heat;
        var twice = plan.Sessions.Take(3).Select(s => s.Workout).ToHashSet();
        var corrected = typed.First(t => t.Run.Pieces.Any(p => p.Finish is not null));
        var impossible = typed.Last(t => t.Card.Heat != last && t.Run.Pieces.Any(p => p.Finish is not null));
        foreach (var t in typed.Where(t => t.Card.Heat != last && t != impossible))
        {
            Acting.Now = new(one, null);
            var slip = t == corrected ? Slower(t.Run) : t.Run;
            await Add(competition, t, ScoreFactKind.Entered, slip, "", cancel);
            if (twice.Contains(t.Card.Workout))
            {
                Acting.Now = new(two, null);
                await Add(competition, t, ScoreFactKind.Again, t.Run, "", cancel);
            }

            if (t == corrected)
            {
                await Add(competition, t, ScoreFactKind.Corrected, t.Run, "read as a seven at first; the card says one", cancel);
            }
        }

        Acting.Now = new(one, null);
        await cards.Say(
            competition,
            impossible.Card.Id,
            CardState.Back,
            "desk",
            "the finish on it lies behind the cap; the judge is asked",
            cancel
        );
        foreach (var t in typed.Where(t => t.Card.Heat == last))
        {
            await cards.Say(competition, t.Card.Id, CardState.Back, "", "", cancel);
        }
    }

    private static RunObservation Slower(RunObservation run) =>
        run with
        {
            Pieces = [.. run.Pieces.Select(p => p.Finish is { } f ? p with { Finish = new Duration(f.Ms + 6000) } : p)],
        };

    private async Task Add(Guid competition, Typed t, ScoreFactKind kind, RunObservation run, string reason, CancellationToken cancel)
    {
        var seen = await scores.Newest(t.Card.Id, cancel);
        var fact = new NewFact(t.Card.Id, Guid.CreateVersion7(), seen, kind, run, t.NoReps, reason);
        if ((await scores.Add(competition, fact, cancel)).Refusal is not ScoreRefusal.None and var refused)
        {
            throw new InvalidOperationException($"The demo cannot be typed: {refused}.");
        }
    }

    /// <summary>A penalty, a protest that is open, and final results where nothing is in the way.</summary>
    private async Task Decide(Guid competition, Plan plan, List<Typed> typed, Guid two, CancellationToken cancel)
    {
        Acting.Now = new(two, null);
        var now = DateTime.UtcNow;
        var third = typed.First(t => t.Card.Workout == plan.Sessions[2].Workout);
        var second = typed.First(t => t.Card.Workout == plan.Sessions[1].Workout);
        await results.Report(
            competition,
            Guid.CreateVersion7(),
            new(
                IncidentKind.Penalty,
                second.Card.Workout,
                second.Card.Heat,
                [second.Card.Entry],
                "Left the lane before the judge had written the time down, and came back.",
                "the judge of the lane",
                now.AddMinutes(30)
            ),
            cancel
        );
        await results.Decide(
            competition,
            1,
            Guid.CreateVersion7(),
            0,
            new(IncidentOutcome.Stands, "The time was on the card already; nobody was hindered.", "", []),
            null,
            cancel
        );
        await results.Report(
            competition,
            Guid.CreateVersion7(),
            new(
                IncidentKind.Protest,
                third.Card.Workout,
                third.Card.Heat,
                [third.Card.Entry],
                "Says that one round more was done than the card shows; a film of the lane is offered.",
                "the athlete",
                now.AddMinutes(30)
            ),
            cancel
        );
        foreach (var workout in (await book.Of(competition, cancel)).Workouts.ToList())
        {
            foreach (var standing in workout.Standings.Where(s => s.Open.Count == 0))
            {
                var snapshot = await book.Snapshot(competition, cancel);
                var fact = FinalDocument.Of(snapshot, book.Of(snapshot), competition, workout.Workout, standing.Division);
                await results.Finish(competition, Guid.CreateVersion7(), snapshot.Seq, fact, cancel);
            }
        }

        Acting.Now = new(null, null);
    }
}
