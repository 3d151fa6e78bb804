using FairCompass.Core.Courses;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <summary>How many good lifts a sum of best loads needs to be whole: one of each lifter, or of one athlete in each part.</summary>
internal static class Lifters
{
    /// <summary>The lifts of the pieces of a score: of a team one of every member who does one of them, or of as many as a rule of sharing
    /// names; of one athlete one in each.</summary>
    /// <param name="pieces">The pieces.</param>
    /// <param name="course">The workout for the entry.</param>
    public static int Of(IReadOnlyList<CoursePiece> pieces, Course course) =>
        !course.Address.Division.IsTeam ? pieces.Count
        : pieces.All(p => p.Piece.Seat is not null) ? pieces.Select(p => p.Piece.Seat).Distinct().Count()
        : pieces.Max(p => course.MembersOf(p.Piece).Count is var all && Named(p) is { } some ? Math.Clamp(some, 1, all) : all);

    private static int? Named(CoursePiece piece) =>
        piece
            .Tasks.SelectMany(t => t.Source.Lines.OfType<TaskLine.RuleOf>().Select(r => r.Rule))
            .Concat(piece.Piece.Items.OfType<Work.RuleLine>().Select(r => r.Rule))
            .OfType<Rule.Share>()
            .SelectMany(s => s.Phrases)
            .FirstOrDefault(p => p.Is == ShareKind.ByMembers)
            ?.N;
}
