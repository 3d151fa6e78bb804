using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A number that cannot be meant: zero, a fraction of a rep, or far beyond what people do.</summary>
public sealed class ImpossibleNumber : ICheck
{
    /// <summary>More of one movement in one round than any event asks for (common practice).</summary>
    public const int LargeAmount = 10_000;

    /// <summary>Kilograms beyond any bar or implement of an event (common practice).</summary>
    public const int LargeLoad = 500;

    /// <inheritdoc/>
    public string Id => "impossible-number";

    /// <inheritdoc/>
    public string Title => "A number that cannot be meant";

    /// <inheritdoc/>
    public string Why => "A typing error is cheapest here; at the briefing athletes have already trained it.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context) => Times(context.Workout).Concat(context.AllWork.SelectMany(Work));

    private static IEnumerable<Report> Times(Workout workout)
    {
        foreach (var stage in workout.Stages)
        {
            var time = stage switch
            {
                Stage.Window w => w.Time,
                Stage.Clock c => c.Time,
                Stage.Gap g => g.Time,
                _ => null,
            };
            if (time == Duration.Zero)
            {
                yield return new Report(stage.At, "0:00 leaves no time at all.");
            }
            else if (time > Duration.Seconds(4 * 3600))
            {
                yield return new Report(stage.At, $"{time} is longer than four hours. Is it minutes and seconds?");
            }
        }
    }

    private static IEnumerable<Report> Work(Work work)
    {
        switch (work)
        {
            case Work.Rounds { Times: 0 }:
                yield return new Report(work.At, "0 rounds are no work.");
                break;
            case Work.Scheme s:
                foreach (var report in Amounts(s.Of, s.At))
                {
                    yield return report;
                }

                break;
            case Work.Task t:
                var own = t.Lines.OfType<TaskLine.Override>().Select(o => (o.Amount, o.Details, o.At)).Prepend((t.Amount, t.Details, t.At));
                foreach (
                    var report in own.SelectMany(l =>
                        (l.Item1 is Amount.Counted c ? Amounts(c.Of, l.Item3) : HeaviestOf(l.Item1, l.Item3))
                            .Concat(Shares(l.Item2))
                            .Concat(Loads(l.Item2))
                    )
                )
                {
                    yield return report;
                }

                break;
        }
    }

    private static IEnumerable<Report> HeaviestOf(Amount? amount, SourceRange at)
    {
        if (amount is Amount.Heaviest { SetOf: 0 or > 50 })
        {
            yield return new Report(at, "A heaviest set has from 1 to 50 reps.");
        }
    }

    private static IEnumerable<Report> Amounts(Pair pair, SourceRange at)
    {
        foreach (
            var n in new[] { pair.First, pair.Second }
                .OfType<Series>()
                .SelectMany(s => s.Terms.Concat(s.Last is { } l ? [l] : []))
                .Where(n => !n.IsUnset)
                .Distinct()
        )
        {
            if (n.Value == 0)
            {
                yield return new Report(at, "An amount of 0 is no work; leave the line out.");
            }
            else if (!n.IsWhole)
            {
                yield return new Report(at, $"{n} cannot be counted: amounts are whole numbers.");
            }
            else if (n.Value > LargeAmount)
            {
                yield return new Report(at, $"{n} in one round is more than anybody does.");
            }
        }
    }

    private static IEnumerable<Report> Shares(Eq<Detail> details)
    {
        foreach (var best in details.OfType<Detail.OwnBest>())
        {
            foreach (var n in new[] { best.Percent.First, best.Percent.Second }.OfType<Series>().SelectMany(s => s.Terms))
            {
                if (n.Value is <= 0 or > 100)
                {
                    yield return new Report(best.At, $"{n} % of an own best: over 0 and up to 100; nobody lifts more than the best.");
                }
            }
        }
    }

    private static IEnumerable<Report> Loads(Eq<Detail> details)
    {
        foreach (var load in details.OfType<Detail.Load>())
        {
            if (load.Implements is 0 or > 4)
            {
                yield return new Report(load.At, $"Nobody holds {load.Implements} implements at once.");
            }

            foreach (
                var n in new[]
                {
                    load.Of.First,
                    load.Of.Second,
                    load.AlsoOf?.First,
                    load.AlsoOf?.Second,
                    load.Left?.First,
                    load.Left?.Second,
                }
                    .OfType<Series>()
                    .SelectMany(s => s.Terms)
                    .Where(n => !n.IsUnset)
                    .Distinct()
            )
            {
                if (n.Value == 0)
                {
                    yield return new Report(load.At, "A load of 0 is no load; leave it out.");
                }
                else if (new Mass(n.Value!.Value, load.Unit).InKilograms > LargeLoad)
                {
                    yield return new Report(load.At, $"{new Mass(n.Value.Value, load.Unit)} is more than anybody lifts in an event.");
                }
            }
        }

        foreach (var height in details.OfType<Detail.Height>())
        {
            if (height.IsAt)
            {
                continue;
            }

            foreach (
                var n in new[] { height.Of.First, height.Of.Second, height.By?.First, height.By?.Second }
                    .OfType<Series>()
                    .SelectMany(s => s.Terms)
                    .Where(n => !n.IsUnset)
            )
            {
                if (n.Value == 0 || new Length(n.Value!.Value, height.Unit).InMillimetres > 20_000)
                {
                    yield return new Report(height.At, $"{new Length(n.Value!.Value, height.Unit)} is no height for this.");
                }
            }
        }
    }
}
