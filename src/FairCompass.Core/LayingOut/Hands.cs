using FairCompass.Core.Courses;
using FairCompass.Core.Playing;
using FairCompass.Core.Prescriptions;

namespace FairCompass.Core.LayingOut;

/// <summary>Who share a task, and how many of them work at one time.</summary>
/// <param name="Members">The members of the entry who may do it.</param>
/// <param name="AtOnce">How many work at one time, from 1.</param>
internal sealed record Hands(IReadOnlyList<Address> Members, int AtOnce)
{
    private static readonly Hands One = new([], 1);

    /// <summary>The hands of a task as one column has it.</summary>
    /// <param name="task">The task.</param>
    /// <param name="courses">The workout as each entry does it.</param>
    public static Hands Of(PrescribedTask task, IReadOnlyList<Course> courses)
    {
        var course = courses.FirstOrDefault(c => c.Address.Division == task.Address.Division && c.Address.Level == task.Address.Level);
        var (piece, at) =
            course
                ?.Pieces.SelectMany(p => p.Tasks.Select(t => (Piece: (CoursePiece?)p, Task: (CourseTask?)t)))
                .FirstOrDefault(x => ReferenceEquals(x.Task!.Source, task.Source))
            ?? default;
        if (piece is null || at is null)
        {
            return One;
        }

        var members = course!.MembersOf(piece.Piece);
        var sharing = Sharing.Of(piece, at, members.Count);
        return new(members, sharing.Together || sharing.AtOnce ? sharing.Members : 1);
    }
}
