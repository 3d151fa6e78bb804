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
            foreach (var report in Block(piece.Items, null, 0, true))
            {
                yield return report;
            }
        }
    }

    /// <param name="items">A block of work.</param>
    /// <param name="rounds">How often it is done; null without end or when no loop stands around it.</param>
    /// <param name="depth">How many loops stand around it.</param>
    /// <param name="ends">True when nothing follows the block.</param>
    private static IEnumerable<Report> Block(Eq<Work> items, long? rounds, int depth, bool ends)
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
                    if (g.Adds.Any(t => t == Duration.Zero))
                    {
                        yield return new Report(g.At, "This gate adds no time.");
                    }

                    if (!behind && ends && depth == 0)
                    {
                        yield return new Report(g.At, "This gate stands after the last rep, where the work is finished: it opens nothing.");
                    }

                    if (!work)
                    {
                        yield return new Report(
                            g.At,
                            depth == 0
                                ? "Nothing is done before this gate, so everybody passes it at 0:00."
                                : "Nothing is done in the round before this gate."
                        );
                    }

                    if (g.OnlyRound is { } only)
                    {
                        if (depth == 0)
                        {
                            yield return new Report(g.At, "There are no rounds around this gate.");
                        }
                        else if (only < 1 || only > (rounds ?? long.MaxValue))
                        {
                            yield return new Report(g.At, $"There are {rounds} rounds, so no round {only}.");
                        }
                        else if (last is { } before && only < before)
                        {
                            yield return new Report(g.At, $"This gate in round {only} lies before the one above it in round {before}.");
                        }

                        last = only;
                    }
                    else if (g.Adds.Count > 1 && (depth == 0 || g.Adds.Count > (rounds ?? long.MaxValue)))
                    {
                        yield return new Report(
                            g.At,
                            $"{g.Adds.Count} times, but the gate is passed {(depth == 0 ? "once" : $"{rounds} times")}."
                        );
                    }
                    else if (g.Adds.Count > 1 && g.Adds.Count == rounds && depth == 1 && ends && !behind)
                    {
                        yield return new Report(
                            g.At,
                            $"{g.Adds.Count} times, but after round {rounds} the work is finished: only {g.Adds.Count - 1} open something."
                        );
                    }

                    // The next segment needs work of its own, unless both belong to other rounds.
                    work = g.OnlyRound is not null && work;
                    break;
                case Work.Rounds r:
                    work = true;
                    foreach (var report in Block(r.Items, r.Times, depth + 1, ends && !behind))
                    {
                        yield return report;
                    }

                    break;
                case Work.Scheme s:
                    work = true;
                    foreach (var report in Block(s.Items, s.Of.First.Length, depth + 1, ends && !behind))
                    {
                        yield return report;
                    }

                    break;
                case Work.RuleLine or Work.OwnRest:
                    break;
                default:
                    work = true;
                    break;
            }
        }
    }

    private static bool IsWork(Work work) => work is not (Work.Gate or Work.RuleLine or Work.OwnRest);
}
