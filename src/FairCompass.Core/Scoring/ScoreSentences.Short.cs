using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;

namespace FairCompass.Core.Scoring;

/// <content>Fewer sentences, for papers on which not all are needed.</content>
public static partial class ScoreSentences
{
    /// <summary>Who stands behind all results: the desk ranks them, no judge and no athlete needs it.</summary>
    public static string AfterAll(Tongue tongue) =>
        tongue.Say(
            "After all results come withdrawn, then did not start.",
            "Detrás de todos los resultados van los retirados y después quienes no salieron."
        );

    /// <summary>The rule of one score as a poster has it: one sentence that says what it is, the cap, the tie.</summary>
    public static string OnPoster(ScoreComponent c, ScoreSheet sheet, Course course, Tongue tongue)
    {
        var whole = Of(c, sheet, course, tongue)[0];
        // How finely a time is read is the desk’s.
        var what = whole.Split(". ")[0].TrimEnd('.').Replace(", " + Resolution(sheet, tongue), "", StringComparison.Ordinal);
        var term = c.Word == "m" ? Term.Metre : Term.Of(c.Word);
        string[] parts =
        [
            what,
            .. c.Measured == Measured.Time ? [Unfinished(c, course, term, tongue)] : Array.Empty<string>(),
            Words.Lower(Decides(c, sheet, tongue)),
        ];
        return string.Join("; ", parts) + ".";
    }

    private static string Unfinished(ScoreComponent c, Course course, Term term, Tongue tongue) =>
        c.Selection is not null ? Words.Lower(string.Join(' ', CapSentence(c, course.Piece(c.Pieces[0])!, term, tongue)).TrimEnd('.'))
        : c.Cap is CapRule.Penalty p
            ? tongue.Say(
                $"who does not finish gets {course.Piece(c.Pieces[0])!.Limit?.Longest} plus {p.Each} for each missing {c.Word}",
                $"quien no termina recibe {course.Piece(c.Pieces[0])!.Limit?.Longest} más {p.Each} por cada {term.One.Spanish} que falta"
            )
        : c.Cap is CapRule.CapLine
            ? tongue.Say(
                $"who does not finish ranks behind, by {c.Words} done",
                $"quien no termina va detrás, por {term.Many.Spanish} {(term.Feminine ? "hechas" : "hechos")}"
            )
        : AtTheCap(c, course.Piece(c.Pieces[0])!.Limit ?? new Limit(Duration.Zero, []), term, tongue).TrimEnd('.');

    /// <summary>How trying without a height made ranks.</summary>
    private static string NoHeight(Tongue tongue) =>
        tongue.Say(
            "Tried without a height made ranks before zero, zero before not reached.",
            "Intentar sin altura válida queda delante de cero; cero, delante de no haber llegado."
        );
}
