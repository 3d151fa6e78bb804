using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A hold without anybody to hold.</summary>
public sealed class HoldImpossible : ICheck
{
    /// <inheritdoc/>
    public string Id => "hold-impossible";

    /// <inheritdoc/>
    public string Title => "A hold without anybody to hold";

    /// <inheritdoc/>
    public string Why => "Work that counts only under a hold cannot count when nobody is free to hold.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        foreach (var division in context.Courses.Select(c => c.Address.Division).DistinctBy(d => (d.Name, d.Size)))
        {
            foreach (var work in context.AllWork)
            {
                var rules =
                    work is Work.Task t ? t.Lines.OfType<TaskLine.RuleOf>().Select(r => (r.Rule, r.At))
                    : work is Work.RuleLine l ? [(l.Rule, l.At)]
                    : [];
                var all = rules.ToList();
                var workers =
                    all.Select(r => r.Rule)
                        .OfType<Rule.Share>()
                        .SelectMany(s => s.Phrases)
                        .FirstOrDefault(p => p.Is == ShareKind.ByMembers)
                        ?.N
                    ?? 1;
                foreach (var (rule, at) in all)
                {
                    if (rule is Rule.Hold hold && hold.Holders + workers > division.Size)
                    {
                        yield return new Report(
                            at,
                            division.IsTeam
                                ? $"{Words.Count(hold.Holders, "holder")} and {Words.Count(workers, "worker")} are more than the "
                                    + $"{division.Size} of {division.Name}."
                                : $"{division.Name} is for one athlete: nobody is there to hold."
                        );
                    }
                    else if (rule is Rule.Hold { Holders: 0 })
                    {
                        yield return new Report(at, "0 holders are no hold.");
                    }
                }
            }
        }
    }
}
