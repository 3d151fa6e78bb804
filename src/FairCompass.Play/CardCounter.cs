using System.Globalization;
using FairCompass.Core.Briefing;

namespace FairCompass.Play;

/// <summary>A box as it is printed.</summary>
/// <param name="Total">The running total in it; null where the printed text is no number.</param>
/// <param name="Tasks">How many tasks end with it: several where a row holds several.</param>
public sealed record PrintedBox(long? Total, int Tasks);

/// <summary>The boxes of one counter on a printed card, in the order in which they are crossed off.</summary>
/// <param name="Caption">What stands above them.</param>
/// <param name="Boxes">The boxes.</param>
public sealed record PrintedCounter(string? Caption, IReadOnlyList<PrintedBox> Boxes)
{
    /// <summary>Reads the counters off the sections of a lane card for one entry.</summary>
    /// <param name="card">A lane card.</param>
    /// <param name="entry">Whose part of it; null where it is one entry’s.</param>
    public static IReadOnlyList<PrintedCounter> Of(Brief card, string? entry)
    {
        var counters = new List<(string? Caption, List<PrintedBox> Boxes)>();
        foreach (
            var block in card.Sections.Where(s => s.Id == "count" && s.Entry == entry).SelectMany(s => s.Blocks).OfType<BriefBlock.Boxes>()
        )
        {
            if (block.Caption is not null || counters.Count == 0)
            {
                counters.Add((block.Caption, []));
            }

            counters[^1].Boxes.AddRange(Boxed(block));
        }

        return counters.Select(c => new PrintedCounter(c.Caption, c.Boxes)).ToList();
    }

    /// <summary>Where the boxes of a table are, by row and column, in the order in which they are crossed off: a column a round and a row
    /// a task, from top to bottom; or a row a step, with its total at the end. A row without one is a mark.</summary>
    internal static IReadOnlyList<(int Row, int Column)> Places(BriefBlock.Boxes block)
    {
        var last = block.Head.Count - 1;
        var rows = Enumerable.Range(0, block.Rows.Count);
        return block.Head[^1] == "Total"
            ? rows.Where(r => block.Rows[r].Cells[last] is not ("" or BriefBuilder.ClockBlank)).Select(r => (r, last)).ToList()
            : Enumerable
                .Range(1, last)
                .SelectMany(c => rows.Where(r => block.Rows[r].Cells[c] is not ("" or "–" or BriefBuilder.ClockBlank)).Select(r => (r, c)))
                .ToList();
    }

    private static IEnumerable<PrintedBox> Boxed(BriefBlock.Boxes block) =>
        Places(block)
            .Select(p => new PrintedBox(
                Number(block.Rows[p.Row].Cells[p.Column]),
                block.Head[^1] == "Total" ? block.Rows[p.Row].Cells[0].Split(" + ").Length : 1
            ));

    private static long? Number(string cell) =>
        long.TryParse(cell, NumberStyles.None, CultureInfo.InvariantCulture, out var total) ? total : null;
}
