using FairCompass.Core.Quantities;
using NodaTime;

namespace FairCompass.Planning.Days;

/// <summary>One time of one person’s day.</summary>
/// <param name="Heat">The heat.</param>
/// <param name="Workout">The name of the workout.</param>
/// <param name="Number">The number of the heat.</param>
/// <param name="Lane">The lane.</param>
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
);

/// <summary>Everybody’s own times, out of the one plan.</summary>
public static class OwnTimes
{
    /// <summary>The times of an entry.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="entry">The entry.</param>
    public static Eq<OwnTime> OfEntry(Plan plan, Field field, Guid entry) =>
        Of(plan, field, l => l.Entry == entry, l => field.Entry(l.Entry)?.PublicName ?? "");

    /// <summary>The times of a gym, whoever of it runs.</summary>
    /// <param name="plan">The plan.</param>
    /// <param name="field">Everybody.</param>
    /// <param name="gym">The gym, compared as names are.</param>
    public static Eq<OwnTime> OfGym(Plan plan, Field field, string gym) =>
        Of(plan, field, l => field.Entry(l.Entry) is { } entry && IsOf(entry, gym), l => field.Entry(l.Entry)?.PublicName ?? "");

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
            l => "judge " + (field.Entry(l.Entry)?.PublicName ?? "") + (l.Judges.Count > 1 ? $", post {Post(l, judge)}" : "")
        );

    private static int Post(LanePost lane, Guid judge) => lane.Judges.ToList().IndexOf(judge) + 1;

    private static Eq<OwnTime> Of(Plan plan, Field field, Func<LanePost, bool> mine, Func<LanePost, string> what) =>
        [
            .. plan.Heats.SelectMany(h =>
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
            ),
        ];
}
