using FairCompass.Planning.Days;
using FairCompass.Store;
using FairCompass.Store.Day;
using FairCompass.Store.Demo;
using NodaTime;

namespace FairCompass.Web.Day;

/// <summary>Two days of the demo, planned and drawn; the first heats of the first day are run.</summary>
/// <param name="people">Enters everybody.</param>
/// <param name="plans">Where the plan is stored.</param>
/// <param name="fields">What it is made from.</param>
/// <param name="cards">Where cards are kept.</param>
/// <param name="published">Which versions there are.</param>
public sealed class DemoPlan(SaltmarshPeople people, PlanStore plans, Fields fields, CardStore cards, PublishedStore published)
{
    private static readonly (string Workout, int Day, int Hour, int Minute, int Lanes)[] Programme =
    [
        ("Twin Tides", 12, 8, 0, 4),
        ("Towline", 12, 9, 30, 8),
        ("Ferry Bell", 12, 10, 15, 8),
        ("Undertow", 12, 14, 15, 8),
        ("Breakwater", 13, 8, 0, 8),
        ("Cockle Row", 13, 12, 15, 8),
        ("Drying Out", 13, 16, 0, 4),
        ("Swing Bridge", 13, 17, 45, 8),
    ];

    /// <summary>Enters everybody and plans the days, where nobody has.</summary>
    /// <param name="competition">The demo.</param>
    /// <param name="cancel">Cancels.</param>
    public async Task Seed(Guid competition, CancellationToken cancel)
    {
        await people.Seed(competition, cancel);
        var field = await fields.Of(competition, cancel);
        var sessions = Programme.Select(p => new Session(
            Guid.CreateVersion7(),
            field.Workouts.First(w => w.Title == p.Workout).Id,
            new LocalDateTime(2027, 6, p.Day, p.Hour, p.Minute),
            "Main floor",
            p.Lanes,
            HeatOrder.Seeded,
            true,
            true,
            new(150, null, 2),
            []
        ));
        var empty = new Plan("Europe/London", PlanRules.Usual, 2027, [.. sessions], [])
        {
            Measuring = [new(Guid.CreateVersion7(), new LocalDateTime(2027, 6, 12, 6, 30), "Boathouse", 3, 4)],
        };
        var plan = GreedyPlan.Make(empty, field, Guid.CreateVersion7);
        var begun = plan with
        {
            Heats =
            [
                .. plan.Heats.Select(
                    (h, i) =>
                        h with
                        {
                            State =
                                i < 4 ? HeatState.Run
                                : i == 4 ? HeatState.Called
                                : HeatState.Planned,
                        }
                ),
            ],
        };
        await plans.Save(competition, 0, Guid.CreateVersion7(), begun, cancel);
        await Print(competition, begun, field, cancel);
    }

    /// <summary>The cards of the first session: those of three heats are back, of the fourth one is missing and one with its judge, and
    /// those of the heat that stands ready are out.</summary>
    private async Task Print(Guid competition, Plan plan, Field field, CancellationToken cancel)
    {
        var session = plan.Sessions[0];
        var heats = plan.Heats.Where(h => h.Session == session.Id).ToList();
        var version = (await published.Of(session.Workout, cancel))[0];
        var runs = heats.SelectMany(h => h.Lanes.Select(l => new RunWithoutCard(session.Workout, version.Id, l.Entry, h.Id)));
        foreach (var card in await cards.Print(competition, [.. runs], cancel))
        {
            var heat = heats.First(h => h.Id == card.Heat);
            var lane = heat.Lanes.First(l => l.Entry == card.Entry);
            var judge = string.Join(", ", lane.Judges.OfType<Guid>().Select(j => field.Judge(j)?.Name));
            await cards.Say(competition, card.Id, CardState.Out, judge, "", cancel);
            if (heat.Number < 4 || (heat.Number == 4 && lane.Lane > 2))
            {
                await cards.Say(competition, card.Id, CardState.Back, "", "", cancel);
            }
            else if (heat.Number == 4 && lane.Lane == 1)
            {
                await cards.Say(competition, card.Id, CardState.Missing, "", "not in the box of the lane", cancel);
            }
        }
    }
}
