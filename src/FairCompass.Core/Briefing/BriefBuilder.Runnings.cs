using FairCompass.Core.Courses;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;

namespace FairCompass.Core.Briefing;

/// <summary>Running totals of work, printed so that no judge has to add.</summary>
public sealed partial class BriefBuilder
{
    /// <summary>One table of running totals for all who count alike, with the names of whom it is where others count otherwise.</summary>
    /// <param name="Who">The entries with their pieces: the first stands for all in what is counted, each for itself in its loads.</param>
    /// <param name="Caption">Whose it is; empty where it is everybody’s.</param>
    private sealed record CountedAlike(IReadOnlyList<(Address Entry, CoursePiece Piece)> Who, string Caption)
    {
        public CoursePiece Piece => Who[0].Piece;

        public string Id => $"{Piece.Piece.Key}/{Who[0].Entry}";
    }

    private IEnumerable<BriefBlock> Runnings() => Alike().Select(Running);

    /// <summary>The counted pieces of all who are shown, those together that count alike; loads stand beside.</summary>
    private IEnumerable<CountedAlike> Alike()
    {
        var all = shown
            .SelectMany(i =>
                u.Courses[i]
                    .Pieces.Where(p => p.Strand is { TooLarge: false } && (p.Tasks.Count > 1 || p.Strand.HasRounds))
                    // Where the way taken decides the totals there are none to print.
                    .Where(p => !DependsOnWays(u.Courses[i], p, p.Strands[0]))
                    .Select(p => (Entry: u.Courses[i].Address, Piece: p))
            )
            .ToList();
        foreach (var line in all.GroupBy(x => (x.Piece.Piece.At.Line, x.Piece.Piece.Group)))
        {
            var entries = line.Select(x => x.Entry).Distinct().Count();
            foreach (var same in line.GroupBy(x => Signature(x.Piece)))
            {
                var who = same.Select(x => x.Entry).Distinct().ToList();
                yield return new(same.ToList(), who.Count == entries ? "" : " · " + Whose(who));
            }
        }
    }

    private static string Signature(CoursePiece piece) =>
        string.Join('|', piece.Tasks.Select(t => $"{t.Prescription.Movement.Value};{t.Count};{t.Unit};{t.Counted}"))
        + $"/{piece.Strand!.Units}/{piece.Strand.Rounds}";

    private BriefBlock.Table Running(CountedAlike alike)
    {
        var (piece, id) = (alike.Piece, alike.Id);
        var rows = new List<BriefRow>();
        var most = piece.Strand!.Units is null ? 12 : 30;
        var tables = Ledger.Of(piece.Strand!, piece.Tasks, tongue, most);
        Eq<string> head =
        [
            "",
            .. piece.Tasks.Select(t => t.Options.Count > 1 ? Words.Capital(Ways(t)) : Named(t.Prescription.Movement.Value)),
        ];
        var plain = tables.Count == 1 && tables[0].InRounds;
        for (var t = 0; t < tables.Count; t++)
        {
            for (var r = 0; r < tables[t].Rows.Count; r++)
            {
                var row = tables[t].Rows[r];
                var from = $"round/{id}/{row.Label}";
                if (plain)
                {
                    var round = Cite(from, $"{Say("Round", "Ronda")} {row.Label}{(row.Note is null ? "" : $" ({row.Note})")}");
                    rows.Add(new([round + Bars(alike, t, r, most), .. row.Cells.Select(c => Cite(from, Total(c)))]));
                }
                else if (row.Cells.Count == 0)
                {
                    rows.Add(Cited(from, new([row.Label, Words.Capital(row.Note ?? ""), ""])));
                }
                else
                {
                    rows.AddRange(row.Cells.Select(c => Cited(from, new([row.Label, Done(c, piece), Total(c)]))));
                }
            }
        }

        return new(RunningCaption(alike), plain ? head : [Say("Round", "Ronda"), Say("Work", "Trabajo"), "Total"], rows.ToEq());
    }

    /// <summary>The bar of a round for each who lifts another: <c>, 60 kg (Tideline man) or 40 kg (Tideline woman)</c>.</summary>
    private string Bars(CountedAlike alike, int table, int row, int most)
    {
        var bars = alike
            .Who.DistinctBy(x => x.Entry)
            .Select(x => (x.Entry, x.Piece.Piece.Key, Tables: Ledger.Of(x.Piece.Strand!, x.Piece.Tasks, tongue, most)))
            .Select(x => new Shared<string>(
                Cite(
                    $"round/{x.Key}/{x.Entry}/{x.Tables[table].Rows[row].Label}",
                    tongue.Join(x.Tables[table].Rows[row].Cells.Select(c => c.Load).OfType<string>().Distinct())
                ),
                [x.Entry]
            ))
            .ToEq();
        return bars.All(b => b.Value.Length == 0) ? "" : ", " + EachOf(bars, b => b.Length == 0 ? "–" : b);
    }

    private string RunningCaption(CountedAlike alike)
    {
        var (piece, id) = (alike.Piece, alike.Id);
        var names = alike.Who.Select(x => x.Piece.Piece).Where(p => p.IsNamed).Select(p => p.NameIn(tongue)).Distinct().ToList();
        // Many turns or seats that count alike read as the name of their place.
        var name = names.Count <= 2 ? tongue.Join(names) : piece.Piece.Label ?? piece.Piece.Station ?? Say("every turn", "cada turno");
        var all = piece.Strand!.AllCounted is { } n ? Say($", {n} in all", $", {n} en total") : "";
        return Words.Capital((name.Length == 0 ? "" : Cite($"piece/{id}", name) + ": ") + Say("running totals", "totales acumulados"))
            + Cite("entry/" + string.Join(' ', alike.Who.Select(x => x.Entry)), alike.Caption)
            + Cite($"piece/{id}", all);
    }
}
