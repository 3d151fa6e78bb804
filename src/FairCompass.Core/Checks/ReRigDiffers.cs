using FairCompass.Core.InForce;
using FairCompass.Core.Notation;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A change of the bar that does not lead to the load of the next lift on it.</summary>
public sealed class ReRigDiffers : ICheck
{
    /// <inheritdoc/>
    public string Id => "re-rig-differs";

    /// <inheritdoc/>
    public string Title => "A change of the bar that leads to another load";

    /// <inheritdoc/>
    public string Why => "Who loads reads the change, who judges reads the lift, and the bar has one of the two.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        var book = StandardsBook.Of(context.Competition);
        var bars = context
            .Prescribed.Where(p =>
                p.At == default && p.Option is null && book.Find(p.Prescription.Movement.Value)?.Kit == MovementKit.Barbell
            )
            .ToList();
        // The bar of a window or of a wave of its own is not that of the line below.
        var waves = WorkTree
            .Stages(context.Workout.Stages)
            .OfType<Stage.Waves>()
            .SelectMany(w => w.Rules)
            .Select(r => r.At.Line)
            .ToHashSet();
        var changes = WorkTree
            .ReRigsAt(context.Workout)
            .Where(r => r.Rule is { Window: null, InChange: false } && !waves.Contains(r.At.Line));
        foreach (var (rule, at) in changes)
        {
            foreach (var address in context.Resolver.Addresses)
            {
                var mine = bars.Where(b => ReferenceEquals(b.Address, address)).ToList();
                var before = mine.FindLast(b => b.Source.At.Line <= at.Line);
                var after = mine.Find(b => b.Source.At.Line > at.Line && b.Prescription.Load is not null);
                if (Sentence(rule, context.Resolver.Position(address), before, after) is { } sentence)
                {
                    yield return new Report(at, sentence, Mends(rule, after).ToArray());
                    break;
                }
            }
        }
    }

    private static string? Sentence(Rule.ReRig rule, int position, PrescribedTask? before, PrescribedTask? after)
    {
        var next = after?.Prescription.Load?.Value.Values.At(0);
        if (rule.To is { } to && to.Of.For(position).At(0) is { } set)
        {
            return next is not null && next != set
                ? $"The bar is set to {Printer.Detail(to)}, the next lift on it is {Written(after!)}."
                : null;
        }

        if (
            rule.Added is not { } added
            || added.Of.For(position).At(0) is not { } side
            || before?.Prescription.Load?.Value is not { } load
            || load.Unit != added.Unit
        )
        {
            return null;
        }

        // A load that differs by the round is changed from one round to the next.
        var was = load.Values;
        if (was.IsConstant)
        {
            var now = was.At(0) ?? 0;
            return next is not null && !was.HasUnset && next != now + (2 * side)
                ? $"{new Mass(now, added.Unit)} and {Printer.Detail(added)} a side are {new Mass(now + (2 * side), added.Unit)}, "
                    + $"the next lift on it is {Written(after!)}."
                : null;
        }

        var wrong = Enumerable.Range(1, (int)Math.Min(was.Length ?? 20, 60) - 1).FirstOrDefault(i => was.At(i) - was.At(i - 1) != 2 * side);
        return wrong > 0
            ? $"{Printer.Detail(added)} a side are {new Mass(2 * side, added.Unit)}; from {was.At(wrong - 1)} to "
                + $"{new Mass(was.At(wrong) ?? 0, added.Unit)} it is another step."
            : null;
    }

    private static string Written(PrescribedTask task) =>
        task.Source.Details.OfType<Detail.Load>().FirstOrDefault() is { } load
            ? Printer.Detail(load)
            : task.Prescription.Load!.Value.ToString();

    private static IEnumerable<Mend> Mends(Rule.ReRig rule, PrescribedTask? after)
    {
        if (rule.To is not { } to || after?.Source.Details.OfType<Detail.Load>().FirstOrDefault() is not { } load)
        {
            yield break;
        }

        yield return Written(to, Printer.Detail(load), "re-rig");
        yield return Written(load, Printer.Detail(to), "lift");

        static Mend Written(Detail.Load at, string text, string where) =>
            new($"Write {text} in the {where}", new TextEdit(at.At.Line, at.At.Column, at.At.Length, text));
    }
}
