using FairCompass.Core.Competitions;
using FairCompass.Core.InForce;
using FairCompass.Core.Kit;
using FairCompass.Core.Notation;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A bar, bell or ball of one mass where the workout gives two values elsewhere and both duties lift.</summary>
public sealed class OneValueForTwo : ICheck
{
    /// <inheritdoc/>
    public string Id => "one-value";

    /// <inheritdoc/>
    public string Title => "One load for man and woman";

    /// <inheritdoc/>
    public string Why => "One value may be meant for both, or one was forgotten.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) =>
        from task in context
            .Prescribed.Where(p => p.At == default && p.Option is null && !p.Address.Division.IsTeam && p.Prescription.Load is not null)
            .GroupBy(p => p.Prescription.Load!.From.At)
        let load = context.LoadAt(task.Key)
        where
            load is { Of: { Second: null, First.IsConstant: true } }
            && load.Of.First.At(0) is not null
            && task.Select(p => p.Address.Duty).Distinct().Count() > 1
            && StandardsBook.Of(context.Competition).Find(task.First().Prescription.Movement.Value)
                is { Kit: MovementKit.Barbell or MovementKit.Kettlebell or MovementKit.Dumbbell or MovementKit.BallAndTarget } movement
            && Stock(context, movement, Duty.Man).Contains(load.Of.First.At(0)!.Value)
            && !task.First().Source.Lines.OfType<TaskLine.Override>().Any()
        let both = Printer.Detail(load with { Of = load.Of with { Second = load.Of.First } })
        select new Report(
            task.Key,
            $"One load for man and woman: is the woman’s {new Mass(load.Of.First.At(0)!.Value, load.Unit)} too?",
            [.. Lighter(context, load, task), CheckContext.Write(task.Key, both, $"It is: write {both}")]
        );

    private static IReadOnlyCollection<decimal> Stock(CheckContext context, Movement movement, Duty duty) =>
        movement.Kit == MovementKit.Barbell
            ? BarLoads.All(context.Competition.Kit.Bar(duty), context.Competition.Kit)
            : context.Competition.Kit.Implements(movement.Kit).Select(i => i.Mass).ToList();

    /// <summary>Two thirds of it, as near as the kit comes (common practice: the women’s load is about two thirds).</summary>
    private static IEnumerable<Mend> Lighter(CheckContext context, Detail.Load load, IEnumerable<PrescribedTask> tasks)
    {
        var movement = StandardsBook.Of(context.Competition).Find(tasks.First().Prescription.Movement.Value)!;
        var stock = Stock(context, movement, Duty.Woman);
        var wanted = load.Of.First.At(0)!.Value * 2 / 3;
        var lighter = stock.Where(m => m < load.Of.First.At(0)).OrderBy(m => Math.Abs(m - wanted)).Take(1);
        foreach (var mass in lighter)
        {
            var text = Printer.Detail(load with { Of = load.Of with { Second = Series.Of(new(mass / 1.0000000000000000000000000000m)) } });
            yield return CheckContext.Write(tasks.First().Prescription.Load!.From.At, text, $"Write {text} (lighter)");
        }
    }
}
