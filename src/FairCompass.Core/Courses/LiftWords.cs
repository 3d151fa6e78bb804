using FairCompass.Core.Languages;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>What one lift is where several movements make it.</summary>
public static class LiftWords
{
    /// <summary>The movements of a complex in order, <c>power clean, 2 front squat, push jerk</c>; null where one movement is the
    /// lift.</summary>
    /// <param name="task">A heaviest lift.</param>
    /// <param name="tongue">The language.</param>
    public static string? Complex(Work.Task task, Tongue tongue)
    {
        var more = task.Lines.OfType<TaskLine.Then>().ToList();
        string Said(int reps, string movement) => (reps == 1 ? "" : $"{reps} ") + tongue.Movement(movement);
        return more.Count == 0 || task.Amount is not Amount.Heaviest first
            ? null
            : string.Join(", ", more.Select(t => Said(t.Reps, t.Movement)).Prepend(Said(first.SetOf ?? 1, task.Movement)));
    }

    /// <summary>The same of the lift of a piece, as the ledger says it in English.</summary>
    internal static string? Complex(CoursePiece piece) =>
        piece.Piece.Items.OfType<Work.Task>().Select(t => Complex(t, Tongue.English)).FirstOrDefault(w => w is not null) is { } words
            ? $"complex ({words})"
            : null;
}
