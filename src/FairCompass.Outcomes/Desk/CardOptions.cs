using System.Text.Json.Serialization;
using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;

namespace FairCompass.Outcomes.Desk;

/// <summary>A task that can be done in several ways, which the card names by letters: one for all rounds, or one for each.</summary>
/// <param name="Piece">The piece’s key.</param>
/// <param name="Task">Which task of the piece, from 0.</param>
/// <param name="Label">What it asks for, in words.</param>
/// <param name="Ways">The ways, <c>A</c> the first.</param>
/// <param name="Rounds">How many letters at most; 1 where it is done in no rounds.</param>
public sealed record CardOption(string Piece, int Task, string Label, Eq<string> Ways, int Rounds)
{
    /// <summary>The key of its field.</summary>
    [JsonIgnore(Condition = JsonIgnoreCondition.Never)]
    public string Key => $"{Piece}.option.{Task}";

    /// <summary>The letters of what was taken: <c>B</c> for all rounds, <c>AAB</c> for the first three; empty where nothing is
    /// said.</summary>
    /// <param name="choices">What was taken.</param>
    public string Letters(Eq<Chosen> choices)
    {
        var mine = choices.Where(c => c.Piece == Piece && c.Task == Task).ToList();
        if (mine.Find(c => c.Round is null) is { } all && mine.Count == 1)
        {
            return Letter(all.Option);
        }

        var last = mine.Max(c => c.Round) ?? 0;
        var common = mine.Find(c => c.Round is null)?.Option ?? 0;
        return string.Concat(Enumerable.Range(1, (int)last).Select(r => Letter(mine.Find(c => c.Round == r)?.Option ?? common)));
    }

    /// <summary>What letters say; null where they say nothing that can be.</summary>
    /// <param name="text">As it was typed: spaces and commas may stand between.</param>
    public IReadOnlyList<Chosen>? Read(string text)
    {
        var letters = text.Where(c => !char.IsWhiteSpace(c) && c is not (',' or '-')).Select(c => char.ToUpperInvariant(c) - 'A').ToList();
        return letters.Exists(l => l < 0 || l >= Ways.Count) || letters.Count > Rounds ? null
            : letters is [var one] ? [new(Piece, Task, one, null)]
            : [.. letters.Select((l, i) => new Chosen(Piece, Task, l, i + 1))];
    }

    private static string Letter(int way) => ((char)('A' + way)).ToString();
}

/// <summary>The tasks of a workout that can be done in several ways.</summary>
public static class CardOptions
{
    /// <summary>Nobody writes more letters on a card.</summary>
    private const int MostRounds = 200;

    /// <summary>In the order of the work.</summary>
    /// <param name="course">The workout for an entry, without options taken.</param>
    public static IReadOnlyList<CardOption> Of(Course course) =>
        [.. course.Pieces.SelectMany(p => p.Tasks.Where(t => t.Options.Count > 1).Select(t => Of(p, t)))];

    private static CardOption Of(CoursePiece piece, CourseTask task)
    {
        var inRounds = piece.Strands.Any(s => s.Counter.DepthOf(task.Index) > 0);
        var ways = task.Options.Select((o, i) => $"{(char)('A' + i)} {o.Name}").ToEq();
        return new(
            piece.Piece.Key,
            task.Index,
            $"{(piece.Piece.IsNamed ? piece.Piece.Name + ", " : "")}{task.Prescription.Movement.Value}: letters",
            ways,
            inRounds ? MostRounds : 1
        );
    }
}
