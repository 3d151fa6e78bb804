using FairCompass.Core.Courses;
using FairCompass.Core.InForce;
using FairCompass.Core.Policies;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <summary>What holds at the edges of the clock for an entry: the line of the workout, else the answer of the competition.</summary>
internal static class AtTheEdge
{
    /// <summary>When a lift around the final bell counts; null when nobody has said.</summary>
    public static BellWhen? Lift(Workout workout, Course course) =>
        workout.Policies.OfType<Policy.Bell>().FirstOrDefault(b => b.Of == VoidedUnit.Lift)?.When
        ?? Answer("bell for lifts", workout, course) switch
        {
            "finished" => BellWhen.Finished,
            "begun" => BellWhen.Begun,
            "finished and steady" => BellWhen.FinishedAndSteady,
            _ => null,
        };

    /// <summary>Whether a gate that is reached exactly on its second is passed; null when nobody has said.</summary>
    public static bool? GateOnSecond(Workout workout, Course course) =>
        workout.Policies.OfType<Policy.GateOnSecond>().FirstOrDefault()?.Counts
        ?? Answer("gate on the second", workout, course) switch
        {
            "counts" => true,
            "misses" => false,
            _ => null,
        };

    /// <summary>The school in force for the division of an entry, or null.</summary>
    private static string? Answer(string topic, Workout workout, Course course) =>
        course.Competition is { } competition && Topics.Find(topic) is { } known
            ? known.Find(StandardsBook.Of(competition).InForce(known, course.Address.Division.Name, workout)?.Answer ?? "")?.Name
            : null;
}
