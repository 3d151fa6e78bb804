using FairCompass.Core.Briefing;

namespace FairCompass.Play;

/// <summary>The tables of boxes of a printed card, with the time at which each box was crossed off.</summary>
internal static class FilledTables
{
    /// <summary>The tables in the order of the card.</summary>
    /// <param name="card">The card.</param>
    /// <param name="entry">Whose part of it; null where it is one entry’s.</param>
    /// <param name="judge">Who filled it in.</param>
    public static IReadOnlyList<CardTable> Of(Brief card, string? entry, MechanicalJudge judge)
    {
        var tables = new List<CardTable>();
        var counter = -1;
        var box = 0;
        foreach (
            var block in card.Sections.Where(s => s.Id == "count" && s.Entry == entry).SelectMany(s => s.Blocks).OfType<BriefBlock.Boxes>()
        )
        {
            if (block.Caption is not null || counter < 0)
            {
                (counter, box) = (counter + 1, 0);
            }

            var crossed = judge.CrossedAt(counter);
            var places = PrintedCounter.Places(block);
            var at = places
                .Select((p, i) => (p, At: box + i < crossed.Count ? crossed[box + i] : (long?)null))
                .ToDictionary(x => x.p, x => x.At);
            tables.Add(
                new(
                    block.Caption,
                    block.Head.ToList(),
                    block
                        .Rows.Select(
                            (r, y) =>
                                (IReadOnlyList<CardBox>)r.Cells.Select((c, x) => new CardBox(c, at.GetValueOrDefault((y, x)))).ToList()
                        )
                        .ToList()
                )
            );
            box += places.Count;
        }

        return tables;
    }
}
