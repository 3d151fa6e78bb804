using FairCompass.Core.Courses;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Text;

namespace FairCompass.Core.Briefing;

/// <summary>The part of a card on which heights that rise are noted.</summary>
public sealed partial class BriefBuilder
{
    // A field that starts together is through in about as many (common practice).
    private const int HeightRows = 10;

    /// <summary>A row for each height, with a box for each try: O for made, X for missed.</summary>
    private BriefSection Heights(CoursePiece piece, Course course)
    {
        var rules = LiftRules.Of(course, piece, null);
        var tries = Math.Clamp(rules?.Misses?.N ?? 3, 1, 6);
        var heights = rules?.Rising is { First: { } first, By: { } by }
            ? Enumerable.Range(0, HeightRows).Select(n => (decimal?)(first + (n * by)))
            : Enumerable.Repeat<decimal?>(null, HeightRows);
        var from = $"rising/{piece.Piece.Key}/{course.Address}";
        return new(
            "tries-" + piece.Piece.Key,
            Cite($"piece/{piece.Piece.Key}/{course.Address}", Words.Capital(piece.Piece.NameIn(tongue)))
                + Say(": every height", ": cada altura"),
            [
                new BriefBlock.Table(
                    Say(
                        "O made, X missed, – passed. Higher ones go on the back.",
                        "O válido, X fallado, – sin intentar. Las más altas van al dorso."
                    ),
                    [
                        Say("Height, cm", "Altura, cm"),
                        .. Enumerable.Range(1, tries).Select(n => Cite(from, Say($"Try {n}", $"Intento {n}"))),
                    ],
                    heights
                        .Select(h => new BriefRow([
                            h is { } height ? Cite(from, Number.Normal(height)) : "____",
                            .. Enumerable.Repeat("□", tries),
                        ]))
                        .ToEq()
                ),
                .. rules?.Misses is { } misses ? [new BriefBlock.Paragraph(Cite(from, OverWith(misses)))] : Array.Empty<BriefBlock>(),
                new BriefBlock.Blanks([
                    Say("Last height made", "Última altura válida"),
                    Say("Misses at it", "Fallos en ella"),
                    Say("Misses up to it in all", "Fallos hasta ella en total"),
                ]),
            ]
        );
    }

    private string OverWith(Workouts.Detail.Misses misses) =>
        misses.InARow
            ? Say(
                $"Over with {Words.Count(misses.N, "miss", "misses")} in a row, at whichever height; a made one begins the count anew.",
                $"Se acaba con {tongue.Count(misses.N, Languages.Term.Miss)} {(misses.N == 1 ? "seguido" : "seguidos")}, a la altura "
                    + "que sea; una altura válida empieza la cuenta de nuevo."
            )
            : Say(
                $"Over with {Words.Count(misses.N, "miss", "misses")} in all.",
                $"Se acaba con {tongue.Count(misses.N, Languages.Term.Miss)} en total."
            );
}
