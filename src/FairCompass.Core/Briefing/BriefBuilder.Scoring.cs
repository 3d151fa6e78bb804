using FairCompass.Core.Courses;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Text;

namespace FairCompass.Core.Briefing;

/// <summary>What is written down, and what it is worth.</summary>
public sealed partial class BriefBuilder
{
    /// <summary>What the card asks, and how the count runs.</summary>
    private BriefSection Writing() => WriteDown() is var asked ? asked with { Blocks = [.. asked.Blocks, .. Totals().Blocks] } : asked;

    private BriefSection WriteDown()
    {
        var all = OnceEach(shown.Select(i => (u.Courses[i].Address, Asked(u.Courses[i], u.Sheets[i]))));
        Eq<string> asked =
            audience != Audience.Judge || all.Count <= MostWritten
                ? all
                :
                [
                    .. all.Take(MostWritten),
                    Say("The card has a box for each further one.", "La tarjeta tiene una casilla para cada uno de los demás."),
                ];
        return new("writing", Say("What you write down", "Qué anotas"), asked.Count > 0 ? [new BriefBlock.Points(asked)] : []);
    }

    /// <summary>Who does what in which minute, and the running totals.</summary>
    private BriefSection Totals() =>
        new(
            "totals",
            Say("How the count runs", "Cómo va la cuenta"),
            [
                .. shown.Count > 0 ? Clocks().Select(MinuteByMinute).OfType<BriefBlock>() : [],
                .. audience == Audience.Judge && DivisionsShown.Count > 1 && Alike().Skip(1).Any() ? [] : Runnings(),
            ]
        );

    /// <summary>Lines of several entries: what all have stands once, what some have names them.</summary>
    private Eq<string> OnceEach(IEnumerable<(Address Who, IEnumerable<string> Lines)> each) =>
        Entries.Once(each, shown.Count, some => Cite("entry/" + string.Join(' ', some), Whose(some))).ToEq();

    private BriefRow Cited(string from, BriefRow row)
    {
        foreach (var cell in row.Cells)
        {
            Cite(from, cell);
        }

        return row;
    }

    /// <summary>What a field of the card is for, without the values it may take.</summary>
    private static string Short(Course course, CardField field) =>
        course.Piece(field.Piece)!.Piece is { } p && (p.Turn ?? p.Cycle) is not null && p.Station is { } station
            ? $"{station}: {field.Label[(field.Label.LastIndexOf(": ", StringComparison.Ordinal) + 2)..]}"
            : field.Label;

    /// <summary>Where somebody stood is asked where there are ways to choose; a running total only where one is printed.</summary>
    private static bool IsAsked(Course course, CardField f) =>
        f.Spare ? false
        : course.Piece(f.Piece) is not { } piece || !HasMenu(piece) ? f.Field != CardFieldKind.Stood
        : f.Field != CardFieldKind.Counted || piece.Strands.All(s => !DependsOnWays(course, piece, s));

    /// <summary>What the card of an entry asks; turns that repeat are one line.</summary>
    private IEnumerable<string> Asked(Course course, ScoreSheet sheet, Func<CardField, bool>? which = null) =>
        Card.Fields(course, sheet, tongue)
            .Where(f => IsAsked(course, f) && (which is null || which(f)))
            .GroupBy(f =>
                // A card has a blank for each; a list says once what is asked alike.
                which is null
                && course.Piece(f.Piece)!.Piece is { } p
                && (p.Turn ?? p.Cycle) is not null
                    ? $"{p.Station ?? p.Label}|{f.Field.Key()}|{f.Strand}|{f.Hint}"
                    : $"{f.Piece}|{f.Label}"
            )
            .Select(g =>
            {
                var (first, piece) = (g.First(), course.Piece(g.First().Piece)!.Piece);
                var label =
                    g.Count() == 1
                        ? first.Label
                        : $"{piece.Station ?? piece.Label ?? Say("Each cycle", "Cada ciclo")}: "
                            + $"{first.Label[(first.Label.LastIndexOf(": ", StringComparison.Ordinal) + 2)..]}"
                            + $"{Say($", in each of {g.Count()} turns", $", en cada uno de {g.Count()} turnos")}";
                return Cite($"field/{first.Piece}/{first.Field.Key()}/{course.Address}", $"{Words.Capital(label)} ({first.Hint}).");
            })
            .ToList();

