using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;

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

    /// <summary>The rule of one score as a poster has it: what it is, the cap, the tie.</summary>
    public static Eq<string> InShort(ScoreComponent c, ScoreSheet sheet, Course course, Tongue tongue)
    {
        var wanted = Of(c, sheet, course, tongue);
        var term = c.Word == "m" ? Term.Metre : Term.Of(c.Word);
        string[] kept = [wanted[0], .. CapSentence(c, course.Piece(c.Pieces[0])!, term, tongue), TieRule(c, sheet, tongue)];
        return wanted.Where(kept.Contains).ToEq();
    }

    /// <summary>How trying without a height made ranks.</summary>
    private static string NoHeight(Tongue tongue) =>
        tongue.Say(
            "Tried without a height made ranks before zero, zero before not reached.",
            "Intentar sin altura válida queda delante de cero; cero, delante de no haber llegado."
        );
}
