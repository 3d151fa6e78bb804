using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>Groups that nothing uses.</summary>
public sealed class GroupsIdle : ICheck
{
    /// <inheritdoc/>
    public string Id => "groups-idle";

    /// <inheritdoc/>
    public string Title => "Groups that nothing uses";

    /// <inheritdoc/>
    public string Why => "Readers look for work of theirs that is not there.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        if (new GroupMisfit().Look(context).Any())
        {
            yield break;
        }

        foreach (var header in context.Workout.Headers.OfType<Header.Groups>())
        {
            var used = WorkTree
                .Stages(context.Workout.Stages)
                .OfType<Stage.Waves>()
                .SelectMany(w => w.By.Select(b => b.ToString()))
                .Concat(context.AllWork.OfType<Work.GroupOf>().SelectMany(g => g.Names))
                .Concat(
                    context.TaskLines.SelectMany(t => t.Lines.OfType<TaskLine.Override>().SelectMany(o => o.For.Select(w => w.ToString())))
                )
                .ToHashSet(StringComparer.Ordinal);
            if (header.Items.All(g => !used.Contains(g.Name)))
            {
                yield return new Report(
                    header.At,
                    $"The groups {Words.Join(header.Items.Select(g => g.Name))} are declared and used by nothing.",
                    context.RemoveLine(header.At.Line)
                );
            }
        }
    }
}
