namespace FairCompass.Core.Courses;

/// <content>Rounds of the first loop at the top of the work, and the counter of one of them.</content>
public sealed partial class Strand
{
    /// <summary>The counter of one round of a work that is one loop: its own units, at its own places.</summary>
    /// <param name="round">From 1.</param>
    internal Strand OfRound(long round)
    {
        var loop = (CountNode.Repeat)root;
        var before = loop.Body.Prefix(round - 1);
        return new(root, (before, loop.Body.Prefix(round) - before));
    }

    /// <summary>The work of which it counts one round; itself where it counts all of it.</summary>
    public Strand Whole => part is null ? this : new(root);

    /// <summary>The units after a full round of the main loop; null when the work has none, or not so many rounds.</summary>
    /// <param name="round">From 1.</param>
    public long? UnitsAfterRound(long round) =>
        Main is { } main && round >= 1 && round <= (main.Loop.Times ?? Count.Ceiling)
            ? Count.Add(main.Before, main.Loop.Body.Prefix(round))
            : null;

    /// <summary>How many rounds of the outermost loop are full at a count, and the units after the last full one; null when the work is no
    /// single loop.</summary>
    public (long Full, long Beyond)? FullRounds(long units)
    {
        if (!IsOneLoop || Main is not { } main)
        {
            return null;
        }

        var full = units == 0 ? 0 : main.Loop.Iteration(units, Tally.Units);
        if (units > 0 && main.Loop.Body.Prefix(full + 1) == units)
        {
            full++;
        }

        return (full, units - main.Loop.Body.Prefix(full));
    }

    /// <summary>The round of the main loop that a unit ends; null when it ends none.</summary>
    /// <param name="units">From 1.</param>
    public long? RoundEndingAt(long units) =>
        Main is { } main
        && units > main.Before
        && (main.Loop.Endless || units - main.Before <= main.Loop.Total(0))
        && main.Loop.Iteration(units - main.Before, Tally.Units) + 1 is var round
        && UnitsAfterRound(round) == units
            ? round
            : null;

    /// <summary>The rounds of the main loop; null when it has no end or there is none.</summary>
    public long? Rounds => Main?.Loop.Times;

    /// <summary>True when there is a loop whose rounds can be named: the first at the top of the work.</summary>
    public bool HasRounds => Main is not null;

    /// <summary>True when the whole work is one loop.</summary>
    public bool IsOneLoop => part is null && IsLoop;

    private bool IsLoop =>
        root is CountNode.Repeat
        || (root is CountNode.Sequence s && s.Items.Count(i => i is not CountNode.Mark) == 1 && s.Items.Any(i => i is CountNode.Repeat));

    private (CountNode.Repeat Loop, long Before)? Main
    {
        get
        {
            if (part is not null)
            {
                return null;
            }

            if (root is CountNode.Repeat r)
            {
                return (r, 0);
            }

            var before = 0L;
            foreach (var item in (root as CountNode.Sequence)?.Items ?? [])
            {
                if (item is CountNode.Repeat loop)
                {
                    return (loop, before);
                }

                before = Count.Add(before, item.Total(0));
            }

            return null;
        }
    }
}
