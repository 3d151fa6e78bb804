using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>A piece of work with a goal, wherever it stands on the clock.</summary>
/// <param name="Key">Its position in the workout, stable while the text's structure is: <c>0</c>, <c>1</c>.</param>
/// <param name="Label">Its name, or null.</param>
/// <param name="Goal">What for.</param>
/// <param name="InTimeLeft">True when it gets what the piece before left over.</param>
/// <param name="Window">The length of the window it stands in; null when unset.</param>
/// <param name="Starts">When that window opens on the hall clock; null when something before it is unset or not computed.</param>
/// <param name="Items">The work.</param>
/// <param name="At">The line that opens it.</param>
public sealed record PieceOfWork(string Key, string? Label, Goal Goal, bool InTimeLeft, Duration? Window, Duration? Starts, Eq<Work> Items, SourceRange At)
{
    /// <summary>The pieces of a workout in order. Pieces of stages that are not computed yet are left out.</summary>
    public static IReadOnlyList<PieceOfWork> Of(Workout workout)
    {
        var pieces = new List<PieceOfWork>();
        Duration? now = Duration.Zero;
        foreach (var stage in workout.Stages)
        {
            Duration? length = null;
            switch (stage)
            {
                case Stage.Window w:
                    length = w.Time;
                    Add(w.Label, w.Goal, false, w.Time, w.Items, w.At);
                    break;
                case Stage.Clock c:
                    length = c.Time;
                    foreach (var p in c.Pieces)
                    {
                        Add(p.Label, p.Goal, p.InTimeLeft, c.Time, p.Items, p.At);
                    }

                    break;
                case Stage.Gap g:
                    length = g.Time;
                    break;
            }

            now = now is { } start && length is { } l ? start + l : null;
        }

        return pieces;

        void Add(string? label, Goal goal, bool left, Duration? window, Eq<Work> items, SourceRange at) =>
            pieces.Add(new(pieces.Count.ToString(System.Globalization.CultureInfo.InvariantCulture), label, goal, left, window, now, items, at));
    }

    /// <summary>The piece's name in sentences: <c>A</c>, or <c>the work</c> when it has no name.</summary>
    public string Name => Label ?? "the work";

    /// <summary>True when the load is the result.</summary>
    public bool IsHeaviest => Items.Any(w => w is Work.Task { Amount: Amount.Heaviest });
}
