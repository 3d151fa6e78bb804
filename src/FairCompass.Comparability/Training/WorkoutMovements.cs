using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;

namespace FairCompass.Comparability.Training;

/// <summary>The movements of a workout with how much there is of each.</summary>
public static class WorkoutMovements
{
    /// <summary>What is taken of work without an end.</summary>
    private const long OfEndless = 100;

    /// <summary>Each movement once, in the order of the work, with its standard as it is in force there; what no reps can be shown of is
    /// left out.</summary>
    /// <param name="workout">The workout.</param>
    public static IReadOnlyList<SittingMovement> Of(Understanding workout)
    {
        if (workout.Courses.Count == 0)
        {
            return [];
        }

        var book = StandardsBook.Of(workout.Competition);
        var course = workout.Courses[0];
        return
        [
            .. course
                .Pieces.SelectMany(p =>
                    p.Tasks.Select((t, i) => (Id: t.Prescription.Movement.Value, Units: p.Strands.Sum(s => UnitsOf(s.Counter, i))))
                )
                .GroupBy(x => x.Id, StringComparer.Ordinal)
                .Select(g => (Movement: book.Find(g.Key), Units: g.Sum(x => x.Units)))
                .Where(x => x.Movement is not null)
                .Select(x => new SittingMovement(
                    book.InForce(x.Movement!, course.Address.Division.Name, workout.Workout),
                    Math.Max(1, x.Units)
                ))
                .Where(m => Makers.Trains(m.Movement)),
        ];
    }

    private static long UnitsOf(Strand strand, int task) => strand.UnitsOf(task) ?? strand.UnitsOf(task, OfEndless);
}
