using FairCompass.Core.Courses;
using FairCompass.Core.Kit;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;

namespace FairCompass.Core.Briefing;

/// <summary>The part of a card on which heaviest lifts are noted.</summary>
public sealed partial class BriefBuilder
{
    /// <summary>A row for each lift, as many as there are attempts; in a team with who lifted, and the best of each beside.</summary>
    private BriefSection Lifts(CoursePiece piece, Course course)
    {
        var lifters = piece.Piece.Seat is null && course.Address.Division.IsTeam ? course.Address.Division.Size : 1;
        var rules = LiftRules.Of(course, piece, null);
        var set = piece.Piece.SetOf > 1;
        var of = Cite($"form/set/{piece.Piece.SetOf}", Say($"Reps of {piece.Piece.SetOf}", $"Repeticiones de {piece.Piece.SetOf}"));
        Eq<string> head =
        [
            Say("Try", "Intento"),
            .. lifters > 1 ? [Say("Lifter", "Quién")] : Array.Empty<string>(),
            Say("Load", "Carga"),
            .. set ? [of] : Array.Empty<string>(),
            Say("Made", "Válido"),
            Say("Missed", "Fallado"),
            Say("Clock", "Reloj"),
        ];
        return new(
            "tries-" + piece.Piece.Key,
            Cite($"piece/{piece.Piece.Key}/{course.Address}", Words.Capital(piece.Piece.NameIn(tongue)))
                + Say(": every lift", ": cada levantamiento"),
            [
                .. piece.Tasks.Select(t => LiftWords.Complex(t.Source, tongue)).OfType<string>().Select(l => OneLift(piece, l)),
                new BriefBlock.Table(null, head, Rows()),
                .. OnTheBar(piece, course, rules) is { Length: > 0 } said ? [new BriefBlock.Paragraph(said)] : Array.Empty<BriefBlock>(),
                new BriefBlock.Blanks([
                    .. HasStart(piece, course, rules) ? [] : new[] { Say("Load at the start", "Carga al empezar") },
                    .. Bests(),
                ]),
            ]
        );

        Eq<BriefRow> Rows()
        {
            // With a limit each lifter has so many rows; without one there are as many as most use.
            var rows = rules?.Attempts is { } limit
                ? Enumerable.Range(1, limit * lifters).Select(n => (n, Seat: lifters > 1 ? ((n - 1) % lifters) + 1 : (int?)null))
                : Enumerable.Range(1, Math.Max(6, 3 * lifters)).Select(n => (n, Seat: (int?)null));
            return rows.Select(r => new BriefRow([
                    Cite("form/tries", Figure(r.n)),
                    .. lifters > 1 ? [r.Seat is { } s ? Cite("form/tries", tongue.Ordinal(s)) : ""] : Array.Empty<string>(),
                    "",
                    .. set ? [""] : Array.Empty<string>(),
                    "□",
                    "□",
                    "",
                ]))
                .ToEq();
        }

        IEnumerable<string> Bests() =>
            lifters > 1
                ?
                [
                    .. Enumerable
                        .Range(1, lifters)
                        .Select(n => Cite("form/tries", Say($"Best of the {tongue.Ordinal(n)}", $"Lo mejor del {tongue.Ordinal(n)}"))),
                    Say("Together, for the desk", "Suma, para la mesa"),
                ]
                : [Say("Best good lift", "Mejor válido")];
    }

    private static bool HasStart(CoursePiece piece, Course course, LiftRules? rules) =>
        course.MembersOf(piece.Piece).Select((m, i) => m.Seat ?? i + 1).Any(seat => rules?.StartOf(seat) is not null);

    /// <summary>What is on the bar at the start, where it is said, and the heaviest that the lane can make.</summary>
    private string OnTheBar(CoursePiece piece, Course course, LiftRules? rules)
    {
        string Said(decimal mass) => new Mass(mass, u.Competition.Unit).ToString();
        var members = course.MembersOf(piece.Piece).Select((m, i) => (Who: m, Seat: m.Seat ?? i + 1)).ToList();
        var starts = members.Select(m => (m.Seat, Load: rules?.StartOf(m.Seat))).Where(m => m.Load is not null).ToList();
        var key = $"lift/{piece.Piece.Key}/{course.Address}";
        var said = new List<string>();
        if (starts.Count > 0)
        {
            var each = starts
                .GroupBy(s => s.Load!.Value)
                .Select(g => Said(g.Key) + (g.Count() == members.Count ? "" : $" ({tongue.Join(g.Select(s => tongue.Ordinal(s.Seat)))})"));
            said.Add(Cite(key, Say("On the bar at the start: ", "En la barra al empezar: ") + string.Join(", ", each) + "."));
        }

        if (
            rules is not null
            && u.Competition.Kit.Plates.Count > 0
            && Book.Find(rules.Task.Prescription.Movement.Value) is { Kit: MovementKit.Barbell }
        )
        {
            var bar = rules.Task.Prescription.Bar?.Value;
            var most = members.Select(m => BarLoads.All(u.Competition.Kit.Bar(m.Who.Duty, bar), u.Competition.Kit)[^1]).Distinct().Order();
            said.Add(
                Cite(
                    key,
                    Say("Plates of the lane end at ", "Los discos de la calle llegan a ") + string.Join(" / ", most.Select(Said)) + "."
                )
            );
        }

        return string.Join(' ', said);
    }

    /// <summary>What one lift of a complex is.</summary>
    private BriefBlock.Paragraph OneLift(CoursePiece piece, string lifts) =>
        new BriefBlock.Paragraph(
            Cite(
                $"complex/{piece.Tasks[0].Source.At.Line}",
                Say(
                    $"One lift is {lifts}, in this order, before the bar is put down.",
                    $"Un levantamiento es {lifts}, en este orden, sin soltar la barra."
                )
            )
        );
}
