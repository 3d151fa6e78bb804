using FairCompass.Core.Quantities;

namespace FairCompass.Core.Courses;

/// <summary>A number of the ledger.</summary>
/// <param name="Task">Which task of the piece, from 0.</param>
/// <param name="Amount">Units of the task here; null when it has no end.</param>
/// <param name="Total">Running total after it; null when it has no end.</param>
public sealed record LedgerCell(int Task, long? Amount, long? Total);

/// <summary>A row: a round, or one task of a list.</summary>
/// <param name="Label">The rounds, outermost first, joined with a point: <c>2</c>, <c>2·1</c>; empty for a task done once.</param>
/// <param name="Cells">In the order of the work.</param>
public sealed record LedgerRow(string Label, Eq<LedgerCell> Cells);

/// <summary>A table of the ledger.</summary>
/// <param name="InRounds">True when each row is a round of the same tasks; false when each row is one task.</param>
/// <param name="Rows">The first rows.</param>
/// <param name="More">True when there are more rows than these.</param>
public sealed record LedgerTable(bool InRounds, Eq<LedgerRow> Rows, bool More);

/// <summary>Lays a strand out as tables with running totals. Only the rows asked for are made.</summary>
public static class Ledger
{
    /// <summary>The tables of a strand.</summary>
    /// <param name="strand">The counter.</param>
    /// <param name="rows">How many rows at most, from 1.</param>
    public static Eq<LedgerTable> Of(Strand strand, int rows = 40)
    {
        var tables = new List<LedgerTable>();
        var items = strand.Root is CountNode.Sequence s ? s.Items : [strand.Root];
        var total = 0L;
        var list = new List<LedgerRow>();
        foreach (var item in items)
        {
            if (item is CountNode.Leaf leaf)
            {
                list.Add(new("", [Cell(leaf, 0, ref total)]));
                continue;
            }

            Flush();
            tables.Add(Table((CountNode.Repeat)item, ref total, rows));
        }

        Flush();
        return tables.ToEq();

        void Flush()
        {
            if (list.Count > 0)
            {
                tables.Add(new(false, list.Take(rows).ToEq(), list.Count > rows));
                list = [];
            }
        }
    }

    private static LedgerTable Table(CountNode.Repeat repeat, ref long total, int limit)
    {
        var rows = new List<LedgerRow>();
        var plain = repeat.Body is CountNode.Leaf || (repeat.Body is CountNode.Sequence s && s.Items.All(i => i is CountNode.Leaf));
        var start = total;
        var more = false;
        for (var round = 0L; round < (repeat.Times ?? long.MaxValue); round++)
        {
            if (rows.Count >= limit)
            {
                more = true;
                break;
            }

            if (plain)
            {
                rows.Add(new(Label([round + 1]), Cells(repeat.Body, round, ref total)));
            }
            else
            {
                Steps(repeat.Body, round, [round + 1], ref total, rows, limit + 1);
            }
        }

        more |= rows.Count > limit || repeat.Times is null;
        total = repeat.Endless ? total : Count.Add(start, repeat.Total(0));
        return new(plain, rows.Take(limit).ToEq(), more);
    }

    private static Eq<LedgerCell> Cells(CountNode body, long index, ref long total)
    {
        var cells = new List<LedgerCell>();
        foreach (var item in body is CountNode.Sequence s ? s.Items : [body])
        {
            cells.Add(Cell((CountNode.Leaf)item, index, ref total));
        }

        return cells.ToEq();
    }

    private static void Steps(CountNode node, long index, long[] path, ref long total, List<LedgerRow> rows, int limit)
    {
        if (rows.Count >= limit)
        {
            return;
        }

        switch (node)
        {
            case CountNode.Leaf leaf:
                rows.Add(new(Label(path), [Cell(leaf, index, ref total)]));
                break;
            case CountNode.Sequence sequence:
                foreach (var item in sequence.Items)
                {
                    Steps(item, index, path, ref total, rows, limit);
                }

                break;
            case CountNode.Repeat repeat:
                for (var i = 0L; i < (repeat.Times ?? long.MaxValue) && rows.Count < limit; i++)
                {
                    Steps(repeat.Body, i, [.. path, i + 1], ref total, rows, limit);
                }

                break;
        }
    }

    private static LedgerCell Cell(CountNode.Leaf leaf, long index, ref long total)
    {
        if (leaf.Endless)
        {
            return new(leaf.Task, null, null);
        }

        var amount = leaf.Total(index);
        total = Count.Add(total, amount);
        return new(leaf.Task, amount, total);
    }

    private static string Label(long[] path) => string.Join('·', path.Select(p => p.ToString(System.Globalization.CultureInfo.InvariantCulture)));
}
