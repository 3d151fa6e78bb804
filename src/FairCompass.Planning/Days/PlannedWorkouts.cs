using System.Runtime.CompilerServices;
using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Languages;
using FairCompass.Core.LayingOut;
using FairCompass.Core.Measuring;
using FairCompass.Core.Quantities;

namespace FairCompass.Planning.Days;

/// <summary>What a plan needs of a definition, taken from where everything else takes it: the clock, the judges of a lane at their
/// busiest, the things in a lane, the plates between two heats.</summary>
public static class PlannedWorkouts
{
    // Every look at a plan asks for all workouts, and a definition never changes once it is understood.
    private static readonly ConditionalWeakTable<Understanding, PlannedWorkout> Known = [];

    /// <summary>A workout as the plan needs it; its clock runs 0 seconds where the text leaves a time open.</summary>
    /// <param name="id">Its id.</param>
    /// <param name="u">Its definition.</param>
    public static PlannedWorkout Of(Guid id, Understanding u) => Known.GetValue(u, Made) with { Id = id };

    private static PlannedWorkout Made(Understanding u)
    {
        var clocks = SharedClock.Of(u.Courses, Tongue.English);
        var courses = u
            .Courses.GroupBy(c => (c.Address.Division.Name, Duty: c.Address.Division.IsTeam ? null : c.Address.Duty?.Word()))
            .Select(g => (g.Key.Name, g.Key.Duty, Course: g.First()))
            .ToList();
        var resets = new HeatResets(u.Bars, StandardsBook.Of(u.Competition));
        var lifted = resets
            .Lifted(u.Prescribed)
            .ToLookup(p => (p.Address.Division.Name, Duty: p.Address.Division.IsTeam ? null : p.Address.Duty?.Word()));
        return new(
            Guid.Empty,
            u.Workout.Title,
            [.. courses.Select(c => Group(u, clocks, c.Name, c.Duty, c.Course))],
            [
                .. courses.Select(a =>
                    courses.Select(b => resets.Handled([.. lifted[(a.Name, a.Duty)]], [.. lifted[(b.Name, b.Duty)]])).ToEq()
                ),
            ]
        )
        {
            Measures = [.. courses.Select(c => c.Name).Distinct().Where(d => MeasuredPlace.Of(u, d).Count > 0)],
        };
    }

    private static RunGroup Group(Understanding u, IReadOnlyList<SharedClock> clocks, string division, string? duty, Course course)
    {
        var at = clocks.ToList().FindIndex(c => c.For.Contains(course.Address));
        var seconds = at < 0 ? 0 : (int)((clocks[at].Hall.Ends.Ms + (course.Clock.LeadIn?.Ms ?? 0) + 999) / 1000);
        return new(division, duty, seconds, at < 0 ? 1 : Math.Max(1, clocks[at].Hall.Judges), Lanes(u, course), at);
    }

    /// <summary>How many lanes can have what they need at once: of shared things each lane takes its number.</summary>
    private static int? Lanes(Understanding u, Course course) =>
        LayOut
            .Of(u.Competition, [course], Tongue.English)
            .GroupBy(t => t.Name.English)
            .Select(g => (Stock: u.Competition.Kit.FindThing(g.Key), Count: g.Sum(t => t.Count)))
            .Where(x => x.Stock is { Shared: true } && x.Count > 0)
            .Select(x => (int?)(x.Stock!.Count / x.Count))
            .Min();
}