    /// <summary>The running total behind a task; a dash in a round in which it is not done, so that there is nothing to cross.</summary>
    private string Total(LedgerCell c) =>
        c.Amount == 0 ? "–"
        : (c.Credit ?? c.Total) is { } n ? Figure(n)
        : Say("no end", "sin fin");

    /// <summary>The bar of a round, where it climbs from round to round.</summary>
    private string Bar(LedgerRow row) =>
        row.Cells.Select(c => c.Load).OfType<string>().Distinct().ToList() is { Count: > 0 } loads ? ", " + tongue.Join(loads) : "";

    private string Done(LedgerCell c, CoursePiece piece) => TaskWords.Of(piece.Tasks[c.Task], c.Amount, tongue);

    private BriefSection Scoring()
    {
        var heading = Say("Scoring", "Puntuación");
        if (shown.Count == 0 || u.Sheets[shown[0]].Components.Count == 0)
        {
            return new("scoring", heading, []);
        }

        return new(
            "scoring",
            heading,
            [new BriefBlock.Points(OnceEach(shown.Select(i => (u.Courses[i].Address, Sentences(i)))).Concat(Rulings()).ToEq())]
        );
    }

    private BriefSection Examples() =>
        new(
            "examples",
            Say("Worked examples", "Ejemplos resueltos"),
            shown.Count == 0 || u.Sheets[shown[0]].Components.Count == 0 ? [] : WorkedExamples().ToEq()
        );

    /// <summary>Entries whose examples differ are shown on a paper of their own, or side by side where they are few.</summary>
    private const int MostExamples = 2;

    /// <summary>Worked examples: a table for all entries with the same ones. Where many differ there is none, for one division’s would
    /// stand for the others.</summary>
    private IEnumerable<BriefBlock> WorkedExamples()
    {
        var tables = shown
            .Select(i => (Entry: i, Table: WorkedExamplesOf(i)))
            .Where(x => x.Table is not null)
            .GroupBy(x => x.Table!)
            .ToList();
        return tables.Count > MostExamples
            ? []
            : tables.Select(t =>
                t.Key with
                {
                    Caption = Words.Capital(
                        WhoOf(t.Select(x => u.Courses[x.Entry].Address), shown.Select(i => u.Courses[i].Address).ToList())
                    ),
                }
            );
    }

    private BriefBlock.Table? WorkedExamplesOf(int entry)
    {
        var (course, sheet) = (u.Courses[entry], u.Sheets[entry]);
        var samples = SampleRuns.Printed(u.Samples(entry, tongue), sheet.Components.Count);
        if (samples.Count == 0)
        {
            return null;
        }

        var named = sheet.Components.SelectMany(c =>
            new[] { Words.Capital(c.Label is null ? Say("score", "puntuación") : c.NameIn(tongue)), Say("Place", "Puesto") }
        );
        var rows = samples.Select(
            (s, n) =>
                Cited(
                    $"sample/{n}/{course.Address}",
                    new(
                        s.Results.SelectMany((r, i) => new[] { Published(r, sheet.Components[i]), Figure(s.Places[i]) })
                            .Prepend(Words.Capital(s.Label))
                            .ToEq()
                    )
                )
        );
        return new(null, ["", .. named], rows.ToEq());
    }

    /// <summary>The rules of every score as one entry has them.</summary>
    private IEnumerable<string> Sentences(int entry) =>
        u.Sheets[entry]
            .Components.SelectMany(c =>
                ScoreSentences
                    .Of(c, u.Sheets[entry], u.Courses[entry], tongue)
                    .Where(s => audience == Audience.ScoreDesk || s != ScoreSentences.AfterAll(tongue))
                    .Select(s => Cite($"score/{c.Label}/{u.Courses[entry].Address}", s))
            );

    private IEnumerable<string> Rulings() =>
        ScoreSentences
            .Rulings(u.Workout, tongue)
            .Concat(EntrySentences.Of(shown.Select(i => u.Courses[i].Address.Division), u.Workout, tongue))
            .Select(r => Cite("rulings", r));

    /// <summary>A result with the time that broke a tie, where there is one.</summary>
    private static string Published(ComponentResult r, ScoreComponent c) =>
        r.Text + (r.TieText is { } t && r.Class <= ResultClass.AtTheCap && c.Ties.Any(x => x is Tiebreak.TimeAtRound) ? $" ({t})" : "");
}
