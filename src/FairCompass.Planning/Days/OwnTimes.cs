using FairCompass.Core.Quantities;
using NodaTime;

namespace FairCompass.Planning.Days;

/// <summary>One time of one person’s day: a heat, or being measured.</summary>
/// <param name="Heat">The heat; where somebody is measured the heat before which it has to be.</param>
/// <param name="Workout">The name of the workout.</param>
/// <param name="Number">The number of the heat; 0 where somebody is measured.</param>
/// <param name="Lane">The lane; 0 where somebody is measured, and for a floor, which has all of them.</param>
/// <param name="Ready">When to stand ready, local time.</param>
/// <param name="Starts">When the clock starts, local time.</param>
/// <param name="Ends">When it stops, local time.</param>
/// <param name="Floor">Where.</param>
/// <param name="What">What they do there: whose entry it is, or whom they judge.</param>
public sealed record OwnTime(
    Guid Heat,
    string Workout,
    int Number,
    int Lane,
    LocalDateTime Ready,
    LocalDateTime Starts,
    LocalDateTime Ends,
    string Floor,
    string What
)
{
    /// <summary>Who is measured; null for a heat.</summary>
    public Guid? Measured { get; init; }
}

/// <summary>Everybody’s own times, out of the one plan.</summary>
public static class OwnTimes
{
    /// <summary>The times of an entry.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="entry">The entry.</param>
    public static Eq<OwnTime> OfEntry(Plan plan, Field field, Guid entry) =>
        Of(plan, field, l => l.Entry == entry, l => field.Entry(l.Entry)?.PublicName ?? "", m => m.Entry == entry);

    /// <summary>The times of a gym, whoever of it runs.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="gym">The gym, compared as names are.</param>
    public static Eq<OwnTime> OfGym(Plan plan, Field field, string gym) =>
        Of(
            plan,
            field,
            l => field.Entry(l.Entry) is { } entry && IsOf(entry, gym),
            l => field.Entry(l.Entry)?.PublicName ?? "",
            m => field.Entry(m.Entry) is { } entry && IsOf(entry, gym)
        );

    /// <summary>True where somebody of an entry trains in a gym.</summary>
    /// <param name="entry">The entry.</param>
    /// <param name="gym">The gym, compared as names are.</param>
    public static bool IsOf(People.Entry entry, string gym) =>
        entry.Members.Any(m => Core.Publishing.NameList.Key(m.Gym) == Core.Publishing.NameList.Key(gym));

    /// <summary>The times of a judge.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="judge">The judge.</param>
    public static Eq<OwnTime> OfJudge(Plan plan, Field field, Guid judge) =>
        Of(
            plan,
            field,
            l => l.Judges.Any(j => j == judge),
            l => "judge " + (field.Entry(l.Entry)?.PublicName ?? "") + (l.Judges.Count > 1 ? $", post {Post(l, judge)}" : ""),
            _ => false
        );

    /// <summary>The times of a floor, for its crew: each heat with what is done before it.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="floor">The floor.</param>
    public static Eq<OwnTime> OfFloor(Plan plan, Field field, string floor) =>
        [
            .. plan
                .Heats.Where(h => plan.SessionOf(h).Floor == floor)
                .Select(h => new OwnTime(
                    h.Id,
                    field.Workout(plan.SessionOf(h).Workout)?.Title ?? "",
                    h.Number,
                    0,
                    h.Starts.PlusSeconds(-h.Before),
                    h.Starts,
                    h.Ends,
                    floor,
                    string.Join("; ", Crew(h, field))
                )),
        ];

    /// <summary>What the crew of a floor does before a heat, and for whom.</summary>
    private static IEnumerable<string> Crew(Heat heat, Field field)
    {
        yield return string.Join(
            ", ",
            heat.Lanes.Select(l => field.Entry(l.Entry)).OfType<People.Entry>().Select(e => e.Division).Distinct()
        );
        yield return Lanes([.. heat.Lanes.Select(l => l.Lane).Order()]);
        if (heat.Reset > 0)
        {
            yield return $"reset {heat.Reset / 60}:{heat.Reset % 60:00}";
        }

        if (heat.CallUp > 0)
        {
            yield return $"call-up {heat.CallUp / 60}:{heat.CallUp % 60:00}";
        }
    }

    private static string Lanes(List<int> lanes) =>
        lanes.Count == 0 ? "nobody"
        : lanes.Count == 1 ? $"lane {lanes[0]}"
        : lanes[^1] - lanes[0] == lanes.Count - 1 ? $"lanes {lanes[0]} to {lanes[^1]}"
        : $"lanes {string.Join(", ", lanes)}";

    private static int Post(LanePost lane, Guid judge) => lane.Judges.ToList().IndexOf(judge) + 1;

    private static Eq<OwnTime> Of(
        Plan plan,
        Field field,
        Func<LanePost, bool> mine,
        Func<LanePost, string> what,
        Func<Measured, bool> isMeasured
    ) =>
        [
            .. MeasuringTimes
                .Of(plan, field)
                .Where(m => m.Starts is not null && isMeasured(m))
                .Select(m => OfPost(m, field))
                .Concat(
                    plan.Heats.SelectMany(h =>
                        h.Lanes.Where(mine)
                            .Select(l => new OwnTime(
                                h.Id,
                                field.Workout(plan.SessionOf(h).Workout)?.Title ?? "",
                                h.Number,
                                l.Lane,
                                h.Starts.PlusSeconds(-plan.SessionOf(h).Between.CallUp),
                                h.Starts,
                                h.Ends,
                                plan.SessionOf(h).Floor,
                                what(l)
                            ))
                    )
                )
                .OrderBy(t => t.Ready),
        ];

    private static OwnTime OfPost(Measured m, Field field) =>
        new(
            m.Before.Id,
            "",
            0,
            0,
            m.Starts!.Value,
            m.Starts.Value,
            m.Ends!.Value,
            m.Post!.Place,
            m.Person.ByBib ? field.Entry(m.Entry)?.PublicName ?? "" : m.Person.Name
        )
        {
            Measured = m.Person.Id,
        };
}
