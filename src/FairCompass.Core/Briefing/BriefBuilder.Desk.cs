using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Briefing;

/// <summary>The sheet of the desk that reads the cards.</summary>
public sealed partial class BriefBuilder
{
    private IEnumerable<BriefSection> Desk() => shown.Count == 0 ? [] : [Scoring(), Examples(), .. CheckSums(), Writing(), SendBack()];

    /// <summary>The most that a card can say, and beside it the whole distance and the calories that stand behind it.</summary>
    private IEnumerable<BriefSection> CheckSums()
    {
        var rows = shown
            .SelectMany(i =>
                u.Courses[i]
                    .Pieces.Where(p => p.Strand is { TooLarge: false, Units: not null })
                    .Select(p =>
                        (
                            Who: u.Courses[i].Address,
                            p.Piece.Key,
                            Part: p.Piece.IsNamed ? p.Piece.NameIn(tongue) : Say("all the work", "todo el trabajo"),
                            Units: Figure(p.Strand!.AllCounted!.Value) + Behind(p, p.Strand),
                            Rounds: p.Strand.Rounds is { } n && n > 1 ? Figure(n) : "–"
                        )
                    )
            )
            .ToList();
        if (rows.Count > 0)
        {
            // Entries of the same totals stand in one row.
            var grouped = rows.GroupBy(r => (r.Part, r.Units, r.Rounds))
                .Select(g =>
                    Cited(
                        $"sums/{g.First().Key}/{g.First().Who}",
                        new([
                            WhoOf(g.Select(r => r.Who), shown.Select(i => u.Courses[i].Address).ToList()),
                            g.Key.Part,
                            g.Key.Units,
                            g.Key.Rounds,
                        ])
                    )
                );
            yield return new(
                "sums",
                Say("Check sums: no card can say more", "Sumas de control: ninguna tarjeta puede decir más"),
                [
                    new BriefBlock.Table(
                        null,
                        [
                            Say("Entry", "Inscripción"),
                            Say("Part", "Parte"),
                            Say("Counted in all", "Contado en total"),
                            Say("Rounds", "Rondas"),
                        ],
                        grouped.ToEq()
                    ),
                ]
            );
        }
    }

    private BriefSection SendBack() =>
        new(
            "refuse",
            Say("Send a card back when", "Devuelve una tarjeta si"),
            [
                new BriefBlock.Points([
                    Say(
                        "a time is after the cap, or a tie-break time is after the finish",
                        "un tiempo es posterior al tope, o un tiempo de desempate posterior al final"
                    ),
                    Say(
                        "all units are done and there is no time, or there is a time and units are missing",
                        "están hechas todas las unidades y falta el tiempo, o hay tiempo y faltan unidades"
                    ),
                    Say("a signature, the division, the lane or the heat is missing", "falta una firma, la división, la calle o la tanda"),
                    Say(
                        "its code is not the code of this page: another version was judged",
                        "su código no es el de esta hoja: se juzgó otra versión"
                    ),
                ]),
            ]
        );

    /// <summary>Distance and calories that are performed for a count which is not one for one.</summary>
    private string Behind(CoursePiece piece, Strand strand)
    {
        if (strand.AllCounted == strand.Units)
        {
            return "";
        }

        var metres = strand.Total(Tally.Millimetres) ?? 0;
        var calories = strand.Total(Tally.Calories) ?? 0;
        var parts = new[]
        {
            metres > 0 ? Say($"{Number.Normal(metres / 1000m)} m performed", $"{Number.Normal(metres / 1000m)} m hechos") : "",
            calories > 0 ? Say($"{calories} calories performed", $"{calories} calorías hechas") : "",
        };
        return string.Concat(parts.Where(p => p.Length > 0).Select(p => "; " + p));
    }
}
