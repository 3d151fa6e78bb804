using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A rule for a division that does not do this.</summary>
public sealed class RuleElsewhere : ICheck
{
    /// <inheritdoc/>
    public string Id => "rule-elsewhere";

    /// <inheritdoc/>
    public string Title => "A rule for a division that does not do this";

    /// <inheritdoc/>
    public string Why => "Nobody here is meant by it.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var here = context.Courses.Select(c => c.Address.Division.Name).ToHashSet(StringComparer.OrdinalIgnoreCase);
        return context
            .Workout.Policies.Select(p =>
                p switch
                {
                    Policy.ClauseOf c => (p.At, c.For),
                    Policy.Answered a => (p.At, a.For),
                    _ => (p.At, For: default),
                }
            )
            .SelectMany(x => x.For.Select(w => (x.At, Name: w.ToString())))
            .Where(x =>
                here.Count > 0
                && !here.Contains(x.Name)
                && context.Competition.Find(x.Name) is { } d
                && context.Courses.All(c => context.Competition.Chain(c.Address.Division).All(a => a.Name != d.Name))
            )
            .Select(x => new Report(x.At, $"This workout is not for {x.Name}.", context.RemoveLine(x.At.Line)));
    }
}
