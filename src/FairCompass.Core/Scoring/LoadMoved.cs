using FairCompass.Core.Courses;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <summary>A score of load moved: the sum of load times reps. Where the members of a team lift different loads, who did how many decides
/// it.</summary>
internal static class LoadMoved
{
    /// <summary>Why work has no such sum; null where it has.</summary>
    /// <param name="score">A sum of kilograms or pounds.</param>
    /// <param name="tasks">The tasks that are counted, with their pieces.</param>
    /// <param name="course">The workout for the entry.</param>
    public static string? Misfit(Score score, IReadOnlyList<(CoursePiece Piece, CourseTask Task)> tasks, Course course)
    {
        var unit = score.Measure == Measure.Kilograms ? MassUnit.Kilogram : MassUnit.Pound;
        var loaded = tasks
            .Where(t => t.Task.Prescription.Load is not null || t.Task.Options.Any(o => o.Prescription.Load is not null))
            .ToList();
        return loaded.Count == 0 ? "No task of this work has a load to be added up."
            : loaded.Find(t => t.Task.Unit != AmountUnit.Rep).Task is { } carried
                ? $"{carried.Prescription.Movement.Value} is counted by distance; a sum of loads needs reps."
            : loaded.Find(t => Differs(t.Task) && ShareOf(t.Task, t.Piece, course) is null).Task is { } differs
                ? $"The members lift different loads at {differs.Prescription.Movement.Value}, and nobody notes who did how many of it: "
                    + "say share: …, count by member."
            : score.Selection is not null && loaded.Find(t => Differs(t.Task)).Task is { } chosen
                ? $"The members lift different loads at {chosen.Prescription.Movement.Value}; their sums cannot be chosen among."
            : loaded.Find(t => Differs(t.Task) && Loads(t.Task, t.Piece, course).Any(l => !l.Load.Values.IsConstant)).Task is { } climbs
                ? $"At {climbs.Prescription.Movement.Value} each member’s load changes with the rounds, and nobody notes who did how many "
                    + "in which."
            : Units(loaded).FirstOrDefault(l => l != unit) is var other && Units(loaded).Any(l => l != unit)
                ? $"A load of this work is in {other.Symbol()}; a sum in {unit.Symbol()} would be a conversion."
            : null;
    }

    /// <summary>What the members moved of the tasks at which their loads differ, in thousandths of the unit.</summary>
    public static long ByMember(ScoreComponent c, RunObservation run, Course course) =>
        c.Tally.Of != TallyOf.Load
            ? 0
            : (
                from key in c.Pieces
                let piece = course.Piece(key)!
                from task in piece.Tasks.Where(Differs)
                let share = ShareOf(task, piece, course)
                where share is not null
                from each in Loads(task, piece, course)
                select Count.Times(share.UnitsOf(each.Seat, run.Of(key).By), new MovedLoad(each.Load).At(0))
            ).Aggregate(0L, Count.Add);

    /// <summary>What a card lacks for the sum: who did how many, where the loads differ.</summary>
    public static IEnumerable<FieldError> Objections(PieceObservation seen, CoursePiece piece, Course course, ScoreSheet sheet)
    {
        if (!sheet.Components.Any(c => c.Tally.Of == TallyOf.Load && c.Pieces.Contains(piece.Piece.Key)))
        {
            yield break;
        }

        foreach (var task in piece.Tasks.Where(Differs))
        {
            if (
                ShareOf(task, piece, course) is { } share
                && share.Done(seen, piece) > 0
                && !seen.By.Any(b => b.Task is null || b.Task == task.Index)
            )
            {
                yield return new("by", $"Say who did how many of {task.Prescription.Movement.Value}: the members lift different loads.");
            }
        }
    }

    /// <summary>True where the sum of a card needs to know who did a task.</summary>
    public static bool NeedsMembers(MemberShare share, CoursePiece piece, ScoreSheet sheet) =>
        Differs(piece.Tasks[share.Task]) && sheet.Components.Any(c => c.Tally.Of == TallyOf.Load && c.Pieces.Contains(piece.Piece.Key));

    /// <summary>True for a task with a load that is not the same for all who share it.</summary>
    private static bool Differs(CourseTask task) => task is { Options.Count: 0, Lifted: null, Prescription.Load: not null };

    private static MemberShare? ShareOf(CourseTask task, CoursePiece piece, Course course) =>
        MemberShare.Of(course, piece).FirstOrDefault(s => s.Task == task.Index);

    private static IEnumerable<(int Seat, DutyLoad Load)> Loads(CourseTask task, CoursePiece piece, Course course) =>
        course
            .MembersOf(piece.Piece)
            .Select((m, i) => (Seat: m.Seat ?? i + 1, course.Prescribed(task, piece, m).Load?.Value))
            .Where(m => m.Value is { Values.HasUnset: false })
            .Select(m => (m.Seat, m.Value!));

    private static IEnumerable<MassUnit> Units(IEnumerable<(CoursePiece Piece, CourseTask Task)> tasks) =>
        tasks
            .SelectMany(t => t.Task.Options.Select(o => o.Prescription.Load).Append(t.Task.Prescription.Load))
            .Where(l => l is not null)
            .Select(l => l!.Value.Unit);
}
