using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Levels with the same work.</summary>
public sealed class LevelEqual : ICheck
{
    /// <inheritdoc/>
    public string Id => "level-equal";

    /// <inheritdoc/>
    public string Title => "Levels with the same work";

    /// <inheritdoc/>
    public string Why => "Nobody can say why there are two boards.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        context
            .Workout.Headers.OfType<Header.Levels>()
            .Where(h => h.Names.Count > 1)
            .Where(h =>
            {
                // Whatever a level has of its own, its name stands on a line behind the heading.
                var names = h.Names.Select(n => n.ToString()).ToList();
                return context.TaskLines.Any()
                    && !context.Lines.Skip(h.At.Line).Any(l => names.Exists(n => l.Contains(n, StringComparison.Ordinal)));
            })
            .Select(h => new Report(
                h.At,
                $"The levels {Words.Join(h.Names.Select(n => n.ToString()))} have the same work: why two boards?",
                context.RemoveLine(h.At.Line) with
                {
                    Label = "One board: remove the levels",
                }
            ));
}
