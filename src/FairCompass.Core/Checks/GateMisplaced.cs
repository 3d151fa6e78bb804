using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Checks;

/// <summary>A gate that opens nothing.</summary>
public sealed class GateMisplaced : ICheck
{
    /// <inheritdoc/>
    public string Id => "gate-misplaced";

    /// <inheritdoc/>
    public string Title => "A gate that opens nothing";

    /// <inheritdoc/>
    public string Why => "A gate that lies before the one before it, or adds no time, decides nothing and will be argued about.";

    /// <inheritdoc/>
    public Severity Severity => Severity.MustFix;

    /// <inheritdoc/>
    public IEnumerable<Report> Look(CheckContext context)
    {
        foreach (var piece in context.Pieces)
        {
            foreach (var report in Block(context, piece.Items, null, 0, true))
            {
                yield return report;
            }
        }
    }

    /// <param name="context">The draft.</param>
    /// <param name="items">A block of work.</param>
    /// <param name="rounds">How often it is done; null without end or when no loop stands around it.</param>
    /// <param name="depth">How many loops stand around it.</param>
    /// <param name="ends">True when nothing follows the block.</param>
    private static IEnumerable<Report> Block(CheckContext context, Eq<Work> items, long? rounds, int depth, bool ends)
    {
        var work = false;
        int? last = null;
        for (var i = 0; i < items.Count; i++)
        {
            var item = items[i];
            var behind = items.Skip(i + 1).Any(IsWork);
            switch (item)
            {
                case Work.Gate g:
                    foreach (var report in OfGate(context, g, new(rounds, depth, ends, behind, work, last)))
                    {
                        yield return report;
                    }

                    last = g.OnlyRound ?? last;

                    // The next segment needs work of its own, unless both belong to other rounds.
                    work = g.OnlyRound is not null && work;
                    break;
                case Work.Rounds r:
                    work = true;
                    foreach (var report in Block(context, r.Items, r.Times, depth + 1, ends && !behind))
                    {
                        yield return report;
                    }

                    break;
                case Work.Scheme s:
                    work = true;
                    foreach (var report in Block(context, s.Items, s.Of.First.Length, depth + 1, ends && !behind))
                    {
                        yield return report;
                    }

                    break;
                case Work.RuleLine or Work.OwnRest or Work.Checkpoint:
                    break;
                default:
                    work = true;
                    break;
            }
        }
    }

    /// <summary>Where a gate stands.</summary>
    /// <param name="Rounds">How often the block around it is done.</param>
    /// <param name="Depth">How many loops stand around it.</param>
    /// <param name="Ends">True when nothing follows the block.</param>
    /// <param name="Behind">True when work follows it in the block.</param>
    /// <param name="Work">True when work stands between it and the gate before.</param>
    /// <param name="Last">The round of the gate above it, when that names one.</param>
    private readonly record struct Place(long? Rounds, int Depth, bool Ends, bool Behind, bool Work, int? Last);

    private static IEnumerable<Report> OfGate(CheckContext context, Work.Gate g, Place at)
    {
        if (g.Adds.Any(t => t == Duration.Zero))
        {
            yield return new Report(g.At, "This gate adds no time.", context.RemoveLine(g.At.Line));
        }

        if (!at.Behind && at.Ends && at.Depth == 0)
        {
            yield return new Report(
                g.At,
                "This gate stands after the last rep, where the work is finished: it opens nothing.",
                context.RemoveLine(g.At.Line)
            );
        }

        if (!at.Work)
        {
            yield return new Report(
                g.At,
                at.Depth == 0
                    ? "Nothing is done before this gate, so everybody passes it at 0:00."
                    : "Nothing is done in the round before this gate."
            );
        }

        foreach (var report in g.OnlyRound is { } only ? OfRound(context, g, only, at) : OfTimes(context, g, at))
        {
            yield return report;
        }
    }

    /// <summary>A gate that names its round.</summary>
    private static IEnumerable<Report> OfRound(CheckContext context, Work.Gate g, int only, Place at)
    {
        if (at.Depth == 0)
        {
            yield return new Report(
                g.At,
                "There are no rounds around this gate.",
                context.Instead(g.At.Line, $", round {only} only", "", $"Remove “round {only} only”")
            );
        }
        else if (only < 1 || only > (at.Rounds ?? long.MaxValue))
        {
            yield return new Report(
                g.At,
                $"There are {at.Rounds} rounds, so no round {only}.",
                context.Instead(
                    g.At.Line,
                    $"round {only}",
                    $"round {Math.Max(1, (at.Rounds ?? 2) - 1)}",
                    $"Write round {Math.Max(1, (at.Rounds ?? 2) - 1)}"
                )
            );
        }
        else if (at.Last is { } before && only < before)
        {
            yield return new Report(g.At, $"This gate in round {only} lies before the one above it in round {before}.");
        }
    }

    /// <summary>A gate with a time for each time it is passed.</summary>
    private static IEnumerable<Report> OfTimes(CheckContext context, Work.Gate g, Place at)
    {
        if (g.Adds.Count > 1 && (at.Depth == 0 || g.Adds.Count > (at.Rounds ?? long.MaxValue)))
        {
            yield return new Report(
                g.At,
                $"{g.Adds.Count} times, but the gate is passed {(at.Depth == 0 ? "once" : $"{at.Rounds} times")}."
            );
        }
        else if (g.Adds.Count > 1 && g.Adds.Count == at.Rounds && at.Depth == 1 && at.Ends && !at.Behind)
        {
            yield return new Report(
                g.At,
                $"{g.Adds.Count} times, but after round {at.Rounds} the work is finished: only {g.Adds.Count - 1} open something.",
                context.Instead(
                    g.At.Line,
                    string.Join('-', g.Adds.Select(a => a.ToString())),
                    string.Join('-', g.Adds.SkipLast(1).Select(a => a.ToString())),
                    "Leave the last time out"
                )
            );
        }
    }

    private static bool IsWork(Work work) => work is not (Work.Gate or Work.Checkpoint or Work.RuleLine or Work.OwnRest);
}
