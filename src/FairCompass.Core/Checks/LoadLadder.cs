using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A ladder of loads that falls, or ends before the work.</summary>
public sealed class LoadLadder : ICheck
{
    /// <inheritdoc/>
    public string Id => "load-ladder";

    /// <inheritdoc/>
    public string Title => "A ladder of loads that falls, or ends before the work";

    /// <inheritdoc/>
    public string Why => "A bar that gets lighter is usually a typing error, and after the last rung every lane would guess.";

    /// <inheritdoc/>
    public Severity Severity => Severity.ShouldFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        foreach (var piece in context.Pieces)
        {
            foreach (var report in Block(context, piece.Items, false))
            {
                yield return report;
            }
        }
    }

    private static IEnumerable<Report> Block(CheckContext context, Eq<Work> items, bool endless) =>
        items.SelectMany(w =>
            w switch
            {
                Work.Rounds r => Block(context, r.Items, r.HasNoEnd),
                Work.Scheme s => Block(context, s.Items, s.Of.First.Length is null),
                Work.Complex c => Loads(
                        context,
                        c.Details,
                        c.At,
                        endless,
                        c.Details.Any(d => d is Detail.Flag { Is: FlagKind.LastBarRepeats })
                    )
                    .Concat(c.Lines.OfType<TaskLine.Override>().SelectMany(o => Loads(context, o.Details, o.At, false, true)))
                    .Concat(c.Lifts.SelectMany(l => Loads(context, l.Details, l.At, endless, false))),
                Work.Task t => Loads(
                        context,
                        t.Details,
                        t.At,
                        endless,
                        t.Details.Any(d => d is Detail.Flag { Is: FlagKind.LastBarRepeats })
                    )
                    .Concat(t.Lines.OfType<TaskLine.Override>().SelectMany(o => Loads(context, o.Details, o.At, false, true))),
                Work.Every e => Block(context, e.First, true).Concat(Block(context, e.Then, false)),
                _ => [],
            }
        );

    private static IEnumerable<Report> Loads(CheckContext context, Eq<Detail> details, SourceRange at, bool endless, bool lastSaid)
    {
        foreach (var load in details.OfType<Detail.Load>())
        {
            foreach (var series in new[] { load.Of.First, load.Of.Second }.OfType<Series>().Where(s => !s.IsConstant))
            {
                if (Slip(series) is { } falls)
                {
                    yield return new Report(
                        load.At,
                        $"“{series}” falls from {Number.Normal(series.At(falls - 1)!.Value)} to {Number.Normal(series.At(falls)!.Value)}."
                    );
                }

                if (endless && !lastSaid && series.Length is not null)
                {
                    yield return new Report(
                        at,
                        $"The rounds go on after {Number.Normal(series.At(series.Length.Value - 1) ?? 0)} {load.Unit.Symbol()}. "
                            + "Write “last bar repeats”, or close the rounds.",
                        context.Added(at.Line, ", last bar repeats", "The last bar repeats")
                    );
                    yield break;
                }
            }
        }
    }

    /// <summary>The step that is against the others, from 1; null for a ladder that rises or falls all the way, or rises and then falls.
    /// Any other turn is most often a slip.</summary>
    private static int? Slip(Series series)
    {
        var turns = new List<int>();
        var up = (bool?)null;
        int? firstFall = null;
        for (var i = 1; i < Math.Min(series.Length ?? 60, 60); i++)
        {
            if (series.At(i) is not { } now || series.At(i - 1) is not { } before || now == before)
            {
                continue;
            }

            firstFall ??= now < before ? i : null;
            if (up is { } was && was != now > before)
            {
                turns.Add(i);
            }

            up = now > before;
        }

        return turns.Count == 0 || (turns.Count == 1 && up == false) ? null : firstFall;
    }
}
