using FairCompass.Core.Competitions;
using FairCompass.Core.InForce;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
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
                                : $"{division.Name} is for one athlete: nobody is there to hold.",
                            division.IsTeam ? [] : [context.RemoveLine(at.Line)]
                        );
                    }
                    else if (rule is Rule.Hold { Holders: 0 })
                    {
                        yield return new Report(at, "0 holders are no hold.", context.Instead(at.Line, "hold: 0 ", "hold: 1 ", "Write 1"));
                    }
                    else if (rule is Rule.Hold { WholeTurn: true, MayPause: true })
                    {
                        yield return new Report(
                            at,
                            "Held for the whole turn, nobody may pause between reps.",
                            [
                                .. context.Instead(at.Line, "for the whole turn", "for every whole rep", "Held for every whole rep"),
                                .. context.Instead(at.Line, ", may pause between reps", "", "No pause between reps"),
                            ]
                        );
                    }
                    else if (rule is Rule.Hold { Load: { } load } held && Missing(context, held, load) is { } sentence)
                    {
                        yield return new Report(at, sentence);
                    }
                }
            }
        }
    }

    /// <summary>What the lane has not got for a hold with a load; null where it has it, or where nobody has said what it has.</summary>
    private static string? Missing(CheckContext context, Rule.Hold hold, Detail.Load load)
    {
        var kit = StandardsBook.Of(context.Competition).Find(hold.Position)?.Kit ?? MovementKit.None;
        if (!LaneKit.HasMasses(kit) || load.Unit != context.Competition.Unit)
        {
            return null;
        }

        foreach (var mass in Enumerable.Range(0, 2).Select(duty => load.Of.For(duty).At(0)).OfType<decimal>().Distinct())
        {
            var needed = hold.Holders * (load.Implements ?? 1);
            if (context.Competition.Kit.NumberOf(kit, mass) < needed)
            {
                return $"{Words.Count(hold.Holders, "holder")} in {hold.Position} need {needed} of {new Mass(mass, load.Unit)}, "
                    + $"and the lane has {context.Competition.Kit.NumberOf(kit, mass)}.";
            }
        }

        return null;
    }
}
