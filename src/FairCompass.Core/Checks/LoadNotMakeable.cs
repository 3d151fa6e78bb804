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
        var stock = new Dictionary<(MovementKit, LaneBar), (IReadOnlyList<decimal> Sorted, HashSet<decimal> Set)>();
        var wrong =
            new Dictionary<(SourceRange At, decimal Value, MovementKit Kit, LaneBar Bar), (DutyLoad Load, List<Address> Addresses)>();
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

            var bar =
                movement.Kit == MovementKit.Barbell ? context.Competition.Kit.Bar(address.Duty, task.Prescription.Bar?.Value) : default;
            if (!stock.TryGetValue((movement.Kit, bar), out var masses))
            {
                var sorted = Stock(context.Competition, movement.Kit, bar);
                stock[(movement.Kit, bar)] = masses = (sorted, sorted.ToHashSet());
            }

            foreach (var value in Figures(load.Value, context.Competition.Unit).Where(v => masses.Set.Count > 0 || IsStocked(movement.Kit)))
            {
                if (!masses.Set.Contains(value) || IsShort(context.Competition.Kit, movement.Kit, load.Value, value))
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

        foreach (var (n, ((at, value, kit, bar), (load, addresses))) in wrong.Index())
        {
            var report = Report(context, at, value, kit, load, addresses, stock[(kit, bar)].Sorted);
            yield return n < MostReasons
                ? report with
                {
                    Sentence = report.Sentence + Reason(context.Competition, kit, bar, value),
                }
                : report;
        }
    }

    /// <summary>The masses of one kind of kit, lightest first; for a bar every load the plates make.</summary>
    private static IReadOnlyList<decimal> Stock(Competition competition, MovementKit kit, LaneBar bar) =>
        kit switch
        {
            MovementKit.Barbell => BarLoads.All(bar, competition.Kit),
            _ => competition.Kit.Implements(kit).Select(i => i.Mass).Order().ToList(),
        };

    /// <summary>Findings that say what would have to be there: to plan it takes time, and whoever has more buys plates anyway.</summary>
    private const int MostReasons = 5;

    private static bool IsStocked(MovementKit kit) => kit == MovementKit.Barbell || LaneKit.HasMasses(kit);

    /// <summary>The figures to compare with the kit: of the publication in the competition's unit, else converted exactly.</summary>
    private static IEnumerable<decimal> Figures(DutyLoad load, MassUnit unit)
    {
        var own =
            load.Unit == unit ? load.Values
            : load.AlsoUnit == unit ? load.Also
            : null;
        var hands = new[] { own ?? load.Values, load.Left }.OfType<Series>();
        foreach (var (series, i) in hands.SelectMany(s => Enumerable.Range(0, (int)Math.Min(s.Length ?? 20, 60)).Select(i => (s, i))))
        {
            if (series.At(i) is { } value)
            {
                yield return own is not null
                    ? value
                    : decimal.Round(unit == MassUnit.Kilogram ? value * Mass.KilogramsPerPound : value / Mass.KilogramsPerPound, 4);
            }
        }
    }

    /// <summary>True when one athlete needs more of an implement than the lane has.</summary>
    private static bool IsShort(LaneKit kit, MovementKit kind, DutyLoad load, decimal value) =>
        (load.Left is { } left && left == load.Values ? 2 : load.Implements) > (LaneKit.HasMasses(kind) ? kit.NumberOf(kind, value) : 1);

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
        var (who, what, mass) = (Words.Join(addresses.Select(a => a.ToString()).Distinct()), Thing(kit, load), new Mass(value, unit));
        if (masses.Contains(value))
        {
            var has = context.Competition.Kit.NumberOf(kit, value);
            return new(at, $"{who}: {load.Implements} × {mass} is more than the lane has{(LaneKit.HasMasses(kit) ? $": {has}" : "")}.")
            {
                KitMends = Added(kit, value, load, unit),
            };
        }

        var (below, above) = BarLoads.Nearest(value, masses);
        var nearest =
            below is null && above is null ? $"The lane has no {what} at all."
            : below is null || above is null ? $"The nearest is {new Mass((below ?? above)!.Value, unit)}."
            : $"The nearest are {Number.Normal(below.Value)} and {new Mass(above.Value, unit)}.";
        // Another load is another workout for the athlete, so the lighter one is offered before the heavier.
        return new(
            at,
            $"{who}: no {what} of {mass} with this kit. {nearest}",
            new[] { (Mass: below, Than: "lighter"), (Mass: above, Than: "heavier") }
                .Where(n => n.Mass is not null)
                .Select(n => Mended(context, at, value, n.Mass!.Value, n.Than, unit))
                .OfType<Mend>()
                .ToArray()
        )
        {
            KitMends = Added(kit, value, load, unit),
        };
    }

    /// <summary>What would have to be there: a longer sleeve, or so many plates; empty where neither helps.</summary>
    private static string Reason(Competition competition, MovementKit on, LaneBar bar, decimal value)
    {
        if (on != MovementKit.Barbell)
        {
            return "";
        }

        if (bar.Sleeve is not null && BarLoads.OneSide(value, bar.Mass, competition.Kit) is not null)
        {
            return " The plates do not fit the sleeve of the bar.";
        }

        var planned = new PlannedBar("", bar.Mass, [value]) { Sleeve = bar.Sleeve };
        return PlateShortage.Words([planned], competition);
    }

    private static string Thing(MovementKit kit, DutyLoad load) =>
        kit switch
        {
            MovementKit.Barbell => "bar",
            MovementKit.Dumbbell => load.Implements > 1 ? "pair of dumbbells" : "dumbbell",
            MovementKit.BallAndTarget or MovementKit.Ball => "ball",
            MovementKit.Kettlebell => load.Implements > 1 ? "pair of kettlebells" : "kettlebell",
            _ => "sandbag",
        };

    /// <summary>The implement to be added to the kit; none for a bar, whose plates nobody can guess, nor for a converted mass.</summary>
    private static Eq<KitMend> Added(MovementKit kit, decimal value, DutyLoad load, MassUnit unit) =>
        !LaneKit.HasMasses(kit) || (load.Unit != unit && load.AlsoUnit != unit)
            ? []
            : [new($"Add a {Thing(kit, load)} of {new Mass(value, unit)} to the kit", new(kit, value, load.Implements))];

    /// <summary>Writes another figure into the detail, leaving the other duty's figure alone.</summary>
    private static Mend? Mended(CheckContext context, SourceRange at, decimal value, decimal better, string than, MassUnit unit)
    {
        if (context.LoadAt(at) is not { } load)
        {
            return null;
        }

        Series In(Series s) => s with { Terms = s.Terms.Select(t => t.Value == value ? new Number(better) : t).ToEq() };
        Pair Both(Pair p) => new(In(p.First), p.Second is { } second ? In(second) : null);
        var mended = load with { Of = Both(load.Of), Left = load.Left is { } left ? Both(left) : null };
        return mended == load
            ? null
            : new Mend($"Use {new Mass(better, unit)} ({than})", new TextEdit(at.Line, at.Column, at.Length, Printer.Detail(mended)));
    }
}
