using FairCompass.Core.Courses;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <summary>Who must have a good lift for a sum of best loads to be the sum of all.</summary>
internal static class Lifters
{
    /// <summary>How many lift in the pieces of a score: every member who does one of them, or the number that a rule of sharing
    /// names.</summary>
    /// <param name="pieces">The pieces.</param>
    /// <param name="course">The workout for the entry.</param>
    public static int Of(IReadOnlyList<CoursePiece> pieces, Course course) =>
        pieces.All(p => p.Piece.Seat is not null)
            ? pieces.Select(p => p.Piece.Seat).Distinct().Count()
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
