using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Everything that was computed of a draft; checks only read it.</summary>
/// <param name="Competition">The competition.</param>
/// <param name="Workout">The model.</param>
/// <param name="Resolver">Resolves prescriptions.</param>
/// <param name="Courses">One for each address.</param>
/// <param name="Sheets">The compiled scores, in the order of the courses.</param>
/// <param name="Lines">The lines of the draft, without line breaks.</param>
public sealed record CheckContext(
    Competition Competition, Workout Workout, Resolver Resolver, IReadOnlyList<Course> Courses, IReadOnlyList<ScoreSheet> Sheets, IReadOnlyList<string> Lines)
{
    /// <summary>The written text of a place; empty when the place is not in the draft.</summary>
    public string LineText(SourceRange at) =>
        at.Line >= 1 && at.Line <= Lines.Count && at.Column - 1 + at.Length <= Lines[at.Line - 1].Length ? Lines[at.Line - 1].Substring(at.Column - 1, at.Length) : "";

    /// <summary>Each task line once, with the address and what it is there, for every address.</summary>
    public IEnumerable<(CourseTask Task, CoursePiece Piece, Address Address)> Tasks =>
        from course in Courses
        from piece in course.Pieces
        from task in piece.Tasks
        select (task, piece, course.Address);

    /// <summary>Every task line of the text once.</summary>
    public IEnumerable<Work.Task> TaskLines => PieceOfWork.Of(Workout).SelectMany(p => Walk(p.Items)).OfType<Work.Task>();

    /// <summary>Every line of work once, outermost first, also inside constructs that are not computed yet.</summary>
    public IEnumerable<Work> AllWork => PieceOfWork.Of(Workout).SelectMany(p => Walk(p.Items));

    private static IEnumerable<Work> Walk(Eq<Work> items) => items.SelectMany(w => Children(w).Prepend(w));

    private static IEnumerable<Work> Children(Work work) => work switch
    {
        Work.Rounds r => Walk(r.Items),
        Work.Scheme s => Walk(s.Items),
        Work.AnyOrder a => Walk(a.Items),
        Work.GroupOf g => Walk(g.Items),
        Work.Every e => Walk(e.First).Concat(Walk(e.Then)),
        Work.Complex c => c.Lifts,
        _ => [],
    };
}
