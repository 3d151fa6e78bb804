using FairCompass.Core.Explaining;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Briefing;

/// <summary>What the table of loads and amounts says of a choice and of a bonus.</summary>
public sealed partial class BriefBuilder
{
    /// <summary>True where a row is of a task that can be done in several ways: then each way says how many there are of it.</summary>
    private bool HasWays(GridRow row) =>
        u.Prescribed.Any(p => p.Option is not null && (p.Option.At.Line == row.Line || p.Source.At.Line == row.Line));

    /// <summary>Where a bonus stands, of each column; none where it stands at the end of the task.</summary>
    private IEnumerable<BriefRow> BonusRows(int line)
    {
        var tasks = u.Prescribed.Where(p => p.Source.At.Line == line && p.At == default && p.Option is null).ToList();
        foreach (var worth in tasks.SelectMany(Bonuses).Select(b => b.Credit).Distinct())
        {
            var cells = columns.Select(i =>
                tasks.Find(p => ReferenceEquals(p.Address, u.Resolver.Columns[i])) is { } task
                && Bonuses(task).FirstOrDefault(b => b.Credit == worth) is { AtAmount: { } at }
                    ? Cite($"cell/{line}/bonus/{task.Address}", at.For(u.Resolver.Position(task.Address)).ToString())
                    : "–"
            );
            var unit = (tasks[0].Prescription.Amount?.Value).UnitOf();
            var measured = unit == AmountUnit.Rep ? "" : ", " + tongue.Say(GridRows.UnitWord(unit));
            yield return new(
                cells
                    .Prepend(
                        Cite(
                            $"row/{line}/bonus",
                            Words.Capital(tongue.Movement(tasks[0].Prescription.Movement.Value))
                                + measured
                                + Say($": +{worth} at", $": +{worth} a las")
                        )
                    )
                    .ToEq()
            );
        }
    }

    private static IEnumerable<Detail.Bonus> Bonuses(PrescribedTask task) =>
        task.Prescription.Counting.OfType<Detail.Bonus>().Where(b => b.AtAmount is not null);
}
