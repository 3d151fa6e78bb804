using FairCompass.Planning.Days;
using NodaTime;
using NodaTime.Text;

namespace FairCompass.Planning.Solving;

/// <summary>Why a day cannot be over when it should: the few rules that cannot be kept together.</summary>
internal sealed class DayConflicts(Plan plan, Field field, SearchLimit limit, CancellationToken cancel)
{
    private const long Midnight = 24 * 60;

    /// <summary>The conflicts of a plan, one for each day that is too long whoever plans it.</summary>
    public IEnumerable<PlanConflict> Of() => plan.Sessions.Select(s => s.Starts.Date).Distinct().Order().Select(Of).OfType<PlanConflict>();

    private PlanConflict? Of(LocalDate day)
    {
        var until = plan.Rules.Until is { } t ? (t.Hour * 60) + t.Minute : Midnight;
        var kept = Rules(day).ToList();
        if (Earliest(day, kept) is not { } earliest || earliest <= until)
        {
            return null;
        }

        // What can be left out while the day is still too long is not to blame.
        foreach (var rule in kept.ToList())
        {
            var less = kept.Where(k => k != rule).ToList();
            if (Earliest(day, less) is { } still && still > until)
            {
                kept = less;
            }
        }

        var alone = Earliest(day, []);
        return new(
            $"{Said(day)} cannot be over by {Clock(until)}: these heats take until {Clock(earliest)} at least"
                + (kept.Count > 0 ? " while all of this holds:" : $", the floor alone until {Clock(alone ?? earliest)}."),
            [.. kept.Select(k => k.Sentence)]
        );
    }

    /// <summary>A rule that could be left out.</summary>
    private sealed record Rule(string Sentence, Guid? Heat, bool IsRest);

    private IEnumerable<Rule> Rules(LocalDate day)
    {
        foreach (var heat in plan.Heats.Where(h => h is { Fixed: true, State: HeatState.Planned } && h.Starts.Date == day))
        {
            var title = field.Workout(plan.SessionOf(heat).Workout)?.Title;
            yield return new(
                $"{title}, heat {heat.Number} is fixed at {Clock((heat.Starts.Hour * 60) + heat.Starts.Minute)}.",
                heat.Id,
                false
            );
        }

        yield return new("The best run last, and divisions in the order that is asked.", null, false);
        yield return new($"{plan.Rules.RestMinutes} min of rest between two runs of one athlete.", null, true);
    }

    private long? Earliest(LocalDate day, List<Rule> kept)
    {
        bool IsFree(Heat h) => h is { Fixed: true, State: HeatState.Planned } && !kept.Exists(k => k.Heat == h.Id);
        var freed = plan with { Heats = [.. plan.Heats.Select(h => IsFree(h) ? h with { Fixed = false } : h)] };
        var rules = new OrderRules(kept.Exists(k => k.IsRest), kept.Exists(k => !k.IsRest && k.Heat is null));
        return new OrderModel(freed, field, GreedyPlan.Make(freed, field, Guid.NewGuid), rules).Earliest(day, limit, cancel);
    }

    private static string Said(LocalDate day) => LocalDatePattern.CreateWithInvariantCulture("dddd d MMMM").Format(day);

    private static string Clock(long minutes) => $"{minutes / 60:00}:{minutes % 60:00}";
}
