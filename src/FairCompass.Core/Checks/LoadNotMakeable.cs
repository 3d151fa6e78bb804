using FairCompass.Core.Competitions;
using FairCompass.Core.InForce;
using FairCompass.Core.Kit;
using FairCompass.Core.Notation;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A load that the kit of a lane cannot make.</summary>
public sealed class LoadNotMakeable : ICheck
{
    /// <inheritdoc/>
    public string Id => "load-not-makeable";

    /// <inheritdoc/>
    public string Title => "A load this kit cannot make";

    /// <inheritdoc/>
    public string Why => "The floor crew would improvise on the day, and lanes would differ.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var stock = new Dictionary<(MovementKit, Duty?), (IReadOnlyList<decimal> Sorted, HashSet<decimal> Set)>();
        var wrong = new Dictionary<(SourceRange At, decimal Value, MovementKit Kit, Duty? Bar), (DutyLoad Load, List<Address> Addresses)>();
        foreach (var task in context.Prescribed)
        {
            var address = task.Address;
            if (
                StandardsBook.Of(context.Competition).Find(task.Prescription.Movement.Value) is not { } movement
                || task.Prescription.Load is not { } load
            )
            {
                continue;
            }

            var bar = movement.Kit == MovementKit.Barbell ? address.Duty : null;
            if (!stock.TryGetValue((movement.Kit, bar), out var masses))
            {
                var sorted = Stock(context.Competition, movement.Kit, bar);
                stock[(movement.Kit, bar)] = masses = (sorted, sorted.ToHashSet());
            }

            foreach (var value in Figures(load.Value, context.Competition.Unit).Where(v => masses.Set.Count > 0 || IsStocked(movement.Kit)))
            {
                if (!masses.Set.Contains(value) || load.Value.Implements > (movement.Kit == MovementKit.Dumbbell ? 2 : 1))
                {
                    var key = (load.From.At, value, movement.Kit, bar);
                    if (!wrong.TryGetValue(key, out var seen))
                    {
                        wrong[key] = seen = (load.Value, []);
                    }

                    seen.Addresses.Add(address);
                }
            }
        }

        foreach (var ((at, value, kit, bar), (load, addresses)) in wrong)
        {
            yield return Report(context, at, value, kit, load, addresses, stock[(kit, bar)].Sorted);
        }
    }

    /// <summary>The masses of one kind of kit, lightest first; for a bar every load the plates make.</summary>
    public static IReadOnlyList<decimal> Stock(Competition competition, MovementKit kit, Duty? duty) =>
        kit switch
        {
            MovementKit.Barbell => BarLoads.All(competition.Kit.Bar(duty), competition.Kit),
            MovementKit.Dumbbell => competition.Kit.Dumbbells.Order().ToList(),
            MovementKit.SandbagAndBox => competition.Kit.Sandbags.Order().ToList(),
            MovementKit.BallAndTarget => competition.Kit.Balls.Order().ToList(),
            MovementKit.Kettlebell => competition.Kit.Kettlebells.Order().ToList(),
            _ => [],
        };

    private static bool IsStocked(MovementKit kit) =>
        kit
            is MovementKit.Barbell
                or MovementKit.Dumbbell
                or MovementKit.SandbagAndBox
                or MovementKit.BallAndTarget
                or MovementKit.Kettlebell;

    /// <summary>The figures to compare with the kit: of the publication in the competition's unit, else converted exactly.</summary>
    private static IEnumerable<decimal> Figures(DutyLoad load, MassUnit unit)
    {
        var own =
            load.Unit == unit ? load.Values
            : load.AlsoUnit == unit ? load.Also
            : null;
        var series = own ?? load.Values;
        foreach (var i in Enumerable.Range(0, (int)Math.Min(series.Length ?? 20, 60)))
        {
            if (series.At(i) is { } value)
            {
                yield return own is not null
                    ? value
                    : decimal.Round(unit == MassUnit.Kilogram ? value * Mass.KilogramsPerPound : value / Mass.KilogramsPerPound, 4);
            }
        }
    }

    private static Report Report(
        CheckContext context,
        SourceRange at,
        decimal value,
        MovementKit kit,
        DutyLoad load,
        List<Address> addresses,
        IReadOnlyList<decimal> masses
    )
    {
        var unit = context.Competition.Unit;
        var who = Words.Join(addresses.Select(a => a.ToString()).Distinct());
        var what = kit switch
        {
            MovementKit.Barbell => "bar",
            MovementKit.Dumbbell => load.Implements > 1 ? "pair of dumbbells" : "dumbbell",
            MovementKit.BallAndTarget => "ball",
            MovementKit.Kettlebell => "kettlebell",
            _ => "sandbag",
        };
        if (masses.Contains(value))
        {
            return new(at, $"{who}: {load.Implements} × {new Mass(value, unit)} is more than the lane has.");
        }

        var (below, above) = BarLoads.Nearest(value, masses);
        var near = new[] { below, above }.OfType<decimal>().OrderBy(n => Math.Abs(n - value)).ToList();
        var nearest =
            near.Count == 0 ? $"The lane has no {what} at all."
            : near.Count == 1 ? $"The nearest is {new Mass(near[0], unit)}."
            : $"The nearest are {Number.Normal(below!.Value)} and {new Mass(above!.Value, unit)}.";
        return new(
            at,
            $"{who}: no {what} of {new Mass(value, unit)} with this kit. {nearest}",
            near.Select(n => Mended(context, at, value, n, unit)).OfType<Mend>().ToArray()
        );
    }

    /// <summary>Writes another figure into the detail, leaving the other duty's figure alone.</summary>
    private static Mend? Mended(CheckContext context, SourceRange at, decimal value, decimal better, MassUnit unit)
    {
        var details = context.TaskLines.SelectMany(t => t.Details.Concat(t.Lines.OfType<TaskLine.Override>().SelectMany(o => o.Details)));
        if (
            details.OfType<Detail.Load>().FirstOrDefault(d => d.At.Line == at.Line && d.At.Column == at.Column) is not { AlsoOf: null } load
            || load.Unit != unit
        )
        {
            // Of two published figures one alone cannot be changed.
            return null;
        }

        Series In(Series s) => s with { Terms = s.Terms.Select(t => t.Value == value ? new Number(better) : t).ToEq() };
        var mended = load with { Of = new Pair(In(load.Of.First), load.Of.Second is { } second ? In(second) : null) };
        return mended == load
            ? null
            : new Mend($"Use {new Mass(better, unit)}", new TextEdit(at.Line, at.Column, at.Length, Printer.Detail(mended)));
    }
}
