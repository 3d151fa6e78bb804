using FairCompass.Core.Competitions;
using FairCompass.Core.Kit;
using FairCompass.Core.Notation;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>
/// Bars that lie lower than a plate of full diameter lifts them (common practice: 45 cm). Where no plate of the kit is marked as full,
/// or all are, nothing is known or nothing is wrong.
/// </summary>
internal static class LowBars
{
    /// <summary>A load without a full plate, and the least load from it on that has one.</summary>
    private sealed record Low(PrescribedTask Task, decimal Load, decimal? Better);

    /// <summary>Loads that are looked at from one on until one has a full plate.</summary>
    private const int MostSteps = 40;

    /// <summary>One report for each phrase of a load that leaves a bar without a full plate.</summary>
    /// <param name="context">What was computed of the draft.</param>
    /// <param name="tasks">The tasks whose bars must lie at the height of a full plate.</param>
    /// <param name="sentence">What is wrong, from who it is, the loads, and what would be enough.</param>
    public static IEnumerable<Report> Reports(
        CheckContext context,
        IEnumerable<PrescribedTask> tasks,
        Func<string, string, string, string> sentence
    )
    {
        var kit = context.Competition.Kit;
        return kit.Plates.All(p => p.FullDiameter) || !kit.Plates.Any(p => p.FullDiameter)
            ? []
            : tasks
                .SelectMany(t => Of(context, t))
                .GroupBy(l => l.Task.Prescription.Load!.From.At)
                .Select(g => Report(context, g.Key, g.ToList(), sentence));
    }

    private static IEnumerable<Low> Of(CheckContext context, PrescribedTask task)
    {
        var (kit, bars) = (context.Competition.Kit, context.Bars);
        return bars.Changes(task) is not { } changes
            ? []
            : changes
                .Where(c => !LaneStacks.HasFull(c.Side, kit))
                .Select(c => c.Load!.Value)
                .Distinct()
                .Select(load => new Low(task, load, Least(load, bars.BarOf(task), kit)));
    }

    /// <summary>The least load above one that has a full plate; null where none near has.</summary>
    private static decimal? Least(decimal load, LaneBar bar, LaneKit kit)
    {
        var full = bar with { NeedsFull = true };
        foreach (var more in BarLoads.All(bar, kit).Where(l => l > load).Take(MostSteps))
        {
            if (LaneStacks.Of([more], full, kit) is [var made] && LaneStacks.HasFull(made.Side, kit))
            {
                return more;
            }
        }

        return null;
    }

    private static Report Report(CheckContext context, SourceRange at, List<Low> low, Func<string, string, string, string> sentence)
    {
        var unit = context.Competition.Unit;
        string Said(IEnumerable<decimal> masses) => $"{Words.Join(masses.Distinct().Select(Number.Normal))} {unit.Symbol()}";
        var who = Words.Join(low.Select(l => l.Task.Address.ToString()).Distinct());
        var enough = low.All(l => l.Better is not null) ? $" With full plates the least is {Said(low.Select(l => l.Better!.Value))}." : "";
        return new(at, sentence(who, Said(low.Select(l => l.Load)), enough), Mended(context, at, low) is { } mend ? [mend] : []);
    }

    /// <summary>Writes the least loads with full plates; none where one figure would have to become two.</summary>
    private static Mend? Mended(CheckContext context, SourceRange at, List<Low> low)
    {
        if (context.LoadAt(at) is not { } load)
        {
            return null;
        }

        var better = low.Where(l => l.Better is not null)
            .GroupBy(l => (Second: load.Of.Second is not null && l.Task.Address.Duty == Duty.Woman, l.Load))
            .ToDictionary(g => g.Key, g => g.Select(l => l.Better!.Value).Distinct().ToList());
        if (better.Count == 0 || better.Values.Any(v => v.Count > 1) || low.Exists(l => l.Better is null))
        {
            return null;
        }

        Series In(Series s, bool second) =>
            s with
            {
                Terms = s.Terms.Select(t => t.Value is { } v && better.TryGetValue((second, v), out var to) ? new Number(to[0]) : t).ToEq(),
            };
        var text = Printer.Detail(
            load with
            {
                Of = new Pair(In(load.Of.First, false), load.Of.Second is { } other ? In(other, true) : null),
            }
        );
        return new Mend($"Write {text}", new TextEdit(at.Line, at.Column, at.Length, text));
    }
}
