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
            var block in card
                .Sections.Where(s => s.Id == "count" && s.Entry == entry)
                .SelectMany(s => s.Blocks)
                .OfType<BriefBlock.Boxes>()
        )
        {
            if (block.Caption is not null || counters.Count == 0)
            {
                counters.Add((block.Caption, []));
            }

            counters[^1].Boxes.AddRange(block.Head[^1] == "Total" ? InSteps(block) : InRounds(block));
        }

        return counters.Select(c => new PrintedCounter(c.Caption, c.Boxes)).ToList();
    }

    /// <summary>A column a round, a row a task: crossed from top to bottom, then the next column.</summary>
    private static IEnumerable<PrintedBox> InRounds(BriefBlock.Boxes block)
    {
        for (var column = 1; column < block.Head.Count; column++)
        {
            foreach (var row in block.Rows)
            {
                if (row.Cells[column] is not ("" or "–"))
                {
                    yield return new(Number(row.Cells[column]), 1);
                }
            }
        }
    }

    /// <summary>A row a step, with its total at the end; a row without one is a mark.</summary>
    private static IEnumerable<PrintedBox> InSteps(BriefBlock.Boxes block) =>
        block.Rows.Where(r => r.Cells[^1].Length > 0).Select(r => new PrintedBox(Number(r.Cells[^1]), r.Cells[0].Split(" + ").Length));

    private static long? Number(string cell) =>
        long.TryParse(cell, NumberStyles.None, CultureInfo.InvariantCulture, out var total) ? total : null;
}
