using FairCompass.Core.Quantities;
using NodaTime;

namespace FairCompass.Planning.Days;

/// <summary>What is different between two plans, for those it touches.</summary>
/// <param name="Words">Each heat that changed, in words.</param>
/// <param name="Entries">How many entries have another heat, lane or time.</param>
/// <param name="Judges">How many judges have another heat, lane or time.</param>
public sealed record PlanDifference(Eq<string> Words, int Entries, int Judges);

/// <summary>Goes on with a plan after something happened: heats that were called or run stay, and of the rest as little moves as can
/// be.</summary>
public static class Replan
{
    /// <summary>The plan with a heat later, and what follows on its floor, and whoever must rest, as far as they must; a judge who would
    /// then stand in two places or in a break is relieved.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="heat">The heat.</param>
    /// <param name="minutes">How much later.</param>
    public static Plan Delayed(Plan plan, Field field, Guid heat, int minutes) =>
        JudgePlan.Fill(
            Settled(
                plan with
                {
                    Heats = [.. plan.Heats.Select(h => h.Id == heat ? h with { Starts = h.Starts.PlusMinutes(minutes) } : h)],
                },
                field
            ),
            field
        );

    /// <summary>The plan for the field as it is now: who does not start is taken out, posts that lost their judge get another, and heats
    /// that would now stand too early wait.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="field">Everybody, as they are now.</param>
    public static Plan Of(Plan plan, Field field) =>
        JudgePlan.Fill(
            Settled(
                plan with
                {
                    Heats =
                    [
                        .. plan
                            .Heats.Select(h =>
                                h.State == HeatState.Run
                                    ? h
                                    : h with
                                    {
                                        Lanes = [.. h.Lanes.Where(l => field.Entry(l.Entry) is { Starts: true })],
                                    }
                            )
                            .Where(h => h.Lanes.Count > 0),
                    ],
                },
                field
            ),
            field
        );

    /// <summary>What is different, in words and in numbers.</summary>
    /// <param name="before">The plan that people hold.</param>
    /// <param name="now">The one that holds now.</param>
    /// <param name="field">Everybody.</param>
    public static PlanDifference Between(Plan before, Plan now, Field field)
    {
        var was = before.Heats.ToDictionary(h => h.Id);
        var words = new List<string>();
        foreach (var heat in now.Heats)
        {
            words.AddRange(
                was.GetValueOrDefault(heat.Id) is { } old
                    ? Changed(old, heat, now, field)
                    : [$"{Name(heat, now, field)} is new, at {At(heat.Starts)}."]
            );
        }

        var left = now.Heats.Select(h => h.Id).ToHashSet();
        words.AddRange(before.Heats.Where(h => !left.Contains(h.Id)).Select(h => $"{Name(h, before, field)} is gone."));
        return new([.. words], Moved(before, now, EntriesOf), Moved(before, now, JudgesOf));
    }

    private static IEnumerable<(Guid, (Guid, int, LocalDateTime))> EntriesOf(Plan plan) =>
        plan.Heats.SelectMany(h => h.Lanes.Select(l => (l.Entry, (h.Session, l.Lane, h.Starts))));

    private static IEnumerable<(Guid, (Guid, int, LocalDateTime))> JudgesOf(Plan plan) =>
        plan.Heats.SelectMany(h => h.Lanes.SelectMany(l => l.Judges.OfType<Guid>().Select(j => (j, (h.Session, l.Lane, h.Starts)))));

    private static int Moved(Plan before, Plan now, Func<Plan, IEnumerable<(Guid Who, (Guid, int, LocalDateTime) Where)>> of)
    {
        var was = of(before).ToLookup(x => x.Who, x => x.Where);
        var stands = of(now).ToLookup(x => x.Who, x => x.Where);
        return was.Select(g => g.Key).Union(stands.Select(g => g.Key)).Count(who => !was[who].ToHashSet().SetEquals(stands[who]));
    }

    private static IEnumerable<string> Changed(Heat old, Heat heat, Plan now, Field field)
    {
        var name = Name(heat, now, field);
        if (old.Starts != heat.Starts)
        {
            yield return $"{name} starts at {At(heat.Starts)}, not {At(old.Starts)}.";
        }

        foreach (var lane in heat.Lanes)
        {
            var had = old.Lanes.FirstOrDefault(l => l.Entry == lane.Entry);
            var who = field.Entry(lane.Entry)?.Name ?? "somebody";
            if (had is null)
            {
                yield return $"{name}: {who} in lane {lane.Lane} is new.";
            }
            else if (had.Lane != lane.Lane)
            {
                yield return $"{name}: {who} stands in lane {lane.Lane}, not {had.Lane}.";
            }
        }

        foreach (var gone in old.Lanes.Where(o => heat.Lanes.All(l => l.Entry != o.Entry)))
        {
            yield return $"{name}: {field.Entry(gone.Entry)?.Name ?? "somebody"} is out.";
        }

        foreach (var lane in heat.Lanes)
        {
            var before = old.Lanes.FirstOrDefault(l => l.Lane == lane.Lane)?.Judges ?? [];
            foreach (var (judge, post) in lane.Judges.Select((j, i) => (j, i)).Where(x => x.i >= before.Count || before[x.i] != x.j))
            {
                yield return $"{name}, lane {lane.Lane}: {(judge is { } j ? field.Judge(j)?.Name ?? "somebody" : "nobody")} judges"
                    + (lane.Judges.Count > 1 ? $", post {post + 1}." : ".");
            }
        }
    }

    /// <summary>Pushes heats later, in the order they stand in, which a delay does not change, until each floor is free before them and
    /// their people are rested. Nothing is pulled forward: who was told a time is not called before it.</summary>
    private static Plan Settled(Plan plan, Field field)
    {
        var done = new List<Heat>();
        var runs = new Dictionary<Guid, LocalDateTime>();
        foreach (var heat in plan.Heats)
        {
            var floor = plan.SessionOf(heat).Floor;
            var now = heat;
            if (!heat.Stays)
            {
                var free = done.Where(h => plan.SessionOf(h).Floor == floor)
                    .Select(h => h.Ends.PlusSeconds(heat.Before))
                    .DefaultIfEmpty(heat.Starts)
                    .Max();
                var rested = People(heat, field)
                    .Select(p => runs.TryGetValue(p, out var r) ? r : heat.Starts)
                    .DefaultIfEmpty(heat.Starts)
                    .Max();
                now = heat with { Starts = WholeMinutes.From(Later(heat.Starts, Later(free, rested))) };
            }

            done.Add(now);
            foreach (var person in People(now, field))
            {
                var rested = now.Ends.PlusMinutes(plan.Rules.RestMinutes);
                runs[person] = runs.TryGetValue(person, out var already) ? Later(already, rested) : rested;
            }
        }

        return plan with
        {
            Heats = GreedyPlan.Numbered(done),
        };
    }

    private static LocalDateTime Later(LocalDateTime a, LocalDateTime b) => a > b ? a : b;

    private static IEnumerable<Guid> People(Heat heat, Field field) =>
        heat.Lanes.SelectMany(l => field.Entry(l.Entry)?.Members.Select(m => m.Id) ?? []);

    private static string Name(Heat heat, Plan plan, Field field) =>
        $"{field.Workout(plan.SessionOf(heat).Workout)?.Title ?? "A workout that is gone"}, heat {heat.Number}";

    private static string At(LocalDateTime time) => NodaTime.Text.LocalDateTimePattern.CreateWithInvariantCulture("HH:mm").Format(time);
}
